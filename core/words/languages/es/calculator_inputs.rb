# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Total input
    Potencia total
  Room volume
    Volumen del cuarto
  Unknown
    No se sabe
  Existing area
    Área que hay
  Inspections
    Inspecciones
  Fitted on
    Puesto el
  Mass
    Masa
  Alloy
    Aleación
  Magnesium
    Magnesio
  Aluminium
    Aluminio
  Current
    Corriente
  Mixed
    Mezclada
  Flow
    Caudal
  Power
    Potencia
  Voltage
    Voltaje
  Phase
    Fases
  Fuel
    Combustible
  Natural
    Natural
  Propane
    Propano
  Plate input
    Potencia de la placa
  Heating value
    Poder calorífico
  Altitude
    Altura
  Volume
    Volumen
  Efficiency
    Rendimiento
  Readings
    Lecturas
  Vessel volume
    Volumen del tanque de expansión
  Supply pressure
    Presión de la red
  Compliance
    Lo que cede
  Flow temperature
    Temperatura de ida
  Return temperature
    Temperatura de retorno
  Tank temperature
    Temperatura del tanque
  Rated power
    Potencia de la placa
  Rated flow
    Caudal de la placa
  Opens to
    Da a
  Inside
    Adentro
  Inside storeys
    Adentro, otro piso
  Outdoors direct
    Afuera, directo
  Outdoors horizontal
    Afuera, horizontal
  Outdoors single
    Afuera, una sola
  Joined volume
    Volumen unido
  Connectors
    Conectores
  Louvre
    Rejilla
  Wood
    Madera
  Metal
    Metal
  Direct vent
    Ventilación directa
  Value
    Valor
  To
    A
  From
    De
  Outlet
    Salida
  Length
    Largo
  Bends
    Codos
  Shared
    Compartido
  Fraction
    Fracción
  Tank height
    Altura del tanque
  Outlet diameter
    Diámetro de salida
  Hose length
    Largo de la manguera
  Hose diameter
    Diámetro de la manguera
  Fall
    Caída
  Relief temperature
    Temperatura del alivio
  Begins
    Empieza
  Heating
    Calentando
  Before
    Antes
  First drop
    Primera gota
  Drops
    Gotas
  Warm
    Tibia
  Rated voltage
    Voltaje de la placa
  Resistance
    Resistencia eléctrica
  Supply voltage
    Voltaje de alimentación
  Earth resistance
    Resistencia a tierra
  Maximum pressure
    Presión máxima
  Dial volume
    Volumen por vuelta
  Seconds
    Segundos
  Plate basis
    Base de la placa
  Gross
    Bruta
  Net
    Neta
  Plate manifold
    Múltiple de la placa
  Minimum inlet
    Entrada mínima
  Maximum inlet
    Entrada máxima
  Lock up
    Presión de cierre
  Meter working
    Medidor, en marcha
  Appliance working
    Aparato, en marcha
  Share
    Parte
  Cop
    COP
  Heat power
    Potencia de calor
  Draw
    Consumo
  Gas efficiency
    Rendimiento del gas
  Price
    Precio
  Gas price
    Precio del gas
  Stored
    Almacenada
  Usable fraction
    Fracción útil
  Tap flow
    Caudal de la llave
  Net input
    Potencia neta
  Kind
    Clase
  Thermocouple
    Termopar
  Thermopile
    Termopila
  Open circuit
    Circuito abierto
  Loaded
    Con carga
  Loaded minimum
    Mínimo con carga
  Eco continuity
    Continuidad del corte
  Untested
    Sin probar
  Pipe
    Tubo
  Conductivity
    Conductividad
  Room
    Cuarto
  Hours
    Horas
  Rise
    Subida
  Heater input
    Potencia del calentador
  Working pressure
    Presión de trabajo
  Old set pressure
    Presión de la vieja
  Old set temperature
    Temperatura de la vieja
  Old rating
    Capacidad de la vieja
  Old thread
    Rosca de la vieja
  Old probe length
    Sonda de la vieja
  Old shank length
    Vástago de la vieja
  New set pressure
    Presión de la nueva
  New set temperature
    Temperatura de la nueva
  New rating
    Capacidad de la nueva
  New thread
    Rosca de la nueva
  New probe length
    Sonda de la nueva
  New shank length
    Vástago de la nueva
  Hardness
    Dureza
  Source of heat
    Fuente de calor
  Element
    Resistencia
  Years
    Años
  Samples
    Muestras
  Tolerance
    Tolerancia
  Hold
    Reposo
  Conductance
    Conductancia
  Head
    Carga de agua
  Free area
    Área libre
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Rate
    Ritmo
  Replace by
    Cambiar antes de
  Hot share
    Parte caliente
  Cold share
    Parte fría
  Hot flow
    Caudal caliente
  Cold flow
    Caudal frío
  Continuous current
    Corriente continua de servicio
  Minimum breaker
    Breaker mínimo
  Maximum breaker
    Breaker máximo
  Conductor
    Conductor
  Gas rate
    Caudal de gas
  Diameter
    Diámetro
  Otherwise
    De otro modo
  Words
    En palabras
  Taken up
    Absorbido
  Vessel seen
    Tanque de expansión visto
  Time to relief
    Tiempo hasta el alivio
  Series
    Serie
  Expanded at relief
    Expansión al llegar al alivio
  Peak pressure
    Presión máxima alcanzada
  Effectiveness
    Eficacia
  Required volume
    Volumen necesario
  Openings
    Aberturas
  Opening area
    Área de la abertura
  D1 size
    Medida de D1
  D2 size
    Medida de D2
  Resistance used
    Resistencia usada
  Resistance allowed
    Resistencia admitida
  Time
    Tiempo
  Flow start
    Caudal al principio
  Flow end
    Caudal al final
  Chances
    Probabilidades
  Opens recorded
    Abre, con el del registro
  Opens without
    Abre, sin tanque de expansión
  Opens too hot
    Abre, demasiado caliente
  Growing
    Lo que crece
  Expected resistance
    Resistencia esperada
  Deviation
    Desviación
  Power at supply
    Potencia con esta alimentación
  Expanded volume
    Volumen de expansión
  Acceptance fraction
    Fracción de aceptación
  Minimum volume
    Volumen mínimo
  Input
    Potencia
  Allowed input
    Potencia admitida
  Drop
    Caída
  Manifold deviation
    Desviación del múltiple
  Heat pump cop
    COP de la bomba de calor
  Energy into water
    Energía al agua
  Energy electric
    Energía eléctrica
  Year heat pump
    Año, bomba de calor
  Year element
    Año, resistencias
  Year gas
    Año, gas
  Cost heat pump
    Costo, bomba de calor
  Cost element
    Costo, resistencias
  Cost gas
    Costo, gas
  Energy
    Energía
  Mixed volume
    Volumen mezclado
  Shower time
    Tiempo de ducha
  Next test
    Prueba siguiente
  Per metre
    Por metro
  Loss
    Pérdida
  Year
    Año
  Saved by insulating
    Ahorro por aislar
  Saved by hours
    Ahorro por horario
  Cost
    Costo
  Flow per hour
    Caudal por hora
  Criteria
    Criterios
  Grade
    Grado
  Caution
    Cuidado
  Mass least
    Masa mínima
  Mass most
    Masa máxima
  Thickness least
    Grosor mínimo
  Thickness most
    Grosor máximo
  Flush every
    Enjuagar cada
  Spread
    Dispersión
  Settled at
    En reposo a
  Wall conductance
    Conductancia de la pared
  Energy above boiling
    Energía sobre la ebullición
  Flash fraction
    Fracción que se evapora
  Steam volume
    Volumen de vapor
  Suiting supply
    Red que conviene
  Cheaper
    Más barato
  Vent rise
    Subida del respiradero
  Hot pressure
    Presión caliente
  Margin
    Margen
  Water before
    Agua antes
  Water after
    Agua después
  Density
    Densidad
  Specific heat
    Calor específico
  Vapour pressure
    Presión de vapor
  absolute pressure
    presión absoluta
  gas pressure
    presión de gas
  temperature difference
    diferencia de temperatura
  element power
    potencia de resistencia
  energy
    energía
  flow
    caudal
  hourly flow
    caudal por hora
  current
    corriente
  resistance
    resistencia
  time
    tiempo
  density
    densidad
  specific heat
    calor específico
  bore
    diámetro interior
  run
    largo de tubo
  altitude
    altura
  gas volume
    volumen de gas
  gas flow
    caudal de gas
  heating value
    poder calorífico
  generator voltage
    voltaje del generador
  conductance
    conductancia
  mass
    masa
  area
    área
  carbon dioxide
    dióxido de carbono
  carbon monoxide
    monóxido de carbono
  compliance
    lo que cede
  number
    número
  temperature
    temperatura
  pressure
    presión
TEXTS

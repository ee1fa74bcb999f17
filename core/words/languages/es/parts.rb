# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Water entry
    Entrada de agua
  Pressure regulator
    Regulador de presión
  Backflow preventer
    Preventor de reflujo
  Inlet valves
    Válvulas de entrada
  Draft hood
    Campana de tiro
  Cold shut-off
    Cierre agua fría
  Expansion tank
    Tanque de expansión
  Air space
    Espacio de aire
  Hot outlet
    Salida caliente
  Recirculation pump
    Bomba de recirculación
  Anode
    Ánodo
  Dip tube
    Tubo de inmersión
  T&P valve
    Válvula T&P
  Expansion relief
    Alivio de expansión
  Air gap fitting
    Separación de aire
  Discharge pipe
    Tubo de descarga
  Upper element
    Resistencia superior
  Lower element
    Resistencia inferior
  Back-up element
    Resistencia de apoyo
  High limit
    Límite alto
  Thermostat
    Termostato
  Disconnect
    Desconectador
  Zone valve
    Válvula de zona
  Zone controls
    Controles de zona
  Coil
    Serpentín
  Tank
    Tanque
  Gas control
    Control de gas
  Gas shut-off
    Llave de gas
  Burner
    Quemador
  Drain pan
    Bandeja
  Hot faucet
    Llave caliente
  Discharge end
    Fin de descarga
  The site
    El lugar
  Water heater
    Calentador de agua
  expansion tank
    tanque de expansión
  a small tank that takes up the water's growth when it heats
    un pequeño tanque que recoge lo que crece el agua al calentarse
  the safety valve that opens if pressure or temperature go too high
    la válvula de alivio que abre si la presión o la temperatura suben demasiado
  charge
    presión de aire
  the air pressure in the expansion tank
    la presión de aire del tanque de expansión
  pressure regulator
    regulador de presión
  the device that lowers the street's water pressure
    el dispositivo que baja la presión del agua de la calle
  Mains entry
    Entrada de la red
  Reducing valve
    Válvula reductora
  Check valve
    Válvula de retención
  Inlet group
    Grupo de entrada
  Draught diverter
    Cortatiro
  Isolating valve
    Válvula de cierre
  Expansion vessel
    Vaso de expansión
  Air bubble
    Burbuja de aire
  Return pump
    Bomba de retorno
  Inlet diffuser
    Difusor de entrada
  T&P relief
    Alivio T&P
  Tundish
    Embudo
  D1 and D2
    D1 y D2
  Upper immersion
    Resistencia superior
  Lower immersion
    Resistencia inferior
  Immersion
    Resistencia
  Energy cut-out
    Corte térmico
  Isolation
    Desconexión
  Two-port valve
    Válvula de dos vías
  Programmer
    Programador
  Cylinder
    Cilindro
  Gas valve
    Llave de gas
  Drip tray
    Bandeja
  Hot tap
    Llave caliente
  End of D2
    Extremo de D2
  The premises
    La vivienda
  expansion vessel
    vaso de expansión
  a small vessel that takes up the water's growth when it heats
    un pequeño vaso que recoge lo que crece el agua al calentarse
  temperature and pressure relief valve
    válvula de alivio de temperatura y presión
  the last safety valve: it opens if the stored water becomes far too hot or its pressure too high
    la última válvula de alivio: abre si el agua guardada se calienta demasiado o su presión sube
      demasiado
  expansion relief valve
    válvula de alivio de expansión
  the safety valve that opens first if pressure rises when the water heats
    la válvula de alivio que abre primero si la presión sube al calentarse el agua
  tundish
    embudo
  the open funnel in which you can see whether a safety valve is letting water go
    el embudo abierto en el que se ve si una válvula de alivio suelta agua
  the air pressure in the expansion vessel
    la presión de aire del vaso de expansión
  the switch that stops the heat if the thermostat fails; it must be reset by hand
    el corte que detiene el calor si falla el termostato; se restablece a mano
  pressure reducing valve
    válvula reductora de presión
  the device that lowers the pressure of the mains
    el dispositivo que baja la presión de la red
  {Cut_out}
    {Cut_out}
  {Regulator}
    Regulador de presión
  energy cut-out
    corte térmico
  {count} bend
    {count} codo
  {count} bends
    {count} codos
TEXTS

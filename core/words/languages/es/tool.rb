# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Somebody else is writing just now: send it again in a moment.
    Otra persona está escribiendo en este momento: envíelo otra vez en un instante.
  tax must be a percentage such as 8.25, or 0.
    tax debe ser un porcentaje como 8.25, o 0.
  Part left
    Parte que queda
  replace at
    cambiar a
  Continuous, 125 %
    Continuo, 125 %
  At most
    Máximo
  as recorded
    como en el registro
  with this vessel
    con este tanque de expansión
  without a vessel
    sin tanque de expansión
  clean, by its rating
    limpio, según su placa
  This room {room_volume}; dashed: what the burners want
    Este cuarto {room_volume}; de rayas: lo que piden los quemadores
  1 opening of {area} each
    1 abertura de {area}
  {count} openings of {area} each
    {count} aberturas de {area} cada una
  D2: beyond the table
    D2: más allá de la tabla
  {used} m used of {allowed} m: {length} m of pipe, {to_i} bends
    {used} m usados de {allowed} m: {length} m de tubo, {to_i} codos
  with this fall
    con esta caída
  on the level
    a nivel
  next size
    tamaño siguiente
  nothing burning, pilot, burner
    nada encendido, piloto, quemador
  meter, appliance
    medidor, aparato
  least inlet
    entrada mínima
  the tank
    el tanque
  Good from
    Bien desde
  at most
    máximo
  at least
    mínimo
  A coil heater
    Un calentador de serpentín
  An electric heater
    Un calentador eléctrico
  A gas heater
    Un calentador de gas
  A heat pump
    Una bomba de calor
  A direct cylinder
    Un tanque directo
  A heat pump cylinder
    Un tanque con bomba de calor
  An indirect cylinder
    Un tanque indirecto
  has no gas input; give its elements or its coil
    no tiene potencia de gas; dar sus resistencias o su serpentín
  burns no gas
    no quema gas
  has no draft hood
    no tiene campana de tiro
  has no flue
    no tiene ducto de gases
  has no burner to ignite
    no tiene quemador que encender
  has no gas manifold
    no tiene múltiple de gas
  has no burner that thin air could starve
    no tiene quemador al que le falte aire en la altura
  has no gas input
    no tiene potencia de gas
  has no boiler coil
    no tiene serpentín de caldera
  has no back-up immersion
    no tiene resistencia de respaldo
  has no compressor
    no tiene compresor
  has no element
    no tiene resistencia
  has no such element; give its input, its coil or its back-up immersion
    no tiene tal resistencia; dar su potencia, su serpentín o su resistencia de respaldo
  has one thermostat, or none of its own
    tiene un solo termostato, o ninguno propio
  carbon monoxide alarms
    alarmas de monóxido de carbono
  G3, tundish
    G3, embudo
  G3, soil stack
    G3, bajante
  G3, low level
    G3, nivel bajo
  G3, high level
    G3, nivel alto
  G3, discharge pipes
    G3, tubos de descarga
  G3, safe and visible
    G3, segura y a la vista
  G3, non-self-resetting cut-out
    G3, corte sin restablecimiento propio
  flues and air supply
    ductos y aire de combustión
  G3, safety devices
    G3, dispositivos de seguridad
  it will not limit
    no limitará
  cold can run back through the return
    la fría puede volver por el retorno
  G3, inlet group
    G3, grupo de entrada
  G3, marking
    G3, rotulado
  The log has {size} rows; at least {fewest} with time and pressure are needed.
    El registro tiene {size} filas; hacen falta {fewest} o más con hora y presión.
  The log's times do not go on: every row has the same.
    Las horas del registro no avanzan: todas las filas tienen la misma.
  a supply that falls far while others draw, or a pipe too narrow for what runs
    una red que cae mucho cuando otros sacan agua, o un tubo demasiado angosto para lo que corre
  P2903.5 water hammer
    P2903.5 golpe de ariete
  A pilot flame that warms a tank with nowhere to expand does the same: watch it with the heat off.
    Una llama de piloto que calienta un tanque sin dónde expandirse hace lo mismo: observarlo con el
      calor apagado.
  {start} to {extreme} in {minutes}, {rate}{lifted}.
    {start} a {extreme} en {minutes}, {rate}{lifted}.
  {start} to {extreme} in {hours} without use, {rate}.
    {start} a {extreme} en {hours} sin uso, {rate}.
  Down to {extreme} for {minutes}.
    Baja a {extreme} durante {minutes}.
  A bang: {start} to {extreme} and back within {seconds} s.
    Un golpe: {start} a {extreme} y de vuelta en {seconds} s.
  ; the {first_relief} may have opened
    ; {first_relief} puede haber abierto
  ; the {first_relief} opened
    ; {first_relief} abrió
  {count} times
    {count} veces
  Stands at {static} when nothing runs; lowest {lowest}, highest {highest} in {hours}.
    Está en {static} cuando nada corre; lo más bajo {lowest}, lo más alto {highest} en {hours}.
  Never above {at_most}.
    Nunca por encima de {at_most}.
  {minutes} above {at_most}, {percent} % of the time.
    {minutes} por encima de {at_most}, el {percent} % del tiempo.
  No rise with heating that the rows could show.
    Ninguna subida al calentar que las filas pudieran mostrar.
  Rises with heating {times}, at most {worst}
    Sube al calentar {times}, a lo más {worst}
  Climbs slowly without use {times}, at most {worst}
    Sube despacio sin uso {times}, a lo más {worst}
  The {relief} opens on {lifts} of them.
    {relief} abre en {lifts} de ellas.
  Falls far below its level {times}, at most {sentence}
    Cae mucho por debajo de su nivel {times}, a lo más {sentence}
  Water hammer {times}, at most {sentence}
    Golpe de ariete {times}, a lo más {sentence}
  water hammer, which lasts milliseconds
    golpe de ariete, que dura milisegundos
  anything shorter than {minutes}
    nada más corto que {minutes}
  dips, nor for certain how low it stands between two rises
    caídas, ni con certeza lo bajo que queda entre dos subidas
  a night: it is shorter than 12 hours
    una noche: dura menos de 12 horas
  A row every {interval} cannot show: {what}.
    Una fila cada {interval} no puede mostrar: {what}.
  one gap
    un hueco
  {size} gaps
    {size} huecos
  what happened in {count} of {minutes} together
    lo que pasó en {count} de {minutes} en total
  Multimeter, volts
    Multímetro, voltios
  Multimeter, ohms
    Multímetro, ohmios
  Insulation tester, 500 V
    Medidor de aislamiento, 500 V
  Two-pole tester with proving unit
    Probador de dos polos con unidad de comprobación
  Combustion analyser, CO
    Analizador de combustión, CO
  Combustion analyser, CO2
    Analizador de combustión, CO2
  Tire gauge
    Manómetro de llantas
  {rule} ({level})
    {rule} ({level})
  {what} ({standing})
    {what} ({standing})
  {Element}, ohms
    Resistencia, ohmios
  Lower {element}, ohms
    Resistencia inferior, ohmios
  Drop in the gas pipe
    Caída en el tubo de gas
  Manifold pressure
    Presión del múltiple
  Anode left, 0 to 1
    Ánodo que queda, de 0 a 1
  Sediment, 0 clear to 3 heavy
    Sedimento, de 0 limpio a 3 mucho
  Flush again within {months} months.
    Enjuagar otra vez dentro de {months} meses.
  Coil's effectiveness, 0 to 1
    Eficacia del serpentín, de 0 a 1
  {Vessel}'s charge
    Presión de aire del tanque de expansión
  Hot peak as found
    Pico caliente como se encontró
  {Relief_valve}s at their lever test
    Válvulas T&P en su prueba de palanca
  since they were last lifted, or fitted
    desde que se levantaron por última vez, o se pusieron
  Anodes, until a quarter or less is left
    Ánodos, hasta que queda un cuarto o menos
  since they were fitted
    desde que se pusieron
  Charge of expansion vessels
    Presión de aire de tanques de expansión
  since it was last read or set
    desde que se leyó o ajustó por última vez
  Heating elements
    Resistencias
  There is no “{unknown}” in {at}; there are: {known}.
    No existe “{unknown}” en {at}; existen: {known}.
  a visit
    una visita
  “{name}” is no decision.
    “{name}” no es una decisión.
  version must be one of: {known}.
    version debe ser una de: {known}.
TEXTS

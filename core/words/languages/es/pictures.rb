# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
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
  No fault “{name}” can be simulated; there are: {known}.
    No se puede simular la falla “{name}”; existen: {known}.
  {name} cannot happen on a {kind}.
    {name} no puede pasar en un {kind}.
  There is no instrument “{id}”; there are: {known}.
    No existe el instrumento “{id}”; existen: {known}.
  The {instrument} cannot be connected to “{point}”; it can be to: {known}.
    {instrument} no se puede conectar a “{point}”; se puede a: {known}.
  MEAS? takes seconds from 0 to 3600, got '{text}'.
    MEAS? toma segundos de 0 a 3600, se dio '{text}'.
  As it should be
    Como debe ser
  The {regulator} is lost
    Falla el regulador
  The {vessel} is lost as well
    Falla también el tanque de expansión
  The {expansion_relief} does not move either
    Tampoco se mueve la válvula de alivio de expansión
  The {acts} acts.
    Actúa: {acts}.
  Nothing has to act.
    Nada tiene que actuar.
  It was refused, and nothing came of it.
    Se rechazó, y no pasó nada.
  Dry, the element glows after about {seconds} s and burns out: the tank is drained again for a new
      one.
    En seco, la resistencia se pone al rojo en unos {seconds} s y se quema: el tanque se vacía otra
      vez para poner una nueva.
  {volts} V were on the terminals: what is not proved dead kills. The tester is proved before and
      after.
    Había {volts} V en los terminales: lo que no se comprueba sin voltaje mata. El probador se
      comprueba antes y después.
  Unlit, this burner lets out {litres} L of gas in five minutes: enough to flash when the spark
      comes.
    Sin encender, este quemador suelta {litres} L de gas en cinco minutos: basta para un fogonazo
      cuando llega la chispa.
  A burner under an empty tank cracks its glass and overheats the steel: the tank is finished.
    Un quemador bajo un tanque vacío raja su vidrio y sobrecalienta el acero: el tanque se acabó.
  The gauge would have shown the water's {water}, not the charge: the charge is read with the water
      at zero.
    El manómetro habría mostrado los {water} del agua, no la presión de aire: esta se lee con el
      agua en cero.
  {pressure} behind the joint, and water of {temperature}: it burns after {words}.
    {pressure} detrás de la unión, y agua a {temperature}: quema en {words}.
  Heated with nowhere for the water to go, the tank reaches {reached} within an hour and a half; the
      relief valve had to let go.
    Calentado sin adónde ir el agua, el tanque alcanza {reached} en una hora y media; la válvula de
      alivio tuvo que soltar.
  Heated with nowhere for the water to go, the tank reaches {reached} within an hour and a half.
    Calentado sin adónde ir el agua, el tanque alcanza {reached} en una hora y media.
  scenario must be an object of named fields.
    scenario debe ser un objeto de campos con nombre.
  There is no field “{strange}”; there are: {known}.
    No existe el campo “{strange}”; existen: {known}.
  must be a whole number from 1 (easy) to 5
    debe ser un número entero de 1 (fácil) a 5
  must be a whole number
    debe ser un número entero
  must name at least one fault, such as {"vessel_flat": 1.0}
    debe nombrar una falla o más, como {"vessel_flat": 1.0}
  must be an object of named fields
    debe ser un objeto de campos con nombre
  Wanted: {area}
    Hace falta: {area}
  There: {area}
    Hay: {area}
  energy cut-off
    corte de energía
  is missing
    falta
  Comes to {bound} about {likely} ({earliest} to {latest}).
    Llega a {bound} hacia {likely} ({earliest} a {latest}).
  Will have come to {bound} about {likely} ({earliest} to {latest}): look again now.
    Habrá llegado a {bound} hacia {likely} ({earliest} a {latest}): mirar otra vez ahora.
  One reading so far.
    Una sola lectura hasta ahora.
  Too few readings between what was done.
    Demasiado pocas lecturas entre lo que se hizo.
  No change that the readings could show.
    Ningún cambio que las lecturas pudieran mostrar.
  {percent} % down since {year}.
    {percent} % menos desde {year}.
  {percent} % up since {year}.
    {percent} % más desde {year}.
  {quantity} on {on}
    {quantity} el {on}
  {readings} stands apart: a wrong reading, or something new. Read it again.
    {readings} se aparta: una lectura equivocada, o algo nuevo. Leer otra vez.
  {max} min
    {max} min
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  How much air from outdoors do the burners want? (Canada)
    ¿Cuánto aire de afuera necesitan los quemadores? (Canadá)
  of all appliances with natural draft that take air from here
    de todos los aparatos de tiro natural que toman aire de aquí
  with rooms joined by openings without doors
    con los cuartos unidos por aberturas sin puerta
  vapour barrier, sealed windows and doors; unknown counts as tight
    barrera de vapor, ventanas y puertas selladas; si no se sabe, cuenta como hermética
  free area of the opening there is
    área libre de la abertura que hay
  8.2, 1 in² for each 7,000 Btu/h
    8.2, 1 pulg² por cada 7,000 Btu/h
  total_input must be at most 400,000 Btu/h (117 kW): above it another clause holds.
    total_input debe ser de 400,000 Btu/h (117 kW) como máximo: más arriba rige otra cláusula.
  The room and what leaks in give enough.
    El cuarto y lo que se filtra bastan.
  When the anode will be used up
    Cuándo se acabará el ánodo
  a line each: date and part left, 0–1
    una línea por cada uno: fecha y parte que queda, 0–1
  part left at which it is replaced
    parte que queda a la que se cambia
  counts as 1
    cuenta como 1
  with alloy and current instead of inspections
    con aleación y corriente en lugar de inspecciones
  protective current
    corriente de protección
  part lost in a year
    parte perdida en un año
  earliest, likely, latest; – where nothing can be said
    lo antes, lo probable, lo último; – donde no se puede decir nada
  Least squares
    Mínimos cuadrados
  through the inspections
    por las inspecciones
  Reading error ±10 %
    Error de lectura ±10 %
  Faraday: magnesium 2,205 Ah/kg at 50 %, aluminium 2,980 Ah/kg at 50–85 %
    Faraday: magnesio 2,205 Ah/kg al 50 %, aluminio 2,980 Ah/kg al 50–85 %
  replace_at must be between 0 and 1.
    replace_at debe estar entre 0 y 1.
  {field} is missing; mass and current go together.
    Falta {field}; masa y corriente van juntas.
  inspections must hold two or more dates (fitted_on counts as one).
    inspections debe tener dos fechas o más (fitted_on cuenta como una).
  How much hot and cold make the mixed water
    Cuánta caliente y cuánta fría hacen el agua mezclada
  of the mixed water
    del agua mezclada
  region 1, enthalpy
    región 1, entalpía
  mixed must lie between cold and hot.
    mixed debe estar entre cold y hot.
  Breaker and wire for an electric heater
    Breaker y cable para un calentador eléctrico
  the most that runs at one time
    lo máximo que trabaja a la vez
  125 % of it
    el 125 % de eso
  422.11(E), and no more than this wire allows
    422.11(E), y no más de lo que admite este cable
  copper, 60 °C
    cobre, 60 °C
  power needs a circuit for {continuous} A; this table ends at 50 A. An electrician sizes what is
      larger.
    power necesita un circuito de {continuous} A; esta tabla termina en 50 A. Lo mayor lo calcula un
      electricista.
  Orifice of a burner, by its fuel
    Orificio de un quemador, según su combustible
  of the plate; natural 3.5, bottled 10 in. w.c. unless given
    de la placa; natural 3.5, en botella 10 pulg. c.a. si no se da
  of the local gas, gross
    del gas local, bruto
  thin air wants less gas; the maker's own first
    el aire delgado pide menos gas; primero lo del fabricante
  of one orifice; only the maker's own for this fuel is fitted
    de un orificio; solo se pone el del fabricante para este combustible
  what the other fuel would want: the wrong one burns far too much, or too little
    lo que pediría el otro combustible: el equivocado quema demasiado, o muy poco
  annex on orifices
    anexo sobre orificios
  coefficient 0.90; gravity 0.60, 1.52, 2.0; 1,000, 2,500, 3,280 Btu/ft³
    coeficiente 0.90; densidad relativa 0.60, 1.52, 2.0; 1,000, 2,500, 3,280 Btu/ft³
  Which vessel does the climb show?
    ¿Qué tanque de expansión muestra la subida?
  of the tank
    del tanque
  0.8 for gas, 1 for electric
    0.8 en gas, 1 en eléctrico
  when the heating starts
    cuando empieza a calentar
  a line each: seconds since it heats, and the pressure
    una línea por cada una: segundos desde que calienta, y la presión
  as recorded; 0 for none
    como está en el registro; 0 si no hay
  of its air, as recorded
    de su aire, como está en el registro
  that a vessel has really taken so far
    que un tanque de expansión absorbió de verdad hasta ahora
  that would take this
    que absorbería esto
  from the start; none if the water is hot before
    desde el principio; nada si el agua ya estaba caliente
  [{course, time, pressure}]: three of them, and what was read
    [{course, time, pressure}]: tres de ellas, y lo que se leyó
  region 1
    región 1
  hydronic expansion, diaphragm tank
    expansión hidrónica, tanque de diafragma
  give of a tank: 10–15 psi/min on a 40–50 gal gas heater
    lo que cede un tanque: 10–15 psi/min en uno de gas de 40–50 gal
  How fast pressure climbs while a closed system heats
    Con qué rapidez sube la presión al calentar un sistema cerrado
  give of tank, pipes and water; from the volume unless given
    lo que ceden tanque, tubos y agua; por el volumen si no se da
  none if never
    nada si nunca
  [{time, temperature, pressure, expanded_volume}] every 30 s
    [{time, temperature, pressure, expanded_volume}] cada 30 s
  relief setting
    ajuste de la válvula de alivio
  What a boiler coil gives up
    Lo que da un serpentín de caldera
  through the coil
    por el serpentín
  work out the heat first: a large flow also returns hot
    calcular primero el calor: un caudal grande también regresa caliente
  Rating taken at 80 °C flow into water at 35 °C on average
    Potencia tomada con ida de 80 °C y agua a 35 °C en promedio
  Does the room give the burners enough air?
    ¿Da el cuarto aire suficiente a los quemadores?
  of all appliances that take air from it
    de todos los aparatos que toman aire de él
  where openings would lead
    adonde llevarían las aberturas
  of the rooms to which openings inside would lead
    de los cuartos a los que llevarían aberturas interiores
  sum of the vent connectors' areas
    suma de las áreas de los conectores
  that covers the opening
    que cubre la abertura
  how many, when short
    cuántas, si falta
  free area of each, when short
    área libre de cada una, si falta
  A direct-vent appliance takes its air from outdoors.
    Un aparato de ventilación directa toma su aire de afuera.
  The room is large enough, unless the house is very tight (under 0.40 air changes an hour).
    El cuarto basta, salvo que la casa sea muy hermética (menos de 0.40 cambios de aire por hora).
  Too small even together with the rooms that openings would join to it: the air has to come from
      outdoors.
    Demasiado chico aun junto con los cuartos que se unirían con aberturas: el aire tiene que venir
      de afuera.
  openings through the floor or stair of {gross} in² in all
    aberturas por el piso o la escalera de {gross} pulg² en total
  one opening within 12 in of the top, of {gross} in²
    una abertura a menos de 12 pulg. de lo alto, de {gross} pulg²
  two openings, within 12 in of top and bottom, of {gross} in² each
    dos aberturas, a menos de 12 pulg. de lo alto y de lo bajo, de {gross} pulg² cada una
  The room is too small: {openings}.
    El cuarto es demasiado chico: {openings}.
  A value in another unit of the same kind
    Un valor en otra unidad de la misma clase
  a number with its unit, such as “52 psi”
    un número con su unidad, como “52 psi”
  a unit, such as bar
    una unidad, como bar
  appendix B
    apéndice B
  “{to}” is not a unit known here.
    “{to}” no es una unidad conocida aquí.
  “{value}” must be a number with its unit, such as “52 psi”.
    “{value}” debe ser un número con su unidad, como “52 psi”.
  {symbol} cannot be converted here.
    {symbol} no se puede convertir aquí.
  {to} is a unit of {kind}, {from} one of {other_kind}.
    {to} es una unidad de {kind}, {from} una de {other_kind}.
  Discharge pipes D1 and D2, by equivalent length
    Tubos de descarga D1 y D2, por longitud equivalente
  of the relief valve, in
    de la válvula de alivio, en
  of D2, along the pipe
    de D2, a lo largo del tubo
  elbows and formed bends alike
    codos y curvas por igual
  D2 of several systems (six at most); length and bends of the longest
    D2 de varios sistemas (seis como máximo); longitud y codos del más largo
  none beyond the table
    nada más allá de la tabla
  table 3.1
    tabla 3.1
  bends must be a whole number, 0 or more.
    bends debe ser un número entero, 0 o más.
  How long the tank takes to drain
    Cuánto tarda en vaciarse el tanque
  of the tank that is drained
    del tanque que se vacía
  1/2 in
    1/2 pulg.
  bore of the drain valve; a 3/4 in valve has about 1/2 in
    paso de la válvula de drenaje; una de 3/4 pulg. tiene cerca de 1/2 pulg.
  0 for none
    0 si no hay
  5/8 in
    5/8 pulg.
  2 ft
    2 pies
  from the tank's outlet down to the end of the hose
    de la salida del tanque hasta el extremo de la manguera
  with Haaland's friction factor
    con el factor de fricción de Haaland
  Losses of a drain valve and of hose couplings
    Pérdidas de una válvula de drenaje y de los acoples de manguera
  15–20 min for 50 gal through a garden hose to lower ground
    15–20 min para 50 gal por una manguera de jardín a suelo más bajo
  fraction must be at most 1 (all of it).
    fraction debe ser 1 como máximo (todo).
  Why does it drip, by the watch?
    ¿Por qué gotea, según el reloj?
  at which it stops
    a la que se detiene
  static, nothing heated
    estática, sin nada calentando
  of the valve
    de la válvula
  while it heats, without heat, or not at all
    mientras calienta, sin calor, o nunca
  from the start of heating
    desde que empieza a calentar
  a minute; 500 for a stream
    por minuto; 500 si es un chorro
  [{cause, before, after}], percent; the likeliest first
    [{cause, before, after}], por ciento; lo más probable primero
  by expansion, with the vessel as recorded
    por expansión, con el tanque de expansión del registro
  by expansion, without a vessel
    por expansión, sin tanque de expansión
  by temperature, if nothing stopped the heat
    por temperatura, si nada detuviera el calor
  drops a minute that growing water gives
    gotas por minuto que da el agua al crecer
TEXTS

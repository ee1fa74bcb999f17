# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  There is no calculation “{id}”; there are: {known}.
    No existe el cálculo “{id}”; existen: {known}.
  {id} has no input “{unknown}”; it has: {known}.
    {id} no tiene la entrada “{unknown}”; tiene: {known}.
  {id} follows rules of one country: it is worked out in units {known} only.
    {id} sigue reglas de un país: se calcula solo en las unidades {known}.
  {input} is missing; {wanted}.
    Falta {input}; {wanted}.
  give it as text
    darlo como texto
  It follows the vessel as it is recorded.
    Sigue al tanque de expansión tal como está en el registro.
  It follows a vessel that is flat, or full of water.
    Sigue a un tanque de expansión sin aire, o lleno de agua.
  It follows no vessel at all.
    No sigue a ningún tanque de expansión.
  It follows none of these: something else takes water up: an outlet, the main, or a vessel that is
      not on record.
    No sigue a ninguno de estos: otra cosa absorbe agua: una salida, la red, o un tanque de
      expansión que no está en el registro.
  Not to be told apart yet: read on.
    Aún no se distingue: seguir leyendo.
  readings must begin when the heating starts, at 0 s.
    readings debe empezar cuando empieza a calentar, a los 0 s.
  Mixed water from one full tank
    Agua mezclada de un tanque lleno
  at the shower
    en la ducha
  of the tank, before what comes out is luke-warm
    del tanque, antes de que salga tibia
  without heating meanwhile
    sin calentar mientras tanto
  heat balance at the mixer; about 70 % of a tank is usable
    balance de calor en el mezclador; se aprovecha cerca del 70 % de un tanque
  mixed must lie above cold and no higher than stored.
    mixed debe ser mayor que cold y no mayor que stored.
  How much ventilation does an open flue want? (England, Scotland, Wales)
    ¿Cuánta ventilación pide un ducto abierto? (Inglaterra, Escocia, Gales)
  of all open-flued gas appliances in the room, net
    de todos los aparatos de gas de ducto abierto del cuarto, neta
  what the plate gives
    lo que dice la placa
  free area of the openings there are
    área libre de las aberturas que hay
  5 cm² a kW over 7 kW
    5 cm² por kW por encima de 7 kW
  Up to 7 kW net no opening of its own is asked for.
    Hasta 7 kW netos no se pide abertura propia.
  Thermocouple or thermopile: what to measure, what to suspect
    Termopar o termopila: qué medir, de qué sospechar
  in a lit pilot, lead off
    en un piloto encendido, cable suelto
  lead on, holding the control
    cable puesto, sosteniendo el control
  from the control's maker; else not judged
    del fabricante del control; si no, no se juzga
  energy cut-off, from the centre contact to the body
    corte de energía, del contacto central al cuerpo
  What a recirculation loop loses
    Lo que pierde un circuito de recirculación
  there and back
    ida y vuelta
  outer diameter
    diámetro exterior
  round the pipe
    alrededor del tubo
  of it, W/m/K
    de él, W/m/K
  a day that it runs
    al día que marcha
  for each kWh
    por cada kWh
  for each metre
    por cada metro
  a year, with 13 mm round a bare pipe
    al año, con 13 mm alrededor de un tubo desnudo
  a year, at six hours a day
    al año, con seis horas al día
  a year
    al año
  Heat through a cylinder; 10 W/m²K from its surface to still air
    Calor a través de un cilindro; 10 W/m²K de su superficie al aire quieto
  hours must be between 0 and 24.
    hours debe estar entre 0 y 24.
  Hot water made in an hour
    Agua caliente hecha en una hora
  Does this relief valve match?
    ¿Corresponde esta válvula de alivio?
  rated, of the tank
    de la placa, del tanque
  temperature (steam) rating
    capacidad por temperatura (vapor)
  such as 3/4
    como 3/4
  How soon water this hot burns
    Qué tan pronto quema el agua así de caliente
  none below 110 °F, and from 110 to 120 °F where it is over 5 min
    nada por debajo de 110 °F, y de 110 a 120 °F donde pasa de 5 min
  Moritz & Henriques 1947, as tabled by US consumer-safety guidance
    Moritz y Henriques 1947, según tablas de la seguridad del consumidor de EE. UU.
  For adult skin; children and the old burn sooner.
    Para piel de adulto; los niños y los mayores se queman antes.
  How much scale a year, as a range
    Cuánto sarro al año, como rango
  mg/L as CaCO3; one US grain a gallon is 17.1
    mg/L como CaCO3; un grano de EE. UU. por galón es 17.1
  on the heated surface, if all stayed there
    en la superficie calentada, si todo quedara ahí
  A share of the hardness falls out: 1–5 % at 50 °C, 5–25 % at 60 °C, 15–50 % at 80 °C; a rough
      model
    Una parte de la dureza se deposita: 1–5 % a 50 °C, 5–25 % a 60 °C, 15–50 % a 80 °C; un modelo
      aproximado
  hardness must be at most 2000 mg/L; is it in other units?
    hardness debe ser de 2000 mg/L como máximo; ¿está en otras unidades?
  every three months
    cada tres meses
  twice a year
    dos veces al año
  Has a reading come to rest?
    ¿Llegó a reposar una lectura?
  a line each: seconds and value
    una línea por cada una: segundos y valor
  each way from the middle, in the samples' own unit
    a cada lado del centro, en la unidad de las muestras
  null if it has not settled
    null si no llegó a reposar
  What a tank loses standing
    Lo que pierde un tanque en espera
  as tested; else from size and jacket
    según su prueba; si no, por tamaño y aislante
  of the jacket
    del aislante
  of the jacket, W/m/K; foam
    del aislante, W/m/K; espuma
  flat wall, without fittings
    pared plana, sin conexiones
  Fourier's law through a flat wall; fittings come on top
    Ley de Fourier a través de una pared plana; las conexiones se suman
  What lets go when an overheated tank bursts
    Lo que se suelta cuando revienta un tanque sobrecalentado
  of the water that turns to steam at once
    del agua que se vuelve vapor de golpe
  at atmospheric pressure
    a presión atmosférica
  saturation enthalpies
    entalpías de saturación
  Steam tables
    Tablas de vapor
  2 256.5 kJ/kg and 1.673 m3/kg at 100 °C
    2 256.5 kJ/kg y 1.673 m3/kg a 100 °C
  temperature must be between 32 °F (0 °C) and 374 °F (190 °C).
    temperature debe estar entre 32 °F (0 °C) y 374 °F (190 °C).
  If the tank lets go, {percent} % of the water turns to steam at once.
    Si el tanque revienta, el {percent} % del agua se vuelve vapor de golpe.
  Below boiling nothing flashes.
    Por debajo de la ebullición nada se vuelve vapor.
  Lower the supply, or a larger expansion tank?
    ¿Bajar la red, o un tanque de expansión más grande?
  of the vessel that is there
    del tanque de expansión que hay
  charged to this supply
    con la presión de aire de esta red
  the highest at which the vessel that is there will do; none if never
    la más alta con la que basta el tanque de expansión que hay; nada si nunca
  How much more room warm water takes
    Cuánto más espacio pide el agua tibia
  Head of a vented cylinder, and how far its vent rises
    Carga de un tanque abierto, y cuánto sube su respiradero
  of the cistern's water over the point
    del agua de la cisterna sobre el punto
  of the open vent above the cistern's water line
    del respiradero abierto sobre el nivel de la cisterna
  open vent, 150 mm + 40 mm a metre
    respiradero abierto, 150 mm + 40 mm por metro
  What an expansion vessel takes up between two pressures
    Lo que absorbe un tanque de expansión entre dos presiones
  of the vessel
    del tanque de expansión
  of its air, with no water in it
    de su aire, sin agua adentro
  pressure it rises to
    presión a la que sube
  The pressure that a vessel lets the tank reach
    La presión que un tanque de expansión deja alcanzar
  of the vessel, as found
    del tanque de expansión, como se encontró
  that must not be passed when hot; 80 psi (US) or 5 bar unless given
    que no debe pasarse en caliente; 80 psi (EE. UU.) o 5 bar si no se da
  no more than the relief setting
    no más que el ajuste de la válvula de alivio
  below the relief setting
    por debajo del ajuste de la válvula de alivio
  in the vessel when cold
    en el tanque de expansión, en frío
  in the vessel when hot
    en el tanque de expansión, en caliente
  Boyle's law for a diaphragm tank
    Ley de Boyle para un tanque de diafragma
  The vessel has no room left: pressure reaches the relief valve.
    Al tanque de expansión no le queda espacio: la presión llega a la válvula de alivio.
  The vessel takes the expansion up, but the pressure rises too far.
    El tanque de expansión absorbe la expansión, pero la presión sube demasiado.
  The vessel takes the expansion up.
    El tanque de expansión absorbe la expansión.
  Density, specific heat and vapour pressure of water
    Densidad, calor específico y presión de vapor del agua
  regions 1 and 4
    regiones 1 y 4
  Water is ice there; the temperature must be between 32 °F (0 °C) and 392 °F (200 °C).
    Ahí el agua es hielo; la temperatura debe estar entre 32 °F (0 °C) y 392 °F (200 °C).
  water that grows with nothing to take it up
    agua que crece sin nada que la absorba
  the valve's own seat
    el propio asiento de la válvula
  a supply that is too high, as at night
    una red demasiado alta, como de noche
  water that is too hot
    agua demasiado caliente
  Too hot until it is proved otherwise: measure at a hot outlet before anything else.
    Demasiado caliente hasta que se pruebe otra cosa: medir en una salida caliente antes que nada.
  The watch does not tell them apart: measure the static and the hot peak.
    La observación no las distingue: medir la estática y el pico caliente.
  first_drop is missing: the time from the start of heating, or say that it drips before, or never.
    Falta first_drop: el tiempo desde que empieza a calentar, o decir que gotea antes, o nunca.
  Likeliest: {cause}, {after} %. It is proved by measuring.
    Lo más probable: {cause}, {after} %. Se prueba midiendo.
  working pressures
    presiones de trabajo
  Propane 37 ± 5, butane 28 ± 5 mbar, drop 2.5 mbar
    Propano 37 ± 5, butano 28 ± 5 mbar, caída 2.5 mbar
  at most {most} mbar
    {most} mbar como máximo
  hot must be above cold; got {cold} to {hot}.
    hot debe ser mayor que cold; se dio {cold} a {hot}.
  {field} must be between 32 °F (0 °C) and 210 °F (99 °C), where the relief valve opens; got
      {temperature}.
    {field} debe estar entre 32 °F (0 °C) y 210 °F (99 °C), donde abre la válvula de alivio; se dio
      {temperature}.
  {field} must be more than nothing.
    {field} debe ser más que nada.
  {field} must be at most 1 (100 %).
    {field} debe ser 1 como máximo (100 %).
  {field} must be warmer than the room.
    {field} debe ser más caliente que el cuarto.
  {field} must be below the {name} of {high}; got {low}.
    {field} debe ser menor que {name}, {high}; se dio {low}.
  {field} must be a list of at least three {"t": seconds, "value": number} in order of time.
    {field} debe ser una lista de tres o más {"t": seconds, "value": number} en orden de tiempo.
  {field} must be a list of {"date": "2026-11-23", "remaining": part left, 0 to 1}.
    {field} debe ser una lista de {"date": "2026-11-23", "remaining": parte que queda, 0 a 1}.
  {field} must be dated like 2026-11-23; got “{text}”.
    {field} debe llevar una fecha como 2026-11-23; se dio “{text}”.
  It wants {wanted} free to outdoors.
    Pide {wanted} libres hacia afuera.
  {free} free is enough.
    {free} libres bastan.
  Only {free} free: it wants {wanted}.
    Solo {free} libres: pide {wanted}.
  The control's maker
    El fabricante del control
  The {title} of the old valve is not known.
    No se sabe {title} de la válvula vieja.
  The {title} of the new valve is not known.
    No se sabe {title} de la válvula nueva.
  heater_input must be more than nothing.
    heater_input debe ser más que nada.
  set temperature
    temperatura de ajuste
  as long, to sit in the top 6 in of the tank
    igual de larga, para quedar en las 6 pulg. de arriba del tanque
  as long, to pass the jacket
    igual de larga, para pasar el aislante
  Read the new valve's temperature rating off its plate.
    Lea en su placa la capacidad por temperatura de la válvula nueva.
  Read the new valve's set pressure and the tank's rated working pressure off their plates.
    Lea en sus placas la presión de la válvula nueva y la presión de trabajo del tanque.
  The {title} fits.
    {title}: corresponde.
  The {title} does not fit.
    {title}: no corresponde.
  from the other inputs
    de las otras entradas
  The vessel that is there will do.
    El tanque de expansión que hay basta.
  A larger vessel.
    Un tanque de expansión más grande.
  Lower the supply to {supply} or less, and charge the vessel to it: it will do.
    Bajar la red a {supply} o menos, y darle esa presión de aire al tanque de expansión: así basta.
  give it in {unit} or with its unit
    darlo en {unit} o con su unidad
  one of: {known}
    uno de: {known}
TEXTS

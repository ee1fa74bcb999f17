# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  static pressure low
    presión estática baja
  charge tolerance
    tolerancia de la presión de aire
  hot peak
    pico caliente
  hot peak at relief
    pico caliente junto al alivio
  relief margin
    margen hasta el alivio
  tap temperature
    temperatura en la llave
  bath temperature
    temperatura en la tina
  tap temperature scald
    temperatura en la llave que quema
  tap temperature runaway
    temperatura en la llave fuera de control
  tap temperature low
    temperatura en la llave baja
  relief temperature
    temperatura de la válvula de alivio
  relief drip
    goteo de la válvula de alivio
  outlet height
    altura de la salida
  gas lock up
    presión de cierre del gas
  co air free
    CO sin aire
  relief pressure most
    presión máxima de la válvula de alivio
  relief over supply
    alivio por encima de la red
  storage temperature
    temperatura del tanque
  inlet setting
    ajuste de la entrada
  flow rate
    caudal
  d1 length
    largo de D1
  d2 drop
    caída de D2
  set point
    temperatura ajustada
  cut out
    corte térmico
  combustion ratio
    relación de combustión
  package size
    tamaño del conjunto
  package power
    potencia del conjunto
  outlet clear
    salida libre
  pan pipe height
    altura del tubo de la bandeja
  Mended
    Reparado
  As it was
    Como estaba
  Measured out
    Medido al salir
  Port passes air
    La boca deja pasar aire
  Drain passes air
    El drenaje deja pasar aire
  Rodded and dry
    Destapado y seco
  Will not lift
    No se levanta
  Shuts
    Cierra
  Runs clear
    Corre limpia
  Gauge at zero
    Manómetro en cero
  Ran and stopped
    Corrió y paró
  Drawn in
    Entra
  No bubbles
    Sin burbujas
  Bubbles
    Burbujas
  Keeps heating
    Sigue calentando
  Not used
    Sin usar
  In order
    En orden
  Out of order
    Fuera de orden
  No flame
    Sin llama
  On release
    Al soltar
  Within a minute
    Antes de un minuto
  Still there
    Sigue ahí
  Tight
    Sin fugas
  Not shown
    No se muestra
  Pilot thermocouple
    Piloto, termopar
  Pilot thermopile
    Piloto, termopila
  Intermittent ignition
    Encendido intermitente
  Intermittent
    Intermitente
  Cannot tell
    No se puede saber
  Hybrid
    Híbrido
  Elements
    Resistencias
  Vacation
    Vacaciones
  Very hot
    Muy caliente
  Runs away
    Se va
  Heats
    Calienta
  Stays off
    Sigue apagado
  Comes on
    Se enciende
  No test
    Sin prueba
  By hand
    A mano
  By itself
    Solo
  Blue on tip
    Azul sobre la punta
  Off the tip
    Fuera de la punta
  Lazy yellow
    Amarilla y floja
  Lifting
    Se despega
  Pilot
    Piloto
  Off
    Apagado
  discharge pipe seen and safe
    tubo de descarga visto y seguro
  water joints proven
    uniones de agua comprobadas
  water joints disturbed
    uniones de agua movidas
  cock shut
    llave de paso de gas cerrada
  cock open
    llave de paso de gas abierta
  heat off
    calor apagado
  heat on
    calor encendido
  heat pilot
    solo el piloto
  burner door sealed
    puerta del quemador sellada
  Torch
    Linterna
  Camera
    Cámara
  Mirror
    Espejo
  Thermometer
    Termómetro
  Bucket
    Cubeta
  Tape measure
    Cinta métrica
  Gloves
    Guantes
  Goggles
    Gafas
  Timer
    Cronómetro
  Hose
    Manguera
  Dry paper
    Papel seco
  Marker
    Marcador
  Noise
    Ruido
  Smell
    Olor
  Draining
    Vaciando
  Filling
    Llenando
  cold inlet
    entrada de agua fría
  Loses {much} a year (± {within}).
    Pierde {much} al año (± {within}).
  Gains {much} a year (± {within}).
    Gana {much} al año (± {within}).
  Your qualification ended on {on}.
    Su calificación venció el {on}.
  By chance, number {seed}
    Al azar, número {seed}
  {name}: how bad must be a number above 0 and up to 1
    {name}: la gravedad debe ser un número mayor que 0 y hasta 1
  the first must be a cause of “{symptom}” that can be simulated: {known}
    la primera debe ser una causa de “{symptom}” que se pueda simular: {known}
  Your account: {change}
    Su cuenta: {change}
  At {at}, {change}.
    A las {at}, {change}.
  It came from {where}.
    Vino de {where}.
  If that was not you, change your password now and tell the owner of your firm.
    Si no fue usted, cambie ya su contraseña y avise al dueño de su empresa.
  Your account at {firm}
    Su cuenta en {firm}
  Set your password here, once, within seven days:
    Ponga aquí su contraseña, una vez, dentro de siete días:
  {name} must be one of: {known}.
    {name} debe ser uno de: {known}.
  {name} cannot be “{given}”; it must be one of: {known}.
    {name} no puede ser “{given}”; debe ser uno de: {known}.
  Somebody else is writing just now: send it again in a moment.
    Otra persona está escribiendo en este momento: envíelo otra vez en un instante.
  tax must be a percentage such as 8.25, or 0.
    tax debe ser un porcentaje como 8.25, o 0.
  {rule} ({level})
    {rule} ({level})
  {what} ({standing})
    {what} ({standing})
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  As it must be
    Como debe ser
  In sight
    A la vista
  300 mm and more
    300 mm o más
  Falls
    En caída
  Copper, or plastic proved and marked for it; right size
    De cobre, o de plástico probado y marcado para esto; tamaño correcto
  Its end is found and open
    Su extremo se encontró y está libre
  Not shared, or as it must be
    No compartido, o como debe ser
  No stack, or heat-proof with a mechanical seal and no water trap, by a branch of its own
    Sin bajante, o resistente al calor, con cierre mecánico y sin sifón de agua, por un ramal propio
  Low and guarded, or not at low level
    Bajo y protegido, o no está a bajo nivel
  Metal hopper, or a roof fit for it, or not at high level
    Tolva metálica, o un tejado apto, o no está a alto nivel
  Present
    Está
  Full size
    Tamaño pleno
  Copper, CPVC or PEX one size up
    Cobre, CPVC, o PEX un tamaño mayor
  Its own
    Propio
  Falls all the way
    En caída todo el recorrido
  Open all the way
    Libre todo el recorrido
  Plain
    Liso
  Seen and safe
    Visto y seguro
  Visible
    Visible
  6 in or less
    6 pulg. o menos
  So it does
    Así es
  Clear
    Libre
  As asked, or not asked
    Como se pide, o no se pide
  Readable, matches the record
    Se lee y coincide con el registro
  Readable
    Se lee
  Present, reachable, lever in line
    Está, se alcanza, palanca en línea
  Insulated
    Aislado
  Clean, or not needed
    Limpias, o no hacen falta
  Flat and clean
    Planos y limpios
  Continuous, rising, supported
    Continua, en subida, sujeta
  Seated
    Asentada
  Open
    Abierto
  Free of lint
    Sin pelusa
  18 in or more, or listed for it
    18 pulg. o más, o certificado para ello
  Present, or combined with the outlet
    Está, o va con la salida
  Present, on its tapping, nothing between it and the tank
    Está, en su toma, sin nada entre ella y el tanque
  Dry
    Seco
  Full bore
    A paso pleno
  Present, drained
    Está, con drenaje
  In sight, or lockable at the board
    A la vista, o con bloqueo en el tablero
  Seen
    Vista
  Upper and lower third, or not required
    Tercio superior e inferior, o no se exigen
  Dry, not brittle
    Seca, no quebradiza
  As fitted, free to move
    Como se montó, se mueve libre
  Right size, clear
    Tamaño correcto, libre
  None
    Ninguno
  Present, reachable
    Está, se alcanza
  Closed and sealed
    Cerrada y sellada
  On
    Puestas
  Heat-resisting, undamaged, held
    Resistente al calor, sin daños, sujeto
  Cool to the hand, nothing covered
    Fría al tacto, nada tapado
  Accessible
    Accesible
  Level, carries it
    Nivelada, lo soporta
  Fitted, or not a tall building
    Instalada, o el edificio no es alto
  Seen, or not asked for
    Visto, o no se pide
  Dry, serviced, labelled
    Seca, con servicio, etiquetada
  Runs, check valve fitted
    Funciona, con válvula de retención
  Supported and dry
    Sujeto y seco
  Dry, no hum
    Seco, sin zumbido
  Marked and sound
    Marcado y en buen estado
  Within its expected life
    Dentro de su vida esperada
  Complete, dry, no crust, arrow with the flow
    Completo, seco, sin costra, la flecha con el caudal
  Present, nothing between it and the cylinder
    Está, sin nada entre ella y el cilindro
  Manual reset, wired in
    De restablecimiento manual, conectado
  Fitted, on auto
    Instalada, en automático
  Valves fitted, flow and return right
    Con llaves, ida y retorno correctos
  Closed, cables clamped
    Cerrada, cables sujetos
  drips
    gotea
  clean
    limpio
  dirty
    sucio
  blocked
    atascado
  torn
    roto
  lifts
    levanta
  weak
    débil
  runs on
    sigue corriendo
  clear
    limpia
  flecks
    escamas
  grit
    arenilla
  heavy
    mucho sedimento
  spot
    mancha
  wet
    mojado
  nothing
    nada
  water
    agua
  air
    aire
  gas
    gas
  runs
    corre
  cold
    fría
  hot
    caliente
  stays
    queda encendido
  dies
    se apaga
  fails
    falla
  works
    funciona
  set
    en orden
  tripped
    disparado
  zero
    cero
  live
    energizado
  yes
    sí
  no
    no
  {low} to {high}
    {low} a {high}
  Warning label hung
    Etiqueta de aviso colgada
  Notified
    Avisados
  The home
    La vivienda
  Tenant and landlord
    Inquilino y propietario
  Reportable under the gas regulations
    Notificable según las normas de gas
  Emergency service called
    Servicio de emergencia avisado
  In the building
    En el edificio
  called from outside
    avisado desde afuera
  being called
    se está avisando
  everybody told
    todos avisados
  not all reached
    no se alcanzó a todos
  hung
    colgada
  refused
    rechazada
  emergency service
    servicio de emergencia
  utility or authority
    compañía o autoridad
  owner and landlord
    dueño y propietario
  nobody required
    no se exige avisar a nadie
  owner occupied
    la habita su dueño
  rented
    alquilada
  both told
    los dos avisados
  only the tenant told
    solo se avisó al inquilino
  only the landlord told
    solo se avisó al propietario
  reported today
    notificado hoy
  office reports
    lo notifica la oficina
  not reportable
    no notificable
  natural gas
    gas natural
  LP (propane)
    GLP (propano)
  butane
    butano
  Pressure
    Presión
  Temperature
    Temperatura
  Limit
    Límite
  Mains
    Red
  Street
    Calle
  Supply
    Suministro
  Element lower
    Resistencia inferior
  Element upper
    Resistencia superior
  coil
    serpentín
  immersion
    resistencia
  upper
    superior
  lower
    inferior
  cut-out
    corte térmico
  immersion elements
    resistencias
  {gas_emergency}
    {gas_emergency}
  {lpg_emergency}
    {lpg_emergency}
  {any_gas_emergency}
    {any_gas_emergency}
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  union made
    tuerca unión hecha
  gas joints disturbed
    uniones de gas movidas
  gas joints proven
    uniones de gas comprobadas
  joints after the control disturbed
    uniones después del control movidas
  joints after the control proven
    uniones después del control comprobadas
  as found no
    ya no como se encontró
  coil loop isolated
    circuito del serpentín aislado
  coil loop air
    circuito del serpentín con aire
  coil loop live
    circuito del serpentín en marcha
  coil loop drained
    circuito del serpentín vaciado
  drain shut
    drenaje cerrado
  drain open
    drenaje abierto
  strainer in
    filtro puesto
  covers off
    tapas afuera
  covers on
    tapas puestas
  leads landed
    cables conectados
  leads off
    cables sueltos
  test points shut
    puntos de prueba cerrados
  test points open
    puntos de prueba abiertos
  manometer connected
    manómetro de gas conectado
  manometer off
    manómetro de gas afuera
  hose fitted
    manguera puesta
  hose off
    manguera afuera
  temperature cold
    agua fría en el tanque
  temperature hot
    agua caliente en el tanque
  on site no
    fuera del lugar
  on site yes
    en el lugar
  left evacuated
    evacuado
  left made safe
    dejado en condición segura
  left against advice
    dejado en uso contra el consejo
  left in service
    dejado en servicio
  left no
    aún no dejado
  discharge pipe on
    tubo de descarga puesto
  discharge pipe off
    tubo de descarga afuera
  relief shut
    válvula de alivio cerrada
  relief open
    válvula de alivio abierta
  cut out reset
    corte térmico restablecido
  controls disturbed
    controles movidos
  controls proven
    controles comprobados
  house supply open
    agua de la casa abierta
  house supply shut
    agua de la casa cerrada
  house pressure live
    la casa con presión
  house pressure zero
    la casa sin presión
  opening fitted
    abertura cerrada
  programmer as found
    programador como se encontró
  programmer restored
    programador como estaba
  programmer changed
    programador cambiado
  recirculation as found
    recirculación como se encontró
  recirculation off
    recirculación apagada
  zone valve auto
    válvula de zona en automático
  vessel fitted
    tanque de expansión puesto
  inlet group in
    grupo de entrada puesto
  static pressure unknown
    presión estática sin leer
  bubble renewed
    burbuja renovada
  high limit cut-out reset
    límite alto restablecido
  coil cut-out reset
    corte térmico del serpentín restablecido
  immersion cut-out reset
    corte térmico de la resistencia de respaldo restablecido
  immersion leads landed
    cables de la resistencia de respaldo conectados
  heat pump run settled
    bomba de calor asentada
  heating cycle seen as left
    ciclo de calentamiento visto como quedó
  heating cycle seen as found
    ciclo de calentamiento visto como se encontró
  pilot out
    piloto apagado
  pilot lit
    piloto encendido
  time since gas clear
    gas disipado
  time since gas waiting
    esperando a que el gas se disipe
  charge set
    presión de aire ajustada
  or
    o
  left side
    lado izquierdo
  Given
    Dado
  set pressure
    presión de ajuste
  thread
    rosca
  probe length
    largo de la sonda
  length
    largo
  volume
    volumen
  voltage
    voltaje
  power
    potencia
  Bursts
    Chorros
  Mains pressure
    Presión de la red
  Street side of the pressure regulator, where there is a bib
    Lado de la calle del regulador de presión, donde hay una llave
  Mains, before the inlet group
    La red, antes del grupo de entrada
  below the relief port
    por debajo de la boca de alivio
  below the upper element
    por debajo de la resistencia superior
  below the lower element
    por debajo de la resistencia inferior
  proved dead
    sin voltaje, comprobado
  put_right: how it was seen
    put_right: cómo se vio
  site.code_profile is called site.rulebook since version 2.
    site.code_profile se llama site.rulebook desde la versión 2.
  Smell gas
    Huele a gas
TEXTS

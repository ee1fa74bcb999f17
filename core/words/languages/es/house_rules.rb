# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  What is done about the anode?
    ¿Qué se hace con el ánodo?
  looked at yearly
    se mira cada año
  replaced yearly without looking
    se cambia cada año sin mirar
  by estimate from earlier inspections
    según lo estimado en inspecciones anteriores
  never
    nunca
  How is the charge of the {vessel} read?
    ¿Cómo se lee la presión de aire del tanque de expansión?
  isolated and drained to zero
    cerrado y con la presión a cero
  with several {taps} running
    con varias llaves abiertas
  The coil's pipes have no valves. What now?
    Los tubos del serpentín no tienen llaves. ¿Qué se hace?
  push-fit valves now
    válvulas de conexión rápida ahora
  drain and solder
    vaciar y soldar
  How high above ground may the discharge pipe end outdoors?
    ¿A qué altura sobre el suelo puede terminar fuera el tubo de descarga?
  as the rulebook says
    como dice el reglamento
  3 to 6 in (75–150 mm)
    3 a 6 pulg. (75–150 mm)
  May the relief valve discharge into the drain pan?
    ¿Puede la válvula de alivio descargar en la bandeja de drenaje?
  accepted
    se acepta
  objected to
    se objeta
  How is the discharge pipe joined to the valve?
    ¿Cómo se une el tubo de descarga a la válvula?
  dry
    en seco
  tape and compound
    cinta y pasta
  never glued so that it cannot come off
    nunca pegado de modo que no se pueda quitar
  How does air get in while draining?
    ¿Por dónde entra aire al vaciar?
  through a hot {tap}
    por una llave caliente
  through the relief valve
    por la válvula de alivio
  May a gas heater be drained with the knob at PILOT?
    ¿Se puede vaciar un calentador de gas con la perilla en PILOT?
  no: OFF before any drain
    no: OFF antes de cualquier vaciado
  yes, it spares a relight
    sí, ahorra volver a encender
  A dripping valve stays dry after washing. Cured?
    Una válvula que goteaba queda seca tras lavarla. ¿Curada?
  a cure when it stays dry
    queda reparada si sigue seca
  only a postponement: replaced at the first drip
    solo aplazado: se cambia al primer goteo
  The {earth} at the {heater} cannot be seen.
    La tierra del {heater} no se ve.
  its absence is a deficiency
    su falta es un defecto
  “not visible” until tested
    “no visible” hasta probarla
  When is the tank flushed?
    ¿Cuándo se enjuaga el tanque?
  yearly or twice
    una o dos veces al año
  by the sediment found
    según el sedimento encontrado
  an old one never flushed is left alone
    uno viejo nunca enjuagado se deja en paz
  How long is the relief lever held?
    ¿Cuánto se sostiene la palanca de alivio?
  until it runs clear
    hasta que salga limpia
  Where nobody knows whether a dwelling is new: does the bath's 48 °C limit bind it?
    Donde nadie sabe si una vivienda es nueva: ¿le obliga el límite de 48 °C en la tina?
  taken for an existing one
    se toma por una existente
  taken for a new one, or one changed in use
    se toma por una nueva, o cambiada de uso
  Is anything operated on this visit?
    ¿Se acciona algo en esta visita?
  operated as the plan says
    se acciona como dice el plan
  look only
    solo mirar
  Exercise an old relief valve?
    ¿Probar una válvula de alivio vieja?
  at every visit
    en cada visita
  only with a known history
    solo con historia conocida
  Is an uninsulated relief valve pipe reported?
    ¿Se informa de un tubo de alivio sin aislante térmico?
  reported where local rules ask for insulation
    se informa donde las reglas locales piden aislamiento
  not a matter here
    aquí no importa
  How often is the relief valve exercised?
    ¿Cada cuánto se prueba la válvula de alivio?
  monthly to quarterly
    cada mes a cada trimestre
  yearly, with the service
    cada año, con el servicio
  only when found sound before
    solo si antes estaba bien
  How long does a relief valve live?
    ¿Cuánto dura una válvula de alivio?
  until it fails its test
    hasta que falle su prueba
  replaced every three years
    se cambia cada tres años
  When in the visit is the relief valve exercised?
    ¿Cuándo se prueba en la visita la válvula de alivio?
  before isolating, full and hot
    antes de apagar y cerrar, llena y caliente
  with the flush
    con el enjuague
  after refilling
    después de rellenar
  Rippled plastic rings at the flue?
    ¿Aros de plástico deformados en la salida de humos?
  a sign to watch
    una señal que vigilar
  of no account
    sin importancia
  At what temperature is hot water stored?
    ¿A qué temperatura se guarda el agua caliente?
  as the rulebook's limits say
    como dicen los límites del reglamento
  60–65 °C (140–150 °F), mixed down at the outlet
    60–65 °C (140–150 °F), mezclada a la salida
  50–55 °C (122–131 °F) with a weekly hot cycle
    50–55 °C (122–131 °F) con un ciclo caliente semanal
  What seals a thread?
    ¿Qué sella una rosca?
  tape
    cinta
  tape and paste
    cinta y pasta
  An in-line check valve ahead of the {vessel}?
    ¿Una válvula de retención antes del tanque de expansión?
  wanted
    se desea
  not needed where the meter or backflow preventer has one
    no hace falta si la tienen el medidor o el preventor de reflujo
TEXTS

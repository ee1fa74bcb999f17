# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  no longer than the tank takes
    no más largo de lo que cabe en el tanque
  the alloy that this water asks for
    la aleación que pide esta agua
  Which alloy does this water ask for? Aluminium/zinc or a powered one against a smell of bad eggs;
      magnesium otherwise.
    ¿Qué aleación pide esta agua? Aluminio/zinc o uno con corriente contra un olor a huevo podrido;
      si no, magnesio.
  the same rating
    la misma potencia
  the same voltage
    el mismo voltaje
  at least the heater's input
    al menos la potencia del calentador
  no higher than the tank is rated for
    no mayor que la placa del tanque
  Thermocouple or thermopile
    Termopar o termopila
  the same kind of generator
    la misma clase de generador
  the same or larger, and large enough that no relief valve opens
    el mismo o más grande, y bastante para que no abra ninguna válvula de alivio
  keeps the heated tank below its limit
    mantiene el tanque caliente por debajo de su límite
  at least the pressure at which relief opens
    al menos la presión a la que abre la válvula de alivio
  It is replaced on this visit.
    Se cambia en esta visita.
  It was done twice on this visit, and the danger stands: make it safe, and come back.
    Se hizo dos veces en esta visita, y el peligro sigue: dejarlo en condición segura, y volver.
  Everybody is out until the emergency service has cleared it.
    Todos afuera hasta que el servicio de emergencia lo apruebe.
  Not while a danger stands: {hazard}. Put that right and prove it first.
    No mientras haya un peligro: {hazard}. Arreglar y comprobar eso primero.
  Nothing is as it was found once that is put right: {hazard}.
    Nada está como se encontró una vez arreglado eso: {hazard}.
  It was read as found.
    Se leyó como se encontró.
  What it showed stands: {shown}.
    Vale lo que mostró: {shown}.
  The visit was broken off: {reason}
    La visita se interrumpió: {reason}
  Put off to a return visit: the heating takes too long to stand by.
    Aplazado a otra visita: el calentamiento tarda demasiado para esperarlo.
  its needs stand in each other's way
    lo que necesita se estorba entre sí
  “{later}” needs it: {need}. {because}
    “{later}” lo necesita: {need}. {because}
  It needs what cannot be made true now: {blocking}.
    Necesita lo que ahora no se puede lograr: {blocking}.
  Not while a danger stands: {danger}. {because}
    No mientras haya un peligro: {danger}. {because}
  A valve with no known history may not shut after its test.
    Una válvula sin historia conocida puede no cerrar tras su prueba.
  Thermocouple or thermopile that matches
    Termopar o termopila que corresponda
  A pilot that goes out usually needs one.
    Un piloto que se apaga suele necesitar uno.
  A gasket that is disturbed may weep.
    Un empaque que se mueve puede rezumar.
  Drain cap
    Tapa para el drenaje
  Sediment on its seat makes a drain valve weep.
    El sedimento en su asiento hace rezumar una válvula de drenaje.
  Air-valve cap and core
    Tapa y obús de la válvula de aire
  A core that is pressed once a year may hiss.
    Un obús que se oprime una vez al año puede silbar.
  Last time: {one}.
    La última vez: {one}.
  {job}: an open defect asks for it.
    {job}: lo pide un defecto abierto.
  The valve is {age} years old, and the house rule replaces it.
    La válvula tiene {age} años, y la regla de la empresa la cambia.
  {Vessel} that matches
    Tanque de expansión que corresponda
  It had lost its charge last time: {found}.
    La última vez había perdido su presión de aire: {found}.
  Scalding water: keep hands and bystanders clear.
    Agua que quema: manos y personas, lejos.
  Stand to the side of the outlet, never in front of it.
    Ponerse a un lado de la salida, nunca delante.
  Gas smell? No flame, no switch: out, and call from outside.
    ¿Huele a gas? Ni llama ni interruptor: afuera, y llamar desde allá.
  Spilling flue gas carries carbon monoxide: ventilate, keep your meter on.
    Los gases de combustión que retroceden llevan monóxido de carbono: ventilar, con el medidor
      encendido.
  It starts by itself, and its fan unannounced: only locked power counts.
    Arranca solo, y su ventilador sin avisar: solo cuenta la electricidad bloqueada.
  Electric shock: there may be a second feed. Breaker off and locked, then prove dead.
    Descarga eléctrica: puede haber una segunda alimentación. Breaker apagado y bloqueado, luego
      comprobar que no hay voltaje.
  Never power an element that is not under water.
    Nunca dar electricidad a una resistencia que no está bajo agua.
  Air under pressure: let it out slowly, eyes away from the valve.
    Aire a presión: soltarlo despacio, con los ojos lejos de la válvula.
  A waterlogged vessel is heavy: support it before you loosen it.
    Un tanque de expansión lleno de agua pesa: apoyarlo antes de soltarlo.
  The flue and its hood burn.
    El ducto y su campana queman.
  Jacket edges cut.
    Los bordes de la lámina cortan.
  Old lagging may hold asbestos: leave it alone.
    El aislante viejo puede tener asbesto: no tocarlo.
  Hot discharge kills plants and hurts animals: look where it ends.
    La descarga caliente mata plantas y lastima animales: mirar dónde termina.
  A heater with a plugged or missing relief valve is never left in service, whoever asks.
    Un calentador con la válvula de alivio tapada o ausente nunca se deja en servicio, lo pida quien
      lo pida.
  Unused for two weeks? Run a hot {tap} first, no flame or switch near it.
    ¿Dos semanas sin uso? Primero dejar correr una llave de agua caliente, sin llama ni interruptor
      cerca.
  turn the screw clockwise
    girar el tornillo en el sentido del reloj
  turn the screw anticlockwise
    girar el tornillo contra el sentido del reloj
  a quarter turn
    un cuarto de vuelta
  a hair
    un pelo
  Let it settle; cap on, and read once more with the cap on.
    Dejar que repose; tapa puesta, y leer una vez más con la tapa puesta.
  press the pin of its air valve
    oprimir el vástago de su válvula de aire
  some strokes at a time
    unos golpes de bomba cada vez
  a touch
    un toque
  Read again with the gauge off and on.
    Leer otra vez quitando y poniendo el manómetro.
  turn the {regulator}'s screw in, clockwise
    girar el tornillo del regulador hacia adentro, en el sentido del reloj
  turn the {regulator}'s screw out, anticlockwise
    girar el tornillo del regulador hacia afuera, contra el sentido del reloj
  a half turn
    media vuelta
  Run a {tap} for a moment and shut it before it is read again: it does not fall by itself.
    Abrir una llave un momento y cerrarla antes de leer otra vez: no baja sola.
  turn the mixing valve to hotter
    girar la válvula mezcladora hacia más caliente
  turn the mixing valve to colder
    girar la válvula mezcladora hacia más fría
  a mark of its scale
    una marca de su escala
  Run the {tap} until it stays, a minute, before it is read again.
    Dejar correr la llave hasta que no cambie, un minuto, antes de leer otra vez.
  The discharge pipe is glued at the valve
    El tubo de descarga está pegado a la válvula
  Joint that comes apart, full size
    Unión desarmable, de medida completa
  The drain valve is brittle plastic
    La válvula de drenaje es de plástico quebradizo
  Shut-off for a hose, to drain by the {relief_valve}'s opening
    Llave de cierre para manguera, para vaciar por la boca de la válvula T&P
  A cap or cover does not come off by hand
    Una tapa o cubierta no sale a mano
  Strap wrench
    Llave de correa
  Penetrating oil
    Aceite penetrante
  Narrow: a loft, a crawl space or a cupboard
    Angosto: un ático, un espacio bajo el piso o un armario
  Head lamp
    Lámpara de cabeza
  Knee pads
    Rodilleras
  Short tools
    Herramienta corta
  No light, or no socket near by
    Sin luz, o sin tomacorriente cerca
  Work lamp with a battery
    Lámpara de trabajo con batería
  Far from a drain: the hose is long
    Lejos de un desagüe: la manguera es larga
  50 ft (15 m) of hose
    50 pies (15 m) de manguera
  The shut-off does not close
    La llave de cierre no cierra
  Freeze kit or a valve for the street side
    Equipo para congelar, o una válvula para el lado de la calle
  It wants two people
    Hacen falta dos personas
  A second pair of hands
    Un segundo par de manos
  Somebody must be rung for the key
    Hay que llamar a alguien por la llave de la puerta
  The key's telephone number
    El teléfono de quien tiene la llave
  Behind a panel that must be taken off
    Detrás de un panel que hay que quitar
  Screwdriver with bits
    Destornillador con puntas
  The anode did not come out
    El ánodo no salió
  Breaker bar
    Barra de fuerza
  Impact wrench
    Llave de impacto
  The burner's door is corroded
    La puerta del quemador está corroída
  Gasket for the burner's door
    Empaque para la puerta del quemador
  Line {line}: kind must be one of {known}, not “{kind}”.
    Línea {line}: kind debe ser uno de {known}, no “{kind}”.
  Line {line}: a part needs maker and model.
    Línea {line}: una pieza necesita fabricante y modelo.
  Line {line}, {field}: {message}
    Línea {line}, {field}: {message}
  There is no kind of part “{id}”; there are: {known}.
    No existe la clase de pieza “{id}”; existen: {known}.
  It is not among your qualifications.
    No está entre sus calificaciones.
  Hand over.
    Pásela a otra persona.
  There is no such thing in the way: “{id}”.
    No existe tal estorbo: “{id}”.
  There is no job “{id}”; there are: {known}.
    No existe el trabajo “{id}”; existen: {known}.
  This visit only looks: nothing is operated.
    Esta visita solo mira: no se acciona nada.
  There is no operation “{id}”; there are: {known}.
    No existe la operación “{id}”; existen: {known}.
  There is none to exercise.
    No hay ninguna que accionar.
  the {heater} identified
    el {heater} identificado
  how the burner is lit is known
    se sabe cómo enciende el quemador
  all still as found
    todo aún como se encontró
  static pressure read
    presión estática leída
  charge read
    presión de aire leída
  air valve tested
    válvula de aire probada
  consent given
    consentimiento dado
TEXTS

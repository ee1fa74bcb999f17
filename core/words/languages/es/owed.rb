# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  an annual visit
    una visita anual
  the next annual visit
    la próxima visita anual
  the anode was seen or replaced, or is to be seen every year
    el ánodo se vio o se cambió, o hay que verlo cada año
  the house rule on anodes, and how fast this one goes
    la regla de la empresa sobre ánodos, y con qué rapidez se gasta este
  the next look, or a new anode
    la próxima mirada, o un ánodo nuevo
  the air bubble was renewed
    se renovó la burbuja de aire
  renewing it again
    renovarla otra vez
  the date an instrument was calibrated
    la fecha en que se calibró un instrumento
  a new date of calibration
    una nueva fecha de calibración
  the {vessel}'s charge was set, or a new one was fitted
    se ajustó la presión de aire del tanque de expansión, o se puso uno nuevo
  a re-check, or any later visit that reads the charge
    una revisión, o cualquier visita posterior que lea la presión de aire
  an open deficiency
    un defecto abierto
  its grade: danger is due the same day
    su grado: un peligro vence el mismo día
  putting it right, or the customer's acceptance in writing
    corregirlo, o la aceptación del cliente por escrito
  the tank was flushed
    se enjuagó el tanque
  the house rule on flushing, and what came out
    la regla de la empresa sobre el enjuague, y lo que salió
  the next flush
    el próximo enjuague
  a joint was opened, the tank drained, or paper laid
    se abrió una unión, se vació el tanque, o se puso papel
  a look at the paper, or at the joints
    mirar el papel, o las uniones
  the heater was left off, made safe
    el calentador quedó apagado y en condición segura
  a later visit that leaves it in service
    una visita posterior que lo deje en servicio
  {left}: {why}
    {left}: {why}
  the pressure after a long heating was put off to a return visit
    la presión después de un calentamiento largo se dejó para otra visita
  reading it
    leerla
  a week, unless something else is agreed
    una semana, si no se acuerda otra cosa
  a permit, notice or certificate that was to follow
    un permiso, aviso o certificado que iba a seguir
  a later visit that says of it that it is there, is not needed or follows later
    una visita posterior que diga que está, que no hace falta o que sigue después
  work put off to another day
    trabajo aplazado a otro día
  doing it
    hacerlo
  the {relief_valve} was exercised
    se accionó la válvula T&P
  the house rule on how often it is exercised
    la regla de la empresa sobre cada cuánto se acciona
  exercising it again
    accionarla otra vez
  the {relief_valve}'s date of fitting, where the house rule replaces it by age
    la fecha en que se puso la válvula T&P, donde la regla de la empresa la cambia por edad
  the house rule on how long it lives, and a new valve
    la regla de la empresa sobre cuánto vive, y una válvula nueva
  a new {relief_valve}
    una válvula T&P nueva
  the date of installation, or of making
    la fecha de instalación, o de fabricación
  its day going by
    que pase su día
  30 ppm and over: out
    30 ppm o más: afuera
  CO to CO2 ratio
    relación CO sobre CO2
  G3, three tiers
    G3, tres protecciones
  discharge pipes
    tubos de descarga
  after a flash of vapour the whole heater is usually replaced, and the source is found
    después de un fogonazo de vapores suele cambiarse todo el calentador, y se halla la fuente
  escape of gas
    fuga de gas
  G3, expansion
    G3, expansión
  open flues in bedrooms and bathrooms
    ductos abiertos en dormitorios y baños
  a valve that will not shut after its test: heat off and cold inlet shut first
    una válvula que no cierra tras su prueba: primero calor apagado y entrada fría cerrada
  relief valves
    válvulas de alivio
  G3, two-port valve
    G3, válvula de dos vías
  live parts and earth
    partes energizadas y tierra
  of what is installed: a deficiency where it is one
    de lo instalado: un defecto donde lo hay
  The thermostat is set to {set}.
    El termostato está en {set}.
  the same line as the charge as found
    la misma línea que la presión de aire como se encontró
  Measured again after cleaning.
    Medido otra vez después de limpiar.
  The maker's instructions
    Las instrucciones del fabricante
  G3, non-self-resetting energy cut-out
    G3, corte de energía sin restablecimiento propio
  more than the table has
    más de lo que tiene la tabla
  a clue, not a result
    un indicio, no un resultado
  Input at most 5 % over what the plate allows at this altitude, for measuring, and not 10 % under
    Potencia a lo más un 5 % sobre lo que la placa permite a esta altura, por la medición, y no un
      10 % por debajo
  of what is installed: advice where it is old
    de lo instalado: consejo donde es viejo
  the same line as the peak as found
    la misma línea que el pico como se encontró
  how the work was made safe
    cómo se hizo seguro el trabajo
  The pipe's end was measured as high enough and seen as too low, or the other way round.
    El extremo del tubo se midió bastante alto y se vio demasiado bajo, o al revés.
  The {relief_valve} was seen to be missing, and its lever was worked.
    Se vio que faltaba la válvula T&P, y se accionó su palanca.
  A cut-out was seen to be missing, and was tested.
    Se vio que faltaba un corte térmico, y se probó.
  No pan was seen, and the height of its pipe was measured.
    No se vio bandeja, y se midió la altura de su tubo.
  a protection is concerned
    toca a una protección
  small children, old or ill people live there
    ahí viven niños pequeños, personas mayores o enfermas
  a defect
    un defecto
  to be watched
    por vigilar
  1 day late
    1 día de atraso
  {days} days late
    {days} días de atraso
  {years} years old
    {years} años de edad
  “{operation}” was given up, but the heater cannot be left without it: do it.
    “{operation}” se dejó sin hacer, pero el calentador no puede quedar sin eso: hágalo.
  “{operation}” is neither done nor given up with a reason.
    “{operation}” ni se hizo ni se dejó con un motivo.
  Two accounts of this visit differ: say which holds. {text}
    Dos versiones de esta visita difieren: diga cuál vale. {text}
  {one} Take back the one that is wrong.
    {one} Retire la que está mal.
  Open since {found_on}: {one} Say: put right, still there, or not looked at.
    Abierto desde el {found_on}: {one} Diga: corregido, sigue ahí, o sin mirar.
  The {heater} has not been left yet: in service, made safe, or with the warning given.
    Aún no se ha dejado el {heater}: en servicio, en condición segura, o con la advertencia dada.
  “{operation}” cannot be done: record it as not tested. {because}
    “{operation}” no se puede hacer: anótelo como sin probar. {because}
  what was done on the spot
    qué se hizo en el momento
  who was told
    a quién se le dijo
  Danger – {verdict} Say {asked}.
    Peligro – {verdict} Diga {asked}.
  Gas – {verdict} Say which: {first} or {words}.
    Gas – {verdict} Diga cuál: {first} o {words}.
  The outcome differs from the one proposed: give the reason.
    El resultado difiere del propuesto: dé el motivo.
  “{chosen}” is not how the {heater} stands: {proposed}. {because}
    “{chosen}” no es como está el {heater}: {proposed}. {because}
TEXTS

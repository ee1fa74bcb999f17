# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  water at the air valve: the membrane has failed
    agua en la válvula de aire: la membrana ha fallado
  Water came out of the air valve: the membrane has failed.
    Salió agua por la válvula de aire: la membrana ha fallado.
  Replace the {vessel} with one of the same volume or larger, charged to the supply pressure.
    Cambiar el tanque de expansión por uno del mismo volumen o mayor, cargado a la presión del
      suministro.
  The small tank that cushions the pressure has failed inside.
    El pequeño tanque que amortigua la presión ha fallado por dentro.
  Neither air nor water: the {vessel} is flat.
    Ni aire ni agua: el tanque de expansión está vacío de aire.
  Charge it to the supply pressure; if it loses it within a week, replace it.
    Cargarlo a la presión del suministro; si la pierde en una semana, cambiarlo.
  The small tank that cushions the pressure has lost its air.
    El pequeño tanque que amortigua la presión ha perdido su aire.
  Air only: the membrane holds so far.
    Solo aire: por ahora la membrana aguanta.
  {quantity} was set against live water, so it is not the charge. Bring the water side to zero and
      set it again.
    {quantity} se fijó con el agua a presión, así que no es la carga. Llevar el lado del agua a cero
      y fijarla de nuevo.
  Read the static pressure first: the charge is set to it.
    Leer primero la presión estática: la carga se ajusta a ella.
  Set to {quantity}, the supply's {target}.
    Fijada en {quantity}, la presión del suministro de {target}.
  Set to {quantity}, but the supply is {target}.
    Fijada en {quantity}, pero el suministro está a {target}.
  Flow, and the temperatures of flow, return and tank belong together.
    El caudal y las temperaturas de ida, retorno y tanque van juntos.
  Prove flow, air and connections first; then clean the coil.
    Comprobar primero caudal, aire y conexiones; después limpiar el serpentín.
  The boiler's heat does not reach your hot water as it should.
    El calor de la caldera no llega como debe a su agua caliente.
  CO and CO2 were not both read.
    No se leyeron a la vez el CO y el CO2.
  Hardly any CO2: the probe is not in the flue gas.
    Casi no hay CO2: la sonda no está en los gases de escape.
  CO over CO2 is {ratio}: the maker's limit for it is not known.
    CO sobre CO2 es {ratio}: no se conoce el límite del fabricante.
  the limit that was typed
    el límite que se escribió
  CO over CO2 is {ratio}, above {limit}: the burner makes carbon monoxide.
    CO sobre CO2 es {ratio}, por encima de {limit}: el quemador produce monóxido de carbono.
  Burner off; clean burner, intake and flueway, set the pressures, measure again.
    Quemador apagado; limpiar quemador, entrada de aire y paso de humos, ajustar las presiones y
      medir de nuevo.
  The burner does not burn clean. It makes carbon monoxide, which kills.
    El quemador no quema limpio. Produce monóxido de carbono, que mata.
  CO over CO2 is {ratio}, within {limit}.
    CO sobre CO2 es {ratio}, dentro de {limit}.
  turned down, valve shut and boiler off; turned up, it opens and the boiler fires
    al bajar, la válvula cierra y la caldera se apaga; al subir, abre y la caldera enciende
  Turned down, the heat goes on: something by-passes the thermostat.
    Bajado el termostato, el calor sigue: algo lo puentea.
  Isolate the heat source until the by-pass is found.
    Apagar y bloquear la fuente de calor hasta encontrar lo que puentea el corte.
  The thermostat does not stop the heat; the water can become scalding.
    El termostato no detiene el calor; el agua puede llegar a escaldar.
  Turned up, nothing happens: {two_port}, its end switch, the cut-out or the programmer.
    Subido el termostato, no pasa nada: la válvula de zona, su interruptor de fin de carrera, el
      corte por sobretemperatura o el programador.
  Test the chain link by link, dead and proved.
    Probar la cadena pieza por pieza, sin voltaje, comprobado.
  The heating does not answer when hot water is asked for.
    La calefacción no responde cuando se pide agua caliente.
  The thermostat stops the heat and starts it.
    El termostato detiene el calor y lo pone en marcha.
  Tripped, the cut-out does not stop the heat: it is by-passed or stuck.
    Disparado, el corte por sobretemperatura no detiene el calor: está puenteado o pegado.
  It has no test of its own: its type and its button were seen, no more.
    No tiene prueba propia: solo se vieron su tipo y su botón.
  Isolate the heat source until the cut-out stops it.
    Apagar y bloquear la fuente de calor hasta que el corte por sobretemperatura la detenga.
  The device that stops over-heating does not stop it.
    El dispositivo que detiene el sobrecalentamiento no lo detiene.
  The cut-out resets by itself: a second thermostat, not a cut-out.
    El corte por sobretemperatura se restablece solo: es un segundo termostato, no un corte.
  Fit one that is reset by hand.
    Instalar uno que se restablezca a mano.
  The device that stops over-heating switches itself on again.
    El dispositivo que detiene el sobrecalentamiento vuelve a conectarse solo.
  Tripped by its own test it stops the heat, and comes back only by hand.
    Disparado con su propia prueba detiene el calor, y solo vuelve a mano.
  The drain of the safety valves is too narrow for its length.
    El tubo de descarga de las válvulas de alivio es demasiado estrecho para su longitud.
  Re-pipe by the table, shorten it or take out bends.
    Rehacer la tubería según la tabla, acortarla o quitar codos.
  The valve's outlet is not on record: D2's size hangs on it.
    La salida de la válvula no está anotada: de ella depende el tamaño de D2.
  D2 is {d2_size}, no more than the valve's outlet of {outlet} in: it must be at least one size
      larger.
    D2 es de {d2_size}, no mayor que la salida de la válvula de {outlet} pulg.: debe ser al menos un
      tamaño mayor.
  D2's {missing} is not on record.
    {missing} de D2 no está anotado.
  Beyond the table: {used} of equivalent length.
    Fuera de la tabla: {used} de longitud equivalente.
  D2 is {d2_size}; {used} of equivalent length need {millimetres} mm in copper.
    D2 es de {d2_size}; {used} de longitud equivalente necesitan {millimetres} mm en cobre.
  D2's bends are not on record: without them its size is not known.
    Los codos de D2 no están anotados: sin ellos no se conoce su tamaño.
  D2 of {d2_size} will do for this {heater} alone; shared with another it needs {needed}. Whether it
      is shared is not on record.
    D2 de {d2_size} basta para este {heater} solo; compartido con otro necesita {needed}. No está
      anotado si es compartido.
  Flow pipe {out}, return {back}, tank {tank}: it gives up little. A fouled coil does that, and so
      does a large flow: measure the flow before it is opened.
    Ida {out}, retorno {back}, depósito {tank}: cede poco. Lo hace un serpentín sucio y también un
      caudal grande: medir el caudal antes de abrirlo.
  Flow pipe {out}, return {back}, tank {tank}: it gives up well, as far as it can be told without
      the flow.
    Ida {out}, retorno {back}, depósito {tank}: cede bien, hasta donde se sabe sin el caudal.
  The thermostat is set to {value}.
    El termostato está puesto a {value}.
  It is {years} years old: fitted or made in {made}.
    Tiene {years} años: se instaló o se fabricó en {made}.
  Plan its replacement; look at each visit for rust, damp and a used-up anode.
    Preparar su sustitución; mirar en cada visita si hay óxido, humedad y el ánodo gastado.
  A water heater this old may begin to leak without warning.
    Un calentador tan viejo puede empezar a perder agua sin aviso.
  D2 of {d2_size} carries {used} of equivalent length.
    D2 de {d2_size} admite {used} de longitud equivalente.
  D1 is {length} long.
    D1 mide {length} de largo.
  D2 runs {drop} straight down below the tundish.
    D2 baja {drop} en vertical por debajo del embudo.
  1 in {run}
    1 en {run}
  D2 falls {told}.
    D2 cae {told}.
  D2 falls only {told}.
    D2 solo cae {told}.
  Re-hang it to fall 1 in 200 or more.
    Volver a colgarla con pendiente de 1 en 200 o más.
  Water stands in the drain of the safety valves.
    Queda agua en el tubo de descarga de las válvulas de alivio.
  Lead the pipe to the floor, a receptor or outdoors.
    Llevar el tubo al piso, a un desagüe abierto o al exterior.
  The safety pipe ends in the tray under the {heater}, which a full discharge would overrun.
    El tubo de seguridad termina en la bandeja bajo el {heater}; una descarga completa la
      desbordaría.
  Ends in the pan.
    Termina en la bandeja.
  Ends in the pan, which the house rule accepts.
    Termina en la bandeja, lo que acepta la regla de la empresa.
  Ends in the pan, as the code allows.
    Termina en la bandeja, como permite el código.
  Nothing in the pail under the outlet after a day.
    Nada en la cubeta bajo la salida después de un día.
  Water in the pail under the outlet after a day: a safety valve lets go.
    Agua en la cubeta bajo la salida después de un día: una válvula de alivio suelta agua.
  a pail under it for a day shows what lets go
    una cubeta debajo durante un día muestra qué suelta agua
  Never cap the outlet. Measure static pressure, hot peak and the {vessel}'s charge; with those in
      order, replace the valve.
    Nunca tapar la salida. Medir la presión estática, el pico en caliente y la carga del tanque de
      expansión; si están en orden, cambiar la válvula.
  A safety valve lets water go in daily use. Something raises the pressure, or the valve does not
      close tight.
    Una válvula de alivio suelta agua en el uso diario. Algo sube la presión o la válvula no cierra
      bien.
  Heated water has nowhere to go: the system is closed and there is no {vessel}.
    El agua calentada no tiene adónde ir: el sistema está cerrado y no hay tanque de expansión.
  Fit an {vessel} of the size worked out, charged to the supply pressure.
    Instalar un tanque de expansión del tamaño calculado, cargado a la presión del suministro.
  Water needs more room when it gets hot, and here it has none, so pressure climbs.
    El agua necesita más sitio al calentarse; aquí no lo tiene y la presión sube.
  No {vessel}, and it is not known whether a check valve or {regulator} closes the system: the hot
      peak decides.
    No hay tanque de expansión y no se sabe si una válvula de retención o un regulador cierra el
      sistema: decide el pico en caliente.
  Only {flow} comes through: strainer, isolating valve or mains.
    Solo pasan {flow}: el filtro, la válvula de cierre o la red.
  {flow} comes through.
    Pasan {flow}.
  The plate's input is not recorded.
    La potencia de la placa no está anotada.
  The burner does not burn as much gas as its plate says.
    El quemador no consume el gas que dice su placa.
  Pressures in three states; orifice and burner clean.
    Presiones en tres estados; orificio y quemador limpios.
  The {high_limit} had not tripped.
    El límite alto no se había disparado.
  The {high_limit} had tripped: the water was far too hot, or its terminals were.
    El límite alto se había disparado: el agua, o sus terminales, estaban demasiado calientes.
  a high limit is never only reset
    un límite alto nunca se restablece sin buscar la causa
  Find out why: thermostats, an {element} to {earth}, a loose terminal.
    Averiguar por qué: termostatos, una resistencia a tierra, un terminal flojo.
  The device that stops over-heating had switched the {heater} off.
    El dispositivo que detiene el sobrecalentamiento había apagado el {heater}.
  As left, pressure still climbs to {peak}: the {first_relief} would open every time.
    Como queda, la presión aún sube a {peak}: la {first_relief} abriría cada vez.
  As left, pressure still rises to {peak} while the water heats.
    Como queda, la presión aún sube a {peak} mientras el agua se calienta.
  As left, pressure rises no further than {peak}.
    Como queda, la presión no pasa de {peak}.
  {peak} is where the {first_relief} opens: expansion is not taken up at all.
    {peak} es donde abre la {first_relief}: nada absorbe la expansión.
  Pressure rose to {peak} while the water heated.
    La presión subió a {peak} mientras el agua se calentaba.
  Pressure rose no further than {peak} while the water heated.
    La presión no pasó de {peak} mientras el agua se calentaba.
  The reading after the group equals the mains at {main}: the {regulator} has failed.
    La lectura tras el grupo es igual a la red, {main}: el regulador ha fallado.
  The {regulator}'s setting is not recorded; read it off the group.
    El ajuste del regulador no está anotado; leerlo en el grupo.
  Holds its setting of {setting}.
    Mantiene su ajuste de {setting}.
  {after} after the group, set to {setting}: the {regulator} creeps or has failed.
    {after} tras el grupo, ajustado a {setting}: el regulador deja pasar o ha fallado.
  {after} after the group, set to {setting}: mains low, or the strainer blocked.
    {after} tras el grupo, ajustado a {setting}: la red está baja o el filtro atascado.
  Read the mains; rinse the strainer.
    Leer la red; enjuagar el filtro.
  The element's rating is not recorded; read it off its flange.
    La potencia de la resistencia no está anotada; leerla en su brida.
  Replace the {element}; the circuit stays off meanwhile.
    Cambiar la resistencia; mientras tanto el circuito queda apagado.
  A heating element is worn out or unsafe.
    Una resistencia eléctrica está gastada o no es segura.
  Nothing here can be judged: a manifold goes by its plate, which is not on record.
    Aquí no se puede juzgar nada: la presión del quemador se rige por su placa, que no está anotada.
  Find what takes the pressure; set the manifold to its plate.
    Buscar qué quita presión; ajustar la del quemador a su placa.
  The gas pressure at the burner is not what it should be.
    La presión del gas en el quemador no es la que debe ser.
  Ends {height} above the floor.
    Termina {height} por encima del piso.
  Ends high up, at {height}.
    Termina alto, a {height}.
  Ends {height} above: too high.
    Termina {height} por encima: demasiado alto.
  Ends {height} above: too low.
    Termina {height} por encima: demasiado bajo.
  Ends {height} above.
    Termina {height} por encima.
  The pan's pipe ends {height} above ground.
    El tubo de la bandeja termina {height} sobre el suelo.
  The paper is dry after a day.
    El papel está seco después de un día.
  The paper is wet through: a joint leaks.
    El papel está empapado: una unión tiene fuga.
  A spot on the paper: a joint weeps.
    Una mancha en el papel: una unión rezuma.
  paper under it for a day shows a slow leak
    un papel debajo durante un día muestra una fuga lenta
  Cap a weeping drain valve; make a joint again.
    Tapar una válvula de drenaje que rezuma; rehacer la unión.
  Water slowly leaks from a joint.
    Una unión deja salir agua poco a poco.
  Clean and tighten first; the part that the measurements point to after that.
    Primero limpiar y apretar; después la pieza a la que apunten las medidas.
  The safety device that watches the pilot flame is not as it should be.
    El dispositivo de seguridad que vigila la llama piloto no está como debe.
  A blue pilot flame on the generator's tip.
    Una llama piloto azul sobre la punta del generador.
  The pilot flame misses the generator's tip.
    La llama piloto no alcanza la punta del generador.
  A lazy, yellow pilot flame: the intake is choked or its orifice dirty.
    Una llama piloto con poca fuerza y amarilla: la entrada de aire está obstruida o su orificio
      sucio.
  The pilot flame lifts: too much air, or a choked intake.
    La llama piloto se despega: demasiado aire o entrada obstruida.
  a blue flame on the tip; screen and orifice clean
    una llama azul en la punta; rejilla e orificio limpios
  Clean screen, base filter and orifice; look again with the door clear.
    Limpiar rejilla, filtro de la base e orificio; mirar de nuevo con la puerta limpia.
  The pilot flame burns badly and may go out.
    La llama piloto quema mal y puede apagarse.
  held until the generator is hot, it stays; five minutes after a failed try
    se mantiene hasta que el generador está caliente y queda encendida; cinco minutos tras un
      intento fallido
  Gas smelt at floor level.
    Olor a gas al nivel del piso.
  Gas was leaking near the {heater}.
    Había una fuga de gas cerca del {heater}.
  No flame, no switch; air the room; find the leak before any try.
    Ni llamas ni interruptores; ventilar el cuarto; encontrar la fuga antes de intentarlo.
  The pilot stays lit.
    El piloto queda encendido.
  The pilot does not stay: generator, its nut, cut-off or link.
    El piloto no queda encendido: el generador, su tuerca, la válvula o el enlace.
  Wait five minutes; measure generator and cut-off.
    Esperar cinco minutos; medir generador y válvula.
  The pilot flame does not stay lit.
    La llama piloto no queda encendida.
  Rated {rating}, the heat input is {input}: the {relief_valve} is too small.
    Capacidad {rating}, la potencia de calor es {input}: la válvula T&P es demasiado pequeña.
  The last safety valve is too small for this {heater}.
    La última válvula de alivio es demasiado pequeña para este {heater}.
  Rated {rating}, the heat input is {input}.
    Capacidad {rating}, la potencia de calor es {input}.
  that is what it works at; ask the maker
    eso es a lo que trabaja; preguntar al fabricante
  ask whether that is
    preguntar si eso es
  Set to {set}, the plate says {tank}: {what} what it is designed for. Only that is held against the
      {relief_valve}.
    Ajustada a {set}, la placa dice {tank}: {what} aquello para lo que está diseñado. Solo con eso
      se compara la válvula T&P.
  Set to {set}, the tank is rated for {tank}: it opens too late.
    Ajustada a {set}, el tanque está hecho para {tank}: abre demasiado tarde.
  Heat off until a valve set no higher than the tank's rating is fitted.
    Calor apagado hasta instalar una válvula que no abra por encima de lo que soporta el tanque.
  The last safety valve opens later than the tank can stand.
    La última válvula de alivio abre más tarde de lo que el tanque soporta.
  Opens at {set}, no higher than the tank's {tank}.
    Abre a {set}, no más que los {tank} del tanque.
  Fitted {fitted}: within its three years.
    Instalada en {fitted}: dentro de sus tres años.
  {years} years
    {years} años
  Fitted {fitted}: its three years are over.
    Instalada en {fitted}: sus tres años han pasado.
  This safety valve is due for replacement by age.
    A esta válvula de alivio le toca el cambio por edad.
  When the {relief_valve} was fitted is not recorded; the house rule replaces it after three years.
    No está anotado cuándo se instaló la válvula T&P; la regla de la empresa la cambia a los tres
      años.
  after a regulator, house and street differ
    tras un regulador, casa y calle difieren
  House and {street} both stand at {house}: the {regulator} no longer reduces.
    Casa y calle están las dos a {house}: el regulador de presión ya no reduce.
  Replace or adjust the {regulator}; run a {tap} first to be sure that the pressure is not trapped.
    Cambiar o ajustar el regulador de presión; abrir antes una llave para asegurarse de que no es
      presión atrapada.
  The device that lowers the {street}'s water pressure has stopped working.
    El dispositivo que baja la presión del agua de la calle ha dejado de funcionar.
  House {house}, {street} {main}: only a {street} that is higher shows what the {regulator} does.
      Run a cold {tap}, shut it, and read both again.
    Casa {house}, calle {main}: solo una calle con más presión muestra lo que hace el regulador.
      Abrir una llave fría, cerrarla y leer las dos otra vez.
  The house stands at {house}, the {regulator} is set to {setting}.
    La casa está a {house}, el regulador está ajustado a {setting}.
  Run a cold {tap}, shut it, and read again; where it climbs at rest with the heat off, replace the
      {regulator}.
    Abrir una llave fría, cerrarla y leer de nuevo; si sube en reposo con el calor apagado, cambiar
      el regulador de presión.
  The water pressure does not stay where the regulator is set.
    La presión del agua no se queda donde está ajustado el regulador.
  Dry ten seconds after closing.
    Seca diez segundos después de cerrar.
  Still running ten seconds after closing: it does not shut.
    Sigue corriendo diez segundos después de cerrar: no cierra.
  Heat off, then the {heater}'s supply shut; replace the valve.
    Apagar el calor, luego cerrar el agua del {heater}; cambiar la válvula.
  Hot drip ten seconds after closing: over-temperature until proved otherwise.
    Goteo caliente diez segundos después de cerrar: exceso de temperatura mientras no se demuestre
      otra cosa.
  hot drip
    goteo caliente
  Heat off, the cold left open. Find out why the heat does not stop; a new valve would drip again.
    Calor apagado, el agua fría abierta. Averiguar por qué no se detiene el calor; una válvula nueva
      gotearía igual.
  Dripped after closing, dry after washing the seat.
    Goteó después de cerrar; seca tras lavar el asiento.
  dry after washing
    seca tras el lavado
  Look at its outlet again at the next visit.
    Mirar de nuevo su salida en la próxima visita.
  The safety valve dripped after its test and closed after being rinsed.
    La válvula de alivio goteó después de su prueba y cerró después de enjuagarla.
  Dripped after closing; washing only postpones it.
    Goteó después de cerrar; lavarla solo lo aplaza.
  Still dripping ten seconds after closing.
    Aún gotea diez segundos después de cerrar.
  The last protection against a bursting tank does not work.
    La última protección contra que el tanque reviente no funciona.
  A safety valve against pressure does not work.
    Una válvula de alivio contra la presión no funciona.
  strong full-bore flow, and it shuts
    caudal fuerte a paso pleno, y cierra
  Heat off until the {relief_valve} is replaced.
    Calor apagado hasta cambiar la válvula T&P.
  Heat off until the {expansion_relief} is replaced.
    Calor apagado hasta cambiar la válvula de alivio de expansión.
  The lever will not lift: the tank is not protected.
    La palanca no se levanta: el tanque no está protegido.
  The lever lifts and nothing comes: the tank is not protected.
    La palanca se levanta y no sale nada: el tanque no está protegido.
  It does not shut after its test.
    No cierra después de su prueba.
  The safety valve does not close tight any more and must be replaced.
    La válvula de alivio ya no cierra bien y hay que cambiarla.
  Cold inlet and heat off first; then the lever 3–4 times; if it runs on, replace it.
    Primero cerrar la entrada fría y apagar el calor; luego levantar y soltar la palanca 3–4 veces;
      si sigue saliendo agua, cambiar la válvula.
  Weak flow: scale or debris in the valve or its pipe.
    Caudal débil: sarro o suciedad en la válvula o en su tubo.
  The safety valve lets out less water than it should.
    La válvula de alivio deja salir menos agua de la que debe.
  Clear the pipe, lift again; if it stays weak, replace the valve.
    Limpiar el tubo y levantar otra vez; si sigue débil, cambiar la válvula.
  Every joint that was opened is dry.
    Todas las uniones que se abrieron están secas.
  A joint that was opened drips.
    Una unión que se abrió gotea.
  dry at full pressure before you leave
    seca a plena presión antes de irse
  Make it again before heat comes back.
    Rehacerla antes de que vuelva el calor.
  A joint drips after the work.
    Una unión gotea después del trabajo.
  Ran {out}: flush again in {months} months.
    Salió {out}: enjuagar de nuevo en {months} meses.
  Heavy sediment came out.
    Salió mucho sedimento.
  what came out sets the next flush
    lo que salió fija el próximo enjuague
  Flush again in six months.
    Enjuagar de nuevo en seis meses.
  A lot of sediment had gathered in the tank.
    Se había juntado mucho sedimento en el tanque.
  {percent} % of the anode is left.
    Queda el {percent} % del ánodo.
  any bare core wire, or a quarter left: replace
    alma de alambre a la vista, o queda un cuarto: cambiar
  Fit a new anode.
    Poner un ánodo nuevo.
  The rod that protects the tank from rust is nearly used up.
    La varilla que protege el tanque del óxido está casi gastada.
  The new valve lifts, full-bore, and shuts.
    La válvula nueva levanta, a paso pleno, y cierra.
  The new valve does not shut.
    La válvula nueva no cierra.
  The new valve does not give full flow.
    La válvula nueva no da todo el caudal.
  a new valve is proved before you leave
    una válvula nueva se prueba antes de irse
  Heat off; find out why before the {heater} runs.
    Calor apagado; averiguar por qué antes de que funcione el {heater}.
  The new safety valve does not let enough water out.
    La válvula de alivio nueva no deja salir suficiente agua.
  prove, test, prove
    comprobar, probar, comprobar
  Something is live: a second feed, or the wrong {breaker}.
    Algo está energizado: una segunda alimentación, o el breaker equivocado.
  Covers on; find the other feed before anything is touched.
    Tapas puestas; encontrar la otra alimentación antes de tocar nada.
  A part that should be dead was live.
    Una parte que debía estar sin voltaje estaba energizada.
  The tester failed on the proving unit: nothing is proved.
    El probador falló en su unidad de comprobación: no se ha comprobado nada.
  Dead on every pair and every feed, the tester proved before and after.
    Sin voltaje en todos los pares y alimentaciones; el probador se comprobó antes y después.
  Not proved yet: the tester is proved before and after.
    Aún sin comprobar: el probador se comprueba antes y después.
  spillage test
    prueba de retroceso de gases
  9 and 30 ppm
    9 y 30 ppm
  Burner off, ventilate, everybody out at 30 ppm; find the cause.
    Quemador apagado, ventilar, todos afuera a 30 ppm; encontrar la causa.
  Exhaust gas stays in the house. It carries carbon monoxide, which kills.
    Los gases de combustión se quedan en la casa. Llevan monóxido de carbono, que mata.
  Flue gas spills at the hood in the worst case.
    Los humos se escapan por la campana en el peor caso.
  {co} ppm of carbon monoxide in the room.
    {co} ppm de monóxido de carbono en el cuarto.
  Investigate every burner.
    Investigar todos los quemadores.
  Drawn in at the hood, in the worst case.
    La campana aspira, en el peor caso.
  {pressure} is more than the tank's {rated}.
    {pressure} es más que los {rated} del tanque.
  no more pressure than the tank's plate
    no más presión que la de la placa del tanque
  Heat off; bring the supply down before it runs.
    Calor apagado; bajar la presión del suministro antes de que funcione.
  The water pressure is higher than the tank is made for.
    La presión del agua es mayor que aquella para la que está hecho el tanque.
  {pressure} is more than it should be.
    {pressure} es más de lo debido.
  {pressure} is lower than usual.
    {pressure} es menos de lo habitual.
  {pressure} lies in the usual range.
    {pressure} está en el margen habitual.
  a blocked strainer starves hot water first
    un filtro atascado deja primero sin agua caliente
  The strainer is torn.
    El filtro está roto.
  Fit a new strainer: grit holds the {regulator} and the check valve open.
    Poner un filtro nuevo: la arenilla mantiene abiertos el regulador y la válvula de retención.
  The filter before the pressure valve is torn, so dirt reaches the valve.
    El filtro antes de la válvula de presión está roto y la suciedad llega a la válvula.
  The strainer was blocked; it was rinsed.
    El filtro estaba atascado; se enjuagó.
  Look at it again in half a year; find out where the grit comes from.
    Mirarlo de nuevo en medio año; averiguar de dónde viene la arenilla.
  The filter before the pressure valve was full of dirt.
    El filtro antes de la válvula de presión estaba lleno de suciedad.
  The strainer was {found}; rinsed.
    El filtro estaba {found}; enjuagado.
  120, 120, 240 V; or 230, 0, 230 V; zero everywhere once switched off
    120, 120, 240 V; o 230, 0, 230 V; cero en todas partes una vez apagado
  Something stays live after switching off.
    Algo sigue energizado después de apagar.
  Find the other feed, or the leg that is not broken, before anything is touched.
    Encontrar la otra alimentación, o el conductor que no se corta, antes de tocar nada.
  A part of the {heater} stays live when it is switched off.
    Una parte del {heater} sigue energizada cuando está apagado.
  Both legs and across belong together.
    Las lecturas de las dos fases y entre ellas van juntas.
  Follow it back to the {breaker}.
    Seguirlo hasta el breaker (disyuntor).
  The electricity does not reach the {heater} as it should.
    La electricidad no llega como debe al {heater}.
  {one} and {two} V to {earth}: the {earth} is not proved, or the supply is not what it seems.
    {one} y {two} V a tierra: la tierra no está comprobada, o el suministro no es lo que parece.
  Prove the {earth} against a live leg.
    Comprobar la tierra contra una fase viva.
  The electrical supply needs looking at.
    Hay que revisar el suministro eléctrico.
  Full voltage, and zero once switched off.
    Voltaje completo, y cero una vez apagado.
  {hot} is no warmer than the cold supply: the {heater} is off, or the wrong {tap} was measured.
    {hot} no es más que el agua fría: el {heater} está apagado, o se midió otra llave.
  {hot} at the {tap}, as set; burns adult skin in {burn}.
    {hot} en la llave, como está ajustado; quema la piel de un adulto en {burn}.
  {hot} is hotter than any setting: over-temperature.
    {hot} es más que cualquier ajuste: exceso de temperatura.
  {hot} burns adult skin in {burn}.
    {hot} quema la piel de un adulto en {burn}.
  {hot} burns adult skin in {burn}; children and the old sooner.
    {hot} quema la piel de un adulto en {burn}; la de niños y mayores, antes.
  {hot} lies in the range in which legionella can grow.
    {hot} está en el margen en que puede crecer la legionela.
  {hot} at the {tap}: hot enough, and burns only after {burn}.
    {hot} en la llave: suficiente, y solo quema después de {burn}.
  {element}'s thermostat
    termostato de la resistencia
  {element}'s {cut_out}
    límite alto de la resistencia
  The {name} is set to {value}.
    {name}: ajustado a {value}.
  tank's rating
    lo que soporta el tanque
  Out of order: the {first} stands at {low}, the {second} at {high}.
    Fuera de orden: {first} está a {low}, {second} a {high}.
  each tier must act before the next
    cada nivel debe actuar antes que el siguiente
  Heat off until the settings are in order.
    Calor apagado hasta que los ajustes estén en orden.
  The safety devices of this {heater} would act in the wrong order.
    Los dispositivos de seguridad de este {heater} actuarían en el orden equivocado.
  The tundish takes the full flow.
    El embudo admite todo el caudal.
  The tundish backs up: D2 is too small, too long or partly blocked.
    El embudo se llena: D2 es demasiado estrecha, demasiado larga o está medio obstruida.
  Follow D2, clear it; re-size it by its equivalent length.
    Seguir D2 y despejarla; volver a dimensionarla por su longitud equivalente.
  The drain of the safety valves cannot carry what they let go.
    El tubo de descarga de las válvulas de alivio no puede llevar lo que sueltan.
  The tundish spills: scalding water into the room.
    El embudo rebosa: agua hirviente en el cuarto.
  Isolate every heat source until D2 is clear.
    Apagar y bloquear todas las fuentes de calor hasta que D2 esté libre.
  When a safety valve opens, scalding water would run into the room.
    Cuando abre una válvula de alivio, correría agua hirviente por el cuarto.
  {text} on an unvented {heater}.
    {text} en un sistema presurizado de agua caliente.
  charge is read with the water side at zero
    la carga se lee con el lado del agua a cero
  {pressure} is the system's pressure, not the charge: it was read against live water. Bring the
      water side to zero, by the valve that isolates the {vessel}, and read again.
    {pressure} es la presión del sistema, no la carga: se leyó con agua a presión. Llevar el lado
      del agua a cero, con la válvula que aísla el tanque de expansión, y leer de nuevo.
  Read the static pressure first: the charge is held against it.
    Leer primero la presión estática: la carga se compara con ella.
  {pressure} was read with {taps} running: approximate, too near the limit to decide. Isolate, drain
      to zero, read again.
    {pressure} se leyó con llaves abiertas: aproximado, demasiado cerca del límite para decidir.
      Cerrar, bajar la presión a cero y leer de nuevo.
  {pressure}, within {limit} of the supply's {target}.
    {pressure}, dentro de {limit} de los {target} del suministro.
  Charged to the supply's
    Cargado a los
  Even at a supply of only
    Incluso con un suministro de solo
  The {vessel} of {vessel_volume} is too small for this tank. {even} {supply}, heating it from cold
      brings it to {reached}.
    El tanque de expansión de {vessel_volume} es demasiado pequeño para este tanque. {even}
      {supply}, calentarlo desde frío lo lleva a {reached}.
  Fit an {vessel} of {wanted} or more, charged to the supply pressure.
    Instalar un tanque de expansión de {wanted} o más, cargado a la presión del suministro.
  The small tank that cushions the pressure is too small for this {heater}.
    El pequeño tanque que amortigua la presión es demasiado pequeño para este {heater}.
  discharge pipe
    tubo de descarga
  water pressure
    presión del agua
  pressure while heating
    presión al calentar
  thermostat
    termostato
  joints that were opened
    uniones que se abrieron
  gas input
    potencia de gas
  new {relief_valve}
    válvula T&P nueva
  high limit
    límite alto
  flue
    ducto de gases
  order of the protections
    orden de las protecciones
  gas pressures
    presiones del gas
  electrical supply
    alimentación eléctrica
  discharge pipe, from end to end
    tubo de descarga, de punta a punta
  membrane of the {vessel}
    membrana del tanque de expansión
  combustion
    combustión
  pilot's generator and cut-off
    generador y corte del piloto
  air charge of the {vessel}
    carga de aire del tanque de expansión
  hot water temperature
    temperatura del agua caliente
  thermostat and controls
    termostato y controles
  what can be seen
    lo que se ve
  Not recorded.
    Sin anotar.
  Nothing was tested.
    No se probó nada.
  Immediately dangerous
    Peligro inmediato
  At risk
    En riesgo
  Not an unsafe situation
    No es una situación insegura
  Not visible
    No visible
  Not applicable
    No aplicable
  taken apart and left so
    desarmado y dejado así
  not done
    no hecho
  {work}: done, but not proved yet: {proof}.
    {work}: hecho, pero aún no comprobado: {proof}.
  Prove it before it is used.
    Comprobarlo antes de usarlo.
  Off until it is put right and proved.
    Apagado hasta que esté arreglado y comprobado.
  A danger was found here and has not been proved to be put right.
    Aquí se encontró un peligro y no se ha comprobado que esté arreglado.
  {ask}: not visible.
    {ask}: no visible.
  measured draw
    extracción medida
  usual draw
    extracción usual
  Tank {capacity}, water from {cold} to {hot}; a heating after a {which} of {drawn}.
    Tanque de {capacity}, agua de {cold} a {hot}; un calentamiento tras una {which} de {drawn}.
  Nothing seen closes this system: heated water can push back into the main, and pressure should
      hardly rise.
    Nada de lo visto cierra este sistema: el agua calentada puede volver a la red y la presión
      apenas debería subir.
  Whether a check valve closes this system is not known; these numbers hold if one does.
    No se sabe si una válvula de retención cierra este sistema; estos números valen si la hay.
  With the {vessel} as found
    Con el tanque de expansión como se encontró
  With the charge as set
    Con la carga como se ajustó
  Without any {vessel}
    Sin tanque de expansión
  {lead}, heating a cold tank brings the pressure from {supply} to {hot_pressure}.
    {lead}, calentar un tanque frío lleva la presión de {supply} a {hot_pressure}.
  The {vessel}'s volume is not on record: enter it from its plate, and this says what pressure the
      tank will reach.
    El volumen del tanque de expansión no está anotado: escríbalo de su placa y esto dirá a qué
      presión llegará el tanque.
  Measured {peak}, expected {cycle_pressure} after this draw: they agree.
    Medido {peak}, esperado {cycle_pressure} tras esta extracción: coinciden.
  Measured {peak}, expected only {cycle_pressure} after this draw: the {vessel} takes less than its
      charge says, or the supply itself rose. Look at the membrane and at the {regulator}.
    Medido {peak}, esperado solo {cycle_pressure} tras esta extracción: el tanque de expansión
      absorbe menos de lo que dice su carga, o subió el propio suministro. Mirar la membrana y el
      regulador de presión.
  Measured {peak}, expected {cycle_pressure} after this draw: water has found another way, back into
      the main or out of a {tap}.
    Medido {peak}, esperado {cycle_pressure} tras esta extracción: el agua ha encontrado otro
      camino, de vuelta a la red o por una llave.
  Measured {peak} on a supply of {supply}, though nothing seen closes this system: something does.
      Look for a check valve or a {regulator}.
    Medido {peak} con un suministro de {supply}, aunque nada de lo visto cierra este sistema: algo
      lo cierra. Buscar una válvula de retención o un regulador de presión.
  volume is not known
    volumen no se conoce
  charge has not been read yet
    carga aún no se ha leído
  Measured {peak}. The {vessel}'s {missing}: it cannot be said what was to be expected.
    Medido {peak}. Del tanque de expansión, su {missing}: no se puede decir qué era de esperar.
  In service
    En servicio
  In service, with limits
    En servicio, con límites
  Left off, made safe
    Apagado y en condición segura
  Left in use against advice
    Dejado en uso contra nuestro consejo
  Evacuated, handed to the emergency service
    Evacuado, entregado al servicio de emergencia
  The relief valve was not tested.
    La válvula de alivio no se probó.
  Everything tested is sound.
    Todo lo probado está bien.
  The {heater} is dangerous and was left in use against advice; it should be switched off until it
      is put right.
    El {heater} es peligroso y se dejó en uso contra nuestro consejo; debe apagarse hasta que esté
      arreglado.
  The {heater} is in service, but {things} put right by the dates below.
    El {heater} está en servicio, pero {things} antes de las fechas de abajo.
  Everybody was asked to leave, and the emergency service was called
    Se pidió a todos que salieran y se llamó al servicio de emergencia
  Everybody must leave, and the emergency service be called from outside
    Todos deben salir y llamar desde afuera al servicio de emergencia
  {said}; the {heater} must not be used, and nobody goes back in, until they have cleared it.
    {said}; el {heater} no debe usarse y nadie vuelve a entrar hasta que ellos lo autoricen.
  The {heater} is in service; a few points are worth watching.
    El {heater} está en servicio; conviene vigilar algunos puntos.
  The {heater} is in service, and everything tested is sound.
    El {heater} está en servicio y todo lo probado está bien.
  The {heater} is in service.
    El {heater} está en servicio.
  The {heater} is in service, and what was tested is sound.
    El {heater} está en servicio y lo que se probó está bien.
  its relief valve was not tested and must be
    su válvula de alivio no se probó y hay que hacerlo
  one thing must be
    hay que arreglar una cosa
  {count} things must be
    hay que arreglar {count} cosas
  Water pressure
    Presión del agua
  Pressure after the inlet group
    Presión tras el grupo de entrada
  Flow of water
    Caudal de agua
  Pressure while heating
    Presión al calentar
  Hot water at the {tap}
    Agua caliente en la llave
  Hot water at the bath
    Agua caliente en la tina
  Thermostat and controls
    Termostato y controles
  Tundish at full flow
    Embudo a pleno caudal
  {count} entries were made without a signal and reached the office later, the last on {date},
      {time} UTC.
    {count} anotaciones se hicieron sin señal y llegaron más tarde a la oficina, la última el
      {date}, {time} UTC.
  One entry of this visit was made without a signal and reached the office later, the last on
      {date}, {time} UTC.
    Una anotación de esta visita se hizo sin señal y llegó más tarde a la oficina, el {date}, {time}
      UTC.
  Photographs
    Fotografías
  Dripped after closing, and drips after washing the seat.
    Goteó tras cerrar, y gotea después de lavar el asiento.
  drips after washing
    gotea después de lavar
  Open since {found_on}: still there.
    Abierto desde el {found_on}: sigue igual.
  Thermostat of the back-up immersion, turned down
    Termostato de la resistencia de apoyo, al bajarlo
  Expansion relief valve, ten seconds after closing
    Válvula de alivio de expansión, diez segundos después de cerrar
  Energy cut-out of the lower element
    Corte por sobretemperatura de la resistencia inferior
  Energy cut-out of the back-up immersion
    Corte por sobretemperatura de la resistencia de apoyo
  Not in use, and not tested.
    No está en uso, y no se probó.
  Strainer of the inlet group
    Filtro del grupo de entrada
  Thermostat, turned down
    Termostato, al bajarlo
  Height of the pan pipe's end
    Altura del extremo del tubo de la bandeja
  Pilot flame
    Llama del piloto
  Pilot, lit again
    Piloto, encendido de nuevo
  Drain valve, on dry paper
    Válvula de drenaje, sobre papel seco
  Turned down, the heat stops; up again, it comes on.
    Al bajarlo, el calor se corta; al subirlo, vuelve.
  Turned down, the heat goes on: the thermostat does not stop it.
    Al bajarlo, el calor sigue: el termostato no lo corta.
  Heat off, the cold left open, until the control is mended and proved.
    Apague el calor y deje abierta el agua fría hasta que el control esté reparado y probado.
  The thermostat does not stop the heat; only the last protections are left.
    El termostato no corta el calor; solo quedan las últimas protecciones.
  turned down, the heat stops; up again, it comes on
    al bajarlo, el calor se corta; al subirlo, vuelve
  {Relief_valve}, ten seconds after closing
    Válvula de alivio, diez segundos después de cerrar
  Height of the discharge pipe's end
    Altura del extremo del tubo de descarga
  Air charge of the {vessel}
    Carga de aire del tanque de expansión
  Membrane of the {vessel}
    Membrana del tanque de expansión
  New {relief_valve}
    Válvula T&P nueva
  {Element}, upper or only one
    Resistencia, la superior o única
  {Element}, lower
    Resistencia, la inferior
  Electrical supply
    Suministro eléctrico
  Gas pressures
    Presiones del gas
  Gas input
    Potencia de gas
  Pilot's generator and cut-off
    Generador y corte del piloto
  {Draught}, and CO in the room
    Tiro, y CO en el cuarto
  Combustion, CO to CO2
    Combustión, CO sobre CO2
  Sediment flushed out
    Sedimento enjuagado
  Coil, as found
    Serpentín, como se encontró
  Coil, after cleaning
    Serpentín, después de limpiarlo
  Joints that were opened
    Juntas que se abrieron
  The charge was set on this visit.
    La carga se ajustó en esta visita.
  Measured again after the work.
    Medido de nuevo después del trabajo.
  Put right on this visit.
    Arreglado en esta visita.
  {operation}: not done. {because}
    {operation}: no hecho. {because}
  Hot water at your {tap} can burn: mix it with cold, and check it with a thermometer before a child
      or an older person uses it.
    El agua de su llave de agua caliente puede quemar: mézclela con fría y compruébela con un
      termómetro antes de que la use un niño o una persona mayor.
  Never plug or cap the pipe from the {relief_valve}; if water comes out of it, call us.
    Nunca tape ni cierre el tubo de la válvula T&P; si sale agua por él, llámenos.
  Annual safety visit, with the {relief_valve} exercised.
    Visita anual de seguridad, con prueba de la válvula T&P.
  Look at the anode: on record nobody has.
    Mirar el ánodo: no consta que nadie lo haya hecho.
  Replace the anode: yearly, by house rule.
    Cambiar el ánodo: cada año, por regla de la empresa.
  Look at the anode.
    Mirar el ánodo.
  Look at the anode: three years after it was fitted.
    Mirar el ánodo: tres años después de ponerlo.
  Look at the anode: by estimate a quarter is left about {month}.
    Mirar el ánodo: se estima que quedará un cuarto hacia {month}.
  Renew the air bubble: it dissolves in about 18 months.
    Renovar la burbuja de aire: se disuelve en unos 18 meses.
  Re-check the new {vessel}'s charge: it must not have dropped.
    Volver a revisar la carga del tanque de expansión nuevo: no debe haber bajado.
  Re-check the {vessel}'s charge: it was set, and must not have dropped.
    Volver a revisar la carga del tanque de expansión: se ajustó, y no debe haber bajado.
  Flush the tank: it ran {out} last time.
    Enjuagar el tanque: la última vez salió {out}.
  Flush the tank: it has been flushed once, and stays clear by it.
    Enjuagar el tanque: se enjuagó una vez, y así queda limpio.
  Flush the tank: yearly, by house rule.
    Enjuagar el tanque: cada año, por regla de la empresa.
  Look at the paper under the joints.
    Mirar el papel bajo las uniones.
  Look for drops where joints were opened; a photograph by the household will do.
    Buscar gotas donde se abrieron uniones; basta una foto hecha por quienes viven en la casa.
  Read the pressure while the {heater} is heated from cold.
    Leer la presión mientras el {heater} se calienta desde frío.
  Exercise the {relief_valve}: quarterly, by house rule.
    Probar la válvula T&P: cada trimestre, por regla de la empresa.
  Exercise the {relief_valve}.
    Probar la válvula T&P.
  Replace the {relief_valve}: three years old, by house rule.
    Cambiar la válvula T&P: tres años, por regla de la empresa.
  The maker's warranty may end about {month}: claim before then what is open.
    La garantía del fabricante puede terminar hacia {month}: reclame antes lo que quede pendiente.
  Fit or adjust a {regulator} on the supply.
    Instalar o ajustar un regulador de presión en el suministro.
  Fixtures and hoses are made for 550 kPa; above it they fail sooner.
    Llaves y mangueras están hechas para 550 kPa; por encima fallan antes.
  Fit or set a mixing valve at bath and shower: 49 °C at most.
    Instalar o ajustar una válvula mezcladora en tina y ducha: 49 °C como máximo.
  Water this hot burns skin quickly, children and older people soonest.
    El agua así de caliente quema la piel enseguida, la de niños y mayores la primera.
  Bring the end to within 300 mm of the floor drain or floor, clear of it.
    Llevar el extremo a menos de 300 mm del desagüe o del piso, sin tocarlo.
  The end of the safety pipe is so high that scalding water splashes.
    El extremo del tubo de seguridad está tan alto que salpica agua hirviente.
  Clean or replace the {regulator} of the inlet group; never adjust a factory-set one.
    Limpiar o cambiar el regulador del grupo de entrada; nunca ajustar uno fijado de fábrica.
  The pressure behind the reducing valve is higher than a cylinder wants; its safety valves will
      drip.
    La presión tras la válvula reductora es mayor de lo que quiere un cilindro; sus válvulas de
      alivio gotearán.
  Measure again at another hour; look at the strainer and the isolating valve.
    Medir de nuevo a otra hora; mirar el filtro y la llave de paso.
  The water pressure is low: hot water will run weakly.
    La presión del agua es baja: el agua caliente saldrá con poca fuerza.
  Clean or replace the {regulator} of the inlet group.
    Limpiar o cambiar el regulador del grupo de entrada.
  The valve that lowers the mains pressure does not hold its setting.
    La válvula que baja la presión de la red no mantiene su ajuste.
  Rinse the strainer; look at the isolating valve and the mains.
    Enjuagar el filtro; mirar la llave de paso y la red.
  Less water comes through than usual.
    Pasa menos agua de lo habitual.
  Set the charge to the reducing valve's setting with the water side at zero; check it again in a
      week.
    Ajustar la carga al valor de la válvula reductora con el lado del agua a cero; revisarla en una
      semana.
  The small vessel that cushions the pressure holds the wrong amount of air, so pressure rises too
      far when water heats.
    El pequeño tanque que amortigua la presión no tiene la cantidad correcta de aire, y la presión
      sube demasiado al calentar el agua.
  Check the vessel's charge or renew the bubble, then measure the peak again.
    Revisar la carga del vaso o renovar la burbuja, luego medir el pico otra vez.
  Pressure rises far when the water heats; the expansion is not fully taken up.
    La presión sube mucho al calentar el agua; la expansión no se absorbe del todo.
  Restore the vessel's charge or the bubble; never cap the valve.
    Restablecer la carga del vaso o la burbuja; nunca tapar la válvula.
  When the water heats, pressure climbs until a safety valve opens and water drips away.
    Al calentarse el agua, la presión sube hasta que abre una válvula de alivio y gotea.
  Turn the cylinder thermostat down to 60–65 °C; limit the bath by a mixing valve.
    Bajar el termostato del cilindro a 60–65 °C; limitar la tina con una válvula mezcladora.
  The stored water is hotter than it need be; it scalds quickly.
    El agua guardada está más caliente de lo necesario; escalda enseguida.
  Set or fit thermostatic mixing valves that limit bath and bidet to 48 °C.
    Ajustar o instalar válvulas mezcladoras termostáticas que limiten la tina y el bidé a 48 °C.
  Set or fit a thermostatic mixing valve that limits the bath to 48 °C.
    Ajustar o instalar una válvula mezcladora termostática que limite la tina a 48 °C.
  The water at the bath is hot enough to scald.
    El agua de la tina está tan caliente que escalda.
  Turn the thermostat down now; prove that it stops the heat.
    Bajar ya el termostato; comprobar que detiene el calor.
  Water this hot burns skin at once.
    El agua así de caliente quema la piel al instante.
  Isolate every heat source; find out why the thermostat does not stop it.
    Apagar y bloquear todas las fuentes de calor; averiguar por qué el termostato no las detiene.
  The water is as hot as the second safety device allows. A control has failed; the cylinder must
      not be heated until it is found.
    El agua está tan caliente como permite el segundo dispositivo de seguridad. Ha fallado un
      control; el cilindro no debe calentarse hasta encontrarlo.
  Store at 60 °C; limit the bath by a mixing valve.
    Guardar a 60 °C; limitar la tina con una válvula mezcladora.
  Stored below about 50 °C, water may let legionella bacteria grow.
    Guardada por debajo de unos 50 °C, en el agua puede crecer la bacteria legionela.
  Work the lever 3–4 times to wash the seat; if it still drips, replace the valve. Never cap it.
    Levantar y soltar la palanca 3–4 veces para lavar el asiento; si aún gotea, cambiar la válvula.
      Nunca taparla.
  The safety valve does not close tight.
    La válvula de alivio no cierra bien.
  End it no more than 100 mm above ground or grating, behind a guard.
    Terminarlo a no más de 100 mm sobre el suelo o la rejilla, tras una protección.
  Move the tundish closer: D1 is at most 600 mm.
    Acercar el embudo: D1 mide como máximo 600 mm.
  Run at least 300 mm straight down from the tundish before any bend.
    Bajar al menos 300 mm en vertical desde el embudo antes de cualquier codo.
  The tundish can spill: the pipe below it bends too soon.
    El embudo puede rebosar: el tubo de debajo se curva demasiado pronto.
  Set the cylinder thermostat to 60–65 °C.
    Ajustar el termostato del cilindro a 60–65 °C.
  The thermostat is not set where it keeps bacteria down and scalding rare.
    El termostato no está ajustado donde frena las bacterias y escaldarse es raro.
  Fit a manual-reset energy cut-out of 80–85 °C.
    Instalar un corte por sobretemperatura de restablecimiento manual de 80–85 °C.
  The second safety device is not set between the thermostat and the safety valve.
    El segundo dispositivo de seguridad no está ajustado entre el termostato y la válvula de alivio.
  Isolate every heat source until the right valve is fitted.
    Apagar y bloquear todas las fuentes de calor hasta instalar la válvula correcta.
  The last safety valve opens at the wrong temperature.
    La última válvula de alivio abre a una temperatura equivocada.
  Cock shut until the supplier has brought the pressure down.
    Llave de gas cerrada hasta que el proveedor haya bajado la presión.
  The gas comes with more pressure than the control is made for.
    El gas llega con más presión que aquella para la que está hecho el control.
  Fixtures and hoses are made for 80 psi; above it they fail sooner.
    Llaves y mangueras están hechas para 80 psi; por encima fallan antes.
  Measure again at another hour; ask the water supplier if it stays low.
    Medir de nuevo a otra hora; preguntar a la compañía de agua si sigue baja.
  The water pressure is lower than usual. No harm to the heater.
    La presión del agua es más baja de lo habitual. No daña el calentador.
  Set the charge to the supply pressure with the water side at zero; check it again in a week.
    Ajustar la carga a la presión del suministro con el lado del agua a cero; revisarla en una
      semana.
  The small tank that cushions the pressure holds the wrong amount of air, so pressure rises too far
      when water heats.
    El pequeño tanque que amortigua la presión tiene una cantidad de aire equivocada y la presión
      sube demasiado al calentar el agua.
  Restore or fit expansion control, then measure the peak again.
    Restablecer o instalar el control de expansión, luego medir el pico otra vez.
  Pressure rises too far when the water heats, because expansion is not taken up.
    La presión sube demasiado al calentar el agua porque nada absorbe la expansión.
  Restore expansion control before the {heater} goes back into service.
    Restablecer el control de expansión antes de que el {heater} vuelva al servicio.
  When the water heats, pressure climbs until the safety valve opens. That valve is the last
      protection and must not work daily.
    Al calentarse el agua, la presión sube hasta que abre la válvula de alivio. Esa válvula es la
      última protección y no debe trabajar a diario.
  Tell the household; turn the setting down or fit a mixing valve at bath and shower.
    Avisar a quienes viven en la casa; bajar el ajuste o instalar una válvula mezcladora en tina y
      ducha.
  Set or fit a mixing valve that limits bath and shower to 120 °F.
    Ajustar o instalar una válvula mezcladora que limite tina y ducha a 120 °F.
  Turn the setting down now; find out why it is so hot.
    Bajar ya el ajuste; averiguar por qué está tan caliente.
  Water this hot burns skin within seconds.
    El agua así de caliente quema la piel en segundos.
  Switch the heat off and find out why the thermostat does not stop it.
    Apagar el calor y averiguar por qué el termostato no lo detiene.
  The water is hotter than any setting. A control has failed; the heater must not run until it is
      found.
    El agua está más caliente que cualquier ajuste. Ha fallado un control; el calentador no debe
      funcionar hasta encontrarlo.
  Decide the set point together with the household; storing hot and mixing down settles both.
    Decidir la temperatura con quienes viven en la casa; guardar caliente y mezclar a la salida
      resuelve las dos cosas.
  Stored below about 120 °F, water may let legionella bacteria grow.
    Guardada por debajo de unos 120 °F, en el agua puede crecer la bacteria legionela.
  Bring the end to within 6 in of the floor or ground, and two pipe diameters clear of it.
    Llevar el extremo a menos de 6 pulg. del piso o del suelo, con dos diámetros de tubo libres.
  Shorten it: two pipe diameters clear of floor or ground.
    Acortarlo: dos diámetros de tubo libres sobre el piso o el suelo.
  The end of the safety pipe is so low that it can be blocked.
    El extremo del tubo de seguridad está tan bajo que puede obstruirse.
  End the pan's pipe 6 to 24 in above ground.
    Terminar el tubo de la bandeja de 6 a 24 pulg. sobre el suelo.
  The pipe that empties the tray under the heater ends at the wrong height.
    El tubo que vacía la bandeja bajo el calentador termina a una altura equivocada.
  Bring the end to 6–24 in above the ground, pointing down.
    Llevar el extremo a 6–24 pulg. sobre el suelo, apuntando hacia abajo.
  Carbon monoxide in the room
    Monóxido de carbono en el cuarto
  The burner makes carbon monoxide
    El quemador produce monóxido de carbono
  A cut-out is missing, by-passed or resets by itself
    Un corte por sobretemperatura falta, está puenteado o se restablece solo
  The relief valve's discharge is blocked, or scalds whoever stands there
    La descarga de la válvula de alivio está obstruida, o escalda a quien esté allí
  An element leaks current to earth
    Una resistencia pierde corriente a tierra
  Pressure climbs to the relief valve whenever the water heats
    La presión sube hasta la válvula de alivio cada vez que el agua se calienta
  Flue gas can enter the room
    Los humos pueden entrar en el cuarto
  The tank or its pipes are frozen
    El tanque o sus tubos están congelados
  The gas control cannot be trusted
    El control de gas no es de fiar
  The gas pressure is more than the control bears
    La presión del gas es más de la que el control soporta
  Gas is escaping
    Se escapa gas
  The gas side is not tight
    El lado del gas tiene fugas
  The cylinder's inlet is without its protection
    La entrada del cilindro está sin su protección
  The heat does not stop: over-temperature
    El calor no se detiene: exceso de temperatura
  The pressure is above what the tank is rated for
    La presión está por encima de lo que soporta el tanque
  The {relief_valve} does not shut
    La válvula T&P no cierra
  The {relief_valve} does not protect the tank
    La válvula T&P no protege el tanque
  What is stored beside it can catch fire
    Lo que se guarda al lado puede arder
  The tank itself is running out
    El propio tanque se está vaciando
  The safety devices would act in the wrong order
    Los dispositivos de seguridad actuarían en el orden equivocado
  Nothing shuts the heat off: the {two_port} is missing
    Nada corta el calor: falta la válvula de dos vías
  A part that can be touched is, or can become, live
    Una parte que se puede tocar está, o puede quedar, energizada
  Water came out of the air valve: the membrane has failed, and no charge will hold. Replace the
      {vessel}.
    Salió agua por la válvula de aire: la membrana ha fallado y no aguantará ninguna carga. Cambiar
      el tanque de expansión.
  The charge is right as found; there is nothing to set.
    La carga está bien como se encontró; no hay nada que ajustar.
  The house rule says “look only”: the valve is not operated.
    La regla de la empresa dice “solo mirar”: la válvula no se acciona.
  The customer refused.
    El cliente no quiso.
  The discharge pipe is not safe to discharge into; put that right first.
    No es seguro descargar por el tubo de descarga; arreglarlo primero.
  The house rule exercises only valves with a known history; this one's is not known, and no spare
      is at hand.
    La regla de la empresa prueba solo válvulas de historia conocida; la de esta no se conoce y no
      hay repuesto a mano.
  house supply
    suministro de la casa
  house pressure
    presión de la casa
  air in the pipes
    aire en los tubos
  air path
    paso de aire
  water joints
    uniones de agua
  gas joints
    uniones de gas
  joints after the control
    uniones después del control
  drip watch
    vigilancia del goteo
  maximum hand
    aguja de máxima
  as found
    como se encontró
  time since gas
    tiempo desde el gas
  test points
    puntos de prueba
  burner door
    puerta del quemador
  static pressure
    presión estática
  air valve
    válvula de aire
  heating cycle
    ciclo de calentamiento
  coil loop
    circuito del serpentín
  inlet group
    grupo de entrada
  looked over
    revisado a la vista
  on site
    en el lugar
  upper {element}
    resistencia superior
  lower {element}
    resistencia inferior
  relief valve
    válvula de alivio
  not asked
    sin preguntar
  seen as found
    visto como se encontró
  seen as left
    visto como queda
  in place
    en su sitio
  put right
    arreglado
  put right, not proved
    arreglado, sin comprobar
  made safe
    en condición segura
  danger {state} ({hazard})
    peligro {state} ({hazard})
  heater feed
    alimentación del calentador
  heater lock
    bloqueo del calentador
  Hot, if the vessel failed
    Si fallara el vaso
  Hot, expected
    En caliente, esperado
  Tank is rated
    El tanque soporta
  Plate: works at
    Placa: trabaja a
  Hot, measured
    En caliente, medido
  Vessel charge
    Carga del vaso
  Water boils
    El agua hierve
  Scald limit
    Límite de quemadura
  At the {tap}
    En la llave
  The charge lies {side} the supply by {by}: they belong on one rung.
    La carga está {side} del suministro por {by}: deben ser iguales.
  The hot peak stands above the limit: expansion is not taken up.
    El pico en caliente está por encima del límite: nada absorbe la expansión.
  The {relief_valve} opens above what the tank is rated for: it must be set no higher than the
      tank's rating.
    La válvula T&P abre por encima de lo que soporta el tanque: no debe abrir más alto que eso.
  The {expansion_relief} must open below the {relief_valve}.
    La válvula de alivio de expansión debe abrir antes que la válvula T&P.
  The water is as hot as the {cut_out}: the thermostat did not stop it.
    El agua está tan caliente como el corte por sobretemperatura: el termostato no la detuvo.
  no burn expected
    no se espera quemadura
  over 5 min
    más de 5 min
  2 s or less
    2 s o menos
  about {seconds} s
    unos {seconds} s
  about {minutes} min
    unos {minutes} min
  return_temperature must be below the flow; above it the two are swapped or misread.
    return_temperature debe estar por debajo de la ida; por encima, las dos están cambiadas o mal
      leídas.
  return_temperature must be above the tank; a return below it is a misreading.
    return_temperature debe estar por encima del tanque; un retorno por debajo es una lectura
      equivocada.
  {rated} W/K when clean
    {rated} W/K cuando está limpio
  The coil passes {percent} % of what it should: fouled, or short of water.
    El serpentín da el {percent} % de lo que debe: sucio, o con poca agua.
  The coil passes {percent} % of what it should.
    El serpentín da el {percent} % de lo que debe.
  The coil passes what it should: {given}.
    El serpentín da lo que debe: {given}.
  The return is nearly as hot as the flow: little is given up ({given}). Look at the flow rate
      before blaming the coil.
    El retorno está casi tan caliente como la ida: se cede poco ({given}). Mirar el caudal antes de
      culpar al serpentín.
  It gives up {given}, the return clearly cooler than the flow.
    Cede {given}, el retorno claramente más frío que la ida.
  Beyond the table: shorten the run, take out bends, or have it designed.
    Fuera de la tabla: acortar el recorrido, quitar codos o encargar su cálculo.
  Its resistance has not been measured.
    No se midieron los ohmios.
  Open circuit: the element is burnt out.
    Circuito abierto: la resistencia está quemada.
  As good as a short circuit: the element is finished.
    Casi un cortocircuito: la resistencia está acabada.
  {measured} Ω lies where this rating must.
    {measured} Ω está donde debe para esta potencia.
  {measured} Ω is not what this rating gives: another rating, or failing.
    {measured} Ω no es lo que da esta potencia: otra potencia, o está fallando.
  A terminal is connected to the sheath: replace it; the circuit stays off.
    Un terminal toca la vaina: cambiar la resistencia; el circuito queda apagado.
  No path to the sheath.
    Ningún paso a la vaina.
  at least 1 Mohm
    al menos 1 Mohm
  {percent} % over the plate: over-fired.
    {percent} % sobre la placa: quema demasiado.
  {percent} % under the plate: slow to heat; look at pressure and orifice.
    {percent} % por debajo de la placa: calienta despacio; mirar presión e orificio.
  Within what the plate allows.
    Dentro de lo que permite la placa.
  Under the burner the pressure falls below the appliance's minimum.
    Con el quemador encendido la presión cae por debajo del mínimo del aparato.
  at least {least}
    al menos {least}
  The supply gives way by {drop} under the burner: pipe, meter or regulator is short, or another
      appliance takes it.
    El suministro cede {drop} con el quemador encendido: tubo, medidor o regulador se quedan cortos,
      o lo toma otro aparato.
  at most {most}
    como máximo {most}
  The supply gives way by no more than it should.
    El suministro no cede más de lo debido.
  So high a pressure can break the gas control.
    Una presión tan alta puede romper el control de gas.
  The supply is above the plate's maximum.
    El suministro está por encima del máximo de la placa.
  Lock-up is in order.
    La presión sin consumo está en orden.
  The meter gives what it should.
    El medidor da lo que debe.
  The working pressure at the meter is out of range.
    La presión de trabajo en el medidor está fuera de su margen.
  {low}–{high} mbar
    {low}–{high} mbar
  More reaches the appliance than this fuel's burner takes: its regulator, or the fuel, is another
      one.
    Llega al aparato más de lo que admite el quemador para este combustible: su regulador, o el
      combustible, es otro.
  The appliance gets what it should.
    Al aparato le llega lo que debe.
  Too little reaches the appliance at full flow.
    Al aparato le llega poco a pleno caudal.
  at least {least} mbar, and at most {fall} mbar less than the meter
    al menos {least} mbar, y como máximo {fall} mbar menos que el medidor
  Nothing measured yet: start with the generator in a lit pilot.
    Aún no se midió nada: empezar por el generador con el piloto encendido.
  The cut-off shows no continuity; measure the generator before condemning the control.
    El corte no tiene continuidad; medir el generador antes de condenar el control.
  The {kind} is weak; test the cut-off before condemning it.
    El {kind} está débil; probar el corte antes de condenarlo.
  The {kind} is weak, the cut-off sound: clean the tip and tighten the nut; if it stays weak,
      replace it.
    El {kind} está débil, el corte bien: limpiar la punta y apretar la tuerca; si sigue débil,
      cambiarlo.
  The {kind} gives enough; now the cut-off.
    El {kind} da bastante; ahora el corte.
  The {kind} is good and the cut-off open: replace the control, and find out why it overheated.
    El {kind} está bien y el corte abierto: cambiar el control y averiguar por qué se recalentó.
  Generator and cut-off are good: if the pilot still drops, suspect the control.
    Generador y corte están bien: si el piloto aún se apaga, sospechar del control.
  Loaded, it still gives what the control needs.
    Con carga aún da lo que el control necesita.
  Loaded, it gives less than the control needs.
    Con carga da menos de lo que el control necesita.
  Its temperature rating covers the heater's input.
    Su capacidad por temperatura cubre la potencia del calentador.
  Rated below the heater's input: do not fit it.
    De capacidad menor que la potencia del calentador: no instalarla.
  It opens no higher than the tank is rated for.
    No abre más alto de lo que soporta el tanque.
  It opens above what the tank is rated for: do not fit it.
    Abre más alto de lo que soporta el tanque: no instalarla.
  At the {heater}
    Junto al {heater}
  Where the water comes in
    Donde entra el agua
  On top
    Arriba
  At the side
    Al lado
  Below
    Abajo
  At the controls
    En los controles
  Outside
    Afuera
  Lifts, strong full-bore flow.
    Levanta, caudal fuerte a paso pleno.
  Lifts, strong full-bore flow, shuts.
    Levanta, caudal fuerte a paso pleno, cierra.
  The {regulator} brings {main} in the {street} down to {house}.
    El regulador de presión baja los {main} de la calle a {house}.
  The {regulator} brings {main} in the {street} down to {house} and holds its {setting}.
    El regulador de presión baja los {main} de la calle a {house} y mantiene sus {setting}.
  {danger}: put right, but not proved.
    {danger}: arreglado, pero sin comprobar.
  {lead}, the pressure reaches the {relief_name}'s {relief}: it drips on heat-up, and that is
      physics, not a bad valve.
    {lead}, la presión llega a los {relief} de la {relief_name}: gotea al calentar, y eso es física,
      no una válvula mala.
  {lead}, the pressure reaches the {relief_name}'s {relief} after about {minutes} min of heating
      from cold: it drips on heat-up, and that is physics, not a bad valve.
    {lead}, la presión llega a los {relief} de la {relief_name} tras unos {minutes} min de
      calentamiento desde frío: gotea al calentar, y eso es física, no una válvula mala.
  The charge is {side}: about {pressure} against a supply of {target}.
    La carga está {side}: unos {pressure} frente a un suministro de {target}.
  The charge is {side}: {pressure} against a supply of {target}.
    La carga está {side}: {pressure} frente a un suministro de {target}.
  {size} mm copper carries it.
    {size} mm de cobre basta.
  {size} mm copper carries it, one size up because it is shared.
    {size} mm de cobre basta, un tamaño más porque se comparte.
  low
    baja
  high
    alta
  below
    por debajo
  above
    por encima
  One protection was not tested.
    Una protección quedó sin probar.
  One protection was not tested: {names}.
    Una protección quedó sin probar: {names}.
  {count} protections were not tested.
    {count} protecciones quedaron sin probar.
  {count} protections were not tested: {names}.
    {count} protecciones quedaron sin probar: {names}.
  {hot} at {bath}: burns adult skin in {time}.
    {hot} en {bath}: quema la piel de un adulto en {time}.
  {hot} at {bath}.
    {hot} en {bath}.
  D2 of {d2_size} would do in copper. {because}
    D2 de {d2_size} bastaría en cobre. {because}
  What it is made of is not on record.
    No está anotado de qué material es.
  It is of plastic: its maker's table decides.
    Es de plástico: decide la tabla de su fabricante.
  {volts} V across: a leg is lost.
    {volts} V entre las dos: falta una fase.
  {volts} V across: not the rated voltage.
    {volts} V entre las dos: no es el voltaje nominal.
  One defect stands and must be put right by the dates given.
    Queda un defecto y hay que arreglarlo en las fechas dadas.
  {count} defects stand and must be put right by the dates given.
    Quedan {count} defectos y hay que arreglarlos en las fechas dadas.
  The {heater} is switched off and made safe; it must not be used until it is put right.
    El {heater} queda apagado y en condición segura; no debe usarse hasta que esté arreglado.
  The {heater} must be switched off and made safe; it must not be used until it is put right.
    El {heater} debe quedar apagado y en condición segura; no debe usarse hasta que esté arreglado.
  The manifold stands as its plate says.
    La presión del múltiple está como dice su placa.
  The manifold stands above what its plate says.
    La presión del múltiple está por encima de lo que dice su placa.
  The manifold stands below what its plate says.
    La presión del múltiple está por debajo de lo que dice su placa.
  The {kind} is weak and the cut-off is open: the control is replaced, and what overheated it found;
      then the {kind}.
    El {kind} está débil y el corte abierto: se cambia el control y se busca qué lo sobrecalentó;
      después, el {kind}.
  {job}: put off. {reason}
    {job}: aplazado. {reason}
  {paper}: to follow
    {paper}: pendiente
  Put right: {how}.
    Arreglado: {how}.
  {lower} ({low}) is above {upper} ({high}): burning lowers the pressure. Let them settle and read
      again.
    {lower} ({low}) es mayor que {upper} ({high}): al quemar, la presión baja. Dejar que se asienten
      y leer de nuevo.
  line
    la presión de la línea
  standing
    la presión en reposo
  operating
    la presión en marcha
TEXTS

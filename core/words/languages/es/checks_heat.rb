# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Flow, and the temperatures of flow, return and tank belong together.
    El caudal y las temperaturas de ida, retorno y tanque van juntos.
  Prove flow, air and connections first; then clean the coil.
    Comprobar primero caudal, aire y conexiones; después limpiar el serpentín.
  The boiler's heat does not reach your hot water as it should.
    El calor de la caldera no llega como debe a su agua caliente.
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
  {years} years
    {years} años
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
  joints that were opened
    uniones que se abrieron
  new {relief_valve}
    válvula T&P nueva
  high limit
    límite alto
  electrical supply
    alimentación eléctrica
  thermostat and controls
    termostato y controles
  Hot water at the {tap}
    Agua caliente en la llave
  Hot water at the bath
    Agua caliente en la tina
  Thermostat and controls
    Termostato y controles
  Thermostat of the back-up immersion, turned down
    Termostato de la resistencia de apoyo, al bajarlo
  Energy cut-out of the lower element
    Corte por sobretemperatura de la resistencia inferior
  Energy cut-out of the back-up immersion
    Corte por sobretemperatura de la resistencia de apoyo
  Not in use, and not tested.
    No está en uso, y no se probó.
  Thermostat, turned down
    Termostato, al bajarlo
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
  New {relief_valve}
    Válvula T&P nueva
  Electrical supply
    Suministro eléctrico
  {Draught}, and CO in the room
    Tiro, y CO en el cuarto
  Sediment flushed out
    Sedimento enjuagado
  Coil, as found
    Serpentín, como se encontró
  Coil, after cleaning
    Serpentín, después de limpiarlo
  Joints that were opened
    Juntas que se abrieron
  {hot} at {bath}: burns adult skin in {time}.
    {hot} en {bath}: quema la piel de un adulto en {time}.
  {hot} at {bath}.
    {hot} en {bath}.
  {volts} V across: a leg is lost.
    {volts} V entre las dos: falta una fase.
  {volts} V across: not the rated voltage.
    {volts} V entre las dos: no es el voltaje nominal.
TEXTS

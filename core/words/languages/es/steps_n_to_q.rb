# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Slowly, lever in line with the pipe; nothing lit yet.
    Despacio, palanca en línea con el tubo; nada encendido todavía.
  Joints are proved under gas, before any flame.
    Las uniones se comprueban con gas, antes de cualquier llama.
  Slowly, with the hot {tap} still open.
    Despacio, con la llave de agua caliente aún abierta.
  The tank must be full and the air out before any heat.
    El tanque debe estar lleno y sin aire antes de cualquier calor.
  Slowly; shut the cold {tap} when water runs from it without air.
    Despacio; cerrar la llave de agua fría cuando salga sin aire.
  Slowly, and look at the new joints as it comes.
    Despacio, y mirar las uniones nuevas mientras llega.
  Lift the lever and leave it up, once the pressure is gone and before the drain is opened. Gurgling
      there tells where the level is.
    Levantar la palanca y dejarla arriba, cuando ya no hay presión y antes de abrir el drenaje. El
      gorgoteo allí dice dónde está el nivel.
  No flow and no air sucked at the tap: the valve is the way in that always works.
    En la llave no sale agua ni entra aire: la válvula es la entrada que siempre sirve.
  {Tap} shut first, then the inlet, slowly.
    Primero cerrar la llave, luego abrir la entrada, despacio.
  The air must stay in: this refill is not purged.
    El aire debe quedarse adentro: este llenado no se purga.
  Dead and proved, cover off. A click: it had tripped. Both thermostats and each {element} to
      {earth} come before it heats again.
    Sin voltaje y comprobado, tapa afuera. Un clic: se había disparado. Los dos termostatos y cada
      resistencia contra tierra van antes de que vuelva a calentar.
  It opens only when the thermostats have not: it is never only reset.
    Abre solo cuando los termostatos no lo hicieron: nunca basta con restablecerlo.
  Smoke, CO meter
    Humo, medidor de CO
  Its fan running, every other fan too, doors and windows shut: at the open-flued appliance, lit.
    Su ventilador en marcha, todos los demás también, puertas y ventanas cerradas: ante el aparato
      de tiro abierto, encendido.
  Only the worst case shows what comes back.
    Solo el peor caso muestra lo que regresa.
  At the open flue
    En el ducto abierto
  Two-pole tester, proving unit, lock-off
    Probador de dos polos, unidad de comprobación, bloqueo
  Covers off, treated as live. Tester on the proving unit. Every pair: legs to each other, each to
      {earth}; then every other feed. Tester on the proving unit again.
    Tapas afuera, tratadas como energizadas. Probador en la unidad de comprobación. Cada par: las
      fases entre sí, cada una a tierra; luego cada otra alimentación. Probador otra vez en la
      unidad de comprobación.
  A tester proved only before is no proof; a cylinder often has a second feed.
    Un probador comprobado solo antes no prueba nada; un tanque tiene a menudo una segunda
      alimentación.
  Tester on the proving unit, before
    Probador en la unidad de comprobación, antes
  Every pair, every feed
    Cada par, cada alimentación
  Tester on the proving unit, after
    Probador en la unidad de comprobación, después
  L1 – ground
    L1 – tierra
  L2 – ground
    L2 – tierra
  Continuity tester
    Probador de continuidad
  Dead and proved: from the supply's {earth} to the {heater}'s body, its covers and the metal pipes.
      It must hold, with every screw tight.
    Sin voltaje y comprobado: de la tierra de la alimentación al cuerpo del {heater}, sus tapas y
      los tubos de metal. Debe haber continuidad, con cada tornillo apretado.
  Without it a fault makes the metal live, and nothing trips.
    Sin ella una falla deja energizado el metal, y nada se dispara.
  From the {earth} to the metal
    De la tierra al metal
  Burner on for five minutes, windows shut. Joints and terminal seen; the CO meter in the room, then
      at every joint.
    Quemador encendido cinco minutos, ventanas cerradas. Ver uniones y terminal; el medidor de CO en
      el cuarto, luego en cada unión.
  Flue gas that leaks carries carbon monoxide.
    Los gases de combustión que se fugan llevan monóxido de carbono.
  At the joints
    En las uniones
  CO meter
    Medidor de CO
  Leak fluid
    Líquido detector de fugas
  Every joint that was opened, and the test points; soundness by the procedure of the place.
    Cada unión que se abrió, y los puntos de prueba; la hermeticidad, por el procedimiento del
      lugar.
  A leak burns, or worse.
    Una fuga de gas arde, o algo peor.
  Burner on. Fluid on every joint after the control, and on the manifold's test point.
    Quemador encendido. Líquido en cada unión después del control, y en el punto de prueba del
      múltiple.
  Joints after the control hold gas only while it burns.
    Las uniones después del control tienen gas solo mientras arde.
  Leak fluid, burner lit
    Líquido detector, con el quemador encendido
  Stay with it. Turn the dial down: burner or element must go off; up again: it comes on. Then let
      it heat to its setting and see it stop.
    Quedarse ahí. Bajar el dial: quemador o resistencia debe apagarse; subirlo: se enciende. Luego
      dejar que caliente hasta su ajuste y ver que para.
  Heat that does not stop is over-temperature, and the relief valve the only guard left.
    Un calor que no para es sobretemperatura, y la válvula de alivio la única guardia que queda.
  Turned down
    Bajado
  Thermostat, cut-out and the plates of both relief valves, in that order.
    Termostato, corte térmico y las placas de las dos válvulas de alivio, en ese orden.
  The order counts, not each alone.
    Cuenta el orden, no cada uno solo.
  Every setting, lowest first
    Cada ajuste, el más bajo primero
  Best a {tap} without a strainer. Steady, air-free water is the proof of a full tank; then shut it.
    Mejor una llave sin filtro. El agua pareja y sin aire es la prueba de un tanque lleno; luego
      cerrarla.
  Only air-free water at a {tap} proves a full tank; heat comes after that, never before.
    Solo el agua sin aire en una llave prueba un tanque lleno; el calor viene después, nunca antes.
  All other zones shut, watching the boiler's pressure, until no air comes.
    Las demás zonas cerradas, mirando la presión de la caldera, hasta que no salga aire.
  An air-locked coil gives nothing up.
    Un serpentín con aire no entrega nada.
TEXTS

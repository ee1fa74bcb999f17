# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  The papers of whoever is certified: where it leaked, what was mended, its tightness test and
      charge. Then look and listen: no hiss, no fresh oil, no ice.
    Los papeles de quien está certificado: dónde fugaba, qué se reparó, su prueba de hermeticidad y
      su carga. Luego mirar y oír: ni silbido, ni aceite fresco, ni hielo.
  A circuit that leaks fills the room with what burns or suffocates.
    Un circuito con fuga llena el cuarto de algo que arde o asfixia.
  Tight, by the papers and by looking
    Hermético, por los papeles y a la vista
  Pour water in, or lift a lever a little with nobody at the end. It must run away and not back up.
    Echar agua, o levantar un poco una palanca sin nadie en el extremo. Debe irse y no retroceder.
  A pipe is proved by the water that it carries.
    A un tubo lo prueba el agua que lleva.
  Along its run
    A lo largo del recorrido
  Look through the sight glass and at the control: a small flame that always burns, a control with a
      status light, or a burner that sparks or glows only when it calls for heat.
    Mirar por la mirilla y en el control: una llama chica que siempre arde, un control con luz de
      estado, o un quemador que da chispa o se pone al rojo solo cuando pide calor.
  Once the gas is off, only a pilot has to be lit again, and by hand.
    Con el gas cortado, solo un piloto tiene que encenderse otra vez, y a mano.
  The burner is lit by
    Al quemador lo enciende
  Thermostat below cut-out below relief valve; reducing valve below expansion relief below relief
      valve, none above the tank. What cannot be set is replaced. Then correct the record.
    Termostato por debajo del corte térmico y este por debajo de la válvula de alivio; regulador por
      debajo del alivio de expansión y este por debajo de la válvula T&P, ninguno por encima del
      tanque. Lo que no se puede ajustar se cambia. Luego corregir el registro.
  Each must act before the next one has to.
    Cada uno debe actuar antes de que le toque al siguiente.
  With the water side still at zero: pump up or let down to the static pressure, read once more, cap
      on.
    Con el lado del agua aún en cero: bombear o soltar hasta la presión estática, leer una vez más,
      tapa puesta.
  Equal charge takes up the most water and keeps the hot peak lowest.
    Con presión igual absorbe más agua y deja el pico más bajo.
  Charge as set
    Presión de aire como quedó
  Every {tap} that you opened, hot and cold.
    Cada llave que se abrió, caliente y fría.
  When the water comes back, nobody may be standing before an open {tap}.
    Cuando vuelva el agua nadie debe estar ante una llave abierta.
  A quarter turn, or about three turns of a slotted one. If it weeps, cap it and note it.
    Un cuarto de vuelta, o unas tres vueltas en una ranurada. Si rezuma, taparla y anotarlo.
  Sediment on its seat makes it weep: see that it shuts dry.
    El sedimento en su asiento la hace rezumar: ver que cierra en seco.
  Lever across the pipe, tag on; the knob stays at OFF.
    Palanca a través del tubo, etiqueta puesta; la perilla queda en OFF.
  Nothing may flow while the gas way is open.
    Nada debe fluir mientras el camino del gas está abierto.
  Lever across the pipe is shut. If it will not hold, shut the house.
    Palanca a través del tubo es cerrado. Si no aguanta, cerrar la de la casa.
  Nothing may refill the tank while its pressure is let down.
    Nada debe rellenar el tanque mientras se baja su presión.
  Tell the household. Open a cold {tap} to let the pressure go.
    Avisar a quienes viven ahí. Abrir una llave de agua fría para soltar la presión.
  The inlet group comes out: nothing may push behind it.
    El grupo de entrada sale: nada debe empujar detrás de él.
  Lever down before any water is let in; the hot {tap} lets the air out from here on.
    Palanca abajo antes de dejar entrar agua; desde aquí el aire sale por la llave de agua caliente.
  It must be shut before the level reaches it, or grit settles on its seat.
    Debe estar cerrada antes de que el nivel la alcance, o la arenilla se queda en su asiento.
  All that you opened; look at the gauge come back.
    Todas las que se abrieron; ver que el manómetro vuelve.
  The pressure must be live again for everything else.
    La presión debe ser otra vez la de la red para todo lo demás.
  About {draw} as before, so that the heat comes on; then no water running until it goes off by
      itself.
    Unos {draw} como antes, para que venga el calor; luego nada de agua corriendo hasta que se
      apague solo.
  Only a heating cycle shows what pressure the tank reaches as you leave it.
    Solo un ciclo de calentamiento muestra la presión que alcanza el tanque tal como se deja.
  Heating up again, as left
    Calentando otra vez, como quedó
  About {draw}, until the heat comes on; then no water running until it goes off by itself.
    Unos {draw}, hasta que venga el calor; luego nada de agua corriendo hasta que se apague solo.
  The heating that follows shows the pressure peak, with everything still as you found it.
    El calentamiento que sigue muestra el pico de presión, con todo todavía como se encontró.
  Hot water drawn
    Agua caliente sacada
  Heating up again, as found
    Calentando otra vez, como se encontró
  Heat pump only; draw hot water until it starts. After a stop it waits three to ten minutes: that
      is no fault. Write down its mode and set point first.
    Solo bomba de calor; sacar agua caliente hasta que arranque. Tras una parada espera de tres a
      diez minutos: no es una falla. Anotar primero su modo y su temperatura.
  Only after a quarter of an hour are its air and its water worth measuring.
    Solo al cabo de un cuarto de hora vale la pena medir su aire y su agua.
  Its mode was
    Su modo era
  The heat pump settles
    La bomba de calor se asienta
  Write down how programmer and thermostat stand. Hot water off, then isolate the {controls} and
      lock them, so that no demand can open the {two_port}.
    Anotar cómo están programador y termostato. Agua caliente apagada, luego desconectar los
      controles y bloquearlos, para que ninguna demanda abra la válvula de zona.
  The coil must not heat while the water is shut off.
    El serpentín no debe calentar con el agua cerrada.
  Note where it is plugged in, and how its timer stands.
    Anotar dónde está enchufada y cómo está su temporizador.
  It runs dry, or pushes water back in, while the {heater} is shut off.
    Marcha en seco, o empuja agua de vuelta, con el {heater} cerrado.
  Write down where the dial stands. Switch the control off: there is no pilot to leave.
    Anotar dónde está el dial. Apagar el control: no hay piloto que dejar.
  The burner must not fire while the water is shut off.
    El quemador no debe encender con el agua cerrada.
  The dial stood at
    El dial estaba en
  Free its bracket and spring it aside, or cut it and couple it again; leave it separable and note
      it.
    Soltar su abrazadera y apartarlo, o cortarlo y ponerle una unión; dejarlo separable y anotarlo.
  A valve that cannot be turned cannot be replaced.
    Una válvula que no se puede girar no se puede cambiar.
  Pipe cutter
    Cortatubos
  Proved dead. Mark each lead with its terminal before it comes off.
    Sin voltaje, comprobado. Marcar cada cable con su terminal antes de soltarlo.
  An {element} is taken out, or measured, without its leads.
    Una resistencia se saca, o se mide, sin sus cables.
  A short press on the pin. Air alone is sound so far; water means that the membrane has failed;
      nothing means that it is flat.
    Oprimir un instante el vástago. Solo aire: hasta aquí está sano; agua: la membrana falló; nada:
      está sin aire.
  Water at the air valve settles it: no charge will hold.
    Agua en la válvula de aire lo resuelve: no guardará presión.
  At the air valve
    En la válvula de aire
  Combustion analyser
    Analizador de combustión
  Zero it outdoors. Burner on for ten minutes; probe in the flue below the {draught} hood, or at the
      maker's test point; read once it has settled.
    Ponerlo en cero afuera. Quemador encendido diez minutos; sonda en el ducto, bajo la campana de
      tiro, o en la toma del fabricante; leer cuando no cambie.
  A burner that looks clean can make carbon monoxide.
    Un quemador que se ve limpio puede hacer monóxido de carbono.
  The maker's limit for CO to CO2
    El límite del fabricante para CO sobre CO2
  Power off. Half a litre (a pint), slowly: all of it must come out at the far end, and none under
      the {heater}.
    Sin electricidad. Medio litro (una pinta), despacio: todo debe salir por el otro extremo, y nada
      bajo el {heater}.
  Water under a heat pump is the condensate more often than the tank.
    El agua bajo una bomba de calor es el condensado más a menudo que el tanque.
  What was poured
    Lo que se echó
  Programmer calling. Thermostat turned down: the {two_port} must shut, the boiler stop. Turned up:
      it opens, its end switch fires the boiler. Put the dial back where it was.
    Programador llamando. Termostato bajado: la válvula de zona debe cerrar, la caldera parar.
      Subido: abre, su fin de carrera enciende la caldera. Dejar el dial donde estaba.
  A control missing from the chain shows as water far above any setting.
    Un control que falta en la cadena se muestra como agua muy por encima de cualquier ajuste.
  Turned up again
    Subido otra vez
  What it opens at is held against it.
    Contra esto se compara a lo que abre.
  Dead and proved: trip it by its own test or reset mechanism, never by heat or by lifting a lead.
      The meter across it must show open on every pole, and go on so until its button is pressed.
      One that has no test: see its type and its button, and say so.
    Sin voltaje y comprobado: dispararlo con su propio mecanismo de prueba o restablecimiento, nunca
      con calor ni soltando un cable. El medidor a través de él debe mostrar abierto en cada polo, y
      seguir así hasta oprimir su botón. Uno que no tiene prueba: ver su tipo y su botón, y decirlo.
  A cut-out is never tested by overheating; one that resets itself is a thermostat.
    Un corte térmico nunca se prueba sobrecalentando; uno que se restablece solo es un termostato.
  Tripped, with its contacts measured, heat
    Disparado, medidos sus contactos, el calor
  Its contacts close again
    Sus contactos cierran otra vez
  Smoke or mirror, CO meter
    Humo o espejo, medidor de CO
  Windows shut, every fan and the dryer on, inner doors as worst; burner five minutes; smoke at the
      hood drawn in, or a mirror that stays clear.
    Ventanas cerradas, todo extractor y la secadora en marcha, puertas interiores en el peor caso;
      quemador cinco minutos; el humo en la campana debe entrar, o el espejo quedar limpio.
  Flue gas that spills carries carbon monoxide.
    Los gases de combustión que retroceden llevan monóxido de carbono.
  At the hood
    En la campana
  Smoke or mirror
    Humo o espejo
  Millivolt meter, continuity tester with the tip sleeved
    Milivoltímetro, probador de continuidad con la punta forrada
  Look at the flame, then let go: how long does it hold? Generator in the lit pilot, open circuit;
      on an electronic control with its lead on, too. Then the cut-off, centre contact to body.
    Mirar la llama, luego soltar: ¿cuánto aguanta? Generador en el piloto encendido, circuito
      abierto; en un control electrónico también con su cable puesto. Luego el corte, del contacto
      central al cuerpo.
  Thermocouple and cut-off fail alike: neither is condemned before both are measured.
    Termopar y corte fallan igual: no se condena a ninguno antes de medir los dos.
  The pilot flame
    La llama del piloto
  Generator, open circuit
    Generador, circuito abierto
  Generator, loaded
    Generador, con carga
  Cut-off, centre contact to body
    Corte, del contacto central al cuerpo
  Millivolt meter
    Milivoltímetro
  Warm air only, no flame. Supply shut until it is clear; then slowly open.
    Solo aire tibio, ninguna llama. Red cerrada hasta que esté libre; luego abrir despacio.
  Ice shuts the relief valve and the vent: heat would burst it.
    El hielo cierra la válvula de alivio y el respiradero: el calor lo reventaría.
  Write down where the dial stands. Then turn the knob to PILOT: enough while the tank stays full;
      OFF before any drain.
    Anotar dónde está el dial. Luego girar la perilla a PILOT: basta mientras el tanque siga lleno;
      OFF antes de cualquier vaciado.
  The knob stood at
    La perilla estaba en
  Write down where the dial stands. Knob to OFF: before any drain, and before any gas work.
    Anotar dónde está el dial. Perilla en OFF: antes de cualquier vaciado y de cualquier trabajo en
      el gas.
  A flame under an emptying tank destroys it; a knob at PILOT can be turned.
    Una llama bajo un tanque que se vacía lo destruye; una perilla en PILOT puede girarse.
  Knob OFF, door open to the room, no flame and no switch. Smell at floor level before you try
      again.
    Perilla en OFF, puerta abierta al cuarto, ninguna llama y ningún interruptor. Oler a nivel del
      piso antes de intentar otra vez.
  Gas that did not light lies in the chamber; lit late, it goes off at once.
    El gas que no prendió está en la cámara; encendido tarde, prende de golpe.
  Gas clearing
    El gas se disipa
  Look at {relief_outlet}: after ten seconds nothing may run or drip. If it drips, see by a
      thermometer at the valve itself whether it is hot.
    Mirar {relief_outlet}: después de diez segundos nada debe correr ni gotear. Si gotea, mirar con
      un termómetro en la válvula misma si está caliente.
  Dry after ten seconds means that the seat has closed.
    Seco después de diez segundos significa que el asiento cerró.
  After ten seconds
    Después de diez segundos
  If it drips: the water is
    Si gotea: el agua está
  After turning it fully once more
    Después de girarla del todo una vez más
  No water running until the heat goes off by itself. Listen and look: the first heating shows what
      was disturbed.
    Nada de agua corriendo hasta que el calor se apague solo. Oír y mirar: el primer calentamiento
      muestra lo que se movió.
  Heating the whole tank from cold is the longest cycle there is: the peak that it leaves on the
      hand is the one to judge.
    Calentar todo el tanque desde frío es el ciclo más largo que hay: el pico que deja en la aguja
      es el que se juzga.
  Heating up from cold, as left
    Calentando desde frío, como quedó
  A long pipe may drain for some seconds: that is no leak. After ten seconds it must be dry. After
      its lever it drips hot: it sits in the hot top. If it drips: lever 3–4 times, once, watch
      again; still dripping, it is replaced. Steam: keep away.
    Un tubo largo puede escurrir unos segundos: eso no es una fuga. Después de diez segundos debe
      estar seco. Tras su palanca gotea caliente: está en lo alto, donde está lo caliente. Si gotea:
      palanca 3–4 veces, una sola vez, observar otra vez; si sigue goteando, se cambia. Vapor:
      lejos.
  Seconds until it was dry
    Segundos hasta que estuvo seco
  After working the lever 3–4 times
    Después de accionar la palanca 3–4 veces
TEXTS

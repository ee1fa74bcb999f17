# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Covers shut, hands off. Trace the feed: another breaker, a second feed, a timer's, a neighbour's.
      Switch it off, lock it, label both.
    Tapas puestas, sin tocar. Seguir la alimentación: otro breaker, una segunda alimentación, la de
      un temporizador, la de un vecino. Apagarla, bloquearla, rotular las dos.
  What stays live was never switched off: the circuit is not what it was taken for.
    Lo que sigue energizado nunca se apagó: el circuito no es el que se creía.
  Two-pole tester, lock-off
    Probador de dos polos, bloqueo
  Dead and proved. One on each heat source, reset by hand only, wired in series.
    Sin voltaje y comprobado. Uno en cada fuente de calor, de restablecimiento solo a mano,
      conectado en serie.
  The second tier must act before the relief valve does.
    La segunda protección debe actuar antes que la válvula de alivio.
  Feed cables through the gland first. Core colours prove nothing: identify each by continuity, mark
      it, then join. Re-make the {earth}.
    Pasar primero los cables por el prensaestopas. Los colores no prueban nada: identificar cada
      hilo por continuidad, marcarlo y luego unir. Rehacer la tierra.
  The first of three tiers; without it the second works every day.
    Es la primera de tres protecciones; sin ella la segunda trabaja todos los días.
  Cylinder thermostat
    Termostato del tanque
  Pressure gauge with maximum hand, at least 1.5 times the expected pressure
    Manómetro con aguja de máxima, de al menos 1.5 veces la presión esperada
  {gauge_point} Bleed it, turn the maximum hand down to the needle.
    {gauge_point} Purgarlo, bajar la aguja de máxima hasta la otra.
  It reads the supply now, and keeps the hot peak while you work elsewhere.
    Lee ahora la red y guarda el pico caliente mientras se trabaja en otra parte.
  End lower than the tank, tied down, people and animals away. An old plastic valve may break: look
      before you turn it.
    Extremo más bajo que el tanque, amarrado, personas y animales lejos. Una válvula vieja de
      plástico puede romperse: mirar antes de girarla.
  What runs out scalds, kills plants and hurts animals.
    Lo que sale quema, mata plantas y lastima animales.
  Flat screwdriver
    Destornillador plano
  Without it the pressure that it will reach cannot be predicted.
    Sin él no se puede predecir la presión que alcanzará.
  Charged to the supply pressure before it goes on; the size worked out; no valve between it and the
      tank.
    Con la presión de aire igual a la de la red antes de ponerlo; la medida, calculada; ninguna
      válvula entre él y el tanque.
  A closed system needs somewhere for heated water to go.
    En un sistema cerrado el agua calentada necesita adónde ir.
  Charge of the new one
    Presión de aire del nuevo
  White pail
    Cubeta blanca
  Cold open 15–20 s, let it run off, three or four times or until a sample in a white pail is clean.
      Note what came out.
    Fría abierta 15–20 s, dejar escurrir, tres o cuatro veces o hasta que una muestra en una cubeta
      blanca salga limpia. Anotar lo que salió.
  Draining is gentle and leaves the sediment; bursts stir it up.
    Vaciar es suave y deja el sedimento; los chorros lo levantan.
  The pail at the first burst
    La cubeta con el primer chorro
  What came out
    Lo que salió
  Nothing drawn meanwhile. Listen and look: the first heating shows what was disturbed.
    No sacar agua mientras tanto. Oír y mirar: el primer calentamiento muestra lo que se movió.
  What is judged hot needs a hot tank.
    Lo que se juzga en caliente necesita un tanque caliente.
  Heating up from cold
    Calentando desde frío
  It stands on the plates.
    Está en las placas.
  Torch, camera
    Linterna, cámara
  Compare maker, model, serial, capacity and input with the data plate, and the plate of the
      {relief_valve}. Photograph both.
    Comparar fabricante, modelo, serie, capacidad y potencia con la placa, y con la placa de la
      válvula T&P. Fotografiar las dos.
  Every limit that follows hangs on what this {heater} is.
    Todos los límites que siguen dependen de lo que sea este {heater}.
  Whether it comes out with the outlet hangs on it.
    De esto depende que salga junto con la salida de agua.
  1 1/16 in socket, long bar
    Llave de vaso de 1 1/16 pulg., barra larga
  Long bar, somebody to hold the tank. Write down how much is left.
    Barra larga, alguien que sujete el tanque. Anotar cuánto queda.
  Any bare core wire: the rod has done its work.
    Si se ve alambre del núcleo: el ánodo ya hizo su trabajo.
  The anode beside a rule
    El ánodo junto a una regla
  Part left, 0 to 1
    Parte que queda, de 0 a 1
  1 1/16 in socket
    Llave de vaso de 1 1/16 pulg.
  Long bar
    Barra larga
  Both sides of the coil; where there are no valves, the house rule says what to do.
    Los dos lados del serpentín; donde no hay válvulas, la regla de la empresa dice qué hacer.
  The other zones go on heating.
    Las demás zonas siguen calentando.
  Without turning the {element} in its gasket.
    Sin girar la resistencia en su empaque.
  A loose terminal heats until something trips.
    Un terminal flojo se calienta hasta que algo se dispara.
  Dry paper, marker
    Papel seco, marcador
  Dry paper under the drain valve and each joint that was opened; write the time on it. Look at it
      again in a day.
    Papel seco bajo la válvula de drenaje y cada unión que se abrió; escribir en él la hora. Mirarlo
      otra vez al cabo de un día.
  A slow leak shows on paper long before it shows on a floor.
    Una fuga lenta se ve en el papel mucho antes que en el piso.
  Every source off and isolated, the supply shut, the pressure gone, nothing live exposed, no test
      point open. The tag says what is wrong and that it must not be used.
    Toda fuente apagada y desconectada, la red cerrada, sin presión, nada energizado al alcance,
      ningún punto de prueba abierto. La etiqueta dice qué está mal y que no debe usarse.
  An open or leaking tank stays without water and without heat.
    Un tanque abierto o con fuga queda sin agua y sin calor.
  Nobody may switch it off by force. Say what may happen, to whom it was said, hang the warning
      label, and notify who must be told. In a rented home tell tenant and landlord.
    Nadie puede apagarlo a la fuerza. Decir lo que puede pasar, a quién se le dijo, colgar la
      etiqueta de advertencia y avisar a quien corresponda. En una vivienda alquilada, avisar al
      inquilino y al propietario.
  A danger that stays in use is told, labelled and reported, and never called safe.
    Un peligro que sigue en uso se dice, se rotula y se informa, y nunca se llama seguro.
  No danger stands that anybody would have to be warned of.
    No hay ningún peligro del que haya que advertir a nadie.
  Only where the customer has refused to have it switched off, and that is noted.
    Solo donde el cliente no quiso que se apagara, y eso está anotado.
  Warning label
    Etiqueta de advertencia
  Every source off and isolated, nothing live exposed, no test point open, hose off, drain shut. The
      tag says what is wrong and that it must not be used.
    Toda fuente apagada y desconectada, nada energizado al alcance, ningún punto de prueba abierto,
      manguera afuera, drenaje cerrado. La etiqueta dice qué está mal y que no debe usarse.
  Whoever comes next must find it as you left it, and must not switch it on.
    Quien venga después debe hallarlo como se dejó, y no debe encenderlo.
  Walk round once more: the second look finds what the first one missed. Everything on the line
      below must hold.
    Dar otra vuelta: la segunda mirada halla lo que se le escapó a la primera. Todo lo de la línea
      de abajo debe cumplirse.
  Nothing may be left open, off, loose or as you changed it.
    Nada puede quedar abierto, apagado, flojo ni como se cambió.
  The service tag
    La etiqueta de servicio
  Heat off, the cold left open. No tap, lever or drain is touched until a hand can stay on the
      outlet.
    Calor apagado, la fría abierta. No se toca llave, palanca ni drenaje hasta que la mano aguante
      en la salida.
  Water above its boiling point flashes to steam where it is let out.
    El agua por encima de su punto de ebullición se vuelve vapor donde se la deja salir.
  The lowest hot {tap}. Zero counts at the height of the {vessel}: water standing higher in the
      pipes still presses. Leave it open.
    La llave de agua caliente más baja. El cero cuenta a la altura del tanque de expansión: el agua
      que está más alta en los tubos sigue apretando. Dejarla abierta.
  Only at zero water pressure does the {vessel} show its own charge.
    Solo a presión de agua cero muestra el tanque de expansión su propia presión de aire.
  What shows that it is at zero
    Lo que muestra que está en cero
  Lock-off, tag
    Bloqueo, etiqueta
  Its own {isolator} off, lock and tag on. It is a second feed: the {controls} have another.
    Su propio desconectador apagado, bloqueo y etiqueta puestos. Es una segunda alimentación: los
      controles tienen otra.
  An element that is not under water burns out in seconds.
    Una resistencia que no está bajo agua se quema en segundos.
  {Isolator} off, lock and tag on, for each circuit. No cover comes off for this work; if one must,
      prove dead first.
    Breaker o desconectador apagado, bloqueo y etiqueta puestos, en cada circuito. Para este trabajo
      no se quita ninguna tapa; si hace falta, comprobar antes que no hay voltaje.
  Torch, mirror
    Linterna, espejo
  Touch nothing yet. Answer each line: sound, what is wrong, or not visible.
    No tocar nada todavía. Responder cada línea: en orden, qué está mal, o no se ve.
  What can be seen costs nothing and decides what may be touched.
    Lo que se puede ver no cuesta nada y decide lo que se puede tocar.
  Where a home is let, the law asks for checks of its own.
    Donde la vivienda se alquila, la ley pide revisiones propias.
  Fit or mend the {regulator}; the heat stays off meanwhile.
    Poner o reparar el regulador; mientras tanto el calor queda apagado.
  No part of the house is made for more than its plate.
    Ninguna parte de la casa está hecha para más que su placa.
  See that every source of heat that the danger concerns is off and shut, hang the tag, and tell the
      customer what it means.
    Ver que toda fuente de calor que toca el peligro esté apagada y cerrada, colgar la etiqueta y
      decirle al cliente qué significa.
  A danger stands: nothing else is done before it is safe.
    Hay un peligro: no se hace nada más antes de que esté en condición segura.
  The ohms are judged by watts and volts.
    Los ohmios se juzgan por vatios y voltios.
  Multimeter, insulation tester
    Multímetro, medidor de aislamiento
  One lead off for ohms; both off for the insulation test, electronics disconnected, discharge
      afterwards.
    Un cable suelto para los ohmios; los dos para la prueba de aislamiento, la electrónica
      desconectada, descargar después.
  Open, earthed or of another rating: ohms tell.
    Abierta, a tierra o de otra potencia: lo dicen los ohmios.
  The {elements} and their terminals
    Las resistencias y sus terminales
  Terminal to terminal (upper, or the only one)
    De terminal a terminal (la superior, o la única)
  Terminal to sheath, at 500 V
    De terminal a vaina, a 500 V
  Terminal to terminal, lower
    De terminal a terminal, la inferior
  Lower, terminal to sheath
    La inferior, de terminal a vaina
  Insulation tester
    Medidor de aislamiento
  Ducts both ways, or another room: nothing of its fan may draw on the flue.
    Ductos en los dos sentidos, u otro cuarto: nada de su ventilador debe tirar del ducto de gases.
  What it blows out somewhere comes in through the flue.
    Lo que saca por un lado entra por el ducto de gases.
  Dead and proved, or the gas cock shut. Look for the by-pass, the missing control, the stuck
      contact; replace what does not open.
    Sin voltaje y comprobado, o la llave de paso de gas cerrada. Buscar el puente, el control que
      falta, el contacto pegado; cambiar lo que no abre.
  A new relief valve alone would drip again: the heat that does not stop is the cause.
    Una válvula de alivio nueva sola volvería a gotear: la causa es el calor que no para.
  Full size, falling, open to a safe end; no cap, valve or trap; a tundish where one belongs.
    De medida completa, con pendiente, abierto a un extremo seguro; sin tapa, válvula ni sifón; con
      embudo donde corresponde.
  The next discharge must go where it hurts nobody.
    La próxima descarga debe ir adonde no lastime a nadie.
  Burner off, cock shut, cold. Make it whole: joined, rising, clear, hood seated, openings for air
      free.
    Quemador apagado, llave de paso cerrada, frío. Dejarlo entero: unido, subiendo, libre, campana
      asentada, las entradas de aire sin obstrucción.
  The draught is tested only on a flue that is whole.
    El tiro se prueba solo en un ducto entero.
  Cock shut. By the procedure of the place: find it with fluid or detector, make the joint again or
      replace the part.
    Llave de paso cerrada. Por el procedimiento del lugar: hallarla con líquido o detector, rehacer
      la unión o cambiar la pieza.
  Only a tight gas side is put back into use.
    Solo se pone otra vez en uso un lado de gas sin fugas.
  Leak fluid, gas detector
    Líquido detector, detector de gas
  Cock shut. The regulator or meter before it is the supplier's: call them, and do not open the cock
      before they have set or replaced it.
    Llave de paso cerrada. El regulador o medidor de antes es del proveedor: llamarlos, y no abrir
      la llave de paso antes de que lo hayan ajustado o cambiado.
  More than its plate bears can force the control open.
    Más de lo que admite su placa puede forzar el control a abrir.
  Dead and proved. Cut back what is burnt, new terminals, covers and earth made; nothing left that a
      finger reaches.
    Sin voltaje y comprobado. Cortar lo quemado, terminales nuevos, tapas y tierra puestas; que no
      quede nada al alcance de un dedo.
  What is exposed, wet or burnt can kill or burn.
    Lo que está expuesto, mojado o quemado puede matar o quemar.
TEXTS

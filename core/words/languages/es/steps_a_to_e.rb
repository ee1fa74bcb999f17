# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Say that an old valve may drip after its test and would then have to be replaced. Note the answer.
    Decir que una válvula vieja puede gotear después de la prueba y que entonces habría que
      cambiarla. Anotar la respuesta.
  The customer should know before, not after, that a bad valve may show itself.
    El cliente debe saber antes, no después, que una válvula mala puede mostrarse.
  Without them the size of the pipe cannot be judged.
    Sin ellos no se puede juzgar la medida del tubo.
  Tape measure, torch
    Cinta métrica, linterna
  From the valve to where it ends, each line below. Outside, tell it from the pan's pipe first.
    Desde la válvula hasta donde termina, cada línea de abajo. Afuera, primero distinguirlo del tubo
      de la bandeja.
  Scalding water will leave here at full bore one day; it may be in a minute, when you lift the
      lever.
    Un día saldrá por aquí agua hirviente a caudal lleno; puede ser dentro de un minuto, cuando se
      levante la palanca.
  Height of its end above floor or ground
    Altura de su extremo sobre el piso o el suelo
  Height of the pan's pipe above ground
    Altura del tubo de la bandeja sobre el suelo
  Torch, dry paper
    Linterna, papel seco
  Dry paper round each joint, at full pressure.
    Papel seco alrededor de cada unión, a presión plena.
  A drip found now costs a minute; found tomorrow, a floor.
    Una gota hallada ahora cuesta un minuto; hallada mañana, un piso.
  Every joint
    Cada unión
  Power off: the fan starts unannounced. Filter out, vacuumed or rinsed, dry, in again; look at the
      coil behind it.
    Sin electricidad: el ventilador arranca sin avisar. Filtro afuera, aspirado o enjuagado, seco y
      otra vez en su lugar; mirar el serpentín de detrás.
  Air that does not pass costs capacity and ices the coil.
    El aire que no pasa quita capacidad y congela el serpentín.
  The filter was
    El filtro estaba
  The coil behind it
    El serpentín de detrás
  Vacuum cleaner
    Aspiradora
  Soft brush
    Cepillo suave
  Three nuts at the control. Vacuum the chamber, brush the screen, see it seated, door gasket
      sealed.
    Tres tuercas en el control. Aspirar la cámara, cepillar la malla, verla asentada, empaque de la
      puerta sellado.
  Unbolt, withdraw without bending fins, rinse, back with a new gasket. Decide first: clean, or
      scrap the {heater}.
    Desatornillar, sacar sin doblar aletas, enjuagar, montar con empaque nuevo. Decidir antes:
      limpiar, o cambiar el {heater}.
  Sludge and scale keep its heat in the boiler.
    El lodo y el sarro dejan su calor en la caldera.
  Cap off by hand, rinse, back; its plastic cap wants little torque.
    Tapa afuera a mano, enjuagar, montar; su tapa de plástico pide poca fuerza.
  A blocked strainer is the usual cause of weak hot water.
    Un filtro tapado es la causa usual del agua caliente sin fuerza.
  It was
    Estaba
  Paint, fuel and rags go out of the room; the floor around the {heater} stays clear.
    Pintura, combustible y trapos salen del cuarto; el piso alrededor del {heater} queda libre.
  What is clocked is held against it.
    Contra esto se compara lo cronometrado.
  Everything else that burns gas off. Time some whole turns of the small dial with the burner on;
      the calculator works out the input.
    Todo lo demás que quema gas, apagado. Medir unas vueltas enteras de la aguja chica con el
      quemador encendido; la calculadora saca la potencia.
  Pressure alone does not tell what burns.
    La presión sola no dice cuánto se quema.
  Input, as clocked
    Potencia, según el medidor
  Insulation tucked in, guard on, cover screwed: as you found it or better.
    Aislante adentro, protección puesta, tapa atornillada: como se encontró, o mejor.
  Nobody may reach a live part when the power comes back.
    Nadie debe poder tocar una parte energizada cuando vuelva la electricidad.
  Look at each danger that was left: is it mended, by whom, when, with what? Photograph it, and note
      who showed you what. It covers that one danger alone.
    Mirar cada peligro que quedó: ¿está reparado, por quién, cuándo, con qué? Fotografiarlo y anotar
      quién mostró qué. Vale solo para ese peligro.
  What an earlier visit left dangerous stays so until somebody has seen it right, and proved it.
    Lo que una visita anterior dejó peligroso sigue así hasta que alguien lo haya visto bien, y
      comprobado.
  No earlier visit left a danger here.
    Ninguna visita anterior dejó aquí un peligro.
  What was found then
    Lo que se halló entonces
  Zero it, slacken the test screw with the cock shut, push the hose on.
    Ponerlo en cero, aflojar el tornillo de prueba con la llave de paso cerrada, meter la manguera.
  The cock is shut before a test point is opened.
    La llave de paso se cierra antes de abrir un punto de prueba.
  Soak, rinse, measure again: the ohms should be the same before and after.
    Remojar, enjuagar, medir otra vez: los ohmios deben ser los mismos antes y después.
  Scale buries the lower one first; weigh it up against a new one.
    El sarro entierra primero la inferior; comparar con poner una nueva.
  Terminal to terminal, after descaling
    De terminal a terminal, después de quitar el sarro
  Element socket
    Llave para resistencias
  Hose off, test points screwed shut; they are proved with leak fluid when the gas is back.
    Manguera afuera, puntos de prueba atornillados; se comprueban con líquido detector cuando vuelva
      el gas.
  An open test point is never left.
    Un punto de prueba nunca se deja abierto.
  Open the drain. No flow and no air sucked: a check valve in the hot line, or a blocked drain; then
      the relief valve is the way in for air.
    Abrir el drenaje. Si no sale agua ni entra aire: una retención en la línea caliente, o el
      drenaje tapado; entonces el aire entra por la válvula de alivio.
  What is opened next must not be under water. Bottom water comes first; the top stays hot, and so
      may be what runs out.
    Lo que se abra después no debe estar bajo agua. Primero sale el agua de abajo; arriba sigue
      caliente, y también puede estarlo lo que sale.
  What shows that it is drained so far
    Lo que muestra que está vaciado hasta ahí
  What is opened next must not be under water.
    Lo que se abra después no debe estar bajo agua.
  No flame, switch, phone or bell inside. Doors open on the way; off only what lies on the way. Call
      {emergency_service} from outside, tell everybody in the building, and do not go back in.
    Adentro ni llama, ni interruptor, ni teléfono, ni timbre. Puertas abiertas en el camino; apagar
      solo lo que queda de paso. Llamar desde afuera {emergency_service}, avisar a todos en el
      edificio y no volver a entrar.
  Nothing here is worth going back for.
    Nada aquí vale la pena volver.
  Torch, gloves
    Linterna, guantes
  Turn or lift it fully, watch {relief_outlet}, let it shut.
    Girarla o levantarla del todo, mirar {relief_outlet}, dejar que cierre.
  It acts before the {relief_valve}, and must move as freely.
    Actúa antes que la válvula T&P, y debe moverse igual de libre.
  The lever
    La palanca
  The flow
    El caudal
  When let go
    Al soltarla
  Stand aside, lift fully, let it snap shut.
    Ponerse a un lado, levantar del todo, dejar que cierre de golpe.
  A new valve is proved before you leave it.
    Una válvula nueva se comprueba antes de irse.
  A valve that nobody has lifted may not close.
    Una válvula que nadie ha levantado puede no cerrar.
  Bucket, gloves, goggles
    Cubeta, guantes, gafas
  Stand aside. Lift the lever fully, hold it as the house rule says, let it snap shut.
    Ponerse a un lado. Levantar la palanca del todo, mantenerla como dice la regla de la empresa,
      dejar que cierre de golpe.
  A valve that has never moved may not move when it must.
    Una válvula que nunca se ha movido puede no moverse cuando deba.
  At full flow, the tundish
    A caudal lleno, el embudo
TEXTS

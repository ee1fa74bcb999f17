# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  D1 smaller than the valve's outlet
    D1 menor que la salida de la válvula
  The first pipe is too narrow for the safety valve.
    El primer tubo es demasiado estrecho para la válvula de alivio.
  Re-pipe D1 at the outlet's size.
    Rehacer D1 con el tamaño de la salida.
  D1 longer than 600 mm
    D1 de más de 600 mm
  The tundish is too far from the safety valve.
    El embudo está demasiado lejos de la válvula de alivio.
  Move the tundish closer.
    Acercar el embudo.
  D1 not of metal
    D1 no es de metal
  The first pipe could soften with scalding water in it.
    El primer tubo podría ablandarse con agua hirviente dentro.
  Re-pipe D1 in copper.
    Rehacer D1 en cobre.
  D1 rises
    D1 sube
  Water stands against the safety valve.
    Queda agua contra la válvula de alivio.
  Re-pipe D1 vertical or falling.
    Rehacer D1 vertical o en caída.
  No tundish
    No hay embudo
  Nobody could see that a safety valve is letting water go.
    Nadie podría ver que una válvula de alivio suelta agua.
  Isolate; fit a tundish before it runs again.
    Apagar y cerrar; instalar un embudo antes de que funcione de nuevo.
  Tundish out of sight
    Embudo fuera de la vista
  Nobody would see a safety valve letting water go.
    Nadie vería que una válvula de alivio suelta agua.
  Move it where it is seen, or box with a window.
    Ponerlo donde se vea, o en caja con ventana.
  Tundish above the valve
    Embudo por encima de la válvula
  Water cannot fall into it.
    El agua no puede caer en él.
  Move it below the valve.
    Ponerlo por debajo de la válvula.
  Tundish in another room
    Embudo en otro cuarto
  Nobody at the cylinder sees it.
    Nadie junto al cilindro lo ve.
  Bring it into the cylinder's space.
    Traerlo al espacio del cilindro.
  Tundish wet or stained
    Embudo mojado o manchado
  A safety valve has been letting water go at some time.
    Una válvula de alivio ha soltado agua alguna vez.
  Find out which valve, cold or hot.
    Averiguar qué válvula, la fría o la caliente.
  Less than 300 mm of vertical pipe below the tundish
    Menos de 300 mm de tubo vertical bajo el embudo
  The tundish could spill when the valve opens.
    El embudo podría rebosar cuando abre la válvula.
  Re-pipe with 300 mm straight down before any bend.
    Rehacer con 300 mm en vertical antes de cualquier codo.
  D2 level, rising or sagging
    D2 a nivel, en subida o combado
  Water stands in the pipe.
    Queda agua en el tubo.
  Re-hang it to fall 1 in 200.
    Volver a colgarlo con pendiente de 1 en 200.
  D2 of plastic without a mark or its maker's proof for this
    D2 de plástico sin marca ni prueba de su fabricante para esto
  The pipe could soften with scalding water in it.
    El tubo podría ablandarse con agua hirviente dentro.
  Have its maker's proof shown, or re-pipe in copper.
    Pedir la prueba de su fabricante, o rehacer en cobre.
  D2 no larger than the valve's outlet, or smaller than D1
    D2 no mayor que la salida de la válvula, o menor que D1
  The pipe is too narrow; the tundish would spill.
    El tubo es demasiado estrecho; el embudo rebosaría.
  Re-pipe by its equivalent length.
    Rehacer según su longitud equivalente.
  Nobody can find or see where D2 ends
    Nadie puede encontrar o ver dónde termina D2
  Nobody would see the safety valves let water go, nor that the pipe is blocked.
    Nadie vería que las válvulas de alivio sueltan agua, ni que el tubo está obstruido.
  Find its end, or run a new D2 to one that is seen.
    Encontrar su extremo, o tender un D2 nuevo hasta uno visible.
  D2 runs in the ground or built in, with its end in sight
    D2 va enterrado o empotrado, con su extremo a la vista
  Part of the pipe cannot be looked at; its end can.
    Una parte del tubo no se puede ver; su extremo sí.
  Test it with both valves open; keep a plan of where it runs.
    Probarlo con las dos válvulas abiertas; guardar un plano de por dónde va.
  D2 blocked or cut off by building work
    D2 obstruido o cortado por obras
  The safety valves cannot let water go.
    Las válvulas de alivio no pueden soltar agua.
  Isolate every heat source until it is open.
    Apagar y bloquear todas las fuentes de calor hasta que esté libre.
  D2 shared by more than six systems
    D2 compartido por más de seis sistemas
  Too many safety valves end in one pipe.
    Demasiadas válvulas de alivio terminan en un tubo.
  Have it designed anew.
    Encargar su cálculo de nuevo.
  Joins the stack through another branch, or a sanitary appliance drains into it
    Entra en la bajante por otro ramal, o un aparato sanitario desagua en él
  Scalding water could come back into a basin or a bath.
    El agua hirviente podría volver a un lavabo o una tina.
  Give it a branch of its own to the stack, with no appliance on it.
    Darle un ramal propio hasta la bajante, sin ningún aparato.
  No mark on the stack that it carries scalding discharge
    La bajante no lleva marca de que recibe agua hirviente
  Nobody who works on the stack later would know what it may carry.
    Quien trabaje después en la bajante no sabría lo que puede llevar.
  Mark the stack where the pipe joins it.
    Marcar la bajante donde entra el tubo.
  Onto a roof that does not stand scalding water
    A un tejado que no aguanta el agua hirviente
  Scalding water would damage the roof.
    El agua hirviente dañaría el tejado.
  Move the end, or lead it into a metal hopper and downpipe.
    Mover el extremo, o llevarlo a una tolva y una bajante de metal.
  Into a soil stack that is not heat-proof, or through a water trap
    A una bajante que no resiste el calor, o a través de un sifón con agua
  Scalding water could damage the drains.
    El agua hirviente podría dañar los desagües.
  Refer: it wants a mechanical seal without a water trap, and a stack that stands the heat.
    Remitir a un especialista: pide un cierre mecánico sin sifón de agua y una bajante que resista
      el calor.
  Ends more than 100 mm above ground
    Termina a más de 100 mm del suelo
  Scalding water would splash.
    Salpicaría agua hirviente.
  Extend it down.
    Prolongarlo hacia abajo.
  No guard at a low-level end
    Sin protección en un extremo bajo
  Children could put a hand there.
    Los niños podrían meter la mano.
  Fit a guard.
    Poner una protección.
  Onto a roof less than 3 m from plastic gutters
    Sobre un tejado a menos de 3 m de canaletas de plástico
  Scalding water would run into plastic gutters.
    El agua hirviente correría a canaletas de plástico.
  Move the end, or change to metal.
    Mover el extremo, o cambiar a metal.
  Into a plastic hopper
    A un embudo de plástico
  The hopper could soften and let go.
    El embudo podría ablandarse y soltarse.
  Fit a metal hopper and downpipe.
    Poner embudo y bajante de metal.
  No discharge pipe
    Sin tubo de descarga
  When the safety valve opens, scalding water sprays out beside the {heater}.
    Cuando abre la válvula de alivio, sale agua hirviente junto al {heater}.
  Fit one at full size to a safe place.
    Instalar uno a tamaño pleno hasta un lugar seguro.
  No discharge pipe where people stand
    Sin tubo de descarga donde hay gente
  When the safety valve opens, it scalds whoever stands beside it.
    Cuando abre la válvula de alivio, escalda a quien esté al lado.
  Keep people away; fit a pipe before the {heater} stays in service.
    Mantener alejada a la gente; instalar un tubo antes de que el {heater} siga en servicio.
  Glued at the valve so that it cannot come off
    Pegado a la válvula de modo que no se puede quitar
  The pipe would have to be cut to change the safety valve.
    Habría que cortar el tubo para cambiar la válvula de alivio.
  Fit a joint there that comes apart, full size.
    Poner allí una unión desmontable, a tamaño pleno.
  Smaller than the valve's outlet
    Menor que la salida de la válvula
  The pipe is too narrow to carry what the valve lets out.
    El tubo es demasiado estrecho para lo que suelta la válvula.
  Re-pipe at full size.
    Rehacer a tamaño pleno.
  Material not rated for hot water
    Material no apto para agua caliente
  The pipe could soften or burst with scalding water in it.
    El tubo podría ablandarse o reventar con agua hirviente dentro.
  Re-pipe in copper, CPVC, or PEX one size up.
    Rehacer en cobre, CPVC, o PEX un tamaño mayor.
  Shared with another valve or the pan
    Compartido con otra válvula o con la bandeja
  Two outlets share one pipe and can disturb each other.
    Dos salidas comparten un tubo y pueden estorbarse.
  Give the valve its own pipe.
    Dar a la válvula su propio tubo.
  A trap or an uphill leg
    Un sifón o un tramo en subida
  Water stands in the pipe and can corrode or freeze the valve shut.
    Queda agua en el tubo y puede corroer la válvula o helarla cerrada.
  Re-hang so that it drains by itself.
    Volver a colgarlo para que se vacíe solo.
  A cap, plug or valve in the pipe
    Una tapa, un tapón o una llave en el tubo
  The safety valve's outlet is blocked. It could not relieve the tank.
    La salida de la válvula de alivio está obstruida. No podría aliviar el tanque.
  Open it now; heat off until it is open.
    Quitar ya la tapa, el tapón o la llave; calentador apagado hasta entonces.
  A tee in the pipe
    Una conexión T en el tubo
  The pipe branches where it must not.
    El tubo se ramifica donde no debe.
  Take the tee out.
    Quitar la conexión T.
  Threaded end
    Extremo con rosca
  A thread invites a cap, and a cap would block the safety valve.
    Una rosca invita a poner una tapa, y una tapa bloquearía la válvula de alivio.
  Cut the thread off.
    Cortar la rosca.
  Ends where nobody sees it
    Termina donde nadie lo ve
  A discharge would go unnoticed.
    Una descarga pasaría sin que nadie la notara.
  Bring the end where it is seen.
    Llevar el extremo adonde se vea.
  Ends where it can scald or do damage
    Termina donde puede escaldar o hacer daño
  Scalding water could hit people or spoil the building.
    El agua hirviente podría alcanzar a personas o dañar el edificio.
  Bring the end to a safe place.
    Llevar el extremo a un lugar seguro.
  No visible air gap
    Sin separación de aire visible
  There is no visible break between this pipe and the drain.
    No hay una separación visible entre este tubo y el desagüe.
  Make an air gap in the heater's room.
    Hacer una separación de aire en el cuarto del calentador.
  Joined directly to the drainage
    Unido directamente al desagüe
  The safety pipe is joined to the drains.
    El tubo de seguridad está unido a los desagües.
  Break the joint and make an air gap.
    Separar la unión y dejar una separación de aire.
  Ends more than 6 in above
    Termina a más de 6 pulg. por encima
  The end is so high that scalding water splashes.
    El extremo está tan alto que salpica agua hirviente.
  Ends more than 24 in above
    Termina a más de 24 pulg. por encima
  Does not point down
    No apunta hacia abajo
  Scalding water would shoot sideways.
    El agua hirviente saldría de lado.
  Turn the end down.
    Girar el extremo hacia abajo.
  Ends closer than two pipe diameters
    Termina a menos de dos diámetros de tubo
  The end is so low that it can be blocked.
    El extremo está tan bajo que puede obstruirse.
  Shorten it.
    Acortarlo.
  Relief valve pipe not insulated
    Tubo de la válvula de alivio sin aislante térmico
  The pipe is bare; some places ask for insulation.
    El tubo está desnudo; en algunos lugares se pide aislante térmico.
  Insulate it where local rules ask for it.
    Forrarlo con aislante térmico donde las reglas locales lo piden.
  Data plate missing or unreadable
    Falta la placa de datos o no se lee
  The plate that says what this heater may take cannot be read.
    No se puede leer la placa que dice lo que soporta este calentador.
  Find the maker's data by serial, or treat every limit by the safest case.
    Buscar los datos del fabricante por el número de serie, o tomar en todo el caso más seguro.
  Plate of the {relief_valve} missing or unreadable
    Falta la placa de la válvula T&P o no se lee
  The rating of the safety valve cannot be read.
    No se puede leer la capacidad de la válvula de alivio.
  Photograph what there is; plan the replacement by the heat input.
    Fotografiar lo que haya; planear el cambio según la potencia de calor.
  {Relief_valve} rated below the heat input
    Válvula T&P de capacidad menor que la potencia de calor
  The safety valve is too small for this {heater}.
    La válvula de alivio es demasiado pequeña para este {heater}.
  Heat off until a valve rated for the input is fitted.
    Calor apagado hasta instalar una válvula para esa potencia.
  No working shut-off on the cold side
    Sin válvula de cierre que funcione en el agua fría
  The water to the heater cannot be shut off on its own.
    El agua del calentador no se puede cerrar por separado.
  Fit a full-bore valve on the cold inlet.
    Instalar una llave de paso pleno en la entrada fría.
  Shut-off cannot be reached
    No se alcanza la válvula de cierre
  In an emergency nobody could reach the valve.
    En una emergencia nadie podría alcanzar la llave.
  Make it reachable, or fit one that is.
    Hacerla accesible, o instalar una que lo sea.
  Hot and cold pipes bare near the tank
    Tubos caliente y frío desnudos junto al tanque
  A little heat is lost through the pipes.
    Se pierde un poco de calor por los tubos.
  Insulate the {near_pipes}.
    Forrar con aislante térmico {near_pipes} de los tubos.
  Corrosion where copper meets steel
    Corrosión donde se tocan cobre y acero
  Two metals touch and one of them is corroding.
    Dos metales se tocan y uno se corroe.
  Look again next year; fit unions when the pipes are next open.
    Mirarlo de nuevo el año que viene; poner uniones cuando se abran los tubos.
  Trim rings rippled by heat
    Aros deformados por el calor
  Hot flue gas has come out where it should not, at some time.
    Alguna vez salieron humos calientes por donde no deben.
  Test the {draught}, worst case.
    Probar el tiro, en el peor caso.
  The {draught} was tested, worst case, and is sound: look again at the next visit.
    El tiro se probó, en el peor caso, y está bien: mirarlo de nuevo en la próxima visita.
  Rings melted, soot or scorch marks
    Aros fundidos, hollín o quemaduras
  Exhaust gas has been coming back into the room. It carries carbon monoxide, which kills.
    Los gases de combustión han vuelto al cuarto. Llevan monóxido de carbono, que mata.
  Burner off, ventilate, CO test, find the cause before it runs again.
    Quemador apagado, ventilar, medir CO, encontrar la causa antes de que funcione otra vez.
  Flue open, disconnected or blocked
    Ducto de gases abierto, desconectado u obstruido
  Exhaust gas can enter the house. It carries carbon monoxide, which kills.
    Los gases de combustión pueden entrar en la casa. Llevan monóxido de carbono, que mata.
  Burner off until the flue is whole and draws.
    Quemador apagado hasta que el ducto de gases esté entero y tenga buen tiro.
  Flue falls, sags or is not supported
    Salida de humos en bajada, combada o sin sujetar
  The exhaust pipe does not rise as it must.
    El tubo de escape no sube como debe.
  Hood loose or off
    Campana suelta o quitada
  Exhaust gas can enter the room instead of going up the flue.
    Los gases de combustión pueden entrar en el cuarto en vez de subir por el ducto.
  Burner off; seat and fix the hood, test the {draught}.
    Quemador apagado; asentar y fijar la campana, probar el tiro.
  No free opening for combustion air
    Sin abertura libre para el aire de combustión
  Intake screen choked with lint
    Rejilla de entrada obstruida por pelusa
  Dust starves the burner of air.
    El polvo deja al quemador sin aire.
  Vacuum and brush the screen.
    Aspirar y cepillar la rejilla.
  Ignition source under 18 in above a garage floor
    Fuente de encendido a menos de 18 pulg. del piso de un garaje
  Fuel {vapour} creeps along a garage floor; a flame near the floor can light it.
    Los vapores de combustible se arrastran por el piso de un garaje; una llama cerca del piso puede
      encenderlos.
  Raise the heater, or confirm that it is listed as flammable-{vapour} resistant.
    Elevar el calentador, o confirmar que está certificado como resistente a vapores inflamables.
  No anode
    Sin ánodo
  The rod that protects the tank from rust is not there.
    No está la varilla que protege el tanque del óxido.
  Plan an anode at the next drain.
    Planear un ánodo en el próximo vaciado.
  No {relief_valve}
    Sin válvula T&P
  The last protection against a bursting tank is missing.
    Falta la última protección contra que el tanque reviente.
  Heat and water off until one is fitted.
    Calentador apagado y agua cerrada hasta instalar una.
  {Relief_valve} plugged, capped or shut off
    Válvula T&P taponada, tapada o cerrada
  The last protection against a bursting tank has been blocked.
    La última protección contra que el tanque reviente está bloqueada.
  Heat off. Take the plug out or replace the valve before the heater runs.
    Calor apagado. Quitar el tapón o cambiar la válvula antes de que funcione el calentador.
  Crust or corrosion at the {relief_valve}
    Costra o corrosión en la válvula T&P
  The safety valve shows deposits; it may not close again.
    La válvula de alivio tiene depósitos; quizá no vuelva a cerrar.
  Have a replacement at hand when it is exercised.
    Tener un repuesto a mano cuando se pruebe.
  Leak at a fitting
    Fuga en una conexión
  A joint drips.
    Una unión gotea.
  Re-make the joint.
    Rehacer la unión.
  Leak at an {element}'s gasket
    Fuga en el empaque de una resistencia
  A seal on the tank drips.
    Un sello del tanque gotea.
  Drain below it, new gasket, hand tight plus an eighth to a quarter turn.
    Vaciar por debajo, empaque nuevo, apretar a mano más un octavo o un cuarto de vuelta.
  Tank body leaking, or rusty water from under the jacket
    El cuerpo del tanque tiene fuga, o sale agua oxidada por debajo de la cubierta
  The tank itself has rusted through. It will get worse and can fail suddenly.
    El propio tanque se ha perforado por óxido. Empeorará y puede fallar de repente.
  Replace the heater; it cannot be repaired.
    Cambiar el calentador; no se puede reparar.
  No pan where a leak would do damage
    Sin bandeja donde una fuga haría daño
  A leak would run into the building.
    Una fuga correría por el edificio.
  Fit a pan with a drain.
    Poner una bandeja con desagüe.
  Pan without a drain, or a drain that is too small
    Bandeja sin desagüe, o con uno demasiado pequeño
  The tray under the heater cannot empty.
    La bandeja bajo el calentador no puede vaciarse.
  Run a drain of 3/4 in (22 mm) or more to outdoors or an indirect waste.
    Tender un desagüe de 3/4 pulg. (22 mm) o más al exterior o a un desagüe indirecto.
  Pan without a drain, where the {heater} before it had none
    Bandeja sin desagüe, donde el {heater} anterior no tenía
  The tray under the heater cannot empty; a leak alarm tells of it.
    La bandeja bajo el calentador no puede vaciarse; una alarma de fugas avisa.
  Run a drain of 3/4 in or more to outdoors or an indirect waste, if it can be had.
    Tender un desagüe de 3/4 pulg. o más al exterior o a un desagüe indirecto, si es posible.
  No disconnect in sight, none lockable
    Sin desconectador a la vista ni bloqueable
  Whoever works on the heater cannot make sure that it stays off.
    Quien trabaje en el calentador no puede asegurarse de que siga apagado.
  Fit one in sight, or a lock at the {breaker}.
    Instalar uno a la vista, o un bloqueo en el breaker (disyuntor).
  No {earth} connection
    Sin conexión a tierra
  If a wire touches the metal, nothing would trip.
    Si un cable toca el metal, ningún breaker se dispararía y el metal quedaría energizado.
  Straps missing where they are required
    Faltan las correas donde se exigen
  An earthquake could throw the heater over.
    Un terremoto podría volcar el calentador.
  Strap it in the upper and the lower third.
    Sujetarlo en el tercio superior y en el inferior.
  Drain valve drips
    La válvula de drenaje gotea
  The valve at the bottom drips a little.
    La válvula de abajo gotea un poco.
  Cap it, note it, look again tomorrow.
    Taparla, anotarlo, mirar otra vez mañana.
  Old plastic drain valve, brittle
    Válvula de drenaje vieja de plástico, quebradiza
  The valve at the bottom may break when used.
    La válvula de abajo puede romperse al usarla.
  Replace it at the next drain.
    Cambiarla en el próximo vaciado.
  Nothing runs from the opened drain valve
    No corre nada por la válvula de drenaje abierta
  The tank cannot be drained by its valve at the moment.
    Por ahora el tanque no se puede vaciar por su válvula.
  Let air in; rod it out, or drain another way. Still is not empty.
    Dejar entrar aire; desatascarla, o vaciar de otro modo. Que no salga agua no significa que el
      tanque esté vacío.
  No service tag or instructions at the heater
    Sin etiqueta de servicio ni instrucciones en el calentador
  Nobody can see when it was last serviced.
    Nadie puede ver cuándo fue el último servicio.
  Hang a tag today.
    Colgar hoy una etiqueta.
  Damper stuck, or vent motor not running
    Compuerta atascada, o el motor del extractor no funciona
  Exhaust gas may stay in the house. It carries carbon monoxide, which kills.
    Los gases de combustión pueden quedarse en la casa. Llevan monóxido de carbono, que mata.
  Burner off until it opens and draws.
    Quemador apagado hasta que abra y tenga buen tiro.
  Flue narrower than the {heater}'s collar
    Salida de humos más estrecha que el collar del {heater}
  The exhaust pipe is too narrow.
    El tubo de escape es demasiado estrecho.
  Re-pipe at the collar's size or as tables say.
    Rehacer con el tamaño del collar o según las tablas.
  Nest or debris in the flue
    Nido o suciedad en la salida de humos
  The exhaust cannot leave the house. It carries carbon monoxide, which kills.
    Los gases de combustión no pueden salir de la casa. Llevan monóxido de carbono, que mata.
  Burner off until it is cleared and draws.
    Quemador apagado hasta que esté despejado y tenga buen tiro.
  Flue too close to what can burn
    Salida de humos demasiado cerca de algo que puede arder
  The hot exhaust pipe is too near to wood or plastic.
    El tubo de escape caliente está demasiado cerca de madera o plástico.
  Give it its clearance, or a listed shield.
    Darle su distancia, o una pantalla certificada.
  Smell of gas
    Olor a gas
  Gas is escaping.
    Se escapa gas.
  Everybody out; call from outside; gas off only if it lies on the way.
    Todos afuera; llamar desde afuera; cerrar el gas solo si queda de camino.
  Soot at the burner door
    Hollín en la puerta del quemador
  The burner does not burn clean. Soot comes with carbon monoxide.
    El quemador no quema limpio. Con el hollín viene monóxido de carbono.
  Burner off, ventilate, CO test.
    Quemador apagado, ventilar, medir CO.
  No {gas_cock} at the {heater}
    Sin llave de gas junto al {heater}
  The gas to the {heater} cannot be shut off on its own.
    El gas del {heater} no se puede cerrar por separado.
  Fit a listed valve and a union.
    Instalar una llave certificada y una unión.
  No sediment trap ahead of the gas control, and none built in
    Sin trampa de sedimentos antes del control de gas, ni incorporada
  Dirt in the gas pipe is not caught before the burner.
    La suciedad del tubo de gas no se detiene antes del quemador.
  Fit a drip leg at the next gas work.
    Poner una trampa en el próximo trabajo de gas.
  Whether there is a sediment trap cannot be seen
    No se puede ver si hay trampa de sedimentos
  Whether dirt in the gas pipe is caught before the burner could not be seen.
    No se pudo ver si la suciedad del tubo de gas se detiene antes del quemador.
  Look for it when the gas pipe is next open.
    Buscarla cuando se abra el tubo de gas.
  Gas connector kinked, corroded or of an old type
    Conector de gas doblado, corroído o de tipo antiguo
  The flexible gas pipe is not safe any more.
    El tubo flexible de gas ya no es seguro.
  Burner door loose, or its gasket damaged
    Puerta del quemador suelta, o su empaque dañado
  The burner's door does not seal.
    La puerta del quemador no cierra bien.
  Controls have been under water
    Los controles han estado bajo el agua
  The gas control has been under water and cannot be trusted.
    El control de gas ha estado bajo el agua y no es de fiar.
  Gas off; replace control or {heater}, never relight.
    Gas cerrado; cambiar control o {heater}, nunca volver a encender.
  Flammable-{vapour} sensor or screen burnt
    Sensor o rejilla de vapores inflamables quemado
  There has been a flash of {vapour} here.
    Aquí ha habido una llamarada de vapores.
  Gas off; replace the {heater}, find where it came from.
    Gas cerrado; cambiar el {heater}, encontrar de dónde vino.
  Under a recall
    Bajo un llamado a revisión
  The maker has called this {heater} back.
    El fabricante ha llamado a revisión este {heater}.
  As the maker's notice says; off until then.
    Como dice el aviso del fabricante; apagado hasta entonces.
  A cover or guard is missing
    Falta una tapa o protección
  Live parts can be touched.
    Se pueden tocar partes energizadas.
  Power off and locked; covers on before it runs.
    Corriente cortada y bloqueada; tapas puestas antes de que funcione.
  Scorched wire or terminal
    Cable o terminal quemado
  A connection has been running hot.
    Una conexión se ha calentado demasiado.
  Cable damaged or not held
    Cable dañado o sin sujetar
  The cable could pull loose or fray.
    El cable podría soltarse o deshilacharse.
  Replace it, with its clamp.
    Cambiarlo, con su abrazadera.
  Cable not fit for the heat or the load
    Cable no apto para el calor o la carga
  The cable is not made for this heat.
    El cable no está hecho para este calor.
  Replace with heat-resisting cable of the right size.
    Cambiar por cable resistente al calor del tamaño correcto.
  Blanket over controls, plate, relief valve or burner air
    Manta sobre controles, placa, válvula de alivio o aire del quemador
  The blanket hides or chokes what must be free.
    La manta oculta o ahoga lo que debe estar libre.
  Cut it back today.
    Recortarla hoy.
  Jacket wet or rusty from behind
    Funda mojada u oxidada por detrás
  There is moisture behind the outer skin.
    Hay humedad detrás de la cubierta.
  Find out whether a fitting or the tank leaks.
    Averiguar si la fuga es de una conexión o del tanque.
  No room to work, or things stored against it
    Sin sitio para trabajar, o con cosas guardadas delante
  Nobody can get at the {heater} to make it safe.
    Nadie puede llegar al {heater} para asegurarlo.
  Clear the space.
    Despejar el espacio.
  Paint, fuel or rags stored beside it
    Pintura, combustible o trapos guardados al lado
  What is stored here can catch fire.
    Lo que se guarda aquí puede arder.
  Move it away today.
    Apartarlo hoy.
  Stand rotten, loose or leaning
    Base podrida, suelta o inclinada
  A full tank is very heavy, and its stand is weak.
    Un tanque lleno pesa mucho y su base es débil.
  Make a sound stand before it gives way.
    Hacer una base firme antes de que ceda.
  No valve on the hot outlet of a low {heater} in a tall building
    Sin llave en la salida caliente de un {heater} bajo en un edificio alto
  Every service lets the water of the whole building run out.
    Cada servicio deja correr el agua de todo el edificio.
  Fit one when the pipes are next open.
    Instalar una cuando se abran los tubos.
  Bond missing where it is asked for
    Falta el puente donde se pide
  The pipes are not joined electrically as they should be.
    Los tubos no están unidos eléctricamente como deben.
  Have it bonded.
    Hacer que lo pongan.
  Mixing valve leaks
    La válvula mezcladora tiene fuga
  The valve that keeps the water from scalding drips.
    La válvula que evita que el agua escalde gotea.
  Service or replace it.
    Darle servicio o cambiarla.
  Hot and cold reversed at the mixing valve
    Caliente y fría invertidas en la válvula mezcladora
  The valve that should keep the water from scalding is connected the wrong way round.
    La válvula que debe evitar que el agua escalde está conectada al revés.
  Re-pipe it.
    Rehacer sus tubos.
  No check valve in the return
    Sin válvula de retención en el retorno
  Water can run the wrong way through the return pipe.
    El agua puede correr al revés por el tubo de retorno.
  Fit a check valve.
    Instalar una válvula de retención.
  Pump leaks or seized
    La bomba tiene fuga o está trabada
  The pump that brings hot water quickly has failed.
    Ha fallado la bomba que trae pronto el agua caliente.
  Replace it.
    Cambiarla.
  {Vessel} not supported
    Tanque de expansión sin sujetar
  If its inside fails, the small tank becomes heavy and can tear its pipe.
    Si falla por dentro, el pequeño tanque se vuelve pesado y puede arrancar su tubo.
  Strap or bracket it.
    Sujetarlo con correa o soporte.
  Its shell or joint drips or rusts
    Su cuerpo o su unión gotea o se oxida
  The small tank that cushions the pressure is rusting through.
    El pequeño tanque que amortigua la presión se está perforando por óxido.
  A valve between tank and {vessel}
    Una llave entre el tanque y el tanque de expansión
  Somebody could shut the small safety tank off.
    Alguien podría cerrar el pequeño tanque de seguridad.
  Take the valve out, or seal it open.
    Quitar la llave, o sellarla abierta.
  It sits before the {heater}'s own valve
    Está antes de la llave propia del {heater}
  The small tank works, but it is shut off with the house.
    El tanque pequeño funciona, pero queda cerrado cuando se cierra la casa.
  Its charge is read with the house supply shut.
    Su carga se lee con el suministro de la casa cerrado.
  {Regulator} leaks
    El regulador de presión tiene fuga
  The device that lowers the street's water pressure drips.
    El dispositivo que baja la presión del agua de la calle gotea.
  Dial turned to the top
    Mando girado al máximo
  The temperature is set as high as it goes.
    La temperatura está ajustada al máximo.
  Find out why it was turned up; turn it down.
    Averiguar por qué se subió; bajarla.
  Knob or dial broken
    Mando o perilla rotos
  The temperature cannot be set.
    No se puede ajustar la temperatura.
  Replace the knob or the control.
    Cambiar la perilla o el control.
  Status light dark: the control has no power
    Luz de estado apagada: el control no tiene corriente
  The electronics of the burner have no power.
    La electrónica del quemador no tiene corriente.
  Read the generator's voltage, or its feed.
    Leer el voltaje del generador, o su alimentación.
  Status light blinks an error code
    La luz de estado da un código de error
  The burner's control reports a fault.
    El control del quemador avisa de una falla.
  Write the code down and look it up on the maker's label.
    Anotar el código y buscarlo en la etiqueta del fabricante.
  Past its expected life
    Pasada su vida esperada
  The {heater} is old; plan its replacement before it leaks.
    El {heater} es viejo; planear su cambio antes de que tenga fuga.
  Plan the replacement; look yearly for rust.
    Planear el cambio; buscar óxido cada año.
  Green or white crust on its body
    Costra verde o blanca en su cuerpo
  The inlet valves are weeping.
    Las válvulas de entrada rezuman.
  Replace the group.
    Cambiar el grupo.
  Strainer, reducing, check or relief valve missing from it
    Le falta filtro, reductora, retención o alivio
  A safety part of the inlet is missing.
    Falta una pieza de seguridad de la entrada.
  Isolate every heat source until it is complete.
    Apagar y bloquear todas las fuentes de calor hasta que esté completo.
  Fitted against its arrow
    Montado contra su flecha
  The inlet valves are fitted the wrong way round.
    Las válvulas de entrada están montadas al revés.
  Turn it round.
    Darle la vuelta.
  Cold branch for mixers taken before it
    Ramal frío para mezcladores tomado antes de él
  Showers may not mix well.
    Las duchas pueden no mezclar bien.
  Take the cold from the balanced outlet.
    Tomar el agua fría de la salida equilibrada.
  No {expansion_relief}
    No hay válvula de alivio de expansión
  A safety valve against pressure is missing.
    Falta una válvula de alivio contra la presión.
  Isolate every heat source until one is fitted.
    Apagar y bloquear todas las fuentes de calor hasta instalar una.
  A valve between it and the cylinder
    Una llave entre él y el cilindro
  A safety valve can be shut off.
    Se puede cerrar una válvula de alivio.
  Open it now; take the valve out.
    Abrir ya el paso y quitar la llave de ese tubo; calentador apagado hasta entonces.
  {Expansion_relief} plugged or capped
    Válvula de alivio de expansión taponada o tapada
  A safety valve against pressure has been blocked.
    Se ha bloqueado una válvula de alivio contra la presión.
  Isolate every heat source; open or replace it.
    Apagar y bloquear todas las fuentes de calor; abrirla o cambiarla.
  A heat source without energy cut-out
    Una fuente de calor sin corte por sobretemperatura
  The second of three safety devices is missing.
    Falta el segundo de los tres dispositivos de seguridad.
  Isolate that heat source until one is fitted.
    Apagar y bloquear esa fuente de calor hasta instalar uno.
  Cut-out by-passed or bridged
    Corte por sobretemperatura puenteado
  The second of three safety devices has been put out of action.
    Se ha anulado el segundo de los tres dispositivos de seguridad.
  Isolate that heat source; wire it in.
    Apagar y bloquear esa fuente de calor; conectarlo.
  Cut-out found tripped
    Corte por sobretemperatura disparado al llegar
  A safety switch has acted: something overheated.
    Se disparó un corte por sobretemperatura: algo se sobrecalentó.
  Find out why before you reset it.
    Averiguar por qué antes de restablecerlo.
  No {two_port} or pump control on the coil
    Sin válvula de dos vías ni control de bomba en el serpentín
  Nothing would stop the boiler from overheating the {heater}.
    Nada impediría que la caldera sobrecalentara el {heater}.
  Isolate the coil until one is fitted.
    Cerrar el circuito del serpentín hasta instalar una.
  Left on manual
    Dejada en manual
  The valve that stops the heat is held open.
    La válvula que detiene el calor está retenida abierta.
  Set it to auto today.
    Ponerla hoy en automático.
  {Two_port} weeps or its head is wet
    La válvula de dos vías rezuma o su cabeza está mojada
  A control valve drips.
    Una válvula de control gotea.
  Replace the valve.
    Cambiar la válvula.
  No valves on the coil's pipes
    Sin llaves en los tubos del serpentín
  The heating must be drained to work on the {heater}.
    Hay que vaciar la calefacción para trabajar en el {heater}.
  Fit valves when the pipes are next cut.
    Instalar llaves cuando se corten los tubos.
  Flow and return swapped
    Ida y retorno cambiados
  The heating pipes are connected the wrong way round.
    Los tubos de la calefacción están conectados al revés.
  Swap them.
    Cambiarlos de sitio.
  Wiring box open or cable not clamped
    Caja de conexiones abierta o cable sin sujetar
  Dead and proved; clamp and close.
    Sin voltaje, comprobado; sujetar y cerrar.
  No thermostat in the chain
    Sin termostato en la cadena
  Nothing limits the water's temperature.
    Nada limita la temperatura del agua.
  Isolate the coil until a thermostat is wired in.
    Cerrar el circuito del serpentín hasta conectar un termostato.
  Commissioning record or warning label missing
    Falta el acta de puesta en servicio o la etiqueta de aviso
  Nobody can see who commissioned it and what must not be done.
    Nadie puede ver quién lo puso en servicio ni qué no se debe hacer.
  Fit the label, start a record.
    Poner la etiqueta, empezar un registro.
  D1: metal, falls, at most 600 mm, no smaller than the valve's outlet
    D1: de metal, en caída, 600 mm como máximo, no menor que la salida de la válvula
  Tundish: same space, upright, below the valve, in sight
    Embudo: en el mismo espacio, derecho, por debajo de la válvula, a la vista
  D2 leaves the tundish 300 mm straight down
    D2 sale del embudo 300 mm en vertical
  D2 falls at least 1 in 200 all the way
    D2 con pendiente de al menos 1 en 200 en todo su recorrido
  D2: copper, or plastic that its maker proves for it and marks; one size above the valve's outlet
      or larger, no reduction
    D2: de cobre, o de plástico que su fabricante prueba y marca para esto; un tamaño más que la
      salida de la válvula o mayor, sin reducción
  D2's end found and seen, hidden on its way or not; not blocked by later work
    El extremo de D2, encontrado y visto, oculto o no en su camino; no tapado por obras posteriores
  If it is shared: six systems at most, each with its tundish
    Si se comparte: seis sistemas como máximo, cada uno con su embudo
  Into a soil stack only under its own conditions
    A una bajante solo con sus propias condiciones
  Low-level end: 100 mm at most, with a guard, or under a grating
    Extremo bajo: 100 mm como máximo, con protección o bajo una rejilla
  High-level end: metal hopper, or a roof that stands the heat, 3 m from plastic gutters
    Extremo alto: tolva metálica, o un tejado que aguante el calor, a 3 m de canaletas de plástico
  There is a discharge pipe
    Hay un tubo de descarga
  Full size to the end (3/4 in)
    Tamaño pleno hasta el extremo (3/4 pulg.)
  Rated for hot water
    Apto para agua caliente
  Serves this valve only
    Sirve solo a esta válvula
  Runs by gravity, no trap, no uphill
    Corre por gravedad, sin sifón ni subidas
  No valve, tee or cap in it
    Sin llave, conexión T ni tapa en él
  End not threaded
    Extremo sin rosca
  Ends where it is seen and hurts nobody
    Termina donde se ve y no daña a nadie
  Air gap in the heater's own room
    Separación de aire en el cuarto del calentador
  Not more than 6 in above floor or receptor
    No más de 6 pulg. sobre el piso o el receptor
  Ends 6–24 in above ground, pointing down
    Termina 6–24 pulg. sobre el suelo, hacia abajo
  At least two pipe diameters above
    Al menos dos diámetros de tubo por encima
  Insulated, where local rules ask for it
    Aislado, donde las reglas locales lo piden
  Data plate
    Placa de datos
  Plate of the {relief_valve}
    Placa de la válvula T&P
  {Supply_valve}
    Llave de agua fría
  Pipe insulation, {near_pipes}
    Aislante térmico de los tubos, {near_pipes}
  Dielectric unions
    Uniones dieléctricas
  Plastic rings at the flue
    Aros de plástico en la salida de humos
  Flue
    Salida de humos
  Hood of the flue
    Campana de la salida de humos
  Free air for the burner
    Aire de combustión sin obstrucción
  Intake screen and sight glass
    Rejilla de entrada y mirilla
  Anode hexagon
    Hexágono del ánodo
  {Relief_valve}
    Válvula T&P
  Leaks
    Fugas
  Pan under the {heater}, and its drain
    Bandeja bajo el {heater} y su desagüe
  Means of disconnection
    Medio de desconexión
  {Earth} or bond connection
    Conexión a tierra o puente
  Seismic straps, where required
    Correas antisísmicas, donde se exigen
  Drain valve
    Válvula de drenaje
  Service tag and instructions
    Etiqueta de servicio e instrucciones
  Vent damper or power vent
    Compuerta o extractor de humos
  Flue of the right diameter, no nest or debris
    Salida de humos del diámetro correcto, sin nidos ni suciedad
  No smell of gas, no soot at the burner door
    Sin olor a gas, sin hollín en la puerta del quemador
  {Gas_cock} with union, within reach
    Llave de gas con unión, al alcance
  Burner door and its gasket
    Puerta del quemador y su empaque
  No sign of flood or {vapour} event at the controls
    Sin señales de inundación ni de vapores en los controles
  Covers, guards and insulation over the {elements}
    Tapas, protecciones y aislamiento sobre las resistencias
  Cable or {flex} to the {elements}
    Cable a las resistencias
  Jacket, and any extra blanket
    Funda, y cualquier manta añadida
  Room to work, nothing stored against it
    Sitio para trabajar, nada guardado delante
  Stand, level and sound
    Base, nivelada y firme
  In a tall building: a valve on the hot outlet
    En un edificio alto: una llave en la salida caliente
  Bond between hot and cold, where asked for
    Puente entre caliente y fría, donde se pide
  Mixing valve
    Válvula mezcladora
  Recirculation pump and its check valve
    Bomba de recirculación y su válvula de retención
  The {vessel}: supported, dry, no valve before it
    El tanque de expansión: sujeto, seco, sin válvula delante
  The {regulator}
    El regulador de presión
  Dial of the gas control
    Mando del control de gas
  Age
    Edad
  Inlet control group
    Grupo de control de entrada
  {Expansion_relief}
    Válvula de alivio de expansión
  Energy cut-outs, one on each heat source
    Cortes de seguridad, uno en cada fuente de calor
  {Two_port} on the coil's flow
    Válvula de dos vías en la ida del serpentín
  Valves on the coil's pipes, right way round
    Llaves en los tubos del serpentín, bien orientadas
  Programmer and wiring box
    Programador y caja de conexiones
  Commissioning record, labels and warnings
    Acta de puesta en servicio, etiquetas y avisos
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
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
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
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
    Su presión de aire se lee con el suministro de la casa cerrado.
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

# frozen_string_literal: true

# What single books ask for: alarms, the room, the water side, circuits and papers.
Munimen::Words::Language[:es].texts <<~TEXTS
  No carbon monoxide alarm
    Sin alarma de monóxido de carbono
  Exhaust gas cannot be smelt. Nothing would wake the people in the house.
    Los gases quemados no se huelen. Nada despertaría a las personas de la casa.
  Fit one: in the room of the {heater}, or outside the bedrooms, as the book here says.
    Instalar una: en el cuarto del calentador o ante los dormitorios, según la norma de aquí.
  Carbon monoxide alarm past its date, or silent at its button
    Alarma de monóxido de carbono caducada o muda al oprimir su botón
  The alarm would not warn anybody.
    La alarma no avisaría a nadie.
  Replace the alarm.
    Cambiar la alarma.
  Corrugated gas pipe without its bond
    Tubo de gas corrugado sin su conexión equipotencial
  Lightning near by could burn a hole into the thin gas pipe.
    Un rayo cercano podría perforar el fino tubo de gas.
  Have it bonded to the {earth} of the house, as its maker says.
    Hacerlo unir a la puesta a tierra de la casa, como indica su fabricante.
  Let home without a gas safety check of the last 12 months
    Vivienda alquilada sin revisión de gas en los últimos 12 meses
  The law asks for a yearly check where a home is let; it is missing.
    La ley pide una revisión anual en las viviendas alquiladas; falta.
  A registered engineer checks and records it; the tenant gets the record.
    Un técnico registrado la hace y la anota; el inquilino recibe el documento.
  No RCD on a circuit in or through a bathroom
    Circuito en un baño, o que pasa por él, sin interruptor diferencial (RCD)
  The circuit lacks the protection that a bathroom asks for today.
    Al circuito le falta la protección que hoy se pide en un baño.
  Have an electrician look at the circuit; new ones are notified (Part P).
    Hacer ver el circuito por un electricista; los nuevos se notifican (Parte P).
  Immersion heater without its own cut-out
    Resistencia de inmersión sin su propio corte por sobretemperatura
  If its thermostat sticks, nothing stops this heater before the water boils.
    Si su termostato se atasca, nada detiene esta resistencia antes de que el agua hierva.
  Immersion off and locked until one with a cut-out is fitted and tested.
    Resistencia apagada y bloqueada hasta instalar y probar una con corte por sobretemperatura.
  Stands in the way of cars, without a guard
    Está al paso de los coches, sin protección
  A car could strike the heater, its gas pipe or its flue.
    Un coche podría golpear el calentador, su tubo de gas o su salida de humos.
  A post or a wall between it and the cars, or another place.
    Un poste o un muro entre él y los coches, u otro lugar.
  No floor, no way or no light at a heater in the attic
    Sin suelo, paso o luz junto a un calentador en el desván
  Nobody can work safely at the heater.
    Nadie puede trabajar con seguridad en el calentador.
  A floor and a passage of 24 in or more, a light and its switch at the hatch.
    Un suelo y un paso de 24 pulg. o más, una luz y su interruptor en la trampilla.
  The safety pipe runs where it can freeze
    El tubo de seguridad pasa por donde puede helarse
  Ice could close the pipe of the safety valve.
    El hielo podría cerrar el tubo de la válvula de alivio.
  Run it through warm rooms, with fall, or end it indoors over a receptor.
    Llevarlo por cuartos cálidos, con pendiente, o terminarlo dentro sobre un sumidero.
  Plastic pan under a gas heater
    Bandeja de plástico bajo un calentador de gas
  The tray under the burner can melt or burn.
    La bandeja bajo el quemador puede fundirse o arder.
  Fit a metal pan.
    Instalar una bandeja de metal.
  Pan less than 1½ in deep, or too small for the {heater}
    Bandeja de menos de 1½ in de fondo, o pequeña para el {heater}
  The tray under the heater holds too little.
    La bandeja bajo el calentador recoge muy poco.
  Fit a pan at least 1½ in deep that holds what drips.
    Instalar una bandeja de 1½ in o más de fondo que recoja lo que gotee.
  Lower strap less than 4 in above the controls
    Correa inferior a menos de 4 pulg. sobre los controles
  The lower strap sits where it can damage the controls.
    La correa inferior está donde puede dañar los controles.
  Move it: in the lower third, at least 4 in above the controls.
    Moverla: en el tercio inferior, al menos 4 pulg. sobre los controles.
  Valve in a pipe or another tapping: it does not feel the hottest water
    Válvula en un tubo o en otra toma: no siente el agua más caliente
  The safety valve sits where it cannot feel how hot the water gets.
    La válvula de alivio está donde no puede sentir cuánto se calienta el agua.
  Put it where the maker provides for it; until then watch the temperature.
    Ponerla donde el fabricante la prevé; hasta entonces vigilar la temperatura.
  Probe too short to reach the water
    Sonda demasiado corta para llegar al agua
  The safety valve's probe does not reach the water.
    La sonda de la válvula de alivio no llega al agua.
  Fit a valve with a probe as long as the insulation wants.
    Instalar una válvula con sonda tan larga como pide el aislamiento.
  Filled from the bottom, without a vacuum relief valve
    Se llena por abajo, sin válvula rompevacío
  If the street runs dry, the tank can be sucked empty and collapse.
    Si la calle se queda sin agua, el tanque puede vaciarse por succión y hundirse.
  Fit one on the cold inlet, above the top of the tank.
    Instalar una en la entrada fría, por encima del tanque.
  Heated water runs back into the cold supply
    Agua calentada vuelve a la red fría
  Water that was heated gets back into the drinking water.
    El agua que se ha calentado vuelve al agua potable.
  Clean or replace the check valve of the inlet group; test the vessel's charge.
    Limpiar o cambiar la válvula de retención (check) del grupo de entrada; comprobar la presión de
      aire del vaso.
  Nothing at bath or shower limits the heat
    Nada limita el calor en la tina o la ducha
  Only the heater's thermostat keeps the bath from scalding.
    Solo el termostato del calentador evita que la tina queme.
  Fit a limiting device (ASSE 1016 or 1070, CSA B125.3); the heater's thermostat is no substitute.
    Instalar un limitador (ASSE 1016 o 1070, CSA B125.3); el termostato del calentador no lo
      sustituye.
  Carbon monoxide alarm, where the book wants it
    Alarma de monóxido de carbono, donde la norma la pide
  There, in date, sounds at its button
    Está, en fecha y suena al oprimir el botón
  Corrugated gas pipe (CSST) in the house: bonded
    Tubo de gas corrugado (CSST) en la casa: con puente de unión
  Bonded, or there is none
    Conectado, o no hay
  Let home: the gas safety check of this year
    Vivienda alquilada: la revisión de gas de este año
  In date, or it is not let
    Al día, o no está alquilada
  Circuit of the {heater}: protected by an RCD where the book wants one
    Circuito del {heater}: con diferencial donde la norma lo pide
  RCD, or none is wanted
    Con diferencial, o no se pide
  Immersion heater: a cut-out of its own, reset by hand
    Resistencia de inmersión: corte por sobretemperatura propio, de restablecimiento manual
  There
    Está
  Where cars are driven: guarded against being struck
    Donde circulan coches: protegido contra golpes
  Behind a post or wall, or out of the way
    Tras un poste o muro, o apartado
  In the attic: a floor to stand on, a way to it, a light
    En el desván: suelo para estar de pie, paso y luz
  All three
    Las tres cosas
  Where the safety pipe can freeze
    Por dónde puede helarse el tubo de seguridad
  Nowhere on its way
    En ningún punto
  Valve in the tank's own tapping for it, its probe in the water at the top
    Válvula en su propia toma del tanque, con la sonda en el agua de arriba
  In its tapping, in the hottest water
    En su toma, en el agua más caliente
  Cold water enters at the bottom: a vacuum relief valve
    El agua fría entra por abajo: válvula rompevacío
  There, above the tank; or the cold enters at the top
    Está, sobre el tanque; o el agua fría entra por arriba
  Cold pipe before the check valve: cold to the hand while it heats
    Tubo frío antes de la válvula de retención (check): frío al tacto mientras calienta
  Cold
    Frío
  Bath and shower: a device of their own that limits the heat
    Tina y ducha: un limitador propio del calor
  Seen, or known
    Visto o sabido
  Fit a valve set to 150 psi or less, and no higher than the tank's rating.
    Instalar una válvula ajustada a 150 psi o menos, y no por encima de lo que soporta el tanque.
  The safety valve opens at a higher pressure than the code allows.
    La válvula de alivio abre a más presión de la que permite la norma.
  Lower the supply by its {regulator}, or fit a valve set higher, never above the tank's rating.
    Bajar la presión de entrada con su reductor, o instalar una válvula ajustada más alta, nunca por
      encima de lo que soporta el tanque.
  The safety valve is set so close to the water pressure that it will drip.
    La válvula de alivio está ajustada tan cerca de la presión del agua que goteará.
  It is set to {value}.
    Está ajustada a {value}.
  It is set to {set}, the supply stands at {supply}: {margin} between them.
    Está ajustada a {set} y la entrada está a {supply}: {margin} de diferencia.
  Set the thermostats to 60 °C; a mixing valve keeps bath and shower at 49 °C.
    Poner los termostatos a 60 °C; una válvula mezcladora mantiene tina y ducha a 49 °C.
  An electric tank that is kept cooler can let legionella bacteria grow.
    Un tanque eléctrico más frío puede dejar crecer la bacteria legionela.
  It holds {value}.
    Tiene {value} de capacidad.
  Ask the engineer who specified it: its safety devices are of a design of its own.
    Preguntar al ingeniero que lo diseñó: sus dispositivos de seguridad son de diseño propio.
  The cylinder is larger than the rules for packaged cylinders cover.
    El acumulador es mayor de lo que cubren las reglas para acumuladores de serie.
  Its heat input is {value}.
    Su potencia es de {value}.
  The cylinder is heated harder than the rules for packaged cylinders cover.
    El acumulador se calienta con más potencia de la que cubren las reglas de serie.
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  The programmer is off
    El programador está apagado
  The energy cut-out has popped
    Saltó el corte por sobretemperatura
  The thermostat does not call
    El termostato no pide
  The {two_port} does not open
    La válvula de zona no abre
  The {two_port}'s end switch does not fire the boiler
    El fin de carrera de la válvula no enciende la caldera
  The boiler has locked out
    La caldera se ha bloqueado
  The boiler sends too little, or too cool
    La caldera manda poco, o poco caliente
  The coil is air-locked
    El serpentín tiene aire atrapado
  The coil is fouled
    El serpentín está sucio por dentro
  Flow and return are swapped
    Ida y retorno están cambiados
  The immersion's cut-out has popped, and the boiler was not meant to heat
    Saltó el corte de la resistencia de inmersión, y la caldera no tenía que calentar
  No supply
    No hay alimentación
  One leg of the supply is lost
    Falta una fase de la alimentación
  The {high_limit} has tripped
    Se disparó el límite alto
  The upper thermostat has failed
    Falló el termostato superior
  The upper {element} is open
    La resistencia superior está abierta
  The upper {element} has gone to earth
    La resistencia superior hace tierra
  The lower {element} has gone to earth
    La resistencia inferior hace tierra
  Time switch or tariff keeps it off
    El interruptor horario o la tarifa lo tiene apagado
  The lower {element} is open
    La resistencia inferior está abierta
  The lower thermostat has failed
    Falló el termostato inferior
  The upper thermostat does not pass on to the lower
    El termostato superior no pasa al inferior
  Scale or sediment buries the lower {element}
    Sarro o sedimento cubre la resistencia inferior
  Leakage to earth, below a fault: the residual-current device is right
    Fuga a tierra, menor que una falla: el diferencial hace bien
  A loose terminal heats the {breaker}
    Un terminal flojo calienta el breaker
  The wiring is shorted or to earth
    El cableado está en corto o a tierra
  It is wet under a cover
    Hay agua bajo una tapa
  The {breaker} is too small
    El breaker es demasiado pequeño
  The thermocouple or thermopile is weak
    El termopar o la termopila está débil
  Its nut is loose, or its tip dirty
    Su tuerca está floja, o su punta sucia
  The energy cut-off in the control is open
    El corte por sobretemperatura del control está abierto
  The fusible link or vapor switch is open
    El fusible térmico o el interruptor de vapores está abierto
  The intake screen or base filter is choked
    La rejilla de entrada o el filtro de la base está tapado
  The pilot's orifice is dirty
    El orificio del piloto está sucio
  The control's magnet does not hold
    El imán del control no aguanta
  Down-draught blows it out
    Lo apaga el viento que baja por el ducto
  The gas gives way when something else burns
    El gas cede cuando se enciende otra cosa
  It is turned down, or satisfied
    Está bajado, o satisfecho
  The thermopile gives too little under load
    La termopila da poco con carga
  The gas control does not open
    El control de gas no abre
  The gas supply gives way under load
    El suministro de gas cede con carga
  The drip leg is full
    La pierna de goteo está llena
  The main burner's orifice is blocked
    El orificio del quemador está tapado
  The air filter is choked
    El filtro de aire está tapado
  The air round it is too cold
    El aire que lo rodea está demasiado frío
  It stands on vacation, or on its elements alone
    Está en vacaciones, o solo con resistencias
  The compressor, or what starts it, has failed
    Falló el compresor, o lo que lo arranca
  Grit on the {relief_valve}'s seat
    Arenilla en el asiento de la válvula T&P
  The {relief_valve}'s seat is worn
    El asiento de la válvula T&P está gastado
  The {vessel}'s membrane has failed
    Falló la membrana del tanque de expansión
  The {vessel} has lost its charge
    El tanque de expansión perdió su aire
  The {vessel}'s charge is low
    El tanque de expansión tiene poco aire
  The {vessel} is too small for this tank
    El tanque de expansión es pequeño para este calentador
  A closed system with nothing to take up the expansion
    Un sistema cerrado sin nada que recoja la dilatación
  The air bubble has dissolved
    La burbuja de aire se disolvió
  The pressure regulator lets the {mains} through
    El regulador de presión deja pasar la presión de la red
  The pressure regulator creeps
    El regulador de presión se corre
  The supply is too high, and nothing reduces it
    La presión de la red es demasiada, y nada la baja
  A balanced cold branch feeds the {mains} back in
    Un ramal frío equilibrado devuelve la presión de la red
  The inlet group's reducing valve or check has failed
    Falló la reductora o la retención del grupo de entrada
  The thermostat does not open
    El termostato no abre
  The thermostat is by-passed, or missing from the chain
    El termostato está puenteado, o falta en la cadena
  An {element} to earth heats through its unswitched leg
    Una resistencia a tierra calienta por la fase sin cortar
  It is set too high
    Está ajustado demasiado alto
  Heat stacks at the top after many short draws
    El calor se acumula arriba tras muchos usos cortos
  The dip tube is broken
    El tubo de inmersión está roto
  Sediment takes up the tank
    El sedimento ocupa el tanque
  It is set low
    Está ajustado bajo
  Cold crosses over into the hot at a mixer
    La fría se cruza con la caliente en una mezcladora
  More is drawn than the tank holds
    Se usa más de lo que cabe en el tanque
  The gas input is low
    Llega poco gas
  Warm water circulates by itself into a cold branch
    El agua tibia circula sola por un ramal frío
  A check valve of the mixing valve or the return has failed
    Falló una retención de la mezcladora o del retorno
  Hot and cold are connected the wrong way round
    La caliente y la fría están conectadas al revés
  The strainer is blocked
    El filtro está tapado
  The reducing valve starves the flow
    La reductora deja pasar poca agua
  A check valve sticks
    Una retención se atasca
  Heat-trap or dip-tube debris chokes a nipple
    Restos de los niples o del tubo de inmersión tapan el paso
  The shut-off is half shut
    La válvula de cierre está medio cerrada
  Only that {tap}: its cartridge or its strainer
    Solo esa llave: su cartucho o su filtro
  The {mains} is low
    La presión de la red es baja
  The regulator is set low, or sticks
    El regulador está ajustado bajo, o se atasca
  A valve in the {mains} is half shut
    Una llave de la red está medio cerrada
  Sediment boils over the burner or round an {element}
    El sedimento hierve sobre el quemador o alrededor de una resistencia
  Scale on an {element}
    Sarro en una resistencia
  Water hammer: no cushion
    Golpe de ariete: sin amortiguador
  Pipes creep as they warm
    Los tubos crujen al calentarse
  Bacteria with a magnesium anode
    Bacterias con un ánodo de magnesio
  The source water
    El agua de origen
  The anode is gone
    El ánodo se acabó
  The tank rusts
    El tanque se oxida
  The {mains} or old iron pipes
    La red o tubos viejos de hierro
  The drain valve weeps
    La válvula de drenaje rezuma
  An {element}'s gasket leaks
    El empaque de una resistencia tiene fuga
  The {relief_valve}'s discharge
    La descarga de la válvula T&P
  Condensation on a cold fill, or flue condensate
    Condensación al llenarse de agua fría, o del ducto
  The condensate of the heat pump does not run away
    El condensado de la bomba de calor no se va
  A joint above
    Una unión de arriba
  The tank itself: it is finished
    El tanque mismo: está acabado
  Looked into: {about}
    Lo que se buscó: {about}
  That leaves one cause: {cause}.
    Queda una sola causa: {cause}.
  What it comes from is not settled yet.
    Aún no está claro de qué viene.
TEXTS

# frozen_string_literal: true

# What the fault finder asks, what is answered, and what it may come from.
Munimen::Words::Language[:es].texts <<~TEXTS
  By hand: the flow pipe of the coil, from the start
    A mano: el tubo de ida del serpentín, desde el arranque
  can be held, after 5 and 15 minutes as well
    se puede sostener, también a los 5 y a los 15 minutos
  can be held for five seconds, no longer, after 15 minutes
    a los 15 minutos se puede sostener cinco segundos, no más
  cannot be held after 15 minutes
    a los 15 minutos no se puede sostener
  cannot be held after 5 minutes
    a los 5 minutos no se puede sostener
  By hand: the return pipe of the coil, from the start
    A mano: el tubo de retorno del serpentín, desde el arranque
  The {breaker}
    El breaker (disyuntor)
  is on, and stays on
    está encendido, y se queda
  was off or tripped, stays when reset
    estaba apagado o disparado, se queda al restablecerlo
  trips again
    se dispara otra vez
  Supply at the {heater}'s terminals, leg by leg
    Alimentación en los terminales del calentador, fase por fase
  full voltage
    voltaje completo
  one leg missing
    falta una fase
  {High_limit}, red button
    Límite alto, botón rojo
  had popped
    había saltado
  Volts across the upper {element}, the thermostat calling
    Voltios en la resistencia superior, con el termostato pidiendo
  full
    completo
  Ohms of the upper {element}
    Ohmios de la resistencia superior
  as rated
    según su potencia
  Upper {element} to its sheath
    Resistencia superior contra su vaina
  below 1 MΩ
    menos de 1 MΩ
  Volts across the lower {element}, the upper satisfied
    Voltios en la resistencia inferior, con la superior satisfecha
  Ohms of the lower {element}
    Ohmios de la resistencia inferior
  Lower {element} to its sheath
    Resistencia inferior contra su vaina
  A sample from the drain, white pail
    Una muestra del drenaje, en cubeta blanca
  clear or a few flecks
    clara, o con pocas motas
  grit or heavy sediment
    arenilla o mucho sedimento
  Under the covers
    Bajo las tapas
  Terminals at {heater} and {breaker}
    Terminales en el calentador y en el breaker
  tight and clean
    apretados y limpios
  loose, or browned by heat
    flojos, o dorados por el calor
  {Breaker} against 125 % of the load
    Breaker frente al 125 % de la carga
  right
    adecuado
  too small
    demasiado pequeño
  It trips
    Se dispara
  after some minutes of heating
    después de unos minutos de calentar
  at once when switched on
    en cuanto se enciende
  only the residual-current device, now and then
    solo el diferencial, de vez en cuando
  Wiring with the elements disconnected
    Cableado con las resistencias desconectadas
  shorted or to earth
    en corto o a tierra
  Upper thermostat satisfied: it passes voltage on to the lower
    Termostato superior satisfecho: pasa voltaje al inferior
  Thermostat turned down, dead: its contacts
    Termostato bajado, sin voltaje: sus contactos
  stay closed
    siguen cerrados
  Time switch or tariff
    Interruptor horario o tarifa
  on, at the right hours
    encendido, a las horas correctas
  off, or at the wrong hours
    apagado, o a horas equivocadas
  The pilot flame, button held
    La llama piloto, con el botón apretado
  blue, on the generator's tip
    azul, en la punta del generador
  small, or beside the tip
    pequeña, o al lado de la punta
  lazy, yellow
    con poca fuerza, amarilla
  Let go after 60 s: the pilot
    Al soltar después de 60 s: el piloto
  holds
    aguanta
  dies at once
    se apaga enseguida
  dies within a minute or so
    se apaga en cosa de un minuto
  Generator in the lit pilot, open circuit
    Generador en el piloto encendido, circuito abierto
  good (20–30 mV; thermopile 350–700 mV)
    bueno (20–30 mV; termopila 350–700 mV)
  Tip cleaned, nut tightened: the generator is then
    Punta limpia, tuerca apretada: el generador está entonces
  good
    bueno
  weak still
    aún débil
  Cut-off in the control, centre contact to body
    Corte del control, contacto central a cuerpo
  continuity
    continuidad
  Fusible link or vapor switch in the generator's lead
    Fusible térmico o interruptor de vapores en el cable del generador
  Held with the burner door or screen clear, the pilot
    Con la puerta del quemador o la rejilla despejada, el piloto
  does the same
    hace lo mismo
  Drip leg, opened with the cock shut
    Pierna de goteo, abierta con la llave cerrada
  Does it go out on windy days, are the trim rings rippled?
    ¿Se apaga los días de viento, están ondulados los anillos?
  Thermostat turned up
    Termostato subido
  the burner lights
    el quemador enciende
  a click, no flame
    un clic, sin llama
  nothing at all
    nada en absoluto
  Generator loaded, holding the control
    Generador con carga, sosteniendo el control
  enough for the control
    suficiente para el control
  too little
    demasiado poco
  The control's status light
    La luz de estado del control
  blinks as usual
    parpadea como siempre
  is dark
    está apagada
  The gas control
    El control de gas
  has no light and no board
    no tiene luz ni placa electrónica
  is electronic, with a status light
    es electrónico, con luz de estado
  Manifold with the thermostat calling
    Presión del múltiple con el termostato pidiendo
  as on the plate
    la de la placa
  Inlet pressure with everything burning
    Presión de entrada con todo encendido
  gives way little
    cede poco
  falls below the appliance's least
    cae por debajo del mínimo del aparato
  Gas meter clocked
    Medidor de gas cronometrado
  10 % and more under
    10 % o más por debajo
  Its mode, on its display
    Su modo, en la pantalla
  heat pump or hybrid
    bomba de calor o híbrido
  vacation, or elements alone
    vacaciones, o solo resistencias
  Its air filter
    Su filtro de aire
  choked
    tapado
  The air going in
    El aire que entra
  5 °C (41 °F) and more
    5 °C (41 °F) o más
  colder
    más frío
  Air in less air out, after it has run a quarter of an hour
    Aire de entrada menos aire de salida, tras un cuarto de hora en marcha
  4 to 8 K
    4 a 8 K
  more than 8 K
    más de 8 K
  2 to 4 K
    2 a 4 K
  hardly any
    casi nada
  When does it drip?
    ¿Cuándo gotea?
  only while it heats up
    solo mientras calienta
  all day
    todo el día
  any time, worst at night
    a cualquier hora, peor de noche
  since the lever was lifted
    desde que se levantó la palanca
  Feel the pipe with the back of the hand: the drip is
    Tocar el tubo con el dorso de la mano: la gota está
  cold or luke-warm
    fría o tibia
  Static pressure, nothing running
    Presión estática, sin que corra nada
  within limits
    dentro de los límites
  above the limit, or equal to the {mains} behind a regulator
    por encima del límite, o igual a la red detrás de un regulador
  below 40 psi (2.8 bar)
    menos de 40 psi (2.8 bar)
  Maximum hand left on for some hours without heating or use
    Aguja de máxima dejada unas horas sin calentar ni usar
  stays where it was
    se queda donde estaba
  has risen
    ha subido
  Maximum hand over one heating
    Aguja de máxima durante un calentamiento
  rises little
    sube poco
  goes up to where the valve opens
    sube hasta donde abre la válvula
  rises much, below that
    sube mucho, por debajo de eso
  Charge of the {vessel}, water side at zero
    Presión de aire del tanque de expansión, con el lado del agua a cero
  equal to the supply, within tolerance
    igual a la del suministro, con su tolerancia
  flat
    sin aire
  Press the {vessel}'s air valve for a moment
    Apretar un momento la válvula de aire del tanque de expansión
  When was the air bubble renewed?
    ¿Cuándo se renovó la burbuja de aire?
  within 18 months
    hace menos de 18 meses
  longer ago, or never
    hace más, o nunca
  Work the lever 3–4 times, knock lightly: after ten seconds it
    Levantar y soltar la palanca 3–4 veces, con golpes suaves: a los diez segundos
  still drips
    aún gotea
  is dry
    está seca
  Pressure after the reducing valve, nothing running
    Presión detrás de la reductora, sin que corra nada
  its setting
    la de su ajuste
  equal to the {mains}
    igual a la red
  Shut the {mains} supply, watch the gauge
    Cerrar el suministro de la red, mirar el manómetro
  holds or falls
    se mantiene o baja
  stays above the setting, fed from somewhere
    sigue por encima del ajuste, alimentada de otra parte
  Temperature at the nearest hot {tap}
    Temperatura en la llave de agua caliente más cercana
  as set
    como está ajustada
  far above the setting
    muy por encima del ajuste
  below it
    por debajo
  Thermostat turned down while it heats: the heat
    Termostato bajado mientras calienta: el calor
  stops
    para
  goes on
    sigue
  The dial or thermostat stands
    La perilla o el termostato está
  where it usually does
    donde suele estar
  at the top
    al máximo
  low, or at vacation
    baja, o en vacaciones
  How is hot water drawn?
    ¿Cómo se usa el agua caliente?
  as usual
    como siempre
  many short draws one after another
    muchos usos cortos seguidos
  more at a time than the tank holds
    más de una vez de lo que cabe en el tanque
  Is there a {vessel}, or a bubble?
    ¿Hay tanque de expansión, o burbuja?
  none to be found
    no se encuentra ninguno
  Volume of the {vessel} on its plate, against what the calculator asks
    Volumen del tanque de expansión en su placa, frente a lo que pide el cálculo
  enough
    suficiente
  Is there a pressure regulator behind the meter?
    ¿Hay un regulador de presión detrás del medidor?
  Is there a check valve or backflow preventer in the cold supply?
    ¿Hay una válvula de retención o un preventor de reflujo en el agua fría?
  Run one hot {tap}: it comes
    Abrir una llave caliente: sale
  hot, then cold all at once, after about two thirds of the tank
    caliente, y de golpe fría, tras unos dos tercios del tanque
  luke-warm from the start
    tibia desde el principio
  hot, but for much less
    caliente, pero por mucho menos tiempo
  Cold supply of the {heater} shut, a hot {tap} opened
    Agua fría del calentador cerrada, una llave caliente abierta
  goes on running
    sigue corriendo
  After an hour without use the pipes away from the tank are
    Tras una hora sin uso, los tubos lejos del tanque están
  cool
    fríos
  warm on a cold branch
    tibios en un ramal frío
  warm on the return
    tibios en el retorno
  Programmer, hot water
    Programador, agua caliente
  on and calling
    encendido y pidiendo
  off, or its hours are over
    apagado, o pasó su horario
  Cut-out of the coil
    Corte por sobretemperatura del serpentín
  Thermostat turned up: call at the {two_port}
    Termostato subido: llamada en la válvula de zona
  has voltage
    tiene voltaje
  has none
    no tiene
  The {two_port}
    La válvula de zona
  opens
    abre
  stays shut
    sigue cerrada
  Valve open: its end switch
    Válvula abierta: su interruptor de fin de carrera
  fires the boiler
    enciende la caldera
  does not
    no la enciende
  The boiler by itself
    La caldera por sí misma
  has locked out
    se ha bloqueado
  Flow pipe of the coil, some minutes after the start
    Tubo de ida del serpentín, unos minutos después de arrancar
  hardly warm
    apenas tibio
  Return pipe of the coil
    Tubo de retorno del serpentín
  clearly cooler than the flow
    claramente más frío que la ida
  nearly as hot
    casi igual de caliente
  Flow and return, followed to the boiler
    Ida y retorno, seguidos hasta la caldera
  the right way round
    en su sitio
  swapped
    cambiados
  Immersion's cut-out
    Corte por sobretemperatura de la resistencia de inmersión
  Cold shut-off of the {heater}
    Válvula de cierre del agua fría del calentador
  fully open
    abierta del todo
  half shut
    medio cerrada
  Pressure after the reducing valve, a {tap} running
    Presión detrás de la reductora, con una llave abierta
  collapses
    se hunde
  Pressure before it, the same {tap} running
    Presión delante de ella, con la misma llave
  collapses too
    se hunde también
  Heat-trap nipples and the dip tube's end
    Niples antisifón y extremo del tubo de inmersión
  choked with debris
    tapados con restos
  At the other hot {taps} it is
    En las otras llaves de agua caliente
  the same
    es igual
  fine: only this one
    va bien: solo esta
  The check valve's flap, by ear and hand while drawing
    La clapeta de la retención, de oído y a mano, al usar agua
  free
    libre
  sticks
    se atasca
  The noise is
    El ruido es
  a rumble or popping while it heats
    un retumbo o borboteo mientras calienta
  a hiss at an {element}
    un siseo en una resistencia
  a bang when a {tap} shuts
    un golpe al cerrar una llave
  a knock or tick while pipes warm up
    un golpeteo mientras se calientan los tubos
  The smell is in
    El olor está en
  the hot only
    solo la caliente
  hot and cold
    la caliente y la fría
  The brown is in
    El color marrón está en
  After a flush and a new anode the hot is
    Tras enjuagar y con ánodo nuevo, la caliente está
  still brown
    aún marrón
  Wiped dry, it comes back first
    Bien seco, vuelve primero
  at the drain valve
    en la válvula de drenaje
  at an {element}'s gasket
    en el empaque de una resistencia
  from the discharge pipe
    por el tubo de descarga
  as beads all over the cold jacket or flue
    en gotas por toda la cubierta fría o el ducto
  from under the jacket, rusty
    por debajo de la cubierta, oxidada
  at a joint above
    en una unión de arriba
  at the condensate tray or its pipe
    en la bandeja del condensado o su tubo
  Once the tank is hot it
    Cuando el tanque está caliente
  Dip tube, drawn at the cold nipple
    Tubo de inmersión, sacado por el niple frío
  whole and long
    entero y largo
  broken or short
    roto o corto
  Hot and cold at the tank's nipples
    Caliente y fría en los niples del tanque
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
  none
    nada
  open
    abierta
  sound
    bien
TEXTS

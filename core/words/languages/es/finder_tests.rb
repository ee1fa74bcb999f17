# frozen_string_literal: true

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
  none
    nada
  open
    abierta
  sound
    bien
TEXTS

# frozen_string_literal: true

# Where a limit comes from. Titles of rulebooks and standards stay as they are printed.
Munimen::Words::Language[:es].texts <<~TEXTS
  120 °F at a tap is a caution; codes bound bath and shower
    120 °F en una llave pide precaución; los códigos limitan tina y ducha
  15 cm (6 in) free, or as the maker says
    15 cm (6 pulg.) libres, o lo que diga el fabricante
  25 psi between supply and relief
    25 psi entre la red y la válvula de alivio
  40–80 psi is acceptable
    de 40 a 80 psi es aceptable
  80 psi is the bound at rest; codes ask for expansion control
    80 psi es el límite en reposo; los códigos piden control de la dilatación
  a bubble dissolves in about 18 months
    la burbuja se disuelve en unos 18 meses
  a choked screen starves the burner
    una rejilla tapada ahoga el quemador
  a full discharge would overrun a pan
    una descarga completa desbordaría la bandeja
  a heater is isolated on its cold side
    un calentador se cierra por su lado frío
  a leaking tank is finished
    un tanque con fuga está acabado
  a peak at the relief setting every cycle: expansion control has failed
    un máximo al valor de la válvula de alivio en cada ciclo: falló el control de la dilatación
  a peak at the expansion relief's setting every cycle: the vessel or bubble has failed
    un máximo al valor de la válvula de expansión en cada ciclo: falló el vaso de expansión o la
      burbuja
  a post where a car could strike it
    un poste donde un auto podría golpearlo
  a regulator is turned down no lower than the house needs
    un regulador no se baja más de lo que la casa necesita
  a running tank is emptied and replaced
    un tanque que chorrea se vacía y se cambia
  a safe way to what has to be serviced
    un paso seguro hasta lo que hay que mantener
  a shut-off must be reachable
    una válvula de cierre tiene que estar al alcance
  a valve is matched by its plate
    una válvula se elige por su placa
  about 20 m³ (700 ft³), or as the maker says
    unos 20 m³ (700 ft³), o lo que diga el fabricante
  above 14 in. w.c. the control is in danger
    por encima de 14 in. w.c. el control corre peligro
  above every thermostat setting, below the cut-out
    por encima de cada termostato, por debajo del límite alto
  air that does not pass costs capacity, and ices the coil
    el aire que no pasa quita potencia y hiela el serpentín
  as the trade does; no clause of this book
    como se hace en el oficio; ningún artículo de este código
  bare steel corrodes without one
    el acero desnudo se corroe sin él
  bearings and fans that wear grow loud first
    cojinetes y ventiladores gastados primero hacen ruido
  condensate freezes
    el condensado se hiela
  condensate runs by its fall alone
    el condensado corre solo por su caída
  copper and steel need a dielectric union
    entre cobre y acero hace falta una unión dieléctrica
  cylinder thermostat 60–65 °C
    termostato del cilindro, 60–65 °C
  dials end at 150–160 °F: hotter is over-temperature
    los diales llegan a 150–160 °F: más es sobretemperatura
  drop at most 0.5 in. w.c. from pilot to burner
    caída de 0.5 in. w.c. como máximo del piloto al quemador
  dry within 10 s of closing
    seca antes de 10 s tras cerrar
  energy cut-out 80–85 °C: the second tier has been reached
    corte por sobretemperatura, 80–85 °C: se llegó a la segunda protección
  every open defect by its date
    cada defecto abierto antes de su fecha
  growth, 25–45 °C and somewhat above; ASHRAE Guideline 12
    crecimiento, 25–45 °C y algo más; ASHRAE Guideline 12
  hot as found, or steam at any time, is over-temperature until proved otherwise: heat off, the cold
      left open
    caliente al llegar, o vapor en cualquier momento, es sobretemperatura mientras no se demuestre
      otra cosa: calor apagado, el agua fría abierta
  ice in the pipe shuts the valve off
    el hielo en el tubo anula la válvula
  it comes off whenever the valve is worked on
    se quita cada vez que se trabaja en la válvula
  limits come from the plate
    los límites los da la placa
  live after switching off: find the isolator that belongs to it, prove it dead at the heater
    energizado después de apagar: encontrar su desconectador y comprobar en el aparato que no hay
      voltaje
  local rules in places
    reglas locales en algunos lugares
  look the next day after a drain or a joint
    mirar al día siguiente de un vaciado o de una unión
  mineral build-up at the seat
    cal acumulada en el asiento
  most tanks last 8 to 12 years; water and anode decide
    casi todos los tanques duran de 8 a 12 años; deciden el agua y el ánodo
  near the tank
    cerca del tanque
  never relight after a flood, a flash of vapour or under a recall: replace
    nunca reencender tras una inundación, un fogonazo de vapores o con una retirada del mercado:
      cambiar
  no clause of a plumbing code; state law asks for it
    ningún artículo de un código de fontanería; lo pide la ley del estado
  no heat on a frozen tank: thawed, tight, full first
    sin calor en un tanque helado: antes, deshelado, sin fugas y lleno
  nothing that burns beside a heater
    nada que arda junto a un calentador
  once a year
    una vez al año
  once a year; some makers' plates say quarterly
    una vez al año; algunas placas dicen cada trimestre
  once a year; the maker's instructions come first
    una vez al año; primero van las instrucciones del fabricante
  pressure, or a seat that does not close
    presión, o un asiento que no cierra
  pressure that climbs at rest: the regulator's seat passes, or water goes back from elsewhere
    presión que sube en reposo: pasa el asiento del regulador, o vuelve agua de otra parte
  quick-closing valves need a cushion; pipes need holding
    las válvulas de cierre rápido piden un amortiguador; los tubos, sujeción
  re-check a week after any top-up
    revisar a la semana de reponer aire
  read once the needle rests
    leer cuando la aguja está quieta
  reducing valves are set to 3 or 3.5 bar
    las reductoras se ajustan a 3 o 3.5 bar
  repairable
    se puede reparar
  replaced with a quarter left; a straight line through the inspections
    se cambia cuando queda un cuarto; una recta por las revisiones
  residential tank warranties run 5–6 years; the maker's paper decides
    las garantías de tanques domésticos son de 5–6 años; decide el papel del fabricante
  same temperature, thread and reach; set no higher than the tank's rating
    la misma temperatura, rosca y alcance; ajuste no mayor que lo que admite el tanque
  sediment on its seat, or no air in
    sedimento en el asiento, o no entra aire
  sediment on the seat
    sedimento en el asiento
  seen to the same day
    se atiende el mismo día
  some hot gas has spilled at some time
    alguna vez salió gas caliente
  steam at any time is over-temperature
    vapor en cualquier momento es sobretemperatura
  the coil behind it fills with dust
    el serpentín de detrás se llena de polvo
  the condensate runs to its outlet
    el condensado corre hasta su salida
  the days of the book; the authority's come first
    los plazos del código; primero van los de la autoridad
  the flue has been blowing back
    el ducto de gases ha soplado hacia atrás
  the next person should know what was done
    quien venga después debe saber qué se hizo
  the province's and the municipality's rules
    las reglas de la provincia y del municipio
  the province's rules on gas
    las reglas de la provincia sobre gas
  the relief valve's pipe carries nothing else
    el tubo de la válvula de alivio no lleva nada más
  the reading after the group stays at its setting, with the mains higher
    tras el grupo la presión queda en su ajuste, con la red más alta
  they break when they are turned
    se rompen al girarlas
  three years, one school
    tres años, según una escuela
  twenty drops a millilitre; a seat drips slowly and at any time, expansion runs while it heats and
      stops
    veinte gotas por mililitro; un asiento gotea despacio y a cualquier hora, la dilatación corre
      mientras calienta y para
  well below the expansion relief valve's 6 bar
    bastante por debajo de los 6 bar de la válvula de expansión
  within 0.15 bar of the reducing valve's setting
    a menos de 0.15 bar del ajuste de la reductora
  within 0.5 bar of this heater's first relief setting; our margin
    a menos de 0.5 bar del ajuste de la primera válvula de este aparato; margen nuestro
  within 10 psi of this relief valve's own setting; our margin
    a menos de 10 psi del propio ajuste de esta válvula; margen nuestro
  within 2 psi of the supply pressure
    a menos de 2 psi de la presión de la red
  yearly; what came out sets the next
    cada año; lo que salió fija el siguiente
  a service would drain the riser
    al hacerle servicio se vaciaría la columna
  a full tank is heavy
    un tanque lleno pesa mucho
  10–15 years for most tanks
    de 10 a 15 años en la mayoría de los tanques
  the symptoms are alike: measure generator and cut-off before condemning either
    los síntomas se parecen: medir el generador y el corte antes de condenar a ninguno
  find where it comes from
    encontrar de dónde viene
  it must be serviced and replaced without damage
    se tiene que poder atender y cambiar sin causar daños
  spillage test with fans running
    prueba de retroceso de gases con los extractores en marcha
  never over controls, plate, relief valve or air
    nunca sobre los controles, la placa, la válvula de alivio ni el aire
  the maker's list says what each code means
    la lista del fabricante dice qué significa cada código
  the setting cannot be trusted
    no se puede confiar en el ajuste
  a light that blinks shows that the control has power
    una luz que parpadea muestra que el control tiene corriente
  often turned up to cure running out; it scalds and costs
    se sube a menudo para que no se acabe; quema y cuesta dinero
  insulation
    aislamiento
  air cooled by some 4 to 8 K after 15 min; the maker's figure first
    el aire se enfría unos 4 a 8 K a los 15 min; primero, la cifra del fabricante
  store at 60 °C, 50 °C at the outlet within a minute
    almacenar a 60 °C, 50 °C en la salida antes de un minuto
  1.5 bar is the least that most unvented cylinders want
    1.5 bar es lo mínimo que piden casi todos los sistemas presurizados
  size
    tamaño
  flammable and suffocating refrigerants
    refrigerantes inflamables y asfixiantes
  protective earthing
    puesta a tierra de protección
  in the maker's tapping
    en la toma del fabricante
  exposed metal is earthed
    el metal al alcance va puesto a tierra
  hot, or not felt, before anybody touched it: over-temperature until proved otherwise
    caliente, o sin haberla tocado, antes de que nadie la moviera: sobretemperatura mientras no se
      demuestre otra cosa
  double-pole isolation
    desconexión de los dos polos
  tightness
    sin fugas
  below 1 MΩ at 500 V, or any ohms on a multimeter, is an earth fault
    menos de 1 MΩ a 500 V, o cualquier valor en un multímetro, es una falla a tierra
  rating
    capacidad
  15 L/min is usual for one bathroom
    15 L/min es lo habitual para un baño
  thermocouple 20–30 mV, mostly 23–25; thermopile 350–700 mV, open circuit
    termopar 20–30 mV, casi siempre 23–25; termopila 350–700 mV, en circuito abierto
  full of water it is heavy
    lleno de agua pesa mucho
  discharge rating
    capacidad de descarga
  the valve of the house isolates it, not that of the tank
    lo cierra la válvula de la casa, no la del tanque
  nothing may shut it off
    nada debe poder cerrarla
  a dripping shell has failed
    un cuerpo que gotea ha fallado
  water far above any setting
    agua muy por encima de cualquier ajuste
  a tray where a leak would do damage
    una bandeja donde una fuga haría daño
  the coil gives up less
    el serpentín cede menos calor
  the heating stays off while the coil is worked on
    la calefacción queda apagada mientras se trabaja en el serpentín
  a mixer fed at two pressures will not mix
    una mezcladora alimentada a dos presiones no mezcla
  the chamber must be sealed
    la cámara tiene que estar sellada
  it tripped for a reason
    se disparó por algo
  held open by hand it controls nothing
    abierta a mano no controla nada
  water in the head stops it
    el agua en el cabezal la detiene
  a weeping joint, a porous casting or past over-pressure
    una unión que rezuma, una fundición porosa o una sobrepresión pasada
  Typical plate: inlet 5.0–10.5 natural, 11.0–13 LP; manifold 3.5, 10; ±0.3 in. w.c.
    Placa típica: entrada 5.0–10.5 gas natural, 11.0–13 GLP; múltiple 3.5, 10; ±0.3 in. w.c.
  as the maker's notice says
    como dice el aviso del fabricante
  never relight after such an event: replace
    nunca reencender después de algo así: cambiar
  never relight after a flood: replace
    nunca reencender después de una inundación: cambiar
  the heat could not be stopped
    no se pudo detener el calor
  lock-up
    presión de cierre
  dusty
    con polvo
  spills
    retrocede
  backs up
    se llena
  steams
    con vapor
  iced
    con hielo
TEXTS

# frozen_string_literal: true

# Where a limit comes from. Titles of rulebooks and standards stay as they are printed.
Munimen::Words::Language[:es].texts <<~TEXTS
  Common practice
    Práctica habitual del oficio
  %1 (published, clause from memory)
    %1 (publicado; artículo citado de memoria)
  %1 (published)
    %1 (publicado)
  %1 (from memory)
    %1 (de memoria)
  %1 (house rule)
    %1 (regla de la empresa)
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
TEXTS

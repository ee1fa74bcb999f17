# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
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
TEXTS

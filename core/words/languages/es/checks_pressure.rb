# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  water at the air valve: the membrane has failed
    agua en la válvula de aire: la membrana ha fallado
  Water came out of the air valve: the membrane has failed.
    Salió agua por la válvula de aire: la membrana ha fallado.
  Replace the {vessel} with one of the same volume or larger, charged to the supply pressure.
    Cambiar el tanque de expansión por uno del mismo volumen o mayor, cargado a la presión del
      suministro.
  The small tank that cushions the pressure has failed inside.
    El pequeño tanque que amortigua la presión ha fallado por dentro.
  Neither air nor water: the {vessel} is flat.
    Ni aire ni agua: el tanque de expansión está vacío de aire.
  Charge it to the supply pressure; if it loses it within a week, replace it.
    Cargarlo a la presión de la red; si la pierde en una semana, cambiarlo.
  The small tank that cushions the pressure has lost its air.
    El pequeño tanque que amortigua la presión ha perdido su aire.
  Air only: the membrane holds so far.
    Solo aire: por ahora la membrana aguanta.
  {quantity} was set against live water, so it is not the charge. Bring the water side to zero and
      set it again.
    {quantity} se fijó con el agua a presión, así que no es la presión de aire. Llevar el lado del
      agua a cero y fijarla de nuevo.
  Read the static pressure first: the charge is set to it.
    Leer primero la presión estática: la presión de aire se ajusta a ella.
  Set to {quantity}, the supply's {target}.
    Fijada en {quantity}, la presión del suministro de {target}.
  Set to {quantity}, but the supply is {target}.
    Fijada en {quantity}, pero el suministro está a {target}.
  Heated water has nowhere to go: the system is closed and there is no {vessel}.
    El agua calentada no tiene adónde ir: el sistema está cerrado y no hay tanque de expansión.
  Fit an {vessel} of the size worked out, charged to the supply pressure.
    Instalar un tanque de expansión del tamaño calculado, cargado a la presión de la red.
  Water needs more room when it gets hot, and here it has none, so pressure climbs.
    El agua necesita más sitio al calentarse; aquí no lo tiene y la presión sube.
  No {vessel}, and it is not known whether a check valve or {regulator} closes the system: the hot
      peak decides.
    No hay tanque de expansión y no se sabe si una válvula de retención o un regulador cierra el
      sistema: decide el pico en caliente.
  Only {flow} comes through: strainer, isolating valve or mains.
    Solo pasan {flow}: el filtro, la válvula de cierre o la red.
  {flow} comes through.
    Pasan {flow}.
  As left, pressure still climbs to {peak}: the {first_relief} would open every time.
    Como queda, la presión aún sube a {peak}: la {first_relief} abriría cada vez.
  As left, pressure still rises to {peak} while the water heats.
    Como queda, la presión aún sube a {peak} mientras el agua se calienta.
  As left, pressure rises no further than {peak}.
    Como queda, la presión no pasa de {peak}.
  {peak} is where the {first_relief} opens: expansion is not taken up at all.
    {peak} es donde abre la {first_relief}: nada absorbe la expansión.
  Pressure rose to {peak} while the water heated.
    La presión subió a {peak} mientras el agua se calentaba.
  Pressure rose no further than {peak} while the water heated.
    La presión no pasó de {peak} mientras el agua se calentaba.
  The reading after the group equals the mains at {main}: the {regulator} has failed.
    La lectura tras el grupo es igual a la red, {main}: el regulador ha fallado.
  The {regulator}'s setting is not recorded; read it off the group.
    El ajuste del regulador no está anotado; leerlo en el grupo.
  Holds its setting of {setting}.
    Mantiene su ajuste de {setting}.
  {after} after the group, set to {setting}: the {regulator} creeps or has failed.
    {after} tras el grupo, ajustado a {setting}: el regulador deja pasar o ha fallado.
  {after} after the group, set to {setting}: mains low, or the strainer blocked.
    {after} tras el grupo, ajustado a {setting}: la red está baja o el filtro atascado.
  Read the mains; rinse the strainer.
    Leer la red; enjuagar el filtro.
  The paper is dry after a day.
    El papel está seco después de un día.
  The paper is wet through: a joint leaks.
    El papel está empapado: una unión tiene fuga.
  A spot on the paper: a joint weeps.
    Una mancha en el papel: una unión rezuma.
  paper under it for a day shows a slow leak
    un papel debajo durante un día muestra una fuga lenta
  Cap a weeping drain valve; make a joint again.
    Tapar una válvula de drenaje que rezuma; rehacer la unión.
  Water slowly leaks from a joint.
    Una unión deja salir agua poco a poco.
  after a regulator, house and street differ
    tras un regulador, casa y calle difieren
  House and {street} both stand at {house}: the {regulator} no longer reduces.
    Casa y calle están las dos a {house}: el regulador de presión ya no reduce.
  Replace or adjust the {regulator}; run a {tap} first to be sure that the pressure is not trapped.
    Cambiar o ajustar el regulador de presión; abrir antes una llave para asegurarse de que no es
      presión atrapada.
  The device that lowers the {street}'s water pressure has stopped working.
    El dispositivo que baja la presión del agua de la calle ha dejado de funcionar.
  House {house}, {street} {main}: only a {street} that is higher shows what the {regulator} does.
      Run a cold {tap}, shut it, and read both again.
    Casa {house}, calle {main}: solo una calle con más presión muestra lo que hace el regulador.
      Abrir una llave fría, cerrarla y leer las dos otra vez.
  The house stands at {house}, the {regulator} is set to {setting}.
    La casa está a {house}, el regulador está ajustado a {setting}.
  Run a cold {tap}, shut it, and read again; where it climbs at rest with the heat off, replace the
      {regulator}.
    Abrir una llave fría, cerrarla y leer de nuevo; si sube en reposo con el calor apagado, cambiar
      el regulador de presión.
  The water pressure does not stay where the regulator is set.
    La presión del agua no se queda donde está ajustado el regulador.
  {pressure} is more than the tank's {rated}.
    {pressure} es más que los {rated} del tanque.
  no more pressure than the tank's plate
    no más presión que la de la placa del tanque
  Heat off; bring the supply down before it runs.
    Calor apagado; bajar la presión del suministro antes de que funcione.
  The water pressure is higher than the tank is made for.
    La presión del agua es mayor que aquella para la que está hecho el tanque.
  {pressure} is more than it should be.
    {pressure} es más de lo debido.
  {pressure} is lower than usual.
    {pressure} es menos de lo habitual.
  {pressure} lies in the usual range.
    {pressure} está en el margen habitual.
  a blocked strainer starves hot water first
    un filtro atascado deja primero sin agua caliente
  The strainer is torn.
    El filtro está roto.
  Fit a new strainer: grit holds the {regulator} and the check valve open.
    Poner un filtro nuevo: la arenilla mantiene abiertos el regulador y la válvula de retención.
  The filter before the pressure valve is torn, so dirt reaches the valve.
    El filtro antes de la válvula de presión está roto y la suciedad llega a la válvula.
  The strainer was blocked; it was rinsed.
    El filtro estaba atascado; se enjuagó.
  Look at it again in half a year; find out where the grit comes from.
    Mirarlo de nuevo en medio año; averiguar de dónde viene la arenilla.
  The filter before the pressure valve was full of dirt.
    El filtro antes de la válvula de presión estaba lleno de suciedad.
  The strainer was {found}; rinsed.
    El filtro estaba {found}; enjuagado.
  charge is read with the water side at zero
    la presión de aire se lee con el lado del agua a cero
  {pressure} is the system's pressure, not the charge: it was read against live water. Bring the
      water side to zero, by the valve that isolates the {vessel}, and read again.
    {pressure} es la presión del sistema, no la presión de aire: se leyó con agua a presión. Llevar
      el lado del agua a cero, con la válvula que aísla el tanque de expansión, y leer de nuevo.
  Read the static pressure first: the charge is held against it.
    Leer primero la presión estática: la presión de aire se compara con ella.
  {pressure} was read with {taps} running: approximate, too near the limit to decide. Isolate, drain
      to zero, read again.
    {pressure} se leyó con llaves abiertas: aproximado, demasiado cerca del límite para decidir.
      Cerrar, bajar la presión a cero y leer de nuevo.
  {pressure}, within {limit} of the supply's {target}.
    {pressure}, dentro de {limit} de los {target} del suministro.
  Charged to the supply's
    Cargado a los
  Even at a supply of only
    Incluso con un suministro de solo
  The {vessel} of {vessel_volume} is too small for this tank. {even} {supply}, heating it from cold
      brings it to {reached}.
    El tanque de expansión de {vessel_volume} es demasiado pequeño para este tanque. {even}
      {supply}, calentarlo desde frío lo lleva a {reached}.
  Fit an {vessel} of {wanted} or more, charged to the supply pressure.
    Instalar un tanque de expansión de {wanted} o más, cargado a la presión de la red.
  The small tank that cushions the pressure is too small for this {heater}.
    El pequeño tanque que amortigua la presión es demasiado pequeño para este {heater}.
  water pressure
    presión del agua
  pressure while heating
    presión al calentar
  membrane of the {vessel}
    membrana del tanque de expansión
  air charge of the {vessel}
    presión de aire del tanque de expansión
  Water pressure
    Presión del agua
  Pressure after the inlet group
    Presión tras el grupo de entrada
  Flow of water
    Caudal de agua
  Pressure while heating
    Presión al calentar
  Strainer of the inlet group
    Filtro del grupo de entrada
  Drain valve, on dry paper
    Válvula de drenaje, sobre papel seco
  Air charge of the {vessel}
    Carga de aire del tanque de expansión
  Membrane of the {vessel}
    Membrana del tanque de expansión
  The charge was set on this visit.
    La presión de aire se ajustó en esta visita.
  Measured again after the work.
    Medido de nuevo después del trabajo.
  The {regulator} brings {main} in the {street} down to {house}.
    El regulador de presión baja los {main} de la calle a {house}.
  The {regulator} brings {main} in the {street} down to {house} and holds its {setting}.
    El regulador de presión baja los {main} de la calle a {house} y mantiene sus {setting}.
  The charge is {side}: about {pressure} against a supply of {target}.
    La presión de aire está {side}: unos {pressure} frente a {target} de la red.
  The charge is {side}: {pressure} against a supply of {target}.
    La presión de aire está {side}: {pressure} frente a {target} de la red.
  low
    baja
  high
    alta
TEXTS

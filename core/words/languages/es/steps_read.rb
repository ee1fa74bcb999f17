# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Two thermometers on the pipes
    Dos termómetros en los tubos
  As before, at the same flow: the return stays clearly cooler than the flow until the tank catches
      up.
    Como antes, con el mismo caudal: el retorno sigue claramente más frío que la ida hasta que el
      tanque la alcanza.
  Before and after on one line show what the cleaning was worth.
    El antes y el después en una línea muestran lo que valió la limpieza.
  Flow pipe
    Tubo de ida
  Return pipe
    Tubo de retorno
  Tank, at the coil
    Tanque, junto al serpentín
  The coil's output is held against it.
    Contra esto se compara lo que da el serpentín.
  Zone calling, {two_port} open, pump running. Flow, return and tank, together, some minutes after
      the start.
    Zona llamando, válvula de zona abierta, bomba en marcha. Ida, retorno y tanque, juntos, unos
      minutos después de arrancar.
  Work out the heat first: a large flow also returns hot, and an air-locked coil returns cool.
    Calcular primero el calor: un caudal grande también regresa caliente, y un serpentín con aire
      regresa frío.
  Flow through the coil
    Caudal por el serpentín
  Pressure gauge, flow cup or bucket and watch
    Manómetro, vaso de caudal o cubeta y reloj
  Cold {tap} after the group wide open: read the gauge while it runs, and what comes in a minute.
      Shut it again.
    Llave de agua fría después del grupo abierta del todo: leer el manómetro mientras corre, y lo
      que sale en un minuto. Cerrarla otra vez.
  A blocked strainer or a tired {regulator} shows only when water moves.
    Un filtro tapado o un regulador cansado se muestra solo cuando el agua se mueve.
  Pressure with the {tap} open
    Presión con la llave abierta
  Both in the stream of air, after it has run a quarter of an hour. Then its mode as it was.
    Los dos en la corriente de aire, después de un cuarto de hora en marcha. Luego su modo como
      estaba.
  Healthy, it takes some 4 to 8 K out of the air; less, and it heats little.
    Sana, le quita al aire unos 4 a 8 K; menos, y calienta poco.
  How fast it heats is held against it.
    Contra esto se compara lo rápido que calienta.
  Air going in
    Aire que entra
  Air coming out
    Aire que sale
  Pressure gauge with maximum hand
    Manómetro con aguja de máxima
  When the heat has gone off by itself, read the maximum hand.
    Cuando el calor se haya apagado solo, leer la aguja de máxima.
  It proves that expansion is taken up – or that it is not.
    Prueba que la expansión se absorbe – o que no.
  Maximum hand after heating
    Aguja de máxima después de calentar
  After the heat has gone off by itself, read the maximum hand.
    Después de que el calor se haya apagado solo, leer la aguja de máxima.
  It shows what pressure the tank reached before you changed anything.
    Muestra la presión que el tanque alcanzaba antes de cambiar nada.
  The maximum hand of the gauge
    La aguja de máxima del manómetro
  Let it settle, read, write it down: lock-up with nothing burning.
    Dejar que repose, leer, anotar: presión de cierre sin nada encendido.
  Lock-up shows the regulator before it.
    La presión de cierre muestra el regulador de antes.
  Two-pole tester, insulated gloves
    Probador de dos polos, guantes aislantes
  Power off; cover, insulation and guard off, but treated as live. Power on, read, power off, read
      again: zero at every {element}. The earth that you measure against is proved first, against a
      live leg. Guards, insulation and covers back before the power.
    Sin electricidad; tapa, aislante y protección afuera, pero tratados como energizados. Encender,
      leer, apagar, leer otra vez: cero en cada resistencia. Primero se comprueba contra una fase la
      tierra contra la que se mide. Protecciones, aislante y tapas puestos antes de dar
      electricidad.
  A lost leg, or one that stays live with its thermostat satisfied, shows in no other way.
    Una fase perdida, o una que sigue energizada con el termostato satisfecho, no se muestra de otro
      modo.
  One leg, or line, to {earth}
    Una fase, o la línea, a tierra
  The other leg, or neutral, to {earth}
    La otra fase, o el neutro, a tierra
  Switched off again, at every {element}
    Apagado otra vez, en cada resistencia
  The pressure is judged by it.
    La presión se juzga por él.
  Let them settle. Adjust the manifold a very small turn at a time.
    Dejar que reposen. Ajustar el múltiple con giros muy pequeños.
  A supply that gives way shows only under load.
    Una alimentación que cede se muestra solo con carga.
  Dry, a spot, or wet through – and under which joint.
    Seco, una mancha, o empapado – y bajo qué unión.
  A joint that was dry at full pressure may still weep once it has cooled and warmed.
    Una unión que estaba seca a presión plena puede aún rezumar cuando se enfrió y se calentó.
  The paper
    El papel
  Hours since it was laid
    Horas desde que se puso
  In the pail under the safety valves' outlet
    En la cubeta bajo la salida de las válvulas de seguridad
  Pressure gauge
    Manómetro
  A {tap} run for a moment and shut, then nothing running for some minutes: it must stay where it
      was set.
    Una llave abierta un momento y cerrada, luego nada corriendo unos minutos: debe quedarse donde
      se ajustó.
  A setting is proved by what the gauge shows afterwards.
    Un ajuste lo prueba lo que muestra después el manómetro.
  Static pressure as left, nothing running
    Presión estática como quedó, sin nada corriendo
  Whether expanding water can go back into the street hangs on it.
    De esto depende que el agua que se expande pueda volver a la calle.
  Run a {tap} for a moment to let trapped pressure go, shut it, let the needle settle. No water
      running anywhere. Type the number.
    Abrir una llave un momento para soltar la presión atrapada, cerrarla, dejar que la aguja repose.
      Que no corra agua en ninguna parte. Escribir el número.
  The vessel's charge is set to this, and above the limit it must be brought down.
    A esta se ajusta el tanque de expansión, y por encima del límite hay que bajarla.
  The dial of the pressure gauge
    La esfera del manómetro
  It decides what may come out of the {tap}.
    Decide lo que puede salir por la llave.
  Where it is new or changed in use, the limit at the bath binds.
    Donde es nueva o con cambio de uso, rige el límite en la tina.
  At the nearest hot {tap}, run until it stays steady, read.
    En la llave de agua caliente más cercana, dejar correr hasta que no cambie, leer.
  The dial is not a thermometer: only the {tap} says what scalds.
    El dial no es un termómetro: solo la llave dice lo que quema.
  Temperature at the {tap}
    Temperatura en la llave
  At {bath}, fully hot
    En {bath}, toda caliente
  Without the volume the pressure that it will reach cannot be predicted.
    Sin el volumen no se puede predecir la presión que alcanzará.
  {tire_gauge} that reads well past the target
    Manómetro de llantas que lea bastante más que lo buscado
  Cap off, press the gauge on squarely, read before you let any air out.
    Tapa afuera, apretar el manómetro derecho, leer antes de soltar aire.
  Charge and supply pressure must be equal, or the {vessel} is ineffective.
    La presión de aire y la de la red deben ser iguales, o el tanque de expansión no sirve.
  Air charge as found
    Presión de aire como se encontró
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  The drain of the safety valves is too narrow for its length.
    El tubo de descarga de las válvulas de alivio es demasiado estrecho para su longitud.
  Re-pipe by the table, shorten it or take out bends.
    Rehacer la tubería según la tabla, acortarla o quitar codos.
  The valve's outlet is not on record: D2's size hangs on it.
    La salida de la válvula no está anotada: de ella depende el tamaño de D2.
  D2 is {d2_size}, no more than the valve's outlet of {outlet} in: it must be at least one size
      larger.
    D2 es de {d2_size}, no mayor que la salida de la válvula de {outlet} pulg.: debe ser al menos un
      tamaño mayor.
  D2's {missing} is not on record.
    {missing} de D2 no está anotado.
  Beyond the table: {used} of equivalent length.
    Fuera de la tabla: {used} de longitud equivalente.
  D2 is {d2_size}; {used} of equivalent length need {millimetres} mm in copper.
    D2 es de {d2_size}; {used} de longitud equivalente necesitan {millimetres} mm en cobre.
  D2's bends are not on record: without them its size is not known.
    Los codos de D2 no están anotados: sin ellos no se conoce su tamaño.
  D2 of {d2_size} will do for this {heater} alone; shared with another it needs {needed}. Whether it
      is shared is not on record.
    D2 de {d2_size} basta para este {heater} solo; compartido con otro necesita {needed}. No está
      anotado si es compartido.
  D2 of {d2_size} carries {used} of equivalent length.
    D2 de {d2_size} admite {used} de longitud equivalente.
  D1 is {length} long.
    D1 mide {length} de largo.
  D2 runs {drop} straight down below the tundish.
    D2 baja {drop} en vertical por debajo del embudo.
  1 in {run}
    1 en {run}
  D2 falls {told}.
    D2 cae {told}.
  D2 falls only {told}.
    D2 solo cae {told}.
  Re-hang it to fall 1 in 200 or more.
    Volver a colgarla con pendiente de 1 en 200 o más.
  Water stands in the drain of the safety valves.
    Queda agua en el tubo de descarga de las válvulas de alivio.
  Lead the pipe to the floor, a receptor or outdoors.
    Llevar el tubo al piso, a un desagüe abierto o al exterior.
  The safety pipe ends in the tray under the {heater}, which a full discharge would overrun.
    El tubo de seguridad termina en la bandeja bajo el {heater}; una descarga completa la
      desbordaría.
  Ends in the pan.
    Termina en la bandeja.
  Ends in the pan, which the house rule accepts.
    Termina en la bandeja, lo que acepta la regla de la empresa.
  Ends in the pan, as the code allows.
    Termina en la bandeja, como permite el código.
  Nothing in the pail under the outlet after a day.
    Nada en la cubeta bajo la salida después de un día.
  Water in the pail under the outlet after a day: a safety valve lets go.
    Agua en la cubeta bajo la salida después de un día: una válvula de alivio suelta agua.
  a pail under it for a day shows what lets go
    una cubeta debajo durante un día muestra qué suelta agua
  Never cap the outlet. Measure static pressure, hot peak and the {vessel}'s charge; with those in
      order, replace the valve.
    Nunca tapar la salida. Medir la presión estática, el pico en caliente y la presión de aire del
      tanque de expansión; si están en orden, cambiar la válvula.
  A safety valve lets water go in daily use. Something raises the pressure, or the valve does not
      close tight.
    Una válvula de alivio suelta agua en el uso diario. Algo sube la presión o la válvula no cierra
      bien.
  Ends {height} above the floor.
    Termina {height} por encima del piso.
  Ends high up, at {height}.
    Termina alto, a {height}.
  Ends {height} above: too high.
    Termina {height} por encima: demasiado alto.
  Ends {height} above: too low.
    Termina {height} por encima: demasiado bajo.
  Ends {height} above.
    Termina {height} por encima.
  The pan's pipe ends {height} above ground.
    El tubo de la bandeja termina {height} sobre el suelo.
  Rated {rating}, the heat input is {input}: the {relief_valve} is too small.
    Capacidad {rating}, la potencia de calor es {input}: la válvula T&P es demasiado pequeña.
  The last safety valve is too small for this {heater}.
    La última válvula de alivio es demasiado pequeña para este {heater}.
  Rated {rating}, the heat input is {input}.
    Capacidad {rating}, la potencia de calor es {input}.
  that is what it works at; ask the maker
    eso es a lo que trabaja; preguntar al fabricante
  ask whether that is
    preguntar si eso es
  Set to {set}, the plate says {tank}: {what} what it is designed for. Only that is held against the
      {relief_valve}.
    Ajustada a {set}, la placa dice {tank}: {what} aquello para lo que está diseñado. Solo con eso
      se compara la válvula T&P.
  Set to {set}, the tank is rated for {tank}: it opens too late.
    Ajustada a {set}, el tanque está hecho para {tank}: abre demasiado tarde.
  Heat off until a valve set no higher than the tank's rating is fitted.
    Calor apagado hasta instalar una válvula que no abra por encima de lo que soporta el tanque.
  The last safety valve opens later than the tank can stand.
    La última válvula de alivio abre más tarde de lo que el tanque soporta.
  Opens at {set}, no higher than the tank's {tank}.
    Abre a {set}, no más que los {tank} del tanque.
  Fitted {fitted}: within its three years.
    Instalada en {fitted}: dentro de sus tres años.
  Fitted {fitted}: its three years are over.
    Instalada en {fitted}: sus tres años han pasado.
  This safety valve is due for replacement by age.
    A esta válvula de alivio le toca el cambio por edad.
  When the {relief_valve} was fitted is not recorded; the house rule replaces it after three years.
    No está anotado cuándo se instaló la válvula T&P; la regla de la empresa la cambia a los tres
      años.
  Dry ten seconds after closing.
    Seca diez segundos después de cerrar.
  Still running ten seconds after closing: it does not shut.
    Sigue corriendo diez segundos después de cerrar: no cierra.
  Heat off, then the {heater}'s supply shut; replace the valve.
    Apagar el calor, luego cerrar el agua del {heater}; cambiar la válvula.
  Hot drip ten seconds after closing: over-temperature until proved otherwise.
    Goteo caliente diez segundos después de cerrar: exceso de temperatura mientras no se demuestre
      otra cosa.
  hot drip
    goteo caliente
  Heat off, the cold left open. Find out why the heat does not stop; a new valve would drip again.
    Calor apagado, el agua fría abierta. Averiguar por qué no se detiene el calor; una válvula nueva
      gotearía igual.
  Dripped after closing, dry after washing the seat.
    Goteó después de cerrar; seca tras lavar el asiento.
  dry after washing
    seca tras el lavado
  Look at its outlet again at the next visit.
    Mirar de nuevo su salida en la próxima visita.
  The safety valve dripped after its test and closed after being rinsed.
    La válvula de alivio goteó después de su prueba y cerró después de enjuagarla.
  Dripped after closing; washing only postpones it.
    Goteó después de cerrar; lavarla solo lo aplaza.
  The last protection against a bursting tank does not work.
    La última protección contra que el tanque reviente no funciona.
  A safety valve against pressure does not work.
    Una válvula de alivio contra la presión no funciona.
  strong full-bore flow, and it shuts
    caudal fuerte a paso pleno, y cierra
  Heat off until the {relief_valve} is replaced.
    Calor apagado hasta cambiar la válvula T&P.
  Heat off until the {expansion_relief} is replaced.
    Calor apagado hasta cambiar la válvula de alivio de expansión.
  The lever will not lift: the tank is not protected.
    La palanca no se levanta: el tanque no está protegido.
  The lever lifts and nothing comes: the tank is not protected.
    La palanca se levanta y no sale nada: el tanque no está protegido.
  It does not shut after its test.
    No cierra después de su prueba.
  The safety valve does not close tight any more and must be replaced.
    La válvula de alivio ya no cierra bien y hay que cambiarla.
  Cold inlet and heat off first; then the lever 3–4 times; if it runs on, replace it.
    Primero cerrar la entrada fría y apagar el calor; luego levantar y soltar la palanca 3–4 veces;
      si sigue saliendo agua, cambiar la válvula.
  Weak flow: scale or debris in the valve or its pipe.
    Caudal débil: sarro o suciedad en la válvula o en su tubo.
  The safety valve lets out less water than it should.
    La válvula de alivio deja salir menos agua de la que debe.
  Clear the pipe, lift again; if it stays weak, replace the valve.
    Limpiar el tubo y levantar otra vez; si sigue débil, cambiar la válvula.
  {element}'s thermostat
    termostato de la resistencia
  {element}'s {cut_out}
    límite alto de la resistencia
  The {name} is set to {value}.
    {name}: ajustado a {value}.
  tank's rating
    lo que soporta el tanque
  Out of order: the {first} stands at {low}, the {second} at {high}.
    Fuera de orden: {first} está a {low}, {second} a {high}.
  each tier must act before the next
    cada nivel debe actuar antes que el siguiente
  Heat off until the settings are in order.
    Calor apagado hasta que los ajustes estén en orden.
  The safety devices of this {heater} would act in the wrong order.
    Los dispositivos de seguridad de este {heater} actuarían en el orden equivocado.
  The tundish takes the full flow.
    El embudo admite todo el caudal.
  The tundish backs up: D2 is too small, too long or partly blocked.
    El embudo se llena: D2 es demasiado estrecha, demasiado larga o está medio obstruida.
  Follow D2, clear it; re-size it by its equivalent length.
    Seguir D2 y despejarla; volver a dimensionarla por su longitud equivalente.
  The drain of the safety valves cannot carry what they let go.
    El tubo de descarga de las válvulas de alivio no puede llevar lo que sueltan.
  The tundish spills: scalding water into the room.
    El embudo rebosa: agua hirviente en el cuarto.
  Isolate every heat source until D2 is clear.
    Apagar y bloquear todas las fuentes de calor hasta que D2 esté libre.
  When a safety valve opens, scalding water would run into the room.
    Cuando abre una válvula de alivio, correría agua hirviente por el cuarto.
  {text} on an unvented {heater}.
    {text} en un sistema presurizado de agua caliente.
  thermostat
    termostato
  Tundish at full flow
    Embudo a pleno caudal
  Dripped after closing, and drips after washing the seat.
    Goteó tras cerrar, y gotea después de lavar el asiento.
  drips after washing
    gotea después de lavar
  Expansion relief valve, ten seconds after closing
    Válvula de alivio de expansión, diez segundos después de cerrar
  Height of the pan pipe's end
    Altura del extremo del tubo de la bandeja
  {Relief_valve}, ten seconds after closing
    Válvula de alivio, diez segundos después de cerrar
  Height of the discharge pipe's end
    Altura del extremo del tubo de descarga
  Lifts, strong full-bore flow.
    Levanta, caudal fuerte a paso pleno.
  Lifts, strong full-bore flow, shuts.
    Levanta, caudal fuerte a paso pleno, cierra.
  D2 of {d2_size} would do in copper. {because}
    D2 de {d2_size} bastaría en cobre. {because}
  What it is made of is not on record.
    No está anotado de qué material es.
  It is of plastic: its maker's table decides.
    Es de plástico: decide la tabla de su fabricante.
TEXTS

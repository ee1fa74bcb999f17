# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Its hours as the customer wants them.
    Su horario, como lo quiere el cliente.
  It is never only reset: find out why it was too hot.
    Nunca basta con restablecerlo: averiguar por qué estaba demasiado caliente.
  The thermostat stops the heat; tiers in order.
    El termostato detiene el calor; las protecciones en orden.
  The functional test of the chain.
    La prueba de funcionamiento de la cadena.
  Opens, fires, shuts: the functional test.
    Abre, enciende, cierra: la prueba de funcionamiento.
  The functional test.
    La prueba de funcionamiento.
  The boiler's own fault first.
    Primero la falla de la propia caldera.
  Flow and temperature at the coil.
    Caudal y temperatura en el serpentín.
  Purge the loop, the other zones shut.
    Purgar el circuito, con las demás zonas cerradas.
  Before and after on one line.
    El antes y el después en una línea.
  The coil's output again.
    Otra vez lo que da el serpentín.
  Why it popped: its thermostat, scale, a dry top.
    Por qué saltó: su termostato, el sarro, la parte de arriba en seco.
  Find out why it was off before it is switched on.
    Averiguar por qué estaba apagado antes de encenderlo.
  Full voltage leg by leg; terminals at {breaker} and {heater}.
    Voltaje completo fase por fase; terminales en el breaker y en el {heater}.
  Thermostats, and an {element} to earth: one of them made it too hot.
    Los termostatos, y una resistencia a tierra: algo de eso lo calentó demasiado.
  It passes on to the lower; {tap} temperature.
    Pasa a la inferior; temperatura en la llave.
  Ohms and insulation of the new one; full and air-free before power.
    Ohmios y aislamiento de la nueva; lleno y sin aire antes de dar electricidad.
  The {which} {element} has gone to earth
    La resistencia {which} se fue a tierra
  Insulation test of both; full and air-free before power.
    Prueba de aislamiento de las dos; lleno y sin aire antes de dar electricidad.
  Hot at the next period.
    Caliente en el próximo período.
  Ohms and insulation; sediment that buried it.
    Ohmios y aislamiento; el sedimento que la enterró.
  Both thermostats hand over.
    Los dos termostatos se pasan el calor.
  Ohms the same before and after; sediment noted.
    Los mismos ohmios antes y después; anotar el sedimento.
  Insulation of each part, added up.
    El aislamiento de cada parte, sumado.
  Tight; the {breaker} replaced if it has been hot.
    Apretados; cambiar el breaker si se calentó.
  Insulation of the new wiring.
    Aislamiento del cableado nuevo.
  The water has a source: find the leak.
    El agua viene de algo: hallar la fuga.
  Dry; the leak found; insulation again.
    Seco; la fuga hallada; aislamiento otra vez.
  Circuit at 125 % of the load.
    Circuito al 125 % de la carga.
  The new one's voltage; the pilot timed for ten minutes.
    El voltaje del nuevo; el piloto medido diez minutos.
  Voltage again; the pilot timed.
    El voltaje otra vez; el piloto medido.
  It opens once, from too much heat: find out why it overheated.
    Abre una sola vez, por demasiado calor: averiguar por qué se sobrecalentó.
  Soundness, three pressures; the {tap} temperature, since it overheated.
    Hermeticidad, las tres presiones; la temperatura en la llave, porque se sobrecalentó.
  The chamber overheated: a choked screen, as a rule.
    La cámara se sobrecalentó: por lo general, una malla tapada.
  Screen and base clean; the pilot assembly is replaced as a whole.
    Malla y base limpias; el conjunto del piloto se cambia entero.
  Draught, worst case; the pilot timed.
    Tiro, en el peor caso; el piloto medido.
  The flame on the tip; the generator's voltage.
    La llama en la punta; el voltaje del generador.
  Soundness, three pressures, functional test.
    Hermeticidad, las tres presiones, prueba de funcionamiento.
  Draught, worst case, all fans on.
    Tiro, en el peor caso, con todos los extractores en marcha.
  {Tap} temperature at the usual mark.
    Temperatura en la llave con la marca usual.
  Loaded voltage of the new one.
    Voltaje con carga del nuevo.
  Soundness; inlet pressure under load.
    Hermeticidad; presión de entrada con carga.
  The flame through the sight glass; input clocked.
    La llama por la mirilla; la potencia por el medidor.
  Air in and out after a quarter of an hour.
    Aire que entra y que sale al cabo de un cuarto de hora.
  Below about 5 °C it hands over to its elements, or rests.
    Por debajo de unos 5 °C pasa a sus resistencias, o descansa.
  Ducts from a warmer room, or its elements in winter.
    Ductos desde un cuarto más cálido, o sus resistencias en invierno.
  Its mode as the household wants it; its timer and app.
    Su modo como lo quieren en la casa; su temporizador y su aplicación.
  A restart delay of three to ten minutes is no fault: wait for it first.
    Una demora de tres a diez minutos al rearrancar no es una falla: esperarla primero.
  Its maker, or whoever is certified: the refrigerant circuit is never opened here.
    Su fabricante, o alguien certificado: el circuito de refrigerante nunca se abre aquí.
  Ten seconds dry; the house rule says whether washing counts as a cure.
    Diez segundos en seco; la regla de la empresa dice si el lavado cuenta como reparación.
  Pressure and temperature are in order, washing does not help: what is left is the valve.
    Presión y temperatura están en orden y lavar no ayuda: queda la válvula.
  Exercise the new one; photograph its plate.
    Accionar la nueva; fotografiar su placa.
  Hot peak again; the charge once more in a week.
    Pico caliente otra vez; la presión de aire una vez más en una semana.
  Hot peak again; re-check the charge in a week: dropped again, the {vessel} leaks.
    Pico caliente otra vez; revisar la presión de aire en una semana: si bajó, el tanque de
      expansión pierde.
  Hot peak again; re-check the charge in a week.
    Pico caliente otra vez; revisar la presión de aire en una semana.
  Hot peak with the larger {vessel}; the charge once more in a week.
    Pico caliente con el tanque de expansión más grande; la presión de aire una vez más en una
      semana.
  Hot peak with the new {vessel}.
    Pico caliente con el tanque de expansión nuevo.
  Hot peak again; the bubble every 18 months.
    Pico caliente otra vez; la burbuja cada 18 meses.
  Static and hot peak with the new regulator; then the {vessel}'s charge to it.
    Estática y pico caliente con el regulador nuevo; luego la presión de aire del tanque de
      expansión, igual.
  The maximum hand overnight with the new regulator.
    La aguja de máxima durante la noche con el regulador nuevo.
  Static and hot peak behind the new regulator: it makes the system closed.
    Estática y pico caliente detrás del regulador nuevo: cierra el sistema.
  Pressure with the {mains} shut, every branch isolated in turn.
    Presión con la red cerrada, aislando cada ramal por turno.
  Pressure after the group, with no flow and with flow.
    Presión después del grupo, sin caudal y con caudal.
  A hot drip is over-temperature until proved otherwise; a new valve would drip again.
    Una gota caliente es sobretemperatura hasta que se pruebe otra cosa; una válvula nueva volvería
      a gotear.
  The functional test of the chain; then the {tap} temperature.
    La prueba de funcionamiento de la cadena; luego la temperatura en la llave.
  The functional test of the chain, link by link.
    La prueba de funcionamiento de la cadena, eslabón por eslabón.
  Insulation test of the new one; the thermostat stops the heat.
    Prueba de aislamiento de la nueva; el termostato detiene el calor.
  Turned up, as a rule, because the water ran out: find out why.
    Por lo general se subió porque se acababa el agua: averiguar por qué.
  {Tap} temperature at the new setting; why it was turned up.
    Temperatura en la llave con el ajuste nuevo; por qué se subió.
  {Tap} temperature after a day of ordinary use.
    Temperatura en la llave después de un día de uso normal.
  One long draw: hot, then cold all at once.
    Un consumo largo: caliente, luego fría de golpe.
  {Tap} temperature at the new setting: scald and legionella both.
    Temperatura en la llave con el ajuste nuevo: quemadura y legionela, las dos.
  Supply shut, hot {tap} open: it stops.
    Red cerrada, llave de agua caliente abierta: se detiene.
  What two hours can give: the calculator “mixed delivery”.
    Lo que pueden dos horas: la calculadora “agua mezclada”.
  Clock the meter again.
    Cronometrar otra vez el medidor.
  The branch stays cool overnight.
    El ramal sigue frío durante la noche.
  The return stays cool with its pump off.
    El retorno sigue frío con su bomba apagada.
  One long draw.
    Un consumo largo.
  Flow rate again.
    El caudal otra vez.
  Pressure with no flow and with flow.
    Presión sin caudal y con caudal.
  Flow rate; the dip tube whole?
    Caudal; ¿está entero el tubo de inmersión?
  Lever in line.
    Palanca en línea.
  Grit loosened by work on the {heater}?
    ¿Arenilla soltada por un trabajo en el {heater}?
  Ask the supplier, and the neighbours.
    Preguntar al proveedor, y a los vecinos.
  Static pressure; then the {vessel}'s charge to it.
    Presión estática; luego la presión de aire del tanque de expansión, igual.
  Quiet at the next heating.
    Callado en el próximo calentamiento.
  Ohms the same before and after.
    Los mismos ohmios antes y después.
  The {vessel}'s charge; an arrestor where there is none.
    La presión de aire del tanque de expansión; un amortiguador de golpe donde no hay.
  Harmless: clips freed.
    Inofensivo: abrazaderas sueltas.
  Another alloy or a powered one; the temperature raised once.
    Otra aleación o uno con corriente; subir una vez la temperatura.
  Treatment of the supply.
    Tratamiento del agua de la red.
  Clear after a flush; the tank may have begun.
    Clara tras un enjuague; puede que el tanque haya empezado.
  Not repairable: it will leak.
    No se repara: va a fugar.
  Replace the {heater}; claim first.
    Cambiar el {heater}; primero la garantía.
  Ask the supplier.
    Preguntar al proveedor.
  Capped meanwhile; paper under it for a day.
    Con tapa mientras tanto; papel debajo durante un día.
  Dry under the cover; insulation again.
    Seco bajo la tapa; aislamiento otra vez.
  Why the valve lets go: look for “the {relief_valve} drips”.
    Por qué suelta la válvula: buscar “la válvula T&P gotea”.
  Stops when the tank is hot; if it comes again with gas, the flue.
    Para cuando el tanque está caliente; si vuelve y es de gas, el ducto.
  Half a litre poured into the tray runs away.
    Medio litro echado en la bandeja se va.
  Dry paper round it at full pressure.
    Papel seco alrededor, a presión plena.
  Not repairable.
    No se repara.
  The {relief_valve} drips
    La válvula T&P gotea
  Never cap or plug it. Hot before anybody has touched it, it is over-temperature until proved
      otherwise.
    Nunca ponerle tapa ni tapón. Caliente antes de que nadie la toque, es sobretemperatura hasta que
      se pruebe otra cosa.
  The pilot will not stay
    El piloto no se queda
  Smell at floor level first; five minutes after a failed try.
    Primero oler a nivel del piso; cinco minutos después de un intento fallido.
  The pilot holds, the burner does not come on
    El piloto se queda, el quemador no enciende
  No hot water, electric
    Sin agua caliente, eléctrico
  Covers on until it is proved dead.
    Tapas puestas hasta comprobar que no hay voltaje.
  A little, then cold, electric
    Un poco, luego fría, eléctrico
  Slow to recover, heat pump
    Se recupera despacio, bomba de calor
  A delay of three to ten minutes after a stop is no fault.
    Una demora de tres a diez minutos después de parar no es una falla.
  Runs out early
    Se acaba pronto
  Too hot
    Demasiado caliente
  Warn everybody in the house; mix at the {tap} until it is found.
    Advertir a todos en la casa; mezclar en la llave hasta hallarlo.
  No hot water, coil or indirect
    Sin agua caliente, serpentín o indirecto
  Low hot flow, cold fine
    Poca fuerza en la caliente, la fría bien
  Low flow, hot and cold
    Poca fuerza, caliente y fría
  Rusty water
    Agua con óxido
  Leak underneath
    Fuga abajo
  Trips the {breaker}
    Dispara el breaker
  It stays off until it is found.
    Sigue apagado hasta hallarlo.
  Two-pole tester
    Probador de dos polos
  Continuity tester, tip sleeved
    Probador de continuidad, punta forrada
  There is no cause “{id}”.
    No existe la causa “{id}”.
  Line {line}: {missing} is missing.
    Línea {line}: falta {missing}.
  There is no symptom “{id}”; there are: {known}.
    No existe el síntoma “{id}”; existen: {known}.
  There is no test “{id}”.
    No existe la prueba “{id}”.
TEXTS

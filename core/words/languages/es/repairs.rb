# frozen_string_literal: true

# Dangers told apart, and the repairs that are jobs.
Munimen::Words::Language[:es].texts <<~TEXTS
  No discharge pipe on an unvented {heater}
    Sin tubo de descarga en un sistema presurizado de agua caliente
  When a safety valve opens, scalding water or steam comes out beside the {heater}.
    Cuando se abre una válvula de alivio, sale agua hirviente o vapor junto al {heater}.
  Isolate every heat source until its discharge pipes are there.
    Apagar y bloquear todas las fuentes de calor hasta que estén sus tubos de descarga.
  Pipe soft, or not fit for 99 °C
    Tubo blando, o no apto para 99 °C
  Re-pipe in rigid pipe fit for at least 99 °C.
    Rehacer con tubo rígido apto para 99 °C como mínimo.
  Rigid pipe, fit for at least 99 °C
    Tubo rígido, apto para 99 °C como mínimo
  Rigid and fit for it
    Rígido y apto
  Re-hang it: rising all the way, supported.
    Colgarlo de nuevo: en subida todo el recorrido y sujeto.
  The burner gets no air to burn clean. It can make carbon monoxide, which kills.
    El quemador no recibe aire para quemar limpio. Puede producir monóxido de carbono, que mata.
  Burner off until the room has its openings; work out their size.
    Quemador apagado hasta que el cuarto tenga sus aberturas; calcular su tamaño.
  {Relief_valve}, before it is touched: drips or runs, felt at the valve
    Válvula de alivio, antes de tocarla: si gotea o corre, al tacto en la propia válvula
  {Relief_valve} drips as found, cold or luke-warm
    La válvula de alivio gotea al llegar, fría o tibia
  {Relief_valve} runs as found, cold
    La válvula de alivio corre al llegar, fría
  {Relief_valve} drips as found, hot or not felt
    La válvula de alivio gotea al llegar, caliente o sin haberla tocado
  {Relief_valve} runs as found, hot or not felt
    La válvula de alivio corre al llegar, caliente o sin haberla tocado
  {Relief_valve} steams
    De la válvula de alivio sale vapor
  The safety valve drips. Either the pressure is high or it is worn.
    La válvula de alivio gotea. O la presión es alta o la válvula está gastada.
  The safety valve runs. Either the pressure is high or it is worn.
    De la válvula de alivio corre agua. O la presión es alta o la válvula está gastada.
  Read static pressure and hot peak; wash the seat once, else replace it.
    Leer la presión estática y el pico en caliente; lavar el asiento una vez o, si no, cambiarla.
  Read static pressure and hot peak; replace the valve if it does not shut.
    Leer la presión estática y el pico en caliente; cambiar la válvula si no cierra.
  Hot water came from the safety valve: the tank may be overheating.
    De la válvula de alivio goteaba agua caliente: el tanque puede estar sobrecalentado.
  Hot water ran from the safety valve: the tank may be overheating.
    De la válvula de alivio corría agua caliente: el tanque puede estar sobrecalentado.
  Steam came from the safety valve: the water is far too hot.
    De la válvula de alivio salía vapor: el agua está demasiado caliente.
  Heat off, the cold left open; touch nothing until it has cooled; find out why.
    Calor apagado, el agua fría abierta; no tocar nada hasta que se enfríe; averiguar por qué.
  Heat off, keep away, the cold left open; touch nothing until it has cooled.
    Calor apagado, mantenerse lejos, el agua fría abierta; no tocar nada hasta que se enfríe.
  Steam came from it: over-temperature.
    Salió vapor: temperatura excesiva.
  Heat off, the cold left open; touch nothing until it has cooled. Find out why the heat does not
      stop.
    Calor apagado, el agua fría abierta; no tocar nada hasta que se enfríe. Averiguar por qué el
      calor no se detiene.
  Still dripping ten seconds after closing: its seat.
    Sigue goteando diez segundos después de cerrar: es su asiento.
  Wash the seat once, by its lever 3–4 times; still dripping, replace the valve.
    Lavar el asiento una vez, levantando y soltando la palanca 3–4 veces; si sigue goteando, cambiar
      la válvula.
  Leak that wets terminals or wiring
    Fuga que moja terminales o cables
  Water runs onto electrical parts. It can shock, and it can burn.
    Corre agua sobre partes eléctricas. Puede dar descargas y puede arder.
  Power off, locked and proved dead; mend the leak, dry it, prove insulation and {earth}.
    Corriente apagada, bloqueada y sin voltaje, comprobado; reparar la fuga, secar, comprobar el
      aislamiento eléctrico y la tierra.
  The tank has failed and is running out. It cannot be mended.
    El tanque ha fallado y se está vaciando. No tiene arreglo.
  Heat off, the {heater}'s own supply shut, empty it; replace the {heater}.
    Calor apagado, la llave propia del {heater} cerrada, vaciarlo; cambiar el {heater}.
  The tank runs onto its electrical parts
    El agua del tanque cae sobre sus partes eléctricas
  The tank has failed and its water reaches electrical parts.
    El tanque ha fallado y su agua llega a partes eléctricas.
  Power off and locked first, then the water; replace the {heater}.
    Primero la corriente, apagada y bloqueada; después el agua; cambiar el {heater}.
  Tank or pipes frozen
    Tanque o tubos helados
  The water has frozen. Ice may have split a pipe, and heat now could burst it.
    El agua se ha helado. El hielo puede haber rajado un tubo, y calentar ahora podría reventarlo.
  Heat off. Thaw it slowly without a flame, look for splits, fill it, then heat.
    Calor apagado. Descongelar despacio y sin llama, buscar grietas, llenar y solo después calentar.
  Power off and locked until it is connected and proved.
    Corriente cortada y bloqueada hasta que esté conectada y comprobada.
  Wood or plastic at the flue is scorched
    Madera o plástico chamuscado junto al tubo de humos
  The hot exhaust pipe has begun to burn what is near it.
    El tubo de humos caliente ha empezado a quemar lo que tiene cerca.
  Burner off until it has its clearance, and the flue has been tested.
    Quemador apagado hasta que tenga su separación y se haya probado el tubo de humos.
  Gas off today; replace the connector, prove it tight.
    Gas cerrado hoy; cambiar el conector y comprobar que no tiene fuga.
  Not fired until it seals: seat it, renew the gasket.
    No encender hasta que selle: asentarla y cambiar el empaque.
  Power off and locked; dead and proved, cut back, new terminal, right torque.
    Corriente apagada y bloqueada; sin voltaje, comprobado; recortar, terminal nuevo y apriete
      correcto.
  Cable damaged down to bare metal
    Cable dañado hasta el metal
  A live wire can be touched.
    Se puede tocar un cable energizado.
  Power off and locked; replace the cable before it runs.
    Corriente cortada y bloqueada; cambiar el cable antes de que funcione.
  No {high_limit}
    Sin límite alto
  {High_limit} by-passed or bridged
    Límite alto puenteado
  {High_limit}, reset by hand, its contacts not bridged
    Límite alto de restablecimiento manual, sin contactos puenteados
  Fitted, wired in
    Montado y conectado
  The switch that stops the heat when a thermostat sticks is missing.
    Falta el corte que detiene el calor cuando un termostato se pega.
  The switch that stops the heat when a thermostat sticks has been put out of action.
    El corte que detiene el calor cuando un termostato se pega está anulado.
  Power off and locked until one is fitted and proved.
    Corriente cortada y bloqueada hasta que haya uno montado y comprobado.
  Power off and locked; wire it in, prove it.
    Corriente cortada y bloqueada; conectarlo y comprobarlo.
  A flash of flammable {vapour} has happened here
    Aquí ha habido una llamarada de vapor inflamable
  An open flue where people sleep or wash
    Evacuación abierta donde se duerme o se lava
  What was switched off is still live
    Lo que se apagó sigue energizado
  An open-flued burner in a bedroom or bathroom.
    Un quemador de evacuación abierta en un dormitorio o baño.
  Burner off and gas shut until a room-sealed {heater} is there, or it has been moved.
    Quemador apagado y gas cerrado hasta que haya un {heater} de cámara sellada o se haya
      trasladado.
  The burner takes its air from a room where people sleep or wash. If its flue fails, carbon
      monoxide reaches them first.
    El quemador toma el aire de un cuarto donde se duerme o se lava. Si falla la evacuación, el
      monóxido de carbono llega primero a esas personas.
  Tell the household today; turn the setting down or fit a mixing valve, above all with a child, an
      old or an ill person.
    Avisar hoy a quienes viven en la casa; bajar el ajuste o instalar una válvula mezcladora, sobre
      todo si hay niños, personas mayores o enfermas.
  Turn the setting down today, or prove a mixing valve; find out why it is so hot.
    Bajar hoy el ajuste, o comprobar una válvula mezcladora; averiguar por qué está tan caliente.
  The safety valve would open only when the water is about to boil.
    La válvula de alivio solo abriría cuando el agua estuviera a punto de hervir.
  Heat off until a valve that opens at 99 °C or below is fitted.
    Calor apagado hasta poner una válvula que abra a 99 °C o menos.
  Heat off until a valve that opens at 210 °F or below is fitted.
    Calor apagado hasta poner una válvula que abra a 210 °F o menos.
  Burner, igniter or electric parts in a garage, or in a space that opens to one
    Quemador, encendido o partes eléctricas en un garaje o en un cuarto que da a él
  No pan: would a leak here do damage?
    Sin bandeja: ¿haría daño una fuga aquí?
  No: it would run off, or harm nothing
    No: escurriría, o no dañaría nada
  {earth} of the {heater}
    tierra del {heater}
  water pressure, as left
    presión del agua, como quedó
  Earth
    Tierra
  draft
    tiro
  flue
    ducto de gases
  The {earth} holds to the metal of the {heater}.
    La tierra llega bien al metal del {heater}.
  No {earth} reaches the metal of the {heater}.
    La tierra no llega al metal del {heater}.
  Off and locked until the {earth} is made and proved.
    Cortado y bloqueado hasta que la tierra esté hecha y comprobada.
  The metal of the {heater} has no {earth}: a fault could make it live.
    El metal del {heater} no está puesto a tierra: una falla podría dejarlo energizado.
  {percent} % more gas than the {limit} allowed here.
    {percent} % más de gas que los {limit} permitidos aquí.
  {percent} % less gas than the {limit} allowed here.
    {percent} % menos de gas que los {limit} permitidos aquí.
  The input is what its plate allows here.
    El consumo es el que su placa permite aquí.
  Set the manifold to its plate; check the orifice for this altitude.
    Ajustar la presión del múltiple a la de su placa; revisar el orificio para esta altitud.
  How high above the sea it stands is not recorded: above 2,000 ft (610 m) less is allowed.
    No consta a qué altitud está: por encima de 2,000 ft (610 m) se permite menos.
  Put the supply right first: pipe, meter, regulator, other appliances. The manifold is not touched
      before.
    Primero corregir el suministro: tubo, medidor, regulador, otros aparatos. Antes no se toca el
      múltiple.
  The cut-off has opened from too much heat: find out why, then replace the control.
    El corte se ha abierto por exceso de calor: averiguar por qué y después cambiar el control.
  Which gas it burns is not on record: read it off the plate first; each pressure goes by it.
    No consta qué gas quema: leerlo primero en la placa; cada presión depende de él.
  Whether the plate is in gross or net is not recorded.
    No consta si la placa está en bruto o en neto.
  expansion relief in place
    la válvula de expansión en su sitio
  expansion relief out
    la válvula de expansión desmontada
  Clear what is stored beside it
    Retirar lo guardado a su lado
  Find the isolator that makes it dead
    Encontrar el desconectador que lo deja sin voltaje
  Fit or replace the {cut_out}
    Poner o cambiar el corte por sobretemperatura
  Fit a first {vessel}
    Poner un primer tanque de expansión
  Replace the thermostat or mend its circuit
    Cambiar el termostato o reparar su circuito
  Mend the flue
    Reparar el ducto de gases
  Put the gas supply right
    Corregir el suministro de gas
  Mend terminals, covers and {earth}
    Reparar terminales, tapas y tierra
  Replace the {expansion_relief}
    Cambiar la válvula de expansión
  Adjust, fit or replace the {regulator}
    Ajustar, poner o cambiar el regulador de presión
  Thaw it, and see that it is tight
    Descongelarlo y ver que no tiene fugas
  Prove the {earth}, from the terminal to the metal
    Comprobar la tierra, del terminal al metal
  Read the static pressure again, as left
    Leer de nuevo la presión estática, como queda
  Shut the {tap} that let the air in
    Cerrar el grifo por el que entró el aire
  Prove that each thermostat stops its heat
    Comprobar que cada termostato detiene su calor
  Prove each cut-out by its own test
    Comprobar cada corte por sobretemperatura con su propia prueba
TEXTS

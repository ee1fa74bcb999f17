# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Burner off; clean burner, intake and flueway, set the pressures, measure again.
    Quemador apagado; limpiar quemador, entrada de aire y paso de humos, ajustar las presiones y
      medir de nuevo.
  The burner does not burn clean. It makes carbon monoxide, which kills.
    El quemador no quema limpio. Produce monóxido de carbono, que mata.
  Fit or adjust a {regulator} on the supply.
    Instalar o ajustar un regulador de presión en el suministro.
  Fixtures and hoses are made for 550 kPa; above it they fail sooner.
    Llaves y mangueras están hechas para 550 kPa; por encima fallan antes.
  Fit or set a mixing valve at bath and shower: 49 °C at most.
    Instalar o ajustar una válvula mezcladora en tina y ducha: 49 °C como máximo.
  Water this hot burns skin quickly, children and older people soonest.
    El agua así de caliente quema la piel enseguida, la de niños y mayores la primera.
  Bring the end to within 300 mm of the floor drain or floor, clear of it.
    Llevar el extremo a menos de 300 mm del desagüe o del piso, sin tocarlo.
  The end of the safety pipe is so high that scalding water splashes.
    El extremo del tubo de seguridad está tan alto que salpica agua hirviente.
  Clean or replace the {regulator} of the inlet group; never adjust a factory-set one.
    Limpiar o cambiar el regulador del grupo de entrada; nunca ajustar uno fijado de fábrica.
  The pressure behind the reducing valve is higher than a cylinder wants; its safety valves will
      drip.
    La presión tras la válvula reductora es mayor de lo que quiere un cilindro; sus válvulas de
      alivio gotearán.
  Measure again at another hour; look at the strainer and the isolating valve.
    Medir de nuevo a otra hora; mirar el filtro y la llave de paso.
  The water pressure is low: hot water will run weakly.
    La presión del agua es baja: el agua caliente saldrá con poca fuerza.
  Clean or replace the {regulator} of the inlet group.
    Limpiar o cambiar el regulador del grupo de entrada.
  The valve that lowers the mains pressure does not hold its setting.
    La válvula que baja la presión de la red no mantiene su ajuste.
  Rinse the strainer; look at the isolating valve and the mains.
    Enjuagar el filtro; mirar la llave de paso y la red.
  Less water comes through than usual.
    Pasa menos agua de lo habitual.
  Set the charge to the reducing valve's setting with the water side at zero; check it again in a
      week.
    Ajustar la presión de aire al valor de la válvula reductora con el lado del agua a cero;
      revisarla en una semana.
  The small vessel that cushions the pressure holds the wrong amount of air, so pressure rises too
      far when water heats.
    El pequeño tanque que amortigua la presión no tiene la cantidad correcta de aire, y la presión
      sube demasiado al calentar el agua.
  Check the vessel's charge or renew the bubble, then measure the peak again.
    Revisar la presión de aire del vaso o renovar la burbuja, luego medir el pico otra vez.
  Pressure rises far when the water heats; the expansion is not fully taken up.
    La presión sube mucho al calentar el agua; la expansión no se absorbe del todo.
  Restore the vessel's charge or the bubble; never cap the valve.
    Restablecer la presión de aire del vaso o la burbuja; nunca tapar la válvula.
  When the water heats, pressure climbs until a safety valve opens and water drips away.
    Al calentarse el agua, la presión sube hasta que abre una válvula de alivio y gotea.
  Turn the cylinder thermostat down to 60–65 °C; limit the bath by a mixing valve.
    Bajar el termostato del cilindro a 60–65 °C; limitar la tina con una válvula mezcladora.
  The stored water is hotter than it need be; it scalds quickly.
    El agua guardada está más caliente de lo necesario; escalda enseguida.
  Set or fit thermostatic mixing valves that limit bath and bidet to 48 °C.
    Ajustar o instalar válvulas mezcladoras termostáticas que limiten la tina y el bidé a 48 °C.
  Set or fit a thermostatic mixing valve that limits the bath to 48 °C.
    Ajustar o instalar una válvula mezcladora termostática que limite la tina a 48 °C.
  The water at the bath is hot enough to scald.
    El agua de la tina está tan caliente que escalda.
  Turn the thermostat down now; prove that it stops the heat.
    Bajar ya el termostato; comprobar que detiene el calor.
  Water this hot burns skin at once.
    El agua así de caliente quema la piel al instante.
  Isolate every heat source; find out why the thermostat does not stop it.
    Apagar y bloquear todas las fuentes de calor; averiguar por qué el termostato no las detiene.
  The water is as hot as the second safety device allows. A control has failed; the cylinder must
      not be heated until it is found.
    El agua está tan caliente como permite el segundo dispositivo de seguridad. Ha fallado un
      control; el cilindro no debe calentarse hasta encontrarlo.
  Store at 60 °C; limit the bath by a mixing valve.
    Guardar a 60 °C; limitar la tina con una válvula mezcladora.
  Stored below about 50 °C, water may let legionella bacteria grow.
    Guardada por debajo de unos 50 °C, en el agua puede crecer la bacteria legionela.
  Work the lever 3–4 times to wash the seat; if it still drips, replace the valve. Never cap it.
    Levantar y soltar la palanca 3–4 veces para lavar el asiento; si aún gotea, cambiar la válvula.
      Nunca taparla.
  The safety valve does not close tight.
    La válvula de alivio no cierra bien.
  End it no more than 100 mm above ground or grating, behind a guard.
    Terminarlo a no más de 100 mm sobre el suelo o la rejilla, tras una protección.
  Move the tundish closer: D1 is at most 600 mm.
    Acercar el embudo: D1 mide como máximo 600 mm.
  Run at least 300 mm straight down from the tundish before any bend.
    Bajar al menos 300 mm en vertical desde el embudo antes de cualquier codo.
  The tundish can spill: the pipe below it bends too soon.
    El embudo puede rebosar: el tubo de debajo se curva demasiado pronto.
  Set the cylinder thermostat to 60–65 °C.
    Ajustar el termostato del cilindro a 60–65 °C.
  The thermostat is not set where it keeps bacteria down and scalding rare.
    El termostato no está ajustado donde frena las bacterias y escaldarse es raro.
  Fit a manual-reset energy cut-out of 80–85 °C.
    Instalar un corte por sobretemperatura de restablecimiento manual de 80–85 °C.
  The second safety device is not set between the thermostat and the safety valve.
    El segundo dispositivo de seguridad no está ajustado entre el termostato y la válvula de alivio.
  Isolate every heat source until the right valve is fitted.
    Apagar y bloquear todas las fuentes de calor hasta instalar la válvula correcta.
  The last safety valve opens at the wrong temperature.
    La última válvula de alivio abre a una temperatura equivocada.
  Cock shut until the supplier has brought the pressure down.
    Llave de gas cerrada hasta que el proveedor haya bajado la presión.
  The gas comes with more pressure than the control is made for.
    El gas llega con más presión que aquella para la que está hecho el control.
  Fixtures and hoses are made for 80 psi; above it they fail sooner.
    Llaves y mangueras están hechas para 80 psi; por encima fallan antes.
  Measure again at another hour; ask the water supplier if it stays low.
    Medir de nuevo a otra hora; preguntar a la compañía de agua si sigue baja.
  The water pressure is lower than usual. No harm to the heater.
    La presión del agua es más baja de lo habitual. No daña el calentador.
  Set the charge to the supply pressure with the water side at zero; check it again in a week.
    Ajustar la presión de aire a la presión de la red con el lado del agua a cero; revisarla en una
      semana.
  The small tank that cushions the pressure holds the wrong amount of air, so pressure rises too far
      when water heats.
    El pequeño tanque que amortigua la presión tiene una cantidad de aire equivocada y la presión
      sube demasiado al calentar el agua.
  Restore or fit expansion control, then measure the peak again.
    Restablecer o instalar el control de expansión, luego medir el pico otra vez.
  Pressure rises too far when the water heats, because expansion is not taken up.
    La presión sube demasiado al calentar el agua porque nada absorbe la expansión.
  Restore expansion control before the {heater} goes back into service.
    Restablecer el control de expansión antes de que el {heater} vuelva al servicio.
  When the water heats, pressure climbs until the safety valve opens. That valve is the last
      protection and must not work daily.
    Al calentarse el agua, la presión sube hasta que abre la válvula de alivio. Esa válvula es la
      última protección y no debe trabajar a diario.
  Set or fit a mixing valve that limits bath and shower to 120 °F.
    Ajustar o instalar una válvula mezcladora que limite tina y ducha a 120 °F.
  Water this hot burns skin within seconds.
    El agua así de caliente quema la piel en segundos.
  Switch the heat off and find out why the thermostat does not stop it.
    Apagar el calor y averiguar por qué el termostato no lo detiene.
  The water is hotter than any setting. A control has failed; the heater must not run until it is
      found.
    El agua está más caliente que cualquier ajuste. Ha fallado un control; el calentador no debe
      funcionar hasta encontrarlo.
  Decide the set point together with the household; storing hot and mixing down settles both.
    Decidir la temperatura con quienes viven en la casa; guardar caliente y mezclar a la salida
      resuelve las dos cosas.
  Stored below about 120 °F, water may let legionella bacteria grow.
    Guardada por debajo de unos 120 °F, en el agua puede crecer la bacteria legionela.
  Bring the end to within 6 in of the floor or ground, and two pipe diameters clear of it.
    Llevar el extremo a menos de 6 pulg. del piso o del suelo, con dos diámetros de tubo libres.
  Shorten it: two pipe diameters clear of floor or ground.
    Acortarlo: dos diámetros de tubo libres sobre el piso o el suelo.
  The end of the safety pipe is so low that it can be blocked.
    El extremo del tubo de seguridad está tan bajo que puede obstruirse.
  End the pan's pipe 6 to 24 in above ground.
    Terminar el tubo de la bandeja de 6 a 24 pulg. sobre el suelo.
  The pipe that empties the tray under the heater ends at the wrong height.
    El tubo que vacía la bandeja bajo el calentador termina a una altura equivocada.
  Bring the end to 6–24 in above the ground, pointing down.
    Llevar el extremo a 6–24 pulg. sobre el suelo, apuntando hacia abajo.
  Common practice
    Práctica habitual del oficio
  published, clause from memory
    publicado; artículo citado de memoria
  published
    publicado
  from memory
    de memoria
  house rule
    regla de la empresa
  House rule
    Regla de la empresa
TEXTS

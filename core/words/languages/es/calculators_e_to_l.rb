# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Is this heating element sound?
    ¿Está sana esta resistencia?
  between its terminals, one lead off; “open” where the meter shows OL
    entre sus terminales, un cable suelto; “open” donde el medidor muestra OL
  terminal to sheath, both leads off; at 500 V
    de terminal a vaina, los dos cables sueltos; a 500 V
  of the resistance, as a fraction; none when open or not measured
    de la resistencia, como fracción; nada si está abierta o sin medir
  The expansion vessel a heater needs
    El tanque de expansión que necesita un calentador
  that must not be passed when hot
    que no debe pasarse en caliente
  air in the vessel; the supply pressure unless given
    aire en el tanque de expansión; la presión de la red si no se da
  Common vessel sizes
    Tamaños comunes de tanque de expansión
  Gas input by the meter's dial
    Potencia de gas por la aguja del medidor
  gone through while you timed it, nothing else burning
    lo que pasó mientras se midió, sin nada más encendido
  English plates may be in net
    las placas inglesas pueden ir en neta
  from the input allowed, as a fraction
    respecto a la potencia admitida, como fracción
  of the plate, for the altitude
    de la placa, para la altura
  +5 % allowed for measuring, not 10 % under
    +5 % admitido por la medición, no 10 % por debajo
  Gross input = net × 1.11
    Potencia bruta = neta × 1.11
  Gas pressures, judged together
    Presiones de gas, juzgadas juntas
  nothing burning (lock-up)
    sin nada encendido (presión de cierre)
  pilot only; none with intermittent ignition
    solo el piloto; nada si el encendido es intermitente
  natural 3.5, LP 10 in. w.c. unless given
    natural 3.5, GLP 10 pulg. c.a. si no se da
  natural 5.0, LP 11.0 in. w.c. unless given
    natural 5.0, GLP 11.0 pulg. c.a. si no se da
  natural 10.5, LP 13 in. w.c. unless given
    natural 10.5, GLP 13 pulg. c.a. si no se da
  England, nothing burning
    Inglaterra, sin nada encendido
  England, at full flow
    Inglaterra, a caudal lleno
  A heat pump's time, energy and year, beside elements and gas
    Tiempo, energía y año de una bomba de calor, junto a resistencias y gas
  around it
    a su alrededor
  of Carnot's COP that it reaches
    del COP de Carnot que alcanza
  of its plate, instead of air and share
    de su placa, en lugar de aire y parte
  into the water
    al agua
  hot water a day
    agua caliente por día
  of a gas heater over a year
    de un calentador de gas en un año
  of electricity, for each kWh
    de electricidad, por cada kWh
  of gas, for each kWh
    de gas, por cada kWh
  from cold, on the heat pump alone
    desde frío, solo con la bomba de calor
  of one heating from cold
    de un calentamiento desde frío
  a year, in the money of the price
    al año, en la moneda del precio
  COP about a third of Carnot's, 3–4 at 20 °C air, 50 °C water
    COP cerca de un tercio del de Carnot, 3–4 con aire a 20 °C y agua a 50 °C
  cop must be between 1 and 8.
    cop debe estar entre 1 y 8.
  air must be colder than the hot water.
    air debe estar más frío que el agua caliente.
  Time and energy to heat the tank
    Tiempo y energía para calentar el tanque
  taken from the supply
    tomada de la alimentación
TEXTS

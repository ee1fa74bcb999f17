# frozen_string_literal: true

# The heat pump: its air, its condensate, its circuit.
Munimen::Words::Language[:es].texts <<~TEXTS
  Heat pump
    Bomba de calor
  pump
    bomba
  compressor heat on
    bomba de calor encendida
  compressor heat pilot
    bomba de calor en espera
  compressor heat off
    bomba de calor apagada
  Air filter
    Filtro de aire
  Clean, in its place
    Limpio y en su sitio
  Air filter dirty
    Filtro de aire sucio
  The filter is full of dust, so the heater takes longer and costs more.
    El filtro está lleno de polvo: el calentador tarda más y gasta más.
  Clean it today, and show the household how.
    Limpiarlo hoy y mostrar a quienes viven en la casa cómo se hace.
  Air filter missing or torn
    Falta el filtro de aire o está roto
  Without its filter the heater draws dust into itself.
    Sin filtro, el calentador aspira polvo.
  Fit the maker's filter, and clean the coil behind it.
    Poner el filtro del fabricante y limpiar la batería que hay detrás.
  Its air: room or ducts, 15 cm (6 in) free at intake and outlet
    Su aire: cuarto o conductos, 15 cm (6 pulg.) libres en la entrada y en la salida
  Room of about 20 m³ (700 ft³), or ducts or louvres as its maker says, nothing against it
    Cuarto de unos 20 m³ (700 ft³), o conductos o rejillas según el fabricante, sin nada delante
  Room too small, without louvres or ducts
    Cuarto demasiado pequeño, sin rejillas ni conductos
  The heater cools the little air it has, takes longer and costs more.
    El calentador enfría el poco aire que tiene, tarda más y gasta más.
  Louvred door or ducts as the maker says.
    Puerta con rejillas o conductos según el fabricante.
  Something stands against its intake or outlet
    Hay algo delante de su entrada o de su salida de aire
  The heater cannot draw its air.
    El calentador no puede tomar su aire.
  Clear it today, and tell the household.
    Despejarlo hoy y avisar a quienes viven en la casa.
  Its fan or duct pulls on an open-flued appliance
    Su ventilador o conducto tira de un aparato de tiro abierto
  Its fan can draw flue gas of another appliance into the room. It carries carbon monoxide, which
      kills.
    Su ventilador puede meter en el cuarto los gases de otro aparato. Llevan monóxido de carbono,
      que mata.
  Its power off; a spillage test there with it running, and its air from elsewhere.
    Apagar su corriente; probar allí el retroceso de gases con él en marcha, y darle aire de otro
      sitio.
  Its fan can draw flue gas into the room
    Su ventilador puede meter gases quemados en el cuarto
  Condensate: where it runs
    Condensado: adónde va
  Falls all the way, trapped as its maker says, ends where frost and people are safe
    Baja en todo el recorrido, con sifón según el fabricante, y acaba donde no hiela ni molesta a
      nadie
  Condensate pipe sags or rises
    El tubo del condensado hace panza o sube
  Water from the air cannot run away and may come out under the heater.
    El agua del aire no puede salir y puede aparecer bajo el calentador.
  Re-hang it to fall all the way.
    Colgarlo de nuevo para que baje en todo el recorrido.
  Condensate led into the relief valve's discharge pipe
    Condensado llevado al tubo de descarga de la válvula de alivio
  Two drains share a pipe that only the safety valve may use.
    Dos desagües comparten un tubo que solo puede usar la válvula de alivio.
  Lead it away by itself.
    Llevarlo por su propio tubo.
  Condensate ends where it freezes or people slip
    El condensado acaba donde hiela o donde alguien resbala
  Water dripping outside can freeze where people walk, or block the pipe.
    El agua que gotea fuera puede helarse donde se pisa o tapar el tubo.
  Lead it to a drain indoors.
    Llevarlo a un desagüe interior.
  Refrigerant circuit: hiss, oil, ice that stays
    Circuito del refrigerante: silbido, aceite, hielo que no se va
  No hiss, no oil, no ice that stays
    Sin silbido, sin aceite, sin hielo que no se va
  refrigerant circuit
    circuito del refrigerante
  Refrigerant may be leaking: hiss, oil, or ice that stays
    Puede haber una fuga de refrigerante: silbido, aceite o hielo que no se va
  The gas that carries the heat may be escaping. It can burn, and takes the place of the air.
    El gas que lleva el calor puede estar escapando. Puede arder, y desplaza el aire.
  Touch nothing on it, no flame; doors open on the way out; isolate it from another room only.
      Whoever is certified for refrigerants.
    No tocar nada en él, ninguna llama; abrir puertas al salir; cortar la corriente solo desde otro
      cuarto. Llamar a un técnico habilitado para refrigerantes.
  Refrigerant may be escaping
    Puede estar escapando refrigerante
  Stands level, sounds as it should
    Está a nivel y suena como debe
  Level, an even hum
    A nivel, con un zumbido parejo
  Not level
    No está a nivel
  The heater leans, so water from the air may run out on the wrong side.
    El calentador está inclinado y el agua del aire puede salir por el lado equivocado.
  Level it.
    Nivelarlo.
  Rattles or grinds
    Vibra o rechina
  A noise it did not have before says that something is loose or worn.
    Un ruido nuevo dice que algo está suelto o gastado.
  Find what is loose; a compressor that grinds is its maker's.
    Buscar qué está suelto; un compresor que rechina es cosa de su fabricante.
  spillage beside the heat pump
    retroceso de gases junto a la bomba de calor
  Heat pump: air in and out
    Bomba de calor: aire de entrada y de salida
  Heat pump: filter
    Bomba de calor: filtro
  Heat pump: condensate
    Bomba de calor: condensado
  Spillage beside the heat pump
    Retroceso de gases junto a la bomba de calor
  Service the heat pump
    Mantenimiento de la bomba de calor
  Give the heat pump air of its own
    Dar a la bomba de calor su propio aire
  Clean the air filter
    Limpiar el filtro de aire
  Spillage test beside the running heat pump
    Prueba de retroceso de gases junto a la bomba de calor en marcha
  Measure the air in and out
    Medir el aire de entrada y de salida
  Let the heat pump run
    Dejar funcionar la bomba de calor
  Pour water into the condensate tray
    Echar agua en la bandeja del condensado
  Air going in and coming out belong together.
    El aire de entrada y el de salida van juntos.
  See its mode, its restart delay, filter and fan; then its maker. The refrigerant circuit is never
      opened here.
    Mirar su modo, su espera al arrancar, el filtro y el ventilador; después, su fabricante. El
      circuito del refrigerante nunca se abre aquí.
  The heat pump runs but brings hardly any heat.
    La bomba de calor funciona, pero apenas da calor.
  Clean filter and coil, free the air, measure again.
    Limpiar el filtro y la batería, despejar el aire y medir de nuevo.
  The heat pump works, but not as well as it should.
    La bomba de calor funciona, pero no tan bien como debe.
  The coil behind the filter is iced.
    La batería detrás del filtro tiene hielo.
  Let it thaw, free the air, measure again; ice that stays is its maker's.
    Dejar que se deshiele, despejar el aire y medir de nuevo; el hielo que no se va es cosa del
      fabricante.
  Ice on the heat pump keeps the air from it.
    El hielo no deja pasar el aire por la bomba de calor.
  The filter was choked, or the coil behind it dusty.
    El filtro estaba atascado, o la batería con polvo.
  Clean it every half year; show the household how.
    Limpiarlo cada medio año; mostrar a quienes viven en la casa cómo se hace.
  Dust keeps the air from the heat pump, so it takes longer and costs more.
    El polvo no deja pasar el aire: tarda más y gasta más.
  The filter was cleaned.
    Se limpió el filtro.
  What was poured in ran away.
    Lo que se echó salió bien.
  Condensate backs up in its tray.
    El condensado se acumula en su bandeja.
  Condensate comes out under the {heater}.
    El condensado sale por debajo del calentador.
  Clear tray and pipe, pour again.
    Limpiar la bandeja y el tubo, y echar agua de nuevo.
  Water that the heat pump takes out of the air does not run away.
    El agua que la bomba de calor saca del aire no se va.
  Drawn in at the open flue with the fan running.
    Con el ventilador en marcha, el tiro abierto aspira.
  Flue gas spills beside the running heat pump.
    Hay retroceso de gases junto a la bomba de calor en marcha.
  Its power off until it has air of its own.
    Sin corriente hasta que tenga su propio aire.
  Its fan draws flue gas of another appliance into the room. It carries carbon monoxide, which
      kills.
    Su ventilador mete en el cuarto los gases de otro aparato. Llevan monóxido de carbono, que mata.
  Air {into} in, {out} out
    Aire: entra a {into}, sale a {out}
  {told}: at that air a heat pump may hand over to its elements.
    {told}; con ese aire la bomba de calor puede ceder el paso a sus resistencias.
  {told}: it takes hardly any heat out of the air.
    {told}: casi no saca calor del aire.
  {told}: less than the usual 4 to 8 K.
    {told}: menos de los 4 a 8 K habituales.
  {told}: more than the usual 4 to 8 K.
    {told}: más de los 4 a 8 K habituales.
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Still dripping ten seconds after closing.
    Aún gotea diez segundos después de cerrar.
  Not recorded.
    Sin anotar.
  Nothing was tested.
    No se probó nada.
  Immediately dangerous
    Peligro inmediato
  At risk
    En riesgo
  Not an unsafe situation
    No es una situación insegura
  taken apart and left so
    desarmado y dejado así
  not done
    no hecho
  {work}: done, but not proved yet: {proof}.
    {work}: hecho, pero aún no comprobado: {proof}.
  Prove it before it is used.
    Comprobarlo antes de usarlo.
  Off until it is put right and proved.
    Apagado hasta que esté arreglado y comprobado.
  A danger was found here and has not been proved to be put right.
    Aquí se encontró un peligro y no se ha comprobado que esté arreglado.
  {ask}: not visible.
    {ask}: no visible.
  measured draw
    extracción medida
  usual draw
    extracción usual
  Tank {capacity}, water from {cold} to {hot}; a heating after a {which} of {drawn}.
    Tanque de {capacity}, agua de {cold} a {hot}; un calentamiento tras una {which} de {drawn}.
  Nothing seen closes this system: heated water can push back into the main, and pressure should
      hardly rise.
    Nada de lo visto cierra este sistema: el agua calentada puede volver a la red y la presión
      apenas debería subir.
  Whether a check valve closes this system is not known; these numbers hold if one does.
    No se sabe si una válvula de retención cierra este sistema; estos números valen si la hay.
  With the {vessel} as found
    Con el tanque de expansión como se encontró
  With the charge as set
    Con la presión de aire como se ajustó
  Without any {vessel}
    Sin tanque de expansión
  {lead}, heating a cold tank brings the pressure from {supply} to {hot_pressure}.
    {lead}, calentar un tanque frío lleva la presión de {supply} a {hot_pressure}.
  The {vessel}'s volume is not on record: enter it from its plate, and this says what pressure the
      tank will reach.
    El volumen del tanque de expansión no está anotado: escríbalo de su placa y esto dirá a qué
      presión llegará el tanque.
  Measured {peak}, expected {cycle_pressure} after this draw: they agree.
    Medido {peak}, esperado {cycle_pressure} tras esta extracción: coinciden.
  Measured {peak}, expected only {cycle_pressure} after this draw: the {vessel} takes less than its
      charge says, or the supply itself rose. Look at the membrane and at the {regulator}.
    Medido {peak}, esperado solo {cycle_pressure} tras esta extracción: el tanque de expansión
      absorbe menos de lo que dice su presión de aire, o subió el propio suministro. Mirar la
      membrana y el regulador de presión.
  Measured {peak}, expected {cycle_pressure} after this draw: water has found another way, back into
      the main or out of a {tap}.
    Medido {peak}, esperado {cycle_pressure} tras esta extracción: el agua ha encontrado otro
      camino, de vuelta a la red o por una llave.
  Measured {peak} on a supply of {supply}, though nothing seen closes this system: something does.
      Look for a check valve or a {regulator}.
    Medido {peak} con un suministro de {supply}, aunque nada de lo visto cierra este sistema: algo
      lo cierra. Buscar una válvula de retención o un regulador de presión.
  volume is not known
    volumen no se conoce
  charge has not been read yet
    presión de aire aún no se ha leído
  Measured {peak}. The {vessel}'s {missing}: it cannot be said what was to be expected.
    Medido {peak}. Del tanque de expansión, su {missing}: no se puede decir qué era de esperar.
  In service
    En servicio
  In service, with limits
    En servicio, con límites
  The relief valve was not tested.
    La válvula de alivio no se probó.
  Everything tested is sound.
    Todo lo probado está bien.
  The {heater} is dangerous and was left in use against advice; it should be switched off until it
      is put right.
    El {heater} es peligroso y se dejó en uso contra nuestro consejo; debe apagarse hasta que esté
      arreglado.
  The {heater} is in service, but {things} put right by the dates below.
    El {heater} está en servicio, pero {things} antes de las fechas de abajo.
  Everybody was asked to leave, and the emergency service was called
    Se pidió a todos que salieran y se llamó al servicio de emergencia
  Everybody must leave, and the emergency service be called from outside
    Todos deben salir y llamar desde afuera al servicio de emergencia
  {said}; the {heater} must not be used, and nobody goes back in, until they have cleared it.
    {said}; el {heater} no debe usarse y nadie vuelve a entrar hasta que ellos lo autoricen.
  The {heater} is in service; a few points are worth watching.
    El {heater} está en servicio; conviene vigilar algunos puntos.
  The {heater} is in service, and everything tested is sound.
    El {heater} está en servicio y todo lo probado está bien.
  The {heater} is in service.
    El {heater} está en servicio.
  The {heater} is in service, and what was tested is sound.
    El {heater} está en servicio y lo que se probó está bien.
  its relief valve was not tested and must be
    su válvula de alivio no se probó y hay que hacerlo
  one thing must be
    hay que arreglar una cosa
  {count} things must be
    hay que arreglar {count} cosas
  {count} entries were made without a signal and reached the office later, the last on {date},
      {time} UTC.
    {count} anotaciones se hicieron sin señal y llegaron más tarde a la oficina, la última el
      {date}, {time} UTC.
  One entry of this visit was made without a signal and reached the office later, the last on
      {date}, {time} UTC.
    Una anotación de esta visita se hizo sin señal y llegó más tarde a la oficina, el {date}, {time}
      UTC.
  Photographs
    Fotografías
  Open since {found_on}: still there.
    Abierto desde el {found_on}: sigue igual.
  Put right on this visit.
    Arreglado en esta visita.
  {operation}: not done. {because}
    {operation}: no hecho. {because}
  Hot water at your {tap} can burn: mix it with cold, and check it with a thermometer before a child
      or an older person uses it.
    El agua de su llave de agua caliente puede quemar: mézclela con fría y compruébela con un
      termómetro antes de que la use un niño o una persona mayor.
  Never plug or cap the pipe from the {relief_valve}; if water comes out of it, call us.
    Nunca tape ni cierre el tubo de la válvula T&P; si sale agua por él, llámenos.
  Tell the household; turn the setting down or fit a mixing valve at bath and shower.
    Avisar a quienes viven en la casa; bajar el ajuste o instalar una válvula mezcladora en tina y
      ducha.
  Turn the setting down now; find out why it is so hot.
    Bajar ya el ajuste; averiguar por qué está tan caliente.
  The customer refused.
    El cliente no quiso.
  as found
    como se encontró
  {danger}: put right, but not proved.
    {danger}: arreglado, pero sin comprobar.
  {lead}, the pressure reaches the {relief_name}'s {relief}: it drips on heat-up, and that is
      physics, not a bad valve.
    {lead}, la presión llega a los {relief} de la {relief_name}: gotea al calentar, y eso es física,
      no una válvula mala.
  {lead}, the pressure reaches the {relief_name}'s {relief} after about {minutes} min of heating
      from cold: it drips on heat-up, and that is physics, not a bad valve.
    {lead}, la presión llega a los {relief} de la {relief_name} tras unos {minutes} min de
      calentamiento desde frío: gotea al calentar, y eso es física, no una válvula mala.
  One protection was not tested.
    Una protección quedó sin probar.
  One protection was not tested: {names}.
    Una protección quedó sin probar: {names}.
  {count} protections were not tested.
    {count} protecciones quedaron sin probar.
  {count} protections were not tested: {names}.
    {count} protecciones quedaron sin probar: {names}.
  One defect stands and must be put right by the dates given.
    Queda un defecto y hay que arreglarlo en las fechas dadas.
  {count} defects stand and must be put right by the dates given.
    Quedan {count} defectos y hay que arreglarlos en las fechas dadas.
  The {heater} is switched off and made safe; it must not be used until it is put right.
    El {heater} queda apagado y en condición segura; no debe usarse hasta que esté arreglado.
  The {heater} must be switched off and made safe; it must not be used until it is put right.
    El {heater} debe quedar apagado y en condición segura; no debe usarse hasta que esté arreglado.
  Put right: {how}.
    Arreglado: {how}.
  line
    la presión de la línea
  standing
    la presión en reposo
  operating
    la presión en marcha
TEXTS

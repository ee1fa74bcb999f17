# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Canada, National Plumbing Code
    Canadá, National Plumbing Code
  Gas work is for people licensed for it by their province.
    El trabajo de gas es para quien tiene licencia de su provincia.
  Wiring is for people licensed for it by their province.
    El cableado es para quien tiene licencia de su provincia.
  For gas and for new plumbing, from province or municipality: ask them.
    Para gas y plomería nueva, de la provincia o el municipio: preguntarles.
  Where a gas appliance is a hazard, most provinces want a tag on it and a notice to the supplier or
      the authority, by the one who finds it.
    Donde un aparato de gas es un peligro, la mayoría de las provincias pide una etiqueta en él y un
      aviso al proveedor o a la autoridad, de quien lo halla.
  Where there was a permit, the authority looks at the work or takes a declaration.
    Donde hubo un permiso, la autoridad mira el trabajo o recibe una declaración.
  England, Approved Document G (G3)
    Inglaterra, Approved Document G (G3)
  Work on an unvented cylinder is for people qualified for it.
    El trabajo en un tanque presurizado es para quien está calificado para ello.
  Gas work is for registered gas engineers.
    El trabajo de gas es para técnicos de gas registrados.
  Fixed wiring is for competent electricians.
    El cableado fijo es para electricistas competentes.
  Work on an unvented cylinder and its controls is notified, or certified by a registered scheme;
      replacing like for like may need none.
    El trabajo en un tanque presurizado y sus controles se notifica, o lo certifica un registro
      autorizado; cambiar igual por igual puede no pedirlo.
  From the scheme or building control; the household keeps it.
    Del registro o del control de construcción; lo guarda la casa.
  G3, low-level discharge
    G3, descarga a nivel bajo
  CO to CO2 ratio of a boiler, the strictest class, where the maker gives none
    relación CO sobre CO2 de una caldera, la clase más estricta, donde el fabricante no da ninguna
  G3, 500 L and 45 kW
    G3, 500 L y 45 kW
  Scotland, Building Standards 4.9
    Escocia, Building Standards 4.9
  Domestic, 4.9
    Doméstico, 4.9
  Work that wants a warrant has one before it begins; ask the local verifier.
    El trabajo que pide una autorización la tiene antes de empezar; preguntar al verificador local.
  Accepted by the verifier, or a certificate of construction.
    Aceptado por el verificador, o un certificado de construcción.
  US, International Residential Code
    EE. UU., International Residential Code
  Gas work is for people licensed for it by state and city.
    El trabajo de gas es para quien tiene licencia del estado y la ciudad.
  Wiring is for people licensed for it by state and city.
    El cableado es para quien tiene licencia del estado y la ciudad.
  A new water heater wants one nearly everywhere, a repair often none: ask the authority.
    Un calentador nuevo lo pide casi en todas partes, una reparación a menudo no: preguntar a la
      autoridad.
  Where there was a permit, the authority looks at the work.
    Donde hubo un permiso, la autoridad mira el trabajo.
  Moritz & Henriques 1947, 140 °F burns in 6 s
    Moritz y Henriques 1947, 140 °F quema en 6 s
  400 ppm CO, air-free
    400 ppm de CO, sin aire
  US, Uniform Plumbing Code
    EE. UU., Uniform Plumbing Code
  Wales, Approved Document G
    Gales, Approved Document G
  Makers say so, and it costs a few minutes.
    Lo dicen los fabricantes, y cuesta unos minutos.
  A rod costs less than the look.
    Un ánodo cuesta menos que mirarlo.
  Two inspections tell when the next is worth while.
    Dos inspecciones dicen cuándo vale la pena la siguiente.
  Most never look; the record says “not inspected”.
    La mayoría nunca mira; el registro dice “sin inspeccionar”.
  Only at zero water pressure does the gauge show the air charge.
    Solo a presión de agua cero muestra el manómetro la presión de aire.
  Close enough for a quick look; it decides nothing near the limit.
    Bastante cerca para una mirada rápida; no decide nada cerca del límite.
  Heating stays in use while the job waits.
    La calefacción sigue en uso mientras el trabajo espera.
  A soldered valve outlives the coil.
    Una válvula soldada dura más que el serpentín.
  The published limit, clear of the ground by two pipe diameters.
    El límite publicado, separado del suelo por dos diámetros de tubo.
  A local practice: low enough to hurt nobody, high enough to stay clear of soil and snow.
    Una práctica local: bastante bajo para no lastimar a nadie, bastante alto para no tocar tierra
      ni nieve.
  Let it end 3 to 6 in (75–150 mm) above ground.
    Que termine de 3 a 6 pulg. (75–150 mm) sobre el suelo.
  One residential code names the pan as a place where the pipe may end, another does not.
    Un código residencial nombra la bandeja como lugar donde puede terminar el tubo, otro no.
  A local amendment accepts it.
    Una enmienda local lo acepta.
  A pan drain is small; a full-bore discharge overruns it.
    El drenaje de una bandeja es chico; una descarga a caudal lleno lo rebasa.
  The pipe is not under pressure, and comes off when the valve is replaced.
    El tubo no está bajo presión, y se quita cuando se cambia la válvula.
  A dry joint weeps when the valve blows.
    Una unión seca rezuma cuando la válvula suelta.
  The valve must be replaceable without a saw.
    La válvula debe poder cambiarse sin sierra.
  It spares the relief valve a lift with dirty water.
    Le evita a la válvula de alivio levantarse con agua sucia.
  It always works, and lets you hear the level.
    Siempre sirve, y deja oír el nivel.
  A flame under an emptying tank, and a knob that can be turned, are two risks too many.
    Una llama bajo un tanque que se vacía, y una perilla que puede girarse, son dos riesgos de más.
  The pilot alone heats little, and the work is short.
    El piloto solo calienta poco, y el trabajo es corto.
  Grit on the seat is washed away, and the seat is as good as before.
    La arenilla del asiento se lava, y el asiento queda como antes.
  A seat that held grit once will drip again, when nobody looks.
    Un asiento que tuvo arenilla una vez volverá a gotear cuando nadie mire.
  A connection that nobody can see is one that nobody can trust.
    Una conexión que nadie puede ver es una en la que nadie puede confiar.
  A conductor inside the raceway is still a conductor; a continuity test settles it.
    Un conductor dentro de la canalización sigue siendo un conductor; una prueba de continuidad lo
      resuelve.
  Sediment bakes into a crust that no flush removes later.
    El sedimento se cuece en una costra que luego ningún enjuague quita.
  What came out last time says when the next flush is due.
    Lo que salió la última vez dice cuándo toca el próximo enjuague.
  Disturbing its crust can start leaks; the record says so.
    Mover su costra puede iniciar fugas; el registro lo dice.
  Enough to prove that it moves, and spills least.
    Basta para probar que se mueve, y derrama lo menos.
  Shows full-bore flow and washes the seat.
    Muestra el caudal lleno y lava el asiento.
  Carries scale away that would lie on the seat.
    Se lleva el sarro que quedaría en el asiento.
  Where it binds nobody the limit is advice, given with the time in which it scalds.
    Donde no obliga a nadie el límite es un consejo, dado con el tiempo en que quema.
  England and Wales bind the fixed bath to 48 °C there, Scotland bath and bidet.
    Inglaterra y Gales limitan ahí la tina fija a 48 °C, Escocia tina y bidé.
  A device that has never moved may not move when it must; only a test shows it.
    Un dispositivo que nunca se ha movido puede no moverse cuando deba; solo una prueba lo muestra.
  An inspector leaves everything as found, and says what was not tested.
    Un inspector deja todo como lo encontró, y dice lo que no se probó.
  A valve that leaks after its test was already bad: the test shows it while you are there to
      replace it.
    Una válvula que fuga tras su prueba ya estaba mala: la prueba lo muestra mientras alguien está
      ahí para cambiarla.
  A valve that has not moved for years may not reseat: lift it only if it was exercised yearly, or
      with a spare and consent at hand.
    Una válvula que lleva años sin moverse puede no asentar: levantarla solo si se accionó cada año,
      o con repuesto y consentimiento a mano.
  An inspector leaves it as found and says that it was not exercised.
    Un inspector la deja como la encontró y dice que no se accionó.
  Where it is asked for, its absence is a deficiency.
    Donde se pide, su falta es un defecto.
  The pipe is empty but for minutes in its life.
    El tubo está vacío salvo unos minutos en su vida.
  Some makers' plates ask for it: often moved, never stuck.
    Las placas de algunos fabricantes lo piden: movida a menudo, nunca trabada.
  Once a year keeps it free, and somebody is there who can replace it.
    Una vez al año la mantiene libre, y hay alguien que puede cambiarla.
  What has not moved for years may not reseat.
    Lo que lleva años sin moverse puede no asentar.
  A valve that passes full-bore and closes dry does its work.
    Una válvula que deja pasar todo el caudal y cierra en seco hace su trabajo.
  Minerals build up where no test shows it.
    Los minerales se acumulan donde ninguna prueba lo muestra.
  A valve that fails can be replaced in the same drain.
    Una válvula que falla puede cambiarse en el mismo vaciado.
  The water is running anyway, and grit is carried off.
    El agua corre de todos modos, y se lleva la arenilla.
  Nothing that was stirred up stays on the seat.
    Nada de lo que se levantó queda en el asiento.
  Some hot gas has spilled at some time: test the {draught}.
    Alguna vez retrocedieron gases calientes: probar el tiro.
  Warm pipes ripple them too.
    Los tubos tibios también los ondulan.
  The limits of the code profile, with scald and legionella both shown.
    Los límites del reglamento, con quemadura y legionela mostradas las dos.
  Scalds least and saves energy; it lies inside the growth range of legionella, and the household
      decides.
    Es lo que menos quema y ahorra energía; queda en el rango en que crece la legionela, y decide
      quien vive ahí.
  Bacteria die in the store, and a mixing valve keeps the bath from scalding.
    Las bacterias mueren en el tanque, y una válvula mezcladora evita que la tina queme.
  Efficient, and the weekly cycle kills what grew.
    Eficiente, y el ciclo semanal mata lo que creció.
  Three or four turns with the thread are enough and stay clean.
    Bastan tres o cuatro vueltas con la rosca, y quedan limpias.
  Paste fills what tape bridges.
    La pasta llena lo que la cinta salta.
  Some local rules and makers ask for one.
    Algunas reglas locales y fabricantes piden una.
  One closed system does not become more closed by a second valve.
    Un sistema cerrado no se cierra más con una segunda válvula.
  There is no rulebook “{id}”; there are: {known}.
    No existe el reglamento “{id}”; existen: {known}.
  corrected by the firm
    corregido por la empresa
  paper must begin with a day such as 2026-12-01, or be one of: {known}.
    paper debe empezar con un día como 2026-12-01, o ser uno de: {known}.
  There is no house rule “{id}”; there are: {known}.
    No existe la regla de la empresa “{id}”; existen: {known}.
TEXTS

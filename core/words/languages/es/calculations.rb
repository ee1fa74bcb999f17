# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  no burn expected
    no se espera quemadura
  over 5 min
    más de 5 min
  2 s or less
    2 s o menos
  about {seconds} s
    unos {seconds} s
  about {minutes} min
    unos {minutes} min
  return_temperature must be below the flow; above it the two are swapped or misread.
    return_temperature debe estar por debajo de la ida; por encima, las dos están cambiadas o mal
      leídas.
  return_temperature must be above the tank; a return below it is a misreading.
    return_temperature debe estar por encima del tanque; un retorno por debajo es una lectura
      equivocada.
  {rated} W/K when clean
    {rated} W/K cuando está limpio
  The coil passes {percent} % of what it should: fouled, or short of water.
    El serpentín da el {percent} % de lo que debe: sucio, o con poca agua.
  The coil passes {percent} % of what it should.
    El serpentín da el {percent} % de lo que debe.
  The coil passes what it should: {given}.
    El serpentín da lo que debe: {given}.
  The return is nearly as hot as the flow: little is given up ({given}). Look at the flow rate
      before blaming the coil.
    El retorno está casi tan caliente como la ida: se cede poco ({given}). Mirar el caudal antes de
      culpar al serpentín.
  It gives up {given}, the return clearly cooler than the flow.
    Cede {given}, el retorno claramente más frío que la ida.
  Beyond the table: shorten the run, take out bends, or have it designed.
    Fuera de la tabla: acortar el recorrido, quitar codos o encargar su cálculo.
  Its resistance has not been measured.
    No se midieron los ohmios.
  Open circuit: the element is burnt out.
    Circuito abierto: la resistencia está quemada.
  As good as a short circuit: the element is finished.
    Casi un cortocircuito: la resistencia está acabada.
  {measured} Ω lies where this rating must.
    {measured} Ω está donde debe para esta potencia.
  {measured} Ω is not what this rating gives: another rating, or failing.
    {measured} Ω no es lo que da esta potencia: otra potencia, o está fallando.
  A terminal is connected to the sheath: replace it; the circuit stays off.
    Un terminal toca la vaina: cambiar la resistencia; el circuito queda apagado.
  No path to the sheath.
    Ningún paso a la vaina.
  at least 1 Mohm
    al menos 1 Mohm
  {percent} % over the plate: over-fired.
    {percent} % sobre la placa: quema demasiado.
  {percent} % under the plate: slow to heat; look at pressure and orifice.
    {percent} % por debajo de la placa: calienta despacio; mirar presión e orificio.
  Within what the plate allows.
    Dentro de lo que permite la placa.
  Under the burner the pressure falls below the appliance's minimum.
    Con el quemador encendido la presión cae por debajo del mínimo del aparato.
  at least {least}
    al menos {least}
  The supply gives way by {drop} under the burner: pipe, meter or regulator is short, or another
      appliance takes it.
    El suministro cede {drop} con el quemador encendido: tubo, medidor o regulador se quedan cortos,
      o lo toma otro aparato.
  at most {most}
    como máximo {most}
  The supply gives way by no more than it should.
    El suministro no cede más de lo debido.
  The supply is above the plate's maximum.
    El suministro está por encima del máximo de la placa.
  Lock-up is in order.
    La presión sin consumo está en orden.
  The meter gives what it should.
    El medidor da lo que debe.
  The working pressure at the meter is out of range.
    La presión de trabajo en el medidor está fuera de su margen.
  {low}–{high} mbar
    {low}–{high} mbar
  More reaches the appliance than this fuel's burner takes: its regulator, or the fuel, is another
      one.
    Llega al aparato más de lo que admite el quemador para este combustible: su regulador, o el
      combustible, es otro.
  The appliance gets what it should.
    Al aparato le llega lo que debe.
  Too little reaches the appliance at full flow.
    Al aparato le llega poco a pleno caudal.
  at least {least} mbar, and at most {fall} mbar less than the meter
    al menos {least} mbar, y como máximo {fall} mbar menos que el medidor
  Nothing measured yet: start with the generator in a lit pilot.
    Aún no se midió nada: empezar por el generador con el piloto encendido.
  The cut-off shows no continuity; measure the generator before condemning the control.
    El corte no tiene continuidad; medir el generador antes de condenar el control.
  The {kind} is weak; test the cut-off before condemning it.
    El {kind} está débil; probar el corte antes de condenarlo.
  The {kind} is weak, the cut-off sound: clean the tip and tighten the nut; if it stays weak,
      replace it.
    El {kind} está débil, el corte bien: limpiar la punta y apretar la tuerca; si sigue débil,
      cambiarlo.
  The {kind} gives enough; now the cut-off.
    El {kind} da bastante; ahora el corte.
  The {kind} is good and the cut-off open: replace the control, and find out why it overheated.
    El {kind} está bien y el corte abierto: cambiar el control y averiguar por qué se recalentó.
  Generator and cut-off are good: if the pilot still drops, suspect the control.
    Generador y corte están bien: si el piloto aún se apaga, sospechar del control.
  Loaded, it still gives what the control needs.
    Con carga aún da lo que el control necesita.
  Loaded, it gives less than the control needs.
    Con carga da menos de lo que el control necesita.
  Its temperature rating covers the heater's input.
    Su capacidad por temperatura cubre la potencia del calentador.
  Rated below the heater's input: do not fit it.
    De capacidad menor que la potencia del calentador: no instalarla.
  It opens no higher than the tank is rated for.
    No abre más alto de lo que soporta el tanque.
  It opens above what the tank is rated for: do not fit it.
    Abre más alto de lo que soporta el tanque: no instalarla.
  {size} mm copper carries it.
    {size} mm de cobre basta.
  {size} mm copper carries it, one size up because it is shared.
    {size} mm de cobre basta, un tamaño más porque se comparte.
  The manifold stands as its plate says.
    La presión del múltiple está como dice su placa.
  The manifold stands above what its plate says.
    La presión del múltiple está por encima de lo que dice su placa.
  The manifold stands below what its plate says.
    La presión del múltiple está por debajo de lo que dice su placa.
  The {kind} is weak and the cut-off is open: the control is replaced, and what overheated it found;
      then the {kind}.
    El {kind} está débil y el corte abierto: se cambia el control y se busca qué lo sobrecalentó;
      después, el {kind}.
  {lower} ({low}) is above {upper} ({high}): burning lowers the pressure. Let them settle and read
      again.
    {lower} ({low}) es mayor que {upper} ({high}): al quemar, la presión baja. Dejar que se asienten
      y leer de nuevo.
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  A coil heater
    Un calentador de serpentín
  An electric heater
    Un calentador eléctrico
  A gas heater
    Un calentador de gas
  A heat pump
    Una bomba de calor
  A direct cylinder
    Un tanque directo
  A heat pump cylinder
    Un tanque con bomba de calor
  An indirect cylinder
    Un tanque indirecto
  has no gas input; give its elements or its coil
    no tiene potencia de gas; dar sus resistencias o su serpentín
  burns no gas
    no quema gas
  has no draft hood
    no tiene campana de tiro
  has no flue
    no tiene ducto de gases
  has no burner to ignite
    no tiene quemador que encender
  has no gas manifold
    no tiene múltiple de gas
  has no burner that thin air could starve
    no tiene quemador al que le falte aire en la altura
  has no gas input
    no tiene potencia de gas
  has no boiler coil
    no tiene serpentín de caldera
  has no back-up immersion
    no tiene resistencia de respaldo
  has no compressor
    no tiene compresor
  has no element
    no tiene resistencia
  has no such element; give its input, its coil or its back-up immersion
    no tiene tal resistencia; dar su potencia, su serpentín o su resistencia de respaldo
  has one thermostat, or none of its own
    tiene un solo termostato, o ninguno propio
  carbon monoxide alarms
    alarmas de monóxido de carbono
  G3, tundish
    G3, embudo
  G3, soil stack
    G3, bajante
  G3, low level
    G3, nivel bajo
  G3, high level
    G3, nivel alto
  G3, discharge pipes
    G3, tubos de descarga
  G3, safe and visible
    G3, segura y a la vista
  G3, non-self-resetting cut-out
    G3, corte sin restablecimiento propio
  flues and air supply
    ductos y aire de combustión
  G3, safety devices
    G3, dispositivos de seguridad
  it will not limit
    no limitará
  cold can run back through the return
    la fría puede volver por el retorno
  G3, inlet group
    G3, grupo de entrada
  G3, marking
    G3, rotulado
  There is no “{unknown}” in {at}; there are: {known}.
    No existe “{unknown}” en {at}; existen: {known}.
  a visit
    una visita
  “{name}” is no decision.
    “{name}” no es una decisión.
  bears the pressure that its tank is rated for
    aguanta la presión para la que está hecho su tanque
  capacity is missing; it stands on the data plate.
    Falta capacity; está en la placa.
  capacity must be between {smallest} ({smallest_metric}) and {largest} ({largest_metric}) for a
      domestic storage heater.
    capacity debe estar entre {smallest} ({smallest_metric}) y {largest} ({largest_metric}) para un
      calentador doméstico con tanque.
  Only an unvented cylinder keeps an air bubble inside; this heater has a vessel outside, or none.
    Solo un tanque presurizado tiene una burbuja de aire adentro; este calentador tiene un tanque de
      expansión afuera, o ninguno.
  There can be no vessel volume where there is no vessel.
    No puede haber volumen de un tanque de expansión que no hay.
  An unvented cylinder has a pressure reducing valve in its inlet group: yes, or not known.
    Un tanque presurizado tiene una válvula reductora en su grupo de entrada: sí, o no se sabe.
  There can be no regulator setting where there is no regulator.
    No puede haber ajuste de un regulador que no hay.
  There can be no setting of an expansion relief valve that is not there.
    No puede haber ajuste de una válvula de alivio de expansión que no está.
  A discharge pipe that is not there cannot be shared.
    Un tubo de descarga que no está no puede compartirse.
  There can be no element power where a heat pump has no element.
    No puede haber potencia de resistencia donde una bomba de calor no la tiene.
  There can be no immersion power where there is no back-up immersion.
    No puede haber potencia de una resistencia de respaldo que no hay.
  A heater has no “{unknown}”; it has: {known}.
    Un calentador no tiene “{unknown}”; tiene: {known}.
  Installed in {year}: the maker's warranty (commonly 5–6 years) may still run. Claim first, before
      buying.
    Instalado en {year}: la garantía del fabricante (por lo común 5–6 años) puede seguir vigente.
      Reclamar antes de comprar.
  Made in {year}: the maker's warranty (commonly 5–6 years) may still run. Claim first, before
      buying.
    Fabricado en {year}: la garantía del fabricante (por lo común 5–6 años) puede seguir vigente.
      Reclamar antes de comprar.
  When it was installed is not recorded: find out, and claim first while the maker's warranty
      (commonly 5–6 years) runs.
    No está anotado cuándo se instaló: averiguarlo, y reclamar primero mientras corra la garantía
      del fabricante (por lo común 5–6 años).
  There is no catalogue entry “{id}”.
    No existe la entrada “{id}” en el catálogo.
  There is nothing to look at called “{id}”.
    No hay nada que mirar que se llame “{id}”.
  “{spelling}” is a unit of {other}; write a {quantity} in {label} or one of: {known}.
    “{spelling}” es una unidad de {other}; escriba {quantity} en {label} o en una de: {known}.
  “{spelling}” is not a unit known here; write a {quantity} in {label} or one of: {known}.
    “{spelling}” no es una unidad conocida aquí; escriba {quantity} en {label} o en una de: {known}.
  “{text}” may be {one} or {other}: write the unit, such as {text} {one}.
    “{text}” puede ser {one} u {other}: escriba la unidad, como {text} {one}.
  Write the decimal with a point, not a comma.
    Escriba el decimal con punto, no con coma.
  “{text}” is not a {quantity}; type a number in {label}, or a number with its unit.
    “{text}” no es {quantity}; escriba un número en {label}, o un número con su unidad.
  “{text}” cannot be a {quantity} here; it must be {bounds}.
    “{text}” no puede ser aquí {quantity}; debe ser {bounds}.
  at least {low} and at most {high}
    como mínimo {low} y como máximo {high}
  at least {low}
    como mínimo {low}
  at most {high}
    como máximo {high}
  a finite number
    un número finito
  {symbol} is not a unit of {id}
    {symbol} no es una unidad de {id}
  A visit is an object with at least “heater”.
    Una visita es un objeto con “heater” por lo menos.
  {name} must be an object.
    {name} debe ser un objeto.
  {name} must be a list.
    {name} debe ser una lista.
  {name} must be a list of objects.
    {name} debe ser una lista de objetos.
  date must be written 2026-11-23; got “{text}”.
    date debe escribirse 2026-11-23; se dio “{text}”.
  as must be found or left; got “{as}”.
    as debe ser found o left; se dio “{as}”.
  it must be an object
    debe ser un objeto
  The state of reading {index} is wrong: {problems}.
    El estado de la lectura {index} está mal: {problems}.
  What was given up needs its reason.
    Lo que se dejó sin hacer necesita su motivo.
  {field} must be written 2026-11-23T10:05:00Z; got “{text}”.
    {field} debe escribirse 2026-11-23T10:05:00Z; se dio “{text}”.
  There is no reading “{name}”; there are: {known}.
    No existe la lectura “{name}”; existen: {known}.
  “{value}” is below zero; a {quantity} is at least 0 {label}.
    “{value}” está por debajo de cero; {quantity} es al menos 0 {label}.
  The part, where the same is read of several
    La pieza, donde lo mismo se lee de varias
  d2_fall is the 200 of “1 in 200”: a number above 0.
    d2_fall es el 200 de “1 en 200”: un número mayor que 0.
  d2_bends must be a whole number, 0 or more.
    d2_bends debe ser un número entero, 0 o más.
  last_flushed is “never”, or a year, month or day such as 2024-05; got “{text}”.
    last_flushed es “never”, o un año, mes o día como 2024-05; se dio “{text}”.
  upper thermostat
    termostato superior
  a {id} and a {id2} cannot be added
    {id} y {id2} no se pueden sumar
TEXTS

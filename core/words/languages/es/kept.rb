# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  This firm has begun already, or the code is another one.
    Esta empresa ya empezó, o el código es otro.
  There is no such device.
    No existe ese dispositivo.
  There is no such visit of theirs.
    No tiene esa visita.
  Draw your signature, in at most {most_points} points.
    Dibuje su firma, en {most_points} puntos como máximo.
  There is no such session.
    No existe esa sesión.
  Let them in again first.
    Antes déjele entrar otra vez.
  Only who is here can be out for a while.
    Solo quien está aquí puede quedar fuera por un tiempo.
  Send a link first: there is no password yet.
    Antes envíe un enlace: aún no hay contraseña.
  There is no such person.
    No existe esa persona.
  This link has been used or is too old. Ask for a new one.
    Este enlace ya se usó o es demasiado viejo. Pida uno nuevo.
  There must be an owner: make somebody else one first.
    Debe haber un dueño: nombre antes a otra persona.
  days must be a number from 1 to {longest}.
    days debe ser un número de 1 a {longest}.
  There is no such token.
    No existe ese token.
  at must be an ISO 8601 time such as 2026-11-23T10:15:00Z.
    at debe ser una hora ISO 8601 como 2026-11-23T10:15:00Z.
  Your role ({role}) may not do this.
    Su función ({role}) no puede hacer esto.
  This visit has been ended; take that back first.
    Esta visita se dio por terminada; retire eso primero.
  Start the visit first.
    Empiece antes la visita.
  {field} is missing.
    Falta {field}.
  {field} is longer than {max} characters.
    {field} tiene más de {max} caracteres.
  {field} must be an address such as name@firm.example.
    {field} debe ser una dirección como nombre@empresa.example.
  Danger is not put off: it is made safe, or declined by the customer in writing.
    Un peligro no se aplaza: se deja en condición segura, o el cliente lo rechaza por escrito.
  Nothing of this name is owed.
    Nada con este nombre está pendiente.
  day must be between tomorrow and a year from now.
    day debe estar entre mañana y dentro de un año.
  day must be a date such as 2026-12-31.
    day debe ser una fecha como 2026-12-31.
  Have {title} calibrated: a year since {calibrated}.
    Mandar a calibrar {title}: hace un año, el {calibrated}.
  its day comes soonest
    su día llega antes
  it is the only one
    es lo único
  First because: {reasons}.
    Primero porque: {reasons}.
  month must be a month such as 2026-11.
    month debe ser un mes como 2026-11.
  A place has latitude and longitude, or neither.
    Un lugar tiene latitud y longitud, o ninguna.
  {field} must be between -{most} and {most} degrees.
    {field} debe estar entre -{most} y {most} grados.
  status must be rectified or accepted.
    status debe ser rectified o accepted.
  A danger cannot be accepted; it is put right.
    Un peligro no se puede aceptar; se corrige.
  A visit to it is under way: sign it, or end it, first.
    Hay una visita en curso en él: fírmela, o déla por terminada, antes.
  A visit to it was signed: it was there. Say that it was taken out.
    Se firmó una visita en él: estaba ahí. Diga que se retiró.
  successor must be another heater at the same address.
    successor debe ser otro calentador en la misma dirección.
  Signed visits, their pages and signatures, and the address of the heater: a record of safety that
      others rely on, and that the chain of seals holds.
    Las visitas firmadas, sus páginas y firmas, y la dirección del calentador: un registro de
      seguridad del que dependen otros, y que sostiene la cadena de sellos.
  id is missing: a UUID, made by whoever writes.
    Falta id: un UUID, hecho por quien escribe.
  The customer has signed for this heater: end it there, and amend.
    El cliente firmó para este calentador: termínela ahí, y añada.
  This visit is to that heater already.
    Esta visita ya es de ese calentador.
  That heater is not there any more.
    Ese calentador ya no está.
  That heater is of another kind: what was entered here says nothing of it.
    Ese calentador es de otra clase: lo anotado aquí no dice nada de él.
  A visit is under way at that heater: go on with that one.
    Hay una visita en curso en ese calentador: siga con esa.
  “{title}” is not done at that heater: change the work first.
    “{title}” no se hace en ese calentador: cambie antes el trabajo.
  There is no such pressure log.
    No existe ese registro de presión.
  That visit is to another heater.
    Esa visita es de otro calentador.
  There is nothing of it to be undone any more.
    Ya no queda nada de eso que deshacer.
  {field} must be another one than it is now.
    {field} debe ser otro que el de ahora.
  years must be from {least} to {most}, or none to keep all.
    years debe ser de {least} a {most}, o nada para guardar todo.
  There is no such thing here.
    Eso no existe aquí.
  There is no such customer.
    No existe ese cliente.
  There is no such site.
    No existe ese domicilio.
  There is no such deficiency.
    No existe ese defecto.
  There is no such photo.
    No existe esa foto.
  There is no such heater.
    No existe ese calentador.
  There is no such visit.
    No existe esa visita.
  This token was made already.
    Este token ya se creó.
  {path} is of a newer version of this program: start that one.
    {path} es de una versión más nueva de este programa: inicie esa.
  {path} is damaged. Put a backup in its place: bin/munimen restore FILE; what is there is set
      aside.
    {path} está dañado. Ponga una copia de seguridad en su lugar: bin/munimen restore FILE; lo que
      hay se aparta.
  {path} cannot be written to: look at the folder's owner and its permissions.
    No se puede escribir en {path}: mire el dueño de la carpeta y sus permisos.
  The office's disk is full: nothing was kept. Somebody must make room there; then send it again.
    El disco de la oficina está lleno: no se guardó nada. Alguien debe hacer espacio ahí; luego
      envíelo otra vez.
  Another Munimen (process {holder}) has this data folder. Do it there, or stop it first.
    Otro Munimen (proceso {holder}) tiene esta carpeta de datos. Hágalo allí, o párelo antes.
  The data folder {folder} cannot be written to: give it to the account that the server runs as
      (chown -R).
    No se puede escribir en la carpeta de datos {folder}: désela a la cuenta con la que corre el
      servidor (chown -R).
  Unnamed firm
    Empresa sin nombre
  must have at least {least} characters
    debe tener al menos {least} caracteres
  may have no more than {most} characters
    no puede tener más de {most} caracteres
  is one that everybody tries first
    es una que todos prueban primero
  must not be the address or the name
    no debe ser la dirección ni el nombre
  password {because}.
    La contraseña {because}.
  {email} has an account already.
    {email} ya tiene una cuenta.
  expires must be a date such as 2027-06-30; got “{expires}”.
    expires debe ser una fecha como 2027-06-30; se dio “{expires}”.
  Erased customer
    Cliente borrado
  Somebody has changed one of these rows meanwhile; nothing was imported. Look at the rows again.
    Mientras tanto alguien cambió una de estas filas; no se importó nada. Mire otra vez las filas.
  This link has been made already; make a new one.
    Este enlace ya se creó; haga uno nuevo.
  There is no such link.
    No existe ese enlace.
  The id {id} was used for another write: what is new needs an id of its own.
    El id {id} ya se usó para otra escritura: lo nuevo necesita un id propio.
  There is no such picture.
    No existe esa foto.
  this visit is sealed
    esta visita está sellada
  This visit is signed and locked; what comes later joins it as an amendment.
    Esta visita está firmada y cerrada; lo que venga después se le une como añadido.
  Something was booked or written there since; it stays as it is.
    Desde entonces se acordó o se escribió algo ahí; queda como está.
  {changed} of {size} entries were changed since; nothing was undone.
    {changed} de {size} entradas cambiaron desde entonces; no se deshizo nada.
  Too many photographs are half sent; finish those first.
    Hay demasiadas fotos a medio enviar; termine primero esas.
TEXTS

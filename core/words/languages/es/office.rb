# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Files are missing in this backup.
    Faltan archivos en esta copia de seguridad.
  “{name}” is not what was backed up.
    “{name}” no es lo que se guardó.
  This is not a backup: it has no manifest.
    Esto no es una copia de seguridad: no tiene manifiesto.
  This is not a backup of Munimen.
    Esto no es una copia de seguridad de Munimen.
  This backup is of version {version}; this program reads 1 to {latest}.
    Esta copia es de la versión {version}; este programa lee de 1 a {latest}.
  This is not a backup: its manifest is not JSON.
    Esto no es una copia de seguridad: su manifiesto no es JSON.
  The database in this backup is damaged.
    La base de datos de esta copia está dañada.
  The chain of seals in this backup is broken: {problems} It can be restored all the same, marked as
      broken.
    La cadena de sellos de esta copia está rota: {problems} Se puede restaurar de todos modos,
      marcada como rota.
  The database is in use without a pause; nothing was restored. Try again in a moment.
    La base de datos está en uso sin pausa; no se restauró nada. Intente otra vez en un momento.
  must begin with /, such as /mnt/backup
    debe empezar con /, como /mnt/backup
  must lie outside the data folder
    debe quedar fuera de la carpeta de datos
  is not there: make the folder, or mount its disk
    no está: cree la carpeta, o monte su disco
  cannot be written to by this program
    no admite escritura de este programa
  The backup place {what}.
    El lugar de las copias {what}.
  A bundle is imported into an empty installation; there are data here already.
    Un paquete se importa en una instalación vacía; aquí ya hay datos.
  This is not a bundle of Munimen.
    Esto no es un paquete de Munimen.
  This bundle is of version {version}; this program reads 1 to {latest}.
    Este paquete es de la versión {version}; este programa lee de 1 a {latest}.
  “{name}” is not the file of that name.
    “{name}” no es el archivo de ese nombre.
  The rows do not belong together: {message}
    Las filas no van juntas: {message}
  A line of {entry} is longer than {line} bytes.
    Una línea de {entry} tiene más de {line} bytes.
  {table}, line {number}: {at} {problem}.
    {table}, línea {number}: {at} {problem}.
  {table}, line {number} is not JSON.
    {table}, línea {number} no es JSON.
  This file is encrypted: give its passphrase.
    Este archivo está cifrado: dé su frase de acceso.
  The passphrase of backups has to be set again.
    La frase de acceso de las copias debe ponerse otra vez.
  Something that was signed has been changed since. As it is now, it has been sealed anew.
    Algo que se firmó se cambió desde entonces. Tal como está ahora, se selló de nuevo.
  The chain of seals was broken here and repaired
    La cadena de sellos estaba rota aquí y se reparó
  It was stopped; nothing of it was taken over.
    Se paró; no se tomó nada de ello.
  The file could not be read to its end.
    El archivo no se pudo leer hasta el final.
  Other files are being read; try again in a moment.
    Se están leyendo otros archivos; intente otra vez en un momento.
  There is no table “{name}”.
    No existe la tabla “{name}”.
  Another one is known: {who}.
    Ya se conoce a otro: {who}.
  Not taken over: {what}.
    No se tomó: {what}.
  Taken for the one who is known: {who}.
    Se tomó por quien ya se conoce: {who}.
  A deficiency comes about in a visit; a file can only close one that is there.
    Un defecto nace en una visita; un archivo solo puede cerrar uno que ya está.
  It is {status} already.
    Ya está {status}.
  What is owed
    Lo pendiente
  {moved} is {before} and stays so; leave it, or take the row in as a new one without id.
    {moved} es {before} y así queda; déjelo, o tome la fila como nueva sin id.
  {field} must be a UUID such as {example}, or empty for something new.
    {field} debe ser un UUID como {example}, o vacío si es algo nuevo.
  “{title}” only goes out: it comes about in visits.
    “{title}” solo sale: nace en las visitas.
  A reading is not changed by a file: correct it in its visit.
    Un archivo no cambia una lectura: corríjala en su visita.
  {field} must be a number of degrees.
    {field} debe ser un número de grados.
  Verdicts of signed visits
    Resultados de visitas firmadas
  {wrong} of {rows} rows are wrong; nothing was imported.
    {wrong} de {rows} filas están mal; no se importó nada.
  It does not fit to what is there: an id of something else?
    No cuadra con lo que hay: ¿un id de otra cosa?
  to must not be before from, nor more than a year after it.
    to no debe ser antes de from, ni más de un año después.
  This has been taken out.
    Esto ya se quitó.
  {field} must be a date such as 2026-12-24; got “{text}”.
    {field} debe ser una fecha como 2026-12-24; se dio “{text}”.
  There is no such calendar.
    No existe ese calendario.
  This visit is under way: it can be handed over, not moved.
    Esta visita está en curso: se puede pasar a otra persona, no mover.
  days must be between 1 and {longest}.
    days debe estar entre 1 y {longest}.
  There is no such visit to be placed.
    No existe esa visita por colocar.
  date must be a date such as 2026-11-30.
    date debe ser una fecha como 2026-11-30.
  Begins {start}; promised by {promised}.
    Empieza a las {start}; prometida a más tardar a las {promised}.
  Ends {leave}; the day ends {ends}.
    Termina a las {leave}; el día termina a las {ends}.
  {name} does not hold: {trades}.
    {name} no tiene: {trades}.
  Somebody else has begun it.
    La empezó otra persona.
  Promised for {date}.
    Prometida para el {date}.
  It would be left half done: {what}.
    Quedaría a medias: {what}.
  is under way and cannot be left as it stands
    está en curso y no se puede dejar como está
  a danger is open there
    ahí hay un peligro abierto
  promised between {from} and {to}
    prometida entre las {from} y las {to}
  needs {trades}, held here
    necesita {trades}, lo tiene
  {drive} min from the one before
    a {drive} min de la anterior
  There is no limit “{id}” in it.
    No existe ahí el límite “{id}”.
  at_least must not be more than at_most.
    at_least no debe ser más que at_most.
  There is no such step.
    No existe ese paso.
  An inspector only looks; somebody else decides otherwise.
    Un inspector solo mira; de otro modo decide otra persona.
  There is no such instrument.
    No existe ese instrumento.
  host must be localhost or an address of your own network, such as 192.168.1.20.
    host debe ser localhost o una dirección de su propia red, como 192.168.1.20.
  {field} must be of letters, figures, dots and dashes.
    {field} debe ser de letras, cifras, puntos y guiones.
  calibrated must be a date such as 2026-01-31.
    calibrated debe ser una fecha como 2026-01-31.
  reads must be a kind of quantity such as pressure, gas_pressure or temperature.
    reads debe ser una clase de magnitud como pressure, gas_pressure o temperature.
  port must be a number from 1 to 65535.
    port debe ser un número de 1 a 65535.
  dial must be of a unit, two marks with their values and a face.
    dial debe tener una unidad, dos marcas con sus valores y una esfera.
  {name} must be within ±{degrees} degrees.
    {name} debe estar dentro de ±{degrees} grados.
  The day must end after it starts.
    El día debe terminar después de empezar.
  {field} must be a time such as 08:00; got “{text}”.
    {field} debe ser una hora como 08:00; se dio “{text}”.
  {field} must be an amount such as 95.00.
    {field} debe ser un importe como 95.00.
  step must be from {min} to {max} minutes.
    step debe ser de {min} a {max} minutos.
  This customer has no e-mail address.
    Este cliente no tiene dirección de correo.
  It cannot be opened any more; make a new link.
    Ya no se puede abrir; haga un enlace nuevo.
  No mail server is set: take the .eml into your mail program, or set one.
    No hay servidor de correo: lleve el .eml a su programa de correo, o ponga uno.
  The mail server's password has to be set again.
    La contraseña del servidor de correo debe ponerse otra vez.
  What it says is for its reader alone.
    Lo que dice es solo para su lector.
  Please answer this mail or call us, and we will find a time.
    Responda a este correo o llámenos, y hallaremos un momento.
  kinds must be of: {known}.
    kinds debe ser de: {known}.
  A test of your mail server
    Una prueba de su servidor de correo
  If you read this, mails go out.
    Si lee esto, los correos salen.
  The mail server did not take it: {answer}
    El servidor de correo no lo aceptó: {answer}
  host must be a name or an address such as mail.firm.example.
    host debe ser un nombre o una dirección como mail.empresa.example.
  {field} must be one line.
    {field} debe ser una sola línea.
  There is no such message.
    No existe ese mensaje.
  {field} must be one e-mail address such as name@example.com.
    {field} debe ser una dirección de correo como nombre@example.com.
  This link does not hold any more. Ask the firm for a new one.
    Este enlace ya no vale. Pida uno nuevo a la empresa.
  Only the page of a signed visit is shared.
    Solo se comparte la página de una visita firmada.
  This link does not hold any more. Ring the firm.
    Este enlace ya no vale. Llame a la empresa.
  Only a visit to come has one.
    Solo lo tiene una visita por venir.
  That is often enough: ring the firm.
    Ya es bastante: llame a la empresa.
  The picture is larger than 600 kB.
    La foto pasa de 600 kB.
  There are {most} pictures already: that is enough.
    Ya hay {most} fotos: es bastante.
TEXTS

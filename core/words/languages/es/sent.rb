# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  passphrase must have at least {least} characters.
    passphrase debe tener al menos {least} caracteres.
  The passphrase is wrong.
    La frase de acceso no es correcta.
  This file is damaged, or no age file with a passphrase.
    Este archivo está dañado, o no es un archivo age con frase de acceso.
  Line {number} is longer than {line} kB: that is no row of a table. Save the file as CSV, a row a
      line.
    La línea {number} pasa de {line} kB: eso no es una fila de tabla. Guarde el archivo como CSV,
      una fila por línea.
  Line {number} has more than {cells} columns. Keep those that are needed.
    La línea {number} tiene más de {cells} columnas. Deje las que hacen falta.
  Reading this file takes more than {seconds} seconds. Cut it into parts.
    Leer este archivo toma más de {seconds} segundos. Córtelo en partes.
  The file has {lines_here} lines; at most {lines} are read.
    El archivo tiene {lines_here} líneas; se leen {lines} como máximo.
  The first line must name the columns; missing: {known}.
    La primera línea debe nombrar las columnas; faltan: {known}.
  This is not CSV: {message}
    Esto no es CSV: {message}
  The file is larger than {largest} MB; cut it into parts.
    El archivo pasa de {largest} MB; córtelo en partes.
  This is not a table in text: save it as CSV.
    Esto no es una tabla en texto: guárdela como CSV.
  Line {first} has more cells than the first line names.
    La línea {first} tiene más celdas de las que nombra la primera.
  There is no column “{unknown}”
    No existe la columna “{unknown}”
  There is no column “{strange}”
    No existe la columna “{strange}”
  Two columns would be “{twice}”
    Dos columnas serían “{twice}”
  The first line must name the columns; missing: {told}
    La primera línea debe nombrar las columnas; faltan: {told}
  The file has more than {rows} rows; cut it into parts.
    El archivo tiene más de {rows} filas; córtelo en partes.
  {text}; there are: {known}.
    {text}; existen: {known}.
  The instrument does not answer ({error}). Is it on, and near?
    El instrumento no responde ({error}). ¿Está encendido, y cerca?
  The instrument refuses “{line}”: {answer}
    El instrumento rechaza “{line}”: {answer}
  The instrument answers in no language that is known here.
    El instrumento responde en un lenguaje que aquí no se conoce.
  The instrument has stopped answering.
    El instrumento dejó de responder.
  The instrument's answer is too long.
    La respuesta del instrumento es demasiado larga.
  The instrument has hung up.
    El instrumento colgó.
  The logo must be a PNG or JPEG of at most 90 kB.
    El logotipo debe ser PNG o JPEG de 90 kB como máximo.
  This picture cannot be printed: save it as a plain PNG or JPEG.
    Esta imagen no se puede imprimir: guárdela como PNG o JPEG sencillo.
  A photo must be a JPEG or a PNG.
    Una foto debe ser JPEG o PNG.
  The JPEG is damaged.
    El JPEG está dañado.
  The PNG is damaged.
    El PNG está dañado.
  The photo is larger than {largest_side} pixels a side.
    La foto pasa de {largest_side} píxeles por lado.
  No row has both a time and a pressure.
    Ninguna fila tiene a la vez hora y presión.
  The file is empty.
    El archivo está vacío.
  “{name}” is not a unit of pressure; use one of: {known}, psia, bar abs.
    “{name}” no es una unidad de presión; use una de: {known}, psia, bar abs.
  “{text}” is not a day; write it as 2026-11-23.
    “{text}” no es un día; escríbalo como 2026-11-23.
  The log has more than {most} rows; cut it into parts.
    El registro tiene más de {most} filas; córtelo en partes.
  The rows have a time of day (“{cell}”) but no date; say on which day the first one is.
    Las filas tienen la hora (“{cell}”) pero no la fecha; diga de qué día es la primera.
  No line has two columns.
    Ninguna línea tiene dos columnas.
  There is no column “{name}”; there are: {found}.
    No existe la columna “{name}”; existen: {found}.
  Which column is the time? Found: {found}.
    ¿Qué columna es la hora? Se halló: {found}.
  Which column is the pressure? Found: {found}.
    ¿Qué columna es la presión? Se halló: {found}.
  {name} (like “{cell}”)
    {name} (como “{cell}”)
  A scenario is at most {largest} bytes.
    Un caso tiene {largest} bytes como máximo.
  scenario must be JSON, as in docs/formats/scenario.md.
    scenario debe ser JSON, como en docs/formats/scenario.md.
  This is not a whole zip file ({error}).
    Esto no es un archivo zip entero ({error}).
  The file holds more than {entries} entries.
    El archivo tiene más de {entries} entradas.
  The file would unfold to more than {largest} GB.
    El archivo se desplegaría a más de {largest} GB.
  The file holds “{name}”, which does not belong into it.
    El archivo tiene “{name}”, que no le corresponde.
  “{entry}” unfolds too far.
    “{entry}” se despliega demasiado.
  The file holds the same name twice.
    El archivo tiene dos veces el mismo nombre.
  “{entry}” is larger than {most} bytes.
    “{entry}” pasa de {most} bytes.
  “{entry}” is larger than it says.
    “{entry}” es más grande de lo que dice.
  your password was changed
    se cambió su contraseña
  codes of an app were switched on as a second factor
    se activaron códigos de una aplicación como segundo factor
  codes of an app were switched off as a second factor
    se desactivaron los códigos de una aplicación como segundo factor
  a passkey was added
    se agregó una llave de acceso
  a passkey was removed
    se quitó una llave de acceso
  a recovery code was used to sign in
    se usó un código de recuperación para iniciar sesión
  a token was made, by which a program comes in as you
    se creó un token con el que un programa entra como usted
  your password was set anew by a link
    su contraseña se puso de nuevo con un enlace
  Too many wrong ones. This session has ended: sign in again.
    Demasiados intentos equivocados. Esta sesión se cerró: inicie sesión otra vez.
  The address or the password is wrong. After too many attempts, wait 15 minutes.
    La dirección o la contraseña no es correcta. Tras demasiados intentos, espere 15 minutos.
  There was an error logging in
    No se pudo iniciar sesión
  This token is not known, was ended, or is too old.
    Este token no se conoce, se anuló, o es demasiado viejo.
  This token only reads: make one that may write.
    Este token solo lee: cree uno que pueda escribir.
  Something went wrong here, and has been noted. What was sent may not have been kept: look before
      you send it again.
    Algo salió mal aquí, y quedó anotado. Lo que se envió puede no haberse guardado: mire antes de
      enviarlo otra vez.
  The body must be JSON.
    El cuerpo debe ser JSON.
  That cannot be done here; see the header Allow.
    Eso no se puede hacer aquí; vea el encabezado Allow.
  The body must be of the media type that the contract names.
    El cuerpo debe ser del tipo de medio que nombra el contrato.
  There is no “{name}” here; the query takes {what}.
    Aquí no existe “{name}”; la consulta admite {what}.
  Sign in first.
    Inicie sesión primero.
  Set up a second factor first: your firm asks for one.
    Active antes un segundo factor: su empresa lo pide.
  Give your password again first.
    Dé antes su contraseña otra vez.
  {field} must be a date such as 2026-11-30.
    {field} debe ser una fecha como 2026-11-30.
  There is no such import.
    No existe esa importación.
  columns must be a JSON object such as {"Full name": "name"}.
    columns debe ser un objeto JSON como {"Full name": "name"}.
  The page is out of date: reload it and send again.
    La página es vieja: cárguela otra vez y envíe de nuevo.
  Your role may not do this.
    Su función no puede hacer esto.
  Too much is on its way from you already; wait until it is here.
    Ya hay demasiado suyo en camino; espere a que llegue.
  This body is too large.
    Este cuerpo es demasiado grande.
  Too many requests; try again in {retry_after} s.
    Demasiadas solicitudes; intente otra vez en {retry_after} s.
  Set up a second factor first.
    Active antes un segundo factor.
  Too many screens listen; this one looks by itself.
    Escuchan demasiadas pantallas; esta mira por sí sola.
  A training visit is looked at by itself.
    Una visita de práctica se mira por sí sola.
  The request is larger than {most}.
    La solicitud pasa de {most}.
  The request is not text: UTF-8 without NUL.
    La solicitud no es texto: UTF-8 sin NUL.
  Too many instruments are listened to.
    Se escuchan demasiados instrumentos.
TEXTS

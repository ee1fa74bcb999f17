# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  There is no scenario “{scenario}”.
    No existe el caso “{scenario}”.
  nothing can be told from it here
    desde aquí no se puede saber nada
  The debrief comes when the exercise is over.
    El repaso viene cuando termina el ejercicio.
  This exercise is over; its debrief is there.
    Este ejercicio terminó; ahí está su repaso.
  First it must be true: {text}.
    Antes debe cumplirse: {text}.
  On the rig this test is taken, not told.
    En el banco esta prueba se hace, no se dice.
  Training rig
    Banco de práctica
  There is no such exercise.
    No existe ese ejercicio.
  id must begin with {visit}.
    id debe empezar con {visit}.
  The photo is larger than 4 MB; take a smaller one.
    La foto pasa de 4 MB; tome una más chica.
  Send the photograph as data, or its parts before this.
    Envíe la foto como datos, o antes sus partes.
  This visit is not signed yet: correct it where it was written.
    Esta visita aún no está firmada: corríjalo donde se escribió.
  planned_for must be a time between {min} and {max}, such as 2026-11-23T10:00:00Z.
    planned_for debe ser una hora entre {min} y {max}, como 2026-11-23T10:00:00Z.
  A promise has a beginning and an end.
    Una promesa tiene principio y fin.
  The promised time ends before it begins.
    La hora prometida termina antes de empezar.
  A promised time must be an ISO 8601 time such as 2026-11-23T10:00:00Z.
    Una hora prometida debe ser ISO 8601, como 2026-11-23T10:00:00Z.
  This is not done on this heater.
    Esto no se hace en este calentador.
  Work of this visit has been done: take the other in as well, and put off what is left.
    Ya se hizo trabajo de esta visita: tome también el otro, y aplace lo que queda.
  “{id}” is not among the jobs of this visit.
    “{id}” no está entre los trabajos de esta visita.
  It is the only job: leave the heater as it is, and say so at the end.
    Es el único trabajo: deje el calentador como está, y dígalo al final.
  Put the job off.
    Aplace el trabajo.
  Send it as a fact.
    Envíelo como dato.
  Take it back.
    Retírelo.
  Answer the estimate.
    Responda al presupuesto.
  Move the visit.
    Mueva la visita.
  There is no step to undo.
    No hay paso que deshacer.
  There is no such step that stands.
    No existe ese paso que valga.
  A danger stands ({danger}), and this step keeps it safe: it is not undone. If it was not done, do
      it now.
    Hay un peligro ({danger}), y este paso lo mantiene seguro: no se deshace. Si no se hizo, hágalo
      ahora.
  outcome must be done, already_so, not_tested or left_apart.
    outcome debe ser done, already_so, not_tested o left_apart.
  This is said by itself: do it, and say so.
    Esto se dice por sí: hágalo, y dígalo.
  This takes nothing apart that could be left so.
    Esto no desarma nada que pudiera quedar así.
  It was given up already, and the heater cannot be left without it: do it.
    Ya se dejó sin hacer, y el calentador no puede quedar sin eso: hágalo.
  This is never given up: the heater is left in service, made safe, or with the warning given.
    Esto nunca se deja sin hacer: el calentador queda en servicio, en condición segura, o con la
      advertencia dada.
  This visit has not been ended.
    Esta visita no se dio por terminada.
  The heater is not there any more; take that back first.
    El calentador ya no está; retire eso primero.
  Something was changed at the heater, or a danger was seen: put it back or leave it made safe, and
      sign.
    Se cambió algo en el calentador, o se vio un peligro: póngalo como estaba o déjelo en condición
      segura, y firme.
  Nothing was found that “{about}” is about.
    No se halló nada de lo que trata “{about}”.
  The customer has signed: what they agreed to stands.
    El cliente firmó: vale lo que aceptó.
  A danger is not declined: it is put right, or it stays off until it is. Say later.
    Un peligro no se rechaza: se corrige, o queda apagado hasta entonces. Diga más adelante.
  part_price must be an amount such as 48.50.
    part_price debe ser un importe como 48.50.
  minutes must be a whole number up to {longest}.
    minutes debe ser un número entero hasta {longest}.
  Nothing found so far speaks against it.
    Nada de lo hallado hasta ahora habla en contra.
  {ask} – {found}; it would be: {shows}.
    {ask} – {found}; sería: {shows}.
  The customer wants it done.
    El cliente quiere que se haga.
  Put right on the same visit.
    Corregido en la misma visita.
  Declined by the customer, under their signature.
    Rechazado por el cliente, con su firma.
  What is read or seen cannot be “already so”: it must be read or seen now.
    Lo que se lee o se ve no puede “ya estar así”: debe leerse o verse ahora.
  Making safe
    Dejar en condición segura
  What puts a danger right
    Lo que corrige un peligro
  {what} is never “already so”: do it, and say so.
    {what} nunca “ya está así”: hágalo, y dígalo.
  This visit has it otherwise: {now}. Undo the step that is wrong, or do this one.
    Esta visita lo tiene de otro modo: {now}. Deshaga el paso que está mal, o haga este.
  It is not “already so” before this is true: {text}.
    No “ya está así” antes de que se cumpla: {text}.
  Say what shows it, then mark it “already so”; else do it.
    Diga qué lo muestra y luego márquelo “ya estaba así”; si no, hágalo.
  A heater's record has no “{field}” that can be learnt.
    El registro de un calentador no tiene “{field}” que pueda aprenderse.
  {ask} was read when this was not yet true: {unmet}. Read it again.
    {ask}: se leyó cuando esto aún no se cumplía: {unmet}. Léalo otra vez.
  This is never passed over: {needs}.
    Esto nunca se pasa por alto: {needs}.
  First it must be true: {needs}.
    Antes debe cumplirse: {needs}.
  Next step on the way there: “{step}”.
    El paso siguiente en ese camino: “{step}”.
  “{label}” still runs for {minutes} min, and this would spoil it. Wait, or say that it is over.
    “{label}” sigue en marcha {minutes} min, y esto lo arruinaría. Espere, o diga que terminó.
  Still to read: {ask}.
    Falta leer: {ask}.
  {ask}: that is from the time before. Read it again.
    {ask}: eso es de la vez anterior. Léalo otra vez.
  Note the answer first.
    Anote antes la respuesta.
  Still to answer: {what} and {n} more.
    Falta responder: {what} y {n} más.
  Still to answer: {what}.
    Falta responder: {what}.
  {who} answered “{finding}” here meanwhile. Look together; your answer then goes in its place.
    Mientras tanto {who} respondió aquí “{finding}”. Miren juntos; su respuesta va entonces en su
      lugar.
  The {signer} has signed already.
    Ya firmó: {signer}.
  signer must be customer or plumber.
    signer debe ser customer o plumber.
  The customer's signature is missing: drawn on the screen, typed, or refused with a reason.
    Falta la firma del cliente: dibujada en la pantalla, escrita, o negada con un motivo.
  The signature has too many points.
    La firma tiene demasiados puntos.
  The visit cannot be signed yet. {obstacles}
    La visita aún no se puede firmar. {obstacles}
  The customer signs first, or refuses with a reason.
    Primero firma el cliente, o se niega con un motivo.
  You cannot sign for this work. {text}
    Usted no puede firmar por este trabajo. {text}
  The page that the customer signed on the device is another one
    La página que el cliente firmó en el dispositivo es otra
  Signed was: “{seen}” The office's page says: “{office}” Both pages are kept.
    Se firmó: “{seen}” La página de la oficina dice: “{office}” Se guardan las dos.
  The customer signed another page than the office has: look at both.
    El cliente firmó otra página que la que tiene la oficina: mire las dos.
  This heater is not there any more.
    Este calentador ya no está.
  Say at least one job.
    Diga al menos un trabajo.
  “{id}” is not done on this heater: choose a job that it has a part for.
    “{id}” no se hace en este calentador: elija un trabajo para el que tenga una pieza.
  Danger: {dangers}.
    Peligro: {dangers}.
  This is changed where it was said.
    Esto se cambia donde se dijo.
  There is no such answer that stands.
    No existe esa respuesta que valga.
  A danger stands on this answer: {titles}. Say why it is taken back; your name goes with it.
    De esta respuesta depende un peligro: {titles}. Diga por qué se retira; su nombre va con ello.
  {who} found this danger. Tell them first, and say so.
    {who} halló este peligro. Avísele antes, y dígalo.
  This id is of another reading.
    Este id es de otra lectura.
  {who} wrote {typed} here meanwhile. Keep that, or put yours in its place: both stay in the record.
    Mientras tanto {who} escribió aquí {typed}. Deje eso, o ponga lo suyo en su lugar: las dos cosas
      quedan en el registro.
  There is no such account.
    No existe esa cuenta.
  account_id must be somebody who goes to visits.
    account_id debe ser de alguien que va a visitas.
  There is no verdict “{check}” in this visit.
    No existe el resultado “{check}” en esta visita.
TEXTS

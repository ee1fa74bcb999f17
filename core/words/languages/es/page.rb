# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Report
    Informe
  Looks only: nothing was operated
    Solo a la vista: no se accionó nada
  Draft – not signed yet
    Borrador – aún sin firmar
  Danger
    Peligro
  Defect
    Defecto
  Watch
    Vigilar
  Advice
    Consejo
  Sound
    Bien
  Not tested
    Sin probar
  What must be done
    Lo que hay que hacer
  by
    a más tardar el
  Done on the spot
    Hecho en el momento
  Told
    Avisado
  Rule
    Regla
  What was measured
    Lo que se midió
  As found
    Como se encontró
  As left
    Como queda
  Measured
    Medido
  Verdict
    Resultado
  This heater
    Este calentador
  What was not tested, and why
    Lo que no se probó, y por qué
  Found, and put right on this visit
    Encontrado y arreglado en esta visita
  Gas
    Gas
  Should be
    Debería ser
  Nothing burning
    Sin nada encendido
  Pilot only
    Solo el piloto
  Main burner on
    Quemador encendido
  Manifold
    Múltiple
  CO in the room
    CO en el cuarto
  CO in the flue, as read
    CO en los humos, tal como se leyó
  CO2 in the flue
    CO2 en los humos
  Drop under the burner
    Caída con el quemador encendido
  plate {plate}
    placa {plate}
  What was agreed
    Lo acordado
  The way there
    El desplazamiento
  To be done, with {tax} % tax
    Por hacer, con un {tax} % de impuesto
  To be done, with {tax} % tax, but for what has no price yet
    Por hacer, con un {tax} % de impuesto, salvo lo que aún no tiene precio
  the work alone, without parts
    solo el trabajo, sin piezas
  to be done
    se hará
  declined
    no se quiere
  later
    más adelante
  How it was left
    Cómo quedó
  Please note
    Tenga en cuenta
  Next dates
    Próximas fechas
  Record of the visit
    Registro de la visita
  What the pressures mean together
    Lo que dicen juntas las presiones
  Postponed to another day
    Aplazado a otro día
  Asked before the lever was lifted
    Preguntado antes de accionar la palanca
  The customer agreed.
    El cliente aceptó.
  Done out of order, and why
    Hecho fuera de orden, y por qué
  What was done
    Lo que se hizo
  House rules that applied
    Reglas de la empresa que se aplicaron
  In plain words
    En palabras sencillas
  Signatures
    Firmas
  Done by
    Hecho por
  Judged by
    Evaluado según
  The maker's instructions, the local authority and licensed people come first.
    Primero van las instrucciones del fabricante, la autoridad local y los profesionales con
      licencia.
  IRC, clauses from memory; the edition adopted locally governs
    IRC, artículos citados de memoria; rige la edición adoptada en el lugar
  UPC, clauses from memory; the edition adopted locally governs
    UPC, artículos citados de memoria; rige la edición adoptada en el lugar
  NPC 2020 and CSA B149.1, clauses from memory; the province's adoption governs
    NPC 2020 y CSA B149.1, artículos citados de memoria; rige lo que adopte la provincia
  Approved Document G, 2015 edition with later amendments; clauses from memory
    Approved Document G, edición de 2015 con enmiendas posteriores; artículos citados de memoria
  Approved Document G for Wales, with its amendments; clauses from memory
    Approved Document G para Gales, con sus enmiendas; artículos citados de memoria
  Building Standards Technical Handbook, Domestic, section 4; clauses from memory
    Building Standards Technical Handbook, viviendas, sección 4; artículos citados de memoria
  Added after signing
    Añadido después de la firma
  typed
    escrita
  not signed
    sin firmar
  Taken on the account of
    Tomada desde la cuenta de usuario de
  Customer
    Cliente
  Plumber
    Plomero
  Inspector
    Inspector
  our default
    valor predeterminado
  the firm
    la empresa
  this site
    este lugar
  this visit
    esta visita
  electrical
    electricidad
  unvented
    sistemas presurizados de agua caliente
  This safety valve was fitted in {year}.
    Esta válvula de alivio se instaló en {year}.
  When this safety valve was fitted is not known.
    No se sabe cuándo se instaló esta válvula de alivio.
  On our record nobody has lifted it.
    En nuestros registros nadie la ha accionado.
  It was last lifted on {date}.
    Se accionó por última vez el {date}.
  An old valve may not close tight again after its test. A valve that does not was bad before: the
      test shows it.
    Una válvula vieja puede no cerrar bien después de la prueba. La que no cierra ya estaba mal: la
      prueba lo muestra.
  A new one is at hand today.
    Hoy hay una nueva a mano.
  A new one costs {price}, and the work.
    Una nueva cuesta {price}, más el trabajo.
  Not lifted, nobody knows whether it would open. The page will say so.
    Si no se acciona, nadie sabe si abriría. El informe lo dirá.
  Its heat is off.
    Su calor está apagado.
  Its burner is at pilot.
    Su quemador está en piloto.
  The gas to the {heater} is shut.
    El gas del calentador está cerrado.
  Its power is locked off.
    Su corriente está cortada y bloqueada.
  The water to the whole house is shut.
    El agua de toda la casa está cerrada.
  The cold water to the {heater} is shut.
    El agua fría del calentador está cerrada.
  The tank is empty.
    El tanque está vacío.
  The tank is emptying.
    El tanque se está vaciando.
  The tank is not full.
    El tanque no está lleno.
  A hot {tap} stands open.
    Una llave de agua caliente está abierta.
  You rang because
    Motivo de su llamada
  It smells of gas
    Huele a gas
  A CO alarm sounds, or somebody feels ill
    Suena una alarma de CO o alguien se siente mal
  Steam or boiling water comes out
    Sale vapor o agua hirviendo
  Water drips from the safety valve's pipe
    Gotea agua por el tubo de la válvula de alivio
  The pilot flame goes out
    Se apaga la llama del piloto
  The pilot is lit, but the water stays cold
    El piloto está encendido, pero el agua sigue fría
  No hot water at all
    No hay nada de agua caliente
  A little hot water, then cold
    Sale un poco de agua caliente y luego fría
  It takes far too long to get hot
    Tarda demasiado en calentar
  The hot water runs out too soon
    El agua caliente se acaba demasiado pronto
  The water is far too hot
    El agua sale demasiado caliente
  No hot water, though the boiler is there
    No hay agua caliente, aunque hay caldera
  The hot water only trickles; the cold is fine
    El agua caliente sale en un hilo; la fría sale bien
  Hot and cold both only trickle
    Tanto la caliente como la fría salen en un hilo
  It makes noises
    Hace ruidos
  The water smells of rotten eggs
    El agua huele a huevos podridos
  The water is brown
    El agua sale marrón
  There is water under it
    Hay agua debajo del aparato
  The breaker keeps tripping
    El breaker (disyuntor) se dispara una y otra vez
  Water drips or runs from the pipe at its side
    Gotea o corre agua del tubo de su costado
  Put a pail under it and ring us today. Never plug, cap or shorten that pipe: it keeps the tank
      from bursting. If it runs hot or steams: press “Gas or CO” above and read “Steam or boiling
      water”.
    Ponga una cubeta debajo y llámenos hoy. Nunca tape ni acorte ese tubo: impide que el tanque
      reviente. Si sale caliente o con vapor: oprima «Gas o CO» arriba y lea «Vapor o agua
      hirviendo».
  The water scalds
    El agua quema
  Run the cold first, keep children and old people away from hot {taps}, set the dial lower if you
      know how, and ring us today.
    Abra primero la fría, no deje que niños ni personas mayores usen el agua caliente, baje la
      perilla si sabe cómo y llámenos hoy.
  Water stands under it
    Hay agua en el suelo, debajo
  Switch off what heats it (its power, its gas control or the boiler); then shut the cold valve
      above it, and ring us.
    Apague lo que lo calienta (su corriente, su control de gas o la caldera); después cierre la
      llave de agua fría que está encima y llámenos.
  It was left out of use: do not switch it on, and let nobody else. Ring us.
    Quedó fuera de servicio: no lo encienda ni deje que nadie lo encienda. Llámenos.
  There is no hot water
    No hay agua caliente
  Relight nothing and reset nothing more than once. Ring us, and say what its lights or its display
      show.
    No lo encienda de nuevo ni lo restablezca más de una vez. Llámenos y diga qué muestran sus luces
      o su pantalla.
  Permit, notice, certificate
    Permiso, notificación, certificado
  Permit
    Permiso
  Hazard tag and notice
    Etiqueta de peligro y aviso
  Inspection by the authority
    Inspección de la autoridad
  Notice to building control
    Notificación a la autoridad de edificación
  Completion certificate
    Certificado de finalización
  Building warrant, or a certifier's notice
    Licencia de obra o aviso de un certificador
  to follow
    pendiente
  not needed
    no hace falta
  Your {heater}: report of {day}
    Su {heater}: informe del {day}
  The whole report, to read or to print, until {day}:
    El informe completo, para leer o imprimir, hasta el {day}:
  ~ as is usual; nobody has read it here.
    ~ lo habitual; aquí nadie lo ha leído.
  Serviced {day}
    Servicio del {day}
  Done: {work}
    Hecho: {work}
  Next service
    Próximo servicio
  as agreed
    según lo acordado
  What to do, and the record: scan.
    Qué hacer, y el registro: escanear.
TEXTS

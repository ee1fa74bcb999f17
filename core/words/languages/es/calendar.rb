# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Left off, made safe
    Apagado y en condición segura
  Left in use against advice
    Dejado en uso contra nuestro consejo
  Evacuated, handed to the emergency service
    Evacuado, entregado al servicio de emergencia
  Annual safety visit, with the {relief_valve} exercised.
    Visita anual de seguridad, con prueba de la válvula T&P.
  Look at the anode: on record nobody has.
    Mirar el ánodo: no consta que nadie lo haya hecho.
  Replace the anode: yearly, by house rule.
    Cambiar el ánodo: cada año, por regla de la empresa.
  Look at the anode.
    Mirar el ánodo.
  Look at the anode: three years after it was fitted.
    Mirar el ánodo: tres años después de ponerlo.
  Look at the anode: by estimate a quarter is left about {month}.
    Mirar el ánodo: se estima que quedará un cuarto hacia {month}.
  Renew the air bubble: it dissolves in about 18 months.
    Renovar la burbuja de aire: se disuelve en unos 18 meses.
  Re-check the new {vessel}'s charge: it must not have dropped.
    Volver a revisar la presión de aire del tanque de expansión nuevo: no debe haber bajado.
  Re-check the {vessel}'s charge: it was set, and must not have dropped.
    Volver a revisar la presión de aire del tanque de expansión: se ajustó, y no debe haber bajado.
  Flush the tank: it ran {out} last time.
    Enjuagar el tanque: la última vez salió {out}.
  Flush the tank: it has been flushed once, and stays clear by it.
    Enjuagar el tanque: se enjuagó una vez, y así queda limpio.
  Flush the tank: yearly, by house rule.
    Enjuagar el tanque: cada año, por regla de la empresa.
  Look at the paper under the joints.
    Mirar el papel bajo las uniones.
  Look for drops where joints were opened; a photograph by the household will do.
    Buscar gotas donde se abrieron uniones; basta una foto hecha por quienes viven en la casa.
  Read the pressure while the {heater} is heated from cold.
    Leer la presión mientras el {heater} se calienta desde frío.
  Exercise the {relief_valve}: quarterly, by house rule.
    Probar la válvula T&P: cada trimestre, por regla de la empresa.
  Exercise the {relief_valve}.
    Probar la válvula T&P.
  Replace the {relief_valve}: three years old, by house rule.
    Cambiar la válvula T&P: tres años, por regla de la empresa.
  The maker's warranty may end about {month}: claim before then what is open.
    La garantía del fabricante puede terminar hacia {month}: reclame antes lo que quede pendiente.
  {job}: put off. {reason}
    {job}: aplazado. {reason}
  {paper}: to follow
    {paper}: pendiente
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Annual safety visit
    Visita anual de seguridad
  Annual service of an unvented {heater}
    Servicio anual de un sistema presurizado de agua caliente
  Re-check of the {vessel}'s charge
    Nueva revisión de la presión de aire del tanque de expansión
  Check the {elements}
    Revisión de las resistencias
  Read the supply at the {elements}
    Lectura del suministro en las resistencias
  Clean burner and intake
    Limpiar quemador y entrada de aire
  Clean the coil
    Limpiar el serpentín
  Clean the strainer
    Limpiar el filtro
  Clock the gas input
    Cronometrar el consumo de gas
  Measure the combustion
    Medir la combustión
  See what was put right since the last visit
    Ver qué se arregló desde la última visita
  Descale the {elements}
    Quitar el sarro de las resistencias
  Test the {draught}
    Probar el tiro
  Find and mend an escape of gas
    Encontrar y reparar una fuga de gas
  Fit a cylinder thermostat
    Instalar un termostato de cilindro
  Flush the tank
    Enjuagar el tanque
  Inspect the anode
    Revisar el ánodo
  Inspection, by looking
    Inspección, a la vista
  Leak check after a day
    Comprobar fugas después de un día
  Measure the coil
    Medir el serpentín
  Supply pressure and hot peak
    Presión del suministro y pico en caliente
  Exercise of the {relief_valve}
    Prueba de la válvula T&P
  Renew the air bubble
    Renovar la burbuja de aire
  Replace the anode
    Cambiar el ánodo
  Replace the drain valve
    Cambiar la válvula de drenaje
  Replace an {element}
    Cambiar una resistencia
  Replace the gas control
    Cambiar el control de gas
  Replace the inlet group
    Cambiar el grupo de entrada
  Replace the {relief_valve}
    Cambiar la válvula T&P
  Replace the thermocouple
    Cambiar el termopar
  Replace the {vessel}
    Cambiar el tanque de expansión
  Set the gas pressures
    Ajustar las presiones del gas
  Test the cut-outs
    Probar los cortes de seguridad
  Test pilot and generator
    Probar piloto y generador
TEXTS

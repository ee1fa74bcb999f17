# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  discharge pipe
    tubo de descarga
  flue
    ducto de gases
  order of the protections
    orden de las protecciones
  discharge pipe, from end to end
    tubo de descarga, de punta a punta
  combustion
    combustión
  hot water temperature
    temperatura del agua caliente
  what can be seen
    lo que se ve
  Not visible
    No visible
  Not applicable
    No aplicable
  Gas is escaping
    Se escapa gas
  The tank itself is running out
    El propio tanque se está vaciando
  Water came out of the air valve: the membrane has failed, and no charge will hold. Replace the
      {vessel}.
    Salió agua por la válvula de aire: la membrana ha fallado y no aguantará ninguna presión de
      aire. Cambiar el tanque de expansión.
  The charge is right as found; there is nothing to set.
    La presión de aire está bien como se encontró; no hay nada que ajustar.
  The house rule says “look only”: the valve is not operated.
    La regla de la empresa dice “solo mirar”: la válvula no se acciona.
  The discharge pipe is not safe to discharge into; put that right first.
    No es seguro descargar por el tubo de descarga; arreglarlo primero.
  The house rule exercises only valves with a known history; this one's is not known, and no spare
      is at hand.
    La regla de la empresa prueba solo válvulas de historia conocida; la de esta no se conoce y no
      hay repuesto a mano.
  house supply
    suministro de la casa
  house pressure
    presión de la casa
  air in the pipes
    aire en los tubos
  air path
    paso de aire
  water joints
    uniones de agua
  gas joints
    uniones de gas
  joints after the control
    uniones después del control
  drip watch
    vigilancia del goteo
  maximum hand
    aguja de máxima
  time since gas
    tiempo desde el gas
  test points
    puntos de prueba
  burner door
    puerta del quemador
  static pressure
    presión estática
  air valve
    válvula de aire
  heating cycle
    ciclo de calentamiento
  coil loop
    circuito del serpentín
  inlet group
    grupo de entrada
  looked over
    revisado a la vista
  on site
    en el lugar
  upper {element}
    resistencia superior
  lower {element}
    resistencia inferior
  relief valve
    válvula de alivio
  not asked
    sin preguntar
  seen as found
    visto como se encontró
  seen as left
    visto como queda
  in place
    en su sitio
  put right
    arreglado
  put right, not proved
    arreglado, sin comprobar
  made safe
    en condición segura
  danger {state} ({hazard})
    peligro {state} ({hazard})
  heater feed
    alimentación del calentador
  heater lock
    bloqueo del calentador
  Hot, if the vessel failed
    Si fallara el vaso
  Hot, expected
    En caliente, esperado
  Tank is rated
    El tanque soporta
  Plate: works at
    Placa: trabaja a
  Hot, measured
    En caliente, medido
  Vessel charge
    Carga del vaso
  Water boils
    El agua hierve
  Scald limit
    Límite de quemadura
  At the {tap}
    En la llave
  The charge lies {side} the supply by {by}: they belong on one rung.
    La presión de aire está {side} de la red por {by}: deben ser iguales.
  The hot peak stands above the limit: expansion is not taken up.
    El pico en caliente está por encima del límite: nada absorbe la expansión.
  The {relief_valve} opens above what the tank is rated for: it must be set no higher than the
      tank's rating.
    La válvula T&P abre por encima de lo que soporta el tanque: no debe abrir más alto que eso.
  The {expansion_relief} must open below the {relief_valve}.
    La válvula de alivio de expansión debe abrir antes que la válvula T&P.
  The water is as hot as the {cut_out}: the thermostat did not stop it.
    El agua está tan caliente como el corte por sobretemperatura: el termostato no la detuvo.
  At the {heater}
    Junto al {heater}
  Where the water comes in
    Donde entra el agua
  On top
    Arriba
  At the side
    Al lado
  Below
    Abajo
  At the controls
    En los controles
  Outside
    Afuera
  below
    por debajo
  above
    por encima
  Cut-out: coil
    Corte: serpentín
  Cut-out: immersion
    Corte: resistencia
  Cut-out: coil, immersion
    Corte de ambas fuentes
  Cut-out: pump
    Corte: bomba
  Cut-out: pump, lower
    Corte: bomba e inf.
  Cut-out: pump, upper
    Corte: bomba y sup.
  Cut-out: pump, upper, lower
    Corte de todas
  Cut-out: pump, immersion
    Corte: bomba y resist.
  Cut-out: upper, lower
    Corte: sup. e inf.
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  dial as found
    la perilla como se encontró
  dial changed
    la perilla cambiada
  dial restored
    la perilla donde estaba
  supply open
    agua del calentador abierta
  supply shut
    agua del calentador cerrada
  pressure live
    con presión
  pressure flowing
    agua corriendo
  pressure zero
    sin presión
  level full
    tanque lleno
  level below the relief port
    agua por debajo de la boca de alivio
  level below the upper {element}
    agua por debajo de la resistencia superior
  level below the upper element
    agua por debajo de la resistencia superior
  level below the lower element
    agua por debajo de la resistencia inferior
  level empty
    tanque vacío
  level falling
    tanque vaciándose
  air path shut
    sin paso de aire
  air path {tap}
    paso de aire por una llave
  air path relief valve
    paso de aire por la válvula de alivio
  no air in the pipes
    sin aire en los tubos
  drip watch finished
    goteo vigilado
  drip watch expansion
    vigilando el goteo de la válvula de expansión
  drip watch running
    vigilando el goteo
  gauge off
    sin manómetro
  gauge fitted
    manómetro puesto
  maximum hand none
    sin aguja de máxima
  maximum hand reset
    aguja de máxima puesta a cero
  maximum hand spoiled
    aguja de máxima movida
  upper {element} heat on
    resistencia superior encendida
  upper {element} heat pilot
    resistencia superior en piloto
  upper {element} heat off
    resistencia superior apagada
  lower {element} heat on
    resistencia inferior encendida
  lower {element} heat pilot
    resistencia inferior en piloto
  lower {element} heat off
    resistencia inferior apagada
  {element} heat on
    resistencia encendida
  {element} heat pilot
    resistencia en piloto
  {element} heat off
    resistencia apagada
  burner heat on
    quemador encendido
  burner heat pilot
    quemador en piloto
  burner heat off
    quemador apagado
  burner on
    quemador encendido
  burner pilot
    quemador en piloto
  burner off
    quemador apagado
  coil heat on
    serpentín con calor
  coil heat pilot
    serpentín en espera
  coil heat off
    serpentín sin calor
  immersion heat on
    resistencia de apoyo encendida
  immersion heat pilot
    resistencia de apoyo en piloto
  immersion heat off
    resistencia de apoyo apagada
  feed live
    energizado
  feed off
    apagado
  feed proved dead
    sin voltaje, comprobado
  lock off
    sin bloqueo
  lock on
    bloqueado
  immersion feed live
    resistencia de respaldo energizada
  immersion feed off
    resistencia de respaldo apagada
  immersion feed proved dead
    resistencia de respaldo sin voltaje, comprobado
  immersion lock off
    apoyo sin bloqueo
  immersion lock on
    apoyo bloqueado
  relief in place
    válvula de alivio en su sitio
  relief out
    válvula de alivio quitada
  drain valve in place
    válvula de drenaje en su sitio
  drain valve out
    válvula de drenaje quitada
  anode in place
    ánodo en su sitio
  anode out
    ánodo quitado
  coil in place
    serpentín en su sitio
  coil out
    serpentín quitado
  gas control in place
    control de gas en su sitio
  gas control out
    control de gas quitado
  upper {element} in place
    resistencia superior en su sitio
  upper {element} out
    resistencia superior quitada
  lower {element} in place
    resistencia inferior en su sitio
  lower {element} out
    resistencia inferior quitada
  {element} in place
    resistencia en su sitio
  {element} out
    resistencia quitada
  {controls} feed live
    controles energizados
  {controls} feed off
    controles apagados
  {controls} feed proved dead
    controles sin voltaje, comprobado
  {controls} lock off
    controles sin bloqueo
  {controls} lock on
    controles bloqueados
  immersion in place
    resistencia en su sitio
  immersion out
    resistencia quitada
  off-peak feed live
    tarifa nocturna energizada
  off-peak feed off
    tarifa nocturna apagada
  off-peak feed proved dead
    tarifa nocturna sin voltaje, comprobado
  boost feed live
    refuerzo energizado
  boost feed off
    refuerzo apagado
  boost feed proved dead
    refuerzo sin voltaje, comprobado
  off-peak lock off
    tarifa nocturna sin bloqueo
  off-peak lock on
    tarifa nocturna bloqueada
  boost lock off
    refuerzo sin bloqueo
  boost lock on
    refuerzo bloqueado
TEXTS

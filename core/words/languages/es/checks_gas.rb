# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  CO and CO2 were not both read.
    No se leyeron a la vez el CO y el CO2.
  Hardly any CO2: the probe is not in the flue gas.
    Casi no hay CO2: la sonda no está en los gases de escape.
  CO over CO2 is {ratio}: the maker's limit for it is not known.
    CO sobre CO2 es {ratio}: no se conoce el límite del fabricante.
  the limit that was typed
    el límite que se escribió
  CO over CO2 is {ratio}, above {limit}: the burner makes carbon monoxide.
    CO sobre CO2 es {ratio}, por encima de {limit}: el quemador produce monóxido de carbono.
  CO over CO2 is {ratio}, within {limit}.
    CO sobre CO2 es {ratio}, dentro de {limit}.
  The plate's input is not recorded.
    La potencia de la placa no está anotada.
  The burner does not burn as much gas as its plate says.
    El quemador no consume el gas que dice su placa.
  Pressures in three states; orifice and burner clean.
    Presiones en tres estados; orificio y quemador limpios.
  The element's rating is not recorded; read it off its flange.
    La potencia de la resistencia no está anotada; leerla en su brida.
  Replace the {element}; the circuit stays off meanwhile.
    Cambiar la resistencia; mientras tanto el circuito queda apagado.
  A heating element is worn out or unsafe.
    Una resistencia eléctrica está gastada o no es segura.
  Nothing here can be judged: a manifold goes by its plate, which is not on record.
    Aquí no se puede juzgar nada: la presión del quemador se rige por su placa, que no está anotada.
  Find what takes the pressure; set the manifold to its plate.
    Buscar qué quita presión; ajustar la del quemador a su placa.
  The gas pressure at the burner is not what it should be.
    La presión del gas en el quemador no es la que debe ser.
  Clean and tighten first; the part that the measurements point to after that.
    Primero limpiar y apretar; después la pieza a la que apunten las medidas.
  The safety device that watches the pilot flame is not as it should be.
    El dispositivo de seguridad que vigila la llama piloto no está como debe.
  A blue pilot flame on the generator's tip.
    Una llama piloto azul sobre la punta del generador.
  The pilot flame misses the generator's tip.
    La llama piloto no alcanza la punta del generador.
  A lazy, yellow pilot flame: the intake is choked or its orifice dirty.
    Una llama piloto con poca fuerza y amarilla: la entrada de aire está obstruida o su orificio
      sucio.
  The pilot flame lifts: too much air, or a choked intake.
    La llama piloto se despega: demasiado aire o entrada obstruida.
  a blue flame on the tip; screen and orifice clean
    una llama azul en la punta; rejilla e orificio limpios
  Clean screen, base filter and orifice; look again with the door clear.
    Limpiar rejilla, filtro de la base e orificio; mirar de nuevo con la puerta limpia.
  The pilot flame burns badly and may go out.
    La llama piloto quema mal y puede apagarse.
  held until the generator is hot, it stays; five minutes after a failed try
    se mantiene hasta que el generador está caliente y queda encendida; cinco minutos tras un
      intento fallido
  Gas smelt at floor level.
    Olor a gas al nivel del piso.
  Gas was leaking near the {heater}.
    Había una fuga de gas cerca del {heater}.
  No flame, no switch; air the room; find the leak before any try.
    Ni llamas ni interruptores; ventilar el cuarto; encontrar la fuga antes de intentarlo.
  The pilot stays lit.
    El piloto queda encendido.
  The pilot does not stay: generator, its nut, cut-off or link.
    El piloto no queda encendido: el generador, su tuerca, la válvula o el enlace.
  Wait five minutes; measure generator and cut-off.
    Esperar cinco minutos; medir generador y válvula.
  The pilot flame does not stay lit.
    La llama piloto no queda encendida.
  gas input
    potencia de gas
  gas pressures
    presiones del gas
  pilot's generator and cut-off
    generador y corte del piloto
  Pilot flame
    Llama del piloto
  Pilot, lit again
    Piloto, encendido de nuevo
  {Element}, upper or only one
    Resistencia, la superior o única
  {Element}, lower
    Resistencia, la inferior
  Gas pressures
    Presiones del gas
  Gas input
    Potencia de gas
  Pilot's generator and cut-off
    Generador y corte del piloto
  Combustion, CO to CO2
    Combustión, CO sobre CO2
  So high a pressure can break the gas control.
    Una presión tan alta puede romper el control de gas.
TEXTS

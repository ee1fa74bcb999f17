# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Damper stuck, or vent motor not running
    Compuerta atascada, o el motor del extractor no funciona
  Exhaust gas may stay in the house. It carries carbon monoxide, which kills.
    Los gases de combustión pueden quedarse en la casa. Llevan monóxido de carbono, que mata.
  Burner off until it opens and draws.
    Quemador apagado hasta que abra y tenga buen tiro.
  Flue narrower than the {heater}'s collar
    Salida de humos más estrecha que el collar del {heater}
  The exhaust pipe is too narrow.
    El tubo de escape es demasiado estrecho.
  Re-pipe at the collar's size or as tables say.
    Rehacer con el tamaño del collar o según las tablas.
  Nest or debris in the flue
    Nido o suciedad en la salida de humos
  The exhaust cannot leave the house. It carries carbon monoxide, which kills.
    Los gases de combustión no pueden salir de la casa. Llevan monóxido de carbono, que mata.
  Burner off until it is cleared and draws.
    Quemador apagado hasta que esté despejado y tenga buen tiro.
  Flue too close to what can burn
    Salida de humos demasiado cerca de algo que puede arder
  The hot exhaust pipe is too near to wood or plastic.
    El tubo de escape caliente está demasiado cerca de madera o plástico.
  Give it its clearance, or a listed shield.
    Darle su distancia, o una pantalla certificada.
  Smell of gas
    Olor a gas
  Gas is escaping.
    Se escapa gas.
  Everybody out; call from outside; gas off only if it lies on the way.
    Todos afuera; llamar desde afuera; cerrar el gas solo si queda de camino.
  Soot at the burner door
    Hollín en la puerta del quemador
  The burner does not burn clean. Soot comes with carbon monoxide.
    El quemador no quema limpio. Con el hollín viene monóxido de carbono.
  Burner off, ventilate, CO test.
    Quemador apagado, ventilar, medir CO.
  No {gas_cock} at the {heater}
    Sin llave de gas junto al {heater}
  The gas to the {heater} cannot be shut off on its own.
    El gas del {heater} no se puede cerrar por separado.
  Fit a listed valve and a union.
    Instalar una llave certificada y una unión.
  No sediment trap ahead of the gas control, and none built in
    Sin trampa de sedimentos antes del control de gas, ni incorporada
  Dirt in the gas pipe is not caught before the burner.
    La suciedad del tubo de gas no se detiene antes del quemador.
  Fit a drip leg at the next gas work.
    Poner una trampa en el próximo trabajo de gas.
  Whether there is a sediment trap cannot be seen
    No se puede ver si hay trampa de sedimentos
  Whether dirt in the gas pipe is caught before the burner could not be seen.
    No se pudo ver si la suciedad del tubo de gas se detiene antes del quemador.
  Look for it when the gas pipe is next open.
    Buscarla cuando se abra el tubo de gas.
  Gas connector kinked, corroded or of an old type
    Conector de gas doblado, corroído o de tipo antiguo
  The flexible gas pipe is not safe any more.
    El tubo flexible de gas ya no es seguro.
  Burner door loose, or its gasket damaged
    Puerta del quemador suelta, o su empaque dañado
  The burner's door does not seal.
    La puerta del quemador no cierra bien.
  Controls have been under water
    Los controles han estado bajo el agua
  The gas control has been under water and cannot be trusted.
    El control de gas ha estado bajo el agua y no es de fiar.
  Gas off; replace control or {heater}, never relight.
    Gas cerrado; cambiar control o {heater}, nunca volver a encender.
  Flammable-{vapour} sensor or screen burnt
    Sensor o rejilla de vapores inflamables quemado
  There has been a flash of {vapour} here.
    Aquí ha habido una llamarada de vapores.
  Gas off; replace the {heater}, find where it came from.
    Gas cerrado; cambiar el {heater}, encontrar de dónde vino.
  Under a recall
    Bajo un llamado a revisión
  The maker has called this {heater} back.
    El fabricante ha llamado a revisión este {heater}.
  As the maker's notice says; off until then.
    Como dice el aviso del fabricante; apagado hasta entonces.
  Vent damper or power vent
    Compuerta o extractor de humos
  Flue of the right diameter, no nest or debris
    Salida de humos del diámetro correcto, sin nidos ni suciedad
  No smell of gas, no soot at the burner door
    Sin olor a gas, sin hollín en la puerta del quemador
  {Gas_cock} with union, within reach
    Llave de gas con unión, al alcance
  Burner door and its gasket
    Puerta del quemador y su empaque
  No sign of flood or {vapour} event at the controls
    Sin señales de inundación ni de vapores en los controles
TEXTS

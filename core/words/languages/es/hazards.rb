# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Carbon monoxide in the room
    Monóxido de carbono en el cuarto
  The burner makes carbon monoxide
    El quemador produce monóxido de carbono
  A cut-out is missing, by-passed or resets by itself
    Un corte por sobretemperatura falta, está puenteado o se restablece solo
  The relief valve's discharge is blocked, or scalds whoever stands there
    La descarga de la válvula de alivio está obstruida, o escalda a quien esté allí
  An element leaks current to earth
    Una resistencia pierde corriente a tierra
  Pressure climbs to the relief valve whenever the water heats
    La presión sube hasta la válvula de alivio cada vez que el agua se calienta
  Flue gas can enter the room
    Los humos pueden entrar en el cuarto
  The tank or its pipes are frozen
    El tanque o sus tubos están congelados
  The gas control cannot be trusted
    El control de gas no es de fiar
  The gas pressure is more than the control bears
    La presión del gas es más de la que el control soporta
  The gas side is not tight
    El lado del gas tiene fugas
  The cylinder's inlet is without its protection
    La entrada del cilindro está sin su protección
  The heat does not stop: over-temperature
    El calor no se detiene: exceso de temperatura
  The pressure is above what the tank is rated for
    La presión está por encima de lo que soporta el tanque
  The {relief_valve} does not shut
    La válvula T&P no cierra
  The {relief_valve} does not protect the tank
    La válvula T&P no protege el tanque
  What is stored beside it can catch fire
    Lo que se guarda al lado puede arder
  The safety devices would act in the wrong order
    Los dispositivos de seguridad actuarían en el orden equivocado
  Nothing shuts the heat off: the {two_port} is missing
    Nada corta el calor: falta la válvula de dos vías
  A part that can be touched is, or can become, live
    Una parte que se puede tocar está, o puede quedar, energizada
TEXTS

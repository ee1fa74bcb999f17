# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Ask before lifting the lever
    Preguntar antes de levantar la palanca
  Follow the discharge pipe to its end
    Seguir el tubo de descarga hasta su extremo
  Look at every joint that was opened
    Mirar cada unión que se abrió
  Withdraw and clean the coil
    Sacar y limpiar el serpentín
  Rinse the strainer
    Enjuagar el filtro
  Move away what can burn
    Apartar lo que puede arder
  Clock the gas meter
    Cronometrar el medidor de gas
  Insulation, guards and covers back
    Poner aislamiento, protecciones y tapas
  See that it was put right since the last visit
    Ver que se arregló desde la última visita
  Connect the manometer
    Conectar el manómetro
  Take the {elements} out and descale them
    Sacar las resistencias y quitarles el sarro
  Take the manometer off, test points shut
    Quitar el manómetro, cerrar los puntos de prueba
  Drain below the relief valve's port
    Vaciar por debajo de la boca de la válvula de alivio
  Drain below the upper {element}
    Vaciar por debajo de la resistencia superior
  Drain the tank empty
    Vaciar el tanque del todo
  Everybody out, and call from outside
    Todos afuera, y llamar desde afuera
  Exercise the {expansion_relief}
    Probar la válvula de alivio de expansión
  Exercise the new {relief_valve}
    Probar la válvula T&P nueva
  Exercise the {relief_valve}
    Probar la válvula T&P
  Fit or reconnect the cut-out
    Instalar o reconectar el corte por sobretemperatura
  Fit the cylinder thermostat
    Instalar el termostato del cilindro
  Fit the gauge with the maximum hand
    Poner el manómetro con aguja de máxima
  Fit the hose to the drain valve, its end in a safe place
    Poner la manguera en la válvula de drenaje, su extremo en lugar seguro
  Fit an {vessel}
    Instalar un tanque de expansión
  Flush in bursts until it runs clear
    Enjuagar a golpes hasta que salga limpia
  Let the tank heat up
    Dejar que el tanque se caliente
  Identify the {heater}
    Identificar el {heater}
  Take the anode out and look
    Sacar el ánodo y mirarlo
  Shut the coil's loop both sides
    Cerrar el circuito del serpentín por los dos lados
  Land every lead, tight
    Conectar todos los cables, apretados
  Leave paper under the joints
    Dejar papel bajo las uniones
  Leave it off, its water shut, made safe and tagged
    Dejarlo apagado, con el agua cerrada, en condición segura y etiquetado
  Leave it in use against advice, with the warning given
    Dejarlo en uso contra nuestro consejo, con el aviso dado
  Leave it off, made safe and tagged
    Dejarlo apagado, en condición segura y etiquetado
  Look once more, and leave it safe
    Mirar una vez más y dejarlo seguro
  Let it cool before anything is opened
    Dejar que se enfríe antes de abrir nada
  Open a hot {tap} until the flow stops
    Abrir una llave caliente hasta que deje de correr
  Switch the back-up immersion off and lock it
    Apagar y bloquear la resistencia de apoyo
  Switch the power off and lock it
    Apagar la corriente y bloquearla
  Look it over, top to bottom
    Revisarlo a la vista, de arriba abajo
  Bring the supply pressure down
    Bajar la presión del suministro
  Make it safe: tag it, and tell who is there
    Asegurarlo: etiqueta, y avisar a quien esté
  Measure the {elements}
    Medir las resistencias
  Find why the heat does not stop, and mend it
    Encontrar por qué no se detiene el calor, y repararlo
  Put the discharge pipe right
    Arreglar el tubo de descarga
  Mend flue, hood or air supply
    Reparar salida de humos, campana o aire
  Find the escape and mend it
    Encontrar el escape y repararlo
  Have the gas pressure brought down
    Hacer que bajen la presión del gas
  Mend terminals, covers and earth
    Reparar terminales, tapas y tierra
  Open the {gas_cock}
    Abrir la llave de gas
  Open the {supply_valve} again
    Abrir otra vez la llave de agua fría
  Open the house again
    Abrir otra vez la casa
  Open the {relief_valve} for air
    Abrir la válvula T&P para que entre aire
  Shut the {tap}, then open the {supply_valve}
    Cerrar la llave, luego abrir la del agua fría
  Press the {high_limit}'s red button
    Oprimir el botón rojo del límite alto
  Prove it dead, every feed
    Comprobar que no hay voltaje, en cada alimentación
  Prove the sealed flue and the CO in the room
    Comprobar el ducto sellado y el CO en el cuarto
  Prove the gas joints with leak fluid
    Comprobar las uniones de gas con líquido detector de fugas
  Leak fluid again, with the burner lit
    Líquido detector otra vez, con el quemador encendido
  Prove that the thermostat stops the heat
    Comprobar que el termostato detiene el calor
  Read every setting once more
    Leer todos los ajustes una vez más
  Run the hot {tap} until it is free of air
    Abrir la llave caliente hasta que salga sin aire
  Purge the coil's loop
    Purgar el circuito del serpentín
  Measure the coil again
    Medir otra vez el serpentín
  Measure what the coil gives up
    Medir lo que cede el serpentín
  Read pressure and flow with a {tap} wide open
    Leer presión y caudal con una llave abierta del todo
  Read the hot peak, as left
    Leer el pico en caliente, como queda
  Read the hot peak, as found
    Leer el pico en caliente, como se encontró
  Read the gas pressure, nothing burning
    Leer la presión del gas, sin nada encendido
  Read the supply live at the {element}
    Leer el voltaje en la resistencia, energizada
  Read the gas pressures with the burner on
    Leer las presiones del gas con el quemador encendido
  Look at the paper after a day
    Mirar el papel después de un día
  Read the static pressure
    Leer la presión estática
  Measure the {tap} temperature
    Medir la temperatura en la llave
  Read the charge of the {vessel}
    Leer la presión de aire del tanque de expansión
  Open the {supply_valve} and fill the tank
    Abrir la llave de agua fría y llenar el tanque
  Screw the anode back in
    Volver a enroscar el ánodo
  Put the discharge pipe back
    Volver a poner el tubo de descarga
  Put the {elements} back in
    Volver a poner las resistencias
  Relight the pilot
    Encender otra vez el piloto
  Take the gauge off
    Quitar el manómetro
  Take the hose off
    Quitar la manguera
  Fit a new anode
    Poner un ánodo nuevo
  Replace the {element}
    Cambiar la resistencia
  Turn the maximum hand down again
    Bajar otra vez la aguja de máxima
  Give the coil its heat again, the programmer as it was
    Devolver el calor al serpentín, el programador como estaba
  Turn the burner on, the dial back where it was
    Encender el quemador, la perilla donde estaba
  Unlock the back-up immersion
    Desbloquear la resistencia de apoyo
  Unlock and switch the power on
    Desbloquear y encender la corriente
  Plug the recirculation pump in again
    Volver a enchufar la bomba de recirculación
  Cleared from outside: isolated, aired, smell or CO gone
    Autorizado desde afuera: cerrado, ventilado, sin olor ni CO
  Cleared: aired, and whoever is certified has made the circuit safe
    Autorizado: ventilado, y un técnico certificado dejó el circuito seguro
  See that the refrigerant circuit is tight
    Comprobar que el circuito del refrigerante no tiene fugas
  Back to a heat pump whose refrigerant leaked
    Volver a una bomba de calor cuyo refrigerante tuvo una fuga
  Run several hot {taps}, the supply open
    Abrir varias llaves calientes, con el suministro abierto
  See the discharge pipe run to its end
    Ver correr el tubo de descarga hasta su extremo
  See how the burner is lit
    Ver cómo se enciende el quemador
  Put the settings of the safety devices in order
    Poner en orden los ajustes de los dispositivos de seguridad
  Set the charge to the supply pressure
    Ajustar la presión de aire a la presión de la red
  Shut the drain
    Cerrar el drenaje
  Shut the {gas_cock} and tag it
    Cerrar la llave de gas y etiquetarla
  Shut the {supply_valve}
    Cerrar la llave de agua fría
  Shut the house
    Cerrar el agua de la casa
  Shut the {relief_valve} again
    Cerrar otra vez la válvula T&P
  Shut the {taps}
    Cerrar las llaves
  Draw hot water and let it heat up once more
    Sacar agua caliente y dejar que se caliente otra vez
  Draw hot water, so that it heats up again
    Sacar agua caliente, para que vuelva a calentar
  Take the boiler's heat off the coil
    Quitar al serpentín el calor de la caldera
  Unplug the recirculation pump
    Desenchufar la bomba de recirculación
  Note the dial, then switch the burner off
    Anotar la perilla, luego apagar el quemador
  Take the discharge pipe off the {relief_valve}
    Quitar el tubo de descarga de la válvula T&P
  Take the leads off the {elements}, and mark them
    Quitar los cables de las resistencias y marcarlos
  Press the air valve: what comes out?
    Oprimir la válvula de aire: ¿qué sale?
  Measure what the burner makes of its gas
    Medir qué hace el quemador con su gas
  Prove each cut-out by opening its circuit
    Probar cada corte por sobretemperatura abriendo su circuito
  Test the {draught}, worst case
    Probar el tiro, en el peor caso
  Test the pilot and its generator
    Probar el piloto y su generador
  Thaw it, and see that it is whole
    Descongelarlo y ver que está entero
  Note the dial, then turn the gas to PILOT
    Anotar la perilla, luego girar el gas a PILOT
  Note the dial, then turn the gas OFF
    Anotar la perilla, luego girar el gas a OFF
  Five minutes for the gas to clear
    Cinco minutos para que se vaya el gas
  Let the tank heat up, the maximum hand watching
    Dejar que el tanque se caliente, con la aguja de máxima vigilando
  Watch the {expansion_relief} for ten seconds
    Vigilar la válvula de alivio de expansión diez segundos
  Watch the outlet for ten seconds
    Vigilar la salida diez segundos
TEXTS

# frozen_string_literal: true

# What a household does at once, in Spanish.
Munimen::Words::Language[:es].texts <<~TEXTS
  Gas smell
    Huele a gas
  No flame. No switch, on or off. No phone and no doorbell inside.
    Ninguna llama. Ningún interruptor de luz ni breaker: ni encender ni apagar. Adentro, ni teléfono
      ni timbre.
  Open windows, or shut the gas at the meter, only if it is on your way out and safe.
    Abra ventanas, o cierre el gas en el medidor, solo si le queda de camino a la salida y sin
      peligro.
  Everybody out, at once.
    Todos afuera, ya.
  Call the gas emergency number from outside, well away from the house.
    Llame a la emergencia de gas desde afuera, bien lejos de la casa.
  Do not go back in until they say so.
    No vuelva a entrar hasta que ellos lo digan.
  CO alarm, or headache and sickness
    Suena la alarma de CO, o hay dolor de cabeza y náuseas
  Appliance off only if that is quick.
    Apague el aparato solo si es cosa de un momento.
  Everybody out into fresh air, at once.
    Todos afuera, al aire libre, ya.
  Anyone feels ill: medical help now, and say “carbon monoxide”.
    Si alguien se siente mal: ayuda médica ya, y diga “monóxido de carbono”.
  Call the emergency number from outside.
    Llame al número de emergencias desde afuera.
  Nobody goes back in, and nothing is relit, until it has been measured safe.
    Nadie vuelve a entrar, ni se enciende nada, hasta que se haya medido que no hay peligro.
  Steam or boiling water
    Vapor o agua hirviendo
  Open no hot tap, and touch neither the safety valve nor its pipe: it scalds.
    No abra ninguna llave de agua caliente y no toque la válvula de alivio ni su tubo: quema.
  Heater off at its gas control, switch or breaker, only where nothing steams or sprays.
    Apague el aparato en su control de gas, su interruptor o su breaker, solo donde no salga vapor
      ni salpique.
  Leave the cold water to the heater open.
    Deje abierta la entrada de agua fría al aparato.
  Everybody keeps well away from the heater and from the end of that pipe.
    Todos bien lejos del aparato y de la salida de ese tubo.
  If it goes on, or the heater bangs or rumbles: everybody out, and call the emergency number.
    Si sigue, o el aparato da golpes o retumba: todos afuera, y llame al número de emergencias.
  Nobody turns it on again before somebody qualified has found why.
    Nadie vuelve a encenderlo hasta que alguien calificado haya hallado la causa.
  Gas: the utility's emergency number, or 911. CO, or anybody ill: 911.
    Gas: el número de emergencias de la compañía de gas, o el 911. CO, o alguien enfermo: 911.
  Propane: the supplier's emergency number, or 911. CO, or anybody ill: 911.
    Propano: el número de emergencias del proveedor, o el 911. CO, o alguien enfermo: 911.
  Mains gas and CO from it: 0800 111 999, day and night. Anybody ill: 999.
    Gas de red y CO de ese gas: 0800 111 999, de día y de noche. Alguien enfermo: 999.
  LPG: the supplier's emergency number, on the tank, the cylinder or the bill. Anybody ill: 999.
    GLP: el número de emergencias del proveedor, en el tanque, el cilindro o la factura. Alguien
      enfermo: 999.
TEXTS

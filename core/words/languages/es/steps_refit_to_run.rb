# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Slowly, with a hot {tap} open to let the air out. Watch every joint that was open.
    Despacio, con una llave de agua caliente abierta para dejar salir el aire. Vigilar cada unión
      que estuvo abierta.
  Full and free of air comes before any heat.
    Lleno y sin aire va antes de cualquier calor.
  Clean the thread, tape, start by hand, then the long bar.
    Limpiar la rosca, cinta, empezar a mano, luego la barra larga.
  The tank is open until it is in; nothing is filled before.
    El tanque está abierto hasta que quede puesto; antes no se llena nada.
  Full size, falling, never glued so that it cannot come off.
    De medida completa, con pendiente, nunca pegado de modo que no pueda quitarse.
  Without it the next discharge scalds whoever stands there.
    Sin él la próxima descarga quema a quien esté ahí.
  New gasket, clean face; hand tight plus an eighth to a quarter turn.
    Empaque nuevo, cara limpia; apretado a mano y de un octavo a un cuarto de vuelta más.
  The tank is open until they are in; nothing is filled before.
    El tanque está abierto hasta que queden puestas; antes no se llena nada.
  Smell at floor level first. Knob to PILOT, hold it in, spark, hold 20–60 s, let go. After a failed
      try wait five minutes.
    Primero oler a nivel del piso. Perilla en PILOT, mantenerla oprimida, chispa, mantener 20–60 s,
      soltar. Tras un intento fallido esperar cinco minutos.
  Held until the generator is hot, it stays; a pilot that went out usually had a reason.
    Si se mantiene hasta que el generador esté caliente, se queda; un piloto que se apagó suele
      tener un motivo.
  Smell at floor level
    Oler a nivel del piso
  Released after 20–60 s, the pilot
    Al soltar después de 20–60 s, el piloto
  It goes out
    Se apaga
  Shut its valve, bleed, take it off, see that it stays dry.
    Cerrar su válvula, purgar, quitarlo, ver que queda seco.
  Nothing of yours stays behind.
    Nada propio queda atrás.
  Let it run empty first. Paper under the valve shows a slow leak: leave it a day.
    Dejar que escurra primero. Un papel bajo la válvula muestra una fuga lenta: dejarlo un día.
  Nothing of yours stays behind; a drip shows now.
    Nada propio queda atrás; una gota se muestra ahora.
  Paper towels
    Toallas de papel
  All heat off first. The lowest hot {tap} open, then the {relief_valve}: wait until it gurgles and
      no more runs. Shut the valve. The maker's sequence rules.
    Primero todo el calor apagado. La llave de agua caliente más baja abierta, luego la válvula T&P:
      esperar a que gorgotee y no salga más. Cerrar la válvula. Rige la secuencia del fabricante.
  The air dissolves; without it every heating lifts a relief valve.
    El aire se disuelve; sin él cada calentamiento levanta una válvula de alivio.
  Slowly, {taps} shut: nothing has been let out, so there is no air to run off.
    Despacio, llaves cerradas: no se sacó nada, así que no hay aire que dejar salir.
  A full tank is fed and kept at pressure without letting its water out.
    Un tanque lleno recibe agua y presión sin soltar la suya.
  Magnesium or aluminium; powered against a smell.
    Magnesio o aluminio; con corriente, contra un olor.
  It protects the tank where the glass does not.
    Protege el tanque donde no lo hace el vidrio.
  Unscrew, clean the thread, a full-bore valve in, seal, shut it.
    Desenroscar, limpiar la rosca, poner una válvula de paso completo, sellar, cerrarla.
  An old plastic one breaks when it is needed.
    Una vieja de plástico se rompe cuando hace falta.
  Full-bore drain valve
    Válvula de drenaje de paso completo
  Same rating and length. New gasket: hand tight plus an eighth to a quarter turn.
    Misma potencia y mismo largo. Empaque nuevo: apretado a mano y de un octavo a un cuarto de
      vuelta más.
  A burnt-out or earthed {element} is not mended.
    Una resistencia quemada o a tierra no se repara.
  Element of the same rating
    Resistencia de la misma potencia
  Same setting, below that of the {relief_valve} and of the cylinder; nothing between it and the
      cylinder. Its pipe back to the tundish.
    El mismo ajuste, por debajo del de la válvula T&P y del tanque; nada entre ella y el tanque. Su
      tubo, otra vez al embudo.
  What does not lift, or does not shut, protects nobody.
    Lo que no se levanta, o no cierra, no protege a nadie.
  Expansion relief valve that matches
    Válvula de alivio de expansión que corresponda
  Claim first. Union broken and made, pilot, igniter and generator leads moved, thread sealed for
      gas.
    Primero la garantía. Tuerca unión suelta y hecha de nuevo, cables de piloto, encendedor y
      generador pasados, rosca sellada para gas.
  An open cut-off goes with its control; find out why it overheated.
    Un corte abierto se va con su control; averiguar por qué se sobrecalentó.
  Pipe wrench
    Llave para tubos
  Gas control, the maker's
    Control de gas, del fabricante
  Hold the body with one spanner, turn the nut with another; mind the arrow; align before you
      tighten.
    Sujetar el cuerpo con una llave de tuercas, girar la tuerca con otra; cuidar la flecha; alinear antes de
      apretar.
  A crusted or failed group is not mended.
    Un grupo con costra o dañado no se repara.
  Two spanners
    Dos llaves de tuercas
  Inlet group, the maker's
    Grupo de entrada, del fabricante
  Hold the new one against the plate: rating, pressure, temperature, thread, reach. Unscrew, clean
      the thread, seal, start by hand, outlet down, never so hard as to crack it.
    Comparar la nueva con la placa: capacidad, presión, temperatura, rosca, alcance. Desenroscar,
      limpiar la rosca, sellar, empezar a mano, salida hacia abajo, nunca con tanta fuerza que se
      raje.
  The last protection must lift, flow and shut.
    La última protección debe levantarse, dejar pasar y cerrar.
  Relief valve that matches
    Válvula de alivio que corresponda
  Set pressure on its plate
    Presión en su placa
  Set temperature on its plate
    Temperatura en su placa
  Temperature rating on its plate
    Capacidad por temperatura en su placa
  Generator and cut-off both measured first. Tip in the flame, nut finger tight plus a quarter turn.
    Primero medir generador y corte. Punta en la llama, tuerca apretada con los dedos y un cuarto de
      vuelta más.
  Weak with a sound cut-off, and weak again after cleaning.
    Débil con el corte sano, y débil otra vez después de limpiar.
  3/8 and 7/16 in spanners
    Llaves de 3/8 y 7/16 pulg.
  Pump, {tire_gauge}
    Bomba, manómetro de llantas
  Same volume or larger. Charge it to the supply pressure before it goes on; support it: full of
      water it is heavy.
    Del mismo volumen o mayor. Darle la presión de aire de la red antes de ponerlo; apoyarlo: lleno
      de agua pesa.
  A failed membrane holds no charge.
    Una membrana dañada no guarda presión de aire.
  {Vessel}, same volume or larger
    Tanque de expansión, del mismo volumen o mayor
  To the needle, after the lever test and with everything back in service.
    Hasta la otra aguja, después de la prueba de palanca y con todo otra vez en servicio.
  The lever test and the work have moved it; a second peak needs a clean start.
    La prueba de palanca y el trabajo la movieron; un segundo pico necesita empezar limpio.
  Lock off, {controls} on, programmer and thermostat as you wrote them down; see the {two_port} open
      on demand.
    Quitar bloqueo, controles encendidos, programador y termostato como se anotaron; ver que la
      válvula de zona abre cuando se pide.
  Full and air-free comes first; a programmer left changed is a call-back.
    Primero lleno y sin aire; un programador que quedó cambiado es otra llamada.
  Smell at floor level first. Knob to ON, dial to the position that you wrote down; see the burner
      light.
    Primero oler a nivel del piso. Perilla en ON, dial en la posición que se anotó; ver que el
      quemador enciende.
  The dial left in the wrong place is the commonest thing forgotten.
    El dial en el lugar equivocado es lo que más se olvida.
  Only when a hot {tap} has run free of air. Covers on, lock off, switch as you found it.
    Solo cuando una llave de agua caliente ya corrió sin aire. Tapas puestas, quitar bloqueo,
      interruptor como se encontró.
  A dry element burns out in seconds: full and air-free comes first.
    Una resistencia en seco se quema en segundos: primero lleno y sin aire.
  Only when a hot {tap} has run free of air. Covers on. Lock off, {breaker} on.
    Solo cuando una llave de agua caliente ya corrió sin aire. Tapas puestas. Quitar bloqueo,
      breaker encendido.
  Where it was, its timer as it stood; hear it run.
    Donde estaba, su temporizador como estaba; oír que marcha.
  Left unplugged, the far {taps} stay cold and somebody is called back.
    Si queda desenchufada, las llaves lejanas siguen frías y hay otra llamada.
  Only after the rooms are aired from bottom to top, and whoever is certified for refrigerants has
      been there and says that one may go in.
    Solo cuando los cuartos se ventilaron de abajo hacia arriba, y alguien certificado en
      refrigerantes estuvo ahí y dice que se puede entrar.
  Only then may anybody go near it again.
    Solo entonces puede alguien acercarse otra vez.
  Nobody had to go out.
    Nadie tuvo que salir.
  Aired, and cleared by whoever is certified
    Ventilado, y aprobado por alguien certificado
  Only after the emergency service or the gas-qualified person has isolated it, the rooms are aired,
      and the instrument reads nothing.
    Solo cuando el servicio de emergencia o la persona calificada para gas lo desconectó, los
      cuartos se ventilaron y el instrumento no lee nada.
  Only then may the cause be looked for.
    Solo entonces se puede buscar la causa.
  Isolated, aired, and by the meter
    Desconectado, ventilado, y por el medidor
  Gas detector, CO meter
    Detector de gas, medidor de CO
  Open enough {taps} to bring the pressure well down, and leave them running while you read.
    Abrir llaves bastantes para bajar bien la presión, y dejarlas correr mientras se lee.
  The house rule takes this shortcut: the reading is approximate and decides nothing near the limit.
    La regla de la empresa toma este atajo: la lectura es aproximada y no decide nada cerca del
      límite.
  The house rule reads the charge isolated and drained to zero.
    La regla de la empresa lee la presión de aire con el tanque aislado y vaciado a cero.
TEXTS

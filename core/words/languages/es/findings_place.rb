# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  A cover or guard is missing
    Falta una tapa o protección
  Live parts can be touched.
    Se pueden tocar partes energizadas.
  Power off and locked; covers on before it runs.
    Corriente cortada y bloqueada; tapas puestas antes de que funcione.
  Scorched wire or terminal
    Cable o terminal quemado
  A connection has been running hot.
    Una conexión se ha calentado demasiado.
  Cable damaged or not held
    Cable dañado o sin sujetar
  The cable could pull loose or fray.
    El cable podría soltarse o deshilacharse.
  Replace it, with its clamp.
    Cambiarlo, con su abrazadera.
  Cable not fit for the heat or the load
    Cable no apto para el calor o la carga
  The cable is not made for this heat.
    El cable no está hecho para este calor.
  Replace with heat-resisting cable of the right size.
    Cambiar por cable resistente al calor del tamaño correcto.
  Blanket over controls, plate, relief valve or burner air
    Manta sobre controles, placa, válvula de alivio o aire del quemador
  The blanket hides or chokes what must be free.
    La manta oculta o ahoga lo que debe estar libre.
  Cut it back today.
    Recortarla hoy.
  Jacket wet or rusty from behind
    Funda mojada u oxidada por detrás
  There is moisture behind the outer skin.
    Hay humedad detrás de la cubierta.
  Find out whether a fitting or the tank leaks.
    Averiguar si la fuga es de una conexión o del tanque.
  No room to work, or things stored against it
    Sin sitio para trabajar, o con cosas guardadas delante
  Nobody can get at the {heater} to make it safe.
    Nadie puede llegar al {heater} para asegurarlo.
  Clear the space.
    Despejar el espacio.
  Paint, fuel or rags stored beside it
    Pintura, combustible o trapos guardados al lado
  What is stored here can catch fire.
    Lo que se guarda aquí puede arder.
  Move it away today.
    Apartarlo hoy.
  Stand rotten, loose or leaning
    Base podrida, suelta o inclinada
  A full tank is very heavy, and its stand is weak.
    Un tanque lleno pesa mucho y su base es débil.
  Make a sound stand before it gives way.
    Hacer una base firme antes de que ceda.
  No valve on the hot outlet of a low {heater} in a tall building
    Sin llave en la salida caliente de un {heater} bajo en un edificio alto
  Every service lets the water of the whole building run out.
    Cada servicio deja correr el agua de todo el edificio.
  Fit one when the pipes are next open.
    Instalar una cuando se abran los tubos.
  Bond missing where it is asked for
    Falta el puente donde se pide
  The pipes are not joined electrically as they should be.
    Los tubos no están unidos eléctricamente como deben.
  Have it bonded.
    Hacer que lo pongan.
TEXTS

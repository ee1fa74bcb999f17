# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  D1 smaller than the valve's outlet
    D1 menor que la salida de la válvula
  The first pipe is too narrow for the safety valve.
    El primer tubo es demasiado estrecho para la válvula de alivio.
  Re-pipe D1 at the outlet's size.
    Rehacer D1 con el tamaño de la salida.
  D1 longer than 600 mm
    D1 de más de 600 mm
  The tundish is too far from the safety valve.
    El embudo está demasiado lejos de la válvula de alivio.
  Move the tundish closer.
    Acercar el embudo.
  D1 not of metal
    D1 no es de metal
  The first pipe could soften with scalding water in it.
    El primer tubo podría ablandarse con agua hirviente dentro.
  Re-pipe D1 in copper.
    Rehacer D1 en cobre.
  D1 rises
    D1 sube
  Water stands against the safety valve.
    Queda agua contra la válvula de alivio.
  Re-pipe D1 vertical or falling.
    Rehacer D1 vertical o en caída.
  No tundish
    No hay embudo
  Nobody could see that a safety valve is letting water go.
    Nadie podría ver que una válvula de alivio suelta agua.
  Isolate; fit a tundish before it runs again.
    Apagar y cerrar; instalar un embudo antes de que funcione de nuevo.
  Tundish out of sight
    Embudo fuera de la vista
  Nobody would see a safety valve letting water go.
    Nadie vería que una válvula de alivio suelta agua.
  Move it where it is seen, or box with a window.
    Ponerlo donde se vea, o en caja con ventana.
  Tundish above the valve
    Embudo por encima de la válvula
  Water cannot fall into it.
    El agua no puede caer en él.
  Move it below the valve.
    Ponerlo por debajo de la válvula.
  Tundish in another room
    Embudo en otro cuarto
  Nobody at the cylinder sees it.
    Nadie junto al cilindro lo ve.
  Bring it into the cylinder's space.
    Traerlo al espacio del cilindro.
  Tundish wet or stained
    Embudo mojado o manchado
  A safety valve has been letting water go at some time.
    Una válvula de alivio ha soltado agua alguna vez.
  Find out which valve, cold or hot.
    Averiguar qué válvula, la fría o la caliente.
  Less than 300 mm of vertical pipe below the tundish
    Menos de 300 mm de tubo vertical bajo el embudo
  The tundish could spill when the valve opens.
    El embudo podría rebosar cuando abre la válvula.
  Re-pipe with 300 mm straight down before any bend.
    Rehacer con 300 mm en vertical antes de cualquier codo.
  D2 level, rising or sagging
    D2 a nivel, en subida o combado
  Water stands in the pipe.
    Queda agua en el tubo.
  Re-hang it to fall 1 in 200.
    Volver a colgarlo con pendiente de 1 en 200.
  D2 of plastic without a mark or its maker's proof for this
    D2 de plástico sin marca ni prueba de su fabricante para esto
  The pipe could soften with scalding water in it.
    El tubo podría ablandarse con agua hirviente dentro.
  Have its maker's proof shown, or re-pipe in copper.
    Pedir la prueba de su fabricante, o rehacer en cobre.
  D2 no larger than the valve's outlet, or smaller than D1
    D2 no mayor que la salida de la válvula, o menor que D1
  The pipe is too narrow; the tundish would spill.
    El tubo es demasiado estrecho; el embudo rebosaría.
  Re-pipe by its equivalent length.
    Rehacer según su longitud equivalente.
  Nobody can find or see where D2 ends
    Nadie puede encontrar o ver dónde termina D2
  Nobody would see the safety valves let water go, nor that the pipe is blocked.
    Nadie vería que las válvulas de alivio sueltan agua, ni que el tubo está obstruido.
  Find its end, or run a new D2 to one that is seen.
    Encontrar su extremo, o tender un D2 nuevo hasta uno visible.
  D2 runs in the ground or built in, with its end in sight
    D2 va enterrado o empotrado, con su extremo a la vista
  Part of the pipe cannot be looked at; its end can.
    Una parte del tubo no se puede ver; su extremo sí.
  Test it with both valves open; keep a plan of where it runs.
    Probarlo con las dos válvulas abiertas; guardar un plano de por dónde va.
  D2 blocked or cut off by building work
    D2 obstruido o cortado por obras
  The safety valves cannot let water go.
    Las válvulas de alivio no pueden soltar agua.
  Isolate every heat source until it is open.
    Apagar y bloquear todas las fuentes de calor hasta que esté libre.
  D2 shared by more than six systems
    D2 compartido por más de seis sistemas
  Too many safety valves end in one pipe.
    Demasiadas válvulas de alivio terminan en un tubo.
  Have it designed anew.
    Encargar su cálculo de nuevo.
  Joins the stack through another branch, or a sanitary appliance drains into it
    Entra en la bajante por otro ramal, o un aparato sanitario desagua en él
  Scalding water could come back into a basin or a bath.
    El agua hirviente podría volver a un lavabo o una tina.
  Give it a branch of its own to the stack, with no appliance on it.
    Darle un ramal propio hasta la bajante, sin ningún aparato.
  No mark on the stack that it carries scalding discharge
    La bajante no lleva marca de que recibe agua hirviente
  Nobody who works on the stack later would know what it may carry.
    Quien trabaje después en la bajante no sabría lo que puede llevar.
  Mark the stack where the pipe joins it.
    Marcar la bajante donde entra el tubo.
  Onto a roof that does not stand scalding water
    A un tejado que no aguanta el agua hirviente
  Scalding water would damage the roof.
    El agua hirviente dañaría el tejado.
  Move the end, or lead it into a metal hopper and downpipe.
    Mover el extremo, o llevarlo a una tolva y una bajante de metal.
  Into a soil stack that is not heat-proof, or through a water trap
    A una bajante que no resiste el calor, o a través de un sifón con agua
  Scalding water could damage the drains.
    El agua hirviente podría dañar los desagües.
  Refer: it wants a mechanical seal without a water trap, and a stack that stands the heat.
    Remitir a un especialista: pide un cierre mecánico sin sifón de agua y una bajante que resista
      el calor.
  Ends more than 100 mm above ground
    Termina a más de 100 mm del suelo
  Scalding water would splash.
    Salpicaría agua hirviente.
  Extend it down.
    Prolongarlo hacia abajo.
  No guard at a low-level end
    Sin protección en un extremo bajo
  Children could put a hand there.
    Los niños podrían meter la mano.
  Fit a guard.
    Poner una protección.
  Onto a roof less than 3 m from plastic gutters
    Sobre un tejado a menos de 3 m de canaletas de plástico
  Scalding water would run into plastic gutters.
    El agua hirviente correría a canaletas de plástico.
  Move the end, or change to metal.
    Mover el extremo, o cambiar a metal.
  Into a plastic hopper
    A un embudo de plástico
  The hopper could soften and let go.
    El embudo podría ablandarse y soltarse.
  Fit a metal hopper and downpipe.
    Poner embudo y bajante de metal.
  D1: metal, falls, at most 600 mm, no smaller than the valve's outlet
    D1: de metal, en caída, 600 mm como máximo, no menor que la salida de la válvula
  Tundish: same space, upright, below the valve, in sight
    Embudo: en el mismo espacio, derecho, por debajo de la válvula, a la vista
  D2 leaves the tundish 300 mm straight down
    D2 sale del embudo 300 mm en vertical
  D2 falls at least 1 in 200 all the way
    D2 con pendiente de al menos 1 en 200 en todo su recorrido
  D2: copper, or plastic that its maker proves for it and marks; one size above the valve's outlet
      or larger, no reduction
    D2: de cobre, o de plástico que su fabricante prueba y marca para esto; un tamaño más que la
      salida de la válvula o mayor, sin reducción
  D2's end found and seen, hidden on its way or not; not blocked by later work
    El extremo de D2, encontrado y visto, oculto o no en su camino; no tapado por obras posteriores
  If it is shared: six systems at most, each with its tundish
    Si se comparte: seis sistemas como máximo, cada uno con su embudo
  Into a soil stack only under its own conditions
    A una bajante solo con sus propias condiciones
  Low-level end: 100 mm at most, with a guard, or under a grating
    Extremo bajo: 100 mm como máximo, con protección o bajo una rejilla
  High-level end: metal hopper, or a roof that stands the heat, 3 m from plastic gutters
    Extremo alto: tolva metálica, o un tejado que aguante el calor, a 3 m de canaletas de plástico
TEXTS

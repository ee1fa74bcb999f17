# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  No discharge pipe
    Sin tubo de descarga
  When the safety valve opens, scalding water sprays out beside the {heater}.
    Cuando abre la válvula de alivio, sale agua hirviente junto al {heater}.
  Fit one at full size to a safe place.
    Instalar uno a tamaño pleno hasta un lugar seguro.
  No discharge pipe where people stand
    Sin tubo de descarga donde hay gente
  When the safety valve opens, it scalds whoever stands beside it.
    Cuando abre la válvula de alivio, escalda a quien esté al lado.
  Keep people away; fit a pipe before the {heater} stays in service.
    Mantener alejada a la gente; instalar un tubo antes de que el {heater} siga en servicio.
  Glued at the valve so that it cannot come off
    Pegado a la válvula de modo que no se puede quitar
  The pipe would have to be cut to change the safety valve.
    Habría que cortar el tubo para cambiar la válvula de alivio.
  Fit a joint there that comes apart, full size.
    Poner allí una unión desmontable, a tamaño pleno.
  Smaller than the valve's outlet
    Menor que la salida de la válvula
  The pipe is too narrow to carry what the valve lets out.
    El tubo es demasiado estrecho para lo que suelta la válvula.
  Re-pipe at full size.
    Rehacer a tamaño pleno.
  Material not rated for hot water
    Material no apto para agua caliente
  The pipe could soften or burst with scalding water in it.
    El tubo podría ablandarse o reventar con agua hirviente dentro.
  Re-pipe in copper, CPVC, or PEX one size up.
    Rehacer en cobre, CPVC, o PEX un tamaño mayor.
  Shared with another valve or the pan
    Compartido con otra válvula o con la bandeja
  Two outlets share one pipe and can disturb each other.
    Dos salidas comparten un tubo y pueden estorbarse.
  Give the valve its own pipe.
    Dar a la válvula su propio tubo.
  A trap or an uphill leg
    Un sifón o un tramo en subida
  Water stands in the pipe and can corrode or freeze the valve shut.
    Queda agua en el tubo y puede corroer la válvula o helarla cerrada.
  Re-hang so that it drains by itself.
    Volver a colgarlo para que se vacíe solo.
  A cap, plug or valve in the pipe
    Una tapa, un tapón o una llave en el tubo
  The safety valve's outlet is blocked. It could not relieve the tank.
    La salida de la válvula de alivio está obstruida. No podría aliviar el tanque.
  Open it now; heat off until it is open.
    Quitar ya la tapa, el tapón o la llave; calentador apagado hasta entonces.
  A tee in the pipe
    Una conexión T en el tubo
  The pipe branches where it must not.
    El tubo se ramifica donde no debe.
  Take the tee out.
    Quitar la conexión T.
  Threaded end
    Extremo con rosca
  A thread invites a cap, and a cap would block the safety valve.
    Una rosca invita a poner una tapa, y una tapa bloquearía la válvula de alivio.
  Cut the thread off.
    Cortar la rosca.
  Ends where nobody sees it
    Termina donde nadie lo ve
  A discharge would go unnoticed.
    Una descarga pasaría sin que nadie la notara.
  Bring the end where it is seen.
    Llevar el extremo adonde se vea.
  Ends where it can scald or do damage
    Termina donde puede escaldar o hacer daño
  Scalding water could hit people or spoil the building.
    El agua hirviente podría alcanzar a personas o dañar el edificio.
  Bring the end to a safe place.
    Llevar el extremo a un lugar seguro.
  No visible air gap
    Sin separación de aire visible
  There is no visible break between this pipe and the drain.
    No hay una separación visible entre este tubo y el desagüe.
  Make an air gap in the heater's room.
    Hacer una separación de aire en el cuarto del calentador.
  Joined directly to the drainage
    Unido directamente al desagüe
  The safety pipe is joined to the drains.
    El tubo de seguridad está unido a los desagües.
  Break the joint and make an air gap.
    Separar la unión y dejar una separación de aire.
  Ends more than 6 in above
    Termina a más de 6 pulg. por encima
  The end is so high that scalding water splashes.
    El extremo está tan alto que salpica agua hirviente.
  Ends more than 24 in above
    Termina a más de 24 pulg. por encima
  Does not point down
    No apunta hacia abajo
  Scalding water would shoot sideways.
    El agua hirviente saldría de lado.
  Turn the end down.
    Girar el extremo hacia abajo.
  Ends closer than two pipe diameters
    Termina a menos de dos diámetros de tubo
  The end is so low that it can be blocked.
    El extremo está tan bajo que puede obstruirse.
  Shorten it.
    Acortarlo.
  Relief valve pipe not insulated
    Tubo de la válvula de alivio sin aislante térmico
  The pipe is bare; some places ask for insulation.
    El tubo está desnudo; en algunos lugares se pide aislante térmico.
  Insulate it where local rules ask for it.
    Forrarlo con aislante térmico donde las reglas locales lo piden.
  There is a discharge pipe
    Hay un tubo de descarga
  Full size to the end (3/4 in)
    Tamaño pleno hasta el extremo (3/4 pulg.)
  Rated for hot water
    Apto para agua caliente
  Serves this valve only
    Sirve solo a esta válvula
  Runs by gravity, no trap, no uphill
    Corre por gravedad, sin sifón ni subidas
  No valve, tee or cap in it
    Sin llave, conexión T ni tapa en él
  End not threaded
    Extremo sin rosca
  Ends where it is seen and hurts nobody
    Termina donde se ve y no daña a nadie
  Air gap in the heater's own room
    Separación de aire en el cuarto del calentador
  Not more than 6 in above floor or receptor
    No más de 6 pulg. sobre el piso o el receptor
  Ends 6–24 in above ground, pointing down
    Termina 6–24 pulg. sobre el suelo, hacia abajo
  At least two pipe diameters above
    Al menos dos diámetros de tubo por encima
  Insulated, where local rules ask for it
    Aislado, donde las reglas locales lo piden
TEXTS

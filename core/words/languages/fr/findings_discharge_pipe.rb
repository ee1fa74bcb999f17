# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  No discharge pipe
    Pas de tuyau de décharge
  When the safety valve opens, scalding water sprays out beside the {heater}.
    Quand la soupape de sûreté s'ouvre, de l'eau bouillante gicle près du chauffe-eau.
  Fit one at full size to a safe place.
    En poser un de pleine grosseur vers un lieu sûr.
  No discharge pipe where people stand
    Pas de tuyau de décharge là où des gens se tiennent
  When the safety valve opens, it scalds whoever stands beside it.
    Quand la soupape de sûreté s'ouvre, elle brûle quiconque est à côté.
  Keep people away; fit a pipe before the {heater} stays in service.
    Garder les gens à l'écart; poser un tuyau avant que le chauffe-eau reste en service.
  Glued at the valve so that it cannot come off
    Collé à la soupape de façon qu'on ne puisse l'enlever
  The pipe would have to be cut to change the safety valve.
    Il faudrait couper le tuyau pour changer la soupape de sûreté.
  Fit a joint there that comes apart, full size.
    Poser là un raccord démontable, de pleine grosseur.
  Smaller than the valve's outlet
    Plus petit que la sortie de la soupape
  The pipe is too narrow to carry what the valve lets out.
    Le tuyau est trop étroit pour ce que la soupape laisse passer.
  Re-pipe at full size.
    Refaire en pleine grosseur.
  Material not rated for hot water
    Matériau pas fait pour l'eau chaude
  The pipe could soften or burst with scalding water in it.
    Le tuyau pourrait ramollir ou éclater avec de l'eau bouillante dedans.
  Re-pipe in copper, CPVC, or PEX one size up.
    Refaire en cuivre, CPVC, ou PEX d'une grosseur de plus.
  Shared with another valve or the pan
    Partagé avec une autre soupape ou le bac
  Two outlets share one pipe and can disturb each other.
    Deux sorties partagent un tuyau et peuvent se gêner.
  Give the valve its own pipe.
    Donner à la soupape son propre tuyau.
  A trap or an uphill leg
    Un siphon ou un bout qui monte
  Water stands in the pipe and can corrode or freeze the valve shut.
    De l'eau reste dans le tuyau et peut bloquer la soupape par corrosion ou gel.
  Re-hang so that it drains by itself.
    Le reposer pour qu'il se vide seul.
  A cap, plug or valve in the pipe
    Un bouchon, un capuchon ou un robinet dans le tuyau
  The safety valve's outlet is blocked. It could not relieve the tank.
    La sortie de la soupape de sûreté est bloquée. Elle ne pourrait pas soulager le réservoir.
  Open it now; heat off until it is open.
    Enlever tout de suite le capuchon, le bouchon ou le robinet; chauffe-eau éteint d'ici là.
  A tee in the pipe
    Un té dans le tuyau
  The pipe branches where it must not.
    Le tuyau se divise là où il ne doit pas.
  Take the tee out.
    Enlever le té.
  Threaded end
    Bout fileté
  A thread invites a cap, and a cap would block the safety valve.
    Un filetage invite un bouchon, et un bouchon bloquerait la soupape de sûreté.
  Cut the thread off.
    Couper le filetage.
  Ends where nobody sees it
    Finit là où personne ne le voit
  A discharge would go unnoticed.
    Une décharge passerait inaperçue.
  Bring the end where it is seen.
    Amener le bout là où on le voit.
  Ends where it can scald or do damage
    Finit là où il peut brûler ou faire des dégâts
  Scalding water could hit people or spoil the building.
    De l'eau bouillante pourrait atteindre des gens ou abîmer le bâtiment.
  Bring the end to a safe place.
    Amener le bout en lieu sûr.
  No visible air gap
    Pas de coupure d'air visible
  There is no visible break between this pipe and the drain.
    Il n'y a pas de coupure visible entre ce tuyau et le drain.
  Make an air gap in the heater's room.
    Faire une coupure d'air dans la pièce du chauffe-eau.
  Joined directly to the drainage
    Joint directement au drain
  The safety pipe is joined to the drains.
    Le tuyau de sûreté est joint aux drains.
  Break the joint and make an air gap.
    Rompre le joint et faire une coupure d'air.
  Ends more than 6 in above
    Finit à plus de 6 po
  The end is so high that scalding water splashes.
    Le bout est si haut que l'eau bouillante éclabousse.
  Ends more than 24 in above
    Finit à plus de 24 po
  Does not point down
    Ne pointe pas vers le bas
  Scalding water would shoot sideways.
    L'eau bouillante jaillirait de côté.
  Turn the end down.
    Tourner le bout vers le bas.
  Ends closer than two pipe diameters
    Finit à moins de deux diamètres du tuyau
  The end is so low that it can be blocked.
    Le bout est si bas qu'il peut se boucher.
  Shorten it.
    Le raccourcir.
  Relief valve pipe not insulated
    Tuyau de la soupape sans isolant
  The pipe is bare; some places ask for insulation.
    Le tuyau est nu; certains endroits demandent un isolant.
  Insulate it where local rules ask for it.
    L'isoler là où les règles locales le demandent.
  There is a discharge pipe
    Il y a un tuyau de décharge
  Full size to the end (3/4 in)
    Pleine grosseur jusqu'au bout (3/4 po)
  Rated for hot water
    Fait pour l'eau chaude
  Serves this valve only
    Ne sert que cette soupape
  Runs by gravity, no trap, no uphill
    Coule par gravité, sans siphon ni montée
  No valve, tee or cap in it
    Ni robinet, ni té, ni bouchon dedans
  End not threaded
    Bout sans filetage
  Ends where it is seen and hurts nobody
    Finit là où on le voit et où il ne blesse personne
  Air gap in the heater's own room
    Coupure d'air dans la pièce du chauffe-eau
  Not more than 6 in above floor or receptor
    Pas plus de 6 po au-dessus du plancher ou du drain
  Ends 6–24 in above ground, pointing down
    Finit 6–24 po au-dessus du sol, vers le bas
  At least two pipe diameters above
    Au moins deux diamètres de tuyau au-dessus
  Insulated, where local rules ask for it
    Isolé, là où les règles locales le demandent
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  D1 smaller than the valve's outlet
    D1 plus petit que la sortie de la soupape
  The first pipe is too narrow for the safety valve.
    Le premier tuyau est trop étroit pour la soupape de sûreté.
  Re-pipe D1 at the outlet's size.
    Refaire D1 à la grosseur de la sortie.
  D1 longer than 600 mm
    D1 de plus de 600 mm
  The tundish is too far from the safety valve.
    L'entonnoir est trop loin de la soupape de sûreté.
  Move the tundish closer.
    Rapprocher l'entonnoir.
  D1 not of metal
    D1 qui n'est pas en métal
  The first pipe could soften with scalding water in it.
    Le premier tuyau pourrait ramollir avec de l'eau bouillante dedans.
  Re-pipe D1 in copper.
    Refaire D1 en cuivre.
  D1 rises
    D1 qui monte
  Water stands against the safety valve.
    De l'eau reste contre la soupape de sûreté.
  Re-pipe D1 vertical or falling.
    Refaire D1 vertical ou en pente.
  No tundish
    Pas d'entonnoir
  Nobody could see that a safety valve is letting water go.
    Personne ne verrait qu'une soupape de sûreté laisse couler de l'eau.
  Isolate; fit a tundish before it runs again.
    Couper et cadenasser; poser un entonnoir avant de remettre en marche.
  Tundish out of sight
    Entonnoir hors de vue
  Nobody would see a safety valve letting water go.
    Personne ne verrait une soupape de sûreté laisser couler de l'eau.
  Move it where it is seen, or box with a window.
    Le mettre là où on le voit, ou une trappe avec fenêtre.
  Tundish above the valve
    Entonnoir au-dessus de la soupape
  Water cannot fall into it.
    L'eau ne peut pas y tomber.
  Move it below the valve.
    Le mettre sous la soupape.
  Tundish in another room
    Entonnoir dans une autre pièce
  Nobody at the cylinder sees it.
    Personne près du cylindre ne le voit.
  Bring it into the cylinder's space.
    L'amener dans l'espace du cylindre.
  Tundish wet or stained
    Entonnoir mouillé ou taché
  A safety valve has been letting water go at some time.
    Une soupape de sûreté a laissé couler de l'eau un jour.
  Find out which valve, cold or hot.
    Trouver laquelle, froide ou chaude.
  Less than 300 mm of vertical pipe below the tundish
    Moins de 300 mm de tuyau vertical sous l'entonnoir
  The tundish could spill when the valve opens.
    L'entonnoir pourrait déborder quand la soupape s'ouvre.
  Re-pipe with 300 mm straight down before any bend.
    Refaire avec 300 mm tout droit avant le premier coude.
  D2 level, rising or sagging
    D2 de niveau, montant ou qui fait ventre
  Water stands in the pipe.
    De l'eau reste dans le tuyau.
  Re-hang it to fall 1 in 200.
    Le reposer avec une pente de 1 sur 200.
  D2 of plastic without a mark or its maker's proof for this
    D2 de plastique sans marque ni preuve de son fabricant pour cela
  The pipe could soften with scalding water in it.
    Le tuyau pourrait ramollir avec de l'eau bouillante dedans.
  Have its maker's proof shown, or re-pipe in copper.
    Faire montrer la preuve du fabricant, ou refaire en cuivre.
  D2 no larger than the valve's outlet, or smaller than D1
    D2 pas plus gros que la sortie de la soupape, ou plus petit que D1
  The pipe is too narrow; the tundish would spill.
    Le tuyau est trop étroit; l'entonnoir déborderait.
  Re-pipe by its equivalent length.
    Refaire selon sa longueur équivalente.
  Nobody can find or see where D2 ends
    Personne ne trouve ni ne voit où finit D2
  Nobody would see the safety valves let water go, nor that the pipe is blocked.
    Personne ne verrait les soupapes couler, ni que le tuyau est bouché.
  Find its end, or run a new D2 to one that is seen.
    Trouver son bout, ou poser un nouveau D2 dont on voit le bout.
  D2 runs in the ground or built in, with its end in sight
    D2 passe dans le sol ou est encastré, son bout en vue
  Part of the pipe cannot be looked at; its end can.
    Une partie du tuyau ne se voit pas; son bout, oui.
  Test it with both valves open; keep a plan of where it runs.
    L'essayer avec les deux soupapes ouvertes; garder un plan de son chemin.
  D2 blocked or cut off by building work
    D2 bouché ou coupé par des travaux
  The safety valves cannot let water go.
    Les soupapes de sûreté ne peuvent pas laisser couler l'eau.
  Isolate every heat source until it is open.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce qu'il soit libre.
  D2 shared by more than six systems
    D2 partagé par plus de six systèmes
  Too many safety valves end in one pipe.
    Trop de soupapes de sûreté finissent dans un seul tuyau.
  Have it designed anew.
    Le faire concevoir de nouveau.
  Joins the stack through another branch, or a sanitary appliance drains into it
    Rejoint la colonne par une autre branche, ou un appareil sanitaire s'y vide
  Scalding water could come back into a basin or a bath.
    De l'eau bouillante pourrait remonter dans un lavabo ou un bain.
  Give it a branch of its own to the stack, with no appliance on it.
    Lui donner une branche à lui vers la colonne, sans appareil dessus.
  No mark on the stack that it carries scalding discharge
    Aucune marque sur la colonne disant qu'elle porte une décharge bouillante
  Nobody who works on the stack later would know what it may carry.
    Personne qui travaille plus tard à la colonne ne saurait ce qu'elle peut porter.
  Mark the stack where the pipe joins it.
    Marquer la colonne là où le tuyau la rejoint.
  Onto a roof that does not stand scalding water
    Sur un toit qui ne supporte pas l'eau bouillante
  Scalding water would damage the roof.
    De l'eau bouillante abîmerait le toit.
  Move the end, or lead it into a metal hopper and downpipe.
    Déplacer le bout, ou le mener dans une trémie et une descente de métal.
  Into a soil stack that is not heat-proof, or through a water trap
    Dans une colonne qui ne résiste pas à la chaleur, ou à travers un siphon
  Scalding water could damage the drains.
    De l'eau bouillante pourrait abîmer les drains.
  Refer: it wants a mechanical seal without a water trap, and a stack that stands the heat.
    À soumettre : il faut un joint mécanique sans siphon et une colonne qui supporte la chaleur.
  Ends more than 100 mm above ground
    Finit à plus de 100 mm du sol
  Scalding water would splash.
    L'eau bouillante éclabousserait.
  Extend it down.
    L'allonger vers le bas.
  No guard at a low-level end
    Pas de protection au bout bas
  Children could put a hand there.
    Des enfants pourraient y mettre la main.
  Fit a guard.
    Poser une protection.
  Onto a roof less than 3 m from plastic gutters
    Sur un toit à moins de 3 m de gouttières de plastique
  Scalding water would run into plastic gutters.
    L'eau bouillante coulerait dans des gouttières de plastique.
  Move the end, or change to metal.
    Déplacer le bout, ou passer au métal.
  Into a plastic hopper
    Dans une trémie de plastique
  The hopper could soften and let go.
    La trémie pourrait ramollir et lâcher.
  Fit a metal hopper and downpipe.
    Poser une trémie et une descente de métal.
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
  Data plate missing or unreadable
    Plaque signalétique absente ou illisible
  The plate that says what this heater may take cannot be read.
    La plaque qui dit ce que ce chauffe-eau supporte ne se lit pas.
  Find the maker's data by serial, or treat every limit by the safest case.
    Trouver les données du fabricant par le numéro de série, ou prendre chaque limite au plus sûr.
  Plate of the {relief_valve} missing or unreadable
    Plaque de la soupape T-P absente ou illisible
  The rating of the safety valve cannot be read.
    La capacité de la soupape de sûreté ne se lit pas.
  Photograph what there is; plan the replacement by the heat input.
    Photographier ce qu'il y a; prévoir le remplacement selon la puissance.
  {Relief_valve} rated below the heat input
    Soupape T-P de capacité inférieure à la puissance
  The safety valve is too small for this {heater}.
    La soupape de sûreté est trop petite pour ce chauffe-eau.
  Heat off until a valve rated for the input is fitted.
    Chauffage coupé jusqu'à ce qu'une soupape de capacité suffisante soit posée.
  No working shut-off on the cold side
    Pas de robinet d'arrêt qui marche du côté froid
  The water to the heater cannot be shut off on its own.
    L'eau du chauffe-eau ne peut pas se fermer à part.
  Fit a full-bore valve on the cold inlet.
    Poser un robinet à plein passage sur l'entrée froide.
  Shut-off cannot be reached
    Robinet d'arrêt hors d'atteinte
  In an emergency nobody could reach the valve.
    En cas d'urgence, personne ne pourrait atteindre le robinet.
  Make it reachable, or fit one that is.
    Le rendre accessible, ou en poser un qui l'est.
  Hot and cold pipes bare near the tank
    Tuyaux chaud et froid nus près du réservoir
  A little heat is lost through the pipes.
    Un peu de chaleur se perd par les tuyaux.
  Insulate the {near_pipes}.
    Isoler {near_pipes} des tuyaux.
  Corrosion where copper meets steel
    Corrosion là où le cuivre touche l'acier
  Two metals touch and one of them is corroding.
    Deux métaux se touchent et l'un d'eux se corrode.
  Look again next year; fit unions when the pipes are next open.
    Regarder de nouveau l'an prochain; poser des raccords unions quand les tuyaux seront ouverts.
  Trim rings rippled by heat
    Anneaux ondulés par la chaleur
  Hot flue gas has come out where it should not, at some time.
    Des gaz chauds sont sortis un jour là où ils ne doivent pas.
  Test the {draught}, worst case.
    Vérifier le tirage, dans le pire cas.
  The {draught} was tested, worst case, and is sound: look again at the next visit.
    Le tirage a été vérifié dans le pire cas et il est bon : regarder de nouveau à la prochaine
      visite.
  Rings melted, soot or scorch marks
    Anneaux fondus, suie ou roussi
  Exhaust gas has been coming back into the room. It carries carbon monoxide, which kills.
    Des gaz de combustion sont revenus dans la pièce. Ils contiennent du monoxyde de carbone, qui
      tue.
  Burner off, ventilate, CO test, find the cause before it runs again.
    Brûleur éteint, aérer, mesurer le CO, trouver la cause avant de remettre en marche.
  Flue open, disconnected or blocked
    Conduit ouvert, débranché ou bouché
  Exhaust gas can enter the house. It carries carbon monoxide, which kills.
    Des gaz de combustion peuvent entrer dans la maison. Ils contiennent du monoxyde de carbone, qui
      tue.
  Burner off until the flue is whole and draws.
    Brûleur éteint jusqu'à ce que le conduit soit entier et tire.
  Flue falls, sags or is not supported
    Conduit qui descend, fait ventre ou n'est pas supporté
  The exhaust pipe does not rise as it must.
    Le conduit ne monte pas comme il doit.
  Hood loose or off
    Coupe-tirage lâche ou enlevé
  Exhaust gas can enter the room instead of going up the flue.
    Des gaz de combustion peuvent entrer dans la pièce au lieu de monter par le conduit.
  Burner off; seat and fix the hood, test the {draught}.
    Brûleur éteint; remettre et fixer le coupe-tirage, vérifier le tirage.
  No free opening for combustion air
    Pas d'ouverture libre pour l'air de combustion
  Intake screen choked with lint
    Grille d'entrée bouchée par la mousse
  Dust starves the burner of air.
    La poussière étouffe le brûleur.
  Vacuum and brush the screen.
    Aspirer et brosser la grille.
  Ignition source under 18 in above a garage floor
    Source d'allumage à moins de 18 po du plancher d'un garage
  Fuel {vapour} creeps along a garage floor; a flame near the floor can light it.
    Les vapeurs d'essence rampent au plancher d'un garage; une flamme près du plancher peut les
      allumer.
  Raise the heater, or confirm that it is listed as flammable-{vapour} resistant.
    Surélever le chauffe-eau, ou confirmer qu'il est homologué résistant aux vapeurs inflammables.
  No anode
    Pas d'anode
  The rod that protects the tank from rust is not there.
    La tige qui protège le réservoir de la rouille n'est pas là.
  Plan an anode at the next drain.
    Prévoir une anode à la prochaine vidange.
  No {relief_valve}
    Pas de soupape T-P
  The last protection against a bursting tank is missing.
    La dernière protection contre l'éclatement du réservoir manque.
  Heat and water off until one is fitted.
    Chauffe-eau éteint et eau fermée jusqu'à ce qu'une soit posée.
  {Relief_valve} plugged, capped or shut off
    Soupape T-P bouchée, coiffée ou fermée
  The last protection against a bursting tank has been blocked.
    La dernière protection contre l'éclatement du réservoir a été bloquée.
  Heat off. Take the plug out or replace the valve before the heater runs.
    Chauffage coupé. Enlever le bouchon ou remplacer la soupape avant que le chauffe-eau marche.
  Crust or corrosion at the {relief_valve}
    Croûte ou corrosion à la soupape T-P
  The safety valve shows deposits; it may not close again.
    La soupape de sûreté montre des dépôts; elle peut ne plus refermer.
  Have a replacement at hand when it is exercised.
    Avoir une pièce de rechange quand on l'essaie.
  Leak at a fitting
    Fuite à un raccord
  A joint drips.
    Un raccord goutte.
  Re-make the joint.
    Refaire le raccord.
  Leak at an {element}'s gasket
    Fuite au joint d'un élément
  A seal on the tank drips.
    Un joint du réservoir goutte.
  Drain below it, new gasket, hand tight plus an eighth to a quarter turn.
    Vidanger au-dessous, joint neuf, serré à la main plus un huitième à un quart de tour.
  Tank body leaking, or rusty water from under the jacket
    Corps du réservoir qui fuit, ou eau rouillée sous l'enveloppe
  The tank itself has rusted through. It will get worse and can fail suddenly.
    Le réservoir lui-même est percé par la rouille. Cela empirera et peut lâcher d'un coup.
  Replace the heater; it cannot be repaired.
    Remplacer le chauffe-eau; il ne se répare pas.
  No pan where a leak would do damage
    Pas de bac là où une fuite ferait des dégâts
  A leak would run into the building.
    Une fuite coulerait dans le bâtiment.
  Fit a pan with a drain.
    Poser un bac avec un drain.
  Pan without a drain, or a drain that is too small
    Bac sans drain, ou drain trop petit
  The tray under the heater cannot empty.
    Le bac sous le chauffe-eau ne peut pas se vider.
  Run a drain of 3/4 in (22 mm) or more to outdoors or an indirect waste.
    Mener un drain de 3/4 po (22 mm) ou plus dehors ou à un drain indirect.
  Pan without a drain, where the {heater} before it had none
    Bac sans drain, là où le chauffe-eau d'avant n'en avait pas
  The tray under the heater cannot empty; a leak alarm tells of it.
    Le bac sous le chauffe-eau ne peut pas se vider; un détecteur de fuite en avertit.
  Run a drain of 3/4 in or more to outdoors or an indirect waste, if it can be had.
    Mener un drain de 3/4 po ou plus dehors ou à un drain indirect, si c'est possible.
  No disconnect in sight, none lockable
    Pas de sectionneur en vue, aucun verrouillable
  Whoever works on the heater cannot make sure that it stays off.
    Celui qui travaille au chauffe-eau ne peut pas s'assurer qu'il reste coupé.
  Fit one in sight, or a lock at the {breaker}.
    En poser un en vue, ou un verrou au disjoncteur.
  No {earth} connection
    Pas de mise à la terre
  If a wire touches the metal, nothing would trip.
    Si un fil touche le métal, aucun disjoncteur ne se déclencherait et le métal resterait sous
      tension.
  Straps missing where they are required
    Sangles absentes là où elles sont exigées
  An earthquake could throw the heater over.
    Un tremblement de terre pourrait renverser le chauffe-eau.
  Strap it in the upper and the lower third.
    Le sangler dans le tiers du haut et celui du bas.
  Drain valve drips
    Robinet de vidange qui goutte
  The valve at the bottom drips a little.
    Le robinet du bas goutte un peu.
  Cap it, note it, look again tomorrow.
    Le coiffer, le noter, regarder demain.
  Old plastic drain valve, brittle
    Vieux robinet de vidange de plastique, cassant
  The valve at the bottom may break when used.
    Le robinet du bas peut casser quand on s'en sert.
  Replace it at the next drain.
    Le remplacer à la prochaine vidange.
  Nothing runs from the opened drain valve
    Rien ne coule du robinet de vidange ouvert
  The tank cannot be drained by its valve at the moment.
    Pour l'instant, le réservoir ne peut pas se vider par son robinet.
  Let air in; rod it out, or drain another way. Still is not empty.
    Laisser entrer l'air; le déboucher, ou vider autrement. Que rien ne coule ne veut pas dire que
      le réservoir est vide.
  No service tag or instructions at the heater
    Pas d'étiquette d'entretien ni d'instructions au chauffe-eau
  Nobody can see when it was last serviced.
    Personne ne peut voir quand il a été entretenu.
  Hang a tag today.
    Accrocher une étiquette aujourd'hui.
  Damper stuck, or vent motor not running
    Registre coincé, ou moteur d'évacuation arrêté
  Exhaust gas may stay in the house. It carries carbon monoxide, which kills.
    Des gaz de combustion peuvent rester dans la maison. Ils contiennent du monoxyde de carbone, qui
      tue.
  Burner off until it opens and draws.
    Brûleur éteint jusqu'à ce qu'il s'ouvre et tire.
  Flue narrower than the {heater}'s collar
    Conduit plus étroit que le collet du chauffe-eau
  The exhaust pipe is too narrow.
    Le conduit est trop étroit.
  Re-pipe at the collar's size or as tables say.
    Refaire à la grosseur du collet ou selon les tables.
  Nest or debris in the flue
    Nid ou débris dans le conduit
  The exhaust cannot leave the house. It carries carbon monoxide, which kills.
    Les gaz de combustion ne peuvent pas sortir de la maison. Ils contiennent du monoxyde de
      carbone, qui tue.
  Burner off until it is cleared and draws.
    Brûleur éteint jusqu'à ce qu'il soit dégagé et tire.
  Flue too close to what can burn
    Conduit trop près de ce qui peut brûler
  The hot exhaust pipe is too near to wood or plastic.
    Le conduit chaud est trop près de bois ou de plastique.
  Give it its clearance, or a listed shield.
    Lui donner son dégagement, ou un écran homologué.
  Smell of gas
    Odeur de gaz
  Gas is escaping.
    Du gaz s'échappe.
  Everybody out; call from outside; gas off only if it lies on the way.
    Tout le monde dehors; appeler de dehors; fermer le gaz seulement si c'est sur le chemin.
  Soot at the burner door
    Suie à la porte du brûleur
  The burner does not burn clean. Soot comes with carbon monoxide.
    Le brûleur ne brûle pas proprement. La suie vient avec du monoxyde de carbone.
  Burner off, ventilate, CO test.
    Brûleur éteint, aérer, mesurer le CO.
  No {gas_cock} at the {heater}
    Pas de robinet de gaz au chauffe-eau
  The gas to the {heater} cannot be shut off on its own.
    Le gaz du chauffe-eau ne peut pas se fermer à part.
  Fit a listed valve and a union.
    Poser un robinet homologué et un raccord union.
  No sediment trap ahead of the gas control, and none built in
    Pas de collecteur de sédiments avant la commande de gaz, et aucun intégré
  Dirt in the gas pipe is not caught before the burner.
    La saleté du tuyau de gaz n'est pas retenue avant le brûleur.
  Fit a drip leg at the next gas work.
    Poser un collecteur au prochain travail de gaz.
  Whether there is a sediment trap cannot be seen
    On ne voit pas s'il y a un collecteur de sédiments
  Whether dirt in the gas pipe is caught before the burner could not be seen.
    On n'a pas pu voir si la saleté du tuyau de gaz est retenue avant le brûleur.
  Look for it when the gas pipe is next open.
    Le chercher quand le tuyau de gaz sera ouvert.
  Gas connector kinked, corroded or of an old type
    Raccord de gaz plié, corrodé ou d'un vieux modèle
  The flexible gas pipe is not safe any more.
    Le raccord souple de gaz n'est plus sûr.
  Burner door loose, or its gasket damaged
    Porte du brûleur lâche, ou son joint abîmé
  The burner's door does not seal.
    La porte du brûleur n'est pas étanche.
  Controls have been under water
    Les commandes ont été sous l'eau
  The gas control has been under water and cannot be trusted.
    La commande de gaz a été sous l'eau et on ne peut plus s'y fier.
  Gas off; replace control or {heater}, never relight.
    Gaz fermé; remplacer la commande ou le chauffe-eau, ne jamais rallumer.
  Flammable-{vapour} sensor or screen burnt
    Capteur de vapeurs inflammables ou grille brûlés
  There has been a flash of {vapour} here.
    Il y a eu ici une flambée de vapeurs.
  Gas off; replace the {heater}, find where it came from.
    Gaz fermé; remplacer le chauffe-eau, trouver d'où elles venaient.
  Under a recall
    Visé par un rappel
  The maker has called this {heater} back.
    Le fabricant a rappelé ce chauffe-eau.
  As the maker's notice says; off until then.
    Comme l'avis du fabricant le dit; éteint d'ici là.
  A cover or guard is missing
    Un couvercle ou un protecteur manque
  Live parts can be touched.
    On peut toucher des pièces sous tension.
  Power off and locked; covers on before it runs.
    Courant coupé et cadenassé; couvercles remis avant de remettre en marche.
  Scorched wire or terminal
    Fil ou borne roussis
  A connection has been running hot.
    Une connexion a chauffé.
  Cable damaged or not held
    Câble abîmé ou pas retenu
  The cable could pull loose or fray.
    Le câble pourrait s'arracher ou s'user.
  Replace it, with its clamp.
    Le remplacer, avec son serre-câble.
  Cable not fit for the heat or the load
    Câble pas fait pour la chaleur ou la charge
  The cable is not made for this heat.
    Le câble n'est pas fait pour cette chaleur.
  Replace with heat-resisting cable of the right size.
    Le remplacer par un câble résistant à la chaleur, de la bonne grosseur.
  Blanket over controls, plate, relief valve or burner air
    Couverture sur les commandes, la plaque, la soupape ou l'air du brûleur
  The blanket hides or chokes what must be free.
    La couverture cache ou étouffe ce qui doit être libre.
  Cut it back today.
    La recouper aujourd'hui.
  Jacket wet or rusty from behind
    Enveloppe mouillée ou rouillée par derrière
  There is moisture behind the outer skin.
    Il y a de l'humidité derrière l'enveloppe.
  Find out whether a fitting or the tank leaks.
    Trouver si c'est un raccord ou le réservoir qui fuit.
  No room to work, or things stored against it
    Pas de place pour travailler, ou des choses rangées contre
  Nobody can get at the {heater} to make it safe.
    Personne ne peut atteindre le chauffe-eau pour le mettre en sûreté.
  Clear the space.
    Dégager l'espace.
  Paint, fuel or rags stored beside it
    Peinture, essence ou chiffons rangés à côté
  What is stored here can catch fire.
    Ce qui est rangé ici peut prendre feu.
  Move it away today.
    L'éloigner aujourd'hui.
  Stand rotten, loose or leaning
    Support pourri, lâche ou penché
  A full tank is very heavy, and its stand is weak.
    Un réservoir plein est très lourd, et son support est faible.
  Make a sound stand before it gives way.
    Faire un bon support avant qu'il cède.
  No valve on the hot outlet of a low {heater} in a tall building
    Pas de robinet sur la sortie chaude d'un chauffe-eau bas dans un immeuble haut
  Every service lets the water of the whole building run out.
    Chaque entretien fait couler l'eau de tout l'immeuble.
  Fit one when the pipes are next open.
    En poser un quand les tuyaux seront ouverts.
  Bond missing where it is asked for
    Liaison absente là où elle est demandée
  The pipes are not joined electrically as they should be.
    Les tuyaux ne sont pas reliés électriquement comme ils devraient l'être.
  Have it bonded.
    La faire poser.
  Mixing valve leaks
    Mitigeur qui fuit
  The valve that keeps the water from scalding drips.
    Le mitigeur qui empêche l'eau de brûler goutte.
  Service or replace it.
    L'entretenir ou le remplacer.
  Hot and cold reversed at the mixing valve
    Chaud et froid inversés au mitigeur
  The valve that should keep the water from scalding is connected the wrong way round.
    Le mitigeur qui doit empêcher l'eau de brûler est branché à l'envers.
  Re-pipe it.
    Refaire les tuyaux.
  No check valve in the return
    Pas de clapet dans le retour
  Water can run the wrong way through the return pipe.
    L'eau peut couler à l'envers par le tuyau de retour.
  Fit a check valve.
    Poser un clapet antiretour.
  Pump leaks or seized
    Pompe qui fuit ou bloquée
  The pump that brings hot water quickly has failed.
    La pompe qui amène vite l'eau chaude a lâché.
  Replace it.
    La remplacer.
  {Vessel} not supported
    Réservoir d'expansion non supporté
  If its inside fails, the small tank becomes heavy and can tear its pipe.
    Si l'intérieur lâche, le petit réservoir devient lourd et peut arracher son tuyau.
  Strap or bracket it.
    Le sangler ou le supporter.
  Its shell or joint drips or rusts
    Son corps ou son raccord goutte ou rouille
  The small tank that cushions the pressure is rusting through.
    Le petit réservoir qui amortit la pression est rongé par la rouille.
  A valve between tank and {vessel}
    Un robinet entre le réservoir et le réservoir d'expansion
  Somebody could shut the small safety tank off.
    Quelqu'un pourrait fermer le petit réservoir de sûreté.
  Take the valve out, or seal it open.
    Enlever le robinet, ou le sceller ouvert.
  It sits before the {heater}'s own valve
    Il est avant le robinet du chauffe-eau lui-même
  The small tank works, but it is shut off with the house.
    Le petit réservoir marche, mais il est fermé quand on ferme la maison.
  Its charge is read with the house supply shut.
    Sa pression d'air se lit quand l'eau de la maison est fermée.
  {Regulator} leaks
    Le régulateur de pression fuit
  The device that lowers the street's water pressure drips.
    L'appareil qui abaisse la pression de l'eau de la rue goutte.
  Dial turned to the top
    Cadran monté au maximum
  The temperature is set as high as it goes.
    La température est réglée au plus haut.
  Find out why it was turned up; turn it down.
    Trouver pourquoi on l'a monté; le baisser.
  Knob or dial broken
    Bouton ou cadran cassé
  The temperature cannot be set.
    La température ne se règle pas.
  Replace the knob or the control.
    Remplacer le bouton ou la commande.
  Status light dark: the control has no power
    Voyant éteint : la commande n'a pas de courant
  The electronics of the burner have no power.
    L'électronique du brûleur n'a pas de courant.
  Read the generator's voltage, or its feed.
    Mesurer la tension du générateur, ou son alimentation.
  Status light blinks an error code
    Le voyant clignote un code d'erreur
  The burner's control reports a fault.
    La commande du brûleur signale un défaut.
  Write the code down and look it up on the maker's label.
    Noter le code et le chercher sur l'étiquette du fabricant.
  Past its expected life
    Au-delà de sa durée de vie prévue
  The {heater} is old; plan its replacement before it leaks.
    Le chauffe-eau est vieux; prévoir son remplacement avant qu'il fuie.
  Plan the replacement; look yearly for rust.
    Prévoir le remplacement; regarder la rouille chaque année.
  Green or white crust on its body
    Croûte verte ou blanche sur son corps
  The inlet valves are weeping.
    La robinetterie d'entrée suinte.
  Replace the group.
    Remplacer le groupe.
  Strainer, reducing, check or relief valve missing from it
    Crépine, réducteur, clapet ou soupape y manquent
  A safety part of the inlet is missing.
    Une pièce de sûreté de l'entrée manque.
  Isolate every heat source until it is complete.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce qu'il soit complet.
  Fitted against its arrow
    Posé contre sa flèche
  The inlet valves are fitted the wrong way round.
    La robinetterie d'entrée est posée à l'envers.
  Turn it round.
    Le retourner.
  Cold branch for mixers taken before it
    Froid des mitigeurs pris avant lui
  Showers may not mix well.
    Les douches peuvent mal mélanger.
  Take the cold from the balanced outlet.
    Prendre le froid à la sortie équilibrée.
  No {expansion_relief}
    Pas de soupape d'expansion
  A safety valve against pressure is missing.
    Une soupape de sûreté contre la pression manque.
  Isolate every heat source until one is fitted.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce qu'une soit posée.
  A valve between it and the cylinder
    Un robinet entre elle et le cylindre
  A safety valve can be shut off.
    Une soupape de sûreté peut être fermée.
  Open it now; take the valve out.
    Ouvrir tout de suite et enlever le robinet; chauffe-eau éteint d'ici là.
  {Expansion_relief} plugged or capped
    Soupape d'expansion bouchée ou coiffée
  A safety valve against pressure has been blocked.
    Une soupape de sûreté contre la pression a été bloquée.
  Isolate every heat source; open or replace it.
    Couper et cadenasser toutes les sources de chaleur; l'ouvrir ou la remplacer.
  A heat source without energy cut-out
    Une source de chaleur sans coupe-circuit thermique
  The second of three safety devices is missing.
    La deuxième de trois protections manque.
  Isolate that heat source until one is fitted.
    Couper et cadenasser cette source de chaleur jusqu'à ce qu'un soit posé.
  Cut-out by-passed or bridged
    Coupe-circuit court-circuité
  The second of three safety devices has been put out of action.
    La deuxième de trois protections a été mise hors d'usage.
  Isolate that heat source; wire it in.
    Couper et cadenasser cette source de chaleur; le raccorder.
  Cut-out found tripped
    Coupe-circuit trouvé déclenché
  A safety switch has acted: something overheated.
    Un dispositif de sûreté a agi : quelque chose a surchauffé.
  Find out why before you reset it.
    Trouver pourquoi avant de le réarmer.
  No {two_port} or pump control on the coil
    Pas de vanne à deux voies ni de commande de pompe sur le serpentin
  Nothing would stop the boiler from overheating the {heater}.
    Rien n'empêcherait la chaudière de surchauffer le chauffe-eau.
  Isolate the coil until one is fitted.
    Fermer le circuit du serpentin jusqu'à ce qu'une soit posée.
  Left on manual
    Laissée en manuel
  The valve that stops the heat is held open.
    La vanne qui arrête le chauffage est tenue ouverte.
  Set it to auto today.
    La mettre en automatique aujourd'hui.
  {Two_port} weeps or its head is wet
    La vanne suinte ou sa tête est mouillée
  A control valve drips.
    Une vanne de commande goutte.
  Replace the valve.
    Remplacer la vanne.
  No valves on the coil's pipes
    Pas de robinets sur les tuyaux du serpentin
  The heating must be drained to work on the {heater}.
    Il faut vider le chauffage pour travailler au chauffe-eau.
  Fit valves when the pipes are next cut.
    Poser des robinets quand les tuyaux seront coupés.
  Flow and return swapped
    Départ et retour inversés
  The heating pipes are connected the wrong way round.
    Les tuyaux de chauffage sont branchés à l'envers.
  Swap them.
    Les inverser.
  Wiring box open or cable not clamped
    Boîte de raccordement ouverte ou câble pas serré
  Dead and proved; clamp and close.
    Vérifié hors tension; serrer et fermer.
  No thermostat in the chain
    Pas de thermostat dans la chaîne
  Nothing limits the water's temperature.
    Rien ne limite la température de l'eau.
  Isolate the coil until a thermostat is wired in.
    Fermer le circuit du serpentin jusqu'à ce qu'un thermostat soit raccordé.
  Commissioning record or warning label missing
    Fiche de mise en service ou étiquette d'avertissement absente
  Nobody can see who commissioned it and what must not be done.
    Personne ne voit qui l'a mis en service et ce qu'il ne faut pas faire.
  Fit the label, start a record.
    Poser l'étiquette, commencer une fiche.
  D1: metal, falls, at most 600 mm, no smaller than the valve's outlet
    D1 : métal, en pente, au plus 600 mm, pas plus petit que la sortie de la soupape
  Tundish: same space, upright, below the valve, in sight
    Entonnoir : même espace, droit, sous la soupape, en vue
  D2 leaves the tundish 300 mm straight down
    D2 quitte l'entonnoir 300 mm tout droit vers le bas
  D2 falls at least 1 in 200 all the way
    D2 en pente d'au moins 1 sur 200 partout
  D2: copper, or plastic that its maker proves for it and marks; one size above the valve's outlet
      or larger, no reduction
    D2 : cuivre, ou plastique que son fabricant éprouve et marque pour cela; une grosseur de plus
      que la sortie de la soupape ou davantage, sans réduction
  D2's end found and seen, hidden on its way or not; not blocked by later work
    Bout de D2 trouvé et vu, caché en chemin ou non; pas bouché par des travaux
  If it is shared: six systems at most, each with its tundish
    S'il est partagé : six systèmes au plus, chacun avec son entonnoir
  Into a soil stack only under its own conditions
    Dans une colonne seulement à ses propres conditions
  Low-level end: 100 mm at most, with a guard, or under a grating
    Bout bas : 100 mm au plus, avec protection, ou sous une grille
  High-level end: metal hopper, or a roof that stands the heat, 3 m from plastic gutters
    Bout haut : trémie de métal, ou toit qui supporte la chaleur, à 3 m de gouttières de plastique
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
  Data plate
    Plaque signalétique
  Plate of the {relief_valve}
    Plaque de la soupape T-P
  {Supply_valve}
    Arrêt d'eau froide
  Pipe insulation, {near_pipes}
    Isolant des tuyaux, {near_pipes}
  Dielectric unions
    Raccords diélectriques
  Plastic rings at the flue
    Anneaux de plastique au conduit
  Flue
    Conduit
  Hood of the flue
    Coupe-tirage du conduit
  Free air for the burner
    Air libre pour le brûleur
  Intake screen and sight glass
    Grille d'entrée et hublot
  Anode hexagon
    Hexagone de l'anode
  {Relief_valve}
    Soupape T-P
  Leaks
    Fuites
  Pan under the {heater}, and its drain
    Bac sous le chauffe-eau, et son drain
  Means of disconnection
    Moyen de sectionnement
  {Earth} or bond connection
    Mise à la terre ou liaison
  Seismic straps, where required
    Sangles parasismiques, là où elles sont exigées
  Drain valve
    Robinet de vidange
  Service tag and instructions
    Étiquette d'entretien et instructions
  Vent damper or power vent
    Registre ou ventilateur d'évacuation
  Flue of the right diameter, no nest or debris
    Conduit du bon diamètre, sans nid ni débris
  No smell of gas, no soot at the burner door
    Pas d'odeur de gaz, pas de suie à la porte du brûleur
  {Gas_cock} with union, within reach
    Robinet de gaz avec raccord union, à portée
  Burner door and its gasket
    Porte du brûleur et son joint
  No sign of flood or {vapour} event at the controls
    Aucun signe d'inondation ni de flambée de vapeurs aux commandes
  Covers, guards and insulation over the {elements}
    Couvercles, protecteurs et isolant sur les éléments
  Cable or {flex} to the {elements}
    Câble ou cordon jusqu'aux éléments
  Jacket, and any extra blanket
    Enveloppe, et toute couverture ajoutée
  Room to work, nothing stored against it
    Place pour travailler, rien de rangé contre
  Stand, level and sound
    Support, de niveau et solide
  In a tall building: a valve on the hot outlet
    Dans un immeuble haut : un robinet sur la sortie chaude
  Bond between hot and cold, where asked for
    Liaison entre chaud et froid, là où elle est demandée
  Mixing valve
    Mitigeur
  Recirculation pump and its check valve
    Pompe de recirculation et son clapet
  The {vessel}: supported, dry, no valve before it
    Le réservoir d'expansion : supporté, sec, aucun robinet avant lui
  The {regulator}
    Le régulateur de pression
  Dial of the gas control
    Cadran de la commande de gaz
  Age
    Âge
  Inlet control group
    Groupe de commande d'entrée
  {Expansion_relief}
    Soupape d'expansion
  Energy cut-outs, one on each heat source
    Coupe-circuits thermiques, un sur chaque source de chaleur
  {Two_port} on the coil's flow
    Vanne à deux voies sur le départ du serpentin
  Valves on the coil's pipes, right way round
    Robinets sur les tuyaux du serpentin, du bon côté
  Programmer and wiring box
    Programmateur et boîte de raccordement
  Commissioning record, labels and warnings
    Fiche de mise en service, étiquettes et avertissements
TEXTS

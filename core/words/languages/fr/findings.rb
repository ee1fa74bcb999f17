# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
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
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  No carbon monoxide alarm
    Pas d'avertisseur de monoxyde de carbone
  Exhaust gas cannot be smelt. Nothing would wake the people in the house.
    Les gaz de combustion ne se sentent pas toujours. Rien ne réveillerait les gens de la maison.
  Fit one: in the room of the {heater}, or outside the bedrooms, as the book here says.
    En poser un : dans la pièce du chauffe-eau ou devant les chambres, comme le code d'ici le dit.
  Carbon monoxide alarm past its date, or silent at its button
    Avertisseur de monoxyde de carbone périmé, ou muet quand on appuie sur son bouton
  The alarm would not warn anybody.
    L'avertisseur n'avertirait personne.
  Replace the alarm.
    Remplacer l'avertisseur.
  Corrugated gas pipe without its bond
    Tuyau de gaz ondulé sans liaison électrique
  Lightning near by could burn a hole into the thin gas pipe.
    La foudre tombée près d'ici pourrait percer le mince tuyau de gaz.
  Have it bonded to the {earth} of the house, as its maker says.
    Le faire relier à la mise à la terre de la maison, comme son fabricant le dit.
  Let home without a gas safety check of the last 12 months
    Logement loué sans vérification du gaz dans les 12 derniers mois
  The law asks for a yearly check where a home is let; it is missing.
    La loi demande une vérification par an d'un logement loué; elle manque.
  A registered engineer checks and records it; the tenant gets the record.
    Un technicien agréé vérifie et consigne; le locataire reçoit le document.
  No RCD on a circuit in or through a bathroom
    Pas de disjoncteur différentiel sur un circuit dans une salle de bain ou à travers elle
  The circuit lacks the protection that a bathroom asks for today.
    Le circuit n'a pas la protection qu'une salle de bain demande aujourd'hui.
  Have an electrician look at the circuit; new ones are notified (Part P).
    Faire voir le circuit par un électricien; les nouveaux sont déclarés (Part P).
  Immersion heater without its own cut-out
    Thermoplongeur sans coupe-circuit à lui
  If its thermostat sticks, nothing stops this heater before the water boils.
    Si son thermostat colle, rien n'arrête ce chauffage avant que l'eau bouille.
  Immersion off and locked until one with a cut-out is fitted and tested.
    Thermoplongeur coupé et cadenassé jusqu'à ce qu'un autre avec coupe-circuit soit posé et
      vérifié.
  Stands in the way of cars, without a guard
    Sur le passage des autos, sans protection
  A car could strike the heater, its gas pipe or its flue.
    Une auto pourrait frapper le chauffe-eau, son tuyau de gaz ou son conduit.
  A post or a wall between it and the cars, or another place.
    Un poteau ou un mur entre lui et les autos, ou une autre place.
  No floor, no way or no light at a heater in the attic
    Pas de plancher, de passage ou de lumière pour un chauffe-eau au grenier
  Nobody can work safely at the heater.
    Personne ne peut travailler en sûreté à ce chauffe-eau.
  A floor and a passage of 24 in or more, a light and its switch at the hatch.
    Un plancher et un passage d'au moins 24 po, une lumière et son interrupteur à la trappe.
  The safety pipe runs where it can freeze
    Le tuyau de sûreté passe là où il peut geler
  Ice could close the pipe of the safety valve.
    La glace pourrait fermer le tuyau de la soupape de sûreté.
  Run it through warm rooms, with fall, or end it indoors over a receptor.
    Le faire passer par des pièces chaudes, en pente, ou le finir à l'intérieur au-dessus d'un
      drain.
  Plastic pan under a gas heater
    Bac de plastique sous un chauffe-eau à gaz
  The tray under the burner can melt or burn.
    Le bac sous le brûleur peut fondre ou brûler.
  Fit a metal pan.
    Poser un bac de métal.
  Pan less than 1½ in deep, or too small for the {heater}
    Bac de moins de 1½ po de profond, ou trop petit pour le chauffe-eau
  The tray under the heater holds too little.
    Le bac sous le chauffe-eau retient trop peu.
  Fit a pan at least 1½ in deep that holds what drips.
    Poser un bac d'au moins 1½ po de profond qui retient ce qui goutte.
  Lower strap less than 4 in above the controls
    Sangle du bas à moins de 4 po au-dessus des commandes
  The lower strap sits where it can damage the controls.
    La sangle du bas est là où elle peut abîmer les commandes.
  Move it: in the lower third, at least 4 in above the controls.
    La déplacer : dans le tiers du bas, à au moins 4 po au-dessus des commandes.
  Valve in a pipe or another tapping: it does not feel the hottest water
    Soupape dans un tuyau ou une autre prise : elle ne sent pas l'eau la plus chaude
  The safety valve sits where it cannot feel how hot the water gets.
    La soupape de sûreté est là où elle ne sent pas à quel point l'eau chauffe.
  Put it where the maker provides for it; until then watch the temperature.
    La mettre où le fabricant l'a prévue; d'ici là, surveiller la température.
  Probe too short to reach the water
    Sonde trop courte pour atteindre l'eau
  The safety valve's probe does not reach the water.
    La sonde de la soupape de sûreté n'atteint pas l'eau.
  Fit a valve with a probe as long as the insulation wants.
    Poser une soupape dont la sonde est aussi longue que l'isolant le demande.
  Filled from the bottom, without a vacuum relief valve
    Rempli par le bas, sans casse-vide
  If the street runs dry, the tank can be sucked empty and collapse.
    Si la rue se vide, le réservoir peut être aspiré et s'écraser.
  Fit one on the cold inlet, above the top of the tank.
    En poser un sur l'entrée froide, au-dessus du haut du réservoir.
  Heated water runs back into the cold supply
    L'eau chauffée revient dans l'eau froide
  Water that was heated gets back into the drinking water.
    De l'eau qui a été chauffée revient dans l'eau potable.
  Clean or replace the check valve of the inlet group; test the vessel's charge.
    Nettoyer ou remplacer le clapet du groupe d'entrée; vérifier la pression d'air du vase.
  Nothing at bath or shower limits the heat
    Rien ne limite la chaleur au bain ou à la douche
  Only the heater's thermostat keeps the bath from scalding.
    Seul le thermostat du chauffe-eau protège le bain des brûlures.
  Fit a limiting device (ASSE 1016 or 1070, CSA B125.3); the heater's thermostat is no substitute.
    Poser un limiteur (ASSE 1016 ou 1070, CSA B125.3); le thermostat du chauffe-eau ne le remplace
      pas.
  Carbon monoxide alarm, where the book wants it
    Avertisseur de monoxyde de carbone, là où le code le veut
  There, in date, sounds at its button
    Là, pas périmé, sonne à son bouton
  Corrugated gas pipe (CSST) in the house: bonded
    Tuyau de gaz ondulé (CSST) dans la maison : relié
  Bonded, or there is none
    Relié, ou il n'y en a pas
  Let home: the gas safety check of this year
    Logement loué : la vérification du gaz de cette année
  In date, or it is not let
    À jour, ou pas loué
  Circuit of the {heater}: protected by an RCD where the book wants one
    Circuit du chauffe-eau : protégé par un différentiel là où le code le veut
  RCD, or none is wanted
    Différentiel, ou pas exigé
  Immersion heater: a cut-out of its own, reset by hand
    Thermoplongeur : un coupe-circuit à lui, réarmé à la main
  There
    Là
  Where cars are driven: guarded against being struck
    Là où passent des autos : protégé des chocs
  Behind a post or wall, or out of the way
    Derrière un poteau ou un mur, ou hors du passage
  In the attic: a floor to stand on, a way to it, a light
    Au grenier : un plancher, un passage, une lumière
  All three
    Les trois
  Where the safety pipe can freeze
    Là où le tuyau de sûreté peut geler
  Nowhere on its way
    Nulle part sur son chemin
  Valve in the tank's own tapping for it, its probe in the water at the top
    Soupape dans la prise prévue du réservoir, sa sonde dans l'eau du haut
  In its tapping, in the hottest water
    Dans sa prise, dans l'eau la plus chaude
  Cold water enters at the bottom: a vacuum relief valve
    L'eau froide entre par le bas : un casse-vide
  There, above the tank; or the cold enters at the top
    Là, au-dessus du réservoir; ou le froid entre par le haut
  Cold pipe before the check valve: cold to the hand while it heats
    Tuyau froid avant le clapet : froid à la main pendant le chauffage
  Cold
    Froid
  Bath and shower: a device of their own that limits the heat
    Bain et douche : un dispositif à eux qui limite la chaleur
  Seen, or known
    Vu, ou connu
  Fit a valve set to 150 psi or less, and no higher than the tank's rating.
    Poser une soupape réglée à 150 psi ou moins, jamais au-dessus de ce que supporte le réservoir.
  The safety valve opens at a higher pressure than the code allows.
    La soupape de sûreté s'ouvre à une pression plus forte que le code ne le permet.
  Lower the supply by its {regulator}, or fit a valve set higher, never above the tank's rating.
    Abaisser l'alimentation par son régulateur, ou poser une soupape réglée plus haut, jamais
      au-dessus de ce que supporte le réservoir.
  The safety valve is set so close to the water pressure that it will drip.
    La soupape de sûreté est réglée si près de la pression de l'eau qu'elle gouttera.
  It is set to {value}.
    Elle est réglée à {value}.
  It is set to {set}, the supply stands at {supply}: {margin} between them.
    Elle est réglée à {set}, l'alimentation est à {supply} : {margin} entre les deux.
  Set the thermostats to 60 °C; a mixing valve keeps bath and shower at 49 °C.
    Régler les thermostats à 60 °C; un mitigeur garde bain et douche à 49 °C.
  An electric tank that is kept cooler can let legionella bacteria grow.
    Un réservoir électrique gardé plus froid peut laisser croître les légionelles.
  It holds {value}.
    Il contient {value}.
  Ask the engineer who specified it: its safety devices are of a design of its own.
    Demander à l'ingénieur qui l'a choisi : ses dispositifs de sûreté sont conçus pour lui.
  The cylinder is larger than the rules for packaged cylinders cover.
    Le cylindre est plus grand que ce que couvrent les règles des cylindres préassemblés.
  Its heat input is {value}.
    Sa puissance est de {value}.
  The cylinder is heated harder than the rules for packaged cylinders cover.
    Le cylindre est chauffé plus fort que ne le couvrent les règles des cylindres préassemblés.
TEXTS

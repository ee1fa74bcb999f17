# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  The programmer is off
    Le programmateur est arrêté
  The energy cut-out has popped
    Le coupe-circuit thermique a sauté
  The thermostat does not call
    Le thermostat ne demande pas
  The {two_port} does not open
    La vanne de zone ne s'ouvre pas
  The {two_port}'s end switch does not fire the boiler
    Le contact de la vanne ne fait pas partir la chaudière
  The boiler has locked out
    La chaudière s'est mise en sécurité
  The boiler sends too little, or too cool
    La chaudière envoie trop peu, ou pas assez chaud
  The coil is air-locked
    Le serpentin est bloqué par l'air
  The coil is fouled
    Le serpentin est encrassé
  Flow and return are swapped
    Départ et retour sont inversés
  The immersion's cut-out has popped, and the boiler was not meant to heat
    Le coupe-circuit du thermoplongeur a sauté, et la chaudière ne devait pas chauffer
  No supply
    Pas d'alimentation
  One leg of the supply is lost
    Une phase de l'alimentation est perdue
  The {high_limit} has tripped
    Le limiteur s'est déclenché
  The upper thermostat has failed
    Le thermostat du haut a lâché
  The upper {element} is open
    L'élément du haut est ouvert
  The upper {element} has gone to earth
    L'élément du haut est à la terre
  The lower {element} has gone to earth
    L'élément du bas est à la terre
  Time switch or tariff keeps it off
    La minuterie ou le tarif le garde éteint
  The lower {element} is open
    L'élément du bas est ouvert
  The lower thermostat has failed
    Le thermostat du bas a lâché
  The upper thermostat does not pass on to the lower
    Le thermostat du haut ne passe pas à celui du bas
  Scale or sediment buries the lower {element}
    Tartre ou sédiments recouvrent l'élément du bas
  Leakage to earth, below a fault: the residual-current device is right
    Fuite à la terre, sous un défaut : le différentiel a raison
  A loose terminal heats the {breaker}
    Une borne lâche chauffe le disjoncteur
  The wiring is shorted or to earth
    Le filage est en court-circuit ou à la terre
  It is wet under a cover
    C'est mouillé sous un couvercle
  The {breaker} is too small
    Le disjoncteur est trop petit
  The thermocouple or thermopile is weak
    Le thermocouple ou la thermopile est faible
  Its nut is loose, or its tip dirty
    Son écrou est lâche, ou sa pointe sale
  The energy cut-off in the control is open
    La coupure thermique de la commande est ouverte
  The fusible link or vapor switch is open
    Le fusible thermique ou l'interrupteur de vapeurs est ouvert
  The intake screen or base filter is choked
    La grille d'entrée ou le filtre du bas est bouché
  The pilot's orifice is dirty
    L'orifice de la veilleuse est sale
  The control's magnet does not hold
    L'aimant de la commande ne tient pas
  Down-draught blows it out
    Un vent descendant la souffle
  The gas gives way when something else burns
    Le gaz cède quand autre chose s'allume
  It is turned down, or satisfied
    Il est baissé, ou satisfait
  The thermopile gives too little under load
    La thermopile donne trop peu en charge
  The gas control does not open
    La commande de gaz ne s'ouvre pas
  The gas supply gives way under load
    L'alimentation en gaz cède en charge
  The drip leg is full
    Le collecteur de sédiments est plein
  The main burner's orifice is blocked
    L'orifice du brûleur est bouché
  The air filter is choked
    Le filtre à air est bouché
  The air round it is too cold
    L'air autour est trop froid
  It stands on vacation, or on its elements alone
    Il est en vacances, ou sur ses éléments seuls
  The compressor, or what starts it, has failed
    Le compresseur, ou ce qui le démarre, a lâché
  Grit on the {relief_valve}'s seat
    Des grains sur le siège de la soupape T-P
  The {relief_valve}'s seat is worn
    Le siège de la soupape T-P est usé
  The {vessel}'s membrane has failed
    La membrane du réservoir d'expansion a lâché
  The {vessel} has lost its charge
    Le réservoir d'expansion a perdu son air
  The {vessel}'s charge is low
    La pression d'air du réservoir d'expansion est basse
  The {vessel} is too small for this tank
    Le réservoir d'expansion est trop petit pour ce chauffe-eau
  A closed system with nothing to take up the expansion
    Un système fermé sans rien qui absorbe l'expansion
  The air bubble has dissolved
    La bulle d'air s'est dissoute
  The pressure regulator lets the {mains} through
    Le régulateur de pression laisse passer la rue
  The pressure regulator creeps
    Le régulateur de pression glisse
  The supply is too high, and nothing reduces it
    L'alimentation est trop forte, et rien ne la réduit
  A balanced cold branch feeds the {mains} back in
    Une branche froide équilibrée ramène la pression de la rue
  The inlet group's reducing valve or check has failed
    Le réducteur ou le clapet du groupe d'entrée a lâché
  The thermostat does not open
    Le thermostat ne s'ouvre pas
  The thermostat is by-passed, or missing from the chain
    Le thermostat est contourné, ou manque dans la chaîne
  An {element} to earth heats through its unswitched leg
    Un élément à la terre chauffe par sa phase non coupée
  It is set too high
    Il est réglé trop haut
  Heat stacks at the top after many short draws
    La chaleur s'empile en haut après beaucoup de petits soutirages
  The dip tube is broken
    Le tube plongeur est cassé
  Sediment takes up the tank
    Les sédiments prennent la place de l'eau
  It is set low
    Il est réglé bas
  Cold crosses over into the hot at a mixer
    Le froid passe dans le chaud à un mitigeur
  More is drawn than the tank holds
    On tire plus que le réservoir n'en contient
  The gas input is low
    Le débit de gaz est bas
  Warm water circulates by itself into a cold branch
    L'eau tiède circule seule dans une branche froide
  A check valve of the mixing valve or the return has failed
    Un clapet du mitigeur ou du retour a lâché
  Hot and cold are connected the wrong way round
    Chaud et froid sont branchés à l'envers
  The strainer is blocked
    La crépine est bouchée
  The reducing valve starves the flow
    Le réducteur étouffe le débit
  A check valve sticks
    Un clapet colle
  Heat-trap or dip-tube debris chokes a nipple
    Des débris des mamelons ou du tube plongeur bouchent le passage
  The shut-off is half shut
    Le robinet d'arrêt est à moitié fermé
  Only that {tap}: its cartridge or its strainer
    Seulement ce robinet : sa cartouche ou son tamis
  The {mains} is low
    L'arrivée est basse
  The regulator is set low, or sticks
    Le régulateur est réglé bas, ou colle
  A valve in the {mains} is half shut
    Un robinet de l'arrivée est à moitié fermé
  Sediment boils over the burner or round an {element}
    Les sédiments bouillent sur le brûleur ou autour d'un élément
  Scale on an {element}
    Du tartre sur un élément
  Water hammer: no cushion
    Coup de bélier : pas d'amortisseur
  Pipes creep as they warm
    Les tuyaux travaillent en chauffant
  Bacteria with a magnesium anode
    Des bactéries avec une anode de magnésium
  The source water
    L'eau de la source
  The anode is gone
    L'anode est finie
  The tank rusts
    Le réservoir rouille
  The {mains} or old iron pipes
    L'arrivée ou de vieux tuyaux de fer
  The drain valve weeps
    Le robinet de vidange suinte
  An {element}'s gasket leaks
    Le joint d'un élément fuit
  The {relief_valve}'s discharge
    La décharge de la soupape T-P
  Condensation on a cold fill, or flue condensate
    Condensation d'un remplissage froid, ou du conduit
  The condensate of the heat pump does not run away
    Le condensat de la thermopompe ne s'écoule pas
  A joint above
    Un raccord au-dessus
  The tank itself: it is finished
    Le réservoir lui-même : il est fini
  Looked into: {about}
    Ce qu'on a cherché : {about}
  That leaves one cause: {cause}.
    Il reste une seule cause : {cause}.
  What it comes from is not settled yet.
    On ne sait pas encore d'où cela vient.
TEXTS

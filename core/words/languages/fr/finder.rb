# frozen_string_literal: true

# What the fault finder asks, what is answered, and what it may come from.
Munimen::Words::Language[:fr].texts <<~TEXTS
  By hand: the flow pipe of the coil, from the start
    À la main : le tuyau de départ du serpentin, dès le début
  can be held, after 5 and 15 minutes as well
    se tient, même après 5 et 15 minutes
  can be held for five seconds, no longer, after 15 minutes
    après 15 minutes se tient cinq secondes, pas plus
  cannot be held after 15 minutes
    ne se tient pas après 15 minutes
  cannot be held after 5 minutes
    ne se tient pas après 5 minutes
  By hand: the return pipe of the coil, from the start
    À la main : le tuyau de retour du serpentin, dès le début
  The {breaker}
    Le disjoncteur
  is on, and stays on
    est enclenché, et reste
  was off or tripped, stays when reset
    était coupé ou déclenché, reste une fois réarmé
  trips again
    se déclenche encore
  Supply at the {heater}'s terminals, leg by leg
    Alimentation aux bornes du chauffe-eau, phase par phase
  full voltage
    pleine tension
  one leg missing
    il manque une phase
  {High_limit}, red button
    Limiteur, bouton rouge
  had popped
    avait sauté
  Volts across the upper {element}, the thermostat calling
    Volts à l'élément du haut, le thermostat en demande
  full
    complets
  Ohms of the upper {element}
    Ohms de l'élément du haut
  as rated
    selon sa puissance
  Upper {element} to its sheath
    Élément du haut à sa gaine
  below 1 MΩ
    sous 1 MΩ
  Volts across the lower {element}, the upper satisfied
    Volts à l'élément du bas, celui du haut satisfait
  Ohms of the lower {element}
    Ohms de l'élément du bas
  Lower {element} to its sheath
    Élément du bas à sa gaine
  A sample from the drain, white pail
    Un échantillon de la vidange, seau blanc
  clear or a few flecks
    clair ou quelques paillettes
  grit or heavy sediment
    grains ou beaucoup de sédiments
  Under the covers
    Sous les couvercles
  Terminals at {heater} and {breaker}
    Bornes au chauffe-eau et au disjoncteur
  tight and clean
    serrées et propres
  loose, or browned by heat
    lâches, ou brunies par la chaleur
  {Breaker} against 125 % of the load
    Disjoncteur face à 125 % de la charge
  right
    bon
  too small
    trop petit
  It trips
    Il se déclenche
  after some minutes of heating
    après quelques minutes de chauffage
  at once when switched on
    dès la mise en marche
  only the residual-current device, now and then
    seulement le différentiel, de temps en temps
  Wiring with the elements disconnected
    Filage avec les éléments débranchés
  shorted or to earth
    en court-circuit ou à la terre
  Upper thermostat satisfied: it passes voltage on to the lower
    Thermostat du haut satisfait : il passe la tension à celui du bas
  Thermostat turned down, dead: its contacts
    Thermostat baissé, hors tension : ses contacts
  stay closed
    restent fermés
  Time switch or tariff
    Minuterie ou tarif
  on, at the right hours
    en marche, aux bonnes heures
  off, or at the wrong hours
    arrêté, ou aux mauvaises heures
  The pilot flame, button held
    La flamme de la veilleuse, bouton tenu
  blue, on the generator's tip
    bleue, sur la pointe du générateur
  small, or beside the tip
    petite, ou à côté de la pointe
  lazy, yellow
    molle, jaune
  Let go after 60 s: the pilot
    Lâché après 60 s : la veilleuse
  holds
    tient
  dies at once
    s'éteint tout de suite
  dies within a minute or so
    s'éteint en une minute environ
  Generator in the lit pilot, open circuit
    Générateur dans la veilleuse allumée, circuit ouvert
  good (20–30 mV; thermopile 350–700 mV)
    bon (20–30 mV; thermopile 350–700 mV)
  Tip cleaned, nut tightened: the generator is then
    Pointe nettoyée, écrou serré : le générateur est alors
  good
    bon
  weak still
    encore faible
  Cut-off in the control, centre contact to body
    Coupure de la commande, contact central au corps
  continuity
    continuité
  Fusible link or vapor switch in the generator's lead
    Fusible thermique ou interrupteur de vapeurs dans le fil du générateur
  Held with the burner door or screen clear, the pilot
    Porte du brûleur ou grille dégagée, la veilleuse
  does the same
    fait la même chose
  Drip leg, opened with the cock shut
    Collecteur de sédiments, ouvert robinet fermé
  Does it go out on windy days, are the trim rings rippled?
    S'éteint-elle les jours de vent, les anneaux sont-ils ondulés?
  Thermostat turned up
    Thermostat remonté
  the burner lights
    le brûleur s'allume
  a click, no flame
    un déclic, pas de flamme
  nothing at all
    rien du tout
  Generator loaded, holding the control
    Générateur en charge, tenant la commande
  enough for the control
    assez pour la commande
  too little
    trop peu
  The control's status light
    Le voyant de la commande
  blinks as usual
    clignote comme d'habitude
  is dark
    est éteint
  The gas control
    La commande de gaz
  has no light and no board
    n'a ni voyant ni carte
  is electronic, with a status light
    est électronique, avec un voyant
  Manifold with the thermostat calling
    Rampe, le thermostat en demande
  as on the plate
    comme sur la plaque
  Inlet pressure with everything burning
    Pression d'entrée, tout allumé
  gives way little
    cède peu
  falls below the appliance's least
    tombe sous le minimum de l'appareil
  Gas meter clocked
    Compteur de gaz chronométré
  10 % and more under
    10 % ou plus au-dessous
  Its mode, on its display
    Son mode, à l'afficheur
  heat pump or hybrid
    thermopompe ou hybride
  vacation, or elements alone
    vacances, ou éléments seuls
  Its air filter
    Son filtre à air
  choked
    bouché
  The air going in
    L'air qui entre
  5 °C (41 °F) and more
    5 °C (41 °F) et plus
  colder
    plus froid
  Air in less air out, after it has run a quarter of an hour
    Air entrant moins air sortant, après un quart d'heure de marche
  4 to 8 K
    4 à 8 K
  more than 8 K
    plus de 8 K
  2 to 4 K
    2 à 4 K
  hardly any
    presque rien
  When does it drip?
    Quand est-ce que ça goutte?
  only while it heats up
    seulement pendant le chauffage
  all day
    toute la journée
  any time, worst at night
    à toute heure, pire la nuit
  since the lever was lifted
    depuis que le levier a été levé
  Feel the pipe with the back of the hand: the drip is
    Toucher le tuyau du dos de la main : la goutte est
  cold or luke-warm
    froide ou tiède
  Static pressure, nothing running
    Pression statique, rien ne coule
  within limits
    dans les limites
  above the limit, or equal to the {mains} behind a regulator
    au-dessus de la limite, ou égale à la rue derrière un régulateur
  below 40 psi (2.8 bar)
    sous 40 psi (2.8 bar)
  Maximum hand left on for some hours without heating or use
    Aiguille de maximum laissée quelques heures sans chauffage ni usage
  stays where it was
    reste où elle était
  has risen
    a monté
  Maximum hand over one heating
    Aiguille de maximum pendant un chauffage
  rises little
    monte peu
  goes up to where the valve opens
    monte jusqu'où la soupape s'ouvre
  rises much, below that
    monte beaucoup, au-dessous de cela
  Charge of the {vessel}, water side at zero
    Pression d'air du réservoir d'expansion, côté de l'eau à zéro
  equal to the supply, within tolerance
    égale à l'alimentation, à la tolérance près
  flat
    à plat
  Press the {vessel}'s air valve for a moment
    Appuyer un instant sur la valve d'air du réservoir d'expansion
  When was the air bubble renewed?
    Quand la bulle d'air a-t-elle été refaite?
  within 18 months
    il y a moins de 18 mois
  longer ago, or never
    il y a plus longtemps, ou jamais
  Work the lever 3–4 times, knock lightly: after ten seconds it
    Lever et relâcher le levier 3–4 fois, en tapotant : après dix secondes
  still drips
    goutte encore
  is dry
    est sèche
  Pressure after the reducing valve, nothing running
    Pression après le réducteur, rien ne coule
  its setting
    son réglage
  equal to the {mains}
    égale à l'arrivée
  Shut the {mains} supply, watch the gauge
    Fermer l'arrivée, regarder le manomètre
  holds or falls
    tient ou baisse
  stays above the setting, fed from somewhere
    reste au-dessus du réglage, alimentée d'ailleurs
  Temperature at the nearest hot {tap}
    Température au robinet chaud le plus proche
  as set
    comme réglée
  far above the setting
    bien au-dessus du réglage
  below it
    au-dessous
  Thermostat turned down while it heats: the heat
    Thermostat baissé pendant le chauffage : le chauffage
  stops
    s'arrête
  goes on
    continue
  The dial or thermostat stands
    Le cadran ou le thermostat est
  where it usually does
    où il est d'habitude
  at the top
    au maximum
  low, or at vacation
    bas, ou en vacances
  How is hot water drawn?
    Comment tire-t-on l'eau chaude?
  as usual
    comme d'habitude
  many short draws one after another
    beaucoup de petits soutirages de suite
  more at a time than the tank holds
    plus à la fois que le réservoir n'en contient
  Is there a {vessel}, or a bubble?
    Y a-t-il un réservoir d'expansion, ou une bulle?
  none to be found
    aucun trouvé
  Volume of the {vessel} on its plate, against what the calculator asks
    Volume du réservoir d'expansion sur sa plaque, face à ce que le calcul demande
  enough
    assez
  Is there a pressure regulator behind the meter?
    Y a-t-il un régulateur de pression après le compteur?
  Is there a check valve or backflow preventer in the cold supply?
    Y a-t-il un clapet ou un antirefoulement sur l'eau froide?
  Run one hot {tap}: it comes
    Ouvrir un robinet chaud : l'eau vient
  hot, then cold all at once, after about two thirds of the tank
    chaude, puis froide d'un coup, après les deux tiers environ du réservoir
  luke-warm from the start
    tiède dès le début
  hot, but for much less
    chaude, mais bien moins longtemps
  Cold supply of the {heater} shut, a hot {tap} opened
    Eau froide du chauffe-eau fermée, un robinet chaud ouvert
  goes on running
    continue de couler
  After an hour without use the pipes away from the tank are
    Après une heure sans usage, les tuyaux loin du réservoir sont
  cool
    frais
  warm on a cold branch
    tièdes sur une branche froide
  warm on the return
    tièdes sur le retour
  Programmer, hot water
    Programmateur, eau chaude
  on and calling
    en marche et en demande
  off, or its hours are over
    arrêté, ou ses heures sont passées
  Cut-out of the coil
    Coupe-circuit du serpentin
  Thermostat turned up: call at the {two_port}
    Thermostat remonté : demande à la vanne de zone
  has voltage
    a de la tension
  has none
    n'en a pas
  The {two_port}
    La vanne de zone
  opens
    s'ouvre
  stays shut
    reste fermée
  Valve open: its end switch
    Vanne ouverte : son contact de fin de course
  fires the boiler
    fait partir la chaudière
  does not
    ne la fait pas partir
  The boiler by itself
    La chaudière elle-même
  has locked out
    s'est mise en sécurité
  Flow pipe of the coil, some minutes after the start
    Tuyau de départ du serpentin, quelques minutes après le début
  hardly warm
    à peine tiède
  Return pipe of the coil
    Tuyau de retour du serpentin
  clearly cooler than the flow
    nettement plus froid que le départ
  nearly as hot
    presque aussi chaud
  Flow and return, followed to the boiler
    Départ et retour, suivis jusqu'à la chaudière
  the right way round
    dans le bon sens
  swapped
    inversés
  Immersion's cut-out
    Coupe-circuit du thermoplongeur
  Cold shut-off of the {heater}
    Robinet d'arrêt d'eau froide du chauffe-eau
  fully open
    ouvert en plein
  half shut
    à moitié fermé
  Pressure after the reducing valve, a {tap} running
    Pression après le réducteur, un robinet ouvert
  collapses
    s'effondre
  Pressure before it, the same {tap} running
    Pression avant lui, le même robinet ouvert
  collapses too
    s'effondre aussi
  Heat-trap nipples and the dip tube's end
    Mamelons antithermosiphon et bout du tube plongeur
  choked with debris
    bouchés de débris
  At the other hot {taps} it is
    Aux autres robinets chauds
  the same
    c'est pareil
  fine: only this one
    ça va : seulement celui-ci
  The check valve's flap, by ear and hand while drawing
    Le battant du clapet, à l'oreille et à la main en tirant
  free
    libre
  sticks
    colle
  The noise is
    Le bruit est
  a rumble or popping while it heats
    un grondement ou des claquements pendant le chauffage
  a hiss at an {element}
    un sifflement à un élément
  a bang when a {tap} shuts
    un coup quand un robinet se ferme
  a knock or tick while pipes warm up
    un tic-tac pendant que les tuyaux chauffent
  The smell is in
    L'odeur est dans
  the hot only
    la chaude seulement
  hot and cold
    la chaude et la froide
  The brown is in
    Le brun est dans
  After a flush and a new anode the hot is
    Après un rinçage et une anode neuve, la chaude est
  still brown
    encore brune
  Wiped dry, it comes back first
    Essuyé, cela revient d'abord
  at the drain valve
    au robinet de vidange
  at an {element}'s gasket
    au joint d'un élément
  from the discharge pipe
    du tuyau de décharge
  as beads all over the cold jacket or flue
    en perles sur toute l'enveloppe froide ou le conduit
  from under the jacket, rusty
    sous l'enveloppe, rouillé
  at a joint above
    à un raccord au-dessus
  at the condensate tray or its pipe
    au bac à condensat ou à son tuyau
  Once the tank is hot it
    Une fois le réservoir chaud
  Dip tube, drawn at the cold nipple
    Tube plongeur, tiré par le mamelon froid
  whole and long
    entier et long
  broken or short
    cassé ou court
  Hot and cold at the tank's nipples
    Chaud et froid aux mamelons du réservoir
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
  none
    rien
  open
    ouvert
  sound
    en ordre
TEXTS

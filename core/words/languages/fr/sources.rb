# frozen_string_literal: true

# Where a limit comes from. Titles of rulebooks and standards stay as they are printed.
Munimen::Words::Language[:fr].texts <<~TEXTS
  120 °F at a tap is a caution; codes bound bath and shower
    120 °F au robinet demande prudence; les codes limitent bain et douche
  15 cm (6 in) free, or as the maker says
    15 cm (6 po) libres, ou comme le fabricant le dit
  25 psi between supply and relief
    25 psi entre l'alimentation et la soupape
  40–80 psi is acceptable
    40–80 psi est acceptable
  80 psi is the bound at rest; codes ask for expansion control
    80 psi est la borne au repos; les codes demandent de maîtriser l'expansion
  a bubble dissolves in about 18 months
    une bulle se dissout en environ 18 mois
  a choked screen starves the burner
    une grille bouchée étouffe le brûleur
  a full discharge would overrun a pan
    une décharge complète déborderait d'un bac
  a heater is isolated on its cold side
    un chauffe-eau se ferme par son côté froid
  a leaking tank is finished
    un réservoir qui fuit est fini
  a peak at the relief setting every cycle: expansion control has failed
    une pointe au réglage de la soupape à chaque cycle : la maîtrise de l'expansion a lâché
  a peak at the expansion relief's setting every cycle: the vessel or bubble has failed
    une pointe au réglage de la soupape d'expansion à chaque cycle : le vase ou la bulle a lâché
  a post where a car could strike it
    un poteau là où une auto pourrait le frapper
  a regulator is turned down no lower than the house needs
    un régulateur ne se baisse pas plus que la maison n'en a besoin
  a running tank is emptied and replaced
    un réservoir qui coule se vide et se remplace
  a safe way to what has to be serviced
    un passage sûr jusqu'à ce qu'il faut entretenir
  a shut-off must be reachable
    un robinet d'arrêt doit être accessible
  a valve is matched by its plate
    une soupape se choisit par sa plaque
  about 20 m³ (700 ft³), or as the maker says
    environ 20 m³ (700 pi³), ou comme le fabricant le dit
  above 14 in. w.c. the control is in danger
    au-dessus de 14 po c.e. la commande est en danger
  above every thermostat setting, below the cut-out
    au-dessus de chaque thermostat, sous le coupe-circuit
  air that does not pass costs capacity, and ices the coil
    l'air qui ne passe pas coûte de la puissance et glace le serpentin
  as the trade does; no clause of this book
    comme le métier le fait; aucun article de ce code
  bare steel corrodes without one
    l'acier nu se corrode sans elle
  bearings and fans that wear grow loud first
    roulements et ventilateurs usés font d'abord du bruit
  condensate freezes
    le condensat gèle
  condensate runs by its fall alone
    le condensat ne coule que par sa pente
  copper and steel need a dielectric union
    cuivre et acier demandent un raccord diélectrique
  cylinder thermostat 60–65 °C
    thermostat de cylindre 60–65 °C
  dials end at 150–160 °F: hotter is over-temperature
    les cadrans finissent à 150–160 °F : plus chaud, c'est une surchauffe
  drop at most 0.5 in. w.c. from pilot to burner
    chute d'au plus 0.5 po c.e. de la veilleuse au brûleur
  dry within 10 s of closing
    sèche dans les 10 s après la fermeture
  energy cut-out 80–85 °C: the second tier has been reached
    coupe-circuit 80–85 °C : la deuxième protection est atteinte
  every open defect by its date
    chaque défaut ouvert avant sa date
  growth, 25–45 °C and somewhat above; ASHRAE Guideline 12
    croissance, 25–45 °C et un peu plus; ASHRAE Guideline 12
  hot as found, or steam at any time, is over-temperature until proved otherwise: heat off, the cold
      left open
    chaud à l'arrivée, ou vapeur à tout moment, c'est une surchauffe jusqu'à preuve du contraire :
      chauffage coupé, l'eau froide laissée ouverte
  ice in the pipe shuts the valve off
    la glace dans le tuyau annule la soupape
  it comes off whenever the valve is worked on
    on l'enlève chaque fois qu'on travaille à la soupape
  limits come from the plate
    les limites viennent de la plaque
  live after switching off: find the isolator that belongs to it, prove it dead at the heater
    sous tension après la coupure : trouver son sectionneur, vérifier à l'appareil qu'il est hors
      tension
  local rules in places
    règles locales par endroits
  look the next day after a drain or a joint
    regarder le lendemain d'une vidange ou d'un raccord
  mineral build-up at the seat
    dépôts de calcaire au siège
  most tanks last 8 to 12 years; water and anode decide
    la plupart des réservoirs durent 8 à 12 ans; l'eau et l'anode décident
  near the tank
    près du réservoir
  never relight after a flood, a flash of vapour or under a recall: replace
    ne jamais rallumer après une inondation, une flambée de vapeurs ou un rappel : remplacer
  no clause of a plumbing code; state law asks for it
    aucun article d'un code de plomberie; la loi de l'État le demande
  no heat on a frozen tank: thawed, tight, full first
    pas de chauffage sur un réservoir gelé : dégelé, étanche et plein d'abord
  nothing that burns beside a heater
    rien qui brûle à côté d'un chauffe-eau
  once a year
    une fois par an
  once a year; some makers' plates say quarterly
    une fois par an; certaines plaques disent chaque trimestre
  once a year; the maker's instructions come first
    une fois par an; les instructions du fabricant passent en premier
  pressure, or a seat that does not close
    la pression, ou un siège qui ne ferme pas
  pressure that climbs at rest: the regulator's seat passes, or water goes back from elsewhere
    une pression qui monte au repos : le siège du régulateur passe, ou l'eau revient d'ailleurs
  quick-closing valves need a cushion; pipes need holding
    les robinets à fermeture rapide demandent un amortisseur; les tuyaux, des attaches
  re-check a week after any top-up
    revérifier une semaine après tout ajout d'air
  read once the needle rests
    lue quand l'aiguille est au repos
  reducing valves are set to 3 or 3.5 bar
    les réducteurs se règlent à 3 ou 3.5 bar
  repairable
    réparable
  replaced with a quarter left; a straight line through the inspections
    remplacée quand il en reste un quart; une droite à travers les inspections
  residential tank warranties run 5–6 years; the maker's paper decides
    les garanties des réservoirs domestiques durent 5–6 ans; le papier du fabricant décide
  same temperature, thread and reach; set no higher than the tank's rating
    même température, filetage et portée; pas réglée plus haut que ne le supporte le réservoir
  sediment on its seat, or no air in
    des sédiments sur son siège, ou pas d'air qui entre
  sediment on the seat
    des sédiments sur le siège
  seen to the same day
    vu le jour même
  some hot gas has spilled at some time
    des gaz chauds se sont échappés un jour
  steam at any time is over-temperature
    la vapeur à tout moment est une surchauffe
  the coil behind it fills with dust
    le serpentin derrière se remplit de poussière
  the condensate runs to its outlet
    le condensat coule jusqu'à sa sortie
  the days of the book; the authority's come first
    les délais du code; ceux de l'autorité passent en premier
  the flue has been blowing back
    le conduit a refoulé
  the next person should know what was done
    la personne suivante doit savoir ce qui a été fait
  the province's and the municipality's rules
    les règles de la province et de la municipalité
  the province's rules on gas
    les règles de la province sur le gaz
  the relief valve's pipe carries nothing else
    le tuyau de la soupape ne porte rien d'autre
  the reading after the group stays at its setting, with the mains higher
    la pression après le groupe reste à son réglage, l'arrivée étant plus haute
  they break when they are turned
    ils cassent quand on les tourne
  three years, one school
    trois ans, selon une école
  twenty drops a millilitre; a seat drips slowly and at any time, expansion runs while it heats and
      stops
    vingt gouttes par millilitre; un siège goutte lentement et à toute heure, l'expansion coule
      pendant le chauffage et s'arrête
  well below the expansion relief valve's 6 bar
    bien au-dessous des 6 bar de la soupape d'expansion
  within 0.15 bar of the reducing valve's setting
    à 0.15 bar près du réglage du réducteur
  within 0.5 bar of this heater's first relief setting; our margin
    à moins de 0.5 bar du réglage de la première soupape de cet appareil; notre marge
  within 10 psi of this relief valve's own setting; our margin
    à moins de 10 psi du réglage de cette soupape; notre marge
  within 2 psi of the supply pressure
    à 2 psi près de la pression d'alimentation
  yearly; what came out sets the next
    chaque année; ce qui est sorti fixe la suivante
  a service would drain the riser
    un entretien viderait la colonne
  a full tank is heavy
    un réservoir plein est lourd
  10–15 years for most tanks
    10–15 ans pour la plupart des réservoirs
  the symptoms are alike: measure generator and cut-off before condemning either
    les symptômes se ressemblent : mesurer le générateur et la coupure avant de condamner l'un ou
      l'autre
  find where it comes from
    trouver d'où cela vient
  it must be serviced and replaced without damage
    il faut pouvoir l'entretenir et le remplacer sans dégâts
  spillage test with fans running
    essai de refoulement, ventilateurs en marche
  never over controls, plate, relief valve or air
    jamais sur les commandes, la plaque, la soupape ou l'air
  the maker's list says what each code means
    la liste du fabricant dit ce que chaque code veut dire
  the setting cannot be trusted
    on ne peut pas se fier au réglage
  a light that blinks shows that the control has power
    un voyant qui clignote montre que la commande a du courant
  often turned up to cure running out; it scalds and costs
    souvent monté pour ne pas en manquer; cela brûle et coûte
  insulation
    isolement
  air cooled by some 4 to 8 K after 15 min; the maker's figure first
    l'air se refroidit de 4 à 8 K environ après 15 min; le chiffre du fabricant d'abord
  store at 60 °C, 50 °C at the outlet within a minute
    garder à 60 °C, 50 °C à la sortie en moins d'une minute
  1.5 bar is the least that most unvented cylinders want
    1.5 bar est le minimum de la plupart des cylindres sous pression
  size
    grosseur
  flammable and suffocating refrigerants
    fluides frigorigènes inflammables et asphyxiants
  protective earthing
    mise à la terre de protection
  in the maker's tapping
    dans la prise du fabricant
  exposed metal is earthed
    le métal à portée est mis à la terre
  hot, or not felt, before anybody touched it: over-temperature until proved otherwise
    chaude, ou pas touchée, avant que quelqu'un y touche : surchauffe jusqu'à preuve du contraire
  double-pole isolation
    sectionnement des deux pôles
  tightness
    étanchéité
  below 1 MΩ at 500 V, or any ohms on a multimeter, is an earth fault
    sous 1 MΩ à 500 V, ou toute valeur en ohms au multimètre, c'est un défaut à la terre
  rating
    capacité
  15 L/min is usual for one bathroom
    15 L/min est habituel pour une salle de bain
  thermocouple 20–30 mV, mostly 23–25; thermopile 350–700 mV, open circuit
    thermocouple 20–30 mV, le plus souvent 23–25; thermopile 350–700 mV, en circuit ouvert
  full of water it is heavy
    plein d'eau il est lourd
  discharge rating
    capacité de décharge
  the valve of the house isolates it, not that of the tank
    c'est le robinet de la maison qui le ferme, pas celui du réservoir
  nothing may shut it off
    rien ne doit pouvoir la fermer
  a dripping shell has failed
    un corps qui goutte a lâché
  water far above any setting
    une eau bien au-dessus de tout réglage
  a tray where a leak would do damage
    un bac là où une fuite ferait des dégâts
  the coil gives up less
    le serpentin donne moins
  the heating stays off while the coil is worked on
    le chauffage reste éteint pendant qu'on travaille au serpentin
  a mixer fed at two pressures will not mix
    un mitigeur alimenté à deux pressions ne mélange pas
  the chamber must be sealed
    la chambre doit être étanche
  it tripped for a reason
    il s'est déclenché pour une raison
  held open by hand it controls nothing
    tenue ouverte à la main, elle ne commande rien
  water in the head stops it
    l'eau dans la tête l'arrête
  a weeping joint, a porous casting or past over-pressure
    un raccord qui suinte, une fonte poreuse ou une surpression passée
  Typical plate: inlet 5.0–10.5 natural, 11.0–13 LP; manifold 3.5, 10; ±0.3 in. w.c.
    Plaque habituelle : entrée 5.0–10.5 gaz naturel, 11.0–13 GPL; rampe 3.5, 10; ±0.3 po c.e.
  as the maker's notice says
    comme l'avis du fabricant le dit
  never relight after such an event: replace
    ne jamais rallumer après un tel événement : remplacer
  never relight after a flood: replace
    ne jamais rallumer après une inondation : remplacer
  the heat could not be stopped
    le chauffage ne pouvait pas être arrêté
  lock-up
    pression de fermeture
  dusty
    poussiéreux
  spills
    refoule
  backs up
    reflue
  steams
    vapeur
  iced
    glacé
TEXTS

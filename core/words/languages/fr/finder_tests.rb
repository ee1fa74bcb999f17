# frozen_string_literal: true

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
  none
    rien
  open
    ouvert
  sound
    en ordre
TEXTS

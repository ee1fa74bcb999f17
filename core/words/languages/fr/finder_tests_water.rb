# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
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
TEXTS

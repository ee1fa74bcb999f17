# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  As it must be
    Comme il doit être
  In sight
    En vue
  300 mm and more
    300 mm et plus
  Falls
    En pente
  Copper, or plastic proved and marked for it; right size
    Cuivre, ou plastique éprouvé et marqué pour cela; bonne grosseur
  Its end is found and open
    Son bout est trouvé et ouvert
  Not shared, or as it must be
    Pas partagé, ou comme il doit être
  No stack, or heat-proof with a mechanical seal and no water trap, by a branch of its own
    Pas de colonne, ou résistante à la chaleur avec un joint mécanique et sans siphon, par une
      branche à elle
  Low and guarded, or not at low level
    Bas et protégé, ou pas au niveau bas
  Metal hopper, or a roof fit for it, or not at high level
    Trémie de métal, ou toit qui convient, ou pas au niveau haut
  Present
    Présent
  Full size
    Pleine grosseur
  Copper, CPVC or PEX one size up
    Cuivre, CPVC ou PEX d'une grosseur de plus
  Its own
    Le sien
  Falls all the way
    En pente partout
  Open all the way
    Ouvert partout
  Plain
    Sans filetage
  Seen and safe
    Vu et sans danger
  Visible
    Visible
  6 in or less
    6 po ou moins
  So it does
    Oui
  Clear
    Libre
  As asked, or not asked
    Comme demandé, ou pas demandé
  Readable, matches the record
    Lisible, conforme au dossier
  Readable
    Lisible
  Present, reachable, lever in line
    Présent, accessible, levier dans l'axe
  Insulated
    Isolé
  Clean, or not needed
    Propre, ou pas nécessaire
  Flat and clean
    Plats et propres
  Continuous, rising, supported
    Continu, montant, supporté
  Seated
    En place
  Open
    Ouverte
  Free of lint
    Sans mousse
  18 in or more, or listed for it
    18 po ou plus, ou homologué pour cela
  Present, or combined with the outlet
    Présente, ou combinée à la sortie
  Present, on its tapping, nothing between it and the tank
    Présente, sur sa prise, rien entre elle et le réservoir
  Dry
    Sec
  Full bore
    Plein passage
  Present, drained
    Présent, avec drain
  In sight, or lockable at the board
    En vue, ou verrouillable au panneau
  Seen
    Vue
  Upper and lower third, or not required
    Tiers du haut et du bas, ou pas exigées
  Dry, not brittle
    Sec, pas cassant
  As fitted, free to move
    Comme posé, libre de bouger
  Right size, clear
    Bonne grosseur, libre
  None
    Aucune
  Present, reachable
    Présent, accessible
  Closed and sealed
    Fermée et étanche
  On
    En place
  Heat-resisting, undamaged, held
    Résistant à la chaleur, intact, retenu
  Cool to the hand, nothing covered
    Frais à la main, rien de couvert
  Accessible
    Accessible
  Level, carries it
    De niveau, solide
  Fitted, or not a tall building
    Posé, ou pas un immeuble haut
  Seen, or not asked for
    Vu, ou pas demandé
  Dry, serviced, labelled
    Sec, entretenu, identifié
  Runs, check valve fitted
    Marche, clapet posé
  Supported and dry
    Supporté et sec
  Dry, no hum
    Sec, sans bourdonnement
  Marked and sound
    Marqué et en ordre
  Within its expected life
    Dans sa durée de vie prévue
  Complete, dry, no crust, arrow with the flow
    Complet, sec, sans croûte, flèche dans le sens du courant
  Present, nothing between it and the cylinder
    Présente, rien entre elle et le cylindre
  Manual reset, wired in
    Réarmement manuel, raccordé
  Fitted, on auto
    Posée, en automatique
  Valves fitted, flow and return right
    Robinets posés, départ et retour du bon côté
  Closed, cables clamped
    Fermés, câbles serrés
  drips
    goutte
  clean
    propre
  dirty
    sale
  blocked
    bouché
  torn
    déchiré
  lifts
    se lève
  weak
    faible
  runs on
    continue de couler
  clear
    claire
  flecks
    paillettes
  grit
    grains
  heavy
    beaucoup
  spot
    tache
  wet
    mouillé
  nothing
    rien
  water
    eau
  air
    air
  gas
    gaz
  runs
    coule
  cold
    froide
  hot
    chaude
  stays
    reste
  dies
    s'éteint
  fails
    échoue
  works
    fonctionne
  set
    réglé
  tripped
    déclenché
  zero
    zéro
  live
    sous pression
  yes
    oui
  no
    non
  {low} to {high}
    {low} à {high}
  Warning label hung
    Étiquette d'avertissement posée
  Notified
    Avisé
  The home
    Le logement
  Tenant and landlord
    Locataire et propriétaire
  Reportable under the gas regulations
    À déclarer selon les règlements du gaz
  Emergency service called
    Service d'urgence appelé
  In the building
    Dans l'immeuble
  called from outside
    appelé de dehors
  being called
    on appelle
  everybody told
    tous avisés
  not all reached
    pas tous rejoints
  hung
    posée
  refused
    refusée
  emergency service
    service d'urgence
  utility or authority
    distributeur ou autorité
  owner and landlord
    occupant et propriétaire
  nobody required
    personne d'exigé
  owner occupied
    propriétaire occupant
  rented
    loué
  both told
    les deux avisés
  only the tenant told
    seul le locataire avisé
  only the landlord told
    seul le propriétaire avisé
  reported today
    déclaré aujourd'hui
  office reports
    le bureau déclare
  not reportable
    pas à déclarer
  natural gas
    gaz naturel
  LP (propane)
    GPL (propane)
  butane
    butane
  Pressure
    Pression
  Temperature
    Température
  Limit
    Limite
  Mains
    Arrivée
  Street
    Rue
  Supply
    Alimentation
  Element lower
    Élément du bas
  Element upper
    Élément du haut
  coil
    serpentin
  immersion
    thermoplongeur
  upper
    haut
  lower
    bas
  cut-out
    coupe-circuit thermique
  immersion elements
    thermoplongeurs
  {gas_emergency}
    {gas_emergency}
  {lpg_emergency}
    {lpg_emergency}
  {any_gas_emergency}
    {any_gas_emergency}
TEXTS

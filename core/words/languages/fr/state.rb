# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  dial as found
    cadran comme à l'arrivée
  dial changed
    cadran changé
  dial restored
    cadran remis
  supply open
    alimentation ouverte
  supply shut
    alimentation fermée
  pressure live
    sous pression
  pressure flowing
    pression en écoulement
  pressure zero
    pression à zéro
  level full
    niveau plein
  level below the relief port
    niveau sous l'orifice de la soupape
  level below the upper {element}
    niveau sous l'élément du haut
  level below the upper element
    niveau sous l'élément du haut
  level below the lower element
    niveau sous l'élément du bas
  level empty
    niveau vide
  level falling
    niveau en baisse
  air path shut
    entrée d'air fermée
  air path {tap}
    entrée d'air par un robinet
  air path relief valve
    entrée d'air par la soupape
  no air in the pipes
    pas d'air dans les tuyaux
  drip watch finished
    surveillance des gouttes terminée
  drip watch expansion
    surveillance des gouttes, soupape d'expansion
  drip watch running
    surveillance des gouttes en cours
  gauge off
    manomètre enlevé
  gauge fitted
    manomètre posé
  maximum hand none
    aiguille de maximum absente
  maximum hand reset
    aiguille de maximum remise
  maximum hand spoiled
    aiguille de maximum faussée
  upper {element} heat on
    élément du haut en marche
  upper {element} heat pilot
    élément du haut en veille
  upper {element} heat off
    élément du haut éteint
  lower {element} heat on
    élément du bas en marche
  lower {element} heat pilot
    élément du bas en veille
  lower {element} heat off
    élément du bas éteint
  {element} heat on
    élément en marche
  {element} heat pilot
    élément en veille
  {element} heat off
    élément éteint
  burner heat on
    brûleur en marche
  burner heat pilot
    brûleur en veilleuse
  burner heat off
    brûleur éteint
  burner on
    brûleur en marche
  burner pilot
    brûleur en veilleuse
  burner off
    brûleur éteint
  coil heat on
    serpentin en marche
  coil heat pilot
    serpentin en veille
  coil heat off
    serpentin éteint
  immersion heat on
    thermoplongeur en marche
  immersion heat pilot
    thermoplongeur en veille
  immersion heat off
    thermoplongeur éteint
  feed live
    sous tension
  feed off
    coupé
  feed proved dead
    hors tension, vérifié
  lock off
    sans cadenas
  lock on
    cadenassé
  immersion feed live
    appoint sous tension
  immersion feed off
    appoint coupé
  immersion feed proved dead
    appoint hors tension, vérifié
  immersion lock off
    appoint sans cadenas
  immersion lock on
    appoint cadenassé
  relief in place
    soupape en place
  relief out
    soupape enlevée
  drain valve in place
    robinet de vidange en place
  drain valve out
    robinet de vidange enlevé
  anode in place
    anode en place
  anode out
    anode enlevée
  coil in place
    serpentin en place
  coil out
    serpentin enlevé
  gas control in place
    commande de gaz en place
  gas control out
    commande de gaz enlevée
  upper {element} in place
    élément du haut en place
  upper {element} out
    élément du haut enlevé
  lower {element} in place
    élément du bas en place
  lower {element} out
    élément du bas enlevé
  {element} in place
    élément en place
  {element} out
    élément enlevé
  {controls} feed live
    commandes sous tension
  {controls} feed off
    commandes coupées
  {controls} feed proved dead
    commandes hors tension, vérifié
  {controls} lock off
    commandes sans cadenas
  {controls} lock on
    commandes cadenassées
  immersion in place
    thermoplongeur en place
  immersion out
    thermoplongeur enlevé
  off-peak feed live
    tarif de nuit sous tension
  off-peak feed off
    tarif de nuit coupé
  off-peak feed proved dead
    tarif de nuit hors tension, vérifié
  boost feed live
    renfort sous tension
  boost feed off
    renfort coupé
  boost feed proved dead
    renfort hors tension, vérifié
  off-peak lock off
    tarif de nuit sans cadenas
  off-peak lock on
    tarif de nuit cadenassé
  boost lock off
    renfort sans cadenas
  boost lock on
    renfort cadenassé
TEXTS

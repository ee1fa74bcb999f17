# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  discharge pipe
    tuyau de décharge
  flue
    conduit
  order of the protections
    ordre des protections
  discharge pipe, from end to end
    tuyau de décharge, d'un bout à l'autre
  combustion
    combustion
  hot water temperature
    température de l'eau chaude
  what can be seen
    ce qui se voit
  Not visible
    Pas visible
  Not applicable
    Sans objet
  Gas is escaping
    Du gaz s'échappe
  The tank itself is running out
    Le réservoir lui-même se vide
  Water came out of the air valve: the membrane has failed, and no charge will hold. Replace the
      {vessel}.
    De l'eau est sortie de la valve d'air : la membrane a lâché, et aucune pression d'air ne
      tiendra. Remplacer le réservoir d'expansion.
  The charge is right as found; there is nothing to set.
    La pression d'air est bonne à l'arrivée; il n'y a rien à régler.
  The house rule says “look only”: the valve is not operated.
    La règle de l'entreprise dit « regarder seulement » : la soupape n'est pas manœuvrée.
  The discharge pipe is not safe to discharge into; put that right first.
    Le tuyau de décharge n'est pas sûr pour y décharger; le corriger d'abord.
  The house rule exercises only valves with a known history; this one's is not known, and no spare
      is at hand.
    La règle de l'entreprise n'essaie que les soupapes dont l'histoire est connue; celle-ci ne l'est
      pas, et il n'y a pas de rechange.
  house supply
    alimentation de la maison
  house pressure
    pression de la maison
  air in the pipes
    air dans les tuyaux
  air path
    entrée d'air
  water joints
    raccords d'eau
  gas joints
    raccords de gaz
  joints after the control
    raccords après la commande
  drip watch
    surveillance des gouttes
  maximum hand
    aiguille de maximum
  time since gas
    temps depuis le gaz
  test points
    prises de mesure
  burner door
    porte du brûleur
  static pressure
    pression statique
  air valve
    valve d'air
  heating cycle
    cycle de chauffage
  coil loop
    boucle du serpentin
  inlet group
    groupe d'entrée
  looked over
    regardé
  on site
    sur place
  upper {element}
    élément du haut
  lower {element}
    élément du bas
  relief valve
    soupape de sûreté
  not asked
    pas demandé
  seen as found
    vu à l'arrivée
  seen as left
    vu au départ
  in place
    en place
  put right
    corrigé
  put right, not proved
    corrigé, pas vérifié
  made safe
    en état sûr
  danger {state} ({hazard})
    danger {state} ({hazard})
  heater feed
    alimentation du chauffe-eau
  heater lock
    cadenas du chauffe-eau
  Hot, if the vessel failed
    À chaud, si le vase lâchait
  Hot, expected
    À chaud, attendu
  Tank is rated
    Le réservoir supporte
  Plate: works at
    Plaque : travaille à
  Hot, measured
    À chaud, mesuré
  Vessel charge
    Pression d'air
  Water boils
    L'eau bout
  Scald limit
    Limite de brûlure
  At the {tap}
    Au robinet
  The charge lies {side} the supply by {by}: they belong on one rung.
    La pression d'air est {side} l'alimentation de {by} : elles vont sur le même échelon.
  The hot peak stands above the limit: expansion is not taken up.
    La pointe à chaud dépasse la limite : l'expansion n'est pas absorbée.
  The {relief_valve} opens above what the tank is rated for: it must be set no higher than the
      tank's rating.
    La soupape T-P s'ouvre au-dessus de ce que supporte le réservoir : elle doit être réglée pas
      plus haut.
  The {expansion_relief} must open below the {relief_valve}.
    La soupape d'expansion doit s'ouvrir avant la soupape T-P.
  The water is as hot as the {cut_out}: the thermostat did not stop it.
    L'eau est aussi chaude que le coupe-circuit : le thermostat ne l'a pas arrêtée.
  At the {heater}
    Au chauffe-eau
  Where the water comes in
    Là où l'eau entre
  On top
    Sur le dessus
  At the side
    Sur le côté
  Below
    Dessous
  At the controls
    Aux commandes
  Outside
    Dehors
  below
    sous
  above
    au-dessus de
  Cut-out: coil
    Coupe : serpentin
  Cut-out: immersion
    Coupe : appoint
  Cut-out: coil, immersion
    Coupe des deux
  Cut-out: pump
    Coupe : pompe
  Cut-out: pump, lower
    Coupe : pompe, bas
  Cut-out: pump, upper
    Coupe : pompe, haut
  Cut-out: pump, upper, lower
    Coupe de toutes
  Cut-out: pump, immersion
    Coupe : pompe, appoint
  Cut-out: upper, lower
    Coupe : haut, bas
TEXTS

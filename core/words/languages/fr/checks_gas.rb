# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  CO and CO2 were not both read.
    CO et CO2 n'ont pas été lus tous les deux.
  Hardly any CO2: the probe is not in the flue gas.
    Presque pas de CO2 : la sonde n'est pas dans les gaz de combustion.
  CO over CO2 is {ratio}: the maker's limit for it is not known.
    CO sur CO2 est de {ratio} : la limite du fabricant n'est pas connue.
  the limit that was typed
    la limite qui a été tapée
  CO over CO2 is {ratio}, above {limit}: the burner makes carbon monoxide.
    CO sur CO2 est de {ratio}, au-dessus de {limit} : le brûleur produit du monoxyde de carbone.
  CO over CO2 is {ratio}, within {limit}.
    CO sur CO2 est de {ratio}, sous {limit}.
  The plate's input is not recorded.
    La puissance de la plaque n'est pas notée.
  The burner does not burn as much gas as its plate says.
    Le brûleur ne brûle pas autant de gaz que sa plaque le dit.
  Pressures in three states; orifice and burner clean.
    Pressions dans les trois états; orifice et brûleur propres.
  The element's rating is not recorded; read it off its flange.
    La puissance de l'élément n'est pas notée; la lire sur sa bride.
  Replace the {element}; the circuit stays off meanwhile.
    Remplacer l'élément; le circuit reste coupé d'ici là.
  A heating element is worn out or unsafe.
    Un élément chauffant est usé ou dangereux.
  Nothing here can be judged: a manifold goes by its plate, which is not on record.
    Rien ne peut être jugé ici : la pression à la rampe suit sa plaque, qui n'est pas notée.
  Find what takes the pressure; set the manifold to its plate.
    Trouver ce qui prend la pression; régler la rampe selon sa plaque.
  The gas pressure at the burner is not what it should be.
    La pression du gaz au brûleur n'est pas ce qu'elle devrait être.
  Clean and tighten first; the part that the measurements point to after that.
    D'abord nettoyer et serrer; ensuite la pièce que les mesures désignent.
  The safety device that watches the pilot flame is not as it should be.
    Le dispositif de sûreté qui surveille la veilleuse n'est pas comme il devrait être.
  A blue pilot flame on the generator's tip.
    Une flamme de veilleuse bleue sur la pointe du générateur.
  The pilot flame misses the generator's tip.
    La flamme de la veilleuse manque la pointe du générateur.
  A lazy, yellow pilot flame: the intake is choked or its orifice dirty.
    Une veilleuse molle et jaune : l'entrée d'air est bouchée ou son orifice sale.
  The pilot flame lifts: too much air, or a choked intake.
    La veilleuse se décolle : trop d'air, ou une entrée bouchée.
  a blue flame on the tip; screen and orifice clean
    une flamme bleue sur la pointe; grille et orifice propres
  Clean screen, base filter and orifice; look again with the door clear.
    Nettoyer grille, filtre du bas et orifice; regarder de nouveau, la porte dégagée.
  The pilot flame burns badly and may go out.
    La veilleuse brûle mal et peut s'éteindre.
  held until the generator is hot, it stays; five minutes after a failed try
    tenue jusqu'à ce que le générateur soit chaud, elle reste; cinq minutes après un essai manqué
  Gas smelt at floor level.
    Odeur de gaz près du plancher.
  Gas was leaking near the {heater}.
    Du gaz fuyait près du chauffe-eau.
  No flame, no switch; air the room; find the leak before any try.
    Ni flamme ni interrupteur; aérer la pièce; trouver la fuite avant tout essai.
  The pilot stays lit.
    La veilleuse reste allumée.
  The pilot does not stay: generator, its nut, cut-off or link.
    La veilleuse ne reste pas : générateur, son écrou, coupure ou maillon.
  Wait five minutes; measure generator and cut-off.
    Attendre cinq minutes; mesurer générateur et coupure.
  The pilot flame does not stay lit.
    La veilleuse ne reste pas allumée.
  gas input
    débit de gaz
  gas pressures
    pressions du gaz
  pilot's generator and cut-off
    générateur de la veilleuse et coupure
  Pilot flame
    Flamme de la veilleuse
  Pilot, lit again
    Veilleuse, rallumée
  {Element}, upper or only one
    Élément, du haut ou unique
  {Element}, lower
    Élément, du bas
  Gas pressures
    Pressions du gaz
  Gas input
    Débit de gaz
  Pilot's generator and cut-off
    Générateur de la veilleuse et coupure
  Combustion, CO to CO2
    Combustion, CO sur CO2
  So high a pressure can break the gas control.
    Une pression aussi forte peut briser la commande de gaz.
TEXTS

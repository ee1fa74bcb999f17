# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Annual safety visit
    Visite annuelle de sécurité
  Annual service of an unvented {heater}
    Entretien annuel d'un chauffe-eau sous pression (unvented)
  Re-check of the {vessel}'s charge
    Revérification de la pression d'air du réservoir d'expansion
  Check the {elements}
    Vérifier les éléments
  Read the supply at the {elements}
    Mesurer l'alimentation aux éléments
  Clean burner and intake
    Nettoyer le brûleur et l'entrée d'air
  Clean the coil
    Nettoyer le serpentin
  Clean the strainer
    Nettoyer la crépine
  Clock the gas input
    Chronométrer le débit de gaz
  Measure the combustion
    Mesurer la combustion
  See what was put right since the last visit
    Voir ce qui a été corrigé depuis la dernière visite
  Descale the {elements}
    Détartrer les éléments
  Test the {draught}
    Vérifier le tirage
  Find and mend an escape of gas
    Trouver et réparer une fuite de gaz
  Fit a cylinder thermostat
    Poser un thermostat de réservoir
  Flush the tank
    Rincer le réservoir
  Inspect the anode
    Inspecter l'anode
  Inspection, by looking
    Inspection visuelle
  Leak check after a day
    Recherche de fuites après un jour
  Measure the coil
    Mesurer le serpentin
  Supply pressure and hot peak
    Pression d'alimentation et pointe à chaud
  Exercise of the {relief_valve}
    Essai de la soupape T-P
  Renew the air bubble
    Refaire la bulle d'air
  Replace the anode
    Remplacer l'anode
  Replace the drain valve
    Remplacer le robinet de vidange
  Replace an {element}
    Remplacer un élément
  Replace the gas control
    Remplacer la commande de gaz
  Replace the inlet group
    Remplacer le groupe d'entrée
  Replace the {relief_valve}
    Remplacer la soupape T-P
  Replace the thermocouple
    Remplacer le thermocouple
  Replace the {vessel}
    Remplacer le réservoir d'expansion
  Set the gas pressures
    Régler les pressions de gaz
  Test the cut-outs
    Vérifier les coupe-circuits
  Test pilot and generator
    Vérifier la veilleuse et son générateur
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Carbon monoxide in the room
    Monoxyde de carbone dans la pièce
  The burner makes carbon monoxide
    Le brûleur produit du monoxyde de carbone
  A cut-out is missing, by-passed or resets by itself
    Un coupe-circuit manque, est contourné ou se réarme seul
  The relief valve's discharge is blocked, or scalds whoever stands there
    La décharge de la soupape est bloquée, ou brûle qui se tient là
  An element leaks current to earth
    Un élément fuit à la terre
  Pressure climbs to the relief valve whenever the water heats
    La pression monte jusqu'à la soupape chaque fois que l'eau chauffe
  Flue gas can enter the room
    Des gaz de combustion peuvent entrer dans la pièce
  The tank or its pipes are frozen
    Le réservoir ou ses tuyaux sont gelés
  The gas control cannot be trusted
    On ne peut pas se fier à la commande de gaz
  The gas pressure is more than the control bears
    La pression du gaz est plus forte que la commande ne le supporte
  The gas side is not tight
    Le côté du gaz n'est pas étanche
  The cylinder's inlet is without its protection
    L'entrée du cylindre est sans sa protection
  The heat does not stop: over-temperature
    Le chauffage ne s'arrête pas : surchauffe
  The pressure is above what the tank is rated for
    La pression est au-dessus de ce que supporte le réservoir
  The {relief_valve} does not shut
    La soupape T-P ne ferme pas
  The {relief_valve} does not protect the tank
    La soupape T-P ne protège pas le réservoir
  What is stored beside it can catch fire
    Ce qui est rangé à côté peut prendre feu
  The safety devices would act in the wrong order
    Les protections agiraient dans le mauvais ordre
  Nothing shuts the heat off: the {two_port} is missing
    Rien n'arrête le chauffage : la vanne à deux voies manque
  A part that can be touched is, or can become, live
    Une pièce qu'on peut toucher est, ou peut devenir, sous tension
TEXTS

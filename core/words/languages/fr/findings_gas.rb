# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Damper stuck, or vent motor not running
    Registre coincé, ou moteur d'évacuation arrêté
  Exhaust gas may stay in the house. It carries carbon monoxide, which kills.
    Des gaz de combustion peuvent rester dans la maison. Ils contiennent du monoxyde de carbone, qui
      tue.
  Burner off until it opens and draws.
    Brûleur éteint jusqu'à ce qu'il s'ouvre et tire.
  Flue narrower than the {heater}'s collar
    Conduit plus étroit que le collet du chauffe-eau
  The exhaust pipe is too narrow.
    Le conduit est trop étroit.
  Re-pipe at the collar's size or as tables say.
    Refaire à la grosseur du collet ou selon les tables.
  Nest or debris in the flue
    Nid ou débris dans le conduit
  The exhaust cannot leave the house. It carries carbon monoxide, which kills.
    Les gaz de combustion ne peuvent pas sortir de la maison. Ils contiennent du monoxyde de
      carbone, qui tue.
  Burner off until it is cleared and draws.
    Brûleur éteint jusqu'à ce qu'il soit dégagé et tire.
  Flue too close to what can burn
    Conduit trop près de ce qui peut brûler
  The hot exhaust pipe is too near to wood or plastic.
    Le conduit chaud est trop près de bois ou de plastique.
  Give it its clearance, or a listed shield.
    Lui donner son dégagement, ou un écran homologué.
  Smell of gas
    Odeur de gaz
  Gas is escaping.
    Du gaz s'échappe.
  Everybody out; call from outside; gas off only if it lies on the way.
    Tout le monde dehors; appeler de dehors; fermer le gaz seulement si c'est sur le chemin.
  Soot at the burner door
    Suie à la porte du brûleur
  The burner does not burn clean. Soot comes with carbon monoxide.
    Le brûleur ne brûle pas proprement. La suie vient avec du monoxyde de carbone.
  Burner off, ventilate, CO test.
    Brûleur éteint, aérer, mesurer le CO.
  No {gas_cock} at the {heater}
    Pas de robinet de gaz au chauffe-eau
  The gas to the {heater} cannot be shut off on its own.
    Le gaz du chauffe-eau ne peut pas se fermer à part.
  Fit a listed valve and a union.
    Poser un robinet homologué et un raccord union.
  No sediment trap ahead of the gas control, and none built in
    Pas de collecteur de sédiments avant la commande de gaz, et aucun intégré
  Dirt in the gas pipe is not caught before the burner.
    La saleté du tuyau de gaz n'est pas retenue avant le brûleur.
  Fit a drip leg at the next gas work.
    Poser un collecteur au prochain travail de gaz.
  Whether there is a sediment trap cannot be seen
    On ne voit pas s'il y a un collecteur de sédiments
  Whether dirt in the gas pipe is caught before the burner could not be seen.
    On n'a pas pu voir si la saleté du tuyau de gaz est retenue avant le brûleur.
  Look for it when the gas pipe is next open.
    Le chercher quand le tuyau de gaz sera ouvert.
  Gas connector kinked, corroded or of an old type
    Raccord de gaz plié, corrodé ou d'un vieux modèle
  The flexible gas pipe is not safe any more.
    Le raccord souple de gaz n'est plus sûr.
  Burner door loose, or its gasket damaged
    Porte du brûleur lâche, ou son joint abîmé
  The burner's door does not seal.
    La porte du brûleur n'est pas étanche.
  Controls have been under water
    Les commandes ont été sous l'eau
  The gas control has been under water and cannot be trusted.
    La commande de gaz a été sous l'eau et on ne peut plus s'y fier.
  Gas off; replace control or {heater}, never relight.
    Gaz fermé; remplacer la commande ou le chauffe-eau, ne jamais rallumer.
  Flammable-{vapour} sensor or screen burnt
    Capteur de vapeurs inflammables ou grille brûlés
  There has been a flash of {vapour} here.
    Il y a eu ici une flambée de vapeurs.
  Gas off; replace the {heater}, find where it came from.
    Gaz fermé; remplacer le chauffe-eau, trouver d'où elles venaient.
  Under a recall
    Visé par un rappel
  The maker has called this {heater} back.
    Le fabricant a rappelé ce chauffe-eau.
  As the maker's notice says; off until then.
    Comme l'avis du fabricant le dit; éteint d'ici là.
  Vent damper or power vent
    Registre ou ventilateur d'évacuation
  Flue of the right diameter, no nest or debris
    Conduit du bon diamètre, sans nid ni débris
  No smell of gas, no soot at the burner door
    Pas d'odeur de gaz, pas de suie à la porte du brûleur
  {Gas_cock} with union, within reach
    Robinet de gaz avec raccord union, à portée
  Burner door and its gasket
    Porte du brûleur et son joint
  No sign of flood or {vapour} event at the controls
    Aucun signe d'inondation ni de flambée de vapeurs aux commandes
TEXTS

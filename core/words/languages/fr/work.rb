# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Ask before lifting the lever
    Demander avant de lever le levier
  Follow the discharge pipe to its end
    Suivre le tuyau de décharge jusqu'au bout
  Look at every joint that was opened
    Regarder chaque raccord qui a été ouvert
  Withdraw and clean the coil
    Sortir et nettoyer le serpentin
  Rinse the strainer
    Rincer la crépine
  Move away what can burn
    Éloigner ce qui peut brûler
  Clock the gas meter
    Chronométrer le compteur de gaz
  Insulation, guards and covers back
    Isolant, protecteurs et couvercles remis
  See that it was put right since the last visit
    Voir que cela a été corrigé depuis la dernière visite
  Connect the manometer
    Brancher le manomètre
  Take the {elements} out and descale them
    Sortir les éléments et les détartrer
  Take the manometer off, test points shut
    Enlever le manomètre, prises fermées
  Drain below the relief valve's port
    Vidanger sous l'orifice de la soupape
  Drain below the upper {element}
    Vidanger sous l'élément du haut
  Drain the tank empty
    Vider le réservoir
  Everybody out, and call from outside
    Tout le monde dehors, et appeler de dehors
  Exercise the {expansion_relief}
    Essayer la soupape d'expansion
  Exercise the new {relief_valve}
    Essayer la nouvelle soupape T-P
  Exercise the {relief_valve}
    Essayer la soupape T-P
  Fit or reconnect the cut-out
    Poser ou rebrancher le coupe-circuit
  Fit the cylinder thermostat
    Poser le thermostat du réservoir
  Fit the gauge with the maximum hand
    Poser le manomètre à aiguille de maximum
  Fit the hose to the drain valve, its end in a safe place
    Brancher le tuyau au robinet de vidange, son bout en lieu sûr
  Fit an {vessel}
    Poser un réservoir d'expansion
  Flush in bursts until it runs clear
    Rincer par à-coups jusqu'à ce que l'eau soit claire
  Let the tank heat up
    Laisser chauffer le réservoir
  Identify the {heater}
    Identifier le chauffe-eau
  Take the anode out and look
    Sortir l'anode et la regarder
  Shut the coil's loop both sides
    Fermer la boucle du serpentin des deux côtés
  Land every lead, tight
    Raccorder chaque fil, bien serré
  Leave paper under the joints
    Laisser du papier sous les raccords
  Leave it off, its water shut, made safe and tagged
    Le laisser éteint, eau fermée, en état sûr et étiqueté
  Leave it in use against advice, with the warning given
    Le laisser en service malgré l'avis, avertissement donné
  Leave it off, made safe and tagged
    Le laisser éteint, en état sûr et étiqueté
  Look once more, and leave it safe
    Regarder une dernière fois et le laisser en sûreté
  Let it cool before anything is opened
    Le laisser refroidir avant d'ouvrir quoi que ce soit
  Open a hot {tap} until the flow stops
    Ouvrir un robinet d'eau chaude jusqu'à ce que rien ne coule
  Switch the back-up immersion off and lock it
    Couper l'élément d'appoint et le cadenasser
  Switch the power off and lock it
    Couper le courant et cadenasser
  Look it over, top to bottom
    Tout regarder, de haut en bas
  Bring the supply pressure down
    Abaisser la pression d'alimentation
  Make it safe: tag it, and tell who is there
    Le mettre en état sûr : l'étiqueter et avertir qui est là
  Measure the {elements}
    Mesurer les éléments
  Find why the heat does not stop, and mend it
    Trouver pourquoi le chauffage ne s'arrête pas, et réparer
  Put the discharge pipe right
    Corriger le tuyau de décharge
  Mend flue, hood or air supply
    Réparer le conduit, le coupe-tirage ou l'arrivée d'air
  Find the escape and mend it
    Trouver la fuite et la réparer
  Have the gas pressure brought down
    Faire abaisser la pression du gaz
  Mend terminals, covers and earth
    Réparer bornes, couvercles et mise à la terre
  Open the {gas_cock}
    Ouvrir le robinet de gaz
  Open the {supply_valve} again
    Rouvrir l'arrêt d'eau froide
  Open the house again
    Rouvrir l'eau de la maison
  Open the {relief_valve} for air
    Ouvrir la soupape T-P pour laisser entrer l'air
  Shut the {tap}, then open the {supply_valve}
    Fermer le robinet, puis ouvrir l'arrêt d'eau froide
  Press the {high_limit}'s red button
    Appuyer sur le bouton rouge du limiteur
  Prove it dead, every feed
    Vérifier qu'il est hors tension, chaque alimentation
  Prove the sealed flue and the CO in the room
    Vérifier le conduit étanche et le CO dans la pièce
  Prove the gas joints with leak fluid
    Vérifier les raccords de gaz au liquide détecteur
  Leak fluid again, with the burner lit
    Liquide détecteur encore, brûleur allumé
  Prove that the thermostat stops the heat
    Vérifier que le thermostat arrête le chauffage
  Read every setting once more
    Relire chaque réglage une dernière fois
  Run the hot {tap} until it is free of air
    Faire couler le robinet chaud jusqu'à ce qu'il n'ait plus d'air
  Purge the coil's loop
    Purger la boucle du serpentin
  Measure the coil again
    Mesurer de nouveau le serpentin
  Measure what the coil gives up
    Mesurer ce que donne le serpentin
  Read pressure and flow with a {tap} wide open
    Lire pression et débit, un robinet grand ouvert
  Read the hot peak, as left
    Lire la pointe à chaud, au départ
  Read the hot peak, as found
    Lire la pointe à chaud, à l'arrivée
  Read the gas pressure, nothing burning
    Lire la pression du gaz, rien d'allumé
  Read the supply live at the {element}
    Mesurer la tension à l'élément
  Read the gas pressures with the burner on
    Lire les pressions du gaz, brûleur allumé
  Look at the paper after a day
    Regarder le papier après un jour
  Read the static pressure
    Lire la pression statique
  Measure the {tap} temperature
    Mesurer la température au robinet
  Read the charge of the {vessel}
    Lire la pression d'air du réservoir d'expansion
  Open the {supply_valve} and fill the tank
    Ouvrir l'arrêt d'eau froide et remplir le réservoir
  Screw the anode back in
    Revisser l'anode
  Put the discharge pipe back
    Remettre le tuyau de décharge
  Put the {elements} back in
    Remettre les éléments
  Relight the pilot
    Rallumer la veilleuse
  Take the gauge off
    Enlever le manomètre
  Take the hose off
    Enlever le tuyau
  Fit a new anode
    Poser une anode neuve
  Replace the {element}
    Remplacer l'élément
  Turn the maximum hand down again
    Remettre l'aiguille de maximum
  Give the coil its heat again, the programmer as it was
    Rendre son chauffage au serpentin, le programmateur comme il était
  Turn the burner on, the dial back where it was
    Rallumer le brûleur, le cadran où il était
  Unlock the back-up immersion
    Décadenasser l'élément d'appoint
  Unlock and switch the power on
    Décadenasser et remettre le courant
  Plug the recirculation pump in again
    Rebrancher la pompe de recirculation
  Cleared from outside: isolated, aired, smell or CO gone
    Libéré de dehors : fermé, aéré, plus d'odeur ni de CO
  Cleared: aired, and whoever is certified has made the circuit safe
    Libéré : aéré, et une personne certifiée a mis le circuit en sûreté
  See that the refrigerant circuit is tight
    Voir que le circuit du fluide frigorigène est étanche
  Back to a heat pump whose refrigerant leaked
    Retour à une thermopompe dont le fluide a fui
  Run several hot {taps}, the supply open
    Faire couler plusieurs robinets chauds, alimentation ouverte
  See the discharge pipe run to its end
    Voir le tuyau de décharge couler jusqu'au bout
  See how the burner is lit
    Voir comment le brûleur s'allume
  Put the settings of the safety devices in order
    Mettre en ordre les réglages des dispositifs de sûreté
  Set the charge to the supply pressure
    Régler la pression d'air sur celle de l'alimentation
  Shut the drain
    Fermer la vidange
  Shut the {gas_cock} and tag it
    Fermer le robinet de gaz et l'étiqueter
  Shut the {supply_valve}
    Fermer l'arrêt d'eau froide
  Shut the house
    Fermer l'eau de la maison
  Shut the {relief_valve} again
    Refermer la soupape T-P
  Shut the {taps}
    Fermer les robinets
  Draw hot water and let it heat up once more
    Tirer de l'eau chaude et laisser réchauffer encore une fois
  Draw hot water, so that it heats up again
    Tirer de l'eau chaude, pour que ça réchauffe
  Take the boiler's heat off the coil
    Couper le chauffage de la chaudière au serpentin
  Unplug the recirculation pump
    Débrancher la pompe de recirculation
  Note the dial, then switch the burner off
    Noter le cadran, puis éteindre le brûleur
  Take the discharge pipe off the {relief_valve}
    Enlever le tuyau de décharge de la soupape T-P
  Take the leads off the {elements}, and mark them
    Débrancher les fils des éléments et les marquer
  Press the air valve: what comes out?
    Appuyer sur la valve d'air : qu'est-ce qui sort?
  Measure what the burner makes of its gas
    Mesurer ce que le brûleur fait de son gaz
  Prove each cut-out by opening its circuit
    Vérifier chaque coupe-circuit en ouvrant son circuit
  Test the {draught}, worst case
    Vérifier le tirage, dans le pire cas
  Test the pilot and its generator
    Vérifier la veilleuse et son générateur
  Thaw it, and see that it is whole
    Le dégeler et voir qu'il est entier
  Note the dial, then turn the gas to PILOT
    Noter le cadran, puis mettre le gaz à PILOT
  Note the dial, then turn the gas OFF
    Noter le cadran, puis mettre le gaz à OFF
  Five minutes for the gas to clear
    Cinq minutes pour que le gaz se dissipe
  Let the tank heat up, the maximum hand watching
    Laisser chauffer le réservoir, l'aiguille de maximum en place
  Watch the {expansion_relief} for ten seconds
    Regarder la soupape d'expansion pendant dix secondes
  Watch the outlet for ten seconds
    Regarder la sortie pendant dix secondes
TEXTS

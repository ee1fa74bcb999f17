# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Mixing valve leaks
    Mitigeur qui fuit
  The valve that keeps the water from scalding drips.
    Le mitigeur qui empêche l'eau de brûler goutte.
  Service or replace it.
    L'entretenir ou le remplacer.
  Hot and cold reversed at the mixing valve
    Chaud et froid inversés au mitigeur
  The valve that should keep the water from scalding is connected the wrong way round.
    Le mitigeur qui doit empêcher l'eau de brûler est branché à l'envers.
  Re-pipe it.
    Refaire les tuyaux.
  No check valve in the return
    Pas de clapet dans le retour
  Water can run the wrong way through the return pipe.
    L'eau peut couler à l'envers par le tuyau de retour.
  Fit a check valve.
    Poser un clapet antiretour.
  Pump leaks or seized
    Pompe qui fuit ou bloquée
  The pump that brings hot water quickly has failed.
    La pompe qui amène vite l'eau chaude a lâché.
  Replace it.
    La remplacer.
  {Vessel} not supported
    Réservoir d'expansion non supporté
  If its inside fails, the small tank becomes heavy and can tear its pipe.
    Si l'intérieur lâche, le petit réservoir devient lourd et peut arracher son tuyau.
  Strap or bracket it.
    Le sangler ou le supporter.
  Its shell or joint drips or rusts
    Son corps ou son raccord goutte ou rouille
  The small tank that cushions the pressure is rusting through.
    Le petit réservoir qui amortit la pression est rongé par la rouille.
  A valve between tank and {vessel}
    Un robinet entre le réservoir et le réservoir d'expansion
  Somebody could shut the small safety tank off.
    Quelqu'un pourrait fermer le petit réservoir de sûreté.
  Take the valve out, or seal it open.
    Enlever le robinet, ou le sceller ouvert.
  It sits before the {heater}'s own valve
    Il est avant le robinet du chauffe-eau lui-même
  The small tank works, but it is shut off with the house.
    Le petit réservoir marche, mais il est fermé quand on ferme la maison.
  Its charge is read with the house supply shut.
    Sa pression d'air se lit quand l'eau de la maison est fermée.
  {Regulator} leaks
    Le régulateur de pression fuit
  The device that lowers the street's water pressure drips.
    L'appareil qui abaisse la pression de l'eau de la rue goutte.
  Dial turned to the top
    Cadran monté au maximum
  The temperature is set as high as it goes.
    La température est réglée au plus haut.
  Find out why it was turned up; turn it down.
    Trouver pourquoi on l'a monté; le baisser.
  Knob or dial broken
    Bouton ou cadran cassé
  The temperature cannot be set.
    La température ne se règle pas.
  Replace the knob or the control.
    Remplacer le bouton ou la commande.
  Status light dark: the control has no power
    Voyant éteint : la commande n'a pas de courant
  The electronics of the burner have no power.
    L'électronique du brûleur n'a pas de courant.
  Read the generator's voltage, or its feed.
    Mesurer la tension du générateur, ou son alimentation.
  Status light blinks an error code
    Le voyant clignote un code d'erreur
  The burner's control reports a fault.
    La commande du brûleur signale un défaut.
  Write the code down and look it up on the maker's label.
    Noter le code et le chercher sur l'étiquette du fabricant.
  Past its expected life
    Au-delà de sa durée de vie prévue
  The {heater} is old; plan its replacement before it leaks.
    Le chauffe-eau est vieux; prévoir son remplacement avant qu'il fuie.
  Plan the replacement; look yearly for rust.
    Prévoir le remplacement; regarder la rouille chaque année.
  Green or white crust on its body
    Croûte verte ou blanche sur son corps
  The inlet valves are weeping.
    La robinetterie d'entrée suinte.
  Replace the group.
    Remplacer le groupe.
  Strainer, reducing, check or relief valve missing from it
    Crépine, réducteur, clapet ou soupape y manquent
  A safety part of the inlet is missing.
    Une pièce de sûreté de l'entrée manque.
  Isolate every heat source until it is complete.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce qu'il soit complet.
  Fitted against its arrow
    Posé contre sa flèche
  The inlet valves are fitted the wrong way round.
    La robinetterie d'entrée est posée à l'envers.
  Turn it round.
    Le retourner.
  Cold branch for mixers taken before it
    Froid des mitigeurs pris avant lui
  Showers may not mix well.
    Les douches peuvent mal mélanger.
  Take the cold from the balanced outlet.
    Prendre le froid à la sortie équilibrée.
  No {expansion_relief}
    Pas de soupape d'expansion
  A safety valve against pressure is missing.
    Une soupape de sûreté contre la pression manque.
  Isolate every heat source until one is fitted.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce qu'une soit posée.
  A valve between it and the cylinder
    Un robinet entre elle et le cylindre
  A safety valve can be shut off.
    Une soupape de sûreté peut être fermée.
  Open it now; take the valve out.
    Ouvrir tout de suite et enlever le robinet; chauffe-eau éteint d'ici là.
  {Expansion_relief} plugged or capped
    Soupape d'expansion bouchée ou coiffée
  A safety valve against pressure has been blocked.
    Une soupape de sûreté contre la pression a été bloquée.
  Isolate every heat source; open or replace it.
    Couper et cadenasser toutes les sources de chaleur; l'ouvrir ou la remplacer.
  A heat source without energy cut-out
    Une source de chaleur sans coupe-circuit thermique
  The second of three safety devices is missing.
    La deuxième de trois protections manque.
  Isolate that heat source until one is fitted.
    Couper et cadenasser cette source de chaleur jusqu'à ce qu'un soit posé.
  Cut-out by-passed or bridged
    Coupe-circuit court-circuité
  The second of three safety devices has been put out of action.
    La deuxième de trois protections a été mise hors d'usage.
  Isolate that heat source; wire it in.
    Couper et cadenasser cette source de chaleur; le raccorder.
  Cut-out found tripped
    Coupe-circuit trouvé déclenché
  A safety switch has acted: something overheated.
    Un dispositif de sûreté a agi : quelque chose a surchauffé.
  Find out why before you reset it.
    Trouver pourquoi avant de le réarmer.
  No {two_port} or pump control on the coil
    Pas de vanne à deux voies ni de commande de pompe sur le serpentin
  Nothing would stop the boiler from overheating the {heater}.
    Rien n'empêcherait la chaudière de surchauffer le chauffe-eau.
  Isolate the coil until one is fitted.
    Fermer le circuit du serpentin jusqu'à ce qu'une soit posée.
  Left on manual
    Laissée en manuel
  The valve that stops the heat is held open.
    La vanne qui arrête le chauffage est tenue ouverte.
  Set it to auto today.
    La mettre en automatique aujourd'hui.
  {Two_port} weeps or its head is wet
    La vanne suinte ou sa tête est mouillée
  A control valve drips.
    Une vanne de commande goutte.
  Replace the valve.
    Remplacer la vanne.
  No valves on the coil's pipes
    Pas de robinets sur les tuyaux du serpentin
  The heating must be drained to work on the {heater}.
    Il faut vider le chauffage pour travailler au chauffe-eau.
  Fit valves when the pipes are next cut.
    Poser des robinets quand les tuyaux seront coupés.
  Flow and return swapped
    Départ et retour inversés
  The heating pipes are connected the wrong way round.
    Les tuyaux de chauffage sont branchés à l'envers.
  Swap them.
    Les inverser.
  Wiring box open or cable not clamped
    Boîte de raccordement ouverte ou câble pas serré
  Dead and proved; clamp and close.
    Vérifié hors tension; serrer et fermer.
  No thermostat in the chain
    Pas de thermostat dans la chaîne
  Nothing limits the water's temperature.
    Rien ne limite la température de l'eau.
  Isolate the coil until a thermostat is wired in.
    Fermer le circuit du serpentin jusqu'à ce qu'un thermostat soit raccordé.
  Commissioning record or warning label missing
    Fiche de mise en service ou étiquette d'avertissement absente
  Nobody can see who commissioned it and what must not be done.
    Personne ne voit qui l'a mis en service et ce qu'il ne faut pas faire.
  Fit the label, start a record.
    Poser l'étiquette, commencer une fiche.
  Covers, guards and insulation over the {elements}
    Couvercles, protecteurs et isolant sur les éléments
  Cable or {flex} to the {elements}
    Câble ou cordon jusqu'aux éléments
  Jacket, and any extra blanket
    Enveloppe, et toute couverture ajoutée
  Room to work, nothing stored against it
    Place pour travailler, rien de rangé contre
  Stand, level and sound
    Support, de niveau et solide
  In a tall building: a valve on the hot outlet
    Dans un immeuble haut : un robinet sur la sortie chaude
  Bond between hot and cold, where asked for
    Liaison entre chaud et froid, là où elle est demandée
  Mixing valve
    Mitigeur
  Recirculation pump and its check valve
    Pompe de recirculation et son clapet
  The {vessel}: supported, dry, no valve before it
    Le réservoir d'expansion : supporté, sec, aucun robinet avant lui
  The {regulator}
    Le régulateur de pression
  Dial of the gas control
    Cadran de la commande de gaz
  Age
    Âge
  Inlet control group
    Groupe de commande d'entrée
  {Expansion_relief}
    Soupape d'expansion
  Energy cut-outs, one on each heat source
    Coupe-circuits thermiques, un sur chaque source de chaleur
  {Two_port} on the coil's flow
    Vanne à deux voies sur le départ du serpentin
  Valves on the coil's pipes, right way round
    Robinets sur les tuyaux du serpentin, du bon côté
  Programmer and wiring box
    Programmateur et boîte de raccordement
  Commissioning record, labels and warnings
    Fiche de mise en service, étiquettes et avertissements
TEXTS

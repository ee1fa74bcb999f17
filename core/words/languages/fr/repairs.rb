# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  No discharge pipe on an unvented {heater}
    Pas de tuyau de décharge sur un chauffe-eau sous pression (unvented)
  When a safety valve opens, scalding water or steam comes out beside the {heater}.
    Quand une soupape de sûreté s'ouvre, de l'eau bouillante ou de la vapeur sort près du
      chauffe-eau.
  Isolate every heat source until its discharge pipes are there.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce que ses tuyaux de décharge soient
      là.
  Pipe soft, or not fit for 99 °C
    Tuyau mou, ou pas fait pour 99 °C
  Re-pipe in rigid pipe fit for at least 99 °C.
    Refaire en tuyau rigide fait pour au moins 99 °C.
  Rigid pipe, fit for at least 99 °C
    Tuyau rigide, fait pour au moins 99 °C
  Rigid and fit for it
    Rigide et fait pour cela
  Re-hang it: rising all the way, supported.
    Le reposer : montant partout, supporté.
  The burner gets no air to burn clean. It can make carbon monoxide, which kills.
    Le brûleur n'a pas assez d'air pour brûler proprement. Il peut produire du monoxyde de carbone,
      qui tue.
  Burner off until the room has its openings; work out their size.
    Brûleur éteint jusqu'à ce que la pièce ait ses ouvertures; calculer leur grandeur.
  {Relief_valve}, before it is touched: drips or runs, felt at the valve
    Soupape T-P, avant d'y toucher : si elle goutte ou coule, à la main sur la soupape
  {Relief_valve} drips as found, cold or luke-warm
    Soupape T-P qui goutte à l'arrivée, froide ou tiède
  {Relief_valve} runs as found, cold
    Soupape T-P qui coule à l'arrivée, froide
  {Relief_valve} drips as found, hot or not felt
    Soupape T-P qui goutte à l'arrivée, chaude ou pas touchée
  {Relief_valve} runs as found, hot or not felt
    Soupape T-P qui coule à l'arrivée, chaude ou pas touchée
  {Relief_valve} steams
    De la vapeur sort de la soupape T-P
  The safety valve drips. Either the pressure is high or it is worn.
    La soupape de sûreté goutte. Ou la pression est forte, ou elle est usée.
  The safety valve runs. Either the pressure is high or it is worn.
    La soupape de sûreté coule. Ou la pression est forte, ou elle est usée.
  Read static pressure and hot peak; wash the seat once, else replace it.
    Lire la pression statique et la pointe à chaud; rincer le siège une fois, sinon la remplacer.
  Read static pressure and hot peak; replace the valve if it does not shut.
    Lire la pression statique et la pointe à chaud; remplacer la soupape si elle ne ferme pas.
  Hot water came from the safety valve: the tank may be overheating.
    De l'eau chaude sortait de la soupape de sûreté : le réservoir surchauffe peut-être.
  Hot water ran from the safety valve: the tank may be overheating.
    De l'eau chaude coulait de la soupape de sûreté : le réservoir surchauffe peut-être.
  Steam came from the safety valve: the water is far too hot.
    De la vapeur sortait de la soupape de sûreté : l'eau est beaucoup trop chaude.
  Heat off, the cold left open; touch nothing until it has cooled; find out why.
    Chauffage coupé, l'eau froide laissée ouverte; ne toucher à rien avant que ce soit refroidi;
      trouver pourquoi.
  Heat off, keep away, the cold left open; touch nothing until it has cooled.
    Chauffage coupé, rester à l'écart, l'eau froide laissée ouverte; ne toucher à rien avant que ce
      soit refroidi.
  Steam came from it: over-temperature.
    De la vapeur en est sortie : surchauffe.
  Heat off, the cold left open; touch nothing until it has cooled. Find out why the heat does not
      stop.
    Chauffage coupé, l'eau froide laissée ouverte; ne toucher à rien avant que ce soit refroidi.
      Trouver pourquoi le chauffage ne s'arrête pas.
  Still dripping ten seconds after closing: its seat.
    Goutte encore dix secondes après la fermeture : son siège.
  Wash the seat once, by its lever 3–4 times; still dripping, replace the valve.
    Rincer le siège une fois, en levant et relâchant le levier 3–4 fois; si elle goutte encore,
      remplacer la soupape.
  Leak that wets terminals or wiring
    Fuite qui mouille des bornes ou des fils
  Water runs onto electrical parts. It can shock, and it can burn.
    L'eau coule sur des pièces électriques. Elle peut électrocuter et mettre le feu.
  Power off, locked and proved dead; mend the leak, dry it, prove insulation and {earth}.
    Courant coupé, cadenassé et vérifié hors tension; réparer la fuite, sécher, vérifier l'isolement
      et la mise à la terre.
  The tank has failed and is running out. It cannot be mended.
    Le réservoir est percé et se vide. Il ne se répare pas.
  Heat off, the {heater}'s own supply shut, empty it; replace the {heater}.
    Chauffage coupé, l'alimentation du chauffe-eau fermée, le vider; remplacer le chauffe-eau.
  The tank runs onto its electrical parts
    L'eau du réservoir coule sur ses pièces électriques
  The tank has failed and its water reaches electrical parts.
    Le réservoir est percé et son eau atteint des pièces électriques.
  Power off and locked first, then the water; replace the {heater}.
    D'abord le courant, coupé et cadenassé; ensuite l'eau; remplacer le chauffe-eau.
  Tank or pipes frozen
    Réservoir ou tuyaux gelés
  The water has frozen. Ice may have split a pipe, and heat now could burst it.
    L'eau a gelé. La glace a peut-être fendu un tuyau, et chauffer maintenant pourrait le faire
      éclater.
  Heat off. Thaw it slowly without a flame, look for splits, fill it, then heat.
    Chauffage coupé. Dégeler lentement sans flamme, chercher les fentes, remplir, puis chauffer.
  Power off and locked until it is connected and proved.
    Courant coupé et cadenassé jusqu'à ce qu'elle soit raccordée et vérifiée.
  Wood or plastic at the flue is scorched
    Bois ou plastique roussi près du conduit
  The hot exhaust pipe has begun to burn what is near it.
    Le conduit chaud a commencé à brûler ce qui est près de lui.
  Burner off until it has its clearance, and the flue has been tested.
    Brûleur éteint jusqu'à ce qu'il ait son dégagement et que le conduit soit vérifié.
  Gas off today; replace the connector, prove it tight.
    Gaz fermé aujourd'hui; remplacer le raccord, vérifier qu'il ne fuit pas.
  Not fired until it seals: seat it, renew the gasket.
    Ne pas allumer avant qu'elle soit étanche : la remettre en place, changer le joint.
  Power off and locked; dead and proved, cut back, new terminal, right torque.
    Courant coupé et cadenassé; vérifié hors tension, recouper, borne neuve, bon serrage.
  Cable damaged down to bare metal
    Câble abîmé jusqu'au métal nu
  A live wire can be touched.
    On peut toucher un fil sous tension.
  Power off and locked; replace the cable before it runs.
    Courant coupé et cadenassé; remplacer le câble avant de remettre en marche.
  No {high_limit}
    Pas de limiteur
  {High_limit} by-passed or bridged
    Limiteur court-circuité
  {High_limit}, reset by hand, its contacts not bridged
    Limiteur, réarmé à la main, contacts non court-circuités
  Fitted, wired in
    Posé, raccordé
  The switch that stops the heat when a thermostat sticks is missing.
    Le dispositif qui arrête le chauffage quand un thermostat colle est absent.
  The switch that stops the heat when a thermostat sticks has been put out of action.
    Le dispositif qui arrête le chauffage quand un thermostat colle a été mis hors d'usage.
  Power off and locked until one is fitted and proved.
    Courant coupé et cadenassé jusqu'à ce qu'un soit posé et vérifié.
  Power off and locked; wire it in, prove it.
    Courant coupé et cadenassé; le raccorder, le vérifier.
  A flash of flammable {vapour} has happened here
    Il y a eu ici une flambée de vapeurs inflammables
  An open flue where people sleep or wash
    Un conduit ouvert là où des gens dorment ou se lavent
  What was switched off is still live
    Ce qui a été coupé est encore sous tension
  An open-flued burner in a bedroom or bathroom.
    Un brûleur à conduit ouvert dans une chambre ou une salle de bain.
  Burner off and gas shut until a room-sealed {heater} is there, or it has been moved.
    Brûleur éteint et gaz fermé jusqu'à ce qu'un chauffe-eau à chambre étanche soit là, ou qu'il
      soit déplacé.
  The burner takes its air from a room where people sleep or wash. If its flue fails, carbon
      monoxide reaches them first.
    Le brûleur prend son air dans une pièce où des gens dorment ou se lavent. Si son conduit fait
      défaut, le monoxyde de carbone les atteint en premier.
  Tell the household today; turn the setting down or fit a mixing valve, above all with a child, an
      old or an ill person.
    Avertir les occupants aujourd'hui; baisser le réglage ou poser un mitigeur, surtout avec un
      enfant, une personne âgée ou malade.
  Turn the setting down today, or prove a mixing valve; find out why it is so hot.
    Baisser le réglage aujourd'hui, ou vérifier un mitigeur; trouver pourquoi c'est si chaud.
  The safety valve would open only when the water is about to boil.
    La soupape de sûreté ne s'ouvrirait que quand l'eau est près de bouillir.
  Heat off until a valve that opens at 99 °C or below is fitted.
    Chauffage coupé jusqu'à ce qu'une soupape qui s'ouvre à 99 °C ou moins soit posée.
  Heat off until a valve that opens at 210 °F or below is fitted.
    Chauffage coupé jusqu'à ce qu'une soupape qui s'ouvre à 210 °F ou moins soit posée.
  Burner, igniter or electric parts in a garage, or in a space that opens to one
    Brûleur, allumeur ou pièces électriques dans un garage, ou dans un espace qui s'y ouvre
  No pan: would a leak here do damage?
    Pas de bac : une fuite ferait-elle des dégâts ici?
  No: it would run off, or harm nothing
    Non : elle s'écoulerait, ou n'abîmerait rien
  {earth} of the {heater}
    Mise à la terre du chauffe-eau
  water pressure, as left
    pression de l'eau, au départ
  Earth
    Terre
  draft
    tirage
  flue
    conduit
  The {earth} holds to the metal of the {heater}.
    La mise à la terre tient au métal du chauffe-eau.
  No {earth} reaches the metal of the {heater}.
    Aucune mise à la terre n'atteint le métal du chauffe-eau.
  Off and locked until the {earth} is made and proved.
    Coupé et cadenassé jusqu'à ce que la mise à la terre soit faite et vérifiée.
  The metal of the {heater} has no {earth}: a fault could make it live.
    Le métal du chauffe-eau n'est pas mis à la terre : un défaut pourrait le mettre sous tension.
  {percent} % more gas than the {limit} allowed here.
    {percent} % de gaz de plus que les {limit} permis ici.
  {percent} % less gas than the {limit} allowed here.
    {percent} % de gaz de moins que les {limit} permis ici.
  The input is what its plate allows here.
    La puissance est celle que la plaque permet ici.
  Set the manifold to its plate; check the orifice for this altitude.
    Régler la rampe selon sa plaque; vérifier l'orifice pour cette altitude.
  How high above the sea it stands is not recorded: above 2,000 ft (610 m) less is allowed.
    L'altitude n'est pas notée : au-dessus de 2,000 pi (610 m) il en faut moins.
  Put the supply right first: pipe, meter, regulator, other appliances. The manifold is not touched
      before.
    D'abord corriger l'alimentation : tuyau, compteur, régulateur, autres appareils. On ne touche
      pas à la rampe avant.
  The cut-off has opened from too much heat: find out why, then replace the control.
    La coupure s'est ouverte par trop de chaleur : trouver pourquoi, puis remplacer la commande.
  Which gas it burns is not on record: read it off the plate first; each pressure goes by it.
    Le gaz qu'il brûle n'est pas noté : le lire d'abord sur la plaque; chaque pression en dépend.
  Whether the plate is in gross or net is not recorded.
    On n'a pas noté si la plaque est en brut ou en net.
  expansion relief in place
    soupape d'expansion en place
  expansion relief out
    soupape d'expansion enlevée
  Clear what is stored beside it
    Enlever ce qui est rangé à côté
  Find the isolator that makes it dead
    Trouver le sectionneur qui le met hors tension
  Fit or replace the {cut_out}
    Poser ou remplacer le coupe-circuit
  Fit a first {vessel}
    Poser un premier réservoir d'expansion
  Replace the thermostat or mend its circuit
    Remplacer le thermostat ou réparer son circuit
  Mend the flue
    Réparer le conduit
  Put the gas supply right
    Corriger l'alimentation en gaz
  Mend terminals, covers and {earth}
    Réparer bornes, couvercles et mise à la terre
  Replace the {expansion_relief}
    Remplacer la soupape d'expansion
  Adjust, fit or replace the {regulator}
    Régler, poser ou remplacer le régulateur de pression
  Thaw it, and see that it is tight
    Le dégeler et voir qu'il ne fuit pas
  Prove the {earth}, from the terminal to the metal
    Vérifier la mise à la terre, de la borne au métal
  Read the static pressure again, as left
    Relire la pression statique, au départ
  Shut the {tap} that let the air in
    Fermer le robinet qui a laissé entrer l'air
  Prove that each thermostat stops its heat
    Vérifier que chaque thermostat arrête son chauffage
  Prove each cut-out by its own test
    Vérifier chaque coupe-circuit par son propre essai
TEXTS

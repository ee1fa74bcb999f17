# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Heat pump
    Thermopompe
  pump
    pompe
  compressor heat on
    compresseur en marche
  compressor heat pilot
    compresseur en veille
  compressor heat off
    compresseur éteint
  Air filter
    Filtre à air
  Clean, in its place
    Propre, en place
  Air filter dirty
    Filtre à air sale
  The filter is full of dust, so the heater takes longer and costs more.
    Le filtre est plein de poussière : le chauffe-eau met plus de temps et coûte plus cher.
  Clean it today, and show the household how.
    Le nettoyer aujourd'hui, et montrer aux occupants comment faire.
  Air filter missing or torn
    Filtre à air absent ou déchiré
  Without its filter the heater draws dust into itself.
    Sans filtre, le chauffe-eau aspire la poussière.
  Fit the maker's filter, and clean the coil behind it.
    Poser le filtre du fabricant et nettoyer le serpentin derrière.
  Its air: room or ducts, 15 cm (6 in) free at intake and outlet
    Son air : pièce ou conduits, 15 cm (6 po) libres à l'entrée et à la sortie
  Room of about 20 m³ (700 ft³), or ducts or louvres as its maker says, nothing against it
    Pièce d'environ 20 m³ (700 pi³), ou conduits ou persiennes selon le fabricant, rien devant
  Room too small, without louvres or ducts
    Pièce trop petite, sans persiennes ni conduits
  The heater cools the little air it has, takes longer and costs more.
    Le chauffe-eau refroidit le peu d'air qu'il a, met plus de temps et coûte plus cher.
  Louvred door or ducts as the maker says.
    Porte à persiennes ou conduits selon le fabricant.
  Something stands against its intake or outlet
    Quelque chose est devant son entrée ou sa sortie
  The heater cannot draw its air.
    Le chauffe-eau ne peut pas aspirer son air.
  Clear it today, and tell the household.
    Le dégager aujourd'hui, et avertir les occupants.
  Its fan or duct pulls on an open-flued appliance
    Son ventilateur ou son conduit tire sur un appareil à conduit ouvert
  Its fan can draw flue gas of another appliance into the room. It carries carbon monoxide, which
      kills.
    Son ventilateur peut tirer les gaz de combustion d'un autre appareil dans la pièce. Ils
      contiennent du monoxyde de carbone, qui tue.
  Its power off; a spillage test there with it running, and its air from elsewhere.
    Son courant coupé; un essai de refoulement là avec lui en marche, et de l'air venu d'ailleurs.
  Its fan can draw flue gas into the room
    Son ventilateur peut tirer des gaz de combustion dans la pièce
  Condensate: where it runs
    Condensat : où il coule
  Falls all the way, trapped as its maker says, ends where frost and people are safe
    En pente partout, siphon selon le fabricant, finit où ni le gel ni les gens ne souffrent
  Condensate pipe sags or rises
    Tuyau de condensat qui fait ventre ou remonte
  Water from the air cannot run away and may come out under the heater.
    L'eau tirée de l'air ne s'en va pas et peut sortir sous le chauffe-eau.
  Re-hang it to fall all the way.
    Le reposer en pente partout.
  Condensate led into the relief valve's discharge pipe
    Condensat mené dans le tuyau de décharge de la soupape
  Two drains share a pipe that only the safety valve may use.
    Deux drains partagent un tuyau que seule la soupape de sûreté peut utiliser.
  Lead it away by itself.
    Le mener à part.
  Condensate ends where it freezes or people slip
    Le condensat finit là où il gèle ou fait glisser
  Water dripping outside can freeze where people walk, or block the pipe.
    L'eau qui goutte dehors peut geler où l'on marche, ou boucher le tuyau.
  Lead it to a drain indoors.
    Le mener à un drain intérieur.
  Refrigerant circuit: hiss, oil, ice that stays
    Circuit frigorifique : sifflement, huile, glace qui reste
  No hiss, no oil, no ice that stays
    Ni sifflement, ni huile, ni glace qui reste
  refrigerant circuit
    circuit frigorifique
  Refrigerant may be leaking: hiss, oil, or ice that stays
    Le fluide frigorigène fuit peut-être : sifflement, huile ou glace qui reste
  The gas that carries the heat may be escaping. It can burn, and takes the place of the air.
    Le gaz qui porte la chaleur s'échappe peut-être. Il peut brûler, et il prend la place de l'air.
  Touch nothing on it, no flame; doors open on the way out; isolate it from another room only.
      Whoever is certified for refrigerants.
    Ne toucher à rien, aucune flamme; portes ouvertes en sortant; couper le courant seulement d'une
      autre pièce. Appeler une personne certifiée en réfrigération.
  Refrigerant may be escaping
    Le fluide frigorigène s'échappe peut-être
  Stands level, sounds as it should
    De niveau, bruit normal
  Level, an even hum
    De niveau, un ronron égal
  Not level
    Pas de niveau
  The heater leans, so water from the air may run out on the wrong side.
    Le chauffe-eau penche : l'eau tirée de l'air peut sortir du mauvais côté.
  Level it.
    Le mettre de niveau.
  Rattles or grinds
    Cliquette ou grince
  A noise it did not have before says that something is loose or worn.
    Un bruit qu'il n'avait pas avant dit que quelque chose est lâche ou usé.
  Find what is loose; a compressor that grinds is its maker's.
    Trouver ce qui est lâche; un compresseur qui grince est l'affaire du fabricant.
  spillage beside the heat pump
    refoulement près de la thermopompe
  Heat pump: air in and out
    Thermopompe : air à l'entrée et à la sortie
  Heat pump: filter
    Thermopompe : filtre
  Heat pump: condensate
    Thermopompe : condensat
  Spillage beside the heat pump
    Refoulement près de la thermopompe
  Service the heat pump
    Entretenir la thermopompe
  Give the heat pump air of its own
    Donner à la thermopompe son propre air
  Clean the air filter
    Nettoyer le filtre à air
  Spillage test beside the running heat pump
    Essai de refoulement près de la thermopompe en marche
  Measure the air in and out
    Mesurer l'air à l'entrée et à la sortie
  Let the heat pump run
    Laisser tourner la thermopompe
  Pour water into the condensate tray
    Verser de l'eau dans le bac à condensat
  Air going in and coming out belong together.
    L'air à l'entrée et celui à la sortie vont ensemble.
  See its mode, its restart delay, filter and fan; then its maker. The refrigerant circuit is never
      opened here.
    Voir son mode, son délai de redémarrage, le filtre et le ventilateur; puis son fabricant. Le
      circuit frigorifique ne s'ouvre jamais ici.
  The heat pump runs but brings hardly any heat.
    La thermopompe tourne mais n'apporte presque pas de chaleur.
  Clean filter and coil, free the air, measure again.
    Nettoyer filtre et serpentin, dégager l'air, mesurer de nouveau.
  The heat pump works, but not as well as it should.
    La thermopompe marche, mais moins bien qu'elle devrait.
  The coil behind the filter is iced.
    Le serpentin derrière le filtre est glacé.
  Let it thaw, free the air, measure again; ice that stays is its maker's.
    Le laisser dégeler, dégager l'air, mesurer de nouveau; la glace qui reste est l'affaire du
      fabricant.
  Ice on the heat pump keeps the air from it.
    La glace sur la thermopompe arrête l'air.
  The filter was choked, or the coil behind it dusty.
    Le filtre était bouché, ou le serpentin derrière plein de poussière.
  Clean it every half year; show the household how.
    Le nettoyer tous les six mois; montrer aux occupants comment faire.
  Dust keeps the air from the heat pump, so it takes longer and costs more.
    La poussière arrête l'air de la thermopompe : elle met plus de temps et coûte plus cher.
  The filter was cleaned.
    Le filtre a été nettoyé.
  What was poured in ran away.
    Ce qu'on y a versé s'est écoulé.
  Condensate backs up in its tray.
    Le condensat refoule dans son bac.
  Condensate comes out under the {heater}.
    Le condensat sort sous le chauffe-eau.
  Clear tray and pipe, pour again.
    Dégager le bac et le tuyau, verser de nouveau.
  Water that the heat pump takes out of the air does not run away.
    L'eau que la thermopompe tire de l'air ne s'écoule pas.
  Drawn in at the open flue with the fan running.
    Aspiré au conduit ouvert, ventilateur en marche.
  Flue gas spills beside the running heat pump.
    Les gaz refoulent près de la thermopompe en marche.
  Its power off until it has air of its own.
    Son courant coupé jusqu'à ce qu'elle ait son propre air.
  Its fan draws flue gas of another appliance into the room. It carries carbon monoxide, which
      kills.
    Son ventilateur tire les gaz de combustion d'un autre appareil dans la pièce. Ils contiennent du
      monoxyde de carbone, qui tue.
  Air {into} in, {out} out
    Air : {into} à l'entrée, {out} à la sortie
  {told}: at that air a heat pump may hand over to its elements.
    {told}; à cet air, une thermopompe peut céder la place à ses éléments.
  {told}: it takes hardly any heat out of the air.
    {told} : elle ne tire presque pas de chaleur de l'air.
  {told}: less than the usual 4 to 8 K.
    {told} : moins que les 4 à 8 K habituels.
  {told}: more than the usual 4 to 8 K.
    {told} : plus que les 4 à 8 K habituels.
TEXTS

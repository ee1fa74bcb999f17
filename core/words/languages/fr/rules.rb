# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Burner off; clean burner, intake and flueway, set the pressures, measure again.
    Brûleur éteint; nettoyer brûleur, entrée d'air et passage des gaz, régler les pressions, mesurer
      de nouveau.
  The burner does not burn clean. It makes carbon monoxide, which kills.
    Le brûleur ne brûle pas proprement. Il produit du monoxyde de carbone, qui tue.
  Fit or adjust a {regulator} on the supply.
    Poser ou régler un régulateur sur l'alimentation.
  Fixtures and hoses are made for 550 kPa; above it they fail sooner.
    Robinetterie et flexibles sont faits pour 550 kPa; au-dessus ils lâchent plus tôt.
  Fit or set a mixing valve at bath and shower: 49 °C at most.
    Poser ou régler un mitigeur au bain et à la douche : 49 °C au plus.
  Water this hot burns skin quickly, children and older people soonest.
    Une eau aussi chaude brûle vite la peau, surtout celle des enfants et des personnes âgées.
  Bring the end to within 300 mm of the floor drain or floor, clear of it.
    Amener le bout à moins de 300 mm du drain ou du plancher, sans le toucher.
  The end of the safety pipe is so high that scalding water splashes.
    Le bout du tuyau de sûreté est si haut que l'eau bouillante éclabousse.
  Clean or replace the {regulator} of the inlet group; never adjust a factory-set one.
    Nettoyer ou remplacer le régulateur du groupe d'entrée; ne jamais dérégler un réglage d'usine.
  The pressure behind the reducing valve is higher than a cylinder wants; its safety valves will
      drip.
    La pression après le réducteur est plus forte que ce qu'un cylindre demande; ses soupapes de
      sûreté goutteront.
  Measure again at another hour; look at the strainer and the isolating valve.
    Mesurer de nouveau à une autre heure; voir la crépine et le robinet d'arrêt.
  The water pressure is low: hot water will run weakly.
    La pression de l'eau est basse : l'eau chaude coulera faiblement.
  Clean or replace the {regulator} of the inlet group.
    Nettoyer ou remplacer le régulateur du groupe d'entrée.
  The valve that lowers the mains pressure does not hold its setting.
    Le réducteur qui abaisse la pression de l'arrivée ne tient pas son réglage.
  Rinse the strainer; look at the isolating valve and the mains.
    Rincer la crépine; voir le robinet d'arrêt et l'arrivée.
  Less water comes through than usual.
    Il passe moins d'eau que d'habitude.
  Set the charge to the reducing valve's setting with the water side at zero; check it again in a
      week.
    Régler la pression d'air sur celle du réducteur, le côté de l'eau à zéro; la revérifier dans une
      semaine.
  The small vessel that cushions the pressure holds the wrong amount of air, so pressure rises too
      far when water heats.
    Le petit vase qui amortit la pression n'a pas la bonne quantité d'air : la pression monte trop
      quand l'eau chauffe.
  Check the vessel's charge or renew the bubble, then measure the peak again.
    Vérifier la pression d'air du vase ou refaire la bulle, puis mesurer de nouveau la pointe.
  Pressure rises far when the water heats; the expansion is not fully taken up.
    La pression monte beaucoup quand l'eau chauffe; l'expansion n'est pas toute absorbée.
  Restore the vessel's charge or the bubble; never cap the valve.
    Rétablir la pression d'air du vase ou la bulle; ne jamais boucher la soupape.
  When the water heats, pressure climbs until a safety valve opens and water drips away.
    Quand l'eau chauffe, la pression monte jusqu'à ce qu'une soupape de sûreté s'ouvre et que de
      l'eau s'écoule.
  Turn the cylinder thermostat down to 60–65 °C; limit the bath by a mixing valve.
    Baisser le thermostat du cylindre à 60–65 °C; limiter le bain par un mitigeur.
  The stored water is hotter than it need be; it scalds quickly.
    L'eau gardée est plus chaude qu'il ne faut; elle brûle vite.
  Set or fit thermostatic mixing valves that limit bath and bidet to 48 °C.
    Régler ou poser des mitigeurs thermostatiques qui limitent bain et bidet à 48 °C.
  Set or fit a thermostatic mixing valve that limits the bath to 48 °C.
    Régler ou poser un mitigeur thermostatique qui limite le bain à 48 °C.
  The water at the bath is hot enough to scald.
    L'eau du bain est assez chaude pour brûler.
  Turn the thermostat down now; prove that it stops the heat.
    Baisser le thermostat maintenant; vérifier qu'il arrête le chauffage.
  Water this hot burns skin at once.
    Une eau aussi chaude brûle la peau tout de suite.
  Isolate every heat source; find out why the thermostat does not stop it.
    Couper et cadenasser toutes les sources de chaleur; trouver pourquoi le thermostat ne les arrête
      pas.
  The water is as hot as the second safety device allows. A control has failed; the cylinder must
      not be heated until it is found.
    L'eau est aussi chaude que la deuxième protection le permet. Une commande a lâché; le cylindre
      ne doit pas être chauffé avant qu'on la trouve.
  Store at 60 °C; limit the bath by a mixing valve.
    Garder à 60 °C; limiter le bain par un mitigeur.
  Stored below about 50 °C, water may let legionella bacteria grow.
    Gardée sous environ 50 °C, l'eau peut laisser croître les légionelles.
  Work the lever 3–4 times to wash the seat; if it still drips, replace the valve. Never cap it.
    Lever et relâcher le levier 3–4 fois pour rincer le siège; si elle goutte encore, remplacer la
      soupape. Ne jamais la boucher.
  The safety valve does not close tight.
    La soupape de sûreté ne ferme pas bien.
  End it no more than 100 mm above ground or grating, behind a guard.
    Le finir à 100 mm au plus du sol ou de la grille, derrière une protection.
  Move the tundish closer: D1 is at most 600 mm.
    Rapprocher l'entonnoir : D1 est d'au plus 600 mm.
  Run at least 300 mm straight down from the tundish before any bend.
    Mener au moins 300 mm tout droit sous l'entonnoir avant tout coude.
  The tundish can spill: the pipe below it bends too soon.
    L'entonnoir peut déborder : le tuyau au-dessous tourne trop tôt.
  Set the cylinder thermostat to 60–65 °C.
    Régler le thermostat du cylindre à 60–65 °C.
  The thermostat is not set where it keeps bacteria down and scalding rare.
    Le thermostat n'est pas réglé là où il limite les bactéries et rend les brûlures rares.
  Fit a manual-reset energy cut-out of 80–85 °C.
    Poser un coupe-circuit thermique à réarmement manuel de 80–85 °C.
  The second safety device is not set between the thermostat and the safety valve.
    La deuxième protection n'est pas réglée entre le thermostat et la soupape de sûreté.
  Isolate every heat source until the right valve is fitted.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce que la bonne soupape soit posée.
  The last safety valve opens at the wrong temperature.
    La dernière soupape de sûreté s'ouvre à la mauvaise température.
  Cock shut until the supplier has brought the pressure down.
    Robinet de gaz fermé jusqu'à ce que le fournisseur ait abaissé la pression.
  The gas comes with more pressure than the control is made for.
    Le gaz arrive avec plus de pression que la commande n'en supporte.
  Fixtures and hoses are made for 80 psi; above it they fail sooner.
    Robinetterie et flexibles sont faits pour 80 psi; au-dessus ils lâchent plus tôt.
  Measure again at another hour; ask the water supplier if it stays low.
    Mesurer de nouveau à une autre heure; demander au fournisseur d'eau si elle reste basse.
  The water pressure is lower than usual. No harm to the heater.
    La pression de l'eau est plus basse que d'habitude. Sans dommage pour le chauffe-eau.
  Set the charge to the supply pressure with the water side at zero; check it again in a week.
    Régler la pression d'air sur celle de l'alimentation, le côté de l'eau à zéro; la revérifier
      dans une semaine.
  The small tank that cushions the pressure holds the wrong amount of air, so pressure rises too far
      when water heats.
    Le petit réservoir qui amortit la pression n'a pas la bonne quantité d'air : la pression monte
      trop quand l'eau chauffe.
  Restore or fit expansion control, then measure the peak again.
    Rétablir ou poser la maîtrise de l'expansion, puis mesurer de nouveau la pointe.
  Pressure rises too far when the water heats, because expansion is not taken up.
    La pression monte trop quand l'eau chauffe, parce que l'expansion n'est pas absorbée.
  Restore expansion control before the {heater} goes back into service.
    Rétablir la maîtrise de l'expansion avant que le chauffe-eau retourne en service.
  When the water heats, pressure climbs until the safety valve opens. That valve is the last
      protection and must not work daily.
    Quand l'eau chauffe, la pression monte jusqu'à ce que la soupape de sûreté s'ouvre. Cette
      soupape est la dernière protection et ne doit pas travailler chaque jour.
  Set or fit a mixing valve that limits bath and shower to 120 °F.
    Régler ou poser un mitigeur qui limite bain et douche à 120 °F.
  Water this hot burns skin within seconds.
    Une eau aussi chaude brûle la peau en quelques secondes.
  Switch the heat off and find out why the thermostat does not stop it.
    Couper le chauffage et trouver pourquoi le thermostat ne l'arrête pas.
  The water is hotter than any setting. A control has failed; the heater must not run until it is
      found.
    L'eau est plus chaude que tout réglage. Une commande a lâché; le chauffe-eau ne doit pas marcher
      avant qu'on la trouve.
  Decide the set point together with the household; storing hot and mixing down settles both.
    Décider du réglage avec les occupants; garder chaud et mélanger à la sortie règle les deux.
  Stored below about 120 °F, water may let legionella bacteria grow.
    Gardée sous environ 120 °F, l'eau peut laisser croître les légionelles.
  Bring the end to within 6 in of the floor or ground, and two pipe diameters clear of it.
    Amener le bout à moins de 6 po du plancher ou du sol, et à deux diamètres de tuyau au-dessus.
  Shorten it: two pipe diameters clear of floor or ground.
    Le raccourcir : deux diamètres de tuyau au-dessus du plancher ou du sol.
  The end of the safety pipe is so low that it can be blocked.
    Le bout du tuyau de sûreté est si bas qu'il peut se boucher.
  End the pan's pipe 6 to 24 in above ground.
    Finir le tuyau du bac à 6 à 24 po du sol.
  The pipe that empties the tray under the heater ends at the wrong height.
    Le tuyau qui vide le bac sous le chauffe-eau finit à la mauvaise hauteur.
  Bring the end to 6–24 in above the ground, pointing down.
    Amener le bout à 6–24 po du sol, vers le bas.
  Common practice
    Pratique courante du métier
  published, clause from memory
    publié; article cité de mémoire
  published
    publié
  from memory
    de mémoire
  house rule
    règle de l'entreprise
  House rule
    Règle de l'entreprise
TEXTS

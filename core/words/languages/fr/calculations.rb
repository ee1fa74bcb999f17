# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  no burn expected
    aucune brûlure attendue
  over 5 min
    plus de 5 min
  2 s or less
    2 s ou moins
  about {seconds} s
    environ {seconds} s
  about {minutes} min
    environ {minutes} min
  return_temperature must be below the flow; above it the two are swapped or misread.
    return_temperature doit être sous le départ; au-dessus, les deux sont inversés ou mal lus.
  return_temperature must be above the tank; a return below it is a misreading.
    return_temperature doit être au-dessus du réservoir; un retour plus froid est une erreur de
      lecture.
  {rated} W/K when clean
    {rated} W/K propre
  The coil passes {percent} % of what it should: fouled, or short of water.
    Le serpentin passe {percent} % de ce qu'il devrait : encrassé, ou à court d'eau.
  The coil passes {percent} % of what it should.
    Le serpentin passe {percent} % de ce qu'il devrait.
  The coil passes what it should: {given}.
    Le serpentin passe ce qu'il doit : {given}.
  The return is nearly as hot as the flow: little is given up ({given}). Look at the flow rate
      before blaming the coil.
    Le retour est presque aussi chaud que le départ : peu est donné ({given}). Voir le débit avant
      d'accuser le serpentin.
  It gives up {given}, the return clearly cooler than the flow.
    Il donne {given}, le retour nettement plus froid que le départ.
  Beyond the table: shorten the run, take out bends, or have it designed.
    Au-delà de la table : raccourcir, enlever des coudes, ou faire concevoir.
  Its resistance has not been measured.
    Les ohms n'ont pas été mesurés.
  Open circuit: the element is burnt out.
    Circuit ouvert : l'élément est brûlé.
  As good as a short circuit: the element is finished.
    Presque un court-circuit : l'élément est fini.
  {measured} Ω lies where this rating must.
    {measured} Ω est là où cette puissance doit être.
  {measured} Ω is not what this rating gives: another rating, or failing.
    {measured} Ω n'est pas ce que cette puissance donne : une autre puissance, ou un défaut.
  A terminal is connected to the sheath: replace it; the circuit stays off.
    Une borne touche la gaine : remplacer l'élément; le circuit reste coupé.
  No path to the sheath.
    Aucun passage à la gaine.
  at least 1 Mohm
    au moins 1 Mohm
  {percent} % over the plate: over-fired.
    {percent} % au-dessus de la plaque : trop chauffé.
  {percent} % under the plate: slow to heat; look at pressure and orifice.
    {percent} % sous la plaque : lent à chauffer; voir pression et orifice.
  Within what the plate allows.
    Dans ce que la plaque permet.
  Under the burner the pressure falls below the appliance's minimum.
    Brûleur allumé, la pression tombe sous le minimum de l'appareil.
  at least {least}
    au moins {least}
  The supply gives way by {drop} under the burner: pipe, meter or regulator is short, or another
      appliance takes it.
    L'alimentation cède de {drop} brûleur allumé : tuyau, compteur ou régulateur insuffisant, ou un
      autre appareil la prend.
  at most {most}
    au plus {most}
  The supply gives way by no more than it should.
    L'alimentation ne cède pas plus qu'elle ne doit.
  The supply is above the plate's maximum.
    L'alimentation est au-dessus du maximum de la plaque.
  Lock-up is in order.
    La pression de fermeture est en ordre.
  The meter gives what it should.
    Le compteur donne ce qu'il doit.
  The working pressure at the meter is out of range.
    La pression de travail au compteur est hors de sa plage.
  {low}–{high} mbar
    {low}–{high} mbar
  More reaches the appliance than this fuel's burner takes: its regulator, or the fuel, is another
      one.
    Il arrive à l'appareil plus que ce que le brûleur de ce combustible prend : son régulateur, ou
      le combustible, est un autre.
  The appliance gets what it should.
    L'appareil reçoit ce qu'il doit.
  Too little reaches the appliance at full flow.
    Il arrive trop peu à l'appareil à plein débit.
  at least {least} mbar, and at most {fall} mbar less than the meter
    au moins {least} mbar, et au plus {fall} mbar de moins que le compteur
  Nothing measured yet: start with the generator in a lit pilot.
    Rien de mesuré encore : commencer par le générateur dans une veilleuse allumée.
  The cut-off shows no continuity; measure the generator before condemning the control.
    La coupure ne montre pas de continuité; mesurer le générateur avant de condamner la commande.
  The {kind} is weak; test the cut-off before condemning it.
    Le {kind} est faible; vérifier la coupure avant de le condamner.
  The {kind} is weak, the cut-off sound: clean the tip and tighten the nut; if it stays weak,
      replace it.
    Le {kind} est faible, la coupure bonne : nettoyer la pointe et serrer l'écrou; s'il reste
      faible, le remplacer.
  The {kind} gives enough; now the cut-off.
    Le {kind} donne assez; maintenant la coupure.
  The {kind} is good and the cut-off open: replace the control, and find out why it overheated.
    Le {kind} est bon et la coupure ouverte : remplacer la commande, et trouver pourquoi elle a
      surchauffé.
  Generator and cut-off are good: if the pilot still drops, suspect the control.
    Générateur et coupure sont bons : si la veilleuse tombe encore, soupçonner la commande.
  Loaded, it still gives what the control needs.
    En charge, il donne encore ce que la commande demande.
  Loaded, it gives less than the control needs.
    En charge, il donne moins que ce que la commande demande.
  Its temperature rating covers the heater's input.
    Sa capacité couvre la puissance du chauffe-eau.
  Rated below the heater's input: do not fit it.
    Capacité inférieure à la puissance du chauffe-eau : ne pas la poser.
  It opens no higher than the tank is rated for.
    Elle s'ouvre pas plus haut que ne le supporte le réservoir.
  It opens above what the tank is rated for: do not fit it.
    Elle s'ouvre au-dessus de ce que supporte le réservoir : ne pas la poser.
  {size} mm copper carries it.
    {size} mm de cuivre la porte.
  {size} mm copper carries it, one size up because it is shared.
    {size} mm de cuivre la porte, une grosseur de plus parce que partagé.
  The manifold stands as its plate says.
    La pression à la rampe est celle de sa plaque.
  The manifold stands above what its plate says.
    La pression à la rampe est au-dessus de ce que dit sa plaque.
  The manifold stands below what its plate says.
    La pression à la rampe est au-dessous de ce que dit sa plaque.
  The {kind} is weak and the cut-off is open: the control is replaced, and what overheated it found;
      then the {kind}.
    Le {kind} est faible et la coupure est ouverte : la commande est remplacée, et ce qui l'a
      surchauffée trouvé; ensuite le {kind}.
  {lower} ({low}) is above {upper} ({high}): burning lowers the pressure. Let them settle and read
      again.
    {lower} ({low}) est au-dessus de {upper} ({high}) : un brûleur allumé abaisse la pression.
      Laisser se stabiliser et relire.
TEXTS

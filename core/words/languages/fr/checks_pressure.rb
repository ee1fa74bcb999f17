# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  water at the air valve: the membrane has failed
    de l'eau à la valve d'air : la membrane a lâché
  Water came out of the air valve: the membrane has failed.
    De l'eau est sortie de la valve d'air : la membrane a lâché.
  Replace the {vessel} with one of the same volume or larger, charged to the supply pressure.
    Remplacer le réservoir d'expansion par un de même volume ou plus grand, à la pression
      d'alimentation.
  The small tank that cushions the pressure has failed inside.
    Le petit réservoir qui amortit la pression a lâché à l'intérieur.
  Neither air nor water: the {vessel} is flat.
    Ni air ni eau : le réservoir d'expansion est à plat.
  Charge it to the supply pressure; if it loses it within a week, replace it.
    Le gonfler à la pression d'alimentation; s'il la perd en une semaine, le remplacer.
  The small tank that cushions the pressure has lost its air.
    Le petit réservoir qui amortit la pression a perdu son air.
  Air only: the membrane holds so far.
    De l'air seulement : la membrane tient jusqu'ici.
  {quantity} was set against live water, so it is not the charge. Bring the water side to zero and
      set it again.
    {quantity} a été réglé contre de l'eau sous pression : ce n'est donc pas la pression d'air.
      Mettre le côté de l'eau à zéro et régler de nouveau.
  Read the static pressure first: the charge is set to it.
    Lire d'abord la pression statique : la pression d'air se règle sur elle.
  Set to {quantity}, the supply's {target}.
    Réglée à {quantity}, l'alimentation est à {target}.
  Set to {quantity}, but the supply is {target}.
    Réglée à {quantity}, mais l'alimentation est à {target}.
  Heated water has nowhere to go: the system is closed and there is no {vessel}.
    L'eau chauffée n'a nulle part où aller : le système est fermé et il n'y a pas de réservoir
      d'expansion.
  Fit an {vessel} of the size worked out, charged to the supply pressure.
    Poser un réservoir d'expansion de la grandeur calculée, à la pression d'alimentation.
  Water needs more room when it gets hot, and here it has none, so pressure climbs.
    L'eau a besoin de plus de place quand elle chauffe, et ici elle n'en a pas : la pression monte.
  No {vessel}, and it is not known whether a check valve or {regulator} closes the system: the hot
      peak decides.
    Pas de réservoir d'expansion, et on ne sait pas si un clapet ou un régulateur ferme le système :
      la pointe à chaud décide.
  Only {flow} comes through: strainer, isolating valve or mains.
    Il ne passe que {flow} : crépine, robinet d'arrêt ou arrivée.
  {flow} comes through.
    Il passe {flow}.
  As left, pressure still climbs to {peak}: the {first_relief} would open every time.
    Au départ, la pression monte encore à {peak} : {first_relief} s'ouvrirait chaque fois.
  As left, pressure still rises to {peak} while the water heats.
    Au départ, la pression monte encore à {peak} pendant que l'eau chauffe.
  As left, pressure rises no further than {peak}.
    Au départ, la pression ne monte pas plus haut que {peak}.
  {peak} is where the {first_relief} opens: expansion is not taken up at all.
    {peak}, c'est là que {first_relief} s'ouvre : l'expansion n'est pas absorbée du tout.
  Pressure rose to {peak} while the water heated.
    La pression est montée à {peak} pendant que l'eau chauffait.
  Pressure rose no further than {peak} while the water heated.
    La pression n'est pas montée plus haut que {peak} pendant que l'eau chauffait.
  The reading after the group equals the mains at {main}: the {regulator} has failed.
    La pression après le groupe égale celle de l'arrivée, {main} : le régulateur a lâché.
  The {regulator}'s setting is not recorded; read it off the group.
    Le réglage du régulateur n'est pas noté; le lire sur le groupe.
  Holds its setting of {setting}.
    Tient son réglage de {setting}.
  {after} after the group, set to {setting}: the {regulator} creeps or has failed.
    {after} après le groupe, réglé à {setting} : le régulateur glisse ou a lâché.
  {after} after the group, set to {setting}: mains low, or the strainer blocked.
    {after} après le groupe, réglé à {setting} : arrivée basse, ou crépine bouchée.
  Read the mains; rinse the strainer.
    Lire l'arrivée; rincer la crépine.
  The paper is dry after a day.
    Le papier est sec après un jour.
  The paper is wet through: a joint leaks.
    Le papier est trempé : un raccord fuit.
  A spot on the paper: a joint weeps.
    Une tache sur le papier : un raccord suinte.
  paper under it for a day shows a slow leak
    un papier dessous pendant un jour montre une fuite lente
  Cap a weeping drain valve; make a joint again.
    Coiffer un robinet de vidange qui suinte; refaire un raccord.
  Water slowly leaks from a joint.
    De l'eau sort lentement d'un raccord.
  after a regulator, house and street differ
    après un régulateur, maison et rue diffèrent
  House and {street} both stand at {house}: the {regulator} no longer reduces.
    La maison et la rue sont toutes deux à {house} : le régulateur ne réduit plus.
  Replace or adjust the {regulator}; run a {tap} first to be sure that the pressure is not trapped.
    Remplacer ou régler le régulateur; faire d'abord couler un robinet pour s'assurer que la
      pression n'est pas emprisonnée.
  The device that lowers the {street}'s water pressure has stopped working.
    L'appareil qui abaisse la pression de l'eau de la rue ne marche plus.
  House {house}, {street} {main}: only a {street} that is higher shows what the {regulator} does.
      Run a cold {tap}, shut it, and read both again.
    Maison {house}, rue {main} : seule une rue plus haute montre ce que fait le régulateur. Faire
      couler un robinet froid, le fermer et relire les deux.
  The house stands at {house}, the {regulator} is set to {setting}.
    La maison est à {house}, le régulateur est réglé à {setting}.
  Run a cold {tap}, shut it, and read again; where it climbs at rest with the heat off, replace the
      {regulator}.
    Faire couler un robinet froid, le fermer et relire; si elle monte au repos, chauffage coupé,
      remplacer le régulateur.
  The water pressure does not stay where the regulator is set.
    La pression de l'eau ne reste pas là où le régulateur est réglé.
  {pressure} is more than the tank's {rated}.
    {pressure}, c'est plus que les {rated} du réservoir.
  no more pressure than the tank's plate
    pas plus de pression que la plaque du réservoir
  Heat off; bring the supply down before it runs.
    Chauffage coupé; abaisser l'alimentation avant de remettre en marche.
  The water pressure is higher than the tank is made for.
    La pression de l'eau est plus forte que ce pour quoi le réservoir est fait.
  {pressure} is more than it should be.
    {pressure}, c'est plus qu'il ne faut.
  {pressure} is lower than usual.
    {pressure}, c'est moins que d'habitude.
  {pressure} lies in the usual range.
    {pressure} est dans la plage habituelle.
  a blocked strainer starves hot water first
    une crépine bouchée prive d'abord d'eau chaude
  The strainer is torn.
    La crépine est déchirée.
  Fit a new strainer: grit holds the {regulator} and the check valve open.
    Poser une crépine neuve : les grains tiennent le régulateur et le clapet ouverts.
  The filter before the pressure valve is torn, so dirt reaches the valve.
    Le filtre avant le réducteur de pression est déchiré : la saleté atteint le réducteur.
  The strainer was blocked; it was rinsed.
    La crépine était bouchée; elle a été rincée.
  Look at it again in half a year; find out where the grit comes from.
    La regarder de nouveau dans six mois; trouver d'où viennent les grains.
  The filter before the pressure valve was full of dirt.
    Le filtre avant le réducteur de pression était plein de saleté.
  The strainer was {found}; rinsed.
    La crépine était : {found}; rincée.
  charge is read with the water side at zero
    la pression d'air se lit quand le côté de l'eau est à zéro
  {pressure} is the system's pressure, not the charge: it was read against live water. Bring the
      water side to zero, by the valve that isolates the {vessel}, and read again.
    {pressure} est la pression du système, pas la pression d'air : elle a été lue contre de l'eau
      sous pression. Mettre le côté de l'eau à zéro, par le robinet qui isole le réservoir
      d'expansion, et relire.
  Read the static pressure first: the charge is held against it.
    Lire d'abord la pression statique : la pression d'air se compare à elle.
  {pressure} was read with {taps} running: approximate, too near the limit to decide. Isolate, drain
      to zero, read again.
    {pressure} a été lu avec des robinets qui coulaient : approximatif, trop près de la limite pour
      décider. Fermer, vider à zéro, relire.
  {pressure}, within {limit} of the supply's {target}.
    {pressure}, à {limit} près des {target} de l'alimentation.
  Charged to the supply's
    Gonflé aux
  Even at a supply of only
    Même à une alimentation de seulement
  The {vessel} of {vessel_volume} is too small for this tank. {even} {supply}, heating it from cold
      brings it to {reached}.
    Le réservoir d'expansion de {vessel_volume} est trop petit pour ce chauffe-eau. {even} {supply},
      le chauffer à froid le porte à {reached}.
  Fit an {vessel} of {wanted} or more, charged to the supply pressure.
    Poser un réservoir d'expansion de {wanted} ou plus, à la pression d'alimentation.
  The small tank that cushions the pressure is too small for this {heater}.
    Le petit réservoir qui amortit la pression est trop petit pour ce chauffe-eau.
  water pressure
    pression de l'eau
  pressure while heating
    pression pendant le chauffage
  membrane of the {vessel}
    membrane du réservoir d'expansion
  air charge of the {vessel}
    pression d'air du réservoir d'expansion
  Water pressure
    Pression de l'eau
  Pressure after the inlet group
    Pression après le groupe d'entrée
  Flow of water
    Débit d'eau
  Pressure while heating
    Pression pendant le chauffage
  Strainer of the inlet group
    Crépine du groupe d'entrée
  Drain valve, on dry paper
    Robinet de vidange, sur papier sec
  Air charge of the {vessel}
    Pression d'air du réservoir d'expansion
  Membrane of the {vessel}
    Membrane du réservoir d'expansion
  The charge was set on this visit.
    La pression d'air a été réglée lors de cette visite.
  Measured again after the work.
    Mesuré de nouveau après le travail.
  The {regulator} brings {main} in the {street} down to {house}.
    Le régulateur abaisse les {main} de la rue à {house}.
  The {regulator} brings {main} in the {street} down to {house} and holds its {setting}.
    Le régulateur abaisse les {main} de la rue à {house} et tient ses {setting}.
  The charge is {side}: about {pressure} against a supply of {target}.
    La pression d'air est {side} : environ {pressure} pour une alimentation de {target}.
  The charge is {side}: {pressure} against a supply of {target}.
    La pression d'air est {side} : {pressure} pour une alimentation de {target}.
  low
    basse
  high
    haute
TEXTS

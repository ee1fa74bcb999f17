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
  Flow, and the temperatures of flow, return and tank belong together.
    Le débit et les températures de départ, de retour et du réservoir vont ensemble.
  Prove flow, air and connections first; then clean the coil.
    Vérifier d'abord débit, air et raccordements; ensuite nettoyer le serpentin.
  The boiler's heat does not reach your hot water as it should.
    La chaleur de la chaudière n'atteint pas votre eau chaude comme elle devrait.
  CO and CO2 were not both read.
    CO et CO2 n'ont pas été lus tous les deux.
  Hardly any CO2: the probe is not in the flue gas.
    Presque pas de CO2 : la sonde n'est pas dans les gaz de combustion.
  CO over CO2 is {ratio}: the maker's limit for it is not known.
    CO sur CO2 est de {ratio} : la limite du fabricant n'est pas connue.
  the limit that was typed
    la limite qui a été tapée
  CO over CO2 is {ratio}, above {limit}: the burner makes carbon monoxide.
    CO sur CO2 est de {ratio}, au-dessus de {limit} : le brûleur produit du monoxyde de carbone.
  Burner off; clean burner, intake and flueway, set the pressures, measure again.
    Brûleur éteint; nettoyer brûleur, entrée d'air et passage des gaz, régler les pressions, mesurer
      de nouveau.
  The burner does not burn clean. It makes carbon monoxide, which kills.
    Le brûleur ne brûle pas proprement. Il produit du monoxyde de carbone, qui tue.
  CO over CO2 is {ratio}, within {limit}.
    CO sur CO2 est de {ratio}, sous {limit}.
  turned down, valve shut and boiler off; turned up, it opens and the boiler fires
    baissé, la vanne se ferme et la chaudière s'arrête; remonté, elle s'ouvre et la chaudière part
  Turned down, the heat goes on: something by-passes the thermostat.
    Baissé, le chauffage continue : quelque chose contourne le thermostat.
  Isolate the heat source until the by-pass is found.
    Couper et cadenasser la source de chaleur jusqu'à ce qu'on trouve ce qui le contourne.
  The thermostat does not stop the heat; the water can become scalding.
    Le thermostat n'arrête pas le chauffage; l'eau peut devenir brûlante.
  Turned up, nothing happens: {two_port}, its end switch, the cut-out or the programmer.
    Remonté, rien ne se passe : la vanne, son contact de fin de course, le coupe-circuit ou le
      programmateur.
  Test the chain link by link, dead and proved.
    Vérifier la chaîne maillon par maillon, hors tension vérifiée.
  The heating does not answer when hot water is asked for.
    Le chauffage ne répond pas quand on demande de l'eau chaude.
  The thermostat stops the heat and starts it.
    Le thermostat arrête le chauffage et le fait repartir.
  Tripped, the cut-out does not stop the heat: it is by-passed or stuck.
    Déclenché, le coupe-circuit n'arrête pas le chauffage : il est contourné ou collé.
  It has no test of its own: its type and its button were seen, no more.
    Il n'a pas d'essai à lui : son type et son bouton ont été vus, sans plus.
  Isolate the heat source until the cut-out stops it.
    Couper et cadenasser la source de chaleur jusqu'à ce que le coupe-circuit l'arrête.
  The device that stops over-heating does not stop it.
    Le dispositif qui arrête la surchauffe ne l'arrête pas.
  The cut-out resets by itself: a second thermostat, not a cut-out.
    Le coupe-circuit se réarme seul : c'est un deuxième thermostat, pas un coupe-circuit.
  Fit one that is reset by hand.
    En poser un qui se réarme à la main.
  The device that stops over-heating switches itself on again.
    Le dispositif qui arrête la surchauffe se remet en marche tout seul.
  Tripped by its own test it stops the heat, and comes back only by hand.
    Déclenché par son propre essai, il arrête le chauffage et ne revient qu'à la main.
  The drain of the safety valves is too narrow for its length.
    Le drain des soupapes de sûreté est trop étroit pour sa longueur.
  Re-pipe by the table, shorten it or take out bends.
    Refaire selon la table, raccourcir ou enlever des coudes.
  The valve's outlet is not on record: D2's size hangs on it.
    La sortie de la soupape n'est pas notée : la grosseur de D2 en dépend.
  D2 is {d2_size}, no more than the valve's outlet of {outlet} in: it must be at least one size
      larger.
    D2 est de {d2_size}, pas plus que la sortie de la soupape de {outlet} po : il doit être d'au
      moins une grosseur de plus.
  D2's {missing} is not on record.
    {missing} de D2 n'est pas noté.
  Beyond the table: {used} of equivalent length.
    Au-delà de la table : {used} de longueur équivalente.
  D2 is {d2_size}; {used} of equivalent length need {millimetres} mm in copper.
    D2 est de {d2_size}; {used} de longueur équivalente demandent {millimetres} mm en cuivre.
  D2's bends are not on record: without them its size is not known.
    Les coudes de D2 ne sont pas notés : sans eux sa grosseur n'est pas connue.
  D2 of {d2_size} will do for this {heater} alone; shared with another it needs {needed}. Whether it
      is shared is not on record.
    D2 de {d2_size} suffit pour ce chauffe-eau seul; partagé avec un autre il faut {needed}. On n'a
      pas noté s'il est partagé.
  Flow pipe {out}, return {back}, tank {tank}: it gives up little. A fouled coil does that, and so
      does a large flow: measure the flow before it is opened.
    Départ {out}, retour {back}, réservoir {tank} : il donne peu. Un serpentin encrassé fait cela,
      un grand débit aussi : mesurer le débit avant de l'ouvrir.
  Flow pipe {out}, return {back}, tank {tank}: it gives up well, as far as it can be told without
      the flow.
    Départ {out}, retour {back}, réservoir {tank} : il donne bien, autant qu'on peut le dire sans le
      débit.
  The thermostat is set to {value}.
    Le thermostat est réglé à {value}.
  It is {years} years old: fitted or made in {made}.
    Il a {years} ans : posé ou fabriqué en {made}.
  Plan its replacement; look at each visit for rust, damp and a used-up anode.
    Prévoir son remplacement; à chaque visite regarder rouille, humidité et anode usée.
  A water heater this old may begin to leak without warning.
    Un chauffe-eau de cet âge peut se mettre à fuir sans avertir.
  D2 of {d2_size} carries {used} of equivalent length.
    D2 de {d2_size} porte {used} de longueur équivalente.
  D1 is {length} long.
    D1 a {length} de long.
  D2 runs {drop} straight down below the tundish.
    D2 descend {drop} tout droit sous l'entonnoir.
  1 in {run}
    1 sur {run}
  D2 falls {told}.
    D2 a une pente de {told}.
  D2 falls only {told}.
    D2 n'a qu'une pente de {told}.
  Re-hang it to fall 1 in 200 or more.
    Le reposer avec une pente de 1 sur 200 ou plus.
  Water stands in the drain of the safety valves.
    De l'eau reste dans le drain des soupapes de sûreté.
  Lead the pipe to the floor, a receptor or outdoors.
    Mener le tuyau au plancher, à un drain ou dehors.
  The safety pipe ends in the tray under the {heater}, which a full discharge would overrun.
    Le tuyau de sûreté finit dans le bac sous le chauffe-eau, qu'une décharge complète ferait
      déborder.
  Ends in the pan.
    Finit dans le bac.
  Ends in the pan, which the house rule accepts.
    Finit dans le bac, ce que la règle de l'entreprise accepte.
  Ends in the pan, as the code allows.
    Finit dans le bac, comme le code le permet.
  Nothing in the pail under the outlet after a day.
    Rien dans le seau sous la sortie après un jour.
  Water in the pail under the outlet after a day: a safety valve lets go.
    De l'eau dans le seau sous la sortie après un jour : une soupape de sûreté laisse couler.
  a pail under it for a day shows what lets go
    un seau dessous pendant un jour montre ce qui laisse couler
  Never cap the outlet. Measure static pressure, hot peak and the {vessel}'s charge; with those in
      order, replace the valve.
    Ne jamais boucher la sortie. Mesurer pression statique, pointe à chaud et pression d'air du
      réservoir d'expansion; si elles sont en ordre, remplacer la soupape.
  A safety valve lets water go in daily use. Something raises the pressure, or the valve does not
      close tight.
    Une soupape de sûreté laisse couler de l'eau en usage courant. Quelque chose monte la pression,
      ou la soupape ne ferme pas bien.
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
  The plate's input is not recorded.
    La puissance de la plaque n'est pas notée.
  The burner does not burn as much gas as its plate says.
    Le brûleur ne brûle pas autant de gaz que sa plaque le dit.
  Pressures in three states; orifice and burner clean.
    Pressions dans les trois états; orifice et brûleur propres.
  The {high_limit} had not tripped.
    Le limiteur ne s'était pas déclenché.
  The {high_limit} had tripped: the water was far too hot, or its terminals were.
    Le limiteur s'était déclenché : l'eau était beaucoup trop chaude, ou ses bornes l'étaient.
  a high limit is never only reset
    un limiteur ne se réarme jamais sans chercher la cause
  Find out why: thermostats, an {element} to {earth}, a loose terminal.
    Trouver pourquoi : thermostats, un élément à la terre, une borne lâche.
  The device that stops over-heating had switched the {heater} off.
    Le dispositif qui arrête la surchauffe avait éteint le chauffe-eau.
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
  The element's rating is not recorded; read it off its flange.
    La puissance de l'élément n'est pas notée; la lire sur sa bride.
  Replace the {element}; the circuit stays off meanwhile.
    Remplacer l'élément; le circuit reste coupé d'ici là.
  A heating element is worn out or unsafe.
    Un élément chauffant est usé ou dangereux.
  Nothing here can be judged: a manifold goes by its plate, which is not on record.
    Rien ne peut être jugé ici : la pression à la rampe suit sa plaque, qui n'est pas notée.
  Find what takes the pressure; set the manifold to its plate.
    Trouver ce qui prend la pression; régler la rampe selon sa plaque.
  The gas pressure at the burner is not what it should be.
    La pression du gaz au brûleur n'est pas ce qu'elle devrait être.
  Ends {height} above the floor.
    Finit à {height} du plancher.
  Ends high up, at {height}.
    Finit en hauteur, à {height}.
  Ends {height} above: too high.
    Finit à {height} : trop haut.
  Ends {height} above: too low.
    Finit à {height} : trop bas.
  Ends {height} above.
    Finit à {height}.
  The pan's pipe ends {height} above ground.
    Le tuyau du bac finit à {height} du sol.
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
  Clean and tighten first; the part that the measurements point to after that.
    D'abord nettoyer et serrer; ensuite la pièce que les mesures désignent.
  The safety device that watches the pilot flame is not as it should be.
    Le dispositif de sûreté qui surveille la veilleuse n'est pas comme il devrait être.
  A blue pilot flame on the generator's tip.
    Une flamme de veilleuse bleue sur la pointe du générateur.
  The pilot flame misses the generator's tip.
    La flamme de la veilleuse manque la pointe du générateur.
  A lazy, yellow pilot flame: the intake is choked or its orifice dirty.
    Une veilleuse molle et jaune : l'entrée d'air est bouchée ou son orifice sale.
  The pilot flame lifts: too much air, or a choked intake.
    La veilleuse se décolle : trop d'air, ou une entrée bouchée.
  a blue flame on the tip; screen and orifice clean
    une flamme bleue sur la pointe; grille et orifice propres
  Clean screen, base filter and orifice; look again with the door clear.
    Nettoyer grille, filtre du bas et orifice; regarder de nouveau, la porte dégagée.
  The pilot flame burns badly and may go out.
    La veilleuse brûle mal et peut s'éteindre.
  held until the generator is hot, it stays; five minutes after a failed try
    tenue jusqu'à ce que le générateur soit chaud, elle reste; cinq minutes après un essai manqué
  Gas smelt at floor level.
    Odeur de gaz près du plancher.
  Gas was leaking near the {heater}.
    Du gaz fuyait près du chauffe-eau.
  No flame, no switch; air the room; find the leak before any try.
    Ni flamme ni interrupteur; aérer la pièce; trouver la fuite avant tout essai.
  The pilot stays lit.
    La veilleuse reste allumée.
  The pilot does not stay: generator, its nut, cut-off or link.
    La veilleuse ne reste pas : générateur, son écrou, coupure ou maillon.
  Wait five minutes; measure generator and cut-off.
    Attendre cinq minutes; mesurer générateur et coupure.
  The pilot flame does not stay lit.
    La veilleuse ne reste pas allumée.
  Rated {rating}, the heat input is {input}: the {relief_valve} is too small.
    Capacité {rating}, la puissance est de {input} : la soupape T-P est trop petite.
  The last safety valve is too small for this {heater}.
    La dernière soupape de sûreté est trop petite pour ce chauffe-eau.
  Rated {rating}, the heat input is {input}.
    Capacité {rating}, la puissance est de {input}.
  that is what it works at; ask the maker
    c'est la pression à laquelle il travaille; demander au fabricant
  ask whether that is
    demander si c'est
  Set to {set}, the plate says {tank}: {what} what it is designed for. Only that is held against the
      {relief_valve}.
    Réglée à {set}, la plaque dit {tank} : {what} ce pour quoi il est conçu. Seul cela se compare à
      la soupape T-P.
  Set to {set}, the tank is rated for {tank}: it opens too late.
    Réglée à {set}, le réservoir supporte {tank} : elle s'ouvre trop tard.
  Heat off until a valve set no higher than the tank's rating is fitted.
    Chauffage coupé jusqu'à ce qu'une soupape réglée pas plus haut que ne le supporte le réservoir
      soit posée.
  The last safety valve opens later than the tank can stand.
    La dernière soupape de sûreté s'ouvre plus tard que le réservoir ne le supporte.
  Opens at {set}, no higher than the tank's {tank}.
    S'ouvre à {set}, pas plus que les {tank} du réservoir.
  Fitted {fitted}: within its three years.
    Posée {fitted} : dans ses trois ans.
  {years} years
    {years} ans
  Fitted {fitted}: its three years are over.
    Posée {fitted} : ses trois ans sont passés.
  This safety valve is due for replacement by age.
    Cette soupape de sûreté est à remplacer à cause de son âge.
  When the {relief_valve} was fitted is not recorded; the house rule replaces it after three years.
    On n'a pas noté quand la soupape T-P a été posée; la règle de l'entreprise la remplace après
      trois ans.
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
  Dry ten seconds after closing.
    Sèche dix secondes après la fermeture.
  Still running ten seconds after closing: it does not shut.
    Coule encore dix secondes après la fermeture : elle ne ferme pas.
  Heat off, then the {heater}'s supply shut; replace the valve.
    Chauffage coupé, puis l'alimentation du chauffe-eau fermée; remplacer la soupape.
  Hot drip ten seconds after closing: over-temperature until proved otherwise.
    Goutte chaude dix secondes après la fermeture : surchauffe jusqu'à preuve du contraire.
  hot drip
    goutte chaude
  Heat off, the cold left open. Find out why the heat does not stop; a new valve would drip again.
    Chauffage coupé, l'eau froide laissée ouverte. Trouver pourquoi le chauffage ne s'arrête pas;
      une soupape neuve goutterait aussi.
  Dripped after closing, dry after washing the seat.
    Gouttait après la fermeture, sèche après rinçage du siège.
  dry after washing
    sèche après rinçage
  Look at its outlet again at the next visit.
    Regarder sa sortie à la prochaine visite.
  The safety valve dripped after its test and closed after being rinsed.
    La soupape de sûreté gouttait après son essai et a fermé après un rinçage.
  Dripped after closing; washing only postpones it.
    Gouttait après la fermeture; le rinçage ne fait que reporter.
  Still dripping ten seconds after closing.
    Goutte encore dix secondes après la fermeture.
  The last protection against a bursting tank does not work.
    La dernière protection contre l'éclatement du réservoir ne marche pas.
  A safety valve against pressure does not work.
    Une soupape de sûreté contre la pression ne marche pas.
  strong full-bore flow, and it shuts
    jet fort à plein passage, et elle ferme
  Heat off until the {relief_valve} is replaced.
    Chauffage coupé jusqu'à ce que la soupape T-P soit remplacée.
  Heat off until the {expansion_relief} is replaced.
    Chauffage coupé jusqu'à ce que la soupape d'expansion soit remplacée.
  The lever will not lift: the tank is not protected.
    Le levier ne se lève pas : le réservoir n'est pas protégé.
  The lever lifts and nothing comes: the tank is not protected.
    Le levier se lève et rien ne vient : le réservoir n'est pas protégé.
  It does not shut after its test.
    Elle ne ferme pas après son essai.
  The safety valve does not close tight any more and must be replaced.
    La soupape de sûreté ne ferme plus bien et doit être remplacée.
  Cold inlet and heat off first; then the lever 3–4 times; if it runs on, replace it.
    D'abord fermer l'entrée froide et couper le chauffage; ensuite lever et relâcher le levier 3–4
      fois; si l'eau coule encore, remplacer la soupape.
  Weak flow: scale or debris in the valve or its pipe.
    Jet faible : tartre ou débris dans la soupape ou son tuyau.
  The safety valve lets out less water than it should.
    La soupape de sûreté laisse passer moins d'eau qu'elle ne devrait.
  Clear the pipe, lift again; if it stays weak, replace the valve.
    Dégager le tuyau, lever de nouveau; si c'est encore faible, remplacer la soupape.
  Every joint that was opened is dry.
    Chaque raccord qui a été ouvert est sec.
  A joint that was opened drips.
    Un raccord qui a été ouvert goutte.
  dry at full pressure before you leave
    sec à pleine pression avant le départ
  Make it again before heat comes back.
    Le refaire avant de remettre le chauffage.
  A joint drips after the work.
    Un raccord goutte après le travail.
  Ran {out}: flush again in {months} months.
    A coulé : {out}; rincer de nouveau dans {months} mois.
  Heavy sediment came out.
    Beaucoup de sédiments sont sortis.
  what came out sets the next flush
    ce qui est sorti fixe le prochain rinçage
  Flush again in six months.
    Rincer de nouveau dans six mois.
  A lot of sediment had gathered in the tank.
    Beaucoup de sédiments s'étaient amassés dans le réservoir.
  {percent} % of the anode is left.
    Il reste {percent} % de l'anode.
  any bare core wire, or a quarter left: replace
    fil de l'âme à nu, ou un quart qui reste : remplacer
  Fit a new anode.
    Poser une anode neuve.
  The rod that protects the tank from rust is nearly used up.
    La tige qui protège le réservoir de la rouille est presque usée.
  The new valve lifts, full-bore, and shuts.
    La soupape neuve se lève, à plein passage, et ferme.
  The new valve does not shut.
    La soupape neuve ne ferme pas.
  The new valve does not give full flow.
    La soupape neuve ne donne pas le plein jet.
  a new valve is proved before you leave
    une soupape neuve se vérifie avant le départ
  Heat off; find out why before the {heater} runs.
    Chauffage coupé; trouver pourquoi avant que le chauffe-eau marche.
  The new safety valve does not let enough water out.
    La soupape de sûreté neuve ne laisse pas passer assez d'eau.
  prove, test, prove
    vérifier, mesurer, vérifier
  Something is live: a second feed, or the wrong {breaker}.
    Quelque chose est sous tension : une deuxième alimentation, ou le mauvais disjoncteur.
  Covers on; find the other feed before anything is touched.
    Couvercles remis; trouver l'autre alimentation avant de toucher à quoi que ce soit.
  A part that should be dead was live.
    Une pièce qui devait être hors tension était sous tension.
  The tester failed on the proving unit: nothing is proved.
    Le vérificateur a échoué sur l'unité d'essai : rien n'est vérifié.
  Dead on every pair and every feed, the tester proved before and after.
    Hors tension sur chaque paire et chaque alimentation, le vérificateur éprouvé avant et après.
  Not proved yet: the tester is proved before and after.
    Pas encore vérifié : le vérificateur s'éprouve avant et après.
  spillage test
    essai de refoulement
  9 and 30 ppm
    9 et 30 ppm
  Burner off, ventilate, everybody out at 30 ppm; find the cause.
    Brûleur éteint, aérer, tout le monde dehors à 30 ppm; trouver la cause.
  Exhaust gas stays in the house. It carries carbon monoxide, which kills.
    Les gaz de combustion restent dans la maison. Ils contiennent du monoxyde de carbone, qui tue.
  Flue gas spills at the hood in the worst case.
    Les gaz refoulent au coupe-tirage dans le pire cas.
  {co} ppm of carbon monoxide in the room.
    {co} ppm de monoxyde de carbone dans la pièce.
  Investigate every burner.
    Examiner chaque brûleur.
  Drawn in at the hood, in the worst case.
    Aspirés au coupe-tirage, dans le pire cas.
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
  120, 120, 240 V; or 230, 0, 230 V; zero everywhere once switched off
    120, 120, 240 V; ou 230, 0, 230 V; zéro partout une fois coupé
  Something stays live after switching off.
    Quelque chose reste sous tension après la coupure.
  Find the other feed, or the leg that is not broken, before anything is touched.
    Trouver l'autre alimentation, ou la phase qui n'est pas coupée, avant de toucher à quoi que ce
      soit.
  A part of the {heater} stays live when it is switched off.
    Une partie du chauffe-eau reste sous tension quand il est coupé.
  Both legs and across belong together.
    Les deux phases et la tension entre elles vont ensemble.
  Follow it back to the {breaker}.
    Remonter jusqu'au disjoncteur.
  The electricity does not reach the {heater} as it should.
    L'électricité n'arrive pas au chauffe-eau comme elle devrait.
  {one} and {two} V to {earth}: the {earth} is not proved, or the supply is not what it seems.
    {one} et {two} V à la terre : la terre n'est pas vérifiée, ou l'alimentation n'est pas ce
      qu'elle paraît.
  Prove the {earth} against a live leg.
    Vérifier la terre contre une phase sous tension.
  The electrical supply needs looking at.
    L'alimentation électrique demande un examen.
  Full voltage, and zero once switched off.
    Pleine tension, et zéro une fois coupé.
  {hot} is no warmer than the cold supply: the {heater} is off, or the wrong {tap} was measured.
    {hot} n'est pas plus chaud que l'eau froide : le chauffe-eau est éteint, ou on a mesuré le
      mauvais robinet.
  {hot} at the {tap}, as set; burns adult skin in {burn}.
    {hot} au robinet, comme réglé; brûle la peau d'un adulte en {burn}.
  {hot} is hotter than any setting: over-temperature.
    {hot}, c'est plus chaud que tout réglage : surchauffe.
  {hot} burns adult skin in {burn}.
    {hot} brûle la peau d'un adulte en {burn}.
  {hot} burns adult skin in {burn}; children and the old sooner.
    {hot} brûle la peau d'un adulte en {burn}; les enfants et les personnes âgées plus vite.
  {hot} lies in the range in which legionella can grow.
    {hot} est dans la plage où les légionelles peuvent croître.
  {hot} at the {tap}: hot enough, and burns only after {burn}.
    {hot} au robinet : assez chaud, et ne brûle qu'après {burn}.
  {element}'s thermostat
    thermostat de l'élément
  {element}'s {cut_out}
    coupe-circuit de l'élément
  The {name} is set to {value}.
    {name} est réglé à {value}.
  tank's rating
    ce que supporte le réservoir
  Out of order: the {first} stands at {low}, the {second} at {high}.
    Hors de l'ordre : {first} est à {low}, {second} à {high}.
  each tier must act before the next
    chaque protection doit agir avant la suivante
  Heat off until the settings are in order.
    Chauffage coupé jusqu'à ce que les réglages soient en ordre.
  The safety devices of this {heater} would act in the wrong order.
    Les protections de ce chauffe-eau agiraient dans le mauvais ordre.
  The tundish takes the full flow.
    L'entonnoir prend le plein débit.
  The tundish backs up: D2 is too small, too long or partly blocked.
    L'entonnoir refoule : D2 est trop petit, trop long ou en partie bouché.
  Follow D2, clear it; re-size it by its equivalent length.
    Suivre D2, le dégager; le dimensionner selon sa longueur équivalente.
  The drain of the safety valves cannot carry what they let go.
    Le drain des soupapes de sûreté ne peut pas porter ce qu'elles laissent couler.
  The tundish spills: scalding water into the room.
    L'entonnoir déborde : de l'eau bouillante dans la pièce.
  Isolate every heat source until D2 is clear.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce que D2 soit dégagé.
  When a safety valve opens, scalding water would run into the room.
    Quand une soupape de sûreté s'ouvre, de l'eau bouillante coulerait dans la pièce.
  {text} on an unvented {heater}.
    {text} sur un chauffe-eau sous pression (unvented).
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
  discharge pipe
    tuyau de décharge
  water pressure
    pression de l'eau
  pressure while heating
    pression pendant le chauffage
  thermostat
    thermostat
  joints that were opened
    raccords qui ont été ouverts
  gas input
    débit de gaz
  new {relief_valve}
    nouvelle soupape T-P
  high limit
    limiteur
  flue
    conduit
  order of the protections
    ordre des protections
  gas pressures
    pressions du gaz
  electrical supply
    alimentation électrique
  discharge pipe, from end to end
    tuyau de décharge, d'un bout à l'autre
  membrane of the {vessel}
    membrane du réservoir d'expansion
  combustion
    combustion
  pilot's generator and cut-off
    générateur de la veilleuse et coupure
  air charge of the {vessel}
    pression d'air du réservoir d'expansion
  hot water temperature
    température de l'eau chaude
  thermostat and controls
    thermostat et commandes
  what can be seen
    ce qui se voit
  Not recorded.
    Pas noté.
  Nothing was tested.
    Rien n'a été vérifié.
  Immediately dangerous
    Danger immédiat
  At risk
    À risque
  Not an unsafe situation
    Pas une situation dangereuse
  Not visible
    Pas visible
  Not applicable
    Sans objet
  taken apart and left so
    démonté et laissé ainsi
  not done
    pas fait
  {work}: done, but not proved yet: {proof}.
    {work} : fait, mais pas encore vérifié : {proof}.
  Prove it before it is used.
    Le vérifier avant qu'on s'en serve.
  Off until it is put right and proved.
    Éteint jusqu'à ce que ce soit corrigé et vérifié.
  A danger was found here and has not been proved to be put right.
    Un danger a été trouvé ici, et on n'a pas vérifié qu'il est corrigé.
  {ask}: not visible.
    {ask} : pas visible.
  measured draw
    soutirage mesuré
  usual draw
    soutirage habituel
  Tank {capacity}, water from {cold} to {hot}; a heating after a {which} of {drawn}.
    Réservoir de {capacity}, eau de {cold} à {hot}; un chauffage après un {which} de {drawn}.
  Nothing seen closes this system: heated water can push back into the main, and pressure should
      hardly rise.
    Rien de ce qu'on voit ne ferme ce système : l'eau chauffée peut retourner dans la rue, et la
      pression ne devrait guère monter.
  Whether a check valve closes this system is not known; these numbers hold if one does.
    On ne sait pas si un clapet ferme ce système; ces chiffres valent s'il y en a un.
  With the {vessel} as found
    Avec le réservoir d'expansion tel que trouvé
  With the charge as set
    Avec la pression d'air telle que réglée
  Without any {vessel}
    Sans réservoir d'expansion
  {lead}, heating a cold tank brings the pressure from {supply} to {hot_pressure}.
    {lead}, chauffer un réservoir froid porte la pression de {supply} à {hot_pressure}.
  The {vessel}'s volume is not on record: enter it from its plate, and this says what pressure the
      tank will reach.
    Le volume du réservoir d'expansion n'est pas noté : le lire sur sa plaque, et ceci dira quelle
      pression le réservoir atteindra.
  Measured {peak}, expected {cycle_pressure} after this draw: they agree.
    Mesuré {peak}, attendu {cycle_pressure} après ce soutirage : ils concordent.
  Measured {peak}, expected only {cycle_pressure} after this draw: the {vessel} takes less than its
      charge says, or the supply itself rose. Look at the membrane and at the {regulator}.
    Mesuré {peak}, attendu seulement {cycle_pressure} après ce soutirage : le réservoir d'expansion
      absorbe moins que sa pression d'air ne le dit, ou l'alimentation elle-même est montée. Voir la
      membrane et le régulateur.
  Measured {peak}, expected {cycle_pressure} after this draw: water has found another way, back into
      the main or out of a {tap}.
    Mesuré {peak}, attendu {cycle_pressure} après ce soutirage : l'eau a trouvé un autre chemin,
      retour dans la rue ou par un robinet.
  Measured {peak} on a supply of {supply}, though nothing seen closes this system: something does.
      Look for a check valve or a {regulator}.
    Mesuré {peak} pour une alimentation de {supply}, alors que rien de ce qu'on voit ne ferme ce
      système : quelque chose le ferme. Chercher un clapet ou un régulateur.
  volume is not known
    le volume n'est pas connu
  charge has not been read yet
    la pression d'air n'a pas encore été lue
  Measured {peak}. The {vessel}'s {missing}: it cannot be said what was to be expected.
    Mesuré {peak}. Réservoir d'expansion : {missing}; on ne peut pas dire ce qu'il fallait attendre.
  In service
    En service
  In service, with limits
    En service, avec réserves
  Left off, made safe
    Laissé éteint, en état sûr
  Left in use against advice
    Laissé en service malgré l'avis
  Evacuated, handed to the emergency service
    Évacué, remis au service d'urgence
  The relief valve was not tested.
    La soupape de sûreté n'a pas été essayée.
  Everything tested is sound.
    Tout ce qui a été vérifié est en ordre.
  The {heater} is dangerous and was left in use against advice; it should be switched off until it
      is put right.
    Le chauffe-eau est dangereux et a été laissé en service malgré l'avis; il devrait être éteint
      jusqu'à ce que ce soit corrigé.
  The {heater} is in service, but {things} put right by the dates below.
    Le chauffe-eau est en service, mais {things} corriger au plus tard aux dates ci-dessous.
  Everybody was asked to leave, and the emergency service was called
    On a demandé à tous de sortir, et le service d'urgence a été appelé
  Everybody must leave, and the emergency service be called from outside
    Tous doivent sortir, et le service d'urgence être appelé de dehors
  {said}; the {heater} must not be used, and nobody goes back in, until they have cleared it.
    {said}; le chauffe-eau ne doit pas servir, et personne n'y retourne, jusqu'à ce qu'il l'ait
      autorisé.
  The {heater} is in service; a few points are worth watching.
    Le chauffe-eau est en service; quelques points sont à surveiller.
  The {heater} is in service, and everything tested is sound.
    Le chauffe-eau est en service, et tout ce qui a été vérifié est en ordre.
  The {heater} is in service.
    Le chauffe-eau est en service.
  The {heater} is in service, and what was tested is sound.
    Le chauffe-eau est en service, et ce qui a été vérifié est en ordre.
  its relief valve was not tested and must be
    sa soupape de sûreté n'a pas été essayée : à
  one thing must be
    une chose est à
  {count} things must be
    {count} choses sont à
  Water pressure
    Pression de l'eau
  Pressure after the inlet group
    Pression après le groupe d'entrée
  Flow of water
    Débit d'eau
  Pressure while heating
    Pression pendant le chauffage
  Hot water at the {tap}
    Eau chaude au robinet
  Hot water at the bath
    Eau chaude au bain
  Thermostat and controls
    Thermostat et commandes
  Tundish at full flow
    Entonnoir à plein débit
  {count} entries were made without a signal and reached the office later, the last on {date},
      {time} UTC.
    {count} entrées ont été faites sans réseau et sont arrivées plus tard au bureau, la dernière le
      {date}, {time} UTC.
  One entry of this visit was made without a signal and reached the office later, the last on
      {date}, {time} UTC.
    Une entrée de cette visite a été faite sans réseau et est arrivée plus tard au bureau, la
      dernière le {date}, {time} UTC.
  Photographs
    Photographies
  Dripped after closing, and drips after washing the seat.
    Gouttait après la fermeture, et goutte après rinçage du siège.
  drips after washing
    goutte après rinçage
  Open since {found_on}: still there.
    Ouvert depuis le {found_on} : toujours là.
  Thermostat of the back-up immersion, turned down
    Thermostat de l'élément d'appoint, baissé
  Expansion relief valve, ten seconds after closing
    Soupape d'expansion, dix secondes après la fermeture
  Energy cut-out of the lower element
    Coupe-circuit de l'élément du bas
  Energy cut-out of the back-up immersion
    Coupe-circuit de l'élément d'appoint
  Not in use, and not tested.
    Pas utilisé, et pas vérifié.
  Strainer of the inlet group
    Crépine du groupe d'entrée
  Thermostat, turned down
    Thermostat, baissé
  Height of the pan pipe's end
    Hauteur du bout du tuyau du bac
  Pilot flame
    Flamme de la veilleuse
  Pilot, lit again
    Veilleuse, rallumée
  Drain valve, on dry paper
    Robinet de vidange, sur papier sec
  Turned down, the heat stops; up again, it comes on.
    Baissé, le chauffage s'arrête; remonté, il repart.
  Turned down, the heat goes on: the thermostat does not stop it.
    Baissé, le chauffage continue : le thermostat ne l'arrête pas.
  Heat off, the cold left open, until the control is mended and proved.
    Chauffage coupé, l'eau froide laissée ouverte, jusqu'à ce que la commande soit réparée et
      vérifiée.
  The thermostat does not stop the heat; only the last protections are left.
    Le thermostat n'arrête pas le chauffage; il ne reste que les dernières protections.
  turned down, the heat stops; up again, it comes on
    baissé, le chauffage s'arrête; remonté, il repart
  {Relief_valve}, ten seconds after closing
    Soupape T-P, dix secondes après la fermeture
  Height of the discharge pipe's end
    Hauteur du bout du tuyau de décharge
  Air charge of the {vessel}
    Pression d'air du réservoir d'expansion
  Membrane of the {vessel}
    Membrane du réservoir d'expansion
  New {relief_valve}
    Nouvelle soupape T-P
  {Element}, upper or only one
    Élément, du haut ou unique
  {Element}, lower
    Élément, du bas
  Electrical supply
    Alimentation électrique
  Gas pressures
    Pressions du gaz
  Gas input
    Débit de gaz
  Pilot's generator and cut-off
    Générateur de la veilleuse et coupure
  {Draught}, and CO in the room
    Tirage, et CO dans la pièce
  Combustion, CO to CO2
    Combustion, CO sur CO2
  Sediment flushed out
    Sédiments rincés
  Coil, as found
    Serpentin, à l'arrivée
  Coil, after cleaning
    Serpentin, après nettoyage
  Joints that were opened
    Raccords qui ont été ouverts
  The charge was set on this visit.
    La pression d'air a été réglée lors de cette visite.
  Measured again after the work.
    Mesuré de nouveau après le travail.
  Put right on this visit.
    Corrigé lors de cette visite.
  {operation}: not done. {because}
    {operation} : pas fait. {because}
  Hot water at your {tap} can burn: mix it with cold, and check it with a thermometer before a child
      or an older person uses it.
    L'eau chaude de votre robinet peut brûler : mélangez-la avec de la froide et vérifiez-la au
      thermomètre avant qu'un enfant ou une personne âgée s'en serve.
  Never plug or cap the pipe from the {relief_valve}; if water comes out of it, call us.
    Ne bouchez et ne coiffez jamais le tuyau de la soupape T-P; s'il en coule de l'eau,
      appelez-nous.
  Annual safety visit, with the {relief_valve} exercised.
    Visite annuelle de sécurité, avec essai de la soupape T-P.
  Look at the anode: on record nobody has.
    Regarder l'anode : selon le dossier, personne ne l'a fait.
  Replace the anode: yearly, by house rule.
    Remplacer l'anode : chaque année, selon la règle de l'entreprise.
  Look at the anode.
    Regarder l'anode.
  Look at the anode: three years after it was fitted.
    Regarder l'anode : trois ans après sa pose.
  Look at the anode: by estimate a quarter is left about {month}.
    Regarder l'anode : selon l'estimation, il en restera un quart vers {month}.
  Renew the air bubble: it dissolves in about 18 months.
    Refaire la bulle d'air : elle se dissout en environ 18 mois.
  Re-check the new {vessel}'s charge: it must not have dropped.
    Revérifier la pression d'air du nouveau réservoir d'expansion : elle ne doit pas avoir baissé.
  Re-check the {vessel}'s charge: it was set, and must not have dropped.
    Revérifier la pression d'air du réservoir d'expansion : elle a été réglée et ne doit pas avoir
      baissé.
  Flush the tank: it ran {out} last time.
    Rincer le réservoir : la dernière fois il a coulé : {out}.
  Flush the tank: it has been flushed once, and stays clear by it.
    Rincer le réservoir : il a été rincé une fois, et reste clair ainsi.
  Flush the tank: yearly, by house rule.
    Rincer le réservoir : chaque année, selon la règle de l'entreprise.
  Look at the paper under the joints.
    Regarder le papier sous les raccords.
  Look for drops where joints were opened; a photograph by the household will do.
    Chercher des gouttes là où des raccords ont été ouverts; une photo des occupants suffit.
  Read the pressure while the {heater} is heated from cold.
    Lire la pression pendant que le chauffe-eau chauffe à partir de froid.
  Exercise the {relief_valve}: quarterly, by house rule.
    Essayer la soupape T-P : chaque trimestre, selon la règle de l'entreprise.
  Exercise the {relief_valve}.
    Essayer la soupape T-P.
  Replace the {relief_valve}: three years old, by house rule.
    Remplacer la soupape T-P : trois ans, selon la règle de l'entreprise.
  The maker's warranty may end about {month}: claim before then what is open.
    La garantie du fabricant pourrait finir vers {month} : réclamer avant ce qui est ouvert.
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
  Tell the household; turn the setting down or fit a mixing valve at bath and shower.
    Avertir les occupants; baisser le réglage ou poser un mitigeur au bain et à la douche.
  Set or fit a mixing valve that limits bath and shower to 120 °F.
    Régler ou poser un mitigeur qui limite bain et douche à 120 °F.
  Turn the setting down now; find out why it is so hot.
    Baisser le réglage maintenant; trouver pourquoi c'est si chaud.
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
  Gas is escaping
    Du gaz s'échappe
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
  The tank itself is running out
    Le réservoir lui-même se vide
  The safety devices would act in the wrong order
    Les protections agiraient dans le mauvais ordre
  Nothing shuts the heat off: the {two_port} is missing
    Rien n'arrête le chauffage : la vanne à deux voies manque
  A part that can be touched is, or can become, live
    Une pièce qu'on peut toucher est, ou peut devenir, sous tension
  Water came out of the air valve: the membrane has failed, and no charge will hold. Replace the
      {vessel}.
    De l'eau est sortie de la valve d'air : la membrane a lâché, et aucune pression d'air ne
      tiendra. Remplacer le réservoir d'expansion.
  The charge is right as found; there is nothing to set.
    La pression d'air est bonne à l'arrivée; il n'y a rien à régler.
  The house rule says “look only”: the valve is not operated.
    La règle de l'entreprise dit « regarder seulement » : la soupape n'est pas manœuvrée.
  The customer refused.
    Le client a refusé.
  The discharge pipe is not safe to discharge into; put that right first.
    Le tuyau de décharge n'est pas sûr pour y décharger; le corriger d'abord.
  The house rule exercises only valves with a known history; this one's is not known, and no spare
      is at hand.
    La règle de l'entreprise n'essaie que les soupapes dont l'histoire est connue; celle-ci ne l'est
      pas, et il n'y a pas de rechange.
  house supply
    alimentation de la maison
  house pressure
    pression de la maison
  air in the pipes
    air dans les tuyaux
  air path
    entrée d'air
  water joints
    raccords d'eau
  gas joints
    raccords de gaz
  joints after the control
    raccords après la commande
  drip watch
    surveillance des gouttes
  maximum hand
    aiguille de maximum
  as found
    à l'arrivée
  time since gas
    temps depuis le gaz
  test points
    prises de mesure
  burner door
    porte du brûleur
  static pressure
    pression statique
  air valve
    valve d'air
  heating cycle
    cycle de chauffage
  coil loop
    boucle du serpentin
  inlet group
    groupe d'entrée
  looked over
    regardé
  on site
    sur place
  upper {element}
    élément du haut
  lower {element}
    élément du bas
  relief valve
    soupape de sûreté
  not asked
    pas demandé
  seen as found
    vu à l'arrivée
  seen as left
    vu au départ
  in place
    en place
  put right
    corrigé
  put right, not proved
    corrigé, pas vérifié
  made safe
    en état sûr
  danger {state} ({hazard})
    danger {state} ({hazard})
  heater feed
    alimentation du chauffe-eau
  heater lock
    cadenas du chauffe-eau
  Hot, if the vessel failed
    À chaud, si le vase lâchait
  Hot, expected
    À chaud, attendu
  Tank is rated
    Le réservoir supporte
  Plate: works at
    Plaque : travaille à
  Hot, measured
    À chaud, mesuré
  Vessel charge
    Pression d'air
  Water boils
    L'eau bout
  Scald limit
    Limite de brûlure
  At the {tap}
    Au robinet
  The charge lies {side} the supply by {by}: they belong on one rung.
    La pression d'air est {side} l'alimentation de {by} : elles vont sur le même échelon.
  The hot peak stands above the limit: expansion is not taken up.
    La pointe à chaud dépasse la limite : l'expansion n'est pas absorbée.
  The {relief_valve} opens above what the tank is rated for: it must be set no higher than the
      tank's rating.
    La soupape T-P s'ouvre au-dessus de ce que supporte le réservoir : elle doit être réglée pas
      plus haut.
  The {expansion_relief} must open below the {relief_valve}.
    La soupape d'expansion doit s'ouvrir avant la soupape T-P.
  The water is as hot as the {cut_out}: the thermostat did not stop it.
    L'eau est aussi chaude que le coupe-circuit : le thermostat ne l'a pas arrêtée.
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
  So high a pressure can break the gas control.
    Une pression aussi forte peut briser la commande de gaz.
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
  At the {heater}
    Au chauffe-eau
  Where the water comes in
    Là où l'eau entre
  On top
    Sur le dessus
  At the side
    Sur le côté
  Below
    Dessous
  At the controls
    Aux commandes
  Outside
    Dehors
  Lifts, strong full-bore flow.
    Se lève, jet fort à plein passage.
  Lifts, strong full-bore flow, shuts.
    Se lève, jet fort à plein passage, ferme.
  The {regulator} brings {main} in the {street} down to {house}.
    Le régulateur abaisse les {main} de la rue à {house}.
  The {regulator} brings {main} in the {street} down to {house} and holds its {setting}.
    Le régulateur abaisse les {main} de la rue à {house} et tient ses {setting}.
  {danger}: put right, but not proved.
    {danger} : corrigé, mais pas vérifié.
  {lead}, the pressure reaches the {relief_name}'s {relief}: it drips on heat-up, and that is
      physics, not a bad valve.
    {lead}, la pression atteint les {relief} de {relief_name} : elle goutte au chauffage, et c'est
      de la physique, pas une mauvaise soupape.
  {lead}, the pressure reaches the {relief_name}'s {relief} after about {minutes} min of heating
      from cold: it drips on heat-up, and that is physics, not a bad valve.
    {lead}, la pression atteint les {relief} de {relief_name} après environ {minutes} min de
      chauffage à froid : elle goutte au chauffage, et c'est de la physique, pas une mauvaise
      soupape.
  The charge is {side}: about {pressure} against a supply of {target}.
    La pression d'air est {side} : environ {pressure} pour une alimentation de {target}.
  The charge is {side}: {pressure} against a supply of {target}.
    La pression d'air est {side} : {pressure} pour une alimentation de {target}.
  {size} mm copper carries it.
    {size} mm de cuivre la porte.
  {size} mm copper carries it, one size up because it is shared.
    {size} mm de cuivre la porte, une grosseur de plus parce que partagé.
  low
    basse
  high
    haute
  below
    sous
  above
    au-dessus de
  One protection was not tested.
    Une protection n'a pas été vérifiée.
  One protection was not tested: {names}.
    Une protection n'a pas été vérifiée : {names}.
  {count} protections were not tested.
    {count} protections n'ont pas été vérifiées.
  {count} protections were not tested: {names}.
    {count} protections n'ont pas été vérifiées : {names}.
  {hot} at {bath}: burns adult skin in {time}.
    {hot} {bath} : brûle la peau d'un adulte en {time}.
  {hot} at {bath}.
    {hot} {bath}.
  D2 of {d2_size} would do in copper. {because}
    D2 de {d2_size} suffirait en cuivre. {because}
  What it is made of is not on record.
    Son matériau n'est pas noté.
  It is of plastic: its maker's table decides.
    Il est de plastique : la table de son fabricant décide.
  {volts} V across: a leg is lost.
    {volts} V entre les deux : une phase est perdue.
  {volts} V across: not the rated voltage.
    {volts} V entre les deux : pas la tension nominale.
  One defect stands and must be put right by the dates given.
    Un défaut demeure et doit être corrigé aux dates indiquées.
  {count} defects stand and must be put right by the dates given.
    {count} défauts demeurent et doivent être corrigés aux dates indiquées.
  The {heater} is switched off and made safe; it must not be used until it is put right.
    Le chauffe-eau est éteint et en état sûr; il ne doit pas servir avant d'être corrigé.
  The {heater} must be switched off and made safe; it must not be used until it is put right.
    Le chauffe-eau doit être éteint et mis en état sûr; il ne doit pas servir avant d'être corrigé.
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
  {job}: put off. {reason}
    {job} : remis. {reason}
  {paper}: to follow
    {paper} : à suivre
  Put right: {how}.
    Corrigé : {how}.
  {lower} ({low}) is above {upper} ({high}): burning lowers the pressure. Let them settle and read
      again.
    {lower} ({low}) est au-dessus de {upper} ({high}) : un brûleur allumé abaisse la pression.
      Laisser se stabiliser et relire.
  line
    la pression de la conduite
  standing
    la pression au repos
  operating
    la pression en marche
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Flow, and the temperatures of flow, return and tank belong together.
    Le débit et les températures de départ, de retour et du réservoir vont ensemble.
  Prove flow, air and connections first; then clean the coil.
    Vérifier d'abord débit, air et raccordements; ensuite nettoyer le serpentin.
  The boiler's heat does not reach your hot water as it should.
    La chaleur de la chaudière n'atteint pas votre eau chaude comme elle devrait.
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
  {years} years
    {years} ans
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
  joints that were opened
    raccords qui ont été ouverts
  new {relief_valve}
    nouvelle soupape T-P
  high limit
    limiteur
  electrical supply
    alimentation électrique
  thermostat and controls
    thermostat et commandes
  Hot water at the {tap}
    Eau chaude au robinet
  Hot water at the bath
    Eau chaude au bain
  Thermostat and controls
    Thermostat et commandes
  Thermostat of the back-up immersion, turned down
    Thermostat de l'élément d'appoint, baissé
  Energy cut-out of the lower element
    Coupe-circuit de l'élément du bas
  Energy cut-out of the back-up immersion
    Coupe-circuit de l'élément d'appoint
  Not in use, and not tested.
    Pas utilisé, et pas vérifié.
  Thermostat, turned down
    Thermostat, baissé
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
  New {relief_valve}
    Nouvelle soupape T-P
  Electrical supply
    Alimentation électrique
  {Draught}, and CO in the room
    Tirage, et CO dans la pièce
  Sediment flushed out
    Sédiments rincés
  Coil, as found
    Serpentin, à l'arrivée
  Coil, after cleaning
    Serpentin, après nettoyage
  Joints that were opened
    Raccords qui ont été ouverts
  {hot} at {bath}: burns adult skin in {time}.
    {hot} {bath} : brûle la peau d'un adulte en {time}.
  {hot} at {bath}.
    {hot} {bath}.
  {volts} V across: a leg is lost.
    {volts} V entre les deux : une phase est perdue.
  {volts} V across: not the rated voltage.
    {volts} V entre les deux : pas la tension nominale.
TEXTS

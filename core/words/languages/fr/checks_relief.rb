# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
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
  Fitted {fitted}: its three years are over.
    Posée {fitted} : ses trois ans sont passés.
  This safety valve is due for replacement by age.
    Cette soupape de sûreté est à remplacer à cause de son âge.
  When the {relief_valve} was fitted is not recorded; the house rule replaces it after three years.
    On n'a pas noté quand la soupape T-P a été posée; la règle de l'entreprise la remplace après
      trois ans.
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
  thermostat
    thermostat
  Tundish at full flow
    Entonnoir à plein débit
  Dripped after closing, and drips after washing the seat.
    Gouttait après la fermeture, et goutte après rinçage du siège.
  drips after washing
    goutte après rinçage
  Expansion relief valve, ten seconds after closing
    Soupape d'expansion, dix secondes après la fermeture
  Height of the pan pipe's end
    Hauteur du bout du tuyau du bac
  {Relief_valve}, ten seconds after closing
    Soupape T-P, dix secondes après la fermeture
  Height of the discharge pipe's end
    Hauteur du bout du tuyau de décharge
  Lifts, strong full-bore flow.
    Se lève, jet fort à plein passage.
  Lifts, strong full-bore flow, shuts.
    Se lève, jet fort à plein passage, ferme.
  D2 of {d2_size} would do in copper. {because}
    D2 de {d2_size} suffirait en cuivre. {because}
  What it is made of is not on record.
    Son matériau n'est pas noté.
  It is of plastic: its maker's table decides.
    Il est de plastique : la table de son fabricant décide.
TEXTS

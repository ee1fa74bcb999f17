# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Still dripping ten seconds after closing.
    Goutte encore dix secondes après la fermeture.
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
  Open since {found_on}: still there.
    Ouvert depuis le {found_on} : toujours là.
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
  Tell the household; turn the setting down or fit a mixing valve at bath and shower.
    Avertir les occupants; baisser le réglage ou poser un mitigeur au bain et à la douche.
  Turn the setting down now; find out why it is so hot.
    Baisser le réglage maintenant; trouver pourquoi c'est si chaud.
  The customer refused.
    Le client a refusé.
  as found
    à l'arrivée
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
  One protection was not tested.
    Une protection n'a pas été vérifiée.
  One protection was not tested: {names}.
    Une protection n'a pas été vérifiée : {names}.
  {count} protections were not tested.
    {count} protections n'ont pas été vérifiées.
  {count} protections were not tested: {names}.
    {count} protections n'ont pas été vérifiées : {names}.
  One defect stands and must be put right by the dates given.
    Un défaut demeure et doit être corrigé aux dates indiquées.
  {count} defects stand and must be put right by the dates given.
    {count} défauts demeurent et doivent être corrigés aux dates indiquées.
  The {heater} is switched off and made safe; it must not be used until it is put right.
    Le chauffe-eau est éteint et en état sûr; il ne doit pas servir avant d'être corrigé.
  The {heater} must be switched off and made safe; it must not be used until it is put right.
    Le chauffe-eau doit être éteint et mis en état sûr; il ne doit pas servir avant d'être corrigé.
  Put right: {how}.
    Corrigé : {how}.
  line
    la pression de la conduite
  standing
    la pression au repos
  operating
    la pression en marche
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  What is done about the anode?
    Que fait-on de l'anode?
  looked at yearly
    regardée chaque année
  replaced yearly without looking
    remplacée chaque année sans regarder
  by estimate from earlier inspections
    selon l'estimation des inspections passées
  never
    jamais
  How is the charge of the {vessel} read?
    Comment lit-on la pression d'air du réservoir d'expansion?
  isolated and drained to zero
    fermé et vidé à zéro
  with several {taps} running
    avec plusieurs robinets qui coulent
  The coil's pipes have no valves. What now?
    Les tuyaux du serpentin n'ont pas de robinets. Et maintenant?
  push-fit valves now
    des robinets à raccord rapide tout de suite
  drain and solder
    vider et souder
  How high above ground may the discharge pipe end outdoors?
    À quelle hauteur du sol le tuyau de décharge peut-il finir dehors?
  as the rulebook says
    comme le code le dit
  3 to 6 in (75–150 mm)
    3 à 6 po (75–150 mm)
  May the relief valve discharge into the drain pan?
    La soupape de sûreté peut-elle se décharger dans le bac?
  accepted
    accepté
  objected to
    refusé
  How is the discharge pipe joined to the valve?
    Comment le tuyau de décharge est-il joint à la soupape?
  dry
    à sec
  tape and compound
    ruban et pâte
  never glued so that it cannot come off
    jamais collé de façon qu'on ne puisse l'enlever
  How does air get in while draining?
    Par où entre l'air pendant la vidange?
  through a hot {tap}
    par un robinet d'eau chaude
  through the relief valve
    par la soupape de sûreté
  May a gas heater be drained with the knob at PILOT?
    Peut-on vidanger un chauffe-eau à gaz avec le bouton à PILOT?
  no: OFF before any drain
    non : OFF avant toute vidange
  yes, it spares a relight
    oui, cela évite de rallumer
  A dripping valve stays dry after washing. Cured?
    Une soupape qui gouttait reste sèche après un rinçage. Réglé?
  a cure when it stays dry
    réglé quand elle reste sèche
  only a postponement: replaced at the first drip
    seulement reporté : remplacée à la première goutte
  The {earth} at the {heater} cannot be seen.
    La mise à la terre du chauffe-eau ne se voit pas.
  its absence is a deficiency
    son absence est un défaut
  “not visible” until tested
    « non visible » jusqu'à l'essai
  When is the tank flushed?
    Quand rince-t-on le réservoir?
  yearly or twice
    une ou deux fois par an
  by the sediment found
    selon les sédiments trouvés
  an old one never flushed is left alone
    un vieux jamais rincé est laissé tranquille
  How long is the relief lever held?
    Combien de temps tient-on le levier de la soupape?
  until it runs clear
    jusqu'à ce que l'eau soit claire
  Where nobody knows whether a dwelling is new: does the bath's 48 °C limit bind it?
    Quand personne ne sait si un logement est neuf : la limite de 48 °C du bain s'applique-t-elle?
  taken for an existing one
    pris pour un logement existant
  taken for a new one, or one changed in use
    pris pour un neuf, ou un logement changé d'usage
  Is anything operated on this visit?
    Manœuvre-t-on quelque chose pendant cette visite?
  operated as the plan says
    manœuvré comme le plan le dit
  look only
    regarder seulement
  Exercise an old relief valve?
    Essayer une vieille soupape de sûreté?
  at every visit
    à chaque visite
  only with a known history
    seulement si son histoire est connue
  Is an uninsulated relief valve pipe reported?
    Signale-t-on un tuyau de soupape non isolé?
  reported where local rules ask for insulation
    signalé là où les règles locales demandent l'isolant
  not a matter here
    pas une question ici
  How often is the relief valve exercised?
    À quelle fréquence essaie-t-on la soupape de sûreté?
  monthly to quarterly
    chaque mois à chaque trimestre
  yearly, with the service
    chaque année, avec l'entretien
  only when found sound before
    seulement si elle était bonne avant
  How long does a relief valve live?
    Combien de temps dure une soupape de sûreté?
  until it fails its test
    jusqu'à ce qu'elle échoue à l'essai
  replaced every three years
    remplacée tous les trois ans
  When in the visit is the relief valve exercised?
    Quand, dans la visite, essaie-t-on la soupape de sûreté?
  before isolating, full and hot
    avant de couper, pleine et chaude
  with the flush
    avec le rinçage
  after refilling
    après le remplissage
  Rippled plastic rings at the flue?
    Anneaux de plastique ondulés au conduit?
  a sign to watch
    un signe à surveiller
  of no account
    sans importance
  At what temperature is hot water stored?
    À quelle température garde-t-on l'eau chaude?
  as the rulebook's limits say
    comme les limites du code le disent
  60–65 °C (140–150 °F), mixed down at the outlet
    60–65 °C (140–150 °F), mélangée à la sortie
  50–55 °C (122–131 °F) with a weekly hot cycle
    50–55 °C (122–131 °F) avec un cycle chaud par semaine
  What seals a thread?
    Qu'est-ce qui étanche un filetage?
  tape
    ruban
  tape and paste
    ruban et pâte
  An in-line check valve ahead of the {vessel}?
    Un clapet antiretour en amont du réservoir d'expansion?
  wanted
    voulu
  not needed where the meter or backflow preventer has one
    pas nécessaire là où le compteur ou l'antirefoulement en a un
TEXTS

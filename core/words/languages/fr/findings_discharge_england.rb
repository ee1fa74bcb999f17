# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  D1 smaller than the valve's outlet
    D1 plus petit que la sortie de la soupape
  The first pipe is too narrow for the safety valve.
    Le premier tuyau est trop étroit pour la soupape de sûreté.
  Re-pipe D1 at the outlet's size.
    Refaire D1 à la grosseur de la sortie.
  D1 longer than 600 mm
    D1 de plus de 600 mm
  The tundish is too far from the safety valve.
    L'entonnoir est trop loin de la soupape de sûreté.
  Move the tundish closer.
    Rapprocher l'entonnoir.
  D1 not of metal
    D1 qui n'est pas en métal
  The first pipe could soften with scalding water in it.
    Le premier tuyau pourrait ramollir avec de l'eau bouillante dedans.
  Re-pipe D1 in copper.
    Refaire D1 en cuivre.
  D1 rises
    D1 qui monte
  Water stands against the safety valve.
    De l'eau reste contre la soupape de sûreté.
  Re-pipe D1 vertical or falling.
    Refaire D1 vertical ou en pente.
  No tundish
    Pas d'entonnoir
  Nobody could see that a safety valve is letting water go.
    Personne ne verrait qu'une soupape de sûreté laisse couler de l'eau.
  Isolate; fit a tundish before it runs again.
    Couper et cadenasser; poser un entonnoir avant de remettre en marche.
  Tundish out of sight
    Entonnoir hors de vue
  Nobody would see a safety valve letting water go.
    Personne ne verrait une soupape de sûreté laisser couler de l'eau.
  Move it where it is seen, or box with a window.
    Le mettre là où on le voit, ou une trappe avec fenêtre.
  Tundish above the valve
    Entonnoir au-dessus de la soupape
  Water cannot fall into it.
    L'eau ne peut pas y tomber.
  Move it below the valve.
    Le mettre sous la soupape.
  Tundish in another room
    Entonnoir dans une autre pièce
  Nobody at the cylinder sees it.
    Personne près du cylindre ne le voit.
  Bring it into the cylinder's space.
    L'amener dans l'espace du cylindre.
  Tundish wet or stained
    Entonnoir mouillé ou taché
  A safety valve has been letting water go at some time.
    Une soupape de sûreté a laissé couler de l'eau un jour.
  Find out which valve, cold or hot.
    Trouver laquelle, froide ou chaude.
  Less than 300 mm of vertical pipe below the tundish
    Moins de 300 mm de tuyau vertical sous l'entonnoir
  The tundish could spill when the valve opens.
    L'entonnoir pourrait déborder quand la soupape s'ouvre.
  Re-pipe with 300 mm straight down before any bend.
    Refaire avec 300 mm tout droit avant le premier coude.
  D2 level, rising or sagging
    D2 de niveau, montant ou qui fait ventre
  Water stands in the pipe.
    De l'eau reste dans le tuyau.
  Re-hang it to fall 1 in 200.
    Le reposer avec une pente de 1 sur 200.
  D2 of plastic without a mark or its maker's proof for this
    D2 de plastique sans marque ni preuve de son fabricant pour cela
  The pipe could soften with scalding water in it.
    Le tuyau pourrait ramollir avec de l'eau bouillante dedans.
  Have its maker's proof shown, or re-pipe in copper.
    Faire montrer la preuve du fabricant, ou refaire en cuivre.
  D2 no larger than the valve's outlet, or smaller than D1
    D2 pas plus gros que la sortie de la soupape, ou plus petit que D1
  The pipe is too narrow; the tundish would spill.
    Le tuyau est trop étroit; l'entonnoir déborderait.
  Re-pipe by its equivalent length.
    Refaire selon sa longueur équivalente.
  Nobody can find or see where D2 ends
    Personne ne trouve ni ne voit où finit D2
  Nobody would see the safety valves let water go, nor that the pipe is blocked.
    Personne ne verrait les soupapes couler, ni que le tuyau est bouché.
  Find its end, or run a new D2 to one that is seen.
    Trouver son bout, ou poser un nouveau D2 dont on voit le bout.
  D2 runs in the ground or built in, with its end in sight
    D2 passe dans le sol ou est encastré, son bout en vue
  Part of the pipe cannot be looked at; its end can.
    Une partie du tuyau ne se voit pas; son bout, oui.
  Test it with both valves open; keep a plan of where it runs.
    L'essayer avec les deux soupapes ouvertes; garder un plan de son chemin.
  D2 blocked or cut off by building work
    D2 bouché ou coupé par des travaux
  The safety valves cannot let water go.
    Les soupapes de sûreté ne peuvent pas laisser couler l'eau.
  Isolate every heat source until it is open.
    Couper et cadenasser toutes les sources de chaleur jusqu'à ce qu'il soit libre.
  D2 shared by more than six systems
    D2 partagé par plus de six systèmes
  Too many safety valves end in one pipe.
    Trop de soupapes de sûreté finissent dans un seul tuyau.
  Have it designed anew.
    Le faire concevoir de nouveau.
  Joins the stack through another branch, or a sanitary appliance drains into it
    Rejoint la colonne par une autre branche, ou un appareil sanitaire s'y vide
  Scalding water could come back into a basin or a bath.
    De l'eau bouillante pourrait remonter dans un lavabo ou un bain.
  Give it a branch of its own to the stack, with no appliance on it.
    Lui donner une branche à lui vers la colonne, sans appareil dessus.
  No mark on the stack that it carries scalding discharge
    Aucune marque sur la colonne disant qu'elle porte une décharge bouillante
  Nobody who works on the stack later would know what it may carry.
    Personne qui travaille plus tard à la colonne ne saurait ce qu'elle peut porter.
  Mark the stack where the pipe joins it.
    Marquer la colonne là où le tuyau la rejoint.
  Onto a roof that does not stand scalding water
    Sur un toit qui ne supporte pas l'eau bouillante
  Scalding water would damage the roof.
    De l'eau bouillante abîmerait le toit.
  Move the end, or lead it into a metal hopper and downpipe.
    Déplacer le bout, ou le mener dans une trémie et une descente de métal.
  Into a soil stack that is not heat-proof, or through a water trap
    Dans une colonne qui ne résiste pas à la chaleur, ou à travers un siphon
  Scalding water could damage the drains.
    De l'eau bouillante pourrait abîmer les drains.
  Refer: it wants a mechanical seal without a water trap, and a stack that stands the heat.
    À soumettre : il faut un joint mécanique sans siphon et une colonne qui supporte la chaleur.
  Ends more than 100 mm above ground
    Finit à plus de 100 mm du sol
  Scalding water would splash.
    L'eau bouillante éclabousserait.
  Extend it down.
    L'allonger vers le bas.
  No guard at a low-level end
    Pas de protection au bout bas
  Children could put a hand there.
    Des enfants pourraient y mettre la main.
  Fit a guard.
    Poser une protection.
  Onto a roof less than 3 m from plastic gutters
    Sur un toit à moins de 3 m de gouttières de plastique
  Scalding water would run into plastic gutters.
    L'eau bouillante coulerait dans des gouttières de plastique.
  Move the end, or change to metal.
    Déplacer le bout, ou passer au métal.
  Into a plastic hopper
    Dans une trémie de plastique
  The hopper could soften and let go.
    La trémie pourrait ramollir et lâcher.
  Fit a metal hopper and downpipe.
    Poser une trémie et une descente de métal.
  D1: metal, falls, at most 600 mm, no smaller than the valve's outlet
    D1 : métal, en pente, au plus 600 mm, pas plus petit que la sortie de la soupape
  Tundish: same space, upright, below the valve, in sight
    Entonnoir : même espace, droit, sous la soupape, en vue
  D2 leaves the tundish 300 mm straight down
    D2 quitte l'entonnoir 300 mm tout droit vers le bas
  D2 falls at least 1 in 200 all the way
    D2 en pente d'au moins 1 sur 200 partout
  D2: copper, or plastic that its maker proves for it and marks; one size above the valve's outlet
      or larger, no reduction
    D2 : cuivre, ou plastique que son fabricant éprouve et marque pour cela; une grosseur de plus
      que la sortie de la soupape ou davantage, sans réduction
  D2's end found and seen, hidden on its way or not; not blocked by later work
    Bout de D2 trouvé et vu, caché en chemin ou non; pas bouché par des travaux
  If it is shared: six systems at most, each with its tundish
    S'il est partagé : six systèmes au plus, chacun avec son entonnoir
  Into a soil stack only under its own conditions
    Dans une colonne seulement à ses propres conditions
  Low-level end: 100 mm at most, with a guard, or under a grating
    Bout bas : 100 mm au plus, avec protection, ou sous une grille
  High-level end: metal hopper, or a roof that stands the heat, 3 m from plastic gutters
    Bout haut : trémie de métal, ou toit qui supporte la chaleur, à 3 m de gouttières de plastique
TEXTS

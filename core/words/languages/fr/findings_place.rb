# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  A cover or guard is missing
    Un couvercle ou un protecteur manque
  Live parts can be touched.
    On peut toucher des pièces sous tension.
  Power off and locked; covers on before it runs.
    Courant coupé et cadenassé; couvercles remis avant de remettre en marche.
  Scorched wire or terminal
    Fil ou borne roussis
  A connection has been running hot.
    Une connexion a chauffé.
  Cable damaged or not held
    Câble abîmé ou pas retenu
  The cable could pull loose or fray.
    Le câble pourrait s'arracher ou s'user.
  Replace it, with its clamp.
    Le remplacer, avec son serre-câble.
  Cable not fit for the heat or the load
    Câble pas fait pour la chaleur ou la charge
  The cable is not made for this heat.
    Le câble n'est pas fait pour cette chaleur.
  Replace with heat-resisting cable of the right size.
    Le remplacer par un câble résistant à la chaleur, de la bonne grosseur.
  Blanket over controls, plate, relief valve or burner air
    Couverture sur les commandes, la plaque, la soupape ou l'air du brûleur
  The blanket hides or chokes what must be free.
    La couverture cache ou étouffe ce qui doit être libre.
  Cut it back today.
    La recouper aujourd'hui.
  Jacket wet or rusty from behind
    Enveloppe mouillée ou rouillée par derrière
  There is moisture behind the outer skin.
    Il y a de l'humidité derrière l'enveloppe.
  Find out whether a fitting or the tank leaks.
    Trouver si c'est un raccord ou le réservoir qui fuit.
  No room to work, or things stored against it
    Pas de place pour travailler, ou des choses rangées contre
  Nobody can get at the {heater} to make it safe.
    Personne ne peut atteindre le chauffe-eau pour le mettre en sûreté.
  Clear the space.
    Dégager l'espace.
  Paint, fuel or rags stored beside it
    Peinture, essence ou chiffons rangés à côté
  What is stored here can catch fire.
    Ce qui est rangé ici peut prendre feu.
  Move it away today.
    L'éloigner aujourd'hui.
  Stand rotten, loose or leaning
    Support pourri, lâche ou penché
  A full tank is very heavy, and its stand is weak.
    Un réservoir plein est très lourd, et son support est faible.
  Make a sound stand before it gives way.
    Faire un bon support avant qu'il cède.
  No valve on the hot outlet of a low {heater} in a tall building
    Pas de robinet sur la sortie chaude d'un chauffe-eau bas dans un immeuble haut
  Every service lets the water of the whole building run out.
    Chaque entretien fait couler l'eau de tout l'immeuble.
  Fit one when the pipes are next open.
    En poser un quand les tuyaux seront ouverts.
  Bond missing where it is asked for
    Liaison absente là où elle est demandée
  The pipes are not joined electrically as they should be.
    Les tuyaux ne sont pas reliés électriquement comme ils devraient l'être.
  Have it bonded.
    La faire poser.
TEXTS

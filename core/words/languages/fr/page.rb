# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Report
    Rapport
  Looks only: nothing was operated
    Visuel seulement : rien n'a été manœuvré
  Draft – not signed yet
    Brouillon – pas encore signé
  Danger
    Danger
  Defect
    Défaut
  Watch
    À surveiller
  Advice
    Conseil
  Sound
    En ordre
  Not tested
    Non vérifié
  What must be done
    Ce qui doit être fait
  by
    au plus tard le
  Done on the spot
    Fait sur place
  Told
    Avisé
  Rule
    Règle
  What was measured
    Ce qui a été mesuré
  As found
    À l'arrivée
  As left
    Au départ
  Measured
    Mesuré
  Verdict
    Constat
  This heater
    Ce chauffe-eau
  What was not tested, and why
    Ce qui n'a pas été vérifié, et pourquoi
  Found, and put right on this visit
    Trouvé et corrigé lors de cette visite
  Gas
    Gaz
  Should be
    Devrait être
  Nothing burning
    Rien d'allumé
  Pilot only
    Veilleuse seule
  Main burner on
    Brûleur allumé
  Manifold
    Rampe
  CO in the room
    CO dans la pièce
  CO in the flue, as read
    CO dans le conduit, tel que lu
  CO2 in the flue
    CO2 dans le conduit
  Drop under the burner
    Chute brûleur allumé
  plate {plate}
    plaque {plate}
  What was agreed
    Ce qui a été convenu
  The way there
    Le déplacement
  To be done, with {tax} % tax
    À faire, avec {tax} % de taxe
  To be done, with {tax} % tax, but for what has no price yet
    À faire, avec {tax} % de taxe, sauf ce qui n'a pas encore de prix
  the work alone, without parts
    le travail seul, sans pièces
  to be done
    à faire
  declined
    refusé
  later
    plus tard
  How it was left
    Comment il a été laissé
  Please note
    À retenir
  Next dates
    Prochaines dates
  Record of the visit
    Compte rendu de la visite
  What the pressures mean together
    Ce que les pressions disent ensemble
  Postponed to another day
    Remis à un autre jour
  Asked before the lever was lifted
    Demandé avant de lever le levier
  The customer agreed.
    Le client a accepté.
  Done out of order, and why
    Fait hors de l'ordre, et pourquoi
  What was done
    Ce qui a été fait
  House rules that applied
    Règles de l'entreprise appliquées
  In plain words
    En mots simples
  Signatures
    Signatures
  Done by
    Fait par
  Judged by
    Évalué selon
  The maker's instructions, the local authority and licensed people come first.
    Les instructions du fabricant, l'autorité locale et les personnes qualifiées passent en premier.
  IRC, clauses from memory; the edition adopted locally governs
    IRC, articles cités de mémoire; l'édition adoptée sur place prévaut
  UPC, clauses from memory; the edition adopted locally governs
    UPC, articles cités de mémoire; l'édition adoptée sur place prévaut
  NPC 2020 and CSA B149.1, clauses from memory; the province's adoption governs
    CNP 2020 et CSA B149.1, articles cités de mémoire; ce que la province adopte prévaut
  Approved Document G, 2015 edition with later amendments; clauses from memory
    Approved Document G, édition de 2015 avec modifications ultérieures; articles cités de mémoire
  Approved Document G for Wales, with its amendments; clauses from memory
    Approved Document G pour le pays de Galles, avec ses modifications; articles cités de mémoire
  Building Standards Technical Handbook, Domestic, section 4; clauses from memory
    Building Standards Technical Handbook, habitations, section 4; articles cités de mémoire
  Added after signing
    Ajouté après la signature
  typed
    tapée
  not signed
    non signé
  Taken on the account of
    Prise depuis le compte de
  Customer
    Client
  Plumber
    Plombier
  Inspector
    Inspecteur
  our default
    notre valeur de départ
  the firm
    l'entreprise
  this site
    ce lieu
  this visit
    cette visite
  electrical
    électricité
  unvented
    chauffe-eau sous pression (unvented)
  This safety valve was fitted in {year}.
    Cette soupape de sûreté a été posée en {year}.
  When this safety valve was fitted is not known.
    On ne sait pas quand cette soupape de sûreté a été posée.
  On our record nobody has lifted it.
    Selon nos dossiers, personne ne l'a levée.
  It was last lifted on {date}.
    Elle a été levée la dernière fois le {date}.
  An old valve may not close tight again after its test. A valve that does not was bad before: the
      test shows it.
    Une vieille soupape peut ne plus fermer de façon étanche après l'essai. Celle qui ne le fait pas
      était déjà mauvaise : l'essai le montre.
  A new one is at hand today.
    Une neuve est disponible aujourd'hui.
  A new one costs {price}, and the work.
    Une neuve coûte {price}, plus le travail.
  Not lifted, nobody knows whether it would open. The page will say so.
    Si on ne la lève pas, personne ne sait si elle s'ouvrirait. Le rapport le dira.
  Its heat is off.
    Son chauffage est coupé.
  Its burner is at pilot.
    Son brûleur est en veilleuse.
  The gas to the {heater} is shut.
    Le gaz du chauffe-eau est fermé.
  Its power is locked off.
    Son alimentation électrique est coupée et cadenassée.
  The water to the whole house is shut.
    L'eau de toute la maison est fermée.
  The cold water to the {heater} is shut.
    L'eau froide du chauffe-eau est fermée.
  The tank is empty.
    Le réservoir est vide.
  The tank is emptying.
    Le réservoir se vide.
  The tank is not full.
    Le réservoir n'est pas plein.
  A hot {tap} stands open.
    Un robinet d'eau chaude reste ouvert.
  You rang because
    Vous avez appelé parce que
  It smells of gas
    Ça sent le gaz
  A CO alarm sounds, or somebody feels ill
    Un avertisseur de CO sonne, ou quelqu'un se sent mal
  Steam or boiling water comes out
    Il sort de la vapeur ou de l'eau bouillante
  Water drips from the safety valve's pipe
    De l'eau goutte du tuyau de la soupape de sûreté
  The pilot flame goes out
    La flamme de la veilleuse s'éteint
  The pilot is lit, but the water stays cold
    La veilleuse est allumée, mais l'eau reste froide
  No hot water at all
    Pas d'eau chaude du tout
  A little hot water, then cold
    Un peu d'eau chaude, puis froide
  It takes far too long to get hot
    L'eau met beaucoup trop de temps à chauffer
  The hot water runs out too soon
    L'eau chaude manque trop vite
  The water is far too hot
    L'eau est beaucoup trop chaude
  No hot water, though the boiler is there
    Pas d'eau chaude, alors que la chaudière est là
  The hot water only trickles; the cold is fine
    L'eau chaude ne coule qu'en filet; la froide va bien
  Hot and cold both only trickle
    L'eau chaude et la froide ne coulent qu'en filet
  It makes noises
    Il fait du bruit
  The water smells of rotten eggs
    L'eau sent les œufs pourris
  The water is brown
    L'eau est brune
  There is water under it
    Il y a de l'eau dessous
  The breaker keeps tripping
    Le disjoncteur se déclenche sans cesse
  Water drips or runs from the pipe at its side
    De l'eau goutte ou coule du tuyau sur le côté
  Put a pail under it and ring us today. Never plug, cap or shorten that pipe: it keeps the tank
      from bursting. If it runs hot or steams: press “Gas or CO” above and read “Steam or boiling
      water”.
    Mettez un seau dessous et appelez-nous aujourd'hui. Ne bouchez, ne coiffez et ne raccourcissez
      jamais ce tuyau : il empêche le réservoir d'éclater. S'il coule chaud ou fait de la vapeur :
      appuyez sur « Gaz ou CO » ci-dessus et lisez « Vapeur ou eau bouillante ».
  The water scalds
    L'eau brûle
  Run the cold first, keep children and old people away from hot {taps}, set the dial lower if you
      know how, and ring us today.
    Ouvrez d'abord l'eau froide, gardez les enfants et les personnes âgées loin des robinets d'eau
      chaude, baissez le réglage si vous savez comment et appelez-nous aujourd'hui.
  Water stands under it
    Il y a de l'eau dessous
  Switch off what heats it (its power, its gas control or the boiler); then shut the cold valve
      above it, and ring us.
    Éteignez ce qui le chauffe (son alimentation, sa commande de gaz ou la chaudière); fermez
      ensuite le robinet d'eau froide au-dessus et appelez-nous.
  It was left out of use: do not switch it on, and let nobody else. Ring us.
    Il a été laissé hors service : ne l'allumez pas et ne laissez personne l'allumer. Appelez-nous.
  There is no hot water
    Il n'y a pas d'eau chaude
  Relight nothing and reset nothing more than once. Ring us, and say what its lights or its display
      show.
    Ne rallumez rien et ne réarmez rien plus d'une fois. Appelez-nous et dites ce que montrent ses
      voyants ou son afficheur.
  Permit, notice, certificate
    Permis, avis, certificat
  Permit
    Permis
  Hazard tag and notice
    Étiquette de danger et avis
  Inspection by the authority
    Inspection par l'autorité
  Notice to building control
    Avis au service des bâtiments
  Completion certificate
    Certificat d'achèvement
  Building warrant, or a certifier's notice
    Autorisation de bâtir, ou avis d'un certificateur
  to follow
    à suivre
  not needed
    pas nécessaire
  Your {heater}: report of {day}
    Votre chauffe-eau : rapport du {day}
  The whole report, to read or to print, until {day}:
    Le rapport complet, à lire ou à imprimer, jusqu'au {day} :
  ~ as is usual; nobody has read it here.
    ~ l'habituel; personne ne l'a lu ici.
  Serviced {day}
    Entretien du {day}
  Done: {work}
    Fait : {work}
  Next service
    Prochain entretien
  as agreed
    comme convenu
  What to do, and the record: scan.
    Quoi faire, et le dossier : numériser.
TEXTS

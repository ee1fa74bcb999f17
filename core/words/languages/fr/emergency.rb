# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Gas smell
    Odeur de gaz
  No flame. No switch, on or off. No phone and no doorbell inside.
    Aucune flamme. Aucun interrupteur ni disjoncteur, ni pour allumer ni pour éteindre. Pas de
      téléphone ni de sonnette à l'intérieur.
  Open windows, or shut the gas at the meter, only if it is on your way out and safe.
    Ouvrez les fenêtres, ou fermez le gaz au compteur, seulement si c'est sur le chemin de la sortie
      et sans danger.
  Everybody out, at once.
    Tout le monde dehors, tout de suite.
  Call the gas emergency number from outside, well away from the house.
    Appelez l'urgence gaz de dehors, bien loin de la maison.
  Do not go back in until they say so.
    N'y retournez pas avant qu'on vous le dise.
  CO alarm, or headache and sickness
    Avertisseur de CO, ou maux de tête et nausées
  Appliance off only if that is quick.
    Éteignez l'appareil seulement si c'est rapide.
  Everybody out into fresh air, at once.
    Tout le monde dehors à l'air frais, tout de suite.
  Anyone feels ill: medical help now, and say “carbon monoxide”.
    Si quelqu'un se sent mal : de l'aide médicale tout de suite, et dites « monoxyde de carbone ».
  Call the emergency number from outside.
    Appelez les urgences de dehors.
  Nobody goes back in, and nothing is relit, until it has been measured safe.
    Personne n'y retourne et rien n'est rallumé avant que des mesures aient montré que c'est sans
      danger.
  Steam or boiling water
    Vapeur ou eau bouillante
  Open no hot tap, and touch neither the safety valve nor its pipe: it scalds.
    N'ouvrez aucun robinet d'eau chaude et ne touchez ni à la soupape de sûreté ni à son tuyau : ça
      brûle.
  Heater off at its gas control, switch or breaker, only where nothing steams or sprays.
    Éteignez le chauffe-eau à sa commande de gaz, à son interrupteur ou à son disjoncteur, seulement
      là où rien ne fume ni n'éclabousse.
  Leave the cold water to the heater open.
    Laissez l'eau froide du chauffe-eau ouverte.
  Everybody keeps well away from the heater and from the end of that pipe.
    Tout le monde reste bien loin du chauffe-eau et du bout de ce tuyau.
  If it goes on, or the heater bangs or rumbles: everybody out, and call the emergency number.
    Si ça continue, ou si le chauffe-eau cogne ou gronde : tout le monde dehors, et appelez les
      urgences.
  Nobody turns it on again before somebody qualified has found why.
    Personne ne le rallume avant qu'une personne qualifiée ait trouvé pourquoi.
  Gas: the utility's emergency number, or 911. CO, or anybody ill: 911.
    Gaz : le numéro d'urgence du distributeur, ou le 911. CO, ou quelqu'un de malade : 911.
  Propane: the supplier's emergency number, or 911. CO, or anybody ill: 911.
    Propane : le numéro d'urgence du fournisseur, ou le 911. CO, ou quelqu'un de malade : 911.
  Mains gas and CO from it: 0800 111 999, day and night. Anybody ill: 999.
    Gaz de ville et CO qui en vient : 0800 111 999, jour et nuit. Quelqu'un de malade : 999.
  LPG: the supplier's emergency number, on the tank, the cylinder or the bill. Anybody ill: 999.
    GPL : le numéro d'urgence du fournisseur, sur le réservoir, la bouteille ou la facture.
      Quelqu'un de malade : 999.
TEXTS

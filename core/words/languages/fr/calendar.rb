# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Left off, made safe
    Laissé éteint, en état sûr
  Left in use against advice
    Laissé en service malgré l'avis
  Evacuated, handed to the emergency service
    Évacué, remis au service d'urgence
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
  {job}: put off. {reason}
    {job} : remis. {reason}
  {paper}: to follow
    {paper} : à suivre
TEXTS

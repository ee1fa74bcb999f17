// What a customer reads in French who has no account: the tag's page, and what is asked before a
// visit.
export default {
  tag: {
    by: 'Aux soins de',
    since: 'depuis le {on}',
    serviced: 'Dernière visite : {on}.',
    next: 'Prochain entretien : {on}',
    nextUnknown: 'Prochain entretien : comme convenu',
    ring: 'Appeler le {phone}',
    gone: 'Cet appareil a été remplacé ou retiré.',
    staff: 'Pour le personnel de {firm} : le dossier complet',
  },
  before: {
    title: 'Avant notre visite du {day}',
    lead: 'Ce que vous voyez maintenant nous aide à apporter les bonnes pièces. Dites ce que vous voulez; vous pouvez le changer jusqu’à notre arrivée.',
    wrong: 'Qu’est-ce qui ne va pas?',
    now: 'À faire tout de suite',
    nothing: 'Rien, ou rien de cela',
    words: 'Dans vos mots : quand est-ce que ça goutte, depuis quand, qu’a-t-on entendu?',
    warm: 'À quelle température l’eau chaude sort-elle d’un robinet? (au thermomètre, après deux minutes)',
    careful:
      'Laissez couler l’eau sur le thermomètre, pas sur votre main. N’ouvrez pour cela aucune soupape, n’enlevez aucun couvercle et ne réarmez rien.',
    send: 'Envoyer',
    thanks: 'Merci. La personne qui viendra le verra.',
    pictures: 'Photos',
    slot: {
      plate: 'La plaque de l’appareil',
      drip: 'Là où ça goutte, le seau',
      place: 'L’endroit où il est',
    },
    there: 'aucune encore | une envoyée | {n} envoyées',
    theirs: 'Seule {firm} le voit. Si quelque chose vous fait peur, n’écrivez pas : appelez.',
  },
}

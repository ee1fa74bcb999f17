# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Your visit on {day}
    Votre visite du {day}
  We come on {day}, {time}, for: {jobs}.
    Nous venons le {day}, {time}, pour : {jobs}.
  Your visit is moved to {day}
    Votre visite est déplacée au {day}
  Your visit is moved: we come on {day}, {time}, for: {jobs}.
    Votre visite est déplacée : nous venons le {day}, {time}, pour : {jobs}.
  Your visit on {day} is cancelled
    Votre visite du {day} est annulée
  The visit of {day} ({jobs}) is cancelled. Call us for another time.
    La visite du {day} ({jobs}) est annulée. Appelez-nous pour convenir d'une autre date.
  between {from} and {to}
    entre {from} et {to}
  about {at}
    vers {at}
  At: {address}
    Au : {address}
  If this does not suit you, answer this mail or call us.
    Si cela ne vous convient pas, répondez à ce courriel ou appelez-nous.
  If you like, say beforehand what you see, with a picture of its plate: {link}
    Si vous le voulez, dites d'avance ce que vous voyez, avec une photo de la plaque : {link}
TEXTS

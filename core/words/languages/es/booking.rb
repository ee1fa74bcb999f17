# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Your visit on {day}
    Su visita del {day}
  We come on {day}, {time}, for: {jobs}.
    Iremos el {day}, {time}, para: {jobs}.
  Your visit is moved to {day}
    Su visita pasa al {day}
  Your visit is moved: we come on {day}, {time}, for: {jobs}.
    Su visita ha cambiado de fecha: iremos el {day}, {time}, para: {jobs}.
  Your visit on {day} is cancelled
    Su visita del {day} queda anulada
  The visit of {day} ({jobs}) is cancelled. Call us for another time.
    La visita del {day} ({jobs}) queda anulada. Llámenos para acordar otra fecha.
  between {from} and {to}
    entre las {from} y las {to}
  about {at}
    hacia las {at}
  At: {address}
    En: {address}
  If this does not suit you, answer this mail or call us.
    Si no le viene bien, responda a este correo o llámenos.
  If you like, say beforehand what you see, with a picture of its plate: {link}
    Si quiere, díganos antes lo que ve, con una foto de la placa del aparato: {link}
TEXTS

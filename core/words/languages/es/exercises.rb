# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  A cold morning
    Una mañana fría
  “No hot water since last night. The little flame is gone.”
    “No hay agua caliente desde anoche. La llamita se apagó.”
  The puddle by the heater
    El charco junto al calentador
  “There is a puddle under that pipe every morning after we have showered.”
    “Cada mañana, después de las duchas, hay un charco bajo ese tubo.”
  Back from a journey
    De vuelta de un viaje
  “It is warm, but one bath and it is gone. My brother-in-law kept the house while we were away.”
    “Sale tibia, pero con una tina se acaba. Mi cuñado cuidó la casa mientras no estábamos.”
  Half a tank
    Medio tanque
  “Enough for one, never for two.”
    “Alcanza para uno, nunca para dos.”
  Radiators hot, tap cold
    Radiadores calientes, llave fría
  “The heating is fine. Only the water stays cold.”
    “La calefacción va bien. Solo el agua sigue fría.”
  The red button
    El botón rojo
  “Stone cold since Sunday. The breaker is in.”
    “Helada desde el domingo. El breaker está puesto.”
  It will not stay in
    No se queda puesto
  “The breaker goes again as soon as I push it in.”
    “El breaker se dispara otra vez en cuanto lo subo.”
  Only at night
    Solo de noche
  “It drips at night. In the day I have never seen it.”
    “Gotea de noche. De día nunca lo he visto.”
  The dusty laundry
    La lavandería con polvo
  “It takes all day to get hot, ever since we dry the washing in there.”
    “Tarda todo el día en calentar, desde que secamos la ropa ahí.”
  A tundish that runs
    Un embudo que corre
  “That little funnel in the cupboard runs whenever it heats.”
    “Ese embudito del armario corre siempre que calienta.”
  Four seconds and out
    Cuatro segundos y se apaga
  “I can light it, but it goes out when I let the button go. I have put a new thermocouple in
      already.”
    “Prende, pero se apaga cuando suelto el botón. Ya le puse un termopar nuevo.”
  It takes for ever
    Tarda una eternidad
  “The boiler runs and runs, and the water is never really hot.”
    “La caldera trabaja y trabaja, y el agua nunca está bien caliente.”
  Tea from the tap
    Té de la llave
  “It scalds. I turned it right down, and it makes no difference.”
    “Quema. Lo bajé del todo, y da lo mismo.”
  The neighbour's shower
    La ducha del vecino
  “When next door showers, we have nothing, hot or cold.”
    “Cuando el vecino se ducha no tenemos nada, ni caliente ni fría.”
  Two things at once
    Dos cosas a la vez
  “The pipe outside runs all day, and the water is hotter than it was.”
    “El tubo de afuera corre todo el día, y el agua sale más caliente que antes.”
TEXTS

# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  Somebody else is writing just now: send it again in a moment.
    Otra persona está escribiendo en este momento: envíelo otra vez en un instante.
  tax must be a percentage such as 8.25, or 0.
    tax debe ser un porcentaje como 8.25, o 0.
  {rule} ({level})
    {rule} ({level})
  {what} ({standing})
    {what} ({standing})
TEXTS

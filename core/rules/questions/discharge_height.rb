# frozen_string_literal: true

Munimen::Rules::Question.define :discharge_height do
  ask "How high above ground may the discharge pipe end outdoors?"
  about :discharge
  option :code,
         "as the rulebook says",
         "The published limit, clear of the ground by two pipe diameters."
  option :three_to_six,
         "3 to 6 in (75–150 mm)",
         "A local practice: low enough to hurt nobody, high enough to stay clear of soil and snow.",
         limits: {
           outlet_height: {
             at_most: inches(6),
             remedy: "Let it end 3 to 6 in (75–150 mm) above ground."
           },
           outlet_clear: {
             at_least: millimetres(75),
             remedy: "Let it end 3 to 6 in (75–150 mm) above ground."
           }
         }
  default_option :code
end

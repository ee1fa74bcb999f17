# frozen_string_literal: true

Munimen::Rules::Question.define :drip_washing do
  ask "A dripping valve stays dry after washing. Cured?"
  about :relief_valve
  option :cure,
         "a cure when it stays dry",
         "Grit on the seat is washed away, and the seat is as good as before."
  option :postponement,
         "only a postponement: replaced at the first drip",
         "A seat that held grit once will drip again, when nobody looks."
  default_option :cure
end

# frozen_string_literal: true

Munimen::Rules::Question.define :discharge_height do
  ask "How high above ground may the discharge pipe end outdoors?"
  option :code, "as the rulebook says: at most 6 in", "The published limit, with an air gap of two pipe diameters."
  option :three_to_six, "3 to 6 in", "A local practice: low enough to hurt nobody, high enough to stay clear of soil and snow."
  ours :code
end

# frozen_string_literal: true

# How a heater burns and where its gases go, by what was seen there: common practice.

clue = Munimen::Facts::Clue.method(:define)

clue.call :hood do
  seen :draft_hood, { sound: :open, loose: :open, not_applicable: :sealed }
end

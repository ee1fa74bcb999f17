# frozen_string_literal: true

Munimen::Work::Operation.define :close_covers do
  part :disconnect
  place :side
  trade :electrical
  title "Insulation, guards and covers back"
  how "Insulation tucked in, guard on, cover screwed: as you found it or better."
  because "Nobody may reach a live part when the power comes back."
  applies_to { |heater| heater.feeds.any? }
  needs covers: :off, leads: :landed
  makes covers: :on
  hands_on 90
end

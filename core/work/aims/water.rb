# frozen_string_literal: true

# A vessel's charge, the static pressure behind a regulator, the temperature behind a mixing valve.
quantity = Munimen::Measure::Quantity

Munimen::Work::Aim.define :charge_set do
  target(&:charge_target)
  band do |visit|
    target = visit.charge_target
    within = visit.rules.limit(:charge_tolerance).at_most.si
    target ? [-within, within].map { |off| quantity.new(:pressure, target.si + off) } : [nil, nil]
  end
  up "pump"
  down "press the pin of its air valve"
  coarse "some strokes at a time"
  fine "a touch"
  settle "Read again with the gauge off and on."
end

Munimen::Work::Aim.define :static_pressure do
  on { |visit| visit.done?(:lower_supply) || visit.jobs.include?(:set_regulator) }
  band do |visit|
    low, high = %i[static_pressure_low static_pressure].map { |id| visit.rules.limit(id) }
    [low&.at_least, high&.at_most]
  end
  up "turn the {regulator}'s screw in, clockwise"
  down "turn the {regulator}'s screw out, anticlockwise"
  coarse "a half turn"
  fine "a quarter turn"
  settle "Run a {tap} for a moment and shut it before it is read again: it does not fall by " \
         "itself."
end

Munimen::Work::Aim.define :tap_temperature do
  on { |visit| visit.heater.mixing_valve == :yes }
  band do |visit|
    %i[tap_temperature_low tap_temperature].zip(%i[at_least at_most]).map do |limit, bound|
      visit.rules.limit(limit)&.public_send(bound)
    end
  end
  up "turn the mixing valve to hotter"
  down "turn the mixing valve to colder"
  coarse "a mark of its scale"
  fine "a hair"
  settle "Run the {tap} until it stays, a minute, before it is read again."
end

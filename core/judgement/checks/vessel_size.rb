# frozen_string_literal: true

# A vessel that is too small for its tank however it is charged: judged by what is installed, before
# the peak is measured.
Munimen::Judgement::Check.define :vessel_size, part: :vessel do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    size = visit.vessel_size
    next unless size&.too_small?
    # a supply above its own limit is put right first: no vessel makes up for it
    next if size.supply_known? &&
            visit.rules.limit(:static_pressure).violated_by(quantity(size.supply, :pressure))

    limit = visit.rules.limit(:hot_peak)
    pressure = ->(pascal) { say(quantity(pascal, :pressure)) }
    reached = [size.reached, visit.heater.first_relief_pressure.si].min
    even = size.supply_known? ? "Charged to the supply's" : "Even at a supply of only"
    wanted = say(quantity(size.next_size || size.minimum, :volume))
    finding(
      :defect,
      msg("The {vessel} of {vessel_volume} is too small for this tank. {even} {supply}, heating " \
          "it from cold brings it to {reached}.",
          vessel_volume: say(visit.heater.vessel_volume), even:, supply: pressure[size.supply],
          reached: pressure[reached]),
      limit:,
      remedy: msg("Fit an {vessel} of {wanted} or more, charged to the supply pressure.", wanted:),
      explain: "The small tank that cushions the pressure is too small for this {heater}."
    )
  end
end

# frozen_string_literal: true

# A vessel that is too small for its tank however it is charged: judged by what is installed, before
# the peak is measured. One that only a whole tank heated from cold brings too high is to be
# watched: the measured peak decides.
Munimen::Judgement::Check.define :vessel_size, part: :vessel do
  judge do |visit|
    size = Munimen::Visit::VesselVolume.of(visit)
    next if size.nil? || size.enough?

    limit = visit.rules.limit(:hot_peak)
    pressure = ->(pascal) { say(quantity(pascal, :pressure)) }
    reached = [size.reached, visit.heater.first_relief_pressure.si].min
    even = size.supply_known? ? "Charged to the supply's" : "Even at a supply of only"
    wanted = say(quantity(size.next_size || size.minimum, :volume))
    finding(
      size.lifts? ? :defect : :watch,
      "The {vessel} of #{say(visit.heater.vessel_volume)} is too small for this tank. #{even} " \
      "#{pressure[size.supply]}, heating it from cold brings it to #{pressure[reached]}.",
      limit:,
      due_in: size.lifts? ? limit.due_in : 365,
      remedy: "Fit an {vessel} of #{wanted} or more, charged to the supply pressure.",
      explain: "The small tank that cushions the pressure is too small for this {heater}."
    )
  end
end

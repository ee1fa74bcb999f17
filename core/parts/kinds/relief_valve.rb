# frozen_string_literal: true

# As `relief_valve_match`: rating, set pressure, temperature, thread, reach. ANSI Z21.22, from
# memory; common practice.
Munimen::Parts::Kind.define :relief_valve do
  title "{relief_valve}"
  fitted_by :replace_relief_valve
  column :set_pressure, :pressure
  column :set_temperature, :temperature
  column :rating, :power
  column :thread, :text
  column :probe_length, :length

  must(:rating, "at least the heater's input", grade: :danger) do |offered, wanted|
    offered.si >= wanted.si
  end
  must(:set_pressure, "no higher than the tank is rated for", grade: :danger) do |offered, wanted|
    offered.si <= wanted.si + 1.0
  end
  must(:set_temperature, "the same") { |offered, wanted| (offered.si - wanted.si).abs < 0.6 }
  must(:thread, "the same") do |offered, wanted|
    [offered, wanted].map { |text| text.downcase.gsub(/\b(npt|bsp|in|inch)\b|["″\s]/, "") }
      .uniq
      .size == 1
  end
  must(:probe_length, "as long, to sit in the top 6 in of the tank") do |offered, wanted|
    offered.si >= wanted.si - Munimen::Calculations::ReliefMatch::REACH
  end

  wants do |visit|
    heater = visit.heater
    {
      rating: heater.heat_input,
      set_pressure: heater.design_pressure || heater.relief_set_pressure,
      set_temperature: heater.relief_temperature,
      thread: heater.relief_thread,
      probe_length: heater.relief_probe
    }
  end
end

# frozen_string_literal: true

# Pressures over the years. How far a reading may be out: common practice with a dial gauge.
line = ->(id, &block) { Munimen::Trends::Line.define(id, &block) }

line.call :charge do
  title "{Vessel}'s charge"
  part :vessel
  kind :pressure
  error 2, "psi"
  value do |visit|
    visit.pressure_at_vessel(read = visit.reading(:vessel_charge)) == :zero ? read.quantity : nil
  end
  left { |visit| visit.quantity(:charge_set) }
  # The supply of the day, give or take what is allowed.
  limit do |visit|
    target = visit.charge_target or next
    tolerance = visit.rules.limit(:charge_tolerance).at_most.si
    Munimen::Rules::Limit.new(
      id: :charge_tolerance,
      at_least: Munimen::Measure::Quantity.new(:pressure, target.si - tolerance),
      at_most: Munimen::Measure::Quantity.new(:pressure, target.si + tolerance)
    )
  end
  restarts :set_vessel_charge, :replace_vessel
end

line.call :static_pressure do
  title "Static pressure"
  part :house_main
  kind :pressure
  error 2, "psi"
  value { |visit| visit.quantity(:static_pressure) }
  limit { |visit| visit.rules.limit(:static_pressure) }
  restarts :replace_inlet_group
end

line.call :hot_peak do
  title "Hot peak as found"
  part :house_main
  kind :pressure
  error 3, "psi"
  value { |visit| visit.quantity(:hot_peak_found) }
  limit { |visit| visit.rules.limit(:hot_peak) }
  restarts :set_vessel_charge, :replace_vessel, :renew_bubble, :replace_relief_valve
end

# frozen_string_literal: true

# Elements, their controls and supply.
cause = lambda do |id, symptoms, &block|
  Munimen::Faults::Cause.define(id) { of(*symptoms) && instance_eval(&block) }
end
none = %i[no_hot_electric]
little = %i[little_hot_electric]
trips = %i[trips]

cause.call :supply_dead, none do
  title "No supply"
  prior :common
  shows breaker: :off, supply: :none, upper_volts: :none
  may :lower_volts
  settled_by :breaker, :supply
  after "Find out why it was off before it is switched on."
end
cause.call :leg_lost, none do
  title "One leg of the supply is lost"
  on(&:electric?)
  shows supply: :one_leg, upper_volts: :none
  settled_by :supply
  after "Full voltage leg by leg; terminals at {breaker} and {heater}."
end
cause.call :high_limit_tripped, none do
  title "The {high_limit} has tripped"
  prior :common
  because "It is never only reset: find out why it was too hot."
  shows high_limit: :popped, upper_volts: :none
  may :lower_volts
  settled_by :high_limit
  after "Thermostats, and an {element} to earth: one of them made it too hot."
end
cause.call :upper_thermostat, none do
  title "The upper thermostat has failed"
  on(&:elements_alone?)
  shows upper_volts: :none
  may :lower_volts
  settled_by :supply, :high_limit, :upper_volts
  after "It passes on to the lower; {tap} temperature."
end
cause.call :upper_element_open, none do
  title "The upper {element} is open"
  on(&:elements_alone?)
  prior :common
  shows upper_ohms: :open
  settled_by :upper_ohms
  job :replace_elements
  after "Ohms and insulation of the new one; full and air-free before power."
end
%i[upper lower].each do |which|
  cause.call :"#{which}_element_earthed", none + trips do
    title msg("The {which} {element} has gone to earth", which:)
    on { |heater| heater.elements? && heater.public_send(:"element_#{which}") }
    shows breaker: :trips_again,
          "#{which}_earth": :earthed,
          trips_when: %i[at_once under_load],
          supply: %i[none live],
          upper_volts: %i[none full]
    may :lower_volts
    settled_by :"#{which}_earth"
    job :replace_elements
    after "Insulation test of both; full and air-free before power."
  end
end
cause.call :time_switch_off, none + little do
  title "Time switch or tariff keeps it off"
  on(&:unvented?)
  shows time_switch: :off, supply: :none, upper_volts: :none, lower_volts: :none
  may :draw_shape
  settled_by :time_switch
  after "Hot at the next period."
end

cause.call :lower_element_open, little + %i[runs_out] do
  title "The lower {element} is open"
  prior :common
  on(&:two_elements?)
  shows lower_ohms: :open, draw_shape: :short, drain_sample: %i[clear heavy]
  settled_by :lower_ohms
  job :replace_elements
  after "Ohms and insulation; sediment that buried it."
end
cause.call :lower_thermostat, little + %i[runs_out] do
  title "The lower thermostat has failed"
  on(&:two_elements?)
  shows lower_volts: :none, draw_shape: :short
  settled_by :lower_volts, :lower_ohms, :passes_down
  after "Both thermostats hand over."
end
cause.call :upper_does_not_pass, little do
  title "The upper thermostat does not pass on to the lower"
  shows lower_volts: :none, passes_down: :no, draw_shape: :short
  settled_by :passes_down
  after "Both thermostats hand over."
end
cause.call :scale_buries_lower, little do
  title "Scale or sediment buries the lower {element}"
  shows drain_sample: :heavy, draw_shape: %i[short sharp]
  settled_by :drain_sample, :lower_ohms, :lower_volts
  job :flush
  after "Ohms the same before and after; sediment noted."
end

cause.call :residual_leakage, trips do
  title "Leakage to earth, below a fault: the residual-current device is right"
  prior :rare
  shows trips_when: :leakage_only
  settled_by :trips_when, :lower_earth, :covers_wet
  after "Insulation of each part, added up."
end
cause.call :loose_terminal, trips do
  title "A loose terminal heats the {breaker}"
  prior :common
  shows trips_when: :under_load, terminals: :burnt
  settled_by :terminals
  after "Tight; the {breaker} replaced if it has been hot."
end
cause.call :wiring_shorted, trips do
  title "The wiring is shorted or to earth"
  shows trips_when: :at_once, breaker: :trips_again, wiring: :shorted
  settled_by :wiring
  after "Insulation of the new wiring."
end
cause.call :wet_cover, trips do
  title "It is wet under a cover"
  because "The water has a source: find the leak."
  shows covers_wet: :wet, trips_when: %i[at_once leakage_only]
  settled_by :covers_wet
  after "Dry; the leak found; insulation again."
end
cause.call :breaker_undersized, trips do
  title "The {breaker} is too small"
  shows trips_when: :under_load, breaker_size: :small
  settled_by :breaker_size, :terminals
  after "Circuit at 125 % of the load."
end

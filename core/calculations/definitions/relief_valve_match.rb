# frozen_string_literal: true

# Does the new relief valve match heater and tank? `rating` is the temperature (steam) rating.
Munimen::Calculations::Calculation.define :relief_valve_match do
  title "Does this relief valve match?"
  input :heater_input, :power
  input :working_pressure, :pressure, optional: true, note: "rated, of the tank"
  %w[old new].each do |which|
    input :"#{which}_set_pressure", :pressure, optional: true
    input :"#{which}_set_temperature", :temperature, optional: true
    input :"#{which}_rating", :power, optional: true, note: "temperature (steam) rating"
    input :"#{which}_thread", :text, optional: true, note: "such as 3/4"
    input :"#{which}_probe_length", :length, optional: true
    input :"#{which}_shank_length", :length, optional: true
  end
  output :verdict, :word
  output :criteria, :list, note: "[{criterion, state, text}]"
  source(*Munimen::Calculations::ReliefMatch::SOURCES)

  compute { |i, units| Munimen::Calculations::ReliefMatch.new(i, units).outputs }
end

# frozen_string_literal: true

# Neither the generator nor the energy cut-off is condemned before both have been measured.
Munimen::Calculations::Calculation.define :pilot_generator do
  title "Thermocouple or thermopile: what to measure, what to suspect"
  choice :kind, %w[thermocouple thermopile]
  input :open_circuit, :generator_voltage, optional: true, note: "in a lit pilot, lead off"
  input :loaded, :generator_voltage, optional: true, note: "lead on, holding the control"
  input :loaded_minimum,
        :generator_voltage,
        optional: true,
        note: "from the control's maker; else not judged"
  choice :eco_continuity,
         %w[yes no untested],
         default: "untested",
         note: "energy cut-off, from the centre contact to the body"
  output :verdict, :word
  output :next_test, :word
  source(*Munimen::Calculations::PilotGenerator::SOURCES)

  compute { |i, units| Munimen::Calculations::PilotGenerator.new(i, units).outputs }
end

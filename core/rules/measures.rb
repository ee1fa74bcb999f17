# frozen_string_literal: true

module Munimen
  module Rules
    # Short ways to write quantities and sources where rules are declared.
    module Measures
      private

      def psi(number) = Measure::Quantity.of(number, "psi", :pressure)
      def bar(number) = Measure::Quantity.of(number, "bar", :pressure)
      def fahrenheit(number) = Measure::Quantity.of(number, "degF", :temperature)
      def celsius(number) = Measure::Quantity.of(number, "degC", :temperature)
      def inches(number) = Measure::Quantity.of(number, "in", :length)
      def millimetres(number) = Measure::Quantity.of(number, "mm", :length)
      def inches_water(number) = Measure::Quantity.of(number, "inH2O", :gas_pressure)
      def millibar(number) = Measure::Quantity.of(number, "mbar", :gas_pressure)
      def seconds(number) = Measure::Quantity.new(:time, number)
      def litres_a_minute(number) = Measure::Quantity.of(number, "L/min", :flow)

      def published(name, clause, **options)
        Source.published(name, clause, clause: :from_memory, **options)
      end

      def common_practice(note = nil) = Source.common_practice(note)
      def from_memory(name, clause = nil) = Source.from_memory(name, clause)
    end
  end
end

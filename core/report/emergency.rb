# frozen_string_literal: true

module Munimen
  module Report
    # Whom a household calls when gas or its fumes are about: mains gas and bottled gas have numbers
    # of their own, and each country has.
    module Emergency
      OF = { natural_gas: :gas_emergency, lp: :lpg_emergency, butane: :lpg_emergency }.freeze

      # A term of the vocabularies, in braces; nil where nothing burns for this heater.
      def self.of(heater)
        "{#{OF.fetch(heater.fuel, :any_gas_emergency)}}" if heater.gas? || heater.coil?
      end
    end
  end
end

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

      # What a household does at once, as templates: {title:, steps:, numbers:}. name: a key of
      # core/words/emergency.json that Faults::Complaint gives as advice.
      def self.advice(name, heater, units)
        page = pages.fetch(name)
        known = pages["numbers"].fetch(units.to_s)
        kind = pages["by_fuel"][heater.fuel.to_s]
        { title: page["title"], steps: page["steps"],
          numbers: kind ? [known.fetch(kind)] : known.values }
      end

      # Every text of it.
      def self.texts
        told = pages.except("numbers", "by_fuel").values
        told.flat_map { |page| [page["title"], *page["steps"]] } +
          pages["numbers"].values.flat_map(&:values)
      end

      def self.pages
        @pages ||= JSON.parse(File.read(File.join(__dir__, "../words/emergency.json")))
      end
      private_class_method :pages
    end
  end
end

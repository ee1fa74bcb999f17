# frozen_string_literal: true

module Munimen
  # The two vocabularies. Text in core/ names a thing that the trades call differently as {term};
  # `say` puts in the word of the vocabulary.
  #
  #   Words[:us].say("Open a hot {tap}.")      # => "Open a hot faucet."
  #   Words[:us].part(:vessel)                 # => "Expansion tank"
  class Words
    US = {
      tap: "faucet", taps: "faucets", heater: "water heater", relief_valve: "T&P valve", vessel: "expansion tank",
      regulator: "pressure regulator", supply_valve: "cold shut-off", earth: "ground", mains: "street main",
      high_limit: "high limit", tire_gauge: "tire gauge"
    }.freeze

    US_PARTS = {
      house_main: "Water entry", regulator: "Pressure regulator", backflow: "Backflow preventer", flue: "Flue",
      draft_hood: "Draft hood", cold_shut_off: "Cold shut-off", vessel: "Expansion tank", hot_outlet: "Hot outlet",
      mixing_valve: "Mixing valve", recirculation_pump: "Recirculation pump", anode: "Anode", dip_tube: "Dip tube",
      relief_valve: "T&P valve", discharge_pipe: "Discharge pipe", upper_element: "Upper element",
      lower_element: "Lower element", high_limit: "High limit", thermostat: "Thermostat", disconnect: "Disconnect",
      tank: "Tank", data_plate: "Data plate", gas_control: "Gas control", gas_cock: "Gas shut-off", burner: "Burner",
      drain_valve: "Drain valve", pan: "Drain pan", tap: "Hot faucet", discharge_end: "Discharge end",
      site: "The site", heater: "Water heater"
    }.freeze

    @all = {}
    class << self
      def [](id) = @all.fetch(id.to_sym)
      def define(id, terms, parts) = @all[id] = new(terms, parts)
    end

    def initialize(terms, parts)
      @terms = terms
      @parts = parts
    end

    # Text with its {terms} in this vocabulary's words; KeyError for a term it has not.
    def say(text) = text&.gsub(/\{(\w+)\}/) { @terms.fetch(Regexp.last_match(1).to_sym) }

    def part(id) = @parts.fetch(id.to_sym) { id.to_s.tr("_", " ").capitalize }

    define :us, US, US_PARTS
  end
end

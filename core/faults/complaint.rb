# frozen_string_literal: true

module Munimen
  module Faults
    # What a customer rang for: a complaint that the finder knows, or an emergency, for which what
    # is said on the telephone comes first and the finder never; and their own words.
    #
    #   Complaint.in(visit)&.title  # => "The pilot flame goes out"
    class Complaint
      # What each is called; what is done then stands in core/words/emergency.json under `advice`.
      EMERGENCIES = {
        gas_smell: { title: "It smells of gas", advice: "gas" },
        co_alarm: { title: "A CO alarm sounds, or somebody feels ill", advice: "co" },
        steam: { title: "Steam or boiling water comes out", advice: "steam" }
      }.freeze

      # Those that a customer of this heater may have, emergencies first.
      def self.of(heater)
        known = Symptom.all.select { |one| one.of?(heater) }.map(&:id)
        (EMERGENCIES.keys + known).map { |id| new(id) }
      end

      # The one that was kept with a visit, or nil.
      def self.in(visit)
        id = visit.decision(:complaint)
        words = visit.decision(:complaint_words)
        new(id&.to_sym, words) if id || words
      end

      # Raises Error unless a customer of this heater may have it. id: as text.
      def self.check!(id, heater)
        known = of(heater).map { |one| one.id.to_s }
        return if known.include?(id.to_s)

        raise Error.one_of(known, field: :complaint)
      end

      def self.ids = EMERGENCIES.keys + Symptom.all.map(&:id)

      # id: nil where nothing but their words was kept; words: as typed, or nil.
      attr_reader :id, :words

      def initialize(id, words = nil)
        @id = id
        @words = words
      end

      def emergency? = EMERGENCIES.key?(id)
      # Which advice of core/words/emergency.json, or nil.
      def advice = EMERGENCIES.dig(id, :advice)

      # As a customer says it, a template; nil where there is no id.
      def title = id && (EMERGENCIES.dig(id, :title) || Symptom[id].customer)
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Training
    # What somebody is trained on: a customer's complaint, a heater, and what is hidden in it
    # (docs/formats/scenario.md).
    #
    #   Scenario.from(id: "drip-1", title: "…", level: 1, symptom: "relief_drips",
    #                 book: "us_irc", heater: {…}, faults: { vessel_flat: 1 })
    class Scenario
      LEVELS = (1..5)
      TEXTS = %i[id title complaint].freeze
      KEYS = %i[id title complaint level symptom book heater faults jobs seed].freeze

      attr_reader :id,
                  :title,
                  :complaint,
                  :level,
                  :symptom,
                  :book,
                  :installation,
                  :faults,
                  :jobs,
                  :seed

      # Raises Error naming the field and what would be right.
      def self.from(given)
        unless given.is_a?(Hash)
          raise Error.new(
            "scenario must be an object of named fields.", field: :scenario, code: :bad_json
          )
        end
        given = given.to_h.transform_keys(&:to_sym)
        strange = given.keys - KEYS
        if strange.any?
          raise Error.new(Message.of("There is no field “{strange}”; there are: {known}.",
                                     strange: strange.first, known: KEYS.join(", ")),
                          field: strange.first, code: :unknown_input)
        end
        new(given).tap(&:check!)
      end

      # One by chance, the same for the same seed. installations: the heaters to choose from, as
      # plate data.
      def self.random(seed, installations)
        random = Random.new(seed)
        given = installations.sample(random:)
        book = given[:kind].start_with?("unvented") ? :england_g3 : :us_irc
        heater = Heater::Installation.from(given, units: Rules::Book[book].units)
        symptom =
          Faults::Symptom
            .all
            .select { |one| one.of?(heater) && hidden(one, heater).any? }
            .sample(random:)
        cause = hidden(symptom, heater).sample(random:)
        from(
          id: "random-#{seed}",
          title: Message.of("By chance, number {seed}", seed:),
          complaint: symptom.customer,
          level: 3,
          symptom: symptom.id,
          book:,
          heater: given,
          faults: {
            cause.id => (0.6 + (0.4 * random.rand)).round(2)
          },
          seed:
        )
      end

      # The causes of a symptom that can be simulated on a heater.
      def self.hidden(symptom, heater)
        symptom
          .causes(heater)
          .select { |cause| Rig::Fault.names.include?(cause.id) && fits?(cause, heater) }
      end

      def self.fits?(cause, heater)
        Rig.new(heater, faults: { cause.id => 1.0 }) && true
      rescue Munimen::Error
        false
      end

      def initialize(given)
        TEXTS.each { |name| instance_variable_set(:"@#{name}", given[name].to_s.strip) }
        @level = given[:level]
        @symptom = given[:symptom].to_s.to_sym
        @book = given.fetch(:book, "us_irc").to_s.to_sym
        @installation = named(given, :heater)
        @faults = named(given, :faults)
        @jobs = Array(given[:jobs] || [:inspection]).map(&:to_sym)
        @seed = given.fetch(:seed, 1)
      end

      def units = Rules::Book[book].units
      def heater = @heater ||= Heater::Installation.from(installation, units:)
      # What the complaint comes from: the first of the faults; the others are there besides.
      def cause = Faults::Cause[faults.keys.first]

      def check!
        (TEXTS - [:complaint]).each { |name| wrong(name, "is missing") if public_send(name).empty? }
        unless level.is_a?(Integer) && LEVELS.cover?(level)
          wrong(:level, "must be a whole number from 1 (easy) to 5")
        end
        wrong(:seed, "must be a whole number") unless seed.is_a?(Integer)
        if faults.empty?
          wrong(:faults, "must name at least one fault, such as {\"vessel_flat\": 1.0}")
        end
        heater
        Rules::Book[book]
        jobs.each { |job| Work::Job[job] }
        check_faults
      end

      def to_h
        {
          id:,
          title:,
          complaint:,
          level:,
          symptom: symptom.to_s,
          book: book.to_s,
          heater: installation,
          faults:,
          jobs: jobs.map(&:to_s),
          seed:
        }
      end

      private

      # An object of named fields; {} where there is none.
      def named(given, field)
        value = given[field] || {}
        wrong(field, "must be an object of named fields") unless value.is_a?(Hash)
        value.transform_keys(&:to_sym)
      end

      def check_faults
        faults.each do |name, severity|
          unless severity.is_a?(Numeric) && severity.positive? && severity <= 1
            wrong(:faults,
Message.of("{name}: how bad must be a number above 0 and up to 1", name:))
          end
        end
        Rig.new(heater, faults:)
        known = self.class.hidden(Faults::Symptom[symptom], heater).map(&:id)
        return if known.include?(faults.keys.first)

        wrong(
          :faults,
          Message.of("the first must be a cause of “{symptom}” that can be simulated: {known}",
                     symptom:, known: known.join(", "))
        )
      end

      def wrong(field, what)
        goes_on = what.start_with?("is ", "must ")
        raise Error.new(Message.of(goes_on ? "{field} {what}." : "{field}: {what}.", field:, what:),
                        field:, code: :bad_scenario)
      end
    end
  end
end

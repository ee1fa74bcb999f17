# frozen_string_literal: true

module Munimen
  class Visit
    # What was decided in a visit, and the one codec of the names that decisions are kept under.
    # Some stand alone (consent), some are about something: a job postponed, a danger, a fault test.
    #
    #   Decisions.name(:put_off, :flush)             # => "put_off.flush"
    #   Decisions.parse("danger.relief_drip.action") # => [:danger, ["relief_drip", "action"]]
    #   Decisions.new("put_off.flush" => "no time").postponed # => {flush: "no time"}
    class Decisions
      # Those that stand alone, with the words that each may be; nil: any text.
      ALONE = {
        consent: %w[given refused],
        consent_by: nil,
        spare_at_hand: %w[yes no],
        water_by: nil,
        anode_alloy: nil,
        switch_off: %w[agreed refused],
        long_heat: %w[now return],
        outcome: %w[in_service in_service_with_limits left_off against_advice evacuated],
        outcome_reason: nil,
        complaint: nil,
        complaint_words: nil
      }.freeze
      WORD = /[a-z0-9_]+/
      CHECK = /[a-z0-9_.]+/
      ENTRY = /[A-Za-z0-9_-]+/
      # Those that are about something: how that is written.
      ABOUT = {
        put_off: /(#{WORD})/,
        also: /(#{WORD})/,
        fault: /(#{WORD})\.(#{WORD})/,
        danger: /(#{CHECK})\.(action|told)/,
        accept: /(#{CHECK})/,
        situation: /(#{CHECK})/,
        learnt: /(#{WORD})/,
        kept: /(#{WORD})/,
        taken_back: /(#{ENTRY})/,
        apart: /(#{ENTRY})/,
        left: /(#{ENTRY})/,
        moved: /(#{ENTRY})/,
        ended: /(cancelled|nobody_home|given_up|reopened)/,
        open: /(#{CHECK})/,
        paper: /(#{WORD})/,
        next: /(#{WORD})/,
        estimate: /(job|finding)\.(#{CHECK})/
      }.freeze

      # What is said of a finding that was open: how it was seen belongs to “put right”.
      OPEN = /\A(put_right: .+|still_there|not_looked|)\z/m
      # The words that some of these may be.
      WORDS = { situation: %w[immediately_dangerous at_risk not_unsafe],
                apart: %w[both mine], left: %w[yes], next: %w[yes no],
                open: ["put_right: how it was seen", "still_there", "not_looked"] }.freeze

      class << self
        # The name of a decision about something.
        def name(kind, *about) = [kind, *about].join(".")

        # [kind, [about, …]] of a name, or nil where there is no such decision.
        def parse(name)
          kind, rest = name.to_s.split(".", 2)
          return ([kind.to_sym, []] if ALONE.key?(kind&.to_sym)) unless rest

          found = ABOUT[kind.to_sym]&.match(rest)
          [kind.to_sym, found.captures] if found && found[0] == rest
        end

        # Raises Error unless there is such a decision and it may be this.
        def check!(name, value)
          known = parse(name) or
            raise Error.new(Message.of("“{name}” is no decision.",
                                       name:), field: :name, code: :unknown_choice)
          return if known.first == :open && value.to_s.match?(OPEN)

          choices = ALONE[name.to_sym] || WORDS[known.first]
          return if choices.nil? || choices.include?(value)

          raise Error.one_of(choices, field: name)
        end
      end

      # texts: {name => text}, the last of each name.
      def initialize(texts)
        @texts = texts
      end

      # nil where nothing was decided, or that was taken back.
      def [](name)
        text = @texts[name.to_s]
        text unless text == ""
      end

      def to_h = @texts
      def ==(other) = other.is_a?(Decisions) && to_h == other.to_h

      # Text about something, or nil where nothing was said.
      def about(kind, *about)
        return if @texts.empty?

        text = self[self.class.name(kind, *about)].to_s.strip
        text unless text.empty?
      end

      # What was done about a danger, and who was told; nil where that is not said.
      def action(check) = about(:danger, check, :action)
      def told(check) = about(:danger, check, :told)

      # What was said to be in the way here, for whoever comes next: {id => "yes" or "no"}.
      def in_the_way
        said = @texts.select { |name, _| name.start_with?("next.") }
        said.to_h { |name, text| [name.delete_prefix("next."), text] }
      end

      # Which unsafe gas situation a finding was said to be, or nil.
      def situation(check) = about(:situation, check)

      # The customer's acceptance of a deficiency in writing, or nil.
      def accepted(check) = about(:accept, check)

      # Entries that were taken back: {id => reason, which may be empty}.
      def taken_back
        @taken_back ||= @texts.filter_map do |name, text|
          [name.delete_prefix("taken_back."), text] if name.start_with?("taken_back.")
        end.to_h
      end

      # {name => text} of what was decided and not taken back.
      def standing
        @texts.reject { |name, text| text == "" || name.start_with?("taken_back.") }
      end

      # What was said of an entry that met another account: both, mine; nil while nobody did.
      def apart(id) = about(:apart, id)

      # Whether a reading was taken again after the work, and mistypes nothing.
      def left?(id) = about(:left, id) == "yes"

      # What was said of a finding that an earlier visit left open, or nil.
      def of_open(check) = about(:open, check)

      # Jobs put off to another day: {job => reason}.
      def postponed = of(:put_off).to_h { |(job), text| [job.to_sym, text] }

      # What of the heater's record was learnt in the visit: {field => as written}; and what was
      # told of a field but not taken into the record, or nil.
      def learnt = of(:learnt).to_h { |(field), text| [field.to_sym, text] }
      def kept(field) = about(:kept, field)

      # Lines of an estimate that the customer answered: {[“job” or “finding”, id] => text}.
      def estimates = of(:estimate).to_h

      # Operations asked for besides those of the jobs.
      def extra_operations = of(:also).map { |(id), _| id.to_sym }

      # Symptoms of which the fault finder was asked, in that order.
      def faults = of(:fault).map { |(symptom, _), _| symptom.to_sym }.uniq

      # Answers to the fault finder's tests of a symptom: {test => outcome}.
      def fault_answers(symptom)
        found = of(:fault).select { |(of, _), _| of == symptom.to_s }
        found.to_h { |(_, test), outcome| [test.to_sym, outcome.to_sym] }
      end

      private

      # [[about, …], text] of a kind; taken back where the text is empty.
      def of(kind)
        @texts.filter_map do |name, text|
          found, about = self.class.parse(name)
          [about, text] if found == kind && !text.to_s.empty?
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # What a heater's tag shows to whoever scans it and has no account: whose firm looks after it,
    # since when, when it is due, what to do when something is wrong. Nothing personal.
    class TagPage
      # context: nobody's.
      def initialize(context) = @context = context

      # For schema Tag of the contract. Raises NotFound.
      def call(heater_id)
        place = heaters.with_place(heater_id)
        words = Words[place[:book].units]
        @reader = Words::Speaker.new(words, heaters.language(heater_id))
        {
          firm: firm, label: place[:label], gone: !place[:ended].nil?,
          off: (say(Report::Household::OFF) if off?(heater_id)),
          **dates(heater_id),
          emergency: Report::Emergency.of(place[:heater])&.then { |text| say(text) },
          advice: Report::Household.advice.map { |one| one.transform_values { |text| say(text) } },
          units: words.id, language: @reader.id
        }
      end

      private

      def heaters = @context.records.heaters
      def firm = @context.records.settings.firm.slice("name", "phone").transform_keys(&:to_sym)

      def say(template) = @reader.say(template)

      # Whether it was left so that nobody may use it.
      def off?(id)
        outcome = @context.records.visits.left_state(id)&.fetch(:outcome)
        !outcome.nil? && !Judgement::Outcome::IN_SERVICE.include?(outcome.to_sym)
      end

      # Days of the first and the latest visit of this firm that were signed, and of what is owed
      # next of the service; nil where there is none.
      def dates(id)
        first, last = @context.records.visits.signed_days(id)
        service = @context.records.dues.open(heater_id: id)
          .select { |due| due[:kind] == "annual_service" }
        { since: first, serviced: last, next_service: service.map { |due| due[:on].to_s }.min }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down a decision: consent, spare at hand, the outcome and its reason, what was done about a danger.
    class Decide
      NAMES = /\A(?:consent|spare_at_hand|water_by|anode_alloy|outcome|outcome_reason|fault\.[a-z_]+\.[a-z_]+|also\.[a-z_]+|
                   danger\.[a-z0-9_.]+\.(?:action|told)|accept\.[a-z0-9_.]+)\z/x
      CHOICES = { "consent" => %w[given refused], "spare_at_hand" => %w[yes no],
                  "outcome" => Judgement::Outcome::STATES.map(&:to_s) }.freeze

      def initialize(context) = @context = context

      def call(visit_id, id:, name:, value:)
        @context.allow!(:owner, :plumber, :inspector)
        @context.open_visit!(visit_id)
        raise Error.new("There is no decision “#{name}”.", field: :name, code: :unknown_choice) unless NAMES.match?(name.to_s)

        Work::Operation[name.delete_prefix("also.")] if name.start_with?("also.")
        choices = CHOICES[name]
        raise Error.new("#{name} must be one of: #{choices.join(', ')}.", field: name, code: :unknown_choice) if choices && !choices.include?(value)
        return if @context.records.visits.written?(:decisions, id)

        @context.records.visits.write(:decisions, id:, visit_id:, name:, value: @context.text!(value, :value, max: 1000, required: false).to_s,
                                                  at: @context.stamp, account_id: @context.person[:id])
      end
    end
  end
end

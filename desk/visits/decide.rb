# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down a decision: consent, spare at hand, the outcome and its reason, what was done
    # about a danger.
    class Decide
      def initialize(context) = @context = context

      def call(visit_id, id:, name:, value:)
        @context.may!(:visit)
        return if @context.records.visits.written?(:decisions, id)

        @context.open_visit!(visit_id)
        checked(name.to_s, value)
        @context.records.visits.write(
          :decisions,
          id:,
          visit_id:,
          name:,
          value: @context.text!(value, :value, max: 1000, required: false).to_s,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
      end

      private

      # A job is put off by ChangeJobs; an operation asked for besides must be one.
      def checked(name, value)
        kind, about = Visit::Decisions.parse(name)
        raise Error.new("Put the job off.", field: :name, code: :unknown_choice) if kind == :put_off
        if %i[learnt kept].include?(kind)
          raise Error.new("Send it as a fact.", field: :name, code: :unknown_choice)
        end

        Visit::Decisions.check!(name, value)
        Work::Operation[about.first] if kind == :also
      end
    end
  end
end

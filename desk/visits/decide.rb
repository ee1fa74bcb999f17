# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down a decision: consent, spare at hand, the outcome and its reason, what was done
    # about a danger.
    class Decide
      def initialize(context) = @context = context

      def call(visit_id, id:, name:, value:)
        @context.may!(:visit)
        @context.answered_by_hand!(name.to_s)
        VisitWrite.new(@context, visit_id).call(:decisions, id) do |entry|
          checked(entry.visit, name.to_s, value)
          text = @context.text!(value, :value, max: 1000, required: false).to_s
          entry.add(:decisions, id:, name:, value: text)
        end
      end

      private

      # A job is put off by ChangeJobs; an operation asked for besides must be one.
      def checked(visit, name, value)
        kind, about = Visit::Decisions.parse(name)
        raise Error.new("Put the job off.", field: :name, code: :unknown_choice) if kind == :put_off
        if %i[learnt kept].include?(kind)
          raise Error.new("Send it as a fact.", field: :name, code: :unknown_choice)
        end

        raise Error.new("Take it back.", field: :name, code: :unknown_choice) if kind == :taken_back
        if kind == :estimate
          raise Error.new("Answer the estimate.", field: :name, code: :unknown_choice)
        end
        raise Error.new("Move the visit.", field: :name, code: :unknown_choice) if kind == :moved

        Visit::Decisions.check!(name, value)
        Work::Operation[about.first] if kind == :also
        Work::Hindrance[about.first] if kind == :next
        return if value.to_s.empty?

        Faults::Complaint.check!(value, visit.heater) if kind == :complaint
        paper!(visit, about.first, value) if kind == :paper
      end

      # One that the book knows, with what can be said of it.
      def paper!(visit, id, value)
        known = visit.rules.book.papers.map { |one| one.id.to_s }
        raise Error.one_of(known, field: :name, name: "paper") unless known.include?(id)

        Rules::Paper.read(value.to_s)
      end
    end
  end
end

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
          checked(name.to_s, value)
          paper!(entry.visit, name.to_s, value.to_s)
          text = @context.text!(value, :value, max: 1000, required: false).to_s
          entry.add(:decisions, id:, name:, value: text)
        end
      end

      private

      # One that the book knows, with what can be said of it.
      def paper!(visit, name, value)
        kind, (id,) = Visit::Decisions.parse(name)
        return unless kind == :paper

        known = visit.rules.book.papers.map { |one| one.id.to_s }
        unless known.include?(id)
          raise Error.new("paper must be one of: #{known.join(", ")}.", field: :name,
                                                                        code: :unknown_choice)
        end
        Rules::Paper.read(value) unless value.empty?
      end

      # A job is put off by ChangeJobs; an operation asked for besides must be one.
      def checked(name, value)
        kind, about = Visit::Decisions.parse(name)
        raise Error.new("Put the job off.", field: :name, code: :unknown_choice) if kind == :put_off
        if %i[learnt kept].include?(kind)
          raise Error.new("Send it as a fact.", field: :name, code: :unknown_choice)
        end

        raise Error.new("Take it back.", field: :name, code: :unknown_choice) if kind == :taken_back

        Visit::Decisions.check!(name, value)
        Work::Operation[about.first] if kind == :also
        Faults::Complaint.known!(value) if kind == :complaint && value != ""
      end
    end
  end
end

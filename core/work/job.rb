# frozen_string_literal: true

module Munimen
  module Work
    # What a person comes to do: a name, and the operations it is made of. The planner finds all
    # else.
    class Job
      @all = {}
      class << self
        # cures: the checks whose deficiencies it puts right. suits: a question to the
        # Installation that must be true for it to be offered.
        def define(id, title:, operations:, cures: [], suits: nil)
          @all[id] = new(id, title, operations, cures, suits)
        end

        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise Error.new(
              Message.of("There is no job “{id}”; there are: {known}.",
                         id:, known: @all.keys.join(", ")),
              field: :jobs,
              code: :unknown_choice
            )
          end
        end
      end

      attr_reader :id, :title, :cures

      def initialize(id, title, operations, cures, suits)
        @id = id
        @title = title
        @operations = operations
        @cures = cures
        @suits = suits
        freeze
      end

      # The job that puts right what a check found, or nil.
      def self.curing(check)
        check && all.find { |job| job.cures.include?(check.to_sym) }
      end

      # Operations that every visit has, whatever it is for.
      def self.frame = @frame ||= Operation.all.select(&:every_visit?).map(&:id)

      # Jobs that this heater can have at all.
      def self.fitting(heater)
        @fitting ||= ObjectSpace::WeakMap.new
        @fitting[heater] ||= all.select do |job|
          job.suits?(heater) && (job.id == :inspection || (job.operations_for(heater) - frame).any?)
        end
      end

      def suits?(heater) = @suits.nil? || heater.public_send(@suits)

      # Ids of the operations that this heater can need.
      def operations_for(heater) = @operations.select { |id| Operation[id].applies?(heater) }
    end
  end
end

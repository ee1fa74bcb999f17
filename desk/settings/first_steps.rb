# frozen_string_literal: true

module Munimen
  module Desk
    # What a new firm does before its first visit: each is done once its data say so, or once the
    # owner has said that it need not be. Can be left and taken up again.
    class FirstSteps
      DONE = {
        firm: ->(records) { records.settings.firm["address"].to_s != "" },
        logo: ->(records) { !records.settings[:logo].nil? },
        day: ->(records) { !records.settings[:day].nil? && records.settings.firm["lat"] },
        rules: ->(records) { records.settings.house_rules.any? },
        people: ->(records) { records.people.all.size > 1 },
        qualifications: lambda do |records|
          records.people.all.any? { |one| Store::Values.qualifications(one).any? }
        end,
        mail: ->(records) { !records.settings[:smtp].nil? },
        customers: ->(records) { records.customers.list(limit: 1).any? },
        backup: ->(records) { !records.settings[:backup_place].nil? }
      }.freeze

      def initialize(context) = @context = context

      # [{id:, done:, left_out:}] in the order in which they make sense.
      def list
        @context.may!(:house_rules)
        left_out = settings[:first_steps] || []
        DONE.map do |id, done|
          { id:, done: done.call(@context.records) ? true : false,
            left_out: left_out.include?(id.to_s) }
        end
      end

      # Says that one need not be done, or that it must be after all.
      def leave_out(id, left_out: true)
        @context.may!(:house_rules)
        raise NotFound.new("There is no such step.", field: :id) unless DONE.key?(id.to_sym)

        known = settings[:first_steps] || []
        settings[:first_steps] = left_out ? known | [id.to_s] : known - [id.to_s]
        list
      end

      private

      def settings = @context.records.settings
    end
  end
end

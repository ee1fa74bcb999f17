# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down what a person is qualified for, and until when.
    class Qualify
      def initialize(context) = @context = context

      # qualifications: [{trade:, number:, expires:}]
      def call(account_id, qualifications:)
        @context.may!(:people)
        @context.records.people.find(account_id) or
          raise NotFound.new("There is no such person.", field: :person)
        @context.records.people.qualify(account_id, qualifications)
      end
    end
  end
end

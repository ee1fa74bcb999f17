# frozen_string_literal: true

module Munimen
  module Desk
    # Who can be sent to a visit: whoever may go to one, and is here.
    class WhoGoes
      def initialize(context) = @people = context.records.people

      # person: an account's row.
      def goes?(person) = Abilities.of(person[:role]).include?(:visit) && @people.here?(person)

      # Rows by name.
      def all = @people.all.select { |person| goes?(person) }

      # Raises NotFound where there is no such account, Error where they do not go.
      def check!(account_id)
        person = @people.find(account_id) or
          raise NotFound.new("There is no such account.", field: :account_id)
        return if goes?(person)

        raise Error.new("account_id must be somebody who goes to visits.", field: :account_id,
                                                                           code: :unknown_choice)
      end
    end
  end
end

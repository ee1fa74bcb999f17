# frozen_string_literal: true

module Munimen
  module Cli
    # Whoever works at the machine itself does it as the firm's first owner.
    module AsOwner
      module_function

      # A Desk::Context. Raises Error where nobody is owner yet.
      def context(records)
        owner = records.people.owners.first or
          raise Error.new("There is no owner yet: bin/munimen owner EMAIL NAME.", code: :missing)
        Desk::Context.new(records, person: records.people.find(owner))
      end
    end
  end
end

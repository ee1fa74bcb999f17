# frozen_string_literal: true

module Munimen
  module Cli
    # What stands behind a command: nothing of it is dropped without a word.
    module Arguments
      module_function

      # Raises Error where more is given than the method of a command takes.
      def fit!(command, method, given)
        takes = method.parameters
        return if takes.assoc(:rest) || given.size <= takes.size

        raise Error.new("“#{given.last}” is one too many for #{command}: put what has blanks in " \
                        "quotes; bin/munimen help #{command}", field: :command, code: :too_many)
      end
    end
  end
end

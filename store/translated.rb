# frozen_string_literal: true

module Munimen
  module Store
    # Errors of SQLite that mean something to a person, in the program's own: the one place where
    # the driver's errors come through. For a Sequel::Database.
    #
    #   database.extend(Translated)
    module Translated
      SEALED = "this visit is sealed"
      SIGNED = "This visit is signed and locked; what comes later joins it as an amendment."

      private

      def raise_error(exception, opts = {})
        case exception
        when SQLite3::BusyException, SQLite3::LockedException then raise Busy
        when SQLite3::FullException then raise DiskFull
        when SQLite3::ConstraintException
          raise Refused.new(SIGNED, code: :signed) if exception.message.include?(SEALED)
        end
        super
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # What a person may ask of those who keep data about them: all of it in one file, and that it be
    # erased. What was signed is a record of safety and stays, with the reason, until the time has
    # passed for which the firm keeps it (Retention).
    class EraseCustomer
      KEPT = "Signed visits, their pages and signatures, and the address of the heater: a record " \
             "of safety that others rely on, and that the chain of seals holds."

      def initialize(context) = @context = context

      # {format:, at:, tables: {name => [row]}}.
      def export(id)
        @context.may!(:personal_data)
        @context.records.customers.find(id)
        {
          format: "munimen-customer",
          version: 1,
          at: @context.stamp,
          tables: @context.records.personal_data.of(id)
        }
      end

      # {erased: {table => rows}, kept: text or nil}. An id that is not there any more is NotFound.
      def call(id)
        @context.may!(:personal_data)
        records = @context.records
        records.write do
          records.customers.find(id)
          since = Retention.since(records, @context.now)
          signed = records.personal_data.signed(id, since:)
          erased = records.personal_data.erase(id, at: @context.stamp, since:)
          records.customers.reindex_search(id) if signed.positive?
          { erased:, kept: signed.positive? ? "#{KEPT} (#{signed})" : nil }
        end
      end
    end
  end
end

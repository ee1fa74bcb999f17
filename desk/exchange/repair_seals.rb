# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    # Makes a chain of seals whole whose visits were changed after they were sealed, openly: what
    # came in afterwards is taken out and kept as an amendment; what was changed in its place is
    # sealed anew as it is, and an amendment says so. Nothing is thrown away unseen.
    class RepairSeals
      TEXT = 2000

      def initialize(context)
        @context = context
        @seals = context.records.seals
        @repair = Store::SealRepair.new(context.records.database, @seals)
      end

      # What would be done: [{visit:, late: [text] or nil}].
      def look
        @context.may!(:backup)
        @repair.broken.map { |id| { visit: id, late: @repair.late(id)&.map { |one| told(one) } } }
      end

      # Does it; returns what was done, as `look` tells it.
      def call
        look.each do |one|
          @context.records.write { mend(one[:visit]) }
        end
      end

      private

      def mend(visit_id)
        late = @repair.late(visit_id)
        if late
          @repair.take_out(late)
          amend(visit_id, "Written after it was signed, and taken out of it: " \
                          "#{late.map { |one| told(one) }.join("; ")}")
        else
          amend(visit_id, "Something that was signed has been changed since. As it is now, it " \
                          "has been sealed anew.")
          @seals.seal_again(visit_id, at: @context.stamp)
        end
      end

      def amend(visit_id, text)
        id = SecureRandom.uuid
        at = @context.stamp
        @context.records.visits.write(
          :amendments,
          id:,
          visit_id:,
          reason: "The chain of seals was broken here and repaired",
          text: text[0, TEXT],
          at:,
          account_id: @context.person[:id]
        )
        @seals.seal_amendment(id, at:)
      end

      # A row in a few words.
      def told((table, row))
        what = row.slice(:operation, :outcome, :name, :typed, :value, :item, :finding, :entry,
                         :signer, :text, :subject).compact.values.join(" ")
        "#{table.to_s.delete_suffix("s")} #{what} (#{row[:at]})"
      end
    end
  end
end

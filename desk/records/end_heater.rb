# frozen_string_literal: true

module Munimen
  module Desk
    # A heater that is not there any more: replaced by another one, taken out, or entered by
    # mistake. Its history stays; nothing is due at it, and what was booked for it is cancelled. It
    # can be taken back.
    class EndHeater
      HOW = %w[replaced taken_out mistaken].freeze

      def initialize(context) = @context = context

      # how: one of HOW, or "back", which takes it back; successor: id of the heater in its place.
      # The heater's id. Raises Refused while a visit is under way, and where what is called a
      # mistake has been signed for.
      def call(id, how:, reason: nil, successor: nil)
        @context.may!(:records)
        known!(how)
        row = @context.records.heaters.find(id)
        reason = @context.text!(reason, :reason, max: 300, required: false).to_s
        if how == "back" then back(row)
        else gone(row, { how:, reason:, by: @context.person[:name], at: @context.stamp,
                         successor: following(row, successor) }.compact)
        end
        id
      end

      private

      def known!(how)
        return if [*HOW, "back"].include?(how)

        raise Error.one_of([*HOW, "back"], field: :how)
      end

      # Looked at and written in one transaction, so that no visit begins in between.
      def gone(row, ended)
        return if row[:ended]

        @context.records.write do
          visits = @context.records.visits.of_heater(row[:id])
          may_go!(visits, ended[:how])
          @context.records.heaters.keep_end(row[:id], ended)
          @context.records.dues.settle_heater(row[:id], at: ended[:at])
          visits.select { |one| one[:status] == "booked" }.each { |one| cancel(one) }
        end
      end

      def may_go!(visits, how)
        if visits.any? { |one| one[:status] == "open" }
          raise Refused.new("A visit to it is under way: sign it, or end it, first.",
                            code: :under_way)
        end
        return unless how == "mistaken" && visits.any? { |one| one[:status] == "signed" }

        raise Refused.new("A visit to it was signed: it was there. Say that it was taken out.",
                          code: :signed)
      end

      def cancel(visit)
        ended = EndVisit.ended(@context, visit, "cancelled").merge(with_heater: true)
        @context.records.visits.update(visit[:id], status: "ended", ended:)
        EndVisit.tell(@context, visit[:id])
      end

      # Where it was ended by mistake; what was booked then is booked again.
      def back(row)
        at = row[:ended]&.fetch(:at) or return
        @context.records.write do
          @context.records.heaters.keep_end(row[:id], nil)
          @context.records.dues.resume_heater(row[:id], at:)
          booked = @context.records.visits.of_heater(row[:id]).select do |one|
            one[:ended]&.key?(:with_heater)
          end
          booked.each do |one|
            @context.records.visits.update(one[:id], status: "booked", ended: nil)
          end
        end
      end

      # One that stands at the same place.
      def following(row, successor)
        return unless successor

        other = @context.records.heaters.find(successor)
        return other[:id] if other[:site_id] == row[:site_id] && other[:id] != row[:id]

        raise Error.new("successor must be another heater at the same address.",
                        field: :successor, code: :out_of_range)
      end
    end
  end
end

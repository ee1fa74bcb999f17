# frozen_string_literal: true

module Munimen
  module Desk
    # What somebody still has who leaves or is out: visits booked and under way, handed over one by
    # one or all at once.
    class HandOver
      def initialize(context) = @context = context

      # [{id:, status:, planned_for:, customer:, address:, label:, jobs: [title]}], the next first.
      def list(account_id)
        @context.may!(:people)
        @context.records.visits.unsigned_of(account_id).map do |row|
          words = Words[row[:book].units]
          row.slice(:id, :status, :planned_for, :customer, :address, :label).merge(
            jobs: row[:jobs].map { |job| words.say(Work::Job[job].title) }
          )
        end
      end

      # to: account; visits: ids, all of theirs where none are named. Answers what is left.
      def call(account_id, to:, visits: nil)
        @context.may!(:people)
        own = list(account_id).map { |one| one[:id] }
        chosen = visits ? visits.map(&:downcase) : own
        strange = chosen - own
        raise NotFound.new("There is no such visit of theirs.", field: :visits) if strange.any?

        change = ChangeBooking.new(@context)
        @context.records.write { chosen.each { |id| change.call(id, account_id: to) } }
        list(account_id)
      end
    end
  end
end

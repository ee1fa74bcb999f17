# frozen_string_literal: true

module Munimen
  module Desk
    # What a visit at a heater could be for, the likeliest first: the one under way, what is booked,
    # what falls due, the work of a year.
    class WhatToBegin
      SOON = 30 # days ahead within which something due is worth doing now
      MOST = 4  # of what falls due
      DAY = 24 * 3600 # s after which a visit under way is one that was left unfinished

      # heater: Installation; words: those of its site.
      def initialize(context, heater, words)
        @context = context
        @heater = heater
        @words = words
        @fitting = Work::Job.fitting(heater).map { |job| job.id.to_s }
      end

      # visits: rows of the heater; dues: rows of what it owes. [{why:, visit:, jobs:, title:,
      # because:, on:}]; why: :under_way, :booked, :due or :usual. Where one was begun within a day
      # there is nothing else to begin: that one goes on.
      def call(visits, dues)
        open = of_visits(visits, "open", :under_way)
        return open if visits.any? { |visit| lately?(visit) }

        found = open + of_visits(visits, "booked", :booked) + due(dues)
        usual = @heater.type.year.to_s
        return found if found.any? { |one| one[:jobs].include?(usual) }

        found << shown(:usual, jobs: [usual])
      end

      private

      def of_visits(visits, status, why)
        visits.select { |visit| visit[:status] == status }.sort_by { |one| one[:planned_for] }
          .map do |visit|
            shown(why, visit: visit[:id], jobs: visit[:jobs].map(&:to_s), on: visit[:planned_for])
          end
      end

      def lately?(visit)
        visit[:status] == "open" && @context.now - Time.iso8601(visit[:started_at]) < DAY
      end

      def due(dues)
        until_day = (@context.now.to_date + SOON).iso8601
        rows = dues.select { |row| row[:on] <= until_day && @fitting.include?(job(row)) }
        rows.uniq { |row| job(row) }.first(MOST).map do |row|
          shown(:due, jobs: [job(row)], because: row[:text], on: row[:on])
        end
      end

      def job(row) = (row[:job] || Work::Job.curing(row[:check])&.id).to_s

      def shown(why, jobs:, visit: nil, because: nil, on: nil)
        title = jobs.map { |job| @words.say(Work::Job[job].title) }.join(", ")
        { why:, visit:, jobs:, title:, because:, on: }
      end
    end
  end
end

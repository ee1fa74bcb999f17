# frozen_string_literal: true

module Munimen
  module Desk
    # Books a visit, or starts one.
    class StartVisit
      def initialize(context) = @context = context

      # planned_for: ISO time; account_id: who goes, where nobody is named whoever books it, or
      # nobody yet where they go to no visits; window_from, window_to: when it was promised to
      # begin, ISO times; complaint, complaint_words: what they rang for, an id of
      # Faults::Complaint and their own words. Returns the visit's row.
      def book(
        id:,
        heater_id:,
        jobs:,
        planned_for:,
        account_id: nil,
        window_from: nil,
        window_to: nil,
        **rang
      )
        @context.may!(:records)
        place = @context.records.heaters.with_place(heater_id)
        raise Refused.new("This heater is not there any more.", code: :ended) if place[:ended]

        heater = place[:heater]
        raise Error.new("Say at least one job.", field: :jobs, code: :missing) if Array(jobs).empty?

        BookingTimes.promised!(window_from, window_to)
        BookingTimes.some_day!(planned_for)
        crew.check!(account_id) if account_id
        known = jobs.map { |job| fitting!(heater, Work::Job[job]) }
        said = Rang.new(@context).read(heater, **rang)
        @context.records.write do
          @context.records.visits.add(
            id:,
            heater_id:,
            jobs: known,
            status: "booked",
            planned_for:,
            account_id: account_id || own,
            created_at: @context.stamp,
            window_from:,
            window_to:
          )
          Rang.new(@context).keep(id, said)
        end
        @context.records.visits.find(id)
      end

      # Starts a booked visit; starting a started one changes nothing.
      def start(id)
        @context.may!(:visit)
        row = @context.records.visits.find(id)
        return row unless row[:status] == "booked"

        @context.records.visits.update(
          id,
          status: "open",
          started_at: @context.stamp,
          account_id: row[:account_id] || @context.person[:id],
          house_rules: house_rules(row),
          arrival: Arrival.new(@context).of(row[:heater_id])
        )
        @context.records.visits.find(id)
      end

      private

      def fitting!(heater, job)
        return job.id if Work::Job.fitting(heater).include?(job)

        raise Error.new(
          Message.of("“{id}” is not done on this heater: choose a job that it has a part for.",
                     id: job.id),
          field: :jobs, code: :not_applicable
        )
      end

      def crew = WhoGoes.new(@context)
      def own = (@context.person[:id] if crew.goes?(@context.person))

      # An inspector's visit only looks, whoever starts it.
      def house_rules(row)
        whose = @context.records.people.find(row[:account_id]) if row[:account_id]
        return row[:house_rules] unless (whose || @context.person)[:role] == "inspector" ||
                                        @context.person[:role] == "inspector"

        row[:house_rules].merge("operate" => "look_only")
      end
    end
  end
end

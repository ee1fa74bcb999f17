# frozen_string_literal: true

module Munimen
  module Desk
    # A heater's record: what it is, its drawing as last seen, what is open and owed, its past visits.
    class ViewHeater
      def initialize(context) = @context = context

      def call(id)
        row = @context.records.heaters.with_place(id)
        book = Rules::Book[row[:code_profile]]
        @words = Words[book.units]
        heater = Heater::Installation.from(JSON.parse(row[:installation]), units: book.units)
        row.slice(:id, :label, :site_id, :address, :access, :customer, :customer_id, :phone, :code_profile).merge(
          jobs: Work::Job.fitting(heater).map { |job| { id: job.id, title: @words.say(job.title) } }, units: book.units,
                     installation: heater.to_h(units: book.units), deficiencies: deficiencies(id),
          owed: @context.records.dues.open(heater_id: id).map { |due| due.slice(:id, :kind, :on, :text, :grade) },
          section: Drawing::Section.new(heater, units: book.units).to_h, parts: Heater::Parts.of(heater).to_h { |part| [part.id, @words.part(part.id)] }
        ).merge(visits(id))
      end

      private

      # Past visits, and what the last signed one showed.
      def visits(id)
        visits = @context.records.visits.of_heater(id)
        last = visits.find { |visit| visit[:status] == "signed" }
        page = last && JSON.parse(last[:page], symbolize_names: true)
        { visits: visits.map { |visit| brief(visit) }, marks: page ? page[:marks] : {}, ladder: page && page[:ladder] }
      end

      # With the age of those that are open, in days.
      def deficiencies(id)
        today = @context.now.to_date
        @context.records.deficiencies.of_heater(id).map do |row|
          row.slice(:id, :check, :part, :grade, :text, :remedy, :due, :status, :found_on, :closed_on, :evidence)
             .merge(seen: row[:seen_in].size, age: (today - Date.iso8601(row[:found_on])).to_i)
        end
      end

      def brief(visit)
        visit.slice(:id, :status, :planned_for, :signed_at, :outcome).merge(jobs: JSON.parse(visit[:jobs]).map { |job| @words.say(Work::Job[job].title) })
      end
    end
  end
end

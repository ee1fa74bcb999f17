# frozen_string_literal: true

module Munimen
  module Desk
    # A heater's record: what it is, its drawing as last seen, what is open and owed, its past visits.
    class ViewHeater
      def initialize(context) = @context = context

      def call(id)
        row = @context.records.heaters.with_place(id)
        book = Rules::Book[row[:code_profile]]
        heater = Heater::Installation.from(JSON.parse(row[:installation]), units: book.units)
        visits = @context.records.visits.of_heater(id)
        last = visits.find { |visit| visit[:status] == "signed" }
        row.slice(:id, :label, :site_id, :address, :access, :customer, :customer_id, :phone, :code_profile).merge(
          units: book.units, installation: heater.to_h(units: book.units), visits: visits.map { |visit| brief(visit) },
          owed: @context.records.dues.open(heater_id: id).map { |due| due.slice(:id, :kind, :on, :text, :grade) },
          section: Drawing::Section.new(heater, units: book.units).to_h, parts: Heater::Parts.of(heater).to_h { |part| [part.id, Words[book.units].part(part.id)] },
          marks: last ? JSON.parse(last[:page], symbolize_names: true)[:marks] : {}, ladder: last && JSON.parse(last[:page], symbolize_names: true)[:ladder]
        )
      end

      private

      def brief(visit)
        visit.slice(:id, :status, :planned_for, :signed_at, :outcome).merge(jobs: JSON.parse(visit[:jobs]).map { |job| Work::Job[job].title })
      end
    end
  end
end

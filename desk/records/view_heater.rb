# frozen_string_literal: true

module Munimen
  module Desk
    # A heater's record: what it is, its drawing as last seen, what is open and owed, its past
    # visits.
    class ViewHeater
      def initialize(context) = @context = context

      def call(id)
        row = @context.records.heaters.with_place(id)
        book = row[:book]
        @words = Words[book.units]
        row
          .slice(
            :id,
            :label,
            :site_id,
            :address,
            :access,
            :customer,
            :customer_id,
            :phone,
            :code_profile,
            :ended
          )
          .merge(
            installed(row, book),
            units: book.units,
            email: @context.records.customers.find(row[:customer_id])[:email],
            deficiencies: deficiencies(id),
            learnt: learnt(id)
          )
          .merge(work(id, row[:heater]))
      end

      private

      # Past visits, what is owed, and what the next visit could be for.
      def work(id, heater)
        visits = @context.records.visits.of_heater(id)
        dues = @context.records.dues.open(heater_id: id,
                                          gone: Calendar::Rule.gone(@context.now.to_date))
        visits(id, visits).merge(
          owed: dues.map { |due| due.slice(:id, :kind, :on, :text, :grade) },
          begin: WhatToBegin.new(@context, heater, @words).call(visits, dues)
        )
      end

      # Who learnt what of it, the latest of each field.
      def learnt(id)
        names = @context.records.people.all.to_h { |one| one.values_at(:id, :name) }
        last = @context.records.visits.learnt(id).to_h { |one| [one[:field], one] }.values
        last.map { |one| one.slice(:field, :on).merge(by: names[one[:account_id]]) }
      end

      # What follows from the plate alone; kept while it stays the same.
      def installed(row, book)
        @context
          .records
          .versioned_cache
          .fetch("plate #{row[:id]}", [row[:installation], book.id], now: @context.now) do
            heater = row[:heater]
            [
              {
                installation: heater.to_h(units: book.units),
                known: heater.known(units: book.units),
                jobs:
                  Work::Job
                    .fitting(heater)
                    .map { |job| { id: job.id, title: @words.say(job.title) } },
                complaints: Rang.choices(heater, @words),
                section: Drawing::Section.new(heater, units: book.units).to_h,
                parts: Heater::Parts.of(heater).to_h { |part| [part.id, @words.part(part.id)] }
              },
              nil
            ]
          end
      end

      # Past visits, and what the last signed one showed.
      def visits(id, visits)
        shown = @context.records.visits.last_shown(id).to_h.compact
        {
          visits: visits.map { |visit| brief(visit) },
          photos: photos(visits),
          marks: shown.fetch(:marks, {}),
          ladder: shown[:ladder]
        }
      end

      # What was photographed at this heater, the years side by side: [{what:, part:, years:
      # [{on:, visit:, ids:}]}], the latest first.
      def photos(visits)
        all = visits.flat_map do |visit|
          @context.records.photos.of_visit(visit[:id]).map do |subject, ids|
            [subject, { on: visit[:planned_for][0, 10], visit: visit[:id], ids: }]
          end
        end
        all.group_by(&:first).map do |subject, years|
          { what: ShownInPhotos.name(subject, @words), part: ShownInPhotos.part(subject),
            years: years.map(&:last) }
        end
      end

      # With the age of those that are open, in days.
      def deficiencies(id)
        today = @context.now.to_date
        @context.records.deficiencies.of_heater(id).map do |row|
          row.slice(
            :id,
            :check,
            :part,
            :grade,
            :text,
            :remedy,
            :due,
            :status,
            :found_on,
            :closed_on,
            :evidence
          ).merge(seen: row[:seen_in].size, age: (today - Date.iso8601(row[:found_on])).to_i)
        end
      end

      def brief(visit)
        visit.slice(:id, :status, :planned_for, :signed_at, :outcome).merge(
          jobs: visit[:jobs].map { |job| @words.say(Work::Job[job].title) }
        )
      end
    end
  end
end

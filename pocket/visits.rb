# frozen_string_literal: true

module Munimen
  module Pocket
    # Visits and what was written down in them, in memory: as Store::Visits.
    class Visits
      WRITTEN = Store::EntryOrder::TABLES

      def initialize(tables, settings)
        @tables = tables
        @settings = settings
      end

      def find(id) = Store::Values.of(row!(id))

      def contact(id)
        { language: "en", **Places.new(@tables).of(row!(id)[:heater_id])[:customer] }
          .slice(:email, :language)
      end

      def add(attributes)
        @tables.insert(:visits, { house_rules: {}, version: 0, entries: 0, arrival: nil,
                                  started_at: nil, signed_at: nil, outcome: nil, page: nil,
                                  left_state: nil, **attributes })
      end

      def update(id, attributes) = @tables.update(:visits, id, attributes)

      # Visits to a heater, newest first, without their pages.
      def of_heater(heater_id)
        newest_first(@tables.where(:visits, heater_id:)).map do |row|
          Store::Values.of(row.except(:page))
        end
      end

      def page(id) = JSON.parse(row!(id)[:page], symbolize_names: true)

      # What the last signed visit's page showed of the heater: {marks:, ladder:}, or nil.
      def last_shown(heater_id)
        last = newest_first(signed(heater_id)).first or return
        page = last[:page] && JSON.parse(last[:page], symbolize_names: true)
        { marks: page&.fetch(:marks, nil), ladder: page&.fetch(:ladder, nil) }
      end

      def of_day(date, since: "") = between(date, "#{date}~", since:)

      # Visits begun before a day and never ended: how many, and the oldest of them.
      def unfinished(before, limit:)
        rows = @tables[:visits].select do |row|
          row[:status] == "open" && row[:planned_for] < before
        end
        oldest = sorted(rows, :planned_for).first(limit)
        [rows.size, oldest.map { |row| Store::Values.of(shown(row)) }]
      end

      # Visits planned from one time to another (ISO), and those still open from before.
      def between(from, to, since: "")
        rows = @tables[:visits].select do |row|
          day = row[:planned_for]
          (row[:status] == "open" && day >= since) ||
            (day >= from && day < to && row[:status] != "ended")
        end
        sorted(rows, :planned_for).map { |row| Store::Values.of(shown(row)) }
      end

      def written?(table, id) = !@tables.find(table, id).nil?
      def write(table, attributes) = @tables.insert(table, attributes)

      # As Store::Visits#enter; nobody else writes here.
      def enter(id, version, entries, &block)
        return unless version(id) == version

        write_all = lambda do
          block&.call
          entries.each { |table, row| table == :visits ? update(id, row) : write(table, row) }
        end
        entries.size == 1 && block.nil? ? write_all.call : @tables.all_or_none(&write_all)
        entries
      end

      # The last quantity of each name read on visits to a heater: {name => Quantity}.
      def last_quantities(heater_id)
        rows = @tables.where(:visits, heater_id:).flat_map do |visit|
          @tables.of_visit(:readings, visit[:id]).select do |row|
            row[:superseded_by].nil? && row[:si]
          end
        end
        Store::VisitMapper.quantities(sorted(rows, :at))
      end

      def learnt(heater_id)
        rows = @tables.where(:visits, heater_id:).flat_map do |visit|
          @tables.of_visit(:decisions, visit[:id])
        end
        rows = rows.select { |row| row[:name].start_with?("learnt.") }
        Store::VisitMapper.learnt(rows.sort_by { |row| row.values_at(:at, :seq) })
      end

      def in_the_way(heater_id)
        rows = @tables.where(:visits, heater_id:).flat_map do |visit|
          @tables.of_visit(:decisions, visit[:id])
        end
        rows = rows.select { |row| row[:name].start_with?("next.") }
        rows.sort_by { |row| row.values_at(:at, :seq) }
            .to_h { |row| [row[:name].delete_prefix("next."), row[:value]] }
      end

      def amendments(visit_id)
        sorted(@tables.where(:amendments, visit_id:), :at).map do |row|
          row.slice(:id, :reason, :text, :at)
             .merge(by: @tables.find(:accounts, row[:account_id])&.fetch(:name))
        end
      end

      # Rows of one of the written tables, in the order in which they were entered.
      def rows(table, visit_id)
        by = WRITTEN.include?(table) ? :seq : :at
        sorted(@tables.of_visit(table, visit_id), by).map { |row| Store::Values.of(row) }
      end

      def left_state(heater_id)
        row = signed(heater_id).max_by { |one| one[:signed_at] } or return
        { outcome: row[:outcome], state: row[:left_state] && JSON.parse(row[:left_state]) }
      end

      def keep_standing(id, dangers)
        arrival = JSON.parse(row!(id)[:arrival] || "{}")
        update(id, arrival: arrival.merge(dangers))
      end

      def version(id) = @tables.find(:visits, id)&.fetch(:version)

      # The core's Visit of an id, as it stands at `now` (a Time, or a callable given the row).
      def load(id, now:)
        row = shown(row!(id))
        written = WRITTEN.to_h { |table| [table, sorted(@tables.of_visit(table, id), :seq)] }
        Store::VisitMapper.new(
          row,
          now: now.respond_to?(:call) ? now.call(row) : now,
          firm_rules: @settings.house_rules,
          written:,
          known: known(row)
        ).build
      end

      # What is in the pocket is all that it knows.
      def load_as_seen(*, **) = nil

      private

      # What was made of a visit the last time, of the few that are looked at here.
      def known(row)
        key = row.values_at(:id, :installation, :code_profile)
        @known ||= {}
        known = @known.delete(key) || Store::VisitMapper::Known.new
        @known.shift if @known.size >= 8
        @known[key] = known
      end

      def row!(id)
        @tables.find(:visits, id) || raise(NotFound.new("There is no such visit.", field: :visit))
      end

      def signed(heater_id) = @tables.where(:visits, heater_id:, status: "signed")
      def newest_first(rows) = sorted(rows, :planned_for).reverse

      def sorted(rows, by)
        rows.each_with_index.sort_by { |row, index| [row[by], index] }.map(&:first)
      end

      # A visit with where it is and who goes, as one row.
      def shown(row)
        heater, site, customer = Places.new(@tables).of(row[:heater_id])
                                       .values_at(:heater, :site, :customer)
        row.slice(:id, :status, :jobs, :planned_for, :started_at, :signed_at, :outcome, :version,
                  :arrival, :told_before, :heater_id, :account_id, :window_from, :window_to,
                  :created_at)
           .merge(heater.slice(:label, :installation, :site_id))
           .merge(site.slice(:address, :access, :code_profile, :customer_id, :lat, :lng))
           .merge(phone: customer[:phone], customer: customer[:name],
                  person: @tables.find(:accounts, row[:account_id])&.fetch(:name),
                  site_rules: site[:house_rules], visit_rules: row[:house_rules],
                  open_before: open_before(row))
      end

      # What other visits to the heater left open, as JSON.
      def open_before(visit)
        rows = @tables.where(:deficiencies, heater_id: visit[:heater_id], status: "open")
          .reject { |row| row[:found_in] == visit[:id] }
          .sort_by { |row| row.values_at(:found_on, :id) }
        JSON.generate(rows.map do |row|
          row.slice(*%i[check part grade text remedy found_on due said])
        end)
      end
    end
  end
end

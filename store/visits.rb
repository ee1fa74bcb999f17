# frozen_string_literal: true

module Munimen
  module Store
    # Visits and what was written down in them; turns the rows into the core's Visit.
    class Visits
      WRITTEN = EntryOrder::TABLES
      READ = Mutex.new
      VISITS = 100 # that are kept as the core has them

      def initialize(database, settings)
        @database = database
        @settings = settings
        @rows = database[:visits]
      end

      def find(id)
        Values.of(@rows.where(id:).first) ||
          raise(NotFound.new("There is no such visit.", field: :visit))
      end

      # {email:, language:} of a visit's customer.
      def contact(id)
        @rows
          .join(:heaters, id: :heater_id)
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
          .where(Sequel[:visits][:id] => id)
          .select(:email, :language)
          .first || { email: nil, language: "en" }
      end

      def add(attributes)
        @rows.insert_conflict(target: :id).insert(Values.kept(attributes))
      end

      def update(id, attributes) = @rows.where(id:).update(Values.kept(attributes))

      # Visits to a heater, newest first, without their pages.
      def of_heater(heater_id)
        rows = @rows.where(heater_id:).reverse(:planned_for).select(*(@rows.columns - [:page]))
        rows.map { |row| Values.of(row) }
      end

      # The page of a signed visit as it was kept.
      def page(id) = JSON.parse(@rows.where(id:).get(:page), symbolize_names: true)

      # What the pages of signed visits say of each thing that was judged, as shown and then as a
      # deficiency: [{visit_id:, heater_id:, signed_at:, check:, part:, state:, …}].
      def verdicts
        { results: "title", deficiencies: "place" }
          .flat_map { |list, part| listed(list, part) }
          .sort_by.with_index { |row, index| [row[:signed_at], row[:visit_id], index] }
          .uniq { |row| row.values_at(:visit_id, :check) }
      end

      def listed(list, part)
        told = { check: "check", part:, state: "state", measured: "measured", limit: "limit",
                 text: "text", source: "source" }
        @rows
          .from(:visits, Sequel.function(:json_each, :page, "$.page.#{list}").as(:one))
          .where(Sequel[:visits][:status] => "signed")
          .select(
            Sequel[:visits][:id].as(:visit_id), :heater_id, :signed_at,
            *told.map do |name, key|
              Sequel.function(:json_extract, Sequel[:one][:value], "$.#{key}").as(name)
            end
          )
          .all
      end
      private :listed

      # What the last signed visit's page showed of the heater: {marks:, ladder:}, or nil.
      def last_shown(heater_id)
        shown = @rows
          .where(heater_id:, status: "signed")
          .reverse(:planned_for)
          .limit(1)
          .select(
            Sequel.lit("json_extract(page, '$.marks') AS marks"),
            Sequel.lit("json_extract(page, '$.ladder') AS ladder")
          )
          .first
        shown&.transform_values { |text| text && JSON.parse(text, symbolize_names: true) }
      end

      # Visits planned for a day, or still open from some day since, with heater, place, customer.
      def of_day(date, since: "")
        (within(date, "#{date}~") + still_open(since))
          .uniq { |row| row[:id] }
          .sort_by { |row| row[:planned_for] }
      end

      # Visits begun before a day and never ended: how many, and the oldest of them as of_day has
      # them.
      def unfinished(before, limit:)
        rows = @rows.where(status: "open").where { planned_for < before }
        oldest = of_ids(rows.order(:planned_for).limit(limit))
        [rows.count, oldest.sort_by { |row| row[:planned_for] }]
      end

      # Visits planned from one time to another (ISO), and those still open from before.
      def between(from, to)
        (within(from, to) + still_open).uniq { |row| row[:id] }.sort_by { |row| row[:planned_for] }
      end

      # Visits of an account that are booked or under way, the next first.
      def unsigned_of(account_id)
        rows = @rows.where(account_id:, status: %w[booked open])
        of_ids(rows).sort_by { |row| row[:planned_for] }
      end

      def written?(table, id)
        @there ||= {}
        @there[table] ||= @database[table].where(id: :$id).select(Sequel.lit("1 AS one"))
          .prepare(:select, :"one_of_#{table}")
        @there[table].call(id:).any?
      end

      # Writes one row into readings, observations, steps, decisions, notes or signatures, unless
      # one of this id is there already, as where a request is sent twice at once.
      def write(table, attributes)
        @database[table].insert(Values.kept(attributes))
      rescue Sequel::UniqueConstraintViolation
        raise unless written?(table, attributes[:id])
      end

      # Runs the block and writes entries ([[table, row], …]; :visits in the place of a table: what
      # changes of the visit's own row), if nothing else has been written to the visit since
      # `version`; whether that was so. What is there already by its id stays as it is. taken:
      # TakenWrites::Begun, kept with it.
      def enter(id, version, entries, taken: nil, &along)
        alone = entries.size == 1 && entries.first.first == :readings && !block_given?
        @database.transaction(mode: :immediate) do
          entered = if alone then enter_reading(version, entries.first.last)
                    else enter_all?(id, version, entries, &along)
                    end
          taken&.keep(@database) if entered
          entered
        end
      end

      # The last quantity of each name read on earlier visits to a heater: {name => Quantity}.
      def last_quantities(heater_id)
        rows =
          @database[:readings]
            .join(:visits, id: :visit_id)
            .where(heater_id:, superseded_by: nil)
            .exclude(si: nil)
            .order(:at)
            .select(:name, :si)
        VisitMapper.quantities(rows)
      end

      # Heaters that somebody goes to, or is at.
      def booked_heaters = @rows.where(status: %w[booked open]).select_map(:heater_id).to_set

      # Who learnt what of a heater on its visits, the first first: [{field:, on:, account_id:}].
      def learnt(heater_id)
        rows = @database[:decisions]
          .join(:visits, id: :visit_id)
          .where(heater_id:)
          .where(Sequel.like(Sequel[:decisions][:name], "learnt.%"))
          .order(Sequel[:decisions][:at], Sequel[:decisions][:seq])
          .select(*%i[name at account_id].map { |name| Sequel[:decisions][name].as(name) })
        VisitMapper.learnt(rows.all)
      end

      # What a visit has taught its heater's record, as written: {field => {before:, after:}};
      # before is "" where that is not known.
      def taught(visit_id)
        rows(:decisions, visit_id).each_with_object({}) do |row, all|
          kind, (field,) = Visit::Decisions.parse(row[:name])
          next unless kind == :learnt

          all[field.to_sym] ||= { before: row.dig(:arrived, :before).to_s }
          all[field.to_sym][:after] = row[:value]
        end
      end

      # What was said to be in the way at a heater, the last word on each: {id => "yes" or "no"}.
      def in_the_way(heater_id)
        @database[:decisions]
          .join(:visits, id: :visit_id)
          .where(heater_id:)
          .where(Sequel.like(Sequel[:decisions][:name], "next.%"))
          .order(Sequel[:decisions][:at], Sequel[:decisions][:seq])
          .select_map([Sequel[:decisions][:name], Sequel[:decisions][:value]])
          .to_h { |name, value| [name.delete_prefix("next."), value] }
      end

      # What was added to a signed visit, with who added it, in order of time.
      def amendments(visit_id)
        @database[:amendments]
          .join(:accounts, id: :account_id)
          .where(visit_id:)
          .order(:at)
          .select(Sequel[:amendments][:id], :reason, :text, :at, Sequel[:accounts][:name].as(:by))
          .all
      end

      # Rows of one of the written tables, in the order in which they were entered.
      def rows(table, visit_id)
        @of_visit ||= {}
        @of_visit[table] ||= @database[table]
          .where(visit_id: :$visit_id)
          .order(*(WRITTEN.include?(table) ? [:seq] : [:at]), Sequel.lit("rowid"))
          .prepare(:select, :"#{table}_of_visit")
        @of_visit[table].call(visit_id:).map { |row| Values.of(row) }
      end

      # Days (ISO) of the first and the latest signed visit to a heater, or [nil, nil].
      def signed_days(heater_id)
        signed = @rows.where(heater_id:, status: "signed")
        [signed.min(:signed_at), signed.max(:signed_at)].map { |at| at && at[0, 10] }
      end

      # How the last signed visit left a heater: {variable => value} of what is not as presumed on
      # arrival, or nil where there is none or it was left before that was kept.
      def left_state(heater_id)
        row = @rows.where(heater_id:, status: "signed").reverse(:signed_at).first or return
        { outcome: row[:outcome], state: row[:left_state] && JSON.parse(row[:left_state]) }
      end

      # Dangers that stay with an open visit, whatever the record now says: {variable => value}.
      def keep_standing(id, dangers)
        arrival = JSON.parse(@rows.where(id:).get(:arrival) || "{}")
        update(id, arrival: arrival.merge(dangers))
      end

      # A number that grows with all that is written in a visit.
      def version(id)
        @version ||= @rows.where(id: :$id).select(:version).prepare(:select, :version_of_visit)
        @version.call(id:).first&.fetch(:version)
      end

      # The core's Visit of an id, as it stands at `now` (a Time, or a callable given the visit's
      # row), with what was corrected in it.
      def load(id, now:)
        row, written = everything_of(id)
        mapped(row, written, now, known(row))
      end

      # The same as a device knew it (VisitMapper::Seen); nil where that is all there is.
      def load_as_seen(id, now:, seen:)
        row, written = everything_of(id)
        mapped(row, seen.of(written), now, VisitMapper::Known.new) if seen.behind?(written)
      end

      private

      def enter_all?(id, version, entries)
        return false unless version(id) == version

        yield if block_given?
        entries.each { |table, row| table == :visits ? update(id, row) : write(table, row) }
        true
      end

      # One statement, as most of what is written is one reading. It corrects the one of its name
      # that stood by a trigger.
      def enter_reading(version, row)
        @insert ||= insert_reading(row.keys)
        @insert.call(judged: version, **row).positive?
      rescue Sequel::ConstraintViolation
        raise unless written?(:readings, row[:id])

        true
      end

      def insert_reading(columns)
        values = columns.map { |one| ":#{one}" }.join(", ")
        @database[
          "INSERT INTO readings (#{columns.join(", ")}) SELECT #{values} " \
          "WHERE (SELECT version FROM visits WHERE id = :visit_id) = :judged",
          [*columns, :judged].to_h { |one| [one, :"$#{one}"] }
        ].prepare(:update, :insert_reading)
      end

      # A visit's row, and what was written in it by table.
      def everything_of(id)
        @whole ||= whole
        row = @whole.call(id:).first or
          raise NotFound.new("There is no such visit.", field: :visit)
        [row, WRITTEN.to_h do |table|
          [table, JSON.parse(row.delete(table), symbolize_names: true)]
        end]
      end

      def mapped(row, written, now, known)
        now = now.call(row) if now.respond_to?(:call)
        VisitMapper.new(row, now:, firm_rules: @settings.house_rules, written:, known:).build
      end

      # What was made of a visit the last time: a row never changes but for what takes its place,
      # and another heater or book is another visit.
      def known(row)
        key = row.values_at(:id, :installation, :code_profile)
        READ.synchronize do
          @known ||= {}
          known = @known.delete(key) || VisitMapper::Known.new
          @known.shift if @known.size >= VISITS
          @known[key] = known
        end
      end

      def more
        placed.select_append(:lat, :lng, :window_from, :window_to, Sequel[:visits][:created_at])
      end

      # Which they are by the visits' own indexes first, then where they are.
      def within(from, to)
        days = @rows.where { Sequel.&(planned_for >= from, planned_for < to) }
        of_ids(days.exclude(status: "ended"))
      end

      def still_open(since = "")
        of_ids(@rows.where(status: "open").where { planned_for >= since })
      end

      def of_ids(rows)
        found = more.where(Sequel[:visits][:id] => rows.select_map(:id))
        found.map { |row| Values.of(row) }
      end

      # Everything written in a visit, in one round with its row: each table as a JSON list.
      def whole
        placed(Sequel[:visits][:id] => :$id)
          .select_append(*everything, Sequel.lit(LEFT_OPEN))
          .prepare(:select, :whole_visit)
      end

      # What other visits to the heater left open.
      LEFT_OPEN = <<~SQL.chomp
        (SELECT json_group_array(json_object('check', "check", 'part', part, 'grade', grade,
         'text', text, 'remedy', remedy, 'found_on', found_on, 'due', due, 'said', said))
         FROM (SELECT * FROM deficiencies WHERE heater_id = visits.heater_id AND status = 'open'
         AND found_in <> visits.id ORDER BY found_on, id)) AS open_before
      SQL
      private_constant :LEFT_OPEN

      def everything
        WRITTEN.map do |table|
          fields = @database[table].columns.map { |name| "'#{name}', #{exactly(name)}" }.join(", ")
          Sequel.lit(
            "(SELECT json_group_array(json_object(#{fields})) FROM (SELECT * FROM #{table} WHERE " \
            "visit_id = visits.id ORDER BY seq, rowid)) AS #{table}"
          )
        end
      end

      # JSON of SQLite has 15 digits of a number, a reading may need 17.
      def exactly(column)
        return "\"#{column}\"" unless column == :si

        "CASE WHEN si IS NULL THEN NULL ELSE json(printf('%!.17g', si)) END"
      end

      def placed(conditions = {})
        @rows
          .join(:heaters, id: :heater_id)
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
          .left_join(:accounts, id: Sequel[:visits][:account_id])
          .where(conditions)
          .select(
            Sequel[:visits][:id],
            :status,
            :jobs,
            :planned_for,
            :started_at,
            :signed_at,
            Sequel[:visits][:ended],
            :outcome,
            :version,
            :arrival,
            :told_before,
            :heater_id,
            :label,
            :installation,
            :address,
            :access,
            :code_profile,
            :phone,
            :customer_id,
            :site_id,
            Sequel[:visits][:account_id],
            Sequel[:sites][:house_rules].as(:site_rules),
            Sequel[:visits][:house_rules].as(:visit_rules),
            Sequel[:customers][:name].as(:customer),
            Sequel[:accounts][:name].as(:person)
          )
      end
    end
  end
end

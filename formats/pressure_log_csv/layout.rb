# frozen_string_literal: true

module Munimen
  module Formats
    class PressureLogCsv
      # Which lines of a table are its head, which of its columns is the time and which the
      # pressure, by their names and by what stands in them, or by where a person points.
      class Layout
        NAMED = /press|druck|presi[oó]n|psi|(?<!baro)bar(?!o)|kpa|mpa|mbar|\bpa\b/i
        OTHER = /temp|batt|volt|humid|°|\bno\.?\b|\#|index|record|seq|serial|flow|signal|rssi|
                 status|alarm|baro|atmos|ambient|\bid\b|\bmin(?:imum)?\b|std|dev/ix
        HIGHEST = /\bmax(?:imum)?\b|peak/i
        TIME = /time|zeit|hora|date|datum|fecha|elapsed|sec|stamp|clock|uhr/i
        ABSOLUTE = /psi\s*\(?a(?:bs)?\b|bar\s*\(?a(?:bs)?\b|pa\s*\(?a(?:bs)?\b|\babs(?:\b|olute)/i
        UNIT = /(psi|mbar|hpa|bar|kpa|mpa|\bpa\b|"?\s?in\.?\s?w\.?c)/i
        UNITS_ROW = %r{\A[\[(]?(?:units?|n?[sh]|sec|min|ms|°?[CFK]|%|m?[VA]|y+[-./ ].*|
                     hh:mm(?::ss)?|
                     (?:psi|bar|mbar|[khM]?Pa)[ga]?)[\])]?\z}ix
        RUN = 3 # rows of readings one after another that begin the table

        # columns: names; first: index of the first row of readings; time, hours, pressure: indices
        # of columns, hours nil where they stand beside their date in one cell.
        attr_reader :columns, :first, :time, :hours, :pressure

        # rows: [[cell]] of the first lines; asked: {time:, pressure:} names or numbers of columns
        # that a person points at. Raises Unclear.
        def initialize(rows, asked = {})
          @rows = rows
          @asked = asked
          @first = beginning
          @body = rows.drop(@first).select { |row| row.size >= 2 }
          unclear!("No line has two columns.", :log, :empty) if @body.empty?

          @columns = names
          choose
        end

        # What the names or cells say of the unit, or nil; and whether it counts from vacuum.
        def unit = said[UNIT]
        def absolute? = said.match?(ABSOLUTE)

        # The texts of the time of some rows.
        def moment(row) = @hours ? "#{row[@time]} #{row[@hours]}" : row[@time].to_s

        private

        def said = "#{@columns[@pressure]} #{@body.first[@pressure]}"

        # The first of some rows of readings: before it stand a preamble and the head.
        def beginning
          (0...@rows.size).find { |at| @rows[at, RUN].all? { |row| readings?(row) } } || 0
        end

        def readings?(row)
          row.size > 1 && row.count { |cell| number?(cell) || moment?(cell) } > 1 &&
            row.none? { |cell| cell.match?(/\A\s*(?:date|time|zeit|timestamp)\s*\z/i) }
        end

        def number?(cell) = cell.match?(Numbers::NUMBER)
        def moment?(cell) = Written.time?(cell) || Written.date?(cell) || Written.hours?(cell)

        def names
          width = @body.map(&:size).max
          named = head.map { |cell| cell.to_s.strip }.first(width)
          (0...width).map do |index|
            named[index].to_s.empty? ? Message.of("column {index}", index: index + 1) : named[index]
          end
        end

        # The last line before the readings that names columns; with the units' line under it.
        def head
          above = @rows.first(@first).reverse.select { |row| row.size > 1 }
          last = above.first
          return [] unless last && words?(last)
          return last unless units?(last) && above[1] && words?(above[1])

          above[1].zip(last).map { |name, unit| "#{name} #{unit}".strip }
        end

        def words?(row)
          filled = row.reject { |cell| cell.strip.empty? }
          filled.count { |cell| cell.match?(/[[:alpha:]]/) && !moment?(cell) } * 2 > filled.size
        end

        def units?(row) = row.all? { |cell| cell.strip.empty? || cell.strip.match?(UNITS_ROW) }

        def choose
          @time = pointed(:time) || best_time
          @hours = beside
          @pressure = pointed(:pressure) || best_pressure
        end

        # Hours in a column of their own, wherever it stands.
        def beside
          return unless most?(@time) { |cell| Written.date?(cell) }

          (0...@columns.size).find do |index|
            index != @time && most?(index) { |cell| Written.hours?(cell) }
          end
        end

        def most?(index, &block)
          cells(index).then { |all| all.count(&block) * 2 > all.size }
        end

        def cells(index) = @body.map { |row| row[index].to_s }

        def pointed(which)
          name = @asked[which].to_s.strip
          return if name.empty?

          @columns.index(name) || @columns.index { |one| one.casecmp?(name) } ||
            (0...@columns.size).find { |index| (index + 1).to_s == name } ||
            unclear!(Message.of("There is no column “{name}”; there are: {found}.",
                                name:, found:), which, :unknown_choice)
        end

        def best_time
          best = (0...@columns.size).max_by { |index| [time_score(index), -index] }
          return best if time_score(best).positive?

          unclear!(Message.of("Which column is the time? Found: {found}.", found:), :time, :missing)
        end

        def time_score(index)
          @time_scores ||= {}
          @time_scores[index] ||= written_score(index) || counted_score(index)
        end

        def written_score(index)
          all = cells(index)
          whole = all.count { |cell| Written.time?(cell) }
          return 4.0 if whole * 2 > all.size
          return 3.0 if most?(index) { |cell| Written.date?(cell) }

          2.0 if most?(index) { |cell| Written.hours?(cell) }
        end

        # Numbers that rise, or fall, all the way; a bare count of rows last.
        def counted_score(index)
          numbers = cells(index).filter_map { |cell| Float(cell.tr(",", "."), exception: false) }
          return 0 if numbers.size * 2 <= @body.size || !steady?(numbers)

          named = @columns[index].match?(TIME) ? 1.0 : 0
          named + (count?(numbers) ? 0.1 : 0.5)
        end

        def steady?(numbers)
          numbers.each_cons(2).all? { |a, b| b > a } || numbers.each_cons(2).all? { |a, b| b < a }
        end

        def count?(numbers)
          numbers.size > 1 && numbers.each_cons(2).all? { |a, b| (b - a).abs == 1 }
        end

        def best_pressure
          scores = (0...@columns.size).to_h { |index| [index, pressure_score(index)] }
          best, score = scores.max_by { |index, one| [one, -index] }
          rivals = scores.select { |_, one| one == score }.keys
          return best if score.positive? && (rivals.one? || @columns[best].match?(NAMED))

          unclear!(Message.of("Which column is the pressure? Found: {found}.",
                              found:), :pressure, :missing)
        end

        def pressure_score(index)
          return 0 if [@time, @hours].include?(index) || !most?(index) { |cell| number?(cell) }
          return 0 if !@columns[index].match?(NAMED) && rows_counted?(index)

          name = "#{@columns[index]} #{@body.first[index].to_s[/[[:alpha:]]+/]}"
          1.0 + (name.match?(NAMED) ? 2 : 0) - (name.match?(OTHER) ? 0.9 : 0) -
            (name.match?(HIGHEST) ? 0.5 : 0)
        end

        def rows_counted?(index)
          count?(cells(index).filter_map { |cell| Float(cell, exception: false) })
        end

        # The columns with what stands in them.
        def found
          row = @body.first
          @columns.each_with_index.map do |name, at|
            Message.of("{name} (like “{cell}”)", name:, cell: row[at].to_s.strip[0, 30])
          end.join(", ")
        end

        def unclear!(text, field, code)
          raise Unclear.new(text, field:, code:, columns: @columns || [])
        end
      end
    end
  end
end

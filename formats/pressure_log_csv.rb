# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # A pressure logger's table: which column is the time and which the pressure is found by
    # itself or said, any separator, any unit, decimal comma or point, lines before the header;
    # rows that are not readings are counted, not fatal.
    #
    #   PressureLogCsv.new(io, units: :us).read { |share| … } # => Log: times, pressures, start
    class PressureLogCsv
      # times: s since start; pressures: Pa; start: "2026-11-23T10:00:00", as its clock said;
      # skipped: rows without a reading.
      Log =
        Struct.new(
          :times,
          :pressures,
          :start,
          :skipped,
          :columns,
          :time_column,
          :pressure_column,
          :unit,
          :guessed,
          :moved,
          keyword_init: true
        )

      LOOK = 200      # lines from which the columns are told
      EVERY = 50_000  # rows between two words of progress
      MOST = 5_000_000
      SEPARATORS = ["\t", ";", ",", "|"].freeze
      NAMED = /press|druck|psi|bar|kpa|pa\b/i
      UNIT = /(psig?|mbar|bar|kpa|mpa|\bpa\b)/i

      # io: of the text. units: of the site, for a bare number. time, pressure: names of the
      # columns; unit: a symbol.
      def initialize(io, units: :us, size: nil, time: nil, pressure: nil, unit: nil, day_first: nil)
        @io = io
        @units = units
        @size = size || (io.respond_to?(:size) ? io.size : nil)
        @asked = { time:, pressure:, unit: }
        @day_first = day_first
      end

      # Yields the share read, 0 to 1. Raises Error that names what is missing.
      def read(&progress)
        look
        @times = []
        @values = []
        @skipped = 0
        @lines.each { |line| take(line) }
        rest(progress)
        if @times.empty?
          raise Error.new("No row has both a time and a pressure.", field: :log, code: :empty)
        end

        set_in_order
        start = @times.first
        @times.map! { |time| time - start }
        Log.new(
          times: @times,
          pressures: @values,
          start: (@clock.absolute? ? Time.at(start).utc.strftime("%FT%T") : nil),
          skipped: @skipped,
          columns: @columns,
          time_column: @columns[@time],
          pressure_column: @columns[@pressure],
          unit: @unit.symbol,
          guessed: @guessed,
          moved: @clock.moved
        )
      end

      private

      def look
        rows = first_lines.then { |text| (@text = text).map { |line| split(line) } }
        usual = rows.map(&:size).tally.max_by(&:last).first
        head = rows.index { |row| row.size > 1 && row.size == usual && named?(row) }
        @columns =
          head ? rows[head].map(&:strip) : Array.new(usual) { |index| "column #{index + 1}" }
        @lines = head ? @text.drop(head + 1) : @text
        body = (head ? rows.drop(head + 1) : rows).select { |row| row.size >= 2 }
        raise Error.new("No line has two columns.", field: :log, code: :empty) if body.empty?

        choose(body)
      end

      def first_lines
        text = []
        LOOK.times { (line = @io.gets) ? text << clean(line) : break }
        text.reject!(&:empty?)
        raise Error.new("The file is empty.", field: :log, code: :empty) if text.empty?
        if text.first.include?("\0")
          raise Error.new(
            "This is not a table in text: save it as CSV.",
            field: :log,
            code: :not_text
          )
        end

        @separator =
          SEPARATORS.max_by { |one| text.last(50).count { |line| line.count(one).positive? } }
        text
      end

      # Whether a row names columns: more words in it than anything else.
      def named?(row)
        row.count { |cell| cell.match?(/[[:alpha:]]/) && !Clock.time?(cell) } > row.size / 2
      end

      def choose(body)
        @time = column(:time, body) { |index| time_score(body, index) }
        if body.count { |row| Clock.date?(row[@time]) && Clock.hour?(row[@time + 1].to_s) } >
           body.size / 2
          @beside = @time + 1
        end
        @pressure = column(:pressure, body) do |index|
          [@time, @beside].include?(index) ? 0 : pressure_score(body, index)
        end
        @clock = Clock.new(
          body.map { |row| moment(row) },
          tail,
          @columns[@time],
          day_first: @day_first.nil? ? @units != :us : @day_first
        )
        @unit = unit(body)
      end

      # Times of the last rows, where one can go there and back.
      def tail
        return [] unless @size && @io.respond_to?(:seek) && @size > 4096

        here = @io.pos
        @io.seek(@size - 4096)
        @io
          .read
          .to_s
          .force_encoding(Encoding::UTF_8)
          .lines
          .drop(1)
          .map { |line| moment(split(clean(line))) }
          .tap { @io.seek(here) }
      end

      def column(which, body, &)
        if (name = @asked[which])
          return @columns.index(name) ||
                 raise(
                   Error.new(
                     "There is no column “#{name}”; there are: #{@columns.join(", ")}.",
                     field: which,
                     code: :unknown_choice
                   )
                 )
        end

        best = (0...body.map(&:size).max).max_by(&)
        return best if yield(best).positive?

        raise Error.new(
          "Which column is the #{which}? There are: #{@columns.join(", ")}.",
          field: which,
          code: :missing
        )
      end

      def time_score(body, index)
        cells = body.map { |row| row[index].to_s }
        written = cells.count { |cell| Clock.time?(cell) || Clock.date?(cell) }
        return 2.0 * written / cells.size if written > cells.size / 2

        numbers = cells.filter_map { |cell| number(cell) }
        rising = numbers.each_cons(2).all? { |a, b| b > a } && numbers.size > cells.size / 2
        if rising
          1.0 + (@columns[index].to_s.match?(/time|zeit|elapsed|sec/i) ? 0.5 : 0)
        else
          0
        end
      end

      def pressure_score(body, index)
        numeric = body.count { |row| number(row[index].to_s) }
        return 0 if numeric < body.size / 2

        1.0 + (@columns[index].to_s.match?(NAMED) ? 2 : 0) -
          (@columns[index].to_s.match?(/temp|batt|volt|°|no\.?$|#|index|record/i) ? 0.9 : 0)
      end

      def unit(body)
        name = @asked[:unit] || @columns[@pressure].to_s[UNIT] || body.first[@pressure].to_s[UNIT]
        @guessed = name.nil?
        found = Measure::Unit.find(name || Measure::Kind[:pressure].unit(@units).symbol)
        return found if found&.dimension == :pressure

        raise Error.new(
          "“#{name}” is not a unit of pressure; use one of: " \
          "#{Measure::Unit.of(:pressure).map(&:symbol).join(", ")}.",
          field: :unit,
          code: :wrong_unit
        )
      end

      def rest(progress)
        done = @lines.sum(&:bytesize)
        rows = 0
        while (line = @io.gets)
          done += line.bytesize
          take(line.valid_encoding? ? line.chomp! || line : clean(line))
          rows += 1
          if rows > MOST
            raise Error.new(
              "The log has more than #{MOST} rows; cut it into parts.",
              field: :log,
              code: :too_long
            )
          end

          progress&.call(done / [@size.to_f, done].max) if (rows % EVERY).zero?
        end
      end

      def take(line)
        return if line.empty?

        row = line.include?('"') ? split(line) : line.split(@separator)
        time = @clock.read(moment(row))
        value = row[@pressure]
        value &&= number(value)
        return @skipped += 1 unless time && value

        @times << time
        @values << @unit.to_si(value)
      end

      def moment(row) = @beside ? "#{row[@time]} #{row[@beside]}" : row[@time].to_s

      def number(cell)
        plain = Float(cell, exception: false)
        return plain if plain

        cell = cell.tr(",", ".") if @separator != "," && cell.include?(",")
        Float(cell, exception: false) ||
          (
            (found = cell[%r{\A\s*[-+]?\d*\.?\d+(?=\s*[[:alpha:]/²]*\s*\z)}]) &&
              Float(found, exception: false)
          )
      end

      # A line whose quotes do not close is taken as it stands.
      def split(line)
        CSV.parse_line(line, col_sep: @separator, liberal_parsing: true)&.map(&:to_s) || []
      rescue CSV::MalformedCSVError
        line.split(@separator)
      end

      def clean(line) = (line.valid_encoding? ? line : line.scrub("")).delete_prefix("\uFEFF").chomp

      # A row that comes late is put where it belongs; of two of one time the first stays.
      def set_in_order
        return if @times.each_cons(2).all? { |a, b| b > a }

        pairs =
          @times
            .zip(@values)
            .each_with_index
            .sort_by { |(time, _), index| [time, index] }
            .map(&:first)
        kept = pairs.chunk_while { |a, b| a[0] == b[0] }.map(&:first)
        @skipped += pairs.size - kept.size
        @times = kept.map(&:first)
        @values = kept.map(&:last)
      end
    end
  end
end

# frozen_string_literal: true

require "csv"

module Munimen
  module Formats
    # A pressure logger's table: which column is the time and which the pressure is found by
    # itself or said, any encoding and separator, any unit, decimal comma or point, lines before
    # the header; rows that are not readings are counted, not fatal.
    #
    #   PressureLogCsv.new(io, units: :us).read { |share| … } # => Log: times, pressures, start
    class PressureLogCsv
      # times: s since start; pressures: Pa gauge; start: "2026-11-23T10:00:00", as its clock said;
      # skipped: rows without a reading; absolute: whether the file counted from vacuum.
      Log =
        Struct.new(
          :times,
          :pressures,
          :start,
          :skipped,
          :columns,
          :time_column, :pressure_column,
          :unit,
          :absolute,
          :guessed,
          :moved,
          keyword_init: true
        )

      LOOK = 200      # lines from which the columns are told
      EVERY = 50_000  # rows between two words of progress
      MOST = 5_000_000
      ATMOSPHERE = 101_325.0 # Pa, standard (ISO 2533); taken off where a file counts from vacuum
      LIKELY = (20e3..3e6) # Pa gauge; from memory
      POSSIBLE = (-101_325.0..20e6) # Pa gauge: no sensor shows less than vacuum

      # io: of the text. units: of the site, for a bare number. time, pressure: names or numbers of
      # columns; unit: a symbol, "psia" and "bar abs" from vacuum; date: of the first row, a Date or
      # 2026-11-23, where rows have hours alone.
      def initialize(io, units: :us, time: nil, pressure: nil, unit: nil, date: nil, day_first: nil)
        @io, @end = TableText.opened(io)
        @budget = Budget.new(field: :log)
        @number = 0
        @units = units
        @size = @io.size if @io.respond_to?(:size)
        @asked = { time:, pressure: }
        @unit_asked = unit
        @date = date && day(date)
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
        log(@clock.absolute? ? Time.at(start).utc.strftime("%FT%T") : nil)
      end

      private

      def log(start)
        Log.new(
          times: @times,
          pressures: @values,
          start:,
          skipped: @skipped,
          columns: @layout.columns,
          time_column: @layout.columns[@layout.time],
          pressure_column: @layout.columns[@layout.pressure], unit: @unit.symbol,
          absolute: @zero.positive?,
          guessed: @guessed,
          moved: @clock.moved
        )
      end

      def look
        text = first_lines
        rows = text.map { |line| brief(split(line)) }
        @layout = Layout.new(rows, @asked)
        @lines = text.drop(@layout.first)
        body = rows.drop(@layout.first)
        @clock = clock(body)
        choose_unit
        @numbers = Numbers.new(
          body.map { |row| row[@layout.pressure].to_s },
          comma: @separator != ","
        ) { |number| LIKELY.cover?(@unit.to_si(number) - @zero) }
        @split = @separator == TableText::SPACES ? nil : @separator
        @pressure = @layout.pressure
      end

      def clock(body)
        Clock.new(
          body.map { |row| @layout.moment(row) },
          tail,
          [@layout.time, @layout.hours].compact.map { |at| @layout.columns[at] }.join(" "),
          day_first: @day_first.nil? ? !Measure::System.american?(@units) : @day_first,
          date: @date
        )
      end

      def first_lines
        text = []
        LOOK.times { (line = next_line) ? text << clean(line) : break }
        text.reject! { |line| line.strip.empty? }
        raise Error.new("The file is empty.", field: :log, code: :empty) if text.empty?
        if text.first.include?("\0")
          raise Error.new(
            "This is not a table in text: save it as CSV.",
            field: :log, code: :not_text
          )
        end

        @separator = TableText.separator([text.first, *text.last(50)])
        text.shift if text.first.match?(TableText::SAID)
        text
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
          .split(@end)
          .drop(1)
          .map { |line| @layout.moment(split(clean(line))) }
          .tap { @io.seek(here) }
      end

      # The unit, and what it counts from: Pa below the atmosphere's pressure.
      def choose_unit
        asked = @unit_asked.to_s.strip
        name = asked.empty? ? @layout.unit : asked
        @guessed = name.nil?
        absolute = asked.empty? ? @layout.absolute? : asked.match?(Layout::ABSOLUTE)
        @zero = absolute ? ATMOSPHERE : 0.0
        found = unit(name || Measure::Kind[:pressure].unit(@units).symbol)
        return @unit = found if found&.dimension == :pressure

        raise Error.new(
          Message.of("“{name}” is not a unit of pressure; use one of: {known}, psia, bar abs.",
                     name:, known: Measure::Unit.of(:pressure).map(&:symbol).join(", ")),
          field: :unit, code: :wrong_unit
        )
      end

      def unit(name) = Measure::Unit.find(name) || Measure::Unit.find(name[Layout::UNIT].to_s)

      def day(text)
        return text if text.is_a?(Date)

        Date.iso8601(text.to_s)
      rescue Date::Error
        raise Error.new(Message.of("“{text}” is not a day; write it as 2026-11-23.",
                                   text:), field: :date,
          code: :invalid)
      end

      def rest(progress)
        done = @lines.sum(&:bytesize)
        rows = 0
        while (line = next_line)
          done += line.bytesize
          take(line.valid_encoding? ? line.chomp!(@end) || line : clean(line))
          rows += 1
          if rows > MOST
            raise Error.new(
              Message.of("The log has more than {most} rows; cut it into parts.", most: MOST),
              field: :log, code: :too_long
            )
          end

          next unless (rows % EVERY).zero?

          @budget.spend!
          progress&.call(done / [@size.to_f, done].max)
        end
      end

      # The next line with its end, or nil.
      def next_line
        @number += 1
        @budget.line!(@io.gets(@end, Budget::LINE + 1), @number)
      end

      # Cells by which columns are told: no more of each than a number, a time or a name has.
      def brief(cells) = @budget.cells!(cells, @number).map { |cell| cell[0, 4 * Budget::NUMBER] }

      def take(line)
        return if line.empty?

        row = line.include?('"') ? split(line) : line.split(@split)
        moment = @layout.moment(row)
        time = @clock.read(moment) unless moment && moment.size > Budget::NUMBER
        value = row[@pressure]
        value &&= @numbers.read(value)
        return @skipped += 1 unless time && value

        value = @unit.to_si(value) - @zero
        return @skipped += 1 unless POSSIBLE.cover?(value)

        @times << time
        @values << value
      end

      # A line whose quotes do not close is taken as it stands.
      def split(line)
        return line.split if @separator == TableText::SPACES

        CSV.parse_line(line, col_sep: @separator, liberal_parsing: true)&.map(&:to_s) || []
      rescue CSV::MalformedCSVError
        line.split(@separator)
      end

      def clean(line) = TableText.line(line).delete_prefix("\uFEFF").chomp(@end).chomp

      # A file that begins with the newest row is turned; a row that comes late is put where it
      # belongs; of two of one time the first stays.
      def set_in_order
        @times.reverse!.then { @values.reverse! } if newest_first?
        @times = @clock.even(@times)
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

      def newest_first?
        falls = @times.each_cons(2).count { |a, b| b < a }
        falls * 2 > @times.size
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Formats
    class PressureLogCsv
      # Reads the times of a log: dates with hours in the usual orders, with or without offset,
      # seconds or minutes since its start, epochs, days of a spreadsheet. Where the clock was put
      # back or forward for summer the readings go on evenly.
      class Clock
        WRITTEN =
          %r{\A\s*(\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4})[T\ ,]+(\d{1,2}):(\d{2})
              (?::(\d{2}(?:[.,]\d+)?))?\s*([AaPp][Mm])?\s*(Z|[+-]\d{2}:?\d{2})?\s*\z}x
        DATE = %r{\A\s*\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}\s*\z}
        HOUR_ONLY = /\A\s*\d{1,2}:\d{2}(:\d{2}([.,]\d+)?)?\s*([AaPp][Mm])?\s*\z/
        DAY = 86_400
        HOUR = 3600.0
        SPREADSHEET = 25_569 # days from 1899-12-30 to 1970-01-01

        def self.time?(cell) = WRITTEN.match?(cell.to_s)
        def self.date?(cell) = DATE.match?(cell.to_s)
        def self.hour?(cell) = HOUR_ONLY.match?(cell.to_s)

        # How often it was put forward or back.
        attr_reader :moved

        # cells: texts of the first rows; last: of the last ones; column: its name; day_first: of
        # 3/4/2026, where the file itself does not tell.
        def initialize(cells, last, column, day_first:)
          @days = {}
          @moved = 0
          @shift = 0.0
          @written = cells.count { |cell| WRITTEN.match?(cell) } > cells.size / 2
          @written ? order(cells, last, day_first) : scale(cells, column.to_s)
        end

        # Whether its times are of a calendar.
        def absolute? = @written || @epoch

        # Seconds of a cell, or nil.
        def read(cell)
          return plain(cell) unless @written

          quick(cell) || whole(cell)
        end

        private

        # Rows of one minute differ in their seconds alone.
        def quick(cell)
          return unless @prefix && cell.start_with?(@prefix)

          seconds = Float(cell.byteslice(@prefix.bytesize..), exception: false)
          even(@minute + seconds) if seconds && seconds < 60
        end

        def whole(cell)
          match = WRITTEN.match(cell) or return
          time = (@days[match[1]] ||= day(match[1]) || (return nil)) + clock(match)
          return time - offset(match[6]) if match[6]

          remember(match, time)
          even(time)
        end

        def remember(match, time)
          return unless match[4] && match[5].nil?

          @prefix = match[0][0..match[0].rindex(":")]
          @minute = time - match[4].tr(",", ".").to_f
        end

        def clock(match)
          hour = match[2].to_i
          if match[5]
            hour %= 12
            hour += 12 if match[5].casecmp?("pm")
          end
          (hour * HOUR) + (match[3].to_i * 60) + (match[4] ? match[4].tr(",", ".").to_f : 0)
        end

        def offset(text)
          return 0 if text == "Z"

          sign = text.start_with?("-") ? -1 : 1
          sign * ((text[1, 2].to_i * 3600) + (text[-2, 2].to_i * 60))
        end

        # Goes back an hour at once: the clock was put back. Leaps an hour ahead in the small
        # hours of a Sunday: put forward.
        def even(time)
          leap = time - (@last || time)
          if @step.nil?
            @step = leap if leap.positive?
          elsif leap.negative? || leap >= HOUR
            move(HOUR) if leap.between?(-HOUR - 1, -HOUR + (3 * @step) + 1)
            if leap.between?(HOUR, HOUR + (2 * @step) + 1) && @step < HOUR / 2 && summer?(time)
              move(-HOUR)
            end
          end
          @last = time
          time + @shift
        end

        def move(by)
          @shift += by
          @moved += 1
        end

        def summer?(time) = Time.at(time).utc.then { |at| at.sunday? && at.hour.between?(1, 3) }

        # The order of day, month and year: by what cannot be a month, by which makes the shorter
        # log, else as it is usual there.
        def order(cells, last, day_first)
          first, late = [cells, last].map do |some|
            some
              .filter_map { |cell| WRITTEN.match(cell)&.[](1) }
              .map { |date| date.split(%r{[-/.]}) }
          end
          @year_first = first.first.first.size == 4
          @day_first =
            if (first + late).any? { |one| one[0].to_i > 12 }
              true
            elsif (first + late).any? { |one| one[1].to_i > 12 }
              false
            else
              shorter(first.first, late.last) do
                first.first.join(".") == cells.first[/\d[\d.]+/] || day_first
              end
            end
        end

        # Whether the log is shorter with the day first; the block where that makes no difference.
        def shorter(first, last)
          spans = [true, false].map do |order|
            @day_first = order
            from, to = [first, last || first].map { |date| day(date.join("-")) }
            from && to && to >= from ? to - from : Float::INFINITY
          end
          spans.uniq.size == 1 ? yield : spans[0] < spans[1]
        end

        def day(text)
          parts = text.split(%r{[-/.]}).map(&:to_i)
          year, month, day = if @year_first then parts
                             else @day_first ? parts.reverse : [parts[2], parts[0], parts[1]]
                             end
          year += 2000 if year < 100
          return unless Date.valid_date?(year, month, day)

          (Date.new(year, month, day) - Date.new(1970, 1, 1)).to_i * DAY
        end

        # What a bare number counts: its column's name says, or its size.
        def scale(cells, column)
          first = Float(cells.first.to_s.tr(",", "."), exception: false).to_f
          @factor, @zero, @epoch =
            if first > 1e12
              [1e-3, 0, true]
            elsif first > 1e9
              [1.0, 0, true]
            elsif first.between?(30_000, 60_000) && first % 1 != 0
              [DAY, SPREADSHEET, true]
            else
              [step_of(column), 0, false]
            end
        end

        def step_of(column)
          case column
          when /\bms\b|milli/i then 1e-3
          when /\bmin/i then 60.0
          when /\b(h|hr|hrs|hours?)\b/i then HOUR
          else 1.0
          end
        end

        def plain(cell)
          value = Float(cell.tr(",", "."), exception: false)
          value && ((value - @zero) * @factor)
        end
      end
    end
  end
end

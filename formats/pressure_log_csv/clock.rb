# frozen_string_literal: true

module Munimen
  module Formats
    class PressureLogCsv
      # Reads the times of a log: moments of a calendar, hours of a day or since the start, numbers
      # of seconds, minutes or days. Each row's time is read by itself; once all are there they are
      # set to go on evenly where the clock was put back or ahead for summer or passed midnight.
      class Clock
        DAY = 86_400.0
        HOUR = 3600.0
        SPREADSHEET = 25_569 # days from 1899-12-30 to 1970-01-01
        ELAPSED = /elapsed|duration|since|run ?time|laufzeit|dauer/i
        MINUTES = /mm:ss/i

        # How often it was put ahead or back.
        attr_reader :moved

        # cells: texts of the first rows; last: of the last ones; column: its name; day_first: of
        # 3/4/2026, where the file itself does not tell; date: of the first row, where the rows
        # have hours alone. Raises Error where that is needed.
        def initialize(cells, last, column, day_first:, date: nil)
          @days = {}
          @moved = 0
          @column = column.to_s
          @form = form(cells)
          case @form
          when :written then order(cells, last, day_first)
          when :hours then since(cells + last, date)
          else scale(cells)
          end
        end

        # Whether its times are of a calendar.
        def absolute? = @form == :written || @epoch

        # Seconds of a cell, or nil.
        def read(cell)
          case @form
          when :written then quick(cell) || whole(cell)
          when :hours then hours(cell)
          else plain(cell)
          end
        end

        # Times in the order of the file, made to go on evenly.
        def even(times)
          return over_midnight(times) if @form == :hours || @fraction

          @form == :written && !@zoned ? summer(times) : times
        end

        private

        def form(cells)
          return :written if cells.count { |cell| Written.time?(cell) } * 2 > cells.size

          cells.count { |cell| Written.hours?(cell) } * 2 > cells.size ? :hours : :number
        end

        # Rows of one minute differ in their seconds alone.
        def quick(cell)
          return unless @prefix && cell.start_with?(@prefix)

          seconds = Float(cell.byteslice(@prefix.bytesize..), exception: false)
          @minute + seconds if seconds && seconds < 60
        end

        def whole(cell)
          cell = Written.plain(cell) if @rewritten
          match = Written::PLAIN.match(cell) or return
          time = (@days[match[1]] ||= day(match[1]) || (return nil)) +
                 Written.seconds(match[2], match[3], match[4], match[5])
          if match[6]
            @zoned = true
            return time - Written.offset(match[6])
          end
          remember(match, time) unless @rewritten
          time
        end

        def remember(match, time)
          return unless match[4] && match[5].nil?

          @prefix = match[0][0..match[0].rindex(":")]
          @minute = time - match[4].tr(",", ".").to_f
        end

        # Goes back an hour at once: the clock was put back. Leaps an hour ahead in the small
        # hours of a Sunday: put ahead.
        def summer(times)
          shift = 0.0
          last = step = nil
          times.map do |time|
            leap = time - (last || time)
            if step.nil?
              step = leap if leap.positive?
            elsif leap.negative? || leap >= HOUR
              by = put(time, leap, step)
              shift += by
              @moved += 1 unless by.zero?
            end
            last = time
            time + shift
          end
        end

        def put(time, leap, step)
          return HOUR if leap.between?(-HOUR - 1, -HOUR + (3 * step) + 1)

          ahead = leap.between?(HOUR, HOUR + (2 * step) + 1) && step < HOUR / 2 && sunday?(time)
          ahead ? -HOUR : 0.0
        end

        def sunday?(time) = Time.at(time).utc.then { |at| at.sunday? && at.hour.between?(1, 3) }

        # What falls back by more than half a day has passed midnight.
        def over_midnight(times)
          days = 0.0
          last = times.first
          times.map do |time|
            days += DAY if time < last - (DAY / 2)
            last = time
            time + days
          end
        end

        # The order of day, month and year: by what cannot be a month, by which makes the shorter
        # log, else as it is usual there.
        def order(cells, last, day_first)
          @rewritten = cells.first(50).none? { |cell| Written::PLAIN.match?(cell) }
          first, late = [cells, last].map { |some| some.filter_map { |cell| date_of(cell) } }
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

        def date_of(cell)
          Written::PLAIN.match(Written.plain(cell))&.[](1)&.split(%r{[-/.]})
        end

        # Whether the log is shorter with the day first; the block where that makes no difference.
        def shorter(first, last)
          spans = [true, false].map do |order|
            @day_first = order
            from, to = [first, last || first].map { |date| day(date.join("-")) }
            from && to ? (to - from).abs : Float::INFINITY
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

        # Hours since the start count from nothing; hours of a day need its date.
        def since(cells, date)
          @zero = 0.0
          return if elapsed?(cells)

          unless date
            raise Unclear.new(
              Message.of("The rows have a time of day (“{cell}”) but no date; say on which day " \
                         "the first one is.",
                         cell: cells.first.strip),
              field: :date, code: :missing
            )
          end
          @epoch = true
          @zero = (date - Date.new(1970, 1, 1)).to_i * DAY
        end

        def elapsed?(cells)
          return true if @column.match?(ELAPSED) || @column.match?(MINUTES)

          matches = cells.filter_map { |cell| Written::HOURS.match(cell) }
          return false if matches.any? { |match| match[5] }

          matches.any? { |match| match[1] || match[2].to_i > 23 } || hours(cells.first)&.zero?
        end

        def hours(cell)
          match = Written::HOURS.match(cell) or return
          time = Written.seconds(match[2], match[3], match[4], match[5])
          time /= 60 if match[4].nil? && @column.match?(MINUTES)
          @zero + (match[1].to_i * DAY) + time
        end

        # What a bare number counts: its size says, or its column's name.
        def scale(cells)
          numbers = cells.filter_map { |cell| Float(cell.to_s.tr(",", "."), exception: false) }
          @factor, @zero, @epoch = epoch(numbers.first.to_f, steps(numbers)) || [step_of, 0, false]
        end

        # Usual step between the first numbers.
        def steps(numbers)
          numbers.each_cons(2).map { |a, b| (b - a).abs }.sort.then { |all| all[all.size / 2].to_f }
        end

        def epoch(first, step)
          case first
          when 1e17.. then [1e-9, 0, true]
          when 1e14.. then [1e-6, 0, true]
          when 1e11.. then [1e-3, 0, true]
          when 1e9.. then [1.0, 0, true]
          when 30_000..60_000 then [DAY, SPREADSHEET, true] if step < 0.5
          when 0...1 then fraction if step.between?(1e-7, 0.1) && bare?
          end
        end

        # Parts of a day, as a spreadsheet keeps hours.
        def fraction
          @fraction = true
          [DAY, 0, false]
        end

        # Whether the column's name says no unit.
        def bare? = !@column.match?(/\b(s|secs?|seconds|min|minutes?|h|hrs?|hours?|std|ms)\b/i)

        def step_of
          case @column
          when /\bms\b|milli/i then 1e-3
          when /\bmin/i then 60.0
          when /\b(h|hr|hrs|hours?|std|stunden)\b/i then HOUR
          when /\bdays?\b|\(d\)/i then DAY
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

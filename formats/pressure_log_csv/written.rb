# frozen_string_literal: true

module Munimen
  module Formats
    class PressureLogCsv
      # How a logger writes a moment: 2026-03-07T10:00:00+01:00, 3/7/26 10:00 p.m., 7 Mar 2026,
      # 20260307T100000, 26:00:10 since its start. The forms with names and without marks are put
      # into the plain one, so that only that is read further.
      module Written
        DIGITS = %r{\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}}
        AFTERNOON = /(?:([AaPp])\.?[[:space:]]?[Mm]\.?)?/
        MINUTES = /(\d{2})(?::(\d{2}(?:[.,]\d+)?))?[[:space:]]*#{AFTERNOON}/
        CLOCK = /(\d{1,2}):#{MINUTES}/
        ZONE = /(Z|UTC|GMT|[+-]\d{2}:?\d{2})?/
        PLAIN = /\A\s*(#{DIGITS})[T ,]+#{CLOCK}[[:space:]]*#{ZONE}\s*\z/
        DATE = /\A\s*#{DIGITS}\s*\z/
        DAYS = /(?:(\d{1,3})(?:[.d]|\s|\sdays?,?\s)\s?)?/
        HOURS = /\A\s*#{DAYS}(\d{1,5}):#{MINUTES}\s*\z/
        # First letters of the months in English, and where they differ in German, French and
        # Spanish.
        MONTHS = {
          "jan" => 1, "ene" => 1, "feb" => 2, "fév" => 2, "mar" => 3, "mär" => 3, "apr" => 4,
          "avr" => 4, "abr" => 4, "may" => 5, "mai" => 5, "jun" => 6, "jul" => 7, "aug" => 8,
          "aoû" => 8, "ago" => 8, "sep" => 9, "oct" => 10, "okt" => 10, "nov" => 11, "dec" => 12,
          "dez" => 12, "déc" => 12, "dic" => 12
        }.freeze
        NAME = /[[:alpha:]]{3,10}/
        MONTH = /(?<month>#{NAME})\.?/
        DAY = /(?<day>\d{1,2})(?:st|nd|rd|th)?/
        YEAR = /(?<year>\d{4})/
        DAY_FIRST = %r{#{DAY}[-\s./]*#{MONTH}[-\s,./]*(?<year>\d{4}|\d{2})}
        MONTH_FIRST = /#{MONTH}\s+#{DAY},?\s+#{YEAR}/
        YEAR_FIRST = %r{#{YEAR}[-\s./]#{MONTH}[-\s./]#{DAY}}
        YEAR_LAST = /#{MONTH}\s+#{DAY}\s+(?<hour>\d{1,2}:\d{2}(?::\d{2})?)\s+#{YEAR}/
        COMPACT = /#{YEAR}(?<month>\d{2})(?<day>\d{2})/
        WEEKDAY = /\A\s*(?:#{NAME}\.?,?\s+)?/
        REST = /(?<rest>(?:[T\s,]+\d.*)?)\z/
        NAMED = [YEAR_LAST, DAY_FIRST, MONTH_FIRST, YEAR_FIRST]
                .map { |form| /#{WEEKDAY}#{form}#{REST}/ }
                .freeze
        AT = /[T\s]*(?<clock>\d{4}(?:\d{2}(?:[.,]\d+)?)?)(?<zone>Z|[+-]\d{2}:?\d{2})?\s*\z/
        RUN = /\A\s*#{COMPACT}(?:#{AT}|#{REST})/

        module_function

        def time?(cell) = PLAIN.match?(plain(cell))
        def date?(cell) = DATE.match?(plain(cell))
        def hours?(cell) = HOURS.match?(cell.to_s)

        # A cell in the plain form; as it is where it has another one.
        def plain(cell)
          text = cell.to_s
          return text if PLAIN.match?(text) || DATE.match?(text)

          named(text) || run(text) || text
        end

        def named(text)
          return unless text.match?(NAME)

          match = NAMED.lazy.filter_map { |form| form.match(text) }.first or return
          month = MONTHS[match[:month].downcase[0, 3]] or return
          hour = match.names.include?("hour") ? " #{match[:hour]}" : ""
          dated(match[:year], month, match[:day], "#{hour}#{match[:rest]}")
        end

        # A two-digit year is of this century.
        def dated(year, month, day, rest)
          format("%<year>04d-%<month>02d-%<day>02d%<rest>s",
                 year: year.size == 2 ? 2000 + year.to_i : year.to_i,
                 month:, day: day.to_i, rest:)
        end

        def run(text)
          match = RUN.match(text) or return
          return unless match[:month].to_i.between?(1, 12) && match[:day].to_i.between?(1, 31)

          clock = match[:clock]
          clock &&= " #{clock[0, 2]}:#{clock[2, 2]}:" \
                    "#{clock[4..].to_s.then { |s| s.empty? ? "00" : s }}"
          dated(match[:year], match[:month].to_i, match[:day],
            "#{clock || match[:rest]}#{match[:zone]}")
        end

        # Seconds of hours, minutes and seconds as texts, with a or p for the half of the day.
        def seconds(hour, minute, second, half)
          hour = hour.to_i
          hour = (hour % 12) + (half.casecmp?("p") ? 12 : 0) if half
          (hour * 3600.0) + (minute.to_i * 60) + (second ? second.tr(",", ".").to_f : 0)
        end

        # Seconds of an offset such as +01:00.
        def offset(text)
          return 0 unless text.match?(/\d/)

          sign = text.start_with?("-") ? -1 : 1
          sign * ((text[1, 2].to_i * 3600) + (text[-2, 2].to_i * 60))
        end
      end
    end
  end
end

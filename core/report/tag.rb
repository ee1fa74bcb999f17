# frozen_string_literal: true

module Munimen
  module Report
    # What a heater's service tag says, in words: a page's heart on 62 × 100 mm.
    #
    #   Tag.new(report).to_h # => {firm: […], serviced: "Serviced November 23, 2026", …}
    class Tag < Section
      SCAN = "What to do, and the record: scan."

      # {firm: [lines], serviced:, heater:, sentence:, done: or nil, results: [[what, measured,
      # word], …], following:, foot:}
      def to_h
        { firm:, serviced: say(Message.of("Serviced {day}", day: date(@report[:date]))),
          heater: @report[:heater].values_at(:label, :maker, :serial).compact.join(" · "),
          sentence: @page[:sentence], done:, results:, following:, foot: }
      end

      private

      def firm
        firm = @report[:firm].transform_keys(&:to_sym)
        [firm[:name], [firm[:phone], @report[:person]].compact.join(" · ")]
      end

      def done
        say(Message.of("Done: {work}", work: all(:done).join(", "))) unless all(:done).empty?
      end

      def results
        all(:results).map { |one| [one[:title], one[:measured].to_s, grade(one[:state])] }
      end

      # The day of the next service: not of a look at a joint or a charge in between.
      def following
        dates = all(:next_dates).select { |one| one[:kind].to_s == "annual_service" }
        day = dates.map { |one| one[:on].to_s }.min
        "#{say("Next service")}:\n#{day ? date(day) : say("as agreed")}"
      end

      # On a page that was kept before it had a place of its own.
      def among_cautions = all(:cautions).find { |text| text.start_with?("Smell gas") }

      def foot
        [@page.fetch(:emergency) { among_cautions }, @page[:late], say(SCAN)].compact.join(" ")
      end
    end
  end
end

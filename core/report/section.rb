# frozen_string_literal: true

module Munimen
  module Report
    # One section of a document: what it takes of a page, as `blocks`, [Block or nil, …]. Each is a
    # file in sections/, and stands in Document::PARTS where it belongs.
    class Section
      GRADES = { danger: "Danger", defect: "Defect", watch: "Watch", advice: "Advice",
                 sound: "Sound", not_tested: "Not tested" }.freeze

      # report: as the desk gives it.
      def initialize(report)
        @report = report
        @page = report[:page]
        @speaker = Words::Speaker.new(Words[report[:units] || :us], report[:language])
      end

      private

      def say(text) = @speaker.say(text)

      # ISO text as people write it where the heater stands; nil for nil.
      def date(text) = text && @speaker.date(text)

      # Of a page's list that may be missing in one kept long ago.
      def all(name) = @page[name] || []

      def grade(state) = say(GRADES.fetch(state.to_sym))

      # “lead: text” of what has a reason.
      def reasons(name) = all(name).map { |one| "#{one[:text]}: #{one[:reason]}" }

      def full_stop(text) = "#{text.to_s.delete_suffix(".")}."
    end
  end
end

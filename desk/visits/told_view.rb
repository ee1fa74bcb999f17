# frozen_string_literal: true

module Munimen
  module Desk
    # What the household told before a visit, as plain data for schema Told of the contract: theirs,
    # and marked so.
    module ToldView
      # row: the visit's, as the records give it. nil where nothing was told.
      def self.of(visit, row)
        said = row[:told_before] or return
        warm = said.dig(:temperature, :si)
        { at: said[:at], words: said[:words], complaint: said[:complaint],
          title: title(visit, said[:complaint]),
          temperature: warm && Measure::Quantity.new(:temperature, warm).format(visit.units),
          pictures: said[:pictures] || [] }
      end

      def self.title(visit, complaint)
        complaint && visit.words.say(Faults::Complaint.new(complaint.to_sym).title)
      end
      private_class_method :title
    end
  end
end

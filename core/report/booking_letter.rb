# frozen_string_literal: true

module Munimen
  module Report
    # What a customer is told of a visit that is booked, moved or cancelled. Each is a template
    # whose names are filled in once it is in the reader's language.
    module BookingLetter
      # what => [subject, sentence]
      WHAT = {
        "booked" => ["Your visit on {day}", "We come on {day}, {time}, for: {jobs}."],
        "moved" => ["Your visit is moved to {day}",
                    "Your visit is moved: we come on {day}, {time}, for: {jobs}."],
        "cancelled" => ["Your visit on {day} is cancelled",
                        "The visit of {day} ({jobs}) is cancelled. Call us for another time."]
      }.freeze
      PROMISED = "between {from} and {to}"
      ABOUT = "about {at}"
      PLACE = "At: {address}"
      OTHERWISE = "If this does not suit you, answer this mail or call us."
      BEFOREHAND = "If you like, say beforehand what you see, with a picture of its plate: {link}"
      TEXTS = [*WHAT.values.flatten, PROMISED, ABOUT, PLACE, OTHERWISE, BEFOREHAND].freeze
    end
  end
end

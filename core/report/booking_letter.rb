# frozen_string_literal: true

module Munimen
  module Report
    # What a customer is told of a visit that is booked, moved or cancelled. Each is a template
    # whose names are filled in once it is in the reader's language.
    module BookingLetter
      # what => [subject, sentence]
      WHAT = {
        "booked" => ["Your visit on %<day>s", "We come on %<day>s, %<time>s, for: %<jobs>s."],
        "moved" => ["Your visit is moved to %<day>s",
                    "Your visit is moved: we come on %<day>s, %<time>s, for: %<jobs>s."],
        "cancelled" => ["Your visit on %<day>s is cancelled",
                        "The visit of %<day>s (%<jobs>s) is cancelled. Call us for another time."]
      }.freeze
      PROMISED = "between %<from>s and %<to>s"
      ABOUT = "about %<at>s"
      PLACE = "At: %<address>s"
      OTHERWISE = "If this does not suit you, answer this mail or call us."
      BEFOREHAND = "If you like, say beforehand what you see, with a picture of its plate: %<link>s"
      TEXTS = [*WHAT.values.flatten, PROMISED, ABOUT, PLACE, OTHERWISE, BEFOREHAND].freeze
    end
  end
end

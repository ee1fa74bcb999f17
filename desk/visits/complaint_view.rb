# frozen_string_literal: true

module Munimen
  module Desk
    # What the customer of a visit rang for, as plain data for schema Complaint of the contract.
    module ComplaintView
      # nil where nothing was said. Only what is no emergency is looked for with the finder.
      def self.of(visit)
        said = Faults::Complaint.in(visit) or return
        { id: said.id, title: said.title && visit.words.say(said.title), words: said.words,
          advice: said.advice, finder: !said.id.nil? && !said.emergency? }
      end
    end
  end
end

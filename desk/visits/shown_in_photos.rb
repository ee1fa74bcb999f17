# frozen_string_literal: true

module Munimen
  module Desk
    # What photographs show, in words: the question of an item of the inspection, or a part.
    module ShownInPhotos
      module_function

      # subject: as it was kept with the photograph; words: Words.
      def name(subject, words)
        item = Inspection::InspectionItem.all.find { |one| one.id.to_s == subject }
        item ? words.say(item.ask) : words.part(subject)
      end
    end
  end
end

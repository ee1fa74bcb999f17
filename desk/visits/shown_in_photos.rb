# frozen_string_literal: true

module Munimen
  module Desk
    # What photographs show, in words: the question of an item of the inspection, what a step has
    # photographed, or a part.
    module ShownInPhotos
      module_function

      # subject: as it was kept with the photograph; words: Words.
      def name(subject, words)
        return words.say(item(subject).ask) if item(subject)

        step(subject) ? words.say(step(subject).photographs) : words.part(subject)
      end

      # The part of the heater that it shows.
      def part(subject) = (item(subject) || step(subject))&.part || subject.to_sym

      def item(subject) = Inspection::InspectionItem.all.find { |one| one.id.to_s == subject }

      def step(subject)
        Work::Operation.all.find { |one| one.id.to_s == subject && one.photographs }
      end
    end
  end
end

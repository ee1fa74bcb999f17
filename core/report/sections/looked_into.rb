# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What a fault comes from, by what was tried.
      class LookedInto < Section
        def blocks
          all(:looked_into).map do |one|
            Block.list(say(Message.of("Looked into: {about}", about: one[:symptom])),
                       [*one[:showed], one[:leaves]])
          end
        end
      end
    end
  end
end

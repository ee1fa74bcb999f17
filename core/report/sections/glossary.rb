# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # The trade's words that stand on the page, in plain ones.
      class Glossary < Section
        def blocks
          terms = all(:glossary).map { |one| one.values_at(:term, :gloss) }
          [Block.list(say("In plain words"), terms)]
        end
      end
    end
  end
end

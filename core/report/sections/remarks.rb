# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What has to be said of the page itself, and why somebody came.
      class Remarks < Section
        def blocks
          [
            Block.note(@report[:courtesy]),
            (Block.note(say("Looks only: nothing was operated"), tone: :warn) if @page[:look_only]),
            (Block.note(say("Draft – not signed yet"), tone: :warn) unless @report[:signed_at]),
            Block.note(@page[:late]),
            Block.note(rang)
          ]
        end

        private

        # In our words and theirs.
        def rang
          said = @page[:rang] or return
          "#{say("You rang because")}: #{said.values_at(:title, :words).compact.join(" – ")}"
        end
      end
    end
  end
end

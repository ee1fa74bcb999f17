# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # How the heater was left, in one sentence, and which heater that is.
      class Standing < Section
        TONES = { in_service: :good, in_service_with_limits: :limits, left_off: :danger,
                  against_advice: :danger, evacuated: :danger }.freeze
        ABOUT = %i[label maker model serial capacity fuel].freeze

        def blocks
          [Block.verdict(@page[:sentence], tone:), Block.note(@page[:outcome_reason]),
           Block.note(@report[:heater].values_at(*ABOUT).compact.join("  ·  "))]
        end

        private

        # In service with nothing tested is no good news.
        def tone = @page[:untested] ? :untested : TONES.fetch(@page[:outcome].to_sym)
      end
    end
  end
end

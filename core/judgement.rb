# frozen_string_literal: true

module Munimen
  # Readings, observations and rules → verdicts with reasons → deficiencies → outcome.
  module Judgement
  end
end

# frozen_string_literal: true

module Munimen
  # What is said to whom, in which words; content only.
  module Report
  end
end

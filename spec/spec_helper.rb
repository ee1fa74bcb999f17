# frozen_string_literal: true

ENV["RACK_ENV"] = "test"
require_relative "../munimen"
require_relative "support/build"
require_relative "support/by_chance"

# Only the trade itself: what needs a data folder requires office_helper, what needs a browser
# screen_helper.
RSpec.configure do |config|
  config.include Build
  config.include ByChance
  config.disable_monkey_patching!
  config.order = :random
  Kernel.srand config.seed
end

# frozen_string_literal: true

ENV["RACK_ENV"] = "test"
require_relative "../munimen"
Dir[File.join(__dir__, "support/*.rb")].each { |file| require file }

RSpec.configure do |config|
  config.include Build
  config.disable_monkey_patching!
  config.order = :random
  Kernel.srand config.seed
end

# frozen_string_literal: true

# What bin/console has at hand.
require_relative "../munimen"
include Munimen # rubocop:disable Style/MixinUsage

def config = @config ||= Web::Config.from_environment
def records = config.records

# A use case's context as the first owner.
def desk
  owner = records.people.all.find { |person| person[:role] == "owner" }
  Desk::Context.new(records, person: owner)
end

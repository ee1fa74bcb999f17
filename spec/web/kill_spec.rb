# frozen_string_literal: true

require "office_helper"

# bin/bench kill 200 does the same two hundred times.
RSpec.describe Munimen::Bench::KillTrial do
  it "loses no acknowledged write and leaves nothing half when the server is killed while people " \
     "write" do
    signed = office.walk
    office.now = Time.now.utc
    visits = [office.start, office.start]
    folder = office.config.folder
    office.records.database.disconnect
    writers = Munimen::Bench::Writers.new(
      visits:, signed:, sign_in: ["plumber@example.test", Office::PASSWORD], random: Random.new(1)
    )
    result = described_class.new(folder, writers).run(4)
    expect(result).to include(kills: 4, lost: 0, damaged: 0, half: 0)
    expect(result[:acknowledged]).to be >= 4 * Munimen::Bench::Writers::COUNT
  end
end

# frozen_string_literal: true

require_relative "../../demo/kept"

# The invented firm, made once for all workers and runs of a day, and copied for each example.
module DemoFolder
  KEPT = File.join(Munimen::ROOT, "tmp/specs/demo")

  module_function

  # Puts it into a folder of its own; yields its Web::Config, and takes it away afterwards.
  def open
    Dir.mktmpdir do |folder|
      place = File.join(folder, "demo")
      Munimen::Demo::Kept.fresh(place, kept: KEPT)
      config = Munimen::Web::Config.new(place)
      yield config
    ensure
      config.records.database.disconnect if config
    end
  end
end

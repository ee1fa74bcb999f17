# frozen_string_literal: true

require "digest"
require "json"
require "date"
require "time"
require "zeitwerk"
require_relative "version"

# Puts the house together: Munimen::… from core/, and Munimen::Desk, Store, Pocket and so on from
# the folders of those names. Files that declare (a calculation, a limit, an operation, a check)
# are registered by being in their folder.
module Munimen
  ROOT = __dir__
  DECLARATIONS = %w[
    core/measure/systems
    core/heater/sources
    core/heater/kinds
    core/words/vocabularies
    core/words/languages
    core/calculations/definitions
    core/rules/books
    core/rules/questions
    core/hazards/definitions
    core/work/operations
    core/work/jobs
    core/work/hindrances
    core/work/aims
    core/inspection/items
    core/facts/clues
    core/judgement/checks
    core/judgement/contradictions
    core/drawing/charts
    core/parts/kinds
    core/faults/symptoms
    core/faults/tests
    core/faults/causes
    core/rig/faults
    core/rig/instruments
    core/rig/probes
    core/training/consequences
    core/trends/lines
    core/trends/lives
    core/calendar/rules
  ].freeze

  @loader = Zeitwerk::Loader.new
  @loader.push_dir(File.join(ROOT, "core"), namespace: self)
  %w[Desk Store Pocket Formats Web Cli Bench].each do |room|
    folder = File.join(ROOT, room.downcase)
    next unless Dir.exist?(folder)

    const_set(room, Module.new)
    @loader.push_dir(folder, namespace: const_get(room))
  end
  @loader.collapse(File.join(ROOT, "desk/*/"))
  @loader.inflector.inflect("pdf" => "Pdf")
  @loader.ignore(
    *DECLARATIONS.map { |folder| File.join(ROOT, folder) },
    *%w[
      web/public
      store/migrations
      formats/fonts
      cli/main.rb
      cli/console.rb
      cli/demo.rb
      cli/dev.rb
      cli/screenshots.rb
      bench/main.rb
    ].map { |path| File.join(ROOT, path) }
  )
  # Rooms of web/, whose files are all of Munimen::Web.
  @loader.collapse(*%w[transport access contract].map { |room| File.join(ROOT, "web", room) })
  @loader.setup

  class << self
    attr_reader :loader

    # Loads every file that declares something, in a fixed order.
    def declare
      DECLARATIONS.each do |folder|
        Dir[File.join(ROOT, folder, "**/*.rb")].sort_by { |file| [file.count("/"), file] }
          .each { |file| require file }
      end
    end
  end

  declare
end

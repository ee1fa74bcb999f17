# frozen_string_literal: true

# Writes the Ruby that a browser runs without a signal – core/, the use cases of a visit, the
# records in memory – as [[name, text], …], in the order in which nothing is used before it is
# there. Each stays a file of its own: two may use the same name for something.
#
#   ruby cli/pocket.rb tmp/pocket/munimen.json
require "fileutils"
require "json"
require_relative "../munimen"

ROOMS = %w[core desk/visits desk/records desk/dues desk/settings desk/training pocket].freeze
SINGLE = %w[
  desk/abilities.rb desk/account/profile.rb desk/context.rb desk/problem.rb desk/routes.rb
  desk/sent.rb desk/scheduling/view_today.rb
  store/entry_order.rb store/known_settings.rb store/search_words.rb store/translated.rb
  store/values.rb store/versioned_cache.rb store/visit_mapper.rb formats/photograph.rb
  formats/scenarios.rb
].freeze
# What works on files, or on all of a customer: not on site.
NOT = %w[desk/records/pressure_logs.rb desk/records/erase_customer.rb desk/records/retention.rb]
  .freeze

loader = Munimen.loader
ROOMS.each { |room| loader.eager_load_dir(File.join(Munimen::ROOT, room)) }
SINGLE.each { |file| require File.join(Munimen::ROOT, file) }

root = "#{Munimen::ROOT}/"
loaded = $LOADED_FEATURES.filter_map { |file| file.delete_prefix(root) if file.start_with?(root) }
wanted = loaded.select do |file|
  !NOT.include?(file) && (SINGLE.include?(file) || ROOMS.any? do |room|
    file.start_with?("#{room}/")
  end)
end
# What the routes of both offices ask for has to be on site as well.
routes = File.read(File.join(root, "desk/routes.rb"))
asked = routes.scan(/\b([A-Z]\w+)\.new\(desk/).flatten.uniq
asked = asked.map { |name| "#{name.gsub(/(?<!\A)(?=[A-Z])/, "_").downcase}.rb" }
absent = asked - wanted.map { |file| File.basename(file) }
abort "desk/routes.rb asks what the browser has not: #{absent.join(", ")}" if absent.any?
# What is there already, or only on a server.
needless = /^ *require "(?:securerandom|json|date|time|digest)"\n/
files = wanted.map { |file| [file, File.read(File.join(root, file)).gsub(needless, "")] }
rooms = %w[Desk Store Pocket Formats].map { |name| "  module #{name}; end\n" }.join
files.unshift(["rooms.rb", "module Munimen\n#{rooms}end\n"])
# There is no folder to read the scenarios of the training rig from.
scenarios = Munimen::Formats::Scenarios.shipped.map { |one| JSON.generate(one.to_h) }
shipped = "Munimen::Formats::Scenarios.ship(JSON.parse(<<'J'))\n#{JSON.generate(scenarios)}\nJ\n"
files << ["scenarios.rb", shipped]
text = JSON.generate(files)
FileUtils.mkdir_p(File.dirname(ARGV.fetch(0)))
File.write(ARGV.fetch(0), text)
warn "#{files.size} files, #{text.bytesize / 1000} kB"

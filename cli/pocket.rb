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
  desk/sent.rb desk/spoken.rb desk/scheduling/view_today.rb
  store/entry_order.rb store/known_settings.rb store/search_words.rb store/translated.rb
  store/values.rb store/versioned_cache.rb store/visit_mapper.rb formats/photograph.rb
  formats/scenarios.rb
].freeze
# What works on files, on all of a customer, or on the firm: not on site.
NOT = %w[
  desk/records/pressure_logs.rb desk/records/erase_customer.rb desk/records/retention.rb
  desk/records/move_visit.rb
  desk/settings/keep_firm.rb desk/settings/keep_rates.rb desk/settings/view_settings.rb
  core/words/languages/es/office.rb core/words/languages/es/sent.rb
  core/words/languages/es/sign_in.rb
].freeze

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
# What the use cases name of the desk has to be on site as well, but for what a server comes to.
SERVERS = %w[outbox].freeze
named = ->(file) { File.basename(file, ".rb").split("_").map(&:capitalize).join }
there = wanted.select { |file| file.start_with?("desk/") }
absent = Dir[File.join(root, "desk/**/*.rb")].map { |file| file.delete_prefix(root) } - there
absent.reject! { |file| SERVERS.include?(File.basename(file, ".rb")) }
there.each do |file|
  code = File.read(File.join(root, file)).gsub(/^\s*#.*$/, "")
  missing = absent.find { |one| code.match?(/(?<![\w:])#{named[one]}(?=\.|::)/) } or next
  abort "#{file} asks for what the browser has not: #{missing}"
end
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

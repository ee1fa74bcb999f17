# frozen_string_literal: true

# Writes the Ruby that a browser runs without a signal – core/, the use cases of a visit, the
# records in memory – into one file, in the order in which nothing is used before it is there:
#
#   ruby cli/pocket.rb tmp/pocket/munimen.rb
require "fileutils"
require_relative "../munimen"

ROOMS = %w[core desk/visits desk/records desk/dues desk/settings pocket].freeze
SINGLE = %w[
  desk/abilities.rb desk/context.rb desk/problem.rb desk/routes.rb desk/scheduling/view_today.rb
  store/entry_order.rb store/known_settings.rb store/translated.rb store/values.rb
  store/versioned_cache.rb store/visit_mapper.rb formats/photograph.rb
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
# What is there already, or only on a server.
needless = /^ *require "(?:securerandom|json|date|time|digest)"\n/
text = wanted.map do |file|
  body = File.read(File.join(root, file)).delete_prefix("# frozen_string_literal: true\n")
  "# #{file}\n#{body.gsub(needless, "")}"
end
rooms = %w[Desk Store Pocket Formats].map { |name| "  module #{name}; end\n" }.join
head = "# frozen_string_literal: true\n\nmodule Munimen\n#{rooms}end\n"
FileUtils.mkdir_p(File.dirname(ARGV.fetch(0)))
File.write(ARGV.fetch(0), head + text.join("\n"))
warn "#{wanted.size} files, #{File.size(ARGV.fetch(0)) / 1000} kB"

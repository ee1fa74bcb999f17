# frozen_string_literal: true

# Makes the demo data afresh and starts the server with it.
require "fileutils"
require_relative "../munimen"
require_relative "../demo/seed"

port = Integer(ARGV.fetch(0))
folder = ENV.fetch("MUNIMEN_DATA")
FileUtils.rm_rf(folder)
warn "· Making the demo data"
Munimen::Demo::Seed.call(Munimen::Web::Config.new(folder))

puts "Munimen, demo data:  http://127.0.0.1:#{port}"
puts "Sign in with any of these, password “#{Munimen::Demo::Seed::PASSWORD}”:"
Munimen::Demo::Seed::PEOPLE.each { |email, name, role| puts "  #{email.ljust(34)} #{role} (#{name})" }
$stdout.flush
Munimen::Cli::Serve.start(port)

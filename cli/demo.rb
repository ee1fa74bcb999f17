# frozen_string_literal: true

# Makes the demo data afresh and starts the server with it.
require_relative "../munimen"
require_relative "../demo/kept"

port = Integer(ARGV.fetch(0))
folder = ENV.fetch("MUNIMEN_DATA")
begin
  Munimen::Store::FolderLock.check(folder)
rescue Munimen::Refused => e
  abort "✗ #{e.message}"
end
Munimen::Demo::Kept.fresh(folder) { warn "· Making the demo data" }

puts "Munimen, demo data:  http://127.0.0.1:#{port}"
puts "Sign in with any of these, password “#{Munimen::Demo::Seed::PASSWORD}”:"
Munimen::Demo::Seed::PEOPLE.each do |email, name, role|
  puts "  #{email.ljust(34)} #{role} (#{name})"
end
begin
  unless port == Munimen::Demo::Seed::INSTRUMENT_PORT
    bench = Munimen::Cli::InstrumentServer.new(Munimen::Demo::Seed::INSTRUMENT_PORT)
    Thread.new { bench.serve }
  end
rescue Errno::EADDRINUSE
  puts "(Simulated instruments run already on port #{Munimen::Demo::Seed::INSTRUMENT_PORT}.)"
end
$stdout.flush
Munimen::Cli::Serve.start(port)

# frozen_string_literal: true

# bin/dev: the server, started anew when a Ruby file or the contract changes, beside Vite.
require "listen"

ROOT = File.expand_path("..", __dir__)
ROOMS = %w[core desk store formats web cli demo].map { |room| File.join(ROOT, room) }
start = lambda do |*command, folder: ROOT|
  Process.spawn(*command, chdir: folder, pgroup: true)
end
stop = lambda do |pid|
  Process.kill("TERM", -pid)
  Process.wait(pid)
rescue Errno::ESRCH, Errno::ECHILD
  nil
end

server = start.call("bundle", "exec", "ruby", "cli/demo.rb", "4010")
vite = start.call("npx", "--no-install", "vite", "--port", "5173", folder: File.join(ROOT, "ui"))
listener = Listen.to(*ROOMS, only: /\.(rb|yaml|json|csv)$/) do |changed, added, removed|
  names = (changed + added + removed).map { |path| path.delete_prefix("#{ROOT}/") }
  warn "· #{names.join(", ")}: the server starts anew"
  stop.call(server)
  server = start.call("bundle", "exec", "ruby", "cli/demo.rb", "4010")
end
listener.start
trap("INT") { exit }
at_exit { [server, vite].each { |pid| stop.call(pid) } }
sleep

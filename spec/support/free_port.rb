# frozen_string_literal: true

require "socket"

# A port that nobody has, from below those that the system gives out by itself: another worker's
# server does not come between.
module FreePort
  RANGE = (12_000..30_000)

  module_function

  def free_port
    100.times do
      port = Random.new.rand(RANGE)
      return TCPServer.open("127.0.0.1", port, &:close).then { port }
    rescue Errno::EADDRINUSE
      next
    end
    raise "no port is free"
  end
end

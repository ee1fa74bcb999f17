# frozen_string_literal: true

require "socket"

module Munimen
  module Web
    # How many connections the server keeps open at one time: beyond that a new one is closed at
    # once, and the log says so once an hour, so that neither file descriptors nor the log run out.
    #
    #   Sockets.cap(launcher.binder.ios)
    module Sockets
      MOST = 4_000
      SPARE = 200 # file descriptors for everything else
      SAID = 3600 # s between two lines in the log

      # What a listening socket does besides.
      module Capped
        def accept_nonblock(...)
          io = super
          return io if Sockets.room?(io)

          io.close
          raise IO::EAGAINWaitReadable, "no room for another connection"
        end
      end

      @open = []
      @most = MOST
      class << self
        # Lets the process have as many files as the machine grants, and caps the listeners.
        # Returns how many connections there may be.
        def cap(listeners, most: MOST)
          _, hard = Process.getrlimit(:NOFILE)
          Process.setrlimit(:NOFILE, hard, hard)
          @most = [most, hard - SPARE].min
          listeners.each { |one| one.extend(Capped) }
          @most
        end

        # Whether there is room for one more, which is then counted.
        def room?(io)
          @open.reject!(&:closed?) if @open.size >= @most
          return (@open << io) && true if @open.size < @most

          say_once
          false
        end

        private

        def say_once
          now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
          return if @said && now - @said < SAID

          @said = now
          warn "#{@most} connections are open: new ones are closed until there is room."
        end
      end
    end
  end
end

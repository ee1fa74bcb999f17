# frozen_string_literal: true

module Munimen
  module Web
    # How many requests are being answered now, so that long work in the background can let them go
    # first: Ruby runs one thread at a time, and gives the next its turn after 100 ms only.
    class InFlight
      STEP = 0.002 # s
      MOST = 10 # steps for which one piece of background work waits

      @count = 0
      @lock = Mutex.new
      class << self
        def change(by) = @lock.synchronize { @count += by }

        # Waits until nobody waits for an answer, or 20 ms.
        def let_pass
          Thread.pass
          MOST.times { @count.positive? ? sleep(STEP) : break }
        end
      end

      def initialize(app) = @app = app

      def call(env)
        InFlight.change(1)
        @app.call(env)
      ensure
        InFlight.change(-1)
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Pocket
    # The firm's settings as they were when the signal went.
    class Settings
      include Store::KnownSettings

      def initialize(tables)
        @read = tables[:settings].to_h { |row| [row[:name], JSON.parse(row[:value])] }
      end

      def [](name) = @read[name.to_s]

      # Only a training run's are written here.
      def []=(name, value)
        @read[name.to_s] = JSON.parse(JSON.generate(value))
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Pocket
    # The records of training runs, in memory: as Store::TrainingFiles.
    class TrainingShelf
      # Nobody else is here.
      class Alone
        def synchronize = yield
      end

      # runs: [{token:, tables:}], the latest first.
      def initialize(runs)
        @runs = {}
        runs.reverse_each { |one| @runs[one[:token]] = Records.new(one[:tables]) }
      end

      def tokens = @runs.keys.reverse
      def there?(token) = @runs.key?(token)
      def touched(_token) = Time.now
      def trainee(token) = @runs[token].settings[:trainee]
      def records(token) = @runs.fetch(token)
      def make(token) = @runs[token] = Records.new({})
      def close(_records) = nil
      def remove(token) = @runs.delete(token)
      def lock = Alone.new
    end
  end
end

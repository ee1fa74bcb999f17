# frozen_string_literal: true

module Munimen
  module Planning
    # What was found for a planning problem: the goals that can be reached, those given up on the
    # way as [Plan::Left], moves as [[operation id, second at which it begins], …], the seconds of
    # all, and the seconds that any order takes at least.
    Solution = Struct.new(:goals, :hopeless, :moves, :total, :at_least, keyword_init: true) do
      # A Solution written by #to_json. Raises JSON::ParserError, KeyError.
      def self.parse(text)
        read = JSON.parse(text)
        new(
          goals: read.fetch("goals").map(&:to_sym),
          hopeless: read.fetch("hopeless").map do |id, because, by|
            Plan::Left.new(operation: id.to_sym, because:, by: by&.to_sym)
          end,
          moves: read.fetch("moves").map { |id, start| [id.to_sym, start] },
          total: read.fetch("total"),
          at_least: read.fetch("at_least")
        )
      end

      def to_json(*)
        JSON.generate(
          goals:,
          hopeless: hopeless.map { |left| [left.operation, left.because, left.by] },
          moves:,
          total:,
          at_least:
        )
      end
    end
  end
end

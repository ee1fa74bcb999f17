# frozen_string_literal: true

module Munimen
  module Physics
    # Sizes of copper discharge pipe from an unvented cylinder's relief valve. Approved Document G
    # (2010, with later amendments), table 3.1, from memory: by valve outlet, D1, and for each D2
    # the resistance allowed and that of one bend. mm and m.
    module DischargeTable
      Row = Struct.new(:d2, :allowed, :bend)
      TABLE = {
        "1/2" => [15, [Row.new(22, 9.0, 0.8), Row.new(28, 18.0, 1.0), Row.new(35, 27.0, 1.4)]],
        "3/4" => [22, [Row.new(28, 9.0, 1.0), Row.new(35, 18.0, 1.4), Row.new(42, 27.0, 1.7)]],
        "1" => [28, [Row.new(35, 9.0, 1.4), Row.new(42, 18.0, 1.7), Row.new(54, 27.0, 2.3)]]
      }.freeze
      SIZES = [22, 28, 35, 42, 54, 67].freeze

      module_function

      def d1(outlet) = TABLE.fetch(outlet).first

      # [Row, resistance used in m] of the smallest D2 that takes a length and its bends; nil
      # beyond the table.
      def d2(outlet, length, bends)
        TABLE.fetch(outlet).last.each do |row|
          used = length + (bends * row.bend)
          return [row, used] if used <= row.allowed + 1e-9
        end
        nil
      end

      # The size above, or nil.
      def next_size(size) = SIZES[SIZES.index(size) + 1]
    end
  end
end

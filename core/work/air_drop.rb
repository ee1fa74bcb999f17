# frozen_string_literal: true

module Munimen
  module Work
    # The air that goes through a heat pump: whether it is one that a heat pump works at, and what
    # its fall tells. Handbook §27.
    class AirDrop
      # into: Quantity of the air going in, or nil; out: of the air coming out, or nil.
      def initialize(into, out)
        @into = into
        @out = out
      end

      # :cold, :mild or :warm; nil where it was not measured.
      def air
        range = Physics::HeatPump::AIR
        return if @into.nil?
        return :mild if range.cover?(@into.si)

        @into.si < range.begin ? :cold : :warm
      end

      # :none, :little, :usual or :more; nil where one of the two was not measured.
      def fall = @into && @out && Physics::HeatPump.drop(@into.si - @out.si)
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Judgement
    # Two answers about one part that cannot both be true: which of them holds is asked at once, and
    # nothing is signed over it. Each is one file in core/judgement/contradictions/.
    #
    #   Contradiction.define :clear_end do
    #     between readings: %i[outlet_height], items: %i[discharge_clear]
    #     text "…"
    #     found { |visit| … }
    #   end
    class Contradiction
      @all = {}
      class << self
        def define(id, &block)
          @all[id] = new(id).tap { |one| one.instance_eval(&block) }
        end

        def all = @all.values

        # Those that stand in a visit.
        def in(visit) = all.select { |one| one.in?(visit) }
      end

      attr_reader :id, :readings, :items

      def initialize(id)
        @id = id
        @readings = []
        @items = []
      end

      # -- declaration: with an argument these set, without one they tell --------------------
      def between(readings: [], items: [])
        @readings = readings
        @items = items
      end

      def text(text = nil) = text ? @text = text : @text
      # A question to a visit that has all of the answers.
      def found(&block) = @found = block

      # -- use --------------------
      def in?(visit)
        return false unless readings.all? { |name| visit.reading(name) } &&
                            items.all? { |item| visit.observation(item) }

        @found.call(visit) || false
      end
    end
  end
end

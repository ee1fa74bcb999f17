# frozen_string_literal: true

module Munimen
  module Work
    # What somebody found in the way at a heater, said to whoever comes next: what to bring for it,
    # and how much longer it takes. Declared in core/work/hindrances/; common practice.
    #
    #   Hindrance[:glued_pipe].brings # => ["Pipe cutter", …]
    class Hindrance
      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |one| one.instance_eval(&block) }
        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(Message.of("There is no such thing in the way: “{id}”.",
                                          id:), field: :hindrance)
          end
        end

        # Those that stand of {id => "yes" or ""}, the last word on each.
        def standing(said) = all.select { |one| said[one.id.to_s] == "yes" }

        def for(heater) = all.select { |one| one.of?(heater) }
      end

      attr_reader :id

      def initialize(id)
        @id = id
        @brings = []
        @on = ->(_) { true }
      end

      def text(text = nil) = text ? @text = text : @text
      # Tools and materials, as templates.
      def brings(*names) = names.empty? ? @brings : @brings = names
      # Minutes that the next visit takes longer.
      def minutes(count = nil) = count ? @minutes = count : @minutes
      def on(&block) = @on = block
      def of?(heater) = @on.call(heater)
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Judgement
    # One thing to look at: where, on which heater, and what may be wrong with it. Groups of them stand in
    # core/judgement/looks/; an answer is :sound, :not_visible, :not_applicable or the id of a finding.
    #
    #   Look[:discharge_trap].findings[:trap].grade # => :defect
    class Look
      Finding = Struct.new(:id, :text, :grade, :source, :remedy, :due_in, :explain, :unsafe_discharge, :who, keyword_init: true)
      ANSWERS = %i[sound not_visible not_applicable].freeze

      @all = {}
      class << self
        def define(id, group:, part:, &block)
          @all[id] = new(id, group, part).tap { |look| look.instance_eval(&block) }
        end

        def all = @all.values
        def in_group(group) = (@groups ||= {})[group] ||= @all.values.select { |look| look.group == group }

        def [](id)
          @all.fetch(id.to_sym) { raise NotFound.new("There is nothing to look at called “#{id}”.", field: :item) }
        end
      end

      attr_reader :id, :group, :part, :findings

      def initialize(id, group, part)
        @id = id
        @group = group
        @part = part
        @findings = {}
        @applies = ->(_) { true }
      end

      def ask(text = nil) = text ? @ask = text : @ask
      def sound(text = nil) = text ? @sound = text : @sound || "Sound"
      def on(&block) = @applies = block
      def applies?(heater) = @applies.call(heater)
      def wrong(id, text, grade, **more) = @findings[id] = Finding.new(id:, text:, grade:, **more)

      # The answer as a symbol; Error with those there are.
      def answer(given)
        (ANSWERS + findings.keys).find { |id| id.to_s == given.to_s } or
          raise Error.new("#{id} cannot be “#{given}”; it must be one of: #{(ANSWERS + findings.keys).join(', ')}.",
                          field: :finding, code: :unknown_choice)
      end

      private

      def published(name, clause, **options) = Source.published(name, clause, clause: :from_memory, **options)
      def common_practice(note = nil) = Source.common_practice(note)
      def from_memory(name, clause = nil) = Source.from_memory(name, clause)
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Faults
    # What is complained of: in the customer's words and in the plumber's, and on which heaters.
    #
    #   Symptom.define :relief_drips do
    #     customer "Water drips from the pipe beside the {heater}"
    #     plumber "The {relief_valve} drips"
    #   end
    class Symptom
      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |symptom| symptom.instance_eval(&block) }
        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(
              Message.of("There is no symptom “{id}”; there are: {known}.",
                         id:, known: @all.keys.join(", ")),
              field: :symptom
            )
          end
        end
      end

      attr_reader :id

      def initialize(id)
        @id = id
        @on = ->(_) { true }
      end

      def customer(text = nil) = text ? @customer = text : @customer
      def plumber(text = nil) = text ? @plumber = text : @plumber
      def on(&block) = block ? @on = block : @on
      # Tests that are taken before all others once the block says so: it gets {test => outcome}.
      def at_first(&block) = block ? @at_first = block : @at_first
      # What has to be minded before anything else is looked for.
      def first(text = nil) = text ? @first = text : @first

      def of?(heater) = @on.call(heater)
      # Ids of the tests that have to be taken before any other on this evidence.
      def asks_first(evidence) = at_first ? at_first.call(evidence) - evidence.keys : []
      # Every cause of it that this heater can have.
      def causes(heater) = Cause.all.select { |cause| cause.of.include?(id) && cause.on?(heater) }

      # Ids of every test that matters to it on a heater: those in which one of its causes shows,
      # and those that say which causes such a heater can have.
      def tests(heater)
        named = named_by(causes(heater))
        telling = named_by(Cause.all.select { |cause| cause.of.include?(id) }) - named
        telling.reject! { |test| Test[test].shaped(heater, nil) == heater }
        (named + telling + shaping(heater) + by_hand(named)).uniq
          .select { |test| Test[test].on?(heater) }
      end

      private

      # Those that say weakly what some others measure.
      def by_hand(measured)
        Test.all.select { |test| measured.include?(test.stands_for) }.map(&:id)
      end

      def named_by(causes) = causes.flat_map { |cause| cause.shows.keys + cause.settled_by }.uniq

      def shaping(heater)
        mine = Cause.all.select { |cause| cause.of.include?(id) }
        Test.all.select(&:shapes?).map(&:id).select do |test|
          mine.any? { |cause| !cause.sure_of?(Test[test], heater) }
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Faults
    # Why something is wrong: of which symptoms, on which heaters, how common, and what it shows
    # in which test. What is not named shows as on a sound heater; a test named with several
    # outcomes may show any of them. What the heater is made of (Test#shapes) never speaks against
    # a cause that such a heater can have.
    #
    #   Cause.define :vessel_flat do
    #     title "The {vessel} has lost its charge"
    #     of :relief_drips
    #     prior :common
    #     shows drip_when: :on_heat_up, drip_temperature: :cold, charge: :flat
    #     settled_by :charge
    #     job :charge_recheck
    #     after "Hot peak again; the charge once more in a week."
    #   end
    class Cause
      include Saying

      # How often it turns out to be it; common practice.
      PRIORS = { common: 6.0, usual: 3.0, rare: 1.0 }.freeze

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |cause| cause.instance_eval(&block) }
        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(Message.of("There is no cause “{id}”.", id:), field: :cause)
          end
        end
      end

      attr_reader :id

      def initialize(id)
        @id = id
        @prior = :usual
        @on = ->(_) { true }
        @shows = {}
        @may = {}
      end

      # -- declaration --------------------
      %i[title because job part after caution].each do |name|
        define_method(name) do |value = nil|
          value ? instance_variable_set(:"@#{name}", value) : instance_variable_get(:"@#{name}")
        end
      end

      def of(*symptoms) = symptoms.empty? ? @of : @of = symptoms
      def prior(word = nil) = word ? @prior = word : @prior

      # {test => outcome or outcomes that it shows there}
      def shows(list = nil)
        list ? @shows = list.transform_values { |value| Array(value) } : @shows
      end

      # Tests that it may answer either way: they say nothing about it; on: only on these heaters.
      def may(*tests, on: ->(_) { true })
        tests.empty? ? @may.keys : tests.each { |id| @may[id] = on }
      end

      # The tests that have to be taken before it is condemned.
      def settled_by(*tests) = tests.empty? ? @settled_by || [] : @settled_by = tests
      def on(&block) = block ? @on = block : @on

      # -- use --------------------
      def on?(heater) = @on.call(heater)
      def weight = PRIORS.fetch(prior)

      # Whether it shows itself in a test, or may.
      def touches?(test, heater)
        shows.key?(test.id) || says_nothing?(test, heater) ||
          (test.shapes? && !sure_of?(test, heater))
      end

      # Whether every outcome of a test that shapes the heater leaves it possible, or impossible.
      def sure_of?(test, heater)
        [0, test.outcomes.size].include?(possible(test, heater).size)
      end

      # Outcomes that a test can show when this is the cause on a heater.
      def possible(test, heater)
        return of_such_heaters(test, heater) if test.shapes?
        return test.outcomes.keys if says_nothing?(test, heater)

        shows[test.id] || [test.normal || test.outcomes.keys].flatten
      end

      # Whether an outcome rules it out on a heater.
      def excluded_by?(test, outcome, heater) = !possible(test, heater).include?(outcome)

      private

      def says_nothing?(test, heater) = @may[test.id]&.call(heater) || false

      def of_such_heaters(test, heater)
        test.outcomes.keys.select { |outcome| on?(test.shaped(heater, outcome)) }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Faults
    # Why something is wrong: of which symptoms, on which heaters, how common, and what it shows
    # in which test. What is not named shows as on a sound heater; a test named with several
    # outcomes may show any of them.
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
      # How often it turns out to be it; common practice.
      PRIORS = { common: 6.0, usual: 3.0, rare: 1.0 }.freeze

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |cause| cause.instance_eval(&block) }
        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new("There is no cause " \
                               "“#{id}”.", field: :cause)
          end
        end
      end

      attr_reader :id

      def initialize(id)
        @id = id
        @prior = :usual
        @on = ->(_) { true }
        @shows = {}
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

      # Tests that it may answer either way: they say nothing about it.
      def may(*tests) = tests.empty? ? @may || [] : @may = tests
      # The tests that have to be taken before it is condemned.
      def settled_by(*tests) = tests.empty? ? @settled_by || [] : @settled_by = tests
      def on(&block) = block ? @on = block : @on

      # -- use --------------------
      def on?(heater) = @on.call(heater)
      def weight = PRIORS.fetch(prior)

      # Outcomes that a test can show when this is the cause.
      def possible(test)
        return test.outcomes.keys if may.include?(test.id)

        shows[test.id] || [test.normal || test.outcomes.keys].flatten
      end

      # Whether an outcome rules it out.
      def excluded_by?(test, outcome) = !possible(test).include?(outcome)
    end
  end
end

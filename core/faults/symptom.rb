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
              "There is no symptom “#{id}”; there are: #{@all.keys.join(", ")}.",
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
      # What has to be minded before anything else is looked for.
      def first(text = nil) = text ? @first = text : @first

      def of?(heater) = @on.call(heater)
      # Every cause of it that this heater can have.
      def causes(heater) = Cause.all.select { |cause| cause.of.include?(id) && cause.on?(heater) }

      # Ids of every test that matters to it.
      def tests(heater)
        causes(heater).flat_map { |cause| cause.shows.keys + cause.settled_by }.uniq
      end
    end
  end
end

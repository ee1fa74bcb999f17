# frozen_string_literal: true

module Munimen
  module Rules
    # A rulebook (code profile): its limits, its name and its edition, written as data in
    # core/rules/books/.
    #
    #   Book.define :us_irc do
    #     limit :static_pressure, at_most: psi(80), grade: :defect, source: published("IRC", "P2903.3.1"), …
    #   end
    class Book
      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |book| book.instance_eval(&block) }
        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise Error.new("There is no rulebook “#{id}”; there are: #{@all.keys.join(', ')}.", field: :code_profile,
                                                                                                code: :unknown_choice)
          end
        end
      end

      attr_reader :id

      def initialize(id)
        @id = id
        @limits = {}
      end

      def title(text = nil) = text ? @title = text : @title
      def edition(text = nil) = text ? @edition = text : @edition
      # The units and the vocabulary that sites under this book use.
      def units(system = nil) = system ? @units = system : @units

      def limit(id, **attributes) = @limits[id] = Limit.new(id:, **attributes).freeze
      def [](limit_id) = @limits[limit_id]
      def limits = @limits.values

      private

      def psi(number) = Measure::Quantity.of(number, "psi", :pressure)
      def fahrenheit(number) = Measure::Quantity.of(number, "degF", :temperature)
      def seconds(number) = Measure::Quantity.new(:time, number)
      def published(name, clause, **options) = Source.published(name, clause, **options)
      def common_practice(note = nil) = Source.common_practice(note)
      def from_memory(name, clause = nil) = Source.from_memory(name, clause)
    end
  end
end

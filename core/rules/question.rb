# frozen_string_literal: true

module Munimen
  module Rules
    # A question on which good practitioners differ: its schools with their reasons, and ours. The
    # firm picks; a site or a visit may override. A school may move limits of the rulebook.
    #
    #   Question[:relief_exercise].options[:every_visit].reason
    class Question
      include Measures

      # limits: {limit id => {at_most: Quantity, …}}, nil for a limit that falls away.
      Option = Struct.new(:id, :label, :reason, :limits)

      @all = {}
      class << self
        def define(id, &block)
          @all[id] = new(id).tap { |question| question.instance_eval(&block) }
        end

        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise Error.new(
              Message.of("There is no house rule “{id}”; there are: {known}.",
                         id:, known: @all.keys.join(", ")),
              field: :house_rules,
              code: :unknown_choice
            )
          end
        end
      end

      attr_reader :id, :options

      def initialize(id)
        @id = id
        @options = {}
      end

      def ask(text = nil) = text ? @ask = text : @ask

      def option(id, label, reason, limits: {})
        @options[id] = Option.new(id, label, reason, limits)
      end

      def default_option(id = nil) = id ? @default_option = id : @default_option
      # Which part of the work it is about, for the settings page.
      def about(topic = nil) = topic ? @about = topic : @about || :work

      # The option of an id as a symbol; Error with those there are.
      def choose(choice)
        options.keys.find { |id| id.to_s == choice.to_s } or
          raise Error.one_of(options.keys, field: id, given: choice)
      end
    end
  end
end

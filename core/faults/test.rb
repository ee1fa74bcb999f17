# frozen_string_literal: true

module Munimen
  module Faults
    # One thing that can be looked at, asked or measured to tell causes apart: its outcomes, the
    # first being that of a sound heater, how long it takes, how deep it goes in, and what must be
    # true first.
    #
    #   Test.define :night_creep do
    #     ask "Maximum hand left on overnight, nothing heated"
    #     outcomes steady: "steady", rises: "rises"
    #     minutes 5
    #     seen { |visit| … }   # the outcome that a visit's readings show by themselves, or nil
    #   end
    class Test
      # How deep a test goes in: asked or looked at; a reading from outside; something opened;
      # water let out.
      LASTS = 90 # days that something found wrong is taken to be so still; our own choice

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |test| test.instance_eval(&block) }

        # A test in one line: what `define` says in a block.
        def line(id, ask, outcomes, no_normal: false, **more)
          define(id) do
            ask ask
            outcomes outcomes
            self.no_normal if no_normal
            more.each do |name, value|
              value.is_a?(Proc) ? public_send(name, &value) : public_send(name, *value)
            end
          end
        end

        def all = @all.values
        def ids = @all.keys

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(Message.of("There is no test “{id}”.", id:), field: :test)
          end
        end
      end

      attr_reader :id, :cautions

      def initialize(id)
        @id = id
        @minutes = 2
        @depth = :look
        @needs = {}
        @cautions = []
      end

      # -- declaration --------------------
      %i[ask how instrument operation].each do |name|
        define_method(name) do |value = nil|
          value ? instance_variable_set(:"@#{name}", value) : instance_variable_get(:"@#{name}")
        end
      end

      # {outcome => words}; the first is that of a sound heater unless `no_normal` says that there
      # is none.
      def outcomes(list = nil) = list ? @outcomes = list : @outcomes
      # Each cause that shows itself here has to say how: there is no sound outcome, as with a
      # question.
      def no_normal = @no_normal = true
      def normal = @no_normal ? nil : outcomes.keys.first
      def minutes(number = nil) = number ? @minutes = number : @minutes
      def depth(word = nil) = word ? @depth = word : @depth
      def needs(conditions = nil) = conditions ? @needs = conditions : @needs
      def caution(*ids) = @cautions.concat(ids)

      # What an outcome says of the heater itself, not of a fault in it: the block gets the heater
      # as it is known and the outcome, and returns the heater as it is then.
      def shapes(&block) = @shapes = block
      # What taking it at all says of the heater, whatever it shows: the block gets the heater.
      def implies(&block) = @implies = block

      # A test that says weakly, by hand, what another measures: {its outcomes => those of the
      # other that it speaks for}. It makes causes likelier and rules none out.
      def stands_for(test = nil, says = nil)
        return @stands_for unless test

        @says = says.transform_values { |value| Array(value) }
        @stands_for = test
      end

      # On which heaters it can be taken.
      def on(&block) = @on = block

      def seen(&block) = @seen = block
      # What earlier visits say by themselves: the block gets them, the latest first, and today's
      # date.
      def remembered(&block) = @remembered = block

      # -- use --------------------
      def on?(heater) = @on.nil? || @on.call(heater)
      def shapes? = !@shapes.nil?
      def weak? = !@stands_for.nil?
      # Outcomes that it may show where the other test may show some.
      def weakly(of_other) = @says.filter_map { |one, told| one if told.intersect?(of_other) }

      # The heater as an outcome says that it is.
      def shaped(heater, outcome)
        return @shapes.call(heater, outcome) if @shapes

        @implies ? @implies.call(heater) : heater
      end

      # The outcome that a visit shows already, or nil.
      def in_visit(visit) = @seen&.call(visit)

      # The outcome that earlier visits speak for, or nil: what was wrong not long ago and has not
      # been put right. That it was sound then says nothing of today.
      def in_history(visits, on)
        return @remembered.call(visits, on) if @remembered

        last = visits.find { |visit| visit.date && visit.date >= on - LASTS && in_visit(visit) } or
          return
        outcome = in_visit(last)
        unless outcome == normal ||
               visits
                 .take_while { |visit| visit.date >= last.date }
                 .any? { |visit| worked_on?(visit) }
          outcome
        end
      end

      def outcome(word)
        outcomes.keys.find { |one| one.to_s == word.to_s } or
          raise Error.one_of(outcomes.keys, field: id, given: word)
      end

      private

      # Whether something was replaced, cleaned or set on a visit.
      def worked_on?(visit)
        visit.standing.any? do |step|
          step.outcome == :done &&
            (step.operation == :set_vessel_charge || !Work::Operation[step.operation].helper?)
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Calendar
    # One thing that becomes due: what brings it about, what moves it, what ends it, and where
    # the interval comes from. Declared in core/calendar/rules/.
    #
    #   Rule.define :bubble do
    #     comes_from "the air bubble renewed"
    #     source Munimen::Source.common_practice("a bubble dissolves in about 18 months")
    #     job :renew_bubble
    #     owed { |visit, _| [in_days(548, "Renew the air …")] if visit.done?(:renew_bubble) }
    #   end
    class Rule
      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |rule| rule.instance_eval(&block) }
        def all = @all.values
        def [](id) = @all[id.to_sym]
      end

      attr_reader :id

      def initialize(id) = @id = id

      # Kinds that nothing can be done about any more, with the day before which they fell due:
      # {id => Date}.
      def self.gone(today)
        all.select(&:gone_after).to_h { |rule| [rule.id, today - rule.gone_after] }
      end

      # -- declaration: gone_after is days past its date --------------------
      %i[comes_from moved_by ended_by source job gone_after].each do |name|
        define_method(name) do |value = nil|
          value ? instance_variable_set(:"@#{name}", value) : instance_variable_get(:"@#{name}")
        end
      end
      # Nothing that a customer is reminded of: the firm sees to it.
      def ours = @ours = true
      def ours? = @ours || false

      # Whether a newer one takes the place of the older, whatever was done meanwhile.
      def renewed = @renewed = true
      def renewed? = @renewed || false
      # A block given a visit: true where it ends all that was owed by this rule, else the checks of
      # the items that it ends.
      def ends(&block) = @ends = block
      # A block given the visit and its deficiencies (Verdicts): a list of items, or nil.
      def owed(&block) = @owed = block

      # -- use --------------------
      # Whether a visit ends all of it, and which checks' items it ends.
      def ended_by?(visit) = @ends&.call(visit) == true
      def checks_ended(visit) = Array(@ends && @ends.call(visit)).grep(Symbol)

      # [Due::Item] that a visit signed on a day leaves.
      def after(visit, deficiencies, on)
        [Bench.new(self, on, visit.words).instance_exec(visit, deficiencies, &@owed)].flatten(
          1
        ).compact
      end

      # The words in which a rule speaks.
      class Bench
        include Saying

        def initialize(rule, on, words)
          @rule = rule
          @on = on
          @words = words
        end

        def in_days(days, text, **more) = on(@on + days, text, **more)

        def on(date, text, **more)
          Due::Item.new(kind: @rule.id, on: date, text: @words.say(text), job: @rule.job, **more)
        end

        def today = @on

        # The first day that a text such as "2019", "2019-06" or "2019-06-12" names, or nil.
        def day(text)
          year, month, date = text.to_s[/\b(?:19|20)\d\d(?:-\d\d){0,2}\b/]&.split("-")&.map(&:to_i)
          year && Date.new(year, month || 1, date || 1)
        rescue ArgumentError
          nil
        end
      end
    end
  end
end

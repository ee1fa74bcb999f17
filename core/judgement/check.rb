# frozen_string_literal: true

module Munimen
  module Judgement
    # A check turns readings into a verdict by the rules in force. Each is one file in
    # core/judgement/checks/; a check is asked only when one of the readings that it uses is
    # there. One that uses none judges what is installed.
    #
    #   Check.define :static_pressure, part: :house_main do
    #     uses :static_pressure
    #     judge { |visit| within(visit.quantity(:static_pressure), :static_pressure) }
    #   end
    class Check
      include Saying

      # What rates a relief valve, by rulebook.
      RELIEF_SOURCES = {
        us_irc: Source.published("ANSI Z21.22", "rating", clause: :from_memory),
        us_upc: Source.published("ANSI Z21.22", "rating", clause: :from_memory),
        england_g3: Source.published("BS EN 1490", "rating", clause: :from_memory)
      }.freeze

      @all = {}
      class << self
        def define(id, part:, &block)
          @all[id] = new(id, part).tap { |check| check.instance_eval(&block) }
        end

        def all = @all.values
        def [](id) = @all[id]

        # Those of the customer's page, in the order in which they are told.
        def told = @told ||= all.select(&:on_page).sort_by { |one| one.on_page.first }
        def relief_source(visit) = visit.rules.book.pick(RELIEF_SOURCES)

        # Those that look at a reading.
        def using(reading)
          (@using ||= {})[reading] ||= all.select { |check| check.used.include?(reading) }
        end
      end

      attr_reader :id, :part, :used

      def initialize(id, part)
        @id = id
        @part = part
        @used = []
      end

      def uses(*names) = @used.concat(names)

      # Where among the safety results of the customer's page it stands, and what it is called
      # there; with an argument this sets, without one it tells ([place, title] or nil).
      def on_page(place = nil, title = nil) = place ? @on_page = [place, title] : @on_page

      # Why it does not stand there.
      def off_page(because = nil) = because ? @off_page = because : @off_page

      # The check whose good verdict on the same visit proves that it was put right, and how that
      # is said: [check, words] or nil.
      def cured_by(check = nil, words = nil) = check ? @cured_by = [check, words] : @cured_by

      def judge(&block) = @judge = block

      # The Verdict on a visit, or nil when there is nothing to judge yet.
      def verdict(visit)
        return if !used.empty? && used.none? { |name| visit.reading(name) }

        visit.memory.of([:check, id], visit) do |asked|
          CheckContext.new(self, asked).instance_exec(asked, &@judge)
        end
      end
    end
  end
end

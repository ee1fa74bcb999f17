# frozen_string_literal: true

module Munimen
  module Inspection
    # One thing to look at: where, on which heater, under which rulebooks, and what may be wrong
    # with it. Groups of them stand in core/inspection/items/; an answer is :sound, :not_visible,
    # :not_applicable or the id of a finding.
    #
    #   InspectionItem[:discharge_open].findings[:capped].grade # => :danger
    class InspectionItem
      include Rules::Measures

      # source: a Source, or {rulebook id => Source}. who: :plumber, :gas, :electrical or :unvented.
      # answered: [check, remedy, days]: what is left to do once that check is sound.
      Finding =
        Struct.new(
          :id,
          :text,
          :grade,
          :source,
          :remedy,
          :due_in,
          :explain,
          :unsafe_discharge,
          :who,
          :books,
          :answered,
          keyword_init: true
        ) do
          # Whether it is asked about under a rulebook.
          def under?(book) = books.nil? || books.any? { |one| book.is?(one) }

          # The source under a rulebook; common practice where it names none.
          def source_under(book)
            named = source.is_a?(Hash) ? book.pick(source) || Source.common_practice : source
            book.cite(named)
          end
        end
      ANSWERS = %i[sound not_visible not_applicable].freeze

      @all = {}
      class << self
        def define(id, group:, part:, &block)
          @all[id] = new(id, group, part).tap { |look| look.instance_eval(&block) }
        end

        def all = @all.values

        def in_group(group)
          (@groups ||= {})[group] ||= @all.values.select { |look| look.group == group }
        end

        # Those of a group that a visit's heater and rulebook have, in the order of the walk; and
        # those at which the visit has found something wrong, whatever the record says by now.
        def for(visit, group)
          in_group(group)
            .select { |look| look.applies?(visit.heater, visit.rules) || look.wrong_on?(visit) }
            .sort_by
            .with_index { |look, index| [Heater::Parts::PLACES.index(look.place), index] }
        end

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(Message.of("There is nothing to look at called “{id}”.",
                                          id:), field: :item)
          end
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
      def place = Heater::Parts.place(part)

      # The field of the record that says whether what is looked at is there at all, and what it
      # says where it is and where it is not; that of its part unless said.
      def presence(*field)
        field.empty? ? @presence || Heater::Parts::DOUBTFUL[part] : @presence = field
      end

      # [field, there, none] where that is not known of a heater; nil where it is.
      def doubt(heater) = Heater::Parts.doubt(heater, part, presence)

      # On which heaters, and under which rulebooks (all unless said).
      def on(&block) = @applies = block
      def books(*ids) = ids.empty? ? @books : @books = ids

      def under?(book)
        !book.leaves_out.include?(id) && (books.nil? || books.any? { |one| book.is?(one) })
      end

      def applies?(heater, rules)
        under?(rules.book) && @applies.call(heater)
      end

      def wrong_on?(visit)
        seen = visit.observation(id)
        !seen.nil? && findings.key?(seen.finding) &&
          under?(visit.rules.book)
      end

      # A wrong that can be found; `who` is its part's trade unless said.
      def wrong(id, text, grade, who: Heater::Parts.trade(part), **more)
        @findings[id] = Finding.new(id:, text:, grade:, who:, **more)
      end

      # The same wrong as at another item, which is asked where this one is not.
      def as_at(item, id) = @findings[id] = InspectionItem[item].findings.fetch(id)

      # The answer as a symbol; Error with those there are.
      def answer(given)
        (ANSWERS + findings.keys).find { |id| id.to_s == given.to_s } or
          raise Error.one_of(ANSWERS + findings.keys, field: :finding, name: id, given:)
      end

      # What an answer says: the text of what is wrong, or that it is sound or cannot be told.
      def said(answer)
        findings[answer]&.text || { sound:, not_visible: "Not visible",
                                    not_applicable: "Not applicable" }.fetch(answer)
      end

      private

      # One rule by its clause in each book: code(irc: "P2804.6.1", upc: "608.5", g3: "G3").
      def code(irc: nil, upc: nil, g3: nil, practice: nil)
        named = {
          us_irc: irc && published("IRC", irc),
          us_upc: upc && published("UPC", upc),
          england_g3: g3 && published("Approved Document G", g3)
        }
        named.transform_values { |source| source || common_practice(practice) }
      end
    end
  end
end

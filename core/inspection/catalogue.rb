# frozen_string_literal: true

module Munimen
  module Inspection
    # Deficiencies that a person can add by hand: every finding that can be seen, by its own
    # name.
    #
    #   Catalogue["discharge_open.capped"].grade             # => :danger
    #   Catalogue.search("trap", Rules::EffectiveRules.new(:us_irc)) # those whose words contain it
    module Catalogue
      Entry = Struct.new(:id, :look, :finding, keyword_init: true) do
        def part = look.part
        def source_under(book) = finding.source_under(book)
        %i[text grade remedy due_in explain who].each do |name|
          define_method(name) { finding.public_send(name) }
        end
      end

      module_function

      def all
        @all ||= InspectionItem.all.flat_map do |look|
          look.findings.values.map do |finding|
            Entry.new(id: "#{look.id}.#{finding.id}", look:, finding:)
          end
        end
      end

      def [](id)
        all.find { |entry| entry.id == id.to_s } or
          raise NotFound.new(Message.of("There is no catalogue entry “{id}”.", id:), field: :entry)
      end

      # Entries of a rulebook of which text, part or remedy contain each word typed (two or three
      # letters are enough); where a word begins counts before where it is contained.
      def search(text, rules)
        wanted = text.to_s.downcase.split
        words = Words[rules.units]
        found = all.filter_map do |entry|
          next unless entry.look.under?(rules.book) && entry.finding.under?(rules.book)

          hay = words.say("#{entry.text} #{words.part(entry.part)} #{entry.remedy}").downcase
          if wanted.all? { |word| hay.include?(word) }
            [entry, wanted.count { |word| hay.match?(/\b#{Regexp.escape(word)}/) }]
          end
        end
        found.sort_by.with_index { |(_, starts), index| [-starts, index] }.map(&:first)
      end
    end
  end
end

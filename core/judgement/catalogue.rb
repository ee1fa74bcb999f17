# frozen_string_literal: true

module Munimen
  module Judgement
    # Deficiencies that a person can add by hand: every finding that can be seen, by its own name.
    #
    #   Catalogue["discharge_open.capped"].grade # => :danger
    #   Catalogue.search("trap", Words[:us])     # entries whose words contain it
    module Catalogue
      Entry = Struct.new(:id, :part, :text, :grade, :source, :remedy, :due_in, :explain, :who, keyword_init: true)

      module_function

      def all
        @all ||= Look.all.flat_map do |look|
          look.findings.values.map do |finding|
            Entry.new(id: "#{look.id}.#{finding.id}", part: look.part, who: finding.who || :plumber,
                      **finding.to_h.slice(:text, :grade, :source, :remedy, :due_in, :explain))
          end
        end
      end

      def [](id)
        all.find { |entry| entry.id == id.to_s } or raise NotFound.new("There is no catalogue entry “#{id}”.", field: :entry)
      end

      # Entries of which text, part or remedy contain each word typed (two or three letters are enough).
      def search(text, words)
        wanted = text.to_s.downcase.split
        all.select do |entry|
          hay = words.say("#{entry.text} #{words.part(entry.part)} #{entry.remedy}").downcase
          wanted.all? { |word| hay.include?(word) }
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  # What the program says with something put into it: an English template and its parameters by
  # name, which stay apart until somebody reads it. It is a String, filled in, for whoever only
  # shows it; Words#say puts a country's words into it, Words::Language#say another language, and
  # neither has to take finished English apart. The template is its key in the tables of languages.
  #
  #   Message.of("{hot} at the {tap}.", hot: "126 °F")  # => "126 °F at the {tap}."
  #   Message.join([one, another])                      # => both, with a space between
  class Message < String
    NAME = /\{(\w+)\}/

    # vocabulary: in whose words it was said, or nil.
    attr_reader :template, :with, :parts, :between, :vocabulary

    class << self
      # with: texts, messages, Typed or Dates by name; what else is named in the template is a term
      # of the vocabularies.
      def of(template, **with) = new(filled(template, with), template:, with:)

      # Several, one after the other; nil among them is left out.
      def join(parts, between = " ")
        parts = parts.compact
        return parts.first || "" if parts.size < 2

        new(parts.join(between), parts:, between:)
      end

      # Every message in a tree of Hashes and Arrays, to be kept in JSON beside its texts:
      # [{at: keys and indices, message:}].
      def gathered(tree, at = [])
        case tree
        when Message then [{ at:, message: tree.packed }]
        when Hash then tree.flat_map { |name, one| gathered(one, [*at, name]) }
        when Array then tree.flat_map.with_index { |one, index| gathered(one, [*at, index]) }
        else []
        end
      end

      # The tree again, with its messages where they were. gathered: as it was kept, with symbols
      # as keys.
      def laid(tree, gathered)
        gathered.each do |one|
          *way, last = one[:at].map { |step| step.is_a?(String) ? step.to_sym : step }
          branch = way.empty? ? tree : tree.dig(*way)
          branch[last] = unpacked(one[:message]) if branch
        end
        tree
      end

      # A template with what is given for its names; the others stay as they are.
      def filled(template, with)
        template.gsub(NAME) { |name| with.fetch(name[1..-2].to_sym, name).to_s }
      end

      # What is put in, as it is kept.
      def pack(value)
        case value
        when Message then value.packed
        when Typed then { "typed" => value.to_s }
        when Date then { "date" => value.iso8601 }
        else value
        end
      end

      private

      def unpacked(value)
        return value unless value.is_a?(Hash)
        return Typed.new(value[:typed]) if value[:typed]
        return Date.iso8601(value[:date]) if value[:date]
        return join(value[:parts].map { |one| unpacked(one) }, value[:between]) if value[:parts]

        new(value[:said], template: value[:template],
                          with: value[:with].transform_values { |one| unpacked(one) })
      end
    end

    # text: filled in. Either a template with its parameters, or parts with what stands between,
    # of which the text may be a shorter way to say it in English.
    def initialize(text, template: nil, with: {}, parts: nil, between: nil, vocabulary: nil)
      super(text)
      @vocabulary = vocabulary
      @template = template
      @with = with
      @parts = parts
      @between = between
      freeze
    end

    def joined? = !parts.nil?

    # The same, each text within it as the block says it; names: what says the terms that are left;
    # vocabulary: whose they are.
    def said(names, vocabulary = nil, &)
      return said_joined(names, vocabulary, &) if joined?

      said = with.transform_values(&)
      text = template.gsub(NAME) do |name|
        said.fetch(name[1..-2].to_sym) { names.call(name[1..-2]) }.to_s
      end
      Message.new(text, template:, with: said, vocabulary:)
    end

    # Whether it is its parts, word by word.
    def plain? = to_s == parts.join(between)

    def packed
      return { "parts" => parts.map { |one| Message.pack(one) }, "between" => between } if joined?

      { "said" => to_s, "template" => template,
        "with" => with.transform_values { |one| Message.pack(one) } }
    end

    private

    def said_joined(names, vocabulary, &)
      return Message.join(parts.map(&), between) if plain?

      text = gsub(NAME) { |name| names.call(name[1..-2]) }
      Message.new(text, parts: parts.map(&), between:, vocabulary:)
    end
  end
end

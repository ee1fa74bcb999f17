# frozen_string_literal: true

module Munimen
  # Where a limit or a formula comes from, and how far it may be leaned on.
  #
  #   Source.published("IRC", "P2903.3.1", clause: :from_memory).to_s
  #   # => "IRC P2903.3.1 (published, clause from memory)"
  Source = Struct.new(:name, :clause, :standing) do
    def self.published(name, clause = nil, clause_standing = nil, **options)
      from_memory = (options[:clause] || clause_standing) == :from_memory
      new(name, clause, from_memory ? "published, clause from memory" : "published").freeze
    end

    def self.common_practice(note = nil) = new("Common practice", note, "common practice").freeze
    def self.from_memory(name, clause = nil) = new(name, clause, "from memory").freeze

    def self.house_rule(name, level)
      new("House rule", Message.of("{rule} ({level})", rule: name, level:), "house rule").freeze
    end

    # As a Message.
    def to_s
      return Message.join([name, clause], ": ") if name.casecmp?(standing)

      Message.of("{what} ({standing})", what: Message.join([name, clause]), standing:)
    end

    def to_h = { name:, clause:, standing: }
  end
end

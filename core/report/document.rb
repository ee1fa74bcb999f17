# frozen_string_literal: true

module Munimen
  module Report
    # The customer's page as blocks, in words and in order: screen, PDF and mail only paint them.
    # Made from a page as it was kept, so that one signed years ago is laid out as today's are.
    #
    #   Document.new(page).to_a
    #   # => [{type: :letterhead, part: :customer, firm: "Tallow & Reed", …},
    #   #     {type: :list, part: :customer, title: "Please note", lines: [{lead: nil, text: "…"}]}]
    #
    # Types: letterhead, note, verdict, findings, list, table, pair, paragraph, signatures, title,
    # drawing, photographs (Block has each). `together`: not to be torn by the end of a sheet.
    class Document
      # First what the customer has to know, then the record for those who come next.
      PARTS = {
        customer: [Sections::Head, Sections::Remarks, Sections::Standing, Sections::ToDo,
                   Sections::NotTested, Sections::LookedInto, Sections::Results, Sections::Gas,
                   Sections::Rectified, Sections::Agreed, Sections::Leaving, Sections::Papers,
                   Sections::Mind, Sections::Signatures, Sections::Amendments],
        record: [Sections::Record, Sections::Drawing, Sections::Meaning, Sections::OutOfOrder,
                 Sections::Done, Sections::HouseRules, Sections::Glossary, Sections::Photographs]
      }.freeze
      # What a mail says of it.
      BRIEF = [Sections::Standing, Sections::ToDo, Sections::NextDates].freeze

      # report: as the desk gives it, in its language, with symbols as keys.
      def initialize(report) = @report = report

      def to_a
        PARTS.flat_map { |part, sections| blocks(sections).map { |one| one.merge(part:) } }
      end

      # The same shape, of what matters most.
      def brief = blocks(BRIEF)

      private

      def blocks(sections) = sections.flat_map { |one| one.new(@report).blocks.compact }
    end
  end
end

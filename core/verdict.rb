# frozen_string_literal: true

module Munimen
  # The judgement of one thing, with its reasons. Grades and what they must carry: handbook of the
  # trade, from worst to best: danger, defect, watch, advice, sound, not_tested (which ranks with
  # none).
  class Verdict
    GRADES = %i[danger defect watch advice sound not_tested].freeze
    FINDINGS = %i[danger defect watch advice].freeze

    # One reason: text, and what was measured against which limit from which source (any may be
    # nil).
    Because = Struct.new(:text, :measured, :limit, :source, keyword_init: true) do
      def to_h = { text:, measured:, limit:, source: source&.to_s }
    end

    attr_reader :check,
                :part,
                :grade,
                :because,
                :remedy,
                :due_in,
                :quantity,
                :explain,
                :who,
                :limit,
                :question

    # check: id of the check. grade: one of GRADES. because: list of Because. remedy: what to do.
    # due_in: days until it should be done. quantity: the reading it judges. explain: words for
    # the customer. limit: id of the rulebook's limit. question: id of the house rule that
    # decides, if one does.
    def initialize(check:, part:, grade:, because:, **more)
      raise ArgumentError, "unknown grade #{grade}" unless GRADES.include?(grade)

      @check = check
      @part = part
      @grade = grade
      @because = Array(because).freeze
      @remedy, @due_in, @quantity, @explain, @who, @limit, @question =
        more.values_at(:remedy, :due_in, :quantity, :explain, :who, :limit, :question)
      freeze
    end

    # The same with its sources as a rulebook cites them.
    def cited_by(book)
      return self if because.all? { |one| book.cite(one.source).equal?(one.source) }

      cited = because.map { |one| one.dup.tap { |copy| copy.source = book.cite(one.source) } }
      dup.tap { |copy| copy.instance_variable_set(:@because, cited.freeze) }.freeze
    end

    # The same with something else to do, by another day.
    def answered(remedy, due_in)
      dup.tap do |copy|
        copy.instance_variable_set(:@remedy, remedy)
        copy.instance_variable_set(:@due_in, due_in)
      end.freeze
    end

    def finding? = FINDINGS.include?(grade)
    def rank = GRADES.index(grade)
    def text = Message.join(because.map(&:text))

    def to_h
      {
        check:,
        part:,
        state: grade,
        quantity:,
        because: because.map(&:to_h),
        remedy:,
        due_in:,
        explain:,
        who:,
        limit:,
        question:
      }
    end

    # The same in the words of a vocabulary, for people.
    def in_words(words)
      to_h.merge(
        text: words.say(text),
        remedy: words.say(remedy),
        explain: words.say(explain),
        place: words.part(part)
      )
    end

    # The worst of some verdicts (not_tested ranks lowest), or nil.
    def self.worst(verdicts) = verdicts.min_by(&:rank)
  end
end

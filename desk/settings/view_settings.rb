# frozen_string_literal: true

module Munimen
  module Desk
    # House rules as questions with every school's reasons, rulebooks, people and their competence.
    class ViewSettings
      def initialize(context) = @context = context

      # site_id: shows the rules as they hold at a site.
      def call(site_id: nil)
        site = site_id && @context.records.customers.site(site_id)
        settings = @context.records.settings
        book = site ? site[:book] : settings.rulebook
        rules = Rules::EffectiveRules.new(
          book.id,
          firm: settings.house_rules,
          site: site ? site[:house_rules] : {}
        )
        {
          firm: settings.firm["name"],
          rulebook: book.id,
          rulebooks:,
          site: site&.slice(:id, :address),
          questions: Rules::Question.all.map { |question| question(question, rules) },
          trades: Work::Competence::TRADES,
          tables: TableKinds.list,
          people:
        }
      end

      private

      def rulebooks
        Rules::Book.all.map do |book|
          { id: book.id, title: book.title, edition: book.edition, units: book.units }
        end
      end

      def question(question, rules)
        words = Words[rules.units]
        level, choice = rules.chain(question.id).last
        {
          id: question.id,
          ask: words.say(question.ask),
          about: question.about,
          ours: question.default_option,
          choice:,
          level:,
          options:
            question.options.values.map do |option|
              { id: option.id, label: words.say(option.label),
                reason: words.say(Message.of(option.reason)) }
            end
        }
      end

      def people
        @context.records.people.all.map do |row|
          row.slice(:id, :name, :role).merge(qualifications: Store::Values.qualifications(row))
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # Sets house rules for the firm, a site or an open visit. A rule that is set to nil goes back
    # to what holds above it. Signed visits keep the page that they were signed with.
    class HouseRules
      def initialize(context) = @context = context

      # rules: {question => choice or nil}
      def firm(rules:)
        @context.may!(:house_rules)
        settings = @context.records.settings
        settings[:house_rules] = merged(settings.house_rules, rules)
      end

      def site(id, rules:)
        @context.may!(:site_rules)
        customers = @context.records.customers
        customers.update_site(
          id,
          house_rules: merged(customers.site(id)[:house_rules], rules)
        )
      end

      def visit(id, rules:)
        @context.may!(:site_rules)
        VisitWrite.new(@context, id).call(nil, []) do |entry|
          kept = JSON.parse(entry.row[:visit_rules])
          if kept["operate"] == "look_only" && @context.person[:role] == "inspector"
            raise Refused.new(
              "An inspector only looks; somebody else decides otherwise.",
              code: :forbidden
            )
          end

          entry.change(house_rules: merged(kept, rules))
        end
      end

      private

      def merged(kept, rules)
        given = rules.to_h.transform_keys(&:to_s).reject { |name, _| Rules::Correction.name?(name) }
        given.each do |question, choice|
          Rules::Question[question].choose(choice) unless choice.nil?
        end
        kept.merge(given).compact
      end
    end
  end
end

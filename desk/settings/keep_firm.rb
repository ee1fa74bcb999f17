# frozen_string_literal: true

module Munimen
  module Desk
    # The firm as its pages name it, and the rulebook of its new sites.
    class KeepFirm
      TEXTS = { name: 120, address: 200, phone: 60, registration: 200, foot: 300 }.freeze

      def initialize(context) = @context = context

      def show
        firm = @context.records.settings.firm.transform_keys(&:to_sym)
        TEXTS.keys.to_h { |name| [name, firm[name]] }.merge(
          named: @context.records.settings.firm_named?,
          code_profile: @context.records.settings.code_profile
        )
      end

      # Raises Error naming a text that is too long, a missing name, or an unknown rulebook.
      def call(code_profile: nil, **given)
        @context.may!(:house_rules)
        texts = given.slice(*TEXTS.keys).to_h do |name, text|
          [name.to_s, @context.text!(text, name, max: TEXTS[name], required: name == :name)]
        end
        settings = @context.records.settings
        book = code_profile && Rules::Book.find(code_profile).id.to_s
        @context.records.write do
          before = settings[:firm] || {}
          firm = before.merge(texts)
          @context.text!(firm["name"], :name)
          settings[:firm] = firm
          settings[:code_profile] = book if book
        end
        show
      end
    end
  end
end

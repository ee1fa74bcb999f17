# frozen_string_literal: true

module Munimen
  module Store
    # What every set of settings answers from its values ([]), and what holds where nothing is set.
    module KnownSettings
      # Kinds of mail to customers that may go without a look.
      BY_ITSELF = %w[booking report reminder].freeze

      # The rulebook of new sites, and of pages that belong to no site.
      def code_profile = self[:code_profile] || "us_irc"
      def rulebook = Rules::Book[code_profile]
      def units = rulebook.units
      def by_itself = self[:mail_by_itself] || []
      def by_itself?(kind) = by_itself.include?(kind)
      def house_rules = self[:house_rules] || {}
      # Whether somebody has said what the firm is called.
      def firm_named? = !self[:firm].nil?
      def firm = self[:firm] || { "name" => "Unnamed firm" }
    end
  end
end

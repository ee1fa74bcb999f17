# frozen_string_literal: true

module Munimen
  module Heater
    # Whether the maker may still have to pay: asked before a tank or a gas control is bought.
    module Warranty
      YEARS = (5..6) # residential tank and parts warranties; common practice

      INSTALLED = "Installed in {year}: the maker's warranty (commonly 5–6 years) may still run. " \
                  "Claim first, before buying."
      MADE = "Made in {year}: the maker's warranty (commonly 5–6 years) may still run. Claim " \
             "first, before buying."

      module_function

      # Text, or nil when it is certainly over. Runs from installation, where that is known.
      def claim_first(heater, on:)
        from = year(heater.installed) || year(heater.manufactured)
        unless from
          return "When it was installed is not recorded: find out, and claim first while the " \
                 "maker's warranty (commonly 5–6 years) runs."
        end
        return if on.nil? || on.year - from > YEARS.max

        Message.of(heater.installed ? INSTALLED : MADE, year: from)
      end

      def year(text) = text.to_s[/\b(19|20)\d\d\b/]&.to_i
    end
  end
end

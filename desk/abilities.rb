# frozen_string_literal: true

module Munimen
  module Desk
    # What each role may do, said once: use cases ask for it, and the screen shows what a person
    # may.
    #
    #   Abilities.of("office") # => [:day_plan, :parts, :tables, …]
    module Abilities
      ROLES = {
        amend: %i[owner plumber], # any signed page; an inspector those that they signed
        backup: %i[owner],
        day_plan: %i[owner office],
        debriefs: %i[owner], # of exercises that others have finished: to look at, not to end
        end_visit: %i[owner office plumber inspector],
        house_rules: %i[owner],
        instruments: %i[owner],
        mail_server: %i[owner],
        mails: %i[owner office],
        numbers: %i[owner], # how the firm's own work went
        operate: %i[owner plumber],
        parts: %i[owner office],
        people: %i[owner],
        personal_data: %i[owner],
        records: %i[owner office plumber],
        security: %i[owner],
        site_rules: %i[owner plumber],
        tables: %i[owner office],
        visit: %i[owner plumber inspector]
      }.freeze

      module_function

      # Names of all that a role may do.
      def of(role) = ROLES.select { |_, roles| roles.include?(role.to_s.to_sym) }.keys
    end
  end
end

# frozen_string_literal: true

Munimen::Work::Operation.define :leave_in_use do
  part :site
  whatever_stands
  place :front
  trade :plumber
  title "Leave it in use against advice, with the warning given"
  how "Nobody may switch it off by force. Say what may happen, to whom it was said, hang " \
      "the warning label, and notify who must be told. In a rented home tell tenant and " \
      "landlord."
  because "A danger that stays in use is told, labelled and reported, and never called safe."
  forbidden do |visit|
    if visit.hazards.empty?
      "No danger stands that anybody would have to be warned of."
    elsif !visit.look_only? && visit.decision(:switch_off) != "refused"
      "Only where the customer has refused to have it switched off, and that is noted."
    end
  end
  last
  way_to_leave :against_advice
  only_when_asked
  read :warning_label, :choice, "Warning label hung", choices: %i[hung refused]
  read :notified, :choice, "Notified",
       choices: %i[emergency_service utility_or_authority owner_and_landlord nobody_required]
  read :household, :choice, "The home", choices: %i[owner_occupied rented]
  read :both_told, :choice, "Tenant and landlord", only_if: { household: :rented },
       choices: %i[both_told only_the_tenant_told only_the_landlord_told]
  # What the gas regulations have reported; common practice and RIDDOR 11(2), from memory.
  read :gas_report, :choice, "Reportable under the gas regulations", on: :gas?.to_proc,
       rulebook: :england_g3, choices: %i[reported_today office_reports not_reportable]
  makes on_site: :no, left: :against_advice
  materials "Warning label"
  hands_on 180
end

# frozen_string_literal: true

Munimen::Work::Operation.define :evacuate do
  part :site
  whatever_stands
  place :front
  trade :plumber
  title "Everybody out, and call from outside"
  how "No flame, switch, phone or bell inside. Doors open on the way; off only what lies on " \
      "the way. Call {emergency_service} from outside, tell everybody in the building, " \
      "and do not go back in."
  because "Nothing here is worth going back for."
  last
  way_to_leave :evacuated
  only_when_asked
  read :service_called, :choice, "Emergency service called",
       choices: %i[called_from_outside being_called]
  read :building_told, :choice, "In the building", choices: %i[everybody_told not_all_reached]
  caution :gas_smell, :co
  makes on_site: :no, left: :evacuated
  hands_on 120
end

# frozen_string_literal: true

Munimen::Work::Operation.define :ask_consent do
  part :relief_valve
  place :front
  title "Ask before lifting the lever"
  how "Say that an old valve may drip after its test and would then have to be replaced. Note " \
      "the answer."
  because "The customer should know before, not after, that a bad valve may show itself."
  decides :consent
  needs identified: :yes
  makes consent: :given
  makes_from_readings { |visit| visit.decision(:consent) == "refused" ? { consent: :refused } : {} }
  hands_on 30
end

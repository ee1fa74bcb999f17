# frozen_string_literal: true

Munimen::Rules::Question.define :set_point do
  ask "At what temperature is hot water stored?"
  about :temperature
  option :by_rulebook,
         "as the rulebook's limits say",
         "The limits of the code profile, with scald and legionella both shown."
  option :low,
         "120 °F (49 °C)",
         "Scalds least and saves energy; it lies inside the growth range of legionella, and the " \
         "household decides.",
         limits: {
           tap_temperature_low: nil,
           set_point: nil
         }
  option :sixty_mixing,
         "60–65 °C (140–150 °F), mixed down at the outlet",
         "Bacteria die in the store, and a mixing valve keeps the bath from scalding.",
         limits: {
           tap_temperature: {
             at_most: celsius(65.6)
           },
           tap_temperature_low: {
             at_least: celsius(55)
           }
         }
  option :fifty_weekly,
         "50–55 °C (122–131 °F) with a weekly hot cycle",
         "Efficient, and the weekly cycle kills what grew.",
         limits: {
           tap_temperature: {
             at_most: celsius(55)
           },
           tap_temperature_low: {
             at_least: celsius(48)
           },
           set_point: {
             at_least: celsius(50),
             at_most: celsius(55)
           }
         }
  default_option :by_rulebook
end

# frozen_string_literal: true

module Munimen
  module Report
    # What a household does about its heater until somebody comes, for the page behind a heater's
    # tag. Handbook §22 (what runs out stays open, hot water means heat off and cold open), §3.2.
    module Household
      # what is seen => what to do; templates of the vocabularies.
      ADVICE = {
        "Water drips or runs from the pipe at its side" =>
          "Put a pail under it and ring us today. Never plug, cap or shorten that pipe: it keeps " \
          "the tank from bursting. If it runs hot or steams: press “Gas or CO” above and read " \
          "“Steam or boiling water”.",
        "The water scalds" =>
          "Run the cold first, keep children and old people away from hot {taps}, set the dial " \
          "lower if you know how, and ring us today.",
        "Water stands under it" =>
          "Switch off what heats it (its power, its gas control or the boiler); then shut the " \
          "cold valve above it, and ring us.",
        "There is no hot water" =>
          "Relight nothing and reset nothing more than once. Ring us, and say what its lights or " \
          "its display show."
      }.freeze
      # Of a heater that was left so that nobody may use it.
      OFF = "It was left out of use: do not switch it on, and let nobody else. Ring us."
      TEXTS = [*ADVICE.to_a.flatten, OFF].freeze

      # [{seen:, act:}], templates; emergencies come first and are Emergency's.
      def self.advice = ADVICE.map { |seen, act| { seen:, act: } }
    end
  end
end

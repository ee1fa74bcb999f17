# frozen_string_literal: true

# As in the US, but for what the metric code and the utilities call otherwise.
Munimen::Words.define :canada,
                      like: :us,
                      parts: { tap: "Hot tap" },
                      terms: {
                        tap: "tap",
                        taps: "taps",
                        draw: "forty litres",
                        near_pipes: "first 600 mm",
                        bath_limit: "49 °C",
                        licence: "licence",
                        color: "colour",
                        vapour: "vapour",
                        emergency_service: "the gas utility's emergency line or 911",
                        gas_emergency:
                          "Smell gas? Do not touch switches or phones inside: go out and call " \
                          "911 or the gas utility's emergency line from there.",
                        lpg_emergency:
                          "Smell gas? Do not touch switches or phones inside: go out and call " \
                          "911 or your propane supplier's emergency line from there.",
                        any_gas_emergency:
                          "Smell gas? Do not touch switches or phones inside: go out and call " \
                          "911 or the gas supplier's emergency line from there."
                      }

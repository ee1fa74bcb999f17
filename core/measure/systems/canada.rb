# frozen_string_literal: true

# The plumbing code is metric; gas is clocked and set as in the US (CSA B149.1 has both), and plates
# bear US, imperial and metric units beside each other: what they say is typed with its unit.
Munimen::Measure::System.define :canada,
                                like: :us,
                                # A house has 150 to 700 kPa, or 20 to 100 psi; hot water 85 °C at
                                # most, or 90 °F and more; a tank's litres may be gallons.
                                plain: {
                                  pressure: 150..,
                                  temperature: ..85,
                                  volume: 250..
                                },
                                pressure: "kPa",
                                absolute_pressure: "kPa",
                                temperature: "degC",
                                temperature_difference: "K",
                                volume: "L",
                                length: "mm",
                                bore: "mm",
                                run: "m",
                                altitude: "m",
                                flow: "L/min",
                                hourly_flow: "L/h",
                                mass: "kg",
                                compliance: "L/kPa"

# frozen_string_literal: true

# A thermocouple is no thermopile; the lead reaches. Common practice.
Munimen::Parts::Kind.define :thermocouple do
  title "Thermocouple or thermopile"
  fitted_by :replace_thermocouple
  on(&:may_have_pilot?)
  column :generator, :text
  column :lead, :length

  must(:generator, "the same kind of generator") { |offered, wanted| offered.downcase == wanted }

  wants do |visit|
    {
      generator:
        { pilot_thermocouple: "thermocouple", pilot_thermopile: "thermopile" }[
          visit.heater.ignition
        ]
    }
  end
end

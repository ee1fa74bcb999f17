# frozen_string_literal: true

# Against the simulated heater: spec/reference/drip_spec.rb.
Munimen::Calculations::Calculation.define :drip_by_time do
  title "Why does it drip, by the watch?"
  input :volume, :volume, note: "of the tank"
  input :power, :power
  input :efficiency, :number, default: "0.8", note: "0.8 for gas, 1 for electric"
  input :cold, :temperature, note: "when the heating starts"
  input :hot, :temperature, note: "at which it stops"
  input :supply_pressure, :pressure, note: "static, nothing heated"
  input :relief_setting, :pressure, default: "150 psi"
  input :relief_temperature, :temperature, default: "210 degF", note: "of the valve"
  input :vessel_volume, :volume, default: "0", note: "as recorded; 0 for none"
  input :charge, :pressure, optional: true, note: "of its air, as recorded"
  choice :begins, %w[heating before never], default: "heating",
                                            note: "while it heats, without heat, or not at all"
  input :first_drop, :time, optional: true, note: "from the start of heating"
  input :drops, :number, optional: true, note: "a minute; 500 for a stream"
  choice :warm, %w[unknown warm cold], default: "unknown"
  output :words, :word
  output :chances, :list, note: "[{cause, before, after}], percent; the likeliest first"
  output :opens_recorded, :time, note: "by expansion, with the vessel as recorded"
  output :opens_without, :time, note: "by expansion, without a vessel"
  output :opens_too_hot, :time, note: "by temperature, if nothing stopped the heat"
  output :growing, :number, note: "drops a minute that growing water gives"
  source Munimen::Source.published("IAPWS-IF97", "region 1"),
         Munimen::Source.common_practice("twenty drops a millilitre; a seat drips slowly and at " \
                                         "any time, expansion runs while it heats and stops")

  compute do |i, _|
    Munimen::Calculations::Limits.heating(i)
    Munimen::Calculations::DripSeen.new(i).outputs
  end
end

# frozen_string_literal: true

# Free area to outdoors in the room of an open-flued appliance: 5 cm² for each kW of net input above
# 7 kW. BS 5440-2, from memory.
Munimen::Calculations::Calculation.define :open_flue_ventilation do
  title "How much ventilation does an open flue want? (England, Scotland, Wales)"
  input :net_input, :power, note: "of all open-flued gas appliances in the room, net"
  choice :plate_basis, %w[net gross], default: "net", note: "what the plate gives"
  input :existing_area, :area, optional: true, note: "free area of the openings there are"
  output :free_area, :area
  output :verdict, :word
  source rule = Munimen::Source.published("BS 5440-2", "5 cm² a kW over 7 kW",
                                          clause: :from_memory)

  free_of_need = 7.0 # kW: what leaks in anyhow
  a_kilowatt = 5.0 # cm²
  gross_to_net = 1.11 # natural gas

  compute do |i, units|
    Munimen::Calculations::Limits.positive(i[:net_input], :net_input)
    input = i[:net_input].in("kW") / (i[:plate_basis] == "gross" ? gross_to_net : 1)
    area = Munimen::Measure::Unit["cm2"].to_si(a_kilowatt * [input - free_of_need, 0].max)
    Munimen::Calculations::Opening.outputs(
      :open_flue_ventilation, area, there: i[:existing_area], source: rule, units:,
                                    none: "Up to 7 kW net no opening of its own is asked for."
    )
  end
end

# frozen_string_literal: true

# Air supply from outdoors for appliances with natural draft up to 400,000 Btu/h: 1 in² for each
# 7,000 Btu/h (310 mm² a kW), wanted where the house is tight or the room has less than 50 ft³ for
# each 1,000 Btu/h. CSA B149.1, section 8, from memory.
Munimen::Calculations::Calculation.define :air_supply_canada do
  title "How much air from outdoors do the burners want? (Canada)"
  systems :canada, :us
  input :total_input, :power, note: "of all appliances with natural draft that take air from here"
  input :room_volume, :gas_volume, note: "with rooms joined by openings without doors"
  choice :tight, %w[unknown yes no], default: "unknown",
         note: "vapour barrier, sealed windows and doors; unknown counts as tight"
  input :existing_area, :area, optional: true, note: "free area of the opening there is"
  output :free_area, :area
  output :verdict, :word
  source rule = Munimen::Source.published("CSA B149.1", "8.2, 1 in² for each 7,000 Btu/h",
                                          clause: :from_memory)

  a_square_inch = 7_000.0 # Btu/h
  roomy = 0.05 # ft³ for each Btu/h
  most = 400_000.0 # Btu/h; above it the clause is another

  compute do |i, units|
    %i[total_input room_volume].each do |field|
      Munimen::Calculations::Limits.positive(i[field], field)
    end
    input = i[:total_input].in("Btu/h")
    if input > most
      raise Munimen::Error.new("total_input must be at most 400,000 Btu/h (117 kW): above it " \
                               "another clause holds.", field: :total_input, code: :out_of_range)
    end

    enough = i[:tight] == "no" && i[:room_volume].in("ft3") >= (input * roomy) - 1e-9
    area = enough ? 0.0 : Munimen::Measure::Unit["in2"].to_si(input / a_square_inch)
    Munimen::Calculations::Opening.outputs(
      :air_supply_canada, area, there: i[:existing_area], source: rule, units:,
                                none: "The room and what leaks in give enough."
    )
  end
end

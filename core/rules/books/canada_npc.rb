# frozen_string_literal: true

# Canada: National Plumbing Code, natural gas and propane by CSA B149.1, wiring by CSA C22.1. Where
# it names no bound of its own the usual one of the trade stands. From memory.
Munimen::Rules::Book.define :canada_npc do
  like :us_irc
  units :canada
  title "Canada, National Plumbing Code"
  edition "NPC 2020 and CSA B149.1, clauses from memory; the province's adoption governs"
  restricts gas: "Gas work is for people licensed for it by their province.",
            electrical: "Wiring is for people licensed for it by their province."
  # A clause of the IRC is none of the National Plumbing Code: what it takes over without one of
  # its own is common practice here.
  cites "IRC" => nil,
        "UPC" => nil,
        "NFPA 54" => ["CSA B149.1", nil],
        "IFGC" => ["CSA B149.1", nil],
        "NEC" => ["CSA C22.1", nil]
  # Six inches and two diameters are the US bounds: here it is measured. The pipe is rigid, and fit
  # for 99 °C, where the US takes softer ones a size up.
  leaves_out :discharge_height, :discharge_clear, :discharge_material
  without :outlet_clear, :pan_pipe_height

  paper :permit,
        title: "Permit",
        hint: "For gas and for new plumbing, from province or municipality: ask them.",
        days: 14,
        source: common_practice("the province's and the municipality's rules")
  paper :hazard_tag,
        title: "Hazard tag and notice",
        hint: "Where a gas appliance is a hazard, most provinces want a tag on it and a notice " \
              "to the supplier or the authority, by the one who finds it.",
        days: 1,
        source: common_practice("the province's rules on gas")
  paper :certificate,
        title: "Inspection by the authority",
        hint: "Where there was a permit, the authority looks at the work or takes a declaration.",
        days: 60,
        source: common_practice("the province's and the municipality's rules")

  limit :relief_temperature,
        at_most: Munimen::Measure::Quantity.of(99, "degC", :temperature),
        grade: :danger,
        due_in: 0,
        who: :plumber,
        source: published("National Plumbing Code of Canada", "2.6.1.7", clause: :from_memory),
        remedy: "Heat off until a valve that opens at 99 °C or below is fitted.",
        explain: "The safety valve would open only when the water is about to boil."

  limit :static_pressure,
        at_most: Munimen::Measure::Quantity.of(550, "kPa", :pressure),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("National Plumbing Code of Canada", "2.6.3.3", clause: :from_memory),
        remedy: "Fit or adjust a {regulator} on the supply.",
        explain: "Fixtures and hoses are made for 550 kPa; above it they fail sooner."
  limit :bath_temperature,
        at_most: Munimen::Measure::Quantity.of(49, "degC", :temperature),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("National Plumbing Code of Canada", "2.2.10.7", clause: :from_memory),
        remedy: "Fit or set a mixing valve at bath and shower: 49 °C at most.",
        explain: "Water this hot burns skin quickly, children and older people soonest."
  limit :outlet_height,
        at_most: millimetres(300),
        grade: :defect,
        due_in: 60,
        who: :plumber,
        source: published("National Plumbing Code of Canada", "2.6.1.7", clause: :from_memory),
        remedy: "Bring the end to within 300 mm of the floor drain or floor, clear of it.",
        explain: "The end of the safety pipe is so high that scalding water splashes."
  limit :storage_temperature,
        at_least: Munimen::Measure::Quantity.of(60, "degC", :temperature),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("National Plumbing Code of Canada", "2.6.1.12", clause: :from_memory),
        remedy: "Set the thermostats to 60 °C; a mixing valve keeps bath and shower at 49 °C.",
        explain: "An electric tank that is kept cooler can let legionella bacteria grow."
end

# frozen_string_literal: true

# 50 ft³ for each 1 000 Btu/h; when short, openings. Not valid in a very tight house.
Munimen::Calculations::Calculation.define :combustion_air do
  title "Does the room give the burners enough air?"
  systems :us
  input :room_volume, :gas_volume, note: "with rooms joined by openings without doors"
  input :total_input, :power, note: "of all appliances that take air from it"
  choice :opens_to,
         %w[inside inside_storeys outdoors_direct outdoors_horizontal outdoors_single],
         default: "inside",
         note: "where openings would lead"
  input :joined_volume, :gas_volume, optional: true,
        note: "of the rooms to which openings inside would lead"
  input :connectors, :area, optional: true, note: "sum of the vent connectors' areas"
  choice :louvre, %w[none wood metal], default: "none", note: "that covers the opening"
  choice :direct_vent, %w[no yes], default: "no"
  output :required_volume, :gas_volume
  output :verdict, :word
  output :openings, :number, note: "how many, when short"
  output :opening_area, :area, note: "free area of each, when short"
  volume = Munimen::Source.published("NFPA 54", "9.3.2.1", clause: :from_memory)
  opening = Munimen::Source.published("NFPA 54", "9.3.2.3, 9.3.3", clause: :from_memory)
  source volume, opening

  # Btu/h that one square inch serves, and how many openings: inside, on one storey each, on several
  # in all.
  per_square_inch = {
    "inside" => [1000, 2],
    "inside_storeys" => [500, 1],
    "outdoors_direct" => [4000, 2],
    "outdoors_horizontal" => [2000, 2],
    "outdoors_single" => [3000, 1]
  }.freeze
  # What is free of a covered opening, where its maker does not say.
  free = { "none" => 1.0, "wood" => 0.25, "metal" => 0.75 }.freeze

  compute do |i, units|
    %i[room_volume total_input].each do |field|
      Munimen::Calculations::Limits.positive(i[field], field)
    end
    judged = Munimen::Calculations::Judged.new(:combustion_air)
    input = i[:total_input].in("Btu/h")
    if i[:direct_vent] == "yes"
      judged.add(:sound, "A direct-vent appliance takes its air from outdoors.", source: volume)
      next {
        required_volume: 0.0,
        verdict: judged.grade,
        openings: nil,
        opening_area: nil,
        judged: judged.verdict
      }
    end
    required = Munimen::Measure::Unit["ft3"].to_si(input * 50 / 1000)
    reason = {
      measured: i[:room_volume].format(units),
      limit: msg("at least {least}",
                 least: Munimen::Measure::Quantity.new(:gas_volume, required).format(units))
    }
    if i[:room_volume].si >= required - 1e-9
      judged.add(
        :sound,
        "The room is large enough, unless the house is very tight (under 0.40 air changes an " \
        "hour).",
        **reason,
        source: volume
      )
      next {
        required_volume: required,
        verdict: judged.grade,
        openings: nil,
        opening_area: nil,
        judged: judged.verdict
      }
    end
    inside = i[:opens_to].start_with?("inside")
    if inside && i[:joined_volume] && i[:room_volume].si + i[:joined_volume].si < required - 1e-9
      judged.add(:defect, "Too small even together with the rooms that openings would join to " \
                          "it: the air has to come from outdoors.", **reason, source: volume)
      next { required_volume: required, verdict: judged.grade, openings: nil, opening_area: nil,
             judged: judged.verdict }
    end
    served, count = per_square_inch.fetch(i[:opens_to])
    area = input / served
    area = [area, 100.0].max if i[:opens_to] == "inside"
    # a single one is no smaller than what leaves by the connectors
    area = [area, i[:connectors]&.in("in2") || 0].max if i[:opens_to] == "outdoors_single"
    gross = area / free.fetch(i[:louvre])
    openings = {
      "inside_storeys" => msg("openings through the floor or stair of {gross} in² in all",
                              gross: gross.ceil),
      "outdoors_single" => msg("one opening within 12 in of the top, of {gross} in²",
                               gross: gross.ceil)
    }.fetch(i[:opens_to]) do
      msg("two openings, within 12 in of top and bottom, of {gross} in² each", gross: gross.ceil)
    end
    text = msg("The room is too small: {openings}.", openings:)
    judged.add(:defect, text, **reason, source: opening)
    {
      required_volume: required,
      verdict: judged.grade,
      openings: count,
      opening_area: Munimen::Measure::Unit["in2"].to_si(area),
      judged: judged.verdict
    }
  end
end

# frozen_string_literal: true

# 50 gal, 4 ft tank, 25–50 ft of hose, end 2 ft lower: 13–27 min (common practice).
Munimen::Calculations::Calculation.define :drain_time do
  feet = { us: "ft", england: "m", si: "m" }
  title "How long the tank takes to drain"
  input :volume, :volume
  input :fraction, :number, default: "1", note: "of the tank that is drained"
  input :tank_height, :length, unit: feet
  input :outlet_diameter,
        :length,
        default: "1/2 in",
        note: "bore of the drain valve; a 3/4 in valve has about 1/2 in"
  input :hose_length, :length, unit: feet, note: "0 for none"
  input :hose_diameter, :length, default: "5/8 in"
  input :fall,
        :length,
        default: "2 ft",
        unit: feet,
        note: "from the tank's outlet down to the end of the hose"
  output :time, :time
  output :flow_start, :flow
  output :flow_end, :flow
  source Munimen::Source.published("Darcy–Weisbach", "with Haaland's friction factor"),
         Munimen::Source.from_memory("Losses of a drain valve and of hose couplings"),
         Munimen::Source.common_practice(
           "15–20 min for 50 gal through a garden hose to lower ground"
         )

  compute do |i|
    %i[volume fraction tank_height outlet_diameter hose_diameter].each do |field|
      Munimen::Calculations::Limits.positive(i[field], field)
    end
    if i[:fraction].si > 1
      raise Munimen::Error.new(
        "fraction must be at most 1 (all of it).",
        field: :fraction,
        code: :out_of_range
      )
    end

    height = i[:tank_height].si
    drain = Munimen::Physics::Drain.new(
      area: i[:volume].si / height,
      bore: i[:outlet_diameter].si,
      hose_length: i[:hose_length].si,
      hose_bore: i[:hose_diameter].si,
      fall: i[:fall].si
    )
    low = height * (1 - i[:fraction].si)
    {
      time: drain.seconds(from: height, to: low),
      flow_start: drain.flow(height),
      flow_end: drain.flow(low)
    }
  end
end

# frozen_string_literal: true

# 3 600·V/t·HV: 2 ft³ of 1 000 Btu/ft³ in 180 s are 40 000 Btu/h.
Munimen::Calculations::Calculation.define :gas_input do
  title "Gas input by the meter's dial"
  input :dial_volume, :gas_volume, note: "gone through while you timed it, nothing else burning"
  input :seconds, :time
  input :heating_value,
        :heating_value,
        default: {
          us: "1000",
          england: "39.5",
          si: "39.5"
        },
        note: "of the local gas, gross"
  input :plate_input, :power, optional: true
  choice :plate_basis, %w[gross net], default: "gross", note: "English plates may be in net"
  input :altitude, :altitude, default: "0"
  output :gas_rate, :gas_flow
  output :input, :power
  output :deviation, :number, note: "from the input allowed, as a fraction"
  output :allowed_input, :power, note: "of the plate, for the altitude"
  output :verdict, :word
  altitude = Munimen::Source.published("NFPA 54", "11.1.2", clause: :from_memory)
  margin = Munimen::Source.from_memory("+5 % allowed for measuring, not 10 % under")
  source altitude, margin, Munimen::Source.from_memory("Gross input = net × 1.11")

  compute do |i, units|
    %i[dial_volume seconds heating_value].each do |field|
      Munimen::Calculations::Limits.positive(i[field], field)
    end
    rate = i[:dial_volume].si / i[:seconds].si
    input = rate * i[:heating_value].si
    unless i[:plate_input]
      next { gas_rate: rate, input:, deviation: nil, allowed_input: nil, verdict: nil }
    end

    Munimen::Calculations::Limits.positive(i[:plate_input], :plate_input)
    allowed =
      i[:plate_input].si * (i[:plate_basis] == "net" ? 1.11 : 1) *
      Munimen::Physics::Derating.share(i[:altitude].si, canada: units == :canada)
    deviation = (input / allowed) - 1
    power = ->(watts) { Munimen::Measure::Quantity.new(:power, watts).format(units) }
    grade, text =
      if deviation > 0.05
        [:defect, msg("{percent} % over the plate: over-fired.", percent: (deviation * 100).round)]
      elsif deviation < -0.10
        [
          :watch,
          msg("{percent} % under the plate: slow to heat; look at pressure and orifice.",
              percent: (-deviation * 100).round)
        ]
      else
        [:sound, "Within what the plate allows."]
      end
    judged = Munimen::Calculations::Judged.new(:gas_input).add(
      grade,
      text,
      measured: power[input],
      limit: "#{power[allowed]}, +5 −10 %",
      source: margin
    )
    {
      gas_rate: rate,
      input:,
      deviation:,
      allowed_input: allowed,
      verdict: judged.grade,
      judged: judged.verdict
    }
  end
end

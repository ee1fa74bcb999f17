# frozen_string_literal: true

# 4 500 W at 240 V: 18.75 A, continuous 23.4 A, breaker 25 A (at most 30 A), 10 AWG copper. The
# wire governs: 5 500 W: 30 A and no more on 10 AWG.
Munimen::Calculations::Calculation.define :branch_circuit do
  title "Breaker and wire for an electric heater"
  systems :us
  input :power, :element_power, note: "the most that runs at one time"
  input :voltage, :voltage
  choice :phase, %w[1 3], default: "1"
  output :current, :current
  output :continuous_current, :current, note: "125 % of it"
  output :minimum_breaker, :current
  output :maximum_breaker, :current, note: "422.11(E), and no more than this wire allows"
  output :conductor, :word, note: "copper, 60 °C"
  source Munimen::Source.published("NEC", "422.13, 422.11(E)", clause: :from_memory),
         Munimen::Source.published("NEC", "240.4(D), 310.16", clause: :from_memory)

  breakers = [15, 20, 25, 30, 35, 40, 45, 50].freeze
  beyond = [60, 70, 80].freeze # standard sizes, for the upper bound only
  conductors = {
    15 => "14 AWG",
    20 => "12 AWG",
    30 => "10 AWG",
    40 => "8 AWG",
    55 => "6 AWG"
  }.freeze

  compute do |i|
    %i[power voltage].each { |field| Munimen::Calculations::Limits.positive(i[field], field) }
    current = i[:power].si / (i[:voltage].si * (i[:phase] == "3" ? Math.sqrt(3) : 1))
    continuous = current * 1.25
    minimum = breakers.find { |size| size >= continuous - 1e-9 } or
      raise Munimen::Error.new(
        Munimen::Message.of("power needs a circuit for {continuous} A; this table ends at 50 A. " \
                            "An electrician sizes what is larger.",
                            continuous: continuous.round(1)),
        field: :power,
        code: :out_of_range
      )
    # 20 A up to 13.3 A, else 150 % of it or the next size up; never more than the wire allows
    larger = (breakers + beyond).find { |size| size >= (current * 1.5) - 1e-9 }
    permitted = current <= 13.3 ? 20 : larger
    wire, conductor = conductors.find { |ampacity, _| ampacity >= minimum }
    maximum = [permitted, wire == 55 ? 60 : wire].min
    {
      current:,
      continuous_current: continuous,
      minimum_breaker: minimum.to_f,
      maximum_breaker: [maximum, minimum].max.to_f,
      conductor:
    }
  end
end

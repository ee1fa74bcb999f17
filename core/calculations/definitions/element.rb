# frozen_string_literal: true

# 4 500 W at 240 V: 12.8 Ω, sound from 12.2 to 14.2 Ω; at 208 V it gives 75 % of its power.
Munimen::Calculations::Calculation.define :element do
  title "Is this heating element sound?"
  input :rated_power, :element_power
  input :rated_voltage, :voltage
  input :resistance,
        :resistance,
        optional: true,
        note: "between its terminals, one lead off; “open” where the meter shows OL"
  input :supply_voltage, :voltage, default: ->(i) { i[:rated_voltage] }
  input :earth_resistance,
        :insulation,
        optional: true,
        note: "terminal to sheath, both leads off; at 500 V"
  output :expected_resistance, :resistance
  output :deviation,
         :number,
         note: "of the resistance, as a fraction; none when open or not measured"
  output :power_at_supply, :element_power
  output :current, :current
  output :verdict, :word
  tolerance = Munimen::Source.published("IEC 60335-1", "10.1", clause: :from_memory)
  earth = Munimen::Source.common_practice(
    "below 1 MΩ at 500 V, or any ohms on a multimeter, is an earth fault"
  )
  source tolerance, earth

  compute do |i, _units|
    %i[rated_power rated_voltage supply_voltage].each do |field|
      Munimen::Calculations::Limits.positive(i[field], field)
    end
    physics = Munimen::Physics::Element
    rated = i.values_at(:rated_power, :rated_voltage).map(&:si)
    expected = physics.resistance(*rated)
    low, high = physics.band(*rated).map { |ohm| ohm.round(1) }
    measured = i[:resistance]&.si
    judged = Munimen::Calculations::Judged.new(:element)
    band = {
      limit: "#{low}–#{high} Ω",
      source: tolerance,
      measured: i[:resistance]&.typed || (measured && "#{measured.round(1)} Ω")
    }
    if measured.nil?
      judged.add(:not_tested, "Its resistance has not been measured.")
    elsif measured > expected * 20
      judged.add(:defect, "Open circuit: the element is burnt out.", **band)
    elsif measured < 1
      judged.add(:defect, "As good as a short circuit: the element is finished.", **band)
    elsif measured.round(1).between?(low, high)
      judged.add(:sound, msg("{measured} Ω lies where this rating must.",
                             measured: measured.round(1)), **band)
    else
      judged.add(
        :defect,
        msg("{measured} Ω is not what this rating gives: another rating, or failing.",
            measured: measured.round(1)),
        **band
      )
    end
    ground = i[:earth_resistance]
    if ground
      fault = ground.si < 1e6
      judged.add(
        fault ? :danger : :sound,
        (
          if fault
            "A terminal is connected to the sheath: replace it; the circuit stays off."
          else
            "No path to the sheath."
          end
        ),
        measured: ground.format(:us),
        limit: "at least 1 Mohm",
        source: earth
      )
    end
    working = measured&.between?(1, expected * 20) ? measured : expected
    power = (i[:supply_voltage].si**2) / working
    power = 0.0 if measured && measured > expected * 20
    deviation = (measured / expected) - 1 if measured && measured <= expected * 20
    {
      expected_resistance: expected,
      deviation:,
      power_at_supply: power,
      current: power / i[:supply_voltage].si,
      verdict: judged.grade,
      judged: judged.verdict
    }
  end
end

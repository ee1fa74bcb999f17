# frozen_string_literal: true

# Heat balance at the mixer: V·u·(Ts − Tc) / (Tm − Tc).
Munimen::Calculations::Calculation.define :mixed_delivery do
  title "Mixed water from one full tank"
  input :volume, :volume
  input :stored, :temperature
  input :cold, :temperature
  input :mixed, :temperature, note: "at the shower"
  input :usable_fraction,
        :number,
        default: "0.7",
        note: "of the tank, before what comes out is luke-warm"
  input :tap_flow, :flow, default: "2.0 gal/min"
  output :mixed_volume, :volume
  output :shower_time, :time, note: "without heating meanwhile"
  source Munimen::Source.common_practice(
    "heat balance at the mixer; about 70 % of a tank is usable"
  )

  compute do |i|
    limits = Munimen::Calculations::Limits
    %i[volume usable_fraction tap_flow].each { |field| limits.positive(i[field], field) }
    limits.share(i[:usable_fraction], :usable_fraction)
    %i[stored cold mixed].each { |field| limits.limits(i[field], field) }
    unless i[:mixed] > i[:cold] && i[:mixed] <= i[:stored]
      raise Munimen::Error.new(
        "mixed must lie above cold and no higher than stored.",
        field: :mixed,
        code: :out_of_range
      )
    end

    mixed =
      i[:volume].si * i[:usable_fraction].si * (i[:stored].si - i[:cold].si) /
      (i[:mixed].si - i[:cold].si)
    { mixed_volume: mixed, shower_time: mixed / i[:tap_flow].si }
  end
end

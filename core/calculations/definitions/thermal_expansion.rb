# frozen_string_literal: true

# V(ρc/ρh − 1). 50 gal from 50 to 140 °F: 0.839 gal.
Munimen::Calculations::Calculation.define :thermal_expansion do
  title "How much more room warm water takes"
  input :volume, :volume
  input :cold, :temperature
  input :hot, :temperature
  output :expanded_volume, :volume
  output :fraction, :number
  source Munimen::Source.published("IAPWS-IF97", "region 1")

  compute do |i|
    Munimen::Calculations::Limits.positive(i[:volume], :volume)
    Munimen::Calculations::Limits.check(i[:cold], i[:hot])
    fraction = Munimen::Physics::Water.expansion(i[:cold].si, i[:hot].si)
    { expanded_volume: i[:volume].si * fraction, fraction: }
  end
end

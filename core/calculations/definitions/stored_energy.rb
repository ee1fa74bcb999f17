# frozen_string_literal: true

# Why the relief valve is the last protection. From 150 °C about 9 % flashes.
Munimen::Calculations::Calculation.define :stored_energy do
  title "What lets go when an overheated tank bursts"
  input :volume, :volume
  input :temperature, :temperature
  output :energy_above_boiling, :energy
  output :flash_fraction, :number, note: "of the water that turns to steam at once"
  output :steam_volume, :gas_volume, note: "at atmospheric pressure"
  output :verdict, :word
  basis = Munimen::Source.published("IAPWS-IF97", "saturation enthalpies")
  source basis,
         Munimen::Source.published("Steam tables", "2 256.5 kJ/kg and 1.673 m3/kg at 100 °C")

  latent = 2_256_500.0 # J/kg
  steam = 1.673        # m3/kg
  boiling = 373.124    # K at one atmosphere
  compute do |i, units|
    Munimen::Calculations::Limits.positive(i[:volume], :volume)
    hot = i[:temperature].si
    unless hot.between?(273.15, 463.16)
      raise Munimen::Error.new(
        "temperature must be between 32 °F (0 °C) and 374 °F (190 °C).",
        field: :temperature,
        code: :out_of_range
      )
    end

    water = Munimen::Physics::Water
    excess = [water.enthalpy(hot) - water.enthalpy(boiling), 0.0].max
    mass = i[:volume].si * water.density(hot)
    fraction = excess / latent
    flashes = fraction.positive?
    judged = Munimen::Calculations::Judged.new(:stored_energy).add(
      flashes ? :danger : :sound,
      (
        if flashes
          msg("If the tank lets go, {percent} % of the water turns to steam at once.",
              percent: (fraction * 100).round(1))
        else
          "Below boiling nothing flashes."
        end
      ),
      measured: i[:temperature].format(units),
      limit: Munimen::Measure::Quantity.new(:temperature, boiling).format(units),
      source: basis
    )
    {
      energy_above_boiling: mass * excess,
      flash_fraction: fraction,
      steam_volume: mass * fraction * steam,
      verdict: judged.grade,
      judged: judged.verdict
    }
  end
end

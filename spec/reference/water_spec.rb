# frozen_string_literal: true

require "open3"

RSpec.describe Munimen::Physics::Water do
  # IAPWS-IF97, table 5 (region 1): v in m3/kg, h in kJ/kg, cp in kJ/kg/K.
  [
    [300, 3e6, 0.100215168e-2, 0.115331273e3, 0.417301218e1],
    [300, 80e6, 0.971180894e-3, 0.184142828e3, 0.401008987e1],
    [500, 3e6, 0.120241800e-2, 0.975542239e3, 0.465580682e1]
  ].each do |kelvin, pascal, volume, enthalpy, heat|
    it "agrees with IF97 table 5 at #{kelvin} K and #{pascal / 1e6} MPa" do
      expect(1 / described_class.density_at(kelvin, pascal)).to be_within(1e-11).of(volume)
      expect(described_class.enthalpy(kelvin, pascal) / 1e3).to be_within(1e-6).of(enthalpy)
      expect(described_class.specific_heat(kelvin, pascal) / 1e3).to be_within(1e-8).of(heat)
    end
  end

  # IAPWS-IF97, table 35 (region 4), MPa.
  [[300, 0.353658941e-2], [500, 0.263889776e1], [600, 0.123443146e2]].each do |kelvin, megapascal|
    it "agrees with IF97 table 35 at #{kelvin} K" do
      expect(described_class.vapour_pressure(kelvin) / 1e6).to be_within(megapascal * 1e-8).of(
        megapascal
      )
    end
  end

  it "gives Kell's densities (J. Chem. Eng. Data 20 (1975) 97, from memory)" do
    expect(described_class.density(293.15)).to be_within(0.005).of(998.204)
    expect(described_class.density(333.15)).to be_within(0.01).of(983.20)
  end

  it "joins its two formulas for density at 100 °C without a step that matters" do
    expect(described_class.density(373.15 + 1e-6)).to be_within(0.03).of(
      described_class.density(373.15)
    )
  end

  # An independent implementation of IAPWS-97: the npm package @neutrium/thermo.eos.iapws97.
  it "lies within 0.05 % of the independent IAPWS-97 package over 5–150 °C" do
    script = <<~JS
      const { IAPWS97_EoS } = require('@neutrium/thermo.eos.iapws97');
      const eos = new IAPWS97_EoS();
      const points = JSON.parse(process.argv[1]);
      console.log(JSON.stringify(points.map(([t, p]) => eos.solve({ t, p }).rho)));
    JS
    points =
      (5..150)
        .step(5)
        .map do |celsius|
          [celsius + 273.15, described_class.liquid_pressure(celsius + 273.15) * 1.0001]
        end
    output, status = Open3.capture2(
      "node",
      "-e",
      script,
      "--",
      JSON.generate(points),
      chdir: File.join(Munimen::ROOT, "ui")
    )
    expect(status).to be_success
    points.zip(JSON.parse(output)).each do |(kelvin, _), theirs|
      expect(described_class.density(kelvin)).to be_within(theirs * 5e-4).of(theirs)
    end
  end
end

# frozen_string_literal: true

# A country that measures and speaks like its neighbour but for some things is two short files.
RSpec.describe Munimen::Measure::System do
  quantity = Munimen::Measure::Quantity

  # NIST SP 811: 1 psi is 6.894 757 kPa, an imperial gallon 4.546 09 L.
  it "reads bare numbers in Canada as its code has them, and gas as the US has it" do
    expect(quantity.parse("413.7", :pressure, system: :canada).in("psi")).to be_within(0.01).of(60)
    hot = quantity.parse("49", :temperature, system: :canada)
    expect(hot.in("degF")).to be_within(0.01).of(120.2)
    expect(quantity.parse("40 imp gal", :volume, system: :canada).format(:canada)).to eq("181.8 L")
    expect(quantity.of(3.5, "inH2O", :gas_pressure).format(:canada)).to match(/\A3\.5 in/)
    expect(quantity.of(60, "psi", :pressure).format(:canada)).to eq("414 kPa")
  end

  # Dials there have both scales: 100 psi read as 100 kPa would be a weak supply, not one too high.
  it "takes no bare number that may be of either scale, and says what to write" do
    { pressure: "62", temperature: "120", volume: "40" }.each do |kind, typed|
      expect { quantity.parse(typed, kind, system: :canada, field: :seen) }
        .to raise_error(Munimen::Error, /“#{typed}” may be .* or .*: write the unit/) { |error|
          expect([error.field.to_s, error.code]).to eq(["seen", :unit_wanted])
        }
      expect(quantity.parse(typed, kind, system: :us)).to be_truthy
    end
    expect(quantity.parse("0", :pressure, system: :canada).si).to eq(0)
    expect(quantity.parse("62 psi", :pressure, system: :canada).format(:canada)).to eq("427 kPa")
    expect(quantity.parse("62", :pressure, system: :canada, unit: "psi").in("psi")).to eq(62)
  end

  it "has a unit for every kind, and a vocabulary with every term, under every system" do
    described_class.names.each do |system|
      expect(Munimen::Measure::Kind.all.map { |kind| kind.unit(system) }).to all(be_truthy)
      words = Munimen::Words[system]
      expect(words.terms.keys).to match_array(Munimen::Words[:us].terms.keys)
      expect(words.terms.values).to all(be_a(String))
    end
  end

  it "works every calculation in Canada's units" do
    Munimen::Calculations::Calculation.all.each do |calculation|
      sheet = Munimen::Calculations::Sheet.new(calculation, :canada).to_h
      expect(sheet[:inputs].map { |input| input[:unit] }.compact).to all(be_a(String))
      calculation.inputs.each do |input|
        next unless input.default.is_a?(String) && input.unit_symbol(:canada)

        expect { quantity.parse(input.default, input.kind, system: :canada) }.not_to raise_error
      end
    end
    said = Munimen::Words[:canada]
    expect([said.say("{tap}"), said.part(:vessel), said.date("2026-12-08")])
      .to eq(["tap", "Expansion tank", "December 8, 2026"])
  end
end

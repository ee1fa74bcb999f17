# frozen_string_literal: true

RSpec.describe Munimen::Measure::Quantity do
  def parse(text, kind = :pressure, system = :us) = described_class.parse(text, kind, system:)

  it "takes a bare number in the system's unit and any other unit as written" do
    expect(parse("52").in("psi")).to be_within(1e-9).of(52)
    expect(parse("3.6").in("psi")).to be_within(1e-9).of(3.6)
    expect(parse("3.6", :pressure, :england).in("bar")).to be_within(1e-9).of(3.6)
    expect(parse("52psi").typed).to eq("52psi")
    expect(parse(".5 MPa").in("kPa")).to be_within(1e-9).of(500)
  end

  {
    ["°F", :temperature] => ["140 °F", 333.15],
    ["F", :temperature] => ["140F", 333.15],
    ["C", :temperature] => ["60 C", 333.15],
    ["in. w.c.", :gas_pressure] => ["7 in. w.c.", 1743.62],
    ["inwc", :gas_pressure] => ["7inwc", 1743.62],
    ["Ω", :resistance] => ["12.8 Ω", 12.8],
    ["BTU/hr", :power] => ["40,000 BTU/hr", 11_722.8],
    ["litre", :volume] => ["200 litres", 0.2],
    ["half", :length] => ["1/2 in", 0.0127],
    ["mixed", :length] => ["1 1/2 in", 0.0381],
    ["feet and inches", :length] => ["4 ft 6 in", 1.3716],
    ["minutes", :time] => ["5 min", 300.0]
  }.each do |(name, kind), (text, expected)|
    it("reads #{name}") do
      expect(parse(text, kind).si).to be_within(expected.abs * 1e-5).of(expected)
    end
  end

  {
    "52 degF" => /unit of temperature.*pressure in psi/,
    "abc" => /not a pressure.*psi/,
    "3,6" => /point, not a comma/,
    "" => /not a pressure/,
    "NaN" => /not a pressure/,
    "1e999" => /finite|at most/,
    "-50" => /at least/,
    "12 furlongs" => /not a unit known here/,
    "1/0" => /must be/
  }.each do |text, message|
    it "refuses “#{text}” and says what would be right" do
      expect { parse(text) }.to raise_error(Munimen::Error, message) { |error|
        expect(error.field).to eq("pressure")
      }
    end
  end

  it "does not mix gauge and absolute pressure, nor temperature and its difference" do
    absolute = described_class.of(60, "psi", :absolute_pressure)
    expect { described_class.of(60, "psi", :pressure) + absolute }.to raise_error(
      Munimen::Error,
      /cannot be added/
    )
    expect(described_class.of(60, "psi", :pressure) <=> absolute).to be_nil
    expect(parse("10 F", :temperature_difference).si).to be_within(1e-9).of(50 / 9.0)
  end

  it "writes numbers as people read them" do
    expect(parse("3.6 bar").format(:us)).to eq("52 psi")
    expect(parse("40000", :power).format(:us)).to eq("40,000 Btu/h")
    expect(parse("60 C", :temperature).format(:england)).to eq("60 °C")
    expect(parse("50", :volume).format(:us)).to eq("50 gal")
  end

  it "tells the limits of what was typed in the unit that it was typed in" do
    parse = ->(text, kind) { Munimen::Measure::Quantity.parse(text, kind, system: :us, field: :x) }
    expect { parse["900 bar", :pressure] }.to raise_error(Munimen::Error, /at most 70\.0 bar\.\z/)
    expect { parse["9000", :pressure] }.to raise_error(Munimen::Error, /at most 1015 psi\.\z/)
    expect { parse["0.5", :combustion_ratio] }.to raise_error(Munimen::Error, /at most 0\.05\.\z/)
  end
end

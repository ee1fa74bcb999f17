# frozen_string_literal: true

# Matching by specification, the list for the van, and who pays.
RSpec.describe Munimen::Parts::Catalogue do
  # The demo firm's list.
  def shipped
    Munimen::Formats::PartsCsv.read(File.read(File.join(Munimen::ROOT, "demo/parts.csv")))
  end

  def best(kind, visit) = shipped.matches(kind, visit).first

  def named(kind, visit, name)
    shipped.matches(kind, visit).find { |match| match.part.name.include?(name) }
  end

  # ANSI Z21.22, from memory: the temperature rating covers the input, the set pressure no higher
  # than the tank's.
  it "agrees with the calculation on every relief valve" do
    heater = gas(relief_set_temperature: "210 degF", relief_thread: "3/4 NPT", relief_probe: "4 in")
    visit = visit(heater:)
    shipped.matches(:relief_valve, visit).each do |match|
      given = {
        heater_input: "40000 Btu/h",
        working_pressure: "150 psi",
        old_set_temperature: "210 degF",
        old_thread: "3/4 NPT",
        old_probe_length: "4 in",
        **%i[set_pressure set_temperature rating thread probe_length].to_h do |name|
          [:"new_#{name}", (value = match.part[name]).is_a?(String) ? value : value.typed]
        end
      }
      by_name = calc(:relief_valve_match, **given).outputs[:criteria].to_h do |one|
        [one[:criterion], one[:state]]
      end
      match.criteria.each do |one|
        expect(one.fits).to eq(by_name.fetch(one.name) == :sound), "#{match.part.name} #{one.name}"
      end
    end
    expect(best(:relief_valve, visit).part.name).to eq("Brandlow RV-10L")
    expect(named(:relief_valve, visit, "Sentinel 40").failing.map(&:name)).to eq([:rating])
  end

  it "asks of a vessel the old volume and that no relief valve opens, as its verdict does; " \
     "better is what `expansion_vessel` finds" do
    wide = visit(heater: gas(vessel_volume: "2", capacity: "80"),
                 readings: { static_pressure: "60" })
    given = {
      volume: "80 gal",
      cold: "50 degF",
      hot: "120 degF",
      supply_pressure: "60 psi",
      maximum_pressure: "80 psi",
      charge: "60 psi"
    }
    least = calc(:expansion_vessel, **given).outputs[:minimum_volume]
    wanted = Munimen::Parts::Kind[:vessel].wanted(wide)
    expect(wanted[:volume_for_peak].si).to be_within(1e-5).of(least)
    expect(wanted[:volume].in("gal")).to be_within(1e-9).of(2)
    expect(named(:vessel, wide, "E2").then { |one| [one.fits?, one.failing.map(&:name)] })
      .to eq([true, [:volume_for_peak]])
    expect(best(:vessel, wide).part.model).to eq("E4")
    expect(named(:vessel, wide, "E8").failing.map(&:name)).to eq([:working_pressure])
  end

  # By the other calculator, forwards: what fits reaches no more than the relief setting less its
  # margin, what does not fit more.
  it "calls a vessel fit where the pressure that it reaches leaves the relief valve shut" do
    [60, 75, 78].product([40, 80, 120]).each do |supply, gallons|
      one = visit(heater: gas(vessel_volume: "1", capacity: gallons.to_s),
                  readings: { static_pressure: supply.to_s })
      margin = one.rules.limit(:relief_margin).at_least.in("psi")
      shipped.matches(:vessel, one).each do |match|
        next if match.failing.map(&:name).include?(:working_pressure)

        given = { volume: "#{gallons} gal", vessel_volume: match.part[:volume].format(:us),
                  cold: "50 degF", hot: "120 degF", supply_pressure: "#{supply} psi",
                  charge: "#{supply} psi" }
        reached = calc(:vessel_performance, **given).outputs[:hot_pressure]
        shut = reached / 6894.757 <= 150 - margin
        expect([supply, match.part.model, match.fits?]).to eq([supply, match.part.model, shut])
      end
    end
  end

  it "takes the element of the same watts and volts only, and never a thermopile for a " \
     "thermocouple" do
    visit = visit(heater: electric)
    expect(shipped.matches(:element, visit).select(&:fits?).map { |match| match.part.model }).to eq(
      ["S45"]
    )
    expect(
      shipped
        .matches(:thermocouple, visit(heater: gas))
        .select(&:fits?)
        .map { |match| match.part.model }
    ).to eq(%w[TC24 TC36])
  end

  it "reads the firm's own file, and says which line and column it cannot read" do
    own = Munimen::Formats::PartsCsv.read(
      "kind,maker,model,price,power,voltage\nelement,Own,X1,9,4500 W,240 V\n"
    )
    expect(own.matches(:element, visit(heater: electric)).map(&:fits?)).to eq([true])
    {
      "kind,maker,model,price\npump,Own,X,1\n" => /Line 2: kind must be one of/,
      "kind,maker,model,price,power\nelement,Own,X,1,strong\n" => /Line 2, power/,
      "maker,model\nA,B\n" => /missing: kind, price/,
      "kind,maker,model,price\nelement,,X,1\n" => /maker and model/,
      "kind,\"maker\n" => /not CSV/
    }.each do |text, message|
      expect { Munimen::Formats::PartsCsv.read(text) }.to raise_error(Munimen::Error, message)
    end
  end

  # Common practice: 5–6 years on tank and parts.
  it "says to claim first while the warranty may run, from installation rather than from making" do
    ask = lambda do |on = Date.new(2026, 11, 23), **more|
      Munimen::Heater::Warranty.claim_first(gas(**more), on:)
    end
    expect(ask[installed: "2022", manufactured: "2019"]).to include(
      "Installed in 2022"
    ).and include("Claim first")
    expect(ask[manufactured: "06/2021"]).to include("Made in 2021")
    expect(ask[installed: "2015"]).to be_nil
    expect(ask[]).to include("not recorded")
  end

  it "lists for the van what is sure, likely and maybe, each once, with its reason" do
    visit = fresh(:gas_storage, :us_irc, jobs: %i[annual_safety flush])
    plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
    last = { vessel_charge: psi(30), static_pressure: psi(62) }
    lines = Munimen::Planning::VanList.new(visit, plan, open: %w[anode_left], last:).lines
    by = lines.group_by(&:certainty).transform_values { |list| list.map(&:name) }
    expect(by[:sure]).to include("Hose", "White pail")
    expect(by[:likely]).to include("Anode", "Expansion tank that matches")
    expect(by[:maybe]).to include("Relief valve that matches")
    expect(lines.map(&:name)).to eq(lines.map(&:name).uniq)
    expect(lines.map(&:because)).to all(satisfy { |text| text.size > 5 })
  end
end

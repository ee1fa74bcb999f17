# frozen_string_literal: true

require "office_helper"

# What would be done about what was found, what it costs, and what the customer says of it.
RSpec.describe Munimen::Desk::Estimate do
  rates = { "currency" => "USD", "per_hour" => 9_500, "call_out" => 4_500, "tax" => "8.25" }
  parts = "kind,maker,model,price,length\nanode,Own,A1,$48.00,30 in\n"

  def estimate(visit) = described_class.new(office.context).call(visit)

  def answer(visit, about, said, **otherwise)
    described_class.new(office.context)
                   .answer(visit, id: office.uuid, about:, answer: said, **otherwise)
  end

  # By hand: 50 minutes are four quarters of an hour begun, $95.00; with a part of $48.00 it is
  # $143.00, and 8.25 % of that is 11.7975. Common practice: a half cent goes up.
  it "reckons work by the quarter of an hour begun, and tax to the cent" do
    line = Munimen::Costing::Line.new(
      answer: "accepted", checks: %i[vessel_charge air_valve], part: "V5 part=x", minutes: 50,
      part_amount: 4_800, rates: Munimen::Costing::Rates.of(rates)
    )
    again = Munimen::Costing::Line.read(line.to_s)
    expect([line, again].map { |one| [one.labour, one.tax, one.total, one.part, one.checks] }.uniq)
      .to eq([[9_500, 1_180, 15_480, "V5 part=x", %i[vessel_charge air_valve]]])
    expect(again.money(118_450).to_s).to eq("$1,184.50")
    money = Munimen::Costing::Money
    amounts = ["$1,184.50", "48", "£7.5", "from $40", "48,00"].map do |one|
      money.parse(one, "GBP")&.amount
    end
    expect(amounts).to eq([118_450, 4_800, 750, nil, nil])
  end

  context "with a visit that found something" do
    let(:visit) { office.walk(findings: { straps: :missing }, sign: false, static: 95) }

    before { office.records.settings[:rates] = rates }

    it "offers each finding once, with its part and its sum" do
      lines = estimate(visit)[:lines]
      found = office.view(visit)[:deficiencies].map { |one| one[:check] }
      expect(lines.sum { |one| [one[:because].size, 1].max }).to eq(found.size)
      expect(lines.map { |one| one[:about] }).to include("job.set_regulator", "finding.straps")
      expect(office.records.visits.load(visit, now: office.now).decisions.estimates).to eq({})
    end

    it "stands on the page as it was said, under the signature, and in the tables" do
      answer(visit, "job.set_regulator", "open", minutes: 50, part_price: "50.00",
                                                 supplied: "R2")
      expect(estimate(visit)[:lines].find { |one| one[:about] == "job.set_regulator" })
        .to include(answer: nil, supplied: "R2", minutes: 50, labour: "$95.00", tax: "$11.96",
                      total: "$156.96")
      answer(visit, "job.set_regulator", "accepted")
      answer(visit, "finding.straps", "declined")
      # 156.96 and the way there with its tax, 45.00 + 3.71
      expect(estimate(visit)[:total]).to eq("$205.67")
      office.records.settings[:rates] = rates.merge("per_hour" => 20_000)
      office.signed(visit)
      page = Munimen::Desk::ReportPage.new(office.context)
      agreed = page.call(visit)[:page][:agreed]
      expect(agreed[:lines].map { |one| one.values_at(:said, :total) })
        .to eq([["to be done", "$156.96"], ["declined", nil]])
      spanish = page.call(visit, language: "es")[:page][:agreed]
      expect([agreed[:total], spanish[:lines].first[:said]]).to eq(["$205.67", "se hará"])
      owed = office.records.dues.open(show: :all).to_h { |one| [one[:check], one] }
      expect(owed["straps"]).to include(declined: 1)
      expect(owed.values.map { |one| one[:text] }).to include(/The customer wants it done/)
      table = Munimen::Desk::TableKinds.find("estimates", office.context("owner")).rows
      expect(table.map { |one| one.values_at(:customer, :answer, :net, :tax, :total) }).to eq(
        [["Ada Brook", "accepted", "145.00", "11.96", "156.96"],
         ["Ada Brook", "declined", nil, nil, nil]]
      )
      month = Munimen::Desk::Month.new(office.context("owner")).call("2026-11")
      expect(month[:estimates][:said].map(&:values)).to eq(
        [["accepted", 1, ["$156.96"]], ["declined", 1, []], ["postponed", 0, []]]
      )
      expect { answer(visit, "finding.straps", nil) }.to raise_error(Munimen::Refused)
    end

    it "says which sum leaves parts out, and which of what is to be done has no price yet" do
      answer(visit, "job.set_regulator", "accepted", minutes: 50)
      answer(visit, "finding.straps", "accepted")
      agreed = Munimen::Desk::ReportPage.new(office.context).call(visit)[:page][:agreed]
      expect(agreed[:lines].map { |one| one[:extent] }).to match([/without parts/, nil])
      expect(agreed[:total_text]).to match(/8.25 % tax, but for what has no price/)
      answer(visit, "job.set_regulator", "accepted", part_price: "0")
      answer(visit, "finding.straps", nil)
      page = Munimen::Desk::ReportPage.new(office.context)
      expect(page.call(visit)[:page][:agreed][:lines].map { |one| one[:extent] }).to eq([nil])
      spanish = page.call(visit, language: "es")[:page][:agreed]
      expect(spanish[:total_text]).to eq("Por hacer, con un 8.25 % de impuesto")
    end

    it "counts no answer about what was taken back, nor a no to what is a danger by now" do
      answer(visit, "finding.straps", "accepted")
      seen = office.records.visits.rows(:observations, visit).find { |row| row[:item] == "straps" }
      Munimen::Desk::TakeBack.new(office.context).call(visit, id: office.uuid, of: seen[:id])
      page = -> { Munimen::Desk::ReportPage.new(office.context).call(visit)[:page] }
      expect(page[][:agreed]).to be_nil
      loaded = office.records.visits.load(visit, now: office.now)
      said = { "estimate.job.mend_discharge" => "declined for=discharge_open" }
      danger = loaded.with(decisions: loaded.decisions.to_h.merge(said))
      expect(Munimen::Costing::Answers.new(danger).standing).to eq({})
      Munimen::Desk::RecordObservations.new(office.context).call(
        visit, items: [{ id: office.uuid, item: "discharge_open", finding: "capped" }]
      )
      danger = office.records.visits.load(visit, now: office.now)
      danger = danger.with(decisions: danger.decisions.to_h.merge(said))
      answers = Munimen::Costing::Answers.new(danger)
      expect([answers.by_check, answers[%w[job mend_discharge]].answer]).to eq([{}, nil])
    end

    it "is taken back, and leaves the page as it was" do
      page = -> { Munimen::Desk::ReportPage.new(office.context).call(visit)[:page] }
      before = page[]
      answer(visit, "finding.straps", "postponed")
      expect(page[][:agreed][:lines].map { |one| one[:said] }).to eq(["later"])
      answer(visit, "finding.straps", nil)
      expect(page[]).to eq(before)
    end

    it "refuses what is none of it, naming the field" do
      refused = lambda do |*said, **more|
        answer(visit, *said, **more)
      rescue Munimen::Error => e
        e.field.to_s
      end
      expect([refused["finding.none", "accepted"], refused["finding.straps", "perhaps"],
              refused["job.set_regulator", "accepted", part_price: "about 50"],
              refused["job.set_regulator", "accepted", minutes: 9_999]])
        .to eq(%w[about answer part_price minutes])
    end
  end

  it "takes the part that fits of the firm's own list, and the work as it is reckoned" do
    office.records.settings[:rates] = rates
    office.records.settings[:parts] = parts
    visit = office.start(jobs: ["inspect_anode"])
    office.read(visit, :anode_remaining, "0.1")
    expect(estimate(visit)[:lines]).to match(
      [include(about: "job.replace_anode", supplied: "Own A1", part_price: "48.00",
               minutes: be_between(15, 60), danger: false)]
    )
  end

  it "takes no refusal of a danger, and gives no sums where nobody has said what work costs" do
    visit = office.start
    office.look(visit, :discharge_pipe, discharge_open: :capped)
    line = estimate(visit)[:lines].first
    expect(line).to include(about: "job.mend_discharge", danger: true, total: nil)
    expect { answer(visit, line[:about], "declined") }.to raise_error(Munimen::Refused, /danger/i)
    answer(visit, line[:about], "postponed")
    expect(estimate(visit)[:lines].first).to include(answer: "postponed")
  end

  it "keeps what the firm asks, for its owner" do
    keep = ->(role, **given) { Munimen::Desk::KeepRates.new(office.context(role)).call(**given) }
    expect(Munimen::Desk::KeepRates.new(office.context).show).to include(set: false,
                                                                        currency: "USD")
    expect(keep["owner", per_hour: "$95", call_out: "45.00", tax: "8.25"])
      .to eq(set: true, currency: "USD", per_hour: "95.00", call_out: "45.00", tax: "8.25",
             step: 15)
    { per_hour: "95", tax: "a lot" }.then do |given|
      expect { keep["owner", **given] }.to raise_error(Munimen::Error, /percentage/)
    end
    expect { keep["owner", per_hour: "ninety"] }.to raise_error(Munimen::Error, /per_hour/)
    expect { keep["plumber", per_hour: "95"] }.to raise_error(Munimen::Refused)
    expect(keep["owner", per_hour: ""]).to include(set: false)
  end
end

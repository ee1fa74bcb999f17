# frozen_string_literal: true

require "office_helper"

RSpec.describe Munimen::Formats::Photograph do
  it "keeps the picture and drops what the camera added, wherever it stands" do
    jpeg = described_class.read(Photographs.jpeg)
    png = described_class.read(Photographs.png)
    expect([jpeg.media_type, png.media_type]).to eq(%w[image/jpeg image/png])
    [jpeg, png].each { |one| expect(one.bytes).not_to match(/GPS|note|Author|trailing/n) }
    expect(jpeg.bytes).to include("scan").and(end_with("\xFF\xD9".b))
    expect(described_class.read(jpeg.bytes).bytes).to eq(jpeg.bytes)
  end

  it "tells by content what is no photo, what is damaged and what is too large" do
    [
      "GIF89a",
      "<svg/>",
      "",
      Photographs.jpeg[0, 30],
      Photographs.png[0, 40],
      Photographs.jpeg(wide: 9000),
      Photographs.png(high: 9000)
    ].each do |bytes|
      expect { described_class.read(bytes) }.to raise_error(Munimen::Error) { |error|
        expect(error.field).to eq("data")
      }
    end
  end

  it "survives 500 seeded mutilations of a photo: it is read, or refused" do
    random = Random.new(5)
    outcomes = Array.new(500) do
      bytes = [Photographs.jpeg, Photographs.png].sample(random:).dup
      rand_cut = random.rand(bytes.bytesize)
      random.rand < 0.5 ? bytes.setbyte(rand_cut, random.rand(256)) : bytes = bytes[0, rand_cut]
      described_class.read(bytes) && :read
    rescue Munimen::Error
      :refused
    end
    expect(outcomes.tally.keys).to contain_exactly(:read, :refused)
  end
end

RSpec.describe Munimen::Desk do
  def records = office.records

  def english(role: "plumber", **qualified)
    id = office.uuid
    site = office.uuid
    described_class::AddSite.new(office.context).call(
      id: site,
      customer_id: office.customer,
      address: "4 Mill Row",
      code_profile: "england_g3"
    )
    described_class::KeepHeater.new(office.context).add(
      id:,
      site_id: site,
      label: "Airing cupboard",
      installation: Build::KINDS[:unvented_indirect]
    )
    person = records.people.by_email("#{role}@example.test")
    records.people.qualify(person[:id], qualified[:trades] || [])
    [
      id,
      described_class::Context.new(
        records,
        person: records.people.find(person[:id]),
        clock: -> { office.now }
      )
    ]
  end

  def started(heater, context, jobs: ["annual_safety"])
    visit =
      described_class::StartVisit.new(office.context).book(
        id: office.uuid,
        heater_id: heater,
        jobs:,
        planned_for: office.now.iso8601
      )[
        :id
      ]
    described_class::StartVisit.new(context).start(visit)
    visit
  end

  def steps(visit, context) = described_class::ViewVisit.new(context).call(visit)[:plan][:steps]

  it "shows steps outside the person's competence as hand over, and refuses to mark them done" do
    heater, context = english
    visit = started(heater, context)
    shown = steps(visit, context).to_h { |step| [step[:operation], step[:hand_over]] }
    expect(shown[:exercise_relief_valve]).to include("qualified", "Hand over")
    expect(shown[:look_over]).to be_nil
    done = lambda do
      described_class::DoStep.new(context).call(
        visit,
        id: office.uuid,
        operation: "fit_gauge",
        outcome: "done"
      )
    end
    expect(&done).to raise_error(Munimen::Refused) { |error|
      expect(error.code.to_s).to eq("not_competent")
    }
    records.people.qualify(context.person[:id], [{ trade: "unvented", expires: "2026-01-31" }])
    expired = described_class::Context.new(
      records,
      person: records.people.find(context.person[:id]),
      clock: -> { office.now }
    )
    expect(
      steps(visit, expired).find { |step| step[:operation] == :fit_gauge }[:hand_over]
    ).to include("ended on 2026-01-31")
    records.people.qualify(context.person[:id], [{ trade: "unvented", expires: "2030-01-31" }])
    able = described_class::Context.new(
      records,
      person: records.people.find(context.person[:id]),
      clock: -> { office.now }
    )
    expect(steps(visit, able).filter_map { |step| step[:hand_over] }).to be_empty
  end

  it "lets an inspector only look, whatever was booked, and the page says so" do
    heater, context = english(role: "inspector")
    visit = started(heater, context)
    view = described_class::ViewVisit.new(context).call(visit)
    expect(view[:plan][:steps].map { |step| step[:operation] }).to eq(
      %i[identify look_over check_discharge_pipe leave_site]
    )
    expect(view[:plan][:impossible].map { |left| left[:because] }.uniq).to eq(
      ["This visit only looks: nothing is operated."]
    )
    page = Munimen::Report::CustomerPage.new(records.visits.load(visit, now: office.now)).to_h
    expect([page[:look_only], page[:not_tested].map { |one| one[:text] }.join]).to match(
      [true, a_string_including("only looks")]
    )
    expect do
      described_class::HouseRules.new(context).visit(visit, rules: { operate: "operate" })
    end.to raise_error(Munimen::Refused)
  end

  it "lets a deficiency live: found, found again with its age, rectified with what proves it" do
    first = office.walk(findings: { straps: :missing, insulation: :bare })
    open = -> { records.deficiencies.of_heater(office.heater).to_h { |one| [one[:check], one] } }
    expect(open.call["straps"]).to include(status: "open", found_in: first, grade: "defect")
    second = office.walk(findings: { straps: :missing })
    expect(open.call["straps"]).to include(status: "open", seen_in: [first, second])
    expect(open.call["insulation"]).to include(
      status: "rectified",
      closed_in: second,
      evidence: "Put right: seen."
    )
    visit = office.start
    office.look(visit, :visible, straps: :missing)
    expect(office.view(visit)[:deficiencies].find { |one| one[:check] == :straps }[:since]).to eq(
      open.call["straps"][:found_on]
    )
  end

  it "takes the customer's acceptance in writing, but never of a danger" do
    office.walk(findings: { straps: :missing })
    row = records.deficiencies.of_heater(office.heater).find { |one| one[:check] == "straps" }
    described_class::CloseDeficiency.new(office.context).call(
      row[:id],
      status: "accepted",
      evidence: "Letter of 3 November: no straps wanted"
    )
    expect(records.deficiencies.find(row[:id])).to include(
      status: "accepted",
      evidence: a_string_including("Letter")
    )
    expect(records.dues.open(heater_id: office.heater).map { |due| due[:check] }).not_to include(
      "straps"
    )
    office.walk(findings: { trim_rings: :melted })
    danger = records.deficiencies.of_heater(office.heater).find { |one| one[:grade] == "danger" }
    expect do
      described_class::CloseDeficiency.new(office.context).call(
        danger[:id],
        status: "accepted",
        evidence: "He does not mind"
      )
    end.to raise_error(Munimen::Refused)
  end

  it "says why: rulebook, firm, site and visit in their order, and the other schools" do
    rules = described_class::HouseRules.new(office.context("owner"))
    rules.firm(rules: { discharge_height: "code" })
    rules.site(office.site, rules: { discharge_height: "three_to_six" })
    visit = office.start
    office.read(visit, :outlet_height, "2")
    why = described_class::Why.new(office.context).call(visit, "outlet_height")
    expect(why).to include(
      state: :defect,
      measured: "2 in",
      limit: "at least 3 in",
      source: a_string_including("House rule")
    )
    expect(why[:chain].map { |one| one[:level] }).to eq(%w[rulebook firm site])
    expect(why[:schools].first[:options].map { |one| one[:id] }).to include(:code, :three_to_six)
    rules.visit(visit, rules: { discharge_height: "code" })
    expect(described_class::Why.new(office.context).call(visit, "outlet_height")).to include(
      state: :sound
    )
  end

  it "prints the gas industry's class beside our grade, in England only" do
    seen = [
      Munimen::Visit::Observation.new(id: "o", item: :flue, finding: :disconnected),
      Munimen::Visit::Observation.new(id: "p", item: :gas_shut_off, finding: :connector)
    ]
    page = lambda do |book|
      visit = fresh(:gas_storage, book)
      Munimen::Report::CustomerPage.new(
        Munimen::Visit.new(
          heater: visit.heater,
          rules: visit.rules,
          date: visit.date,
          observations: seen
        )
      ).to_h[
        :deficiencies
      ]
    end
    # No default: each is for the person on site to say.
    expect(page[:england_g3].map { |one| one[:gas_situation] }).to all(be_nil)
    expect(page[:us_irc].map { |one| one[:gas_situation] }).to all(be_nil)
  end

  it "changes no signed visit when a house rule changes" do
    visit = office.walk(findings: { trim_rings: :rippled })
    grade = lambda do
      described_class::ReportPage.new(office.context).call(visit)[:page][
        :deficiencies
      ].find { |one| one[:check].to_s == "trim_rings" }[
        :state
      ].to_s
    end
    expect(grade.call).to eq("watch")
    described_class::HouseRules.new(office.context("owner")).firm(
      rules: {
        rippled_ring: "no_account"
      }
    )
    expect(grade.call).to eq("watch")
    expect(
      office.view(visit)[:deficiencies].find { |one| one[:check] == :trim_rings }[:state]
    ).to eq(:watch)
    expect do
      described_class::HouseRules.new(office.context).firm(rules: { rippled_ring: "watch" })
    end.to raise_error(Munimen::Refused, /role/)
    expect do
      described_class::HouseRules.new(office.context("owner")).firm(
        rules: {
          rippled_ring: "maybe"
        }
      )
    end.to raise_error(Munimen::Error, /must be one of/)
  end
end

# frozen_string_literal: true

require "office_helper"

# What an earlier visit left open stays open until it is answered (handbook §26.12).
RSpec.describe Munimen::Judgement::StillOpen do
  before { office.walk(findings: { straps: :missing, insulation: :bare, dip_tube: :sound }) }

  let(:visit) { office.start(jobs: %w[inspection]) }

  def open = office.records.deficiencies.open(office.heater).keys
  def shown = office.view(visit)[:open_before].to_h { |one| [one[:check], one] }

  def obstacles
    wanted = office.view(visit)[:obstacles].select { |one| one[:code] == :left_open }
    wanted.map { |one| one[:target] }
  end

  def say(check, value)
    Munimen::Desk::Decide.new(office.context)
      .call(visit, id: office.uuid, name: "open.#{check}", value:)
  end

  def sign
    steps = -> { office.view(visit)[:plan][:steps] }
    while (step = steps.call.first)
      outcome = step[:operation] == :leave_site ? "done" : "not_tested"
      office.step(visit, step[:operation], outcome, reason: "Only looked")
    end
    sign = Munimen::Desk::Sign.new(office.context)
    sign.call(visit, id: office.uuid, signer: "customer", refused: "Not at home")
    sign.call(visit, id: office.uuid, signer: "plumber", strokes: [])
  end

  it "asks each, closes none by “all sound here”, and keeps what nobody looked at" do
    expect(shown.transform_values { |one| one.values_at(:wanted, :asked_in) }).to eq(
      straps: [true, :visible], insulation: [true, :visible]
    )
    office.looked_over(visit)
    expect(obstacles).to contain_exactly(:straps, :insulation)
    say("straps", "not_looked")
    say("insulation", "not_looked")
    expect(obstacles).to eq([])
    sign
    expect(open).to contain_exactly("straps", "insulation")
  end

  it "closes what was put right, with how that was seen; what is still there stands on the page" do
    office.looked_over(visit)
    say("insulation", "put_right: seen")
    say("straps", "still_there")
    page = Munimen::Desk::ReportPage.new(office.context).call(visit)[:page]
    expect(page[:deficiencies].map { |one| one[:text] }).to include(/straps.*still there/im)
    sign
    expect(open).to eq(["straps"])
    all = office.records.deficiencies.of_heater(office.heater)
    expect(all.find { |one| one[:check] == "insulation" }).to include(
      status: "rectified", evidence: "Put right: seen.", closed_in: visit
    )
  end

  it "wants how it was put right, and one of three words" do
    office.looked_over(visit)
    ["put_right", "sound", "put_right: "].each do |wrong|
      expect { say("straps", wrong) }.to raise_error(Munimen::Error, /open.straps must be one of/)
    end
    say("straps", "still_there")
    Munimen::Desk::TakeBack.new(office.context).call(visit, id: office.uuid, of: "open.straps")
    expect(shown[:straps]).to include(answer: nil, wanted: true)
  end

  it "needs no answer where this visit finds it again, or measures the very thing" do
    office.look(visit, :visible, straps: :missing)
    expect(shown[:straps]).to include(wanted: false)
  end
end

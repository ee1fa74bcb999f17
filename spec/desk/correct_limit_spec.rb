# frozen_string_literal: true

require "office_helper"

# What a firm knows better than the rulebook here: kept and shown as theirs, and judged by.
RSpec.describe Munimen::Desk::CorrectLimit do
  let(:owner) { office.context("owner") }
  let(:correct) { described_class.new(owner) }
  let(:limit) { ->(id) { correct.show("us_irc")[:limits].find { |one| one[:id] == id } } }

  def judged(id)
    view = office.view(id)
    view[:verdicts].find { |one| one[:check] == :static_pressure }
  end

  it "moves a bound with its reason, judges by it, says whose it is, and goes back" do
    id = office.start
    office.read(id, :static_pressure, "78")
    expect(judged(id)[:state]).to eq(:sound)
    correct.call("us_irc", "static_pressure", at_most: "75", clause: "P2903.3.1, local",
                                              reason: "City amendment of 2024")
    expect(limit["static_pressure"]).to include(
      bound: "at most 75 psi",
      source: "IRC P2903.3.1, local; the firm's own: City amendment of 2024 " \
              "(corrected by the firm)",
      correction: include("by" => "Owner", "reason" => "City amendment of 2024")
    )
    expect(judged(id)).to include(state: :defect)
    expect(judged(id)[:because].first[:source].to_s).to include("City amendment")
    other = correct.show("us_upc")[:limits].find { |one| one[:id] == "static_pressure" }
    expect(other).to include(bound: "at most 80 psi", correction: nil)
    correct.call("us_irc", "static_pressure")
    expect([limit["static_pressure"][:bound], judged(id)[:state]]).to eq(["at most 80 psi", :sound])
  end

  it "wants a reason, a quantity of the kind, a known limit, and the owner" do
    refused = lambda do |error, *given, **said|
      expect { correct.call(*given, **said) }.to raise_error(Munimen::Error, error)
    end
    refused[/reason/, "us_irc", "static_pressure", at_most: "75"]
    refused[/pressure/, "us_irc", "static_pressure", at_most: "75 F", reason: "x"]
    refused[/no limit/, "us_irc", "moon_phase", at_most: "75", reason: "x"]
    refused[/no rulebook/, "atlantis", "static_pressure", at_most: "75", reason: "x"]
    refused[/more than/, "england_g3", "set_point", at_least: "70", at_most: "60", reason: "x"]
    plumber = described_class.new(office.context)
    expect { plumber.call("us_irc", "static_pressure", at_most: "75", reason: "x") }.to raise_error(
      Munimen::Refused
    )
    Munimen::Desk::HouseRules.new(owner).firm(rules: { "relief_exercise" => "known_history" })
    expect(limit["static_pressure"][:correction]).to be_nil
  end
end

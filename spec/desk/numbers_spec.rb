# frozen_string_literal: true

require "office_helper"

# What an owner sees of a month, and of how long parts last.
RSpec.describe Munimen::Desk::Month do
  def month(of, role = "owner") = described_class.new(office.context(role)).call(of)

  it "adds up who signed what, what was found and stands open, and what is not booked" do
    office.walk(findings: { straps: :missing })
    now = month("2026-11")
    expect(now[:visits]).to match(
      [{ who: "Plumber", kind: "gas_storage", count: 1, taken: be_positive, reckoned: be_positive }]
    )
    expect(now[:open].to_h { |one| one.values_at(:grade, :ages) }).to include(
      defect: [1, 0, 0], danger: [0, 0, 0]
    )
    expect(now[:list].map { |one| one.values_at(:customer, :grade, :status) }).to include(
      ["Ada Brook", "defect", "open"]
    )
    expect([now[:dangers], now[:unbooked]]).to eq([{ found: 0, made_safe: 0, standing: 0 }, 1])
    later = month("2027-02")
    expect([later[:visits], later[:open].find { |one| one[:grade] == :defect }[:ages]]).to eq(
      [[], [0, 0, 1]]
    )
    office.start
    expect(month("2027-12")[:unbooked]).to eq(0)
  end

  it "is the owner's, and asks for a month" do
    %w[plumber office inspector].each do |role|
      expect { month("2026-11", role) }.to raise_error(Munimen::Error) { |error|
        expect(error.code).to eq(:forbidden)
      }
    end
    expect { month("November") }.to raise_error(Munimen::Error, /2026-11/)
  end

  # A year between two lever tests is a case; ten are needed before anything is drawn.
  it "counts parts by the firm's own signed visits, as found" do
    2.times do
      office.walk
      office.now += 365 * 86_400
    end
    lives = Munimen::Desk::Lives.new(office.context("owner")).call.to_h { |one| [one[:id], one] }
    expect(lives[:relief_valve]).to include(cases: 1, failed: 0, longest: be_within(0.01).of(1),
                                            steps: nil)
    # the truth of the walk: 44 psi against 62, whatever it was set to
    expect(lives[:vessel]).to include(cases: 1, failed: 1)
    expect(lives[:relief_valve][:rule]).to include(choice: /yearly/)
  end
end

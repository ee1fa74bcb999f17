# frozen_string_literal: true

require "office_helper"

# A heater that is not there any more: its history stays, nothing is due, nothing is booked.
RSpec.describe Munimen::Desk::EndHeater do
  # Time goes on while it is done.
  let(:ending) do
    described_class.new(
      Munimen::Desk::Context.new(office.records, person: office.person,
                                                 clock: -> { office.pass(1) })
    )
  end
  let(:heater) { office.heater }
  let(:shown) { -> { Munimen::Desk::ViewHeater.new(office.context).call(heater) } }
  let(:owed) { -> { shown[][:owed].size } }

  def book(at)
    office.uuid.tap do |id|
      Munimen::Desk::StartVisit.new(office.context).book(
        id:, heater_id: at, jobs: ["flush"], planned_for: office.now.iso8601
      )
    end
  end

  it "is replaced: nothing is due at it, what was booked is cancelled; all comes back with it" do
    office.walk(findings: { straps: :missing })
    booked = book(heater)
    due = owed[]
    expect(due).to be_positive
    site = office.records.heaters.find(heater)[:site_id]
    Munimen::Desk::KeepHeater.new(office.context).add(
      id: successor = office.uuid, site_id: site, label: "New", installation: Build::GAS
    )
    ending.call(heater, how: "replaced", successor:)
    expect(shown[][:ended]).to include(how: "replaced", successor:)
    expect(owed[]).to eq(0)
    expect(office.records.visits.find(booked)).to include(status: "ended")
    expect do
      Munimen::Desk::EndVisit.new(office.context).call(booked, id: office.uuid, how: "reopened")
    end.to raise_error(Munimen::Refused, /not there/)
    expect { book(heater) }.to raise_error(Munimen::Refused, /not there/)
    ending.call(heater, how: "taken_out") # once more changes nothing
    expect(shown[][:ended][:how]).to eq("replaced")
    ending.call(heater, how: "back")
    expect([shown[][:ended], owed[]]).to eq([nil, due])
    expect(office.records.visits.find(booked)[:status]).to eq("booked")
  end

  it "waits for a visit under way, and is no mistake once it was signed for" do
    open = office.start
    expect { ending.call(heater, how: "taken_out") }.to raise_error(Munimen::Refused, /under way/)
    Munimen::Desk::EndVisit.new(office.context).call(open, id: office.uuid, how: "given_up")
    ending.call(heater, how: "mistaken")
    ending.call(heater, how: "back")
    office.walk
    expect { ending.call(heater, how: "mistaken") }.to raise_error(Munimen::Refused, /signed/)
    expect { ending.call(heater, how: "vanished") }.to raise_error(Munimen::Error, /how must be/)
    expect { ending.call(heater, how: "replaced", successor: heater) }.to raise_error(
      Munimen::Error, /another heater/
    )
  end
end

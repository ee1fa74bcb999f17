# frozen_string_literal: true

require "office_helper"

# A visit that comes to nothing: by whom, why, and only while the heater is as it was found.
RSpec.describe Munimen::Desk::EndVisit do
  let(:ending) { described_class.new(office.context) }
  let(:row) { ->(id) { office.records.visits.find(id) } }
  let(:today) do
    -> { Munimen::Desk::ViewToday.new(office.context).call[:visits].map { |one| one[:id] } }
  end

  def end_it(id, how, **more) = ending.call(id, id: office.uuid, how:, **more)

  it "is taken off the day with who, why and when, and taken back" do
    id = office.start
    end_it(id, "nobody_home", reason: "Card left")
    expect(row[id]).to include(status: "ended", ended: include(
      how: "nobody_home", reason: "Card left", by: office.person[:name], was: "open"
    ))
    expect(today[]).not_to include(id)
    expect { office.read(id, :static_pressure, "60") }.to raise_error(Munimen::Refused, /ended/)
    end_it(id, "reopened")
    expect(row[id]).to include(status: "open", ended: nil)
    expect(today[]).to include(id)
    office.read(id, :static_pressure, "60")
  end

  it "is booked again after it was cancelled, and refused twice, once signed and by nonsense" do
    id = office.uuid
    visits = Munimen::Desk::StartVisit.new(office.context)
    visits.book(id:, heater_id: office.heater, jobs: ["flush"], planned_for: office.now.iso8601)
    end_it(id, "cancelled")
    expect { end_it(id, "given_up") }.to raise_error(Munimen::Refused, /ended/)
    expect { visits.start(id) }.not_to(change { row[id] })
    end_it(id, "reopened")
    expect(visits.start(id)[:status]).to eq("open")
    expect { end_it(id, "bored") }.to raise_error(Munimen::Error, /how must be/)
    expect { end_it(id, "reopened") }.to raise_error(Munimen::Refused, /not been ended/)
    signed = office.walk
    expect { end_it(signed, "given_up") }.to raise_error(Munimen::Refused, /signed/i)
  end

  # Handbook §26: nothing is left changed, nor a danger untold.
  it "is refused once something was changed at the heater, or a danger was seen" do
    looked = office.start
    office.look(looked, :discharge_pipe)
    end_it(looked, "given_up")
    changed = office.start
    office.step(changed, "turn_burner_to_pilot", "done", override: "Now")
    expect { end_it(changed, "given_up") }.to raise_error(Munimen::Refused, /changed/)
    danger = office.start
    office.look(danger, :discharge_pipe, discharge_open: :capped)
    expect { end_it(danger, "nobody_home") }.to raise_error(Munimen::Refused, /danger/)
  end
end

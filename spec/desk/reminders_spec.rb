# frozen_string_literal: true

require "office_helper"

# Reminders of what falls due next month, in one look and one press.
RSpec.describe Munimen::Desk::Reminders do
  def reminders(role = "office")
    context = office.context(role)
    described_class.new(context, Munimen::Desk::Outbox.new(context))
  end

  def change(**more)
    Munimen::Desk::ChangeCustomer.new(office.context).call(office.customer, **more)
  end

  def why_not = reminders.list[:due].map { |one| one[:why_not] }
  def mails = office.records.sharing.messages.map { |one| one.values_at(:kind, :recipient) }

  before { office.walk }

  it "names one due of each heater with its reason where it is left out, and writes each once" do
    expect(why_not).to eq(["no_address"])
    change(email: "ada@mail.example")
    list = reminders.list
    # a paper that follows is the firm's to see to; the charge's re-check in a week comes first
    office.records.dues.add(id: office.uuid, heater_id: office.heater, kind: "papers",
                            visit_id: office.records.visits.of_heater(office.heater).first[:id],
                            on: "2026-11-25", text: "Permit: to follow")
    office.records.dues.add(id: office.uuid, heater_id: office.heater, kind: "anode",
                            visit_id: office.records.visits.of_heater(office.heater).first[:id],
                            on: "2024-11-25", text: "Late for two years")
    expect(list).to match(until: "2026-12-31", due: [include(on: "2026-11-30", why_not: nil)])
    2.times { reminders.write([list[:due].first[:due], office.uuid]) }
    expect(mails).to eq([["reminder", "ada@mail.example"]])
    change(reminders: false)
    expect(why_not).to eq(["none_wanted"])
    reminders.write([list[:due].first[:due]])
    change(reminders: true)
    office.start
    expect([why_not, mails.size]).to eq([["booked"], 1])
  end

  it "is for owner and office, and keeps what a customer has asked for" do
    %w[plumber inspector].each do |role|
      expect { reminders(role).list }.to raise_error(Munimen::Error)
    end
    change(reminders: false)
    change(note: "Rings twice")
    shown = Munimen::Desk::ViewCustomer.new(office.context).call(office.customer)
    expect(shown).to include(reminders: false, note: "Rings twice")
  end
end

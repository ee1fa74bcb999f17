# frozen_string_literal: true

require "office_helper"
require "rack/test"

# What was entered twice or at the wrong place, and a file too many: put right, and taken back.
RSpec.describe Munimen::Desk::Rearrange do
  subject(:rearrange) { described_class.new(office.context) }

  let(:records) { office.records }

  def customer(name, **more)
    office.uuid.tap do |id|
      Munimen::Desk::AddCustomer.new(office.context).call(id:, name:, **more)
    end
  end

  def site(of, address)
    office.uuid.tap do |id|
      Munimen::Desk::AddSite.new(office.context).call(id:, customer_id: of, address:)
    end
  end

  def everything
    %i[customers sites heaters search_words].to_h do |table|
      [table, records.database[table].all.sort_by(&:to_s)]
    end
  end

  def found(text) = records.customers.list(search: text).map { |row| row[:id] }

  it "puts two entries together once, with all that was done there, and takes them apart again" do
    office.walk
    twin = customer("A. Brook", phone: "555 0142", note: "Rings twice")
    shed = site(twin, "9 Shed Lane")
    before = everything
    2.times { rearrange.merge(twin, other: office.customer, id: "a") }
    expect(records.customers.sites_of(twin).size).to eq(2)
    expect { records.customers.find(office.customer) }.to raise_error(Munimen::NotFound)
    expect(found("shed")).to eq([twin])
    view = Munimen::Desk::ViewHeater.new(office.context).call(office.heater)
    expect(view[:visits].size).to eq(1)
    expect(records.seals.problems(records.photo_files)).to eq([])
    expect(rearrange.recent.map { |one| one.values_at(:kind, :by) }).to eq([%w[merge Plumber]])
    rearrange.undo("a")
    expect(everything).to eq(before)
    expect(records.customers.site(shed)[:customer_id]).to eq(twin)
    expect { rearrange.undo("a") }.to raise_error(Munimen::NotFound)
  end

  it "moves an address to another customer and a heater to another address, and back" do
    new_owner = customer("Ines Okoro")
    other = site(new_owner, "4 Mill Row")
    before = everything
    rearrange.move_site(records.heaters.find(office.heater)[:site_id], customer: new_owner, id: "a")
    rearrange.move_heater(office.heater, site: other, id: "b")
    expect(records.heaters.with_place(office.heater)).to include(address: "4 Mill Row",
                                                                  customer: "Ines Okoro")
    %w[b a].each { |id| rearrange.undo(id) }
    expect(everything).to eq(before)
  end

  it "undoes nothing that was changed, or built upon, since; and nothing after a day" do
    twin = customer("A. Brook")
    address = site(twin, "9 Shed Lane")
    rearrange.merge(office.customer, other: twin, id: "a")
    Munimen::Desk::ChangeSite.new(office.context).call(address, address: "11 Shed Lane")
    expect { rearrange.undo("a") }.to raise_error(Munimen::Refused, /1 of 2 entries were changed/)

    Munimen::Desk::Tables.new(office.context("office")).import("customers", "name\nBo Lind")
    bo = found("lind").first
    expect(rearrange.recent.map { |one| one[:kind] }).to eq(["merge"]) # a plumber takes none in
    office_s = described_class.new(office.context("office"))
    import = office_s.recent.find { |one| one[:kind] == "import" }[:id]
    expect { rearrange.undo(import) }.to raise_error(Munimen::NotFound)
    site(bo, "1 New Street")
    expect { office_s.undo(import) }.to raise_error(Munimen::Refused, /booked or written there/)
    office.pass(25 * 3600)
    expect([office_s.recent, rearrange.recent]).to eq([[], []])
    expect { office_s.undo(import) }.to raise_error(Munimen::NotFound)
  end

  it "takes a whole file back: who was new is gone, who was changed is as before" do
    twin = customer("Ann Lee", phone: "+1 440 555 0257")
    before = everything
    csv = "Name,Phone,Address\nAnn Lee,440-555-0257,2 Tansy Court\nBo Lind,,3 Tansy Court\n"
    Munimen::Desk::Tables.new(office.context("office")).import("customers", csv)
    expect([found("tansy").size, records.customers.sites_of(twin).size]).to eq([2, 1])
    office_s = described_class.new(office.context("office"))
    office_s.undo(office_s.recent.first[:id])
    expect(everything).to eq(before)
  end

  it "keeps nothing of somebody who has been erased" do
    twin = customer("Ann Lee")
    rearrange.merge(twin, other: customer("A. Lee", phone: "555 0199"), id: "a")
    Munimen::Desk::EraseCustomer.new(office.context("owner")).call(twin)
    expect(records.database[:undo_rows].all).to eq([])
  end
end

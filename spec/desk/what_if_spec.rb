# frozen_string_literal: true

require "office_helper"

# One protection after another taken away, on a heater of the record.
RSpec.describe Munimen::Desk::WhatIf do
  it "plays the tiers of this heater at the pressure last measured, in its words and units" do
    visit = office.start
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    office.read(visit, :static_pressure, "62")
    office.read(visit, :mains_pressure, "105")
    found = described_class.new(office.context).call(office.heater)
    expect(found[:mains]).to eq("105 psi")
    stages = found[:pressure][:stages]
    expect(stages.map { |one| one[:title] }).to eq(
      ["As it should be", "The pressure regulator is lost", "The expansion tank is lost as well"]
    )
    expect(stages.map { |one| one[:text] }).to eq(
      ["Nothing has to act.", "Nothing has to act.", "The T&P valve acts."]
    )
    peaks = stages.map { |one| one[:peak].to_f }
    expect(peaks).to eq(peaks.sort)
    expect(peaks[1]).to be_between(105, 140)
    picture = found[:pressure][:picture]
    expect(picture[:series].flat_map { |one| one[:points].map(&:first) }).to eq(
      picture[:series].flat_map { |one| one[:points].map(&:first) }.sort
    )
    expect(picture[:levels]).to eq([{ label: "T&P valve", at: 150.0, text: "150 psi" }])
    expect(found[:temperature][:stages].last[:text]).to match(/acts/)
  end

  it "takes 7 bar where the mains were never measured, and speaks English of an English cylinder" do
    site = office.uuid
    Munimen::Desk::AddSite.new(office.context).call(
      id: site,
      customer_id: office.customer,
      address: "4 Mill Row",
      code_profile: "england_g3"
    )
    Munimen::Desk::KeepHeater.new(office.context).add(
      id: cylinder = office.uuid,
      site_id: site,
      label: "Cupboard",
      installation: Build::KINDS[:unvented_indirect]
    )
    found = described_class.new(office.context).call(cylinder)
    expect(found[:mains]).to be_nil
    expect(found[:pressure][:stages].map { |one| one[:title] }.join).to include(
      "expansion vessel"
    ).and include("expansion relief valve")
    expect(found[:pressure][:stages].last).to include(
      peak: match(/bar/),
      text: include("temperature and pressure relief valve")
    )
  end
end

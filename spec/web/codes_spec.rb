# frozen_string_literal: true

require "office_helper"

# Codes on displays: the firm's own, from CSV; nothing ships.
RSpec.describe Munimen::Desk::DisplayCodes do
  def codes(role = "owner") = described_class.new(office.context(role))

  list = "maker,code,means,test\nOwn,E4,Flame not seen,Flame rod: microamps\n" \
         "Other,E-4,\"Tank too hot, or its sensor open\",Ohms of the sensor\nOwn,3 flashes,No " \
         "air,\n"

  it "has none, takes the firm's, finds one however it is written, its maker's first, and gives " \
     "the list back" do
    expect([codes.text, codes.find("E4")]).to eq([{ count: 0, csv: "maker,code,means,test\n" }, []])
    expect(codes.replace(list)).to eq(count: 3, csv: list)
    means = ->(*given, **more) { codes("plumber").find(*given, **more).map { |one| one[:means] } }
    made_by = lambda do |maker|
      Munimen::Desk::KeepHeater.new(office.context).change(
        office.heater, label: "Cellar", installation: Build::GAS.merge(maker:)
      )
      means["e 4", visit: office.start]
    end
    expect(made_by["OTHER"]).to eq(["Tank too hot, or its sensor open"])
    expect([means["E4"].size, made_by["Third"].size]).to eq([2, 2])
    expect([means["3 FLASHES"], means["E9"], means[" "]]).to eq([["No air"], [], []])
    expect(codes.replace("")[:count]).to eq(0)
  end

  it "keeps the old list where a line cannot be read, and lets nobody but owner and office " \
     "change it" do
    codes.replace(list)
    { "maker,code,means\nOwn,E4,\n" => /Line 2: means/, "maker,text\nOwn,x\n" => /code, means/,
      "code,means\n\"E4,x" => /not CSV/ }.each do |bad, error|
      expect { codes.replace(bad) }.to raise_error(Munimen::Error, error)
    end
    expect { codes("plumber").replace("") }.to raise_error(Munimen::Error)
    expect(codes.text[:count]).to eq(3)
  end
end

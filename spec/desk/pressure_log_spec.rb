# frozen_string_literal: true

require "office_helper"

RSpec.describe Munimen::Formats::PressureLogCsv do
  def read(text, **options) = described_class.new(StringIO.new(text), **options).read
  def rows(count = 40, &) = Array.new(count, &).join("\n")

  def at(index, format, start: Time.utc(2026, 3, 7, 23, 50))
    (start + (index * 60)).strftime(format)
  end

  psi = 6894.757293168361

  # [text, unit of the site, seconds of the second row, pressure in psi of the first]
  {
    "two lines before the header, a number, a temperature" => lambda do
      "Logger 7\nSerial,1\nNo.,Time,Temp C,Press (bar)\n" \
        "#{rows { |i| "#{i},#{at(i, "%Y-%m-%dT%H:%M:%S")},21,4.1" }}"
    end, "semicolons and decimal commas, day first" => lambda do
      "Zeit;Druck [bar]\n#{rows { |i| "#{at(i, "%d.%m.%Y %H:%M:%S")};4,1" }}"
    end, "date and time apart, afternoon by letters" => lambda do
      "Date\tTime\tbar\n#{rows { |i| "#{at(i, "%m/%d/%y")}\t#{at(i, "%I:%M:%S %p")}\t4.1" }}"
    end, "seconds since the start, no header, the unit with the number" => lambda do
      rows { |i| "#{i * 60}.0,4.1 bar" }
    end, "epoch in milliseconds" => lambda do
      "timestamp,pressure_bar\n#{rows { |i| "#{1_772_930_000_000 + (i * 60_000)},4.1" }}"
    end, "offsets, quoted cells and a byte order mark" => lambda do
      "\uFEFF\"t\",\"p, kPa\"\n#{rows { |i| "\"#{at(i, "%Y-%m-%d %H:%M:%S")}+01:00\",\"410\"" }}"
    end, "a preamble in words, and columns of no pressure" => lambda do
      "Site,Kitchen,Wall\nTime,Batt V,Press kPa\n#{rows { |i| "#{at(i, "%F %T")},3.2,410" }}"
    end, "a count of rows before the time, without a header" => lambda do
      rows { |i| "#{i + 1};#{at(i, "%F %T")};4,1 bar" }
    end, "names above units, in Windows-1252" => lambda do
      "Zeit;Überdruck;Wärme\nhh:mm:ss;bar;°C\n#{rows { |i| "#{at(i, "%d.%m.%Y %T")};4,1;21" }}"
        .encode("Windows-1252").b
    end, "UTF-16 with and without a mark, by its zeros" => lambda do
      "t\tbar\r\n#{rows { |i| "#{at(i, "%F %T")}\t4.1\r" }}".encode("UTF-16LE").b
    end, "lines that end with CR, and a sep= line" => lambda do
      "sep=;\rt;bar\r#{rows { |i| "#{at(i, "%F %T")};4.1" }.tr("\n", "\r")}"
    end, "date and time apart from each other, a.m. with dots" => lambda do
      "Date,bar,Time\n#{rows do |i|
        "#{at(i, "%m/%d/%Y")},4.1," \
          "#{at(i, "%I:%M:%S %p").sub(/([AP])M/) { "#{Regexp.last_match(1).downcase}.m." }}"
      end}"
    end, "the newest first" => lambda do
      "Time,bar\n#{rows { |i| "#{at(39 - i, "%F %T")},4.1" }}"
    end, "hours since the start" => lambda {
      "Elapsed,bar\n#{rows do |i|
        "00:#{format("%02d", i)}:00,4.1"
      end}"
    }, "days of a spreadsheet, from midnight" => lambda do
      "Time,bar\n#{rows { |i| "#{(46_088 + (i / 1440.0)).round(8)},4.1" }}"
    end, "months by name, the year last" => lambda do
      "Time\tbar\n#{rows { |i| "#{at(i, "%a %b %e %T %Y")}\t4.1" }}"
    end, "months by name, the afternoon by letters" => lambda do
      "Time,bar\n#{rows { |i| "\"#{at(i, "%b %d, %Y %I:%M:%S %p")}\",4.1" }}"
    end, "ISO without marks" => lambda do
      "Time,bar\n#{rows { |i| "#{at(i, "%Y%m%dT%H%M%S")}Z,4.1" }}"
    end, "digits in groups" => -> { "Time,Pa\n#{rows { |i| "#{at(i, "%F %T")},\"410,000\"" }}" },
    "cells apart by spaces" => -> { "Date Time bar\n#{rows { |i| "#{at(i, "%F %T")}   4.1" }}" },
    # 101 325 Pa is the standard atmosphere (ISO 2533).
    "what counts from vacuum" => lambda do
      "Time,Abs Pres (bar)\n#{rows { |i| "#{at(i, "%F %T")},5.11325" }}"
    end
  }.each do |name, text|
    it "reads #{name}" do
      log = read(instance_exec(&text))
      expect(log.times).to match(Array.new(40) { |index| be_within(0.01).of(index * 60.0) })
      expect(log.pressures).to all(be_within(1).of(410_000))
      expect(log.skipped).to eq(0)
    end
  end

  it "takes an unnamed unit as usual there, and says so" do
    text = "time,reading\n#{rows { |i| "#{at(i, "%Y-%m-%d %H:%M")},61" }}"
    expect(read(text)).to have_attributes(
      unit: "psi",
      guessed: true,
      pressures: all(be_within(1).of(61 * psi))
    )
    expect(read(text, unit: "kPa")).to have_attributes(
      guessed: false,
      pressures: all(be_within(1).of(61_000))
    )
  end

  # Clocks in the US went back at 2 a.m. on 1 November 2026 and ahead on 8 March 2026 (US Energy
  # Policy Act 2005).
  it "goes on evenly where the clock was put back or ahead, and leaves other gaps as they are" do
    put = lambda do |local|
      log =
        read("time,psi\n#{local.map { |time| "#{time.strftime("%Y-%m-%d %H:%M")},60" }.join("\n")}")
      [log.times.each_cons(2).map { |a, b| b - a }.uniq.sort, log.moved]
    end
    steps = ->(from, count) { Array.new(count) { |i| from + (i * 300) } }
    expect(
      put[steps[Time.utc(2026, 11, 1, 0, 30), 18] + steps[Time.utc(2026, 11, 1, 1), 30]]
    ).to eq([[300.0], 1])
    expect(
      put[(steps[Time.utc(2026, 11, 1, 0, 30), 18] + steps[Time.utc(2026, 11, 1, 1), 30]).reverse]
    ).to eq([[300.0], 1])
    expect(put[steps[Time.utc(2026, 3, 8, 1), 12] + steps[Time.utc(2026, 3, 8, 3), 30]]).to eq(
      [[300.0], 1]
    )
    expect(put[steps[Time.utc(2026, 3, 10, 13), 12] + steps[Time.utc(2026, 3, 10, 16), 30]]).to eq(
      [[300.0, 7500.0], 0]
    )
  end

  it "asks for the day where rows have hours alone, and for the column where two may be meant" do
    hours = "Time,psi\n#{rows { |i| "#{at(i, "%H:%M")},60" }}"
    expect { read(hours) }.to raise_error(Munimen::Error) { |error|
      expect(error).to have_attributes(field: "date", message: include("23:50"))
    }
    expect(read(hours, date: "2026-03-07")).to have_attributes(
      start: "2026-03-07T23:50:00", times: Array.new(40) { |index| index * 60.0 }
    )
    two = "Time,A,B\n#{rows { |i| "#{at(i, "%F %T")},60,21" }}"
    expect { read(two) }.to raise_error(Munimen::Error) { |error|
      expect(error).to have_attributes(field: "pressure", details: { columns: %w[Time A B] })
      expect(error.message).to include("A (like “60”)")
    }
    expect(read(two, pressure: "3",
      unit: "psia").pressures).to all(be_within(1).of((21 * psi) - 101_325))
  end

  it "puts rows in order, leaves out what is no reading, and says what is missing" do
    lines = rows { |i| "#{at(i, "%Y-%m-%d %H:%M:%S")},60" }.lines.map(&:chomp).rotate(3)
    text = ["time,psi", *lines, "2026-03-08 00:00:00,fault", "end"].join("\n")
    expect(read(text)).to have_attributes(skipped: 2, times: Array.new(40) { |index| index * 60.0 })
    expect { read("") }.to raise_error(Munimen::Error, /empty/)
    expect { read("a,b\n#{rows { "x,y" }}") }.to raise_error(Munimen::Error) { |error|
      expect(error.field).to eq("time")
    }
    expect { read("time,psi\n#{rows { |i| "#{i},60" }}", pressure: "bar") }.to raise_error(
      Munimen::Error,
      /There is no column “bar”; there are: time \(like “0”\), psi/
    )
  end

  it "feeds the visit and the finder, and refuses another heater's visit" do
    visit = office.start
    file = File.join(office.config.folder, "log.csv")
    lines = rows(900) do |i|
      "#{at(i, "%Y-%m-%d %H:%M:%S")},#{60 + (i > 400 ? (i - 400) / 40.0 : 0)}"
    end
    File.write(file, "time,psi\n#{lines}")
    logs = Munimen::Desk::PressureLogs.new(office.context)
    shares = []
    log = logs.take_in(office.heater, id: office.uuid, name: "night.csv", file:) do |share|
      shares << share
    end
    expect(shares).to eq(shares.sort)
    expect(log).to include(visit:, rows: 900, events: [include(kind: "creep")])
    expect(logs.bring_in(log[:id], write: office.uuid, visit:)).to contain_exactly(
      :static_pressure,
      :night_rise
    )
    core = office.records.visits.load(visit, now: office.now)
    expect(core.quantity(:static_pressure).in("psi")).to be_within(1).of(60)
    expect(Munimen::Faults::Test[:night_creep].in_visit(core)).to eq(:rises)
    expect { logs.bring_in(log[:id], write: office.uuid, visit: office.uuid) }.to raise_error(
      Munimen::NotFound
    )
  end
end

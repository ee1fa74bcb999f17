# frozen_string_literal: true

require "office_helper"

# What somebody's file may cost: each of these took minutes, or never ended.
RSpec.describe Munimen::Formats::Budget do
  def log(text) = Munimen::Formats::PressureLogCsv.new(StringIO.new(text)).read

  def table(text) = Munimen::Desk::Tables.new(office.context("owner")).preview("customers", text)

  rows = Array.new(40) { |i| "2026-11-20 10:#{format("%02d", i)}:00,#{60 + i}" }

  def spent
    start = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
    yield
    Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - start
  end

  it "takes a cell of 40 kB of digits for no number" do
    text = ["Time,psi", *rows, "2026-11-20 11:00:00,#{"1" * 40_000}x"].join("\n")
    read = nil
    expect(spent { read = log(text) }).to be < 1
    expect(read).to have_attributes(skipped: 1, times: have_attributes(size: 40))
  end

  it "refuses a line of a million columns, and says what would be right" do
    wide = (["1"] * 1_000_000).join(",")
    expect do
      log("Time,psi\n#{wide}\n")
    end.to raise_error(Munimen::Error, /Line 2.*longer than 64 kB/)
    expect { table("name\n#{wide}\n") }.to raise_error(Munimen::Error, /Line 2.*longer than 64 kB/)
    many = (["a"] * 2000).join(",")
    expect { table("#{many}\n") }.to raise_error(Munimen::Error, /more than 1000 columns/)
  end

  it "ends what has used up its seconds" do
    budget = described_class.new(field: :log, seconds: -1)
    expect { budget.spend! }.to raise_error(Munimen::Error, /Cut it into parts/)
  end

  it "is stopped by whoever began it, at its next word, and leaves room for others" do
    imports = Munimen::Desk::RunningImports.new
    going = Queue.new
    3.times do |number|
      imports.start("i#{number}", 7) do |share|
        loop { (going << share.call(0.1)) && sleep(0.001) }
      end
    end
    3.times { going.pop }
    expect { imports.start("late", 7) { nil } }.to raise_error(Munimen::Refused, /Other files/)
    expect(imports.stop("i0", 8)).to be(false)
    expect(imports.stop("i0", 7)).to be(true)
    sleep 0.01 until imports.find("i0", 7).error
    expect(imports.find("i0", 7).error.message).to include("stopped")
    imports.start("late", 7) { :read }
    sleep 0.01 until imports.find("late", 7).done
    expect(imports.find("late", 7).result).to eq(:read)
    %w[i1 i2].each { |id| imports.stop(id, 7) }
  end
end

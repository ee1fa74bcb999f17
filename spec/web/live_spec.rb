# frozen_string_literal: true

require "office_helper"
require_relative "../support/free_port"
require "socket"

# What arrives on the other end of a connection taken from the server.
module Heard
  # What arrives within some seconds, until it matches.
  def heard(socket, pattern, within: 2)
    text = +""
    ends = Process.clock_gettime(Process::CLOCK_MONOTONIC) + within
    until text.match?(pattern) || Process.clock_gettime(Process::CLOCK_MONOTONIC) > ends
      text << socket
        .read_nonblock(4096, exception: false)
        .then { |got| got.is_a?(String) ? got : "" }
      sleep 0.02
    end
    text
  end
end

# Server-sent events over a connection taken from the server: here a pair of sockets stands for it.
RSpec.describe Munimen::Web::Live do
  include Heard

  let(:live) { described_class.new(->(_) { [404, {}, []] }, office.config.database_path) }
  let(:visit) { office.start }

  def listen(person: office.person, path: "/api/visits/#{visit}/events")
    ours, theirs = Socket.pair(:UNIX, :STREAM)
    status, = live.call(
      {
        "REQUEST_METHOD" => "GET",
        "PATH_INFO" => path.b,
        "munimen.person" => person,
        "munimen.session" => "s",
        "rack.hijack" => -> { theirs }
      }
    )
    [status, ours]
  end

  def sessions = office.records.database[:account_active_session_keys]
  before { sessions.insert(account_id: office.person[:id], session_id: "s") }

  it "hangs up when the session of who listens is ended" do
    _, one = listen
    heard(one, /retry/)
    sleep 0.4
    sessions.delete
    sleep 1
    expect(one.read_nonblock(10, exception: false)).to be_nil
  end

  it "tells everybody who looks at a visit that something was written, and nobody else" do
    other = office.start
    (_, one), (_, two) = listen, listen(path: "/api/visits/#{other}/events")
    [one, two].each { |socket| expect(heard(socket, /retry/)).to include("text/event-stream") }
    sleep 0.5
    office.read(visit, :static_pressure, "62")
    expect(heard(one, /event: change/)).to include("event: change")
    expect(heard(two, /event/, within: 0.8)).not_to include("event:")
  end

  it "answers nobody who has not signed in, hangs up on a visit that is none, and goes on when a " \
     "listener has gone" do
    expect(listen(person: nil).first).to eq(401)
    _, nowhere = listen(path: "/api/visits/#{office.uuid}/events")
    heard(nowhere, /retry/)
    sleep 0.6
    expect(nowhere.read_nonblock(10, exception: false)).to be_nil
    (_, gone), (_, stays) = listen, listen
    gone.close
    sleep 0.5
    2.times { |n| office.read(visit, :static_pressure, "6#{n}") && sleep(0.4) }
    expect(heard(stays, /event: change/)).to include("event: change")
  end
end

RSpec.describe Munimen::Web::Traces do
  include Heard

  let(:traces) { described_class.new(->(_) { [404, {}, []] }, office.config) }

  def listen(id, person: office.person, query: "units=us")
    ours, theirs = Socket.pair(:UNIX, :STREAM)
    status, = traces.call(
      {
        "REQUEST_METHOD" => "GET",
        "PATH_INFO" => "/api/instruments/#{id}/trace".b,
        "QUERY_STRING" => query,
        "munimen.person" => person,
        "rack.hijack" => -> { theirs }
      }
    )
    [status, ours]
  end

  def keep(port, **more)
    gauge = {
      id: "g",
      title: "Gauge",
      reads: "pressure",
      host: "127.0.0.1",
      port:,
      device: "pressure_gauge",
      point: "house",
      calibrated: "2025-01-31"
    }
    Munimen::Desk::Instruments.new(office.context("owner")).replace([gauge.merge(more)])
  end

  it "traces an instrument until it rests, and only then gives the value, with spread and time" do
    server = Munimen::Cli::InstrumentServer.new(0)
    thread = Thread.new { server.serve }
    keep(server.port)
    _, socket = listen("g")
    text = heard(socket, /settled.*\n\n/m, within: 15)
    samples = text.scan(/event: sample\ndata: (.*)/).map { |(json)| JSON.parse(json) }
    settled = JSON.parse(text[/event: settled\ndata: (.*)/, 1])
    expect(samples.size).to be > 10
    expect(samples.first["value"]).to be < samples.last["value"]
    # 410 kPa behind its regulator, to a digit of the gauge
    expect(settled["typed"]).to match(/\A(58|59|60)\.\d psi\z/)
    expect(settled["at"]).to be >= 5
  ensure
    server&.stop
    thread&.kill
  end

  it "says that nothing answers, who may not listen, and that a calibration is overdue" do
    port = FreePort.free_port
    keep(port)
    expect(heard(listen("g").last, /failed.*\n\n/m)).to include("does not answer")
    expect([listen("g", person: nil).first, listen("nothing").first]).to eq([401, 404])
    list = Munimen::Desk::Instruments.new(office.context).list
    expect(list.first).to include(
      overdue: true,
      note: "Gauge, calibrated 2025-01-31 – calibration overdue"
    )
    expect { keep(port, calibrated: "soon") }.to raise_error(Munimen::Error, /2026-01-31/)
    expect { keep(port, reads: "luck") }.to raise_error(Munimen::Error, /kind of quantity/)
    expect { Munimen::Desk::Instruments.new(office.context).replace([]) }.to raise_error(
      Munimen::Refused
    )
  end
end

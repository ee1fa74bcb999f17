# frozen_string_literal: true

require "socket"

# Server-sent events over a connection taken from the server: here a pair of sockets stands for it.
RSpec.describe Munimen::Web::Live do
  let(:live) { described_class.new(->(_) { [404, {}, []] }, office.config.database_path) }
  let(:visit) { office.start }

  def listen(account: office.person[:id], path: "/api/visits/#{visit}/events")
    ours, theirs = Socket.pair(:UNIX, :STREAM)
    status, = live.call({ "REQUEST_METHOD" => "GET", "PATH_INFO" => path, "munimen.account_id" => account, "rack.hijack" => -> { theirs } })
    [status, ours]
  end

  # What arrives within some seconds, until it matches.
  def heard(socket, pattern, within: 2)
    text = +""
    ends = Process.clock_gettime(Process::CLOCK_MONOTONIC) + within
    until text.match?(pattern) || Process.clock_gettime(Process::CLOCK_MONOTONIC) > ends
      text << socket.read_nonblock(4096, exception: false).then { |got| got.is_a?(String) ? got : "" }
      sleep 0.02
    end
    text
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

  it "answers nobody who has not signed in, hangs up on a visit that is none, and goes on when a listener has gone" do
    expect(listen(account: nil).first).to eq(401)
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

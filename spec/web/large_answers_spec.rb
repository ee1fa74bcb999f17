# frozen_string_literal: true

require "office_helper"
require "socket"

# Large answers over a real socket whose other end reads late, or not at all.
RSpec.describe Munimen::Web::LargeAnswers do
  let(:text) { Random.new(3).bytes(3_000_000) }
  let(:body) do
    [text].tap { |one| one.define_singleton_method(:close) { clear } }
  end
  let(:application) do
    described_class.new(->(_) { [200, { "content-length" => text.bytesize.to_s }, body] })
  end

  def asked(ours, **more)
    { "REQUEST_METHOD" => "GET", "rack.hijack" => -> { ours }, "puma.socket" => ours, **more }
  end

  it "holds nobody while a client does not read, and gives it every byte once it does" do
    ours, theirs = UNIXSocket.pair
    expect(application.call(asked(ours)).first).to eq(-1)
    sleep 0.05
    got = theirs.read
    expect(got).to start_with("HTTP/1.1 200 OK\r\ncontent-length: 3000000\r\nconnection: close\r\n")
    expect(got.split("\r\n\r\n", 2).last == text.b).to be(true)
    20.times { body.empty? ? break : sleep(0.05) }
    expect(body).to be_empty
  end

  it "sends a file bit by bit, and leaves what is small, or only the head, to the server" do
    path = File.join(Dir.mktmpdir, "file")
    File.binwrite(path, text)
    file = Struct.new(:to_path).new(path)
    app = described_class.new(->(_) { [200, { "content-length" => "3000000" }, file] })
    ours, theirs = UNIXSocket.pair
    app.call(asked(ours))
    expect(theirs.read.end_with?(text)).to be(true)
    expect(app.call({ "REQUEST_METHOD" => "HEAD", "rack.hijack" => -> {} }).first).to eq(200)
    small = described_class.new(->(_) { [200, { "content-length" => "3" }, ["abc"]] })
    expect(small.call(asked(ours)).last).to eq(["abc"])
  end

  it "lets a client go that asks on while earlier answers lie unread" do
    server = TCPServer.new("127.0.0.1", 0)
    theirs = TCPSocket.new("127.0.0.1", server.addr[1])
    ours = server.accept
    nil until ours.write_nonblock("x" * 65_536, exception: false) == :wait_writable
    expect(application.call(asked(ours)).first).to eq(-1)
    expect(ours).to be_closed
  ensure
    [theirs, server].each(&:close)
  end
end

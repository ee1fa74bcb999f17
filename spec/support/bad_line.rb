# frozen_string_literal: true

require "socket"

# A line between browser and office that is slow, loses answers or changes them.
#
#   BadLine.between(port, office_port, ->(bytes) { sleep 3; bytes }) { … }
#
# The callable is given what the office sends and gives what arrives; nil: the line breaks.
class BadLine
  def self.between(port, office, bend)
    line = new(port, office, bend)
    yield
  ensure
    line&.close
  end

  def initialize(port, office, bend)
    @door = TCPServer.open("127.0.0.1", port)
    @office = office
    @bend = bend
    @open = []
    @thread = Thread.new { loop { Thread.new(@door.accept) { |one| carry(one) } } }
  end

  def close
    @thread.kill
    [@door, *@open].each { |io| io.close unless io.closed? }
  end

  private

  def carry(browser)
    office = TCPSocket.new("127.0.0.1", @office)
    @open.push(browser, office)
    there = Thread.new { pump(browser, office) { |bytes| bytes } }
    pump(office, browser, &@bend)
    there.kill
  rescue SystemCallError, IOError
    nil
  ensure
    [browser, office].compact.each { |io| io.close unless io.closed? }
  end

  def pump(from, to)
    loop do
      bytes = yield from.readpartial(65_536)
      return unless bytes

      to.write(bytes)
    end
  rescue SystemCallError, IOError
    nil
  end
end

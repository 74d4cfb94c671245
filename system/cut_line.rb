# frozen_string_literal: true

require "socket"

# A line to the application that can be cut: while it is, nothing of the studio can be reached, whoever asks.
#
#   line = CutLine.new(Capybara.current_session.server.port)
#   visit "http://127.0.0.1:#{line.port}/boxes"
#   line.cut { click_button "Write it down" }
class CutLine
  attr_reader :port

  def initialize(target)
    @target = target
    @open = listen
    @port = @open.addr[1]
  end

  def cut
    close
    yield
  ensure
    @open = listen(@port)
  end

  def close
    @open.close
    @lines.each { |socket| socket.close unless socket.closed? }
    @listening.join
  end

  private

  def listen(port = 0)
    server = TCPServer.new("127.0.0.1", port)
    @lines = []
    @listening = Thread.new { answer(server) }
    server
  end

  def answer(server)
    loop { pass(server.accept) }
  rescue IOError, Errno::EBADF
    nil
  end

  def pass(near)
    far = TCPSocket.new("127.0.0.1", @target)
    @lines.push(near, far)
    [[near, far], [far, near]].each { |from, into| Thread.new { carry(from, into) } }
  end

  def carry(from, into)
    IO.copy_stream(from, into)
  rescue IOError, SystemCallError
    nil
  ensure
    [from, into].each { |socket| socket.close unless socket.closed? }
  end
end

# frozen_string_literal: true

require "socket"
require "tmpdir"

# The application in processes of its own, as it is served, on the tests' database: it can be killed and started again
# at its address.
#
#   served = OwnProcess.new(ENV.fetch("DATABASE_URL"), secret: "s" * 96, day: "2026-11-19")
#   served.start
#   served.kill
class OwnProcess
  ROOT = File.expand_path("..", __dir__)
  # Seconds.
  PATIENCE = 60

  attr_reader :address

  def initialize(database_url, secret:, day:)
    @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    @address = "http://127.0.0.1:#{@port}"
    @environment = { "DATABASE_URL" => database_url, "SESSION_SECRET" => secret, "DAY" => day,
                     "LOG_TO" => File::NULL, "PHOTOGRAPHS_FOLDER" => Dir.tmpdir, "WEB_PROCESSES" => "1" }
  end

  def start
    @group = spawn(@environment, "bundle", "exec", "puma", "--quiet", "-C", "server/puma.rb", "-b",
                   "tcp://127.0.0.1:#{@port}", "server/config.ru",
                   chdir: ROOT, out: File::NULL, err: File::NULL, pgroup: true)
    answers
    self
  end

  # All of it at once, whatever it was about.
  def kill
    return unless @group

    Process.kill(:KILL, -@group)
    Process.wait(@group)
    @group = nil
  end

  private

  def answers
    deadline = now + PATIENCE
    begin
      TCPSocket.open("127.0.0.1", @port, &:close)
    rescue SystemCallError
      raise "The application did not start." if now > deadline || Process.wait(@group, Process::WNOHANG)

      sleep 0.05
      retry
    end
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end

# frozen_string_literal: true

require "socket"
require "tmpdir"
require "uri"

# The application in processes of its own, as bin/start serves it, on a database that is there: it can be stopped, or
# killed and started again at its address.
#
#   served = OwnProcess.new("postgres://127.0.0.1/deck_bough", "DAY" => "2026-11-19").start
#   served.address # => #<URI::HTTP http://127.0.0.1:40123>
#   served.stop
class OwnProcess
  ROOT = File.expand_path("../..", __dir__)
  # Seconds.
  PATIENCE = 60
  LIKE_STARTED = { "SESSION_SECRET" => "l" * 96, "LOG_TO" => File::NULL, "PHOTOGRAPHS_FOLDER" => Dir.tmpdir,
                   "RUBYOPT" => nil }.freeze

  attr_reader :address

  # @param environment [Hash{String => String}] what it is told besides
  def initialize(database_url, environment = {})
    port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    @address = URI("http://127.0.0.1:#{port}")
    @environment = { **LIKE_STARTED, "DATABASE_URL" => database_url, **environment }
  end

  # @return [self] once it answers
  def start
    @process = spawn(@environment, "bash", "-c", 'source bin/lib/machine.sh; serve "$1"', "serve",
                     "127.0.0.1:#{@address.port}", chdir: ROOT, out: File::NULL, err: File::NULL, pgroup: true)
    answers
    self
  end

  def stop
    ended(:TERM, @process)
  end

  # All of it at once, whatever it was about.
  def kill
    ended(:KILL, @process && -@process)
  end

  # @return [Array<Integer>] what each of its workers takes
  def megabytes
    File.read("/proc/#{@process}/task/#{@process}/children").split.map do |pid|
      File.read("/proc/#{pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
    end
  end

  private

  def ended(signal, whom)
    return unless whom

    Process.kill(signal, whom)
    Process.wait(@process)
    @process = nil
  end

  def answers
    deadline = now + PATIENCE
    begin
      TCPSocket.open("127.0.0.1", @address.port, &:close)
    rescue SystemCallError
      raise "The application did not start." if now > deadline || Process.wait(@process, Process::WNOHANG)

      sleep 0.05
      retry
    end
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end

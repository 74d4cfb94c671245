# frozen_string_literal: true

require "socket"
require "tempfile"
require "tmpdir"
require_relative "../../server/boot"
require_relative "mixed_day"

# The demo studio in a database of its own, served by processes of its own.
#
#   ServedDemo.new("postgres://127.0.0.1").serve { |served| MixedDay.new(served.address, …) }
class ServedDemo
  NAME = "deck_bough_load"
  EMAIL = "ottoline@wick-fennel.example"
  PASSWORD = DeckBough::Server::DemoStudio::PASSWORD
  TODAY = Date.new(2026, 11, 19)

  attr_reader :address, :database

  # @param server_url [String] of a PostgreSQL, without a database name
  def initialize(server_url)
    @server_url = server_url
    @url = "#{server_url}/#{NAME}"
  end

  # @yield [self]
  def serve
    fresh
    port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    @address = URI("http://127.0.0.1:#{port}")
    log = Tempfile.new("puma")
    @puma = spawn(environment, "bundle", "exec", "puma", "--quiet", "-C", "server/puma.rb", "-b",
                  "tcp://127.0.0.1:#{port}", "server/config.ru",
                  chdir: DeckBough::Server::ROOT, out: log.path, err: log.path)
    answers
    yield self
  ensure
    Process.kill(:TERM, @puma) && Process.wait(@puma) if @puma
    @database&.disconnect
  end

  # @return [Array<Integer>] what each process of the application takes
  def megabytes
    File.read("/proc/#{@puma}/task/#{@puma}/children").split.map do |pid|
      File.read("/proc/#{pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
    end
  end

  # Whether all that was acknowledged is in the database, once, and nothing else.
  #
  # @param journal [Hash] of a MixedDay in which nothing was lost on the way
  # @return [Hash] lost, twice, unknown: how many keys; miscounted: how many styles
  def compared(journal)
    Compared.new(@database, @before, journal).told
  end

  private

  def fresh
    Sequel.connect("#{@server_url}/postgres") { |server| server.run("drop database if exists #{NAME} with (force)") }
    @database = DeckBough::Server::Preparation.call(@url, demo: true, password_cost: 4, today: TODAY)
    @before = Compared.now(@database)
  end

  def environment
    { "DATABASE_URL" => @url, "SESSION_SECRET" => "l" * 96, "LOG_TO" => File::NULL, "DAY" => TODAY.iso8601,
      "PHOTOGRAPHS_FOLDER" => Dir.tmpdir, "RUBYOPT" => "--yjit --yjit-exec-mem-size=64", "MALLOC_ARENA_MAX" => "2" }
  end

  def answers
    TCPSocket.open("127.0.0.1", @address.port, &:close)
  rescue SystemCallError
    raise "The server did not start." if Process.wait(@puma, Process::WNOHANG)

    sleep 0.05
    retry
  end

  # A journal of what was acknowledged, beside what is in the database.
  class Compared
    # What can be told before anything was asked for.
    def self.now(database)
      { counts: database[:stock_quantities].select_hash(:style_id, :on_hand),
        moves: database[:stock_moves].select_map(:key), acts: database[:visit_acts].select_map(:key) }
    end

    def initialize(database, before, journal)
      @before = before
      @after = self.class.now(database)
      @moves = journal[:moves]
      @acts = journal[:acts]
    end

    def told
      there = (@after[:moves] - @before[:moves]) + (@after[:acts] - @before[:acts])
      said = @moves.keys + @acts
      { lost: (said - there).size, twice: there.size - there.uniq.size, unknown: (there - said).size,
        miscounted: miscounted.size }
    end

    private

    # What was found is there as often as it was said, whatever was taken by what was put up meanwhile.
    def miscounted
      @moves.values.tally.reject do |style, found|
        (@after[:counts].fetch(style, 0) - @before[:counts].fetch(style, 0) - found).abs < 1e-6
      end
    end
  end
end

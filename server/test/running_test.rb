# frozen_string_literal: true

require "open3"
require "socket"
require_relative "server_test"

# Every command of docs/running.md does what it says, in the order in which it stands there.
class RunningTest < ServerTest
  GUIDE = File.read(File.join(Server::ROOT, "docs", "running.md"))
  COMMANDS = GUIDE.scan(/^```sh\n(.*?)^```$/m).flatten
  WORD = "lichen-and-brass"
  STUDIO = "Copper & Quince"

  # Databases cannot be made within a transaction.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    @folder = Dir.mktmpdir("running")
    @server = ENV.fetch("DATABASE_URL").sub(%r{/[^/]+\z}, "")
    @name = "deck_bough_running_#{Process.pid}"
    database = Server::Preparation.call("#{@server}/#{@name}", demo: false, password_cost: 4)
    Server::Store::Studios.new(database).found(studio: STUDIO, name: "Quill", email: "quill@copper.example",
                                               password: "marrow-quay-2026", units: "metric", cost: 4, at: TODAY)
    database.disconnect
    @port = TCPServer.open("127.0.0.1", 0) { |open| open.addr[1] }
  end

  def teardown
    [@name, "put_back"].each { |name| DATABASE.run("drop database if exists #{name} with (force)") }
    FileUtils.rm_rf(@folder)
  end

  def environment
    { "DATABASE_URL" => "#{@server}/#{@name}", "PHOTOGRAPHS_FOLDER" => File.join(@folder, "photographs"),
      "BACKUPS" => File.join(@folder, "backups"), "ELSEWHERE" => @server, "ADDRESS" => "http://127.0.0.1:#{@port}",
      "SESSION_SECRET" => "s" * 96, "METRICS_WORD" => WORD, "WEB_PROCESSES" => "1", "RACK_ENV" => "production",
      "STUDIO" => STUDIO, "LOG_TO" => File.join(@folder, "requests.log"), "DAY" => nil }
  end

  def serving
    Open3.popen2e(environment, "bundle", "exec", "puma", "--quiet", "-C", "server/puma.rb", "-b",
                  "tcp://127.0.0.1:#{@port}", "server/config.ru", chdir: Server::ROOT) do |_, out, child|
      Timeout.timeout(60) { answers? || Thread.pass until answers? || !child.alive? }
      yield
    ensure
      Process.kill(:TERM, child.pid)
      out.read
    end
  end

  def answers?
    TCPSocket.open("127.0.0.1", @port, connect_timeout: 1, &:close) || true
  rescue SystemCallError
    false
  end

  def test_every_command_does_what_it_says
    assert_operator COMMANDS.size, :>=, 5
    serving do
      COMMANDS.each do |command|
        said, done = Open3.capture2e(environment, "bash", "-euo", "pipefail", "-c", command, chdir: Server::ROOT)

        assert_predicate done, :success?, "#{command}\n#{said}"
      end
    end

    assert_operator Dir.glob(File.join(@folder, "backups", "*.tar")).size, :>=, 1
  end

  def test_every_name_it_speaks_of_is_read
    read = %w[server/boot.rb server/puma.rb server/config.ru bin/start bin/lib/kept.sh]
           .sum("") { |file| File.read(File.join(Server::ROOT, file)) }
    names = GUIDE[/## What it is told.*?\n## /m].scan(/^\| `([A-Z_]+)`/).flatten

    assert_operator names.size, :>, 6
    assert_empty(names.reject { |name| read.include?(name) })
  end
end

# frozen_string_literal: true

require_relative "server_test"
require "net/http"
require "socket"
require "tempfile"

# The application as it is served: several processes on one database, asked by several people at once.
class ProcessesTest < ServerTest
  CLIENTS = 4
  EACH = 12

  # Other processes see only what is really in the database.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    DATABASE.run("truncate studios, request_counts restart identity cascade")
    demo
    @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    @log = Tempfile.new("puma")
    environment = { "SESSION_SECRET" => "p" * 96, "WEB_PROCESSES" => "2", "PASSWORD_COST" => "4",
                    "LOG_TO" => File::NULL }
    @puma = spawn(environment, "bundle", "exec", "puma", "--quiet", "-C", "server/puma.rb", "-b",
                  "tcp://127.0.0.1:#{@port}", "server/config.ru",
                  chdir: Server::ROOT, out: @log.path, err: @log.path)
  end

  def teardown
    Process.kill(:TERM, @puma)
    Process.wait(@puma)
    DATABASE.run("truncate studios, request_counts restart identity cascade")
  end

  def connect
    deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + 30
    begin
      Net::HTTP.start("127.0.0.1", @port)
    rescue Errno::ECONNREFUSED
      raise "Puma did not start: #{File.read(@log.path)}" if Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline

      retry
    end
  end

  def headers
    answer = connect.post("/api/login", JSON.generate(email: OWNER, password: Server::DemoStudio::PASSWORD),
                          "Content-Type" => "application/json")

    assert_equal "200", answer.code, answer.body
    { "Content-Type" => "application/json", "Cookie" => answer["set-cookie"][/deck_bough=[^;]+/] }
  end

  def test_every_answer_is_the_one_that_was_asked_for
    cookie = headers
    wanted = DATABASE[:pieces].select_hash(:id, :name).to_a
    answers = Array.new(CLIENTS) { |client| Thread.new { ask_many(cookie, wanted.rotate(client)) } }.flat_map(&:value)

    assert_equal CLIENTS * EACH, answers.size
    answers.each { |name, code, body| assert_equal ["200", name], [code, JSON.parse(body)["name"]] }
  end

  def ask_many(cookie, wanted)
    http = connect
    Array.new(EACH) do |i|
      id, name = wanted[i % wanted.size]
      answer = http.get("/api/pieces/#{id}", cookie)
      [name, answer.code, answer.body]
    end
  end
end

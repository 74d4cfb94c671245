# frozen_string_literal: true

require_relative "server_test"
require "socket"

# What surrounds the routes: where a request comes from, what goes no further, what stands in for us when nothing else
# can.
class MiddlewareTest < ServerTest
  Middle = Server::Middleware

  def env(path = "/api/me", **more)
    Rack::MockRequest.env_for(path, more.delete(:of) || {}).merge(more.transform_keys(&:to_s))
  end

  def address(proxies, **headers)
    seen = nil
    Middle::ClientAddress.new(->(inner) { seen = inner }, proxies).call(env(**headers))
    [seen[Middle::ClientAddress::ADDRESS], seen[Middle::ClientAddress::SECURE]]
  end

  def test_what_a_client_says_of_itself_counts_only_through_a_known_proxy
    said = { REMOTE_ADDR: "10.0.0.2", HTTP_X_FORWARDED_FOR: "1.1.1.1, 2.2.2.2, 10.0.0.9",
             HTTP_X_FORWARDED_PROTO: "https" }

    assert_equal ["10.0.0.2", false], address([], **said)
    assert_equal ["2.2.2.2", true], address(["10.0.0.0/24"], **said)
    assert_equal ["10.0.0.9", true], address(["10.0.0.2"], **said)
    assert_equal ["10.0.0.2", false], address(["10.0.0.2"], REMOTE_ADDR: "10.0.0.2")
    assert_equal ["nonsense", false], address(["10.0.0.2"], REMOTE_ADDR: "nonsense")
  end

  def test_an_invented_address_does_not_get_round_the_limit_at_sign_in
    # Of so many one minute or the next sees more than its fill.
    statuses = Array.new((2 * CONFIGURATION.sign_ins_per_minute) + 2) do |i|
      header "X-Forwarded-For", "9.9.9.#{i}"
      header "Forwarded", "for=9.9.9.#{i}"
      custom_request("POST", "/api/login", JSON.generate(email: "g#{i}@x.example", password: "guess-guess-1"),
                     "CONTENT_TYPE" => "application/json")
      last_response.status
    end

    assert_equal [401, 429], statuses.uniq.sort
  end

  def test_errors_carry_the_same_safety_headers_as_answers
    [["GET", "/api/me", 401], ["GET", "/api/none", 401], ["POST", "/api/login", 422], ["GET", "/assets/none.js", 404],
     ["FROBNICATE", "/api/door", 401],
     ["GET", "/api/door%00", 400], ["POST", "/api/homes", 400, "%"]].each do |verb, path, status, query|
      custom_request(verb, path, verb == "POST" ? "{}" : nil,
                     { "CONTENT_TYPE" => "application/json", "QUERY_STRING" => query }.compact)

      assert_equal status, last_response.status, path
      Middle::SafeAnswers::HEADERS.each do |name, value|
        assert_equal value, last_response.headers[name], "#{path} #{name}"
      end
      assert_equal "application/problem+json", last_response.headers["content-type"], path
    end
  end

  def test_behind_tls_every_cookie_is_secure
    behind = Middle::SafeAnswers.new(->(_) { [200, { "set-cookie" => "a=1; path=/\nb=2; secure" }, []] })

    assert_equal ["a=1; path=/; secure", "b=2; secure"],
                 behind.call(env(Middle::ClientAddress::SECURE => true))[1]["set-cookie"]
    assert_equal "a=1; path=/\nb=2; secure", behind.call(env(Middle::ClientAddress::SECURE => false))[1]["set-cookie"]
  end

  def test_a_change_from_a_foreign_origin_is_refused
    sign_in
    [["https://elsewhere.example", 403], ["null", 403], ["http://example.org:81", 403], ["http://example.org", 201],
     [nil, 201]].each do |origin, status|
      custom_request("POST", "/api/homes", '{"name":"Trap"}',
                     { "CONTENT_TYPE" => "application/json", "HTTP_HOST" => "example.org",
                       "HTTP_ORIGIN" => origin }.compact)

      assert_equal status, last_response.status, origin
    end
  end

  def test_a_request_without_a_body_is_answered_whatever_it_says_of_it
    sign_in
    ["", " ", "text/plain", "multipart/form-data", "\x01"].each do |type|
      custom_request("POST", "/api/boxes/0/counts", "", "CONTENT_TYPE" => type)

      assert_includes [404, 422], last_response.status, type.inspect
      assert_equal "application/problem+json", last_response.headers["content-type"]
    end
    custom_request("POST", "/api/logout", "", "CONTENT_TYPE" => "text/plain")

    assert_operator last_response.status, :<, 400
  end

  def test_text_that_is_none_goes_no_further_and_its_place_is_named
    sign_in
    { '{"name":"a\u0000b"}' => "/name", '{"name":"x","pets":["a\u0000"]}' => "/pets/0", '{"name":"\ud800"}' => "",
      "{\"name\":\"\xFF\"}" => "",
      '{"a\u0000":1}' => "" }.each do |body, pointer|
      custom_request("POST", "/api/homes", body.b, "CONTENT_TYPE" => "application/json")

      assert_equal [422, [pointer]], [last_response.status, pointers(JSON.parse(last_response.body))], body
    end
    custom_request("POST", "/api/homes", "[" * 60, "CONTENT_TYPE" => "application/json")

    assert_equal 422, last_response.status
    %w[/api/homes/%00 /api/homes/%ff /api/find?text=%ff /api/find?text=%00 /api/find?%].each do |path|
      custom_request("GET", path.split("?").first, nil, "QUERY_STRING" => path.split("?")[1].to_s)

      assert_equal 400, last_response.status, path
    end
  end

  def test_account_routes_take_one_object_of_texts
    ["[]", "3", "null", "{}", '{"email":["a"],"password":"b"}', '{"email":"a"}',
     "{\"email\":\"#{'a' * 3000}\",\"password\":\"b\"}"].each do |body|
      custom_request("POST", "/api/login", body, "CONTENT_TYPE" => "application/json")

      assert_equal 422, last_response.status, body[0, 40]
    end
    custom_request("POST", "/api/login", "email=a&password=b", "CONTENT_TYPE" => "application/x-www-form-urlencoded")

    assert_equal 415, last_response.status
  end

  def test_a_request_that_takes_too_long_is_stopped_and_told
    forgotten = 0
    database = Object.new.tap { |one| one.define_singleton_method(:disconnect) { forgotten += 1 } }
    endless = Middle::TimeLimit.new(->(_) { Queue.new.pop }, database, 0.05)
    problem = assert_raises(Server::Problem) { endless.call(env) }

    assert_equal [503, "too-long", 1], [problem.status, problem.code, forgotten]
    # What was stopped in the middle may break over it.
    broken = Middle::TimeLimit.new(->(_) { stopped }, database, 0.05)

    assert_equal "too-long", assert_raises(Server::Problem) { broken.call(env) }.code
    assert_raises(IOError) { Middle::TimeLimit.new(->(_) { raise IOError }, database, 5).call(env) }
    assert_equal :answered, Middle::TimeLimit.new(->(_) { :answered }, database, 5).call(env)
  end

  def stopped
    Queue.new.pop
  rescue StandardError
    raise IOError, "the line was in use"
  end

  def test_a_request_is_answered_on_one_connection
    taken = []
    database = Object.new
    database.define_singleton_method(:synchronize) do |&work|
      taken.push(:taken).then { work.call }.tap { taken << :given_back }
    end
    Middle::OneConnection.new(->(_) { taken << :answered }, database).call(env)

    assert_equal %i[taken answered given_back], taken
  end

  # In a thread as a server has them: this one holds a connection for its test already.
  def test_the_stack_takes_a_connection_once_a_request
    pool = DATABASE.pool
    handed = 0
    pool.define_singleton_method(:checkin_connection) { |*given| super(*given).tap { handed += 1 } }
    told = { email: "nobody@wick-fennel.example", password: "none of theirs" }
    asked = Rack::MockRequest.new(app)
    Thread.new { asked.post("/api/login", input: JSON.generate(told), "CONTENT_TYPE" => "application/json") }.join

    assert_equal 1, handed
  ensure
    pool.singleton_class.remove_method(:checkin_connection)
    Thread.new { %i[request_counts sign_in_failures].each { |table| DATABASE[table].delete } }.join
  end

  def test_a_statement_that_takes_too_long_is_stopped_by_the_database
    assert_raises(Sequel::DatabaseError) do
      DATABASE.transaction(savepoint: true) { DATABASE.run("set local statement_timeout = 20; select pg_sleep(5)") }
    end
    assert_equal "#{Server::Connection::STATEMENT_MILLISECONDS / 1000}s", DATABASE.fetch("show statement_timeout").get
  end

  # No database at all: the answer is in words, and a page is still a page.
  def test_without_its_database_it_answers_in_words_and_comes_back_by_itself
    port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    lost = Sequel.connect("postgres://nobody:x@127.0.0.1:#{port}/nothing",
                          test: false, max_connections: 2, pool_timeout: 1)
    log = Middle::RequestLog.new(->(_) { lost[:studios].count })
    status, headers, body = log.call(env)

    assert_equal [503, "application/problem+json"], [status, headers["content-type"]]
    assert_includes body.first, "cannot be reached just now"
    assert_equal 200, Middle::RequestLog.new(->(_) { [200, {}, [DATABASE[:studios].count.to_s]] }).call(env).first
  end

  def test_the_log_of_requests_is_kept_in_files_that_change
    assert_includes File.read(File.join(Server::ROOT, "server/config.ru")),
                    "Logger.new(configuration.log_to, 5, 10 * 1024 * 1024)"
  end
end

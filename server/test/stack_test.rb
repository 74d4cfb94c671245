# frozen_string_literal: true

require_relative "server_test"
require "stringio"

class StackTest < ServerTest
  def test_answers_carry_safety_headers_and_no_inline_script
    get "/"
    policy = last_response.headers["content-security-policy"]

    assert_includes policy, "script-src 'self';"
    assert_includes policy, "default-src 'none'"
    assert_equal "nosniff", last_response.headers["x-content-type-options"]
  end

  def test_every_screens_address_gives_the_page_and_hashed_files_are_kept_a_year
    get "/homes/some-home"

    assert_includes last_response.body, "Deck Bough"
    assert_equal "no-cache", last_response.headers["cache-control"]
    get "/assets/index-3f9c2a.js"

    assert_equal "public, max-age=31536000, immutable", last_response.headers["cache-control"]
    get "/assets/index-gone.js"

    assert_equal 404, last_response.status
    get "/../boot.rb"

    refute_includes last_response.body, "bundler"
  end

  def test_scripts_come_as_small_as_they_lie_there_to_whoever_reads_that
    told = lambda do |accepted|
      get "/assets/index-3f9c2a.js", {}, "HTTP_ACCEPT_ENCODING" => accepted
      last_response.headers.values_at("content-encoding", "content-type", "cache-control", "vary")
    end
    kept = "public, max-age=31536000, immutable"

    assert_equal ["br", "text/javascript", kept, "accept-encoding"], told.call("gzip, deflate, br")
    assert_equal "packed for the test", last_response.body
    assert_equal "gzip", told.call("gzip").first
    assert_nil told.call("").first
    ["br;q=0", "gzip;q=0, br; q=0.0", "abro"].each { |none| refute_equal "br", told.call(none).first, none }
    assert_equal "br", told.call("br;q=0.5").first
  end

  def test_answers_are_compressed_on_request
    sign_in
    get "/api/styles", {}, "HTTP_ACCEPT_ENCODING" => "gzip"

    assert_equal "gzip", last_response.headers["content-encoding"]
  end

  def test_what_is_too_large_or_sent_by_another_site_goes_no_further
    sign_in
    custom_request("POST", "/api/homes/import", "x" * ((2 * 1024 * 1024) + 1), "CONTENT_TYPE" => "application/json")

    assert_equal 413, last_response.status
    custom_request("POST", "/api/homes", '{"name":"Trap"}',
                   "CONTENT_TYPE" => "application/json", "HTTP_SEC_FETCH_SITE" => "cross-site")

    assert_equal 403, last_response.status
    refute(homes.any? { |home| home["name"] == "Trap" })
  end

  def test_a_bug_is_ours_and_carries_an_id_that_the_log_repeats
    log = StringIO.new
    appender = SemanticLogger.add_appender(io: log, formatter: :json, level: :info)
    SemanticLogger.default_level = :info
    broken = Server::Middleware::RequestLog.new(->(_) { raise "loose wire" })
    status, headers, body = broken.call(Rack::MockRequest.env_for("/api/me"))
    SemanticLogger.flush
    told = JSON.parse(body.first)

    assert_equal 500, status
    assert_equal headers["x-request-id"], told["request_id"]
    refute_includes body.first, "loose wire"
    lines = log.string.lines.map { |line| JSON.parse(line) }

    assert_equal(1, lines.count { |line| line.dig("exception", "message") == "loose wire" })
    assert_equal [told["request_id"]], lines.map { |line| line.dig("payload", "request_id") }.uniq
  ensure
    SemanticLogger.remove_appender(appender)
    SemanticLogger.default_level = :fatal
  end
end

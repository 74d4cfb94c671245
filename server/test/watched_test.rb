# frozen_string_literal: true

require_relative "server_test"

# What machines that watch are told, and who is not told what was counted.
class WatchedTest < ServerTest
  WORD = "lichen-and-brass"
  WATCHED = Server::Stack.build(database: DATABASE, clock: -> { TODAY },
                                configuration: CONFIGURATION.dup.tap { |one| one.metrics_word = WORD })

  def app = WATCHED

  def metrics(word = WORD)
    get "/metrics", {}, { "HTTP_AUTHORIZATION" => "Bearer #{word}" }
    last_response.body
  end

  def counted(name, text = metrics)
    text.lines.grep(/\A#{Regexp.escape(name)} /).map { |line| line.split.last.to_f }.first || 0
  end

  def test_it_says_whether_it_lives_and_can_be_asked
    get "/health"

    assert_equal [200, "alive\n"], [last_response.status, last_response.body]
    get "/ready"

    assert_equal [200, "ready\n"], [last_response.status, last_response.body]
  end

  def test_it_is_not_ready_without_its_database_or_with_an_older_one
    gone = Sequel.connect(ENV.fetch("DATABASE_URL").sub(%r{/[^/]+\z}, "/nowhere_at_all"), test: false)
    watched = Server::Middleware::Watched.new(->(_) { flunk }, gone, nil)

    assert_equal 503, watched.call("PATH_INFO" => "/ready").first
    assert_equal 200, watched.call("PATH_INFO" => "/health").first
    DATABASE[:schema_info].update(version: 3)
    get "/ready"

    assert_equal [503, "the database is to be migrated\n"], [last_response.status, last_response.body]
  end

  def test_strangers_are_told_nothing_of_what_was_counted
    get "/metrics"

    assert_equal 404, last_response.status
    refute_includes metrics("another"), "deck_bough"
    closed = STACK.call(Rack::MockRequest.env_for("/metrics", "HTTP_AUTHORIZATION" => "Bearer "))

    assert_equal 404, closed.first
  end

  def test_requests_are_counted_by_route_and_answer
    sign_in
    route = 'route="GET /api/homes/:id"'
    before = %w[200 404].map { |status| counted("deck_bough_requests_total{#{route},status=\"#{status}\"}") }
    ask(:get, "/api/homes/#{homes.first['id']}")
    ask(:get, "/api/homes/not-an-id", status: 404)
    told = metrics

    assert_equal(before.map { |count| count + 1 },
                 %w[200 404].map do |status|
                   counted("deck_bough_requests_total{#{route},status=\"#{status}\"}", told)
                 end)
    assert_operator counted("deck_bough_request_seconds_count{#{route}}", told), :>=, 2
    assert_operator counted("deck_bough_database_connections", told), :>=, 1
    refute_match(/\h{8}-\h{4}/, told, "ids are no routes")
  end

  def test_plans_are_counted_by_kind_and_acts_by_how_long_they_waited
    sign_in
    name = 'deck_bough_plan_seconds_count{kind="tree"}'
    before = counted(name)
    ask(:post, "/api/pieces/#{quay_tree['id']}/plan", {})

    assert_equal before + 1, counted(name)
    visit = DATABASE[:visits].where(held_on: "2026-11-28").get(:id)
    act = { key: SecureRandom.uuid, kind: "laid_out", turn: "kit:gloves", at: (TODAY - 100).iso8601 }
    ask(:post, "/api/visits/#{visit}/acts", { acts: [act] })

    assert_in_delta(100.0, counted("deck_bough_act_waited_seconds_sum"))
  end
end

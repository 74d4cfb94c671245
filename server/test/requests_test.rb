# frozen_string_literal: true

require_relative "server_test"
require_relative "request_maker"

# Requests of every kind, made from the contract: none is answered by a fault of ours, and every refusal says what is
# wrong. REQUESTS_TRIED and REQUESTS_SEED choose how many and which.
class RequestsTest < ServerTest
  TRIED = Integer(ENV.fetch("REQUESTS_TRIED", "2500"))
  SEED = Integer(ENV.fetch("REQUESTS_SEED", "1"))
  # In one transaction: what each of them locked is let go with the last, and PostgreSQL has room for some 12,000.
  AT_ONCE = 2500
  # A refusal is a small answer whatever was sent.
  LARGEST_REFUSAL = 60_000

  def setup
    sign_in
    enter
  end

  def enter
    _, headers, = STACK.call(env_of("REQUEST_METHOD" => "POST", "PATH_INFO" => "/api/login",
                                    "CONTENT_TYPE" => "application/json", "rack.input" => StringIO.new(
                                      said = JSON.generate(email: OWNER, password: Server::DemoStudio::PASSWORD)
                                    ),
                                    "CONTENT_LENGTH" => said.bytesize.to_s))
    @cookie = headers["set-cookie"].to_s[/deck_bough=[^;"]+/] || @cookie
  end

  def env_of(request)
    { "SERVER_NAME" => "localhost", "SERVER_PORT" => "80", "SCRIPT_NAME" => "", "HTTP_HOST" => "localhost",
      "REMOTE_ADDR" => "127.0.0.1",
      "rack.url_scheme" => "http", "rack.errors" => StringIO.new, "HTTP_ACCEPT" => "application/json",
      "HTTP_COOKIE" => @cookie.to_s }.merge(request)
  end

  def ids
    { "homes" => DATABASE[:homes].select_map(:id), "rooms" => DATABASE[:rooms].select_map(:id),
      "pieces" => DATABASE[:pieces].select_map(:id) * 3,
      "styles" => DATABASE[:styles].select_map(:id).first(20), "variants" => DATABASE[:piece_variants].select_map(:id),
      "people" => %w[1 2 99999999999999999],
      "acts" => [SecureRandom.uuid], "keys" => %w[tree.tip_gap minutes.tuck picks.per_m2_lush no.such_rule] }
  end

  def answer(request)
    status, headers, body = STACK.call(env_of(request.except("asked")))
    text = +""
    body.each { |part| text << part }
    body.close if body.respond_to?(:close)
    [status, headers, text]
  end

  TRIED.fdiv(AT_ONCE).ceil.times do |batch|
    define_method(:"test_none_is_a_fault_of_ours_and_every_refusal_says_why_#{batch + 1}") do
      number = [AT_ONCE, TRIED - (batch * AT_ONCE)].min
      statuses = asked(RequestMaker.new(CONTRACT, ids, seed: SEED + batch), number)

      # Enough of them got through to have proven something.
      assert_operator statuses.count { |status| status < 300 }, :>, number / 12, statuses.tally.inspect
    end
  end

  def asked(maker, number)
    Array.new(number) do |i|
      request = maker.env
      status, headers, text = DATABASE.transaction(savepoint: true, rollback: :always) { answer(request) }

      judge("#{i} #{request['asked']}", request["REQUEST_METHOD"], status, headers, text)
      enter if status == 401
      status
    end
  end

  def judge(asked, verb, status, headers, text)
    assert_operator status, :<, 500, "#{asked}\n#{text[0, 500]}"
    return if status < 400

    assert_equal "application/problem+json", headers["content-type"].to_s, "#{asked} #{status}"
    assert_includes headers["content-security-policy"].to_s, "default-src 'none'", asked
    assert_operator text.bytesize, :<, LARGEST_REFUSAL, asked
    return if verb == "HEAD"

    told = JSON.parse(text)

    assert_equal status, told["status"], asked
    refute_empty told["detail"].to_s, asked
  end
end

# frozen_string_literal: true

require "minitest/autorun"
require "rack/test"
require_relative "../boot"

# Requests against the whole stack and a real PostgreSQL (DATABASE_URL, a database of the tests' own). Every test runs
# in a transaction that is rolled back; every answer is checked against the contract.
class ServerTest < Minitest::Test
  include Rack::Test::Methods
  include DeckBough

  DATABASE = Server::Connection.open(ENV.fetch("DATABASE_URL"))
  Server::Connection.migrate(DATABASE)
  SemanticLogger.default_level = :fatal
  TODAY = Time.utc(2026, 11, 19, 9, 0)
  WEB = File.join(__dir__, "pages")
  CONFIGURATION = Server::Configuration.new(database_url: ENV.fetch("DATABASE_URL"), session_secret: "s" * 96,
                                            web_folder: WEB, log_to: "stdout",
                                            password_cost: 4, sign_ins_per_minute: 20)
  STACK = Server::Stack.build(database: DATABASE, configuration: CONFIGURATION, clock: -> { TODAY })
  CONTRACT = Server::Contract.new

  OWNER = "ottoline@wick-fennel.example"
  ASSISTANT = "bram@wick-fennel.example"

  # The demo is put in once; what a test does to it is rolled back.
  def run(*)
    ServerTest.seeded
    ServerTest.tidy
    DATABASE.transaction(rollback: :always, savepoint: true, auto_savepoint: true) { super }
  end

  # @return [String] the demo studio's id
  def self.seeded
    DATABASE[:studios].where(name: "Wick & Fennel").get(:id) || seed
  end

  # So much is rolled back that what lies dead outweighs what lives; the database is told what there really is.
  TIDIED_EVERY = 10

  def self.tidy
    @run = @run.to_i + 1
    DATABASE.run("vacuum (analyze)") if (@run % TIDIED_EVERY) == 1
  end

  def self.seed
    Server::DemoStudio.new(DATABASE, password_cost: 4).seed
  end

  # An installation nobody has founded yet.
  def empty_installation
    DATABASE.run("truncate studios cascade")
  end

  # Then homes say themselves when they are dressed and taken down.
  def without_visits
    DATABASE[:visits].update(deleted_at: Time.now)
  end

  def app
    STACK
  end

  # @return [Object] the parsed answer; the answer itself is in last_response
  def ask(verb, path, body = nil, status: 200)
    path, question = path.split("?", 2)
    headers = { "CONTENT_TYPE" => "application/json", "HTTP_ACCEPT" => "application/json",
                "QUERY_STRING" => question.to_s }
    custom_request(verb.to_s.upcase, path, body && JSON.generate(body), headers)

    assert_equal status, last_response.status, last_response.body[0, 800]
    keeps_contract
    last_response.body.empty? ? nil : JSON.parse(last_response.body)
  end

  # What was found right once is right again.
  RIGHT = Set.new

  def keeps_contract
    return unless last_request.path.start_with?("/api/") && RIGHT.add?(answered_to_what)
    return unless CONTRACT.definition.request(last_request).known?

    checked = CONTRACT.definition.validate_response(last_request, last_response)

    assert_nil checked.error&.exception_message,
               "#{last_request.request_method} #{last_request.path} answers what the contract does not allow"
  end

  def answered_to_what
    Digest::SHA256.digest([last_request.request_method, last_request.path, last_response.status,
                           last_response.headers["content-type"], last_response.body].join("\n"))
  end

  def demo
    @demo ||= ServerTest.seeded
  end

  def sign_in(email = OWNER, password = Server::DemoStudio::PASSWORD)
    demo
    ask(:post, "/api/login", { email: email, password: password })
  end

  # Another person with a browser of their own.
  def as(email)
    mine = @_rack_test_current_session || current_session
    with_session(email) do
      sign_in(email) unless (@signed ||= {})[email]
      @signed[email] = true
      yield
    end
  ensure
    @_rack_test_current_session = mine
  end

  def homes
    ask(:get, "/api/homes")["items"]
  end

  def home_named(name)
    ask(:get, "/api/homes/#{homes.find { |home| home['name'] == name }['id']}")
  end

  def quay_tree
    piece = home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }.first
    ask(:get, "/api/pieces/#{piece['id']}")
  end

  # A studio of someone else in the same database, with one home.
  def stranger
    @stranger ||= begin
      studio = DATABASE[:studios].returning(:id).insert(name: "Elsewhere").first[:id]
      Server::Store::Person.add(DATABASE, studio, name: "Else Where", email: "else@elsewhere.example",
                                                  password: "another-word-1", role: "owner",
                                                  cost: 4)
      studio
    end
  end

  # Another body for a method while a block runs.
  def with_method(owner, name, body)
    private = owner.private_method_defined?(name, false)
    own = owner.instance_method(name) if private || owner.method_defined?(name, false)
    owner.send(:remove_method, name) if own
    owner.define_method(name, &body)
    yield
  ensure
    owner.send(:remove_method, name)
    owner.define_method(name, own) if own
    owner.send(:private, name) if private
  end

  def pointers(answer)
    answer["errors"].map { |error| error["pointer"] }
  end
end

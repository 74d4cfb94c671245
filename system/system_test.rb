# frozen_string_literal: true

require "minitest/autorun"
require "capybara/minitest"
require "capybara/cuprite"
require_relative "../server/boot"
require_relative "../server/test/demo_copy"
require_relative "one_browser"

# The real interface in headless Chromium, by what a person sees: the whole stack on a database of the tests' own, the
# front end as built, and nothing stubbed.
class SystemTest < Minitest::Test
  include Capybara::DSL
  include Capybara::Minitest::Assertions
  include DeckBough
  prepend OneBrowser

  DATABASE = Server::Connection.open(ENV.fetch("DATABASE_URL"))
  Server::Connection.migrate(DATABASE)
  DEMO = DemoCopy.new(DATABASE)
  SemanticLogger.default_level = :error
  SemanticLogger.add_appender(io: $stderr)
  TODAY = Time.utc(2026, 11, 19, 9, 0)
  CONFIGURATION = Server::Configuration.new(database_url: ENV.fetch("DATABASE_URL"), session_secret: "s" * 96,
                                            log_to: "stdout",
                                            web_folder: File.join(Server::ROOT, "web", "dist"), password_cost: 4,
                                            sign_ins_per_minute: 10_000)
  DESK = [1280, 800].freeze
  PHONE = [390, 844].freeze
  OWNER = "ottoline@wick-fennel.example"
  ASSISTANT = "bram@wick-fennel.example"
  BROWSER = { "no-sandbox" => nil, "disable-gpu" => nil, "disable-gpu-compositing" => nil,
              "num-raster-threads" => "1", "disable-quic" => nil,
              "no-first-run" => nil, "disable-background-networking" => nil,
              "disable-component-update" => nil, "disable-sync" => nil, "force-prefers-reduced-motion" => nil }.freeze

  # What Ruby's memory is handed out by is not for a browser, which has its own.
  ENV.delete("LD_PRELOAD")

  # Seconds that a busy machine may take; a free one takes a hundredth.
  PATIENCE = 60

  # The one in which the application installs itself is for journeys without network; see #installed_browser.
  { chromium: [File.join(__dir__, "without_service_worker.js")], installed: [] }.each do |name, scripts|
    Capybara.register_driver(name) do |app|
      Capybara::Cuprite::Driver.new(app, browser_path: "/usr/bin/chromium-headless-shell", window_size: DESK,
                                         process_timeout: PATIENCE, timeout: PATIENCE, protocol_timeout: PATIENCE,
                                         js_errors: true, browser_options: BROWSER.dup, extensions: scripts.dup)
    end
  end
  Capybara.app = Server::Stack.build(database: DATABASE, configuration: CONFIGURATION, clock: -> { TODAY })
  Capybara.server = :puma, { Silent: true, Threads: "1:6" }
  Capybara.default_driver = :chromium
  Capybara.default_max_wait_time = 30
  Capybara.default_retry_interval = 0.1
  Capybara.enable_aria_label = true
  Capybara.enable_aria_role = true
  # A checkbox is drawn; its own box is transparent. People press the label.
  Capybara.automatic_label_click = true

  # A browser that was made narrow stays so for whoever comes next; every journey begins at the desk.
  def setup
    at_a_desk
    DEMO.clear
    DEMO.lay if demo?
  end

  def demo?
    true
  end

  # Nobody asks what the driver would be told of every style sheet, and telling it takes the browser's time.
  def at_a_desk
    page.driver.resize(*DESK)
    page.driver.browser.page.command("CSS.disable")
  end

  # The way in that a person takes, by email and password, as far as the season desk.
  def sign_in(email = OWNER)
    visit "/sign-in"
    fill_in "Email", with: email
    fill_in "Password", with: Server::DemoStudio::PASSWORD
    click_button "Sign in"

    assert_text "Tidewaiter's House"
  end

  # From here on in a browser that keeps the application and what it last saw.
  def installed_browser
    Capybara.current_driver = :installed
    page.driver.resize(*DESK)
  end

  # Signed in already, for journeys that begin at the season desk.
  def at_the_desk(email = OWNER)
    enter(email)
    visit "/"

    assert_text "Tidewaiter's House"
  end

  # Signed in already, for journeys that begin elsewhere.
  def enter(email = OWNER)
    asked = { email: email, password: Server::DemoStudio::PASSWORD }.to_json
    answered = Rack::MockRequest.new(Capybara.app).post("/api/login", input: asked,
                                                                      "CONTENT_TYPE" => "application/json")

    assert_equal 200, answered.status
    Array(answered["set-cookie"]).flat_map { |all| all.split("\n") }.each do |cookie|
      name, value = cookie.split(";").first.split("=", 2)
      page.driver.set_cookie(name, value, domain: Capybara.server_host, httponly: true)
    end
  end

  # As a link inside the application does, without loading it anew, with what it brings along.
  def follow(path, **brought)
    page.execute_script("history.pushState({ usr: arguments[1], idx: (history.state?.idx ?? 0) + 1 }, '', " \
                        "arguments[0]); " \
                        "dispatchEvent(new PopStateEvent('popstate', { state: history.state }))", path, brought)
  end

  def open_tree(name = "Quay window tree")
    visit "/pieces/#{piece_id(name)}"

    assert_text "What it takes"
  end

  # Asked for at the room's own button: the rooms of a home are built one after another.
  def add_piece(room)
    within("section[aria-label='#{room}']") { click_button "Add a piece" }
  end

  def piece_id(name)
    DATABASE[:pieces].where(name: name).get(:id)
  end

  # What comes in meanwhile may move the row of steps from under the hand; then one presses again.
  def step(name)
    chosen = "[role=tab][aria-selected=true]"
    find("[role=tab]", text: name).click
    find("[role=tab]", text: name).click unless has_selector?(chosen, text: name, wait: 5)

    assert_selector chosen, text: name
  end

  # A figure by its label: what its button says.
  def figure(label)
    find("button[aria-label^='#{label}:']")["aria-label"].delete_prefix("#{label}: ")
                                                         .delete_suffix(". Open the working").strip
  end

  def assert_figure(label, wanted)
    assert_selector "button[aria-label^='#{label}: #{wanted}']"
  end

  # What the drawing shows just now; foliage is painted after its figures are there.
  def canvas
    page.evaluate_script("document.querySelector('canvas').toDataURL()")
  end

  def assert_redrawn(before)
    eventually("The drawing stayed as it was.") { canvas != before }
  end

  # What no sentence on the page tells, as soon as it holds.
  def eventually(otherwise)
    page.document.synchronize(PATIENCE, errors: [Capybara::ExpectationNotMet]) do
      yield or raise Capybara::ExpectationNotMet, otherwise
    end

    pass
  end

  # Until nothing is on its way any more. A request that a page took with it when it went is never told as ended.
  #
  # @return [Boolean] whether that was seen
  def at_rest?
    page.driver.wait_for_network_idle(timeout: 5)
  end

  # A list opens by its keys, whatever moves under a pointer meanwhile.
  def open_list(shown)
    at_rest?
    first("[role=combobox]", text: shown).send_keys(:down)
    page.document.assert_selector "[role=listbox]"
  end

  # A length is read when its field is left.
  def type_length(label, text)
    field = find_field(label)
    field.set(text)
    field.send_keys(:tab)
  end

  # Asked once, and told for how long it can be found again.
  def confirm_delete(name)
    within("[role=dialog]", text: "Delete #{name}?") do
      assert_text "30 days"
      click_button "Delete"
    end
  end

  def press(*keys)
    page.driver.browser.keyboard.type(*keys)
  end

  def asked
    page.driver.network_traffic.count { |exchange| exchange.request&.url.to_s.include?("/api/") }
  end
end

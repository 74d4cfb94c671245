# frozen_string_literal: true

require "tmpdir"
require "vips"

# The main views as they are shown in the documentation, each by the way a person takes to it.
class ShownViews
  DESK = [1280, 800].freeze
  PHONE = [390, 844].freeze
  BROWSER = { "no-sandbox" => nil, "disable-gpu" => nil, "disable-quic" => nil, "no-first-run" => nil,
              "disable-background-networking" => nil,
              "disable-component-update" => nil, "disable-sync" => nil, "force-prefers-reduced-motion" => nil,
              "hide-scrollbars" => nil }.freeze

  VIEWS = {
    "season-desk" => [DESK, lambda(&:sign_in)],
    "home-in-season" => [DESK, ->(at) { at.home("Tidewaiter's House") }],
    "proposal" => [[1280, 1000], ->(at) { at.proposal("Number Nine, Ropewalk") }],
    "client-page" => [[1280, 1000], ->(at) { at.client_page("Number Nine, Ropewalk") }],
    "season-end" => [DESK, ->(at) { at.season_end("Tidewaiter's House") }],
    "survey" => [DESK, ->(at) { at.room("Tidewaiter's House", "Long room") }],
    "tree-bench-day" => [DESK, ->(at) { at.tree("Tidewaiter's House", "Quay window tree") }],
    "tree-bench-phone" => [PHONE, ->(at) { at.tree("Number Nine, Ropewalk", "Alcove tree") }],
    "hanging-map" => [DESK, ->(at) { at.tree("Tidewaiter's House", "Quay window tree").map }],
    "cut-plan" => [DESK, ->(at) { at.tree("Tidewaiter's House", "Quay window tree").choose("Cut plan", "From stock") }],
    "days" => [DESK, lambda(&:days)],
    "run-sheet-phone" => [PHONE, lambda(&:run_sheet)],
    "strike-phone" => [PHONE, lambda(&:strike)],
    "room-view" => [DESK, ->(at) { at.whole_room("Number Nine, Ropewalk", "Front room") }],
    "buying" => [DESK, lambda(&:buying)],
    "run-bench-day" => [DESK, ->(at) { at.run("Number Nine, Ropewalk", "Mantel greens").step("Rise and trail") }],
    "grouping-bench" => [DESK, ->(at) { at.tree("Number Nine, Ropewalk", "Counter by the window").step("Fill") }],
    "table-bench-dusk" => [DESK, ->(at) { at.tree("Number Nine, Ropewalk", "Table for eight").press("n") }],
    "wreath-bench-day" => [DESK, ->(at) { at.tree("Tidewaiter's House", "Door wreath") }],
    "wall-bench-day" => [DESK, ->(at) { at.tree("Tidewaiter's House", "Cabinet wreaths") }],
    "working" => [DESK, ->(at) { at.tree("Number Nine, Ropewalk", "Alcove tree").open_figure("On the tree") }],
    "stockroom" => [DESK, lambda(&:stockroom)],
    "look-board" => [DESK, ->(at) { at.look("Orchard frost") }],
    "boxes" => [DESK, lambda(&:boxes)],
    "constants" => [DESK, lambda(&:house_rules)],
    "lessons" => [DESK, lambda(&:lessons)],
    "shelves" => [DESK, ->(at) { at.tree("Tidewaiter's House", "Book shelves").step("Colours") }],
    "swaps" => [DESK, ->(at) { at.tree("The Signal Loft", "Sofa and pictures") }],
    "stockings" => [DESK, ->(at) { at.tree("Number Nine, Ropewalk", "Stockings on a batten") }],
    "drinks" => [DESK, ->(at) { at.tree("The Signal Loft", "Drink corner") }]
  }.freeze
  # Views that share a picture: two or three beside each other.
  SHARED = { "on-a-phone" => %w[tree-bench-phone run-sheet-phone strike-phone],
             "table-benches" => %w[grouping-bench table-bench-dusk],
             "proposals" => %w[client-page proposal], "stock" => %w[stockroom boxes],
             "home" => %w[home-in-season season-end], "house-rules" => %w[constants lessons],
             "wreath-benches" => %w[wreath-bench-day wall-bench-day],
             "small-benches" => %w[shelves swaps stockings drinks] }.freeze
  BETWEEN = 16

  def initialize(address, folder)
    @address = address
    @folder = folder
    Capybara.register_driver(:pictures) do |app|
      Capybara::Cuprite::Driver.new(app,
                                    browser_path: "/usr/bin/chromium-headless-shell",
                                    window_size: DESK, process_timeout: 30,
                                    timeout: 20, browser_options: BROWSER.dup)
    end
    Capybara.default_max_wait_time = 10
  end

  # @param names [Array<String>] which; all when empty
  def take(names)
    pictures.each do |name, views|
      next unless names.empty? || names.include?(name)

      views.size == 1 ? shoot(views.first, place(name)) : join(views, place(name))
      puts "docs/screenshots/#{name}.png"
    end
  end

  # @return [Hash{String => Array<String>}] the views of each picture
  def pictures
    VIEWS.except(*SHARED.values.flatten).keys.to_h { |name| [name, [name]] }.merge(SHARED)
  end

  def place(name)
    File.join(@folder, "#{name}.png")
  end

  def shoot(name, place)
    size, way = VIEWS.fetch(name)
    open_browser
    @browser.driver.resize(*size)
    way.call(self)
    @browser.driver.wait_for_network_idle
    @browser.save_screenshot(place)
    # What was dialled for one picture, such as dusk, is none of the next.
    @browser.execute_script("localStorage.clear()")
  end

  def join(names, place)
    Dir.mktmpdir do |folder|
      taken = names.map { |name| File.join(folder, "#{name}.png").tap { |file| shoot(name, file) } }
      images = taken.map { |file| Vips::Image.new_from_file(file) }
      Vips::Image.arrayjoin(images, across: names.size.odd? ? names.size : 2, shim: BETWEEN,
                                    background: [255]).write_to_file(place)
    end
  end

  # Once: as often as there are pictures nobody may sign in.
  def open_browser
    return if @browser

    @browser = Capybara::Session.new(:pictures)
  end

  def sign_in
    open_browser
    @browser.visit(@address)
    unless @signed_in
      @browser.fill_in("Email", with: "ottoline@wick-fennel.example")
      @browser.fill_in("Password", with: "marrow-quay-2026")
      @browser.click_button("Sign in")
    end
    @browser.assert_text("Tidewaiter's House")
    @signed_in = true
  end

  def home(name)
    sign_in
    @browser.click_link(name, match: :first)
    @browser.assert_text("Measure a room")
  end

  def season_end(name)
    home(name)
    @browser.find("button[aria-label='More for this home']").click
    @browser.find("[role=menuitem]", text: "Season’s end").click
    @browser.assert_text("Into which boxes")
  end

  def proposal(name)
    home(name)
    @browser.find("button[aria-label='More for this home']").click
    @browser.find("[role=menuitem]", text: "Proposal for the client").click
    @browser.assert_text("What was said")
    @browser
  end

  def client_page(name)
    proposal(name)
    @browser.visit(@browser.find("a[href*='/proposals/']")[:href])
    @browser.assert_text("The rooms")
  end

  def room(home, name)
    home(home)
    @browser.find("section[aria-label='#{name}'] h2 a").click
    @browser.assert_text("Best size for each place")
  end

  def whole_room(home, name)
    room(home, name)
    @browser.click_link("Room view")
    @browser.assert_text("What would quiet it")
    # Each piece by its own bench's drawing.
    @browser.assert_selector("canvas", count: 2)
  end

  def days
    sign_in
    @browser.visit("#{@address}/days")
    @browser.assert_text("When it ends")
    @browser.first("button[aria-label*='Ribbon, 25']").click
    @browser.assert_selector("section[aria-label='Chosen step']")
  end

  # In the middle of hanging a tree; what was hung for an earlier picture hangs still.
  def run_sheet
    sign_in
    @browser.visit("#{@address}/days")
    @browser.within("section[aria-label='Mon 30 Nov']") { @browser.all("a", text: "Run sheet", minimum: 2).last.click }
    @browser.click_button("All steps")
    @browser.find("button", text: "Ornaments, 100").click
    all = "All 10 that are left are up"
    @browser.click_button(all) if @browser.has_button?(all, wait: 2)
    @browser.assert_text("Slate glass")
    6.times { @browser.click_button("It is up") } if @browser.has_text?("1 of 12", wait: 2)
    @browser.assert_no_text("kept on this phone")
  end

  # The same tree comes down.
  def strike
    sign_in
    @browser.visit("#{@address}/days")
    @browser.assert_selector("section[aria-label='Tue 5 Jan']", wait: 20)
    @browser.within("section[aria-label='Tue 5 Jan']") { @browser.click_link("Run sheet") }
    @browser.assert_text("Boxes, empty or nearly so")
    @browser.click_button("All steps")
    @browser.assert_text("On paper")
    @browser.first("button", text: "Ornaments off", minimum: 1).click
    @browser.assert_text("into box")
  end

  def buying
    sign_in
    @browser.visit("#{@address}/buying")
    @browser.assert_text("This week’s round")
    @browser.assert_text("On trial")
  end

  def tree(home, name)
    home(home)
    @browser.click_link(name)
    @browser.assert_text("What it takes")
    self
  end

  # A run is open when its anchors are told, or, laid without any, its lines.
  def run(home, name)
    tree(home, name)
    @browser.assert_text(" run · ")
    self
  end

  def step(name)
    @browser.find("[role=tab]", text: name).click
    self
  end

  def map
    @browser.click_link("Map")
    @browser.assert_text("It is up")
    self
  end

  def choose(entry, text)
    @browser.find("button[aria-label='More for this tree']").click
    @browser.find("[role=menuitem]", text: entry).click
    text == "What each takes" ? @browser.assert_selector("[aria-label='What each takes']") : @browser.assert_text(text)
    self
  end

  def press(key)
    @browser.driver.browser.keyboard.type(key)
    self
  end

  def open_figure(label)
    @browser.find("button[aria-label^='#{label}:']").click
    @browser.assert_text("House rules behind it")
  end

  def stockroom
    sign_in
    @browser.click_link("Stock")
    @browser.assert_text("things")
    @browser.find_field("Search the stockroom").fill_in(with: "quince")
    @browser.assert_text("things found")
    @browser.find("[role=option]", text: "Quince ball").click
    @browser.assert_text("with Corin Aske since")
  end

  def look(name)
    sign_in
    @browser.click_link("Stock")
    @browser.click_link("Looks")
    @browser.find("a", text: name).click
    @browser.assert_text("Greens it goes with")
  end

  def boxes
    sign_in
    @browser.click_link("Stock")
    @browser.click_link("Boxes")
    @browser.assert_text("Strings of lights")
  end

  def house_rules
    sign_in
    @browser.click_link("House rules")
    @browser.assert_text("On a sample tree")
  end

  def lessons
    house_rules
    @browser.click_link("What the log teaches")
    @browser.assert_text("Every plan not yet begun")
  end
end

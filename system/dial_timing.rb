# frozen_string_literal: true

# Turns the number of ornaments of a tree up, so that every turn asks for a map nobody has asked for, and measures, in
# the page, from the input to the frame that shows the new ledger and to the one that shows the finished drawing.
class DialTiming
  BROWSER = { "no-sandbox" => nil, "disable-gpu" => nil, "disable-quic" => nil, "no-first-run" => nil,
              "disable-background-networking" => nil,
              "disable-component-update" => nil, "disable-sync" => nil }.freeze
  TURNS = 24
  # Both from the dial's event to the frame that shows its effect: the ledger by its minutes, the drawing by its text
  # equivalent, which tells how many ornaments hang.
  MEASURE = <<~JS
    const done = arguments[arguments.length - 1];
    const stage = document.querySelector("[role=img][aria-label*='ornaments']");
    const ledger = document.querySelector("[aria-label='Ledger']");
    const hung = () => stage.getAttribute("aria-label").match(/(\\d+) ornaments/)[1];
    const before = { ledger: ledger.textContent, hung: hung() };
    const told = {};
    // A message posted in a frame comes when that frame is painted; another frame would be waited for in vain.
    const painted = (then) => requestAnimationFrame(() => {
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = then;
      port2.postMessage(null);
    });
    const shown = (name) => painted(() => {
      told[name] = performance.now() - begun;
      if (told.ledger && told.drawing) { observer.disconnect(); done(told); }
    });
    const seen = {};
    const observer = new MutationObserver(() => {
      if (!seen.ledger && ledger.textContent !== before.ledger) { seen.ledger = true; shown("ledger"); }
      if (!seen.drawing && hung() !== before.hung) { seen.drawing = true; shown("drawing"); }
    });
    const watched = { subtree: true, childList: true, characterData: true, attributes: true };
    observer.observe(document.body, { ...watched, attributeFilter: ["aria-label"] });
    const more = document.querySelector("button[aria-label='Own number: more']");
    const begun = performance.now();
    more.click();
  JS

  def initialize(address)
    @address = address
    Capybara.register_driver(:dial) do |app|
      Capybara::Cuprite::Driver.new(app, browser_path: "/usr/bin/chromium-headless-shell", window_size: [1280, 800],
                                         process_timeout: 30, timeout: 30,
                                         browser_options: BROWSER.dup)
    end
  end

  # @return [Hash{Symbol => Array<Float>}] ledger and drawing, seconds
  def measured
    browser = Capybara::Session.new(:dial)
    open_tree(browser)
    told = Array.new(TURNS) { browser.evaluate_async_script(MEASURE) }
    measured = { ledger: told.map { |one| one["ledger"] / 1000.0 },
                 drawing: told.map { |one| one["drawing"] / 1000.0 } }
    browser.find("button[aria-label='Undo']").click
    browser.driver.wait_for_network_idle
    measured
  ensure
    browser&.quit
  end

  private

  def open_tree(browser)
    browser.visit("#{@address}/sign-in")
    browser.fill_in("Email", with: "ottoline@wick-fennel.example")
    browser.fill_in("Password", with: "marrow-quay-2026")
    browser.click_button("Sign in")
    browser.click_link("Tidewaiter's House", match: :first, wait: 15)
    browser.click_link("Quay window tree", wait: 15)
    browser.assert_text("What it takes", wait: 15)
    browser.click_button("own")
    browser.assert_selector("button[aria-label='Own number: more']")
    browser.driver.wait_for_network_idle
  end
end

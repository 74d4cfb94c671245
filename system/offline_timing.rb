# frozen_string_literal: true

require "capybara"
require "capybara/cuprite"
require_relative "cut_line"

# Opens a visit that the browser has seen before with the line cut, and measures from the address to the first thing to
# be done.
class OfflineTiming
  BROWSER = { "no-sandbox" => nil, "disable-gpu" => nil, "disable-quic" => nil, "no-first-run" => nil,
              "disable-background-networking" => nil,
              "disable-component-update" => nil, "disable-sync" => nil }.freeze
  TIMES = 7

  def initialize(address)
    @line = CutLine.new(address.port)
    @here = "http://127.0.0.1:#{@line.port}"
    Capybara.register_driver(:offline) do |app|
      Capybara::Cuprite::Driver.new(app, browser_path: "/usr/bin/chromium-headless-shell", window_size: [390, 844],
                                         process_timeout: 30, timeout: 30, browser_options: BROWSER.dup)
    end
    Capybara.default_max_wait_time = 20
  end

  # @return [Array<Float>] seconds
  def measured
    browser = Capybara::Session.new(:offline)
    visit = seen(browser)
    times = nil
    @line.cut { times = Array.new(TIMES) { opened(browser, visit) } }
    times
  ensure
    browser&.quit
    @line.close
  end

  private

  def seen(browser)
    browser.visit("#{@here}/sign-in")
    browser.fill_in("Email", with: "ottoline@wick-fennel.example")
    browser.fill_in("Password", with: "marrow-quay-2026")
    browser.click_button("Sign in")
    browser.assert_text("Tidewaiter's House")
    browser.visit("#{@here}/days")
    visit = "#{@here}#{URI(browser.first('a', text: 'Run sheet')[:href]).path}"
    browser.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    2.times { shown(browser, visit) }
    visit
  end

  def opened(browser, visit)
    browser.visit("about:blank")
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    shown(browser, visit)
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
  end

  def shown(browser, visit)
    browser.visit(visit)
    browser.assert_text("in the car")
  end
end

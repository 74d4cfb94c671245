# frozen_string_literal: true

require "tmpdir"
require_relative "system_test"
require_relative "label_film"

# A label as it is printed, held before the camera of a telephone: it opens the page of its box.
class CameraTest < SystemTest
  FOLDER = Dir.mktmpdir("deck-bough-label")
  FILM = File.join(FOLDER, "label.y4m")
  Minitest.after_run { FileUtils.remove_entry(FOLDER) }

  Capybara.register_driver(:camera) do |app|
    seeing = { "use-fake-ui-for-media-stream" => nil, "use-fake-device-for-media-stream" => nil,
               "use-file-for-fake-video-capture" => FILM }
    Capybara::Cuprite::Driver.new(app, browser_path: "/usr/bin/chromium-headless-shell", window_size: [390, 844],
                                       process_timeout: PATIENCE, timeout: PATIENCE, js_errors: true,
                                       browser_options: BROWSER.merge(seeing))
  end

  def setup
    super
    Capybara.current_driver = :camera
  end

  def print_label(number)
    box = DATABASE[:boxes].where(number: number).first
    label = { **box.slice(:number, :name, :place), address: "http://127.0.0.1:#{page.server.port}/boxes/#{number}" }
    LabelFilm.new(Server::Exchange::BoxLabelsPdf.new([label], studio: "Wick & Fennel").render).save(FILM)
  end

  def test_a_printed_label_opens_its_box
    enter
    print_label(13)
    visit "/boxes"
    click_button "Open by its label"
    click_button "Use the camera"

    assert_text "keepsake of Corin Aske"
    assert_current_path "/boxes/13"
  end
end

# frozen_string_literal: true

require "tmpdir"
require_relative "../server/test/sent_picture"
require_relative "system_test"

# Photographs as a person takes them: of a thing and of what lies in a box; looked at, put first, taken away.
class PhotographsTest < SystemTest
  def setup
    super
    enter
    @folder = Dir.mktmpdir
  end

  def teardown
    super
    FileUtils.remove_entry(@folder)
  end

  def picture(name, bytes)
    File.join(@folder, name).tap { |path| File.binwrite(path, bytes) }
  end

  def plain(name, colour)
    picture(name, SentPicture.plain(640, 480, colour))
  end

  def add(thing, *paths)
    attach_file("Choose photographs of #{thing}", paths, make_visible: true)
  end

  # The middle of a picture on the screen, as it is really shown.
  def shown(selector)
    page.evaluate_async_script(<<~SCRIPT, selector)
      const [selector, done] = arguments;
      const look = () => {
        const picture = document.querySelector(selector);
        if (!picture || !picture.complete || !picture.naturalWidth) { requestAnimationFrame(look); return; }
        const canvas = document.createElement("canvas");
        canvas.width = canvas.height = 1;
        const context = canvas.getContext("2d");
        context.drawImage(picture, picture.naturalWidth / 2, picture.naturalHeight / 2, 1, 1, 0, 0, 1, 1);
        done([...context.getImageData(0, 0, 1, 1).data].slice(0, 3));
      };
      look();
    SCRIPT
  end

  def assert_colour(wanted, seen)
    wanted.zip(seen) { |one, other| assert_in_delta one, other, 6 }
  end

  def open_thing(name)
    visit "/stock"
    fill_in "Search the stockroom", with: name

    assert_selector "h2", text: name
  end

  def test_a_thing_is_shown_as_it_was_photographed
    open_thing("Plum velvet, 8 cm")
    add("Plum velvet, 8 cm", plain("one.png", [200, 150, 20]), plain("two.png", [20, 60, 200]))

    assert_selector "[aria-label='Photograph 2 of 2']"
    assert_colour [200, 150, 20], shown("[role=option] img")
    find("[aria-label='Photograph 2 of 2']").click

    assert_text "2 of 2"
    assert_colour [20, 60, 200], shown("img[alt='Photograph 2 of Plum velvet, 8 cm']")
    click_button "Show this one first"

    assert_text "It stands for it from now on."
    assert_text "1 of 2"
    find("[role=dialog]").send_keys(:right)

    assert_selector "img[alt='Photograph 2 of Plum velvet, 8 cm']"
    click_button "Close the photograph"

    assert_no_selector "[role=dialog]"
    visit "/stock"
    fill_in "Search the stockroom", with: "Plum velvet, 8 cm"

    assert_selector "[aria-label='Photograph 2 of 2']"
    assert_colour [20, 60, 200], shown("[role=option] img")
  end

  def test_one_taken_away_is_brought_back
    open_thing("Plum velvet, 8 cm")
    add("Plum velvet, 8 cm", plain("one.png", [200, 150, 20]))
    find("[aria-label='Photograph 1 of 1']").click
    click_button "Take it away"

    assert_text "The photograph was taken away."
    assert_no_selector "[aria-label='Photograph 1 of 1']"
    assert_no_selector "[role=option] img"
    click_button "Bring it back"

    assert_selector "[aria-label='Photograph 1 of 1']"
  end

  def test_what_cannot_be_taken_is_said_and_the_rest_is_kept
    open_thing("Plum velvet, 8 cm")
    add("Plum velvet, 8 cm", picture("words.jpg", "no picture at all"), plain("one.png", [200, 150, 20]))

    assert_selector "[role=alert]", text: "This is no picture in JPEG, PNG or WebP."
    assert_selector "[aria-label='Photograph 1 of 1']"
    add("Plum velvet, 8 cm", picture("huge.png", "x" * ((12 * 1024 * 1024) + 1)))

    assert_selector "[role=alert]", text: "“huge.png” is larger than 12 MB."
  end

  def test_what_lies_in_a_box_is_photographed_on_the_phone
    page.current_window.resize_to(390, 844)
    visit "/boxes/14"

    assert_text "Quince and chalk"
    add("Box 14", plain("inside.png", [90, 160, 90]))
    find("[aria-label='Photograph 1 of 1']").click

    assert_colour [90, 160, 90], shown("img[alt='Photograph 1 of Box 14']")
  ensure
    page.current_window.resize_to(1280, 800)
  end

  def test_a_count_that_was_begun_goes_on_after_the_page_was_lost
    visit "/boxes/14"

    assert_text "Chalk pear"
    click_button "Count it"
    find("input[aria-label='Chalk pear, 9 cm: seen']").set("3")
    fill_in "Why 1 thing differs", with: "three broke"
    visit "/boxes/14"

    assert_text "You go on with the count you had begun."
    assert_field "Chalk pear, 9 cm: seen", with: "3"
    assert_field "Why 1 thing differs", with: "three broke"
    click_button "Cancel"

    assert_button "Count it"
    visit "/boxes/14"

    assert_button "Count it"
  end
end

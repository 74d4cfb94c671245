# frozen_string_literal: true

require_relative "system_test"

# The browser that journeys share: the application goes on, what one session left is gone.
class OneBrowserTest < SystemTest
  def open_home
    enter
    visit "/homes/#{DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)}"

    assert_text "Long room"
  end

  def test_whoever_comes_next_finds_the_application_running_and_nothing_of_who_was_before
    open_home
    page.execute_script("window.stayed = true; localStorage.setItem('left', '1'); sessionStorage.setItem('left', '1')")

    assert go_out
    assert_equal 0, page.evaluate_script("localStorage.length + sessionStorage.length")
    assert_empty page.driver.cookies
    enter ASSISTANT
    visit "/boxes"

    assert_text "Loft left"
    assert page.evaluate_script("window.stayed")
    click_button "Bram Teasel"

    assert_text "assistant of Wick & Fennel"
  end

  def test_what_does_not_let_go_is_left_for_a_browser_that_is_new
    open_home
    page.execute_script("document.querySelector('#root').remove()")

    refute go_out
    page.execute_script("window.stayed = true")
    anew
    enter
    visit "/boxes"

    assert_text "Loft left"
    assert_nil page.evaluate_script("window.stayed")
  end
end

# frozen_string_literal: true

require_relative "system_test"

# Everything without a mouse.
class KeyboardTest < SystemTest
  # Where the keys are on a page that just came.
  def setup
    super
    anew
  end

  def focused
    page.evaluate_script("!document.activeElement.matches('a, button, input') ? '' : " \
                         "(document.activeElement.getAttribute('aria-label') || document.activeElement.innerText || " \
                         "'')")
  end

  def tab_to(text, most: 60)
    most.times do
      return if focused.include?(text)

      press(:Tab)
    end

    flunk "#{text} cannot be reached by Tab"
  end

  def test_from_sign_in_to_the_working_of_a_figure
    visit "/sign-in"

    assert_field "Email"
    press(OWNER, :Tab, Server::DemoStudio::PASSWORD, :Enter)

    assert_text "Tidewaiter's House"
    tab_to "Tidewaiter's House"
    press(:Enter)

    assert_text "Long room"
    tab_to "Quay window tree"
    press(:Enter)

    assert_text "What it takes"
    press("2")

    assert_selector "[role=tab][aria-selected=true]", text: "Lights"
    press("n")

    assert_button "Day"
    tab_to "By surface"
    press("w")

    assert_selector "[role=dialog]", text: "By surface: bulbs to the m²"
    press(:Escape)

    assert_no_selector "[role=dialog]"
  end

  def test_find_and_the_list_of_keys
    at_the_desk
    press("/")

    assert_field "Find a home, room or piece"
    press("signal t")

    assert_selector "[role=dialog] [role=button], [role=dialog] .Mui-selected", text: "Signal tree"
    press(:Enter)

    assert_selector "h1", text: "Signal tree"
    press("?")

    within("[role=dialog]") { assert_text "Turn the tree to the left" }
  end

  def test_a_cover_is_dialled_with_the_arrows_and_undone_with_a_key
    at_the_desk
    open_tree
    find("input[type=range]", match: :first, visible: :all).native.node.focus
    press(:Right)

    assert_figure "On the tree", "150"
    page.evaluate_script("document.activeElement.blur()")
    press("u")

    assert_figure "On the tree", "100"
  end

  def test_the_first_tab_leads_past_the_rail_and_each_way_to_the_heading
    at_the_desk
    press(:tab)

    assert_equal "Skip to the work", page.evaluate_script("document.activeElement.textContent")
    press(:enter)
    click_link "Tidewaiter's House", match: :first

    assert_selector "h1", text: "Tidewaiter's House"
    assert_equal "Tidewaiter's House", page.evaluate_script("document.activeElement.textContent")
  end

  def heading_of_the_bench
    at_the_desk
    click_link "Tidewaiter's House"
    click_link "Quay window tree"

    assert_text "What it takes"
    assert_equal "H1", page.evaluate_script("document.activeElement.tagName")
  end

  def test_every_dial_of_a_step_is_within_three_tabs_of_the_heading
    heading_of_the_bench
    press("1")
    press(:Tab)

    assert_equal "To the dials", focused
    press(:Enter)

    assert_equal "step-dials", page.evaluate_script("document.activeElement.id")
    walked = Array.new(6) do
      press(%i[Alt Down])
      named
    end

    assert_equal %w[Height Spread], walked.first(2)
    assert_equal walked.uniq, walked
    press(%i[Alt Up])

    assert_equal walked[-2], named
  end

  def named
    page.evaluate_script("document.activeElement.labels?.[0]?.textContent || document.activeElement.innerText || " \
                         "document.activeElement.getAttribute('aria-label')")
  end
end

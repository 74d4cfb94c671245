# frozen_string_literal: true

require_relative "system_test"

# What is kept of a home and its client: seen, and forgotten for good.
class ClientsDataTest < SystemTest
  HOME = "Number Nine, Ropewalk"

  def setup
    super
    at_the_desk
    click_link HOME
    click_button "More for this home"
    find("[role=menuitem]", text: "What is kept of them").click
  end

  def test_it_says_who_saw_it_and_how_long_things_are_kept
    assert_text "Thu 19 Nov 2026"
    assert_text "Ottoline Marsh saw it"
    assert_text "30 days after it was deleted it is gone."
    assert_link "Take all of it out"
  end

  def test_a_client_is_forgotten_only_by_the_homes_own_name
    click_button "Forget this client …"
    fill_in "Type the home’s name", with: "Number Ten"
    choose "Nothing"
    click_button "Forget it for good"

    assert_text "This home is called “#{HOME}”."
    assert_field "Type the home’s name", with: "Number Ten"
    fill_in "Type the home’s name", with: HOME
    click_button "Forget it for good"

    assert_text "Tidewaiter's House"
    assert_no_text HOME
    assert_empty DATABASE[:homes].where(name: HOME)
    assert_empty DATABASE[:log_times].where(home_name: ["A home", HOME])
  end
end

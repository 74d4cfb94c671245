# frozen_string_literal: true

require_relative "system_test"

# An owner keeps people out and lets them in again.
class PeopleTest < SystemTest
  def choose(label)
    click_button "More for Bram Teasel"
    find("[role=menuitem]", text: label).click
  end

  def open_people
    sign_in
    click_button "OM, account of Ottoline Marsh"
    find("[role=menuitem]", text: "People").click

    assert_text ASSISTANT
  end

  def test_somebody_kept_out_is_out_at_once_and_may_be_let_in_again
    using_session(:bram) { sign_in(ASSISTANT) }
    open_people
    choose "Keep from signing in"

    assert_text "Bram Teasel may no longer sign in."
    assert_text "may not sign in"
    using_session(:bram) do
      visit "/house-rules"

      assert_text "Sign in"
      assert_no_text "Balanced cover"
    end
    choose "Let sign in again"

    assert_text "Bram Teasel may sign in again."
    assert_no_text "may not sign in"
  end

  def test_a_role_and_a_first_password_are_given_and_a_short_one_is_told_at_its_field
    open_people
    choose "Make owner"

    assert_text "owner, #{ASSISTANT}"
    choose "New first password"
    fill_in "New first password for Bram Teasel", with: "short"
    click_button "Set"

    assert_text "A password has 10 to 72 characters."
    assert_field "New first password for Bram Teasel", with: "short"
    fill_in "New first password for Bram Teasel", with: "rope-and-brass-2"
    click_button "Set"

    assert_text "Bram Teasel has a new first password."
    assert_no_field "New first password for Bram Teasel"
  end

  def test_the_last_owner_stays
    open_people
    click_button "More for Ottoline Marsh"
    find("[role=menuitem]", text: "Make assistant").click

    assert_text "Make somebody else an owner first."
    assert_equal "owner", DATABASE[:accounts].where(email: OWNER).get(:role)
  end

  def found_a_studio
    { "Name of the studio" => "Copper & Quince", "Your name" => "Quill Farrow", "Your email" => "quill@copper.example",
      "A password" => "marrow-quay-2026" }.each { |label, said| fill_in label, with: said }
    click_button "Found the studio"
  end

  def test_whoever_is_invited_founds_a_studio_of_their_own_once
    word = Server::Store::Invitations.new(DATABASE).make(at: TODAY)
    visit "/found##{word}"
    found_a_studio

    assert_text "No homes yet"
    assert_no_text "Tidewaiter's House"
    assert_equal ["Copper & Quince", "Wick & Fennel"], DATABASE[:studios].order(:name).select_map(:name)
    anew
    visit "/found##{word}"

    assert_text "This invitation is over"
    click_link "Sign in"

    assert_field "Email"
  end
end

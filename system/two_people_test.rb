# frozen_string_literal: true

require_relative "system_test"

# Two people at the same tree: the slower one is offered both states and loses nothing.
class TwoPeopleTest < SystemTest
  def both_open_the_tree
    { ottoline: OWNER, bram: ASSISTANT }.each do |name, email|
      using_session(name) do
        sign_in(email)
        open_tree
        step "Ornaments"
      end
    end
    using_session(:ottoline) do
      click_button "by the foot"

      assert_text(/Saved \d/)
      assert_figure "On the tree", "72"
    end
  end

  def dial_as_bram
    using_session(:bram) do
      click_button "own"

      assert_selector "[role=dialog]", text: "Changed meanwhile"
      yield
    end
  end

  def counted
    DATABASE[:pieces].where(name: "Quay window tree").get(Sequel.lit("settings->'ornaments'->>'count_by'"))
  end

  def test_keep_mine
    both_open_the_tree
    dial_as_bram do
      within("[role=dialog]") do
        assert_selector "tr", text: /Counted\s+own\s+foot/
        click_button "Keep mine"
      end

      assert_no_selector "[role=dialog]"
      assert_field "Own number"
      assert_button "Undo", disabled: false
    end
    # The dialog closes as it is sent.
    eventually("It was not kept.") { counted == "own" }
  end

  def test_take_theirs
    both_open_the_tree
    dial_as_bram do
      within("[role=dialog]") { click_button "Take theirs" }

      assert_figure "On the tree", "72"
    end
    assert_equal "foot", counted
  end

  def test_a_survey_somebody_else_kept_meanwhile
    sign_in
    visit "/rooms/#{DATABASE[:rooms].where(name: 'Snug').get(:id)}"
    fill_in "Notes", with: "Beam at 2.05 m"
    DATABASE[:rooms].where(name: "Snug").update(notes: "Stove sweeps due", version: Sequel[:version] + 1)
    click_button "Keep the survey"
    within("[role=dialog]") do
      assert_text "Stove sweeps due"
      click_button "Keep mine"
    end

    assert_text "Kept"
    assert_equal "Beam at 2.05 m", snug.get(:notes)
  end

  def snug = DATABASE[:rooms].where(name: "Snug")

  # What was typed outlives a page that is loaded again, and with it what it was typed over.
  def test_what_two_measured_of_one_room_is_put_together
    sign_in
    visit "/rooms/#{snug.get(:id)}"
    fill_in "Notes", with: "Beam at 2.05 m"
    snug.update(ceiling_left_m: 2.3, ceiling_right_m: 2.3, version: Sequel[:version] + 1)
    visit "/rooms/#{snug.get(:id)}"

    assert_field "Notes", with: "Beam at 2.05 m"
    click_button "Keep the survey"

    assert_text "Kept"
    assert_no_selector "[role=dialog]"
    assert_equal ["Beam at 2.05 m", 2.3, 2.3], snug.get(%i[notes ceiling_left_m ceiling_right_m])
  end
end

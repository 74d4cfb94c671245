# frozen_string_literal: true

require_relative "system_test"

# What was deleted waits in a list, long after the first offer to undo is gone.
class DeletedTest < SystemTest
  def home_id
    DATABASE[:homes].where(name: "The Signal Loft").get(:id)
  end

  def test_a_tree_deleted_from_its_bench_comes_back_from_the_list
    enter
    open_tree "Signal tree"
    click_button "More for this tree"
    find("[role=menuitem]", text: "Delete this tree").click
    confirm_delete("Signal tree")

    assert_text "Signal tree was deleted."
    visit "/deleted"

    within("li", text: "Signal tree") do
      assert_text "piece in The Signal Loft, Loft"
      assert_text "Ottoline Marsh, "
      assert_text "kept until"
      click_button "Bring Signal tree back"
    end

    assert_text "Signal tree is back."
    assert_text "Nothing was deleted lately"
    visit "/homes/#{home_id}"

    assert_link "Signal tree"
  end

  def test_what_cannot_be_brought_back_any_more_is_said
    enter
    open_tree "Signal tree"
    click_button "More for this tree"
    find("[role=menuitem]", text: "Delete this tree").click
    confirm_delete("Signal tree")

    assert_text "Signal tree was deleted."
    DATABASE[:pieces].where(name: "Signal tree").delete
    click_button "Bring it back"

    assert_text "It is not back: There is no such deleted piece"
  end

  def test_a_home_is_brought_back_by_an_owner_alone
    enter
    visit "/homes/#{home_id}"
    click_button "More for this home"
    find("[role=menuitem]", text: "Delete this home").click
    confirm_delete("The Signal Loft")

    assert_text "The Signal Loft was deleted."
    using_session(:bram) do
      at_the_desk(ASSISTANT)
      click_link "Deleted"

      assert_button "Bring The Signal Loft back", disabled: true
    end
    visit "/deleted"
    click_button "Bring The Signal Loft back"

    assert_text "The Signal Loft is back."
    assert_nil DATABASE[:homes].where(id: home_id).get(:deleted_at)
  end
end

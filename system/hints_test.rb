# frozen_string_literal: true

require_relative "system_test"

# What is said beside a dial is the studio's own, in its own units.
class HintsTest < SystemTest
  def setup
    super
    enter
  end

  def in_feet
    DATABASE[:studios].update(units: "imperial")
  end

  def survey
    visit "/rooms/#{DATABASE[:rooms].where(name: 'Long room').get(:id)}"

    assert_text "Best size for each place"
  end

  def test_a_survey_tells_what_must_stay_free_by_the_studios_own_house_rules
    survey

    assert_text "At least 76 cm must stay to pass", count: 2
    assert_text "Over 33 % of it, the tree takes it over"
    DATABASE[:house_rule_values].insert(studio_id: DATABASE[:studios].get(:id), key: "tree.walkway", value: 0.9)
    survey

    assert_text "At least 90 cm must stay to pass"
    assert_no_text "76 cm"
    in_feet
    survey

    assert_text "must stay to pass"
    assert_no_text(/\d ?(cm|m)\b/)
    assert_empty(all("input").map { |field| field[:placeholder].to_s }.grep(/\d ?(cm|m)\b/))
  end

  # The names of styles are what people called them.
  def metres_said
    names = DATABASE[:styles].select_map(:name)
    panel = find("[role=tabpanel]")
    said = names.reduce(panel.text) { |text, name| text.gsub(name, "") }
    [said, *panel.all("input", visible: :all).map { |field| field[:placeholder].to_s }].grep(/\d ?(cm|m)\b/)
  end

  def test_a_feet_studio_meets_no_metre_in_the_steps_of_a_tree
    in_feet
    open_tree
    all("[role=tab]").map(&:text).each do |name|
      step name

      assert_empty metres_said, name
    end
    assert_selector "svg text", text: "5 ft 7 in"
    step "Ribbon"
    click_button "spiral"

    assert_text "1 ft 2 in to 2 ft is usual"
  end

  def test_each_way_of_ribbon_says_what_is_usual
    open_tree
    step "Ribbon"
    click_button "cascades"

    assert_text "35° to 45° apart reads even"
    click_button "spiral"

    assert_text "35 cm to 60 cm is usual"
  end

  def test_a_mantel_says_how_its_school_is_weighed
    visit "/pieces/#{piece_id('Mantel greens')}"

    assert_text "What it takes"
    step "Shelf"

    assert_text(/10 % either way reads even|20 % to 50 % reads meant/)
    click_button "one-sided"

    assert_text "20 % to 50 % reads meant"
    click_button "mirrored"

    assert_text "10 % either way reads even"
  end
end

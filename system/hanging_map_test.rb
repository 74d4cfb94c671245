# frozen_string_literal: true

require_relative "system_test"

class HangingMapTest < SystemTest
  def setup
    super
    enter
  end

  def open_map
    visit "/pieces/#{piece_id('Quay window tree')}/map"

    assert_button "It is up"
  end

  def light(name)
    within("[aria-label='Style that is lit']") { find("[role=button]", text: name).click }
  end

  # The box itself is drawn; what takes the press lies over it, clear as glass.
  def box(number)
    find(:checkbox, "Paper star, 12 cm no. #{number} is up", visible: :all)
  end

  def hung
    DATABASE[:hung_ornaments].count
  end

  def test_one_style_is_lit_in_hanging_order_with_its_places
    open_tree
    click_link "Map"

    assert_text "100 up", exact: false
    light "Slate glass"

    assert_text "12 to hang, 0 up"
    assert_selector "[aria-label='Places'] tbody tr", count: 12
    assert_text "Tucked deep. The nearest two are"
    tiers = all("[aria-label='Places'] tbody td:nth-of-type(1)").map { |cell| cell.text.to_i }

    assert_equal tiers.sort, tiers
    assert_operator tiers.min, :>=, 3, "glass hangs above the reach line"
  end

  def test_what_another_person_hangs_shows_without_asking_again_with_name_and_time
    open_map
    light "Paper star"

    assert_text "10 to hang, 0 up"
    using_session(:bram) do
      at_the_desk(ASSISTANT)
      open_map
      light "Paper star"
      box(3).click

      assert_text "10 to hang, 1 up"
    end

    assert_text "10 to hang, 1 up"
    within("[aria-label='Places']") { assert_text(/Bram Teasel, \d+:\d\d/) }
  end

  def test_ticks_are_kept_and_shown_to_the_next_person
    open_map
    light "Paper star"
    box(2).click

    assert_text "10 to hang, 1 up"
    click_button "It is up"

    assert_text "10 to hang, 2 up"
    click_button "All 8 are up"

    assert_text "10 to hang, 10 up"
    at_rest?

    assert_equal 10, hung
    anew
    at_the_desk(ASSISTANT)
    open_map

    assert_text "10 of 100 up"
    light "Paper star"
    box(2).click

    assert_text "10 to hang, 9 up"
  end

  def test_the_next_one_is_told_in_large_words_and_goes_on_with_every_press
    open_map
    first = within("[aria-label='The next one']") { find("div", text: /\Atier \d+, \d+:\d\d, \w/).text }
    row = all("[aria-label='Places'] tbody tr").first

    assert_text "Next: Paper star, 12 cm, no. 1"
    assert_equal(row.all("td").map(&:text).first(2).then { |tier, clock| "tier #{tier}, #{clock}" },
                 first.split(", ").first(2).join(", "))
    click_button "It is up"

    assert_text "Next: Paper star, 12 cm, no. 2"
    click_button "All 9 are up"

    assert_text "Next: Slate glass, 10 cm, no. 1"
    assert_selector "svg[role=img] g title", text: "Slate glass, 10 cm no. 1:", visible: :all
  end

  def test_the_next_one_is_of_the_side_one_looks_at
    open_map
    click_button "left"
    first = all("[aria-label='Places'] tbody tr").first.find("th").text

    assert_text "Next: Paper star, 12 cm, no. #{first}"
  end

  def test_a_side_shows_only_what_hangs_there
    open_map
    light "Slate bauble"
    every = all("[aria-label='Places'] tbody tr").size
    seen = %w[left front right].sum do |side|
      click_button side

      assert_selector "button[aria-pressed=true]", text: side
      all("[aria-label='Places'] tbody tr").size
    end

    assert_equal every, seen
  end

  def test_all_styles_list_where_each_begins
    open_map
    light "All styles"

    assert_text(/Slate glass, 10 cm, 12: first in tier \d at \d+:\d\d, tucked deep/)
    within("[aria-label='Styles in hanging order']") { find("button", text: "Old brass bell").click }

    assert_text "10 to hang"
  end

  def test_it_prints_without_its_buttons_and_is_taken_out_as_pdf_and_drawing
    open_map

    click_button "Take the map out"

    assert_match(%r{/hanging\.pdf\?style=}, find("[role=menuitem]", text: "As PDF")[:href])
    assert_match(%r{/hanging\.svg\?style=}, find("[role=menuitem]", text: "As SVG")[:href])
    find("body").send_keys(:escape)
    page.driver.browser.page.command("Emulation.setEmulatedMedia", media: "print")

    assert_no_button "It is up"
    assert_selector "svg[role=img]"
    assert_text "to hang"
  ensure
    page.driver.browser.page.command("Emulation.setEmulatedMedia", media: "")
  end

  def test_a_place_without_a_tree_invites_to_choose_one
    DATABASE[:pieces].where(name: "Quay window tree")
                     .update(settings: Sequel.lit("jsonb_set(settings, '{measure,height_m}', 'null')"))
    visit "/pieces/#{piece_id('Quay window tree')}/map"

    assert_text "No tree here yet"
    click_link "To the bench", match: :first

    assert_text "Choose a tree and every line follows."
  end
end

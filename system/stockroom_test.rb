# frozen_string_literal: true

require_relative "system_test"

# The stockroom as a person uses it: found by typing, gone through by keys, counted by entries.
class StockroomTest < SystemTest
  def setup
    super
    enter
  end

  def open_stockroom
    visit "/stock"

    assert_text "141 things"
  end

  def on_hand
    find("[role=status][aria-label='On hand']").text
  end

  def options
    all("[role=option]").map { |row| row.text.lines.first.strip }
  end

  def look_for(words)
    fill_in "Search the stockroom", with: words
  end

  def write(reason, quantity, why: nil, asked: "How many")
    click_button "Write an entry"
    open_list("broken")
    find("[role=option]", exact_text: reason).click
    fill_in(reason == "counted" ? "There are" : asked, with: quantity)
    fill_in "Why", with: why if why
    find_field("Why").send_keys(:tab)
    click_button "Write it down"
  end

  def test_things_are_found_as_one_types
    open_stockroom
    click_link "Season"

    assert_text "Tidewaiter's House"
    click_link "Stock"
    look_for "velvet plum"

    assert_text "4 things found"
    assert_equal ["Plum velvet, 8 cm", "Plum velvet ribbon"], options.first(2)
    find("[role=group][aria-label='Kinds of things'] [role=button]", text: "ribbons").click

    assert_text "1 thing found"
    look_for "velvet quince"

    assert_text "Nothing is called that"
    click_button "Show all there is"

    assert_text "141 things"
  end

  def test_keys_go_through_all_of_it
    open_stockroom
    list = find("[role=listbox]")
    first = find("aside h2").text
    list.send_keys(:home, :down, :down)

    assert_no_selector "aside h2", exact_text: first
    assert_selector "[role=option][aria-selected=true][aria-posinset='3']"
    list.send_keys(:end)

    assert_selector "[role=option][aria-selected=true][aria-posinset='141']"
    assert_operator all("[role=option]").size, :<, 40
  end

  def test_an_entry_is_written_counted_and_reversed
    open_stockroom
    look_for "plum velvet, 8"

    assert_selector "aside h2", text: "Plum velvet, 8 cm"
    assert_equal "24", on_hand
    write("broken", "2", why: "on the ladder")

    assert_selector "li", text: /broken: on the ladder.*Reverse it.*−2.*22/m
    assert_equal "22", on_hand
    click_button "Write an entry"
    click_button "Write it down"

    assert_text "Say how many."
    click_button "Cancel"
    write("lost", "99")

    assert_text "Only 22 are on hand"
    click_button "Cancel"
    first("li", text: "broken: on the ladder").click_button("Reverse it")

    assert_text "was reversed"
    assert_selector "[role=status][aria-label='On hand']", text: "24"
    assert_selector "li", text: /broken: on the ladder.*, reversed/m
  end

  def test_it_says_which_pieces_keep_it_and_leads_there
    open_stockroom
    look_for "plum velvet, 8"
    within("ul[aria-label='Kept for']") { click_link "Quay window tree" }

    assert_text "What it takes"
  end

  def test_ribbon_is_written_by_its_length_in_the_units_of_the_studio
    DATABASE[:studios].update(units: "imperial")
    open_stockroom
    look_for "brass gauze"

    assert_selector "aside h2", text: "Brass gauze ribbon"
    before = on_hand.to_f
    write("used up", "3 ft", asked: "How much")

    assert_selector "li", text: /used up.*−3.0 ft/m
    assert_selector "[role=status][aria-label='On hand']", text: "#{(before - 3).round(1)} ft"
    assert_no_text(/\d m\b/)
  end

  def test_thousands_of_things_are_gone_through
    studio = DATABASE[:studios].get(:id)
    DATABASE[:styles].multi_insert(Array.new(3_000) do |i|
      { studio_id: studio, kind: "ornament", name: format("Row %05d", i) }
    end)
    visit "/stock"

    assert_text "3,141 things"
    find("[role=listbox]").send_keys(:end)

    assert_selector "[role=option][aria-posinset='3140']", text: /\S{3}/
    assert_operator all("[role=option]").size, :<, 40
  end

  def test_on_a_phone_a_thing_opens_over_the_list
    page.driver.resize(390, 844)
    open_stockroom
    look_for "plum velvet, 8"
    find("[role=option]", text: "Plum velvet, 8 cm").click

    assert_selector "[role=dialog] h2", text: "Plum velvet, 8 cm"
    assert_equal "24", on_hand
    assert_equal 0, page.evaluate_script("document.documentElement.scrollWidth - innerWidth")
    click_button "Close the thing"

    assert_no_selector "[role=dialog]"
  ensure
    page.driver.resize(1280, 800)
  end

  def test_it_is_narrowed_to_what_is_near_a_colour_and_free
    open_stockroom
    click_button "Narrow it"
    within("[role=dialog][aria-label='Narrow the search']") do
      click_button "Near this colour"
      fill_in "Free from", with: "2026-12-10"
      click_button "Show them"
    end

    assert_text "ΔE 0"
    assert_equal "Quince", options.first[0, 6]
    refute_includes options, "Slate glass, 10 cm"
    find("[role=img][aria-label='No longer near this colour']").click

    assert_text "Clear bubble"
    assert_no_text "ΔE"
  end

  def test_what_is_known_of_a_thing_is_written_down_and_told
    open_stockroom
    look_for "plum velvet, 8"

    assert_text "Box 2, Loft left"
    click_button "More about it"
    within("[role=dialog]") do
      fill_in "Keepsake of", with: "Idony Farrow"
      fill_in "Seasons it should last", with: "two"
      find_field("Finish").set("crushed").send_keys(:tab)

      assert_text "Type a number"
      find_field("Seasons it should last").set("10").send_keys(:tab)
      click_button "Keep it"
    end

    assert_text "was kept"
    within("aside") do
      assert_text "of Idony Farrow"
      assert_text "crushed"
      assert_text "each, season 3 of 10"
      assert_text "€0.23"
    end
    look_for "idony ornament velvet"

    assert_text "1 thing found"
  end

  def test_several_are_put_into_a_new_box_at_once
    open_stockroom
    look_for "teal"
    click_button "Pick several"
    at_rest?
    all("[role=option]", minimum: 2).first(2).each { |row| row.find("input", visible: :all).click }

    assert_text "2 picked"
    click_button "Put them into a box"
    find("[role=dialog] [role=combobox]").send_keys(:down)
    find("[role=option]", text: "a new box").click
    fill_in "Where it stands", with: "Cellar"
    click_button "Put it there"

    assert_text "now in box 23, Cellar"
    look_for "cellar"

    assert_text "2 things found"
  end

  def pick(*names)
    click_button "Pick several"
    at_rest?
    names.each { |name| find("[role=option]", text: name).find("input", visible: :all).click }
  end

  def test_several_are_changed_at_once_and_brought_back
    open_stockroom
    look_for "teal"
    pick("Teal ball", "Teal drop")
    click_button "Change them"
    within("[role=dialog]") { all("[role=combobox]", minimum: 4).first.send_keys(:down) }
    find("[role=option]", exact_text: "winter").click
    within("[role=dialog]") { click_button "Change them" }

    assert_text "2 things changed."
    assert_equal %w[winter winter], DATABASE[:styles].where(Sequel.like(:name, "Teal%")).select_map(:season)
    click_button "Bring it back"
    at_rest?

    assert_equal %w[holiday holiday], DATABASE[:styles].where(Sequel.like(:name, "Teal%")).select_map(:season)
  end

  def test_two_that_are_the_same_become_one
    open_stockroom
    look_for "teal ball, 8"

    assert_selector "aside h2", text: "Teal ball, 8 cm"
    click_button "The same as another one"
    fill_in "It is really", with: "dusty rose"
    find("[role=option]", text: "Dusty rose ball").click
    click_button "Make them one"

    assert_text "Teal ball, 8 cm is Dusty rose ball, 7 cm from now on."
    look_for "dusty rose ball"

    assert_selector "aside h2", text: "Dusty rose ball, 7 cm"
    assert_selector "[role=status][aria-label='On hand']", text: "40"
    click_button "Bring it back"

    assert_selector "[role=status][aria-label='On hand']", text: "24"
  end

  def test_a_table_is_read_in_once_every_cell_is_right
    Dir.mktmpdir do |folder|
      bad = File.join(folder, "bad.csv")
      good = File.join(folder, "good.csv")
      File.write(bad, "Artikel;Kind;On hand\nPeg star;ornament;many\n")
      File.write(good, "Artikel;Kind;On hand\nPeg star;ornament;7\nFelt star;ornament;5\n")
      open_stockroom
      click_button "More about the stockroom"
      find("[role=menuitem]", text: "Read a table in").click
      attach_file("File to read in", bad, visible: :all)

      assert_text "bad.csv: 1 row"
      all("[role=dialog] [role=combobox]", minimum: 3).first.send_keys(:down)
      find("[role=option]", exact_text: "Name").click
      click_button "Look at every row"

      assert_selector "table[aria-label='Bad cells'] tr", text: /2\s+On hand\s+many/
      assert_no_selector "button", text: "Load"
      attach_file("File to read in", good, visible: :all)

      assert_text "good.csv: 2 rows"
      all("[role=dialog] [role=combobox]", minimum: 3).first.send_keys(:down)
      find("[role=option]", exact_text: "Name").click
      click_button "Look at every row"

      assert_text "2 new, 0 changed"
      click_button "Load 2 things"
    end

    assert_text "2 new things read in"
    look_for "peg star"

    assert_selector "[role=status][aria-label='On hand']", exact_text: "7"
  end

  def test_a_keepsake_leaves_only_when_everything_was_asked
    open_stockroom
    click_button "More about the stockroom"
    find("[role=menuitem]", text: "Keepsakes by year").click

    assert_text "Missing: 2020, 2023, 2024, 2025, 2026"
    click_button "Tin lighthouse, a keepsake"

    assert_selector "aside h2", text: "Tin lighthouse"
    at_rest?
    click_button "Write an entry"
    open_list("broken")
    find("[role=option]", exact_text: "given away").click
    fill_in "How many", with: "1"
    check "It is a keepsake of Idony Farrow, 2019. They were asked, and let it go."
    click_button "Write it down"

    assert_text "Before it leaves the house: It is Idony Farrow's own."
    check "It is Idony Farrow's own. They agreed."
    check "Box 6 was looked into: nothing else goes along by mistake."
    click_button "Write it down"

    assert_selector "[role=status][aria-label='On hand']", exact_text: "0"
  end
end

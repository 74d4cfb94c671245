# frozen_string_literal: true

require_relative "system_test"

# A form two people have open: what each changed stays; they are asked only where both changed the same, in the words
# and units of the studio. Nothing is kept twice.
class KeptFormsTest < SystemTest
  # What was read a minute ago is read again once the network is back.
  BACK_A_MINUTE_LATER = <<~JS
    const { now } = Date;
    Date.now = () => now.call(Date) + 60_000;
    ["offline", "online"].forEach((name) => dispatchEvent(new Event(name)));
  JS

  def setup
    super
    enter
  end

  def meanwhile(rows, **changes)
    rows.update(version: Sequel[:version] + 1, **changes)
  end

  def supplier = DATABASE[:suppliers].where(name: "Halyard Trimmings")

  def ropewalk
    @ropewalk ||= DATABASE[:homes].where(name: "Number Nine, Ropewalk").get(:id)
    DATABASE[:homes].where(id: @ropewalk)
  end

  def open_supplier
    visit "/buying"
    click_button "More about buying"
    find("[role=menuitem]", text: "Suppliers").click
    click_button "More about Halyard Trimmings"
    find("[role=menuitem]", text: "Change it").click
    find_field("Days on its way").set("9").send_keys(:tab)
  end

  def open_home
    visit "/homes/#{ropewalk.get(:id)}"
    click_button "Home and household"
  end

  def test_what_only_one_changed_is_put_together_without_a_word
    open_supplier
    meanwhile(supplier, note: "Rings twice.")
    click_button "Keep it"

    assert_text "Halyard Trimmings was kept."
    assert_equal [9, "Rings twice."], supplier.get(%i[lead_days note])
  end

  def test_keeping_mine_brings_back_nobody_elses_field
    open_supplier
    meanwhile(supplier, lead_days: 5, note: "Rings twice.")
    click_button "Keep it"

    assert_selector "tr", text: /On its way\s+9 days\s+5 days/
    assert_no_selector "tr", text: "Rings twice."
    click_button "Keep mine"

    assert_text "Halyard Trimmings was kept."
    assert_equal [9, "Rings twice."], supplier.get(%i[lead_days note])
  end

  def test_taking_theirs_keeps_what_else_was_typed
    open_supplier
    fill_in "Name", with: "Halyard and Daughter"
    meanwhile(supplier, lead_days: 5)
    click_button "Keep it"
    click_button "Take theirs"

    assert_field "Days on its way", with: "5"
    assert_field "Name", with: "Halyard and Daughter"
  end

  def test_a_third_change_while_one_chooses_is_asked_about_too
    open_supplier
    meanwhile(supplier, lead_days: 5)
    click_button "Keep it"

    assert_selector "tr", text: /On its way\s+9 days\s+5 days/
    meanwhile(supplier, lead_days: 1)
    click_button "Keep mine"

    assert_selector "tr", text: /On its way\s+9 days\s+1 day\b/
    assert_equal 1, supplier.get(:lead_days)
  end

  # What stands behind a form may be read anew while it is open: what it says is still meant on what it was opened with.
  def test_what_was_read_anew_behind_a_form_is_not_written_over
    anew_afterwards
    open_home
    fill_in "Client", with: "P. Vole"
    meanwhile(ropewalk, client: "Perpetua V.", name: "Ropewalk, the ninth")
    page.execute_script(BACK_A_MINUTE_LATER)

    assert_text "Ropewalk, the ninth"
    click_button "Keep", exact: true

    assert_selector "tr", text: /Client\s+P\. Vole\s+Perpetua V\./
    click_button "Keep mine"

    assert_no_selector "[role=dialog]"
    assert_equal ["P. Vole", "Ropewalk, the ninth"], ropewalk.get(%i[client name])
  end

  def test_a_proposal_that_stays_open_shows_what_others_agreed_and_keeps_what_was_typed
    anew_afterwards
    home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    proposals = DATABASE[:proposals].where(home_id: home)
    visit "/homes/#{home}/proposal"
    fill_in "A few words", with: "Good evening  "
    click_button "Keep it for now"

    assert_button "Keep it for now", disabled: true
    fill_in "Still open", with: "The stair"
    meanwhile(proposals, terms: Sequel.lit("jsonb_set(terms, '{greeting}', '\"Good morning\"')"))
    page.execute_script(BACK_A_MINUTE_LATER)

    assert_field "A few words", with: "Good morning"
    assert_field "Still open", with: "The stair"
    click_button "Keep it for now"

    assert_button "Keep it for now", disabled: true
    assert_equal ["Good morning", ["The stair"]], proposals.get(:terms).values_at("greeting", "open_points")
  end

  def test_a_look_and_a_day_are_told_as_one_reads_them
    open_home
    fill_in "Visit", with: Date.new(2026, 12, 3)
    open_list(DATABASE[:looks].where(id: ropewalk.get(:look_id)).get(:name))
    find("[role=option]", text: "not chosen").click
    look = DATABASE[:looks].exclude(id: ropewalk.get(:look_id)).first
    meanwhile(ropewalk, visit_on: Date.new(2026, 12, 5), look_id: look[:id])
    click_button "Keep", exact: true

    assert_selector "tr", text: /Visit\s+3 Dec 2026\s+5 Dec 2026/
    assert_selector "tr", text: /Look\s+not chosen\s+#{look[:name]}/
  end

  def test_a_hook_is_told_by_names_and_in_feet
    DATABASE[:studios].update(units: "imperial")
    home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    hall, snug = ["Stair hall", "Snug"].map { |name| DATABASE[:rooms].where(home_id: home, name: name).first }
    DATABASE[:anchors].insert(studio_id: hall[:studio_id], room_id: hall[:id], place: "Newel post", kind: "nail",
                              since: 2023)
    visit "/homes/#{home}"
    click_button "Change Newel post"
    type_length "Above the floor", "6 ft"
    meanwhile(DATABASE[:anchors], floor_m: 1.2192, room_id: snug[:id])
    find("[role=dialog]").click_button("Keep")

    assert_selector "tr", text: /Above the floor\s+6 ft\s+4 ft/
    within("[role=dialog]", text: "Changed meanwhile") { assert_no_text(/\d m\b|#{snug[:id]}/) }
    click_button "Take theirs"

    assert_selector "[role=dialog] [role=combobox]", text: "Snug"
  end

  def test_the_parts_of_a_thing_are_taken_as_somebody_else_wrote_them
    tree = DATABASE[:styles].where(name: "Spruce tree, 2.25 m")
    visit "/stock"
    fill_in "Search the stockroom", with: "spruce tree, 2.25"

    assert_text "1 thing found"
    click_button "More about it"
    fill_in "Parts, one a line", with: "stand\nfour sections"
    meanwhile(tree, parts: Sequel.pg_array(["stand", "one pole"], :text))
    click_button "Keep it"

    assert_selector "tr", text: /Parts\s+stand, four sections\s+stand, one pole/
    click_button "Take theirs"

    assert_field "Parts, one a line", with: "stand\none pole"
  end

  # A length is read by the server; whoever keeps the form at once keeps it with what was typed last.
  def test_a_length_typed_last_is_kept_with_the_rest
    visit "/homes/#{ropewalk.get(:id)}"
    click_button "Add a nail or hook"
    fill_in "Where it is", with: "Door frame"
    find_field("Above the floor").set("two arms")
    click_button "Add it"

    assert_text "“two arms” is not a length"
    assert_equal 0, DATABASE[:anchors].count
    find_field("Above the floor").set("")
    find_field("From the left").set("two feet")
    click_button "Add it"

    assert_no_text "two arms"
    find_field("From the left").set("")
    find_field("Above the floor").set("1.85 m")
    click_button "Add it"

    assert_no_selector "[role=dialog]"
    assert_equal [[nil, 1.85]], DATABASE[:anchors].select_map(%i[left_m floor_m])
  end

  def test_a_ribbon_is_written_down_as_long_as_it_was_typed_last
    ribbon = DATABASE[:styles].where(name: "Plum velvet ribbon").get(:id)
    visit "/stock"
    fill_in "Search the stockroom", with: "plum velvet ribbon"

    assert_text "1 thing found"
    click_button "Write an entry"
    find_field("How much").set("1.25 m")
    click_button "Write it down"

    assert_no_selector "[role=dialog]"
    assert_equal [-1.25], DATABASE[:stock_moves].where(style_id: ribbon, reason: "broken").select_map(:quantity)
  end

  def test_what_is_no_number_is_told_and_nothing_is_kept
    open_supplier
    find_field("Days on its way").set("soon")
    click_button "Keep it"

    assert_text "Type a number"
    at_rest?

    assert_field "Days on its way", with: "soon"
    refute_equal "soon", supplier.get(:lead_days)
    find_field("Days on its way").set("8")
    click_button "Keep it"

    assert_text "Halyard Trimmings was kept."
    assert_equal 8, supplier.get(:lead_days)
  end

  def test_a_place_to_look_from_keeps_its_eye_and_is_asked_about
    room = DATABASE[:rooms].where(name: "Long room").get(:id)
    views = DATABASE[:viewpoints].where(room_id: room, name: "Sofa")
    views.update(eye_m: 0.9)
    visit "/rooms/#{room}/view"
    click_button "Change the place Sofa"

    assert_field "Eye above the floor", with: "90 cm"
    fill_in "Name", with: "Window seat"
    meanwhile(views, name: "Low sofa", heading_deg: 15)
    click_button "Keep", exact: true

    assert_selector "tr", text: /Name\s+Window seat\s+Low sofa/
    click_button "Keep mine"

    assert_no_selector "[role=dialog]"
    assert_equal [["Window seat", 0.9, 15.0]],
                 DATABASE[:viewpoints].where(room_id: room, name: "Window seat").select_map(%i[name eye_m heading_deg])
  end

  # Faster than a button can be drawn anew.
  def press_twice(button)
    page.execute_script("arguments[0].click(); arguments[0].click()", button)
  end

  def test_a_home_is_added_once_however_fast_it_is_pressed
    visit "/"
    click_button "Add a home"
    fill_in "Name of the home", with: "Chandler's Row"
    press_twice(find("[role=dialog]").find_button("Add home"))

    assert_selector "h1", text: "Chandler's Row"
    assert_equal 1, DATABASE[:homes].where(name: "Chandler's Row").count
  end

  def test_a_piece_is_put_on_the_bench_once_and_a_version_kept_once
    visit "/homes/#{ropewalk.get(:id)}"
    add_piece "Kitchen"
    fill_in "Name", with: "Stove tree"
    press_twice(find_button("Put it on the bench"))

    assert_text "What it takes"
    follow "/pieces/#{piece_id('Stove tree')}/versions"
    fill_in "Keep it as it is under a name", with: "Bare"
    press_twice(find_button("Keep", exact: true))

    assert_text "Bare was kept."
    at_rest?

    assert_equal [1, 1], [DATABASE[:pieces].where(name: "Stove tree"), DATABASE[:piece_variants].where(name: "Bare")]
      .map(&:count)
  end
end

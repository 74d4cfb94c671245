# frozen_string_literal: true

require_relative "system_test"
require_relative "cut_line"
require_relative "../server/test/sent_picture"

# Buying as a person does it: from what is short on a bench to the order, the parcel and back to the bench; what may go
# back; the round of shops, without network as well.
class BuyingTest < SystemTest
  def setup
    super
    enter
  end

  def on_hand(name)
    DATABASE[:stock_quantities].join(:styles, id: :style_id).where(name: name).get(:on_hand)
  end

  def shop(name) = find("section[aria-label='#{name}']")

  def drawer = find("[role=dialog]")

  # A box without words beside it is drawn over its own, which is transparent.
  def tick(label)
    find("input[aria-label='#{label}']", visible: :all).click
  end

  def test_from_short_on_a_bench_to_the_order_the_parcel_in_two_parts_and_have
    open_tree

    assert_selector "tr", text: /Plum glass drop, 9 cm.*8.*6/m
    click_link "Buy what is short"

    assert_selector "section[aria-label='Halyard Trimmings']", text: "Plum glass drop, 9 cm"
    shop("Halyard Trimmings").click_button("Order at Halyard Trimmings")
    within(drawer) do
      # The others stay for another time.
      ["Slate glass, 10 cm", "Warm lights, 100 a string"].each { |name| uncheck name }

      assert_text "1 line, €32.40"
      click_button "Ordered"
    end

    assert_no_selector "section[aria-label='To buy']", text: "Plum glass drop"
    within("section[aria-label='On the way']", match: :first) do
      assert_text "8 Plum glass drop, 9 cm"
      find("section", text: "Plum glass drop").click_button "It came"
    end
    within(drawer) do
      find_field("Packs of Plum glass drop, 9 cm").set("1").send_keys(:tab)
      click_button "Came: Plum glass drop, 9 cm"

      assert_text "1 to come, 1 in stock"
      assert_in_delta 12, on_hand("Plum glass drop, 9 cm")
      click_button "Came: Plum glass drop, 9 cm"

      assert_text "2 in stock"
      assert_no_button "Came: Plum glass drop, 9 cm"
    end
    open_tree

    assert_selector "tr", text: /Plum glass drop, 9 cm.*16.*–/m
  end

  def test_what_is_short_on_the_bench_says_when_it_comes
    open_tree

    within("section[aria-label='On the way']") do
      assert_text "6 Warm lights, 100 a string on the way, Mon 30 Nov, after the visit"
    end
    visit "/"

    within("article", text: "Tidewaiter's House") { assert_text "Late. Warm lights, 100 a string" }
  end

  def test_what_is_on_trial_goes_back_by_its_day_and_what_is_kept_is_stock
    visit "/buying"
    find("button[aria-label='Brass gauze ribbon, decide by Wed 25 Nov']").click
    within(drawer) do
      assert_text "1 to decide by 25 Nov"
      click_button "Took it back: Brass gauze ribbon"

      assert_text "1 taken back"
      assert_text "€0.00"
    end
    assert_in_delta 6.5, on_hand("Brass gauze ribbon")
    click_button "Bring it back"
    within(drawer) { click_button "Keep: Brass gauze ribbon" }

    within(drawer) { assert_text "1 in stock" }
    assert_in_delta 16.5, on_hand("Brass gauze ribbon")
  end

  def test_tags_are_decided_from_the_days
    visit "/buying"
    find("button[aria-label='Brass tray, 38 cm, decide by Mon 30 Nov']").click
    within(drawer) { click_button "Brass tray, 38 cm went back" }

    assert_text "Brass tray, 38 cm went back."
    assert_in_delta 0, on_hand("Brass tray, 38 cm")
    within(drawer) { assert_no_text "Brass tray" }
    click_button "Bring it back"

    within(drawer) { assert_text "Brass tray, 38 cm" }
    assert_in_delta 1, on_hand("Brass tray, 38 cm")
  end

  def test_a_tag_on_for_its_price_comes_off_once_it_is_photographed
    visit "/buying?as=list"

    assert_selector "section[aria-label='On trial'] li", text: "Oat linen runner, 2.4 m"
    Dir.mktmpdir do |folder|
      path = File.join(folder, "tag.png")
      File.binwrite(path, SentPicture.plain(320, 240))
      attach_file("Choose a photograph of the tag of Oat linen runner, 2.4 m", path, make_visible: true)

      assert_no_selector "section[aria-label='On trial'] li", text: "Oat linen runner, 2.4 m"
    end
    assert_equal 1, DATABASE[:photographs].join(:styles, id: :style_id).where(name: "Oat linen runner, 2.4 m").count
  end

  def test_before_it_is_bought_one_sees_what_there_is_who_sells_it_and_what_else_would_do
    visit "/buying"
    within("section[aria-label=\"This week's round\"]") do
      assert_text "sold out"
      click_button "Eucalyptus ball, 7 cm"
    end
    within(drawer) do
      assert_text "You own 9, last seen in box"
      assert_link "Quay window tree"
      assert_text "Sage velvet, 6 cm"
      assert_text "It should have been ordered by 18 Nov 2026."
      click_button "Write down a price"
      open_list nil
    end
    find("[role=option]", text: "Quayside Sundries").click
    within(drawer) do
      find_field("Price of a pack").set("11.20").send_keys(:tab)
      click_button "Keep it"

      assert_text "1 × 4, 3 over, €11.20"
    end
    assert_selector "section[aria-label='Quayside Sundries']", text: "Eucalyptus ball"
    within(drawer) do
      within("li", text: "Moss & Daughters") { click_button "Buy it here" }

      assert_button "Let price and days decide"
    end
    assert_selector "section[aria-label='Moss & Daughters']", text: "Eucalyptus ball"
    within(drawer) { click_button "Not sold at Quayside Sundries" }

    within(drawer) { assert_no_selector "li", text: "Quayside Sundries" }
  end

  def test_what_was_seen_is_noted_settled_and_deleted
    visit "/buying"
    find("button[aria-label='Pewter lantern, 24 cm, decide by Fri 27 Nov']").click
    within(drawer) do
      assert_text "Quayside Sundries, €38.00"
      click_button "Note something"
    end
    within("form") do
      click_button "Keep it"

      assert_text "Name is missing."
      fill_in "Name", with: "Rope star"
      fill_in "Where", with: "At the quay"
      find_field("Price").set("12,50").send_keys(:tab)
      click_button "Keep it"
    end

    within("section[aria-label='Rope star']") { assert_text "At the quay, €12.50" }
    click_button "More about Rope star"
    find("[role=menuitem]", text: "Bought or let go").click

    within("section[aria-label='Rope star']") { assert_text "settled 19 Nov" }
    click_button "More about Rope star"
    find("[role=menuitem]", text: "Delete it").click

    assert_no_selector "section[aria-label='Rope star']"
    click_button "Bring it back"

    assert_selector "section[aria-label='Rope star']"
    click_button "wished for"

    assert_text "A second runner of oat linen"
  end

  def test_a_round_is_ticked_without_network_and_counts_once
    installed_browser
    enter
    line = CutLine.new(page.server.port)
    at = "http://127.0.0.1:#{line.port}"
    visit "#{at}/buying"

    assert_text "This week’s round"
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    2.times { visit "#{at}/buying" }

    assert_text "This week’s round"
    line.cut do
      page.refresh
      within("section[aria-label=\"This week's round\"]") do
        tick "Paper star, 12 cm is bought"

        assert_text "1 purchase kept here until there is network."
        assert_text "bought, kept here until there is network"
      end
      assert_in_delta 10, on_hand("Paper star, 12 cm")
    end

    assert_no_text "kept here until there is network"
    assert_no_text "Paper star, 12 cm"
    assert_in_delta 20, on_hand("Paper star, 12 cm")
  ensure
    line&.close
  end

  def test_what_was_ticked_is_put_back
    visit "/buying"
    tick "Paper star, 12 cm is bought"

    assert_text "Paper star, 12 cm is in stock."
    assert_in_delta 20, on_hand("Paper star, 12 cm")
    click_button "Bring it back"

    assert_selector "section[aria-label='Quayside Sundries']", text: "Paper star"
    assert_in_delta 10, on_hand("Paper star, 12 cm")
  end

  def test_a_supplier_is_added_asked_and_deleted
    visit "/buying"
    more("Suppliers")
    within(drawer) { click_button "Add a supplier" }
    within("form") do
      click_button "Add it"

      assert_text "Name"
      fill_in "Name", with: "Ropewalk Stores"
      find_field("Days on its way").set("1").send_keys(:tab)
      click_button "Add a coupon"
      click_button "Add it"
    end

    assert_text "Ropewalk Stores was kept."
    within("section[aria-label='Ropewalk Stores']") do
      assert_text "1 day, closed Sundays. 1 coupon."
      click_button "Ask for prices and stock"
    end

    assert_text(/Ropewalk Stores answered for \d+ things/)
    click_button "More about Ropewalk Stores"
    find("[role=menuitem]", text: "Delete it").click

    assert_no_selector "[role=dialog] section[aria-label='Ropewalk Stores']"
    click_button "Bring it back"

    assert_selector "[role=dialog] section[aria-label='Ropewalk Stores']"
  end

  # Somebody else was faster: theirs is taken, gone on with and kept, without being asked a second time.
  def test_two_who_change_a_supplier_are_asked_once
    shop = DATABASE[:suppliers].where(name: "Halyard Trimmings")
    visit "/buying"
    more("Suppliers")
    click_button "More about Halyard Trimmings"
    find("[role=menuitem]", text: "Change it").click
    find_field("Days on its way").set("9").send_keys(:tab)
    shop.update(lead_days: 5, version: Sequel[:version] + 1)
    click_button "Keep it"

    assert_selector "tr", text: /On its way\s+9 days\s+5 days/
    click_button "Take theirs"

    assert_field "Days on its way", with: "5"
    fill_in "Note", with: "Rings twice."
    click_button "Keep it"

    assert_text "Halyard Trimmings was kept."
    assert_equal [5, "Rings twice."], shop.get(%i[lead_days note])
  end

  def test_what_was_bought_where_nobody_sells_any_more_is_refused_in_words_and_let_go
    installed_browser
    enter
    line = CutLine.new(page.server.port)
    visit "http://127.0.0.1:#{line.port}/buying"

    assert_text "This week’s round"
    line.cut do
      tick "Paper star, 12 cm is bought"

      assert_text "1 purchase kept here until there is network."
      DATABASE[:suppliers].where(name: "Quayside Sundries").update(deleted_at: Time.now)
    end

    assert_text(/Paper star, 12 cm was refused: .*That supplier is not there any more/)
    assert_in_delta 10, on_hand("Paper star, 12 cm")
    click_button "Let it go"

    assert_no_text "was refused"
  ensure
    line&.close
  end

  def budget(home) = find("section[aria-label='Budget'] button", text: home)

  def more(entry)
    click_button "More about buying"
    find("[role=menuitem]", text: entry).click
  end

  def test_a_budget_is_planned_and_what_an_hour_costs_changes_what_it_comes_to
    visit "/buying"
    budget("The Signal Loft").click
    within(drawer) do
      find_field("Planned, The home").set("15").send_keys(:tab)
      click_button "Keep it"
    end

    assert_selector "section[aria-label='Budget'] button", text: "over €19.42"
    more("What an hour costs")
    within(drawer) do
      find_field("An hour of work").set("0").send_keys(:tab)
      find_field("Mark-up on what is bought, %").set("0").send_keys(:tab)
      find_field("Tax, %").set("20").send_keys(:tab)
      click_button "Keep it"
    end

    assert_no_selector "[role=dialog]"
    budget("The Signal Loft").click

    within(drawer) { assert_text(/Together\s*€41.30/) }
  end

  def test_the_list_is_narrowed_sorted_and_read_on_the_phone
    page.driver.resize(390, 844)
    visit "/buying"
    fill_in "Narrow by words", with: "glass"

    assert_selector "li", text: "Plum glass drop"
    assert_no_selector "li", text: "Olive stems"
    fill_in "Narrow by words", with: "nothing like it"

    assert_text "Nothing like that is to be bought."
    find("[role=tab]", text: "On the way").click

    assert_text "1 to be replaced"
  end

  def test_an_assistant_sees_what_an_hour_costs_and_changes_nothing_of_it
    enter(ASSISTANT)
    visit "/buying"
    more("What an hour costs")
    within(drawer) do
      assert_text "Only the owner changes these."
      assert_field "An hour of work"
      assert_no_button "Keep it"
      click_button "Close"
    end

    assert_no_selector "[role=dialog]"
  end

  def test_lengths_are_told_in_the_units_of_the_studio
    DATABASE[:studios].update(units: "imperial")
    visit "/buying?as=list"

    assert_text "1 × 29.5 ft, 27.6 ft over"
    assert_no_text(/\d m over/)
  end
end

# Before anything is measured.
class EmptyBuyingTest < SystemTest
  def demo?
    false
  end

  def test_an_empty_studio_says_what_comes_here
    visit "/"
    fill_in "Name of the studio", with: "Copper & Quince"
    fill_in "Your name", with: "Ottoline Marsh"
    fill_in "Your email", with: OWNER
    fill_in "A password", with: Server::DemoStudio::PASSWORD
    click_button "Found the studio"

    assert_text "No homes yet"
    visit "/buying"

    assert_text "Nothing is to be bought"
    click_button "Suppliers"

    assert_text "Nobody sells yet."
  end
end

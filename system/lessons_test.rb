# frozen_string_literal: true

require_relative "system_test"

# What the log teaches: jobs against the book, what is proposed, taken on and taken back.
class LessonsTest < SystemTest
  def setup
    super
    enter
  end

  def learn(rule = nil)
    visit ["/house-rules/log", rule].compact.join("/")
    find("h2", text: "Jobs")
  end

  def says = find("section[aria-label='What the log says']")

  def rule(title) = find("nav[aria-label='House rules with jobs']").find("button", text: title)

  def more_about(job, what)
    find("button[aria-label^='More about #{job}']").click
    find("[role='menuitem']", text: what).click
  end

  def tell(**fields)
    click_button "Add a job"
    fields.each { |label, value| fill_in label.to_s.tr("_", " "), with: value }
    click_button "Add it"

    assert_text "The job was added."
  end

  def test_what_jobs_come_to_is_seen_and_said
    learn

    within(says) do
      assert_text "0.74"
      assert_text "The middle of 9 jobs is 1.23 × the book"
      assert_text "8 of 9 took more than the book says"
      assert_text "Of 2 jobs the pace of who did it is taken out."
      click_button "How that was reckoned"
    end

    assert_text "The middle one of 9, in order of size"
    click_button "Close the working"
    rule("The foot of the tree").click

    within(says) { assert_text "too wide to say" }
    rule("A room cleaned up").click

    within(says) { assert_text "jobs that only scatter do so in 38 % of cases" }
    rule("A pick").click

    within(says) { assert_text "Nothing is proposed before there are 5 jobs. There are 3." }
    assert_no_css "button", text: "Accept"
  end

  def test_what_would_change_is_said_before_it_is_accepted_and_it_comes_back_in_one_press
    learn "minutes.ornament"

    within("section[aria-label='What it would change']") do
      assert_text(/Alcove tree\s+Wed 2 Dec · ends \d+:\d\d → \d+:\d\d\s+32 min \+ 7\.6 min/)
      assert_text "Every plan not yet begun: + "
    end
    click_button "Accept 0.74"

    assert_text "An ornament: 0.74 minutes each from now on."
    within(says) { assert_text "within what a day brings" }
    within("section[aria-label='Decided before']") do
      assert_text(/0\.6 → 0\.74 minutes each\s+19 Nov 2026 · from 9 jobs · Ottoline Marsh/)
      click_button "Take back: An ornament"

      assert_text "taken back 19 Nov 2026"
    end
    within(says) { assert_button "Accept 0.74" }
    follow "/house-rules"
    click_button "Minutes"

    assert_field "An ornament, minutes each", with: "0.6"
  end

  def test_what_is_left_is_remembered_and_can_be_brought_back
    learn "minutes.fluff_slim"
    click_button "Leave 7"

    assert_text "7 minutes per ft, left as it was"
    assert_equal 1, DATABASE[:log_decisions].where(house_rule: "minutes.fluff_slim", accepted: false).count
  end

  def test_an_assistant_reads_and_does_not_decide
    anew
    enter ASSISTANT
    learn "minutes.ornament"

    within(says) { assert_text "An owner accepts or leaves it." }
    assert_no_button "Accept 0.74"
    assert_no_css "button", text: "Take it back"
  end

  def test_jobs_told_by_hand_make_a_proposal_and_one_is_left_out_with_its_reason
    learn "minutes.pick"
    2.times do |i|
      tell "How many": "20", "Minutes by the clock": (13 + i).to_s, "Piece or room": "Hall tree #{i}"
    end

    within(says) { assert_text "The middle of 5 jobs" }

    more_about "Hall tree 1", "Correct it, or leave it out"
    fill_in "Does not count, because", with: "the cat"
    click_button "Keep it"

    assert_text "does not count: the cat"
    within(says) { assert_text "There are 4." }
    more_about "Hall tree 1", "Correct it, or leave it out"

    within("section[aria-label='Before']") { assert_text "Minutes by the clock: 14 · until" }
  end

  def test_a_job_that_is_deleted_comes_back
    learn "minutes.pick"
    more_about "Signal tree", "Delete"

    assert_text "Signal tree, 1 Dec 2025, was deleted."
    within(says) { assert_text "There are 2." }
    click_button "Bring it back"

    within(says) { assert_text "There are 3." }
  end

  def test_what_cannot_be_is_said_at_its_field_and_nothing_typed_is_lost
    learn "minutes.pick"
    click_button "Add a job"
    fill_in "How many", with: "12"
    fill_in "Minutes by the clock", with: "0"
    click_button "Add it"

    assert_text(/What it took is 0/)
    assert_field "How many", with: "12"
  end

  def test_in_feet_lengths_are_asked_and_told_in_feet
    DATABASE[:studios].update(units: "imperial")
    learn "ribbon.billow_soft"

    assert_text(/\d+\.\d ft/)
    assert_no_text(/\d m\b/)
    tell "Length, ft": "100", "Used, ft": "125", "Piece or room": "Hall tree"

    assert_in_delta 30.48, DATABASE[:log_times].where(piece_name: "Hall tree").get(:parts).first["base"], 0.01
    assert_text "125.0 ft"
    follow "/house-rules/log/minutes.garland_hang"

    assert_text "suggests 1.74"
    assert_text "1.52 minutes per ft in the book"
  end

  def test_on_a_phone_a_rule_is_chosen_from_a_list
    page.driver.resize(390, 844)
    learn
    select "A garland hung, 5 minutes per m: suggests 5.7", from: "House rule"

    within(says) { assert_text "5.7" }
  end
end

# Before there is any job.
class NoLessonsTest < SystemTest
  def demo? = false

  def setup
    super
    post = Rack::MockRequest.new(Capybara.app)
    body = { studio: "Bare Bough", name: "Ida Fell", email: OWNER, password: Server::DemoStudio::PASSWORD,
             units: "metric", region: "europe" }
    post.post("/api/studios", input: body.to_json, "CONTENT_TYPE" => "application/json")
    enter
  end

  def test_an_empty_log_says_how_it_fills_and_takes_its_first_job
    visit "/house-rules/log"

    assert_text "No job is in the log yet"
    click_button "Add a job"
    select "A pick", from: "Work"
    fill_in "How many", with: "20"
    fill_in "Minutes by the clock", with: "12"
    click_button "Add it"

    assert_text "1 job of 5"
    follow "/ideas"

    assert_text "Nothing is noted for next year"
  end
end

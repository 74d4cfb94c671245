# frozen_string_literal: true

require "icalendar"
require_relative "../server_test"

# The days ahead: visits, who works, and who does what when.
class DaysTest < ServerTest
  def setup
    sign_in
  end

  # Asked again as long as something is still to be reckoned.
  def days(**asked)
    query = asked.map { |name, value| "#{name}=#{value}" }.join("&")
    told = nil
    20.times do
      told = ask(:get, "/api/days?#{query}")
      break if told["items"].none? { |span| span["pending"] }
    end
    told
  end

  def home(name) = DATABASE[:homes].where(name: name).get(:id)

  def worker(name) = DATABASE[:workers].where(name: name).get(:id)

  def fields(**changed)
    { home: home("The Signal Loft"), held_on: "2026-12-05", from_min: 540, to_min: 1020, lunch_from_min: 720,
      lunch_min: 30, workers: [worker("Bram Teasel")], **changed }
  end

  def create(status: 201, **changed)
    ask(:post, "/api/visits", fields(**changed), status: status)
  end

  def span(told, home) = told["items"].find { |one| one["homes"].any? { |other| other["name"] == home } }

  def test_visits_that_share_a_home_or_a_day_are_planned_together
    told = days

    assert_equal([%w[2026-11-28 2026-12-01], %w[2026-12-02 2026-12-02], %w[2027-01-05 2027-01-05]],
                 told["items"].map { |one| one.values_at("first_on", "last_on") })
    assert_equal(["Tidewaiter's House", "The Signal Loft"],
                 told["items"].first["homes"].map { |one| one["name"] })
  end

  def test_every_step_of_every_piece_finds_a_place_in_a_visit_to_its_home
    days["items"].each do |span|
      assert_empty(span["steps"].filter_map { |step| step["why"] })
      span["steps"].each { |step| inside(step, span) }

      assert_equal span["end_min"], span["steps"].map { |step| step["to_min"] }.max
      assert_operator span["end_min"], :>=, span["bound_min"]
      assert_empty span["chain"] - span["steps"].map { |step| step["id"] }
    end
  end

  def inside(step, span)
    visit = span["visits"].find do |one|
      one["home"] == step["home"] && step["from_min"].between?(one["starts_min"] + one["from_min"],
                                                               one["starts_min"] + one["to_min"])
    end

    refute_nil visit
    assert_operator step["to_min"], :<=, visit["starts_min"] + visit["to_min"]
    assert_empty step["workers"] - visit["workers"]
  end

  # Two homes on one day share people, who cross over between them.
  def test_nobody_is_in_two_homes_at_once
    span = days["items"].first
    span["steps"].combination(2).each do |one, other|
      next unless one["workers"].intersect?(other["workers"])

      apart = [other["from_min"] - one["to_min"], one["from_min"] - other["to_min"]].max

      assert_operator apart, :>=, one["home"] == other["home"] ? 0 : 30
    end
  end

  def test_its_minutes_are_those_of_the_pieces
    told = home_named("The Signal Loft")
    pieces = told["rooms"].flat_map { |room| room["pieces"] }.sum { |piece| piece["summary"]["minutes"] }
    span = span(days, "The Signal Loft")
    hoop = span["steps"].select { |step| step["title"] == "Make" }.sum { |step| step["minutes"] }
    steps = span["steps"].select { |step| step["piece"] && step["home"] == told["id"] }
    steps.reject! { |step| step["key"].start_with?("make ") }

    assert_in_delta pieces, steps.sum { |step| step["minutes"] } + hoop, steps.size * 0.05
  end

  def test_a_home_without_hours_says_what_finds_no_place_and_why
    DATABASE[:visits].where(held_on: "2026-12-02").update(to_min: 600, lunch_from_min: nil)
    whys = span(days, "Number Nine, Ropewalk")["steps"].to_h { |step| [step["id"], step["why"]] }.compact

    assert_includes whys.values, "no hours are left in which it could be done in one go"
    assert(whys.values.any? { |why| why.match?(/it waits for “[A-Z][a-z ]+, [^”]+”, which finds no place/) })
  end

  def calendar(**asked)
    days
    get "/api/days.ics?#{URI.encode_www_form(zone: 'Europe/Lisbon', **asked)}"

    assert_equal 200, last_response.status, last_response.body
    Icalendar::Calendar.parse(last_response.body).first
  end

  def test_a_calendar_has_each_visit_with_its_steps_by_the_clock_of_its_zone
    event = calendar.events.find { |one| one.summary == "Number Nine, Ropewalk" }

    assert_equal 6, calendar.events.size
    assert_equal ["Tidewaiter's House, taken down"],
                 calendar.events.map { |one| one.summary.to_s }.grep(/taken down/)
    assert_equal "20261202T090000", event.dtstart.strftime("%Y%m%dT%H%M%S")
    assert_equal "Europe/Lisbon", event.dtstart.ical_params["tzid"].first
    assert_equal(["Europe/Lisbon"], calendar.timezones.map { |zone| zone.tzid.to_s })
    assert_match(/\A9:00 Clear, /, event.description)
  end

  def test_who_asks_for_one_person_or_home_gets_those_visits_and_steps
    juniper = calendar(worker: worker("Juniper Lodd"))

    days["items"].flat_map { |span| span["visits"] }.count { |one| one["workers"].include?(worker("Juniper Lodd")) }
                 .then { |wanted| assert_equal wanted, juniper.events.size }
    whole = calendar.events.sum { |event| event.description.lines.size }

    assert_operator juniper.events.sum { |event| event.description.lines.size }, :<, whole
    assert_equal(["The Signal Loft"], calendar(home: home("The Signal Loft")).events.map do |one|
      one.summary.to_s
    end.uniq)
  end

  def test_what_is_fetched_again_replaces_what_was_fetched
    before = calendar.events.first
    told = days["items"].first["visits"].first
    ask(:put, "/api/visits/#{told['id']}",
        { **told.slice("home", "held_on", "from_min", "lunch_from_min", "lunch_min", "workers", "version"),
          to_min: 930 })
    after = calendar.events.first

    assert_equal before.uid, after.uid
    assert_operator after.sequence, :>, before.sequence
    refute_equal before.dtend.to_s, after.dtend.to_s
  end

  def test_the_day_on_which_stems_are_exchanged_is_a_day_of_its_own_in_the_calendar
    home = DATABASE[:homes].where(name: "The Signal Loft")
    home.update(spring_on: "2027-03-06")
    spring = -> { calendar.events.find { |one| one.summary.to_s.end_with?("stems of spring") } }

    assert_equal ["The Signal Loft, stems of spring", "2027-03-06"],
                 [spring.call.summary.to_s, spring.call.dtstart.to_date.iso8601]
    home.update(spring_on: "2026-03-06")

    assert_nil spring.call
  end

  def test_a_zone_there_is_none_and_people_who_are_not_there_are_told
    assert_equal ["/zone"], pointers(ask(:get, "/api/days.ics?zone=Moon/Crater", status: 422))
    ask(:get, "/api/days.ics?worker=#{SecureRandom.uuid}", status: 404)
    ask(:get, "/api/days.ics?home=#{SecureRandom.uuid}", status: 404)
  end

  def wanted_on(home)
    ask(:get, "/api/homes")["items"].find { |one| one["name"] == home }["visit_on"]
  end

  def test_stock_and_buying_follow_the_first_visit
    before = ask(:get, "/api/buying")["items"].to_h { |line| [line["name"], line["quote"]["order_by_on"]] }
    first = DATABASE[:visits].where(held_on: "2026-12-02").get(:id)
    told = days["items"].flat_map { |span| span["visits"] }.find { |visit| visit["id"] == first }
    fields = told.slice("home", "from_min", "to_min", "lunch_from_min", "lunch_min", "workers")
    ask(:put, "/api/visits/#{first}", { **fields, held_on: "2026-12-09", version: told["version"] })

    assert_equal "2026-12-09", wanted_on("Number Nine, Ropewalk")
    after = ask(:get, "/api/buying")["items"].to_h { |line| [line["name"], line["quote"]["order_by_on"]] }

    refute_equal before, after
    ask(:put, "/api/visits/#{first}", { **fields, held_on: "2026-12-02", version: told["version"] + 1 })

    assert_equal(before, ask(:get, "/api/buying")["items"].to_h { |line| [line["name"], line["quote"]["order_by_on"]] })
    early = create(home: home("Number Nine, Ropewalk"), held_on: "2026-11-25", workers: [])

    assert_equal "2026-11-25", wanted_on("Number Nine, Ropewalk")
    ask(:delete, "/api/visits/#{early['id']}", status: 204)

    assert_equal "2026-12-02", wanted_on("Number Nine, Ropewalk")
  end

  def test_no_visit_comes_after_the_strike
    DATABASE[:homes].where(name: "The Signal Loft").update(visit_on: nil, strike_on: "2026-12-04")
    DATABASE[:visits].where(home_id: home("The Signal Loft")).delete

    assert_equal ["/held_on"], pointers(create(status: 422))
    assert_empty DATABASE[:visits].where(home_id: home("The Signal Loft")).all
  end

  def test_a_skill_nobody_has_is_named
    DATABASE[:workers].update(skills: Sequel.pg_array([], :text))

    assert_includes span(days, "Number Nine, Ropewalk")["steps"].map { |step| step["why"] },
                    "nobody has the skill it takes: symmetry"
  end

  def test_the_school_says_who_begins
    studio = ask(:get, "/api/me")["studio"]
    ask(:patch, "/api/studio", { version: studio["version"], house_order: "lights_first" })
    span = span(days, "Number Nine, Ropewalk")
    lights = span["steps"].select { |step| step["title"] == "Lights" }

    assert_equal "lights_first", days["house_order"]
    lights.each do |one|
      span["steps"].select { |step| step["room"] == one["room"] && step["title"] == "Ornaments" }.each do |step|
        assert_operator step["from_min"], :>=, one["to_min"]
      end
    end
  end

  def test_what_is_over_is_asked_for
    DATABASE[:visits].where(held_on: "2026-12-02").update(held_on: "2026-11-10")

    assert_equal(%w[2026-11-28 2027-01-05], days["items"].map { |one| one["first_on"] })
    assert_equal(%w[2026-11-10], days(past: true)["items"].map { |one| one["first_on"] })
  end

  def test_more_steps_than_can_be_planned_are_told_in_words
    few = Rules::Days::Schedule.send(:remove_const, :MOST_TASKS)
    Rules::Days::Schedule.const_set(:MOST_TASKS, 50)

    assert_match(/\AThere are \d+ steps in these days; 50 can be planned together\./,
                 span(days, "The Signal Loft")["problem"])
  ensure
    Rules::Days::Schedule.send(:remove_const, :MOST_TASKS)
    Rules::Days::Schedule.const_set(:MOST_TASKS, few)
  end

  def test_a_visit_is_made_changed_deleted_and_brought_back
    made = create
    changed = ask(:put, "/api/visits/#{made['id']}", { version: 1, **fields(to_min: 960, workers: []) })

    assert_equal [2, 960, []], changed.values_at("version", "to_min", "workers")
    ask(:put, "/api/visits/#{made['id']}", { version: 1, **fields }, status: 409)
    ask(:delete, "/api/visits/#{made['id']}", status: 204)
    ask(:put, "/api/visits/#{made['id']}", { version: 3, **fields }, status: 404)

    assert_equal "2026-12-05", ask(:post, "/api/visits/#{made['id']}/restore", {})["held_on"]
    ask(:post, "/api/visits/#{made['id']}/restore", {}, status: 404)
  end

  def test_what_a_visit_cannot_be_is_said_by_field
    { { to_min: 540 } => "/to_min", { lunch_from_min: 1000 } => "/lunch_from_min", { from_min: -1 } => "/from_min",
      { held_on: "2026-02-30" } => "/held_on", { held_on: "9999-01-01" } => "/held_on", { home: "loft" } => "/home",
      { workers: [SecureRandom.uuid] } => "/workers", { lunch_min: 500 } => "/lunch_min" }.each do |changed, pointer|
      told = create(**changed, status: 422)

      assert_equal [pointer], pointers(told), changed.inspect
    end
  end

  def test_nobody_is_sent_to_two_homes_at_once_neither_by_bringing_one_back
    first = create
    other = fields(home: home("Tidewaiter's House"), from_min: 960, to_min: 1200, lunch_from_min: nil)
    told = ask(:post, "/api/visits", other, status: 422)

    assert_equal "Bram Teasel is in The Signal Loft from 9:00 to 17:00 that day. Choose other hours, or somebody else.",
                 told["errors"].first["message"]
    ask(:delete, "/api/visits/#{first['id']}", status: 204)
    ask(:post, "/api/visits", other, status: 201)
    ask(:post, "/api/visits/#{first['id']}/restore", {}, status: 422)

    assert DATABASE[:visits].where(id: first["id"]).get(:deleted_at)
  end

  def test_who_works_is_added_changed_deleted_and_brought_back
    made = ask(:post, "/api/workers", { name: " Nib Farrow ", pace: 1.4, skills: ["heights"] }, status: 201)
    path = "/api/workers/#{made['id']}"

    assert_equal ["Nib Farrow", 1.4, ["heights"]], made.values_at("name", "pace", "skills")
    ask(:put, path, { version: 1, name: "Nib Farrow", pace: 1, skills: [] })
    ask(:put, path, { version: 1, name: "Nib Farrow", pace: 2, skills: [] }, status: 409)
    ask(:delete, path, status: 204)

    refute_includes days["workers"].map { |one| one["id"] }, made["id"]
    assert_equal "Nib Farrow", ask(:post, "#{path}/restore", {})["name"]
    assert_equal ["/pace"], pointers(ask(:put, path, { version: 4, name: "Nib", pace: 9, skills: [] }, status: 422))
  end

  def test_who_works_here_no_more_is_in_no_visit
    juniper = worker("Juniper Lodd")
    ask(:delete, "/api/workers/#{juniper}", status: 204)

    refute(days["items"].any? { |span| span["visits"].any? { |visit| visit["workers"].include?(juniper) } })
    ask(:post, "/api/visits", fields(workers: [juniper]), status: 422)
  end

  def test_more_than_can_be_planned_are_refused
    juniper = worker("Juniper Lodd")
    ask(:delete, "/api/workers/#{juniper}", status: 204)
    10.times { |i| ask(:post, "/api/workers", { name: "Helper #{i}", pace: 1, skills: [] }, status: 201) }
    ask(:post, "/api/workers/#{juniper}/restore", {}, status: 422)

    refute_nil DATABASE[:workers].where(id: juniper).get(:deleted_at)

    assert_equal ["/name"], pointers(ask(:post, "/api/workers", { name: "One more", pace: 1, skills: [] }, status: 422))
  end

  def test_a_visit_of_a_home_that_is_gone_is_gone_until_it_comes_back
    loft = home("The Signal Loft")
    ask(:delete, "/api/homes/#{loft}")

    refute(days["items"].any? { |span| span["homes"].any? { |one| one["id"] == loft } })
    ask(:post, "/api/homes/#{loft}/restore", {})

    assert span(days, "The Signal Loft")
  end

  # What was planned elsewhere meanwhile stands; the days are shown all the same.
  def test_a_home_that_comes_back_to_hours_given_away_can_be_planned
    loft = home("The Signal Loft")
    ask(:delete, "/api/homes/#{loft}")
    create(home: home("Number Nine, Ropewalk"), held_on: "2026-11-30", from_min: 600, to_min: 800, lunch_from_min: nil,
           lunch_min: 0, workers: [worker("Bram Teasel")])
    ask(:post, "/api/homes/#{loft}/restore", {})

    assert_nil span(days, "The Signal Loft")["problem"]
  end

  def test_a_visit_to_which_nobody_comes_says_so
    DATABASE[:visit_workers].delete

    assert_includes span(days, "Number Nine, Ropewalk")["steps"].map { |step| step["why"] },
                    "it takes 1 person, and so many are never there"
  end

  def test_the_days_take_no_more_statements_for_more_visits
    days
    few = statements { ask(:get, "/api/days") }
    create(home: home("Number Nine, Ropewalk"))
    days

    assert_equal(few, statements { ask(:get, "/api/days") })
  end

  def statements
    heard = StringIO.new
    DATABASE.loggers << Logger.new(heard)
    yield
    heard.string.scan(/: \(\d/).size
  ensure
    DATABASE.loggers.clear
  end
end

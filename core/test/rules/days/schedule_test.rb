# frozen_string_literal: true

require_relative "../../core_test"

# Who does what when. Every schedule is looked over by a checker that knows nothing of how it was made.
class ScheduleTest < CoreTest
  G = PropCheck::Generators
  MORNING = { "from_min" => 480, "to_min" => 720 }.freeze
  NEXT_DAY = { "from_min" => 1_920, "to_min" => 2_160 }.freeze
  IDA = { "id" => "ida", "skills" => %w[ribbon heights], "hours" => [MORNING, NEXT_DAY] }.freeze
  BRAM = { "id" => "bram", "pace" => 1.4, "hours" => [MORNING, NEXT_DAY] }.freeze

  def answer(tasks, people = [IDA, BRAM])
    Catalogue.answer("days.schedule", { "tasks" => tasks, "people" => people })
  end

  def task(id, minutes = 30, **said)
    { "id" => id, "minutes" => minutes, **said.transform_keys(&:to_s) }
  end

  def after(*ids, wait: 0) = ids.map { |id| { "id" => id, "wait_min" => wait } }

  def slot(told, id) = told[:steps].find { |one| one[:task] == id }

  def why(told, id) = told[:unplaced].find { |one| one[:task] == id }&.fetch(:why)

  # What is wrong with a schedule; nothing where all holds.
  def faults(tasks, people, told)
    placed = told[:steps].to_h { |one| [one[:task], one] }
    each = tasks.flat_map { |one| placed[one["id"]] ? wrong(one, placed, people) : [] }
    [*each, *met_twice(told), *missing(tasks, told)]
  end

  def wrong(task, placed, people)
    slot = placed.fetch(task["id"])
    those = slot[:people].map { |id| people.find { |one| one["id"] == id } }
    [("people" if those.uniq.size != task.fetch("people", 1)), ("minutes" unless long?(task, slot, those)),
     ("skill" unless task["skill"].nil? || those.any? { |one| one.fetch("skills", []).include?(task["skill"]) }),
     ("hours" unless those.all? { |one| there?(one, slot, task["site"]) }),
     ("early" if slot[:from_min] < task.fetch("not_before_min", 0)),
     ("late" if task["ready_by_min"] && slot[:to_min] > task["ready_by_min"]),
     *task.fetch("after", []).map { |one| "order" unless order?(one, slot, placed) }]
      .compact.map { |fault| "#{task['id']}: #{fault}" }
  end

  def long?(task, slot, those)
    slot[:to_min] - slot[:from_min] == (task["minutes"] * those.map { |one| one.fetch("pace", 1) }.max).ceil
  end

  def there?(person, slot, site)
    person["hours"].any? do |one|
      one["from_min"] <= slot[:from_min] && slot[:to_min] <= one["to_min"] &&
        (site.nil? || one["site"].nil? || one["site"] == site)
    end
  end

  def order?(before, slot, placed)
    done = placed[before["id"]]
    done && slot[:from_min] >= done[:to_min] + before.fetch("wait_min", 0)
  end

  # Nobody does two things at a time.
  def met_twice(told)
    told[:steps].combination(2).filter_map do |one, other|
      both = one[:people] & other[:people]
      next if both.empty? || one[:to_min] <= other[:from_min] || other[:to_min] <= one[:from_min]

      "#{one[:task]} and #{other[:task]} meet"
    end
  end

  def missing(tasks, told)
    told_of = told[:steps].map { |one| one[:task] } + told[:unplaced].map { |one| one[:task] }
    told_of.sort == tasks.map { |one| one["id"] }.sort ? [] : ["not each told once"]
  end

  # What she does in another home does not keep her from this one.
  def test_what_decides_goes_past_hours_in_another_home
    hours = [[480, 600, "loft"], [660, 840, "quay"], [1_920, 2_040, "loft"]].map do |from, to, site|
      { "from_min" => from, "to_min" => to, "site" => site }
    end
    tasks = [task("tree", 60, site: "loft"), task("ledge", 60, site: "loft"), task("bow", 40, site: "quay"),
             task("jars", 50, site: "loft")]
    told = answer(tasks, [{ "id" => "ida", "hours" => hours }])

    assert_equal 1_970, told[:end_min]
    assert_equal [%w[ledge tree], "jars"], [told[:chain].first(2).sort, told[:chain].last]
    refute_includes told[:chain], "bow"
  end

  def test_a_step_is_done_where_its_home_is
    loft = { "from_min" => 480, "to_min" => 600, "site" => "loft" }
    quay = { "from_min" => 660, "to_min" => 840, "site" => "quay" }
    people = [{ "id" => "ida", "hours" => [loft, quay] }, { "id" => "bram", "pace" => 1.5, "hours" => [loft, quay] }]
    tasks = [task("tree", 60, site: "quay"), task("mantel", 60, site: "quay", people: 2),
             task("ledge", 90, site: "loft"), task("rail", 100, site: "loft", people: 2), task("call", 20)]
    told = answer(tasks, people)

    assert_empty faults(tasks, people, told)
    assert_equal(%w[rail], told[:unplaced].map { |one| one[:task] })
    assert_operator slot(told, "tree")[:from_min], :>=, 660
    assert_operator told[:bound_min], :<=, told[:end_min]
  end

  def test_steps_are_done_side_by_side_by_those_who_are_there
    told = answer([task("tree"), task("door")])

    assert_equal([480, 480], [slot(told, "tree"), slot(told, "door")].map { |one| one[:from_min] })
    assert_equal 480 + (30 * 1.4), told[:end_min]
  end

  def test_the_slowest_of_those_who_do_it_says_how_long_it_takes
    told = answer([task("garland", 31, people: 2)])

    assert_equal (31 * 1.4).ceil, told[:end_min] - 480
    assert_equal %w[bram ida], slot(told, "garland")[:people].sort
  end

  def test_what_waits_begins_when_what_it_waits_for_has_dried
    told = answer([task("paint", 30), task("hang", 10, after: after("paint", wait: 60))])

    assert_equal 480 + 30 + 60, slot(told, "hang")[:from_min]
    assert_equal %w[paint hang], told[:chain]
    assert_equal [580, 580], told.outputs.values_at(:end_min, :bound_min)
    overnight = answer([task("paint", 30), task("hang", 10, after: after("paint", wait: 600))])

    assert_equal 1_920, slot(overnight, "hang")[:from_min]
  end

  def test_a_skill_is_had_by_one_of_those_who_do_it
    told = answer([task("bows", 20, skill: "ribbon"), task("swags", 20, people: 2, skill: "heights")])

    assert(told[:steps].all? { |one| one[:people].include?("ida") })
    assert_includes why(answer([task("shelf", skill: "carpentry")]), "shelf"),
                    "nobody has the skill it takes: carpentry"
  end

  def test_a_step_lies_inside_one_visit
    told = answer([task("one", 200), task("two", 200)], [IDA])

    assert_equal [480, 1_920], [slot(told, "one"), slot(told, "two")].map { |one| one[:from_min] }.sort
    assert_includes why(answer([task("long", 300)], [IDA]), "long"), "no visit is long enough"
    assert_includes why(answer([task("three", 5, people: 3)]), "three"), "it takes 3 people"
  end

  def test_not_before_and_ready_by
    told = answer([task("delivered", 20, not_before_min: 600), task("party", 30, ready_by_min: 510)])

    assert_equal 600, slot(told, "delivered")[:from_min]
    assert_equal 510, slot(told, "party")[:to_min]
    late = answer([task("party", 30, ready_by_min: 500), task("photographs", 5, after: after("party"))])

    assert_includes why(late, "party"), "by the time it is to be ready"
    assert_includes why(late, "photographs"), "it waits for “party”"
    assert_equal 2, late.findings.first.to_h[:message][/\d/].to_i
  end

  # What is to be ready first goes first, though it came last.
  def test_what_is_to_be_ready_is_not_kept_waiting
    tasks = [task("one", 100), task("two", 100), task("party", 60, ready_by_min: 560)]

    assert_empty answer(tasks, [IDA])[:unplaced]
  end

  def test_slack_is_how_much_later_it_could_be_without_moving_the_end
    told = answer([task("long", 120), task("short", 30, skill: "ribbon")], [IDA, { **BRAM, "pace" => 1 }])

    assert_equal({ "long" => 0, "short" => 90 }, told[:slack].sort.to_h)
    assert_equal ["long"], told[:chain]
  end

  # What somebody does next waits for what she does now.
  def test_slack_keeps_the_order_of_a_person
    told = answer([task("one", 60), task("two", 60)], [IDA])

    assert_equal [0, 0], told[:slack].values
    assert_equal 2, told[:chain].size
  end

  # She comes at ten: what others did before decides nothing.
  def test_a_chain_begins_where_somebody_comes
    late = { "id" => "late", "skills" => %w[carpentry], "hours" => [{ "from_min" => 600, "to_min" => 720 }] }
    told = answer([task("clear"), task("shelf", 30, skill: "carpentry", after: after("clear"))], [IDA, late])

    assert_equal ["shelf"], told[:chain]
    assert_equal({ "clear" => 90, "shelf" => 0 }, told[:slack])
  end

  # As early as a plain list scheme with thirty random restarts, or earlier.
  File.readlines(File.join(__dir__, "../../schedule_examples.ndjson")).each_with_index do |line, i|
    define_method("test_schedule_#{i}_is_at_least_as_good_as_a_plain_list") do
      row = JSON.parse(line)
      tasks, people = row["inputs"].values_at("tasks", "people")
      told = answer(tasks, people)

      assert_empty faults(tasks, people, told)
      assert_empty told[:unplaced]
      assert_operator told[:end_min], :<=, row["reference_end_min"]
      assert_operator told[:bound_min], :>=, row["bound_min"] - 1e-6
    end
  end

  def test_without_steps_or_people_nothing_is_done
    assert_equal [[], 0, 0], answer([]).outputs.values_at(:steps, :end_min, :bound_min)
    assert_equal 1, answer([task("tree")], [])[:unplaced].size
  end

  def test_what_cannot_be_is_refused
    { [task("a", after: after("b")), task("b", after: after("a"))] => "steps_circle",
      [task("a", after: after("x"))] => "step_unknown", [task("a"), task("a")] => "named_twice" }.each do |tasks, code|
      assert_equal code, assert_raises(InputError) { answer(tasks) }.faults.first.code
    end
    [[{ "from_min" => 5, "to_min" => 5 }], [MORNING, { "from_min" => 700, "to_min" => 800 }]].each do |hours|
      error = assert_raises(InputError) { answer([], [{ "id" => "a", "hours" => hours }]) }

      assert_equal "hours_wrong", error.faults.first.code
    end
  end

  def studio(random, steps, people: 2 + random.rand(3), visits: 2 + random.rand(3))
    days = Array.new(visits) { |i| (i * 2 * 1_440) + 480 }
    hours = days.map { |day| { "from_min" => day, "to_min" => day + 240 + (60 * random.rand(4)) } }
    workers = Array.new(people) do |i|
      { "id" => "p#{i}", "pace" => i.zero? ? 1 : [1, 1.2, 1.4].sample(random: random),
        "skills" => i.zero? ? %w[ribbon heights] : %w[heights].sample(random.rand(2), random: random),
        "hours" => hours }
    end
    [Array.new(steps) { |i| invented(random, i) }, workers]
  end

  def invented(random, number)
    before = number.zero? ? [] : Array.new(random.rand(3)) { "t#{random.rand(number)}" }.uniq
    task("t#{number}", [5, 10, 15, 20, 30, 45].sample(random: random),
         people: random.rand < 0.2 ? 2 : 1, after: after(*before, wait: random.rand < 0.1 ? 60 : 0),
         skill: random.rand < 0.2 ? "ribbon" : nil)
  end

  # Whatever the studio: everything holds, no end before its bound, never worse than first come, first served.
  def test_whatever_the_studio_every_rule_holds
    random = Random.new(4)
    20.times do
      tasks, people = studio(random, 4 + random.rand(18))
      told = answer(tasks, people)

      assert_empty faults(tasks, people, told)
      assert_operator told[:end_min], :>=, told[:bound_min] if told[:unplaced].empty?

      assert_operator told[:slack].values.min || 0, :>=, 0
      assert_operator told[:unplaced].size, :<=, first_come(tasks, people).unplaced.size
    end
  end

  def first_come(tasks, people)
    steps = tasks.map do |one|
      Days::Step.new(id: one["id"], minutes: one["minutes"], people: one["people"], skill: one["skill"],
                     after: one["after"].to_h { |before| before.values_at("id", "wait_min") })
    end
    workers = people.map do |one|
      Days::Worker.new(id: one["id"], pace: one["pace"], skills: one["skills"],
                       hours: one["hours"].map { |hours| hours.values_at("from_min", "to_min") })
    end
    Days::Served.new(steps, workers).in_order(tasks.map { |one| one["id"] })
  end

  # In the middle the end is within two hundredths of what no schedule can be before.
  def test_ends_are_near_what_is_proven
    random = Random.new(9)
    shares = Array.new(15) do
      tasks, people = studio(random, 8 + random.rand(33))
      told = answer(tasks, people)
      told[:unplaced].empty? ? told[:end_min] / told[:bound_min] : nil
    end
    sorted = shares.compact.sort

    assert_operator sorted.size, :>=, 12
    assert_operator sorted[sorted.size / 2], :<=, 1.02
  end

  def test_the_same_is_asked_and_the_same_answered
    tasks, people = studio(Random.new(2), 12)

    assert_equal answer(tasks, people).outputs, answer(tasks, people).outputs
  end

  # From one link to the next nothing could begin earlier, and the last is the end.
  def test_the_chain_leads_to_the_end_without_a_gap
    random = Random.new(6)
    10.times do
      tasks, people = studio(random, 10)
      told = answer(tasks, people)
      links = told[:chain].map { |id| slot(told, id) }

      assert_equal told[:end_min], links.last[:to_min]
      links.each_cons(2) { |one, other| assert_operator one[:to_min], :<=, other[:from_min] }
    end
  end
end

# frozen_string_literal: true

require_relative "../core_test"

# How long steps took, by when they were ticked.
class TickedTest < CoreTest
  DAY = Time.utc(2026, 11, 28)

  def act(clock, kind, step = "", by: "Bram")
    hours, minutes = clock.split(":").map(&:to_i)
    at = DAY + (((hours * 60) + minutes) * 60)
    Days::Act.new(key: "#{clock} #{kind} #{step} #{by}", kind: kind, step: step, by: by, at: at,
                  minute: (hours * 60) + minutes)
  end

  def minutes(*acts, **more)
    ticked = Logbook::Ticked.new(acts.sort_by(&:at), from_min: 540, **more)
    ticked.stretches.map { |one| [one.step, one.minutes.round(6)] }
  end

  def test_a_step_takes_from_what_was_done_before_to_its_last_tick
    assert_equal [["foot", 20.0], ["picks", 15.0]],
                 minutes(act("9:20", "up", "foot"), act("9:30", "up", "picks"), act("9:35", "up", "picks"))
  end

  def test_it_lies_where_it_was_worked
    ticked = Logbook::Ticked.new([act("9:20", "up", "foot"), act("9:30", "up", "picks"), act("9:35", "up", "picks")],
                                 from_min: 545)

    assert_equal([[545, 560], [560, 575]], ticked.stretches.map { |one| [one.from.round, one.to.round] })
  end

  def test_the_car_is_no_work_on_a_piece
    assert_equal [["foot", 10.0]], minutes(act("9:15", "laid_out"), act("9:25", "up", "foot"))
  end

  def test_who_begins_early_begins_with_the_first_tick
    assert_equal [["foot", 0.0], ["picks", 5.0]], minutes(act("8:50", "up", "foot"), act("8:55", "up", "picks"))
  end

  def test_a_pause_is_nobodys
    assert_equal [["foot", 10.0]], minutes(act("9:05", "pause"), act("9:35", "resume"), act("9:40", "up", "foot"))
  end

  def test_lunch_is_nobodys_unless_a_pause_was_it
    assert_equal [["foot", 150.0]], minutes(act("12:00", "up", "foot"), lunch: [690, 720])
    told = minutes(act("11:25", "pause"), act("12:05", "resume"), act("12:10", "up", "foot"), lunch: [690, 720])

    assert_equal [["foot", 150.0]], told
  end

  def test_notes_and_what_ran_out_belong_to_what_is_in_hand
    assert_equal [["foot", 30.0]],
                 minutes(act("9:10", "note"), act("9:15", "ran_out", "foot"), act("9:20", "used", "foot"),
                         act("9:30", "up", "foot"))
  end

  def test_what_was_put_off_has_no_time
    assert_equal [["picks", 10.0]], minutes(act("9:10", "wait_for", "foot"), act("9:20", "up", "picks"))
  end

  def test_each_person_has_a_line_of_time
    assert_equal [["foot", 20.0], ["picks", 30.0]],
                 minutes(act("9:20", "up", "foot"), act("9:30", "up", "picks", by: "Ida"))
  end

  def test_minutes_are_at_the_usual_pace
    assert_equal [["foot", 20.0]], minutes(act("9:28", "up", "foot", by: "Juniper"), paces: { "Juniper" => 1.4 })
  end

  def test_nothing_said_tells_nothing
    assert_empty minutes
  end
end

# frozen_string_literal: true

require_relative "../core_test"

# What several phones say of one visit, in whatever order it comes.
class JournalTest < CoreTest
  def act(key, kind, at: 540, **told)
    Days::Act.new(key: key, kind: kind, step: "tree/foot", at: at, **told)
  end

  def journal(*acts) = Days::Journal.new(acts)

  def test_what_is_up_is_up_however_often_it_is_said
    once = act("a", "up", by: "Bram")

    assert journal(once, once).up?("tree/foot", "")
    assert_equal 1, journal(once, once).live.size
    refute journal.up?("tree/foot", "")
  end

  def test_what_is_taken_back_is_not_up_also_where_that_came_first
    back = act("b", "undo", of: "a", at: 541)

    refute journal(act("a", "up"), back).up?("tree/foot", "")
    refute journal(back, act("a", "up")).up?("tree/foot", "")
    assert journal(act("a", "up"), back, act("c", "up")).up?("tree/foot", "")
  end

  def test_what_waits_is_what_was_said_to_wait_last
    wait = act("a", "wait_for", says: "the ribbon")

    assert_equal [wait], journal(wait).waits
    assert_empty journal(wait, act("b", "carry_on", at: 541)).waits
    assert_empty journal(wait, act("c", "undo", of: "a", at: 541)).waits
  end

  def test_a_step_is_begun_with_the_first_of_its_turns
    told = journal(act("a", "up", turn: "slate 1"))

    assert told.begun?("tree/foot")
    refute told.begun?("tree/picks")
  end

  def test_a_step_waits_until_somebody_carries_on
    waits = act("a", "wait_for", says: "the lights", at: 600)

    assert_equal "the lights", journal(waits).waiting("tree/foot").says
    assert_nil journal(waits, act("b", "carry_on", at: 601)).waiting("tree/foot")
    assert_equal "the lights", journal(act("b", "carry_on", at: 599), waits).waiting("tree/foot").says
    assert_nil journal(act("c", "skip", at: 600)).waiting("tree/foot")
  end

  def test_of_two_who_put_up_the_same_the_first_did_and_it_counts_once
    both = journal(act("a", "up", by: "Bram", at: 600), act("b", "up", by: "Ottoline", at: 599))

    assert_equal ["Ottoline"], both.turns_up.values.map(&:by)
  end

  # The model: one phone's acts in its own order are what it did; sets have no order.
  class Model
    def initialize
      @up = Hash.new { |all, turn| all[turn] = [] }
      @back = []
    end

    def take(act)
      act.undo? ? @back << act.of : @up[act.turn] |= [act.key]
    end

    def up = @up.select { |_, keys| (keys - @back).any? }.keys.sort
  end

  def test_any_interleaving_of_two_phones_sent_any_number_of_times_tells_the_same
    200.times do |seed|
      chance = Random.new(seed)
      phones = %w[Bram Ottoline].map { |by| of_phone(by, chance) }
      model = Model.new.tap { |one| phones.flatten.each { |said| one.take(said) } }
      came = interleaved(phones.map(&:dup), chance)
      came += came.sample(5, random: chance)
      told = Days::Journal.new(came)

      assert_equal model.up, told.turns_up.keys.map(&:last).sort, "seed #{seed}"
      assert_equal Days::Journal.new(phones.flatten).live, told.live
    end
  end

  private

  def of_phone(by, chance)
    acts = []
    20.times do |i|
      ups = acts.select(&:up?)
      acts << if ups.any? && chance.rand < 0.3
                act("#{by}#{i}", "undo", of: ups.sample(random: chance).key, at: i, by: by)
              else
                act("#{by}#{i}", "up", turn: "slate #{chance.rand(6)}", at: i, by: by)
              end
    end
    acts
  end

  def interleaved(phones, chance)
    came = []
    came << phones.reject(&:empty?).sample(random: chance).shift until phones.all?(&:empty?)
    came
  end
end

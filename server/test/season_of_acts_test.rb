# frozen_string_literal: true

require_relative "server_test"

# Whatever happens in a season, in whichever order: nothing is lost between stock, homes and boxes.
class SeasonOfActsTest < ServerTest
  ACTS = 45
  AT = "2027-01-05T10:20:00+01:00"

  def setup
    sign_in
    @home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    @visit = DATABASE[:visits].where(home_id: @home, purpose: "strike").get(:id)
    20.times { break unless (@sheet = ask(:get, "/api/visits/#{@visit}/run-sheet"))["pending"] }
    counted
    @boxes = @sheet["strike"]["boxes"].map { |box| box["id"] }
  end

  # Everything there is to say something of: step, and the thing.
  def things
    @things ||= @sheet["steps"].flat_map { |step| step["things"].map { |thing| [step["id"], thing] } }
                               .select { |_, thing| thing["style"] }
  end

  def said = @said ||= []

  # What the stock has of each thing, as this test has counted along.
  def counted
    @counted ||= DATABASE[:stock_quantities].select_hash(:style_id, :on_hand).tap { |all| all.default = 0.0 }
  end

  def take(random)
    step, thing = things.sort_by { |step, thing| [step[37..], thing["label"]] }.sample(random: random)
    kind = %w[broken lost found boxed used up undo tested note].sample(random: random)
    return back(random) if kind == "undo"

    quantity = random.rand(1..3)
    act = { key: SecureRandom.uuid, kind: kind, step: step, turn: thing["style"], quantity: quantity, at: AT }
    act[:box] = @boxes.sample(random: random) if %w[broken found boxed].include?(kind) && random.rand < 0.7
    act = act.merge(says: "so") if kind == "note"
    send_some([act], random) { note(act) }
  end

  # Once, twice, or three times at once: it counts once.
  def send_some(acts, random)
    answers = Array.new(random.rand(1..3)) { ask(:post, "/api/visits/#{@visit}/acts", { acts: acts }) }
    yield if answers.first["refused"].empty?
  end

  BY = { "broken" => -1, "lost" => -1, "used" => -1, "found" => 1 }.freeze

  def note(act)
    sign = BY.fetch(act[:kind], 0)
    before = counted[act[:turn]]
    by = used_before?(act) ? 0 : [sign * act[:quantity], -before].max
    counted[act[:turn]] = before + by
    said << [act, by]
  end

  # In a step of a piece a thing is used once; what was cut for it is not used again.
  def used_before?(act)
    return false unless act[:kind] == "used"

    piece = act[:step].split("/").first
    cut = DATABASE[:piece_acts].where(piece_id: piece, style_id: act[:turn], of_visit: false, taken_back_at: nil).any?
    cut || said.any? do |one, by|
      by.nonzero? && one.values_at(:kind, :step, :turn) == act.values_at(:kind, :step, :turn)
    end
  end

  def back(random)
    act, by = said.sample(random: random)
    return unless act

    send_some([{ key: SecureRandom.uuid, kind: "undo", of: act[:key], at: AT }], random) do
      said.delete_if { |one, _| one[:key] == act[:key] }
      counted[act[:turn]] -= by
    end
  end

  def assert_nothing_lost(where)
    lots = DATABASE[:stock_lots].group(:style_id).select_hash(:style_id, Sequel.function(:sum, :quantity).as(:sum))
    moves = DATABASE[:stock_moves].group(:style_id).select_hash(:style_id, Sequel.function(:sum, :quantity).as(:sum))
    DATABASE[:stock_quantities].select_hash(:style_id, :on_hand).each do |style, on_hand|
      assert_operator on_hand, :>=, 0, where
      assert_in_delta on_hand, lots.fetch(style, 0), 1e-6, where
      assert_in_delta on_hand, moves.fetch(style, 0), 1e-6, where
      assert_in_delta counted[style], on_hand, 1e-6, where
    end
  end

  def test_a_season_of_random_acts_loses_nothing_and_counts_nothing_twice
    seed = Integer(ENV.fetch("SEASON_SEED", "1"))
    random = Random.new(seed)
    ACTS.times do |i|
      take(random)
      assert_nothing_lost("seed #{seed}, act #{i}") if (i % 9).zero?
    end

    assert_nothing_lost("seed #{seed}, all said")
    ask(:post, "/api/season/close", { despite: true })
    ask(:post, "/api/season/open")

    assert_nothing_lost("seed #{seed}, the next season")
    decide(random)

    assert_nothing_lost("seed #{seed}, decided")
    refute_empty said
  end

  # Nothing that is put aside, kept or let go moves stock, and no more is kept for pieces than there is.
  def decide(random)
    ask(:get, "/api/season-opening")["homes"].flat_map { |home| home["drafts"] }.each do |draft|
      ask(:put, "/api/pieces/#{draft['id']}/draft", { choice: %w[keep drop].sample(random: random) })
    end
    ask(:get, "/api/season")
    standing = DATABASE[:pieces].where(deleted_at: nil).select(:id)

    DATABASE[:piece_claims].where(piece_id: standing).group(:style_id)
                           .select_hash(:style_id, Sequel.function(:sum, :held).as(:sum)).each do |style, held|
      assert_operator held, :<=, counted[style] + 1e-6
    end
  end
end

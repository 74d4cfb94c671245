# frozen_string_literal: true

require_relative "../core_test"

class ChangedTest < CoreTest
  TREE = { id: "t", name: "Alcove tree", lines: ["93 ornaments", "2 strings"], mark: 3 }.freeze
  TABLE = { id: "d", name: "Dining table", lines: [], mark: 1 }.freeze

  def home(pieces: [TREE, TABLE], room: "Front room", visit: "2026-12-02", total: 87_540)
    { days: { visit: visit, strike: "2027-01-07" }, total_cents: total,
      rooms: [{ id: "r", name: room, pieces: pieces }] }
  end

  def changes(other) = Client::Changed.between(home, other).map { |one| one.values_at(:name, :how, :was, :becomes) }

  def test_what_is_the_same_is_not_told
    assert_empty changes(home)
  end

  def test_what_is_said_of_safety_and_what_is_open_is_told_sentence_by_sentence
    sent = { **home, safe: ["Candles are real."], open: ["The door urn: finished in a second round."] }
    now = { **home, safe: ["Candles are real.", "Lights go off at night."], open: [] }

    told = Client::Changed.between(sent, now).map { |one| one.values_at(:of, :name, :how, :was, :becomes) }

    assert_equal [["safe", "Lights go off at night.", "said", nil, "Lights go off at night."],
                  ["open", "The door urn: finished in a second round.", "unsaid",
                   "The door urn: finished in a second round.", nil]], told
    assert_empty Client::Changed.between(sent, sent)
  end

  def test_pieces_come_and_go
    urn = { id: "u", name: "Door urn", lines: [], mark: 1 }

    assert_equal [["Dining table", "gone", nil, nil], ["Door urn", "new", nil, nil]],
                 changes(home(pieces: [TREE, urn]))
  end

  def test_of_what_a_piece_takes_only_what_differs_is_told
    assert_equal [["Alcove tree", "things", "93 ornaments", "80 ornaments"]],
                 changes(home(pieces: [{ **TREE, lines: ["80 ornaments", "2 strings"], mark: 4 }, TABLE]))
  end

  def test_a_piece_that_takes_the_same_may_be_drawn_otherwise
    assert_equal [["Alcove tree", "drawn", nil, nil]], changes(home(pieces: [{ **TREE, mark: 4 }, TABLE]))
  end

  def test_names_rooms_days_and_the_sum
    assert_equal [["Window tree", "renamed", "Alcove tree", "Window tree"]],
                 changes(home(pieces: [{ **TREE, name: "Window tree" }, TABLE]))
    assert_equal([["Alcove tree", "moved", "Front room", "Hall"], ["Dining table", "moved", "Front room", "Hall"]],
                 changes(home(room: "Hall")))
    assert_equal [["the day", "day", "2026-12-02", "2026-12-03"], ["the sum", "total", 87_540, 90_000]],
                 changes(home(visit: "2026-12-03", total: 90_000))
  end
end

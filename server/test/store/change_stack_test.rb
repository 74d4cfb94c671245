# frozen_string_literal: true

require_relative "../server_test"

class ChangeStackTest < Minitest::Test
  def stack(*acts)
    DeckBough::Server::Store::ChangeStack.new(
      acts.each_with_index.map { |(act, of), i| { number: i + 1, act: act, of_number: of } }
    )
  end

  def test_walks_back_and_forth
    assert_equal [nil, nil], [stack.undoable, stack.redoable]
    twice = stack(["change"], ["change"], ["undo", 2])

    assert_equal [1, 2], [twice.undoable, twice.redoable]
    again = stack(["change"], ["change"], ["undo", 2], ["redo", 2])

    assert_equal [2, nil], [again.undoable, again.redoable]
  end

  def test_a_new_change_closes_the_undone_branch
    branched = stack(["change"], ["undo", 1], ["change"])

    assert_equal [3, nil], [branched.undoable, branched.redoable]
  end
end

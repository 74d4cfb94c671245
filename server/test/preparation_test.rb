# frozen_string_literal: true

require_relative "server_test"

class PreparationTest < ServerTest
  # Creating a database cannot be done inside a transaction.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    @name = "deck_bough_prepared_#{Process.pid}"
    @url = ENV.fetch("DATABASE_URL").sub(%r{/[^/]+\z}, "/#{@name}")
  end

  def teardown
    @database&.disconnect
    DATABASE.run("drop database if exists #{@name} with (force)")
  end

  def prepare(demo:)
    @database&.disconnect
    @database = Server::Preparation.call(@url, demo: demo, password_cost: 4)
  end

  def test_makes_a_missing_database_and_leaves_it_empty_when_told
    assert_equal 0, prepare(demo: false)[:studios].count
  end

  def test_seeds_the_demo_once_and_never_over_what_is_there
    assert_equal 3, prepare(demo: true)[:homes].count
    @database[:homes].where(name: "The Signal Loft").update(name: "Signal House")

    assert_equal 1, prepare(demo: true)[:homes].where(name: "Signal House").count
    assert_equal 3, @database[:homes].count
  end
end

# frozen_string_literal: true

require_relative "../server_test"

# What the database keeps from whoever stands in another studio, whatever a statement asks for.
class FenceTest < ServerTest
  include Server::Store

  def setup
    demo
    DATABASE[:homes].insert(studio_id: stranger, name: "Elsewhere's own")
  end

  def tables
    DATABASE.tables - Fence::OUTSIDE
  end

  def elsewhere(&)
    Fence.within(DATABASE, stranger, &)
  end

  def test_every_table_has_its_fence
    fenced = DATABASE[:pg_policies].where(policyname: "of_the_studio").select_map(:tablename).map(&:to_sym)
    raised = DATABASE[:pg_class].where(relrowsecurity: true).select_map(:relname).map(&:to_sym)

    assert_equal (DATABASE.tables - [:schema_info]).sort, fenced.sort
    assert_equal fenced.sort, raised.sort
  end

  def test_one_sees_what_is_ones_own_and_nothing_else
    own = { studios: 1, accounts: 1, homes: 1 }
    elsewhere do
      tables.each { |table| assert_equal own.fetch(table, 0), DATABASE[table].count, table }
      (Fence::OUTSIDE - [:schema_info]).each { |table| assert_empty DATABASE[table], table }
    end
    Fence.within(DATABASE, demo) do
      assert_operator DATABASE[:styles].count, :>, 50
      refute_includes DATABASE[:homes].select_map(:name), "Elsewhere's own"
    end
  end

  def test_nobody_stands_in_a_studio_without_saying_which
    Fence.within(DATABASE, "") { assert_empty DATABASE[:homes] }
  end

  def test_one_changes_and_deletes_nothing_foreign
    names = DATABASE[:homes].where(studio_id: demo).order(:id).select_map(:name)
    visits = DATABASE[:visits].count
    elsewhere do
      assert_equal 1, DATABASE[:homes].update(name: "Mine")
      assert_equal 0, DATABASE[:visits].delete
      assert_equal 0, DATABASE[:rooms].where(studio_id: demo).delete
    end

    assert_equal names, DATABASE[:homes].where(studio_id: demo).order(:id).select_map(:name)
    assert_equal visits, DATABASE[:visits].count
  end

  def refused(&)
    error = assert_raises(Sequel::DatabaseError) { DATABASE.transaction(savepoint: true) { elsewhere(&) } }

    assert_kind_of PG::InsufficientPrivilege, error.wrapped_exception
  end

  def test_nothing_is_put_into_another_studio
    refused { DATABASE[:homes].insert(studio_id: demo, name: "Trap") }
    refused { DATABASE[:homes].update(studio_id: demo) }
    refused { DATABASE[:request_counts].insert(key: "x", count: 1, expires_at: TODAY) }
    refused { DATABASE[:schema_info].update(version: 1) }
    refused { DATABASE.run("alter table homes disable row level security") }
  end

  def test_whoever_leaves_stands_outside_also_after_a_fault
    assert_raises(RuntimeError) { elsewhere { raise "loose wire" } }
    elsewhere { Fence.outside(DATABASE) { assert_operator DATABASE[:homes].count, :>, 1 } }
    elsewhere do
      Fence.outside(DATABASE) { nil }

      assert_equal 1, DATABASE[:homes].count
    end

    assert_operator DATABASE[:homes].count, :>, 1
    assert_equal DATABASE.get(Sequel.lit("session_user")), DATABASE.get(Sequel.lit("current_user"))
  end

  def test_a_connection_that_cannot_leave_goes_to_nobody_else
    # Within the test's own transaction a closed connection would take everything along.
    own = Server::Connection.open(ENV.fetch("DATABASE_URL"))
    closed = nil
    Fence.within(own, demo) do
      own.synchronize do |connection|
        closed = connection
        connection.define_singleton_method(:exec_params) { |*| raise PG::UnableToSend, "gone" }
      end
    end

    assert_predicate closed, :finished?
  ensure
    own&.disconnect
  end
end

# frozen_string_literal: true

require_relative "../server_test"

# Two people at the very same moment, on connections of their own.
class TogetherTest < ServerTest
  # Transactions of their own, seen by each other.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    DATABASE.run("truncate studios, request_counts restart identity cascade")
  end

  def teardown
    DATABASE.run("truncate studios, request_counts restart identity cascade")
  end

  # @return [Array] what each came back with, a Problem's status or :kept
  def at_once(count)
    gate = Queue.new
    threads = Array.new(count) do |i|
      Thread.new do
        gate.pop
        yield i
        :kept
      rescue Server::Problem => e
        e.status
      end
    end
    count.times { gate << :go }
    threads.map(&:value)
  end

  def test_only_one_of_several_changes_of_one_version_is_kept
    studio = demo
    piece = DATABASE[:pieces].where(name: "Quay window tree").first
    account = DATABASE[:accounts].get(:id)
    results = at_once(4) do |i|
      given = { "name" => "Tree #{i}", "place_id" => piece[:place_id], "settings" => piece[:settings].to_h }
      Server::Store::Pieces.new(DATABASE, studio).change(piece[:id], 1, given, account_id: account, units: "metric")
    end

    assert_equal [409, 409, 409, :kept], results.sort_by(&:to_s)
    assert_equal [2, 1], [DATABASE[:pieces].where(id: piece[:id]).get(:version), DATABASE[:piece_changes].where(piece_id: piece[:id]).count]
  end

  def test_only_one_of_several_house_rules_made_on_the_same_value_is_kept
    studio = demo
    results = at_once(3) { |i| Server::Store::HouseRules.new(DATABASE, studio).set("tree.tip_gap", 0.25 + (i * 0.01), was: 0.2) }

    assert_equal [409, 409, :kept], results.sort_by(&:to_s)
  end

  def test_an_installation_is_founded_by_one_only
    results = at_once(3) do |i|
      Server::Store::Studios.new(DATABASE).found(studio: "Studio #{i}", name: "Founder", email: "f#{i}@studio.example", password: "long-enough-1",
                                                 units: "metric", cost: 4)
    end

    assert_equal [409, 409, :kept], results.sort_by(&:to_s)
    assert_equal [1, 1], [DATABASE[:studios].count, DATABASE[:accounts].count]
  end

  def test_counts_of_tries_are_never_lost
    counts = Server::Middleware::SignInRate::Counts.new(DATABASE)
    at_once(5) { 4.times { counts.increment("key", 1, expires_in: 60) } }

    assert_equal 20, counts.read("key")
  end

  def test_old_counts_of_tries_are_forgotten
    counts = Server::Middleware::SignInRate::Counts.new(DATABASE)
    counts.write("old", 9, expires_in: -1)
    counts.increment("new", 1, expires_in: 60)

    assert_nil counts.read("old")
  end

  def test_two_processes_migrate_one_after_the_other
    at_once(2) { Server::Connection.migrate(DATABASE) }

    assert_equal Dir[File.join(Server::ROOT, "server/migrations/*.rb")].size, DATABASE[:schema_info].get(:version)
  end
end

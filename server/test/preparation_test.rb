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

  # As an older release left it.
  def older
    prepare(demo: true)
    Sequel::Migrator.run(@database, Server::Connection::MIGRATIONS, target: 41)
    @database.disconnect
  end

  def upgraded(folder)
    Server::Preparation.call(@url, demo: false, password_cost: 4, photographs_folder: File.join(folder, "photographs"),
                                   backups_folder: File.join(folder, "backups")).disconnect
    Dir.glob(File.join(folder, "backups", "*.tar"))
  end

  def test_what_an_older_release_kept_is_backed_up_before_it_is_changed
    Dir.mktmpdir do |folder|
      assert_empty upgraded(folder)
      assert_empty upgraded(folder)
      older
      kept = upgraded(folder)

      assert_equal 1, kept.size
      Dir.mktmpdir do |unpacked|
        system("tar", "-xf", kept.first, "-C", unpacked)

        assert_equal 41, JSON.parse(File.read(File.join(unpacked, "contents.json")))["schema"]
      end
      assert_equal kept, upgraded(folder)
    end
  end

  def test_without_a_backup_nothing_is_changed
    older
    Dir.mktmpdir do |folder|
      File.write(File.join(folder, "backups"), "no folder")

      assert_raises(SystemCallError) { upgraded(folder) }
    end

    assert_equal 41, @database[:schema_info].get(:version)
  end
end

# frozen_string_literal: true

require_relative "server_test"
require_relative "../keeping_studios"

# One studio of several is taken out whole and removed whole, and the others keep every row and picture.
class KeepingStudiosTest < ServerTest
  # Databases cannot be made within a transaction.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    @folder = Dir.mktmpdir("studios")
    @names = { from: "deck_bough_several_#{Process.pid}", to: "deck_bough_alone_#{Process.pid}" }
  end

  def teardown
    @database&.disconnect
    @names.each_value { |name| DATABASE.run("drop database if exists #{name} with (force)") }
    FileUtils.rm_rf(@folder)
  end

  def url(which) = ENV.fetch("DATABASE_URL").sub(%r{/[^/]+\z}, "/#{@names.fetch(which)}")

  def at(name) = File.join(@folder, name)

  # The demo, and beside it a studio with a home and a picture.
  def two_studios
    @database = Server::Preparation.call(url(:from), demo: true, password_cost: 4, today: TODAY.to_date,
                                                     photographs_folder: at("photographs"))
    word = run_command("invite")[/#(\S+)/, 1]
    Server::Store::Studios.new(@database).found(studio: "Copper & Quince", name: "Quill", email: "quill@copper.example",
                                                password: "marrow-quay-2026", units: "metric", cost: 4, at: TODAY,
                                                invitation: word)
    @other = @database[:studios].where(name: "Copper & Quince").get(:id)
    @database[:homes].insert(studio_id: @other, name: "Lime House")
    FileUtils.mkdir_p(at("photographs/#{@other}"))
    File.write(at("photographs/#{@other}/porch.jpg"), "a porch")
  end

  def run_command(*command)
    Server::KeepingStudios.new(url(:from), at("photographs"), TODAY).run(command)
  end

  def rows(database, studio)
    database.tables.select { |table| database.schema(table).to_h.key?(:studio_id) }.to_h do |table|
      [table, database.fetch("select md5(string_agg(t::text, '' order by t::text)) as all_of from #{table} t " \
                             "where studio_id = ?", studio).get(:all_of)]
    end
  end

  def test_a_studio_is_taken_out_whole_and_put_back_alone_elsewhere
    two_studios
    demo = @database[:studios].exclude(id: @other).get(:id)
    told = Server::Backup.restore(run_command("out", "Wick & Fennel", at("out")), url(:to), photographs: at("alone"))
    alone = Server::Connection.open(url(:to))

    assert_equal rows(@database, demo), rows(alone, demo)
    assert_equal ["Wick & Fennel"], alone[:studios].select_map(:name)
    assert_empty alone[:accounts].where(email: "quill@copper.example")
    assert_equal Dir.children(at("photographs/#{demo}")).sort, Dir.children(at("alone/#{demo}")).sort
    refute Dir.exist?(at("alone/#{@other}"))
    assert_operator told["files"], :>, 5
  ensure
    alone&.disconnect
  end

  def test_a_studio_is_removed_whole_and_the_other_keeps_all
    two_studios
    demo = @database[:studios].exclude(id: @other).get(:id)
    kept = rows(@database, @other)

    assert_match(/Wick & Fennel is gone: \d{3,} rows/, run_command("remove", "Wick & Fennel", "whole"))
    assert_equal kept, rows(@database, @other)
    assert_empty rows(@database, demo).compact
    assert_equal ["Copper & Quince"], @database[:studios].select_map(:name)
    assert_equal [@other], Dir.children(at("photographs"))
    assert_equal "Copper & Quince: 1 home", run_command("list")
  end

  def test_what_cannot_be_meant_is_refused_in_words
    Server::Preparation.call(url(:from), demo: false, password_cost: 4).disconnect
    told = [%w[remove Nobody whole], %w[remove Nobody], %w[invite 0], %w[invite 9999], %w[out Nobody here], []]
           .map { |command| assert_raises(Server::KeepingStudios::Refused) { run_command(*command) }.message }

    assert_match(/no studio called Nobody/, told.first)
    assert_includes told[1], "bin/studios list"
    assert_match(/1 to 365/, told[2])
    assert_equal "No studio yet.", run_command("list")
  end
end

# frozen_string_literal: true

require_relative "server_test"

# Every migration goes back the way it came, also over a studio that is full of things.
class MigrationsTest < ServerTest
  # Kinds that came with later migrations.
  LATER = %w[grouping drops table stockings drinks shelves swaps].freeze

  # Creating a database cannot be done inside a transaction.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  SEEDED = "deck_bough_seeded_#{Process.pid}".freeze
  Minitest.after_run { DATABASE.run("drop database if exists #{SEEDED} with (force)") }

  # The studio is put in once, and copied for each.
  def self.seeded
    @seeded ||= begin
      Server::Preparation.call(url(SEEDED), demo: true, password_cost: 4).disconnect
      SEEDED
    end
  end

  def self.url(name)
    ENV.fetch("DATABASE_URL").sub(%r{/[^/]+\z}, "/#{name}")
  end

  def setup
    @name = "deck_bough_migrated_#{Process.pid}"
    DATABASE.run("create database #{@name} template #{self.class.seeded}")
    @database = Server::Connection.open(self.class.url(@name))
  end

  def teardown
    @database&.disconnect
    DATABASE.run("drop database if exists #{@name} with (force)")
  end

  def to(version)
    Sequel.extension :migration
    Sequel::Migrator.run(@database, Server::Connection::MIGRATIONS, target: version)
    @database.tables.each { |table| @database.schema(table, reload: true) }
  end

  def columns
    @database.tables.sort.to_h { |table| [table, @database.schema(table, reload: true).to_h.keys.sort] }
  end

  def versions
    Dir.children(Server::Connection::MIGRATIONS).map(&:to_i).sort
  end

  def test_each_goes_back_and_forth_and_leaves_the_same_columns
    before = columns
    (versions.reverse.drop(1) + [0]).each { |version| to(version) }

    assert_equal %i[schema_info], @database.tables
    versions.each { |version| to(version) }

    assert_equal before, columns
  end

  def test_homes_and_pieces_outlive_the_way_back_to_the_first_greens
    homes = @database[:homes].select_order_map(:name)
    trees = @database[:pieces].where(kind: "tree").select_order_map(:name)
    to(3)
    to(versions.last)

    assert_equal homes, @database[:homes].select_order_map(:name)
    assert_equal trees, @database[:pieces].where(kind: "tree").select_order_map(:name)
  end

  def test_days_on_which_all_is_kept_are_known_of_what_was_shared_out_before
    there = @database[:stock_quantities].where { on_hand > 1 }.select_hash(:style_id, :on_hand).first(9)
    # Groupings and hanging things are nothing the older one knows.
    later = @database[:pieces].where(kind: LATER).select(:id)
    pieces = @database[:pieces].exclude(id: later).order(:name).select_map(:id).first(3)
    theirs = @database[:piece_claims].where(piece_id: later).select_map(:style_id)
    wanted = pieces.each_with_index.to_h do |piece, i|
      [piece, there.to_h { |style, all| [style, { whole: all, wanted: i.zero? ? all : all / 2 }] }]
    end
    Server::Store::Claims.new(@database, @database[:studios].get(:id)).keep(wanted)
    days = full_days.except(*theirs)
    to(21)
    to(versions.last)

    assert_operator days.size, :>, 3
    assert_equal days, full_days.except(*theirs)
  end

  # What was shared out before anything was bought lacks on the list at once.
  def test_what_lacks_is_known_of_what_was_shared_out_before
    # Pieces of which the older one knows nothing go, and what they lacked with them.
    to(24)
    to(versions.last)
    Server::Needs.new(@database, Server::Store::Studios.new(@database).find(@database[:studios].get(:id)))
                 .of_ids(@database[:pieces].where(deleted_at: nil).select_map(:id))
    lacks = lacking
    to(24)
    to(versions.last)

    assert_operator lacks.size, :>, 3
    assert_equal lacks, lacking
  end

  def lacking
    @database[:stock_quantities].where { (to_buy > 0) | (lacking > 0) }
                                .select(:style_id, :to_buy, :lacking, :lacking_pieces, :wanted_on)
                                .to_h { |row| [row[:style_id], row.merge(lacking: row[:lacking].round(6))] }
  end

  def full_days
    @database[:stock_quantities].exclude(full_days: "{}").select_hash(:style_id, :full_days)
  end

  def test_what_is_counted_outlives_the_way_back
    # Wreaths, trees, decor and tools in stock are nothing the older one knows.
    later = %w[wreath tree decor tool]
    known = @database[:stock_quantities].where(style_id: @database[:styles].exclude(kind: later).select(:id))
    counted = known.select_order_map(%i[style_id on_hand])
    to(3)
    to(versions.last)

    assert_equal counted, @database[:stock_quantities].select_order_map(%i[style_id on_hand])
  end
end

# frozen_string_literal: true

require_relative "../../server/boot"
require_relative "mixed_day"
require_relative "own_process"

# The demo studio in a database of its own, served by processes of its own.
#
#   ServedDemo.new("postgres://127.0.0.1").serve { |served| MixedDay.new(served.address, …) }
class ServedDemo
  NAME = "deck_bough_load"
  EMAIL = "ottoline@wick-fennel.example"
  PASSWORD = DeckBough::Server::DemoStudio::PASSWORD
  TODAY = Date.new(2026, 11, 19)

  attr_reader :database

  # @param server_url [String] of a PostgreSQL, without a database name
  def initialize(server_url)
    @server_url = server_url
    @url = "#{server_url}/#{NAME}"
  end

  # @yield [self]
  def serve
    fresh
    @served = OwnProcess.new(@url, "DAY" => TODAY.iso8601).start
    yield self
  ensure
    @served&.stop
    @database&.disconnect
  end

  # @return [URI]
  def address = @served.address

  # @return [Array<Integer>] what each process of the application takes
  def megabytes = @served.megabytes

  # Whether all that was acknowledged is in the database, once, and nothing else.
  #
  # @param journal [Hash] of a MixedDay in which nothing was lost on the way
  # @return [Hash] lost, twice, unknown: how many keys; miscounted: how many styles
  def compared(journal)
    Compared.new(@database, @before, journal).told
  end

  private

  def fresh
    Sequel.connect("#{@server_url}/postgres") { |server| server.run("drop database if exists #{NAME} with (force)") }
    @database = DeckBough::Server::Preparation.call(@url, demo: true, password_cost: 4, today: TODAY)
    @before = Compared.now(@database)
  end

  # A journal of what was acknowledged, beside what is in the database.
  class Compared
    # What can be told before anything was asked for. What an act makes by hand moves stock under the act's own key.
    def self.now(database)
      acts = database[:visit_acts].select_map(:key)
      made = database[:stock_moves].where(key: acts).select_group(:style_id).select_append { sum(:quantity).as(:made) }
                                   .to_hash(:style_id, :made)
      counts = database[:stock_quantities].select_hash(:style_id, :on_hand)
      { counts: counts.to_h { |style, much| [style, much - made.fetch(style, 0)] },
        moves: database[:stock_moves].exclude(key: acts).select_map(:key), acts: acts }
    end

    def initialize(database, before, journal)
      @before = before
      @after = self.class.now(database)
      @moves = journal[:moves]
      @acts = journal[:acts]
    end

    def told
      there = (@after[:moves] - @before[:moves]) + (@after[:acts] - @before[:acts])
      said = @moves.keys + @acts
      { lost: (said - there).size, twice: there.size - there.uniq.size, unknown: (there - said).size,
        miscounted: miscounted.size }
    end

    private

    # What was found is there as often as it was said, whatever was taken by what was put up meanwhile.
    def miscounted
      @moves.values.tally.reject do |style, found|
        (@after[:counts].fetch(style, 0) - @before[:counts].fetch(style, 0) - found).abs < 1e-6
      end
    end
  end
end

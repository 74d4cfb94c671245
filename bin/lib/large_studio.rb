# frozen_string_literal: true

require "net/http"
require_relative "../../server/boot"
require_relative "own_process"

# A studio larger than any: 200 homes of 4 rooms with 3 pieces each and 5,000 styles, in a database of its own, served
# by processes of its own. Says how long the season desk and a home take and how many statements.
class LargeStudio
  HOMES = 200
  ROOMS = 4
  PIECES = 3
  STYLES = 5_000
  THINGS = 20_000
  COLOURS = %w[#d3a02a #6b2e4f #33547a #8d9194].freeze
  WORDS = ["", "quince", "quince 12", "glass", "drop 199", "nothing is called that"].freeze
  READS = 60
  EMAIL = "large@wick-fennel.example"
  PASSWORD = "marrow-quay-2026"

  # @param server_url [String] of a PostgreSQL, without a database name
  def initialize(server_url)
    @server_url = server_url
    @url = "#{server_url}/deck_bough_large"
  end

  # @yield [Hash] desk and home: milliseconds of every read, statements of one
  def measure
    database = DeckBough::Server::Preparation.call(@url, demo: false, password_cost: 4)
    fill(database) unless DeckBough::Server::Store::Studios.new(database).founded?
    yield timed(database)
  ensure
    database&.disconnect
  end

  private

  def fill(database)
    studios = DeckBough::Server::Store::Studios.new(database)
    account = studios.found(at: Time.now, studio: "Large", name: "Ottoline Marsh", email: EMAIL, password: PASSWORD,
                            units: "metric", cost: 4)
    studio = database[:accounts].where(id: account).get(:studio_id)
    styles = fill_styles(database, studio)
    homes = database[:homes].returning(:id).multi_insert(Array.new(HOMES) do |i|
      { studio_id: studio, name: "Home #{i}", visit_on: Date.new(2026, 12, 1) + (i % 24) }
    end,
                                                         return: :primary_key)
    rooms = homes.flat_map { |home| Array.new(ROOMS) { |i| room(studio, home, i) } }
    rooms = database[:rooms].multi_insert(rooms, return: :primary_key)
    pieces = rooms.each_with_index.flat_map do |room, i|
      Array.new(PIECES) { |k| piece(studio, room, styles, (i * PIECES) + k) }
    end
    database[:pieces].multi_insert(pieces)
  end

  def fill_styles(database, studio)
    rows = Array.new(STYLES) do |i|
      { studio_id: studio, kind: "ornament", name: "Style #{i}", diameter_mm: 40 + (i % 80), breakable: i.odd?,
        pack_size: 6, price_cents: 900 }
    end
    ids = database[:styles].multi_insert(rows, return: :primary_key)
    database[:stock_quantities].multi_insert(ids.map { |id| { studio_id: studio, style_id: id, on_hand: 12 } })
    ids
  end

  def room(studio, home, number)
    { studio_id: studio, home_id: home, name: "Room #{number}", width_m: 5, depth_m: 5, ceiling_left_m: 2.8,
      ceiling_right_m: 2.8 }
  end

  # Two trees and a run of greens.
  def piece(studio, room, styles, number)
    kind = DeckBough::Kinds.of(number % PIECES == 2 ? "run" : "tree")
    said = if kind.name == "run"
             { "survey" => { "length_m" => 1.5 } }
           else
             { "measure" => { "height_m" => 2.1 },
               "ornaments" => { "styles" => Array.new(8) { |i| styles[((number * 8) + i) % styles.size] } } }
           end
    { studio_id: studio, room_id: room, kind: kind.name, name: "Piece #{number}", settings_schema: kind.schema,
      settings: Sequel.pg_jsonb(kind.check(said)) }
  end

  def timed(database)
    serve do |http, headers|
      first = settle(http, headers)
      home = database[:homes].get(:id)
      { to_reckon: first, desk: reads(http, headers) { |i| "/api/season?page=#{(i % 4) + 1}" },
        home: reads(http, headers) { "/api/homes/#{home}" },
        statements: statements(database), **searches(database, http, headers),
        reserve: reservations(database) }
    end
  end

  # As many things as a stockroom holds, only while they are searched: by words, by a colour, by days on which they are
  # free.
  def searches(database, http, headers)
    ids = database[:styles].multi_insert(Array.new(THINGS - STYLES) { |i| thing(database, i) }, return: :primary_key)
    asked = { search: ->(i) { { q: WORDS[i % WORDS.size], page: (i % 3) + 1 } },
              near: ->(i) { { near: COLOURS[i % COLOURS.size] } },
              free: ->(i) { { q: WORDS[i % WORDS.size], from: "2026-12-10", to: "2027-01-05" } } }
    found = asked.transform_values do |query|
      reads(http, headers) { |i| "/api/stock?#{URI.encode_www_form(query.call(i))}" }
    end
    found.merge(buying: buying(database, http, headers))
  ensure
    database[:styles].where(id: ids).delete if ids
  end

  # What lacks over the season, with three suppliers who sell half of it each.
  def buying(database, http, headers)
    studio = database[:studios].get(:id)
    offers(database, studio) if database[:suppliers].empty?
    homes = database[:homes].select_order_map(:id)
    reads(http, headers) { |i| i % 3 == 2 ? "/api/buying?home=#{homes[i]}" : "/api/buying?page=#{(i % 4) + 1}" }
  end

  def offers(database, studio)
    styles = database[:stock_quantities].where { to_buy > 0 }.select_order_map(:style_id)
    names = %w[Halyard Quayside Moss]
    suppliers = database[:suppliers].multi_insert(names.each_with_index.map do |name, i|
      { studio_id: studio, name: name, lead_days: 3 + i, closed_weekdays: Sequel.pg_array([7], :integer) }
    end, return: :primary_key)
    rows = styles.each_with_index.flat_map do |style, i|
      suppliers.each_with_index.filter_map do |supplier, k|
        next unless (i + k).even?

        { studio_id: studio, style_id: style, supplier_id: supplier, pack_size: 6, price_cents: 880 + (k * 20),
          asked_on: Date.new(2026, 11, 19) }
      end
    end
    database[:offers].multi_insert(rows)
  end

  def thing(database, number)
    colour = format("#%06x", (number * 7_919) % 0xffffff)
    lab = DeckBough::Lab.of(colour)
    { studio_id: database[:studios].get(:id), kind: "ornament", name: "Quince drop #{number}", colour: colour,
      material: number.even? ? "glass" : "felt", lab_lightness: lab.lightness, lab_a: lab.a, lab_b: lab.b }
  end

  # A count moves, and what pieces keep of it is shared out again and checked by the database.
  def reservations(database)
    style = database[:piece_claims].group_and_count(:style_id).reverse(:count).first[:style_id]
    stock = DeckBough::Server::Store::Stock.new(database, database[:studios].get(:id))
    Array.new(READS) do |i|
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      stock.move(style, i.even? ? 1 : -1, reason: "counted", account_id: nil)
      Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
    end
  end

  # Every page read until nothing is left to reckon, as a person's screen does.
  def settle(http, headers)
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    (1..4).each do |page|
      loop do
        answer = http.get("/api/season?page=#{page}", headers)
        raise answer.body unless answer.code == "200"

        if JSON.parse(answer.body)["items"].all? do |home|
          home["totals"]["pending"].zero?
        end
          break
        end
      end
    end
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
  end

  def reads(http, headers)
    Array.new(READS) do |i|
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      answer = http.get(yield(i), headers)
      raise answer.body unless answer.code == "200"

      Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
    end
  end

  def statements(database)
    studio = DeckBough::Server::Store::Studios.new(database).find(database[:studios].get(:id))
    log = StringIO.new
    database.loggers << Logger.new(log)
    DeckBough::Server::Season.new(database, studio).desk(today: Date.new(2026, 11, 19), page: 1)
    database.loggers.clear
    log.string.scan(/\ds\) (?:SELECT|INSERT|UPDATE|DELETE|WITH) /).size
  end

  def serve
    served = OwnProcess.new(@url).start
    http = Net::HTTP.start(served.address.host, served.address.port)
    http.read_timeout = 120
    answer = http.post("/api/login", JSON.generate(email: EMAIL, password: PASSWORD),
                       "Content-Type" => "application/json")
    yield http, { "Cookie" => answer["set-cookie"][/deck_bough=[^;]+/] }
  ensure
    served&.stop
  end
end

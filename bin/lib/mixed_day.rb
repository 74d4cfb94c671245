# frozen_string_literal: true

require "json"
require "net/http"
require "securerandom"
require "time"

# A day of many people on one studio: dials, lists, ticks, entries of stock and batches that a phone kept without
# network. Keeps a journal of what was acknowledged, to be compared with what is in the database.
#
#   day = MixedDay.new(URI("http://127.0.0.1:4280"), email: "…", password: "…")
#   day.call(people: 40, requests: 2_000)
#   day.errors  # => []
#   day.journal # => { moves: { key => style }, acts: [key] }
class MixedDay
  # Of a hundred requests so many are of each kind.
  SHARES = { dial: 34, bench: 14, desk: 6, home: 10, stock: 8, buying: 3, days: 5, sheet: 4, tick: 6, entry: 6,
             batch: 4 }.freeze
  DRAWN = SHARES.flat_map { |kind, share| [kind] * share }.freeze
  BATCH = 12
  # So many batches are of a day: 2,400 acts. What phones send after them they sent before, for want of an answer.
  BATCHES = 200
  LOST = [SystemCallError, IOError, Net::OpenTimeout, Net::ReadTimeout, Net::HTTPBadResponse].freeze
  # Whoever is patient asks again after so many seconds, for so long.
  AGAIN = 0.1
  PATIENCE = 120

  attr_reader :times, :errors, :journal, :tried_again

  # @param address [URI]
  # @param kinds [Array<Symbol>] to draw from, of SHARES
  # @param patient [Boolean] asks again, with the same key, whatever happened to the server meanwhile
  def initialize(address, email:, password:, kinds: DRAWN, patient: false, seed: 1)
    @address = address
    @kinds = kinds
    @patient = patient
    @seed = seed
    @said = { email: email, password: password }
    @lock = Mutex.new
    @times = Hash.new { |all, kind| all[kind] = [] }
    @errors = []
    @journal = { moves: {}, acts: [] }
    @batches = []
    @tried_again = 0
  end

  # @yield [Integer] after every request, which it was
  # @return [self]
  def call(people:, requests:)
    look_around
    @left = requests
    @done = 0
    Array.new(people) { |number| Thread.new { work(Random.new(@seed + number)) { |done| yield done if block_given? } } }
         .each(&:join)
    self
  end

  private

  def look_around
    Net::HTTP.start(@address.host, @address.port) do |http|
      @headers = sign_in(http)
      @homes = read(http, "/api/season")["items"].map { |home| home["id"] }
      pieces = @homes.flat_map { |id| read(http, "/api/homes/#{id}")["rooms"] }.flat_map { |room| room["pieces"] }
      @pieces = pieces.map { |piece| piece["id"] }
      @styles = read(http, "/api/stock")["items"].map { |style| style["id"] }.first(30)
      trees = pieces.select { |piece| piece["kind"] == "tree" }.map { |piece| piece["id"] }
      @ornaments = trees.to_h { |id| [id, ornaments(http, id)] }.reject { |_, all| all.empty? }
      @sheets = sheets(http)
    end
  end

  def sign_in(http)
    answer = http.post("/api/login", JSON.generate(@said), "Content-Type" => "application/json")
    raise "Nobody is let in: #{answer.code} #{answer.body}" unless answer.code == "200"

    { "Content-Type" => "application/json", "Cookie" => answer["set-cookie"][/deck_bough=[^;]+/] }
  end

  def read(http, path)
    answer = http.get(path, @headers)
    raise "#{path}: #{answer.code} #{answer.body[0, 200]}" unless answer.code == "200"

    JSON.parse(answer.body)
  end

  # None where no tree is chosen yet.
  def ornaments(http, tree)
    answer = http.get("/api/pieces/#{tree}/hanging", @headers)
    return [] unless answer.code == "200"

    JSON.parse(answer.body)["map"]["sites"].map { |site| site.slice("style", "number") }
  end

  # Those of visits in which something is put up.
  def sheets(http)
    visits = read(http, "/api/days")["items"].flat_map { |span| span["visits"] }
    all = visits.map { |visit| read(http, "/api/visits/#{visit['id']}/run-sheet") }
    all.select { |sheet| sheet["steps"].any? { |step| step["turns"].any? } }
  end

  def work(random)
    http = nil
    while (done = taken)
      kind = @kinds.sample(random: random)
      http = ask(http, kind, *send(kind, random))
      yield done
    end
  ensure
    http&.finish if http&.started?
  end

  def taken
    @lock.synchronize { (@left -= 1) >= 0 ? @done += 1 : nil }
  end

  # @param kept [Proc, nil] what is written down once it was acknowledged
  def ask(http, kind, verb, path, body = nil, kept = nil)
    until_when = now + PATIENCE
    begin
      http = opened(http)
      started = now
      answer = http.send_request(verb, path, body && JSON.generate(body), @headers)
      raise EOFError, answer.body if @patient && answer.code.to_i >= 500
    rescue *LOST => e
      http = nil
      return failed(kind, e.message) unless @patient && now < until_when

      again
      retry
    end
    note(kind, answer, now - started, kept)
    http
  end

  def opened(http)
    return http if http&.started?

    Net::HTTP.start(@address.host, @address.port, open_timeout: 5, read_timeout: 30)
  end

  def again
    @lock.synchronize { @tried_again += 1 }
    sleep AGAIN
  end

  def failed(kind, why)
    @lock.synchronize { @errors << "#{kind}: #{why}" }
    nil
  end

  def note(kind, answer, took, kept)
    @lock.synchronize do
      if answer.code.to_i < 300
        @times[kind] << took
        kept&.call(answer.body)
      else
        @errors << "#{kind}: #{answer.code} #{answer.body[0, 300]}"
      end
    end
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

  # What people ask for: verb, path, body, and what the journal says of it.

  def dial(random)
    ["POST", "/api/pieces/#{@pieces.sample(random: random)}/plan", {}]
  end

  def bench(random) = ["GET", "/api/pieces/#{@pieces.sample(random: random)}"]

  def desk(_random) = ["GET", "/api/season"]

  def home(random) = ["GET", "/api/homes/#{@homes.sample(random: random)}"]

  def stock(random) = ["GET", "/api/stock?page=#{random.rand(1..2)}"]

  def buying(_random) = ["GET", "/api/buying"]

  def days(_random) = ["GET", "/api/days"]

  def sheet(random) = ["GET", "/api/visits/#{@sheets.sample(random: random)['visit']['id']}/run-sheet"]

  def tick(random)
    tree = @ornaments.keys.sample(random: random)
    some = @ornaments[tree].sample(random.rand(1..6), random: random)
    ["PUT", "/api/pieces/#{tree}/hanging", { up: random.rand < 0.7, ornaments: some }]
  end

  def entry(random)
    key = SecureRandom.uuid
    style = @styles.sample(random: random)
    ["POST", "/api/styles/#{style}/moves", { key: key, quantity: 1, reason: "found" },
     ->(_) { @journal[:moves][key] = style }]
  end

  def batch(random)
    visit, acts = @lock.synchronize do
      @batches << new_batch(random) if @batches.size < BATCHES
      @batches.size < BATCHES ? @batches.last : @batches.sample(random: random)
    end
    ["POST", "/api/visits/#{visit}/acts", { acts: acts },
     ->(body) { @journal[:acts] |= acts.map { |act| act[:key] } - refused(body) }]
  end

  def new_batch(random)
    sheet = @sheets.sample(random: random)
    turns = sheet["steps"].flat_map { |step| step["turns"].map { |turn| [step, turn] } }
    acts = turns.sample(BATCH, random: random).map do |step, turn|
      place = turn["place"]&.slice("height_m", "angle_deg").to_h
      { key: SecureRandom.uuid, kind: "up", at: Time.now.iso8601(3), step: step["id"], turn: turn["key"], **place }
    end
    [sheet["visit"]["id"], acts]
  end

  def refused(body)
    JSON.parse(body)["refused"].map { |one| one["key"] }
  end
end

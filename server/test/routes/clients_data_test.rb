# frozen_string_literal: true

require "zip"
require_relative "../server_test"
require_relative "../sent_picture"

# What is kept of clients: told, taken out, forgotten for good, and who saw it.
class ClientsDataTest < ServerTest
  def home = @home ||= home_named("Number Nine, Ropewalk")

  def rows(table) = DATABASE[table].where(studio_id: demo)

  # Every text the studio keeps, in short.
  def kept_texts
    tables = DATABASE.tables.select { |table| DATABASE.schema(table).to_h.key?(:studio_id) }
    tables.to_h { |table| [table, rows(table).select_map(Sequel.lit("?::text", Sequel[table])).join("\n")] }
  end

  def mentions(word) = kept_texts.select { |_, text| text.include?(word) }.keys

  def forget(keep_minutes: true, status: 204, name: home["name"])
    ask(:post, "/api/homes/#{home['id']}/forget", { name: name, keep_minutes: keep_minutes }, status: status)
  end

  def test_it_is_told_what_is_kept_why_and_for_how_long
    sign_in
    told = ask(:get, "/api/kept-of-clients")["items"]

    assert_operator told.size, :>=, 8
    assert_includes told.map { |one| one["until"] }.join, "#{Server::Store::Deleted::DAYS} days"
    assert_includes told.map { |one| one["until"] }.join, "2 years"
  end

  def accesses = ask(:get, "/api/homes/#{home['id']}/accesses")["items"]

  def test_who_saw_and_who_changed_a_home_is_written_down_once_a_day
    sign_in
    rows(:home_accesses).delete
    as(ASSISTANT) { ask(:get, "/api/rooms/#{home['rooms'].first['id']}") }
    piece = home["rooms"].flat_map { |room| room["pieces"] }.first["id"]
    2.times { ask(:post, "/api/pieces/#{piece}/plan", {}) }
    told = accesses.map { |one| one.slice("who", "changed", "day") }

    assert_equal [["Bram Teasel", false], ["Ottoline Marsh", false]],
                 told.map { |one| one.values_at("who", "changed") }.sort
    assert_equal ["2026-11-19"], told.map { |one| one["day"] }.uniq
    ask(:put, "/api/pieces/#{piece}/optional", { optional: true }, status: 204)
    ask(:get, "/api/pieces/#{SecureRandom.uuid}", status: 404)

    assert_equal [["Ottoline Marsh", true]], accesses.map { |one| one.values_at("who", "changed") }.select(&:last)
  end

  def test_what_was_made_is_written_down_and_what_was_refused_is_not
    sign_in
    made = ask(:post, "/api/homes", { name: "Lime House" }, status: 201)["id"]

    assert_equal [true], rows(:home_accesses).where(home_id: made).select_map(:changed)
    ask(:put, "/api/homes/#{home['id']}", { version: home["version"], name: "" }, status: 422)

    refute_includes accesses.map { |one| one["changed"] }, true
  end

  def test_only_an_owner_reads_who_saw_it_and_forgets
    sign_in
    id = home["id"]
    as(ASSISTANT) do
      ask(:get, "/api/homes/#{id}/accesses", status: 403)
      ask(:get, "/api/homes/#{id}/everything.zip", status: 403)
      ask(:post, "/api/homes/#{id}/forget", { name: "x", keep_minutes: true }, status: 403)
      ask(:get, "/api/kept-of-clients")
    end
  end

  def test_lines_of_long_ago_go
    sign_in
    home
    line = rows(:home_accesses).first
    days = Server::Store::HomeAccesses::DAYS
    [days, days + 1].each do |ago|
      DATABASE[:home_accesses].insert(**line, on_day: TODAY.to_date - ago)
    end
    ask(:get, "/api/season")

    assert_equal [TODAY.to_date - days], rows(:home_accesses).where { on_day < TODAY.to_date }.select_map(:on_day)
  end

  def test_all_of_it_is_taken_out
    sign_in
    ask(:post, "/api/visits/#{rows(:visits).where(home_id: home['id']).get(:id)}/remarks",
        { key: SecureRandom.uuid, sort: "client", says: "The lantern is too near the door" }, status: 201)
    custom_request("GET", "/api/homes/#{home['id']}/everything.zip")

    assert_equal 200, last_response.status
    entries = {}
    Zip::InputStream.open(StringIO.new(last_response.body)) do |zip|
      while (entry = zip.get_next_entry) do entries[entry.name] = zip.read end
    end
    plan = JSON.parse(entries.fetch("home-plan.json"))

    assert_equal home["name"], plan["home"]["name"]
    assert_includes entries.fetch("log-remarks.json"), "The lantern is too near the door"
    assert_includes entries.fetch("home-accesses.json"), "Ottoline Marsh"
    assert_equal %w[sent said], JSON.parse(entries.fetch("proposals.json")).keys
    refute_includes entries.values.join, "Tidewaiter"
  end

  def test_a_home_goes_for_good_and_its_minutes_stay_without_a_name
    sign_in
    others = kept_of_others
    minutes = rows(:log_times).where(home_id: home["id"]).sum(:took)
    number = rows(:log_times).where(home_id: home["id"]).count
    forget

    nameless = rows(:log_times).where(home_name: "A home")

    assert_equal [number, minutes], [nameless.count, nameless.sum(:took)]
    assert_empty mentions("Number Nine")
    assert_empty mentions(home["id"])
    assert_equal others, kept_of_others
    refute_includes homes.map { |one| one["name"] }, home["name"]
    refute_includes ask(:get, "/api/deleted")["items"].map { |one| one["name"] }, home["name"]
  end

  def own_things = @own_things ||= rows(:styles).where(owner_home_id: home["id"]).select_map(:id)

  # The other homes' pieces and plans, which nothing of it may touch.
  def kept_of_others
    rooms = rows(:rooms).exclude(home_id: home["id"])
    [rooms.order(:id).all, rows(:pieces).where(room_id: rooms.select(:id)).order(:id).all, rows(:workers).count,
     rows(:purchases).order(:id).all, rows(:stock_moves).exclude(style_id: own_things).order(:id).select_map(:quantity)]
  end

  def test_a_home_goes_wholly
    sign_in
    took = rows(:log_times).count
    of_it = rows(:log_times).where(home_id: home["id"]).count
    forget(keep_minutes: false)

    assert_equal took - of_it, rows(:log_times).count
    assert_operator of_it, :>, 0
    assert_empty mentions("Number Nine")
  end

  def test_what_it_kept_is_free_again_and_the_clients_own_things_go
    sign_in
    rooms = rows(:rooms).where(home_id: home["id"]).select(:id)
    kept = rows(:piece_claims).where(piece_id: rows(:pieces).where(room_id: rooms).select(:id))
                              .exclude(style_id: own_things)
    shared = kept.where(Sequel[:held] > 0).select_map(:style_id)
    lacking = rows(:stock_quantities).where(style_id: shared).sum(:lacking)
    forget

    assert_operator rows(:stock_quantities).where(style_id: shared).sum(:lacking), :<=, lacking
    refute_empty own_things
    assert_empty rows(:styles).where(id: own_things)
  end

  def test_photographs_go_with_their_files
    sign_in
    own = ask(:get, "/api/styles")["items"].first["id"]
    rows(:styles).where(id: own).update(owner_home_id: home["id"])
    id = photograph_of(own)
    file = rows(:photographs).where(id: id).get(:file).to_h
    path = File.join(CONFIGURATION.photographs_folder, file["id"])

    assert_path_exists path
    forget

    refute_path_exists path
    assert_empty rows(:photographs).where(id: id)
  end

  def photograph_of(style)
    custom_request("POST", "/api/photographs", SentPicture.plain(80, 60),
                   "CONTENT_TYPE" => "application/octet-stream",
                   "QUERY_STRING" => "of=style&id=#{style}&key=#{SecureRandom.uuid}")

    assert_equal 201, last_response.status, last_response.body
    JSON.parse(last_response.body)["id"]
  end

  def test_a_season_that_is_over_keeps_its_sums_and_no_name
    sign_in
    summary = { "spent_cents" => 1200, "lessons" => ["At Number Nine, Ropewalk a nail came out"] }
    rows(:seasons).insert(studio_id: demo, season: 2025, closed_on: TODAY, closed_by: owner_id,
                          house_rules: Sequel.pg_jsonb({}), summary: Sequel.pg_jsonb(summary))
    DATABASE[:season_homes].insert(studio_id: demo, season: 2025, home_id: home["id"], name: home["name"],
                                   told: Sequel.pg_jsonb({}))
    forget
    summary = rows(:seasons).get(:summary)

    assert_equal 1200, summary["spent_cents"]
    assert_equal ["At A home a nail came out"], summary["lessons"].to_a
    assert_empty rows(:season_homes)
  end

  def owner_id = DATABASE[:accounts].where(email: OWNER).get(:id)

  def test_it_wants_the_homes_name_and_a_home_that_is_there
    sign_in
    bad = forget(name: "Tidewaiter's House", status: 422)

    assert_equal ["/name"], pointers(bad)
    assert_includes bad["detail"], home["name"]
    ask(:post, "/api/homes/#{SecureRandom.uuid}/forget", { name: "x", keep_minutes: true }, status: 404)
    forget
    forget(status: 404)
  end

  def test_what_was_deleted_thirty_days_ago_is_gone
    sign_in
    ask(:delete, "/api/homes/#{home['id']}")
    ago = ->(days) { rows(:homes).where(id: home["id"]).update(deleted_at: TODAY - (days * 86_400)) }
    ago.call(29)
    ask(:get, "/api/season")

    refute_empty rows(:homes).where(id: home["id"])
    ago.call(31)
    ask(:get, "/api/season")

    assert_empty rows(:homes).where(id: home["id"])
    assert_empty mentions("Number Nine")
    # Somebody else was first: the desk opens all the same.
    album = Server::Photographs::Album.new(CONFIGURATION.photographs_folder)
    removal = Server::Store::HomeRemoval.new(DATABASE, demo, album)

    assert_empty removal.sweep(TODAY.to_date)
    assert_nil removal.send(:removed, home["id"], true)
  end

  def test_a_short_name_is_no_word_of_every_sentence
    sign_in
    short = ask(:post, "/api/homes", { name: "A" }, status: 201)
    summary = { "lessons" => [{ "home_name" => "A", "says" => "A nail came out" }] }
    rows(:seasons).insert(studio_id: demo, season: 2025, closed_on: TODAY, closed_by: owner_id,
                          house_rules: Sequel.pg_jsonb({}), summary: Sequel.pg_jsonb(summary))
    ask(:post, "/api/homes/#{short['id']}/forget", { name: " A ", keep_minutes: true }, status: 204)

    assert_equal [{ "home_name" => "A home", "says" => "A nail came out" }],
                 JSON.parse(rows(:seasons).get(:summary).to_json)["lessons"]
  end
end

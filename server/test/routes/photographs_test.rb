# frozen_string_literal: true

require_relative "../server_test"
require_relative "../sent_picture"

# Photographs of things and boxes: made harmless, kept once, seen by their own studio only, gone when they should be.
class PhotographsTest < ServerTest
  def setup
    sign_in
    @velvet = style("Plum velvet, 8 cm")
    @bell = style("Old brass bell, 6 cm")
    @box = DATABASE[:boxes].where(number: 14).get(:id)
  end

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def send_picture(bytes, shows: "style", id: @velvet, key: SecureRandom.uuid, status: 201,
                   type: "application/octet-stream")
    custom_request("POST", "/api/photographs", bytes,
                   { "CONTENT_TYPE" => type, "QUERY_STRING" => "of=#{shows}&id=#{id}&key=#{key}",
                     "CONTENT_LENGTH" => bytes.bytesize.to_s })

    assert_equal status, last_response.status, last_response.body[0, 400]
    keeps_contract
    JSON.parse(last_response.body)
  end

  def picture(id, version = "large")
    get "/api/photographs/#{id}/#{version}"
    last_response.status == 200 ? Vips::Image.new_from_buffer(last_response.body, "") : nil
  end

  def photographs(style = @velvet) = ask(:get, "/api/styles/#{style}")["photographs"]

  def files = Dir.glob(File.join(CONFIGURATION.photographs_folder, "**", "*.jpg"))

  def test_a_photograph_is_turned_upright_and_made_smaller
    id = send_picture(SentPicture.jpeg(2_400, 1_200, orientation: 6))["id"]
    large = picture(id)
    small = picture(id, "small")

    assert_equal [1_000, 2_000], [large.width, large.height]
    assert_equal [180, 360], [small.width, small.height]
    assert_equal [id], photographs
    assert_equal [id], ask(:get, "/api/stock?q=plum+velvet,+8")["items"].first["photographs"]
  end

  def test_what_a_camera_writes_into_a_picture_is_not_kept
    sent = SentPicture.jpeg(400, 300, place: "51.4")

    assert_includes Vips::Image.new_from_buffer(sent, "").get_fields.join, "GPS"
    id = send_picture(sent)["id"]

    %w[large small].each { |version| refute_match(/exif|GPS|orientation/, picture(id, version).get_fields.join(" ")) }
  end

  def test_what_was_seen_in_a_shop_is_photographed_too
    seen = ask(:post, "/api/sightings", { list: "seen", name: "Pewter lantern" }, status: 201)["id"]
    id = send_picture(SentPicture.jpeg(400, 300), shows: "sighting", id: seen)["id"]

    assert_equal [id], ask(:get, "/api/sightings")["items"].find { |one| one["id"] == seen }["photographs"]
    ask(:delete, "/api/sightings/#{seen}", status: 204)
    send_picture(SentPicture.jpeg(400, 300), shows: "sighting", id: seen, status: 404)
  end

  def test_png_and_webp_are_taken_and_what_shines_through_lies_on_white
    %i[png webp].each do |kind|
      id = send_picture(SentPicture.clear(kind))["id"]

      assert_equal [255, 255, 255], picture(id).getpoint(5, 5).map(&:round)
    end
  end

  def test_what_is_no_picture_is_refused_by_what_is_in_it
    before = files
    ["GIF89a#{'x' * 50}", "<svg xmlns='http://www.w3.org/2000/svg'/>", "%PDF-1.4 #{'x' * 50}", "\xFF\xD8 no".b,
     "\0" * 100, SentPicture.tiff].each do |bytes|
      told = send_picture(bytes, status: 422)

      assert_equal([["/picture", "no_picture"]], told["errors"].map { |error| error.values_at("pointer", "code") })
    end
    assert_empty photographs
    assert_equal before, files
  end

  def test_one_that_breaks_off_is_refused
    whole = SentPicture.jpeg(900, 700)
    [0.1, 0.5, 0.95].each do |share|
      told = send_picture(whole[0, (whole.bytesize * share).round], status: 422)

      assert_match(/breaks off/, told["detail"])
    end
    assert_empty photographs
  end

  def test_more_pixels_or_bytes_than_are_taken_are_refused_in_words
    told = send_picture(SentPicture.plain(8_100, 5_000), status: 422)

    assert_match(/41 megapixels; at most 40/, told["detail"])
    told = send_picture("\xFF\xD8\xFF".b + ("x" * 12 * 1024 * 1024), status: 413)

    assert_match(/A picture may hold 12 MB/, told["detail"])
  end

  def test_a_picture_is_not_sent_as_json_nor_elsewhere
    send_picture("{}", type: "application/json", status: 415)
    custom_request("POST", "/api/boxes", "x", { "CONTENT_TYPE" => "application/octet-stream", "CONTENT_LENGTH" => "1" })

    assert_equal 415, last_response.status
  end

  def test_one_sent_twice_is_kept_once
    key = SecureRandom.uuid
    sent = SentPicture.jpeg(300, 200)
    first = send_picture(sent, key: key)
    before = files

    assert_equal first, send_picture(sent, key: key)
    assert_equal 1, photographs.size
    assert_equal before, files
    send_picture(sent, key: "again", status: 422)
  end

  def test_of_what_is_not_there_nothing_is_kept
    before = files
    send_picture(SentPicture.jpeg(300, 200), id: SecureRandom.uuid, status: 404)
    send_picture(SentPicture.jpeg(300, 200), id: "no-id", status: 404)
    DATABASE[:boxes].where(id: @box).update(deleted_at: Time.now)
    send_picture(SentPicture.jpeg(300, 200), shows: "box", id: @box, status: 404)

    assert_equal before, files
  end

  def test_a_dozen_is_enough
    sent = SentPicture.jpeg(60, 40)
    ids = Array.new(12) { send_picture(sent, shows: "box", id: @box)["id"] }
    before = files
    told = send_picture(sent, shows: "box", id: @box, status: 422)

    assert_match(/12 photographs/, told["detail"])
    assert_equal before, files
    assert_equal ids, ask(:get, "/api/boxes/#{@box}")["photographs"]
    ask(:delete, "/api/photographs/#{ids.first}", status: 204)
    send_picture(sent, shows: "box", id: @box)
    ask(:post, "/api/photographs/#{ids.first}/restore", {}, status: 422)
  end

  def test_another_one_leads
    first, second, third = Array.new(3) { send_picture(SentPicture.jpeg(60, 40))["id"] }
    2.times { ask(:post, "/api/photographs/#{third}/lead", {}, status: 204) }

    assert_equal [third, first, second], photographs
    inside = DATABASE[:stock_lots].where(style_id: @velvet).exclude(box_id: nil).get(:box_id)
    thing = ask(:get, "/api/boxes/#{inside}")["inside"].find { |one| one["id"] == @velvet }

    assert_equal third, thing["photographs"].first
  end

  def test_a_keepsake_is_shown_by_its_photograph
    kept = DATABASE[:styles].exclude(keepsake_of: nil).get(:id)
    id = send_picture(SentPicture.jpeg(60, 40), id: kept)["id"]
    things = ask(:get, "/api/stock/keepsakes")["items"].flat_map { |person| person["things"] }

    assert_equal [id], things.find { |thing| thing["id"] == kept }["photographs"]
    assert_equal([id], things.flat_map { |thing| thing["photographs"] })
  end

  def test_one_taken_away_can_be_brought_back
    id = send_picture(SentPicture.jpeg(60, 40))["id"]
    ask(:delete, "/api/photographs/#{id}", status: 204)

    assert_empty photographs
    assert_nil picture(id)
    ask(:delete, "/api/photographs/#{id}", status: 404)
    ask(:post, "/api/photographs/#{id}/lead", {}, status: 404)
    ask(:post, "/api/photographs/#{id}/restore", {}, status: 204)

    assert_equal [id], photographs
    assert picture(id)
    ask(:post, "/api/photographs/#{id}/restore", {}, status: 404)
  end

  def test_files_go_for_good_with_what_they_belong_to
    thing = ask(:post, "/api/styles", { name: "A gourd", kind: "decor" }, status: 201)["id"]
    gone = send_picture(SentPicture.jpeg(60, 40), id: thing)["id"]
    old = send_picture(SentPicture.jpeg(60, 40))["id"]
    late = send_picture(SentPicture.jpeg(60, 40))["id"]
    before = files.size
    [old, late].each { |id| ask(:delete, "/api/photographs/#{id}", status: 204) }
    DATABASE[:photographs].where(id: old).update(deleted_at: Sequel.lit("now() - interval '31 days'"))
    DATABASE[:styles].where(id: thing).delete
    send_picture(SentPicture.jpeg(60, 40))

    assert_empty DATABASE[:photographs].where(id: [gone, old]).all
    assert_equal before - 4 + 2, files.size
    ask(:post, "/api/photographs/#{late}/restore", {}, status: 204)
  end

  def test_what_was_deleted_takes_its_pictures_along_when_it_cannot_be_brought_back_any_more
    shown = send_picture(SentPicture.jpeg(60, 40), shows: "box", id: @box)["id"]
    [29, 31].each do |days|
      DATABASE[:boxes].where(id: @box).update(deleted_at: Sequel.lit("now() - interval '#{days} days'"))
      send_picture(SentPicture.jpeg(60, 40))

      assert_equal days < 30, !DATABASE[:photographs].where(id: shown).empty?, days
    end
  end

  def test_only_its_own_studio_sees_it
    id = send_picture(SentPicture.jpeg(60, 40))["id"]

    get "/api/photographs/#{id}/large", {}, "HTTP_ACCEPT_ENCODING" => "gzip"

    assert_match(/private/, last_response.headers["cache-control"])
    assert_nil last_response.headers["content-encoding"]
    stranger
    foreign = DATABASE[:styles].returning(:id).insert(studio_id: stranger, name: "Theirs", kind: "decor").first[:id]
    send_picture(SentPicture.jpeg(60, 40), id: foreign, status: 404)
    with_session("else") do
      ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })

      assert_nil picture(id)
      assert_equal 404, last_response.status
      ask(:delete, "/api/photographs/#{id}", status: 404)
    end
    with_session("nobody") do
      get "/api/photographs/#{id}/large"

      assert_equal 401, last_response.status
    end
  end

  def test_one_whose_file_is_lost_is_not_there
    id = send_picture(SentPicture.jpeg(60, 40))["id"]
    files.each { |file| File.delete(file) }
    get "/api/photographs/#{id}/small"

    assert_equal 404, last_response.status
    get "/api/photographs/#{id}/huge"

    assert_includes [404, 422], last_response.status
  end
end

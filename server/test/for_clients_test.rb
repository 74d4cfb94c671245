# frozen_string_literal: true

require "nokogiri"
require "zlib"
require_relative "request_maker"
require_relative "server_test"
require_relative "sent_picture"

# The client's page: what it shows and what it does not, what can be said and chosen on it, and who is not let in.
class ForClientsTest < ServerTest
  HOME = "Number Nine, Ropewalk"

  def setup
    sign_in
    @home = DATABASE[:homes].where(name: HOME).get(:id)
    @mantel = DATABASE[:pieces].where(name: "Mantel greens").get(:id)
    @level = DATABASE[:piece_variants].where(name: "Level and quiet").get(:id)
    DATABASE[:proposals].where(home_id: @home).delete
  end

  def at(rest = "") = "/api/homes/#{@home}/proposal#{rest}"

  # @return [String] the path of its page
  def shown(terms = {}, ends_on: "2026-12-20")
    told = nil
    20.times { break unless (told = ask(:get, at))["pending"] }
    ask(:put, at,
        { version: told["version"], terms: told["terms"].merge("versions" => { @mantel => [@level] }, **terms) })
    @link = URI(ask(:post, at("/send"), { key: SecureRandom.uuid, ends_on: ends_on, pictures: {} })["link"]).path
  end

  def page(path = @link, status: 200)
    get path

    assert_equal status, last_response.status, last_response.body[0, 300]
    @page = Nokogiri::HTML5(last_response.body)
  end

  def send_form(action, fields, status: 303)
    post "#{@link}/#{action}", fields

    assert_equal status, last_response.status, last_response.body[0, 300]
    status == 303 ? page(last_response["location"].sub(/#.*/, "")) : @page = Nokogiri::HTML5(last_response.body)
  end

  def say(words, piece: @mantel, key: SecureRandom.uuid, status: 303)
    send_form("say", { "key" => key, "piece" => piece, "says" => words }, status: status)
  end

  def accept(name: "Perpetua Vole", status: 303, **more)
    page
    fields = @page.css("#yes input[type=hidden], input[form=yes][checked]").to_h do |input|
      [input["name"], input["value"]]
    end
    send_form("accept", { "name" => name, **fields, **more }, status: status)
  end

  def total = @page.css("td.sum").text

  def state = ask(:get, at)["state"]

  def test_it_tells_the_home_and_nothing_else
    shown({ "greeting" => "Good evening" })
    clear_cookies
    page
    text = @page.text

    assert_includes text, "for Perpetua Vole"
    assert_includes text, "Good evening"
    assert_equal 6, @page.css("article.piece").size
    others = ["Tidewaiter", "Idony", "Corin", "Ottoline", "Bram", "on hand", "Halyard", "box 1"]

    assert_empty(others.select { |word| text.include?(word) })
    assert_empty @page.css("script, style, [style], [onclick]")
    assert_operator Zlib.gzip(last_response.body).bytesize, :<, 20_000
  end

  def test_nobody_finds_it_who_was_not_given_it
    shown
    clear_cookies
    page
    headers = last_response.headers

    assert_equal "noindex, nofollow, noarchive", headers["x-robots-tag"]
    assert_includes headers["content-security-policy"], "default-src 'none'"
    assert_equal %w[no-store same-origin], headers.values_at("cache-control", "referrer-policy")
    refute headers.key?("set-cookie")
  end

  def test_wrong_withdrawn_and_ended_links_look_alike
    ended = shown(ends_on: "2026-11-19")
    page
    pages = [ended, "/proposals/#{'a' * 32}", "/proposals/x", "/proposals/y/pictures/#{SecureRandom.uuid}/large",
             "/proposals/", "#{ended}/elsewhere", "/proposals/..%2f..%2fetc"]
    DATABASE[:proposals].where(home_id: @home).update(ends_on: "2026-11-18")
    answers = pages.map do |path|
      get path
      [last_response.status, last_response.body, last_response.headers.except("x-request-id", "content-length")]
    end

    assert_equal [404], answers.map(&:first).uniq
    assert_equal 1, answers.uniq.size
    ask(:delete, at, status: 204)
    get ended

    assert_equal answers.first, [last_response.status, last_response.body,
                                 last_response.headers.except("x-request-id", "content-length")]
  end

  def test_a_home_that_was_deleted_is_not_shown
    shown
    ask(:delete, "/api/homes/#{@home}")
    page(status: 404)
  end

  def test_looking_at_it_is_seen_by_people_only
    shown
    head @link
    get @link, {}, { "HTTP_SEC_PURPOSE" => "prefetch" }

    assert_equal "sent", state
    page

    assert_equal "seen", state
  end

  def test_something_is_said_once_and_answered
    shown
    key = SecureRandom.uuid
    2.times { say("Could two of the pears stand on the sill?", key: key) }
    thread = @page.css("#piece-#{@mantel} .thread").text

    assert_equal 1, thread.scan("Could two").size
    told = ask(:get, at)

    assert_equal ["commented", 1], told.values_at("state", "unanswered")
    saying = told["sayings"].first

    assert_equal ["Mantel greens", false], saying.values_at("piece_name", "studio")
    answer = { key: SecureRandom.uuid, saying: saying["id"], says: "Yes. Drawn." }
    2.times { ask(:post, at("/answers"), answer) }
    page

    assert_equal 1, @page.text.scan("Yes. Drawn.").size
    assert_includes @page.text, "1 said, 1 answered"
    refute_includes @page.text, "Ottoline"
    assert_equal [0, 2], [ask(:get, at)["unanswered"], ask(:get, at)["sayings"].size]
    ask(:post, at("/answers"), { **answer, key: SecureRandom.uuid, saying: SecureRandom.uuid }, status: 404)
  end

  def test_what_is_said_is_never_more_than_words
    shown
    say("<script>alert(1)</script> & \"so\"")

    assert_empty @page.css("script")
    assert_includes @page.text, "<script>alert(1)</script> & \"so\""
    accept(name: "\"><img src=x onerror=alert(1)>")

    assert_empty @page.css("img[onerror]")
    assert_includes @page.css(".yes").text, "<img src=x"
  end

  def test_what_cannot_be_said_is_told_and_not_lost
    shown
    say(" ", status: 422)

    assert_equal 1, @page.css("#piece-#{@mantel} .objection").size
    say("long #{'x' * 2001}", status: 422)

    assert_includes @page.css("#piece-#{@mantel} textarea").text, "long x"
    say("no key", key: "x", status: 422)
    post "#{@link}/say", "says=%FF%FE&key=#{SecureRandom.uuid}"

    assert_equal 400, last_response.status
    post "#{@link}/say", "says=a%00b&key=#{SecureRandom.uuid}"

    assert_equal 400, last_response.status
    post "#{@link}/say", "says[a]=1&key[]=2&piece[x]=3"

    assert_equal 422, last_response.status
    post "#{@link}/say", "x" * 70_000

    assert_equal 413, last_response.status
    assert_includes last_response["content-type"], "text/html"
    assert_empty ask(:get, at)["sayings"]
  end

  def test_another_site_says_nothing_here
    shown
    post "#{@link}/say", { "key" => SecureRandom.uuid, "says" => "hello" }, { "HTTP_ORIGIN" => "https://elsewhere.example" }

    assert_equal 403, last_response.status
    assert_includes last_response["content-type"], "text/html"
    assert_empty ask(:get, at)["sayings"]
  end

  def test_another_version_is_chosen_and_counted
    shown
    page
    before = total
    said = @page.css(".version").map { |one| one.text.squeeze(" \n") }.last

    send_form("choose", { "version" => { @mantel => @level } })

    refute_equal before, total
    assert_match(/€[\d.]+ (less|more)/, said)
    assert_equal @level, @page.at_css("input[type=radio][checked][name^=version]")["value"]
    assert_includes @page.css("tfoot").text, "Mantel greens: Level and quiet"
    assert_equal total, ask(:get, at)["editions"].first["total"]
    send_form("choose", { "version" => { @mantel => SecureRandom.uuid, SecureRandom.uuid => @level } })

    assert_equal before, total
  end

  def test_it_is_accepted_with_a_name_and_kept_as_it_was
    shown
    page
    sum = total
    accept(name: " ", status: 422)

    assert_includes @page.css("#name-objection").text, "Type your name"
    accept

    assert_includes @page.css(".yes").text, "Perpetua Vole said yes on 19 November 2026 to #{sum}"
    assert_equal "accepted", state
    edition = ask(:get, at)["editions"].first

    assert_equal ["Perpetua Vole", sum], edition.values_at("accepted_by", "total")
    post "#{@link}/accept", { "name" => "Somebody Else" }

    assert_equal "Perpetua Vole", ask(:get, at)["editions"].first["accepted_by"]
    send_form("choose", { "version" => { @mantel => @level } })

    assert_equal sum, total
    assert_empty @page.css("input[type=radio][name^=version]:not([disabled]), button[formaction]")
  end

  def test_what_the_client_chose_is_no_change_once_the_studio_makes_it_so
    shown
    send_form("choose", { "version" => { @mantel => @level } })
    accept
    variant = ask(:get, "/api/pieces/#{@mantel}/variants")["items"].find { |one| one["id"] == @level }
    piece = ask(:get, "/api/pieces/#{@mantel}")
    ask(:put, "/api/pieces/#{@mantel}", { **piece.slice("version", "name", "place_id"), settings: variant["settings"] })

    assert_equal "accepted", state
    assert_empty(ask(:get, at)["changes"].reject { |one| one["of"] == "total" })
    DATABASE[:pieces].where(id: @mantel).update(name: "Mantel, greener")

    assert_equal "changed", state
  end

  def test_a_sum_that_is_another_one_is_shown_before_it_is_said_yes_to
    shown
    accept("version[#{@mantel}]" => @level)

    assert_includes @page.text, "Look once more"
    refute_equal "accepted", state
    accept

    assert_equal "accepted", state
    assert_equal "Level and quiet", ask(:get, at)["editions"].first["chosen"].first["version"]
  end

  def test_what_was_sent_anew_meanwhile_is_shown_first
    shown
    page
    old = @page.css("#yes input[type=hidden]").to_h { |input| [input["name"], input["value"]] }
    ask(:post, at("/send"), { key: SecureRandom.uuid, ends_on: "2026-12-20", pictures: {} })
    send_form("accept", { "name" => "Perpetua Vole", **old })

    assert_includes @page.text, "It was changed while you read it"
    refute_equal "accepted", state
  end

  def test_a_later_change_is_told_and_asked_again_while_what_was_accepted_stays
    shown
    accept
    DATABASE[:pieces].where(id: @mantel).update(name: "Mantel, greener")
    page

    refute_includes @page.text, "greener"
    ask(:post, at("/send"), { key: SecureRandom.uuid, ends_on: "2026-12-20", pictures: {} })
    page

    assert_includes @page.css(".changed").text, "Mantel greens is called Mantel, greener now."
    assert_includes @page.css(".changed h2").text, "Changed since you said yes"
    assert_equal "Accept as drawn", @page.css("#yes button").text
    accept

    editions = ask(:get, at)["editions"]

    assert_equal([2, 1], editions.map { |one| one["number"] })
    assert(editions.all? { |one| one["accepted_at"] })
    assert_empty @page.css(".changed")
  end

  FORM = "application/x-www-form-urlencoded"
  ODD = (RequestMaker::TEXTS + RequestMaker::BROKEN + ["\u0000", "\xFF".b]).freeze

  # @return [Hash] a Rack environment; every one comes from another address, so that none is held back
  def odd_request(chance, number)
    said = { "key" => SecureRandom.uuid, "piece" => @mantel, "says" => "Oh", "name" => "P", "number" => "1",
             "cents" => "1", "version[#{@mantel}]" => @level, "version" => "1", "a[b]" => "1" }
           .to_a.sample(chance.rand(0..6), random: chance)
           .map { |name, value| [name, chance.rand < 0.5 ? ODD.sample(random: chance) : value] }
    body = chance.rand < 0.3 ? ODD.sample(random: chance) : URI.encode_www_form(said)
    rest = ["", "/say", "/choose", "/accept", "/proposal.pdf", "/pictures/#{@mantel}/small",
            "/#{RequestMaker::PARTS.sample(random: chance)}"].sample(random: chance)
    { "REQUEST_METHOD" => (%w[GET POST POST POST] + RequestMaker::VERBS).sample(random: chance),
      "PATH_INFO" => (chance.rand < 0.9 ? @link : "/proposals/#{RequestMaker::PARTS.sample(random: chance)}") + rest,
      "QUERY_STRING" => RequestMaker::QUERIES.sample(random: chance), "SCRIPT_NAME" => "", "SERVER_NAME" => "localhost",
      "SERVER_PORT" => "80", "HTTP_HOST" => "localhost", "REMOTE_ADDR" => "10.0.#{number / 250}.#{number % 250}",
      "rack.url_scheme" => "http", "rack.errors" => StringIO.new, "rack.input" => StringIO.new(body.b),
      "CONTENT_LENGTH" => body.bytesize.to_s,
      "CONTENT_TYPE" => chance.rand < 0.7 ? FORM : RequestMaker::TYPES.sample(random: chance) }.compact
  end

  def test_whatever_is_sent_there_nothing_is_a_fault_of_ours
    shown
    chance = Random.new(7)
    statuses = Array.new(300) do |number|
      request = odd_request(chance, number)
      status, headers, = DATABASE.transaction(savepoint: true, rollback: :always) { STACK.call(request) }
      asked = request.slice("REQUEST_METHOD", "PATH_INFO", "QUERY_STRING", "CONTENT_TYPE").inspect

      assert_operator status, :<, 500, asked
      assert_includes headers["content-security-policy"].to_s, "default-src 'none'", asked
      status
    end

    # Enough of them got through to have proven something.
    assert_operator statuses.count { |status| status < 400 }, :>, 30, statuses.tally.inspect
  end

  def test_only_pictures_of_the_page_are_served
    id = begin
      shown
      ask(:get, at)["id"]
    end
    ids = Array.new(2) do
      custom_request("POST", "/api/photographs", SentPicture.plain(40, 30),
                     { "CONTENT_TYPE" => "application/octet-stream",
                       "QUERY_STRING" => "of=proposal&id=#{id}&key=#{SecureRandom.uuid}" })
      JSON.parse(last_response.body)["id"]
    end
    ask(:post, at("/send"), { key: SecureRandom.uuid, ends_on: "2026-12-20",
                              pictures: { "piece:#{@mantel}" => ids.first } })
    clear_cookies
    page
    src = @page.at_css("#piece-#{@mantel} img")["src"]
    get src

    assert_equal ["image/jpeg", 200], [last_response["content-type"], last_response.status]
    page(src.sub(ids.first, ids.last), status: 404)
    page(src.sub(@link, "/proposals/#{'a' * 32}"), status: 404)
  end

  def test_prices_are_shown_only_where_they_are_meant_to_be
    shown({ "with_prices" => false })
    page

    assert_empty @page.css("table")
    refute_includes @page.text, "€"
    accept

    refute_includes @page.css(".yes").text, "€"
  end

  def test_it_is_printed_without_an_account
    shown
    clear_cookies
    get "#{@link}/proposal.pdf"

    assert_equal ["application/pdf", "%PDF"], [last_response["content-type"], last_response.body[0, 4]]
    # Pieces without a picture keep no room for one: every line begins at the margin.
    beside = 36.0 + Server::Exchange::ProposalPdf::PIECE.first + 12

    refute_match(/^#{beside} [\d.]+ Td$/, last_response.body.b)
  end

  def test_theirs_what_is_bought_and_what_is_lent_are_marked_apart
    shown
    page
    marks = @page.css("article.piece .things").map { |line| [line["class"], line.at("b").text] }.uniq

    assert_equal [["things bought", "bought"], ["things store", "from our store"], ["things yours", "yours"]],
                 marks.sort
    assert_match(/\.things\.bought::before/, File.read(File.join(Server::ClientHtml::FOLDER, "proposal.css")))
  end

  def test_asking_too_often_is_told_in_words
    shown
    clear_cookies
    20.times { post "#{@link}/choose", {} }

    assert_equal 303, last_response.status
    post "#{@link}/choose", {}

    assert_equal 429, last_response.status
    assert_includes last_response.body, "Wait a minute"
    page
  end

  def test_its_colours_are_those_of_the_product
    css = File.read(File.join(Server::ClientHtml::FOLDER, "proposal.css"))
    tokens = File.read(File.join(Server::ROOT, "web/src/theme/tokens.ts"))[/export const day: Tokens = \{(.*?)\n\};/m,
                                                                           1]
    ours = tokens.scan(/(\w+): "(#\h{6})"/).to_h

    assert_empty(css.scan(/--(\w+): (#\h{6})/).reject { |name, colour| ours.fetch(name, colour) == colour })
  end
end

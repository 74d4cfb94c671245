# frozen_string_literal: true

require "open3"
require_relative "server_test"
require_relative "object_store"

# What was backed up and put back elsewhere answers the same; half a backup is none; nothing is written over.
class BackupTest < ServerTest
  AT = Time.utc(2026, 11, 28, 12, 0)

  # Databases cannot be made within a transaction.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    @folder = Dir.mktmpdir("kept")
    @names = { from: "deck_bough_from_#{Process.pid}", to: "deck_bough_to_#{Process.pid}" }
  end

  def teardown
    @names.each_value { |name| DATABASE.run("drop database if exists #{name} with (force)") }
    FileUtils.rm_rf(@folder)
  end

  def url(which) = ENV.fetch("DATABASE_URL").sub(%r{/[^/]+\z}, "/#{@names.fetch(which)}")

  def at(name) = File.join(@folder, name)

  def demo_kept
    Server::Preparation.call(url(:from), demo: true, password_cost: 4, today: TODAY.to_date,
                                         photographs_folder: at("photographs")).disconnect
  end

  def write(when_made = AT, **more)
    Server::Backup.write(url(:from), photographs: at("photographs"), folder: at("backups"), at: when_made, **more)
  end

  def restore(path) = Server::Backup.restore(path, url(:to), photographs: at("elsewhere"))

  # @return [Hash{String => String}] every table in short
  def rows(which)
    database = Server::Connection.open(url(which))
    database.tables.sort.to_h do |table|
      [table, database.fetch("select md5(coalesce(string_agg(t::text, ' ' order by t::text), '')) as all_of from " \
                             "#{table} t").get(:all_of)]
    end
  ensure
    database&.disconnect
  end

  # @return [Array] what a person and a client are answered
  def answers(which, photographs)
    database = Server::Connection.open(url(which))
    configuration = CONFIGURATION.dup.tap { |one| one.photographs_folder = at(photographs) }
    browser = Rack::Test::Session.new(Server::Stack.build(database: database, configuration: configuration,
                                                          clock: -> { TODAY }))
    browser.post("/api/login", JSON.generate(email: OWNER, password: Server::DemoStudio::PASSWORD),
                 { "CONTENT_TYPE" => "application/json" })
    link = database[:proposals].where(season: 2026).order(:link).get(:link)
    page = browser.get("/proposals/#{link}").body
    ["/api/season", "/api/stock", "/api/days", page[%r{/proposals/[^"]+/large}]].map do |path|
      answer = settled(browser, path)
      [path, answer.status, said(answer)]
    end
  ensure
    database&.disconnect
  end

  # What was kept meanwhile tells the same in another order than what was just reckoned.
  def said(answer)
    answer.media_type == "application/json" ? JSON.parse(answer.body) : Digest::SHA256.hexdigest(answer.body)
  end

  # A busy machine reckons over several questions; what is told then is the same everywhere.
  def settled(browser, path)
    100.times do
      answer = browser.get(path)
      return answer unless answer.body.match?(/"unread":true|"pending":(?:true|[1-9])/)
    end

    flunk "#{path} is still reckoned"
  end

  def failed(&) = assert_raises(Server::Backup::Failed, &).message

  def test_put_back_into_an_empty_place_it_answers_the_same
    demo_kept
    path = write
    told = restore(path)

    assert_equal rows(:from), rows(:to)
    assert_operator told["files"], :>, 50
    assert_equal answers(:from, "photographs"), answers(:to, "elsewhere")
    assert_equal 0o600, File.stat(path).mode & 0o777
    assert_equal [File.basename(path)], Dir.children(at("backups"))
  end

  def test_nothing_is_written_over
    Server::Preparation.call(url(:from), demo: false, password_cost: 4).disconnect
    FileUtils.mkdir_p(at("photographs"))
    File.write(at("photographs/a.jpg"), "picture")
    path = write

    assert_includes failed { write }, "is there already"
    assert_includes failed { Server::Backup.restore(path, url(:from), photographs: at("elsewhere")) }, "not empty"
    assert_includes failed { Server::Backup.restore(path, url(:to), photographs: at("photographs")) },
                    "photographs already"
    assert_includes failed { restore(at("nowhere.tar")) }, "There is no"
  end

  def test_pictures_move_from_a_folder_to_an_object_store_and_back
    Server::Preparation.call(url(:from), demo: false, password_cost: 4).disconnect
    FileUtils.mkdir_p(at("photographs/a"))
    File.write(at("photographs/a/one.jpg"), "a porch")
    ObjectStore.serve do |address, kept|
      store = "#{address}/pictures"
      Server::Backup.restore(write, url(:to), photographs: store)

      assert_equal({ "pictures/a/one.jpg" => "a porch" }, kept)
      assert_includes failed { Server::Backup.restore(write(AT + 1), url(:to), photographs: store) }, "already"
      back = Server::Backup.write(url(:to), photographs: store, folder: at("backups"), at: AT + 2)
      DATABASE.run("drop database #{@names[:to]} with (force)")
      restore(back)

      assert_equal "a porch", File.read(at("elsewhere/a/one.jpg"))
    end
  end

  def test_what_is_damaged_is_told_and_not_put_back
    Server::Preparation.call(url(:from), demo: false, password_cost: 4).disconnect
    FileUtils.mkdir_p(at("photographs"))
    File.write(at("photographs/a.jpg"), "picture" * 100)
    path = write
    bytes = File.binread(path)
    File.binwrite(path, bytes.sub("picturepicture", "pictureXicture"))

    assert_includes failed { Server::Backup.check(path) }, "photographs/a.jpg"
    assert_includes failed { restore(path) }, "damaged"
    File.binwrite(path, bytes[0, bytes.size / 2])
    failed { restore(path) }

    assert_empty Server::Preparation.reach(url(:to)).tap { |one| @to = one }.tables
    @to.disconnect
  end

  def test_only_so_many_are_kept_and_the_oldest_go
    Server::Preparation.call(url(:from), demo: false, password_cost: 4).disconnect
    kept = Array.new(4) do |day|
      Server::Backup.write(url(:from), photographs: at("photographs"), folder: at("backups"), at: AT + (day * 86_400),
                                       keep: 2)
    end

    assert_equal kept.last(2), Dir.glob(at("backups/*"))
  end

  def test_the_commands_do_it_and_say_so
    Server::Preparation.call(url(:from), demo: false, password_cost: 4).disconnect
    environment = { "PHOTOGRAPHS_FOLDER" => at("photographs"), "DATABASE_URL" => url(:from) }
    said, done = Open3.capture2e(environment, File.join(Server::ROOT, "bin/backup"), at("backups"), "3")

    assert_predicate done, :success?, said
    path = said.lines.last.strip
    environment.update("DATABASE_URL" => url(:to), "PHOTOGRAPHS_FOLDER" => at("elsewhere"))
    2.times do |time|
      said, done = Open3.capture2e(environment, File.join(Server::ROOT, "bin/restore"), path)

      assert_equal time.zero?, done.success?, said
    end
    assert_includes said, "The database is not empty."
    refute_includes said, URI(url(:to)).password
  end
end

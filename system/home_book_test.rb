# frozen_string_literal: true

require_relative "system_test"
require_relative "../server/test/sent_picture"

# A home in the studio's own book, as somebody shows it around in January.
class HomeBookTest < SystemTest
  def setup
    super
    @studio = DATABASE[:studios].get(:id)
    @owner = DATABASE[:accounts].where(email: OWNER).get(:id)
    @home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
  end

  def noted(sort, says = "")
    visit = DATABASE[:visits].where(home_id: @home, purpose: "dress").order(:held_on).get(:id)
    visits = Server::Store::Visits.new(DATABASE, @studio)
    Server::Store::LogRemarks.new(DATABASE, @studio).create(
      visits.find(visit), { "key" => SecureRandom.uuid, "sort" => sort, "piece" => piece_id("Quay window tree"),
                            "says" => says }, account_id: @owner
    )[:id]
  end

  def photographed(remark)
    Tempfile.create("seen", binmode: true) do |file|
      file.write(SentPicture.plain(60, 40))
      file.flush
      album = Server::Photographs::Album.new(CONFIGURATION.photographs_folder)
      Server::Store::Photographs.new(DATABASE, @studio, album)
                                .add(:log_remark_id, remark, file, key: SecureRandom.uuid, account_id: @owner)
    end
  end

  def test_photographs_stand_beside_their_piece_with_what_the_client_said
    photographed(noted("before"))
    photographed(noted("after"))
    noted("client", "Never finer")
    enter
    visit "/homes/#{@home}"
    find("button[aria-label='More for this home']").click
    find("[role=menuitem]", text: "Before and after").click
    within("section[aria-label='Long room']") do
      assert_selector("img[alt='Quay window tree, before']")
      assert_selector("img[alt='Quay window tree, after']")
      assert_text "“Never finer”"
    end
    eventually("A photograph is not there.") do
      page.evaluate_script("Array.from(document.images, (one) => one.naturalWidth)") == [60, 60]
    end

    assert_link "On paper"
    click_link "proposal"

    assert_text "Not sent yet"
  end
end

# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# A piece on paper: every kind without a sheet of its own has one, in the studio's units and on its paper.
class PieceSheetsTest < ServerTest
  include PieceRequests

  NAMES = ["Counter by the window", "Birds over the table", "Table for eight", "Stockings on a batten", "Drink corner",
           "Book shelves", "Sofa and pictures", "Hearth tray"].freeze

  def setup
    sign_in
  end

  def sheet(name)
    get("/api/pieces/#{piece_called(name)['id']}/sheet.pdf")
    last_response
  end

  def test_every_kind_without_a_sheet_of_its_own_has_one
    NAMES.each do |name|
      told = sheet(name)

      assert_equal 200, told.status, name
      assert_equal "application/pdf", told.media_type
      assert_equal "%PDF", told.body[0, 4], name
      assert_includes told.headers["content-disposition"], "#{name.tr(' ', '-')}.pdf"
    end
  end

  def test_it_comes_on_the_studios_paper_whatever_things_are_called
    piece = piece_called("Sofa and pictures")
    @piece = piece
    save(soft: { swaps: [{ out: "Łong 🎄 #{'word ' * 9}", stored: "", seat: "A" * 40 }] * 30 })
    DATABASE[:studios].update(units: "imperial", paper: "letter")
    told = sheet("Sofa and pictures")

    assert_equal 200, told.status
    assert_equal "612 792", told.body[/MediaBox \[0 0 ([\d.]+ [\d.]+)\]/, 1]
    assert_operator told.body.scan("/Type /Page\n").size, :>, 1
  end

  def test_before_it_is_measured_there_is_nothing_to_print
    @piece = piece_called("Drink corner")
    save(place: { length_m: nil })

    assert_equal 422, sheet("Drink corner").status
    assert_includes last_response.body, "not-measured"
  end

  def test_a_kind_with_a_sheet_of_its_own_has_no_other
    assert_equal 404, sheet("Alcove tree").status
  end
end

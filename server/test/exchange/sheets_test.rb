# frozen_string_literal: true

require "csv"
require_relative "../server_test"

# The sheets that go out as SVG and CSV are true to what was planned.
class SheetsTest < Minitest::Test
  include DeckBough
  include DeckBough::Server::Exchange

  STYLES = [{ id: "plum", letter: "A", name: "Plum", count: 2, colour: "#6b2e4f" },
            { id: "bell", letter: "B", name: "Bell & bow", count: 1, colour: "#f2e3b0" }].freeze
  FLAT = { crown_m: 0.2, rim_m: 2.4, half_deg: 60, reach_line_m: nil, tiers: [{ from_m: 0.9 }, { from_m: 1.6 }],
           clocks: [{ clock: 6, turn_deg: 0 }, { clock: 7, turn_deg: 30 }] }.freeze

  def site(style, number, **rest)
    { style: style, number: number, reach_m: 1.5, turn_deg: 10, up: false, **rest }
  end

  def map(sites, **flat)
    { flat: FLAT.merge(flat), styles: STYLES, sites: sites }
  end

  def drawn(sites, style: nil, **flat)
    HangingSvg.write(map(sites, **flat), "Bay & tree", style, under: "A room · 19 Nov 2026")
  end

  def test_every_ornament_has_its_number_and_reads_on_its_colour
    svg = drawn([site("plum", 1), site("bell", 2), site("plum", 3, up: true)])

    assert_equal %w[A1 B2 A3], svg.scan(%r{font-size="12"[^>]*>(\w+)</text>}).flatten
    assert_equal ["#ffffff", SvgMarks::INK, SvgMarks::INK], svg.scan(/font-size="12"[^>]*fill="(#\h+)"/).flatten
    assert_equal ["#6b2e4f", "#f2e3b0", "#ffffff"], svg.scan(/<circle[^>]*r="12" fill="(#\h+)"/).flatten
    assert_equal ["A  Plum, 2", "B  Bell &amp; bow, 1"], svg.scan(%r{font-size="14"[^>]*>([^<]+)</text>}).flatten
  end

  def test_a_sheet_carries_its_letters_and_says_where_and_when_it_is
    svg = drawn([])
    carried = svg[%r{base64,([\w+=/]+)}, 1].unpack1("m")

    assert_equal File.binread(SheetFonts.file("hanken-grotesk-400")), carried
    assert_includes svg, ">A room · 19 Nov 2026</text>"
    assert_includes svg, ">Bay &amp; tree</text>"
  end

  def test_one_style_is_lit_and_the_others_are_rings_without_a_number
    svg = drawn([site("plum", 1), site("bell", 1)], style: "bell")

    assert_equal 1, svg.scan('r="12"').size
    assert_match(%r{font-size="13"[^>]*>1</text>}, svg)
    assert_equal 1, svg.scan('r="4" fill="none"').size
  end

  def test_tiers_hours_and_the_reach_line_are_drawn_where_there_are_some
    plain = drawn([]).scan("<polyline").size

    assert_equal 4, plain
    assert_equal plain + 1, drawn([], reach_line_m: 1.8).scan("<polyline").size
    assert_includes drawn([], reach_line_m: 1.8), "stroke-dasharray"
  end

  def test_a_title_is_text_whatever_stands_in_it
    svg = HangingSvg.write(map([]), "<b>Bay</b> & \"tree\"", nil, under: "")

    assert_includes svg, "<title>&lt;b&gt;Bay&lt;/b&gt; &amp; &quot;tree&quot;</title>"
    refute_includes svg, "<b>"
  end

  def test_the_front_runs_straight_down_and_left_is_left
    drawing = HangingDrawing.new(map([]), width: 520, height: 340)
    front = drawing.spot(2.4, 0)

    assert_in_delta 260, front.first
    assert_operator drawing.spot(1, -30).first, :<, 260
    assert_operator drawing.spot(1, 30).first, :>, 260
    assert_operator drawing.spot(1, 0).last, :<, front.last
  end

  def test_every_sheet_lies_within_its_paper
    [20, 60, 90, 120, 180].each do |half|
      drawing = HangingDrawing.new(map([], half_deg: half), width: 520, height: 340)
      drawing.outline.each do |across, down|
        assert_includes(-1e-6..(520 + 1e-6), across, "half #{half}")
        assert_includes(-1e-6..(340 + 1e-6), down, "half #{half}")
      end
    end
  end

  def test_marks_are_told_to_a_tenth_of_a_unit
    assert_equal "1.2,3.0 4.0,5.7", SvgMarks.list([[1.23, 3], [4, 5.66]])
    assert_includes SvgMarks.label(10.04, 2, 7), %(x="10.0" y="2.0")
    assert_includes SvgMarks.line([[0, 0], [1, 1]], "#000000", dash: "8 6", wide: 2), %(stroke-dasharray="8 6")
    refute_includes SvgMarks.line([[0, 0]], "#000000"), "stroke-dasharray"
    sheet = SvgMarks.sheet(["<g/>"], title: "Bay", under: "A room", wide: 100, tall: 70, margin: 5)

    assert_includes sheet, %(viewBox="0 0 100 70")
    assert_includes sheet, %(<g transform="translate(5 5)"><g/></g></svg>)
    assert_operator sheet.index("<title>"), :<, sheet.index("<rect")
  end

  LINE = { step: "ornaments", label: "Slate glass", unit: "pieces", need: 16, spares: 2, have: 12, elsewhere: 3,
           short: 6.0, packs: 2, pack_size: 4.0, buy_cents: 2_050, stock_cents: nil }.freeze

  def cells(**change)
    CSV.parse(LedgerCsv.write([LINE.merge(change)], "EUR")).last
  end

  def test_a_ledger_line_is_told_in_whole_numbers_where_they_are_whole
    assert_equal ["ornaments", "Slate glass", "pieces", "16", "2", "12", "3", "6", "2", "4", "20.50", nil], cells
    assert_equal "6.35", cells(short: 6.3456)[7]
    assert_equal "0.05", cells(buy_cents: 5)[10]
  end

  def test_no_cell_is_run_as_a_formula
    ["=1+1", "+1", "-1", "@sum", "\t=1"].each { |label| assert_equal "'#{label}", cells(label: label)[1] }
    assert_equal "Gold, \"old\"", cells(label: "Gold, \"old\"")[1]
  end

  def test_sheets_come_on_the_studios_paper_and_each_page_says_what_it_is_of_and_when
    whole = map(Array.new(200) { |i| site("plum", i + 1, tier: 1, clock: 6.0, depth_word: "tips") }, clocks: [])
    whole[:styles] = [{ **STYLES.first, count: 200 }]
    sizes = %w[a4 letter].map do |paper|
      pdf = HangingPdf.new({ **whole, up: 0 }, title: "Bay tree", under: "A house, a room", paper: paper,
                                               day: Date.new(2026, 11, 19))
      told = pdf.render

      assert_operator told.scan("/Type /Page\n").size, :>, 1
      told[/MediaBox \[0 0 ([\d.]+ [\d.]+)\]/, 1]
    end

    assert_equal ["595.28 841.89", "612 792"], sizes
  end

  def test_a_sheet_is_set_in_the_applications_own_letters_whatever_the_name
    pdf = HangingPdf.new({ **map([]), up: 0 }, title: "Łucja's tree, 7½ ft ⅜ 🎄", under: "A house").render

    assert_match(%r{/BaseFont /\w+\+Alegreya}, pdf)
    assert_match(%r{/BaseFont /\w+\+HankenGrotesk}, pdf)
    refute_match(%r{/BaseFont /Helvetica}, pdf)
  end
end

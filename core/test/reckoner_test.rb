# frozen_string_literal: true

require_relative "core_test"
require "open3"

class ReckonerTest < CoreTest
  RECKON = File.expand_path("../../bin/reckon", __dir__)
  GOOD = '{"rule":"ornaments.by_cover","inputs":{"area_m2":2.94,"cover":"full"}}'

  def reckon(*lines, arguments: [])
    out, status = Open3.capture2(RECKON, *arguments, stdin_data: lines.map(&:b).join("\n"), binmode: true)
    [out.lines.map { |line| JSON.parse(line) }, status.exitstatus]
  end

  # The rest of a long run goes to a Ruby that compiles: same answers, same order, same verdict on all of it.
  def test_a_long_run_is_answered_line_by_line_to_its_end
    areas = (1..2_200).map { |i| 1 + (i % 97) }
    asked = areas.map { |area| %({"rule":"ornaments.by_cover","inputs":{"area_m2":#{area},"cover":"full"}}) }
    rows, status = reckon(*asked)

    assert_equal(areas.map { |area| area * 30 }, rows.map { |row| row["outputs"]["total"] })
    assert_equal 0, status
    assert_equal 1, reckon(*asked, "not a line").last
  end

  def test_answers_a_line
    rows, status = reckon(GOOD)

    assert_equal({ "total" => 88 }, rows.first["outputs"])
    assert_equal 0, status
  end

  def test_a_bad_line_is_named_and_the_next_is_still_answered
    rows, status = reckon("not json", '{"rule":"tree.smell","inputs":{}}',
                          '{"rule":"tree.visible_area","inputs":{"height_m":400}}', "[]", GOOD)

    assert_equal(%w[not_json rule_unknown too_large not_json], rows.first(4).map { |row| row["error"]["code"] })
    assert_equal "height_m", rows[2]["error"]["input"]
    assert_equal 88, rows.last["outputs"]["total"]
    assert_equal 1, status
  end

  def test_names_the_entry_of_a_list
    row, good = Reckoner.line(
      '{"rule":"ornaments.by_foot","inputs":{"height_m":2.1,"styles":[{},{"breakable":"yes"}]}}'
    )

    refute good
    assert_equal "styles[1].breakable", row[:error][:input]
  end

  def test_names_what_is_not_finite
    row, = Reckoner.line('{"rule":"ornaments.by_cover","inputs":{"area_m2":NaN,"cover":"full"}}')

    assert_equal %w[not_finite area_m2], row[:error].values_at(:code, :input)
  end

  # Bytes that are no text, a number that is none, a depth nobody says: each is answered, and so is every line after it.
  def test_every_line_is_answered_whatever_its_bytes
    tiny = ->(rule, inputs) { JSON.generate("rule" => rule, "inputs" => inputs) }
    lines = ["\xFF#{GOOD}".b, "\xC3\x28".b, "\x00x", "[" * 300,
             '{"rule":"ornaments.by_cover","inputs":{"area_m2":1e999,"cover":"full"}}',
             tiny.call("garland.swag", { spans: 1, span_m: 2.0, sag_m: 1e-320 }),
             tiny.call("ribbon.tuck", { area_m2: 4.0, cover: "full", loops: 2, chord_m: 0.14, stand_m: 1e-320 }),
             tiny.call("garland.swag", { spans: 1, span_m: 2.0, sag_m: 1e-12 }), "{\"rule\":{},\"inputs\":[]}", GOOD]
    rows, status = reckon(*lines)

    assert_equal lines.size, rows.size
    assert_equal 88, rows.last["outputs"]["total"]
    assert_equal(%w[too_fine too_fine too_fine], rows[5..7].map { |row| row["error"]["code"] })
    assert(rows[0..8].all? { |row| row["error"]["message"].size > 10 })
    assert_equal 1, status
  end

  def test_lists_every_rule_with_inputs_outputs_and_section
    rows, status = reckon(arguments: ["--list"])

    assert_equal(Catalogue::RULES.keys, rows.map { |row| row["rule"] })
    fit = rows.find { |row| row["rule"] == "tree.fit" }

    assert_equal(
      { "name" => "riser_m", "title" => "Riser", "unit" => "m", "required" => false, "default" => 0,
        "range" => [0, 3] }, fit["inputs"][3]
    )
    assert_equal "10 Fit", fit["handbook"]
    assert_equal 0, status
  end
end

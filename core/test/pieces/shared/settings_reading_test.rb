# frozen_string_literal: true

require_relative "../../core_test"

# What was kept by an earlier Deck Bough, or cannot be read any more.
class SettingsReadingTest < CoreTest
  KEPT = File.join(__dir__, "..", "kept")

  def read(kind, document, schema: kind.schema)
    kind.read(document, schema: schema)
  end

  # A document of every past schema, as it was kept then.
  Kinds::ALL.each_value do |kind|
    (1..kind.schema).each do |schema|
      define_method("test_a_#{kind.name}_of_schema_#{schema}_is_read_whole") do
        document = JSON.parse(File.read(File.join(KEPT, "#{kind.name}_#{schema}.json")))
        reading = read(kind, document, schema: schema)

        assert_empty reading.faults
        assert_equal(document.values.sum(&:size), document.sum do |group, values|
          values.keys.count do |name|
            reading.settings[group.to_sym].key?(name.to_sym)
          end
        end)
        assert_equal kind.check(JSON.parse(JSON.generate(reading.settings))), reading.settings
      end
    end
  end

  def test_what_picks_called_lush_is_full_cover_since_schema_two
    assert_equal "full", read(TREE_KIND, { "picks" => { "cover" => "lush" } }, schema: 1).settings[:picks][:cover]
    assert_equal "airy", read(TREE_KIND, { "picks" => { "cover" => "airy" } }, schema: 1).settings[:picks][:cover]
    assert_equal ["/picks/cover"],
                 read(TREE_KIND, { "picks" => { "cover" => "lush" } }, schema: 2).faults.map(&:pointer)
  end

  def test_a_name_nobody_knows_any_more_breaks_nothing
    many = Array.new(200) { |i| ["old_#{i}", i] }.to_h
    document = { "measure" => { "height_m" => 2.1, **many }, "smell" => { "of" => "pine" },
                 "step_back" => { "mends" => [{ "kind" => "tuck", "height_m" => 1.0, "angle_deg" => 3, "old" => 1 }] } }
    reading = read(TREE_KIND, document)

    assert_empty reading.faults
    assert_in_delta 2.1, reading.settings[:measure][:height_m]
    assert_equal 1, reading.settings[:step_back][:mends].size
  end

  def test_one_bad_value_takes_its_default_and_is_told_and_the_rest_stays
    document = { "measure" => { "height_m" => 2.1, "shape" => "oval" },
                 "ornaments" => { "styles" => ["a", 7, "b"], "count_by" => "own" } }
    reading = read(TREE_KIND, document)

    assert_equal ["/measure/shape", "/ornaments/styles/1"], reading.faults.map(&:pointer).first(2)
    assert_equal [2.1, "classic"], reading.settings[:measure].values_at(:height_m, :shape)
    assert_equal %w[a b], reading.settings[:ornaments][:styles]
  end

  def test_what_is_only_wrong_together_is_told_too
    reading = read(RUN_KIND,
                   { "survey" => { "length_m" => 12.1, "kind" => "ledge" },
                     "length" => { "method" => "swags", "spans" => 1 } })

    assert_equal ["/length/spans"], reading.faults.map(&:pointer)
    assert_in_delta 12.1, reading.settings[:survey][:length_m]
  end

  def test_a_document_that_is_none_reads_as_nothing_said
    [[], "x", nil, 7, { "measure" => [] }, { "measure" => nil },
     { "step_back" => { "mends" => [nil, 3, []] } }].each do |document|
      assert_equal TREE_KIND.check({}), read(TREE_KIND, document).settings, document.inspect
    end
  end

  def test_what_a_newer_deck_bough_kept_is_read_as_far_as_it_goes
    reading = read(TREE_KIND, { "measure" => { "height_m" => 2.1 } }, schema: 9)

    assert_equal %w[newer_schema], reading.faults.map(&:code)
    assert_in_delta 2.1, reading.settings[:measure][:height_m]
  end
end

# frozen_string_literal: true

require_relative "../../core_test"

class TreeSettingsTest < CoreTest
  def pointers(document)
    assert_raises(InputError) { TreeSettings.check(document) }.faults.map(&:pointer)
  end

  def test_an_empty_document_takes_every_default
    settings = TreeSettings.check({})

    assert_nil settings[:measure][:height_m]
    assert_equal "classic", settings[:lights][:school]
    assert_equal OrderOfWork::STEPS, settings.keys.map(&:to_s)
  end

  def test_reads_back_its_own_document
    settings = TreeSettings.check("measure" => { "height_m" => 2.1 }, "ornaments" => { "styles" => %w[a b] })

    assert_equal settings, TreeSettings.check(JSON.parse(JSON.generate(settings)))
    assert_equal %w[a b], TREE_KIND.style_ids(settings)
  end

  def test_names_every_fault_at_once
    document = { "measure" => { "height_m" => 400, "shape" => "oval" }, "lights" => { "school" => 3 }, "smell" => {} }

    assert_equal %w[/smell /measure/height_m /measure/shape /lights/school], pointers(document)
  end

  def test_what_only_shows_together_is_checked_too
    assert_equal ["/measure/hem_m"], pointers("measure" => { "height_m" => 1.0, "hem_m" => 1.2 })
    assert_equal ["/ornaments/own_total"], pointers("ornaments" => { "count_by" => "own" })
    assert_equal ["/settings"], pointers([])
  end
end

# frozen_string_literal: true

require_relative "../../core_test"

class RunSettingsTest < CoreTest
  def faults(document)
    assert_raises(InputError) { RunSettings.check(document) }.faults
  end

  def test_an_empty_document_is_a_mantel_not_measured_yet
    settings = RunSettings.check({})

    assert_equal %w[mantel laid level],
                 [settings[:survey][:kind], settings[:length][:method], settings[:rise_and_trail][:shape]]
    refute RunSettings.measured?(settings)
    assert RunSettings.measured?(RunSettings.check("survey" => { "length_m" => 1.5 }))
    refute RunSettings.measured?(RunSettings.check("survey" => { "kind" => "rail", "length_m" => 1.5 }))
  end

  def test_checks_itself_again_unchanged
    settings = RunSettings.check("survey" => { "length_m" => 1.5 }, "body" => { "bodies" => [{ "style" => "fir" }] })

    assert_equal settings, RunSettings.check(JSON.parse(JSON.generate(settings)))
  end

  def test_every_fault_at_once_where_it_is
    paths = faults("survey" => { "length_m" => 400 }, "length" => { "method" => "thrown" },
                   "body" => { "bodies" => [{ "passes" => 0 }] }).map do |fault|
      fault.path.join("/")
    end

    assert_equal %w[survey/length_m length/method body/bodies/0/style body/bodies/0/passes], paths
  end

  def test_what_cannot_go_together
    assert_equal ["ends_before_it_begins"],
                 faults("body" => { "bodies" => [{ "style" => "fir", "from_m" => 1, "to_m" => 0.5 }] }).map(&:code)
    assert_equal ["drop_below_floor"], faults("survey" => { "right_drop_m" => 1.4, "height_m" => 1.2 }).map(&:code)
    assert_equal %w[rise_and_trail points], faults("rise_and_trail" => { "shape" => "free" }).first.path
  end

  def test_names_every_style
    settings = RunSettings.check("body" => { "bodies" => [{ "style" => "a", "also" => "b" }] },
                                 "rise_and_trail" => { "stems" => [{ "style" => "c", "count" => 2 }] },
                                 "accents" => { "accents" => [{ "style" => "d", "count" => 3 }] },
                                 "lights" => { "style" => "e" }, "ribbon" => { "style" => "a" })

    assert_equal %w[a b c d e], RUN_KIND.style_ids(settings).sort
  end
end

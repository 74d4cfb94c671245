# frozen_string_literal: true

require_relative "../core_test"

class InputTest < CoreTest
  DECLARED = [
    DeckBough::Input.number(:spread_m, "Spread", "m", 0.1..8.0, why: "A tree needs a width to stand."),
    DeckBough::Input.whole(:count, "Count", "pieces", 0..100, default: 3),
    DeckBough::Input.choice(:cover, "Cover", %w[airy full], default: "airy"),
    DeckBough::Input.flag(:breakable, "Breakable", default: false),
    DeckBough::Input.text(:name, "Name", 1..5, default: nil),
    DeckBough::Input.text(:note, "Note", 0..5, default: nil),
    DeckBough::Input.list(:sizes_m, "Sizes", DeckBough::Input.number(:size_m, "Size", "m", 0.3..12), 1..3,
                          default: [1.0].freeze),
    DeckBough::Input.list(:layers, "Layers", [DeckBough::Input.number(:loft_m, "Loft", "m", 0..1)], 0..2,
                          default: [].freeze)
  ].freeze

  def check(given)
    Inputs.check(DECLARED, given)
  end

  def faults(given)
    assert_raises(InputError) { check({ spread_m: 1 }.merge(given)) }.faults
  end

  def test_what_is_not_given_takes_its_default_and_keys_may_be_of_either_kind
    checked = check("spread_m" => 1.2)

    assert_equal({ spread_m: 1.2, count: 3, cover: "airy", breakable: false, name: nil, note: nil,
                   sizes_m: [1.0], layers: [] },
                 checked)
    assert_equal checked, check(spread_m: 1.2)
    assert_predicate checked, :frozen?
  end

  def test_null_is_as_good_as_not_given
    assert_equal 3, check(spread_m: 1, count: nil)[:count]
  end

  def test_a_whole_number_may_be_written_with_a_point_but_not_be_a_fraction
    assert_equal 4, check(spread_m: 1, count: 4.0)[:count]
    assert_equal "wrong_type", faults(count: 4.5).first.code
  end

  def test_each_kind_says_what_would_be_right
    { { spread_m: 0 } => "Spread is 0 m. A tree needs a width to stand. Enter 0.1 m or more.",
      { spread_m: 9 } => "Spread is 9 m. Nobody dresses that. Enter 8 m or less.",
      { spread_m: -1 } => "Spread is -1 m. It cannot be negative. A tree needs a width to stand. Enter 0.1 m or more.",
      { cover: "thick" } => "Cover is \"thick\". Choose one of airy, full.",
      { breakable: 1 } => "Breakable is 1. It must be true or false.",
      { name: " " } => "Name is missing. Enter it.", { name: "too long" } => "Name must have 1 to 5 characters.",
      { note: "too long" } => "Note takes at most 5 characters.",
      { name: 3 } => "Name is 3. It must be text.",
      { sizes_m: [] } => "Sizes must have 1 to 3 entries.",
      { sizes_m: 2 } => "Sizes is 2. It must be a list.",
      { layers: [3] } => "0 must be an object with named values." }.each do |given, message|
      assert_equal [message], faults(given).map(&:message)
    end
  end

  def test_every_fault_is_told_at_once_with_its_place_for_the_command_line_and_the_api
    told = faults(count: 101, sizes_m: [1, 0.1], layers: [{ loft_m: 2 }, { loft_m: 0.2, shine: 1 }])

    assert_equal ["count", "sizes_m[1]", "layers[0].loft_m", "layers[1].shine"], told.map(&:input)
    assert_equal ["/count", "/sizes_m/1", "/layers/0/loft_m", "/layers/1/shine"], told.map(&:pointer)
  end

  def test_what_is_no_object_at_all_is_told
    assert_equal ["not_an_object"], assert_raises(InputError) { Inputs.check(DECLARED, [1]) }.faults.map(&:code)
  end

  def test_an_input_tells_itself_for_the_list_of_rules
    assert_equal(
      { name: :cover, title: "Cover", unit: "choice", required: false, default: "airy", choices: %w[airy full] },
      DECLARED[2].to_h
    )
    assert_equal [{ name: :loft_m, title: "Loft", unit: "m", required: true, range: [0, 1] }],
                 DECLARED.last.to_h[:items]
  end
end

# frozen_string_literal: true

require_relative "../../core_test"

# Colours against a palette, undertones, what is really seen, what a picture comes to.
class PaletteRulesTest < CoreTest
  LOOK = [{ name: "Quince", colour: "#d3a02a", share: 0.4 }, { name: "Chalk", colour: "#ece8dd", share: 0.3 },
          { name: "Pewter", colour: "#8d9194", share: 0.3 }].freeze

  def colour(chance) = format("#%06x", chance.rand(0x1000000))

  def seen(surface: 5.0, **rest)
    answer("palette.actual", surface_m2: surface, palette: LOOK, **rest)
  end

  def shares(told)
    told[:shares].to_h { |one| [one[:name], one[:seen]] }
  end

  def test_a_colour_is_on_near_or_off_and_the_studio_says_where
    palette = [{ name: "Quince", colour: "#d3a02a" }]
    verdicts = { "#d3a02a" => "on", "#c99a2e" => "on", "#b8743a" => "near", "#33547a" => "off" }

    verdicts.each do |colour, verdict|
      told = answer("palette.match", colour: colour, palette: palette)

      assert_equal verdict, told[:verdict], "#{colour} #{told[:delta_e]}"
    end
    wary = HouseRules.with("palette.on" => 1, "palette.near" => 5)

    assert_equal "off",
                 Catalogue.answer("palette.match", { colour: "#b8743a", palette: palette }, house: wary)[:verdict]
  end

  def test_the_nearest_is_nearest_whatever_the_order
    chance = Random.new(3)
    60.times do
      palette = Array.new(5) { |i| { name: "c#{i}", colour: colour(chance) } }
      asked = colour(chance)
      told = answer("palette.match", colour: asked, palette: palette)
      apart = palette.to_h { |one| [one[:name], ColourDifference.of(asked, one[:colour])] }

      assert_equal apart.min_by(&:last).first, told[:nearest]
      assert_equal told[:nearest], answer("palette.match", colour: asked, palette: palette.reverse)[:nearest]
    end
  end

  def test_what_is_no_colour_is_named
    told = assert_raises(InputError) do
      answer("palette.match", colour: "red", palette: [{ name: "c", colour: "#12345" }])
    end

    assert_equal([%w[colour not_a_colour], ["palette[0].colour", "not_a_colour"]],
                 told.faults.map { |fault| [fault.input, fault.code] })
    assert_raises(InputError) { answer("palette.undertone", colour: 7) }
  end

  def test_metals_and_whites_lean_and_colours_do_not
    { "#b08d57" => "coloured", "#ece8dd" => "warm", "#cecfd4" => "cool", "#ffffff" => "neutral",
      "#8d9194" => "cool" }.each do |colour, undertone|
      assert_equal undertone, answer("palette.undertone", colour: colour)[:undertone], colour
    end
  end

  def test_shares_of_what_is_seen_sum_to_one_and_leave_the_ground_out
    chance = Random.new(11)
    40.times do
      ornaments = Array.new(4) do
        { colour: colour(chance), diameter_mm: chance.rand(30..150), count: chance.rand(1..40) }
      end
      ribbons = [{ colour: colour(chance), width_m: 0.06, length_m: chance.rand(1..30) }]
      told = seen(ornaments: ornaments, ribbons: ribbons, ground: "#2f5d4a")

      assert_in_delta 1, shares(told).values.sum, 1e-9
      assert_includes 0.0..1.0, told[:ground_share]
      turned = seen(ornaments: ornaments.reverse, ribbons: ribbons)

      shares(told).each { |name, share| assert_in_delta share, shares(turned)[name], 1e-9 }
    end
  end

  def test_twice_as_much_of_one_colour_is_twice_as_much_beside_the_rest
    one = { colour: "#d3a02a", diameter_mm: 60, count: 10 }
    other = { colour: "#8d9194", diameter_mm: 60, count: 10 }

    assert_equal({ "Quince" => 0.5, "Chalk" => 0.0, "Pewter" => 0.5 }, shares(seen(ornaments: [one, other])))
    assert_in_delta 2 / 3.0, shares(seen(ornaments: [{ **one, count: 20 }, other]))["Quince"], 1e-9
    assert_in_delta 4 / 5.0, shares(seen(ornaments: [{ **one, diameter_mm: 120 }, other]))["Quince"], 1e-9
  end

  def test_a_pick_counts_whole_and_an_ornament_on_a_tree_in_part
    disc = Math::PI * (0.1**2) / 4
    told = seen(ornaments: [{ colour: "#d3a02a", diameter_mm: 100, count: 10 }],
                picks: [{ colour: "#8d9194", area_m2: disc, count: 10 }])

    assert_in_delta 0.6 / 1.6, shares(told)["Quince"], 1e-9
    assert_in_delta 0.5, shares(seen(seen: 1, ornaments: [{ colour: "#d3a02a", diameter_mm: 100, count: 10 }],
                                     picks: [{ colour: "#8d9194", area_m2: disc, count: 10 }]))["Quince"], 1e-9
  end

  def test_with_nothing_hung_only_ground_is_seen
    told = seen(ground: "#2f5d4a")

    assert_equal [1.0, { "Quince" => 0.0, "Chalk" => 0.0, "Pewter" => 0.0 }], [told[:ground_share], shares(told)]
    assert_empty told.findings
  end

  def test_what_covers_all_leaves_no_ground
    told = seen(surface: 0.01, ornaments: [{ colour: "#d3a02a", diameter_mm: 100, count: 10 }], ground: "#000000")

    assert_equal [0.0, 0.0], [told[:ground_share], told[:spread_l]]
  end

  def test_flat_colours_are_told_and_the_ground_gives_depth
    pale = [{ colour: "#ece8dd", diameter_mm: 60, count: 30 }, { colour: "#d9d2c0", diameter_mm: 60, count: 30 }]

    assert_equal ["colours_flat"], codes(seen(ornaments: pale))
    assert_empty codes(seen(ornaments: pale, ground: "#1f3d33"))
  end

  def test_a_picture_comes_to_its_colours_whatever_order_it_is_read_in
    chance = Random.new(5)
    around = lambda do |red, green, blue, count|
      Array.new(80) do
        near = [red, green, blue].map { |part| (part + chance.rand(-5..5)).clamp(0, 255) }
        { colour: format("#%02x%02x%02x", *near), count: count }
      end
    end
    dots = [*around.call(211, 160, 42, 4), *around.call(236, 232, 221, 3), *around.call(40, 70, 110, 1)]
    told = answer("palette.gather", colours: dots)[:palette]

    assert_equal told, answer("palette.gather", colours: dots.shuffle(random: chance))[:palette]
    assert_in_delta 1, told.sum { |one| one[:share] }, 1e-9
    assert_operator told.size, :<=, 5
    { "#d3a02a" => 0.5, "#ece8dd" => 0.375, "#28466e" => 0.125 }.each do |colour, share|
      near = told.select { |one| ColourDifference.of(one[:colour], colour) < 6 }

      assert_in_delta share, near.sum { |one| one[:share] }, 0.03, colour
    end
  end

  def test_a_small_bright_thing_counts_beside_a_large_wall
    wall = Array.new(60) do |i|
      { colour: format("#%02x%02x%02x", 200 + (i % 9), 196 + (i % 7), 188 + (i % 5)), count: 300 }
    end
    told = answer("palette.gather", colours: [*wall, { colour: "#b3122b", count: 600 }], most: 3)[:palette]

    assert(told.any? { |one| ColourDifference.of(one[:colour], "#b3122b") < 2 })
  end

  def test_the_edge_between_two_colours_is_none
    dots = [{ colour: "#d3a02a", count: 500 }, { colour: "#6b2e4f", count: 480 }, { colour: "#9f673c", count: 10 }]
    all = HouseRules.with("palette.least_share" => 0)

    assert_equal 2, answer("palette.gather", colours: dots)[:palette].size
    assert_equal 3, Catalogue.answer("palette.gather", { colours: dots }, house: all)[:palette].size
  end

  def test_never_more_than_are_wanted_and_one_of_one
    assert_equal [{ colour: "#b3122b", share: 1.0 }],
                 answer("palette.gather",
                        colours: [{ colour: "#B3122B", count: 3 }, { colour: "#b3122b", count: 2 }])[:palette]
    chance = Random.new(2)
    many = Array.new(400) { { colour: colour(chance), count: chance.rand(1..9) } }

    (1..6).each { |most| assert_operator answer("palette.gather", colours: many, most: most)[:palette].size, :<=, most }
    assert_empty answer("palette.gather", colours: [{ colour: "#b3122b", count: 0 }])[:palette]
  end
end

# frozen_string_literal: true

require_relative "../../core_test"

class WreathProfileTest < CoreTest
  RING = { outer_m: 0.6, inner_m: 0.3 }.freeze
  LENGTH = Math::PI * 0.45
  RISE = { kind: "rise", at_h: 3, spread_m: 0.3, rise_m: 0.2 }.freeze

  def profile(*items, body: 0.1, wanted: { shape: "even", high_m: 0.1 })
    answer("wreath.profile", **RING, body_m: body, items: items, wanted: wanted)
  end

  def at(told, hour)
    told[:samples].find { |sample| sample[:at_h] == hour }
  end

  # The run of the same length, begun where no stem reaches over its end.
  def test_a_ring_is_a_run_that_closes
    chance = Random.new(4)
    20.times do
      items = Array.new(5) do
        { kind: "rise", at_h: 2.0 + (chance.rand * 8), spread_m: 0.1 + (chance.rand * 0.1), rise_m: chance.rand * 0.3 }
      end
      run = Greenery::Profile.new(run_m: LENGTH, items: [
                                    { kind: "body", from_m: 0, to_m: LENGTH, loft_m: 0.1 },
                                    *items.map { |item| { **item, at_m: item[:at_h] / 12 * LENGTH } }
                                  ])

      profile(*items)[:samples].each do |sample|
        assert_in_delta run.at(sample[:at_h] / 12 * LENGTH)[:thickness_m], sample[:thickness_m], 1e-9
      end
    end
  end

  def test_turned_is_turned
    told = profile(RISE)
    turned = profile(RISE.merge(at_h: 11))

    told[:samples].each do |sample|
      assert_in_delta sample[:thickness_m], at(turned, (sample[:at_h] + 8) % 12)[:thickness_m], 1e-9
    end
  end

  def test_mirrored_is_mirrored
    wanted = { shape: "crescent", low_m: 0.05, high_m: 0.3 }
    told = profile(RISE, wanted: { **wanted, from_h: 1, to_h: 6 })
    mirrored = profile(RISE.merge(at_h: 9), wanted: { **wanted, from_h: 6, to_h: 11 })

    assert_in_delta told[:fullness], mirrored[:fullness], 1e-9
    told[:samples].each do |sample|
      other = at(mirrored, (12 - sample[:at_h]) % 12)

      assert_in_delta sample[:wanted_m], other[:wanted_m], 1e-9
      assert_in_delta sample[:outward_m], other[:outward_m], 1e-9
    end
  end

  def test_what_rises_stands_outward_and_what_trails_hangs_inward
    told = profile(RISE, { kind: "trail", at_h: 9, spread_m: 0.3, trail_m: 0.15 })

    assert_equal [0.2, 0.05], at(told, 3).values_at(:outward_m, :inward_m)
    assert_equal [0.05, 0.15], at(told, 9).values_at(:outward_m, :inward_m)
  end

  def test_an_arc_over_twelve_is_one_arc
    told = profile(*[3, 4, 5, 6, 7, 8, 9].map { |hour| { **RISE, at_h: hour } }, body: 0.02)
    arcs = told[:short]

    assert_equal 1, arcs.size
    assert_operator arcs.first[:from_h], :>, 9
    assert_operator arcs.first[:to_h], :<, 3
    assert_in_delta 0.08, arcs.first[:by_m]
    assert_match(/Thin from \d+:\d\d to [12]:\d\d on the clock/, told.findings.first.message)
  end

  def test_a_ring_that_is_thin_all_round_is_one_arc_too
    told = profile(body: 0.05)

    assert_equal([[0.0, 11.75]], told[:short].map { |arc| arc.values_at(:from_h, :to_h) })
    assert_in_delta 0.5, told[:fullness]
  end

  def test_each_kind_names_what_it_lacks_and_a_crescent_its_ends
    faults = faults_of("wreath.profile", **RING, body_m: 0.1, items: [{ kind: "rise", at_h: 1, spread_m: 0.2 },
                                                                      { kind: "trail", at_h: 1, spread_m: 0.2 }],
                                                 wanted: { shape: "crescent", high_m: 0.2 })

    assert_equal %w[/items/0/rise_m /items/1/trail_m /wanted/from_h /wanted/to_h], faults.map(&:pointer)
  end
end

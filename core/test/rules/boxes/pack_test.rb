# frozen_string_literal: true

require_relative "../../core_test"

class BoxesPackTest < CoreTest
  def pack(items, boxes)
    Catalogue.answer("boxes.pack", { "items" => items, "boxes" => boxes })
  end

  def item(id, litres, kilograms, **more)
    { "id" => id, "litres" => litres, "kg" => kilograms, **more.transform_keys(&:to_s) }
  end

  def boxes(count, litres: 40)
    Array.new(count) { |i| { "id" => "box #{i + 1}", "litres" => litres } }
  end

  def test_a_group_that_fits_one_box_is_in_one
    packed = pack([item("a", 12, 2, group: "crib"), item("b", 25, 2), item("c", 12, 2, group: "crib"),
                   item("d", 12, 2, group: "crib"), item("e", 10, 2)], boxes(3))

    assert_equal [%w[a c d], %w[b e]], packed[:boxes].map { |box| box[:items].sort }.sort
    assert_empty packed[:unpacked]
  end

  def test_breakables_lie_in_light_boxes_only
    packed = pack([item("glass", 10, 5, breakable: true), item("iron", 5, 6), item("felt", 5, 2)], boxes(2))
    glass = packed[:boxes].find { |box| box[:items].include?("glass") }

    refute_includes glass[:items], "iron"
    assert_equal 2, packed[:lower_bound]
  end

  def test_a_group_with_breakables_over_eight_kilograms_is_parted
    packed = pack([item("a", 5, 5, group: "set", breakable: true), item("b", 5, 5, group: "set")], boxes(2))

    assert_equal [["a"], ["b"]], packed[:boxes].map { |box| box[:items] }.sort
  end

  def test_what_fits_no_box_is_told
    packed = pack([item("tree", 90, 11), item("ball", 1, 1)], boxes(1))

    assert_equal %w[tree], packed[:unpacked]
    assert_equal [:left_unpacked], packed.findings.map(&:code).map(&:to_sym)
    assert_match(/1 thing finds no box/, packed.findings.first.message)
  end

  def test_a_thing_or_box_named_twice_is_refused
    error = assert_raises(InputError) { pack([item("a", 1, 1), item("a", 1, 1)], boxes(1)) }

    assert_equal %w[items], error.faults.first.path
    assert_raises(InputError) { pack([], boxes(1) * 2) }
  end

  def test_weight_counts_where_litres_would_do
    packed = pack(Array.new(4) { |i| item("i#{i}", 2, 7) }, boxes(4))

    assert_equal 2, packed[:boxes].size
    assert_equal 2, packed[:lower_bound]
  end

  # Cut from full boxes, so that how few can do is known.
  def test_things_cut_from_full_boxes_go_back_into_hardly_more
    over = Array.new(12) do |seed|
      chance = Random.new(seed)
      count = 3 + (seed % 6)
      items = Array.new(count) { |box| cut(box, chance) }.flatten(1)
      packed = pack(items.shuffle(random: chance), boxes(count * 2))
      held!(items, packed, count * 2)

      packed[:boxes].size - count
    end

    assert_operator over.max, :<=, 1
    assert_operator over.sum, :<=, 4, "of 12 jobs so many boxes more than must be"
  end

  def test_whatever_is_packed_keeps_every_limit
    14.times do |seed|
      chance = Random.new(1_000 + seed)
      items = Array.new(5 + (seed * 5)) do |i|
        item("i#{i}", 0.5 + (chance.rand * 22), chance.rand * 5, breakable: chance.rand < 0.3,
                                                                 group: chance.rand < 0.4 ? "g#{chance.rand(8)}" : nil)
      end
      count = 4 + seed
      held!(items, pack(items, boxes(count)), count)
    end
  end

  def test_the_same_things_are_packed_the_same_way
    items = Array.new(40) { |i| item("i#{i}", 3 + (i % 7), 1 + (i % 3)) }

    assert_equal pack(items, boxes(20)).outputs, pack(items, boxes(20)).outputs
  end

  private

  def cut(box, chance)
    ends = [0, *Array.new(3) { 0.1 + (chance.rand * 0.8) }.sort, 1]
    ends.each_cons(2).with_index.map { |(from, to), i| item("b#{box}-#{i}", 40 * (to - from), 12 * (to - from)) }
        .select { |thing| thing["litres"] > 0.01 }
  end

  def held!(items, packed, count)
    known = items.to_h { |thing| [thing["id"], thing] }
    inside = packed[:boxes].flat_map { |box| box[:items] }

    assert_equal known.keys.sort, (inside + packed[:unpacked]).sort
    packed[:boxes].each { |box| within!(box, box[:items].map { |id| known[id] }) }
    together!(items, packed)
    assert_operator packed[:boxes].size, :>=, packed[:lower_bound] if packed[:unpacked].empty?

    assert_operator packed[:boxes].size, :<=, count
  end

  def within!(box, things)
    assert_in_delta things.sum { |thing| thing["litres"] }, box[:litres], 1e-6
    assert_operator box[:litres], :<=, 40 + 1e-6
    assert_operator box[:kg], :<=, (things.any? { |thing| thing["breakable"] } ? 8 : 15) + 1e-6
  end

  def together!(items, packed)
    items.select { |thing| thing["group"] }.group_by { |thing| thing["group"] }.each_value do |group|
      most = group.any? { |thing| thing["breakable"] } ? 8 : 15
      next if group.sum { |thing| thing["litres"] } > 40 || group.sum { |thing| thing["kg"] } > most

      ids = group.map { |thing| thing["id"] }
      places = packed[:boxes].select { |box| box[:items].intersect?(ids) }

      assert_operator places.size, :<=, 1
      assert_equal 0, (packed[:unpacked] & ids).size % ids.size
    end
  end
end

# frozen_string_literal: true

require_relative "../core_test"

# What a piece tells on paper is what its drawing shows, and every part of it is a number of a unit or a word.
class PaperTest < CoreTest
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0))
  SETTINGS = {
    "grouping" => { surface: { length_m: 2.4 }, site: { lifted: [{ what: "Toaster", to: "pantry" }] },
                    things: { standing: [{ form: "vessel" }, { form: "bowl" }] } },
    "drops" => { place: { length_m: 1.8 } }, "table" => { table: { length_m: 2.2, width_m: 1.0 } },
    "stockings" => { place: { length_m: 1.6 }, stockings: { hung: [{ name: "Nan" }, {}] } },
    "drinks" => { place: { length_m: 0.9 }, jars: { jars: [{ what: "Cocoa", allergens: ["milk"] }, { a_day: 0 }] } },
    "shelves" => { unit: { width_m: 1.4, columns: 2 }, dress: { standing: [{ bay: 3 }, { bay: 1, form: "bowl" }] } },
    "swaps" => { soft: { swaps: [{ seat: "Sofa", out: "Plaid" }] }, art: { frames: [{ name: "Chart" }] } }
  }.freeze

  def plan(kind, units: "metric")
    brief = PlanBrief.new(settings: Kinds.of(kind).check(SETTINGS.fetch(kind)), surroundings: ROOM, styles: [],
                          house: HouseRules.default, units: units)
    Kinds.of(kind).plan.call(brief)
  end

  def table(kind, title)
    plan(kind).paper.find { |one| one.title.start_with?(title) }
  end

  def test_every_kind_that_gives_a_sheet_tells_tables_of_even_rows
    kinds = Kinds::ALL.values.select { |kind| kind.gives.include?(:sheet) }.map(&:name)

    assert_equal SETTINGS.keys.sort, kinds.sort
    kinds.each do |kind|
      plan(kind).paper.each do |told|
        assert_empty(told.rows.reject { |row| row.size == told.columns.size }, kind)
        told.columns.each_with_index do |column, i|
          next if column[:unit].nil?

          assert(told.rows.all? { |row| row[i].is_a?(Numeric) }, "#{kind}: #{column[:says]}")
        end
      end
    end
  end

  def test_lengths_and_weights_are_known_as_such
    units = PaperTable.of("Lines", [], number: "no.", drop_m: "down", kg: "carries", name: "what").columns

    assert_equal([nil, "m", "kg", nil], units.map { |column| column[:unit] })
  end

  def test_rows_are_those_of_the_drawing
    assert_equal([%w[Toaster pantry]], table("grouping", "Make room").rows)
    assert_equal([1, 3], table("shelves", "What stands where").rows.map(&:first))
    assert_equal(%w[Cocoa milk], table("drinks", "Every jar").rows.first.values_at(0, -1))
    assert_equal(%w[Sofa Plaid], table("swaps", "Soft things").rows.first.first(2))
    assert_equal("Chart", table("swaps", "Pictures").rows.first.first)
    assert_equal plan("drops").reckoned[:drawing][:lines].size, table("drops", "Every line").rows.size
    assert_equal %w[charger plate], table("table", "At each place").rows.map(&:first).first(2)
  end
end

# frozen_string_literal: true

require_relative "../../core_test"

class CutSheetsTest < CoreTest
  RIBBONS = [Style.new(id: "plum", kind: "ribbon", name: "Plum", pack_size: 9.0, on_hand: 13.0, price_cents: 900),
             Style.new(id: "gauze", kind: "ribbon", name: "Gauze", pack_size: 10.0, on_hand: 0)].freeze

  def tree(**groups)
    TreePlan.new(settings: dressed(ribbon: { styles: %w[plum gauze] }, crown: { style: "plum", streamers: 3 },
                                   **groups), surroundings: surroundings,
                 styles: [*styles, *RIBBONS], kept: KEPT)
  end

  def test_what_is_cut_is_what_the_ledger_needs_for_every_method
    %w[tuck cascade spiral bows].each do |method|
      planned = tree(ribbon: { styles: %w[plum gauze], method: method })
      need = planned.call[:ledger].select { |line| line[:kind] == "ribbon" }.to_h { |line| [line[:style], line[:need]] }
      planned.cut_sheets.each do |sheet|
        cuts = sheet[:rolls].flat_map { |roll| roll[:cuts] }

        assert_in_delta need.fetch(sheet[:style]), cuts.sum { |cut| cut[:length_m] }, 1e-6, method
        assert cuts.all? { |cut| cut[:length_m] <= sheet[:roll_m] + 1e-9 }, "method #{method}"
      end
    end
  end

  def cut_of(sheet, what)
    sheet[:rolls].flat_map { |roll| roll[:cuts] }.select { |cut| cut[:for] == what }.map { |cut| cut[:length_m] }
  end

  def test_tucked_pieces_vary_by_a_fifth_in_few_lengths_one_reads_off_a_tape
    lengths = cut_of(tree.cut_sheets.last, "tucked piece")

    assert_in_delta 1.5, lengths.max / lengths.min, 0.15
    assert_includes 3..4, lengths.map { |length| length.round(4) }.uniq.size
    assert(lengths.all? { |length| ((length / 0.05) - (length / 0.05).round).abs < 1e-6 })
    assert_operator lengths.sum, :>=, lengths.size * tree.call[:sheets]["ribbon"][:steps][1][:value] * 0.99
  end

  def test_where_trees_are_sold_by_the_foot_one_cuts_by_whole_inches
    american = TreePlan.new(settings: dressed(ribbon: { styles: %w[plum gauze] }), surroundings: surroundings,
                            styles: [*styles, *RIBBONS], region: Region.of("north_america"))
    inches = cut_of(american.cut_sheets.last, "tucked piece").map { |length| length / 0.0254 }

    assert(inches.all? { |length| (length - length.round).abs < 1e-6 && length.round.even? })
  end

  def test_the_ledger_tells_the_same_lengths_as_the_cut_plan
    line = tree.call[:ledger].find { |one| one[:style] == "gauze" }
    sheet = tree.cut_sheets.find { |one| one[:style] == "gauze" }
    told = tree.call[:sheets][line[:sheet]][:steps].last[:sum].scan(/(\d+) × ([\d.]+)/)
    cut = cut_of(sheet, "tucked piece").map { |length| length.round(3) }.tally

    assert_equal(cut, told.to_h { |count, length| [length.to_f, count.to_i] })
  end

  def test_a_scarce_ribbon_takes_the_crown_first_and_as_many_pieces_as_it_allows
    scarce = tree(ribbon: { styles: %w[plum gauze], share: "scarce" }).call
    need = scarce[:ledger].select { |line| line[:kind] == "ribbon" }.to_h { |line| [line[:style], line[:need]] }

    assert_operator need["plum"], :<=, 13.0
    assert_operator need["plum"], :>, 12.0
    assert_equal scarce[:figures][:scarce_pieces][:value], scarce[:drawing][:ribbon][:each].count(0)
    assert_equal scarce[:figures][:ribbon_parts][:value], scarce[:drawing][:ribbon][:each].size
  end

  def test_rolls_at_hand_are_used_as_they_are_told
    sheet = tree.cut_sheets(part_rolls: { "plum" => [2.0, 2.0, 2.0] }).find { |one| one[:style] == "plum" }

    assert_equal [2.0, 2.0, 2.0], sheet[:part_rolls_m]
    ends = sheet[:rolls].sum { |roll| roll[:back] ? roll[:left_m] : 0 }
    untouched = 6.0 - sheet[:rolls].reject { |roll| roll[:new] }.sum { |roll| roll[:length_m] }

    assert_in_delta ends + untouched, sheet[:back_m], 1e-6
  end
end

# frozen_string_literal: true

module DeckBough
  # What to cut of each ribbon of a tree, from part rolls on hand and new rolls.
  #   CutSheets.new(reckoning).call.first
  #   # => { style: "plum", pieces: 27, new_rolls: 1, rolls: [{ length_m:, cuts: [{ length_m:, for: }], … }], … }
  #
  # Lengths come from RibbonCuts, as the ledger's do. What is longer than a roll is cut into equal parts and joined.
  # Source: handbook 40, Cut plan.
  class CutSheets
    NAMES = { "tuck" => "tucked piece", "cascade" => "stream", "spiral" => "spiral", "bows" => "bow" }.freeze
    # A ribbon nobody gave a roll length comes on a common one.
    COMMON_ROLL = 10.0
    MOST_LAID_OUT = 100

    # @param part_rolls [Hash{String => Array<Float>}] rolls on hand by style; else what the stock says as whole rolls
    #   and one part
    def initialize(reckoning, part_rolls: {})
      @reckoning = reckoning
      @part_rolls = part_rolls
      @house = reckoning.house
    end

    # @return [Array<Hash>] one for each ribbon
    # @raise [InputError] for a roll that is none
    def call
      uses.group_by { |use| use[:style] }.map { |style, parts| sheet(style, parts) }
    end

    private

    def uses
      [*crown, *body, *fills].reject { |use| use[:lengths].empty? }
    end

    def crown
      @reckoning.crown_cuts.map { |what, lengths| { style: @reckoning.crown_style, for: what, lengths: lengths } }
    end

    def body
      name = NAMES[@reckoning.settings[:ribbon][:method]]
      @reckoning.body_cuts.map { |style, lengths| { style: style, for: name, lengths: lengths } }
    end

    def fills
      [{ style: @reckoning.filling_ribbon, for: "tuck that fills", lengths: @reckoning.fill_cuts }]
    end

    def sheet(style, parts)
      roll = style ? style.pack_size.to_f : COMMON_ROLL
      roll = COMMON_ROLL if roll < 0.1
      pieces = parts.flat_map do |part|
        part[:lengths].flat_map { |length| joined(length, roll).map { |piece| [piece, part[:for]] } }
      end
      rolls = @part_rolls[style&.id] || on_hand(style, roll, pieces.sum(&:first))
      answer = @reckoning.ask("ribbon.cut_plan", pieces_m: pieces.map(&:first), part_rolls_m: rolls, new_roll_m: roll)
      { style: style&.id, name: style&.name || "Ribbon, no style chosen", colour: style&.colour, roll_m: roll,
        part_rolls_m: rolls,
        pieces: pieces.size, length_m: pieces.sum(&:first),
        **answer.outputs.slice(:new_rolls, :lower_bound, :useless_m),
        rolls: cuts(answer[:rolls], pieces), back_m: back(answer[:rolls], rolls), sheet: working(answer) }
    end

    # The rolls themselves are shown, not told in the working.
    def working(answer)
      sheet = WorkingSheet.of("Cut plan", [answer], @house)
      { **sheet, steps: sheet[:steps].reject { |step| step[:gives] == "rolls" } }
    end

    def joined(length, roll)
      count = (length / roll).ceil
      Array.new(count, length / count)
    end

    # Stock knows metres: whole rolls and one that is begun. Of very many whole ones as many are laid out as could be
    # wanted.
    def on_hand(style, roll, length)
      return [] unless style

      whole, rest = style.on_hand.divmod(roll)
      wanted = (length / roll).ceil * 2
      [*Array.new([whole, wanted, MOST_LAID_OUT].min, roll), (rest if rest >= 0.01)].compact.map { |one| one.round(4) }
    end

    def cuts(rolls, pieces)
      left = pieces.sort_by.with_index { |(length, _), i| [-length, i] }
      rolls.map do |roll|
        told = roll[:cuts_m].map { |length| left.delete_at(left.index { |piece, _| piece == length }) }
        { **roll.slice(:length_m, :new, :left_m), back: roll[:left_m] >= @house["ribbon.useless_end"],
                                                  cuts: told.map { |length, use| { length_m: length, for: use } } }
      end
    end

    # What goes back to stock: long enough ends, and rolls on hand that were not touched.
    def back(cut, on_hand)
      ends = cut.sum { |roll| roll[:left_m] >= @house["ribbon.useless_end"] ? roll[:left_m] : 0 }
      ends + on_hand.sum - cut.reject { |roll| roll[:new] }.sum { |roll| roll[:length_m] }
    end
  end
end

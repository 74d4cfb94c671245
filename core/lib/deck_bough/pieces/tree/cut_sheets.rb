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
    # As good as full.
    ROLL_HAIR = 0.005
    # Longer than so many rolls none is.
    MOST_ON_ONE = 10
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
        rolls: cuts(answer[:rolls], pieces), **back(answer[:rolls], rolls), sheet: working(answer) }
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

    # The rolls there are, as far as they are free for this tree; where the stock knows metres only, whole rolls and one
    # that is begun. Of very many whole ones as many are laid out as could be wanted.
    def on_hand(style, roll, length)
      return [] unless style

      whole, begun = rolls(style, roll).partition { |one| one >= roll - ROLL_HAIR }
      wanted = (length / roll).ceil * 2
      [*whole.first([wanted, MOST_LAID_OUT].min), *begun.first(MOST_LAID_OUT)].map { |one| one.round(4) }
    end

    def rolls(style, roll)
      return unrolled(style.on_hand, roll) unless style.rolls

      Stock::Rolls.new(style.rolls).free(style.on_hand)
                  .flat_map { |length| length > roll * MOST_ON_ONE ? unrolled(length, roll) : [length] }
    end

    # So much that lies together is many rolls, whole ones and one that is begun.
    def unrolled(metres, roll)
      whole, rest = metres.divmod(roll)
      [*Array.new([whole, MOST_LAID_OUT].min, roll), (rest if rest >= Stock::Rolls::LEAST_M)].compact
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
      ends = cut.map { |roll| roll[:left_m] }.select { |left| left >= @house["ribbon.useless_end"] }
      untouched = cut.reject { |roll| roll[:new] }.each_with_object(on_hand.dup) do |roll, rest|
        place = rest.index(roll[:length_m])
        rest.delete_at(place) if place
      end
      { back_rolls_m: [*untouched, *ends], back_m: ends.sum + untouched.sum }
    end
  end
end

# frozen_string_literal: true

module DeckBough
  module Server
    # What of each piece goes after the day and what stays, thing by thing: by what it is, or as the person said.
    #
    #   Stripping.new(database, studio_id).of(pieces)[piece_id].first # => { style:, label:, count:, stays: false, … }
    class Stripping
      DRAWN = %i[kind colour texture shape].freeze

      # @param things [Array<Hash>] as `of` tells them
      # @return [Hash{String => Float}] how much of each step of the bench is undone
      def self.shares(things)
        DeckBough::Seasons::TakenDown.shares(
          things.flat_map { |thing| thing[:steps].keys.map { |step| { step: step, stays: thing[:stays] } } }
        )
      end

      # What goes, as taking down has it: a thing once for each step it was put up in.
      #
      # @return [Array<Hash>]
      def self.going(things)
        things.reject { |thing| thing[:stays] }.flat_map do |thing|
          thing[:steps].map { |step, count| { **thing, step: step, count: count } }
        end
      end

      def initialize(database, studio_id)
        @rows = Store::Needs.new(database, studio_id)
        @things = Store::SeasonThings.new(database, studio_id)
        @boxes = Store::Boxes.new(database, studio_id)
        @choices = Store::StripChoices.new(database, studio_id)
      end

      # @param pieces [Array<Hash>] id, kind
      # @return [Hash{String => Array<Hash>}] by piece: style, label, unit, count, steps (count by step of the bench),
      #   kind, colour, texture, shape, keepsake, stays, why, boxes (box, number, place)
      def of(pieces)
        known = known(pieces.map { |piece| piece[:id] })
        pieces.to_h { |piece| [piece[:id], things(piece, known)] }
      end

      private

      # All that is asked of many pieces at once.
      def known(ids)
        lines = @rows.lines_by_step(ids)
        styles = lines.values.flatten.filter_map { |line| line[:style] }.uniq
        { lines: lines, said: @choices.of(ids), styles: @things.facts(styles), boxes: @boxes.of_styles(styles) }
      end

      # What is of the home's own, or not chosen yet, no stock goes back to.
      def things(piece, known)
        counted = counted(known[:lines].fetch(piece[:id], [])).select { |one| known[:styles].key?(one[:style]) }
        facts = counted.map { |one| known[:styles][one[:style]] }
        said = counted.map { |one| known[:said][[piece[:id], one[:style]]] }
        verdicts = DeckBough::Seasons::Strip.of_piece(facts, piece: piece[:kind], said: said)
        counted.zip(facts, verdicts).map do |one, about, verdict|
          { **one, **about.slice(*DRAWN, :keepsake, :breakable, :season), stays: verdict.stays, why: verdict.why,
                                                                          boxes: boxes(one, known) }
        end
      end

      def counted(lines)
        of_styles = lines.reject { |line| line[:own] || line[:style].nil? }.group_by { |line| line[:style] }
        of_styles.filter_map do |style, of_it|
          steps = of_it.group_by { |line| line[:step] }
                       .transform_values { |same| same.sum { |line| line[:need] }.round(3) }
                       .select { |_, count| count.positive? }
          next if steps.empty?

          { style: style, label: of_it.first[:label], unit: of_it.first[:unit], count: steps.values.sum.round(3),
            steps: steps }
        end
      end

      def boxes(one, known)
        known[:boxes].fetch(one[:style], []).filter_map { |lot| lot.slice(:box, :number, :place) if lot[:box] }
      end
    end
  end
end

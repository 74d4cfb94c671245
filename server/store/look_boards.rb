# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # A look as a board: what is really in stock in its colours, the nearest first, and the greens it goes with.
      #
      #   look_boards.of(palette)[:colours].first[:things].first[:name] # => "Quince ball, 7 cm"
      class LookBoards < Table
        SHOWN = 10
        GREENS = %w[garland stem].freeze
        MOST_GREENS = 8

        # @param palette [DeckBough::Looks::Palette]
        # @return [Hash] colours: name, srgb, share_percent, words, things (as a search shows them, with apart), more,
        #   to_hang; greens; layers: base and change, how many kinds of things; vision
        def of(palette)
          near = by_colour(palette)
          seen = stockroom.things((near.values.flat_map { |all| all.first(SHOWN).map(&:first) } + green_ids).uniq)
          { colours: palette.colours.map { |colour| told(colour, near.fetch(colour.name, []), seen) },
            greens: green_ids.filter_map { |id| seen[id] }, layers: layers(near),
            vision: DeckBough::Looks::ColourVision.of(palette, house) }
        end

        private

        def house
          @house ||= HouseRules.new(database, studio_id).current
        end

        def stockroom
          @stockroom ||= Stockroom.new(database, studio_id)
        end

        def told(colour, near, seen)
          shown = near.first(SHOWN).filter_map { |id, apart| seen[id] && { **seen[id], apart: apart.round(1) } }
          { **colour.to_h, words: DeckBough::Looks::ColourWords.of(colour.srgb), things: shown,
                           more: [near.size - SHOWN, 0].max, to_hang: to_hang(near) }
        end

        def to_hang(near)
          near.sum { |_, _, there, kind| kind == "ornament" ? there : 0 }
        end

        # Everything on hand that is on the palette or near it, with the colour it is nearest to.
        def by_colour(palette)
          labs = palette.colours.to_h { |colour| [colour.name, Lab.of(colour.srgb)] }
          far = house["palette.near"]
          found = labs.values.flat_map { |lab| candidates(lab) }.uniq(&:first)
          near = found.filter_map do |id, there, kind, *lab|
            name, apart = nearest(labs, Lab.new(*lab))
            [name, id, apart, there, kind] if apart <= far
          end
          near.sort_by { |_, id, apart, *| [apart.round, id] }.group_by(&:first)
              .transform_values { |all| all.map { |_, *rest| rest } }
        end

        def nearest(labs, seen)
          labs.map { |name, lab| [name, ColourDifference.between(seen, lab)] }.min_by(&:last)
        end

        def candidates(lab)
          square = Stockroom.straight(lab)
          there.exclude(kind: GREENS).exclude(lab_a: nil).where(square <= Stockroom::STRAIGHT**2)
               .order(square, Sequel[:styles][:id]).limit(Stockroom::MOST_NEAR)
               .select_map([Sequel[:styles][:id], :on_hand, :kind, :lab_lightness, :lab_a, :lab_b])
        end

        def there
          database[:styles].join(:stock_quantities, style_id: :id)
                           .where(Sequel[:styles][:studio_id] => studio_id, retired: false)
                           .where { on_hand > Lots::LEAST }
        end

        def green_ids
          @green_ids ||= rows(:styles).where(kind: GREENS, retired: false)
                                      .where(id: on_hand.select(:style_id))
                                      .order(:kind, :name).limit(MOST_GREENS).select_map(:id)
        end

        def on_hand
          rows(:stock_quantities).where { on_hand > Lots::LEAST }
        end

        # Base layer and this year's change, as the things say.
        def layers(near)
          ids = near.values.flatten(1).map(&:first)
          counted = rows(:styles).where(id: ids).group_and_count(:role).as_hash(:role, :count)
          { base: counted.fetch("base", 0), change: counted.fetch("change", 0) }
        end
      end
    end
  end
end

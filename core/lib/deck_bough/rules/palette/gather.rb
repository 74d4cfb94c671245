# frozen_string_literal: true

module DeckBough
  module Rules
    module Palette
      # The few colours that a picture's many come to, each with its share.
      #
      #   Catalogue.answer("palette.gather", { "colours" => [{ "colour" => "#6b2e4f", "count" => 3 },
      #     { "colour" => "#6c2f50", "count" => 1 }, { "colour" => "#ece8dd", "count" => 4 }] })[:palette].size
      #   # => 2
      #
      # Centres in CIELAB, each the mean of what is nearest to it. The first is where most is; each further one is what
      # is left farthest out, weighed by how much of it there is, so that a small bright thing counts beside a large
      # wall. Nothing is by chance: the same picture gives the same colours, in whatever order it is read.
      class Gather < Rule
        COLOURS = [Input.colour(:colour, "Colour"), Input.number(:count, "Dots", "dots", 0..1_000_000_000)].freeze
        MOST_ROUNDS = 24
        MOST_COLOURS = 20_000
        # Centres nearer to each other than the eye tells apart are one.
        ALIKE = 4.0
        declare id: "palette.gather", title: "Colours of a picture", handbook: "75 Colours from a picture",
                inputs: [Input.list(:colours, "Its colours", COLOURS, 1..MOST_COLOURS),
                         Input.whole(:most, "Colours wanted, at most", "colours", 1..12, default: 5)],
                outputs: { palette: "colours" }, constants: %w[palette.least_share]

        def call
          { palette: gathered.sort_by { |centre, share| [-share, centre.hex] }
                             .map { |centre, share| { colour: centre.hex, share: share } } }
        end

        def working(outputs)
          [between("Different colours in it", figure(dots.size), :colours, dots.size, "colours"),
           step("Each with the nearest centre, the centre their mean, until none moves; alike ones are one, and what " \
                "has less than #{figure(house['palette.least_share'] * 100)} % goes to its neighbour",
                outputs[:palette].first(4).map { |one| "#{one[:colour]} #{figure(one[:share] * 100, 1)} %" }.join(", "),
                :palette, outputs)]
        end

        private

        # [Lab, count] by colour, the same whatever order they came in.
        def dots
          @dots ||= given[:colours].group_by { |one| one[:colour].downcase }.sort
                                   .map { |colour, those| [Lab.of(colour), those.sum { |one| one[:count].to_f }] }
                                   .reject { |_, count| count.zero? }
        end

        def gathered
          return [] if dots.empty?

          centres = settled(seeds)
          joined(owned(centres).zip(centres).reject { |own, _| own.empty? })
        end

        def seeds
          first, = dots.max_by.with_index { |(_, count), i| [count, -i] }
          far = dots.map { |lab, _| square(lab, first) }
          centres = [first]
          while centres.size < given[:most]
            at = dots.each_index.max_by { |i| [Math.sqrt(dots[i].last) * far[i], -i] }
            break if far[at] < ALIKE**2

            centres << dots[at].first
            dots.each_index { |i| far[i] = [far[i], square(dots[i].first, centres.last)].min }
          end
          centres
        end

        def settled(centres)
          MOST_ROUNDS.times do
            moved = owned(centres).zip(centres).map { |own, centre| own.empty? ? centre : mean(own) }
            return moved if moved.zip(centres).all? { |one, other| square(one, other) < 1e-6 }

            centres = moved
          end
          centres
        end

        def owned(centres)
          own = centres.map { [] }
          dots.each do |dot|
            own[centres.each_index.min_by { |i| [square(dot.first, centres[i]), i] }] << dot
          end
          own
        end

        # The largest first; what looks like one of them is part of it, and so is what is too little to be one: the edge
        # between two.
        def joined(groups)
          all = dots.sum { |_, count| count }
          shares = groups.map { |own, centre| [centre, own.sum { |_, count| count } / all] }
          shares.sort_by { |centre, share| [-share, centre.hex] }.each_with_object([]) do |(centre, share), told|
            near = told.min_by { |other, _| square(other, centre) }
            part = near && (share < house["palette.least_share"] || square(near.first, centre) < ALIKE**2)
            part ? near[1] += share : told << [centre, share]
          end
        end

        def mean(own)
          weight = own.sum { |_, count| count }
          Lab.new(*%i[lightness a b].map { |part| own.sum { |lab, count| lab[part] * count } / weight })
        end

        def square(one, other)
          ((one.lightness - other.lightness)**2) + ((one.a - other.a)**2) + ((one.b - other.b)**2)
        end
      end
    end
  end
end

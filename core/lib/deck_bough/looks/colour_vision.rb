# frozen_string_literal: true

module DeckBough
  module Looks
    # How colours look to people who see red, green or blue differently, and which of a look they cannot tell apart.
    #
    #   Looks::ColourVision.seen("#6b2e4f", "deutan") # => "#45474d"
    #
    # One in twelve men and one in two hundred women see red or green weakly or not at all. Matrices for the full
    # difference, in linear light (Machado, Oliveira and Fernandes, 2009).
    module ColourVision
      KINDS = {
        "protan" => [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
        "deutan" => [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881]],
        "tritan" => [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900]]
      }.freeze
      # What they do not see.
      TOLD = { "protan" => "without red", "deutan" => "without green", "tritan" => "without blue" }.freeze

      module_function

      # @param colour [String] "#rrggbb"
      # @param kind [String] of KINDS
      # @return [String] "#rrggbb"
      def seen(colour, kind)
        light = LinearLight.of(colour)
        LinearLight.hex(KINDS.fetch(kind).map { |row| row.zip(light).sum { |share, part| share * part } })
      end

      # Two of one family to the eye (house rule palette.on) are alike.
      #
      # @param palette [Palette]
      # @return [Array<Hash>] kind, told, colours (name, srgb as seen), alike (pairs of names that are told apart with
      #   full colour vision, and are not like this)
      def of(palette, house)
        KINDS.keys.map do |kind|
          colours = palette.colours.map { |one| { name: one.name, srgb: seen(one.srgb, kind) } }
          { kind: kind, told: TOLD.fetch(kind), colours: colours,
            alike: alike(palette.colours, colours, house["palette.on"]) }
        end
      end

      def alike(full, colours, family)
        full.each_index.to_a.combination(2).filter_map do |one, other|
          next if ColourDifference.of(full[one].srgb, full[other].srgb) < family

          near = ColourDifference.of(colours[one][:srgb], colours[other][:srgb]) < family
          [full[one].name, full[other].name] if near
        end
      end
      private_class_method :alike
    end
  end
end

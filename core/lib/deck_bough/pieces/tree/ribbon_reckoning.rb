# frozen_string_literal: true

require_relative "ribbon_cuts"

module DeckBough
  # What a tree's ribbon comes to, by method: crown, streamers, body, cloth, and how several ribbons share it.
  #
  # Part of TreeReckoning, which gives it settings, styles and the rules' answers.
  module RibbonReckoning
    include RibbonCuts

    # A bow tied on a branch; the crown has its own measures.
    TREE_BOW = { loops: 4, loop_m: 0.09, tails: 2, tail_m: 0.25 }.freeze

    # Toppers that are tied of ribbon; the others are things of their own.
    BOWS = %w[bow two_part].freeze

    def crown_bow
      crown = settings[:crown]
      return nil if crown[:topper] == "none"

      @crown_bow ||= case crown[:kind]
                     when "bow" then ask("ribbon.bow", **crown.slice(:loops, :loop_m, :tails, :tail_m))
                     when "two_part" then ask("ribbon.two_part_bow", ear_m: crown[:loop_m], tail_m: crown[:tail_m])
                     end
    end

    # A topper's ribbon easily takes a whole roll: streamers are counted with it (handbook 40).
    def crown_m
      crown_cuts.values.flatten.sum
    end

    # All of the body's ribbon, as it is cut.
    def body_m
      body_cuts.sum { |_, lengths| lengths.sum }
    end

    def ribbon_styles
      chosen(:ribbon)
    end

    def streams
      settings[:ribbon][:streams] || Rules::Ribbon::Cascade.streams_for(arc_deg, house)
    end

    # The answer of the chosen method; nil for none. For bows it is the answer for one bow.
    def ribbon
      @ribbon ||= case settings[:ribbon][:method]
                  when "tuck" then ask("ribbon.tuck",
                                       area_m2: area[:area_m2], **ribbon_said(:cover, :loops, :chord_m, :stand_m))
                  when "cascade" then ask("ribbon.cascade",
                                          slant_m: area[:slant_m], streams: streams, **ribbon_said(:billow))
                  when "spiral" then ask("ribbon.spiral", area_m2: area[:area_m2], **ribbon_said(:pitch_m, :billow))
                  when "bows" then ask("ribbon.bow", **TREE_BOW)
                  end
    end

    # A bead, bell or paper garland: round the tree, or one swag across its front; nil for none (handbook 40).
    def garland
      said = settings[:ribbon]
      @garland ||= case said[:garland]
                   when "turns" then ask("garland.tree", area_m2: area[:area_m2], pitch_m: said[:garland_pitch_m])
                   when "swag" then ask("garland.swag",
                                        spans: 1, span_m: said[:garland_width_m], sag_m: said[:garland_sag_m])
                   end
    end

    # The pieces of it, joined end to start.
    def garland_pieces
      @garland_pieces ||=
        garland &&
        ask("garland.pieces",
            run_m: [garland[:length_m], 0.05].max, piece_m: garland_style&.length_m || RunGreenery::PLAIN.length_m)
    end

    def garland_style
      @styles[settings[:ribbon][:garland_style]]
    end

    # How the body's ribbon divides: how many parts and how long each.
    #
    # @return [Array(Integer, Float)]
    def ribbon_parts
      case settings[:ribbon][:method]
      when "tuck" then [ribbon[:pieces], ribbon[:piece_m]]
      when "cascade" then [streams, ribbon[:length_m] / streams]
      when "bows" then [settings[:ribbon][:bows], ribbon[:length_m]]
      else [1, ribbon[:length_m]]
      end
    end

    # Which ribbon takes how much of the body; only with a method.
    def ribbon_shares
      @ribbon_shares ||= RibbonShares.new(self)
    end

    # Empty spots are filled with the ribbon there is most of; with none on the tree, with the one that would be.
    def filling_ribbon
      return ribbon_shares.filling if ribbon

      settings[:ribbon][:share] == "scarce" ? ribbon_styles.last : ribbon_styles.first
    end

    # A tucked piece as it is dialled, whatever the method: spots are filled with such.
    def tuck_piece
      ask("ribbon.tuck", area_m2: area[:area_m2], **ribbon_said(:cover, :loops, :chord_m, :stand_m))
    end

    # Strips from a cut of cloth, when cloth is measured: as long as a piece or a stream is.
    def cloth
      said = settings[:ribbon]
      return nil unless said[:cloth_width_m] && said[:cloth_length_m] && ribbon

      long = said[:method] == "cascade" ? ribbon[:length_m] / streams : (ribbon.outputs[:piece_m] || ribbon[:length_m])
      @cloth ||= ask("ribbon.fabric_strips", cloth_width_m: said[:cloth_width_m], cloth_length_m: said[:cloth_length_m],
                                             strip_width_m: said[:strip_width_m], strip_length_m: long.clamp(0.02, 200))
    end
  end
end

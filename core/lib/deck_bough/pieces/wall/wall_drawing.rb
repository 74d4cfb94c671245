# frozen_string_literal: true

module DeckBough
  # The geometry of a wall of wreaths as numbers in metres, from its left edge and the floor; each look once.
  # The drawing room only projects and paints.
  class WallDrawing
    # Of a wreath's own drawing, what it looks like wherever it hangs.
    LOOK = %i[ring samples thin arcs base stems elements star hanger bulbs].freeze

    def initialize(reckoning)
      @reckoning = reckoning
      @place = reckoning.place
    end

    # What is known of the wall; also before it was measured.
    def self.wall(settings)
      settings[:wall].slice(:width_m, :height_m).merge(colour: WallPlace.new(settings).colour)
    end

    def call
      { wall: WallDrawing.wall(@reckoning.settings), thing: @place.thing, openings: openings, rings: rings,
        looks: drawings.map { |drawing| drawing.slice(*LOOK) },
        styles: drawings.map { |drawing| drawing[:styles] }.reduce({}, :merge) }.compact
    end

    private

    def drawings
      @drawings ||= @reckoning.looks.map { |look| WreathDrawing.new(look.reckoning).call }
    end

    def openings
      @place.openings.map do |left|
        { kind: @reckoning.settings[:wall][:opening], left_m: left, **@place.opening }
      end
    end

    def rings
      look = @reckoning.looks.each_with_index.flat_map { |one, i| one.rings.map { |ring| [ring.number, i] } }.to_h
      @reckoning.rings.zip(@reckoning.moves).map do |ring, (across, up)|
        { number: ring.number, said: ring.said, look: look.fetch(ring.number),
          left_m: ring.left_m, floor_m: ring.floor_m, diameter_m: ring.diameter_m,
          hook_left_m: ring.left_m, hook_floor_m: ring.hook_m,
          held: ring.reckoning.held?, since: @reckoning.staying[ring.number - 1]&.since,
          kg: ring.reckoning.kg, visible: ring.visible, layer: ring.layer,
          moves_across: across, moves_up: up }
      end
    end
  end
end

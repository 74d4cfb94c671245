# frozen_string_literal: true

module DeckBough
  # Where on the clock a wreath is dressed: arcs of a layout, and the sites along them.
  #
  #   WreathLayout.arcs(layout: "bottom_swag", mirrored: false) # => [[4.0, 4.0]]
  #
  # An arc is where it begins and how many hours it goes clockwise. Source: handbook 60, Dressing.
  module WreathLayout
    ARCS = { "all_round" => [[0.0, 12.0]], "bottom_swag" => [[4.0, 4.0]], "top_swag" => [[10.0, 4.0]],
             "two_clusters" => [[9.0, 2.0], [3.5, 1.0]], "one_cluster" => [[7.0, 2.0]] }.freeze

    module_function

    # @param layers [Hash] layout, mirrored, turned_h; from_h and to_h of a crescent
    # @return [Array<Array(Float, Float)>]
    def arcs(layers)
      found = layers[:layout] == "crescent" ? [crescent(layers)] : ARCS.fetch(layers[:layout])
      found = found.map { |from, hours| [(12.0 - from - hours) % 12, hours] } if layers[:mirrored]
      turned = layers[:turned_h] || 0
      turned.zero? ? found : found.map { |from, hours| [(from + turned) % 12, hours] }
    end

    # So many sites along an arc, evenly; all round the last stands as far from the first as from its neighbour.
    #
    # @return [Array<Float>] hours
    def sites((from, hours), count)
      Array.new(count) { |i| (from + (hours * (i + 0.5) / count)) % 12 }
    end

    # Between each two of them; all round between the last and the first too.
    def between((from, hours), count)
      gaps = hours >= 12 ? count : count - 1
      Array.new(gaps) { |i| (from + (hours * (i + 1.0) / count)) % 12 }
    end

    def crescent(layers)
      hours = (layers[:to_h] - layers[:from_h]) % 12
      [layers[:from_h].to_f % 12, hours.zero? ? 12.0 : hours.to_f]
    end
    private_class_method :crescent
  end
end

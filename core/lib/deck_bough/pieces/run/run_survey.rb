# frozen_string_literal: true

module DeckBough
  # The survey of a run with what it leaves open filled in: the height its kind usually has, a stair's flight from one
  # tread of it, a firebox where the room has a fireplace.
  #
  #   RunSurvey.of({ kind: "rail", stair_by: "tread", going_m: 0.25, rise_m: 0.18, steps: 12 })[:going_m] # => 3.0
  #
  # Lengths metres.
  module RunSurvey
    # Above the floor; a rail above the tread. A frame with sides stands on the floor.
    HEIGHTS = { "mantel" => 1.2, "ledge" => 1.2, "rail" => 0.9, "frame" => 2.05, "mirror" => 1.2, "rod" => 2.0,
                "ring" => 2.0, "opening" => 2.0, "table" => 0.75 }.freeze
    BURNING = %w[stove fireplace].freeze

    module_function

    # @param survey [Hash] as settings have it
    # @param heat [String, nil] how the room is heated, where that is known
    # @return [Hash] the same with height_m, firebox, going_m and rise_m of the whole flight
    def of(survey, heat: nil)
      { **survey, height_m: survey[:height_m] || height(survey), firebox: survey[:firebox] || firebox(survey, heat),
                  **flight(survey) }
    end

    def height(survey)
      survey[:kind] == "frame" && survey[:side_m].positive? ? 0.0 : HEIGHTS.fetch(survey[:kind])
    end

    # A mantel in a room with a fire stands over it, until somebody says otherwise.
    def firebox(survey, heat)
      survey[:kind] == "mantel" && BURNING.include?(heat) ? "working" : "none"
    end

    def flight(survey)
      return {} unless survey[:kind] == "rail" && survey[:stair_by] == "tread" && survey[:going_m]

      steps = survey[:steps] || 1
      { going_m: survey[:going_m] * steps, rise_m: survey[:rise_m] * steps }
    end
    private_class_method :height, :firebox, :flight
  end
end

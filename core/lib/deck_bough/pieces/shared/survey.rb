# frozen_string_literal: true

module DeckBough
  # What a survey may say of a home, a room and the places in it for a tree.
  #
  #   Inputs.check(Survey::PLACE, "name" => "Quay window", "stance" => "bay")
  #
  # Lengths metres, ages years. A room's ceiling has a height at the left and the right of the wall one stands facing.
  module Survey
    PETS = %w[dog cat other].freeze
    HEAT = %w[none radiator stove fireplace underfloor].freeze
    # So many places a tree could stand in one room.
    MOST_PLACES = 40
    NAME = Input.text(:name, "Name", 1..120)
    NOTES = Input.text(:notes, "Notes", 0..4_000, default: "")

    HOME = [
      NAME, Input.text(:client, "Client", 0..120, default: ""),
      Input.list(:children_ages, "Ages of children", Input.whole(:age, "Age", "years", 0..17), 0..20,
                 default: [].freeze),
      Input.list(:pets, "Pets", Input.choice(:pet, "Pet", PETS), 0..3, default: [].freeze),
      Input.flag(:rented, "Rented", default: false), Input.flag(:conifer_allergy, "Conifer allergy", default: false),
      NOTES
    ].freeze

    PLACE = [
      NAME, Input.choice(:stance, "Stance", Surroundings::STANCES),
      Input.text(:wall, "Its wall", 1..12, default: nil, default_says: "the front wall"),
      Input.number(:from_left_m, "From the left", "m", 0..100, default: nil),
      Input.number(:free_width_m, "Free width", "m", 0.05..50, default: nil, why: "A tree needs room to stand."),
      Input.number(:free_depth_m, "Free depth", "m", 0.05..50, default: nil, why: "A tree needs room to stand."),
      Input.number(:walkway_m, "Walkway", "m", 0..50, default: nil, hint: :walkway),
      Input.number(:wall_m, "Wall", "m", 0.1..100, default: nil, why: "A wall has a width.", hint: :wall),
      Input.flag(:near_heat, "Heat near", default: false), Input.flag(:near_socket, "Socket in reach", default: false)
    ].freeze

    ROOM = [
      NAME, Input.number(:width_m, "Width", "m", 0.5..100, why: "A room has a width."),
      Input.number(:depth_m, "Depth", "m", 0.5..100, why: "A room has a depth."),
      Input.number(:ceiling_left_m, "Ceiling", "m", 0.5..20, why: "A room has a height.", hint: :ceiling),
      Input.number(:ceiling_right_m, "Ceiling at the right", "m", 0.5..20, default: nil,
                                                                           default_says: "as at the left",
                                                                           why: "A room has a height."),
      Input.flag(:no_nails, "No nails", default: false), Input.choice(:heat, "Heating", HEAT, default: "none"), NOTES
    ].freeze

    module_function

    # A room with its plan and places, every fault at once.
    #
    # @param given [Hash] the fields of ROOM, "plan" (as Rooms::FloorPlanSurvey has it) and "places", a list of PLACE
    #   with an optional "id" (kept as it is)
    # @return [Hash{Symbol => Object}] the room, with :plan and :places; corners that are said tell its width and depth
    # @raise [InputError]
    def room(given, path = [])
      faults = []
      said = given.is_a?(Hash) ? given.transform_keys(&:to_s) : given
      places, plan = said.is_a?(Hash) ? [said.delete("places") || [], said.delete("plan")] : [[], nil]
      room = Inputs.collect(ROOM, said, path, faults)
      room, plan = planned(room, plan, path, faults)
      places = no_list(places, path, faults) unless places.is_a?(Array)
      raise InputError, [too_many(places, path)] if places.size > MOST_PLACES

      checked = places.each_with_index.map { |place, i| place(place, room, plan, [*path, "places", i], faults) }
      raise InputError, faults unless faults.empty?

      { **room, ceiling_right_m: room[:ceiling_right_m] || room[:ceiling_left_m], plan: plan, places: checked }
    end

    # @return [Array(Hash, Hash)] the room as its corners have it, and its plan; nil where it cannot be
    def planned(room, given, path, faults)
      plan = Rooms::FloorPlanSurvey.collect(given, room, [*path, "plan"], faults)
      faults.empty? ? [room.merge(Rooms::FloorPlanSurvey.extent(plan)), plan] : [room, nil]
    end

    def place(given, room, plan, path, faults)
      said = given.is_a?(Hash) ? given.transform_keys(&:to_s) : given
      id = said.delete("id") if said.is_a?(Hash)
      before = faults.size
      checked = Inputs.collect(PLACE, said, path, faults)
      wall_faults(checked, plan, path, faults) if plan && faults.size == before
      beyond_room(checked, room, plan, path, faults) if faults.size == before
      checked.merge(id: id)
    end

    def no_list(places, path, faults)
      faults << Inputs.fault(:wrong_type, [*path, "places"], title: "Places", given: places.inspect[0, 80],
                                                             wanted: "a list")
      []
    end

    def too_many(places, path)
      Inputs.fault(:places_many, [*path, "places"], count: places.size, most: MOST_PLACES)
    end

    # A place stands inside its room.
    def beyond_room(place, room, plan, path, faults)
      longest = [room[:width_m], room[:depth_m]].compact.max
      { from_left_m: along(place, room, plan), free_width_m: room[:width_m], free_depth_m: room[:depth_m],
        walkway_m: longest, wall_m: longest }.each do |name, limit|
        next unless place[name] && limit && place[name] > limit

        faults << Inputs.fault(:beyond_room, [*path, name.to_s], shown: Measure.new(place[name], "m"),
                                                                 limit: Measure.new(limit, "m"),
                                                                 title: title_of(name))
      end
    end

    # How long the wall of a place is; nil where the room was not measured.
    def along(place, room, plan)
      measured = room.values_at(:width_m, :depth_m, :ceiling_left_m).all?
      measured ? Rooms::FloorPlan.of({ **room, plan: plan }).wall_or_first(place[:wall]).length : room[:width_m]
    end

    # A place is at a wall its room has.
    def wall_faults(place, plan, path, faults)
      keys = plan[:walls].empty? ? Rooms::FloorPlanSurvey::RECTANGLE.map(&:first) : plan[:walls].map { |one| one[:key] }
      faults << Inputs.fault(:wall_unknown, [*path, "wall"]) unless [nil, *keys].include?(place[:wall])
    end

    def title_of(name)
      PLACE.find { |input| input.name == name }.title
    end
    private_class_method :planned, :place, :wall_faults, :no_list, :too_many, :beyond_room, :along, :title_of
  end
end

# frozen_string_literal: true

module DeckBough
  # The settings of a greenery run: one document with a schema version, declared here and nowhere else.
  #
  #   RunSettings.check({})["survey"]  # every group with its defaults
  #   RunSettings.check("survey" => { "length_m" => 400 }) # InputError, pointer /survey/length_m
  #
  # Lengths are metres. Places along a run count from its left end, along the garland's way. A length of nil means that
  # the run was not measured yet.
  module RunSettings
    SCHEMA = 1
    KINDS = %w[mantel ledge rail frame mirror rod ring opening table].freeze
    METHODS = %w[laid swags wrapped woven].freeze
    DIRECTIONS = %w[from_middle to_right to_left].freeze
    # Where the garland may go by the other methods of handbook 50.
    WOUND = %w[rail rod opening ring].freeze
    HOLDERS = %w[shelf_weight large_hook nail rail].freeze
    LOOKS = %w[door day dusk balance].freeze

    STYLE = Input.style(:style, "Style")
    MAYBE_STYLE = Input.style(:style, "Style", default: nil)
    PLACE = 0..200
    BODY = [STYLE, Input.style(:also, "And in", default: nil), Input.number(:from_m, "From", "m", PLACE, default: 0),
            Input.number(:to_m, "To", "m", PLACE, default: nil),
            Input.whole(:passes, "Passes", "passes", 1..12, default: 1, why: "It lies there once."),
            Input.flag(:fluffed, "Fluffed", default: true)].freeze
    STEMS = [STYLE, Input.whole(:count, "Stems", "stems", 1..200, why: "There is one at least."),
             Input.number(:from_m, "From", "m", PLACE, default: 0),
             Input.number(:to_m, "To", "m", PLACE, default: nil)].freeze
    ACCENT = [STYLE, Input.whole(:count, "Pieces", "pieces", 1..500, why: "There is one at least.")].freeze
    THING = [Input.text(:name, "Name", 1..60), Input.number(:at_m, "At", "m", PLACE),
             Input.number(:width_m, "Width", "m", 0.01..5, why: "It has a width."),
             Input.number(:height_m, "Height", "m", 0.01..4, why: "It has a height."),
             Input.number(:lightness, "Lightness", "L*", 0..100, default: 50),
             Input.number(:depth_m, "Depth", "m", 0..2, default: 0),
             Input.flag(:see_through, "See-through", default: false)].freeze

    GROUPS = {
      survey: [
        Input.choice(:kind, "Kind of run", KINDS, default: "mantel"),
        Input.number(:length_m, "Length", "m", 0.2..60, default: nil, why: "A run has a length."),
        Input.number(:depth_m, "Depth", "m", 0.01..5, default: nil, why: "A shelf has a depth."),
        Input.number(:height_m, "Height above the floor", "m", 0..8, default: nil,
                                                                     default_says: "by its kind"),
        Input.number(:left_drop_m, "Drop at the left", "m", 0..6, default: 0),
        Input.number(:right_drop_m, "Drop at the right", "m", 0..6, default: 0),
        Input.number(:side_m, "Height of the sides", "m", 0..6, default: 0),
        Input.choice(:stair_by, "Stair measured", %w[flight tread], default: "flight"),
        Input.number(:going_m, "Going", "m", 0.2..30, default: nil, why: "A stair goes forward."),
        Input.number(:rise_m, "Rise", "m", 0..15, default: 0),
        Input.whole(:steps, "Steps", "steps", 1..80, default: nil, why: "A stair has a step."),
        Input.number(:diameter_m, "Diameter", "m", 0.005..5, default: 0.05, why: "A rail or ring is round."),
        Input.choice(:edge, "Edge", %w[square rounded moulded], default: "square"),
        Input.choice(:surface, "Surface", Greenery::Fixings::SURFACES, default: "painted"),
        Input.choice(:firebox, "Firebox", %w[none cold working], default: nil,
                                                                 default_says: "as the room is heated"),
        Input.number(:firebox_width_m, "Width of the firebox", "m", 0.1..5,
                     default: 0.75, why: "An opening has a width."),
        Input.number(:firebox_height_m, "Height of the firebox", "m", 0.1..4,
                     default: 0.7, why: "An opening has a height."),
        Input.flag(:dressed_lit, "Lit while dressed", default: false),
        Input.number(:mirror_width_m, "Width of what hangs above", "m", 0..10, default: 0),
        Input.number(:mirror_height_m, "Height of what hangs above", "m", 0..5, default: 0),
        Input.number(:mirror_up_m, "It hangs above the shelf by", "m", 0..4, default: 0.05),
        Input.flag(:newel, "Newel post", default: true),
        Input.flag(:free_side, "One side free to grasp", default: true),
        Input.choice(:below, "Below it", %w[floor seat bed], default: "floor"),
        Input.number(:socket_m, "Socket from the left", "m", -50..50, default: nil)
      ],
      length: [
        Input.choice(:method, "Method", METHODS, default: "laid"),
        Input.whole(:spans, "Swags", "swags", 1..40, default: 4, why: "There is one at least."),
        Input.number(:sag_m, "Sag", "m", 0.01..3, default: 0.18, why: "Without any sag it would pull without end."),
        Input.number(:pitch_m, "Pitch", "m", 0.1..3, default: 0.5, why: "A turn goes along the rail.",
                                                     usual: 0.4..0.6, hint: :even),
        Input.choice(:direction, "Runs", DIRECTIONS, default: "from_middle")
      ],
      anchors: [
        Input.choice(:fixing, "Fixing", Greenery::Fixings::NAMES, default: nil, default_says: "what fits here"),
        MAYBE_STYLE,
        Input.number(:rated_kg, "Rated load on its label", "kg", 0.01..100,
                     default: nil, why: "Its label names a load."),
        Input.whole(:more, "Anchors more", "anchors", 0..60, default: 0)
      ],
      body: [Input.list(:bodies, "Garlands", BODY, 0..30, default: [].freeze)],
      rise_and_trail: [
        Input.choice(:shape, "Outline wanted", Greenery::Outline::SHAPES, default: "level"),
        Input.number(:low_m, "Thin", "m", 0..3, default: 0.14),
        Input.number(:high_m, "Full", "m", 0.01..3, default: 0.24, why: "Something is wanted somewhere."),
        Input.choice(:side, "Falls to", Greenery::Outline::SIDES, default: "right"),
        Input.list(:points, "Points", Rules::Garland::Profile::POINT, 0..12, default: [].freeze),
        Input.list(:stems, "Stems", STEMS, 0..100, default: [].freeze)
      ],
      lights: [MAYBE_STYLE,
               Input.choice(:school, "How much light", %w[none] + Rules::Garland::Lights::SCHOOLS, default: "classic"),
               Input.whole(:bulbs_per_string, "Bulbs per string", "bulbs", 1..5_000,
                           default: 50, why: "A string has a bulb."),
               Input.choice(:goes, "Go on", %w[before after], default: nil)],
      accents: [Input.list(:accents, "Accents", ACCENT, 0..30, default: [].freeze, hint: :accents)],
      ribbon: [Input.choice(:method, "Method", %w[none weave loops bows], default: "none"), MAYBE_STYLE,
               Input.number(:chord_m, "Loop width", "m", 0.02..1, default: 0.14, why: "A loop has a width."),
               Input.number(:stand_m, "Loop stand", "m", 0..1, default: 0.10)],
      mantel: [
        Input.choice(:school, "Mantel", %w[mirrored one_sided], default: "mirrored",
                                                                hint: { "mirrored" => :mirrored,
                                                                        "one_sided" => :one_sided }),
        Input.choice(:side, "Towards", Greenery::Outline::SIDES, default: "right"),
        Input.list(:things, "What stands on it", THING, 0..30, default: [].freeze),
        Input.whole(:stockings, "Stockings", "stockings", 0..40, default: 0),
        Input.number(:stocking_width_m, "Width of a stocking", "m", 0.05..1,
                     default: 0.2, why: "A stocking has a width."),
        Input.number(:stocking_length_m, "Length of a stocking", "m", 0.1..1.5,
                     default: 0.45, why: "A stocking has a length."),
        Input.number(:stocking_kg, "Weight of a filled one", "kg", 0..10, default: 0.5),
        Input.choice(:holder, "Hung from", HOLDERS, default: nil, default_says: "what fits here")
      ],
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..4, default: [].freeze)]
    }.freeze

    # What each kind of run cannot be drawn without.
    MEASURED = { "rail" => %i[going_m], "ring" => %i[diameter_m] }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) { |settings, faults| cross_check(settings, faults) }
    end

    # @return [Boolean] whether the run has the measures its kind needs
    def measured?(settings)
      MEASURED.fetch(settings[:survey][:kind], %i[length_m]).all? { |name| settings[:survey][name] }
    end

    # @return [Float, nil] how long the run is, a rail along the floor
    def length(settings)
      RunSurvey.of(settings[:survey])[length_field(settings)]
    end

    # @return [Symbol] the field of the survey that says how long a run is, a rail along the floor
    def length_field(settings)
      settings[:survey][:kind] == "rail" ? :going_m : :length_m
    end

    # The garlands and stems a document names.
    def greens(settings)
      laid = settings[:body][:bodies] + settings[:rise_and_trail][:stems]
      laid.flat_map { |entry| entry.values_at(:style, :also) }.compact.uniq
    end

    def cross_check(settings, faults)
      %i[body rise_and_trail].zip(%i[bodies stems]).each do |group, list|
        settings[group][list].each_with_index do |entry, i|
          if entry[:to_m] && entry[:to_m] < entry[:from_m]
            faults << Inputs.fault(:ends_before_it_begins, [group.to_s, list.to_s, i, "to_m"],
                                   from: Measure.new(entry[:from_m], "m"))
          end
        end
      end
      outline = settings[:rise_and_trail]
      if outline[:shape] == "free" && outline[:points].empty?
        faults << Inputs.fault(:missing, %w[rise_and_trail points], title: "Points", wanted: "some")
      end
      drop_faults(settings[:survey], faults)
      faults.concat(RunLimits.new(settings).faults) if faults.empty? && measured?(settings)
    end

    # A drop longer than it is high above the floor would lie on it.
    def drop_faults(survey, faults)
      return if survey[:kind] == "rail"

      height = RunSurvey.of(survey)[:height_m]
      %i[left_drop_m right_drop_m].each do |name|
        next unless survey[name] > height

        faults << Inputs.fault(:drop_below_floor, ["survey", name.to_s], height: Measure.new(height, "m"))
      end
    end
    private_class_method :cross_check, :drop_faults
  end
end

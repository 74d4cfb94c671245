# frozen_string_literal: true

module DeckBough
  # The settings of a tree: one document with a schema version, declared here and nowhere else.
  #
  #   TreeSettings.check({})["measure"]  # every group with its defaults
  #   TreeSettings.check("measure" => { "height_m" => 400 }) # InputError, pointer /measure/height_m
  #
  # Lengths are metres. Style ids are opaque text. A height of nil means that no tree is chosen yet.
  module TreeSettings
    SCHEMA = 1
    SHAPES = %w[full classic slim pencil half].freeze
    # The order of work on a tree, handbook 10: what goes deepest goes on first, and the eye has the last word.
    STEPS = %w[measure lights crown ribbon ornaments picks foot step_back].freeze
    LOOKS_BACK = %w[door day dusk balance colour holes].freeze

    STYLE = Input.text(:style, "Style", 1..64, default: nil)
    STYLES = Input.list(:styles, "Styles", Input.text(:style, "Style", 1..64), 0..40, default: [].freeze)

    GROUPS = {
      measure: [
        Input.number(:height_m, "Height", "m", 0.3..12, default: nil, why: "A tree is sold by its height."),
        Input.choice(:shape, "Shape", SHAPES, default: "classic"),
        Input.number(:spread_m, "Spread", "m", 0.1..8, default: nil, why: "A tree needs a width to stand."),
        Input.number(:hem_m, "Hem", "m", 0..5, default: nil),
        Input.number(:riser_m, "Riser", "m", 0..3, default: 0),
        Input.number(:support_width_m, "Leg span of the stand", "m", 0.02..5, default: nil, why: "A stand has legs."),
        Input.choice(:kind, "Kind", %w[artificial real], default: "artificial")
      ],
      lights: [
        STYLE, Input.choice(:school, "How much light", Rules::Lights::Count::SCHOOLS, default: "classic"),
        Input.whole(:working_bulbs, "Working bulbs on the tree", "bulbs", 0..50_000, default: 0),
        Input.whole(:bulbs_per_string, "Bulbs per string", "bulbs", 1..5_000, default: 100),
        Input.number(:string_m, "Lit length of a string", "m", 0.1..500, default: 10.0)
      ],
      crown: [
        Input.choice(:topper, "Topper", %w[first last none], default: "first"),
        Input.choice(:kind, "What crowns it", %w[bow star], default: "bow"), STYLE,
        Input.number(:rise_m, "Rise above the tip", "m", 0..2, default: 0.12),
        Input.whole(:loops, "Loops", "loops", 1..60, default: 6), Input.number(:loop_m, "Loop length", "m", 0.02..2, default: 0.2),
        Input.whole(:tails, "Tails", "tails", 0..20, default: 2), Input.number(:tail_m, "Tail", "m", 0..10, default: 0.6)
      ],
      ribbon: [
        Input.choice(:method, "Method", %w[tuck cascade spiral bows none], default: "tuck"), STYLES,
        Input.choice(:cover, "Cover", Rules::Ribbon::Tuck::COVERS, default: "balanced"),
        Input.whole(:loops, "Loops of a piece", "loops", 1..12, default: 2),
        Input.number(:chord_m, "Loop width", "m", 0.02..1, default: 0.14),
        Input.number(:stand_m, "Loop stand", "m", 0..1, default: 0.10),
        Input.choice(:billow, "Billow", %w[flat soft full], default: "soft"),
        Input.whole(:streams, "Streams", "streams", 1..40, default: nil),
        Input.number(:pitch_m, "Pitch along the slant", "m", 0.05..3, default: 0.5),
        Input.whole(:bows, "Bows", "bows", 1..200, default: 9)
      ],
      ornaments: [
        Input.choice(:count_by, "Counted", %w[foot cover own], default: "cover"),
        Input.choice(:cover, "Cover", Rules::Ornaments::ByCover::COVERS, default: "balanced"),
        Input.whole(:own_total, "Own number", "pieces", 0..5_000, default: nil), STYLES
      ],
      picks: [
        Input.choice(:cover, "Cover", Rules::Picks::Tree::COVERS, default: "balanced"),
        Input.choice(:crown, "Ring behind the topper", [0, 5, 7, 9], default: 7), STYLES
      ],
      foot: [
        Input.choice(:kind, "Foot", %w[none skirt blanket collar], default: "skirt"),
        Input.number(:cover_share, "Skirt over spread", "× spread", 0.5..1.2, default: 0.85)
      ],
      step_back: [
        Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS_BACK), 0..6, default: [].freeze)
      ]
    }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [Hash{Symbol => Hash{Symbol => Object}}] complete, frozen
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      faults = []
      said = groups_of(document, faults)
      settings = GROUPS.to_h { |name, inputs| [name, Inputs.collect(inputs, said[name.to_s] || {}, [name.to_s], faults)] }
      cross_check(settings, faults) if faults.empty?
      raise InputError, faults unless faults.empty?

      settings.freeze
    end

    def groups_of(document, faults)
      unless document.is_a?(Hash)
        faults << Inputs.fault(:not_an_object, ["settings"])
        return {}
      end

      said = document.transform_keys(&:to_s)
      (said.keys - GROUPS.keys.map(&:to_s)).each do |name|
        faults << Inputs.fault(:unknown, [name], known: GROUPS.keys.join(", "))
      end
      said
    end

    def cross_check(settings, faults)
      measure = settings[:measure]
      ornaments = settings[:ornaments]
      faults << hem_fault(measure) if measure[:hem_m] && measure[:height_m] && measure[:hem_m] >= measure[:height_m]
      return unless ornaments[:count_by] == "own" && ornaments[:own_total].nil?

      faults << Inputs.fault(:own_total_missing, %w[ornaments own_total])
    end

    def hem_fault(measure)
      height = Figure.print(measure[:height_m])
      Inputs.fault(:hem_above_tree, %w[measure hem_m], hem: Figure.print(measure[:hem_m]), height: height, most: height)
    end
    private_class_method :groups_of, :cross_check, :hem_fault

    # Every style a document of checked settings names.
    def style_ids(settings)
      settings.values.flat_map { |group| [group[:style], *group[:styles]] }.compact.uniq
    end
  end
end

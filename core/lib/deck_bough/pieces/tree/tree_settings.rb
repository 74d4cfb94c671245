# frozen_string_literal: true

module DeckBough
  # The settings of a tree: one document with a schema version, declared here and nowhere else.
  #
  #   TreeSettings.check({})["measure"]  # every group with its defaults
  #   TreeSettings.check("measure" => { "height_m" => 400 }) # InputError, pointer /measure/height_m
  #
  # Lengths are metres. Style ids are opaque text. A height of nil means that no tree is chosen yet.
  module TreeSettings
    SCHEMA = 2
    SHAPES = %w[full classic slim pencil half].freeze
    LOOKS_BACK = %w[door day dusk balance colour holes].freeze

    # One vocabulary of cover for everything that covers (rules may say it otherwise); picks and ribbon know its first
    # three.
    COVERS = Rules::Ornaments::ByCover::COVERS
    PICKS_COVERS = COVERS.first(3).freeze
    PATTERNS = Hanging::HangingMap::PATTERNS
    GLOBES = %w[none soft classic bright].freeze
    MENDS = %w[move add tuck pick].freeze

    STYLE = Input.style(:style, "Style", default: nil)
    # A mend made when stepping back: an ornament moved or added, or a spot filled. Heights above the stand, angles from
    # the front.
    MEND = [
      Input.choice(:kind, "Mend", MENDS), Input.style(:style, "Style", default: nil),
      Input.whole(:number, "Number", "number", 1..2_000, default: nil), Input.number(:height_m, "Height", "m", 0..12),
      Input.number(:angle_deg, "Angle", "degrees", -180..180)
    ].freeze
    MOST_MENDS = 60
    INSTEAD = Input.style(:instead, "In its place", default: nil)
    MISSING = [Input.style(:style, "Style"), Input.whole(:count, "Missing", "pieces", 0..2_000), INSTEAD].freeze
    RAN_OUT = [Input.style(:style, "Ribbon"), Input.number(:there_m, "There was of it", "m", 0..5_000), INSTEAD].freeze
    STYLES = Input.list(:styles, "Styles", Input.style(:style, "Style"), 0..40, default: [].freeze)

    GROUPS = {
      measure: [
        Input.number(:height_m, "Height", "m", 0.3..12, default: nil, why: "A tree is sold by its height."),
        Input.choice(:shape, "Shape", SHAPES, default: "classic"),
        Input.number(:spread_m, "Spread", "m", 0.1..8, default: nil, why: "A tree needs a width to stand."),
        Input.number(:hem_m, "Hem", "m", 0..5, default: nil, hint: :hem),
        Input.number(:riser_m, "Riser", "m", 0..3, default: 0),
        Input.number(:support_width_m, "Leg span of the stand", "m", 0.02..5, default: nil, why: "A stand has legs."),
        Input.choice(:kind, "Kind", %w[artificial real], default: "artificial"),
        Input.whole(:weeks, "Weeks it stands", "weeks", 1..12, default: 4, hint: :weeks)
      ],
      lights: [
        STYLE, Input.choice(:school, "How much light", Rules::Lights::Count::SCHOOLS, default: "classic"),
        Input.whole(:working_bulbs, "Working bulbs on the tree", "bulbs", 0..50_000, default: 0),
        Input.whole(:bulbs_per_string, "Bulbs per string", "bulbs", 1..5_000, default: 100),
        Input.number(:string_m, "Lit length of a string", "m", 0.1..500, default: 10.0),
        Input.choice(:way, "Way they go on", %w[turns deep], default: "turns"),
        Input.whole(:prelit_strings, "Strings built in", "strings", 0..200, default: 0),
        Input.whole(:prelit_dead, "Of these dead", "strings", 0..200, default: 0),
        Input.whole(:prelit_bulbs, "Bulbs of a string built in", "bulbs", 1..5_000, default: 100),
        Input.choice(:globes, "Globes", GLOBES, default: "none"),
        Input.style(:globe_style, "Globe string", default: nil),
        Input.flag(:filament, "Bulbs with a filament", default: false),
        Input.number(:watts, "Watts of a string", "W", 0.05..3_000, default: nil, why: "A string draws something."),
        Input.whole(:max_run, "Joined end to end, at most", "strings", 1..500,
                    default: nil, why: "One is always allowed."),
        Input.number(:volts, "Volts", "V", 100..260, default: nil, why: "Mains are 100 to 260 V."),
        Input.number(:circuit_amps, "Circuit", "A", 1..125, default: nil, why: "A circuit bears something."),
        Input.number(:other_watts, "What else is on the circuit", "W", 0..30_000, default: 0),
        Input.number(:socket_way_m, "Way round the room to the socket", "m", 0..200, default: nil),
        Input.whole(:battery_units, "Battery sets or candles", "pieces", 0..2_000, default: 0),
        Input.number(:battery_hours, "Hours of a set of cells", "h", 0.5..20_000,
                     default: 100, why: "A set lasts some time."),
        Input.number(:battery_hours_a_day, "Hours a day", "h", 0.1..24,
                     default: 6, why: "Lights that are never on need no cells."),
        Input.whole(:battery_days, "Days", "days", 1..366, default: 40, why: "The season has days."),
        Input.whole(:battery_cells, "Cells of a set", "cells", 1..24, default: 2)
      ],
      crown: [
        Input.choice(:topper, "Topper", %w[first last none], default: "first"),
        Input.choice(:kind, "What crowns it", %w[bow two_part star finial spray figure], default: "bow"), STYLE,
        Input.number(:rise_m, "Rise above the tip", "m", 0..2, default: 0.12),
        Input.whole(:loops, "Loops", "loops", 1..60, default: 6),
        Input.number(:loop_m, "Loop length", "m", 0.02..2, default: 0.2),
        Input.whole(:tails, "Tails", "tails", 0..20, default: 2),
        Input.number(:tail_m, "Tail", "m", 0..10, default: 0.6),
        Input.whole(:streamers, "Streamers", "streamers", 0..24, default: 0),
        Input.number(:streamer_m, "Streamer", "m", 0.1..6, default: 0.9, usual: 0.6..1.2, hint: :usual),
        Input.number(:weight_g, "Weight of the topper", "g", 0..10_000, default: nil)
      ],
      ribbon: [
        Input.choice(:method, "Method", %w[tuck cascade spiral bows none], default: "tuck"), STYLES,
        Input.choice(:cover, "Cover", COVERS.first(3), default: "balanced"),
        Input.whole(:loops, "Loops of a piece", "loops", 1..12, default: 2),
        Input.number(:chord_m, "Loop width", "m", 0.02..1, default: 0.14),
        Input.number(:stand_m, "Loop stand", "m", 0..1, default: 0.10),
        Input.choice(:billow, "Billow", %w[flat soft full], default: "soft"),
        Input.whole(:streams, "Streams", "streams", 1..40, default: nil, hint: :streams),
        Input.number(:pitch_m, "Pitch along the slant", "m", 0.05..3, default: 0.5, usual: 0.35..0.6, hint: :usual),
        Input.whole(:bows, "Bows", "bows", 1..200, default: 9),
        Input.choice(:share, "Shared", %w[even scarce], default: "even"),
        Input.list(:ran_out, "Ran out", RAN_OUT, 0..40, default: [].freeze),
        Input.number(:cloth_width_m, "Width of the cloth", "m", 0.05..10, default: nil, why: "Cloth has a width."),
        Input.number(:cloth_length_m, "Length of the cloth", "m", 0.05..200, default: nil, why: "Cloth has a length."),
        Input.number(:strip_width_m, "Width of a strip", "m", 0.01..2, default: 0.35, why: "A strip has a width.",
                                                                       usual: 0.3..0.45, hint: :thin_cloth),
        Input.choice(:garland, "Garland on the tree", %w[none turns swag], default: "none"),
        Input.style(:garland_style, "Garland", default: nil),
        Input.number(:garland_pitch_m, "Pitch of the garland", "m", 0.05..3, default: 0.45, why: "Turns lie apart."),
        Input.number(:garland_width_m, "Width of the swag", "m", 0.1..6,
                     default: 0.8, why: "A swag hangs between two points."),
        Input.number(:garland_sag_m, "Sag of the swag", "m", 0..2, default: 0.15)
      ],
      ornaments: [
        Input.choice(:count_by, "Counted", %w[foot cover own], default: "cover"),
        Input.choice(:cover, "Cover", COVERS, default: "balanced"),
        Input.whole(:own_total, "Own number", "pieces", 0..2_000, default: nil), STYLES,
        Input.choice(:pattern, "Pattern", PATTERNS, default: "scatter", hint: :hole),
        Input.whole(:seed, "Spread", "number", 0..2_147_483_647, default: 1),
        Input.flag(:cross_out_short, "What is short is crossed out", default: false),
        Input.list(:missing, "Missing", MISSING, 0..60, default: [].freeze),
        Input.choice(:make_do, "Made do", %w[spread_again keep_places], default: "spread_again"),
        Input.choice(:fill, "Filled with", %w[none ribbon picks], default: "none")
      ],
      picks: [
        Input.choice(:cover, "Cover", PICKS_COVERS, default: "balanced"),
        Input.choice(:crown, "Ring behind the topper", [0, 5, 7, 9], default: 7), STYLES,
        Input.choice(:goes, "Go on", %w[before after], default: nil)
      ],
      foot: [
        Input.choice(:kind, "Foot", %w[none skirt blanket collar], default: "skirt"),
        Input.number(:cover_share, "Skirt over spread", "× spread", 0.5..1.2, default: 0.85, usual: 0.75..1.0,
                                                                              hint: :usual),
        Input.choice(:stand, "Stand", %w[fixed rotating], default: "fixed"),
        Input.number(:opening_m, "Opening of basket or collar", "m", 0.05..5,
                     default: nil, why: "An opening has a width."),
        Input.flag(:presents, "Presents under it", default: false), Input.flag(:tied_back, "Tied back", default: false)
      ],
      step_back: [
        Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS_BACK), 0..6, default: [].freeze),
        Input.list(:mends, "Mends", MEND, 0..MOST_MENDS, default: [].freeze)
      ]
    }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) { |settings, faults| cross_check(settings, faults) }
    end

    def cross_check(settings, faults)
      measure = settings[:measure]
      ornaments = settings[:ornaments]
      faults << hem_fault(measure) if measure[:hem_m] && measure[:height_m] && measure[:hem_m] >= measure[:height_m]
      lights = settings[:lights]
      if lights[:prelit_dead] > lights[:prelit_strings]
        faults << Inputs.fault(:more_dead_than_strings, %w[lights prelit_dead], count: lights[:prelit_strings])
      end
      return unless ornaments[:count_by] == "own" && ornaments[:own_total].nil?

      faults << Inputs.fault(:own_total_missing, %w[ornaments own_total])
    end

    def hem_fault(measure)
      height = Measure.new(measure[:height_m], "m")
      Inputs.fault(:hem_above_tree, %w[measure hem_m], hem: Measure.new(measure[:hem_m], "m"), height: height,
                                                       most: height)
    end
    private_class_method :cross_check, :hem_fault
  end
end

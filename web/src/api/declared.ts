/** Made by `bin/document` from what the core declares: what each dial may be turned to. Lengths are metres. */
export const declared = {
  "tree": {
    "measure": {
      "height_m": {
        "title": "Height",
        "unit": "m",
        "low": 0.3,
        "high": 12
      },
      "shape": {
        "title": "Shape",
        "unit": "choice",
        "choices": [
          "full",
          "classic",
          "slim",
          "pencil",
          "half"
        ]
      },
      "spread_m": {
        "title": "Spread",
        "unit": "m",
        "low": 0.1,
        "high": 8
      },
      "hem_m": {
        "title": "Hem",
        "unit": "m",
        "low": 0,
        "high": 5
      },
      "riser_m": {
        "title": "Riser",
        "unit": "m",
        "low": 0,
        "high": 3
      },
      "support_width_m": {
        "title": "Leg span of the stand",
        "unit": "m",
        "low": 0.02,
        "high": 5
      },
      "kind": {
        "title": "Kind",
        "unit": "choice",
        "choices": [
          "artificial",
          "real"
        ]
      },
      "weeks": {
        "title": "Weeks it stands",
        "unit": "weeks",
        "low": 1,
        "high": 12
      }
    },
    "lights": {
      "style": {
        "title": "Style",
        "unit": "text"
      },
      "school": {
        "title": "How much light",
        "unit": "choice",
        "choices": [
          "soft",
          "classic",
          "bright",
          "blaze"
        ]
      },
      "working_bulbs": {
        "title": "Working bulbs on the tree",
        "unit": "bulbs",
        "low": 0,
        "high": 50000
      },
      "bulbs_per_string": {
        "title": "Bulbs per string",
        "unit": "bulbs",
        "low": 1,
        "high": 5000
      },
      "string_m": {
        "title": "Lit length of a string",
        "unit": "m",
        "low": 0.1,
        "high": 500
      },
      "way": {
        "title": "Way they go on",
        "unit": "choice",
        "choices": [
          "turns",
          "deep"
        ]
      },
      "prelit_strings": {
        "title": "Strings built in",
        "unit": "strings",
        "low": 0,
        "high": 200
      },
      "prelit_dead": {
        "title": "Of these dead",
        "unit": "strings",
        "low": 0,
        "high": 200
      },
      "prelit_bulbs": {
        "title": "Bulbs of a string built in",
        "unit": "bulbs",
        "low": 1,
        "high": 5000
      },
      "globes": {
        "title": "Globes",
        "unit": "choice",
        "choices": [
          "none",
          "soft",
          "classic",
          "bright"
        ]
      },
      "globe_style": {
        "title": "Globe string",
        "unit": "text"
      },
      "filament": {
        "title": "Bulbs with a filament",
        "unit": "yes/no"
      },
      "watts": {
        "title": "Watts of a string",
        "unit": "W",
        "low": 0.05,
        "high": 3000
      },
      "max_run": {
        "title": "Joined end to end, at most",
        "unit": "strings",
        "low": 1,
        "high": 500
      },
      "volts": {
        "title": "Volts",
        "unit": "V",
        "low": 100,
        "high": 260
      },
      "circuit_amps": {
        "title": "Circuit",
        "unit": "A",
        "low": 1,
        "high": 125
      },
      "other_watts": {
        "title": "What else is on the circuit",
        "unit": "W",
        "low": 0,
        "high": 30000
      },
      "socket_way_m": {
        "title": "Way round the room to the socket",
        "unit": "m",
        "low": 0,
        "high": 200
      },
      "battery_units": {
        "title": "Battery sets or candles",
        "unit": "pieces",
        "low": 0,
        "high": 2000
      },
      "battery_hours": {
        "title": "Hours of a set of cells",
        "unit": "h",
        "low": 0.5,
        "high": 20000
      },
      "battery_hours_a_day": {
        "title": "Hours a day",
        "unit": "h",
        "low": 0.1,
        "high": 24
      },
      "battery_days": {
        "title": "Days",
        "unit": "days",
        "low": 1,
        "high": 366
      },
      "battery_cells": {
        "title": "Cells of a set",
        "unit": "cells",
        "low": 1,
        "high": 24
      }
    },
    "crown": {
      "topper": {
        "title": "Topper",
        "unit": "choice",
        "choices": [
          "first",
          "last",
          "none"
        ]
      },
      "kind": {
        "title": "What crowns it",
        "unit": "choice",
        "choices": [
          "bow",
          "two_part",
          "star"
        ]
      },
      "style": {
        "title": "Style",
        "unit": "text"
      },
      "rise_m": {
        "title": "Rise above the tip",
        "unit": "m",
        "low": 0,
        "high": 2
      },
      "loops": {
        "title": "Loops",
        "unit": "loops",
        "low": 1,
        "high": 60
      },
      "loop_m": {
        "title": "Loop length",
        "unit": "m",
        "low": 0.02,
        "high": 2
      },
      "tails": {
        "title": "Tails",
        "unit": "tails",
        "low": 0,
        "high": 20
      },
      "tail_m": {
        "title": "Tail",
        "unit": "m",
        "low": 0,
        "high": 10
      },
      "streamers": {
        "title": "Streamers",
        "unit": "streamers",
        "low": 0,
        "high": 24
      },
      "streamer_m": {
        "title": "Streamer",
        "unit": "m",
        "low": 0.1,
        "high": 6
      },
      "weight_g": {
        "title": "Weight of the topper",
        "unit": "g",
        "low": 0,
        "high": 10000
      }
    },
    "ribbon": {
      "method": {
        "title": "Method",
        "unit": "choice",
        "choices": [
          "tuck",
          "cascade",
          "spiral",
          "bows",
          "none"
        ]
      },
      "styles": {
        "title": "Styles",
        "unit": "list of text",
        "most": 40
      },
      "cover": {
        "title": "Cover",
        "unit": "choice",
        "choices": [
          "airy",
          "balanced",
          "full"
        ]
      },
      "loops": {
        "title": "Loops of a piece",
        "unit": "loops",
        "low": 1,
        "high": 12
      },
      "chord_m": {
        "title": "Loop width",
        "unit": "m",
        "low": 0.02,
        "high": 1
      },
      "stand_m": {
        "title": "Loop stand",
        "unit": "m",
        "low": 0,
        "high": 1
      },
      "billow": {
        "title": "Billow",
        "unit": "choice",
        "choices": [
          "flat",
          "soft",
          "full"
        ]
      },
      "streams": {
        "title": "Streams",
        "unit": "streams",
        "low": 1,
        "high": 40
      },
      "pitch_m": {
        "title": "Pitch along the slant",
        "unit": "m",
        "low": 0.05,
        "high": 3
      },
      "bows": {
        "title": "Bows",
        "unit": "bows",
        "low": 1,
        "high": 200
      },
      "share": {
        "title": "Shared",
        "unit": "choice",
        "choices": [
          "even",
          "scarce"
        ]
      },
      "cloth_width_m": {
        "title": "Width of the cloth",
        "unit": "m",
        "low": 0.05,
        "high": 10
      },
      "cloth_length_m": {
        "title": "Length of the cloth",
        "unit": "m",
        "low": 0.05,
        "high": 200
      },
      "strip_width_m": {
        "title": "Width of a strip",
        "unit": "m",
        "low": 0.01,
        "high": 2
      },
      "garland": {
        "title": "Garland on the tree",
        "unit": "choice",
        "choices": [
          "none",
          "turns",
          "swag"
        ]
      },
      "garland_style": {
        "title": "Garland",
        "unit": "text"
      },
      "garland_pitch_m": {
        "title": "Pitch of the garland",
        "unit": "m",
        "low": 0.05,
        "high": 3
      },
      "garland_width_m": {
        "title": "Width of the swag",
        "unit": "m",
        "low": 0.1,
        "high": 6
      },
      "garland_sag_m": {
        "title": "Sag of the swag",
        "unit": "m",
        "low": 0,
        "high": 2
      }
    },
    "ornaments": {
      "count_by": {
        "title": "Counted",
        "unit": "choice",
        "choices": [
          "foot",
          "cover",
          "own"
        ]
      },
      "cover": {
        "title": "Cover",
        "unit": "choice",
        "choices": [
          "airy",
          "balanced",
          "full",
          "opulent"
        ]
      },
      "own_total": {
        "title": "Own number",
        "unit": "pieces",
        "low": 0,
        "high": 2000
      },
      "styles": {
        "title": "Styles",
        "unit": "list of text",
        "most": 40
      },
      "pattern": {
        "title": "Pattern",
        "unit": "choice",
        "choices": [
          "scatter",
          "diamond",
          "twos",
          "threes"
        ]
      },
      "seed": {
        "title": "Spread",
        "unit": "number",
        "low": 0,
        "high": 2147483647
      },
      "missing": {
        "title": "Missing",
        "unit": "list",
        "most": 60,
        "items": {
          "style": {
            "title": "Style",
            "unit": "text"
          },
          "count": {
            "title": "Missing",
            "unit": "pieces",
            "low": 0,
            "high": 2000
          }
        }
      },
      "make_do": {
        "title": "Made do",
        "unit": "choice",
        "choices": [
          "spread_again",
          "keep_places"
        ]
      },
      "fill": {
        "title": "Filled with",
        "unit": "choice",
        "choices": [
          "none",
          "ribbon",
          "picks"
        ]
      }
    },
    "picks": {
      "cover": {
        "title": "Cover",
        "unit": "choice",
        "choices": [
          "airy",
          "balanced",
          "full"
        ]
      },
      "crown": {
        "title": "Ring behind the topper",
        "unit": "choice",
        "choices": [
          0,
          5,
          7,
          9
        ]
      },
      "styles": {
        "title": "Styles",
        "unit": "list of text",
        "most": 40
      },
      "goes": {
        "title": "Go on",
        "unit": "choice",
        "choices": [
          "before",
          "after"
        ]
      }
    },
    "foot": {
      "kind": {
        "title": "Foot",
        "unit": "choice",
        "choices": [
          "none",
          "skirt",
          "blanket",
          "collar"
        ]
      },
      "cover_share": {
        "title": "Skirt over spread",
        "unit": "× spread",
        "low": 0.5,
        "high": 1.2
      },
      "stand": {
        "title": "Stand",
        "unit": "choice",
        "choices": [
          "fixed",
          "rotating"
        ]
      },
      "opening_m": {
        "title": "Opening of basket or collar",
        "unit": "m",
        "low": 0.05,
        "high": 5
      },
      "presents": {
        "title": "Presents under it",
        "unit": "yes/no"
      },
      "tied_back": {
        "title": "Tied back",
        "unit": "yes/no"
      }
    },
    "step_back": {
      "looked": {
        "title": "Looked at",
        "unit": "list of choice",
        "most": 6
      },
      "mends": {
        "title": "Mends",
        "unit": "list",
        "most": 60,
        "items": {
          "kind": {
            "title": "Mend",
            "unit": "choice",
            "choices": [
              "move",
              "add",
              "tuck",
              "pick"
            ]
          },
          "style": {
            "title": "Style",
            "unit": "text"
          },
          "number": {
            "title": "Number",
            "unit": "number",
            "low": 1,
            "high": 2000
          },
          "height_m": {
            "title": "Height",
            "unit": "m",
            "low": 0,
            "high": 12
          },
          "angle_deg": {
            "title": "Angle",
            "unit": "degrees",
            "low": -180,
            "high": 180
          }
        }
      }
    }
  },
  "run": {
    "survey": {
      "kind": {
        "title": "Kind of run",
        "unit": "choice",
        "choices": [
          "mantel",
          "ledge",
          "rail",
          "frame",
          "mirror",
          "rod",
          "ring",
          "opening",
          "table"
        ]
      },
      "length_m": {
        "title": "Length",
        "unit": "m",
        "low": 0.2,
        "high": 60
      },
      "depth_m": {
        "title": "Depth",
        "unit": "m",
        "low": 0.01,
        "high": 5
      },
      "height_m": {
        "title": "Height above the floor",
        "unit": "m",
        "low": 0,
        "high": 8
      },
      "left_drop_m": {
        "title": "Drop at the left",
        "unit": "m",
        "low": 0,
        "high": 6
      },
      "right_drop_m": {
        "title": "Drop at the right",
        "unit": "m",
        "low": 0,
        "high": 6
      },
      "side_m": {
        "title": "Height of the sides",
        "unit": "m",
        "low": 0,
        "high": 6
      },
      "going_m": {
        "title": "Going",
        "unit": "m",
        "low": 0.2,
        "high": 30
      },
      "rise_m": {
        "title": "Rise",
        "unit": "m",
        "low": 0,
        "high": 15
      },
      "steps": {
        "title": "Steps",
        "unit": "steps",
        "low": 1,
        "high": 80
      },
      "diameter_m": {
        "title": "Diameter",
        "unit": "m",
        "low": 0.005,
        "high": 5
      },
      "edge": {
        "title": "Edge",
        "unit": "choice",
        "choices": [
          "square",
          "rounded",
          "moulded"
        ]
      },
      "surface": {
        "title": "Surface",
        "unit": "choice",
        "choices": [
          "painted",
          "fresh_paint",
          "wallpaper",
          "brick",
          "stone",
          "tile",
          "wood",
          "plaster",
          "glass",
          "metal"
        ]
      },
      "firebox": {
        "title": "Firebox",
        "unit": "choice",
        "choices": [
          "none",
          "cold",
          "working"
        ]
      },
      "firebox_width_m": {
        "title": "Width of the firebox",
        "unit": "m",
        "low": 0.1,
        "high": 5
      },
      "firebox_height_m": {
        "title": "Height of the firebox",
        "unit": "m",
        "low": 0.1,
        "high": 4
      },
      "dressed_lit": {
        "title": "Lit while dressed",
        "unit": "yes/no"
      },
      "mirror_width_m": {
        "title": "Width of what hangs above",
        "unit": "m",
        "low": 0,
        "high": 10
      },
      "mirror_height_m": {
        "title": "Height of what hangs above",
        "unit": "m",
        "low": 0,
        "high": 5
      },
      "mirror_up_m": {
        "title": "It hangs above the shelf by",
        "unit": "m",
        "low": 0,
        "high": 4
      },
      "newel": {
        "title": "Newel post",
        "unit": "yes/no"
      },
      "free_side": {
        "title": "One side free to grasp",
        "unit": "yes/no"
      },
      "below": {
        "title": "Below it",
        "unit": "choice",
        "choices": [
          "floor",
          "seat",
          "bed"
        ]
      },
      "socket_m": {
        "title": "Socket from the left",
        "unit": "m",
        "low": -50,
        "high": 50
      }
    },
    "length": {
      "method": {
        "title": "Method",
        "unit": "choice",
        "choices": [
          "laid",
          "swags",
          "wrapped",
          "woven"
        ]
      },
      "spans": {
        "title": "Swags",
        "unit": "swags",
        "low": 1,
        "high": 40
      },
      "sag_m": {
        "title": "Sag",
        "unit": "m",
        "low": 0.01,
        "high": 3
      },
      "pitch_m": {
        "title": "Pitch",
        "unit": "m",
        "low": 0.1,
        "high": 3
      },
      "direction": {
        "title": "Runs",
        "unit": "choice",
        "choices": [
          "from_middle",
          "to_right",
          "to_left"
        ]
      }
    },
    "anchors": {
      "fixing": {
        "title": "Fixing",
        "unit": "choice",
        "choices": [
          "small_hook",
          "medium_hook",
          "large_hook",
          "large_strip",
          "nail",
          "padded_tie",
          "cable_tie",
          "suction_hook",
          "putty",
          "tension_rod",
          "shelf_weight",
          "none"
        ]
      },
      "style": {
        "title": "Style",
        "unit": "text"
      },
      "rated_kg": {
        "title": "Rated load on its label",
        "unit": "kg",
        "low": 0.01,
        "high": 100
      },
      "more": {
        "title": "Anchors more",
        "unit": "anchors",
        "low": 0,
        "high": 60
      }
    },
    "body": {
      "bodies": {
        "title": "Garlands",
        "unit": "list",
        "most": 30,
        "items": {
          "style": {
            "title": "Style",
            "unit": "text"
          },
          "also": {
            "title": "And in",
            "unit": "text"
          },
          "from_m": {
            "title": "From",
            "unit": "m",
            "low": 0,
            "high": 200
          },
          "to_m": {
            "title": "To",
            "unit": "m",
            "low": 0,
            "high": 200
          },
          "passes": {
            "title": "Passes",
            "unit": "passes",
            "low": 1,
            "high": 12
          },
          "fluffed": {
            "title": "Fluffed",
            "unit": "yes/no"
          }
        }
      }
    },
    "rise_and_trail": {
      "shape": {
        "title": "Outline wanted",
        "unit": "choice",
        "choices": [
          "level",
          "crest",
          "ends",
          "crescent",
          "waterfall",
          "free"
        ]
      },
      "low_m": {
        "title": "Thin",
        "unit": "m",
        "low": 0,
        "high": 3
      },
      "high_m": {
        "title": "Full",
        "unit": "m",
        "low": 0.01,
        "high": 3
      },
      "side": {
        "title": "Falls to",
        "unit": "choice",
        "choices": [
          "left",
          "right"
        ]
      },
      "points": {
        "title": "Points",
        "unit": "list",
        "most": 12,
        "items": {
          "at_m": {
            "title": "At",
            "unit": "m",
            "low": 0,
            "high": 200
          },
          "thickness_m": {
            "title": "Thickness",
            "unit": "m",
            "low": 0,
            "high": 6
          }
        }
      },
      "stems": {
        "title": "Stems",
        "unit": "list",
        "most": 100,
        "items": {
          "style": {
            "title": "Style",
            "unit": "text"
          },
          "count": {
            "title": "Stems",
            "unit": "stems",
            "low": 1,
            "high": 200
          },
          "from_m": {
            "title": "From",
            "unit": "m",
            "low": 0,
            "high": 200
          },
          "to_m": {
            "title": "To",
            "unit": "m",
            "low": 0,
            "high": 200
          }
        }
      }
    },
    "lights": {
      "style": {
        "title": "Style",
        "unit": "text"
      },
      "school": {
        "title": "How much light",
        "unit": "choice",
        "choices": [
          "none",
          "soft",
          "classic",
          "bright"
        ]
      },
      "bulbs_per_string": {
        "title": "Bulbs per string",
        "unit": "bulbs",
        "low": 1,
        "high": 5000
      },
      "goes": {
        "title": "Go on",
        "unit": "choice",
        "choices": [
          "before",
          "after"
        ]
      }
    },
    "accents": {
      "accents": {
        "title": "Accents",
        "unit": "list",
        "most": 30,
        "items": {
          "style": {
            "title": "Style",
            "unit": "text"
          },
          "count": {
            "title": "Pieces",
            "unit": "pieces",
            "low": 1,
            "high": 500
          }
        }
      }
    },
    "ribbon": {
      "method": {
        "title": "Method",
        "unit": "choice",
        "choices": [
          "none",
          "weave",
          "loops",
          "bows"
        ]
      },
      "style": {
        "title": "Style",
        "unit": "text"
      },
      "chord_m": {
        "title": "Loop width",
        "unit": "m",
        "low": 0.02,
        "high": 1
      },
      "stand_m": {
        "title": "Loop stand",
        "unit": "m",
        "low": 0,
        "high": 1
      }
    },
    "mantel": {
      "school": {
        "title": "Mantel",
        "unit": "choice",
        "choices": [
          "mirrored",
          "one_sided"
        ]
      },
      "side": {
        "title": "Towards",
        "unit": "choice",
        "choices": [
          "left",
          "right"
        ]
      },
      "things": {
        "title": "What stands on it",
        "unit": "list",
        "most": 30,
        "items": {
          "name": {
            "title": "Name",
            "unit": "text"
          },
          "at_m": {
            "title": "At",
            "unit": "m",
            "low": 0,
            "high": 200
          },
          "width_m": {
            "title": "Width",
            "unit": "m",
            "low": 0.01,
            "high": 5
          },
          "height_m": {
            "title": "Height",
            "unit": "m",
            "low": 0.01,
            "high": 4
          },
          "lightness": {
            "title": "Lightness",
            "unit": "L*",
            "low": 0,
            "high": 100
          },
          "depth_m": {
            "title": "Depth",
            "unit": "m",
            "low": 0,
            "high": 2
          },
          "see_through": {
            "title": "See-through",
            "unit": "yes/no"
          }
        }
      },
      "stockings": {
        "title": "Stockings",
        "unit": "stockings",
        "low": 0,
        "high": 40
      },
      "stocking_width_m": {
        "title": "Width of a stocking",
        "unit": "m",
        "low": 0.05,
        "high": 1
      },
      "stocking_length_m": {
        "title": "Length of a stocking",
        "unit": "m",
        "low": 0.1,
        "high": 1.5
      },
      "stocking_kg": {
        "title": "Weight of a filled one",
        "unit": "kg",
        "low": 0,
        "high": 10
      },
      "holder": {
        "title": "Hung from",
        "unit": "choice",
        "choices": [
          "shelf_weight",
          "large_hook",
          "nail",
          "rail"
        ]
      }
    },
    "step_back": {
      "looked": {
        "title": "Looked at",
        "unit": "list of choice",
        "most": 4
      }
    }
  }
} as const;

/** Made by `bin/document` from what the core declares: what each dial may be turned to. Lengths are metres. */
export const declared = {
  "tree": {
    "measure": {
      "height_m": {
        "title": "Height",
        "unit": "m",
        "low": 0.3,
        "high": 12,
        "default": null
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
        ],
        "default": "classic"
      },
      "spread_m": {
        "title": "Spread",
        "unit": "m",
        "low": 0.1,
        "high": 8,
        "default": null
      },
      "hem_m": {
        "title": "Hem",
        "unit": "m",
        "low": 0,
        "high": 5,
        "default": null
      },
      "riser_m": {
        "title": "Riser",
        "unit": "m",
        "low": 0,
        "high": 3,
        "default": 0
      },
      "support_width_m": {
        "title": "Leg span of the stand",
        "unit": "m",
        "low": 0.02,
        "high": 5,
        "default": null
      },
      "kind": {
        "title": "Kind",
        "unit": "choice",
        "choices": [
          "artificial",
          "real"
        ],
        "default": "artificial"
      },
      "weeks": {
        "title": "Weeks it stands",
        "unit": "weeks",
        "low": 1,
        "high": 12,
        "default": 4
      }
    },
    "lights": {
      "style": {
        "title": "Style",
        "unit": "text",
        "default": null
      },
      "school": {
        "title": "How much light",
        "unit": "choice",
        "choices": [
          "soft",
          "classic",
          "bright",
          "blaze"
        ],
        "default": "classic"
      },
      "working_bulbs": {
        "title": "Working bulbs on the tree",
        "unit": "bulbs",
        "low": 0,
        "high": 50000,
        "default": 0
      },
      "bulbs_per_string": {
        "title": "Bulbs per string",
        "unit": "bulbs",
        "low": 1,
        "high": 5000,
        "default": 100
      },
      "string_m": {
        "title": "Lit length of a string",
        "unit": "m",
        "low": 0.1,
        "high": 500,
        "default": 10.0
      },
      "way": {
        "title": "Way they go on",
        "unit": "choice",
        "choices": [
          "turns",
          "deep"
        ],
        "default": "turns"
      },
      "prelit_strings": {
        "title": "Strings built in",
        "unit": "strings",
        "low": 0,
        "high": 200,
        "default": 0
      },
      "prelit_dead": {
        "title": "Of these dead",
        "unit": "strings",
        "low": 0,
        "high": 200,
        "default": 0
      },
      "prelit_bulbs": {
        "title": "Bulbs of a string built in",
        "unit": "bulbs",
        "low": 1,
        "high": 5000,
        "default": 100
      },
      "globes": {
        "title": "Globes",
        "unit": "choice",
        "choices": [
          "none",
          "soft",
          "classic",
          "bright"
        ],
        "default": "none"
      },
      "globe_style": {
        "title": "Globe string",
        "unit": "text",
        "default": null
      },
      "filament": {
        "title": "Bulbs with a filament",
        "unit": "yes/no",
        "default": false
      },
      "watts": {
        "title": "Watts of a string",
        "unit": "W",
        "low": 0.05,
        "high": 3000,
        "default": null
      },
      "max_run": {
        "title": "Joined end to end, at most",
        "unit": "strings",
        "low": 1,
        "high": 500,
        "default": null
      },
      "volts": {
        "title": "Volts",
        "unit": "V",
        "low": 100,
        "high": 260,
        "default": 230
      },
      "circuit_amps": {
        "title": "Circuit",
        "unit": "A",
        "low": 1,
        "high": 125,
        "default": 16
      },
      "other_watts": {
        "title": "What else is on the circuit",
        "unit": "W",
        "low": 0,
        "high": 30000,
        "default": 0
      },
      "socket_way_m": {
        "title": "Way round the room to the socket",
        "unit": "m",
        "low": 0,
        "high": 200,
        "default": null
      },
      "battery_units": {
        "title": "Battery sets or candles",
        "unit": "pieces",
        "low": 0,
        "high": 2000,
        "default": 0
      },
      "battery_hours": {
        "title": "Hours of a set of cells",
        "unit": "h",
        "low": 0.5,
        "high": 20000,
        "default": 100
      },
      "battery_hours_a_day": {
        "title": "Hours a day",
        "unit": "h",
        "low": 0.1,
        "high": 24,
        "default": 6
      },
      "battery_days": {
        "title": "Days",
        "unit": "days",
        "low": 1,
        "high": 366,
        "default": 40
      },
      "battery_cells": {
        "title": "Cells of a set",
        "unit": "cells",
        "low": 1,
        "high": 24,
        "default": 2
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
        ],
        "default": "first"
      },
      "kind": {
        "title": "What crowns it",
        "unit": "choice",
        "choices": [
          "bow",
          "two_part",
          "star"
        ],
        "default": "bow"
      },
      "style": {
        "title": "Style",
        "unit": "text",
        "default": null
      },
      "rise_m": {
        "title": "Rise above the tip",
        "unit": "m",
        "low": 0,
        "high": 2,
        "default": 0.12
      },
      "loops": {
        "title": "Loops",
        "unit": "loops",
        "low": 1,
        "high": 60,
        "default": 6
      },
      "loop_m": {
        "title": "Loop length",
        "unit": "m",
        "low": 0.02,
        "high": 2,
        "default": 0.2
      },
      "tails": {
        "title": "Tails",
        "unit": "tails",
        "low": 0,
        "high": 20,
        "default": 2
      },
      "tail_m": {
        "title": "Tail",
        "unit": "m",
        "low": 0,
        "high": 10,
        "default": 0.6
      },
      "streamers": {
        "title": "Streamers",
        "unit": "streamers",
        "low": 0,
        "high": 24,
        "default": 0
      },
      "streamer_m": {
        "title": "Streamer",
        "unit": "m",
        "low": 0.1,
        "high": 6,
        "default": 0.9
      },
      "weight_g": {
        "title": "Weight of the topper",
        "unit": "g",
        "low": 0,
        "high": 10000,
        "default": null
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
        ],
        "default": "tuck"
      },
      "styles": {
        "title": "Styles",
        "unit": "list of text",
        "most": 40,
        "default": []
      },
      "cover": {
        "title": "Cover",
        "unit": "choice",
        "choices": [
          "airy",
          "balanced",
          "full"
        ],
        "default": "balanced"
      },
      "loops": {
        "title": "Loops of a piece",
        "unit": "loops",
        "low": 1,
        "high": 12,
        "default": 2
      },
      "chord_m": {
        "title": "Loop width",
        "unit": "m",
        "low": 0.02,
        "high": 1,
        "default": 0.14
      },
      "stand_m": {
        "title": "Loop stand",
        "unit": "m",
        "low": 0,
        "high": 1,
        "default": 0.1
      },
      "billow": {
        "title": "Billow",
        "unit": "choice",
        "choices": [
          "flat",
          "soft",
          "full"
        ],
        "default": "soft"
      },
      "streams": {
        "title": "Streams",
        "unit": "streams",
        "low": 1,
        "high": 40,
        "default": null
      },
      "pitch_m": {
        "title": "Pitch along the slant",
        "unit": "m",
        "low": 0.05,
        "high": 3,
        "default": 0.5
      },
      "bows": {
        "title": "Bows",
        "unit": "bows",
        "low": 1,
        "high": 200,
        "default": 9
      },
      "share": {
        "title": "Shared",
        "unit": "choice",
        "choices": [
          "even",
          "scarce"
        ],
        "default": "even"
      },
      "cloth_width_m": {
        "title": "Width of the cloth",
        "unit": "m",
        "low": 0.05,
        "high": 10,
        "default": null
      },
      "cloth_length_m": {
        "title": "Length of the cloth",
        "unit": "m",
        "low": 0.05,
        "high": 200,
        "default": null
      },
      "strip_width_m": {
        "title": "Width of a strip",
        "unit": "m",
        "low": 0.01,
        "high": 2,
        "default": 0.35
      },
      "garland": {
        "title": "Garland on the tree",
        "unit": "choice",
        "choices": [
          "none",
          "turns",
          "swag"
        ],
        "default": "none"
      },
      "garland_style": {
        "title": "Garland",
        "unit": "text",
        "default": null
      },
      "garland_pitch_m": {
        "title": "Pitch of the garland",
        "unit": "m",
        "low": 0.05,
        "high": 3,
        "default": 0.45
      },
      "garland_width_m": {
        "title": "Width of the swag",
        "unit": "m",
        "low": 0.1,
        "high": 6,
        "default": 0.8
      },
      "garland_sag_m": {
        "title": "Sag of the swag",
        "unit": "m",
        "low": 0,
        "high": 2,
        "default": 0.15
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
        ],
        "default": "cover"
      },
      "cover": {
        "title": "Cover",
        "unit": "choice",
        "choices": [
          "airy",
          "balanced",
          "full",
          "opulent"
        ],
        "default": "balanced"
      },
      "own_total": {
        "title": "Own number",
        "unit": "pieces",
        "low": 0,
        "high": 2000,
        "default": null
      },
      "styles": {
        "title": "Styles",
        "unit": "list of text",
        "most": 40,
        "default": []
      },
      "pattern": {
        "title": "Pattern",
        "unit": "choice",
        "choices": [
          "scatter",
          "diamond",
          "twos",
          "threes"
        ],
        "default": "scatter"
      },
      "seed": {
        "title": "Spread",
        "unit": "number",
        "low": 0,
        "high": 2147483647,
        "default": 1
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
        },
        "default": []
      },
      "make_do": {
        "title": "Made do",
        "unit": "choice",
        "choices": [
          "spread_again",
          "keep_places"
        ],
        "default": "spread_again"
      },
      "fill": {
        "title": "Filled with",
        "unit": "choice",
        "choices": [
          "none",
          "ribbon",
          "picks"
        ],
        "default": "none"
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
        ],
        "default": "balanced"
      },
      "crown": {
        "title": "Ring behind the topper",
        "unit": "choice",
        "choices": [
          0,
          5,
          7,
          9
        ],
        "default": 7
      },
      "styles": {
        "title": "Styles",
        "unit": "list of text",
        "most": 40,
        "default": []
      },
      "goes": {
        "title": "Go on",
        "unit": "choice",
        "choices": [
          "before",
          "after"
        ],
        "default": null
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
        ],
        "default": "skirt"
      },
      "cover_share": {
        "title": "Skirt over spread",
        "unit": "× spread",
        "low": 0.5,
        "high": 1.2,
        "default": 0.85
      },
      "stand": {
        "title": "Stand",
        "unit": "choice",
        "choices": [
          "fixed",
          "rotating"
        ],
        "default": "fixed"
      },
      "opening_m": {
        "title": "Opening of basket or collar",
        "unit": "m",
        "low": 0.05,
        "high": 5,
        "default": null
      },
      "presents": {
        "title": "Presents under it",
        "unit": "yes/no",
        "default": false
      },
      "tied_back": {
        "title": "Tied back",
        "unit": "yes/no",
        "default": false
      }
    },
    "step_back": {
      "looked": {
        "title": "Looked at",
        "unit": "list of choice",
        "most": 6,
        "default": []
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
            "unit": "text",
            "default": null
          },
          "number": {
            "title": "Number",
            "unit": "number",
            "low": 1,
            "high": 2000,
            "default": null
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
        },
        "default": []
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
        ],
        "default": "mantel"
      },
      "length_m": {
        "title": "Length",
        "unit": "m",
        "low": 0.2,
        "high": 60,
        "default": null
      },
      "depth_m": {
        "title": "Depth",
        "unit": "m",
        "low": 0.01,
        "high": 5,
        "default": null
      },
      "height_m": {
        "title": "Height above the floor",
        "unit": "m",
        "low": 0,
        "high": 8,
        "default": 1.2
      },
      "left_drop_m": {
        "title": "Drop at the left",
        "unit": "m",
        "low": 0,
        "high": 6,
        "default": 0
      },
      "right_drop_m": {
        "title": "Drop at the right",
        "unit": "m",
        "low": 0,
        "high": 6,
        "default": 0
      },
      "side_m": {
        "title": "Height of the sides",
        "unit": "m",
        "low": 0,
        "high": 6,
        "default": 0
      },
      "going_m": {
        "title": "Going",
        "unit": "m",
        "low": 0.2,
        "high": 30,
        "default": null
      },
      "rise_m": {
        "title": "Rise",
        "unit": "m",
        "low": 0,
        "high": 15,
        "default": 0
      },
      "steps": {
        "title": "Steps",
        "unit": "steps",
        "low": 1,
        "high": 80,
        "default": null
      },
      "diameter_m": {
        "title": "Diameter",
        "unit": "m",
        "low": 0.005,
        "high": 5,
        "default": 0.05
      },
      "edge": {
        "title": "Edge",
        "unit": "choice",
        "choices": [
          "square",
          "rounded",
          "moulded"
        ],
        "default": "square"
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
        ],
        "default": "painted"
      },
      "firebox": {
        "title": "Firebox",
        "unit": "choice",
        "choices": [
          "none",
          "cold",
          "working"
        ],
        "default": "none"
      },
      "firebox_width_m": {
        "title": "Width of the firebox",
        "unit": "m",
        "low": 0.1,
        "high": 5,
        "default": 0.75
      },
      "firebox_height_m": {
        "title": "Height of the firebox",
        "unit": "m",
        "low": 0.1,
        "high": 4,
        "default": 0.7
      },
      "dressed_lit": {
        "title": "Lit while dressed",
        "unit": "yes/no",
        "default": false
      },
      "mirror_width_m": {
        "title": "Width of what hangs above",
        "unit": "m",
        "low": 0,
        "high": 10,
        "default": 0
      },
      "mirror_height_m": {
        "title": "Height of what hangs above",
        "unit": "m",
        "low": 0,
        "high": 5,
        "default": 0
      },
      "mirror_up_m": {
        "title": "It hangs above the shelf by",
        "unit": "m",
        "low": 0,
        "high": 4,
        "default": 0.05
      },
      "newel": {
        "title": "Newel post",
        "unit": "yes/no",
        "default": true
      },
      "free_side": {
        "title": "One side free to grasp",
        "unit": "yes/no",
        "default": true
      },
      "below": {
        "title": "Below it",
        "unit": "choice",
        "choices": [
          "floor",
          "seat",
          "bed"
        ],
        "default": "floor"
      },
      "socket_m": {
        "title": "Socket from the left",
        "unit": "m",
        "low": -50,
        "high": 50,
        "default": null
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
        ],
        "default": "laid"
      },
      "spans": {
        "title": "Swags",
        "unit": "swags",
        "low": 1,
        "high": 40,
        "default": 4
      },
      "sag_m": {
        "title": "Sag",
        "unit": "m",
        "low": 0.01,
        "high": 3,
        "default": 0.18
      },
      "pitch_m": {
        "title": "Pitch",
        "unit": "m",
        "low": 0.1,
        "high": 3,
        "default": 0.5
      },
      "direction": {
        "title": "Runs",
        "unit": "choice",
        "choices": [
          "from_middle",
          "to_right",
          "to_left"
        ],
        "default": "from_middle"
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
        ],
        "default": "large_hook"
      },
      "style": {
        "title": "Style",
        "unit": "text",
        "default": null
      },
      "rated_kg": {
        "title": "Rated load on its label",
        "unit": "kg",
        "low": 0.01,
        "high": 100,
        "default": null
      },
      "more": {
        "title": "Anchors more",
        "unit": "anchors",
        "low": 0,
        "high": 60,
        "default": 0
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
            "unit": "text",
            "default": null
          },
          "from_m": {
            "title": "From",
            "unit": "m",
            "low": 0,
            "high": 200,
            "default": 0
          },
          "to_m": {
            "title": "To",
            "unit": "m",
            "low": 0,
            "high": 200,
            "default": null
          },
          "passes": {
            "title": "Passes",
            "unit": "passes",
            "low": 1,
            "high": 12,
            "default": 1
          },
          "fluffed": {
            "title": "Fluffed",
            "unit": "yes/no",
            "default": true
          }
        },
        "default": []
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
        ],
        "default": "level"
      },
      "low_m": {
        "title": "Thin",
        "unit": "m",
        "low": 0,
        "high": 3,
        "default": 0.14
      },
      "high_m": {
        "title": "Full",
        "unit": "m",
        "low": 0.01,
        "high": 3,
        "default": 0.24
      },
      "side": {
        "title": "Falls to",
        "unit": "choice",
        "choices": [
          "left",
          "right"
        ],
        "default": "right"
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
        },
        "default": []
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
            "high": 200,
            "default": 0
          },
          "to_m": {
            "title": "To",
            "unit": "m",
            "low": 0,
            "high": 200,
            "default": null
          }
        },
        "default": []
      }
    },
    "lights": {
      "style": {
        "title": "Style",
        "unit": "text",
        "default": null
      },
      "school": {
        "title": "How much light",
        "unit": "choice",
        "choices": [
          "none",
          "soft",
          "classic",
          "bright"
        ],
        "default": "classic"
      },
      "bulbs_per_string": {
        "title": "Bulbs per string",
        "unit": "bulbs",
        "low": 1,
        "high": 5000,
        "default": 50
      },
      "goes": {
        "title": "Go on",
        "unit": "choice",
        "choices": [
          "before",
          "after"
        ],
        "default": null
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
        },
        "default": []
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
        ],
        "default": "none"
      },
      "style": {
        "title": "Style",
        "unit": "text",
        "default": null
      },
      "chord_m": {
        "title": "Loop width",
        "unit": "m",
        "low": 0.02,
        "high": 1,
        "default": 0.14
      },
      "stand_m": {
        "title": "Loop stand",
        "unit": "m",
        "low": 0,
        "high": 1,
        "default": 0.1
      }
    },
    "mantel": {
      "school": {
        "title": "Mantel",
        "unit": "choice",
        "choices": [
          "mirrored",
          "one_sided"
        ],
        "default": "mirrored"
      },
      "side": {
        "title": "Towards",
        "unit": "choice",
        "choices": [
          "left",
          "right"
        ],
        "default": "right"
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
            "high": 100,
            "default": 50
          },
          "depth_m": {
            "title": "Depth",
            "unit": "m",
            "low": 0,
            "high": 2,
            "default": 0
          },
          "see_through": {
            "title": "See-through",
            "unit": "yes/no",
            "default": false
          }
        },
        "default": []
      },
      "stockings": {
        "title": "Stockings",
        "unit": "stockings",
        "low": 0,
        "high": 40,
        "default": 0
      },
      "stocking_width_m": {
        "title": "Width of a stocking",
        "unit": "m",
        "low": 0.05,
        "high": 1,
        "default": 0.2
      },
      "stocking_length_m": {
        "title": "Length of a stocking",
        "unit": "m",
        "low": 0.1,
        "high": 1.5,
        "default": 0.45
      },
      "stocking_kg": {
        "title": "Weight of a filled one",
        "unit": "kg",
        "low": 0,
        "high": 10,
        "default": 0.5
      },
      "holder": {
        "title": "Hung from",
        "unit": "choice",
        "choices": [
          "shelf_weight",
          "large_hook",
          "nail",
          "rail"
        ],
        "default": "shelf_weight"
      }
    },
    "step_back": {
      "looked": {
        "title": "Looked at",
        "unit": "list of choice",
        "most": 4,
        "default": []
      }
    }
  }
} as const;

/** Made from the models by python -m commands.openapi --write. */
export const FACTS = {
 "fields": {
  "Piece": {
   "name": {
    "written": "text",
    "name": "Name",
    "fewest": 1,
    "longest": 120
   },
   "notes": {
    "written": "text",
    "longest": 10000,
    "default": ""
   },
   "seed": {
    "least": 0,
    "most": 2147483647,
    "whole": true,
    "default": 1
   },
   "segments": {
    "written": "count",
    "name": "Segments",
    "least": 2,
    "most": 64,
    "whole": true,
    "default": 12
   },
   "turn": {
    "written": "degrees",
    "name": "Turn of the first spoke",
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "safe_gap": {
    "written": "length",
    "name": "Safe gap",
    "least": 0,
    "most": 20,
    "default": 0.3
   },
   "tools": {
    "longest": 120
   },
   "paints": {
    "fewest": 1,
    "longest": 240
   },
   "ramps": {
    "longest": 40
   },
   "rows": {
    "longest": 200
   },
   "motifs": {
    "longest": 12
   },
   "bare": {
    "longest": 20
   },
   "most_base": {
    "name": "Base may show on at most",
    "written": "per cent",
    "wide": 178,
    "above": 0,
    "most": 100,
    "open": true
   },
   "accepted": {
    "longest": 400
   }
  },
  "Blank": {
   "outline": {
    "name": "Outline",
    "written": "variant",
    "words": [
     [
      "round",
      "round"
     ],
     [
      "oval",
      "oval"
     ],
     [
      "square",
      "square"
     ],
     [
      "rectangle",
      "rectangle"
     ],
     [
      "polygon",
      "polygon"
     ],
     [
      "heart",
      "heart"
     ],
     [
      "cross",
      "cross"
     ],
     [
      "leaf",
      "leaf"
     ],
     [
      "spoked",
      "odd, by ruler"
     ],
     [
      "odd",
      "odd, from a file"
     ]
    ],
    "variants": {
     "round": "Round",
     "oval": "Oval",
     "square": "Square",
     "rectangle": "Rectangle",
     "polygon": "Polygon",
     "heart": "Heart",
     "cross": "Cross",
     "leaf": "Leaf",
     "spoked": "Spoked",
     "odd": "Odd"
    }
   },
   "relief": {
    "name": "Relief",
    "written": "variant",
    "words": [
     [
      "flat",
      "flat"
     ],
     [
      "dome",
      "domed, by its rise"
     ],
     [
      "taped dome",
      "domed, by a tape over it"
     ],
     [
      "plate",
      "plate with a rim"
     ],
     [
      "ball",
      "ball"
     ],
     [
      "egg",
      "egg"
     ]
    ],
    "variants": {
     "flat": "Flat",
     "dome": "Dome",
     "taped dome": "TapedDome",
     "plate": "Plate",
     "ball": "Ball",
     "egg": "Egg"
    }
   },
   "material": {
    "name": "Material",
    "written": "choice",
    "words": [
     [
      "cast stone",
      "cast stone"
     ],
     [
      "natural stone",
      "natural stone"
     ],
     [
      "glazed tile",
      "glazed tile"
     ],
     [
      "canvas",
      "canvas"
     ],
     [
      "wood",
      "wood"
     ],
     [
      "other",
      "other"
     ]
    ],
    "default": "cast stone"
   },
   "border": {
    "written": "distance",
    "name": "Border kept clear",
    "least": 0,
    "most": 200,
    "default": 3.0
   },
   "reduced": {
    "written": "per cent",
    "name": "Reduced by",
    "least": 0,
    "most": 90,
    "open": true
   },
   "lie": {
    "name": "How it lies",
    "written": "variant",
    "words": [
     [
      "angle",
      "as measured, turned by"
     ],
     [
      "longest axis",
      "longest axis upright"
     ],
     [
      "symmetry axis",
      "axis of symmetry upright"
     ]
    ],
    "variants": {
     "angle": "AtDegrees",
     "longest axis": "AlongAxis",
     "symmetry axis": "AlongAxis"
    }
   }
  },
  "Base": {
   "name": {
    "written": "text",
    "name": "Base coat",
    "fewest": 1,
    "longest": 120,
    "default": "Night slate"
   },
   "colour": {
    "written": "colour",
    "default": "#20262b"
   },
   "paint": {
    "name": "Base is",
    "written": "choice",
    "words": [
     [
      "acrylic",
      "acrylic"
     ],
     [
      "chalk paint",
      "chalk paint"
     ]
    ],
    "default": "acrylic"
   }
  },
  "NamedCentre": {
   "kind": {
    "name": "Centre",
    "written": "choice",
    "words": [
     [
      "middle",
      "middle of length and width"
     ],
     [
      "centroid",
      "centre of gravity"
     ],
     [
      "inscribed",
      "centre of the largest circle inside"
     ],
     [
      "enclosing",
      "centre of the smallest circle around"
     ]
    ],
    "default": "middle"
   }
  },
  "SetCentre": {
   "x": {
    "written": "length",
    "name": "Centre, right",
    "least": -1000,
    "most": 1000
   },
   "y": {
    "written": "length",
    "name": "Centre, down",
    "least": -1000,
    "most": 1000
   }
  },
  "AtDegrees": {
   "degrees": {
    "written": "degrees",
    "name": "Turned by",
    "least": -360,
    "most": 360,
    "default": 0.0
   }
  },
  "Guides": {
   "spokes": {
    "name": "Spokes drawn",
    "written": "choice",
    "words": [
     [
      "all",
      "all"
     ],
     [
      "every second",
      "every second"
     ],
     [
      "first cross",
      "first cross"
     ],
     [
      "none",
      "none"
     ]
    ],
    "default": "all"
   },
   "circles": {
    "longest": 60
   },
   "at_rows": {
    "longest": 60
   },
   "boundary": {
    "name": "Boundary circle across",
    "written": "distance",
    "none": "none",
    "least": 5,
    "most": 1000,
    "open": true
   },
   "midlines": {
    "written": "tick",
    "name": "midlines",
    "default": false
   },
   "diagonals": {
    "written": "tick",
    "name": "diagonals",
    "default": false
   },
   "edge_parts": {
    "name": "Parts of each edge",
    "written": "count",
    "none": "none",
    "least": 2,
    "most": 64,
    "open": true,
    "whole": true
   },
   "rim_ticks": {
    "name": "Ticks at the edge",
    "written": "choice",
    "words": [
     [
      "4",
      "quarters"
     ],
     [
      "8",
      "eighths"
     ],
     [
      "16",
      "sixteenths"
     ],
     [
      "32",
      "32nds"
     ],
     [
      "64",
      "64ths"
     ]
    ],
    "none": "none",
    "open": true
   }
  },
  "CircleSteps": {
   "first": {
    "written": "distance",
    "name": "First circle at",
    "least": 0,
    "most": 1000,
    "above": 0
   },
   "step": {
    "written": "distance",
    "name": "Then every",
    "least": 1,
    "most": 60.0
   }
  },
  "GuideCircle": {
   "walk": {
    "written": "distance",
    "least": 0,
    "most": 1000
   }
  },
  "BareArea": {
   "name": {
    "written": "text",
    "name": "Name of the area",
    "fewest": 1,
    "longest": 120,
    "default": "Bare area"
   },
   "rows": {
    "name": "Rows",
    "written": "choice",
    "words": [
     [
      "pass under",
      "rows pass under it"
     ],
     [
      "stop evenly",
      "rows stop evenly beside it"
     ],
     [
      "go on",
      "rows go on over it"
     ],
     [
      "mask",
      "a peel-off mask lies on it"
     ]
    ],
    "default": "pass under"
   },
   "whole": {
    "written": "tick",
    "name": "whole dots only",
    "default": true
   },
   "gap": {
    "written": "length",
    "name": "Gap to it",
    "least": 0,
    "most": 20,
    "default": 0.3
   },
   "under": {
    "name": "Lies under",
    "written": "areas",
    "none": "none",
    "longest": 20
   },
   "shows": {
    "name": "This piece is",
    "written": "choice",
    "words": [
     [
      "what stays",
      "what stays"
     ],
     [
      "what comes off",
      "what comes off"
     ]
    ],
    "when": {
     "rows": [
      "mask"
     ]
    },
    "default": "what stays"
   }
  },
  "DiscRegion": {
   "x": {
    "written": "length",
    "name": "Right of the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "y": {
    "written": "length",
    "name": "Below the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "diameter": {
    "name": "Across",
    "written": "length",
    "least": 0.2,
    "most": 1000
   }
  },
  "BandRegion": {
   "inner": {
    "written": "distance",
    "name": "From",
    "least": 0,
    "most": 1000
   },
   "outer": {
    "written": "distance",
    "name": "To",
    "least": 0,
    "most": 1000
   }
  },
  "FormRegion": {
   "form": {
    "name": "Figure",
    "written": "choice",
    "words": [
     [
      "heart",
      "heart"
     ],
     [
      "leaf",
      "leaf"
     ],
     [
      "star",
      "star"
     ],
     [
      "moon",
      "moon"
     ],
     [
      "drop",
      "drop"
     ],
     [
      "flower",
      "flower"
     ],
     [
      "fish",
      "fish"
     ],
     [
      "bird",
      "bird"
     ],
     [
      "ghost",
      "ghost"
     ],
     [
      "fruit",
      "fruit"
     ],
     [
      "feather",
      "feather"
     ],
     [
      "ribbon loop",
      "ribbon loop"
     ],
     [
      "wing",
      "wing"
     ]
    ]
   },
   "across": {
    "name": "Across",
    "written": "length",
    "least": 1,
    "most": 1000
   },
   "down": {
    "name": "Down",
    "written": "length",
    "least": 1,
    "most": 1000
   },
   "points": {
    "name": "Points or petals",
    "written": "count",
    "when": {
     "form": [
      "star",
      "flower"
     ]
    },
    "least": 3,
    "most": 24,
    "whole": true,
    "default": 5
   },
   "x": {
    "written": "length",
    "name": "Right of the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "y": {
    "written": "length",
    "name": "Below the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "turn": {
    "written": "degrees",
    "name": "Turn",
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "mirrored": {
    "written": "tick",
    "name": "mirrored",
    "default": false
   },
   "times": {
    "name": "Times round",
    "written": "count",
    "least": 1,
    "most": 64,
    "whole": true,
    "default": 1
   }
  },
  "ShapeRegion": {
   "lines": {
    "fewest": 1,
    "longest": 40
   },
   "size": {
    "name": "Size",
    "written": "per cent",
    "least": 1,
    "most": 2000,
    "default": 100.0
   },
   "x": {
    "written": "length",
    "name": "Right of the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "y": {
    "written": "length",
    "name": "Below the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "turn": {
    "written": "degrees",
    "name": "Turn",
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "mirrored": {
    "written": "tick",
    "name": "mirrored",
    "default": false
   },
   "times": {
    "name": "Times round",
    "written": "count",
    "least": 1,
    "most": 64,
    "whole": true,
    "default": 1
   }
  },
  "WordRegion": {
   "text": {
    "name": "Words",
    "written": "text",
    "fewest": 1,
    "longest": 60
   },
   "font": {
    "name": "Letters",
    "written": "choice",
    "words": [
     [
      "round",
      "round"
     ],
     [
      "script",
      "script, joined"
     ],
     [
      "pen",
      "written with a pen"
     ],
     [
      "serif",
      "serif"
     ],
     [
      "narrow",
      "narrow"
     ],
     [
      "plain",
      "plain, most scripts"
     ]
    ],
    "default": "round"
   },
   "height": {
    "name": "Height of capitals",
    "written": "length",
    "least": 1,
    "most": 1000,
    "default": 12.0
   },
   "spacing": {
    "name": "Letters further apart",
    "written": "length",
    "least": -10,
    "most": 40,
    "default": 0.0
   },
   "runs": {
    "name": "Runs",
    "written": "choice",
    "words": [
     [
      "straight",
      "straight"
     ],
     [
      "over a circle",
      "over a circle"
     ],
     [
      "under a circle",
      "under a circle"
     ],
     [
      "along the edge",
      "along the edge"
     ],
     [
      "along the edge, heads inward",
      "along the edge, heads inward"
     ]
    ],
    "default": "straight"
   },
   "radius": {
    "name": "Radius of its foot line",
    "written": "length",
    "when": {
     "runs": [
      "over a circle",
      "under a circle"
     ]
    },
    "least": 1,
    "most": 1000,
    "default": 30.0
   },
   "inward": {
    "name": "Foot line inside the edge",
    "written": "length",
    "when": {
     "runs": [
      "along the edge",
      "along the edge, heads inward"
     ]
    },
    "least": 0,
    "most": 500,
    "default": 12.0
   },
   "x": {
    "written": "length",
    "name": "Right of the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "y": {
    "written": "length",
    "name": "Below the centre",
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "turn": {
    "written": "degrees",
    "name": "Turn",
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "mirrored": {
    "written": "tick",
    "name": "mirrored",
    "default": false
   },
   "times": {
    "name": "Times round",
    "written": "count",
    "least": 1,
    "most": 64,
    "whole": true,
    "default": 1
   }
  },
  "OutlineRegion": {
   "inward": {
    "written": "length",
    "name": "Inside the edge",
    "least": 0,
    "most": 1000,
    "default": 0.0
   }
  },
  "EndsRegion": {
   "beyond": {
    "name": "Beyond a circle",
    "written": "length",
    "least": 1,
    "most": 1000
   },
   "only": {
    "name": "Only number",
    "written": "count",
    "none": "all of them",
    "least": 1,
    "most": 12,
    "open": true,
    "whole": true
   }
  },
  "AreaBase": {
   "paints": {
    "fewest": 1,
    "longest": 5
   },
   "blend": {
    "name": "Blends",
    "written": "choice",
    "words": [
     [
      "along",
      "along a direction"
     ],
     [
      "outward",
      "outward"
     ]
    ],
    "default": "along"
   },
   "way": {
    "written": "degrees",
    "name": "In the direction",
    "when": {
     "blend": [
      "along"
     ]
    },
    "least": -360,
    "most": 360,
    "default": 180.0
   },
   "coats": {
    "name": "Coats",
    "written": "count",
    "least": 1,
    "most": 6,
    "whole": true,
    "default": 2
   }
  },
  "Row": {
   "label": {
    "written": "text",
    "name": "Note on this row",
    "longest": 120,
    "default": ""
   },
   "track": {
    "name": "Track"
   },
   "pattern": {
    "fewest": 1,
    "longest": 12
   },
   "start": {
    "name": "Start",
    "written": "variant",
    "words": [
     [
      "on lines",
      "on the lines"
     ],
     [
      "between",
      "between the lines"
     ],
     [
      "offset",
      "in the dips"
     ],
     [
      "in the V",
      "in the V of petals"
     ],
     [
      "angle",
      "at an angle"
     ]
    ],
    "wide": 136,
    "variants": {
     "on lines": "OnLines",
     "between": "Between",
     "offset": "Offset",
     "in the V": "InVee",
     "angle": "AtAngle"
    }
   },
   "spacing": {
    "name": "Spacing",
    "written": "choice",
    "words": [
     [
      "equal angles",
      "equal angles"
     ],
     [
      "equal gaps",
      "equal gaps"
     ]
    ],
    "wide": 118,
    "default": "equal angles"
   },
   "gap": {
    "written": "length",
    "name": "Gap",
    "wide": 82,
    "least": 0,
    "most": 20,
    "default": 0.4
   },
   "half": {
    "name": "Half",
    "written": "choice",
    "words": [
     [
      "front",
      "front"
     ],
     [
      "back",
      "back"
     ],
     [
      "both",
      "both halves"
     ]
    ],
    "wide": 104,
    "default": "front"
   },
   "laid": {
    "name": "Lies",
    "written": "choice",
    "words": [
     [
      "beside",
      "beside the dots"
     ],
     [
      "under",
      "under the dots"
     ],
     [
      "over",
      "over the dots"
     ]
    ],
    "wide": 146,
    "default": "beside"
   },
   "shades": {
    "name": "Shades",
    "written": "shades",
    "fewest": 1,
    "longest": 24
   },
   "mirrored": {
    "name": "Each place",
    "written": "variant",
    "words": [
     [
      "angle",
      "twice, by an angle"
     ],
     [
      "distance",
      "twice, by a distance"
     ]
    ],
    "none": "once",
    "wide": 152,
    "open": true,
    "variants": {
     "angle": "ByAngle",
     "distance": "ByDistance"
    }
   },
   "trims": {
    "longest": 8
   },
   "trimmed": {
    "least": 0,
    "most": 11,
    "open": true,
    "whole": true
   }
  },
  "Member": {
   "diameter": {
    "written": "length",
    "name": "size",
    "wide": 86,
    "least": 0.2,
    "most": 60.0
   },
   "form": {
    "name": "is",
    "written": "choice",
    "words": [
     [
      "dot",
      "a dot"
     ],
     [
      "blank",
      "left out"
     ],
     [
      "oval",
      "an oval"
     ],
     [
      "leaf",
      "a leaf"
     ],
     [
      "stroke",
      "a stroke"
     ],
     [
      "diamond",
      "a diamond"
     ],
     [
      "bow",
      "a little arc"
     ],
     [
      "wave",
      "a wave"
     ],
     [
      "curl",
      "a curl"
     ],
     [
      "crystal",
      "a glued crystal"
     ],
     [
      "line",
      "a line throughout"
     ]
    ],
    "default": "dot"
   },
   "length": {
    "name": "length",
    "written": "length",
    "wide": 86,
    "least": 0.2,
    "most": 120,
    "open": true
   },
   "lies": {
    "name": "points",
    "written": "choice",
    "words": [
     [
      "outward",
      "outward"
     ],
     [
      "along",
      "along the row"
     ]
    ],
    "default": "outward"
   },
   "slant": {
    "name": "slant",
    "written": "degrees",
    "wide": 78,
    "least": -90,
    "most": 90,
    "default": 0.0
   },
   "most": {
    "name": "at most",
    "written": "count",
    "wide": 86,
    "least": 1,
    "most": 12000,
    "open": true,
    "whole": true
   },
   "share": {
    "name": "of the paint",
    "written": "per cent",
    "wide": 118,
    "above": 0,
    "most": 100,
    "open": true
   }
  },
  "Group": {
   "kind": {
    "name": "At each place",
    "written": "choice",
    "words": [
     [
      "line",
      "a line outward"
     ],
     [
      "pair",
      "a pair"
     ],
     [
      "triangle",
      "a triangle"
     ],
     [
      "diamond",
      "a diamond"
     ],
     [
      "box",
      "a box"
     ],
     [
      "fan",
      "a fan"
     ]
    ],
    "none": "one dot",
    "wide": 124
   },
   "count": {
    "name": "Dots each",
    "written": "count",
    "when": {
     "kind": [
      "line",
      "fan"
     ]
    },
    "wide": 88,
    "least": 2,
    "most": 12,
    "whole": true,
    "default": 3
   },
   "falls": {
    "name": "Smaller by",
    "written": "share",
    "when": {
     "kind": [
      "line"
     ]
    },
    "wide": 88,
    "least": 0,
    "most": 0.6,
    "default": 0.0
   }
  },
  "Accepted": {
   "key": {
    "fewest": 1,
    "longest": 200
   },
   "reason": {
    "written": "text",
    "longest": 120
   }
  },
  "PerSegment": {
   "repeats": {
    "least": 1,
    "most": 100,
    "whole": true,
    "default": 1
   },
   "segments": {
    "least": 1,
    "most": 64,
    "whole": true,
    "default": 1
   }
  },
  "Absolute": {
   "repeats": {
    "written": "count",
    "least": 1,
    "most": 2000,
    "whole": true
   }
  },
  "AtWalk": {
   "walk": {
    "written": "distance",
    "name": "Walk distance",
    "wide": 92,
    "least": 0,
    "most": 1000
   }
  },
  "FromEdge": {
   "inward": {
    "written": "distance",
    "name": "In from the edge",
    "wide": 92,
    "least": 0,
    "most": 1000
   }
  },
  "AtAngle": {
   "degrees": {
    "written": "degrees",
    "name": "Angle",
    "wide": 84,
    "least": -360,
    "most": 360
   }
  },
  "ToLength": {
   "mm": {
    "name": "Swipe length",
    "written": "length",
    "wide": 82,
    "least": 0.5,
    "most": 300
   }
  },
  "ToCircle": {
   "walk": {
    "written": "distance",
    "name": "To the circle at",
    "wide": 92,
    "least": 0,
    "most": 1000
   }
  },
  "Motif": {
   "name": {
    "written": "text",
    "name": "Name of the motif",
    "wide": 150,
    "fewest": 1,
    "longest": 120,
    "default": "Motif"
   },
   "segments": {
    "written": "count",
    "name": "Its segments",
    "wide": 84,
    "least": 2,
    "most": 64,
    "whole": true,
    "default": 6
   },
   "turn": {
    "written": "degrees",
    "name": "Turn of its first spoke",
    "wide": 118,
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "places": {
    "name": "Stands",
    "written": "variant",
    "words": [
     [
      "given",
      "at places of its own"
     ],
     [
      "around",
      "round the centre"
     ]
    ],
    "wide": 160,
    "variants": {
     "given": "AtSpots",
     "around": "AroundCentre"
    }
   }
  },
  "Spot": {
   "x": {
    "written": "length",
    "name": "Right of the centre",
    "wide": 112,
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "y": {
    "written": "length",
    "name": "Below the centre",
    "wide": 112,
    "least": -1000,
    "most": 1000,
    "default": 0.0
   },
   "turn": {
    "written": "degrees",
    "name": "Turned by",
    "wide": 84,
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "mirrored": {
    "written": "tick",
    "name": "mirrored",
    "default": false
   }
  },
  "AtSpots": {
   "spots": {
    "fewest": 1,
    "longest": 24
   }
  },
  "AroundCentre": {
   "count": {
    "name": "How many",
    "written": "count",
    "wide": 84,
    "least": 1,
    "most": 24,
    "whole": true,
    "default": 4
   },
   "walk": {
    "written": "distance",
    "name": "From the centre",
    "wide": 104,
    "least": 0,
    "most": 1000
   },
   "first": {
    "written": "degrees",
    "name": "First at",
    "wide": 84,
    "least": -360,
    "most": 360,
    "default": 0.0
   }
  },
  "Width": {
   "across": {
    "name": "As wide as",
    "written": "length",
    "wide": 84,
    "least": 1,
    "most": 1000
   }
  },
  "ToAngle": {
   "degrees": {
    "name": "Round to",
    "written": "degrees",
    "wide": 92,
    "least": 5,
    "most": 178
   }
  },
  "Size": {
   "diameter": {
    "written": "length",
    "least": 0.2,
    "most": 60.0
   },
   "share": {
    "written": "share",
    "least": 0.1,
    "most": 1,
    "open": true
   }
  },
  "Layer": {
   "size": {
    "name": "Dot of the layer",
    "written": "size",
    "none": "as the petal",
    "open": true
   },
   "tip": {
    "name": "Its tip",
    "written": "size",
    "none": "as the others",
    "open": true
   },
   "span": {
    "name": "Runs",
    "written": "choice",
    "words": [
     [
      "foot",
      "to the foot"
     ],
     [
      "flanks",
      "tip and two flanks"
     ],
     [
      "shoulders",
      "from the shoulders down"
     ]
    ],
    "wide": 160,
    "default": "foot"
   },
   "count": {
    "name": "Dots a side",
    "written": "count",
    "none": "same",
    "wide": 88,
    "least": 1,
    "most": 60,
    "open": true,
    "whole": true
   },
   "load": {
    "name": "Loading",
    "written": "choice",
    "words": [
     [
      "one",
      "one load, diminishing"
     ],
     [
      "two",
      "two loads a side"
     ],
     [
      "each",
      "reloaded, equal"
     ]
    ],
    "none": "as the petal",
    "wide": 158,
    "open": true
   },
   "gap": {
    "written": "length",
    "name": "Gap",
    "none": "same",
    "wide": 92,
    "least": 0,
    "most": 20,
    "open": true
   },
   "shades": {
    "name": "Shades",
    "written": "shades",
    "none": "as the petal",
    "longest": 24
   },
   "change": {
    "written": "share",
    "name": "Changes at",
    "none": "evenly",
    "wide": 88,
    "least": 0.1,
    "most": 1,
    "open": true
   }
  },
  "ByAngle": {
   "degrees": {
    "name": "To either side",
    "written": "degrees",
    "wide": 96,
    "least": 0,
    "most": 90
   }
  },
  "ByDistance": {
   "mm": {
    "name": "Off the line",
    "written": "length",
    "wide": 96,
    "least": 0,
    "most": 200
   }
  },
  "Tool": {
   "name": {
    "written": "text",
    "name": "Name",
    "fewest": 1,
    "longest": 120
   },
   "kind": {
    "name": "Kind",
    "written": "choice",
    "words": [
     [
      "rod",
      "rod"
     ],
     [
      "dowel",
      "dowel"
     ],
     [
      "ball stylus",
      "ball stylus"
     ],
     [
      "silicone point",
      "silicone point"
     ],
     [
      "silicone chisel",
      "silicone chisel"
     ],
     [
      "scribing point",
      "scribing point"
     ],
     [
      "needle",
      "needle"
     ],
     [
      "brush",
      "brush"
     ],
     [
      "paint pen",
      "paint pen"
     ],
     [
      "household",
      "household"
     ]
    ],
    "default": "ball stylus"
   },
   "tip": {
    "written": "length",
    "name": "Tip",
    "none": "not measured",
    "least": 0.2,
    "most": 60.0,
    "open": true
   },
   "dots": {
    "written": "length",
    "name": "Dots",
    "least": 0.2,
    "most": 60.0,
    "fewest": 1,
    "longest": 12
   },
   "sizes": {
    "name": "Sizes",
    "written": "choice",
    "words": [
     [
      "measured",
      "measured"
     ],
     [
      "typical",
      "typical of its kind"
     ]
    ],
    "default": "measured"
   },
   "handle": {
    "written": "text",
    "name": "Handle, if it has two ends",
    "longest": 120,
    "default": ""
   },
   "note": {
    "written": "text",
    "name": "Note",
    "longest": 120,
    "default": ""
   },
   "wear": {
    "name": "Wears",
    "written": "choice",
    "words": [
     [
      "unknown",
      "not known"
     ],
     [
      "hardly",
      "hardly"
     ],
     [
      "slowly",
      "slowly"
     ],
     [
      "quickly",
      "quickly: measure it often"
     ]
    ],
    "default": "unknown"
   },
   "ranges": {
    "longest": 24
   }
  },
  "Load": {
   "ratio": {
    "least": 0.5,
    "most": 1
   },
   "dots": {
    "name": "Dots from one load",
    "written": "count",
    "least": 2,
    "most": 60,
    "whole": true
   }
  },
  "Paint": {
   "name": {
    "written": "text",
    "name": "Name",
    "fewest": 1,
    "longest": 120
   },
   "colour": {
    "written": "colour",
    "name": "Colour"
   },
   "body": {
    "name": "Body",
    "written": "choice",
    "words": [
     [
      "fluid",
      "fluid"
     ],
     [
      "medium",
      "medium"
     ],
     [
      "heavy",
      "heavy"
     ]
    ],
    "default": "medium"
   },
   "finish": {
    "name": "Finish",
    "written": "choice",
    "words": [
     [
      "matte",
      "matte"
     ],
     [
      "satin",
      "satin"
     ],
     [
      "gloss",
      "gloss"
     ],
     [
      "metallic",
      "metallic"
     ],
     [
      "pearl",
      "pearl"
     ],
     [
      "glitter",
      "glitter"
     ],
     [
      "neon",
      "neon"
     ]
    ],
    "default": "matte"
   },
   "medium": {
    "name": "Mixed in",
    "written": "choice",
    "words": [
     [
      "none",
      "nothing"
     ],
     [
      "pouring",
      "pouring medium"
     ],
     [
      "gel",
      "gel or pearl medium"
     ],
     [
      "retarder",
      "retarder"
     ]
    ],
    "default": "none"
   },
   "binder": {
    "name": "Kind of paint",
    "written": "choice",
    "words": [
     [
      "acrylic",
      "acrylic"
     ],
     [
      "multi-surface",
      "multi-surface"
     ],
     [
      "bake-on enamel",
      "bake-on enamel"
     ],
     [
      "pen",
      "pen"
     ]
    ],
    "default": "acrylic"
   },
   "cover": {
    "name": "Cover",
    "written": "choice",
    "words": [
     [
      "opaque",
      "covers well"
     ],
     [
      "half",
      "covers half"
     ],
     [
      "translucent",
      "see-through"
     ]
    ],
    "default": "opaque"
   },
   "note": {
    "written": "text",
    "name": "Note",
    "longest": 120,
    "default": ""
   },
   "swabs": {
    "name": "Swabs",
    "longest": 12
   },
   "left": {
    "name": "Left, ml",
    "written": "number",
    "least": 0,
    "most": 5000,
    "open": true
   },
   "darker": {
    "name": "Dries darker by",
    "written": "share",
    "wide": 110,
    "least": 0,
    "most": 0.5,
    "default": 0.1
   },
   "coats": {
    "name": "Coats on a dark base",
    "written": "count",
    "least": 1,
    "most": 6,
    "whole": true,
    "default": 1
   },
   "price": {
    "name": "Price of 100 ml",
    "written": "number",
    "least": 0,
    "most": 10000,
    "open": true
   },
   "parts": {
    "longest": 6
   }
  },
  "Swab": {
   "white": {
    "name": "Parts of white to one",
    "written": "number",
    "above": 0,
    "most": 50
   },
   "colour": {
    "written": "colour",
    "name": "Colour when dry"
   }
  },
  "Ramp": {
   "name": {
    "written": "text",
    "name": "Name of the ramp",
    "fewest": 1,
    "longest": 120
   },
   "stops": {
    "name": "Stop",
    "fewest": 2,
    "longest": 5
   },
   "steps": {
    "name": "Steps",
    "written": "count",
    "least": 2,
    "most": 12,
    "whole": true,
    "default": 5
   },
   "even": {
    "name": "Steps are even",
    "written": "choice",
    "words": [
     [
      "mixed",
      "along the mix"
     ],
     [
      "seen",
      "to the eye"
     ]
    ],
    "default": "mixed"
   }
  },
  "MixedPot": {
   "name": {
    "written": "text",
    "name": "Name",
    "fewest": 1,
    "longest": 120
   },
   "colour": {
    "written": "colour",
    "name": "Colour"
   },
   "parts": {
    "fewest": 1,
    "longest": 6
   },
   "ml": {
    "name": "Mixed, ml",
    "written": "number",
    "above": 0,
    "most": 1000
   },
   "uses": {
    "longest": 60
   }
  },
  "Work": {
   "base_coats": {
    "name": "Base coats",
    "written": "count",
    "none": "as the material takes",
    "least": 0,
    "most": 6,
    "open": true,
    "whole": true
   },
   "sides": {
    "written": "tick",
    "name": "coat the sides as well",
    "default": false
   },
   "underbase": {
    "written": "tick",
    "name": "a light underbase under bright colours",
    "default": false
   },
   "seal_base": {
    "written": "tick",
    "name": "seal the base, so that mistakes wipe off",
    "default": false
   },
   "petals": {
    "name": "Petals",
    "written": "choice",
    "words": [
     [
      "side by side",
      "all left sides, then all right"
     ],
     [
      "one by one",
      "petal by petal"
     ]
    ],
    "default": "side by side"
   },
   "order": {
    "name": "Order",
    "written": "choice",
    "words": [
     [
      "outward",
      "from the centre outward"
     ],
     [
      "boundary last",
      "outward, boundary rows as well"
     ],
     [
      "few changes",
      "few changes of tool and pot"
     ]
    ],
    "default": "outward"
   },
   "sitting": {
    "name": "Longest sitting, minutes",
    "written": "number",
    "least": 10,
    "most": 600,
    "default": 120.0
   },
   "swirl": {
    "written": "tick",
    "name": "swirl the centre dot flat where something goes on it",
    "default": true
   },
   "erase": {
    "name": "Guides off",
    "written": "choice",
    "words": [
     [
      "at the end",
      "at the end"
     ],
     [
      "after the first rows",
      "after the first rows"
     ]
    ],
    "default": "at the end"
   },
   "coat": {
    "name": "Finish",
    "written": "choice",
    "words": [
     [
      "brushed varnish",
      "varnish by brush"
     ],
     [
      "sprayed varnish",
      "varnish from a can"
     ],
     [
      "poured",
      "a poured top coat"
     ],
     [
      "resin",
      "resin"
     ],
     [
      "baked",
      "baked in the oven"
     ],
     [
      "none",
      "nothing"
     ]
    ],
    "default": "brushed varnish"
   },
   "coats": {
    "name": "Coats",
    "written": "count",
    "least": 0,
    "most": 6,
    "whole": true,
    "default": 2
   },
   "overlay": {
    "name": "Over the dots",
    "written": "choice",
    "words": [
     [
      "none",
      "nothing"
     ],
     [
      "pearl",
      "pearl"
     ],
     [
      "glitter",
      "glitter"
     ],
     [
      "chrome",
      "chrome"
     ]
    ],
    "default": "none"
   },
   "selective": {
    "written": "tick",
    "name": "gloss on the dots, the field matte",
    "default": false
   },
   "use": {
    "name": "The piece is",
    "written": "choice",
    "words": [
     [
      "to look at",
      "to look at"
     ],
     [
      "to be used",
      "to be used every day"
     ]
    ],
    "default": "to look at"
   },
   "backing": {
    "name": "Back",
    "written": "choice",
    "words": [
     [
      "none",
      "nothing"
     ],
     [
      "felt",
      "felt"
     ],
     [
      "cork",
      "cork"
     ],
     [
      "feet",
      "feet"
     ],
     [
      "hanger",
      "a hanger"
     ]
    ],
    "default": "none"
   },
   "warmth": {
    "name": "Warmth of the room, °C",
    "written": "number",
    "least": 5,
    "most": 40,
    "default": 20.0
   },
   "moves": {
    "longest": 200
   },
   "repairs": {
    "longest": 200
   }
  },
  "Hand": {
   "side": {
    "name": "Hand",
    "written": "choice",
    "words": [
     [
      "right",
      "right"
     ],
     [
      "left",
      "left"
     ]
    ],
    "default": "right"
   },
   "radius": {
    "name": "Radius of the resting hand",
    "written": "length",
    "least": 5,
    "most": 80,
    "default": 30.0
   },
   "reach": {
    "name": "From the place to the hand",
    "written": "length",
    "least": 20,
    "most": 200,
    "default": 70.0
   }
  },
  "Costs": {
   "tool": {
    "name": "For a change of tool",
    "written": "number",
    "least": 0,
    "most": 600,
    "default": 1.5
   },
   "pot": {
    "name": "For a change of pot",
    "written": "number",
    "least": 0,
    "most": 600,
    "default": 3.0
   },
   "hand": {
    "name": "For a hand over wet paint",
    "written": "number",
    "least": 0,
    "most": 600,
    "default": 1.0
   }
  },
  "Measurement": {
   "body": {
    "name": "Paint",
    "written": "choice",
    "words": [
     [
      "fluid",
      "fluid"
     ],
     [
      "medium",
      "medium"
     ],
     [
      "heavy",
      "heavy"
     ]
    ],
    "default": "medium"
   },
   "surface": {
    "name": "Material",
    "written": "choice",
    "words": [
     [
      "cast stone",
      "cast stone"
     ],
     [
      "natural stone",
      "natural stone"
     ],
     [
      "glazed tile",
      "glazed tile"
     ],
     [
      "canvas",
      "canvas"
     ],
     [
      "wood",
      "wood"
     ],
     [
      "other",
      "other"
     ]
    ],
    "default": "cast stone"
   },
   "load": {
    "name": "Load",
    "written": "choice",
    "words": [
     [
      "light",
      "light"
     ],
     [
      "usual",
      "usual"
     ],
     [
      "full",
      "full"
     ]
    ],
    "default": "usual"
   },
   "diameters": {
    "written": "length",
    "name": "Dots",
    "least": 0.2,
    "most": 60.0,
    "fewest": 1,
    "longest": 200
   },
   "how": {
    "name": "How",
    "written": "choice",
    "words": [
     [
      "typed",
      "typed"
     ],
     [
      "photographed",
      "photographed"
     ]
    ],
    "default": "typed"
   },
   "note": {
    "written": "text",
    "name": "Note",
    "longest": 120,
    "default": ""
   }
  },
  "Corrected": {
   "sitting": {
    "least": 1,
    "most": 5000,
    "whole": true
   },
   "minutes": {
    "name": "Minutes at the table",
    "written": "number",
    "none": "as told",
    "least": 0,
    "most": 1440,
    "open": true
   }
  },
  "Mixed": {
   "margin": {
    "name": "Margin",
    "written": "share",
    "wide": 110,
    "least": 0,
    "most": 2,
    "default": 0.2
   }
  },
  "Found": {
   "diameter": {
    "written": "length",
    "name": "It measures",
    "least": 0.2,
    "most": 60.0,
    "open": true
   },
   "outward": {
    "name": "Outward by",
    "written": "length",
    "least": -20,
    "most": 20,
    "default": 0.0
   },
   "right": {
    "name": "To the right, looking outward, by",
    "written": "length",
    "least": -20,
    "most": 20,
    "default": 0.0
   }
  },
  "Round": {
   "diameter": {
    "written": "distance",
    "name": "Diameter",
    "along": "across",
    "least": 10,
    "most": 1000
   }
  },
  "Oval": {
   "length": {
    "written": "distance",
    "name": "Length",
    "along": "across",
    "least": 10,
    "most": 1000
   },
   "width": {
    "written": "distance",
    "name": "Width",
    "along": "down",
    "least": 10,
    "most": 1000
   }
  },
  "Square": {
   "side": {
    "written": "distance",
    "name": "Side",
    "along": "across",
    "least": 10,
    "most": 1000
   },
   "corner": {
    "written": "distance",
    "name": "Corner radius",
    "least": 0,
    "most": 1000,
    "default": 0.0
   }
  },
  "Rectangle": {
   "length": {
    "written": "distance",
    "name": "Length",
    "along": "across",
    "least": 10,
    "most": 1000
   },
   "width": {
    "written": "distance",
    "name": "Width",
    "along": "down",
    "least": 10,
    "most": 1000
   },
   "corner": {
    "written": "distance",
    "name": "Corner radius",
    "least": 0,
    "most": 1000,
    "default": 0.0
   }
  },
  "Polygon": {
   "sides": {
    "name": "Sides",
    "written": "count",
    "least": 3,
    "most": 24,
    "whole": true
   },
   "side": {
    "written": "distance",
    "name": "Length of a side",
    "least": 10,
    "most": 1000
   }
  },
  "Heart": {
   "length": {
    "written": "distance",
    "name": "Length",
    "along": "down",
    "least": 10,
    "most": 1000
   },
   "width": {
    "written": "distance",
    "name": "Width",
    "along": "across",
    "least": 10,
    "most": 1000
   }
  },
  "Cross": {
   "length": {
    "written": "distance",
    "name": "Length",
    "along": "down",
    "least": 10,
    "most": 1000
   },
   "width": {
    "written": "distance",
    "name": "Width",
    "along": "across",
    "least": 10,
    "most": 1000
   },
   "arm": {
    "written": "distance",
    "name": "Width of the bars",
    "least": 10,
    "most": 1000
   },
   "bar": {
    "written": "distance",
    "name": "Level bar, from the top",
    "none": "halfway",
    "wide": 130,
    "least": 10,
    "most": 1000,
    "open": true
   }
  },
  "Leaf": {
   "length": {
    "written": "distance",
    "name": "Length",
    "along": "down",
    "least": 10,
    "most": 1000
   },
   "width": {
    "written": "distance",
    "name": "Width",
    "along": "across",
    "least": 10,
    "most": 1000
   }
  },
  "Spoked": {
   "distances": {
    "written": "distance",
    "name": "Distances from the centre, clockwise from the top",
    "least": 10,
    "most": 1000,
    "fewest": 6,
    "longest": 72
   },
   "between": {
    "name": "Between the spokes",
    "written": "choice",
    "words": [
     [
      "smooth",
      "smooth, never beyond what was measured"
     ],
     [
      "swinging",
      "swinging out a little, as in earlier pieces"
     ]
    ],
    "default": "swinging"
   }
  },
  "Odd": {
   "x": {
    "written": "length",
    "least": -1000,
    "most": 1000,
    "fewest": 3,
    "longest": 2000
   },
   "y": {
    "written": "length",
    "least": -1000,
    "most": 1000,
    "fewest": 3,
    "longest": 2000
   }
  },
  "Flat": {},
  "Dome": {
   "rise": {
    "written": "length",
    "name": "Rise",
    "least": 0,
    "most": 1000,
    "above": 0
   }
  },
  "TapedDome": {
   "tape": {
    "written": "length",
    "name": "Tape from edge to edge",
    "least": 10,
    "most": 1000
   }
  },
  "Plate": {
   "well": {
    "written": "distance",
    "name": "Well across",
    "least": 10,
    "most": 1000
   },
   "rise": {
    "written": "length",
    "name": "Rise of the rim",
    "least": 0,
    "most": 1000,
    "default": 0.0
   }
  },
  "Ball": {
   "poles": {
    "name": "Poles",
    "written": "choice",
    "words": [
     [
      "hanger",
      "at the hanger"
     ],
     [
      "sides",
      "to the sides"
     ]
    ],
    "default": "hanger"
   }
  },
  "Egg": {
   "length": {
    "written": "distance",
    "name": "Pole to pole",
    "least": 10,
    "most": 1000
   },
   "widest": {
    "written": "distance",
    "name": "Widest at",
    "least": 10,
    "most": 1000
   },
   "poles": {
    "name": "Poles",
    "written": "choice",
    "words": [
     [
      "hanger",
      "at the hanger"
     ],
     [
      "sides",
      "to the sides"
     ]
    ],
    "default": "hanger"
   }
  },
  "CentreTrack": {},
  "RingTrack": {
   "beyond": {
    "name": "At the border",
    "written": "choice",
    "words": [
     [
      "stop",
      "stops"
     ],
     [
      "carry on",
      "carries on, whole dots"
     ]
    ],
    "wide": 150,
    "default": "stop"
   }
  },
  "InsetTrack": {},
  "LineTrack": {
   "lines": {
    "name": "Lines",
    "written": "count",
    "wide": 88,
    "least": 1,
    "most": 200,
    "whole": true,
    "default": 1
   },
   "spacing": {
    "name": "Apart",
    "written": "length",
    "wide": 88,
    "least": 0.5,
    "most": 1000,
    "default": 10.0
   },
   "angle": {
    "written": "degrees",
    "name": "Slant",
    "wide": 88,
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "areas": {
    "name": "Across",
    "written": "areas",
    "none": "the blank",
    "longest": 20
   }
  },
  "ArcTrack": {
   "start": {
    "written": "distance",
    "name": "From circle",
    "wide": 88,
    "least": 0,
    "most": 1000
   },
   "end": {
    "written": "distance",
    "name": "To circle",
    "wide": 88,
    "least": 0,
    "most": 1000
   },
   "across": {
    "name": "Segments on",
    "written": "number",
    "wide": 88,
    "least": 0,
    "most": 64,
    "default": 1.0
   },
   "bulge": {
    "name": "Bulge",
    "written": "length",
    "wide": 88,
    "least": -500,
    "most": 500,
    "default": 0.0
   },
   "every": {
    "written": "count",
    "name": "Every … segments",
    "wide": 88,
    "least": 1,
    "most": 64,
    "whole": true,
    "default": 1
   },
   "mirrored": {
    "written": "tick",
    "name": "mirrored",
    "default": false
   }
  },
  "SpiralTrack": {
   "inner": {
    "written": "distance",
    "name": "Begins at",
    "wide": 88,
    "least": 0,
    "most": 1000
   },
   "outer": {
    "written": "distance",
    "name": "Ends at",
    "wide": 88,
    "least": 0,
    "most": 1000
   },
   "turns": {
    "name": "Turns",
    "written": "number",
    "wide": 72,
    "least": 0.1,
    "most": 60,
    "default": 3.0
   },
   "clockwise": {
    "written": "tick",
    "name": "clockwise",
    "default": true
   }
  },
  "PathTrack": {
   "lines": {
    "fewest": 1,
    "longest": 40
   },
   "every": {
    "name": "Every … segments",
    "written": "count",
    "wide": 88,
    "least": 0,
    "most": 64,
    "whole": true,
    "default": 0
   },
   "mirrored": {
    "written": "tick",
    "name": "mirrored",
    "default": false
   }
  },
  "CornerTrack": {
   "inward": {
    "written": "length",
    "name": "In from the corner",
    "wide": 88,
    "least": 0,
    "most": 1000,
    "default": 8.0
   }
  },
  "EdgeTrack": {
   "areas": {
    "name": "Areas",
    "written": "areas",
    "none": "none",
    "longest": 20
   },
   "side": {
    "name": "Lies",
    "written": "choice",
    "words": [
     [
      "on",
      "on the line"
     ],
     [
      "outside",
      "outside it"
     ],
     [
      "inside",
      "inside it"
     ]
    ],
    "default": "outside"
   },
   "off": {
    "written": "length",
    "name": "Off the edge",
    "least": 0,
    "most": 20,
    "default": 0.3
   },
   "lines": {
    "name": "Lines, one in the other",
    "written": "count",
    "least": 1,
    "most": 60,
    "whole": true,
    "default": 1
   }
  },
  "StrokesTrack": {
   "areas": {
    "name": "Areas",
    "written": "areas",
    "none": "none",
    "longest": 20
   }
  },
  "FanTrack": {
   "at": {
    "name": "Fans",
    "written": "choice",
    "words": [
     [
      "ends",
      "at both ends"
     ],
     [
      "corners",
      "in the corners"
     ],
     [
      "lines",
      "on the lines"
     ],
     [
      "between",
      "between the lines"
     ]
    ],
    "wide": 148,
    "default": "ends"
   },
   "most": {
    "name": "Swipes at most",
    "written": "count",
    "wide": 112,
    "least": 1,
    "most": 25,
    "whole": true,
    "default": 9
   },
   "middle": {
    "name": "In the middle",
    "written": "choice",
    "words": [
     [
      "one",
      "one swipe"
     ],
     [
      "pair",
      "a pair"
     ]
    ],
    "wide": 112,
    "default": "one"
   },
   "form": {
    "name": "Form",
    "written": "choice",
    "words": [
     [
      "teardrop",
      "teardrop"
     ],
     [
      "straight",
      "long and thin"
     ]
    ],
    "wide": 124,
    "default": "teardrop"
   },
   "shorter": {
    "name": "Each shorter by",
    "written": "share",
    "wide": 112,
    "least": 0.05,
    "most": 0.6,
    "default": 0.05
   },
   "arc": {
    "written": "distance",
    "name": "Heads at",
    "none": "the outer edge",
    "wide": 150,
    "least": 0,
    "most": 1000,
    "open": true
   },
   "focus": {
    "written": "distance",
    "name": "Tails run to",
    "none": "where there is room",
    "wide": 180,
    "least": 0,
    "most": 1000,
    "open": true
   }
  },
  "FillTrack": {
   "where": {
    "name": "Fill",
    "written": "choice",
    "words": [
     [
      "inside",
      "the inside of"
     ],
     [
      "round",
      "what lies round"
     ]
    ],
    "default": "inside"
   },
   "areas": {
    "name": "Areas",
    "written": "areas",
    "none": "none",
    "longest": 20
   },
   "manner": {
    "name": "Dots lie",
    "written": "choice",
    "words": [
     [
      "packed",
      "packed close"
     ],
     [
      "airy",
      "airy"
     ],
     [
      "scattered",
      "scattered"
     ],
     [
      "inward",
      "following the edge"
     ],
     [
      "swirling",
      "swirling"
     ],
     [
      "graded",
      "graded, large to small"
     ],
     [
      "square",
      "square lattice"
     ],
     [
      "slanted",
      "slanted lattice"
     ],
     [
      "micro",
      "micro dots only"
     ]
    ],
    "default": "packed"
   },
   "way": {
    "written": "degrees",
    "name": "In the direction",
    "when": {
     "manner": [
      "swirling",
      "graded",
      "square",
      "slanted"
     ]
    },
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "shading": {
    "name": "Shades go",
    "written": "choice",
    "words": [
     [
      "in turn",
      "in turn"
     ],
     [
      "from the edge",
      "from the edge"
     ],
     [
      "from what lies in it",
      "from what lies in it"
     ],
     [
      "outward",
      "from the centre outward"
     ],
     [
      "downward",
      "from top to bottom"
     ],
     [
      "along",
      "along a direction"
     ],
     [
      "by size",
      "by size, largest first"
     ],
     [
      "at random",
      "at random"
     ],
     [
      "never alike",
      "so that neighbours differ"
     ]
    ],
    "default": "in turn"
   },
   "shade_way": {
    "written": "degrees",
    "name": "Direction of the shades",
    "when": {
     "shading": [
      "along"
     ]
    },
    "least": -360,
    "most": 360,
    "default": 0.0
   },
   "bands": {
    "name": "Bands of",
    "written": "choice",
    "words": [
     [
      "equal paint",
      "equal paint"
     ],
     [
      "equal areas",
      "equal area"
     ],
     [
      "equal steps",
      "equal width"
     ]
    ],
    "when": {
     "shading": [
      "from the edge",
      "from what lies in it",
      "outward",
      "downward",
      "along",
      "by size"
     ]
    },
    "default": "equal paint"
   },
   "free": {
    "name": "free, not the same in every segment",
    "written": "tick",
    "default": false
   },
   "seed": {
    "name": "Another one like it",
    "written": "count",
    "least": 0,
    "most": 2147483647,
    "whole": true,
    "default": 1
   }
  },
  "GapsTrack": {
   "sizes": {
    "name": "Fill with",
    "written": "choice",
    "words": [
     [
      "largest",
      "the largest that fits"
     ],
     [
      "one size",
      "this size only"
     ]
    ],
    "wide": 160,
    "default": "largest"
   },
   "least": {
    "written": "length",
    "name": "Smallest",
    "wide": 88,
    "least": 0.2,
    "most": 60.0,
    "default": 0.6
   },
   "rows": {
    "name": "Gaps of rows",
    "written": "rows",
    "none": "all",
    "longest": 60
   },
   "border": {
    "written": "tick",
    "name": "at the border too",
    "default": false
   }
  },
  "WalkTrim": {
   "shades": {
    "name": "Shades",
    "written": "shades",
    "fewest": 1,
    "longest": 24
   },
   "on": {
    "longest": 12
   },
   "skips": {
    "written": "tick",
    "name": "never the shade below it",
    "default": false
   },
   "table": {
    "longest": 24
   },
   "size": {
    "name": "Walked dot",
    "written": "size"
   },
   "layers": {
    "name": "Layers",
    "written": "count",
    "wide": 70,
    "least": 1,
    "most": 6,
    "whole": true,
    "default": 1
   },
   "load": {
    "name": "Loading",
    "written": "choice",
    "words": [
     [
      "one",
      "one load, diminishing"
     ],
     [
      "two",
      "two loads a side"
     ],
     [
      "each",
      "reloaded, equal"
     ]
    ],
    "wide": 158,
    "default": "one"
   },
   "sides": {
    "name": "Sides",
    "written": "choice",
    "words": [
     [
      "both",
      "both sides"
     ],
     [
      "left",
      "left side only"
     ],
     [
      "right",
      "right side only"
     ]
    ],
    "wide": 118,
    "default": "both"
   },
   "count": {
    "name": "Dots a side",
    "written": "count",
    "none": "as many as fit",
    "wide": 88,
    "least": 1,
    "most": 60,
    "open": true,
    "whole": true
   },
   "begin": {
    "name": "Begins",
    "written": "choice",
    "words": [
     [
      "outer point",
      "from the outer point"
     ],
     [
      "foot",
      "from the foot"
     ]
    ],
    "wide": 148,
    "default": "outer point"
   },
   "lead": {
    "name": "Lead dots",
    "written": "count",
    "wide": 82,
    "least": 0,
    "most": 4,
    "whole": true,
    "default": 0
   },
   "gap": {
    "written": "length",
    "name": "Petal gap",
    "wide": 82,
    "least": 0,
    "most": 20,
    "default": 0.15
   },
   "shading": {
    "name": "Shading",
    "written": "choice",
    "words": [
     [
      "by layer",
      "a shade each layer"
     ],
     [
      "along",
      "along the petal"
     ],
     [
      "one",
      "one shade"
     ]
    ],
    "wide": 140,
    "default": "one"
   },
   "equal": {
    "written": "tick",
    "name": "as many on both sides",
    "default": true
   },
   "own": {
    "name": "Layer",
    "written": "rules",
    "longest": 6,
    "of": "Layer"
   },
   "trims": {
    "longest": 6
   }
  },
  "TopTrim": {
   "shades": {
    "name": "Shades",
    "written": "shades",
    "fewest": 1,
    "longest": 24
   },
   "on": {
    "longest": 12
   },
   "skips": {
    "written": "tick",
    "name": "never the shade below it",
    "default": false
   },
   "table": {
    "longest": 24
   },
   "sizes": {
    "name": "Top dot",
    "written": "sizes",
    "fewest": 1,
    "longest": 4
   },
   "towards": {
    "name": "Shifted",
    "written": "choice",
    "words": [
     [
      "centred",
      "centred"
     ],
     [
      "inward",
      "inward"
     ],
     [
      "outward",
      "outward"
     ],
     [
      "left",
      "left"
     ],
     [
      "right",
      "right"
     ]
    ],
    "wide": 104,
    "default": "centred"
   },
   "shift": {
    "name": "By",
    "written": "share",
    "when": {
     "towards": [
      "inward",
      "outward",
      "left",
      "right"
     ]
    },
    "wide": 82,
    "least": 0,
    "most": 1,
    "default": 0.6
   },
   "turns": {
    "written": "tick",
    "name": "shades take turns, the last between",
    "default": false
   },
   "trims": {
    "longest": 6
   }
  },
  "SwipeTrim": {
   "shades": {
    "name": "Shades",
    "written": "shades",
    "none": "in the dot's own shade",
    "longest": 24
   },
   "on": {
    "longest": 12
   },
   "skips": {
    "written": "tick",
    "name": "never the shade below it",
    "default": false
   },
   "table": {
    "longest": 24
   },
   "form": {
    "name": "Form",
    "written": "choice",
    "words": [
     [
      "teardrop",
      "teardrop"
     ],
     [
      "straight",
      "straight"
     ],
     [
      "comma left",
      "comma left"
     ],
     [
      "comma right",
      "comma right"
     ]
    ],
    "wide": 116,
    "default": "teardrop"
   },
   "direction": {
    "name": "Pulled",
    "written": "choice",
    "words": [
     [
      "outward",
      "outward"
     ],
     [
      "inward",
      "inward"
     ]
    ],
    "wide": 92,
    "default": "outward"
   },
   "to": {
    "name": "Pulled to",
    "written": "variant",
    "words": [
     [
      "length",
      "a length"
     ],
     [
      "circle",
      "a circle"
     ],
     [
      "contact",
      "first contact"
     ]
    ],
    "wide": 112,
    "variants": {
     "length": "ToLength",
     "circle": "ToCircle",
     "contact": "ToContact"
    }
   },
   "angle": {
    "name": "Turned",
    "written": "degrees",
    "wide": 78,
    "least": -180,
    "most": 180,
    "default": 0.0
   },
   "bend": {
    "name": "Bend",
    "written": "degrees",
    "when": {
     "form": [
      "comma left",
      "comma right"
     ]
    },
    "wide": 78,
    "least": 0,
    "most": 120,
    "default": 50.0
   },
   "family": {
    "name": "Side by side",
    "written": "count",
    "wide": 82,
    "least": 1,
    "most": 9,
    "whole": true,
    "default": 1
   },
   "shorter": {
    "name": "Each shorter by",
    "written": "share",
    "when": {
     "family": 2
    },
    "wide": 88,
    "least": 0,
    "most": 0.9,
    "default": 0.2
   },
   "lean": {
    "name": "Each leans",
    "written": "degrees",
    "when": {
     "family": 2
    },
    "wide": 88,
    "least": 0,
    "most": 60,
    "default": 18.0
   },
   "gap": {
    "written": "length",
    "name": "Gap",
    "wide": 82,
    "least": 0,
    "most": 20,
    "default": 0.2
   }
  },
  "HugTrim": {
   "shades": {
    "name": "Shades",
    "written": "shades",
    "none": "in the dot's own shade",
    "longest": 24
   },
   "on": {
    "longest": 12
   },
   "skips": {
    "written": "tick",
    "name": "never the shade below it",
    "default": false
   },
   "table": {
    "longest": 24
   },
   "size": {
    "name": "Head",
    "written": "size"
   },
   "sides": {
    "name": "Sides",
    "written": "choice",
    "words": [
     [
      "both",
      "both sides"
     ],
     [
      "left",
      "left side only"
     ],
     [
      "right",
      "right side only"
     ]
    ],
    "wide": 118,
    "default": "both"
   },
   "towards": {
    "name": "Pulled",
    "written": "choice",
    "words": [
     [
      "inward",
      "to the foot"
     ],
     [
      "outward",
      "to the tip"
     ]
    ],
    "wide": 104,
    "default": "inward"
   },
   "to": {
    "name": "Pulled to",
    "written": "variant",
    "words": [
     [
      "angle",
      "so far round"
     ],
     [
      "length",
      "a length"
     ],
     [
      "contact",
      "first contact"
     ]
    ],
    "wide": 116,
    "variants": {
     "angle": "ToAngle",
     "length": "ToLength",
     "contact": "ToContact"
    }
   },
   "form": {
    "name": "Form",
    "written": "choice",
    "words": [
     [
      "teardrop",
      "teardrop"
     ],
     [
      "straight",
      "long and thin"
     ]
    ],
    "wide": 124,
    "default": "teardrop"
   },
   "gap": {
    "written": "length",
    "name": "Gap",
    "wide": 82,
    "least": 0,
    "most": 20,
    "default": 0.2
   }
  },
  "OutlineTrim": {
   "shades": {
    "name": "Shades",
    "written": "shades",
    "none": "in the dot's own shade",
    "longest": 24
   },
   "on": {
    "longest": 12
   },
   "skips": {
    "written": "tick",
    "name": "never the shade below it",
    "default": false
   },
   "table": {
    "longest": 24
   },
   "size": {
    "name": "Line width",
    "written": "size"
   },
   "gap": {
    "written": "length",
    "name": "Gap",
    "wide": 82,
    "least": 0,
    "most": 20,
    "default": 0.3
   }
  },
  "PrintRequest": {
   "dots": {
    "name": "Dots",
    "written": "choice",
    "words": [
     [
      "outlines",
      "as outlines"
     ],
     [
      "centres",
      "as centres"
     ],
     [
      "none",
      "left out"
     ]
    ],
    "default": "outlines"
   },
   "spokes": {
    "written": "tick",
    "name": "Spokes",
    "default": true
   },
   "circles": {
    "written": "tick",
    "name": "Guide circles",
    "default": true
   },
   "border": {
    "written": "tick",
    "name": "Border",
    "default": true
   },
   "rows": {
    "least": 0,
    "most": 199,
    "longest": 200,
    "open": true
   },
   "margin": {
    "name": "Smaller all round by",
    "written": "length",
    "least": 0,
    "most": 40,
    "default": 2.0
   },
   "count": {
    "name": "How many",
    "written": "count",
    "least": 1,
    "most": 48,
    "whole": true,
    "default": 1
   },
   "paper": {
    "name": "Paper",
    "written": "choice",
    "words": [
     [
      "A4",
      "A4"
     ],
     [
      "A3",
      "A3"
     ],
     [
      "Letter",
      "US Letter"
     ]
    ],
    "default": "A4"
   },
   "way": {
    "name": "Way round",
    "written": "choice",
    "words": [
     [
      "fewest",
      "fewest pages"
     ],
     [
      "upright",
      "upright"
     ],
     [
      "across",
      "across"
     ]
    ],
    "default": "fewest"
   },
   "overlap": {
    "name": "Overlap",
    "written": "length",
    "least": 0,
    "most": 400,
    "default": 10.0
   },
   "most_pages": {
    "least": 1,
    "most": 400,
    "whole": true,
    "default": 60
   },
   "revision": {
    "written": "text",
    "longest": 120,
    "default": ""
   },
   "extra": {
    "name": "Margin",
    "written": "share",
    "least": 0,
    "most": 2,
    "default": 0.2
   }
  },
  "Printer": {
   "across": {
    "name": "Across, of {150}",
    "written": "length",
    "least": 136.36363636363635,
    "most": 166.66666666666666,
    "default": 150.0
   },
   "along": {
    "name": "Along, of {200}",
    "written": "length",
    "least": 181.8181818181818,
    "most": 222.22222222222223,
    "default": 200.0
   }
  },
  "SheetRequest": {
   "tools": {
    "fewest": 1,
    "longest": 4
   },
   "surface": {
    "name": "Material",
    "written": "choice",
    "words": [
     [
      "cast stone",
      "cast stone"
     ],
     [
      "natural stone",
      "natural stone"
     ],
     [
      "glazed tile",
      "glazed tile"
     ],
     [
      "canvas",
      "canvas"
     ],
     [
      "wood",
      "wood"
     ],
     [
      "other",
      "other"
     ]
    ],
    "default": "canvas"
   }
  },
  "StoneAsked": {
   "widest": {
    "name": "Widest line, above the table",
    "written": "length",
    "least": 0,
    "most": 80,
    "open": true
   },
   "rise": {
    "name": "Top, above the table",
    "written": "length",
    "least": 0,
    "most": 160,
    "open": true
   },
   "targets": {
    "least": 0,
    "most": 1,
    "open": true
   },
   "strokes": {
    "longest": 20
   }
  },
  "Stroke": {
   "points": {
    "least": 0,
    "most": 1,
    "fewest": 1,
    "longest": 80
   }
  }
 },
 "tracks": {
  "centre": {
   "name": "in the centre",
   "word": "centre",
   "repeats": "none",
   "members": 1,
   "round": false,
   "centred": true,
   "central": true,
   "pairs": false,
   "groups": false,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": false,
   "model": "CentreTrack",
   "distances": [],
   "starts": []
  },
  "ring": {
   "name": "round the centre",
   "word": "ring",
   "repeats": "round",
   "members": 12,
   "round": true,
   "centred": true,
   "central": false,
   "pairs": true,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": true,
   "model": "RingTrack",
   "distances": [
    "nested",
    "walk",
    "edge",
    "fit",
    "meet",
    "guide"
   ],
   "starts": [
    "on lines",
    "between",
    "offset",
    "angle",
    "in the V"
   ]
  },
  "inset": {
   "name": "along the edge",
   "word": "along edge",
   "repeats": "round",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": true,
   "model": "InsetTrack",
   "distances": [
    "nested",
    "edge"
   ],
   "starts": [
    "on lines",
    "between",
    "offset",
    "angle"
   ]
  },
  "line": {
   "name": "straight lines",
   "word": "in lines",
   "repeats": "none",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": true,
   "model": "LineTrack",
   "distances": [],
   "starts": [
    "on lines",
    "between",
    "offset"
   ]
  },
  "arc": {
   "name": "curves between circles",
   "word": "on curves",
   "repeats": "line",
   "members": 12,
   "round": false,
   "centred": true,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": true,
   "model": "ArcTrack",
   "distances": [],
   "starts": [
    "on lines",
    "between",
    "angle"
   ]
  },
  "spiral": {
   "name": "a spiral",
   "word": "spiral",
   "repeats": "line",
   "members": 12,
   "round": false,
   "centred": true,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": true,
   "model": "SpiralTrack",
   "distances": [],
   "starts": [
    "on lines",
    "between",
    "angle"
   ]
  },
  "path": {
   "name": "a path from a file",
   "word": "on a path",
   "repeats": "line",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": true,
   "swept": false,
   "drawn": true,
   "model": "PathTrack",
   "distances": [],
   "starts": []
  },
  "corner": {
   "name": "in the corners",
   "word": "in corners",
   "repeats": "none",
   "members": 1,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": false,
   "model": "CornerTrack",
   "distances": [],
   "starts": []
  },
  "edge": {
   "name": "along the edge of an area",
   "word": "round an area",
   "repeats": "line",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": true,
   "model": "EdgeTrack",
   "distances": [],
   "starts": []
  },
  "strokes": {
   "name": "along the strokes of a word or figure",
   "word": "along strokes",
   "repeats": "none",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": true,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": false,
   "drawn": false,
   "model": "StrokesTrack",
   "distances": [],
   "starts": []
  },
  "fan": {
   "name": "a fan of swipes",
   "word": "fans",
   "repeats": "none",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": false,
   "sized": true,
   "fills": false,
   "fromFile": false,
   "swept": true,
   "drawn": false,
   "model": "FanTrack",
   "distances": [],
   "starts": []
  },
  "fill": {
   "name": "filling an area",
   "word": "filling",
   "repeats": "none",
   "members": 12,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": false,
   "sized": true,
   "fills": true,
   "fromFile": false,
   "swept": false,
   "drawn": false,
   "model": "FillTrack",
   "distances": [],
   "starts": []
  },
  "gaps": {
   "name": "into the gaps",
   "word": "into gaps",
   "repeats": "none",
   "members": 1,
   "round": false,
   "centred": false,
   "central": false,
   "pairs": false,
   "groups": false,
   "sized": false,
   "fills": true,
   "fromFile": false,
   "swept": false,
   "drawn": false,
   "model": "GapsTrack",
   "distances": [],
   "starts": []
  }
 },
 "trims": {
  "walk": {
   "name": "petal",
   "add": "Add a petal",
   "model": "WalkTrim",
   "swept": false
  },
  "top": {
   "name": "top dots",
   "add": "Add a top dot",
   "model": "TopTrim",
   "swept": false
  },
  "swipe": {
   "name": "swipe",
   "add": "Add a swipe",
   "model": "SwipeTrim",
   "swept": true
  },
  "hug": {
   "name": "hugging swipe",
   "add": "Add a hugging swipe",
   "model": "HugTrim",
   "swept": true
  },
  "outline": {
   "name": "line round it",
   "add": "Add a line round it",
   "model": "OutlineTrim",
   "swept": true
  }
 },
 "outlines": {
  "round": "Round",
  "oval": "Oval",
  "square": "Square",
  "rectangle": "Rectangle",
  "polygon": "Polygon",
  "heart": "Heart",
  "cross": "Cross",
  "leaf": "Leaf",
  "spoked": "Spoked",
  "odd": "Odd"
 },
 "reliefs": {
  "flat": "Flat",
  "dome": "Dome",
  "taped dome": "TapedDome",
  "plate": "Plate",
  "ball": "Ball",
  "egg": "Egg"
 },
 "roundReliefs": [
  "plate",
  "ball",
  "egg"
 ],
 "edged": [
  "square",
  "rectangle",
  "polygon",
  "cross"
 ],
 "most": {
  "dots": 60000,
  "rows": 200,
  "ramps": 40,
  "bare": 20,
  "motifs": 12,
  "spots": 24,
  "tools": 120,
  "paints": 240,
  "circles": 60,
  "depth": 3
 },
 "heights": {
  "fluid": 0.16,
  "medium": 0.24,
  "heavy": 0.32
 },
 "seen": [
  [
   "painted",
   "dry, by daylight"
  ],
  [
   "wet",
   "while wet"
  ],
  [
   "matte",
   "under matte varnish"
  ],
  [
   "gloss",
   "under gloss varnish"
  ],
  [
   "warm",
   "by a warm lamp (A, 2856 K)"
  ],
  [
   "cool",
   "by a cool tube (F2, 4230 K)"
  ],
  [
   "grey",
   "values in grey"
  ],
  [
   "red-blind",
   "by a red-blind eye"
  ],
  [
   "green-blind",
   "by a green-blind eye"
  ],
  [
   "blue-blind",
   "by a blue-blind eye"
  ],
  [
   "far",
   "from two metres"
  ]
 ],
 "terms": {
  "Track": {
   "words": "Where the row runs: round the centre, along the edge, in lines, on curves, into corners or gaps.",
   "picture": "track"
  },
  "Start": {
   "words": "Where along its way the row begins: on a spoke, midway between two, in the dips of the row before, or at an angle.",
   "picture": "dips"
  },
  "Spacing": {
   "words": "Equal angles put the middles evenly round; equal gaps leave the same clear space between large and small dots.",
   "picture": "uneven"
  },
  "Gap": {
   "words": "The clear distance kept between neighbours, and to what the row lies against.",
   "picture": "gap"
  },
  "Petal gap": {
   "words": "The clear distance kept between neighbours, and to what the row lies against.",
   "picture": "gap"
  },
  "Half": {
   "words": "On a ball or egg: the side from whose pole the row is measured, or both.",
   "picture": "half"
  },
  "Lies": {
   "words": "Beside the dots the row keeps clear of them. Under them it is drawn first, over them last.",
   "picture": "under"
  },
  "Shades": {
   "words": "The colours, in turn from place to place.",
   "picture": "shades"
  },
  "Layer": {
   "words": "The colours, in turn from place to place.",
   "picture": "shades"
  },
  "Each place": {
   "words": "Once, or twice: as mirror images to either side of the line.",
   "picture": "twice"
  },
  "To either side": {
   "words": "How far each of the two stands from the line.",
   "picture": "twice"
  },
  "Off the line": {
   "words": "How far each of the two stands from the line.",
   "picture": "twice"
  },
  "size": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Dot size": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Walked dot": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Top dot": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Head": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Dot of the layer": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Its tip": {
   "words": "The dot as it dries, measured across; not the tool.",
   "picture": "size"
  },
  "Dot made with": {
   "words": "The tool whose measured dots come to this size.",
   "picture": "tool"
  },
  "is": {
   "words": "What stands at each place: a dot, nothing, a small shape, a crystal, or a line through all of them.",
   "picture": "forms"
  },
  "Dot is": {
   "words": "What stands at each place: a dot, nothing, a small shape, a crystal, or a line through all of them.",
   "picture": "forms"
  },
  "Line is": {
   "words": "What stands at each place: a dot, nothing, a small shape, a crystal, or a line through all of them.",
   "picture": "forms"
  },
  "length": {
   "words": "From tip to tip.",
   "picture": "shape-length"
  },
  "Dot length": {
   "words": "From tip to tip.",
   "picture": "shape-length"
  },
  "points": {
   "words": "The shape points away from the centre, or lies along the row.",
   "picture": "points"
  },
  "Dot points": {
   "words": "The shape points away from the centre, or lies along the row.",
   "picture": "points"
  },
  "slant": {
   "words": "The shape turned clockwise from where it points.",
   "picture": "slant"
  },
  "Dot slant": {
   "words": "The shape turned clockwise from where it points.",
   "picture": "slant"
  },
  "Line width": {
   "words": "As the tip of the pen draws it.",
   "picture": "width"
  },
  "At each place": {
   "words": "One dot, or a small group of them.",
   "picture": "group"
  },
  "Dots each": {
   "words": "How many dots the group has, and by how much each next one is smaller.",
   "picture": "group-line"
  },
  "Smaller by": {
   "words": "How many dots the group has, and by how much each next one is smaller.",
   "picture": "group-line"
  },
  "Repeats": {
   "words": "How often the pattern comes round the piece: so many to a segment, a fixed number, or as many as fit.",
   "picture": "count"
  },
  "Counted": {
   "words": "How often the pattern comes round the piece: so many to a segment, a fixed number, or as many as fit.",
   "picture": "count"
  },
  "Distance": {
   "words": "How far out the row lies. Nested, it is slid in from the edge until it first touches, gap kept.",
   "picture": "nest"
  },
  "nested": {
   "words": "How far out the row lies. Nested, it is slid in from the edge until it first touches, gap kept.",
   "picture": "nest"
  },
  "Walk distance": {
   "words": "From the centre to the middle of the dots, measured over the surface.",
   "picture": "distance"
  },
  "From centre": {
   "words": "From the centre to the middle of the dots, measured over the surface.",
   "picture": "distance"
  },
  "Walk": {
   "words": "From the centre to the middle of the dots, measured over the surface.",
   "picture": "distance"
  },
  "In from the edge": {
   "words": "From the edge of the blank inward, over the surface.",
   "picture": "edge"
  },
  "Angle": {
   "words": "Clockwise from the first spoke.",
   "picture": "angle"
  },
  "At the border": {
   "words": "The row ends where it no longer fits whole, or carries on beyond with whole dots only, as into the corners of a square.",
   "picture": "border"
  },
  "Lines": {
   "words": "Straight lines across the piece: how many, how far apart, and how much they lean to the right.",
   "picture": "straight"
  },
  "Apart": {
   "words": "Straight lines across the piece: how many, how far apart, and how much they lean to the right.",
   "picture": "straight"
  },
  "Slant": {
   "words": "Straight lines across the piece: how many, how far apart, and how much they lean to the right.",
   "picture": "straight"
  },
  "From circle": {
   "words": "A curve from one spoke to another: the circles it begins and ends on, and how far it bulges outward between.",
   "picture": "arc"
  },
  "To circle": {
   "words": "A curve from one spoke to another: the circles it begins and ends on, and how far it bulges outward between.",
   "picture": "arc"
  },
  "Bulge": {
   "words": "A curve from one spoke to another: the circles it begins and ends on, and how far it bulges outward between.",
   "picture": "arc"
  },
  "Segments on": {
   "words": "A curve from one spoke to another: the circles it begins and ends on, and how far it bulges outward between.",
   "picture": "arc"
  },
  "Every … segments": {
   "words": "The curve is repeated in every so many segments.",
   "picture": "arc"
  },
  "Begins at": {
   "words": "A spiral: how far from the centre it begins and ends, and how often it goes round.",
   "picture": "spiral"
  },
  "Ends at": {
   "words": "A spiral: how far from the centre it begins and ends, and how often it goes round.",
   "picture": "spiral"
  },
  "Turns": {
   "words": "A spiral: how far from the centre it begins and ends, and how often it goes round.",
   "picture": "spiral"
  },
  "clockwise": {
   "words": "A spiral: how far from the centre it begins and ends, and how often it goes round.",
   "picture": "spiral"
  },
  "In from the corner": {
   "words": "How far inside the corner the dot or group stands.",
   "picture": "corner"
  },
  "Fans": {
   "words": "Where swipes fill a region, and where their heads lie: along the border, on a curve, or on rows that stand there.",
   "picture": "fan-heads"
  },
  "Heads at": {
   "words": "Where swipes fill a region, and where their heads lie: along the border, on a curve, or on rows that stand there.",
   "picture": "fan-heads"
  },
  "Swipes at most": {
   "words": "A fan begins with the middle swipe, or with a pair; each next leans more and is shorter, and all tails run to one point.",
   "picture": "fan"
  },
  "In the middle": {
   "words": "A fan begins with the middle swipe, or with a pair; each next leans more and is shorter, and all tails run to one point.",
   "picture": "fan"
  },
  "Tails run to": {
   "words": "A fan begins with the middle swipe, or with a pair; each next leans more and is shorter, and all tails run to one point.",
   "picture": "fan"
  },
  "Fill with": {
   "words": "Dots set into the holes that other rows leave, as large as fit.",
   "picture": "gaps"
  },
  "Gaps of rows": {
   "words": "Dots set into the holes that other rows leave, as large as fit.",
   "picture": "gaps"
  },
  "at the border too": {
   "words": "Dots set into the holes that other rows leave, as large as fit.",
   "picture": "gaps"
  },
  "Smallest": {
   "words": "Holes for smaller dots than this stay empty.",
   "picture": "smallest"
  },
  "Layers": {
   "words": "Walks round the petal, one round the other; a layer may run all the way, over tip and flanks, or from the shoulders down.",
   "picture": "layers"
  },
  "Runs": {
   "words": "Walks round the petal, one round the other; a layer may run all the way, over tip and flanks, or from the shoulders down.",
   "picture": "layers"
  },
  "Changes at": {
   "words": "Walks round the petal, one round the other; a layer may run all the way, over tip and flanks, or from the shoulders down.",
   "picture": "layers"
  },
  "Sides": {
   "words": "Walked down both sides, or one alone for a pinwheel; each side as many dots as fit, or both alike.",
   "picture": "sides"
  },
  "as many on both sides": {
   "words": "Walked down both sides, or one alone for a pinwheel; each side as many dots as fit, or both alike.",
   "picture": "sides"
  },
  "Dots a side": {
   "words": "How many dots go down each side, and whether the colour changes by layer or along the petal.",
   "picture": "petal"
  },
  "Shading": {
   "words": "How many dots go down each side, and whether the colour changes by layer or along the petal.",
   "picture": "petal"
  },
  "Begins": {
   "words": "At the tip, walked down to the foot; or the other way.",
   "picture": "petal"
  },
  "Lead dots": {
   "words": "Dots in a line outward before the walk begins: they make a slim petal.",
   "picture": "lead"
  },
  "Loading": {
   "words": "One load gives ever smaller dots; reloaded every time, all are equal.",
   "picture": "load"
  },
  "Shifted": {
   "words": "The top dot sits in the middle, or a little inward or outward.",
   "picture": "shift"
  },
  "By": {
   "words": "The top dot sits in the middle, or a little inward or outward.",
   "picture": "shift"
  },
  "shades take turns, the last between": {
   "words": "Stacked dots take the colours in turn.",
   "picture": "stack"
  },
  "never the shade below it": {
   "words": "Where the dot below has the same colour, the next one is taken.",
   "picture": "top"
  },
  "Form": {
   "words": "How the tail thins: full shoulders to a point, long and thin, or bent like a comma.",
   "picture": "swipe"
  },
  "Pulled": {
   "words": "Which way the wet dot is pulled, and how far: a length, to a circle, or until it nearly touches.",
   "picture": "swipe-length"
  },
  "Pulled to": {
   "words": "Which way the wet dot is pulled, and how far: a length, to a circle, or until it nearly touches.",
   "picture": "swipe-length"
  },
  "Swipe length": {
   "words": "Which way the wet dot is pulled, and how far: a length, to a circle, or until it nearly touches.",
   "picture": "swipe-length"
  },
  "To the circle at": {
   "words": "The tail ends on a circle so far from the centre.",
   "picture": "swipe-circle"
  },
  "Turned": {
   "words": "The pull turned to the right of straight out, and how much a comma bends.",
   "picture": "turned"
  },
  "Bend": {
   "words": "The pull turned to the right of straight out, and how much a comma bends.",
   "picture": "turned"
  },
  "Side by side": {
   "words": "Several swipes beside each other, each next one shorter and turned further; pulled outward they spread, inward they run together.",
   "picture": "family"
  },
  "Each leans": {
   "words": "Several swipes beside each other, each next one shorter and turned further; pulled outward they spread, inward they run together.",
   "picture": "family"
  },
  "Each shorter by": {
   "words": "Several swipes beside each other, each next one shorter and turned further; pulled outward they spread, inward they run together.",
   "picture": "family"
  },
  "Round to": {
   "words": "How far the swipe runs round the dot, from its outward side.",
   "picture": "hug"
  },
  "Stands round": {
   "words": "The centre that the row's distances are measured from.",
   "picture": "motif"
  },
  "Name of the motif": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "Its segments": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "Turn of its first spoke": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "Stands": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "How many": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "From the centre": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "First at": {
   "words": "A motif has a centre and segments of its own, and stands at one or more places of the piece.",
   "picture": "motif"
  },
  "As wide as": {
   "words": "Made as wide as fits in this, with the dots of your own tools.",
   "picture": "motif"
  },
  "Right of the centre": {
   "words": "Where the motif stands, seen from above, and how it lies there.",
   "picture": "place"
  },
  "Below the centre": {
   "words": "Where the motif stands, seen from above, and how it lies there.",
   "picture": "place"
  },
  "Turned by": {
   "words": "Where the motif stands, seen from above, and how it lies there.",
   "picture": "place"
  },
  "mirrored": {
   "words": "Where the motif stands, seen from above, and how it lies there.",
   "picture": "place"
  },
  "Fill": {
   "words": "Dots of the row's sizes are packed in, the largest first: inside the areas that are chosen, or into all that lies round them.",
   "picture": "packed"
  },
  "Areas": {
   "words": "Areas of the blank, put there under “Areas”, that the row fills or follows. Without one a fill takes all that is left.",
   "picture": "packed"
  },
  "Shades go": {
   "words": "How the row's shades lie: by turns, or in bands of equal paint, so that each is mixed and finished before the next.",
   "picture": "packed"
  },
  "free, not the same in every segment": {
   "words": "Ticked, the fill does not repeat with the segments, and lies a little denser.",
   "picture": "packed"
  },
  "Another one like it": {
   "words": "Another number gives another fill of the same kind.",
   "picture": "packed"
  },
  "Off the edge": {
   "words": "Clear distance from the edge of the area to the dots beside it.",
   "picture": "edge"
  },
  "Dots lie": {
   "words": "How the dots of a fill lie: close, with room between them, scattered, in lines along the edge, along waves, large to small, on a lattice, or micro dots alone.",
   "picture": "packed"
  },
  "In the direction": {
   "words": "Clockwise from straight up: along it waves run, sizes fall, and the lines of a lattice stand.",
   "picture": "packed"
  },
  "Direction of the shades": {
   "words": "Clockwise from straight up: the first shade lies where it comes from, the last where it goes.",
   "picture": "packed"
  },
  "Bands of": {
   "words": "Bands with as much paint each, so that as much is mixed of every shade; or bands as wide as each other.",
   "picture": "packed"
  },
  "at most": {
   "words": "So many dots of this size at the most, spread over the area; empty: as many as fit.",
   "picture": "packed"
  },
  "of the paint": {
   "words": "The share of all paint of the fill that this size takes; empty: what the others leave.",
   "picture": "packed"
  },
  "Lines, one in the other": {
   "words": "So many lines beside each other, inward or outward, each in the next shade; those that do not fit are left out.",
   "picture": "edge"
  },
  "Across": {
   "words": "The areas that the lines run across; none: the whole blank.",
   "picture": "edge"
  },
  "Note on this row": {
   "words": "A word for yourself; it is printed with the row.",
   "picture": ""
  }
 },
 "pictures": {
  "gap": [
   [
    "d",
    34,
    30,
    16
   ],
   [
    "d",
    86,
    30,
    16
   ],
   [
    "a",
    50,
    30,
    70,
    30
   ]
  ],
  "nest": [
   [
    "o",
    27.6,
    72.5,
    8
   ],
   [
    "o",
    47.6,
    58.0,
    8
   ],
   [
    "o",
    72.4,
    58.0,
    8
   ],
   [
    "o",
    92.4,
    72.5,
    8
   ],
   [
    "d",
    26.5,
    49.9,
    8
   ],
   [
    "d",
    60.0,
    39.0,
    8
   ],
   [
    "d",
    93.5,
    49.9,
    8
   ],
   [
    "a",
    60,
    14,
    60,
    30
   ]
  ],
  "dips": [
   [
    "o",
    27.6,
    72.5,
    8
   ],
   [
    "o",
    47.6,
    58.0,
    8
   ],
   [
    "o",
    72.4,
    58.0,
    8
   ],
   [
    "o",
    92.4,
    72.5,
    8
   ],
   [
    "d",
    26.5,
    49.9,
    8
   ],
   [
    "d",
    60.0,
    39.0,
    8
   ],
   [
    "d",
    93.5,
    49.9,
    8
   ]
  ],
  "distance": [
   [
    "d",
    12,
    30,
    4
   ],
   [
    "a",
    12,
    30,
    92,
    30
   ],
   [
    "d",
    92,
    30,
    9
   ]
  ],
  "edge": [
   [
    "c",
    60,
    120,
    112
   ],
   [
    "d",
    60,
    30,
    9
   ],
   [
    "a",
    60,
    21,
    60,
    8
   ]
  ],
  "angle": [
   [
    "l",
    60,
    58,
    60,
    4
   ],
   [
    "l",
    60,
    58,
    100,
    18
   ],
   [
    "d",
    100,
    18,
    7
   ],
   [
    "d",
    60,
    58,
    3
   ]
  ],
  "twice": [
   [
    "l",
    60,
    58,
    60,
    2
   ],
   [
    "d",
    44,
    22,
    8
   ],
   [
    "d",
    76,
    22,
    8
   ]
  ],
  "count": [
   [
    "c",
    60,
    96,
    60
   ],
   [
    "d",
    15.4,
    55.9,
    6
   ],
   [
    "d",
    35.6,
    41.2,
    6
   ],
   [
    "d",
    60.0,
    36.0,
    6
   ],
   [
    "d",
    84.4,
    41.2,
    6
   ],
   [
    "d",
    104.6,
    55.9,
    6
   ]
  ],
  "uneven": [
   [
    "d",
    22,
    30,
    14
   ],
   [
    "d",
    52,
    30,
    7
   ],
   [
    "d",
    74,
    30,
    7
   ],
   [
    "d",
    103,
    30,
    14
   ],
   [
    "a",
    36,
    30,
    45,
    30
   ],
   [
    "a",
    81,
    30,
    89,
    30
   ]
  ],
  "size": [
   [
    "d",
    60,
    30,
    22
   ],
   [
    "a",
    38,
    30,
    82,
    30
   ]
  ],
  "tool": [
   [
    "o",
    60,
    38,
    18
   ],
   [
    "d",
    60,
    38,
    12
   ],
   [
    "l",
    60,
    26,
    60,
    2
   ]
  ],
  "forms": [
   [
    "d",
    18,
    30,
    10
   ],
   [
    "s",
    44,
    40,
    44,
    16,
    6
   ],
   [
    "s",
    70,
    46,
    70,
    14,
    3
   ],
   [
    "d",
    100,
    30,
    6
   ]
  ],
  "shape-length": [
   [
    "s",
    60,
    52,
    60,
    8,
    7
   ],
   [
    "a",
    76,
    52,
    76,
    8
   ]
  ],
  "slant": [
   [
    "l",
    60,
    52,
    60,
    6
   ],
   [
    "s",
    60,
    52,
    86,
    14,
    5
   ]
  ],
  "points": [
   [
    "s",
    30,
    48,
    30,
    14,
    6
   ],
   [
    "s",
    70,
    30,
    106,
    30,
    6
   ]
  ],
  "group": [
   [
    "d",
    60,
    18,
    9
   ],
   [
    "d",
    50,
    40,
    9
   ],
   [
    "d",
    70,
    40,
    9
   ]
  ],
  "group-line": [
   [
    "d",
    60,
    48,
    9
   ],
   [
    "d",
    60,
    29,
    7
   ],
   [
    "d",
    60,
    13,
    5
   ]
  ],
  "border": [
   [
    "c",
    60,
    126,
    112
   ],
   [
    "d",
    36,
    36,
    9
   ],
   [
    "d",
    60,
    32,
    9
   ],
   [
    "d",
    84,
    36,
    9
   ],
   [
    "o",
    14,
    26,
    9
   ],
   [
    "o",
    106,
    26,
    9
   ]
  ],
  "track": [
   [
    "c",
    60,
    96,
    70
   ],
   [
    "d",
    20,
    40,
    5
   ],
   [
    "d",
    40,
    28,
    5
   ],
   [
    "d",
    60,
    25,
    5
   ],
   [
    "d",
    80,
    28,
    5
   ],
   [
    "d",
    100,
    40,
    5
   ]
  ],
  "straight": [
   [
    "l",
    6,
    50,
    114,
    50
   ],
   [
    "l",
    6,
    30,
    114,
    30
   ],
   [
    "l",
    6,
    10,
    114,
    10
   ],
   [
    "d",
    30,
    30,
    6
   ],
   [
    "d",
    60,
    30,
    6
   ],
   [
    "d",
    90,
    30,
    6
   ],
   [
    "a",
    106,
    30,
    106,
    50
   ]
  ],
  "arc": [
   [
    "l",
    10,
    54,
    60,
    4
   ],
   [
    "l",
    110,
    54,
    60,
    4
   ],
   [
    "d",
    27.7,
    43.5,
    5
   ],
   [
    "d",
    40.0,
    26.5,
    5
   ],
   [
    "d",
    60.0,
    20.0,
    5
   ],
   [
    "d",
    80.0,
    26.5,
    5
   ],
   [
    "d",
    92.3,
    43.5,
    5
   ]
  ],
  "spiral": [
   [
    "d",
    65.5,
    23.5,
    3.25
   ],
   [
    "d",
    70.8,
    28.1,
    3.5
   ],
   [
    "d",
    71.7,
    36.8,
    3.75
   ],
   [
    "d",
    65.5,
    45.0,
    4.0
   ],
   [
    "d",
    53.7,
    47.4,
    4.25
   ],
   [
    "d",
    41.8,
    40.5,
    4.5
   ],
   [
    "d",
    36.9,
    25.9,
    4.75
   ],
   [
    "d",
    43.3,
    10.1,
    5.0
   ],
   [
    "d",
    60.0,
    1.5,
    5.25
   ],
   [
    "d",
    79.9,
    6.3,
    5.5
   ]
  ],
  "corner": [
   [
    "l",
    20,
    6,
    100,
    6
   ],
   [
    "l",
    100,
    6,
    100,
    56
   ],
   [
    "d",
    84,
    22,
    9
   ],
   [
    "a",
    91,
    16,
    99,
    7
   ]
  ],
  "fan": [
   [
    "s",
    16,
    34,
    60,
    56,
    6
   ],
   [
    "s",
    34,
    16,
    60,
    56,
    6
   ],
   [
    "s",
    60,
    9,
    60,
    56,
    6
   ],
   [
    "s",
    86,
    16,
    60,
    56,
    6
   ],
   [
    "s",
    104,
    34,
    60,
    56,
    6
   ]
  ],
  "fan-heads": [
   [
    "c",
    60,
    64,
    56
   ],
   [
    "s",
    16,
    34,
    60,
    56,
    6
   ],
   [
    "s",
    34,
    16,
    60,
    56,
    6
   ],
   [
    "s",
    60,
    9,
    60,
    56,
    6
   ],
   [
    "s",
    86,
    16,
    60,
    56,
    6
   ],
   [
    "s",
    104,
    34,
    60,
    56,
    6
   ]
  ],
  "gaps": [
   [
    "o",
    34,
    20,
    16
   ],
   [
    "o",
    86,
    20,
    16
   ],
   [
    "o",
    60,
    60,
    16
   ],
   [
    "d",
    60,
    32,
    9
   ]
  ],
  "smallest": [
   [
    "o",
    34,
    20,
    16
   ],
   [
    "o",
    86,
    20,
    16
   ],
   [
    "o",
    60,
    60,
    16
   ],
   [
    "d",
    60,
    32,
    9
   ],
   [
    "a",
    51,
    32,
    69,
    32
   ]
  ],
  "petal": [
   [
    "o",
    60,
    34,
    12
   ],
   [
    "d",
    60.0,
    17.5,
    4.4
   ],
   [
    "d",
    69.2,
    20.3,
    4.1
   ],
   [
    "d",
    50.8,
    20.3,
    4.1
   ],
   [
    "d",
    75.3,
    27.8,
    3.8
   ],
   [
    "d",
    44.7,
    27.8,
    3.8
   ],
   [
    "d",
    76.1,
    37.4,
    3.4
   ],
   [
    "d",
    43.9,
    37.4,
    3.4
   ],
   [
    "d",
    71.9,
    45.5,
    3.1
   ],
   [
    "d",
    48.1,
    45.5,
    3.1
   ]
  ],
  "layers": [
   [
    "o",
    60,
    34,
    12
   ],
   [
    "d",
    60.0,
    17.5,
    4.4
   ],
   [
    "d",
    69.2,
    20.3,
    4.1
   ],
   [
    "d",
    50.8,
    20.3,
    4.1
   ],
   [
    "d",
    75.3,
    27.8,
    3.8
   ],
   [
    "d",
    44.7,
    27.8,
    3.8
   ],
   [
    "d",
    76.1,
    37.4,
    3.4
   ],
   [
    "d",
    43.9,
    37.4,
    3.4
   ],
   [
    "d",
    71.9,
    45.5,
    3.1
   ],
   [
    "d",
    48.1,
    45.5,
    3.1
   ],
   [
    "d",
    60.0,
    10.0,
    3.4
   ],
   [
    "d",
    69.0,
    11.7,
    3.4
   ],
   [
    "d",
    51.0,
    11.7,
    3.4
   ],
   [
    "d",
    76.7,
    16.7,
    3.4
   ],
   [
    "d",
    43.3,
    16.7,
    3.4
   ],
   [
    "d",
    81.9,
    24.2,
    3.4
   ],
   [
    "d",
    38.1,
    24.2,
    3.4
   ],
   [
    "d",
    84.0,
    33.2,
    3.4
   ],
   [
    "d",
    36.0,
    33.2,
    3.4
   ],
   [
    "d",
    82.6,
    42.2,
    3.4
   ],
   [
    "d",
    37.4,
    42.2,
    3.4
   ]
  ],
  "sides": [
   [
    "o",
    60,
    34,
    12
   ],
   [
    "d",
    60.0,
    17.5,
    4.4
   ],
   [
    "d",
    69.2,
    20.3,
    4.1
   ],
   [
    "d",
    75.3,
    27.8,
    3.8
   ],
   [
    "d",
    76.1,
    37.4,
    3.4
   ],
   [
    "d",
    71.9,
    45.5,
    3.1
   ]
  ],
  "lead": [
   [
    "o",
    60,
    46,
    9
   ],
   [
    "d",
    60,
    33,
    4
   ],
   [
    "d",
    60,
    24,
    4
   ],
   [
    "d",
    60,
    15,
    4
   ],
   [
    "d",
    68,
    36,
    3.4
   ],
   [
    "d",
    52,
    36,
    3.4
   ]
  ],
  "load": [
   [
    "d",
    14,
    30,
    10
   ],
   [
    "d",
    38,
    30,
    8.5
   ],
   [
    "d",
    59,
    30,
    7
   ],
   [
    "d",
    77,
    30,
    6
   ],
   [
    "d",
    92,
    30,
    5
   ],
   [
    "d",
    105,
    30,
    4.2
   ]
  ],
  "top": [
   [
    "o",
    60,
    30,
    22
   ],
   [
    "d",
    60,
    30,
    11
   ]
  ],
  "shift": [
   [
    "o",
    60,
    34,
    22
   ],
   [
    "d",
    60,
    24,
    11
   ],
   [
    "a",
    60,
    34,
    60,
    24
   ]
  ],
  "stack": [
   [
    "o",
    60,
    30,
    24
   ],
   [
    "o",
    60,
    30,
    16
   ],
   [
    "d",
    60,
    30,
    8
   ]
  ],
  "swipe": [
   [
    "s",
    60,
    50,
    60,
    6,
    9
   ]
  ],
  "swipe-length": [
   [
    "s",
    52,
    52,
    52,
    6,
    9
   ],
   [
    "a",
    76,
    52,
    76,
    6
   ]
  ],
  "swipe-circle": [
   [
    "c",
    60,
    96,
    88
   ],
   [
    "s",
    60,
    50,
    60,
    10,
    8
   ]
  ],
  "turned": [
   [
    "l",
    60,
    52,
    60,
    4
   ],
   [
    "s",
    60,
    50,
    92,
    20,
    8
   ]
  ],
  "family": [
   [
    "s",
    60,
    46,
    60,
    6,
    8
   ],
   [
    "s",
    80,
    46,
    90,
    16,
    7
   ],
   [
    "s",
    40,
    46,
    30,
    16,
    7
   ]
  ],
  "hug": [
   [
    "o",
    60,
    34,
    17
   ],
   [
    "s",
    84,
    20,
    80,
    52,
    6
   ],
   [
    "s",
    36,
    20,
    40,
    52,
    6
   ]
  ],
  "width": [
   [
    "w",
    6,
    30,
    114,
    30
   ],
   [
    "a",
    60,
    20,
    60,
    40
   ]
  ],
  "under": [
   [
    "w",
    6,
    30,
    114,
    30
   ],
   [
    "d",
    30,
    30,
    12
   ],
   [
    "d",
    90,
    30,
    12
   ]
  ],
  "half": [
   [
    "o",
    60,
    30,
    26
   ],
   [
    "l",
    34,
    30,
    86,
    30
   ],
   [
    "d",
    60,
    16,
    7
   ]
  ],
  "shades": [
   [
    "d",
    20,
    30,
    12
   ],
   [
    "o",
    47,
    30,
    12
   ],
   [
    "d",
    74,
    30,
    12
   ],
   [
    "o",
    101,
    30,
    12
   ]
  ],
  "motif": [
   [
    "o",
    60,
    30,
    10
   ],
   [
    "d",
    20,
    30,
    4
   ],
   [
    "d",
    27,
    30,
    2.5
   ],
   [
    "d",
    13,
    30,
    2.5
   ],
   [
    "d",
    20,
    23,
    2.5
   ],
   [
    "d",
    20,
    37,
    2.5
   ],
   [
    "d",
    100,
    30,
    4
   ],
   [
    "d",
    107,
    30,
    2.5
   ],
   [
    "d",
    93,
    30,
    2.5
   ],
   [
    "d",
    100,
    23,
    2.5
   ],
   [
    "d",
    100,
    37,
    2.5
   ]
  ],
  "place": [
   [
    "d",
    14,
    14,
    3
   ],
   [
    "a",
    14,
    14,
    90,
    14
   ],
   [
    "a",
    90,
    14,
    90,
    46
   ],
   [
    "d",
    90,
    46,
    8
   ]
  ],
  "packed": [
   [
    "d",
    30,
    24,
    17
   ],
   [
    "d",
    66,
    22,
    17
   ],
   [
    "d",
    49,
    49,
    11
   ],
   [
    "d",
    85,
    45,
    9
   ],
   [
    "d",
    104,
    28,
    12
   ],
   [
    "d",
    14,
    49,
    8
   ],
   [
    "d",
    68,
    52,
    5
   ]
  ]
 },
 "shading": [
  [
   "one",
   "one for all"
  ],
  [
   "paints",
   "all paints in turn"
  ],
  [
   "spokes",
   "a paint for each spoke"
  ],
  [
   "hues",
   "a hue for each spoke, round and back"
  ],
  [
   "ramp",
   "the last ramp, step by step"
  ]
 ]
};

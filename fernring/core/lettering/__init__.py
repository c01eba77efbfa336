"""Words as outlines: open fonts, shaping, lines straight and curved, the largest that fits, the middles of strokes."""

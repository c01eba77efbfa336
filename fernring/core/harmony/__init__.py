"""How the colours of a piece hold together: a map of them, advice, and palettes that would suit it."""

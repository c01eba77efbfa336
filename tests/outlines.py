"""Outlines for the tests, as corners in mm."""

from fernring.core.geometry.outline import shapes

SHAPES = {
    "oval": shapes.oval(140, 90),
    "rectangle": shapes.rectangle(100, 80, 6),
    "sharp": shapes.rectangle(100, 80, 0),
    "hexagon": shapes.polygon(6, 40),
    "heart": shapes.heart(90, 100),
    "cross": shapes.cross(100, 80, 24),
    "leaf": shapes.leaf(120, 60),
    "spoked": shapes.spoked([40, 42, 45, 41, 38, 37, 39, 44]),
}

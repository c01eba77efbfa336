"""Where the centre may be put."""

from fernring.core.geometry.outline import centres, shapes
from tests.assertions import FernTestCase

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


class CentreTest(FernTestCase):
    def test_the_candidates_of_a_heart_differ_and_say_what_they_mean(self) -> None:
        found = {one.kind: one for one in centres.candidates(SHAPES["heart"])}
        self.assertEqual(list(found), ["middle", "centroid", "inscribed", "enclosing"])
        best = max(found.values(), key=lambda one: one.whole)
        self.assertEqual(best.kind, "inscribed")
        self.assertEqual(min(found.values(), key=lambda one: one.furthest).kind, "enclosing")

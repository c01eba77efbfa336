"""What vanishes, and what some eyes do not tell apart."""

from tests import patterns
from tests.core.harmony.cases import AdviceCase, painted, said
from tests.core.paint.test_amounts import ring
from tests.pattern_rows import top


class EyesTest(AdviceCase):
    def test_a_top_dot_that_vanishes(self) -> None:
        paints = {"cream": "#f4efdc", "butter": "#efe3b8", "teal": "#1f8f8a"}
        row = ring(said("cream"), 16.0, trims=patterns.numbered((top(2.0, shades=[said("butter")]),)))
        piece = painted(row, paints=paints)
        verdict = self.one(piece, "top vanishes")
        self.assertEqual(len(verdict.dots), 10)
        self.mends(piece, verdict)

    def test_colours_that_are_one_to_some_eyes(self) -> None:
        paints = {"red": "#b8524a", "green": "#7d6f3f", "cream": "#f4efdc", "blue": "#3a62c8"}
        piece = painted("red", "green", paints=paints)
        verdict = self.one(piece, "alike to some eyes")
        self.assertIn("blind", verdict.text)
        self.mends(piece, verdict)
        self.quiet(painted("red", "cream", paints=paints), "alike to some eyes")

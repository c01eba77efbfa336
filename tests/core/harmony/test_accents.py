"""Accents, and one hue alone."""

from typing import Any

from fernring.core.document.piece import Piece
from tests import patterns
from tests.core.harmony.cases import AdviceCase, painted, said
from tests.core.paint.test_amounts import ring


class AccentsTest(AdviceCase):
    def accent(self, *more: Any) -> Piece:
        rows = [ring(said("teal"), 8.0 * k, id=f"t{k}") for k in (2, 3, 4, 5)]
        few = ring(said("ember"), 6.0, id="few", count={"kind": "absolute", "repeats": 2})
        paints = {"teal": "#1f8f8a", "ember": "#e0562a", "cream": "#f4efdc"}
        return painted(few, *rows, *more, paints=paints)

    def test_an_accent_that_never_returns(self) -> None:
        piece = self.accent()
        verdict = self.one(piece, "accent alone")
        self.assertIn("Ember", verdict.text)
        self.mends(piece, verdict)
        self.quiet(self.accent(ring(said("ember"), 44.0, id="again")), "accent alone")

    def test_one_hue_alone(self) -> None:
        paints = {"a": "#1f8f8a", "b": "#54b0a8", "c": "#0f5f66", "ember": "#e0562a"}
        piece = painted("a", "b", "c", paints=paints)
        verdict = self.one(piece, "one hue")
        self.assertEqual(self.labels(verdict), ["Use Ember in row 1"])
        self.mends(piece, verdict)
        self.quiet(painted("a", "b", "ember", paints=paints), "one hue")

    def test_a_row_of_lines_alone_has_no_dots_to_be_small(self) -> None:
        paints = {"a": "#1f8f8a", "b": "#54b0a8", "c": "#0f5f66", "ember": "#e0562a"}
        line = patterns.line("line", 1.0, distance=patterns.at(24.0), shades=[said("c")])
        piece = painted("a", "b", line, paints=paints)
        self.assertEqual(self.labels(self.one(piece, "one hue")), ["Use Ember in row 1"])

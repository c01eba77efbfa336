"""Verdicts on words."""

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import fill, with_areas


def worded(row: patterns.Document, **word: object) -> Piece:
    area = {"kind": "word", "text": "Leonie", "font": "pen", **word}
    return with_areas(row, areas=({"id": "w", "name": "Leonie", "area": area, "rows": "go on"},))


class LetteringTest(FernTestCase):
    def codes(self, piece: Piece) -> list[str]:
        return [one.code for one in plan(piece).verdicts]

    def test_strokes_narrower_than_the_dots_and_the_remedy_widens_them(self) -> None:
        piece = worded(fill(1.5, where="inside", areas=["w"]), height=12.0)
        (found,) = [one for one in plan(piece).verdicts if one.code == "strokes too narrow"]
        self.assertRegex(found.text, r"The strokes of Leonie are \{\d.*dots of \{1.5\} and their gaps need \{2.1\}")
        ((remedy,),) = found.ways
        wider = changed(piece, remedy.changes)
        self.assertNotIn("strokes too narrow", self.codes(wider))
        self.assertNotIn("strokes too narrow", self.codes(worded(fill(0.8, gap=0.1, areas=["w"]), height=18.0)))

    def test_rooms_inside_letters_that_stay_empty(self) -> None:
        round_it = {"where": "round", "areas": ["w"]}
        self.assertIn("letters close", self.codes(worded(fill(4.0, 3.0, **round_it), height=14.0)))
        self.assertNotIn("letters close", self.codes(worded(fill(4.0, 0.8, **round_it), height=24.0)))

    def test_a_pen_wider_than_a_joint(self) -> None:
        line = patterns.row("l", 1.0, track={"kind": "edge", "areas": ["w"], "side": "on"})
        line["pattern"] = [{"id": "pen", "diameter": 1.6, "form": "line"}]
        self.assertIn("strokes too narrow", self.codes(worded(line, height=12.0)))

    def test_words_longer_than_their_circle(self) -> None:
        row = patterns.row("c", 2.0)
        piece = worded(row, runs="over a circle", radius=5.0, height=14.0)
        (found,) = [one for one in plan(piece).verdicts if one.code == "words too long"]
        ((remedy,),) = found.ways
        self.assertNotIn("words too long", self.codes(changed(piece, remedy.changes)))

"""A motif in another size."""

from fernring.core.document.piece import Piece
from fernring.core.errors import FitError
from fernring.core.proposals.resize import resized
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, flower, motif, top, walk


def piece(*, trims: bool = True) -> Piece:
    grown = [walk(0.8, load="each", trims=[top(0.8)])] if trims else []
    blank = {**patterns.piece("petals").blank.model_dump(mode="json"), "outline": {"kind": "round", "diameter": 200}}
    return patterns.with_rows(
        centre(), *flower(*grown, distance=at(6.0)), motifs=[motif(count=4, walk=50.0)], blank=blank
    )


class ResizedTest(FernTestCase):
    def reach(self, of: Piece) -> float:
        return max(row.one.outer for row in solve_piece(of).rows if row.motif)

    def test_it_comes_near_to_the_width_with_dots_of_the_kit(self) -> None:
        made = {(tool.id, dot) for tool in piece().tools for dot in tool.dots}
        before = self.reach(piece())
        for across in (1.5 * before, 3 * before, 5 * before):
            with self.subTest(across):
                found = resized(piece(), "flower", across)
                self.assertLessEqual(self.reach(found), across / 2 + 1e-6)
                self.assertGreater(self.reach(found), 0.85 * across / 2)
                rows = [row for row in found.rows if row.motif]
                trim = rows[1].trims[0]
                sizes = [*(one for row in rows for one in row.pattern), trim.size, trim.trims[0].sizes[0]]
                self.assertLessEqual({(size.tool, size.diameter) for size in sizes}, made)

    def test_other_rows_and_counts_stay(self) -> None:
        found = resized(piece(), "flower", 40.0)
        self.assertEqual(found.rows[0], piece().rows[0])
        self.assertEqual([row.count for row in found.rows], [row.count for row in piece().rows])
        self.assertGreater(found.rows[2].distance.walk, 6.0)

    def test_what_cannot_be_says_so(self) -> None:
        with self.assertRaisesRegex(FitError, "no rows"):
            resized(piece(), "none", 20.0)
        with self.assertRaisesRegex(FitError, r"cannot be made \{1\} wide. The narrowest it gets with this kit is"):
            resized(piece(), "flower", 1.0)
        off = [{**motif(), "places": {"kind": "given", "spots": [{"x": 300.0}]}}]
        with self.assertRaisesRegex(FitError, "finds no room as it is"):
            resized(patterns.with_rows(*flower(), motifs=off), "flower", 20.0)
        bare = patterns.with_rows(*flower(), motifs=[motif()], tools=[])
        with self.assertRaisesRegex(FitError, "no tools"):
            resized(bare, "flower", 20.0)

"""Places to be mended: what is set there, and where that is in words."""

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.document.work import MOST_REPAIRS, Repair
from fernring.core.errors import FitError
from fernring.core.proposals.repair import o_clock, repair
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import worked

TWELVE = {"start": {"kind": "angle", "degrees": 0.0}, "count": {"kind": "absolute", "repeats": 12}}


def piece(*rows: patterns.Document) -> Piece:
    own = rows or (patterns.centre(8.9), patterns.row("a", 3.0, distance=patterns.at(25), **TWELVE))
    return worked(*own)


class RepairTest(FernTestCase):
    def mended(self, kind: str, dot: int = 4, of: Piece | None = None) -> Repair:
        found = changed(of or piece(), repair(of or piece(), kind, 1, dot))
        return found.work.repairs[-1]

    def test_the_dot_again_as_it_was(self) -> None:
        found = self.mended("cover")
        self.assertEqual((found.row, found.where, found.half), ("a", "row 1 at 4 o'clock", "front"))
        self.assertEqual((found.diameter, found.tool, found.shade), (3.0, piece().rows[1].pattern[0].tool, "Pale"))
        dots = solve_piece(piece()).dots
        self.assert_mm(found.x, float(dots.x[1 + 4]), 1e-3)
        self.assert_mm(found.y, float(dots.y[1 + 4]), 1e-3)

    def test_an_accent_is_plainly_smaller_and_in_the_shade_least_like_it(self) -> None:
        found = self.mended("accent")
        sizes = sorted(dot for tool in piece().tools for dot in tool.dots)
        self.assertEqual(found.diameter, max(size for size in sizes if size <= 1.8))
        self.assertEqual([one.name for one in solve_piece(piece()).palette.shades if one.name != "Pale"], [found.shade])
        small = worked(patterns.centre(8.9), patterns.row("a", 1.0, distance=patterns.at(25), **TWELVE))
        self.assertEqual(self.mended("accent", of=small).diameter, sizes[0])
        bare = small.model_copy(update={"tools": (), "rows": tuple(
            row.model_copy(update={"pattern": tuple(m.model_copy(update={"tool": None}) for m in row.pattern)})
            for row in small.rows)})  # fmt: skip
        self.assert_mm(self.mended("accent", of=bare).diameter, 0.6)

    def test_by_the_clock(self) -> None:
        """Twelve dots from twelve o'clock; and halves between."""
        solved = solve_piece(piece())
        said = [o_clock(solved, 1 + k) for k in range(12)]
        self.assertEqual(said, ["12 o'clock", *(f"{k} o'clock" for k in range(1, 12))])
        halves = {**TWELVE, "start": {"kind": "angle", "degrees": 15.0}}
        between = solve_piece(piece(patterns.centre(8.9), patterns.row("a", 3.0, distance=patterns.at(25), **halves)))
        self.assertEqual(o_clock(between, 1), "half past 12")
        self.assertEqual(o_clock(between, 12), "half past 11")

    def test_on_the_back(self) -> None:
        ball = patterns.piece("petals")
        both = patterns.row("a", 3.0, distance=patterns.at(20), half="both", **TWELVE)
        one = patterns.read({**worked(patterns.centre(3.0), both).model_dump(mode="json"),
                             "blank": {**ball.blank.model_dump(mode="json"), **patterns.BALL}})  # fmt: skip
        found = self.mended("hair line", 15, one)
        self.assertEqual((found.half, found.where), ("back", "row 1, on the back, at 3 o'clock"))

    def test_ids_go_on_and_there_is_an_end(self) -> None:
        one = changed(piece(), repair(piece(), "cover", 1, 0))
        two = changed(one, repair(one, "accent", 1, 0))
        self.assertEqual([each.id for each in two.work.repairs], ["repair-1", "repair-2"])
        left = two.model_copy(update={"work": two.work.model_copy(update={"repairs": two.work.repairs[1:]})})
        self.assertEqual(changed(left, repair(left, "cover", 1, 0)).work.repairs[-1].id, "repair-3")
        many = tuple(one.work.repairs[0].model_copy(update={"id": f"repair-{k}"}) for k in range(MOST_REPAIRS))
        full = one.model_copy(update={"work": one.work.model_copy(update={"repairs": many})})
        with self.assertRaisesRegex(FitError, "at most 200 repairs"):
            repair(full, "cover", 1, 0)
        for row, dot in ((1, 12), (1, -1), (9, 0)):
            with self.assertRaisesRegex(FitError, "there is no"):
                repair(piece(), "cover", row, dot)

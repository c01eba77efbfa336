"""How likely neighbours touch by the ranges of their sizes, against draws of such dots."""

from math import pi, sin

import numpy as np

from fernring.core.advice.likely import OFTEN, likely_verdicts
from fernring.core.document.changes import change, changed
from fernring.core.document.kit import SizeRange, Tool
from fernring.core.document.piece import Piece
from fernring.core.plan import Plan, plan
from fernring.core.solved import solve_piece
from fernring.core.tables import table
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row, tools

HAND = table("dot_sizes.json")["hand"]
TWELVE = {"kind": "absolute", "repeats": 12}


def told(diameter: float, wide: float, **more: object) -> SizeRange:
    """A range so far to either side (mm)."""
    given = {"body": "medium", "surface": "cast stone", "load": "usual", "measured": 9, "alike": 9, **more}
    return SizeRange(diameter=diameter, low=diameter - wide, high=diameter + wide, **given)


def sized(*ranges: SizeRange) -> tuple[Tool, ...]:
    """The tools of the samples, with what was foretold of their dots."""
    return tuple(
        tool.model_copy(update={"ranges": tuple(one for one in ranges if one.diameter in tool.dots)})
        for tool in tools()
    )


def walk_of(diameter: float, clear: float, n: int = 12) -> dict[str, object]:
    """Where n dots of this size stand clear of each other by so much (mm)."""
    return {"kind": "walk", "walk": (diameter + clear) / (2 * sin(pi / n))}


def ring(clear: float, *ranges: SizeRange, diameter: float = 3.0, **more: object) -> Piece:
    one = row("a", diameter, distance=walk_of(diameter, clear), count=TWELVE, **{"gap": 0.2, **more})
    return piece(one, tools=sized(*ranges))


class LikelyTest(FernTestCase):
    def likely(self, found: Plan) -> list[str]:
        return [verdict.key for verdict in found.verdicts if verdict.code == "may touch"]

    def said(self, one: Piece) -> int:
        """About one pair in so many, by the verdict."""
        text = self.verdict(plan(one), "may touch").text
        return int(text.split("one pair in ")[1].split()[0])

    def test_the_share_that_touches_is_that_of_drawn_dots(self) -> None:
        """Neighbours of 3 mm drawn 400,000 times: what is common to both once, and each dot's own."""
        rng = np.random.default_rng(8)
        for clear, wide in ((0.25, 0.5), (0.4, 0.5), (0.2, 0.29), (0.15, 0.2)):
            deviation = wide / 1.96
            own = min(deviation, 3.0 * HAND)
            both = rng.normal(0.0, np.sqrt(deviation**2 - own**2), 400_000)
            one, other = rng.normal(0.0, own, (2, 400_000))
            share = float(np.mean(both + (one + other) / 2 > clear))
            self.assertAlmostEqual(self.said(ring(clear, told(3.0, wide))), 1 / share, delta=0.6 + 0.05 / share)

    def test_how_grave_it_is_and_where(self) -> None:
        often = self.verdict(plan(ring(0.25, told(3.0, 0.5))), "may touch")
        seldom = self.verdict(plan(ring(0.35, told(3.0, 0.4))), "may touch")
        self.assertEqual((often.severity, seldom.severity), ("warning", "note"))
        self.assertEqual((len(often.dots), often.rows, often.key), (12, (0,), "may touch:a"))
        self.assertIn("meant {0.25} apart, at 12 places", often.text)
        self.assertIn("({2.5} to {3.5} with Tool 3)", often.text)
        self.assertLess(1 / self.said(ring(0.35, told(3.0, 0.4))), OFTEN)

    def test_nothing_is_said_without_a_range_nor_where_there_is_room(self) -> None:
        self.assertEqual(self.likely(plan(ring(0.25))), [])
        self.assertEqual(self.likely(plan(ring(0.25, told(2.0, 0.9)))), [])  # of a size that is not set
        self.assertEqual(self.likely(plan(ring(0.9, told(3.0, 0.5)))), [])

    def test_dots_that_shall_touch_are_left_out(self) -> None:
        self.assertEqual(self.likely(plan(ring(0.05, told(3.0, 0.5), gap=0.0))), [])
        self.assertEqual(self.likely(plan(ring(0.05, told(3.0, 0.5), gap=0.05))), ["may touch:a"])

    def test_what_nobody_measured_so_is_told(self) -> None:
        hint = "Measured dots of this paint and load would tell it better."
        self.assertNotIn(hint, self.verdict(plan(ring(0.25, told(3.0, 0.5))), "may touch").text)
        self.assertIn(hint, self.verdict(plan(ring(0.25, told(3.0, 0.5, alike=0))), "may touch").text)

    def test_two_rows_of_which_one_has_a_range(self) -> None:
        """A ring of 3 mm at 20 mm, one of 2 at 22.8, both on the lines: 0.3 mm between them."""
        lines = {"start": {"kind": "on lines"}, "count": TWELVE, "gap": 0.2}
        inner = row("a", 3.0, distance={"kind": "walk", "walk": 20.0}, **lines)
        outer = row("b", 2.0, distance={"kind": "walk", "walk": 22.8}, **lines)
        found = plan(piece(inner, outer, tools=sized(told(3.0, 0.6)), safe_gap=0.2))
        verdict = self.verdict(found, "may touch")
        self.assertEqual((verdict.rows, verdict.key), ((0, 1), "may touch:a:b"))
        self.assertIn("Row 2 and row 1: dots are meant {0.3} apart, at 12 places", verdict.text)
        # Of 3 +- 0.6 the radius deviates by 0.6 / 2 / 1.96 = 0.153 mm: 0.3 mm are 1.96 deviations, one pair in 40.
        self.assertIn("one pair in 40 touches", verdict.text)

    def test_a_nested_row_that_shall_touch_what_it_lies_on_keeps_off_a_boundary_row(self) -> None:
        """A nested ring of 2 mm at 6 mm that touches a centre of 10; a boundary ring of 3 mm at 8.8: 0.3 mm between."""
        lines = {"start": {"kind": "on lines"}, "count": TWELVE}
        edge = row("a", 3.0, distance={"kind": "walk", "walk": 8.8}, boundary=True, gap=0.2, **lines)
        nested = row("b", 2.0, distance={"kind": "nested"}, gap=0.0, **lines)
        found = plan(piece(edge, centre(10.0), nested, tools=sized(told(3.0, 0.6)), safe_gap=0.2))
        self.assertEqual(self.verdict(found, "may touch").key, "may touch:a:b")

    def test_more_room_is_offered_and_helps(self) -> None:
        found = plan(ring(0.25, told(3.0, 0.5)))
        offered = self.remedies(found, "may touch")
        # A range of 0.5 to either side deviates by 0.255, of which 0.15 are one dot's own: the gap by 0.232; one pair
        # in 200 is 2.576 deviations.
        self.assertEqual(offered[0].label, "Ask for {0.6} between neighbours")
        for remedy in offered:
            again = plan(changed(found.solved.piece, remedy.changes))
            self.assertEqual(self.likely(again), [], remedy.label)

    def test_a_dome_is_measured_in_space(self) -> None:
        flat = ring(0.3, told(3.0, 0.5))
        domed = changed(flat, [change("blank", "relief", {"kind": "dome", "rise": 20.0})])
        for one in (flat, domed):
            for verdict in likely_verdicts(solve_piece(one)):
                self.assertEqual(len(verdict.dots), 12)

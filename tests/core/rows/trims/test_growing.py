"""How far trims look: far enough that nothing they could touch is overlooked, and no further than needed."""

from itertools import product

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.start import OnLines
from fernring.core.plan import plan
from fernring.core.rows.trims.growing import FURTHEST, extent
from fernring.core.rows.trims.kind import Size
from fernring.core.rows.trims.swipe import SwipeTrim, ToContact
from fernring.core.rows.trims.top import TopTrim
from fernring.core.rows.trims.walk import WalkTrim
from fernring.core.solved import solve_piece
from tests import patterns, samples
from tests.assertions import FernTestCase
from tests.samples import centre, paint, row

ON = OnLines()


PALE = (paint("pale"),)


def walked(diameter: float, layers: int = 1, lead: int = 0) -> WalkTrim:
    return WalkTrim(id=f"w{layers}", size=Size(diameter=diameter), load="each", layers=layers, lead=lead, shades=PALE)


class ReachTest(FernTestCase):
    @given(st.floats(2.5, 6.5), st.floats(0.8, 1.6), st.integers(1, 3), st.integers(0, 2))
    def test_no_walked_dot_lies_beyond_the_reach(self, radius: float, dot: float, layers: int, lead: int) -> None:
        trim = walked(dot, layers, lead)
        sample = samples.piece(row("a", 2 * radius, trims=(trim,), start=ON), diameter=300)
        placed = solve_piece(sample).rows[0]
        beyond = max((placed.grown.outer - placed.walk - radius), placed.walk - radius - placed.grown.inner)
        self.assertLessEqual(beyond, extent((trim,), radius) + 1e-9)

    def test_rows_in_reach_end_a_petal_and_rows_out_of_it_change_nothing(self) -> None:
        petals = row("a", 6.8, distance={"kind": "walk", "walk": 24.0}, start=ON, trims=(walked(1.5, 2),))
        far = row("far", 1.0, distance={"kind": "walk", "walk": 66.0})
        near = row("near", 3.0, distance={"kind": "walk", "walk": 30.5})
        alone = solve_piece(samples.piece(centre(), petals, diameter=160)).rows[1].grown.dots
        beside = solve_piece(samples.piece(centre(), far, petals, diameter=160)).rows[2].grown.dots
        blocked = solve_piece(samples.piece(centre(), near, petals, diameter=160)).rows[2].grown.dots
        self.assertEqual(alone.x.tolist(), beside.x.tolist())
        self.assertNotEqual(len(alone.x), len(blocked.x))

    def test_swipes_look_furthest_and_trims_on_trims_add_up(self) -> None:
        inner = walked(1.0)
        top = TopTrim(id="t", sizes=(Size(diameter=3.0),), shades=PALE, trims=(inner,))
        self.assertGreater(extent((top,), 4.0), extent((inner,), 4.0))
        self.assertEqual(extent((SwipeTrim(id="s", to=ToContact()),), 2.0), 2.0 * FURTHEST)
        self.assertEqual(extent((), 4.0), 0.0)

    def test_off_the_edge_of_a_relief_trims_go_on_and_are_found_fault_with(self) -> None:
        """Wherever a row may carry them, on every relief, no place is without numbers."""
        trims = (patterns.walk(2.5, load="each", layers=2), patterns.swipe(14), patterns.top(4.0, towards="outward"))
        hung = set()
        for shape in (
            {"outline": {"kind": "oval", "length": 140, "width": 90}, "relief": {"kind": "dome", "rise": 40}},
            {"outline": {"kind": "round", "diameter": 110}, "relief": {"kind": "dome", "rise": 55}},
            {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "ball"}},
        ):
            for track, trim in product(({"kind": "inset"}, {"kind": "line", "lines": 5, "spacing": 15}), trims):
                given = patterns.piece("petals").model_dump(mode="json")
                given["blank"] |= {**shape, "border": 0.0}
                given["rows"] = [patterns.row("a", 6.8, track=track, fit="count", trims=[trim])]
                found = plan(patterns.read(given))
                for name in ("x", "y", "z", "walk", "out_rad"):
                    self.assertTrue(np.isfinite(getattr(found.dots, name)).all(), (track, trim, name))
                for verdict in found.verdicts:
                    self.assertNotRegex(verdict.text, r"nan|inf|e\+")
                    hung.add(verdict.code)
        self.assertIn("off the blank", hung)

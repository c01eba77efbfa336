"""Rows that need not be searched are clear."""

from math import sin

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.advice.crowd import crowded
from fernring.core.document.piece import Piece
from fernring.core.solved import Solved, solve_piece
from tests.assertions import FernTestCase, between
from tests.samples import piece, row


def at(walk: float) -> dict[str, object]:
    return {"kind": "walk", "walk": float(walk)}


@st.composite
def fixed_rows(draw: st.DrawFn) -> Solved:
    """Rings at stated or nested distances that sometimes keep clear of each other and sometimes do not."""
    rows = []
    for k in range(draw(st.integers(1, 5))):
        stated = {"distance": {"kind": "walk", "walk": 12.0 + 5.5 * k + draw(st.sampled_from((0.0, 0.3, -1.5)))}}
        size, gap = draw(st.sampled_from((1.0, 2.0, 4.6))), draw(st.sampled_from((0.0, 0.3, 0.8)))
        where = draw(st.sampled_from(({}, stated, stated)))
        rows.append(row(f"r{k}", size, gap=gap, boundary=draw(st.integers(0, 9)) == 0, **where))
    return solve_piece(
        piece(*rows, segments=draw(st.sampled_from((6, 12, 18))), safe_gap=draw(st.sampled_from((0.0, 0.3, 0.8))))
    )


class KnownClearTest(FernTestCase):
    @given(solved=fixed_rows())
    @settings(max_examples=80, deadline=None)
    def test_what_is_passed_over_as_clear_is_clear(self, solved: Solved) -> None:
        """The pairs found are those of comparing every dot with every other, whether they had to be searched or not."""
        dots, rows, safe = solved.dots, solved.piece.rows, solved.piece.safe_gap
        clear = between(dots, dots)
        a, b = np.minimum(dots.row[:, None], dots.row), np.maximum(dots.row[:, None], dots.row)
        gaps, nested = np.array([r.gap for r in rows]), np.array([r.distance.kind == "nested" for r in rows])
        boundary = np.array([r.boundary for r in rows])
        wanted = np.where((a == b) | (nested[b] & ~boundary[a]), gaps[b], safe)
        close = np.triu(clear < wanted - 1e-6, 1)
        found = crowded(solved)
        ours = {(min(i, j), max(i, j)) for i, j in zip(found.i.tolist(), found.j.tolist(), strict=True)}
        self.assertEqual(ours, set(zip(*(part.tolist() for part in np.nonzero(close)), strict=True)))

    def test_a_boundary_row_asks_for_the_safe_gap_of_rows_that_nest_past_it(self) -> None:
        half = {"kind": "per_segment", "repeats": 1, "segments": 2}
        edge = row("edge", 2.0, boundary=True, count=half, start={"kind": "on lines"}, distance=at(3.7))
        sample = piece(edge, row("in", 1.0, gap=0.0, start={"kind": "on lines"}), safe_gap=0.5)
        found = crowded(solve_piece(sample))
        self.assertEqual(len(found.i), 6)
        self.assertLess(abs(float(found.clear.min()) - 0.27), 0.01)

    def test_on_a_ball_large_dots_are_nearer_than_their_walks_let_think(self) -> None:
        """Where arcs bulge, the search for a row's nearest dot goes on further in than on a plane."""
        once = {"count": {"kind": "absolute", "repeats": 1}}
        inner = row("inner", 16.3, start={"kind": "on lines"}, distance=at(10), **once)
        small = row("small", 2.0, start={"kind": "angle", "degrees": 18.2}, distance=at(20), **once)
        outer = row("outer", 16.3, start={"kind": "on lines"}, distance=at(26.8), **once)
        given = piece(inner, small, outer).model_dump(mode="json")
        given["blank"] |= {"outline": {"kind": "round", "diameter": 60}, "relief": {"kind": "ball"}, "border": 0}
        found = solve_piece(Piece.model_validate(given))
        near = found.near[2]
        self.assertEqual(near.other_row if near else None, 0)
        self.assert_mm(near.clear if near else 0.0, 60 * sin(16.8 / 60) - 16.3, 1e-9)

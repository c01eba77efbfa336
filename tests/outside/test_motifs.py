"""Motifs against geometry that knows nothing of them."""

from math import pi, sin

import numpy as np

from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, flower, motif, row, walk


class CentreTest(FernTestCase):
    def test_on_a_flat_blank_it_is_the_same_design_moved(self) -> None:
        """Translation and rotation keep all distances: the rows alone round the piece's centre, turned and moved."""
        rows = [*flower(walk(0.8, load="each"), distance=at(6.0)), row("f-2", 1.5, motif="flower")]
        alone = solve_piece(patterns.with_rows(*({**one, "motif": None} for one in rows), segments=6)).dots
        spot = {"kind": "given", "spots": [{"x": 18.0, "y": -9.0, "turn": 33.0}]}
        moved = solve_piece(patterns.with_rows(*rows, motifs=[{**motif(), "places": spot}])).dots
        turn = np.arctan2(18.0, 9.0) + np.radians(33.0)
        x = 18.0 + alone.x * np.cos(turn) - alone.y * np.sin(turn)
        y = -9.0 + alone.x * np.sin(turn) + alone.y * np.cos(turn)
        np.testing.assert_allclose(moved.x, x, atol=1e-9)
        np.testing.assert_allclose(moved.y, y, atol=1e-9)

    def test_on_a_ball_circles_are_circles_about_any_point(self) -> None:
        """Source: a geodesic circle of walk w on a sphere of radius R is a circle of radius R sin(w/R); its chords."""
        rows = flower(distance=at(12.0))
        found = solve_piece(patterns.with_rows(*rows, motifs=[motif(count=1, walk=30.0)], blank=_ball()))
        (place, *_), points, *_ = (patterns.in_space(row.own_dots) for row in found.rows)
        np.testing.assert_allclose(np.linalg.norm(points, axis=1), 45.0, atol=1e-9)
        np.testing.assert_allclose(45.0 * np.arccos(points @ place / 45.0**2), 12.0, atol=1e-9)
        chords = np.linalg.norm(points - np.roll(points, 1, axis=0), axis=1)
        np.testing.assert_allclose(chords, 2 * 45.0 * sin(12.0 / 45.0) * sin(pi / 6), atol=1e-9)


def _ball() -> dict[str, object]:
    return {**patterns.piece("petals").blank.model_dump(mode="json"), **patterns.BALL}

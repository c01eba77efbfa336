"""What trims add to a row."""

import numpy as np

from fernring.core.dots.table import table
from fernring.core.rows.trims.grown import NOTHING, Grown, Mark
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase


def mark(host: int = 0, trim: int = 0) -> Mark:
    spine = np.array([(0.0, -20.0), (0.0, -24.0), (0.0, -28.0)])
    walks = np.array([20.0, 24.0, 28.0])
    return Mark(
        spine, np.zeros(3), spine, np.array([0.0, -1.0, -3.0]), walks, np.array([2.0, 1.0, 0.5]), host, trim, 0, 14.0
    )


class GrownTest(FernTestCase):
    def test_nothing(self) -> None:
        self.assertFalse(NOTHING.any)
        self.assertTrue(NOTHING.central)
        self.assertEqual((NOTHING.inner, NOTHING.outer), (np.inf, -np.inf))
        self.assertEqual(len(NOTHING.mark_discs), 0)

    def test_the_discs_that_fill_marks_belong_to_their_hosts(self) -> None:
        found = Grown(marks=(mark(3), mark(5, 2)))
        discs = found.mark_discs
        self.assertEqual(discs.host.tolist(), [3] * 3 + [5] * 3)
        self.assertEqual(discs.mark.tolist(), [0] * 3 + [1] * 3)
        self.assertEqual(discs.trim.tolist(), [0] * 3 + [2] * 3)
        np.testing.assert_allclose(discs.radius, (2, 1, 0.5, 2, 1, 0.5))
        np.testing.assert_allclose(discs.z, (0, -1, -3, 0, -1, -3))

    def test_edges_of_dots_and_marks(self) -> None:
        dots = table(2, walk=np.array([15.0, 25.0]), radius=np.array([1.0, 2.0]))
        self.assertEqual((Grown(dots).inner, Grown(dots).outer), (14, 27))
        found = Grown(dots, (mark(),))
        self.assert_mm(found.outer, 28.5)
        self.assert_mm(found.inner, 14)
        self.assert_mm(Grown(marks=(mark(),)).inner, 18)
        self.assertFalse(found.central)

    def test_what_stands_on_the_centre_is_central(self) -> None:
        trimmed = solve_piece(patterns.piece("top dots")).rows
        self.assertTrue(trimmed[0].grown.central)
        self.assertFalse(trimmed[1].grown.central)

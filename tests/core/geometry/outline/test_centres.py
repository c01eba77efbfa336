"""Where the centre may be put."""

from math import hypot, sqrt

import numpy as np

from fernring.core.geometry.outline import centres, shapes
from tests.assertions import FernTestCase
from tests.outlines import SHAPES


class CentreTest(FernTestCase):
    def test_the_candidates_of_a_heart_differ_and_say_what_they_mean(self) -> None:
        found = {one.kind: one for one in centres.candidates(SHAPES["heart"])}
        self.assertEqual(list(found), ["middle", "centroid", "inscribed", "enclosing"])
        best = max(found.values(), key=lambda one: one.whole)
        self.assertEqual(best.kind, "inscribed")
        self.assertEqual(min(found.values(), key=lambda one: one.furthest).kind, "enclosing")

    def test_the_middle_is_that_of_length_and_width(self) -> None:
        np.testing.assert_allclose(centres.middle(np.array([(0, 0), (10, 0), (0, 4)], float)), (5, 2))

    def test_a_square_has_one_centre(self) -> None:
        """Incircle a/2, circumcircle a/sqrt(2) (Euclid)."""
        square = shapes.rectangle(60, 60, 0)
        for kind, place in centres.PLACES.items():
            x, y = place(square)
            self.assertLess(hypot(x, y), 0.01, kind)
        centre = centres.candidate(square, "middle", (0.0, 0.0))
        self.assert_mm(centre.whole, 30)
        self.assert_mm(centre.furthest, 30 * sqrt(2))

    def test_a_centre_set_aside_has_less_room_on_one_side(self) -> None:
        aside = centres.candidate(shapes.rectangle(60, 60, 0), "set", (10.0, 0.0))
        self.assert_mm(aside.whole, 20)
        self.assert_mm(aside.furthest, 50)

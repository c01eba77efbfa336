"""The other half of a ball or egg."""

import numpy as np

from fernring.core.geometry.egg import HalfEgg
from fernring.core.geometry.flipped import Flipped
from tests.assertions import FernTestCase

FRONT = HalfEgg(28, 46)
BACK = Flipped(FRONT)


class FlippedTest(FernTestCase):
    def test_places_are_those_of_the_front_turned_over(self) -> None:
        walk, angle = np.array([5.0, 20.0]), np.array([0.3, 2.0])
        x, y, z = FRONT.points(walk, angle)
        np.testing.assert_allclose(np.stack(BACK.points(walk, angle)), (-x, y, -z))
        nx, ny, nz = FRONT.normals(walk, angle)
        np.testing.assert_allclose(np.stack(BACK.normals(walk, angle)), (-nx, ny, -nz))
        circle = BACK.circle(20.0)
        self.assertEqual((circle.reach, circle.z, circle.side), (FRONT.circle(20.0).reach, -FRONT.circle(20.0).z, -1))

    def test_what_has_no_side_is_the_same(self) -> None:
        walk, angle = np.array([20.0]), np.zeros(1)
        self.assertEqual((BACK.rim, BACK.widest, BACK.side), (FRONT.rim, 28, -1))
        self.assertEqual(BACK.longest_arc(7), FRONT.longest_arc(7))
        self.assertEqual(BACK.walk(20), FRONT.walk(20))
        for ask in ("reach", "walk_to"):
            self.assertEqual(getattr(BACK, ask)(walk, angle), getattr(FRONT, ask)(walk, angle))
        self.assertEqual(BACK.edge(angle), FRONT.edge(angle))

    def test_contacts_are_found_on_this_side(self) -> None:
        point = BACK.points(np.array([20.0]), np.array([0.2]))
        found = BACK.contact_walk(np.array([0.2]), *point, np.array([4.0]))
        there = np.stack(BACK.points(found, np.array([0.2])))
        self.assert_mm(float(np.linalg.norm(there - np.stack(point))), 4, 1e-7)
        self.assertGreater(float(found[0]), 20)

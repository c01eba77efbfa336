"""What a trim sees about its host."""

from math import hypot, pi

import numpy as np

from fernring.core.dots.index import Index
from fernring.core.geometry.surface import Plane
from fernring.core.rows.trims.host import Around, Host
from tests.assertions import FernTestCase

HOST = Host(0.0, -20.0, 0.0, 20.0, 0.0, 0.0, 2.0, 1, 0, 0, 0)


def around(*discs: tuple[float, float, float]) -> Around:
    x, y, r = (np.array([d[k] for d in discs], float) for k in range(3))
    return Around(Plane(80), Index(x, y, np.zeros(len(x)), r), {}, {})


class HostTest(FernTestCase):
    def test_what_is_near_is_seen_in_the_hosts_frame(self) -> None:
        turned = Host(20.0, 0.0, 0.0, 20.0, pi / 2, pi / 2, 2.0, 1, 0, 0, 0)
        found = around((25.0, 0.0, 1.0), (20.0, 6.0, 0.5), (70.0, 0.0, 1.0)).near(turned, 8.0)
        self.assertEqual(len(found), 2)
        np.testing.assert_allclose(found[0], (0, 5, 1), atol=1e-9)
        np.testing.assert_allclose(found[1], (6, 0, 0.5), atol=1e-9)

    def test_places_beside_it_are_as_far_as_told(self) -> None:
        (x, y, _), walk, _ = around().at(HOST, np.array([3.0]), np.array([4.0]))
        self.assert_mm(hypot(float(x[0]) - HOST.x, float(y[0]) - HOST.y), 5.0)
        self.assert_mm(float(walk[0]), hypot(3, 24))

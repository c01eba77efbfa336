"""Circles that touch three discs and meet no other."""

import numpy as np

from fernring.core.dots.touching import (
    Circles,
    Field,
    close_triples,
    different,
    empty_circles,
    joined,
    new_ones,
    triangles,
)
from tests.assertions import FernTestCase

TURN = 2 * np.pi
LATTICE = tuple(part.ravel() * 3.0 for part in np.meshgrid(np.arange(6.0), np.arange(5.0)))


def field(radius: float = 1.0, sector: float = TURN) -> Field:
    x, y = LATTICE
    return Field((x - 7.5, y - 6.0, np.full(len(x), radius)), sector, 0.0, 1e3)


class TouchingTest(FernTestCase):
    def test_circles_found_touch_three_discs_and_none_reaches_into_them(self) -> None:
        rng = np.random.default_rng(4)
        x, y = rng.uniform(-30, 30, (2, 150))
        discs = Field((x, y, rng.uniform(0.2, 0.6, 150)), TURN, 0.0, 1e3)
        found = empty_circles(discs, different(triangles(discs), 150))
        self.assertGreater(len(found.t), 200)
        away = np.hypot(found.x[:, None] - x, found.y[:, None] - y) - discs.r - found.t[:, None]
        self.assertGreater(float(away.min()), -1e-6)
        np.testing.assert_allclose(np.take_along_axis(away, found.touched, axis=1), 0, atol=1e-6)

    def test_delaunays_triangles_of_a_lattice(self) -> None:
        """n points with h on the hull have 2n - 2 - h triangles (Euler); here 30 points, 18 of them on the edge."""
        found = different(triangles(field()), 30)
        tiled = {tuple(sorted(three)) for three in found.tolist()}
        self.assertEqual(len(tiled), len(found))
        corners = np.stack(LATTICE, axis=1)[found]
        area = np.abs(np.linalg.det(np.diff(corners, axis=1))) / 2
        self.assertGreaterEqual(int((area > 0).sum()), 2 * 30 - 2 - 18)

    def test_points_in_one_line_have_no_triangles(self) -> None:
        x = np.arange(5.0)
        self.assertEqual(triangles(Field((x, 2 * x, np.ones(5)), TURN, 0.0, 1e3)).shape, (0, 3))

    def test_every_disc_is_joined_with_every_two_of_its_neighbours(self) -> None:
        one = close_triples(field())
        self.assertEqual(one.shape, (30 * 66, 3))
        first = one[one[:, 0] == 7]
        near = set(first[:, 1:].ravel().tolist())
        self.assertTrue({1, 6, 8, 13} <= near)
        self.assertNotIn(7, near)

    def test_different_and_new_ones(self) -> None:
        threes = np.array([(3, 1, 2), (1, 2, 3), (0, 4, 2)])
        known = different(threes, 5)
        self.assertEqual(known.tolist(), [[0, 2, 4], [1, 2, 3]])
        more = different(np.array([(0, 1, 2), (4, 2, 0)]), 5)
        self.assertEqual(new_ones(more, known, 5).tolist(), [[0, 1, 2]])
        self.assertEqual(new_ones(more, known[:0], 5).tolist(), more.tolist())

    def test_a_sector_and_its_margin(self) -> None:
        quarter = field(sector=np.pi / 2)
        x, y = np.array([1.0, 1.0, -1.0, 0.0, 0.05]), np.array([-1.0, 1.0, 1.0, 0.0, 1.0])
        self.assertEqual(quarter.inside(x, y, 0.0).tolist(), [True, False, False, True, False])
        self.assertTrue(quarter.inside(np.array([-0.1]), np.array([-1.0]), 0.15)[0])

    def test_no_disc_is_nearer_than_known_but_the_nearest(self) -> None:
        here = field()
        apart = np.hypot(here.x[:, None] - here.x, here.y[:, None] - here.y) - 2
        np.fill_diagonal(apart, np.inf)
        np.testing.assert_allclose(np.sort(apart, axis=1)[:, 11], here.known, atol=1e-9)

    def test_joined(self) -> None:
        one = Circles(np.ones(2), np.zeros(2), np.full(2, 0.5), np.zeros((2, 3), np.intp))
        self.assertEqual(len(joined((one, one[np.array([True, False])])).t), 3)
        self.assertEqual(one.places.tolist(), [1, 1])

"""Shapes of any closed lines, crossing ones too."""

import numpy as np

from fernring.core.regions.shape import Shape
from tests.assertions import FernTestCase

TURNS = np.arange(5) * 4 * np.pi / 5
STAR = np.stack((10 * np.sin(TURNS), -10 * np.cos(TURNS)), axis=1)
OUTER = np.array([(-8, -8), (8, -8), (8, 8), (-8, 8)], float)
INNER = OUTER / 2


def holds(shape: Shape, *points: tuple[float, float]) -> list[bool]:
    return shape.contains(*np.array(points, float).T).tolist()


class ShapeTest(FernTestCase):
    def test_the_middle_of_a_five_pointed_star_is_a_hole_only_by_the_even_odd_rule(self) -> None:
        self.assertEqual(holds(Shape([STAR]), (0, 0), (0, -8)), [False, True])
        self.assertEqual(holds(Shape([STAR], "non-zero"), (0, 0), (0, -8)), [True, True])

    def test_a_line_in_a_line_is_a_hole_unless_both_run_the_same_way_and_that_counts(self) -> None:
        self.assertEqual(holds(Shape([OUTER, INNER]), (0, 0), (6, 0)), [False, True])
        self.assertEqual(holds(Shape([OUTER, INNER], "non-zero"), (0, 0), (6, 0)), [True, True])
        self.assertEqual(holds(Shape([OUTER, INNER[::-1]], "non-zero"), (0, 0), (6, 0)), [False, True])

    def test_distances_count_to_every_line(self) -> None:
        found = Shape([OUTER, INNER]).signed_distance(np.array([0.0, 5.0, 9.0]), np.zeros(3))
        np.testing.assert_allclose(found, (4, -1, 1))

    def test_many_points_are_asked_in_parts(self) -> None:
        """More than fit in one look give what a few at a time give."""
        a = np.linspace(0, 2 * np.pi, 2001)[:-1]
        circle = Shape([np.stack((10 * np.sin(a), 10 * np.cos(a)), axis=1)])
        x, y = np.random.default_rng(1).uniform(-12, 12, (2, 3000))
        found = circle.contains(x, y)
        near = np.abs(np.hypot(x, y) - 10) < 1e-3
        self.assertEqual(found[~near].tolist(), (np.hypot(x, y) < 10)[~near].tolist())

    def test_the_area_of_a_point_is_none(self) -> None:
        self.assertEqual(Shape([np.zeros((3, 2))]).area, 0.0)

"""Places at which a dot touches two things."""

import numpy as np

from fernring.core.rows.fills.touching import Edge, beside_two, clear_of, sorted_there, there
from tests.assertions import FernTestCase


class TouchingTest(FernTestCase):
    def test_two_circles_and_the_dots_in_their_dips(self) -> None:
        """A triangle of sides 3, 4 and 5 has its right angle where the dot lies."""
        one = there(np.array([[0.0, 0.0]]), np.array([2.0]))
        other = there(np.array([[5.0, 0.0]]), np.array([3.0]))
        found = beside_two(one, other, 1.0)
        self.assertEqual(len(found), 2)
        for x, y in found.tolist():
            self.assert_mm(float(np.hypot(x, y)), 3.0)
            self.assert_mm(float(np.hypot(x - 5, y)), 4.0)
        self.assertEqual(len(beside_two(one, other, 0.0)), 0)  # they touch: nothing lies between
        self.assertEqual(len(beside_two(one, one, 1.0)), 0)

    def test_circles_apart_or_inside_one_another_give_none(self) -> None:
        large = there(np.array([[0.0, 0.0]]), np.array([10.0]))
        for x, radius in ((30.0, 2.0), (3.0, 1.0)):
            self.assertEqual(len(beside_two(large, there(np.array([[x, 0.0]]), np.array([radius])), 1.0)), 0)

    def test_an_edge_and_a_circle(self) -> None:
        """A line 3 mm from the middle is crossed 4 mm to either side by a circle of 5 mm."""
        edge = Edge(np.array([[-20.0, 3.0, 0.0, 3.0], [0.0, 3.0, 20.0, 3.0]]))
        found = edge.beside(there(np.array([[0.0, 0.0]]), np.array([4.0])), 1.0)
        np.testing.assert_allclose(sorted(found[:, 0].tolist()), [-4.0, 4.0], atol=1e-9)
        self.assertEqual(len(Edge(np.empty((0, 4))).beside(there(np.zeros((1, 2)), np.ones(1)), 1.0)), 0)

    def test_clear_of_equal_and_of_different_dots(self) -> None:
        places = np.stack((np.linspace(0, 20, 201), np.zeros(201)), axis=1)
        for radii in ([2.0, 2.0], [2.0, 3.0]):
            dots = there(np.array([[0.0, 0.0], [15.0, 0.0]]), np.array(radii))
            found = clear_of(places, dots, 1.0)
            wanted = [x for x, _ in places.tolist() if x >= 3 - 1e-9 and abs(x - 15) >= radii[1] + 1 - 1e-9]
            self.assertEqual(found[:, 0].tolist(), wanted)
        self.assertEqual(len(clear_of(np.empty((0, 2)), dots, 1.0)), 0)

    def test_dots_of_one_doubling_lie_together(self) -> None:
        found = sorted_there(np.zeros((5, 2)), np.array([0.5, 0.9, 1.0, 1.9, 4.0]))
        self.assertEqual([len(one.at) for one in found], [2, 2, 1])
        self.assertEqual(sorted_there(np.empty((0, 2)), np.empty(0)), [])

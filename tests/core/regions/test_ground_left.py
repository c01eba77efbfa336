"""Areas as polygons."""

import numpy as np
import shapely

from fernring.core.regions.ground_left import edges_of, enclosed, moved_in, polygons_of
from fernring.core.regions.round import Disc
from fernring.core.regions.shape import Shape
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse

SQUARE = np.array([[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [0.0, 10.0]])


class GroundLeftTest(FernTestCase):
    def test_holes_by_either_rule(self) -> None:
        """SVG 1.1, the property fill-rule: a line in a line is a hole, or, run the same way round, is not."""
        inner = SQUARE * 0.4 + 3
        self.assertAlmostEqual(polygons_of(Shape([SQUARE, inner])).area, 84.0)
        self.assertAlmostEqual(polygons_of(Shape([SQUARE, inner], "non-zero")).area, 100.0)
        self.assertAlmostEqual(polygons_of(Shape([SQUARE, inner[::-1]], "non-zero")).area, 84.0)

    def test_a_line_that_crosses_itself(self) -> None:
        bow = np.array([[0.0, 0.0], [10.0, 10.0], [10.0, 0.0], [0.0, 10.0]])
        self.assertAlmostEqual(polygons_of(Shape([bow])).area, 50.0)

    def test_a_disc(self) -> None:
        self.assertAlmostEqual(polygons_of(Disc(3.0, 4.0, 5.0)).area, np.pi * 25, delta=0.2)

    def test_moved_in_by_no_less(self) -> None:
        """Round a notch the edge moved inward is an arc: no chord of it comes nearer."""
        notched = shapely.Polygon(ellipse(30, 30)).difference(shapely.box(-1, -40, 1, 0))
        inset = moved_in(notched, 4.0)
        line = shapely.get_parts(shapely.boundary(inset))
        fine = shapely.get_coordinates(shapely.segmentize(line, 0.05))
        away = shapely.distance(shapely.boundary(notched), shapely.points(fine))
        self.assertGreaterEqual(away.min(), 4.0)
        self.assertLess(away.max(), 4.002)

    def test_edges_in_short_pieces(self) -> None:
        found = edges_of(enclosed([SQUARE]), 3.0)
        self.assertEqual(found.shape, (16, 4))
        np.testing.assert_allclose(np.hypot(*(found[:, 2:] - found[:, :2]).T), 2.5)
        self.assertEqual(edges_of(shapely.Polygon(), 3.0).shape, (0, 4))

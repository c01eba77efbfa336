"""Shades of a fill in bands of equal paint."""

import numpy as np
import shapely

from fernring.core.rows.fills.pack import pack
from fernring.core.rows.fills.shaded import MEASURED, MIXED, Shades, shaded
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse, task

NOTHING = shapely.Polygon()


class ShadedTest(FernTestCase):
    def bands(
        self, way: str, area: shapely.Geometry | None = None, count: int = 4, by: str = "equal paint"
    ) -> np.ndarray:
        shades = Shades(area or self.area, NOTHING, np.pi / 3, 1)  # type: ignore[arg-type]
        return shaded(way, self.at, self.radius, shades, count, by)

    def setUp(self) -> None:
        self.area = shapely.Polygon(ellipse(40, 25)).difference(shapely.box(-8, -4, 8, 4))
        of = task(self.area, (4.0, 2.0, 1.0))
        found = pack(of)
        self.at, self.radius = found.at, np.asarray(of.radii)[found.size]

    def test_each_band_has_as_much_paint(self) -> None:
        for way in MEASURED:
            found = self.bands(way)
            paint = np.bincount(found, self.radius**2, minlength=4)
            self.assertLess(float(np.ptp(paint)), 2 * float(self.radius.max()) ** 2 + 1e-9, way)
        self.assertEqual(set(self.bands("outward", count=1).tolist()), {0})

    def test_bands_go_the_way_they_say(self) -> None:
        middle, edge = shapely.box(-8, -4, 8, 4), shapely.boundary(self.area)
        points = shapely.points(self.at)
        for way, order in (
            ("from what lies in it", shapely.distance(middle, points)),
            ("from the edge", shapely.distance(edge, points)),
            ("outward", np.hypot(*self.at.T)),
            ("downward", self.at[:, 1]),
            ("along", self.at @ [np.sin(np.pi / 3), -np.cos(np.pi / 3)]),
            ("by size", -self.radius),
        ):
            found = self.bands(way, count=3)
            for k in (0, 1):
                self.assertLessEqual(order[found == k].max(), order[found == k + 1].min() + 1e-6, way)

    def test_without_anything_inside_it_counts_from_the_edge(self) -> None:
        whole = shapely.Polygon(ellipse(40, 25))
        one, other = (self.bands(way, whole, 3) for way in ("from what lies in it", "from the edge"))
        np.testing.assert_array_equal(one, other)

    def test_bands_of_equal_width(self) -> None:
        found, reach = self.bands("outward", count=4, by="equal steps"), np.hypot(*self.at.T)
        step = float(np.ptp(reach)) / 4
        for k in range(4):
            self.assertGreaterEqual(reach[found == k].min(), reach.min() + k * step - 1e-5)
            self.assertLessEqual(reach[found == k].max(), reach.min() + (k + 1) * step + 1e-5)

    def test_bands_of_equal_area(self) -> None:
        """Each leaves of the area as much as the others. Source: areas by shapely."""
        middle = shapely.Point(0, 0)
        for way, upto in (
            ("outward", lambda far: middle.buffer(far, quad_segs=64)),
            ("downward", lambda far: shapely.box(-99, -99, 99, far)),
            ("from what lies in it", lambda far: shapely.box(-8, -4, 8, 4).buffer(far, quad_segs=64)),
        ):
            found = self.bands(way, count=3, by="equal areas")
            shades = Shades(self.area, NOTHING, 0.0, 1)  # type: ignore[arg-type]
            order = MEASURED[way](self.at, self.radius, shades)
            for k in (0, 1):
                low, high = order[found == k].max(), order[found == k + 1].min()
                self.assertLess(low, high)
                share = [shapely.intersection(self.area, upto(far)).area / self.area.area for far in (low, high)]
                self.assertTrue(share[0] - 0.01 <= (k + 1) / 3 <= share[1] + 0.01, (way, k, share))
        np.testing.assert_array_equal(self.bands("by size", by="equal areas"), self.bands("by size"))

    def test_from_the_area_that_is_named_where_it_is_filled_round(self) -> None:
        away = shapely.box(60, -2, 64, 2)  # outside the area: no hole of it
        shades = Shades(self.area, away, 0.0, 1)
        found = shaded("from what lies in it", self.at, self.radius, shades, 2, "equal paint")
        far = shapely.distance(away, shapely.points(self.at))
        self.assertLessEqual(far[found == 0].max(), far[found == 1].min() + 1e-6)

    def test_mixtures_use_all_shades_about_as_often(self) -> None:
        for way in MIXED:
            counts = np.bincount(self.bands(way), minlength=4)
            self.assertLess(int(np.ptp(counts)), 0.2 * len(self.at), way)

    def test_neighbours_are_never_alike_where_that_can_be(self) -> None:
        """Six shades are always enough for what lies in a plane. Source: the six colour theorem by smallest-last
        greedy colouring (Matula and Beck 1983, from memory)."""
        found = self.bands("never alike", count=6)
        apart = np.hypot(*(self.at[:, None] - self.at[None]).transpose(2, 0, 1)) - self.radius[:, None] - self.radius
        touching = np.argwhere(np.triu(apart < 0.31, 1))
        self.assertGreater(len(touching), 50)
        alike = found[touching[:, 0]] == found[touching[:, 1]]
        self.assertEqual(int(alike.sum()), 0)

    def test_few_dots_in_one_line_have_neighbours_too(self) -> None:
        at, radius = np.array([[0.0, 0.0], [3.0, 0.0], [6.0, 0.0]]), np.ones(3)
        shades = Shades(self.area, NOTHING, 0.0, 1)
        found = shaded("never alike", at, radius, shades, 2, "equal paint")
        self.assertNotEqual(found[0], found[1])
        self.assertNotEqual(found[1], found[2])

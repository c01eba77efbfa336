"""The blank as geometry."""

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.blank import Blank
from fernring.core.geometry.outline.shapes import polygon
from fernring.core.ground.ground import ROUNDED, ground
from fernring.core.regions.polygons import Polygons
from tests.assertions import FernTestCase
from tests.blanks import BLANKS


def blank(name: str, **more: object) -> Blank:
    return Blank.model_validate({**BLANKS[name], **more})


class GroundTest(FernTestCase):
    def test_the_limit_is_the_largest_whole_ring(self) -> None:
        for name in ("oval", "square", "polygon", "heart", "cross", "leaf", "odd"):
            with self.subTest(name):
                here = ground(blank(name))
                nearest = shapely.Polygon(here.clear[0]).exterior.distance(shapely.Point(0, 0))
                self.assert_mm(here.limit, float(nearest), 1e-6)
                self.assertGreater(here.border, here.limit)

    @given(st.integers(0, 10_000))
    def test_over_and_off_agree_with_shapely(self, seed: int) -> None:
        random = np.random.default_rng(seed)
        here = ground(blank("heart"))
        x, y, r = random.uniform(-70, 70, 12), random.uniform(-70, 70, 12), random.uniform(0.4, 4, 12)
        over, off = here.over(np.hypot(x, y), x, y, r), here.off(np.hypot(x, y), x, y, r)
        for found, part in ((over, here.clear[0]), (off, here.outline)):
            region = shapely.Polygon(part)
            for k in range(12):
                inside = region.covers(shapely.Point(x[k], y[k]))
                away = region.exterior.distance(shapely.Point(x[k], y[k]))
                true = r[k] - away if inside else r[k] + away
                if true > 0.01:
                    self.assert_mm(float(found[k]), true - ROUNDED, 1e-6)
                elif true < -0.01:
                    self.assertLess(float(found[k]), 0)

    def test_a_region_of_no_parts_holds_nothing(self) -> None:
        empty = Polygons(())
        self.assertEqual(empty.whole, 0)
        self.assertEqual(float(empty.past(np.ones(1), np.ones(1), np.ones(1))[0]), np.inf)
        self.assert_mm(Polygons((polygon(6, 40),)).whole, 40 * np.sqrt(3) / 2, 1e-9)

    def test_a_reduced_border(self) -> None:
        here = ground(blank("dome", reduced=20))
        self.assert_mm(here.limit, 0.8 * here.surface.rim, 1e-9)

    def test_rounded_corners_are_remembered_sharp(self) -> None:
        here = ground(blank("square"))
        self.assertEqual(len(here.sharp), 4)
        self.assertGreater(len(here.clear[0]), 4)

    def test_an_outline_lies_as_told(self) -> None:
        upright = ground(blank("oval", lie={"kind": "longest axis"}))
        self.assert_mm(float(np.ptp(upright.outline[:, 1])), 140, 0.01)
        turned = ground(blank("leaf", lie={"kind": "symmetry axis"}))
        self.assertIn(round(float(np.ptp(turned.outline[:, 1]))), (90, 180))
        aside = ground(blank("oval", lie={"kind": "angle", "degrees": 90}))
        self.assert_mm(float(np.ptp(aside.outline[:, 1])), 140, 0.01)

    def test_a_centre_set_by_hand_is_the_origin(self) -> None:
        here = ground(blank("oval", centre={"kind": "point", "x": 10, "y": -5}))
        self.assert_mm(float(here.outline[:, 0].min()), -80, 1e-6)
        self.assert_mm(float(here.outline[:, 1].max()), 50, 0.01)

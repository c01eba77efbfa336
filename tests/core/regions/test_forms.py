"""Figures by formulas."""

from typing import get_args

import numpy as np
import shapely

from fernring.core.document.region import Form, FormRegion
from fernring.core.regions.bare import region_of
from fernring.core.regions.forms import FORMS, form_lines, proportion
from tests.assertions import FernTestCase
from tests.blanks import site


class FormsTest(FernTestCase):
    def test_each_is_as_wide_and_high_as_asked_and_crosses_nothing(self) -> None:
        self.assertEqual(set(get_args(Form)), set(FORMS))
        for form in FORMS:
            with self.subTest(form):
                lines = form_lines(form, 30.0, 20.0, 6)
                np.testing.assert_allclose(np.ptp(np.concatenate(lines), axis=0), (30.0, 20.0))
                np.testing.assert_allclose(np.concatenate(lines).max(axis=0), (15.0, 10.0))
                for line in lines:
                    self.assertTrue(shapely.LinearRing(line).is_simple)
                    self.assertGreater(shapely.Polygon(line).area, 10.0)
                self.assertTrue(0.2 < proportion(form, 5) < 6.0)

    def test_a_star_has_its_points_and_a_flower_its_petals(self) -> None:
        self.assertEqual(len(form_lines("star", 20.0, 20.0, 7)[0]), 14)
        reach = np.hypot(*form_lines("flower", 20.0, 20.0, 8)[0].T)
        peaks = (reach > np.roll(reach, 1)) & (reach >= np.roll(reach, -1))
        self.assertEqual(int(peaks.sum()), 8)

    def test_turned_mirrored_and_round_the_centre(self) -> None:
        plain = FormRegion(form="moon", x=20.0, across=10.0, down=12.0)
        area = region_of(plain, site(50.0)).area
        self.assertTrue(region_of(plain, site(50.0)).contains(np.array([16.0]), np.array([0.0]))[0])
        other = plain.model_copy(update={"mirrored": True})
        self.assertTrue(region_of(other, site(50.0)).contains(np.array([24.0]), np.array([0.0]))[0])
        half = plain.model_copy(update={"turn": 180.0})
        self.assertTrue(region_of(half, site(50.0)).contains(np.array([24.0]), np.array([0.0]))[0])
        four = region_of(plain.model_copy(update={"times": 4}), site(50.0))
        self.assertAlmostEqual(four.area, 4 * area, delta=0.05 * area)
        self.assertTrue(four.contains(np.array([0.0]), np.array([16.0]))[0])

    def test_a_ribbon_loop_keeps_its_hole_wherever_it_stands(self) -> None:
        for times in (1, 3):
            region = region_of(FormRegion(form="ribbon loop", y=-30.0, across=20.0, down=30.0, times=times), site(50.0))
            x, y = np.array([0.0]), np.array([-30.0 - 8.0])
            self.assertFalse(region.contains(x, y)[0])
            self.assertGreater(float(region.area), 100.0)

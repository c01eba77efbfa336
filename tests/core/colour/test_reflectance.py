"""Reflectances recovered from colours."""

import numpy as np

from fernring.core.colour.reflectance import HIGH, LOW, of_colours, recovered
from fernring.core.colour.spectrum import light_of
from tests.assertions import FernTestCase


class RecoveredTest(FernTestCase):
    def test_within_zero_and_one_and_back_to_the_same_light(self) -> None:
        light = np.random.default_rng(2).uniform(0, 1, (200, 3))
        found = recovered(np.vstack((light, np.eye(3), 1 - np.eye(3), np.zeros((1, 3)), np.ones((1, 3)))))
        self.assertTrue(((found.curves > 0) & (found.curves < 1)).all())
        self.assertLess(float(found.missed.max()), 1e-8)
        np.testing.assert_allclose(light_of(found.curves[:200]), LOW + (HIGH - LOW) * light, atol=1e-8)

    def test_grey_is_flat(self) -> None:
        curve = recovered(np.full((1, 3), 0.4)).curves[0]
        self.assertLess(float(np.ptp(curve)), 0.002)

    def test_no_smoother_curve_has_the_same_colour(self) -> None:
        """Moved along what the eye does not see, z has larger slopes."""
        from fernring.core.colour.spectrum import primaries

        curve = of_colours(("#b5402e",)).curves[0]
        z = np.arctanh(2 * curve - 1)
        seen = primaries() * ((1 - np.tanh(z) ** 2) / 2)[:, None]
        random = np.random.default_rng(3).normal(size=(20, 36))
        unseen = random - random @ seen @ np.linalg.pinv(seen)
        slope = (np.diff(z) ** 2).sum()
        for step in unseen:
            self.assertGreater((np.diff(z + 1e-3 * step) ** 2).sum(), slope)

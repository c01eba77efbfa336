"""Half an egg."""

from math import inf, pi

import numpy as np

from fernring.core.geometry.dome import ball
from fernring.core.geometry.egg import HalfEgg
from tests.assertions import FernTestCase

EGG = HalfEgg(28, 46)


class EggTest(FernTestCase):
    def test_an_egg_as_long_as_wide_is_a_ball(self) -> None:
        """Walks, places and contacts of a sphere, in closed form; heights count from the widest circle."""
        egg, sphere = HalfEgg(30, 30), ball(60)
        walk, angle = np.linspace(0, 45, 40), np.linspace(0, 6, 40)
        np.testing.assert_allclose(np.stack(egg.points(walk, angle)), np.stack(sphere.points(walk, angle)), atol=1e-9)
        point = sphere.points(np.array([20.0]), np.array([0.3]))
        for found, wanted in zip(
            egg.contact_walk(angle[:8], *point, np.full(8, 6.0)),
            sphere.contact_walk(angle[:8], *point, np.full(8, 6.0)),
            strict=True,
        ):
            self.assertEqual(bool(np.isnan(found)), bool(np.isnan(wanted)))
            if not np.isnan(found):
                self.assert_mm(float(found), float(wanted), 1e-7)

    def test_pole_and_widest_circle(self) -> None:
        self.assertEqual(EGG.circle(0.0).reach, 0)
        self.assert_mm(EGG.circle(0.0).z, 46)
        self.assert_mm(EGG.circle(EGG.rim).reach, 28, 1e-9)
        self.assert_mm(EGG.circle(EGG.rim).z, 0, 1e-9)
        self.assertEqual(EGG.walk(28.001), inf)
        self.assert_mm(EGG.walk(28), EGG.rim, 1e-9)
        self.assert_mm(EGG.walk(0), 0)

    def test_beyond_the_widest_circle_the_walk_runs_on(self) -> None:
        """At the slope there: it goes straight down by what is walked."""
        self.assert_mm(EGG.circle(EGG.rim + 1e-3).z, -1e-3, 1e-8)
        above, at = EGG.walk_to(np.array([28.0, 40.0]), np.zeros(2))
        self.assert_mm(float(above), EGG.rim, 1e-9)
        self.assertTrue(np.isnan(at))

    def test_arcs_over_a_chord_are_longest_where_it_bends_most(self) -> None:
        """The smallest radius of curvature of an ellipse is b²/a or a²/b: here 28²/46 at the pole."""
        tight = 28**2 / 46
        self.assert_mm(EGG.longest_arc(2 * tight), pi / 2 * 2 * tight, 1e-9)
        self.assertGreater(EGG.longest_arc(5), 5)
        self.assertLess(EGG.longest_arc(5), HalfEgg(28, 80).longest_arc(5))

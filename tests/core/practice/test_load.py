"""One load of a practice walk."""

import numpy as np
from scipy.stats import linregress

from fernring.core.errors import FitError
from fernring.core.practice.load import walked
from tests.assertions import FernTestCase

DOTS = (3.1, 2.9, 2.95, 2.6, 2.5, 2.2)


class WalkedTest(FernTestCase):
    def test_against_a_general_solver(self) -> None:
        """scipy's linear regression of the logarithms on the numbers."""
        theirs = linregress(np.arange(6), np.log(DOTS))
        found = walked(DOTS)
        self.assertAlmostEqual(found.load.ratio, float(np.exp(theirs.slope)), places=9)
        self.assertAlmostEqual(found.first, float(np.exp(theirs.intercept)), places=9)
        self.assertAlmostEqual(found.smallest, float(np.exp(theirs.intercept + 5 * theirs.slope)), places=9)
        self.assertEqual(found.load.dots, 6)
        rest = np.log(DOTS) - theirs.intercept - theirs.slope * np.arange(6)
        self.assertAlmostEqual(found.spread, float(np.sqrt((rest**2).sum() / 4)), places=9)

    def test_an_exact_run(self) -> None:
        found = walked([4.0 * 0.9**k for k in range(7)])
        self.assertAlmostEqual(found.load.ratio, 0.9, places=9)
        self.assertAlmostEqual(found.spread, 0.0, places=9)

    def test_refusals(self) -> None:
        for dots, words in (((3.0,), "two dots at least"), ((2.0, 3.0), "grow"), ((3.0, 1.0), "below half")):
            with self.assertRaisesRegex(FitError, words):
                walked(dots)

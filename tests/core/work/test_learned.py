"""What figures make of a default."""

from math import log, sqrt

from fernring.core.work.learned import posterior
from tests.assertions import FernTestCase


class LearnedTest(FernTestCase):
    def test_between_the_prior_and_what_was_seen(self) -> None:
        """Without figures the prior; with many of them what they say; one as sure as the prior halves the way."""
        self.assertEqual(posterior([], 0.4, 0.35), (0.0, 0.4))
        many = posterior([log(2.0)] * 400, 0.4, 0.35)
        self.assertAlmostEqual(many.mean, log(2.0), delta=0.01)
        self.assertLess(many.sd, 0.02)
        one = posterior([1.0], 0.3, 0.3)
        self.assertAlmostEqual(one.mean, 0.5)
        self.assertAlmostEqual(one.sd, 0.3 / sqrt(2))

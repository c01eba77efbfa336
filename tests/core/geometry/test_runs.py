"""Unbroken stretches of a ring."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.geometry.runs import round_runs
from tests.assertions import FernTestCase


class RunTest(FernTestCase):
    @given(st.lists(st.booleans(), min_size=1, max_size=40).filter(lambda held: not all(held)))
    def test_runs_hold_every_place_once_in_order_round_the_ring(self, held: list[bool]) -> None:
        runs = round_runs(np.array(held))
        self.assertEqual(sorted(int(k) for run in runs for k in run), [k for k, on in enumerate(held) if on])
        for run in runs:
            self.assertTrue(((np.diff(run) % len(held)) == 1).all())
            self.assertFalse(held[(run[0] - 1) % len(held)] or held[(run[-1] + 1) % len(held)])

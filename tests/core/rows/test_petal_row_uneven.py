"""A row of petals that all lie differently: the last of them decides."""

from itertools import product

from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.test_meeting import GAP, clear, moved_in, planned


class UnevenPetalRowTest(FernTestCase):
    def test_on_a_domed_blank_that_is_not_round_the_last_two_meet(self) -> None:
        """No pair is closer than the gap and one is at it; moved in by the remainder they nest, to 0.01 mm."""
        for outline, spacing in product((patterns.OVAL, patterns.SQUARE), ("equal angles", "equal gaps")):
            with self.subTest(outline=outline, spacing=spacing):
                found = planned(6, blank={**outline, "relief": {"kind": "dome", "rise": 18.0}}, spacing=spacing)
                self.assert_mm(min(clear(found, k, (k + 1) % 6) for k in range(6)), GAP, 1e-6)
                self.assertGreater(max(clear(found, k, (k + 1) % 6) for k in range(6)), GAP + 1e-3)
                least = min(moved_in(found, k, 0.01) for k in range(6))
                self.assertTrue(GAP <= least <= GAP + 0.01, least)

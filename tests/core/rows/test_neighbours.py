"""The nearest neighbour of each row."""

from fernring.core.plan import plan
from tests import samples
from tests.assertions import FernTestCase, clearances
from tests.blanks import bare


class NearTest(FernTestCase):
    def test_gaps_stated_on_each_relief_are_kept_in_space(self) -> None:
        rows = (samples.centre(), samples.row("a", 3.0, gap=0.5), samples.row("b", 4.0, gap=0.5))
        for name in ("dome", "plate", "egg", "domed oval"):
            with self.subTest(name):
                found = plan(bare(name, rows=rows))
                self.assert_mm(float(clearances(found.dots).min()), 0.5, 1e-6)

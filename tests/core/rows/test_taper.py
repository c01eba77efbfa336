"""How a tail thins."""

import numpy as np

from fernring.core.rows.taper import TIP, taper
from tests.assertions import FernTestCase


class TaperTest(FernTestCase):
    def test_from_the_whole_head_to_the_tip(self) -> None:
        t = np.linspace(0, 1, 5)
        np.testing.assert_allclose(taper(False, t), 1 - (1 - TIP) * t)
        thin = taper(True, t)
        self.assertEqual((thin[0], thin[-1]), (1.0, TIP))
        self.assertTrue((thin[1:-1] < taper(False, t)[1:-1]).all())

"""What holds for every manner of filling."""

import numpy as np
import shapely

from fernring.core.rows.fills.manners.manner import Manner
from fernring.core.rows.fills.pack import Packed, Task
from tests.assertions import FernTestCase
from tests.fill_cases import ellipse, task, violations

AREA = shapely.Polygon(ellipse(40, 25)).difference(shapely.box(-8, -4, 8, 4))
SIZES = (4.0, 2.5, 1.2)


class MannerTestCase(FernTestCase):
    def filled(self, manner: Manner, way_rad: float = 0.0, **more: object) -> tuple[Task, Packed]:
        of = task(AREA, SIZES, **more)
        found = manner.fill(of, way_rad)
        self.assertGreater(len(found.at), 10)
        self.assertLess(violations(of, found), 1e-6, manner.id)
        again = manner.fill(task(AREA, SIZES, **more), way_rad)
        np.testing.assert_array_equal(found.at, again.at, "the same task gives the same dots")
        return of, found

    def sizes(self, found: Packed) -> list[int]:
        """How many there are of each size."""
        return np.bincount(found.size, minlength=len(SIZES)).tolist()

"""Places evenly spread along a curve."""

import numpy as np

from fernring.core.rows.halves import open_halves
from fernring.core.rows.tracks.along import places_along
from fernring.core.rows.tracks.placing import Places
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import piece, row

LINE = np.array([(0.0, 0.0), (30.0, 0.0)])
FITTED = row("a", 2.0, gap=1.0, fit="count")


class AlongTest(FernTestCase):
    def places(self, rule: object, plan: np.ndarray, closed: bool = False) -> Places:
        found = places_along(rule, open_halves(piece()).front, plan, closed)
        assert isinstance(found, Places)
        return found

    def test_as_many_as_keep_the_gap_one_on_either_end(self) -> None:
        found = self.places(FITTED, LINE)
        np.testing.assert_allclose(found.x, np.arange(11) * 3.0, atol=1e-9)
        self.assert_mm(found.clear, 1.0)
        self.assertLess(found.off, 1e-9)

    def test_a_closed_curve_ends_where_it_began(self) -> None:
        square = np.array([(0.0, 0.0), (12.0, 0.0), (12.0, 12.0), (0.0, 12.0)])
        found = self.places(FITTED, square, True)
        self.assertEqual(len(found.x), 16)
        gaps = np.hypot(found.x - np.roll(found.x, -1), found.y - np.roll(found.y, -1))
        self.assertLess(float(np.ptp(gaps)), 1e-6)

    def test_a_line_off_the_blank_says_so(self) -> None:
        context = open_halves(patterns.piece("petals on a dome")).front
        self.assertEqual(places_along(FITTED, context, LINE * 9, False), "the line runs off the blank")

    def test_what_cannot_be_even_says_by_how_much_it_is_off(self) -> None:
        """A hairpin: two places far apart along it lie close together in space, and no even spacing exists."""
        hairpin = np.array([(0.0, 0.0), (20.0, 0.0), (20.0, 0.2), (0.0, 0.2)])
        three = row("a", 2.0, count={"kind": "absolute", "repeats": 4})
        found = places_along(three, open_halves(piece()).front, hairpin, False)
        assert isinstance(found, Places)
        apart = np.hypot(np.diff(found.x), np.diff(found.y))
        self.assert_mm(found.off, float(np.ptp(apart)), 1e-9)

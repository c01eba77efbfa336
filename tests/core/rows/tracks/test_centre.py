"""The centre."""

from fernring.core.plan import plan
from fernring.core.rows.tracks.centre import CentreTrack
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


class CentreTest(FernTestCase):
    def test_one_dot_in_the_middle(self) -> None:
        placed = plan(piece(centre(8.9))).solved.rows[0]
        self.assertEqual((placed.n, placed.walk, placed.repeats), (1, 0, 1))
        self.assertEqual((float(placed.own_dots.x[0]), float(placed.own_dots.radius[0])), (0, 4.45))

    def test_fitted_it_grows_to_the_border_but_not_past_what_a_dot_may_be(self) -> None:
        fitted = row("c", 2.0, track=CentreTrack(), fit="size", start={"kind": "on lines"})
        self.assert_mm(2 * float(plan(piece(fitted, diameter=40, border=2)).dots.radius[0]), 36)
        self.assert_mm(2 * float(plan(piece(fitted, diameter=400)).dots.radius[0]), 60)

    def test_on_a_dome_it_lies_on_top(self) -> None:
        dot = plan(patterns.piece("petals on a dome")).dots.take(slice(0, 1))
        self.assert_mm(float(dot.z[0]), 18)

"""Ladders from light to colour."""

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.errors import FitError
from fernring.core.paint.ladder import ladder
from tests.assertions import FernTestCase


class LadderTest(FernTestCase):
    def test_by_hand(self) -> None:
        """Ten drops of white and ten of half and half: five of colour onto five that are left."""
        first, second = ladder([0.0, 0.5], [10, 10])
        self.assertEqual((first.light, first.colour, first.holds), (15, 0, 15))
        self.assertEqual((second.light, second.colour, second.holds, second.share), (0, 5, 10, 0.5))

    @given(
        st.lists(st.floats(0.01, 0.2), min_size=1, max_size=6), st.lists(st.integers(3, 300), min_size=6, max_size=6)
    )
    def test_no_step_runs_short_and_shares_come_near(self, rises: list[float], needs: list[int]) -> None:
        shares = [sum(rises[: k + 1]) / 1.3 for k in range(len(rises))]
        rungs = ladder(shares, needs[: len(shares)])
        for rung, share, need in zip(rungs, shares, needs, strict=False):
            self.assertGreaterEqual(rung.holds, need - 1e-9)
            self.assertLess(abs(rung.share - share), 1.0 / rung.holds + 1e-9)

    def test_colour_alone_comes_out_of_its_own_pot(self) -> None:
        last = ladder([0.2, 1.0], [8, 6])[-1]
        self.assertEqual((last.light, last.colour, last.share), (0, 6, 1.0))

    def test_shares_that_do_not_rise(self) -> None:
        for shares in ([0.3, 0.3], [0.5, 0.2], [-0.1, 0.5], [0.5, 1.2]):
            with self.assertRaisesRegex(FitError, "must rise"):
                ladder(shares, [5, 5])

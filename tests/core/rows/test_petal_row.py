"""How close a row of petals may come: closed forms where only the hosts touch."""

from math import acos, inf, pi, sin

from fernring.core.rows.petal_row import PetalRow
from fernring.core.rows.ring_fit import RingFit
from fernring.core.rows.sequence import solve_rows
from tests import patterns
from tests.assertions import FernTestCase

GAP, N = 0.3, 10


def petals(host: float, dot: float, layers: int = 1, **trim: object) -> PetalRow:
    """Ten petals outside a centre of 11 mm."""
    given = patterns.walk(dot, load="each", gap=GAP, **trim)
    petal = patterns.row(
        "p", host, count={"kind": "absolute", "repeats": N}, gap=GAP, trims=[given], start=patterns.LINES
    )
    piece = patterns.with_rows(patterns.centre(), petal, segments=N)
    inside = piece.model_copy(update={"rows": piece.rows[:1]})
    context = solve_rows(inside)[0].front
    row = piece.rows[1]
    return PetalRow(row, 0, RingFit(row, context, None), N, (host, "t"), (dot, "t"), layers)


class PetalRowTest(FernTestCase):
    def test_hosts_that_are_the_widest_meet_by_their_chord(self) -> None:
        """2 w sin(pi/n) = host + gap; one small dot at the tip is in nobody's way."""
        self.assert_mm(petals(8.0, 0.5, sides="right", count=1).meeting(), (8 + GAP) / (2 * sin(pi / N)), 1e-8)

    def test_it_nests_where_the_host_touches_the_centre(self) -> None:
        self.assert_mm(petals(8.0, 0.5, sides="right", count=1).nested(), 5.5 + GAP + 4.0, 1e-8)

    def test_half_a_petal_is_as_wide_as_the_law_of_cosines_says(self) -> None:
        """Equal dots round a host turn by t, cos t = 1 - (2r + g)²/2(R + r + g)²; the widest stands nearest to a right
        angle. Two petals meet no closer than by the width of both, and no further than by that of their circles.
        """
        found = petals(6.0, 2.0)
        reach = 3.0 + 1.0 + GAP
        turn = acos(1 - (2.0 + GAP) ** 2 / (2 * reach**2))
        half = max(reach * sin(k * turn) + 1.0 for k in range(1, int(pi / turn) + 1))
        meet = found.meeting()
        self.assertGreaterEqual(meet, (2 * half + GAP) / (2 * sin(pi / N)) * 0.97)
        self.assertLessEqual(meet, (2 * (reach + 1.0) + GAP) / (2 * sin(pi / N)) + 1e-9)

    def test_more_layers_need_more_room(self) -> None:
        walks = [petals(6.0, 1.5, layers).meeting() for layers in (1, 2, 3)]
        self.assertEqual(walks, sorted(walks))
        self.assertEqual(petals(6.0, 1.5, 3).exactly().meeting(), walks[2], "on a flat blank it is exact already")
        self.assertGreater(petals(6.0, 1.5, 2).outer(20.0), petals(6.0, 1.5, 1).outer(20.0))

    def test_without_room_before_the_border_it_never_meets(self) -> None:
        self.assertEqual(petals(60.0, 8.0).meeting(), inf)

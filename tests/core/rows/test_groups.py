"""Groups of dots at one place."""

from itertools import combinations, pairwise
from math import hypot
from typing import Literal

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.member import Group
from fernring.core.plan import plan
from fernring.core.rows.groups import Offset, offsets, width
from tests import patterns
from tests.assertions import FernTestCase

Kind = Literal["line", "pair", "triangle", "diamond", "box", "fan"]


KINDS: tuple[Kind, ...] = ("line", "pair", "triangle", "diamond", "box", "fan")


COUNTS = {"pair": 2, "triangle": 3, "diamond": 4, "box": 4}


def clear(one: Offset, other: Offset) -> float:
    return hypot(one[0] - other[0], one[1] - other[1]) - (one[2] + other[2]) / 2


class GroupsTest(FernTestCase):
    @given(st.sampled_from(KINDS), st.floats(0.8, 8), st.floats(0, 1.5), st.integers(2, 7))
    def test_neighbours_keep_exactly_the_gap_and_no_two_are_closer(
        self, kind: Kind, size: float, gap: float, count: int
    ) -> None:
        found = offsets(Group(kind=kind, count=count), size, gap)
        gaps = sorted(clear(a, b) for a, b in combinations(found, 2))
        self.assert_mm(gaps[0], gap, 1e-9)
        self.assertEqual(len(found), COUNTS.get(kind, count))

    def test_a_line_falls_in_size_and_runs_straight_outward(self) -> None:
        found = offsets(Group(kind="line", count=4, falls=0.25), 4.0, 0.3)
        self.assertEqual([round(d, 6) for _, _, d in found], [4.0, 3.0, 2.25, 1.6875])
        self.assertTrue(all(u == 0 for u, _, _ in found))
        self.assertTrue(all(b[1] > a[1] for a, b in pairwise(found)))

    def test_groups_are_mirror_images_of_themselves(self) -> None:
        for kind in KINDS:
            places = {(round(u, 9), round(v, 9)) for u, v, _ in offsets(Group(kind=kind, count=5), 3.0, 0.4)}
            self.assertEqual(places, {(-u + 0.0, v) for u, v in places}, kind)

    def test_a_place_is_as_wide_as_its_group(self) -> None:
        self.assert_mm(width(None, 3.0, 0.4), 3.0)
        self.assert_mm(width(Group(kind="pair"), 3.0, 0.4), 6.4)
        self.assert_mm(width(Group(kind="line"), 3.0, 0.4), 3.0)

    def test_a_ring_of_groups_is_spaced_by_their_width(self) -> None:
        """Fitted to close, neighbouring pairs are as far apart as the dots of a pair."""
        pair = patterns.row("p", 3.0, fit="distance", group={"kind": "pair"}, gap=0.4)
        given = {**patterns.piece("petals").model_dump(mode="json"), "rows": [pair]}
        found = plan(type(patterns.piece("petals")).model_validate(given))
        self.assertEqual(len(found.dots), 24)
        self.assertEqual([v.code for v in found.verdicts if v.severity == "serious"], [])
        self.assertEqual(found.solved.rows[0].places, 12)

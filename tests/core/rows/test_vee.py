"""Dots in the V between two petals: in contact with both, whatever the petals look like."""

from typing import Any

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.plan import Plan, plan
from tests import patterns
from tests.assertions import FernTestCase

GAP = 0.3
BLANK = patterns.piece("petals").model_dump(mode="json")["blank"]
RELIEFS: dict[str, dict[str, Any]] = {
    "flat": {},
    "dome": {"relief": {"kind": "dome", "rise": 25.0}},
    "ball": {"relief": {"kind": "ball"}},
}


def planned(petal: dict[str, Any], host: float = 6.0, dot: float = 3.0, walk: float = 24.0, **more: Any) -> Plan:
    """Twelve petals and a row in the V between them."""
    blank = {"outline": {"kind": "round", "diameter": 150}, **more.pop("blank", {})}
    base = patterns.row("a", host, distance=patterns.at(walk), trims=[petal], start=patterns.LINES, gap=GAP)
    above = patterns.row("b", dot, start={"kind": "in the V"}, gap=GAP, **more)
    return plan(
        patterns.with_rows(base, above, blank={**patterns.piece("petals").model_dump(mode="json")["blank"], **blank})
    )


def contacts(found: Plan, place: int = 0) -> list[float]:
    """Clear distance (mm) in space of a dot in the V to each petal, the nearest first: host and all its dots."""
    dots = found.dots
    own = dots.take(dots.row == 1).take(np.array([place]))
    there = dots.take((dots.row == 0) & (dots.level == 1))
    apart = (
        np.sqrt((there.x - own.x) ** 2 + (there.y - own.y) ** 2 + (there.z - own.z) ** 2) - there.radius - own.radius
    )
    return sorted(float(apart[there.host == host].min()) for host in np.unique(there.host))


class VeeTest(FernTestCase):
    def assert_in_vee(self, found: Plan) -> None:
        """In contact with two petals at exactly the gap, and further from all others, at every place."""
        self.assertEqual(found.solved.rows[1].noroom, "")
        for place in range(found.solved.rows[1].n):
            first, second, *others = contacts(found, place)
            self.assert_mm(first, GAP, 1e-6)
            self.assert_mm(second, GAP, 1e-6)
            self.assertGreater(min(others), GAP)

    def test_even_petals_have_it_in_the_middle(self) -> None:
        found = planned(patterns.walk(1.5, load="each"))
        self.assert_in_vee(found)
        own = found.dots.take(found.dots.row == 1)
        angle = float(np.arctan2(own.x[0], -own.y[0]))
        self.assert_mm(angle % (np.pi / 6), np.pi / 12, 1e-9)
        self.assertEqual(len(own), 12)

    def test_petals_walked_on_one_side_have_it_aside(self) -> None:
        found = planned(patterns.walk(1.5, load="each", sides="right"), host=8.0)
        self.assert_in_vee(found)
        own = found.dots.take(found.dots.row == 1)
        angle = float(np.arctan2(own.x[0], -own.y[0])) % (np.pi / 6)
        self.assertGreater(abs(angle - np.pi / 12), 0.005)

    @settings(max_examples=25, deadline=None)
    @given(
        st.floats(4, 8), st.floats(1.0, 2.0), st.floats(2.0, 5.0), st.integers(1, 2),
        st.sampled_from(("both", "right", "left")), st.sampled_from(("flat", "dome", "ball")),
    )  # fmt: skip
    def test_whatever_the_petals(
        self, host: float, walked: float, dot: float, layers: int, sides: str, relief: str
    ) -> None:
        petal = patterns.walk(round(walked, 2), load="each", sides=sides, layers=layers)
        found = planned(petal, round(host, 2), round(dot, 2), 28.0, blank=RELIEFS[relief])
        if found.solved.rows[1].noroom:
            self.assertRegex(found.solved.rows[1].noroom, "no V|in the way|pass the border")
        else:
            first, second, *_ = contacts(found)
            self.assert_mm(first, GAP, 1e-5)
            self.assert_mm(second, GAP, 1e-5)

    def test_by_two_equal_circles(self) -> None:
        """Hosts alone touched (their petals end at the tip): an isosceles triangle of sides R + r + g over a chord."""
        petal = patterns.walk(0.5, load="each", count=1, sides="right")
        found = planned(petal, host=12.0, dot=2.0, walk=24.0)
        reach = 24.0 * np.cos(np.pi / 12) + np.sqrt((6.0 + 1.0 + GAP) ** 2 - (24.0 * np.sin(np.pi / 12)) ** 2)
        self.assert_mm(found.solved.rows[1].walk, float(reach), 1e-6)

    def test_scales_grow_row_on_row(self) -> None:
        """Petals in the V of petals, three rows deep: none overlaps another."""
        petals = {"trims": [patterns.walk(1.3, load="each")], "gap": GAP}
        rows = [patterns.row("a", 4.6, distance=patterns.at(24), start=patterns.LINES, **petals)]
        larger = (("b", 6.8), ("c", 10.0))
        rows += [patterns.row(ident, size, start={"kind": "in the V"}, **petals) for ident, size in larger]
        found = plan(patterns.with_rows(*rows, blank={**BLANK, "outline": {"kind": "round", "diameter": 160}}))
        self.assertEqual([row.n for row in found.solved.rows], [12, 12, 12])
        self.assertLess(found.solved.rows[1].walk, found.solved.rows[2].walk)

    def test_as_many_as_there_are_or_a_share_of_them(self) -> None:
        whole = planned(patterns.walk(1.5, load="each"), fit="count", count={"kind": "absolute", "repeats": 5})
        self.assertEqual(whole.solved.rows[1].n, 12)
        half = planned(patterns.walk(1.5, load="each"), count={"kind": "absolute", "repeats": 6})
        self.assert_in_vee(half)
        odd = planned(patterns.walk(1.5, load="each"), count={"kind": "absolute", "repeats": 8})
        self.assertEqual(odd.solved.rows[1].noroom, "there are 12 places between the petals before it, and 8 repeats")

    def test_why_there_is_none(self) -> None:
        alone = patterns.only(patterns.row("b", 3.0, start={"kind": "in the V"}))
        self.assertEqual(alone.noroom, "no row of petals lies before it")
        far = planned(patterns.walk(1.5, load="each", count=1), host=2.0, dot=2.0, walk=50.0)
        self.assertIn("leave no V", far.solved.rows[1].noroom)
        two = planned(patterns.walk(1.5, load="each"), pattern=patterns.members(3.0, 2.0))
        self.assertIn("one kind of dot", two.solved.rows[1].noroom)

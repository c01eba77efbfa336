"""Petals that meet: neighbours just at the gap, nested on what lies inside, and none of the kit nearer to both."""

from collections.abc import Callable
from functools import partial
from itertools import product
from math import cos, inf, pi, sin
from typing import Any

import numpy as np

from fernring.core.dots.table import Array
from fernring.core.plan import Plan, plan
from tests import patterns
from tests.assertions import FernTestCase

GAP = 0.3
BLANK = patterns.piece("petals").model_dump(mode="json")["blank"]
RELIEFS: tuple[dict[str, Any], ...] = (
    {},
    {"relief": {"kind": "dome", "rise": 25.0}},
    {"relief": {"kind": "ball"}},
)
SMALL_KIT = (1.0, 1.5, 3.0, 4.0, 5.0)


def planned(n: int, *, kit: tuple[float, ...] = (), blank: dict[str, Any] | None = None, **more: Any) -> Plan:
    """A centre, n dots nested on it, and n petals that are to meet round both."""
    count = {"kind": "absolute", "repeats": n}
    inner = patterns.row("a", 3.0, count=count, gap=GAP)
    trims = more.pop("trims", [patterns.walk(1.5, load="each", gap=GAP)])
    row = patterns.row("p", 4.6, fit="meet", gap=GAP, count=count, trims=patterns.numbered(trims), **more)
    tools = [{"id": f"t{k}", "name": f"T{k}", "tip": size, "dots": [size]} for k, size in enumerate(kit)]
    whole = {**BLANK, "outline": {"kind": "round", "diameter": 130}, **(blank or {})}
    return plan(
        patterns.with_rows(
            patterns.centre(), inner, row, segments=n, blank=whole, **({"tools": tools} if tools else {})
        )
    )


def moved_in(found: Plan, k: int, short: float = 0.0) -> float:
    """What its k-th petal keeps clear of the rows inside (mm) when it stands alone, moved in by its remainder.

    It stays `short` mm further out than that.
    """
    row, piece = found.solved.rows[2], found.solved.piece.model_dump()
    one = {
        "distance": {"kind": "walk", "walk": row.walk - (row.remainder or 0) + short},
        "count": {"kind": "absolute", "repeats": 1},
        "start": {"kind": "angle", "degrees": float(np.degrees(row.own_dots.out_rad[k]))},
    }
    fixed = found.solved.rules[2].model_dump() | one
    return clear(plan(patterns.read({**piece, "rows": [*piece["rows"][:2], fixed]})), 0, -1)


def clear(found: Plan, one: int, other: int) -> float:
    """Smallest clear distance in space (mm) between two petals, or a petal and the rows inside (other = -1)."""
    dots = found.dots
    hosts = np.unique(dots.host[dots.row == 2])
    a = dots.take(dots.host == hosts[one])
    b = dots.take(dots.row < 2) if other < 0 else dots.take(dots.host == hosts[other])
    squares = sum((getattr(a, axis)[:, None] - getattr(b, axis)) ** 2 for axis in "xyz")
    return float((np.sqrt(squares) - a.radius[:, None] - b.radius).min())


def at(discs: Array, walk: float, angle: float) -> Array:
    """A petal's discs, given in its frame, in plan: x, y, radius."""
    u, v = discs[:, 0], discs[:, 1] + walk
    return np.stack((u * cos(angle) + v * sin(angle), u * sin(angle) - v * cos(angle), discs[:, 2]), axis=1)


def apart(one: Array, other: Array) -> float:
    gaps = np.hypot(one[:, None, 0] - other[:, 0], one[:, None, 1] - other[:, 1]) - one[:, None, 2] - other[:, 2]
    return float(gaps.min()) - GAP


def halved(room: Callable[[float], float]) -> float:
    low, high = 0.0, 200.0
    for _ in range(60):
        middle = (low + high) / 2
        low, high = (low, middle) if room(middle) >= 0 else (middle, high)
    return high


class MeetingTest(FernTestCase):
    def test_neighbours_are_at_the_gap_and_nothing_inside_is_closer(self) -> None:
        for relief in RELIEFS:
            for n in (8, 12):
                with self.subTest(relief=relief, n=n):
                    found = planned(n, blank=relief)
                    row = found.solved.rows[2]
                    self.assertEqual(row.noroom, "")
                    self.assert_mm(clear(found, 0, 1), GAP, 1e-4)
                    self.assertGreaterEqual(clear(found, 0, -1), GAP - 1e-4)
                    self.assertGreaterEqual(row.remainder or 0.0, 0)
                    self.assertEqual([v.text for v in found.verdicts if v.severity == "serious"], [])

    def test_moved_in_by_the_remainder_it_touches_what_lies_inside(self) -> None:
        self.assert_mm(moved_in(planned(8), 0), GAP, 1e-6)

    def test_no_petal_of_the_kit_leaves_less(self) -> None:
        """Against all of a small kit: each petal as it is drawn in plan, moved along its spoke by halving."""
        for n in (8, 10):
            found = planned(n, kit=SMALL_KIT)
            inner = found.dots.take(found.dots.row < 2)
            there = np.stack((inner.x, inner.y, inner.radius), axis=1)
            first = float(found.solved.rows[2].own_dots.out_rad[0])
            every = self.every(n, there, first)
            least = min((meet - nest for nest, meet in every if meet >= nest - 1e-9), default=inf)
            self.assert_mm(found.solved.rows[2].remainder or 0.0, least, 1e-5)

    def every(self, n: int, there: Array, first: float) -> list[tuple[float, float]]:
        """(D_nest, D_meet) of every petal of the small kit that stays inside the border."""
        found = []
        for host, dot, layers in product(SMALL_KIT, SMALL_KIT, range(1, 5)):
            if host < 2 or dot > host / 2:
                continue
            discs = self.petal(host, dot, layers)
            nest = halved(partial(self.room, discs, there, first))
            meet = halved(lambda w, d=discs: apart(at(d, w, 0.0), at(d, w, 2 * pi / n)))  # type: ignore[misc]
            if meet + float((discs[:, 1] + discs[:, 2]).max()) <= 62:
                found.append((nest, meet))
        return found

    def room(self, discs: Array, there: Array, first: float, walk: float) -> float:
        return apart(at(discs, walk, first), there)

    def petal(self, host: float, dot: float, layers: int) -> Array:
        """Discs of a petal far from everything, in its host's frame: u to the right, v outward."""
        trim = patterns.walk(dot, load="each", gap=GAP, layers=layers)
        alone = {"count": {"kind": "absolute", "repeats": 1}, "start": {"kind": "angle", "degrees": 0.0}}
        lone = patterns.row("p", host, distance=patterns.at(100.0), trims=[trim], **alone)
        wide = {**BLANK, "outline": {"kind": "round", "diameter": 400}}
        dots = plan(patterns.with_rows(lone, blank=wide)).dots
        return np.stack((dots.x, -dots.y - 100.0, dots.radius), axis=1)

    def test_what_is_said_is_what_was_found(self) -> None:
        found = planned(8)
        rule = found.solved.rules[2]
        self.assertEqual(found.solved.piece.rows[2].fit, "meet")
        self.assertIsNone(rule.fit)
        self.assertIn(rule.pattern[0].tool, [tool.id for tool in found.solved.piece.tools])
        self.assertNotIn("no tool", self.codes(found))

    def test_why_they_do_not(self) -> None:
        for words, more in (
            ("no petal that could meet", {"trims": []}),
            ("one dot with its petal", {"group": {"kind": "pair"}}),
            ("one dot with its petal", {"mirrored": {"kind": "angle", "degrees": 5.0}}),
            ("no petal that this kit can make", {"kit": (0.8, 1.0)}),
            ("round the centre only", {"track": {"kind": "inset"}}),
        ):
            with self.subTest(words):
                self.assertIn(words, planned(8, **more).solved.rows[2].noroom)
        alone = patterns.only(patterns.row("p", 4.6, fit="meet", trims=[patterns.walk(1.5)]))
        self.assertIn("nothing lies inside", alone.noroom)
        self.assertIn("at least three petals", planned(2).solved.rows[2].noroom)

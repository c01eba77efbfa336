"""Walked petals on reliefs."""

from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.dots.index import Index
from fernring.core.geometry.surface import Plane
from fernring.core.plan import Plan, plan
from fernring.core.rows.placed import PlacedRow
from fernring.core.rows.trims.host import Around, Host
from fernring.core.rows.trims.walk import SEEN, WalkTrim
from fernring.core.rows.trims.walking import Petal, walked
from tests import patterns
from tests.assertions import FernTestCase

BLANKS = {
    "dome": patterns.DOME,
    "ball": patterns.BALL,
    "egg": {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "egg", "length": 120, "widest": 52}},
}


def petal(blank: str, walk: float) -> Plan:
    trim = patterns.walk(1.5, load="each", layers=2, gap=0.2)
    row = patterns.row("a", 6.8, distance=patterns.at(walk), trims=[trim], count={"kind": "absolute", "repeats": 4})
    given = patterns.piece("petals").model_dump(mode="json")
    given["blank"] = {**given["blank"], **BLANKS[blank]}
    return plan(patterns.read({**given, "rows": [row], "segments": 4}))


class ReliefPetalTest(FernTestCase):
    def test_no_two_dots_of_a_petal_are_closer_than_the_gap_in_space(self) -> None:
        for name in BLANKS:
            with self.subTest(name):
                dots = petal(name, 26).dots
                own = np.flatnonzero((dots.below == 0) | (np.arange(len(dots)) == 0))
                place = np.stack((dots.x[own], dots.y[own], dots.z[own]), axis=1)
                apart = np.linalg.norm(place[:, None] - place[None], axis=2)
                clear = apart - dots.radius[own, None] - dots.radius[own] + np.where(np.eye(len(own)), np.inf, 0)
                self.assertGreater(float(clear.min()), 0.2 - 5e-3)
                nearest = np.sort(clear, axis=1)[:, 0]
                self.assertLess(float(np.abs(nearest - 0.2).max()), 5e-3)

    def test_every_dot_lies_on_the_surface(self) -> None:
        radius = (55**2 + 18**2) / 36
        dots = petal("dome", 26).dots
        away = np.sqrt(dots.x**2 + dots.y**2 + (dots.z - (18 - radius)) ** 2)
        np.testing.assert_allclose(away, radius, atol=1e-9)

    def test_petals_are_alike_all_round(self) -> None:
        for name in BLANKS:
            self.assert_turns_onto_itself(petal(name, 26), 4)


class WalkedTest(FernTestCase):
    @given(
        st.floats(0.4, 7), st.floats(0.3, 4), st.integers(1, 3), st.integers(0, 4), st.sampled_from((0.0, 0.1, 0.5)),
        st.sampled_from(("each", "one")), st.sampled_from(("outer point", "foot")),
    )  # fmt: skip
    def test_no_two_dots_of_a_petal_come_closer_than_its_gap(
        self, host: float, dot: float, layers: int, lead: int, gap: float, load: str, begin: str
    ) -> None:
        """However slim the petal, and however small its host beside what is walked round it."""
        found = self.walk(host, dot, layers=layers, lead=lead, gap=gap, load=load, begin=begin)
        discs = np.array([(0.0, 0.0, host), *(one.disc for one in found.dots)])
        apart = np.hypot(discs[:, None, 0] - discs[:, 0], discs[:, None, 1] - discs[:, 1])
        clear = (apart - discs[:, None, 2] - discs[:, 2])[np.triu_indices(len(discs), 1)]
        self.assertGreaterEqual(float(clear.min()), gap - 1e-5)

    def test_a_walk_that_would_overlap_its_own_petal_ends_and_says_so(self) -> None:
        found = [self.walk(host, 0.32, lead=2, gap=0.1) for host in np.arange(2.9, 7, 0.02)]
        told = [finding.figures for one in found for finding in one.findings if finding.code == "blocked"]
        self.assertTrue(told)
        self.assertTrue(all(layer == 1 and dots < 8 for layer, dots in told))

    def walk(self, host: float, dot: float, **more: Any) -> Petal:
        trim = WalkTrim.model_validate(
            {"id": "w", "size": {"diameter": 2 * dot}, "shades": patterns.shades("pale"), **more}
        )
        nobody = Around(Plane(200), Index(*(np.empty(0) for _ in range(4))), {}, {})
        return walked(trim, 0, Host(0.0, -50.0, 0.0, 50.0, 0.0, 0.0, host, 1, 0, 0, 0), nobody)


class SeveralTest(FernTestCase):
    def clear(self, found: Plan) -> float:
        """The smallest clear distance among what one dot carries and itself (mm)."""
        one = found.dots.take(found.dots.host == 0)
        places = np.stack((one.x, one.y, one.z), axis=1)
        apart = np.linalg.norm(places[:, None] - places, axis=2) - one.radius[:, None] - one.radius
        return float(apart[np.triu_indices(len(one), 1)].min())

    def planned(self, *trims: dict[str, Any], **relief: Any) -> Plan:
        given = patterns.piece("petals").model_dump(mode="json")
        given["blank"] = {**given["blank"], "outline": {"kind": "round", "diameter": 120}, **relief}
        walks = patterns.numbered(trims)
        row = patterns.row("a", 8.0, distance=patterns.at(30.0), trims=walks, count={"kind": "absolute", "repeats": 4})
        return plan(patterns.read({**given, "rows": [row], "segments": 4}))

    def test_on_steep_reliefs_no_third_dot_comes_closer_than_the_gap(self) -> None:
        for rise in (30.0, 45.0, 55.0):
            for layers, size in ((2, 2.5), (3, 1.5), (4, 1.0)):
                trim = patterns.walk(size, load="each", layers=layers, gap=0.15)
                found = self.planned(trim, relief={"kind": "dome", "rise": rise})
                with self.subTest(rise=rise, layers=layers):
                    self.assertGreater(self.clear(found), 0.15 - SEEN)

    def test_a_second_walk_on_a_dot_goes_round_the_first(self) -> None:
        one, other = patterns.walk(1.5, load="each", gap=0.2), patterns.walk(2.0, load="each", gap=0.2)
        for sides in ("both", "left"):
            found = self.planned(one, {**other, "sides": sides})
            with self.subTest(sides):
                self.assertGreater(self.clear(found), 0.2 - 1e-9)
                self.assertGreater(int((found.dots.trim == 1).sum()), 8)


class KindsOfPlacesTest(FernTestCase):
    """Petals on dots that do not all look alike from where they stand."""

    def row(self, *sizes: float, distance: float = 34, **more: Any) -> PlacedRow:
        trims = [patterns.walk(1.0, load="each", gap=0.2)]
        return patterns.only(patterns.row("a", *sizes, distance=patterns.at(distance), trims=trims, **more))

    def per_host(self, row: PlacedRow) -> list[int]:
        return np.bincount(row.grown.dots.host, minlength=len(row.own_dots)).tolist()

    def test_both_dots_of_a_pair_have_their_petal(self) -> None:
        row = self.row(3.0, group={"kind": "pair"}, gap=3.0)
        (alone,) = set(self.per_host(self.row(3.0)))
        self.assertEqual(self.per_host(row), [alone] * 24)

    def test_the_largest_member_has_them_or_the_one_that_is_chosen(self) -> None:
        self.assertEqual([k % 2 for k, n in enumerate(self.per_host(self.row(4.6, 3.0))) if n], [0] * 12)
        self.assertEqual([k % 2 for k, n in enumerate(self.per_host(self.row(4.6, 3.0, trimmed=1))) if n], [1] * 12)

    def test_petals_touch_their_own_host(self) -> None:
        row = self.row(4.6, 3.0, trimmed=1)
        own, dots = row.own_dots, row.grown.dots
        apart = np.hypot(dots.x - own.x[dots.host], dots.y - own.y[dots.host])
        np.testing.assert_allclose(apart - dots.radius - own.radius[dots.host], 0.2, atol=1e-9)

    def test_sides_that_cannot_be_equal_are_told_when_they_need_not_be(self) -> None:
        """A dot that stands beside the row's first place stops one side of that petal only."""
        beside = patterns.row("b", 2.0, distance=patterns.at(34), count={"kind": "absolute", "repeats": 1},
                              start={"kind": "angle", "degrees": 5.5})  # fmt: skip
        for equal, said in ((True, False), (False, True)):
            trims = [patterns.walk(1.0, load="each", gap=0.2, equal=equal)]
            found = plan(patterns.with_rows(beside, patterns.row("a", 3.0, distance=patterns.at(34), trims=trims)))
            self.assertEqual("uneven sides" in self.codes(found), said)


class ShadesTest(FernTestCase):
    """Which shade each walked dot takes; the trim names teal, pale and amber."""

    def shades(self, **more: object) -> tuple[list[int], list[float], list[str]]:
        """Of the first petal: layer of each dot, its angle from the petal's axis as seen from the host, its shade."""
        trim = patterns.walk(1.5, load="each", **more)
        found = plan(patterns.with_rows(patterns.row("a", 8.9, distance=patterns.at(34), trims=[trim])))
        dots = found.dots.take((found.dots.trim == 0) & (found.dots.host == 0))
        out, host = found.dots.out_rad[0], (found.dots.x[0], found.dots.y[0])
        turned = np.arctan2(dots.x - host[0], -(dots.y - host[1])) - out
        from_axis = np.abs((turned + np.pi) % (2 * np.pi) - np.pi)
        names = [found.solved.palette.shades[k].name for k in dots.shade]
        return dots.layer.tolist(), from_axis.tolist(), names

    def test_one_for_each_layer(self) -> None:
        layers, _, names = self.shades(layers=3, shading="by layer")
        for layer, name in ((1, "Teal"), (2, "Pale"), (3, "Amber")):
            self.assertEqual({one for one, at in zip(names, layers, strict=True) if at == layer}, {name})

    def test_along_the_petal_from_its_point_to_the_foot(self) -> None:
        _, along, names = self.shades(shading="along")
        order = [names[k] for k in np.argsort(np.round(along, 6), kind="stable")]
        self.assertEqual(sorted(order, key=("Teal", "Pale", "Amber").index), order)
        self.assertEqual(set(order), {"Teal", "Pale", "Amber"})

    def test_all_in_the_first(self) -> None:
        self.assertEqual(set(self.shades(layers=2)[2]), {"Teal"})

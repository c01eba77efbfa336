"""Walked petals on reliefs."""

import numpy as np

from fernring.core.plan import Plan, plan
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

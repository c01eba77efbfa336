"""What the tests say again and again, in one vocabulary."""

import unittest
from itertools import combinations

import numpy as np

from fernring.core.advice.verdict import Remedy, Verdict
from fernring.core.dots.table import Array, Dots
from fernring.core.plan import Plan
from fernring.core.proposals.remedies import remedies


class FernTestCase(unittest.TestCase):
    """unittest with the words of the craft."""

    def assert_mm(self, found: float, wanted: float, within: float = 1e-9) -> None:
        """Two lengths agree to within `within` mm."""
        self.assertLessEqual(abs(found - wanted), within, f"{found!r} mm is not {wanted!r} mm")

    def assert_no_overlap(self, dots: Dots, tolerance: float = 1e-6) -> None:
        """By brute force: no two dots share any space."""
        self.assertGreater(clearances(dots).min(initial=np.inf), -tolerance)

    def assert_inside(self, plan: Plan) -> None:
        """No dot's edge lies beyond the border."""
        dots, limit = plan.dots, plan.solved.context.limit
        outer = np.hypot(dots.x, dots.y) + dots.radius
        self.assertLessEqual(outer.max(initial=0.0), limit + 1e-6)

    def assert_turns_onto_itself(self, plan: Plan, n: int) -> None:
        """Turned by one n-th of a circle, every row's dots fall on dots of the same row and size."""
        dots = plan.dots
        turn = 2 * np.pi / n
        here = dots.x + 1j * dots.y
        for index in range(len(plan.solved.rows)):
            own = here[dots.row == index]
            turned = own * np.exp(1j * turn)
            apart = np.abs(turned[:, None] - own[None, :]).min(axis=1, initial=np.inf)
            self.assertLess(apart.max(initial=0.0), 1e-6, f"row {index} does not repeat {n} times")

    def codes(self, plan: Plan) -> list[str]:
        return [verdict.code for verdict in plan.verdicts]

    def verdict(self, plan: Plan, code: str) -> Verdict:
        """The one verdict of this code."""
        found = [verdict for verdict in plan.verdicts if verdict.code == code]
        self.assertEqual(len(found), 1, f"wanted one “{code}” among {self.codes(plan)}")
        return found[0]

    def remedies(self, plan: Plan, code: str) -> tuple[Remedy, ...]:
        """What is offered for the one verdict of this code."""
        return remedies(plan.solved.piece, self.verdict(plan, code).key, plan.solved)


def between(one: Dots, other: Dots) -> Array:
    """Clear distance of every dot of one table to every dot of another (mm), shape (n, m)."""
    squares = [np.square(getattr(one, axis)[:, None] - getattr(other, axis)) for axis in "xyz"]
    return np.asarray(np.sqrt(sum(squares)) - one.radius[:, None] - other.radius)


def clearances(dots: Dots) -> np.ndarray:
    """Clear distance of every pair of dots (mm), without any cleverness."""
    pairs = np.array(list(combinations(range(len(dots)), 2)), dtype=int).reshape(-1, 2)
    i, j = pairs[:, 0], pairs[:, 1]
    apart = np.sqrt((dots.x[i] - dots.x[j]) ** 2 + (dots.y[i] - dots.y[j]) ** 2 + (dots.z[i] - dots.z[j]) ** 2)
    return np.asarray(apart - dots.radius[i] - dots.radius[j])

"""Rings on reliefs."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.advice.blank_report import most_repeats, report
from fernring.core.geometry.chain import closed_chain
from fernring.core.geometry.dome import ArcDome
from fernring.core.geometry.outline.rays import Rim
from fernring.core.geometry.outline.shapes import oval
from fernring.core.geometry.surface import Surface
from fernring.core.rows.ring_spacing import CircleSpacing, ring_spacing
from fernring.core.rows.spacing import SPACINGS
from fernring.core.solved import solve_piece
from tests import samples
from tests.assertions import FernTestCase
from tests.blanks import bare
from tests.core.geometry.test_surface import SURFACES


class CapacityTest(FernTestCase):
    """Ring capacity on curved blanks against placing the dots one count at a time and measuring in space."""

    def most_by_trying(self, surface: Surface, walk: float, dot: float, gap: float, first: float) -> int:
        best = 1
        for n in range(2, 400):
            angle = first + np.arange(n) * 2 * np.pi / n
            place = np.stack(surface.points(np.full(n, walk), angle), axis=1)
            apart = np.linalg.norm(place - np.roll(place, -1, axis=0), axis=1).min()
            if apart < dot + gap - 1e-9:
                break
            best = n
        return best

    def test_never_off_by_one_in_500_cases(self) -> None:
        random = np.random.default_rng(20)
        names = sorted(SURFACES)
        for _ in range(500):
            surface = SURFACES[names[random.integers(len(names))]]
            dot, gap, first = random.uniform(0.8, 6), random.uniform(0, 1), random.uniform(0, 6)
            low = float(surface.edge(np.linspace(0, 6, 60)).min())
            walk = random.uniform(dot + gap, max(low, dot + gap + 1))
            found = most_repeats(ring_spacing(surface, "equal angles"), walk, (dot,), gap, first)
            self.assertEqual(found, self.most_by_trying(surface, walk, dot, gap, first), (surface, walk, dot, gap))

    def test_a_flat_calculation_promises_too_many(self) -> None:
        piece = bare("ball", rows=(samples.row("r", 3.0, half="both", distance={"kind": "walk", "walk": 50}),))
        solved = solve_piece(piece)
        ring = report(piece, solved.ground, solved.halves, solved.rows, solved.marks).rings[0]
        self.assertGreater(ring.flat, ring.fit + 10)

    @given(st.floats(8, 40), st.integers(4, 24), st.lists(st.sampled_from((1.0, 2.6, 4.0)), min_size=1, max_size=3))
    def test_equal_gaps_on_a_domed_oval_are_equal(self, walk: float, repeats: int, sizes: list[float]) -> None:
        surface = ArcDome(Rim(oval(140, 90)), 20)
        spacing = ring_spacing(surface, "equal gaps")
        angle = spacing.angles(walk, sizes, repeats, 0.3)
        if len(angle) < 3 or len(angle) * max(sizes) > 5 * walk:
            return
        radius = np.resize(np.array(sizes) / 2, len(angle))
        place = np.stack(surface.points(np.full(len(angle), walk), angle), axis=1)
        gaps = np.linalg.norm(np.roll(place, -1, axis=0) - place, axis=1) - radius - np.roll(radius, -1)
        self.assertLess(float(np.ptp(gaps)), 1e-6)

    def test_on_an_even_surface_the_chain_finds_the_closed_form(self) -> None:
        surface, sizes, repeats = SURFACES["dome"], [4.0, 1.5, 1.5], 8
        spacing = CircleSpacing(surface, SPACINGS["equal gaps"])
        sums = np.resize(np.array([2.75, 1.5, 2.75]), 24)
        found = closed_chain(
            lambda a: np.stack(surface.points(np.full(len(a), 25.0), a), axis=1), np.arange(24) * 2 * np.pi / 24, sums
        )
        self.assert_mm(found.gap, spacing.clear(25.0, sizes, repeats, 0.0), 1e-7)

    def test_uneven_rings_run_clockwise_from_their_first_place(self) -> None:
        """Angle 0 is at twelve o'clock and grows clockwise: x = reach sin a, y = -reach cos a."""
        surface = ArcDome(Rim(oval(140, 90)), 20)
        for kind in ("equal angles", "equal gaps"):
            angle = ring_spacing(surface, kind).angles(30.0, [3.0, 2.0], 9, 0.4)
            self.assert_mm(float(angle[0]), 0.4)
            self.assertTrue((np.diff(angle) > 0).all(), kind)
            self.assertLess(float(angle[-1] - angle[0]), 2 * np.pi)
        own = (
            solve_piece(bare("dome", rows=(samples.row("r", 3.0, distance={"kind": "walk", "walk": 30}),)))
            .rows[0]
            .own_dots
        )
        turned = np.unwrap(np.arctan2(own.x, -own.y))
        self.assertTrue((np.diff(turned) > 0).all())

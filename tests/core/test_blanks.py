"""Blanks: grounds, rings and guides on every kind, and what is said of measures that cannot be."""

from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.advice.blank_report import most_repeats, report
from fernring.core.document.blank import Blank
from fernring.core.document.changes import Change, changed
from fernring.core.document.piece import Piece
from fernring.core.errors import DocumentError, FitError
from fernring.core.geometry.chain import closed_chain
from fernring.core.geometry.dome import ArcDome
from fernring.core.geometry.outline.rays import Rim
from fernring.core.geometry.outline.shapes import oval
from fernring.core.geometry.surface import Surface
from fernring.core.ground.ground import ground
from fernring.core.guides.lines import guide_lines, net
from fernring.core.plan import plan
from fernring.core.proposals.starting.compose import compose
from fernring.core.proposals.starting.recipe import recipes
from fernring.core.regions.ends import ends
from fernring.core.rows.ring_spacing import CircleSpacing, ring_spacing
from fernring.core.rows.spacing import SPACINGS
from fernring.core.solved import solve_piece
from tests import samples
from tests.assertions import FernTestCase, clearances
from tests.core.test_surfaces import SURFACES

BLANKS: dict[str, dict[str, Any]] = {
    "oval": {"outline": {"kind": "oval", "length": 140, "width": 90}},
    "narrow oval": {"outline": {"kind": "oval", "length": 139.7, "width": 88.9}, "border": 4},
    "square": {"outline": {"kind": "square", "side": 108, "corner": 4}},
    "rectangle": {"outline": {"kind": "rectangle", "length": 150, "width": 100}},
    "polygon": {"outline": {"kind": "polygon", "sides": 6, "side": 60}},
    "heart": {"outline": {"kind": "heart", "length": 120, "width": 130}, "centre": {"kind": "inscribed"}},
    "cross": {"outline": {"kind": "cross", "length": 200, "width": 160, "arm": 70}},
    "leaf": {"outline": {"kind": "leaf", "length": 180, "width": 90}, "lie": {"kind": "angle", "degrees": 30}},
    "spoked": {"outline": {"kind": "spoked", "distances": [50, 55, 52, 47, 44, 46, 51, 58]}},
    "odd": {"outline": {"kind": "odd", "x": [-50, 45, 60, 20, -40], "y": [-40, -50, 10, 55, 45]}},
    "dome": {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "dome", "rise": 18}},
    "taped": {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "taped dome", "tape": 105}},
    "domed oval": {"outline": {"kind": "oval", "length": 120, "width": 90}, "relief": {"kind": "dome", "rise": 20}},
    "plate": {"outline": {"kind": "round", "diameter": 200}, "relief": {"kind": "plate", "well": 120, "rise": 15}},
    "ball": {"outline": {"kind": "round", "diameter": 80}, "relief": {"kind": "ball"}, "border": 1},
    "egg": {"outline": {"kind": "round", "diameter": 60}, "relief": {"kind": "egg", "length": 84, "widest": 36}},
}


def bare(name: str, **more: Any) -> Piece:
    return samples.piece(blank=Blank.model_validate({"base": {"colour": "#101417"}, **BLANKS[name]}), **more)


class EveryBlankTest(FernTestCase):
    def test_a_starting_pattern_fills_each_without_touching(self) -> None:
        for k, name in enumerate(BLANKS):
            with self.subTest(name):
                found = plan(compose(bare(name), recipes()[k % len(recipes())]))
                self.assert_no_overlap(found.dots)
                self.assertFalse({"off the blank", "over the border", "touching"} & set(self.codes(found)))
                self.assertGreater(len(found.solved.rows), 3)
                self.assert_mm(found.totals.left, 0, 1e-5)

    def test_both_halves_are_painted_alike_on_a_ball_and_each_for_itself_on_an_egg(self) -> None:
        ball, egg = (plan(compose(bare(name), recipes()[0])).dots for name in ("ball", "egg"))
        self.assertEqual(int((ball.z > 0).sum()), int((ball.z < 0).sum()))
        self.assertNotEqual(int((egg.z < 0).sum()), int((egg.z > 0).sum()))
        self.assertGreater(int((egg.z < 0).sum()), 100)

    def test_rows_stay_when_the_blank_changes_and_what_no_longer_fits_is_said(self) -> None:
        piece = compose(samples.piece(), recipes()[0])
        narrow = changed(piece, [Change(path=("blank", "outline", "diameter"), value=60.0)])
        self.assertEqual(len(narrow.rows), len(piece.rows))
        self.assertIn("no room", self.codes(plan(narrow)))
        ball = bare("ball", rows=(samples.centre(), samples.row("a", 3.0, half="back")))
        flat = ball.model_copy(update={"blank": samples.piece().blank})
        self.assertRegex(self.verdict(plan(flat), "no room").text, "has no other half")

    def test_a_ring_beyond_the_widest_circle(self) -> None:
        far = samples.row("far", 2.0, distance={"kind": "walk", "walk": 80})
        self.assertRegex(plan(bare("ball", rows=(far,))).solved.rows[0].noroom, "beyond the widest circle")

    def test_dots_over_a_border_are_counted_place_by_place(self) -> None:
        ring = samples.row(
            "ring", 3.0, distance={"kind": "walk", "walk": 50}, count={"kind": "absolute", "repeats": 24}
        )
        found = self.verdict(plan(bare("square", rows=(ring,))), "over the border")
        self.assertRegex(found.text, "at 4 places")
        self.assertEqual(len(found.dots), 4)

    def test_a_border_that_leaves_nothing(self) -> None:
        blank = {**BLANKS["leaf"], "border": 60}
        self.assertIn("no surface", self.codes(plan(samples.piece(blank=Blank.model_validate(blank)))))

    def test_measures_that_contradict_each_other(self) -> None:
        for name, more, words in (
            ("dome", {"relief": {"kind": "dome", "rise": 50}}, "more than half a ball"),
            ("taped", {"relief": {"kind": "taped dome", "tape": 80}}, "between 90 mm .flat."),
            ("odd", {"outline": {"kind": "odd", "x": [0, 50, 50, 0], "y": [0, 50, 0, 50]}}, "crosses itself near"),
            ("cross", {"centre": {"kind": "point", "x": 70, "y": 70}}, "lies outside the outline"),
            ("spoked", {"lie": {"kind": "symmetry axis"}}, "mirrors about no axis"),
        ):
            with self.subTest(name), self.assertRaisesRegex(FitError, words):
                ground(Blank.model_validate({**BLANKS[name], **more}))
        for name, more, words in (
            ("plate", {"relief": {"kind": "plate", "well": 220}}, "narrower than the plate"),
            ("egg", {"relief": {"kind": "egg", "length": 84, "widest": 80}}, "between a fifth and four fifths"),
            ("oval", {"relief": {"kind": "ball"}}, "a ball has a round outline"),
            ("square", {"outline": {"kind": "square", "side": 50, "corner": 30}}, "at most half the shorter side"),
        ):
            with self.subTest(name), self.assertRaisesRegex(ValueError, words):
                Blank.model_validate({**BLANKS[name], **more})
        with self.assertRaisesRegex(DocumentError, "Blank outline arm must be at least 10"):
            changed(bare("cross"), [Change(path=("blank", "outline", "arm"), value=2.0)])


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


class GuideTest(FernTestCase):
    def lines(self, name: str, **guides: Any) -> dict[str, list[Any]]:
        piece = bare(name, rows=(samples.row("r", 3.0, distance={"kind": "walk", "walk": 30}),), guides=guides)
        solved = solve_piece(piece)
        found: dict[str, list[Any]] = {}
        for line in guide_lines(net(piece, solved.rows)):
            found.setdefault(line.what, []).append(line)
        return found

    def test_circles_in_steps_and_at_rows(self) -> None:
        """Common practice, no source: the first at 20 mm, then every 10 mm."""
        found = self.lines("dome", spokes="none", steps={"first": 20, "step": 10}, at_rows=["r"])
        self.assertEqual([line.label for line in found["circle"]], ["20", "30", "40", "30.00"])

    def test_midlines_and_diagonals_make_eight_spokes_on_a_square(self) -> None:
        """Common practice, no source."""
        found = self.lines("square", spokes="none", midlines=True, diagonals=True)
        ends = [tuple(np.sign(np.round(end[:2], 6))) for kind in found.values() for line in kind for end in line.points]
        self.assertEqual(len(set(ends) - {(0.0, 0.0)}), 8)

    def test_a_circle_in_an_oval_leaves_two_ends(self) -> None:
        """Common practice, no source: a circle of 82.5 mm on an oval of 140 x 90 mm; slivers beside it are no ends."""
        clear = ground(bare("oval").blank).clear
        two = ends(clear, 41.25)
        self.assertEqual(len(two), 2)
        self.assertLess(abs(float(two[0].edge()[:, 0].mean() + two[1].edge()[:, 0].mean())), 1e-3)
        both = sum(part.area for part in two)
        self.assertLess(abs(both - (np.pi * 67 * 42 - np.pi * 41.25**2)), 0.05 * both)
        self.assertEqual(len(ends((oval(139.7, 88.9),), 82.55 / 2)), 2)
        self.assertEqual(ends(clear, 20), [])

    def test_circles_are_cut_where_the_blank_ends(self) -> None:
        found = self.lines("square", spokes="none", circles=[{"id": "c", "walk": 60}])
        self.assertEqual(len(found["circle"]), 4)
        self.assertFalse(any(line.closed for line in found["circle"]))

    def test_the_ends_of_an_oval_beyond_its_circle(self) -> None:
        found = self.lines("narrow oval", spokes="none", boundary=82.55)
        self.assertEqual((len(found["boundary"]), len(found["end"])), (1, 2))
        self.assert_mm(found["boundary"][0].curve.length, np.pi * 82.55, 0.01)

    def test_edges_divided_and_the_rim_ticked_by_halving(self) -> None:
        self.assertEqual(len(self.lines("polygon", edge_parts=5)["edge mark"]), 6 * 6)
        self.assertEqual(len(self.lines("plate", rim_ticks=16)["tick"]), 16)

    def test_a_row_sits_on_a_stepped_circle(self) -> None:
        on = samples.row("r", 2.0, distance={"kind": "guide", "circle": "step-2"})
        piece = bare("dome", rows=(on,), guides={"steps": {"first": 20, "step": 7}})
        self.assert_mm(solve_piece(piece).rows[0].walk, 27)

    def test_a_guide_that_would_show_is_named_and_a_better_marker_offered(self) -> None:
        piece = bare("dome", rows=(), guides={"marker": "soft pencil"})
        found = self.verdict(plan(piece), "guide shows")
        self.assertIn("soft pencil does not come off", found.text)
        self.assertEqual(found.remedies[0].changes[0].value, "chalk pencil")
        self.assertNotIn("guide shows", self.codes(plan(bare("dome", guides={"marker": "chalk pencil"}))))


class NearTest(FernTestCase):
    def test_gaps_stated_on_each_relief_are_kept_in_space(self) -> None:
        rows = (samples.centre(), samples.row("a", 3.0, gap=0.5), samples.row("b", 4.0, gap=0.5))
        for name in ("dome", "plate", "egg", "domed oval"):
            with self.subTest(name):
                found = plan(bare(name, rows=rows))
                self.assert_mm(float(clearances(found.dots).min()), 0.5, 1e-6)

"""The pattern language: no sample has a serious finding, and each track, group and trim does what it says."""

from itertools import pairwise
from typing import Any

import numpy as np

from fernring.core.document.changes import Change, changed
from fernring.core.document.piece import Piece
from fernring.core.dots.holes import holes
from fernring.core.errors import DocumentError
from fernring.core.geometry.outline.polygon import distance_to_edges
from fernring.core.plan import Plan, plan
from fernring.core.proposals.fits import what_fits
from fernring.core.proposals.fits_trim import trim_fits
from fernring.formats.plan_json import plan_bytes
from tests import patterns, samples
from tests.assertions import FernTestCase, clearances
from tests.patterns import at, centre, piece, row, swipe, top, walk


class SamplesTest(FernTestCase):
    def test_at_least_twenty_and_none_has_a_serious_finding(self) -> None:
        self.assertGreaterEqual(len(patterns.PIECES), 20)
        for name in patterns.PIECES:
            with self.subTest(name):
                found = plan(piece(name))
                self.assertEqual([v.text for v in found.verdicts if v.severity == "serious"], [])
                self.assertTrue(all(len(placed.own_dots.x) for placed in found.solved.rows))

    def test_the_same_document_gives_the_same_bytes(self) -> None:
        for name in ("petals", "gap dots", "families in the ends of an oval"):
            self.assertEqual(
                plan_bytes(plan(piece(name))), plan_bytes(plan(Piece.model_validate(piece(name).model_dump())))
            )

    def test_whole_pieces_turn_onto_themselves(self) -> None:
        for name in ("petals", "gap dots", "groups", "trims on trims", "petals on a dome"):
            with self.subTest(name):
                self.assert_turns_onto_itself(plan(piece(name)), 12)


class TrimTest(FernTestCase):
    def grown(self, *trims: Any, size: float = 6.8, distance: float = 20.0, **more: Any) -> Plan:
        one = row("a", size, distance=at(distance), trims=list(trims), count={"kind": "absolute", "repeats": 6}, **more)
        return plan(samples.piece(diameter=100, segments=6).model_copy(
            update={"rows": patterns.read({**piece("petals").model_dump(mode="json"), "rows": [one]}).rows}
        ))  # fmt: skip

    def test_a_walk_touches_with_its_gap_and_nothing_else(self) -> None:
        """Every walked dot is exactly the gap from the host or an earlier dot, and from the one before it."""
        found = self.grown(walk(1.5, load="each", layers=3, gap=0.2), distance=34)
        dots = found.dots
        own = np.flatnonzero((dots.below == 0) | (np.arange(len(dots)) == 0))
        gaps = clearances_of(found, own)
        nearest = np.sort(gaps + np.where(np.eye(len(own)), np.inf, 0), axis=1)[:, :2]
        self.assertGreater(float(gaps[~np.eye(len(own), dtype=bool)].min()), 0.2 - 1e-9)
        self.assertLess(float(np.abs(nearest[1:] - 0.2).max()), 1e-6)

    def test_diminishing_dots_fall_by_the_ratio_and_end_with_the_load(self) -> None:
        tool = {"id": "ball", "name": "Ball", "tip": 1.5, "dots": [1.5], "load": {"ratio": 0.9, "dots": 5}}
        petal = walk(1.5)
        petal["size"]["tool"] = "ball"
        given = piece("petals").model_dump(mode="json")
        given.update(rows=[centre(), row("a", 8.9, distance=at(30), trims=[petal])], tools=[*given["tools"], tool])
        found = plan(patterns.read(given))
        radii = found.solved.rows[1].grown.dots.radius[:5]
        for one, other in pairwise(radii):
            self.assertAlmostEqual(other / one, 0.9)
        verdict = self.verdict(found, "load too small")
        self.assertRegex(verdict.text, r"one load must give \d+ dots to reach the foot, and this one gives 5")
        again = plan(changed(found.solved.piece, self.remedies(found, "load too small")[-1].changes))
        self.assertNotIn("load too small", self.codes(again))

    def test_both_sides_are_mirror_images(self) -> None:
        found = self.grown(walk(1.5, load="each", layers=2), distance=30)
        own = found.solved.rows[0].grown.dots
        mine = own.host == 0
        places = {(round(abs(x), 6), round(y, 6)) for x, y in zip(own.x[mine], own.y[mine], strict=True)}
        sides = {(round(x, 6), round(y, 6)) for x, y in zip(own.x[mine], own.y[mine], strict=True) if x < -1e-6}
        self.assertTrue(all((-x, y) in places for x, y in sides))
        self.assertGreater(len(sides), 5)

    def test_one_side_gives_a_pinwheel_and_a_count_ends_it(self) -> None:
        one = self.grown(walk(1.5, load="each", sides="right", count=3))
        self.assertEqual(one.solved.rows[0].grown.dots.x.size, 6 * 4)
        self.assertTrue((one.solved.rows[0].grown.dots.x[:4] >= -1e-9).all())

    def test_top_dots_sit_inside_what_they_stand_on(self) -> None:
        found = self.grown(top(3.5, 1.5, towards="outward", shift=1.0))
        dots = found.dots
        high = np.flatnonzero(dots.level > 1)
        below = dots.below[high]
        apart = np.hypot(dots.x[high] - dots.x[below], dots.y[high] - dots.y[below])
        np.testing.assert_allclose(apart + dots.radius[high], dots.radius[below], atol=1e-9)
        self.assertEqual(sorted(set(dots.level.tolist())), [1, 2, 3])

    def test_a_top_dot_as_large_as_its_host_is_named(self) -> None:
        found = self.grown(top(6.8))
        self.assertEqual(self.verdict(found, "top too large").severity, "serious")
        (remedy,) = self.remedies(found, "top too large")
        self.assertNotIn("top too large", self.codes(plan(changed(found.solved.piece, remedy.changes))))

    def test_shades_of_stacks_take_turns_with_the_last_between(self) -> None:
        found = plan(piece("stacks in turns"))
        dots, names = found.dots, [shade.name for shade in found.solved.palette.shades]
        stacks: dict[int, list[str]] = {}
        for k in np.flatnonzero(dots.row == 1):
            stacks.setdefault(int(np.degrees(dots.out_rad[k]) + 0.5), []).append(names[dots.shade[k]])
        self.assertEqual(
            [stack[1:] for stack in list(stacks.values())[:2]], [["Red", "Pale", "Teal"], ["Teal", "Pale", "Red"]]
        )

    def test_swipes_end_where_they_are_told(self) -> None:
        for end, tip in (({"kind": "length", "mm": 9.0}, 29.0), ({"kind": "circle", "walk": 33.0}, 33.0)):
            found = self.grown({**swipe(), "to": end}, size=3.0)
            mark = found.solved.marked[0].mark
            self.assert_mm(float(np.hypot(*mark.spine[-1])), tip, 1e-9)
            self.assertGreater(mark.area, 10)

    def test_later_rows_nest_on_petals_and_swipes(self) -> None:
        for trim in (walk(1.5, load="each"), swipe(9)):
            rows = [row("a", 4.6, distance=at(18), trims=[trim]), row("b", 2.0, start={"kind": "on lines"}, gap=0.3)]
            given = {**piece("petals").model_dump(mode="json"), "rows": rows}
            found = plan(patterns.read(given))
            self.assertNotIn("touching", self.codes(found))
            self.assertGreater(found.solved.rows[1].walk, 21)

    def test_neighbouring_petals_that_collide(self) -> None:
        """One layer less still collides here, so two less are offered."""
        found = self.grown(walk(2.5, load="each", layers=3), size=8.9, distance=18)
        remedy = self.remedies(found, "petals collide")[0]
        self.assertEqual(remedy.label, "Two layers less")
        self.assertNotIn("petals collide", self.codes(plan(changed(found.solved.piece, remedy.changes))))

    def test_trims_deeper_than_three_are_refused(self) -> None:
        deep = top(3.0, trims=[top(2.0, trims=[top(1.5, trims=[top(1.0)])])])
        with self.assertRaisesRegex(DocumentError, "at most 3 deep; these are 4 deep"):
            changed(piece("petals"), [Change(path=("rows", 1, "trims"), value=patterns.numbered([deep]))])

    def test_what_fits_in_a_trim(self) -> None:
        found = trim_fits(piece("petals"), 1, 0)
        self.assertGreater(len(found), 3)
        self.assertEqual(sum(one.current for one in found), 1)
        self.assertGreater(found[0].dots, found[-1].dots)
        ends = trim_fits(piece("teardrops"), 1, 0)
        self.assertEqual(ends[0].label, "to first contact")


def clearances_of(found: Plan, own: np.ndarray) -> np.ndarray:
    dots = found.dots
    apart = np.hypot(dots.x[own, None] - dots.x[own], dots.y[own, None] - dots.y[own])
    return np.asarray(apart - dots.radius[own, None] - dots.radius[own])


class TrackTest(FernTestCase):
    def test_rows_along_the_edge_keep_their_distance_and_gap(self) -> None:
        found = plan(piece("along the edge, three deep"))
        outline = found.solved.ground.outline
        for placed in found.solved.rows[1:]:
            away = distance_to_edges(outline, placed.own_dots.x, placed.own_dots.y)
            self.assertLess(float(np.abs(away - (placed.depth or 0)).max()), 2e-3)
            ring = np.stack((placed.own_dots.x, placed.own_dots.y), axis=1)
            steps = np.linalg.norm(np.roll(ring, -1, axis=0) - ring, axis=1)
            self.assertLess(float(np.ptp(steps)), 1e-6)
        self.assertGreater(float(clearances(found.dots).min()), 0.4 - 1e-4)

    def test_a_band_has_a_dot_on_every_corner(self) -> None:
        placed = plan(piece("a band with squared corners")).solved.rows[1]
        corner = 54 - (placed.depth or 0)
        for x, y in ((1, 1), (1, -1), (-1, 1), (-1, -1)):
            self.assertLess(float(np.hypot(placed.own_dots.x - x * corner, placed.own_dots.y - y * corner).min()), 1e-6)

    def test_a_row_that_carries_on_keeps_whole_dots_only(self) -> None:
        found = plan(piece("carried into the corners"))
        self.assertEqual(len(found.solved.rows[-1].own_dots.x) % 4, 0)
        self.assertLess(len(found.solved.rows[-1].own_dots.x), 36)
        for placed in found.solved.rows:
            self.assertLess(
                float(
                    found.solved.ground.over(
                        placed.own_dots.walk, placed.own_dots.x, placed.own_dots.y, placed.own_dots.radius
                    ).max()
                ),
                1e-6,
            )

    def test_corner_groups_are_the_same_in_every_corner(self) -> None:
        found = plan(piece("corner groups"))
        self.assertEqual(len(found.solved.rows[1].own_dots.x), 4 * 3)
        self.assert_turns_onto_itself(found, 4)

    def test_dots_on_a_bare_area_are_left_out_whole(self) -> None:
        found = plan(piece("under a bare area"))
        away = np.hypot(found.dots.x - 26, found.dots.y) - found.dots.radius
        self.assertGreater(float(away.min()), 9 + 0.3 - 1e-6)
        self.assertIn("segments differ", self.codes(found))

    def test_a_row_stops_evenly_beside_a_bare_area(self) -> None:
        placed = plan(piece("stopping beside a bare area")).solved.rows[1]
        y = placed.own_dots.y[placed.own_dots.x > 0]
        self.assert_mm(float(y[y > 0].min()), float(-y[y < 0].max()), 0.02)

    def test_a_bare_area_cut_by_the_border_and_a_bare_ring(self) -> None:
        bare = [{"id": "m", "name": "Moon", "area": {"kind": "disc", "x": 44, "y": 0, "diameter": 12}}]
        self.assertIn("Moon is cut by the border", self.verdict(plan(piece("petals", bare=bare)), "bare area cut").text)
        rows = [row("a", 3.0, distance=at(12)), row("b", 3.0, distance=at(30))]
        given = {**piece("petals").model_dump(mode="json"), "rows": rows, "most_base": 50}
        found = plan(patterns.read(given))
        self.assertIn("{15}", self.verdict(found, "bare ring").text)
        self.assertIn("base shows", self.codes(found))

    def test_what_fits_answers_on_every_track(self) -> None:
        for name in ("along the edge, three deep", "lines of dots", "scallops", "corner groups", "gap dots", "a rim"):
            with self.subTest(name):
                sample = piece(name)
                self.assertTrue(what_fits(sample, len(sample.rows) - 1))

    def test_gaps_are_found_as_an_exact_search_finds_them(self) -> None:
        """Small scatter against every triple of discs: no hole that an exhaustive search finds is missed."""
        from itertools import combinations

        from fernring.core.geometry.apollonius import touching_three

        random = np.random.default_rng(5)
        x, y, r = random.uniform(-12, 12, 24), random.uniform(-12, 12, 24), random.choice([0.5, 0.9, 1.6], 24)
        triples = np.array(list(combinations(range(24), 3)))
        cx, cy, t = touching_three(x[triples], y[triples], r[triples])
        empty = np.isfinite(t) & (t > 0.02) & (t < 8)
        for k in np.flatnonzero(empty):
            empty[k] = (np.hypot(cx[k] - x, cy[k] - y) - r).min() >= t[k] - 1e-7
        fx, fy, _ = holes(x, y, r, 2 * np.pi, 0.0)
        for px, py, size in zip(cx[empty], cy[empty], t[empty], strict=True):
            self.assertLess(float(np.hypot(fx - px, fy - py).min()), 1e-4, f"missed a hole of {2 * size:.2f} mm")

    def test_a_wide_hole_among_many_small_dots_is_found(self) -> None:
        """Sixty small dots in a circle, their neighbours nearer than the other side: the hole is the circle itself."""
        angle = np.linspace(0, 2 * np.pi, 60, endpoint=False) + np.linspace(0, 0.01, 60)
        x, y, r = 20 * np.sin(angle), -20 * np.cos(angle), np.linspace(0.4, 0.5, 60)
        fx, fy, found = holes(x, y, r, 2 * np.pi, 0.0)
        middle = np.hypot(fx, fy) < 1
        self.assertTrue(middle.any())
        self.assertGreater(float(found[middle].max()), 19.4)

    def test_the_last_digits_decide_nothing_about_gap_dots(self) -> None:
        """However the piece is turned, the same holes take the same dots."""
        sample = piece("gap dots")
        wanted = np.sort(plan(sample).dots.radius)
        for turn in (7.3, 21.0, 90.0):
            turned = np.sort(plan(sample.model_copy(update={"turn": turn})).dots.radius)
            np.testing.assert_allclose(turned, wanted, atol=1e-6)

"""One row solved: fits, nesting, starts."""

from math import pi, sin

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.document.count import Absolute, PerSegment
from fernring.core.document.distance import AtWalk, OnGuide
from fernring.core.document.row import Offset
from fernring.core.document.start import AtAngle, Between, OnLines
from fernring.core.plan import plan
from fernring.core.rows.counts import allowed, as_count, keeps_symmetry, repeats
from tests import samples
from tests.assertions import FernTestCase, clearances
from tests.samples import centre, piece, row


class FixedTest(FernTestCase):
    def test_a_row_at_a_walk_distance_stands_there(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=20)))).solved
        self.assertTrue(np.allclose(np.hypot(solved.dots.x, solved.dots.y), 20))
        self.assertEqual(len(solved.dots), 12)

    def test_a_row_on_a_guide_circle_follows_it(self) -> None:
        guides = {"circles": [{"id": "g", "walk": 17.5}]}
        solved = plan(piece(row("a", 3.0, distance=OnGuide(circle="g")), guides=guides)).solved
        self.assert_mm(solved.rows[0].walk, 17.5)

    def test_most_dots_that_keep_the_symmetry(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=20), fit="count", gap=0.4))).solved
        self.assertEqual(solved.rows[0].repeats, 36)
        self.assertLess(2 * 20 * sin(pi / 48), 3.4)

    def test_largest_size(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=20), fit="size", gap=0.5))).solved
        self.assert_mm(solved.rows[0].diameters[0], 40 * sin(pi / 12) - 0.5)

    def test_largest_size_stops_at_the_border(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=40), fit="size"), segments=3)).solved
        self.assert_mm(solved.rows[0].outer, solved.context.limit)

    def test_least_distance(self) -> None:
        solved = plan(piece(row("a", 3.0, fit="distance", count=PerSegment(repeats=2), gap=0.4))).solved
        self.assert_mm(solved.rows[0].walk, 3.4 / (2 * sin(pi / 24)))

    def test_no_room_for_a_fit_says_so_and_places_nothing(self) -> None:
        solved = plan(piece(row("a", 3.0, distance=AtWalk(walk=0.05), fit="size", count=Absolute(repeats=12)))).solved
        self.assertEqual(len(solved.dots), 0)
        self.assertIn("no dot of at least 0.2 mm", solved.rows[0].noroom)

    def test_a_centre_fitted_grows_to_the_border(self) -> None:
        solved = plan(piece(centre().model_copy(update={"fit": "size"}), diameter=40, border=2)).solved
        self.assert_mm(solved.rows[0].outer, 18)


class StartTest(FernTestCase):
    def angles(self, start: object, n: int = 12, before: int = 12, turn: float = 0) -> np.ndarray:
        rows = (
            row("a", 1.0, distance=AtWalk(walk=15), count=Absolute(repeats=before), start=OnLines()),
            row("b", 1.0, distance=AtWalk(walk=25), count=Absolute(repeats=n), start=start),
        )
        solved = plan(piece(*rows, turn=turn)).solved
        return np.sort(np.degrees(solved.dots.out_rad[solved.dots.row == 1]) % 360)

    def test_on_the_lines_and_between(self) -> None:
        self.assertTrue(np.allclose(self.angles(OnLines()), np.arange(12) * 30))
        self.assertTrue(np.allclose(self.angles(Between()), np.arange(12) * 30 + 15))

    def test_at_an_angle_and_turned(self) -> None:
        self.assertTrue(np.allclose(self.angles(AtAngle(degrees=7)), np.arange(12) * 30 + 7))
        self.assertTrue(np.allclose(self.angles(OnLines(), turn=10), np.arange(12) * 30 + 10))

    def test_offset_sits_in_the_dips(self) -> None:
        self.assertTrue(np.allclose(self.angles(Offset()), np.arange(12) * 30 + 15))

    def test_two_to_a_dip_straddle_it(self) -> None:
        self.assertTrue(np.allclose(self.angles(Offset(), n=24), np.sort((np.arange(24) * 15 + 7.5) % 360)))

    def test_fewer_than_before_still_sit_in_dips(self) -> None:
        self.assertTrue(np.allclose(self.angles(Offset(), n=6) % 30, 15))


class NestTest(FernTestCase):
    def test_equal_rows_in_the_dips_touch_two_below(self) -> None:
        rows = (row("a", 5.7, distance=AtWalk(walk=14), start=OnLines()), row("b", 3.0, gap=0.2))
        solved = plan(piece(*rows)).solved
        nearest = np.sort(clearances(solved.dots))
        self.assert_mm(float(nearest[0]), 0.2, 1e-9)
        self.assertEqual(int((np.abs(nearest - 0.2) < 1e-9).sum()), 24)

    def test_a_row_that_would_slip_between_is_stopped_level(self) -> None:
        rows = (row("a", 1.0, distance=AtWalk(walk=20), start=OnLines()), row("b", 0.8))
        solved = plan(piece(*rows)).solved
        self.assert_mm(solved.rows[1].walk, 20)
        self.assertTrue(solved.rows[1].slipped)

    def test_boundary_rows_are_not_nested_on(self) -> None:
        rows = (row("edge", 2.0, distance=AtWalk(walk=40), boundary=True), row("a", 2.0, start=OnLines()))
        solved = plan(piece(*rows)).solved
        self.assertLess(solved.rows[1].walk, 10)

    def test_beyond_the_border_is_no_room(self) -> None:
        solved = plan(piece(centre(), row("a", 13.2), row("b", 13.2), row("c", 13.2), row("d", 13.2))).solved
        self.assertIn("would pass the border", solved.rows[-1].noroom)

    def test_nested_most_dots_are_not_pushed_out_by_each_other(self) -> None:
        solved = plan(piece(centre(13.2), row("a", 3.0, fit="count", gap=0.3, start=OnLines()))).solved
        self.assert_mm(solved.rows[1].walk, 6.6 + 1.5 + 0.3)
        self.assertEqual(solved.rows[1].repeats, 12)

    def test_nested_largest_size_touches_host_and_neighbours(self) -> None:
        solved = plan(piece(centre(13.2), row("a", 3.0, fit="size", gap=0.3, start=OnLines()))).solved
        near = np.sort(clearances(solved.dots))[:24]
        self.assertTrue(np.allclose(near, 0.3, atol=1e-6))

    @settings(max_examples=60, deadline=None)
    @given(samples.pieces())
    def test_nested_rows_never_touch_and_never_leave_the_border(self, sample: object) -> None:
        found = plan(sample)  # type: ignore[arg-type]
        self.assert_no_overlap(found.dots)
        self.assert_inside(found)
        self.assertFalse({"touching", "close", "does not close"} & set(self.codes(found)))

    @settings(max_examples=40, deadline=None)
    @given(samples.pieces())
    def test_the_piece_turns_onto_itself_as_often_as_it_says(self, sample: object) -> None:
        found = plan(sample)  # type: ignore[arg-type]
        self.assert_turns_onto_itself(found, found.totals.symmetry)

    @settings(max_examples=30, deadline=None)
    @given(samples.pieces())
    def test_every_nested_row_touches_something_or_is_held(self, sample: object) -> None:
        solved = plan(sample).solved  # type: ignore[arg-type]
        for index, placed in enumerate(solved.rows):
            if not len(placed.own_dots.x) or placed.walk == 0 or placed.slipped:
                continue
            gap, near = solved.piece.rows[index].gap, solved.near[index]
            held = abs(placed.clear - gap) < 1e-6
            touches = near is not None and abs(near.clear - gap) < 1e-6
            level = any(abs(placed.walk - other.walk) < 1e-9 for other in solved.rows[:index])
            self.assertTrue(held or touches or level or placed.walk < 1e-9, f"row {index} floats")


class CountsTest(FernTestCase):
    def test_rules_follow_the_segments(self) -> None:
        self.assertEqual(repeats(PerSegment(repeats=2), 12), 24)
        self.assertEqual(repeats(PerSegment(repeats=1, segments=2), 12), 6)
        self.assertEqual(repeats(PerSegment(repeats=1, segments=2), 7), 4)
        self.assertEqual(repeats(Absolute(repeats=13), 12), 13)

    @given(st.integers(2, 64), st.integers(1, 600))
    def test_allowed_counts_keep_the_symmetry_and_no_other_does(self, segments: int, most: int) -> None:
        counts = allowed(segments, most)
        self.assertEqual(counts, [n for n in range(1, most + 1) if keeps_symmetry(n, segments)])

    @given(st.integers(2, 64), st.integers(1, 1500))
    def test_a_count_comes_back_from_its_rule(self, segments: int, n: int) -> None:
        self.assertEqual(repeats(as_count(n, segments), segments), n)

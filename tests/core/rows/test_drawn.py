"""Lines throughout."""

from typing import Any

import numpy as np

from fernring.core.plan import plan
from fernring.core.rows.placed import PlacedRow
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, line, row


def drawn(one: dict[str, Any], *before: Any, **more: Any) -> PlacedRow:
    return solve_piece(patterns.with_rows(*before, one, **more)).rows[-1]


def spines(found: PlacedRow) -> list[np.ndarray]:
    return [mark.spine for mark in found.grown.marks]


class RingTest(FernTestCase):
    def test_every_point_lies_on_the_ring_and_the_pieces_join(self) -> None:
        found = drawn(line("l", 0.8, distance=at(25.0)))
        parts = spines(found)
        np.testing.assert_allclose(np.hypot(*np.concatenate(parts).T), 25.0, atol=1e-9)
        for part, after in zip(parts, [*parts[1:], parts[0]], strict=True):
            np.testing.assert_allclose(part[-1], after[0], atol=1e-12)
        long = sum(np.linalg.norm(np.diff(part, axis=0), axis=1).sum() for part in parts)
        self.assertLess(abs(long / (2 * np.pi * 25) - 1), 2e-3)
        self.assertEqual({float(g) for mark in found.grown.marks for g in mark.girth}, {0.4})

    def test_its_places_are_empty_and_it_keeps_the_symmetry(self) -> None:
        for segments in (5, 12, 13):
            found = drawn(line("l", 0.8, distance=at(25.0)), segments=segments)
            self.assertEqual((found.order % segments, found.n % segments), (0, 0))
            self.assertEqual(set(found.own_dots.level.tolist()), {0})
            self.assertTrue(found.drawn)
        whole = plan(patterns.with_rows(line("l", 0.8, distance=at(25.0))))
        self.assertEqual((whole.totals.dots, len(whole.solved.marked)), (0, whole.solved.rows[0].n))

    def test_nested_it_keeps_its_gap_to_a_ring_of_dots_and_they_to_it(self) -> None:
        before = row("b", 4.0, distance=at(20.0), start=patterns.LINES)
        found = drawn(line("l", 1.0), before)
        self.assert_mm(found.walk, 20.0 + 2.0 + 0.4 + 0.5, 1e-6)
        after = solve_piece(patterns.with_rows(before, line("l", 1.0), row("a", 3.0, start=patterns.LINES))).rows[2]
        self.assert_mm(after.walk, found.walk + 0.5 + 0.4 + 1.5, 0.01)

    def test_the_row_after_it_sits_in_the_dips_of_the_dots_before_it(self) -> None:
        rows = solve_piece(patterns.with_rows(row("b", 4.0, distance=at(20.0)), line("l", 1.0), row("a", 3.0))).rows
        self.assert_mm(float(rows[2].first_rad), float(rows[0].dip_rad))

    def test_a_bare_area_breaks_it(self) -> None:
        moon = {"id": "m", "area": {"kind": "disc", "x": 25.0, "y": 0.0, "diameter": 16.0}}
        found = drawn(line("l", 0.8, distance=at(25.0)), bare=[moon])
        points = np.concatenate(spines(found))
        self.assertGreater(float(np.hypot(points[:, 0] - 25.0, points[:, 1]).min()), 8.0)
        steps = np.concatenate([np.linalg.norm(np.diff(part, axis=0), axis=1) for part in spines(found)])
        self.assertLess(float(steps.max()), 1.5)
        self.assertEqual(found.order, 1)


class OtherTracksTest(FernTestCase):
    def test_along_the_edge_spirals_arcs_and_straight_lines(self) -> None:
        inset = drawn(line("l", 1.0, track={"kind": "inset"}))
        np.testing.assert_allclose(np.hypot(*np.concatenate(spines(inset)).T), 46.5, atol=0.02)
        spiral = spines(drawn(line("l", 0.8, track={"kind": "spiral", "inner": 10, "outer": 30})))
        reach = np.hypot(*np.concatenate(spiral).T)
        self.assertTrue((np.diff(reach) >= -1e-9).all())
        self.assert_mm(float(reach[0]), 10.0, 0.5)
        lines = drawn(line("l", 0.8, track={"kind": "line", "lines": 3, "spacing": 20}))
        for part in spines(lines):
            self.assertLess(float(np.ptp(part[:, 0])), 1e-9)

    def test_under_the_dots_straight_lines_run_on_and_nobody_keeps_clear(self) -> None:
        dots = row("d", 3.5, distance=at(20.0), start=patterns.LINES)
        straight = {"track": {"kind": "line", "lines": 1, "spacing": 20}}
        broken, whole = (drawn(line("l", 0.8, **straight, laid=laid), dots) for laid in ("beside", "under"))
        self.assertGreater(len(np.concatenate(spines(whole))), len(np.concatenate(spines(broken))))
        found = plan(patterns.with_rows(dots, line("l", 0.8, **straight, laid="under"), row("n", 2.0)))
        self.assertEqual([v.code for v in found.verdicts if v.severity != "note"], [])
        self.assertEqual({one.mark.level for one in found.solved.marked}, {0})
        over = plan(patterns.with_rows(dots, line("l", 0.8, **straight, laid="over")))
        self.assertEqual({one.mark.level for one in over.solved.marked}, {2})

    def test_on_a_dome_it_lies_on_the_dome(self) -> None:
        blank = {**patterns.piece("petals").blank.model_dump(mode="json"), **patterns.DOME}
        found = drawn(line("l", 0.8, distance=at(30.0)), centre(), blank=blank)
        self.assertEqual({round(float(w), 6) for mark in found.grown.marks for w in mark.walks}, {30.0})
        rise = np.concatenate([mark.rise for mark in found.grown.marks])
        self.assertLess(float(np.ptp(rise)), 1e-9)
        self.assertGreater(float(rise[0]), 5.0)

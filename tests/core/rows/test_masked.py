"""Masks sort the dots of rows that were solved as if there were none."""

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.plan import plan
from fernring.core.proposals.words import what_comes_off
from fernring.core.solved import Solved, solve_piece
from fernring.core.work.work import work
from fernring.formats.zoned import covers
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import fill, with_areas
from tests.pattern_rows import top

MOON = {"kind": "form", "form": "moon", "across": 30.0, "down": 40.0, "x": 12.0}


def mask(**more: object) -> dict[str, object]:
    return {"id": "m", "name": "Moon", "area": MOON, "rows": "mask", **more}


def rings(*areas: dict[str, object]) -> Piece:
    rows = [
        patterns.row(
            f"r{k}", 3.0, count={"kind": "absolute", "repeats": 6 * k}, distance={"kind": "walk", "walk": 5.0 * k}
        )
        for k in range(1, 8)
    ]
    return with_areas(*rows, areas=areas)


def shown(found: Solved) -> set[tuple[float, float]]:
    dots = found.dots.take(found.dots.level > 0)
    return set(zip(np.round(dots.x, 6).tolist(), np.round(dots.y, 6).tolist(), strict=True))


class MaskedTest(FernTestCase):
    def test_every_dot_is_on_one_side_on_the_other_or_kept_off_both(self) -> None:
        bare, stays = solve_piece(rings()), solve_piece(rings(mask()))
        off = solve_piece(what_comes_off(rings(mask()), "m"))
        self.assertEqual(shown(stays) & shown(off), set())
        self.assertLess(shown(stays) | shown(off), shown(bare))
        self.assertGreater(len(shown(off)), 4)

    def test_a_mask_that_cuts_leaves_out_none_and_counts_those_it_cuts(self) -> None:
        piece = rings(mask(whole=False, gap=0.0))
        stays, off = solve_piece(piece), solve_piece(what_comes_off(piece, "m"))
        bare = shown(solve_piece(rings()))
        self.assertEqual(shown(stays) | shown(off), bare)
        both = len(shown(stays) & shown(off))
        self.assertGreater(both, 5)
        (note,) = [one for one in plan(piece).verdicts if one.code == "cut by a mask"]
        self.assertEqual((note.severity, len(note.dots)), ("note", both))
        (cover,) = covers(stays)
        self.assertEqual(cover[1], piece.blank.base.colour)

    def test_rows_nest_on_what_lies_under_the_mask(self) -> None:
        """As if it were not there: every row stands where it stands without it."""
        nested = [patterns.row(f"n{k}", 4.0, distance={"kind": "nested"}) for k in range(4)]
        one, other = (solve_piece(with_areas(*nested, areas=areas)) for areas in ((), (mask(),)))
        self.assertEqual([row.walk for row in one.rows], [row.walk for row in other.rows])

    def test_no_false_no_room_under_a_mask(self) -> None:
        whole = mask(area={"kind": "disc", "diameter": 24.0})
        verdicts = plan(rings(whole)).verdicts
        self.assertNotIn("no room", [one.code for one in verdicts])
        (note,) = [one for one in verdicts if one.code == "masked"][:1]
        self.assertEqual(note.severity, "note")

    def test_a_fill_is_packed_tight_to_both_sides_of_a_whole_mask(self) -> None:
        piece = with_areas(fill(4.0, 2.0, 1.0), areas=(mask(gap=0.0),))
        stays, off = solve_piece(piece), solve_piece(what_comes_off(piece, "m"))
        self.assertEqual(len(stays.dots), len(off.dots))
        self.assertEqual(len(shown(stays)) + len(shown(off)), len(stays.dots), "none crosses the edge")

    def test_what_hangs_on_a_dot_is_sorted_dot_by_dot(self) -> None:
        row = patterns.row(
            "p", 6.0, count={"kind": "absolute", "repeats": 8}, distance={"kind": "walk", "walk": 22.0},
            trims=patterns.numbered((top(3.0),)),
        )  # fmt: skip
        found = solve_piece(with_areas(row, areas=(mask(),)))
        own, tops = found.dots.take(slice(0, 8)), found.dots.take(slice(8, None))
        gone = own.level == 0
        self.assertTrue(0 < gone.sum() < 8)
        self.assertTrue((tops.level[gone] == 0).sum() <= gone.sum())

    def test_its_steps(self) -> None:
        steps = work(rings(mask())).steps
        order = [step.id for step in steps]
        painted = [k for k, step in enumerate(steps) if len(step.dots)]
        self.assertLess(order.index("mask/m"), min(painted))
        self.assertGreater(order.index("peel/m"), max(painted))

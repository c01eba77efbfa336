"""What a motif's rows see, and how the row of all its places is joined."""

from typing import Any

import numpy as np

from fernring.core.plan import plan
from fernring.core.rows.motifs.seen import BESIDE, seen_from
from fernring.core.solved import Solved, solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, flower, motif, row, swipe, top, walk


def solved(*rows: Any, places: Any = None, **more: Any) -> Solved:
    return solve_piece(patterns.with_rows(*rows, motifs=[places or motif(count=4)], **more))


class SeenTest(FernTestCase):
    def test_the_row_before_is_the_last_one_round_the_same_centre(self) -> None:
        found = solved(centre(), *flower(), row("main", 2.5))
        places = found.context.motifs["flower"]
        self.assertEqual(found.context.before.index, 3)
        self.assertEqual(next(seen_from(found.context, places, [0])).before.index, 2)

    def test_from_each_place_everything_lies_as_far_from_everything_as_it_does(self) -> None:
        """Rigid motions: all distances between discs are what they were. What lies past the border is left out."""
        for x in (28.0, 12.0):
            spots = {"kind": "given", "spots": [{"x": x, "y": 8.0}, {"x": -x, "mirrored": True}]}
            given = {"places": {**motif(), "places": spots}}
            found = solved(centre(), row("main", 2.5), *flower(walk(0.8, load="each"), distance=at(6)), **given)
            places = found.context.motifs["flower"]
            whole = np.concatenate([_discs(row.bodies) for row in found.context.placed])
            for k, here in enumerate(seen_from(found.context, places, range(2))):
                spot = places.all[k].spot
                away = np.hypot(whole[:, 0] - spot.x, whole[:, 1] - spot.y) - whole[:, 3]
                near = whole[away <= places.all[k].limit + BESIDE]
                seen = np.concatenate([_discs(row.bodies) for row in here.placed])
                self.assertEqual(len(seen), len(near))
                np.testing.assert_allclose(_spread(seen), _spread(near), atol=1e-9)

    def test_its_own_rows_repeat_there_as_they_do(self) -> None:
        found = solved(*flower())
        (here,) = seen_from(found.context, found.context.motifs["flower"], [1])
        self.assertEqual([row.order for row in here.placed if row.motif == "flower"], [0, 6])


class JoinedTest(FernTestCase):
    def test_numbers_of_dots_go_through_all_places(self) -> None:
        """Own dots first, then those of the trims; each belongs to a dot at its own place."""
        one = solved(*flower(walk(0.8, load="each", trims=[top(0.5)]), distance=at(7))).rows[1]
        dots = one.dots
        self.assertEqual((one.n, one.one.n), (24, 6))
        np.testing.assert_array_equal(dots.dot, np.arange(len(dots)))
        self.assertTrue((dots.host < 24).all())
        np.testing.assert_array_equal(dots.place, dots.place[dots.host])
        reach = np.hypot(dots.x - dots.x[dots.below], dots.y - dots.y[dots.below])
        self.assertLess(float(reach.max()), 8.0)

    def test_swipes_begin_at_the_dots_they_were_pulled_from(self) -> None:
        one = solved(*flower(swipe(5))).rows[1]
        self.assertEqual({mark.host for mark in one.grown.marks}, set(range(24)))
        for mark in one.grown.marks:
            away = mark.spine[0] - [one.dots.x[mark.host], one.dots.y[mark.host]]
            self.assert_mm(float(np.hypot(*away)), 0)

    def test_alike_places_are_solved_once_and_turned(self) -> None:
        found = solved(centre(), *flower())
        self.assertEqual((found.rows[2].repeats, len(found.rows[2].at)), (4, 1))
        uneven = solved(centre(), row("main", 2.5, count={"kind": "absolute", "repeats": 3}), *flower())
        self.assertEqual((uneven.rows[3].repeats, len(uneven.rows[3].at)), (1, 4))
        np.testing.assert_allclose(found.rows[2].dots.x, uneven.rows[3].dots.x, atol=1e-9)

    def test_rows_stand_at_one_distance_where_their_places_differ(self) -> None:
        """What is in the way at one place moves the row at all of them."""
        block = row("block", 4.0, distance=at(26.0), count={"kind": "absolute", "repeats": 1}, start=patterns.LINES)
        free, pushed = solved(*flower()), solved(block, *flower())
        self.assertGreater(pushed.rows[2].walk, free.rows[1].walk + 1.0)
        self.assertEqual({round(part.walk, 9) for part in pushed.rows[2].at}, {round(pushed.rows[2].walk, 9)})
        self.assertEqual([v.code for v in plan(pushed.piece).verdicts if v.severity == "serious"], [])

    def test_without_room_at_one_place_there_is_none(self) -> None:
        off = {**motif(), "places": {"kind": "given", "spots": [{"x": 20.0}, {"x": 46.9}]}}
        why = solved(*flower(), places=off).rows
        self.assertEqual(
            why[1].noroom, "dots of {2.5} with a gap of {0.4} find no room between what stands there and the border"
        )
        outside = {**motif(), "places": {"kind": "given", "spots": [{"x": 20.0}, {"x": 80.0}]}}
        self.assertIn("off the blank", solved(*flower(), places=outside).rows[0].noroom)

    def test_a_mirrored_place_holds_the_mirror_image(self) -> None:
        spots = {"kind": "given", "spots": [{"x": -25.0}, {"x": 25.0, "mirrored": True}]}
        found = solved(*flower(swipe(5, form="comma right", bend=60)), places={**motif(), "places": spots}).rows[1]
        left, right = (
            np.sort(np.concatenate([mark.spine[:, 0] for mark in found.grown.marks if (mark.host < 6) == first]))
            for first in (True, False)
        )
        np.testing.assert_allclose(left, np.sort(-right), atol=1e-9)


def _discs(dots: Any) -> np.ndarray:
    return np.stack((dots.x, dots.y, dots.z, dots.radius), axis=1)


def _spread(points: np.ndarray) -> np.ndarray:
    """All distances between points, sorted."""
    apart = np.linalg.norm(points[:, None, :3] - points[None, :, :3], axis=2)
    return np.sort(apart[np.triu_indices(len(points), 1)])

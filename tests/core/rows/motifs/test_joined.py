"""The row of all a motif's places."""

import numpy as np

from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.motifs.test_seen import solved
from tests.patterns import at, centre, flower, motif, row, swipe, top, walk


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

    def test_where_the_border_is_nearer_at_one_place_each_is_solved_by_itself(self) -> None:
        """Three places round the centre of an oval: the one on its narrow side has least room, for all of them."""
        blank = {**patterns.piece("petals").blank.model_dump(mode="json"), **patterns.OVAL, "border": 0.0}
        three = motif(count=3, walk=28.0, first=0.0)
        found = solved(*flower(fit="size"), places=three, blank=blank).rows[1]
        limits = [place.limit for place in solved(places=three, blank=blank).context.motifs["flower"].all]
        self.assertEqual(len(found.at), 3)
        self.assertLessEqual(found.one.outer, min(limits) + 1e-6)
        self.assertGreater(max(limits), min(limits) + 5.0)

    def test_without_room_at_one_place_there_is_none(self) -> None:
        off = {**motif(), "places": {"kind": "given", "spots": [{"x": 20.0}, {"x": 46.9}]}}
        why = solved(*flower(), places=off).rows
        self.assertEqual(
            why[1].noroom, "dots of {2.5} with a gap of {0.4} find no room between what stands there and the border"
        )
        outside = {**motif(), "places": {"kind": "given", "spots": [{"x": 20.0}, {"x": 80.0}]}}
        self.assertIn("off the blank", solved(*flower(), places=outside).rows[0].noroom)

    def test_on_every_relief_what_nests_keeps_its_gap_and_lies_on_the_surface(self) -> None:
        blank = patterns.piece("petals").blank.model_dump(mode="json")
        oval = {**patterns.OVAL, "relief": {"kind": "dome", "rise": 16.0}}
        egg = {"outline": {"kind": "round", "diameter": 60}, "relief": {"kind": "egg", "length": 80, "widest": 35}}
        for given in (oval, patterns.PLATE, egg):
            rows = [*flower(distance=at(4.0)), row("f-2", 2.0, motif="flower")]
            found = solved(*rows, places=motif(count=2, first=90.0, walk=22.0), blank={**blank, **given})
            self.assertEqual([placed.noroom for placed in found.rows], ["", "", ""])
            inner, outer = found.rows[1].dots, found.rows[2].dots
            apart = np.linalg.norm(patterns.in_space(outer)[:, None] - patterns.in_space(inner)[None], axis=2)
            clear = apart - outer.radius[:, None] - inner.radius
            self.assert_mm(float(clear.min()), 0.4, 1e-6)
            surface = found.ground.surface
            _, _, z = surface.points(outer.walk, np.arctan2(outer.x, -outer.y))
            np.testing.assert_allclose(outer.z, z, atol=1e-6)

    def test_a_mirrored_place_holds_the_mirror_image(self) -> None:
        spots = {"kind": "given", "spots": [{"x": -25.0}, {"x": 25.0, "mirrored": True}]}
        found = solved(*flower(swipe(5, form="comma right", bend=60)), places={**motif(), "places": spots}).rows[1]
        left, right = (
            np.sort(np.concatenate([mark.spine[:, 0] for mark in found.grown.marks if (mark.host < 6) == first]))
            for first in (True, False)
        )
        np.testing.assert_allclose(left, np.sort(-right), atol=1e-9)

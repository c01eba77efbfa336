"""What fits here."""

from fernring.core.document.changes import changed
from fernring.core.document.count import Absolute
from fernring.core.document.distance import AtWalk
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.fits import what_fits
from tests import patterns, samples
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


class FitsTest(FernTestCase):
    def test_every_alternative_is_what_it_says_once_chosen(self) -> None:
        sample = samples.five_rows()
        for index in (1, 3, 4):
            table = what_fits(sample, index)
            self.assertTrue(4 <= len(table) <= 12)
            for alternative in table:
                after = plan(changed(sample, alternative.changes))
                placed = after.solved.rows[index]
                self.assertEqual(placed.repeats, alternative.repeats)
                self.assert_mm(placed.walk, alternative.walk)
                self.assert_mm(placed.clear, alternative.clear or 0)
                self.assert_mm(after.totals.left, alternative.left)
                self.assertGreaterEqual(placed.clear, sample.rows[index].gap - 1e-6)

    def test_the_row_as_it_is_stands_in_the_table_once(self) -> None:
        current = [a for a in what_fits(samples.five_rows(), 2) if a.current]
        self.assertEqual([(a.repeats, a.diameter) for a in current], [(12, 3.0)])

    def test_rows_that_would_lose_their_room_are_counted(self) -> None:
        sample = piece(centre(), row("a", 2.0), row("b", 11.0), diameter=60)
        losing = [a for a in what_fits(sample, 1) if a.lost]
        self.assertTrue(losing)
        for alternative in losing:
            after = plan(changed(sample, alternative.changes))
            self.assertEqual(sum(1 for r in after.solved.rows if r.noroom), alternative.lost)

    def test_the_centre_may_take_any_size_that_fits(self) -> None:
        table = what_fits(samples.five_rows(), 0)
        self.assertIn(13.2, [alternative.diameter for alternative in table])
        self.assertEqual({alternative.repeats for alternative in table}, {1})

    def test_members_of_a_pattern_are_tried_one_by_one(self) -> None:
        sample = piece(row("a", 4.6, 2.0, distance=AtWalk(walk=25), spacing="equal gaps"))
        self.assertEqual({alternative.member for alternative in what_fits(sample, 0)}, {0, 1})

    def test_a_row_of_few_far_apart_dots_has_alternatives_like_it(self) -> None:
        sample = piece(centre(), row("a", 3.0, count=Absolute(repeats=2), distance=AtWalk(walk=30)))
        found = what_fits(sample, 1)
        self.assertIn((2, 3.0), [(one.repeats, one.diameter) for one in found])
        self.assertGreater(len(found), 6)

    def test_none_brings_a_serious_finding_on_itself_or_what_lies_inside(self) -> None:
        """Larger dots at a stated distance would run into the row before; they fit by the border alone."""
        inner = row("a", 4.6, distance=AtWalk(walk=20), start={"kind": "on lines"})
        sample = piece(inner, row("b", 2.0, distance=AtWalk(walk=24), start={"kind": "on lines"}))
        table = what_fits(sample, 1)
        self.assertEqual(max(alternative.diameter for alternative in table if alternative.repeats == 12), 3.0)
        for alternative in table:
            after = plan(changed(sample, alternative.changes))
            self.assertNotIn("serious", [verdict.severity for verdict in after.verdicts])

    def test_what_is_wrong_already_does_not_forbid_all(self) -> None:
        overlapping = [
            row(k, 4.6, distance=AtWalk(walk=at), start={"kind": "on lines"}) for k, at in (("a", 20), ("b", 22))
        ]
        self.assertTrue(what_fits(piece(*overlapping, row("c", 2.0, distance=AtWalk(walk=32))), 2))

    def test_a_distance_that_is_fitted_stays_so_and_a_size_does_not(self) -> None:
        closing = piece(row("a", 3.0, fit="distance"))
        for alternative in what_fits(closing, 0):
            after = changed(closing, alternative.changes)
            self.assertEqual(after.rows[0].fit, "distance")
            self.assert_mm(plan(after).solved.rows[0].clear, after.rows[0].gap, 1e-6)
        grown = piece(row("a", 3.0, fit="size", distance=AtWalk(walk=25)))
        self.assertEqual({changed(grown, one.changes).rows[0].fit for one in what_fits(grown, 0)}, {None})

    def test_petals_that_meet_are_offered_where_a_row_has_petals(self) -> None:
        inner = row("a", 3.0, distance=AtWalk(walk=9.0))
        petals = row("p", 3.0, trims=patterns.numbered([patterns.walk(1.3, load="each")]))
        first, *others = what_fits(piece(inner, petals), 1)
        self.assertTrue(first.meets)
        self.assertFalse(any(one.meets for one in others))
        after = plan(changed(piece(inner, petals), first.changes))
        placed = after.solved.rows[1]
        self.assertEqual((placed.diameters[0], placed.walk), (first.diameter, first.walk))
        self.assertIsNotNone(placed.remainder)
        self.assertFalse(any(one.meets for one in what_fits(piece(inner, row("b", 3.0)), 1)))

    def test_refusals_say_why(self) -> None:
        with self.assertRaisesRegex(FitError, "no row at place 9"):
            what_fits(samples.five_rows(), 9)
        with self.assertRaisesRegex(FitError, "no tools"):
            what_fits(samples.five_rows().model_copy(update={"tools": ()}), 1)

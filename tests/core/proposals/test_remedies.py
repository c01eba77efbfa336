"""Remedies: of each way the first that mends, and none that only moves the trouble."""

from fernring.core.document.changes import changed
from fernring.core.plan import plan
from fernring.core.proposals.remedies import remedies
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row


def at(walk: float) -> dict[str, object]:
    return {"kind": "walk", "walk": walk}


class RemediesTest(FernTestCase):
    def test_one_that_only_moves_the_trouble_is_not_offered(self) -> None:
        """Moved out until it closes, the row would run into the next; fewer or smaller dots do not."""
        rows = row("a", 5.0, distance=at(10)), row("b", 4.6, distance=at(14.1), start={"kind": "offset"})
        found = plan(piece(*rows))
        ideas = [idea.label for way in self.verdict(found, "close").ways for idea in way]
        self.assertIn("Move it out until it closes", ideas)
        labels = [remedy.label for remedy in self.remedies(found, "close")]
        self.assertNotIn("Move it out until it closes", labels)
        self.assertTrue(labels)
        alone = [remedy.label for remedy in self.remedies(plan(piece(rows[0])), "close")]
        self.assertIn("Move it out until it closes", alone)

    def test_the_first_of_a_way_that_helps_is_the_one(self) -> None:
        """The largest dot of the kit that keeps clear: the next larger one does not."""
        found = plan(
            piece(
                *(
                    row(ident, 6.8, distance=at(walk), start={"kind": "on lines"})
                    for ident, walk in (("a", 18), ("b", 23))
                )
            )
        )
        key = self.verdict(found, "touching").key
        way = next(way for way in self.verdict(found, "touching").ways if way and "on row 2" in way[0].label)
        labels = [idea.label for idea in way]
        offered = next(remedy for remedy in self.remedies(found, "touching") if remedy.label in labels)
        self.assertGreater(labels.index(offered.label), 0)
        for larger in way[: labels.index(offered.label)]:
            after = plan(changed(found.solved.piece, larger.changes)).verdicts
            self.assertTrue(any(one.key == key or one.severity == "serious" for one in after), larger.label)

    def test_a_row_off_the_blank_by_its_petals_is_made_small_enough(self) -> None:
        petals = patterns.row("a", 6.8, distance=at(54), trims=[patterns.walk(2.0)])
        found = plan(patterns.read({**patterns.piece("petals").model_dump(mode="json"), "rows": [petals]}))
        offered = self.remedies(found, "off the blank")
        self.assertTrue(offered)
        for remedy in offered:
            after = plan(changed(found.solved.piece, remedy.changes))
            self.assertNotIn("off the blank", self.codes(after), remedy.label)

    def test_a_row_is_added_only_where_one_fits(self) -> None:
        for walk, labels in ((40.8, []), (30.0, ["Add a row"])):
            found = plan(piece(row("a", 2.0, distance=at(walk), fit="count")))
            self.assertEqual([remedy.label for remedy in self.remedies(found, "space left")], labels)

    def test_a_verdict_that_is_not_there_has_none(self) -> None:
        self.assertEqual(remedies(piece(centre()), "touching:a:b"), ())

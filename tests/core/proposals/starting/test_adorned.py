"""Rows that carry petals, swipes or top dots."""

from fernring.core.proposals.starting.adorned import adorned_rows, keeps_clear
from fernring.core.proposals.starting.design import Design
from fernring.core.proposals.starting.recipe import Beat, Recipe
from fernring.core.rows.tracks.centre import CentreTrack
from tests.assertions import FernTestCase
from tests.samples import piece


class AdornedTest(FernTestCase):
    def setUp(self) -> None:
        self.design = Design(piece(diameter=90, segments=12), Recipe(id="r", name="R", about="", rhythm=()))

    def test_each_is_no_wider_than_asked_and_each_next_smaller(self) -> None:
        for kind, trims in (("petal", "walk"), ("swipe", "swipe"), ("tops", "top")):
            beat = Beat(size=1.0, adorned=kind)  # type: ignore[arg-type]
            found = list(adorned_rows(self.design, beat, 12.0))
            self.assertGreater(len(found), 2)
            self.assertTrue(all(one[1][0].kind == trims and one[2] <= 12.0 for one in found))
            sizes = [host.diameter for host, _, _ in found]
            self.assertEqual(sizes, sorted(sizes, reverse=True))

    def test_what_passes_the_border_or_meets_its_neighbour_is_not_clear(self) -> None:
        beat = Beat(size=1.0, adorned="petal", layers=2)
        host, trims, whole = next(adorned_rows(self.design, beat, 12.0))
        dot = self.design.row("front", (host,), 1, track=CentreTrack(), trims=trims)
        self.assertTrue(keeps_clear(self.design, dot, self.design.solved(dot)))
        self.design.add(dot, beat)
        for n, clear in ((3, True), (24, False)):
            row = self.design.row("front", (host,), n, trims=trims)
            self.assertIs(keeps_clear(self.design, row, self.design.solved(row)), clear)
        self.assertGreater(whole, host.diameter)

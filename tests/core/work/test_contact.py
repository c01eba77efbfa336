"""What touches what, in petals, tails and rows where the answer is seen at a glance."""

from fernring.core.solved import solve_piece
from fernring.core.work.contact import contacts
from fernring.core.work.drying import drying
from fernring.core.work.job import Job
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import worked

ONCE = {"count": {"kind": "absolute", "repeats": 1}, "start": patterns.LINES}


def job(*rows: patterns.Document, **more: object) -> Job:
    piece = worked(*rows, **more)
    return Job(solve_piece(piece), drying(piece.blank, 20.0))


class ContactTest(FernTestCase):
    def pairs(self, given: Job) -> set[tuple[int, int]]:
        met = contacts(given)
        return set(zip(met.later.tolist(), met.first.tolist(), strict=True))

    def test_the_next_layer_comes_after_the_one_that_it_touches(self) -> None:
        petal = patterns.walk(1.3, load="each", layers=3)
        given = job(patterns.row("a", 6.0, distance=patterns.at(25), trims=[petal], **ONCE))
        layer = given.dots.layer
        found = {(int(layer[later]), int(layer[first])) for later, first in self.pairs(given)}
        self.assertLessEqual({(1, 0), (2, 1), (3, 2)}, found)
        self.assertTrue(all(later >= first for later, first in found), found)

    def test_within_a_layer_only_the_tip_binds(self) -> None:
        petal = patterns.walk(1.3, load="each")
        given = job(patterns.row("a", 6.0, distance=patterns.at(25), trims=[petal], **ONCE))
        dots = given.dots
        own = {(later, first) for later, first in self.pairs(given) if dots.layer[later] == dots.layer[first] == 1}
        self.assertEqual({int(dots.side[first]) for _, first in own}, {0})
        self.assertEqual({int(dots.side[later]) for later, _ in own}, {1, 2})

    def test_trims_go_by_the_sheet_and_levels_before_all(self) -> None:
        walks = [patterns.walk(1.3, load="each", count=2), patterns.hug(1.5)]
        given = job(patterns.row("a", 6.0, distance=patterns.at(25), trims=[patterns.top(2.0), *walks], **ONCE))
        n, met = len(given.dots), contacts(given)
        tops = {first for later, first in self.pairs(given) if given.dots.level[min(later, n - 1)] > 1 and later < n}
        self.assertEqual(tops, {0}, "a top dot waits for its host alone")
        self.assertTrue(met.over[met.later < n][given.dots.level[met.later[met.later < n]] > 1].all())
        self.assertTrue(
            any(later >= n and given.dots.layer[first] == 1 for later, first in self.pairs(given) if first < n)
        )

    def test_a_tail_comes_right_after_its_head_and_before_what_touches_it(self) -> None:
        trims = [patterns.swipe(7.0, direction="inward"), patterns.walk(1.3, load="each", count=3)]
        given = job(patterns.row("a", 6.0, distance=patterns.at(25), trims=trims, **ONCE))
        tail = len(given.dots)
        self.assertEqual({first for later, first in self.pairs(given) if later == tail}, {0})

    def test_rows_that_touch_go_by_the_sheet_and_others_are_free(self) -> None:
        rows = [patterns.centre(8.9), patterns.row("b", 3.0, count={"kind": "absolute", "repeats": 6})]
        rows.append(patterns.row("c", 3.0, distance=patterns.at(40)))
        given = job(*rows)
        found = {(int(given.dots.row[later]), int(given.dots.row[first])) for later, first in self.pairs(given)}
        self.assertEqual(found, {(1, 0)})

    def test_the_gap_of_the_later_one_counts(self) -> None:
        """Two dots 2 mm apart; the row further down keeps so much or a little less."""
        for gap, touches in ((2.0, True), (1.99, False)):
            one, other = (
                patterns.row(ident, 4.0, distance=patterns.at(at), gap=own, **ONCE)
                for ident, at, own in (("a", 20.0, 0.1), ("b", 26.0, gap))
            )
            self.assertEqual(self.pairs(job(one, other)), {(1, 0)} if touches else set())

    def test_the_halves_of_a_ball_never_touch(self) -> None:
        piece = worked(
            patterns.row("a", 8.0, distance=patterns.at(66), half="both", count={"kind": "absolute", "repeats": 8})
        )
        piece = patterns.read(
            {**piece.model_dump(mode="json"), "blank": {**piece.blank.model_dump(mode="json"), **patterns.BALL}}
        )
        given = Job(solve_piece(piece), drying(piece.blank, 20.0))
        self.assertGreater(len(given.dots), 8)
        self.assertEqual(self.pairs(given), set())

"""Whole orders of work, looked at by somebody who knows nothing of how they are found."""

from collections import Counter
from unittest.mock import patch

import numpy as np

from fernring.core import budget
from fernring.core.document.reading import read_piece
from fernring.core.errors import SpentError
from fernring.core.work.care import time_words
from fernring.core.work.drying import Report
from fernring.core.work.work import Work, work
from tests import kept, patterns
from tests.assertions import FernTestCase
from tests.work_cases import QUICK, broken, hard_piece, random_piece, worked
from tests.work_look import features

HARD = 60
MANY = {"kind": "absolute", "repeats": 16}
SIX = {"count": {"kind": "absolute", "repeats": 6}, "start": patterns.LINES}


def starts(found: Work) -> dict[str, float]:
    return {step.id: begin for step, begin in zip(found.steps, found.begins, strict=True)}


TRIED = "Try it at the side, and look whether it goes into every space."


class WorkTest(FernTestCase):
    def test_nothing_is_broken_in_samples_and_random_pieces(self) -> None:
        random = np.random.default_rng(4)
        pieces = [patterns.piece(name) for name in patterns.PIECES] + [random_piece(random) for _ in range(25)]
        other = {"petals": "one by one", "erase": "after the first rows", "swirl": False, "base_coats": 0}
        for number, piece in enumerate(pieces):
            for choices in ({}, other):
                with self.subTest(number=number, choices=choices):
                    chosen = piece.work.model_copy(update=choices)
                    self.assertEqual(broken(work(piece.model_copy(update={"work": chosen}))), [])

    def test_nor_in_pieces_that_are_hard_to_put_in_order(self) -> None:
        random = np.random.default_rng(26)
        held: Counter[str] = Counter()
        for number in range(HARD):
            piece = hard_piece(random)
            held.update(features(piece))
            with self.subTest(number=number):
                self.assertEqual(broken(work(piece)), [])
        for feature in ("layers", "two trims", "top on a trim", "hugging", "line under", "line over", "boundary inset",
                        "mask", "back"):  # fmt: skip
            self.assertGreater(held[feature], 5, feature)

    def test_nor_in_documents_of_earlier_versions(self) -> None:
        for document in kept.documents(1):
            if document["format"] == "fernring.piece":
                with self.subTest(document["name"]):
                    self.assertEqual(broken(work(read_piece(document))), [])

    def test_the_same_document_gives_the_same_steps(self) -> None:
        one, other = (work(patterns.piece("petals")) for _ in range(2))
        self.assertEqual([step.id for step in one.steps], [step.id for step in other.steps])
        self.assertEqual(one.begins, other.begins)

    def test_a_piece_without_rows_or_tools_has_its_steps(self) -> None:
        found = work(worked(base_coats=1))
        self.assertEqual([step.kind for step in found.steps][-3:], ["check", "coat", "coat"])
        bare = patterns.with_rows(patterns.row("a", 3.0, distance=patterns.at(20), **SIX), tools=[])
        dots = next(step for step in work(bare).steps if step.kind == "dots")
        self.assertEqual((dots.tool, len(dots.dots)), (-1, 6))
        self.assertIn("six dots of {3} in Pale", dots.words)

    def test_words_of_steps(self) -> None:
        trims = [patterns.walk(1.0, load="each", shades=patterns.shades("teal"), layers=2)]
        found = {step.kind: step.words for step in work(worked(patterns.row("a", 5.0, trims=trims, **SIX))).steps}
        self.assertEqual(found["dots"], "Row 1: six dots of {5} in Pale; quarter points first, then between.")
        self.assertIn("Walk row 1, layer 2, right sides:", found["petals"])
        self.assertIn("a fresh load for each", found["petals"])

    def test_a_side_walked_with_one_load_is_not_said_to_take_fresh_ones(self) -> None:
        once = {"count": {"kind": "absolute", "repeats": 1}, "start": patterns.LINES}
        for load, said in (("one", ", one load."), ("each", ", a fresh load for each.")):
            petal = patterns.walk(1.5, load=load, shades=patterns.shades("teal"))
            found = work(worked(patterns.row("a", 6.0, distance=patterns.at(25), trims=[petal], **once)))
            for step in found.steps:
                if step.kind == "petals":
                    self.assertGreater(len(step.dots), 1)
                    self.assertIn(said, step.words)

    def test_care_between_steps(self) -> None:
        rows = (
            patterns.row("a", 3.0, distance=patterns.at(20), trims=[patterns.top(1.3)], **SIX),
            patterns.row("b", 2.0, distance=patterns.at(30), shades=patterns.shades("red"), **SIX),
        )
        found = work(worked(*rows, order="few changes", **QUICK))
        care = {step.kind: said.words for step, said in zip(found.steps, found.care, strict=True)}
        self.assertEqual(care["dots"], "Wipe Tool 2, take Tool 3. Cover Red, stir Pale. " + TRIED)
        self.assertRegex(
            care["top dots"],
            r"^Wait \d+ (minutes|hours) until something may lie on it\. Keep the pot of Pale closed meanwhile\.$",
        )
        self.assertEqual(found.sitting[0], 1)
        self.assertEqual(sorted(set(found.sitting)), list(range(1, found.sitting[-1] + 1)))
        self.assertEqual(
            found.minutes, max(begin + step.minutes.mean for step, begin in zip(found.steps, found.begins, strict=True))
        )

    def test_a_sitting_is_no_longer_than_one_sits_and_never_parts_a_tail_from_its_head(self) -> None:
        rows = [patterns.row(f"r{k}", 3.0, distance=patterns.at(10.0 + 8 * k), count=MANY, gap=0.1,
                             trims=[patterns.swipe(3.0)] if k % 2 else []) for k in range(4)]  # fmt: skip
        whole = work(worked(*rows, sitting=600.0, **QUICK))
        found = work(worked(*rows, sitting=15.0, **QUICK))
        self.assertGreater(found.sitting[-1], whole.sitting[-1])
        ends = [begin + step.minutes.mean for begin, step in zip(found.begins, found.steps, strict=True)]
        for number in set(found.sitting):
            own = [k for k, one in enumerate(found.sitting) if one == number]
            if sum(found.steps[k].id not in found.within for k in own) > 1:
                self.assertLessEqual(ends[own[-1]] - found.begins[own[0]], 15.0)
        heads = {found.within[step.id][0].step: number for step, number in zip(found.steps, found.sitting, strict=True)
                 if step.id in found.within}  # fmt: skip
        for step, number in zip(found.steps, found.sitting, strict=True):
            self.assertEqual(heads.get(step.id, number), number)
        said = [care.change for k, care in enumerate(found.care) if k and found.sitting[k] != found.sitting[k - 1]]
        self.assertTrue(
            any("The sitting ends here; keep the pot of Pale closed until you go on." in one for one in said)
        )

    def test_times_in_words(self) -> None:
        for minutes, words in (
            (0.4, "a minute"),
            (1.4, "a minute"),
            (1.6, "2 minutes"),
            (48.2, "48 minutes"),
            (100.0, "2 hours"),
            (2880.0, "2 days"),
        ):
            self.assertEqual(time_words(minutes), words)

    def test_what_was_reported_shortens_the_wait(self) -> None:
        piece = worked(patterns.row("a", 6.0, distance=patterns.at(20), trims=[patterns.top(3.0)], **SIX), **QUICK)
        quick = work(piece, [Report("medium", "none", 20.0, 60.0, True)] * 5)
        self.assertLess(quick.minutes, 0.65 * work(piece).minutes)
        few = work(piece, [Report("medium", "none", 20.0, 60.0, True)] * 2)
        self.assertEqual(few.minutes, work(piece).minutes, "two reports teach nothing")

    def test_what_leaves_nothing_wet_is_waited_for_by_nobody(self) -> None:
        """A pilot dot has no time to dry of its own; the dot over it has."""
        found = work(worked(patterns.centre(8.9)))
        pilot, centre = (next(step.id for step in found.steps if step.kind == kind) for kind in ("pilot dot", "dots"))
        self.assertNotIn(pilot, found.leaves)
        self.assertLessEqual({"top", "varnish"}, {one.state for one in found.leaves[centre]})
        self.assertTrue(all(one.minutes > 0 for own in found.leaves.values() for one in own))

    def test_costs_decide_between_waiting_and_changing(self) -> None:
        """Two shades on two rows each: dear pots are changed once, dear tools as seldom as can be."""
        rows = [
            patterns.row(f"r{k}", size, distance=patterns.at(12.0 + 8 * k), shades=patterns.shades(shade), **SIX)
            for k, (size, shade) in enumerate([(3.0, "pale"), (4.6, "red"), (3.0, "red"), (4.6, "pale")])
        ]
        for tool, pot, dear in ((0.0, 9.0, "pots"), (9.0, 0.0, "tools")):
            found = work(worked(*rows, order="few changes", costs={"tool": tool, "pot": pot}, **QUICK)).timed
            self.assertEqual(getattr(found, dear), 1, dear)

    def test_too_much_is_refused(self) -> None:
        with patch.object(budget, "MOST_WORK", 20_000), self.assertRaises(SpentError):
            work(patterns.piece("petals"))


class CareTest(FernTestCase):
    def test_time_in_words(self) -> None:
        """About: minutes up to an hour and a half, hours up to a day and a half."""
        for minutes, words in (
            (0.2, "a minute"), (1.4, "a minute"), (1.6, "2 minutes"), (89.0, "89 minutes"), (90.0, "2 hours"),
            (35.9 * 60, "36 hours"), (36.5 * 60, "2 days"), (72 * 60.0, "3 days"),
        ):  # fmt: skip
            self.assertEqual(time_words(minutes), words)

    def test_a_pot_that_is_long_open_is_stirred_and_re_wet(self) -> None:
        """Rows of one shade for more than twenty minutes; not when the pots were covered in a wait."""
        rows = [patterns.row(f"r{k}", 2.0, distance=patterns.at(8 + 5 * k), gap=0.3, fit="count") for k in range(6)]
        found = work(worked(*rows, **QUICK))
        said = [care.change for care, step in zip(found.care, found.steps, strict=True) if step.kind == "dots"]
        self.assertEqual(
            sum("re-wet" in words for words in said), len([w for w in said if "It has been" in w or "it has been" in w])
        )
        begins = [at for at, step in zip(found.begins, found.steps, strict=True) if step.kind == "dots"]
        opened = begins[0]
        for words, begin in zip(said[1:], begins[1:], strict=True):
            self.assertEqual("re-wet" in words, begin - opened > 20.0)
            opened = begin if "re-wet" in words else opened
        self.assertTrue(any("re-wet" in words for words in said))

"""The logbook: what events make of it, whatever their order and however often they are told."""

from typing import Any, get_args

import numpy as np

from fernring.core.logbook.book import Book
from fernring.core.logbook.events import Event, read
from fernring.core.logbook.mishaps import MishapId, mishaps
from fernring.core.logbook.sittings import AWAY_S
from fernring.core.work.drying import Report
from fernring.core.work.pace import Pace
from tests.assertions import FernTestCase

PAGE = "a" * 32
# What is freed is told in words alone, as by earlier versions.
DRIES = [
    {"state": "touch", "minutes": 20.0, "usual": 25.0, "frees": ["Row 2"]},
    {"state": "top", "minutes": 60.0},
]  # told by an earlier version
NEXT = {"stage": "painting", "sitting": 1, "sittings": 3, "left": 7}


def event(kind: str, number: int = 0, **more: Any) -> Event:
    return Event.model_validate({"id": f"{number:032x}", "page": PAGE, "what": {"kind": kind, **more}})


def done(step: str, **more: Any) -> Event:
    told = {"words": step.capitalize(), "kind_of_step": "dots", "usual": 4.0, "dries": DRIES, "next": NEXT}
    return event("done", step=step, **{**told, **more})


def book(*told: tuple[float, Event]) -> Book:
    """Minutes from the beginning, and what was told then."""
    return read((one, 60 * at) for at, one in told)


class DoneTest(FernTestCase):
    def test_a_step_that_is_done_dries_and_says_what_comes_next(self) -> None:
        found = book((0, event("sit")), (5, done("row 1", body="fluid")))
        self.assertEqual(list(found.done), ["row 1"])
        self.assertEqual([(one.state, one.due / 60, found.frees(one)) for one in found.timers],
                         [("touch", 25.0, ("Row 2",)), ("top", 65.0, ())])  # fmt: skip
        self.assertEqual(found.timers[0].paint, ("fluid", "none"))
        self.assertEqual(found.progress and found.progress.left, 7)
        self.assertEqual(found.paces, (Pace("dots", 4.0, 5.0),))
        self.assertTrue(found.timers[0].open(24.9 * 60))
        self.assertFalse(found.timers[0].open(25.1 * 60))

    def test_told_twice_it_was_done_once(self) -> None:
        """Two devices that were both away mark the same step."""
        once = book((0, event("sit")), (5, done("row 1")))
        twice = book((0, event("sit")), (5, done("row 1")), (9, done("row 1")))
        self.assertEqual(twice.done, once.done)
        self.assertEqual(twice.timers, once.timers)
        self.assertEqual(twice.sittings[0].steps, 1)

    def test_undone_it_never_was(self) -> None:
        found = book((0, event("sit")), (5, done("row 1")), (6, event("undone", step="row 1")))
        self.assertEqual((dict(found.done), found.timers, found.sittings[0].steps), ({}, (), 0))
        again = book((0, event("undone", step="row 1")))
        self.assertEqual(again, Book())

    def test_only_steps_that_were_timed_teach_a_pace(self) -> None:
        """Ticked off in a row, after a long break, or after a pause of the sitting: nothing was timed."""
        for minutes, taught in ((0.05, 0), (0.7, 0), (0.9, 1), (19.0, 1), (21.0, 0)):
            found = book((0, event("sit")), (minutes, done("row 1")))
            self.assertEqual(len(found.paces), taught, minutes)
        paused = book((0, event("sit")), (1, event("pause")), (30, event("resume")), (34, done("row 1")))
        self.assertEqual(paused.paces, (Pace("dots", 4.0, 4.0),))
        bare = book((3, done("row 1", usual=0.0)))
        self.assertEqual(bare.paces, ())


class DryingTest(FernTestCase):
    def test_dry_already_ends_the_wait_and_teaches(self) -> None:
        found = book((0, done("row 1")), (12, event("dry", step="row 1", state="touch")))
        self.assertEqual([one.ended for one in found.timers], [12 * 60.0, None])
        self.assertEqual(found.reports, (Report("medium", "none", 12.0, 25.0, True),))
        again = book((0, done("row 1")), *[(k, event("dry", step="row 1", state="touch")) for k in (12, 13)])
        self.assertEqual(again.reports, found.reports)

    def test_still_wet_prolongs_it_and_teaches(self) -> None:
        """By a quarter of what was expected, five minutes at least; from when it was found, if that is later."""
        found = book((0, done("row 1")), (10, event("wet", step="row 1", state="touch")))
        self.assertAlmostEqual(found.timers[0].due, (20 + 5) * 60)
        self.assertEqual(found.reports, (Report("medium", "none", 10.0, 25.0, False),))
        late = book((0, done("row 1")), (90, event("wet", step="row 1", state="top")))
        self.assertAlmostEqual(late.timers[1].due, (90 + 15) * 60)
        self.assertEqual(late.reports, ())  # nobody knows what is usual for it
        reopened = book((0, done("row 1")), (5, event("dry", step="row 1", state="touch")),
                        (8, event("wet", step="row 1", state="touch")))  # fmt: skip
        self.assertIsNone(reopened.timers[0].ended)

    def test_a_wait_that_is_skipped_ends_and_teaches_nothing(self) -> None:
        found = book((0, done("row 1")), (12, event("skip", step="row 1", state="touch")))
        self.assertEqual([one.ended for one in found.timers], [12 * 60.0, None])
        self.assertEqual(found.reports, ())
        looked = book((0, done("row 1")), (12, event("dry", step="row 1", state="touch")),
                      (14, event("skip", step="row 1", state="touch")))  # fmt: skip
        self.assertEqual(looked.timers[0].ended, 12 * 60.0, "it was over already")

    def test_what_a_later_step_asks_for_is_ended_too(self) -> None:
        """A repair needs what nobody waited for when the step was done."""
        for kind in ("dry", "skip"):
            found = book((0, done("row 1")), (12, event(kind, step="row 1", state="turn")))
            (own,) = [one for one in found.timers if one.state == "turn"]
            self.assertEqual((own.begun, own.ended, own.words), (0.0, 12 * 60.0, found.done["row 1"].words))
            self.assertEqual(found.reports, ())
        self.assertEqual(book((0, event("sit")), (1, event("dry", step="row 1", state="touch"))).timers, ())

    def test_a_look_at_once_teaches_nothing(self) -> None:
        found = book((0, done("row 1")), (0.05, event("dry", step="row 1", state="touch")))
        self.assertEqual((found.reports, found.timers[0].ended), ((), 3.0))


class SittingsTest(FernTestCase):
    def test_a_sitting_is_recorded_by_itself(self) -> None:
        found = book((0, event("sit")), (5, done("a")), (10, event("pause")), (25, event("resume")), (40, done("b")),
                     (41, event("happened", what="peak", step="b")), (45, event("leave")))  # fmt: skip
        (one,) = found.sittings
        self.assertEqual((one.number, one.begin, one.end, one.steps, one.happened), (1, 0.0, 45 * 60.0, 2, 1))
        self.assertAlmostEqual(one.at_work, 30.0)
        self.assertEqual([(h.what, h.step) for h in found.happened], [("peak", "b")])
        self.assertIsNone(found.sitting)

    def test_who_stays_away_long_had_left(self) -> None:
        away = AWAY_S / 60 + 1
        found = book((0, event("sit")), (5, done("a")), (5 + away, done("b")))
        self.assertEqual([(s.begin, s.end) for s in found.sittings], [(0.0, 300.0), ((5 + away) * 60, None)])
        self.assertEqual(len(found.paces), 1)
        resting = book((0, event("sit")), (5, event("pause")), (5 + away, event("resume")), (6 + away, event("leave")))
        self.assertEqual(len(resting.sittings), 1)
        self.assertAlmostEqual(resting.sittings[0].at_work, 6.0)

    def test_leaving_in_a_pause_ends_with_the_pause(self) -> None:
        found = book((0, event("sit")), (10, event("pause")), (50, event("leave")), (51, event("leave")))
        self.assertAlmostEqual(found.sittings[0].at_work, 10.0)
        self.assertIsNone(found.resting)

    def test_done_ends_a_pause(self) -> None:
        found = book((0, event("sit")), (10, event("pause")), (30, done("a")))
        self.assertIsNone(found.resting)
        self.assertAlmostEqual(found.sittings[0].at_work, 10.0)

    def test_minutes_are_put_right_and_back(self) -> None:
        told = ((0, event("sit")), (30, event("leave")), (31, event("corrected", sitting=1, minutes=44.0)))
        self.assertAlmostEqual(book(*told).sittings[0].at_work, 44.0)
        back = book(*told, (32, event("corrected", sitting=1, minutes=None)))
        self.assertAlmostEqual(back.sittings[0].at_work, 30.0)

    def test_a_clock_that_jumps_makes_no_time_negative(self) -> None:
        random = np.random.default_rng(7)
        kinds = [event("sit"), event("pause"), event("resume"), event("leave"), done("a"),
                 done("b"), event("undone", step="a"), event("dry", step="a", state="touch"),
                 event("wet", step="b", state="top")]  # fmt: skip
        for _ in range(300):
            told = [(float(random.uniform(-300, 900)), kinds[random.integers(len(kinds))]) for _ in range(12)]
            found = book(*told)
            for one in found.sittings:
                self.assertGreaterEqual(one.at_work, 0.0)
                self.assertTrue(one.end is None or one.end >= one.begin)
            for report in found.reports:
                self.assertGreater(report.minutes, 0)
            self.assertEqual([one.number for one in found.sittings], list(range(1, len(found.sittings) + 1)))


class LeadTest(FernTestCase):
    def test_the_last_to_take_the_lead_has_it(self) -> None:
        other = Event(id="f" * 32, page="b" * 32, what=event("lead").what)
        found = book((0, event("lead", name="Tablet")), (1, other))
        self.assertEqual((found.lead, found.leads), ("b" * 32, frozenset((PAGE, "b" * 32))))


class MishapsTest(FernTestCase):
    def test_each_has_its_words(self) -> None:
        """Common practice, no source."""
        found = mishaps()
        self.assertEqual([one.id for one in found], list(get_args(MishapId)))
        for one in found:
            self.assertTrue(one.wet.endswith(".") and one.dry.endswith("."), one.id)
            self.assertLessEqual(set(one.repairs), {"cover", "accent", "hair line"})
        self.assertEqual({one.id for one in found if one.asks == "size"}, {"too big", "too small"})

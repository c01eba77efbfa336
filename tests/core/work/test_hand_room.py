"""Where the hand rests: common practice, no source, worked out for places that are easy to see."""

from math import cos, hypot, radians, sin

import numpy as np

from fernring.core.solved import solve_piece
from fernring.core.work.drying import drying
from fernring.core.work.hand_room import BLOCKED, OWN, Room, rooms
from fernring.core.work.job import Job
from fernring.core.work.kinds.dotting import DOTTING
from fernring.core.work.work import Work, work
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import worked

ONE = {"count": {"kind": "absolute", "repeats": 1}}


def rested(*rows: patterns.Document, begins: tuple[float, ...] | None = None, **hand: object) -> list[Room]:
    """The rooms of the rows' dots, painted one row after the other, at these minutes."""
    piece = worked(*rows, hand=hand)
    job = Job(solve_piece(piece), drying(piece.blank, 20.0))
    steps = list(DOTTING.make(job))
    return list(rooms(job, steps, begins or tuple(float(k) for k in range(len(steps))), [[0]] * len(steps)))


def dot(ident: str, degrees: float, distance: float, size: float = 3.0) -> patterns.Document:
    return patterns.row(ident, size, distance=patterns.at(distance), start={"kind": "angle", "degrees": degrees}, **ONE)


class HandRoomTest(FernTestCase):
    def test_a_place_is_turned_to_the_wrist(self) -> None:
        """A right wrist lies 135 degrees clockwise from straight away; a left one as far the other way."""
        for side, wrist in (("right", 135.0), ("left", 225.0)):
            for degrees in (0.0, 90.0, 210.0):
                (room,) = rested(dot("a", degrees, 30.0), side=side)
                self.assertEqual(room.hand, "clear")
                self.assertAlmostEqual(room.turntable or 0.0, (wrist - degrees) % 360, delta=0.1)

    def test_the_hand_keeps_off_a_wet_dot_that_lies_where_it_would_rest(self) -> None:
        """A dot at the centre; then one 45 mm below it, to whose right a resting hand of 30 mm 70 mm off would lie."""
        wet, later = dot("w", 0.0, 50.0), dot("a", 180.0, 20.0)
        for begin, dry in ((1.0, False), (600.0, True)):
            room = rested(wet, later, begins=(0.0, begin), reach=70.0)[1]
            self.assertEqual(room.hand, "clear", dry)
            # The middle of the hand as the piece lies: from the place straight towards the wrist.
            way = radians(135.0 - (room.turntable or 0.0))
            middle = (20.0 * sin(radians(180)) + 70 * sin(way), -20.0 * cos(radians(180)) - 70 * cos(way))
            self.assertGreaterEqual(hypot(middle[0], middle[1] + 50.0), 30.0 + 1.5 - 2.0)

    def test_inside_a_wet_ring_there_is_no_room_for_a_short_hand(self) -> None:
        ring = patterns.row("w", 3.0, distance=patterns.at(40.0), count={"kind": "absolute", "repeats": 60}, gap=0.1)
        middle = patterns.centre(3.0)
        short = rested(ring, middle, reach=30.0, radius=20.0)[1]
        self.assertEqual((short.turntable, short.hand), (None, BLOCKED))
        self.assertEqual(rested(ring, middle, reach=80.0, radius=20.0)[1].hand, "clear")
        self.assertEqual(rested(ring, middle, begins=(0.0, 900.0), reach=30.0, radius=20.0)[1].hand, "clear")

    def test_dots_of_the_same_step_count(self) -> None:
        """A line of dots from the centre to the edge: whichever way the hand lies, some place has others under it."""
        near = patterns.row("a", 3.0, distance=patterns.at(40.0), count={"kind": "absolute", "repeats": 60}, gap=0.1)
        self.assertEqual(rested(near, reach=70.0)[0].hand, "clear")
        self.assertEqual(rested(near, reach=20.0, radius=30.0)[0].hand, OWN)

    def test_a_later_part_keeps_off_what_earlier_parts_left_wet(self) -> None:
        """Places round the centre in two parts, the hand so near that the whole step never leaves it room."""
        ring = patterns.row("a", 3.0, distance=patterns.at(40.0), count={"kind": "absolute", "repeats": 60}, gap=0.1)
        piece = worked(ring, hand={"reach": 20.0, "radius": 30.0})
        job = Job(solve_piece(piece), drying(piece.blank, 20.0))
        (step,) = DOTTING.make(job)
        half = len(step.dots) // 2
        (room,) = rooms(job, [step], (0.0,), [[0, 1, half]])
        self.assertEqual(room.hand, OWN)
        dots = job.dots
        for turn, first in zip(room.turns, (0, 1, half), strict=True):
            if turn is None:
                continue
            way = radians(135.0 - turn)
            at = step.dots[first]
            x, y = dots.x[at] + 20 * sin(way), dots.y[at] - 20 * cos(way)
            earlier = step.dots[:first]
            apart = np.hypot(dots.x[earlier] - x, dots.y[earlier] - y) - dots.radius[earlier]
            self.assertGreaterEqual(float(apart.min(initial=99.0)), 30.0 - 1e-6, first)
        self.assertEqual([turn is None for turn in room.turns], [False, False, True])

    def test_steps_without_dots_ask_for_nothing(self) -> None:
        self.assertEqual(len(rested(dot("a", 0.0, 30.0), dot("b", 10.0, 30.0))), 2)
        piece = worked(patterns.row("a", 4.0, trims=[patterns.swipe(5.0)]))
        job = Job(solve_piece(piece), drying(piece.blank, 20.0))
        self.assertEqual(rooms(job, [], (), ()), ())
        self.assertTrue(np.isfinite([room.turntable or 0.0 for room in rested(dot("a", 0.0, 30.0))]).all())


class OverTest(FernTestCase):
    """A ring that is wet leaves a short hand no room inside it: the order begins with what lies inside."""

    def worked(self, **more: object) -> Work:
        ring = patterns.row("w", 3.0, distance=patterns.at(40.0), count={"kind": "absolute", "repeats": 60}, gap=0.1)
        hand = {"reach": 30.0, "radius": 20.0}
        more = {"order": "few changes", **more}
        piece = worked(ring, patterns.centre(2.0), hand=hand, coat="none", base_coats=0, **more)
        return work(piece)

    def ring_and_middle(self, **more: object) -> tuple[list[str], int]:
        found = self.worked(**more)
        piece = found.solved.piece
        rows = [piece.rows[step.row].id for step in found.steps if step.kind == "dots"]
        return rows, found.timed.hands

    def test_the_order_keeps_the_hand_off_wet_paint(self) -> None:
        """Largest first is only a preference; without the cost it decides."""
        self.assertEqual(self.ring_and_middle(), (["centre", "w"], 0))
        self.assertEqual(self.ring_and_middle(costs={"hand": 0.0}), (["w", "centre"], 0))

    def test_a_hand_without_room_is_never_a_reason_for_no_order(self) -> None:
        """The artist moves the ring before the centre."""
        first = {step.row: step.id for step in self.worked().steps if step.kind == "dots"}
        rows, hands = self.ring_and_middle(moves=[{"step": first[0], "before": first[1]}])
        self.assertEqual(rows, ["w", "centre"])
        self.assertEqual(hands, 1)

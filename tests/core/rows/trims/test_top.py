"""Top dots."""

import numpy as np

from fernring.core.document.shelf import PaintShade
from fernring.core.plan import plan
from fernring.core.rows.trims.grown import Finding
from fernring.core.rows.trims.host import Host
from fernring.core.rows.trims.kind import Size
from fernring.core.rows.trims.top import WAYS, TopTrim, slots, stack
from tests import patterns
from tests.assertions import FernTestCase

HOST = Host(0.0, -20.0, 0.0, 20.0, 0.0, 0.0, 4.0, 1, 0, 0, 0)


def top(*sizes: float, shades: int = 3, **more: object) -> TopTrim:
    turns = tuple(PaintShade(paint=f"p{k}") for k in range(shades))
    return TopTrim(id="t", sizes=tuple(Size(diameter=size) for size in sizes), shades=turns, **more)


class TopTest(FernTestCase):
    def test_each_is_shifted_within_the_one_below(self) -> None:
        for towards, (right, out) in WAYS.items():
            found = stack(top(4.0, 2.0, towards=towards, shift=0.5), 0, HOST, [])
            np.testing.assert_allclose(found, [(right, out, 2), (1.5 * right, 1.5 * out, 1)], err_msg=towards)

    def test_shares_are_of_the_dot_below(self) -> None:
        half = TopTrim(id="t", sizes=(Size(diameter=1.0, share=0.5),) * 2, shades=(PaintShade(paint="a"),))
        self.assertEqual([radius for _, _, radius in stack(half, 0, HOST, [])], [2, 1])

    def test_one_as_large_as_what_it_stands_on_is_found(self) -> None:
        findings: list[Finding] = []
        stack(top(8.0, 3.0, 3.0), 4, HOST, findings)
        found = [(one.code, one.trim, one.figures) for one in findings]
        self.assertEqual(found, [("top", 4, (8, 8)), ("top", 4, (3, 3))])

    def test_shades_go_up_the_stack_or_take_turns_with_the_last_between(self) -> None:
        heights = np.arange(4)
        self.assertEqual(slots(top(3.0), heights, 5).tolist(), [0, 1, 2, 0])
        turning = top(3.0, turns=True)
        self.assertEqual(slots(turning, heights, 0).tolist(), [0, 2, 1, 2])
        self.assertEqual(slots(turning, heights, 1).tolist(), [1, 2, 0, 2])
        self.assertEqual(slots(top(3.0, shades=2, turns=True), heights, 1).tolist(), [0, 1, 0, 1])

    def test_on_a_ball_top_dots_of_walked_dots_sit_as_far_aside_as_on_a_plane(self) -> None:
        """A dot of 0.8 mm on one of 2 mm, shifted by 0.6 of the room, stands 0.36 mm aside in space, on both halves."""
        small = patterns.top(0.8, towards="outward")
        petal = patterns.walk(2.0, load="each", trims=[small])
        ball = {"outline": {"kind": "round", "diameter": 100.0}, "relief": {"kind": "ball"}, "border": 1.0}
        for half in ("front", "back"):
            for distance in (30.0, 60.0):
                six = {"kind": "absolute", "repeats": 6}
                one = patterns.row("a", 5.7, count=six, distance=patterns.at(distance), half=half, trims=[petal])
                given = patterns.piece("petals").model_dump(mode="json")
                dots = plan(patterns.read({**given, "blank": {**given["blank"], **ball}, "rows": [one]})).dots
                high = np.flatnonzero(dots.trim == 1)
                places = patterns.in_space(dots)
                aside = np.linalg.norm(places[high] - places[dots.below[high]], axis=1)
                np.testing.assert_allclose(aside, 0.36, atol=1e-3)

    def test_towards_is_seen_from_the_centre_of_the_piece(self) -> None:
        """A host straight below the centre: outward is down; its right, looking outward, is left on paper."""
        ways = {"inward": (0, -1), "outward": (0, 1), "left": (1, 0), "right": (-1, 0), "centred": (0, 0)}
        for towards, (x, y) in ways.items():
            trims = [patterns.top(2.0, towards=towards, shift=1.0)]
            below = {"count": {"kind": "absolute", "repeats": 1}, "start": {"kind": "angle", "degrees": 180}}
            one = patterns.row("a", 6.0, distance=patterns.at(30), trims=trims, **below)
            dots = plan(patterns.with_rows(one)).dots
            aside = (float(dots.x[1] - dots.x[0]), float(dots.y[1] - dots.y[0]))
            np.testing.assert_allclose(aside, (2 * x, 2 * y), atol=1e-9, err_msg=towards)

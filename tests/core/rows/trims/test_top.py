"""Top dots."""

import numpy as np

from fernring.core.document.shelf import PaintShade
from fernring.core.rows.trims.grown import Finding
from fernring.core.rows.trims.host import Host
from fernring.core.rows.trims.kind import Size
from fernring.core.rows.trims.top import WAYS, TopTrim, slots, stack
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

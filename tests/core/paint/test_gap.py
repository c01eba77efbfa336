"""One more paint."""

from fernring.core.document.shelf import Paint
from fernring.core.paint.gap import closing
from fernring.core.paint.recipes import recipes
from tests.assertions import FernTestCase

BLUES = [
    Paint(id=ident, name=ident, colour=colour)
    for ident, colour in (("white", "#f7f5ee"), ("blue", "#2f62b8"), ("black", "#17181c"))
]


class ClosingTest(FernTestCase):
    def test_with_it_the_aims_are_reached(self) -> None:
        aims = ["#e07830", "#efb890"]
        self.assertFalse(any(one.reached for one in recipes(BLUES, aims)))
        colour = closing(BLUES, aims)
        assert colour
        new = Paint(id="new", name="new", colour=colour)
        before = max(one.error for one in recipes(BLUES, aims))
        after = max(one.error for one in recipes([*BLUES, new], aims))
        self.assertLess(after, 4.0)
        self.assertLess(after, before / 4)

    def test_nothing_to_mix_with(self) -> None:
        flakes = [BLUES[0].model_copy(update={"finish": "glitter"})]
        self.assertIsNone(closing(flakes, ["#e07830"]))
        self.assertIsNone(closing(BLUES, []))

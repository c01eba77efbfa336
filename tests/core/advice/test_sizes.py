"""Dots of the kit, and which dots of a plan are set as they were foretold."""

from fernring.core.advice.sizes import foretold_dots, kit_sizes, largest_up_to
from fernring.core.document.kit import SizeRange, Tool
from fernring.core.plan import plan
from tests.assertions import FernTestCase
from tests.samples import piece, row, tools


def told(diameter: float) -> SizeRange:
    return SizeRange(
        diameter=diameter, low=0.9 * diameter, high=1.1 * diameter, body="medium", surface="canvas", load="usual",
        measured=3, alike=3,
    )  # fmt: skip


class SizesTest(FernTestCase):
    def test_foretold_sizes_are_dots_of_their_tool(self) -> None:
        kit = (Tool(id="a", name="A", dots=(2.0, 3.0), ranges=(told(2.2),)), Tool(id="b", name="B", dots=(3.0, 1.0)))
        sizes = kit_sizes(kit)
        self.assertEqual([(one.diameter, one.tool) for one in sizes], [(1.0, "b"), (2.0, "a"), (2.2, "a"), (3.0, "a")])
        largest = largest_up_to(sizes, 2.9)
        assert largest is not None
        self.assertEqual(largest.diameter, 2.2)
        self.assertIsNone(largest_up_to(sizes, 0.9))

    def test_dots_of_that_tool_and_size_alone(self) -> None:
        kit = tuple(one.model_copy(update={"ranges": (told(2.0), told(9.0))}) if one.dots == (2.0,) else one
                    for one in tools())  # fmt: skip
        found = plan(piece(row("a", 2.0), row("b", 3.0), tools=kit)).solved
        (_, two, mine), (_, nine, nobody) = foretold_dots(found.piece.tools, found.dots)
        self.assertEqual((two.diameter, nine.diameter, int(mine.sum()), int(nobody.sum())), (2.0, 9.0, 12, 0))
        self.assertEqual(set(found.dots.row[mine].tolist()), {0})

"""Tools and paints of another kit or shelf: what is new is added, once."""

from fernring.core.document.kit import MOST_TOOLS, Kit, Tool
from fernring.core.document.shelf import Paint, Shelf
from fernring.core.document.stock import added
from fernring.core.errors import DocumentError
from tests.assertions import FernTestCase


def kit(*tools: tuple[str, float]) -> Kit:
    return Kit(tools=tuple(Tool(id=ident, name="Twig", dots=(dot,)) for ident, dot in tools))


class AddedTest(FernTestCase):
    def ids(self, ours: Kit, theirs: Kit) -> list[tuple[str, float]]:
        stock, count = added(ours, theirs)
        assert isinstance(stock, Kit)
        self.assertEqual(count, len(stock.tools) - len(ours.tools))
        return [(tool.id, tool.dots[0]) for tool in stock.tools]

    def test_what_is_new_comes_after_ours(self) -> None:
        self.assertEqual(self.ids(kit(("a", 2)), kit(("b", 3), ("c", 4))), [("a", 2), ("b", 3), ("c", 4)])

    def test_the_same_under_another_id_is_left_out(self) -> None:
        self.assertEqual(self.ids(kit(("a", 2)), kit(("b", 2), ("c", 3))), [("a", 2), ("c", 3)])

    def test_an_id_that_is_taken_is_made_anew(self) -> None:
        self.assertEqual(self.ids(kit(("a", 2)), kit(("a", 3), ("a-2", 4))), [("a", 2), ("a-3", 3), ("a-2", 4)])
        long = "t" * 48
        found = self.ids(kit((long, 2)), kit((long, 3)))
        self.assertEqual(found[1], ("t" * 30 + "-2", 3))

    def test_paints_likewise_and_never_across(self) -> None:
        ours, theirs = Shelf(), Shelf(paints=(Paint(id="p", name="Ember", colour="#aa3311"),))
        self.assertEqual(added(ours, theirs), (theirs, 1))
        self.assertEqual(added(theirs, theirs), (theirs, 0))
        with self.assertRaisesRegex(DocumentError, "holds a shelf; a kit is wanted"):
            added(kit(), theirs)

    def test_too_much_is_refused(self) -> None:
        ours = kit(*((f"a{k}", 1 + k / 10) for k in range(MOST_TOOLS)))
        with self.assertRaisesRegex(DocumentError, "At most 120 tools fit here; with this file it would be 121"):
            added(ours, kit(("b", 50)))

"""Tools as a table."""

from fernring.core.document.kit import Kit, Load, Tool
from fernring.core.errors import DocumentError
from fernring.formats.kit_csv import kit_csv, kit_of_csv
from tests.assertions import FernTestCase

TOOLS = (
    Tool(
        id="a", name="Ball, 2", kind="ball stylus", tip=2.0, dots=(2.4, 2.8), load=Load(dots=6, ratio=0.93), note="=old"
    ),
    Tool(id="b", name="Twig", kind="household", dots=(5.0,), sizes="typical", handle="two ends"),
)


class KitTest(FernTestCase):
    def test_out_and_in_again(self) -> None:
        text = kit_csv(Kit(tools=TOOLS))
        self.assertIn("'=old", text)
        found = kit_of_csv(text).tools
        self.assertEqual([one.model_copy(update={"id": "x"}) for one in found],
                         [one.model_copy(update={"id": "x"}) for one in TOOLS])  # fmt: skip

    def test_another_hand_wrote_it(self) -> None:
        text = "Maker;Name;Dots\nnobody;Heron;2,5 3,1\n\n"
        (one,) = kit_of_csv(text).tools
        self.assertEqual((one.name, one.dots, one.kind), ("Heron", (2.5, 3.1), "ball stylus"))

    def refused(self, words: str, text: str) -> None:
        with self.assertRaisesRegex(DocumentError, words):
            kit_of_csv(text)

    def test_all_or_nothing_with_the_lines_and_why(self) -> None:
        self.refused("columns “name” and “dots”", "name,size\nA,2\n")
        self.refused("columns “name” and “dots”", "")
        self.refused("line 2: “wide” is no number", "name,dots\nA,wide\n")
        self.refused("line 3, dots.0: .* at least 0.2", "name,dots\nA,2\nB,0.01\n")
        self.refused("line 2, kind: .* must be one of", "name,dots,kind\nA,2,spoon\n")
        self.refused("line 2, dots: .* needs at least 1", "name,dots\nA,\n")
        self.refused("not written in UTF-8", "name,dots\nGr\ufffdn,2\n")
        self.refused("at most 2,000 lines", "name,dots\n" + "A,2\n" * 2001)
        self.refused("1 to 120 tools", "name,dots\n" + "".join(f"T{k},2\n" for k in range(121)))

"""Rows that stand on sizes nobody measured."""

from fernring.core.document.kit import SizeRange, Tool
from fernring.core.plan import plan
from tests.assertions import FernTestCase
from tests.samples import piece, row, tools


def typical(*sizes: float) -> tuple[Tool, ...]:
    """The tools of the samples, those of these sizes with typical ones."""
    return tuple(t.model_copy(update={"sizes": "typical"}) if t.dots[0] in sizes else t for t in tools())


class MeasuredTest(FernTestCase):
    def test_each_tool_is_named_once_with_its_rows(self) -> None:
        rows = [row("a", 2.0), row("b", 3.0), row("c", 2.0, 1.0)]
        found = plan(piece(*rows, tools=typical(2.0, 1.0)))
        said = [(v.text, v.rows) for v in found.verdicts if v.code == "not measured"]
        self.assertEqual(len(said), 2)
        self.assertIn(
            ("The sizes of Tool 2 are typical of its kind, not measured: row 1 and row 3 may differ.", (0, 2)), said
        )

    def test_three_rows_are_named_in_one_sentence(self) -> None:
        found = plan(piece(*(row(name, 1.0) for name in "abc"), tools=typical(1.0)))
        self.assertIn("row 1, row 2 and row 3 may differ", self.verdict(found, "not measured").text)

    def test_measured_and_unused_tools_are_not(self) -> None:
        self.assertNotIn("not measured", self.codes(plan(piece(row("a", 2.0), tools=typical(3.0)))))
        self.assertNotIn("not measured", self.codes(plan(piece(row("a", 2.0)))))

    def test_many_rows_are_counted(self) -> None:
        rows = [row(f"r{k}", 1.0) for k in range(7)]
        verdict = self.verdict(plan(piece(*rows, tools=typical(1.0))), "not measured")
        self.assertIn("row 1, row 2, row 3, row 4 and 3 more may differ", verdict.text)

    def test_a_size_that_was_foretold_is_as_good_as_what_it_rests_on(self) -> None:
        given = {"low": 1.8, "high": 2.3, "body": "medium", "surface": "canvas", "load": "usual", "alike": 0}
        for measured, said in ((0, ["only foretold"]), (3, [])):
            told = SizeRange(diameter=2.0, measured=measured, **given)
            kit = tuple(t.model_copy(update={"ranges": (told,)}) if t.dots[0] == 2.0 else t for t in typical(2.0))
            found = plan(piece(row("a", 2.0), row("b", 3.0), row("c", 2.0), tools=kit))
            self.assertEqual([v.code for v in found.verdicts if v.code in ("only foretold", "not measured")], said)
        found = plan(
            piece(
                row("a", 2.0),
                tools=tuple(
                    t.model_copy(update={"ranges": (SizeRange(diameter=2.0, measured=0, **given),)})
                    if t.dots[0] == 2.0
                    else t
                    for t in tools()
                ),
            )
        )
        verdict = self.verdict(found, "only foretold")
        self.assertIn("{2} with Tool 2 is foretold by its tip and kind alone: row 1 may differ.", verdict.text)
        self.assertNotIn("no tool", self.codes(found))

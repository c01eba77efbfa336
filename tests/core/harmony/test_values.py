"""Light and dark."""

from fernring.core.document.piece import Piece
from tests.core.harmony.cases import PALE, AdviceCase, painted


class ValuesTest(AdviceCase):
    def test_pale_on_pale(self) -> None:
        piece = painted("cream", "butter", "teal", paints=PALE)
        verdict = self.one(piece, "pale on pale")
        self.assertEqual(verdict.rows, (0, 1))
        self.assertEqual(self.labels(verdict)[:1], ["Use Plum"])
        self.mends(piece, verdict)
        self.quiet(painted("cream", "teal", "butter", paints=PALE), "pale on pale")

    def test_a_row_between_where_one_fits(self) -> None:
        piece = painted("cream", "butter", paints=PALE)
        nested = [row.model_dump(mode="json") for row in piece.rows]
        nested[1]["distance"] = {"kind": "nested"}
        roomy = Piece.model_validate({**piece.model_dump(mode="json"), "rows": nested})
        verdict = self.one(roomy, "pale on pale")
        (label,) = [one for one in self.labels(verdict) if one.startswith("A row of")]
        self.assertEqual(label, "A row of Teal between row 1 and row 2")
        self.mends(roomy, verdict, 2)
        bare = roomy.model_copy(update={"tools": ()})
        self.assertFalse([one for one in self.labels(self.one(bare, "pale on pale")) if one.startswith("A row of")])

    def test_rows_that_swap_their_shades(self) -> None:
        piece = painted("cream", "butter", "teal", "cream", paints=PALE)
        verdict = self.one(piece, "pale on pale")
        self.assertIn("Swap its shades with row 3", self.labels(verdict))

    def test_a_step_further_along_a_ramp(self) -> None:
        ramp = {"id": "sea", "name": "Sea", "stops": ["cream", "teal"], "steps": 6}
        piece = painted("cream", ("sea", 2), "plum", paints=PALE, ramps=[ramp])
        verdict = self.one(piece, "pale on pale")
        self.assertTrue(any("along its ramp" in label for label in self.labels(verdict)))
        self.mends(piece, verdict)

    def test_dark_on_dark(self) -> None:
        paints = {"ink": "#2b2030", "soot": "#20242c", "cream": "#f4efdc"}
        piece = painted("ink", "soot", "cream", paints=paints, base="#d8d4c8")
        self.mends(piece, self.one(piece, "dark on dark"), 0)

    def test_one_value_throughout(self) -> None:
        paints = {"a": "#3f8f5a", "b": "#a86a3f", "c": "#7a74c0", "d": "#b0607a"}
        self.assertEqual(self.one(painted(*"abcd", paints=paints), "one value").rows, (0, 1, 2, 3))
        self.quiet(painted(*"abcd", paints={**paints, "c": "#f0f0ff"}), "one value")

"""What the pots do not give, what is accepted, and what is painted already."""

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.document.shelf import Shelf
from fernring.core.harmony.advice import advice
from fernring.core.harmony.report import colour_report
from fernring.core.paint.pots import mixing
from fernring.core.proposals.painted import begun
from tests.core.harmony.cases import PALE, AdviceCase, found, painted


class AdviceTest(AdviceCase):
    def test_out_of_reach_and_not_enough(self) -> None:
        ramp = {"id": "r", "name": "Dawn", "stops": ["blue", "gold"], "steps": 3}
        piece = painted(("r", 1), ("r", 2), "blue", paints={"blue": "#2a3fb0", "gold": "#e8c020"}, ramps=[ramp])
        shelf = Shelf(paints=tuple(p.model_copy(update={"left": 0.1}) for p in piece.paints if p.id == "blue"))
        mixed = mixing(piece, 0.2, shelf)
        verdicts = {one.code: one for one in advice(colour_report(mixed.solved), mixed)}
        self.assertIn("Dawn 2", verdicts["out of reach"].text)
        self.assertRegex(verdicts["out of reach"].text, "One more paint of about #[0-9a-f]{6}")
        self.assertIn("Not enough Blue", verdicts["not enough paint"].text)
        self.assertIn("runs out in row 1", verdicts["not enough paint"].text)
        plenty = Shelf(paints=tuple(p.model_copy(update={"left": 500.0}) for p in piece.paints))
        again = mixing(piece, 0.2, plenty)
        self.assertNotIn("not enough paint", [one.code for one in advice(colour_report(again.solved), again)])

    def test_what_is_accepted_comes_last_with_its_reason(self) -> None:
        piece = painted("cream", "butter", "teal", "cream", "butter", paints=PALE)
        key = found(piece)[0].key
        silent = changed(piece, ()).model_copy(update={"accepted": ({"key": key, "reason": "mist"},)})
        after = found(Piece.model_validate(silent.model_dump()))
        self.assertEqual((after[-1].key, after[-1].accepted), (key, "mist"))

    def test_rows_on_the_piece_already_are_left(self) -> None:
        piece = painted("cream", "butter", "teal", "cream", paints=PALE)
        done = changed(piece, begun(piece, {row.id: () for row in piece.rows}))
        self.assertEqual(self.labels(self.one(done, "pale on pale")), [])

"""Paint that runs out."""

from typing import Any

from fernring.core.paint.amounts import amounts
from fernring.core.paint.short import Short, shortages
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.core.harmony.cases import painted


class ShortTest(FernTestCase):
    def short(self, left: float | None) -> tuple[Short, ...]:
        solved = solve_piece(painted("blue", "white", "blue", "blue", paints={"blue": "#2f62b8", "white": "#ffffff"}))
        paints = [p.model_copy(update={"left": left if p.id == "blue" else None}) for p in solved.piece.paints]
        found = amounts(solved, 0.2)
        names = [solved.palette.paints[one.shade] for one in found]
        pots: list[Any] = [(one, {paint.id: one.mix}) for one, paint in zip(found, names, strict=True) if paint]
        self.all = next(one for one, parts in pots if "blue" in parts)
        return shortages(solved, paints, pots)

    def test_the_row_in_which_the_last_of_it_goes(self) -> None:
        """Three equal rings take a third each, and a quarter more stays on the tool (common practice, no source)."""
        self.short(None)
        third = 1.25 * self.all.ml / 3
        for left, row in ((0.5 * third, 0), (1.5 * third, 2), (2.5 * third, 3)):
            (one,) = self.short(left)
            self.assertEqual((one.paint, one.row), ("blue", row))
            self.assertAlmostEqual(one.needed, self.all.mix, places=9)

    def test_enough_or_unknown(self) -> None:
        self.assertEqual(self.short(None), ())
        self.assertEqual(self.short(self.all.mix + 0.01), ())

"""Paints beside rows."""

from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import apart, ciede2000
from fernring.core.harmony.palette_of import best_paints
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.core.harmony.cases import PALE, painted


class PaletteOfTest(FernTestCase):
    def test_each_from_each(self) -> None:
        one, two = ["#ffffff", "#1f8f8a"], ["#14181e", "#6a3a78", "#ffffff"]
        found = apart(one, two)
        self.assertEqual(found.shape, (2, 3))
        lab = cielab.from_srgb(srgb.from_hex(["#1f8f8a", "#6a3a78"]))
        self.assertAlmostEqual(float(found[1, 1]), float(ciede2000(lab[0], lab[1])), places=9)
        self.assertEqual(float(found[0, 2]), 0.0)

    def test_two_that_stand_out_best(self) -> None:
        solved = solve_piece(painted("cream", "butter", paints=PALE))
        found = best_paints(solved, 1, ["#f4efdc"], 12.0)
        self.assertEqual([one.label for one in found], ["Use Teal", "Use Plum"])
        self.assertEqual(best_paints(solved, 1, list(PALE.values()), 12.0), ())

"""Palettes for a piece, of what stands on the shelf."""

import numpy as np

from fernring.core.colour import oklch
from fernring.core.document.changes import changed
from fernring.core.errors import FitError
from fernring.core.harmony.ideas import Idea, ideas
from fernring.core.harmony.rules import RULES
from fernring.core.paint.recipes import recipes
from fernring.core.plan import plan
from fernring.core.proposals.painted import begun
from tests.assertions import FernTestCase
from tests.core.harmony.cases import PAINTS, SHELF, painted

PIECE = painted("white", "red", "gold", "white", "red", paints={k: SHELF[k] for k in ("white", "red", "gold")})


class IdeasTest(FernTestCase):
    def by_rule(self, found: list[Idea]) -> dict[str, Idea]:
        return {one.rule: one for one in found}

    def test_one_for_each_rule_the_best_first(self) -> None:
        found = ideas(PIECE, PAINTS)
        self.assertEqual({one.rule for one in found}, set(RULES))
        self.assertEqual([one.cost for one in found], sorted(one.cost for one in found))

    def test_only_of_what_is_there_and_what_it_mixes(self) -> None:
        for one in ideas(PIECE, PAINTS):
            for _, paint in one.paints:
                if paint.parts:
                    own = [each for each in PAINTS if each.id in {part.paint for part in paint.parts}]
                    self.assertLess(recipes(own, [paint.colour])[0].error, 1.0, paint.name)
                else:
                    self.assertIn(paint, PAINTS)

    def test_hues_are_those_of_the_rule(self) -> None:
        for rule, one in self.by_rule(ideas(PIECE, PAINTS)).items():
            lch = oklch.from_hex([paint.colour for _, paint in one.paints])
            hues = lch[lch[:, 1] >= oklch.GREY, 2]
            fits = [
                all(min(abs((h - first - turn + 180) % 360 - 180) for turn in RULES[rule].turns) < 45 for h in hues)
                for first in np.arange(0, 360, 5)
            ]
            self.assertTrue(any(fits), f"{rule}: {hues}")

    def test_rows_side_by_side_and_the_base_stand_apart(self) -> None:
        best = ideas(PIECE, PAINTS)[0]
        self.assertGreater(best.between, 15)
        self.assertGreater(best.from_base, 15)
        codes = {verdict.code for verdict in plan(best.piece).verdicts}
        self.assertFalse(codes & {"lost on base", "shades alike"})

    def test_colours_are_those_of_the_piece_in_it(self) -> None:
        for one in ideas(PIECE, PAINTS)[:2]:
            after = plan(one.piece).solved
            asked = [row.shades[0] for row in one.piece.rows]
            by_row = [after.palette.shades[after.palette.index(shade)].colour for shade in asked]
            self.assertEqual(by_row, [one.colours[k] for k in (0, 1, 2, 0, 1)])

    def test_what_is_kept_is_in_every_one(self) -> None:
        for one in ideas(PIECE, PAINTS, keep=("violet", "gold")):
            self.assertLessEqual({"violet", "gold"}, {paint.id for _, paint in one.paints}, one.rule)

    def test_near_the_colours_of_a_picture(self) -> None:
        (one,) = ideas(PIECE, PAINTS, aims=("#2f62b8", "#f5f3ec", "#5b9a48"))
        self.assertEqual(one.rule, "")
        self.assertLessEqual({paint.id for _, paint in one.paints}, {"blue", "white", "green", "teal", "black"})

    def test_a_ramp_runs_between_the_new_stops(self) -> None:
        ramp = {"id": "r", "name": "Run", "stops": ["white", "red"], "steps": 4}
        piece = painted(
            ("r", 1), ("r", 3), "gold", paints={k: SHELF[k] for k in ("white", "red", "gold")}, ramps=[ramp]
        )
        for one in ideas(piece, PAINTS)[:2]:
            taken = dict(one.paints)
            self.assertEqual(one.piece.ramps[0].stops, (taken["white"].id, taken["red"].id))

    def test_what_is_on_the_piece_stays(self) -> None:
        done = changed(PIECE, begun(PIECE, {"r2": ()}))
        for one in ideas(done, PAINTS)[:3]:
            self.assertEqual(dict(one.paints)["red"].id, "red")

    def test_refusals(self) -> None:
        for paints, keep, words in (
            ([], (), "shelf is empty"),
            (PAINTS, tuple(SHELF)[:4], "At most 3 paints can be kept"),
        ):
            with self.assertRaisesRegex(FitError, words):
                ideas(PIECE, paints, keep)
        with self.assertRaisesRegex(FitError, "No row is painted"):
            ideas(painted(paints={"white": "#ffffff"}), PAINTS)

    def test_one_paint_on_the_shelf(self) -> None:
        self.assertEqual({paint.id for _, paint in ideas(PIECE, PAINTS[:1])[0].paints}, {"white"})

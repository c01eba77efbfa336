"""Recipes in whole drops."""

from itertools import product

import numpy as np

from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import ciede2000
from fernring.core.colour.ramp import ramp
from fernring.core.document.shelf import Paint
from fernring.core.errors import FitError
from fernring.core.paint.mixing import mixed
from fernring.core.paint.pigment import pigments
from fernring.core.paint.recipes import recipes, whitest
from tests.assertions import FernTestCase
from tests.core.paint.test_mixing import COLOURS, POTS


class RecipesTest(FernTestCase):
    def test_a_paint_for_its_own_colour(self) -> None:
        (found,) = recipes(POTS, [COLOURS[1]])
        self.assertEqual(found.drops, (("p1", 1),))
        self.assertLess(found.error, 0.5)
        self.assertTrue(found.reached)

    def test_what_was_mixed_is_found_again(self) -> None:
        made = pigments(POTS, "p0")
        for parts in ((3, 1, 0, 0), (5, 0, 2, 0), (8, 1, 1, 0), (40, 1, 0, 0)):
            colour = srgb.to_hex(mixed(made, np.array([parts], float)))[0]
            (found,) = recipes(POTS, [colour])
            self.assertLess(found.error, 0.8, parts)
            self.assertLessEqual(len(found.drops), 3)

    def test_nothing_of_a_few_drops_is_better(self) -> None:
        """Against every mix of up to six drops of all four, where a pot more has to be worth it."""
        aims = ramp([COLOURS[0], COLOURS[2]], 4)
        parts = np.array([one for one in product(range(7), repeat=4) if 0 < sum(one) <= 6], float)
        seen = cielab.from_srgb(np.clip(mixed(pigments(POTS, "p0"), parts), 0, 1))
        for found in recipes(POTS, aims):
            aim = cielab.from_srgb(srgb.from_hex([found.aim]))
            off = ciede2000(np.broadcast_to(aim, seen.shape), seen) + 0.35 * ((parts > 0).sum(axis=1) - 1)
            self.assertLess(found.error + 0.35 * (len(found.drops) - 1), float(off.min()) + 0.3)

    def test_one_drop_is_a_drop_of_the_nearest_paint(self) -> None:
        """However many mixes come nearer than any paint alone."""
        many = [Paint(id=f"p{k}", name=f"P{k}", colour=f"#{17 * k:02x}40{255 - 17 * k:02x}") for k in range(16)]
        (found,) = recipes(many, ["#777777"], 1)
        self.assertEqual([drops for _, drops in found.drops], [1])

    def test_what_these_paints_cannot_reach_is_told(self) -> None:
        (found,) = recipes(POTS, ["#00ff00"])
        self.assertFalse(found.reached)
        self.assertGreater(found.error, 4.0)

    def test_flakes_are_not_stirred_in_and_few_drops_stay_few(self) -> None:
        gold = Paint(id="gold", name="Gold", colour="#c8963e", finish="metallic")
        (found,) = recipes([*POTS, gold], [gold.colour])
        self.assertNotIn("gold", [paint for paint, _ in found.drops])
        (few,) = recipes(POTS, ["#8fb0d0"], most_drops=5)
        self.assertLessEqual(sum(drops for _, drops in few.drops), 5)
        with self.assertRaisesRegex(FitError, "1 to 60 paints that can be mixed"):
            recipes([gold], ["#ffffff"])

    def test_white_is_the_lightest_if_it_is_white(self) -> None:
        self.assertEqual(whitest(POTS), "p0")
        self.assertIsNone(whitest(POTS[1:]))

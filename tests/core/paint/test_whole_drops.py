"""Whole drops that keep a recipe."""

import numpy as np

from fernring.core.colour import cielab
from fernring.core.colour.difference import ciede2000
from fernring.core.document.shelf import Paint
from fernring.core.paint.mixing import mixed
from fernring.core.paint.pigment import pigments
from fernring.core.paint.recipes import Recipe, recipes, whitest
from fernring.core.paint.whole_drops import SEEN, Drops, poured
from tests.assertions import FernTestCase

PAINTS = [
    Paint(id="white", name="White", colour="#f4f2ea"),
    Paint(id="night", name="Night", colour="#1d2440"),
    Paint(id="rust", name="Rust", colour="#a8452c"),
    Paint(id="moss", name="Moss", colour="#5f7a3d"),
]


def colour(drops: Drops) -> np.ndarray:
    """L*a*b* of a mix, shape (1, 3)."""
    made = dict(zip((paint.id for paint in PAINTS), pigments(PAINTS, whitest(PAINTS)), strict=True))
    parts = np.array([[count for _, count in drops]], float)
    return cielab.from_srgb(np.clip(mixed([made[ident] for ident, _ in drops], parts), 0, 1))


class WholeDropsTest(FernTestCase):
    def test_no_pot_is_off_by_more_than_is_seen(self) -> None:
        """Pale tints of a strong paint, few drops and many: what the drops make beside what the recipe promises."""
        aims = ["#dcdfe6", "#e8d8cf", "#b9c4a4", "#6b7088", "#c9b3a6", "#efe9e0"]
        for recipe in recipes(PAINTS, aims):
            for needed in (1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144):
                with self.subTest(aim=recipe.aim, needed=needed):
                    found = poured(recipe, needed, PAINTS)
                    self.assertGreaterEqual(sum(count for _, count in found.drops), needed)
                    self.assertTrue(all(count > 0 for _, count in found.drops))
                    off = float(ciede2000(colour(found.drops), colour(found.recipe.drops))[0])
                    self.assertLessEqual(off, SEEN + 1e-9)
                    self.assertLessEqual(found.recipe.error, recipe.error + SEEN)

    def test_a_tint_of_one_in_sixty_is_not_made_five_to_one(self) -> None:
        recipe = Recipe("#e9e7e1", (("white", 59), ("night", 1)), "#e9e7e1", 0.5, False)
        found = poured(recipe, 6, PAINTS)
        counts = dict(found.drops)
        self.assertGreater(counts.get("white", 0), 20 * counts.get("night", 0))

    def test_many_drops_are_mixed_hardly_beyond_the_need(self) -> None:
        recipe = Recipe("#888888", (("white", 7), ("night", 4)), "#888888", 0.5, False)
        for needed in (60, 100, 250):
            self.assertLessEqual(sum(count for _, count in poured(recipe, needed, PAINTS).drops), 1.1 * needed)
        self.assertEqual(poured(recipe, 11, PAINTS).drops, recipe.drops)

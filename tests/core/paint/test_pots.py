"""What goes into the pots."""

from fernring.core.colour.palette import Palette
from fernring.core.document.shelf import MixedPot, Paint, Portion, Ramp, Shelf
from fernring.core.paint.pots import mixing
from tests.assertions import FernTestCase
from tests.core.paint.test_amounts import ring
from tests.core.rows.tracks.test_fill import with_areas


class MixingTest(FernTestCase):
    def test_steps_of_a_ramp_have_recipes_and_a_ladder(self) -> None:
        rows = [ring({"kind": "ramp", "ramp": "sea", "step": k}, 8.0 * k) for k in (1, 2, 3)]
        ramp = Ramp(id="sea", name="Sea", stops=("pale", "teal"), steps=4).model_dump()
        piece = with_areas(*rows, areas=(), ramps=(ramp,))
        found = mixing(piece, 0.2)
        self.assertEqual([pot.recipe is not None for pot in found.pots], [True] * 3)
        for pot in found.pots:
            drops = sum(drops for _, drops in pot.drops)
            self.assertGreaterEqual(drops, pot.amount.drops)
            self.assertAlmostEqual(pot.mixed, drops / 20)  # drops of a millilitre: common practice, no source
        (one,) = found.ladders
        self.assertEqual((one.light, one.colour, len(one.rungs)), ("pale", "teal", 3))

    def test_enamel_is_mixed_of_enamel_alone(self) -> None:
        """However near an acrylic of the shelf would come. Common practice, no source: binders are not mixed."""
        ramp = Ramp(id="sea", name="Sea", stops=("pale", "teal"), steps=3)
        piece = with_areas(ring({"kind": "ramp", "ramp": "sea", "step": 2}, 20.0), areas=(), ramps=(ramp.model_dump(),))
        enamel = tuple(paint.model_copy(update={"binder": "bake-on enamel"}) for paint in piece.paints)
        piece = piece.model_copy(update={"paints": enamel})
        shelf = Shelf(paints=(Paint(id="same", name="Same", colour=Palette(piece).ramps["sea"][1]),))
        (pot,) = mixing(piece, 0.2, shelf).pots
        self.assertNotIn("same", [ident for ident, _ in pot.drops])
        self.assertGreater(len(pot.drops), 1)

    def test_no_ladder_where_the_two_are_not_mixed(self) -> None:
        rows = [ring({"kind": "ramp", "ramp": "sea", "step": k}, 8.0 * k) for k in (1, 2, 3)]
        ramp = Ramp(id="sea", name="Sea", stops=("pale", "teal"), steps=4)
        plain = with_areas(*rows, areas=(), ramps=(ramp.model_dump(),))
        for change in ({"finish": "metallic"}, {"binder": "bake-on enamel"}):
            paints = tuple(p.model_copy(update=change) if p.id == "teal" else p for p in plain.paints)
            self.assertEqual(mixing(plain.model_copy(update={"paints": paints}), 0.2).ladders, ())
        three = ramp.model_copy(update={"stops": ("pale", "amber", "teal")})
        self.assertEqual(mixing(plain.model_copy(update={"ramps": (three,)}), 0.2).ladders, ())
        one = plain.model_copy(update={"rows": plain.rows[:1]})
        self.assertEqual(mixing(one, 0.2).ladders, ())

    def test_a_shelf_that_cannot_cover_it(self) -> None:
        piece = with_areas(ring({"kind": "paint", "paint": "teal"}, 20.0), areas=())
        paints = tuple(p.model_copy(update={"left": 0.1 if p.id == "teal" else 0.0}) for p in piece.paints)
        (one,) = mixing(piece.model_copy(update={"paints": paints}), 0.2).short
        self.assertEqual((one.paint, one.left, one.row), ("teal", 0.1, 0))
        self.assertGreater(one.needed, 0.1)

    def test_recipes_are_of_the_shelf_and_leftovers_come_first(self) -> None:
        ramp = Ramp(id="sea", name="Sea", stops=("pale", "teal"), steps=3).model_dump()
        piece = with_areas(ring({"kind": "ramp", "ramp": "sea", "step": 2}, 20.0), areas=(), ramps=(ramp,))
        middle = Palette(piece).ramps["sea"][1]
        shelf = Shelf(paints=(Paint(id="same", name="Same", colour=middle),))
        (pot,) = mixing(piece, 0.2, shelf).pots
        self.assertEqual([ident for ident, _ in pot.drops], ["same"])
        kept = MixedPot(
            id="pot", name="Sea 2", colour=middle, parts=(Portion(paint="same", drops=1),), day="2026-11-20", ml=0.2
        )
        (less,) = mixing(piece, 0.2, shelf.model_copy(update={"mixed": (kept,)})).pots
        assert less.leftover
        self.assertEqual((less.leftover.pot, less.leftover.drops), ("pot", 4))
        self.assertEqual(sum(n for _, n in less.drops), sum(n for _, n in pot.drops) - 4)
        enough = kept.model_copy(update={"ml": 50.0})
        self.assertEqual(mixing(piece, 0.2, shelf.model_copy(update={"mixed": (enough,)})).pots[0].drops, ())

    def test_a_mix_that_stands_for_a_paint_has_a_recipe(self) -> None:
        plain = with_areas(ring({"kind": "paint", "paint": "teal"}, 20.0), areas=())
        parts = (Portion(paint="pale", drops=1), Portion(paint="amber", drops=1))
        paints = tuple(p.model_copy(update={"parts": parts}) if p.id == "teal" else p for p in plain.paints)
        shelf = Shelf(paints=tuple(p for p in paints if not p.parts))
        found = mixing(plain.model_copy(update={"paints": paints}), 0.2, shelf)
        self.assertNotIn("teal", {paint.id for paint in found.paints})
        self.assertIsNotNone(found.pots[0].recipe)

    def test_what_it_costs_and_a_paint_that_closes_the_gap(self) -> None:
        piece = with_areas(ring({"kind": "paint", "paint": "teal"}, 20.0), areas=())
        self.assertIsNone(mixing(piece, 0.2).price)
        paints = tuple(p.model_copy(update={"price": 8.0}) for p in piece.paints)
        found = mixing(piece.model_copy(update={"paints": paints}), 0.2)
        self.assertAlmostEqual(found.price or 0, found.pots[0].amount.mix * 0.08, places=9)
        ramp = Ramp(id="sea", name="Sea", stops=("pale", "teal"), steps=3).model_dump()
        far = with_areas(ring({"kind": "ramp", "ramp": "sea", "step": 3}, 20.0), areas=(), ramps=(ramp,))
        red = Shelf(
            paints=(Paint(id="teal", name="Red", colour="#b0303a"), Paint(id="pale", name="W", colour="#ffffff"))
        )
        (pot,) = mixing(far, 0.2, red).pots
        assert pot.recipe
        self.assertFalse(pot.recipe.reached)
        self.assertRegex(pot.gap or "", "#[0-9a-f]{6}")

    def test_more_coats_where_the_base_is_dark(self) -> None:
        plain = with_areas(ring({"kind": "paint", "paint": "teal"}, 20.0), areas=())
        twice = tuple(p.model_copy(update={"coats": 2}) for p in plain.paints)
        for colour, times in (("#14181e", 2), ("#f4f0e4", 1)):
            base = plain.blank.model_copy(update={"base": plain.blank.base.model_copy(update={"colour": colour})})
            one, two = (
                mixing(plain.model_copy(update={"blank": base, "paints": paints}), 0.2).pots[0].amount.ml
                for paints in (plain.paints, twice)
            )
            self.assertAlmostEqual(two, times * one, places=9)

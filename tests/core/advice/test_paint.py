"""Verdicts on paint as matter."""

from typing import Any

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.document.work import Work
from fernring.core.plan import plan
from tests.assertions import FernTestCase
from tests.samples import TEAL, paint, piece, row


class PaintTest(FernTestCase):
    def of(self, work: dict[str, Any] | None = None, **more: Any) -> Piece:
        own = TEAL.model_copy(update=more)
        return piece(row("r1", 2.0, shades=(paint("teal"),)), paints=(own,)).model_copy(
            update={"work": Work.model_validate(work or {"coat": "none"})}
        )

    def codes(self, given: Piece) -> list[str]:
        return [one.code for one in plan(given).verdicts]

    def mended(self, given: Piece, code: str) -> None:
        (found,) = [one for one in plan(given).verdicts if one.code == code]
        self.assertEqual(found.rows, (0,))
        ((remedy,),) = found.ways
        self.assertNotIn(code, self.codes(changed(given, remedy.changes)))

    def test_see_through_paint_on_a_dark_base(self) -> None:
        self.assertNotIn("see-through", self.codes(self.of()))
        for more in ({"cover": "translucent"}, {"finish": "neon"}):
            self.mended(self.of(**more), "see-through")
        light = self.of(cover="translucent")
        blank = light.blank.model_copy(update={"base": light.blank.base.model_copy(update={"colour": "#f0ece0"})})
        self.assertNotIn("see-through", self.codes(light.model_copy(update={"blank": blank})))

    def test_paint_that_must_not_be_baked(self) -> None:
        baked = {"coat": "baked"}
        self.mended(self.of(baked), "not to be baked")
        self.assertNotIn("not to be baked", self.codes(self.of(baked, binder="bake-on enamel")))
        self.assertIn("not to be baked", self.codes(self.of(baked, binder="bake-on enamel", finish="glitter")))

    def test_a_pen_under_brushed_varnish(self) -> None:
        brushed = {"coat": "brushed varnish"}
        self.mended(self.of(brushed, binder="pen"), "pen may bleed")
        self.assertNotIn("pen may bleed", self.codes(self.of(brushed)))
        self.assertNotIn("pen may bleed", self.codes(self.of({"coat": "sprayed varnish"}, binder="pen")))

    def test_a_little_of_what_covers_is_named_with_what_it_costs(self) -> None:
        weak = self.of(cover="translucent")
        white = TEAL.model_copy(update={"id": "white", "name": "Chalk", "colour": "#f7f5ee"})
        (found,) = [
            one
            for one in plan(weak.model_copy(update={"paints": (*weak.paints, white)})).verdicts
            if one.code == "see-through"
        ]
        self.assertRegex(found.text, r"mix 3 drops of it with one of Chalk: .* looks #[0-9a-f]{6}, \d+% less bright")

    def test_enamel_beside_other_paint_in_the_oven(self) -> None:
        enamel = TEAL.model_copy(update={"id": "enamel", "binder": "bake-on enamel"})
        rows = (row("r1", 2.0, shades=(paint("teal"),)), row("r2", 2.0, shades=(paint("enamel"),)))
        both = piece(*rows, paints=(TEAL, enamel))
        baked = both.model_copy(update={"work": Work.model_validate({"coat": "baked"})})
        (found,) = [one for one in plan(baked).verdicts if one.code == "enamel and others"]
        self.assertEqual(found.rows, (0,))
        self.assertNotIn("enamel and others", self.codes(both))

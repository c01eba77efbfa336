"""Dips and gaps filled."""

from fernring.core.proposals.starting.design import Design
from fernring.core.proposals.starting.fill import fill_dips, fill_gaps
from fernring.core.proposals.starting.recipe import Beat, Recipe
from fernring.core.proposals.starting.rings import centre, rings
from tests.assertions import FernTestCase
from tests.samples import piece


class FillTest(FernTestCase):
    def test_gaps_are_filled_without_touching_and_inside_the_border(self) -> None:
        recipe = Recipe(id="r", name="R", about="", inner=0.1, outer=0.22, rhythm=(Beat(size=1.0, spread=1.6),))
        design = Design(piece(diameter=90, segments=8, border=3.0, safe_gap=0.3), recipe)
        centre(design, "front")
        rings(design, "front")
        rows = len(design.rows)
        fill_dips(design, "front")
        fill_gaps(design, "front")
        self.assertGreater(len(design.rows), rows)
        self.assertEqual(design.rows[-1].track.kind, "gaps")
        placed = design.halves.front.placed
        for k, row in enumerate(placed[rows:], rows):
            own = row.own_dots
            self.assertLessEqual(row.outer, design.halves.front.limit + 1e-6)
            for other in placed[:k]:
                clear = other.own_index.nearest(own.x, own.y, own.z)[0] - own.radius
                self.assertGreater(float(clear.min()), 0.3 - 1e-6)

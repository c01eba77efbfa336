"""Paint as light sees it, in files."""

import numpy as np
import shapely

from fernring.core.solved import solve_piece
from fernring.formats.drawing import Area, Discs
from fernring.formats.look import BODY, LIGHT, domes, faceted, modelled, ribbon, ridged, tones
from fernring.formats.picture import picture
from tests import patterns
from tests.assertions import FernTestCase


class LookTest(FernTestCase):
    def test_tones_are_mixed_with_black_and_white(self) -> None:
        """28 % of the way to black, 55 % to white, rounded to whole levels."""
        self.assertEqual(tones("#c86432"), ("#904824", "#e6b9a3"))

    def test_white_and_black_keep_their_modelling(self) -> None:
        """White a little darker, black a little lighter than they are, so that body, light and rim differ."""
        self.assertEqual(
            (modelled("#c86432"), modelled("#ffffff"), modelled("#000000")), ("#c86432", "#ededed", "#1a1a1a")
        )
        for colour in ("#ffffff", "#000000"):
            body, rim, light = (int(one[1:3], 16) for one in (modelled(colour), *tones(colour)))
            self.assertGreater(light, body + 8)
            self.assertGreater(abs(rim - body), 10)
        self.assertGreater(int(tones("#000000")[0][1:3], 16), 0x1A)  # no dark halo on a dark base

    def test_a_dot_is_rim_body_and_light(self) -> None:
        rim, body, light = domes(np.array([5.0]), np.array([7.0]), np.array([10.0]), "#c86432")
        self.assertEqual([one.colour for one in (rim, body, light)], ["#904824", "#c86432", "#e6b9a3"])
        self.assertEqual([float(one.radius[0]) for one in (rim, body, light)], [10.0, 10 * BODY, 10 * LIGHT])
        self.assert_mm(float(light.x[0]), 2.0)
        self.assert_mm(float(light.y[0]), 3.4)

    def test_a_ribbon_is_as_wide_as_its_discs_and_round_at_the_head(self) -> None:
        spine = np.column_stack((np.linspace(0, 10, 11), np.zeros(11)))
        straight = shapely.Polygon(ribbon(spine, np.full(11, 2.0), 0.5, (0.0, 0.0)))
        self.assert_mm(straight.bounds[0], -1.0, 0.02)
        self.assertEqual((straight.bounds[1], straight.bounds[2], straight.bounds[3]), (-1.0, 10.0, 1.0))
        shifted = shapely.Polygon(ribbon(spine, np.full(11, 2.0), 0.5, (0.25, -0.5)))
        self.assert_mm(shifted.centroid.x - straight.centroid.x, 0.5)
        self.assert_mm(shifted.centroid.y - straight.centroid.y, -1.0)

    def test_a_crystal_has_facets_and_a_flat_top(self) -> None:
        solved = solve_piece(patterns.with_rows(patterns.shaped("c", 4.0, "crystal")))
        mark = solved.marked[0].mark
        girdle, *facets, top = faceted(mark, "#c86432")
        self.assertTrue(mark.glued)
        self.assertEqual((len(facets), facets[0].colour, facets[1].colour), (8, "#c86432", "#e6b9a3"))
        area = shapely.Polygon(girdle.points).area
        self.assert_mm(sum(shapely.Polygon(one.points).area for one in facets), area, 1e-9)
        self.assert_mm(shapely.Polygon(top.points).area, area / 4, 1e-9)

    def test_what_is_laid_under_is_drawn_first_and_what_lies_over_last(self) -> None:
        rows = [patterns.line("o", 0.8, laid="over"), patterns.row("d", 3.0, distance=patterns.at(20.0))]
        rows.append(patterns.line("u", 0.8, laid="under", shades=patterns.shades("red")))
        shapes = picture(solve_piece(patterns.with_rows(*rows))).primitives[1:]
        self.assertEqual([type(one) for one in (shapes[0], shapes[-1])], [Area, Area])
        self.assertEqual((shapes[1].colour, shapes[-2].colour), ("#b5402e", "#f4efe4"))

    def test_swipes_are_rim_body_and_ridge_and_their_heads_no_domes(self) -> None:
        solved = solve_piece(patterns.piece("teardrops"))
        mark = solved.marked[0]
        rim, body, ridge = (shapely.Polygon(area.points) for area in ridged(mark.mark, "#c86432"))
        self.assertTrue(rim.buffer(1e-3).contains(body) and body.buffer(0.1).contains(ridge))
        shapes = picture(solved).primitives
        self.assertEqual(sum(isinstance(one, Area) for one in shapes), 3 * len(solved.marked))
        drawn = sum(len(one.x) for one in shapes if isinstance(one, Discs))
        self.assertEqual(drawn, 1 + 3 * int(solved.domed.sum()))  # the blank is a disc as well
        self.assertEqual(int(solved.dots.painted.sum() - solved.domed.sum()), len(solved.marked))

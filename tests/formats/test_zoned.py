"""Base zones and masks as filled regions."""

from math import pi

import numpy as np
import shapely

from fernring.core.solved import solve_piece
from fernring.formats.drawing import Area
from fernring.formats.picture import picture
from fernring.formats.png import png
from fernring.formats.svg import svg
from fernring.formats.zoned import areas_of, cover_areas, zone_areas
from tests.assertions import FernTestCase
from tests.core.regions.test_zones import zoned
from tests.core.rows.test_masked import mask, rings


class ZonedTest(FernTestCase):
    def test_a_blend_begins_with_the_whole_and_each_step_lies_over_the_rest(self) -> None:
        for blend in ("along", "outward"):
            areas = zone_areas(solve_piece(zoned({"paints": ["pale", "teal"], "blend": blend})))
            sizes = [shapely.Polygon(one.points, one.holes).area for one in areas]
            self.assertEqual(len(areas), 24)
            self.assertAlmostEqual(sizes[0], 400 * pi, delta=6)
            self.assertEqual(sizes, sorted(sizes, reverse=True))
            self.assertEqual((areas[0].colour, areas[-1].colour), ("#f4efe4", "#2f8f8a"))

    def test_one_colour_is_one_area(self) -> None:
        self.assertEqual(len(zone_areas(solve_piece(zoned({"paints": ["pale"]})))), 1)

    def test_a_mask_that_cut_leaves_its_own_base(self) -> None:
        cut = mask(whole=False, base={"paints": ["teal"]})
        (cover,) = cover_areas(solve_piece(rings(cut)))
        self.assertEqual(cover.colour, "#2f8f8a")
        self.assertEqual(cover_areas(solve_piece(rings(mask()))), [])

    def test_holes_are_left_out_of_every_picture(self) -> None:
        ring = shapely.Point(0, 0).buffer(10).difference(shapely.Point(0, 0).buffer(5))
        (one,) = areas_of(ring, "#ff0000")
        self.assertEqual(len(one.holes), 1)
        drawing = picture(solve_piece(zoned({"paints": ["pale"]})))
        drawing = type(drawing)(
            -12, -12, 24, 24, (Area(np.array([[-12, -12], [12, -12], [12, 12], [-12, 12]]), "#00ff00"), one)
        )
        self.assertIn('fill-rule="evenodd"', svg(drawing, "ring"))
        from io import BytesIO

        from PIL import Image

        image = Image.open(BytesIO(png(drawing, 240)))
        self.assertEqual((image.getpixel((120, 120)), image.getpixel((120, 45))), ((0, 255, 0), (255, 0, 0)))

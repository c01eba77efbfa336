"""Paper sizes and tiling."""

from hypothesis import given
from hypothesis import strategies as st
from shapely import box
from shapely.ops import unary_union

from fernring.core.errors import FitError
from fernring.formats.paper import OVERLAP, SIZES, tiled
from tests.assertions import FernTestCase


class PaperTest(FernTestCase):
    def test_a4_by_its_rule(self) -> None:
        """ISO 216: A0 has one square metre and sides as 1 to the root of 2; each next size halves the longer."""
        short, long = 841.0, 1189.0
        for _ in range(4):
            short, long = float(int(long / 2)), short
        self.assertEqual((short, long), SIZES["A4"])

    def test_letter_in_inches(self) -> None:
        """ANSI/ASME Y14.1 size A, 8.5 x 11 in (from memory)."""
        self.assert_mm(SIZES["Letter"][0], 8.5 * 25.4)
        self.assert_mm(SIZES["Letter"][1], 11 * 25.4)

    @given(st.floats(20, 900), st.sampled_from(("A4", "Letter")))
    def test_pages_cover_the_drawing_with_the_overlap(self, side: float, paper: str) -> None:
        """Coverage by shapely."""
        tiling = tiled(-side / 2, -side / 2, side, side, paper)  # type: ignore[arg-type]
        w, h = tiling.window_width, tiling.window_height
        windows = [box(t.left, t.top, t.left + w, t.top + h) for t in tiling.tiles]
        self.assertTrue(unary_union(windows).buffer(1e-6).covers(box(-side / 2, -side / 2, side / 2, side / 2)))
        by_place = {(t.column, t.line): t for t in tiling.tiles}
        for (column, line), tile in by_place.items():
            if (column + 1, line) in by_place:
                self.assert_mm(tile.left + w - by_place[column + 1, line].left, OVERLAP)
            if (column, line + 1) in by_place:
                self.assert_mm(tile.top + h - by_place[column, line + 1].top, OVERLAP)

    def test_a_stone_takes_one_page_and_a_canvas_several(self) -> None:
        self.assertEqual(len(tiled(-45, -45, 90, 90, "A4").tiles), 1)
        self.assertEqual(len(tiled(-154, -154, 308, 308, "A4").tiles), 4)

    def test_past_sixty_pages_it_says_how_many(self) -> None:
        with self.assertRaisesRegex(FitError, r"would take \d+ pages; at most 60"):
            tiled(0, 0, 3000, 3000, "A4")

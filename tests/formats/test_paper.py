"""Paper sizes and tiling."""

from hypothesis import given
from hypothesis import strategies as st
from shapely import box
from shapely.ops import unary_union

from fernring.core.errors import FitError
from fernring.formats.paper import FOOT, MARGIN, MOST_AT_ALL, SIZES, Layout, PagesError, Paper, Way, place, tiled
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

    def test_a3_is_two_a4_side_by_side(self) -> None:
        """ISO 216: halving the longer side gives the next size."""
        short, long = SIZES["A3"]
        self.assertEqual((float(int(long / 2)), short), SIZES["A4"])

    @given(
        st.floats(20, 900), st.floats(20, 900), st.sampled_from(("A4", "A3", "Letter")), st.floats(0, 40),
        st.sampled_from(("fewest", "upright", "across")), st.floats(0.9, 1.1), st.floats(0.9, 1.1),
    )  # fmt: skip
    def test_pages_cover_the_drawing_with_the_overlap(
        self, wide: float, high: float, paper: Paper, overlap: float, way: Way, across: float, along: float
    ) -> None:
        """Coverage by shapely."""
        layout = Layout(paper, way, overlap, MOST_AT_ALL, across, along)
        tiling = tiled(-wide / 2, -high / 2, wide, high, layout)
        w, h = tiling.window_width, tiling.window_height
        windows = [box(t.left, t.top, t.left + w, t.top + h) for t in tiling.tiles]
        self.assertTrue(unary_union(windows).buffer(1e-6).covers(box(-wide / 2, -high / 2, wide / 2, high / 2)))
        by_place = {(t.column, t.line): t for t in tiling.tiles}
        for (column, line), tile in by_place.items():
            if (column + 1, line) in by_place:
                self.assert_mm(tile.left + w - by_place[column + 1, line].left, overlap)
            if (column, line + 1) in by_place:
                self.assert_mm(tile.top + h - by_place[column, line + 1].top, overlap)
        self.assert_mm(
            tiling.width * tiling.scale_x,
            SIZES[paper][0 if tiling.height * tiling.scale_y > tiling.width * tiling.scale_x else 1],
        )

    def test_a_stone_takes_one_page_and_a_canvas_several(self) -> None:
        self.assertEqual(len(tiled(-45, -45, 90, 90, Layout()).tiles), 1)
        self.assertEqual(len(tiled(-154, -154, 308, 308, Layout()).tiles), 4)
        self.assertEqual(len(tiled(-154, -154, 308, 308, Layout("A3")).tiles), 2)

    def test_the_way_round_that_takes_fewer_pages_is_chosen(self) -> None:
        for wide, high in ((270, 100), (100, 230), (360, 200)):
            counts = {
                way: len(tiled(0, 0, wide, high, Layout(way=way)).tiles) for way in ("upright", "across", "fewest")
            }
            self.assertEqual(counts["fewest"], min(counts["upright"], counts["across"]))

    def test_past_sixty_pages_it_says_how_many_and_prints_them_when_asked(self) -> None:
        with self.assertRaisesRegex(PagesError, r"would take \d+ pages of A4; at most 60"):
            tiled(0, 0, 2000, 2000, Layout())
        self.assertGreater(len(tiled(0, 0, 2000, 2000, Layout(most=MOST_AT_ALL)).tiles), 60)

    def test_an_overlap_wider_than_the_page_is_refused(self) -> None:
        with self.assertRaisesRegex(FitError, r"overlap by at most 170 mm \(given: 190\)"):
            tiled(0, 0, 500, 500, Layout(overlap=190, way="upright"))

    def test_places_go_on_after_z(self) -> None:
        self.assertEqual([place(0, 0), place(25, 1), place(26, 2), place(51, 0)], ["A1", "Z2", "AA3", "AZ1"])

    def test_the_drawing_ends_above_the_foot(self) -> None:
        """10 mm of margin on every side, and 34 mm for what is written below."""
        for layout, window in ((Layout(), (190, 243)), (Layout(way="across"), (277, 156)), (Layout("A3"), (277, 366))):
            tiling = tiled(-45, -45, 90, 90, layout)
            self.assertEqual((tiling.window_width, tiling.window_height), window)
            self.assert_mm(tiling.window_height + 2 * MARGIN + FOOT, tiling.height)

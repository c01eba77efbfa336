"""Palettes as text, CSV and hex lists."""

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.shelf import Paint, Shelf
from fernring.core.errors import DocumentError
from fernring.formats.palettes import MOST_LINES, palette, shelf_text
from tests.assertions import FernTestCase


class PaletteTest(FernTestCase):
    def told(self, text: str) -> list[tuple[str, str]]:
        return [(paint.name, paint.colour) for paint in palette(text).paints]

    def test_a_text_palette_with_a_head(self) -> None:
        text = "Any Palette\nName: Dusk\nColumns: 3\n# a remark\n 47 111 179\tOrbit blue\n245 240 227\n"
        self.assertEqual(self.told(text), [("Orbit blue", "#2f6fb3"), ("#f5f0e3", "#f5f0e3")])

    def test_hex_values_with_names_or_without(self) -> None:
        self.assertEqual(
            self.told("#2F6FB3 Orbit blue\nf5f0e3\n\n"), [("Orbit blue", "#2f6fb3"), ("#f5f0e3", "#f5f0e3")]
        )

    def test_csv_by_its_head_whatever_parts_it(self) -> None:
        for mark in ",;\t":
            text = f"name{mark}maker{mark}hex\nOrbit{mark}none{mark}#2f6fb3\n".encode("utf-8-sig").decode()
            self.assertEqual(self.told(text), [("Orbit", "#2f6fb3")])

    def test_names_twice(self) -> None:
        text = "#2f6fb3 Blue\n#2f6fb3 Blue\n#9fd3dc Blue\n"
        self.assertEqual(self.told(text), [("Blue", "#2f6fb3"), ("Blue #9fd3dc", "#9fd3dc")])

    def refused(self, words: str, text: str) -> None:
        with self.assertRaisesRegex(DocumentError, words):
            palette(text)

    def test_all_or_nothing_with_the_lines_and_why(self) -> None:
        self.refused("Nothing was taken: line 2: “blue” is no colour", "#2f6fb3\nblue\n")
        self.refused("line 3: “#12” is no colour like", "name,colour\nA,#2f6fb3\nB,#12\n")
        self.refused("line 2 has 1 columns where the head has 2", "name,colour\nA\n")
        self.refused("line 1: “300 0 0” is no colour", "300 0 0\n")
        self.refused("and 3 more", "a\nb\nc\nd\ne\nf\ng\n")
        self.refused("no colour in this file", "")
        self.refused("not written in UTF-8", "#2f6fb3 Gr\ufffdn")
        self.refused(f"at most {MOST_LINES:,} lines", "#2f6fb3\n" * (MOST_LINES + 1))
        self.refused("at most 240 paints", "".join(f"#0000{k:02x} a{k}\n" for k in range(250)))

    @given(st.text(max_size=300))
    def test_any_text_is_taken_or_told(self, text: str) -> None:
        try:
            self.assertTrue(palette(text).paints)
        except DocumentError as error:
            self.assertTrue(error.message.endswith("."))

    def test_out_and_in_again(self) -> None:
        shelf = Shelf(
            paints=(Paint(id="a", name="=1+1", colour="#2f6fb3"), Paint(id="b", name="Sand, dry", colour="#d9c9a0"))
        )
        text = shelf_text(shelf, "csv")
        self.assertIn("'=1+1", text)
        self.assertEqual(self.told(text), [("=1+1", "#2f6fb3"), ("Sand, dry", "#d9c9a0")])

    def test_a_table_keeps_all_that_it_tells(self) -> None:
        full = Paint(
            id="a", name="Veil", colour="#7a3fb0", body="fluid", finish="satin", medium="gel", binder="multi-surface",
            cover="translucent", coats=3, darker=0.2, left=12.5, price=8.0, note="a glaze",
        )  # fmt: skip
        plain = Paint(id="b", name="Plain", colour="#112233")
        found = palette(shelf_text(Shelf(paints=(full, plain)), "csv")).paints
        self.assertEqual([one.model_copy(update={"id": "x"}) for one in found],
                         [one.model_copy(update={"id": "x"}) for one in (full, plain)])  # fmt: skip

    def test_what_a_column_says_has_to_be(self) -> None:
        self.refused("line 2: “much” is no number for “left”", "name,colour,left\nA,#2f6fb3,much\n")
        self.refused("line 2, body: .* must be one of", "name,colour,body\nA,#2f6fb3,runny\n")
        self.refused("line 2, left: .* at least 0", "name,colour,left\nA,#2f6fb3,-3\n")

    def test_a_text_palette_and_hex_values_come_in_again(self) -> None:
        shelf = Shelf(
            paints=(Paint(id="a", name="Orbit blue", colour="#2f6fb3"), Paint(id="b", name="N", colour="#000a00"))
        )
        text = shelf_text(shelf, "palette")
        self.assertIn(" 47 111 179\tOrbit blue", text)
        for way in ("palette", "hex"):
            self.assertEqual(self.told(shelf_text(shelf, way)), [("Orbit blue", "#2f6fb3"), ("N", "#000a00")], way)

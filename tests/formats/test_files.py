"""PNG, CSV and the piece's own file."""

import csv
from io import BytesIO, StringIO

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from PIL import Image

from fernring.core.document.piece import Piece
from fernring.core.errors import DocumentError, FitError
from fernring.core.solved import solve_piece
from fernring.formats.drawing import Drawing
from fernring.formats.look import domes
from fernring.formats.picture import picture
from fernring.formats.piece_json import MOST_BYTES, document_bytes, parse_document
from fernring.formats.png import png
from fernring.formats.rows_csv import HEADER, rows_csv
from tests import samples
from tests.assertions import FernTestCase


class PngTest(FernTestCase):
    def test_size_resolution_and_colours(self) -> None:
        solved = solve_piece(samples.five_rows())
        image = Image.open(BytesIO(png(picture(solved), 490)))
        self.assertEqual(image.size, (490, 490))
        self.assertAlmostEqual(image.info["dpi"][0], 5 * 25.4, delta=0.1)
        pixels = np.asarray(image.convert("RGB")).astype(int)
        middle = pixels[250, 245]
        self.assertLess(int(np.abs(middle - (0xB5, 0x40, 0x2E)).max()), 40)
        rim = pixels[245, 245 + (5 * 44)]
        self.assertLess(int(np.abs(rim - (0x10, 0x14, 0x17)).max()), 12)

    def test_a_dot_is_a_lit_dome(self) -> None:
        """Its shade in the middle, a lighter spot up and left by a third of its radius, a darker rim low and right."""
        dot = Drawing(-10, -10, 20, 20, tuple(domes(np.zeros(1), np.zeros(1), np.array([8.0]), "#808000")))
        pixels = np.asarray(Image.open(BytesIO(png(dot, 400))).convert("RGB")).astype(int)

        def at(x: float, y: float) -> list[int]:
            return pixels[round(200 + 20 * y), round(200 + 20 * x)].tolist()

        self.assertEqual(at(0.5, 2.0), [128, 128, 0])
        self.assertEqual(at(-2.4, -2.88), [198, 198, 140])
        self.assertEqual(at(5.55, 5.55), [92, 92, 0])

    def test_the_smallest_and_the_largest(self) -> None:
        for pixels in (200, 4000):
            self.assertEqual(Image.open(BytesIO(png(Drawing(0, 0, 20, 10), pixels))).size, (pixels, pixels // 2))

    def test_out_of_bounds(self) -> None:
        for pixels in (0, 199, 4001):
            with self.assertRaisesRegex(FitError, "200 to 4000 pixels"):
                png(picture(solve_piece(samples.five_rows())), pixels)


class CsvTest(FernTestCase):
    def read(self, sample: Piece) -> list[dict[str, str]]:
        return list(csv.DictReader(StringIO(rows_csv(solve_piece(sample)))))

    def test_rows_as_calculated(self) -> None:
        found = self.read(samples.five_rows())
        self.assertEqual(tuple(found[0]), HEADER)
        self.assertEqual([line["row"] for line in found], ["C", "1", "2", "3", "4"])
        last = found[-1]
        self.assertEqual((last["repeats"], last["dots"], last["diameters mm"]), ("24", "24", "1.500"))
        self.assertEqual((last["shades"], last["tools"]), ("Red / Amber", "Tool 1.5"))

    def test_no_cell_is_taken_for_a_formula(self) -> None:
        row = samples.row("a", 2.0, label="=HYPERLINK(1)")
        self.assertEqual(self.read(samples.piece(row))[0]["label"], "'=HYPERLINK(1)")

    def test_a_row_without_room_says_so(self) -> None:
        sample = samples.piece(*(samples.row(f"r{k}", 13.2) for k in range(6)))
        self.assertEqual(self.read(sample)[-1]["walk distance mm"], "no room")


class FileTest(FernTestCase):
    @given(samples.pieces())
    def test_out_and_in_without_loss(self, sample: Piece) -> None:
        data = document_bytes(sample)
        self.assertEqual(parse_document(data), sample)
        self.assertEqual(document_bytes(parse_document(data)), data)  # type: ignore[arg-type]

    @given(st.binary(max_size=200))
    def test_any_bytes_give_a_sentence(self, data: bytes) -> None:
        with self.assertRaises(DocumentError) as caught:
            parse_document(data)
        self.assertGreater(len(caught.exception.message), 20)

    def test_deep_large_and_broken(self) -> None:
        for data, words in ((b"[" * 100_000, "not readable JSON"), (b"x" * (MOST_BYTES + 1), "at most 4,000,000 bytes"),
                            (b'{"a": NaN}', "not readable JSON")):  # fmt: skip
            with self.assertRaisesRegex(DocumentError, words):
                parse_document(data)

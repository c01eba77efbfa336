"""Outlines from SVG files: sizes in every unit, and every refusal."""

import numpy as np

from fernring.core.errors import DocumentError
from fernring.core.geometry.outline.polygon import area, extent
from fernring.formats.outline_svg import outline_points
from tests.assertions import FernTestCase

SQUARE = "M 10 10 H 90 V 90 H 10 Z"


def svg(inside: str, width: str = "100mm", height: str = "100mm", box: str = "0 0 100 100", head: str = "") -> bytes:
    return (
        f'{head}<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" '
        f'width="{width}" height="{height}" viewBox="{box}">{inside}</svg>'
    ).encode()


class OutlineSvgTest(FernTestCase):
    def size(self, data: bytes) -> tuple[float, float]:
        left, top, right, low = extent(np.array(outline_points(data)))
        return right - left, low - top

    def test_real_size_in_every_unit(self) -> None:
        for side, wanted in (("100mm", 80), ("10cm", 80), ("4in", 81.28), ("288pt", 81.28)):
            width, height = self.size(svg(f'<path d="{SQUARE}"/>', side, side))
            self.assert_mm(width, wanted, 1e-4)
            self.assert_mm(height, wanted, 1e-4)

    def test_curves_transforms_and_other_shapes(self) -> None:
        circle = np.array(outline_points(svg('<circle cx="50" cy="50" r="40"/>')))
        self.assertLess(abs(area(circle) - np.pi * 1600), 2)
        curve = '<g transform="translate(5 5) scale(0.5)"><path d="M0 0 C 40 0 40 80 0 80 Z"/></g>'
        self.assert_mm(self.size(svg(curve))[1], 40, 1e-4)
        self.assertEqual(len(outline_points(svg('<polygon points="10,10 90,10 50,80"/>'))), 3)

    def test_refusals(self) -> None:
        line = f'<path d="{SQUARE}"/>'
        many = " ".join(f"{k},{k % 7}" for k in range(30_000))
        entity = '<!DOCTYPE svg [<!ENTITY a "b">]>'
        for data, words in (
            (svg('<path d="M10 10 H90 V90"/>'), "outline is open: its ends are"),
            (svg(line, width="100"), "width must be a length in mm, cm or in.*given: “100”"),
            (svg(line, height="100%"), "height must be a length"),
            (svg(line, width="100furlong"), "furlong"),
            (svg('<path d="M10 10 H90 Z"/>'), "no area|open"),
            (svg(line + '<path d="M40 40 H60 V60 Z"/>'), "without holes; this file has 2 lines"),
            (svg(f'<path d="{SQUARE} M 40 40 H 60 V 60 Z"/>'), "without holes"),
            (svg(f"<script>alert(1)</script>{line}"), "“script” element"),
            (svg('<image xlink:href="http://example.org/a.png"/>'), "“image” element"),
            (svg(line.replace("<path", '<path onclick="x()"')), "runs scripts"),
            (svg(line, head=entity), "entities or a document type"),
            (svg(""), "no line"),
            (b"hello", "not readable SVG"),
            (b"<html/>", "not an SVG file"),
            (svg(f'<polygon points="{many}"/>'), "at most 20,000 points"),
            (b" " * 2_000_001, "at most 2,000,000 bytes"),
        ):  # fmt: skip
            with self.subTest(words), self.assertRaisesRegex(DocumentError, words):
                outline_points(data)

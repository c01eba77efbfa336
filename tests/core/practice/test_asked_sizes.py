"""Sizes from somebody's instructions."""

from fernring.core.document.kit import Tool
from fernring.core.errors import FitError
from fernring.core.practice.asked_sizes import nearest, sizes_in
from tests.assertions import FernTestCase

TOOLS = [
    Tool(id="small", name="Small", dots=(1.5, 2.0)),
    Tool(id="large", name="Large", dots=(6.0,)),
    Tool(id="needle", name="Needle", kind="needle", dots=(3.0,)),
]


class SizesTest(FernTestCase):
    def test_millimetres_inches_and_fractions(self) -> None:
        """An inch is 25.4 mm exactly."""
        for text, sizes in (
            ("dots of 2mm, 2,5 mm and 10", [2.0, 2.5, 10.0]),
            ('1/8" then 3/32 in, 1 1/4"', [3.175, 2.38125, 31.75]),
            ("0.5 inch; 0.3 cm", [12.7, 3.0]),
            ("in 2024, 300 dots of 4 mm at 1/0", [4.0]),
            ("no sizes here, only No. 5b and v2.1.3", []),
        ):
            found = [round(size, 5) for _, size in sizes_in(text)]
            self.assertEqual(found, sizes, text)

    def test_the_nearest_by_share(self) -> None:
        small, large = nearest(TOOLS, "1.8 mm and 5 mm")
        self.assertEqual((small.tool, small.dot, small.written), ("small", 2.0, "1.8 mm"))
        self.assertAlmostEqual(small.off, 2.0 / 1.8 - 1)
        self.assertEqual((large.tool, large.dot), ("large", 6.0), "a needle sets no dots")

    def test_refusals(self) -> None:
        with self.assertRaisesRegex(FitError, "no tool that sets dots"):
            nearest(TOOLS[2:], "2 mm")
        with self.assertRaisesRegex(FitError, "At most 60 sizes"):
            sizes_in("2 mm " * 61)

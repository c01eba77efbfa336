"""Hostile SVG files: counted before they are calculated, and always answered with a sentence."""

from itertools import pairwise

from defusedxml.ElementTree import fromstring

from fernring.core.errors import DocumentError, FernError
from fernring.formats.outline_svg import path_lines, shape_lines
from fernring.formats.svg_counts import fewest_points, require_few
from fernring.standins.cutter import cut
from tests.assertions import FernTestCase

SIZE = 'width="100mm" height="100mm" viewBox="0 0 100 100"'


def svg(inside: str, size: str = SIZE) -> bytes:
    return f'<svg xmlns="http://www.w3.org/2000/svg" {size}>{inside}</svg>'.encode()


class CountsTest(FernTestCase):
    def test_points_that_each_element_gives_at_the_least(self) -> None:
        for text, points in (
            ('<path d="M0 0L1 1 2 2H5V7Z"/>', 5), ('<path d="M0,0c1,1,2,2,3,3-1-1-2-2-3-3z"/>', 17),
            ('<path d="m1e-2-3q1 1 2 2t3 3a5 5 0 0 1 9 9"/>', 1 + 8 + 8 + 8), ('<polygon points="0,0 5,0 5,5"/>', 3),
            ('<circle r="3"/>', 32), ('<rect width="3"/>', 4), ('<g/>', 0), ('<path/>', 0),
        ):  # fmt: skip
            self.assertEqual(fewest_points(fromstring(text)), points, text)

    def test_too_much_is_refused_before_it_is_calculated(self) -> None:
        for inside, said in (
            ("<g>" * 100_000 + "</g>" * 100_000, "nest at most 100 deep"),
            ('<circle cx="5" cy="5" r="2"/>' * 6_000, "at most 5,000 elements"),
            ('<circle cx="5" cy="5" r="2"/>' * 1_000, "at most 20,000 points"),
            ('<path d="M0 0' + "C1 1 2 2 3 3" * 60_000 + '"/>', "at most 20,000 points"),
            ('<polygon points="' + "1,2 " * 150_000 + '"/>', "at most 20,000 points"),
        ):
            for read in (path_lines, shape_lines):
                with self.assertRaisesRegex(DocumentError, said):
                    read(svg(inside))

    def test_the_bounds_are_what_they_say(self) -> None:
        """Just inside them a drawing is counted, one more is too much."""
        for inside, more in (
            ("<circle r='3'/>" * 625, "<circle r='3'/>"),  # 32 points each: 20,000
            ("<g/>" * 4_999, "<g/>"),  # with the drawing itself 5,000
            ("<g>" * 100 + "</g>" * 100, None),
        ):
            require_few(fromstring(f"<svg>{inside}</svg>"), 20_000)
            with self.assertRaises(DocumentError):
                require_few(fromstring(f"<svg>{inside}{more}</svg>" if more else f"<svg><g>{inside}</g></svg>"), 20_000)

    def test_numbers_that_no_sheet_holds(self) -> None:
        for inside in (
            '<path d="M0 0L1e308 0L10 10Z"/>', '<path d="M0 0A1e200 1e200 0 0 1 10 10Z"/>',
            '<path transform="scale(1e300)" d="M0 0H10V10Z"/>', '<path d="M0 0C1e9 0 0 1e9 10 10Z"/>',
            '<circle r="NaN"/>', '<g id="a"><use href="#a"/></g>', '<path d="M0 0L"/>', '<path d="Q"/>',
        ):  # fmt: skip
            with self.assertRaises(FernError, msg=inside):
                shape_lines(svg(inside))
            with self.assertRaises(FernError, msg=inside):
                cut(svg(inside), "svg")

    def test_a_drawing_wider_than_any_blank(self) -> None:
        wide = svg('<path d="M0 0H4000V4000H0Z"/>', 'width="5000mm" height="5000mm" viewBox="0 0 5000 5000"')
        with self.assertRaisesRegex(DocumentError, "1,000 mm across at most; this one is 4,000 mm"):
            shape_lines(wide)

    def test_a_curve_keeps_within_a_hundredth_of_its_chords(self) -> None:
        """A quarter of a circle of 40 mm by its usual cubic (0.5523 of the radius): chords leave it by 0.01 at most."""
        curve = svg('<path fill="none" d="M50 10C72.092 10 90 27.908 90 50"/>')
        points, closed = path_lines(curve)[0]
        self.assertFalse(closed)
        away = [((x - 50) ** 2 + (y - 50) ** 2) ** 0.5 for x, y in points]
        self.assertLess(max(abs(one - 40) for one in away), 0.02)
        steps = [((a - c) ** 2 + (b - d) ** 2) ** 0.5 for (a, b), (c, d) in pairwise(points)]
        self.assertLess(max(steps) ** 2 / (8 * 40), 0.01)

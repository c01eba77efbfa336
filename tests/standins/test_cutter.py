"""The simulated cutter: what it takes, what it refuses and where."""

import io

import ezdxf
import numpy as np

from fernring.core.solved import solve_piece
from fernring.formats.dxf import sheet_dxf
from fernring.formats.sheets.all import kinds_for, sheet
from fernring.formats.sheets.sheet import Choice
from fernring.formats.svg import svg
from fernring.standins.cutter import CUT_MM_S, LIFT_S, CutterError, cut
from tests import patterns, samples
from tests.assertions import FernTestCase

SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">{}</svg>'


def svg_of(*parts: str) -> bytes:
    return SVG.format("".join(parts)).encode()


class TakesTest(FernTestCase):
    def test_every_sheet_for_a_cutter_is_taken_in_both_kinds_of_file(self) -> None:
        for solved in (solve_piece(samples.five_rows()), solve_piece(patterns.piece("corner groups"))):
            for kind in kinds_for(solved):
                one = sheet(solved, kind.id, Choice(count=3))
                if one.cuts:
                    with self.subTest(kind.id):
                        jobs = cut(sheet_dxf(one), "dxf"), cut(svg(one.in_svg, "x").encode(), "svg")
                        for job in jobs:
                            self.assertEqual(len(job.paths), len(one.cuts))
                        self.assertAlmostEqual(jobs[0].length, jobs[1].length, delta=jobs[0].length * 1e-3)

    def test_a_square_of_40_mm_takes_160_mm_and_eight_seconds(self) -> None:
        job = cut(svg_of('<path d="M10 10H50V50H10Z"/>', "<text>not cut</text>"), "svg")
        self.assert_mm(job.length, 160, 1e-3)
        self.assert_mm(job.width, 50, 1e-3)
        travel = float(np.hypot(5, 5)) / 100
        self.assertAlmostEqual(job.seconds, 160 / CUT_MM_S + LIFT_S + travel, places=3)

    def test_what_lies_inside_is_cut_first(self) -> None:
        job = cut(svg_of('<circle cx="50" cy="50" r="30"/>', '<circle cx="50" cy="50" r="4"/>'), "svg")
        self.assertLess(float(np.ptp(job.paths[0])), float(np.ptp(job.paths[-1])))

    def test_dxf_units_are_heeded(self) -> None:
        document = ezdxf.new(units=1)
        document.modelspace().add_circle((0, 0), 1)
        out = io.StringIO()
        document.write(out)
        self.assert_mm(cut(out.getvalue().encode(), "dxf").length, 2 * np.pi * 25.4, 0.1)


class RefusesTest(FernTestCase):
    def refused(self, data: bytes, kind: str, words: str) -> None:
        with self.assertRaisesRegex(CutterError, words):
            cut(data, kind)

    def test_open_and_overlapping_lines_with_their_place(self) -> None:
        self.refused(svg_of('<path d="M10 20L50 20L50 60"/>'), "svg", "A line is open: it begins at 10.0, 20.0 mm")
        square = '<path d="M10 10H50V50H10Z"/>'
        self.refused(svg_of(square, '<path d="M50 30H80V60H50Z"/>'), "svg", r"Two lines overlap at 50\.0, [345]0\.0 mm")
        self.refused(svg_of('<path d="M10 10L50 50L50 10L10 50Z"/>'), "svg", "crosses itself; it begins at 10.0, 10.0")

    def test_dxf_with_lines_or_without_units(self) -> None:
        for add, units, words in (
            (lambda space: space.add_line((5, -7), (9, 9)), 4, "open: it begins at 5.0, 7.0"),
            (lambda space: space.add_circle((0, 0), 5), 0, r"in which unit it is drawn \(\$INSUNITS is 0\)"),
            (lambda space: space.add_ellipse((0, 0), (5, 0)), 4, "also holds ELLIPSE"),
        ):
            document = ezdxf.new(units=units)
            add(document.modelspace())
            out = io.StringIO()
            document.write(out)
            self.refused(out.getvalue().encode(), "dxf", words)

    def test_files_that_are_none(self) -> None:
        self.refused(b"hello", "dxf", "no DXF file")
        self.refused(b"\xff\xfe\x00", "dxf", "no DXF file")
        self.refused(b"hello", "svg", "no SVG file")
        bomb = b'<!DOCTYPE x [<!ENTITY a "aaaa">]><svg xmlns="http://www.w3.org/2000/svg">&a;</svg>'
        self.refused(bomb, "svg", "no SVG file")
        self.refused(svg_of(), "svg", "nothing to cut")

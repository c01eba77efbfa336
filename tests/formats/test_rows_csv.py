"""The table of rows tells of tracks, groups and trims in words."""

import csv
from io import StringIO

from fernring.core.solved import solve_piece
from fernring.formats.rows_csv import rows_csv
from tests import patterns
from tests.assertions import FernTestCase


class RowsTest(FernTestCase):
    def column(self, name: str, column: str) -> list[str]:
        text = rows_csv(solve_piece(patterns.piece(name)))
        return [line[column] for line in csv.DictReader(StringIO(text))]

    def test_trims(self) -> None:
        for name, words in (
            ("petals", "walked 1.500, 2 layers, reloaded"),
            ("pinwheel", "walked 1.300, right side, reloaded"),
            ("petals of one load", "walked 1.500"),
            ("top dots", "top dot 3.500, inward"),
            ("trims on trims", "walked 2.500, reloaded (top dot 1.000)"),
            ("commas", "swipe, comma right, outward, 9.000 long"),
            ("straight pulls to a circle", "swipe, straight, outward, to 30.000 from the centre"),
            ("pulls to contact", "swipe, teardrop, inward, to contact"),
            ("families in the ends of an oval", "5 swipes, teardrop, outward, 14.000 long"),
        ):
            with self.subTest(name):
                self.assertEqual(self.column(name, "trims")[-1], words)

    def test_tracks_and_groups(self) -> None:
        self.assertEqual(self.column("groups", "track")[:3], ["centre", "ring, each a triangle", "ring, each a pair"])
        self.assertEqual(self.column("gap dots", "track")[-1], "into gaps")
        self.assertEqual(self.column("lines of dots", "track"), ["in lines"])
        self.assertEqual(self.column("corner groups", "track")[-1], "in corners, each a triangle")

    def test_every_sample_has_a_line_a_row(self) -> None:
        for name in patterns.PIECES:
            with self.subTest(name):
                self.assertEqual(len(self.column(name, "track")), len(patterns.piece(name).rows))

    def test_what_a_spreadsheet_takes_for_a_formula_is_text(self) -> None:
        for label, cell in (
            ("=1+1", "'=1+1"), (" =1+1", "' =1+1"), ("-4+cmd", "'-4+cmd"), ("+4", "+4"), ("-4.5", "-4.5"),
            ("@sum", "'@sum"), ("\t=x", "'\t=x"), ("-4.5.6", "'-4.5.6"), ("a=1", "a=1"), ("-", "'-"),
        ):  # fmt: skip
            one = patterns.row("a", 2.0, label=label)
            text = rows_csv(solve_piece(patterns.with_rows(one)))
            self.assertEqual(next(csv.DictReader(StringIO(text)))["label"], cell)

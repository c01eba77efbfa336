"""The table of rows tells of tracks, groups and trims in words."""

import csv
from io import StringIO

from fernring.core.plan import solve_piece
from fernring.formats.rows_csv import rows_csv
from tests import patterns
from tests.assertions import FernTestCase


class SpokenTest(FernTestCase):
    def column(self, name: str, column: str) -> list[str]:
        text = rows_csv(solve_piece(patterns.piece(name)))
        return [line[column] for line in csv.DictReader(StringIO(text))]

    def test_trims(self) -> None:
        for name, words in (
            ("petals", "walk of 1.500 x 2 layers, reloaded"),
            ("pinwheel", "walk of 1.300, right side, reloaded"),
            ("petals of one load", "walk of 1.500, one load a side"),
            ("top dots", "top 3.500, inward"),
            ("trims on trims", "walk of 2.500, reloaded (top 1.000)"),
            ("commas", "swipe, comma to the right, 9.0 long"),
            ("straight pulls to a circle", "swipe, straight, to 30.0 from the centre"),
            ("pulls to contact", "swipe, teardrop, to contact"),
            ("families in the ends of an oval", "5 swipes, teardrop, 14.0 long"),
        ):
            with self.subTest(name):
                self.assertEqual(self.column(name, "trims")[-1], words)

    def test_tracks_and_groups(self) -> None:
        self.assertEqual(self.column("groups", "track")[:3], ["centre", "ring, each a triangle", "ring, each a pair"])
        self.assertEqual(self.column("gap dots", "track")[-1], "into the gaps")
        self.assertEqual(self.column("lines of dots", "track"), ["lines"])
        self.assertEqual(self.column("corner groups", "track")[-1], "corners, each a triangle")

    def test_every_sample_has_a_line_a_row(self) -> None:
        for name in patterns.PIECES:
            with self.subTest(name):
                self.assertEqual(len(self.column(name, "track")), len(patterns.piece(name).rows))

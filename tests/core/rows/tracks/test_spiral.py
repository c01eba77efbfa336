"""Along a spiral."""

import numpy as np

from fernring.core.document.start import AtAngle
from fernring.core.ground.ground import ground
from fernring.core.plan import plan
from fernring.core.rows.tracks import TRACKS
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.samples import piece, row

FITTED = {"fit": "count", "start": {"kind": "on lines"}}


class SpiralTest(FernTestCase):
    def spiral(self, start: object = None, **track: object) -> object:
        given = {"kind": "spiral", "inner": 8.0, "outer": 38.0, "turns": 3.0, **track}
        more = {**FITTED, **({"start": start} if start else {})}
        return solve_piece(piece(row("s", 2.0, track=given, gap=0.5, **more))).rows[0]

    def test_every_dot_lies_on_the_spiral_of_archimedes(self) -> None:
        """r = a + b t (Archimedes, On Spirals): 30 mm in three turns, 10 mm a turn."""
        own = self.spiral().own_dots
        reach, angle = np.hypot(own.x, own.y), np.arctan2(own.x, -own.y)
        turns = (reach - 8) / 10
        off = (turns - angle / (2 * np.pi)) % 1.0
        self.assertLess(float(np.minimum(off, 1 - off).max()), 1e-3)
        self.assert_mm(float(reach[0]), 8, 1e-9)
        self.assert_mm(float(reach[-1]), 38, 1e-9)

    def test_dots_are_evenly_apart_and_keep_the_gap(self) -> None:
        own = self.spiral().own_dots
        apart = np.hypot(np.diff(own.x), np.diff(own.y))
        self.assertLess(float(np.ptp(apart)), 1e-6)
        self.assertGreaterEqual(float(apart.min()), 2.5 - 1e-3)

    def test_the_other_way_round_it_is_the_mirror_image(self) -> None:
        one, other = self.spiral().own_dots, self.spiral(clockwise=False).own_dots
        np.testing.assert_allclose(other.x, -one.x, atol=1e-9)
        np.testing.assert_allclose(other.y, one.y, atol=1e-9)

    def test_it_begins_where_it_is_told(self) -> None:
        own = self.spiral(start=AtAngle(degrees=90)).own_dots
        np.testing.assert_allclose((own.x[0], own.y[0]), (8, 0), atol=1e-9)

    def test_off_the_blank_it_has_no_room(self) -> None:
        self.assertIn("runs off the blank at {45}", self.spiral(outer=46.0).noroom)

    def test_putting_a_row_on_it_begins_three_turns_within_the_blank(self) -> None:
        begun = TRACKS["spiral"].begin(20.0, 45.0, ground(piece().blank))
        found = plan(piece(row("s", 2.0, **begun)))
        self.assertGreater(len(found.dots), 20)
        self.assertNotIn("no room", self.codes(found))

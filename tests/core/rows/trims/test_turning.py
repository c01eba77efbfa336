"""One growth turned to all the dots that look like it."""

from math import pi

import numpy as np

from fernring.core.dots.index import Index
from fernring.core.rows.trims.host import Around
from fernring.core.rows.trims.turning import likeness, turned_mark
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.rows.trims.test_grown import mark
from tests.samples import piece, row


def kinds(sample: object, index: int) -> int:
    """How many growths the dots of a row would need."""
    found = solve_piece(sample)
    placed = found.rows[index]
    around = Around(found.context.surface, Index.of(placed.own_dots), {}, {})
    near = [other for k, other in enumerate(found.rows) if k < index]
    return int(likeness(placed, near, around, np.arange(placed.n), 1)[0].max()) + 1


class TurningTest(FernTestCase):
    def test_dots_of_a_ring_are_one_kind_and_of_a_pattern_one_for_each_size(self) -> None:
        at = {"distance": {"kind": "walk", "walk": 30.0}}
        self.assertEqual(kinds(piece(row("a", 2.0, **at)), 0), 1)
        self.assertEqual(kinds(piece(row("a", 2.0, 3.0, **at)), 0), 2)

    def test_what_lies_near_decides_how_many_differ(self) -> None:
        near = row("n", 1.0, count={"kind": "absolute", "repeats": 4}, distance={"kind": "walk", "walk": 20.0})
        self.assertEqual(kinds(piece(near, row("a", 2.0, distance={"kind": "walk", "walk": 30.0})), 1), 3)

    def test_on_a_blank_that_is_not_round_every_dot_is_its_own(self) -> None:
        oval = {"outline": {"kind": "oval", "length": 140.0, "width": 90.0}, "relief": {"kind": "dome", "rise": 12.0}}
        given = piece(row("a", 2.0, distance={"kind": "walk", "walk": 30.0})).model_dump(mode="json")
        self.assertEqual(kinds(type(piece()).model_validate({**given, "blank": {**given["blank"], **oval}}), 0), 12)

    def test_grown_dots_are_the_first_ones_turned(self) -> None:
        grown = solve_piece(patterns.piece("trims on trims")).rows[1].grown.dots
        n = len(grown) // 12
        for k in range(12):
            part = grown.take(slice(k * n, (k + 1) * n))
            turn = np.exp(1j * k * pi / 6)
            np.testing.assert_allclose(part.x + 1j * part.y, (grown.x[:n] + 1j * grown.y[:n]) * turn, atol=1e-9)
            self.assertEqual(set(part.host.tolist()), {k})
            self.assertEqual((part.below - part.host - (part.below >= 12) * (12 + k * n - k)).min(), 0)

    def test_a_mark_is_turned_about_the_centre_and_given_to_its_host(self) -> None:
        found = turned_mark(mark(), pi / 2, 1.0, 7)
        np.testing.assert_allclose(found.spine, [(20, 0), (24, 0), (28, 0)], atol=1e-12)
        self.assertEqual((found.host, found.trim, found.area), (7, 0, 14))
        np.testing.assert_allclose(turned_mark(mark(), pi / 2, -1.0, 7).spine[0], (-20, 0), atol=1e-12)

    def test_shades_take_turns_round_the_row_after_a_trim_that_carries_trims_too(self) -> None:
        turning = patterns.top(3.0, turns=True, shades=patterns.shades("red", "teal", "pale"))
        carrying = patterns.walk(2.0, load="each", count=1, trims=[patterns.top(0.8)])
        six = {"kind": "absolute", "repeats": 6}
        for trims in ([turning], [carrying, turning]):
            one = patterns.row("a", 6.8, distance=patterns.at(26), trims=trims, count=six)
            found = solve_piece(patterns.with_rows(one, segments=6))
            dots = found.dots.take(found.dots.trim == (0 if len(trims) == 1 else 2))
            names = [found.palette.shades[shade].name for shade in dots.shade[np.argsort(dots.place)].tolist()]
            self.assertEqual(names, ["Red", "Teal"] * 3)

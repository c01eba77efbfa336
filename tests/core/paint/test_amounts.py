"""How much of every shade."""

from math import pi

from fernring.core.paint.amounts import amounts, coats
from fernring.core.solved import solve_piece
from tests import patterns, samples
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import with_areas
from tests.pattern_rows import top


def ring(shade: dict[str, object], walk: float, **more: object) -> patterns.Document:
    row = patterns.row(
        f"r{walk:g}", 4.0, count={"kind": "absolute", "repeats": 10}, distance={"kind": "walk", "walk": walk}
    )
    return {**row, "shades": [shade], **more}


class AmountsTest(FernTestCase):
    def test_a_ring_in_closed_form(self) -> None:
        """Ten caps of 4 mm, of medium body 0.24 high; 55 per cent of wet paint stays (common practice, no source)."""
        (one,) = amounts(solve_piece(with_areas(ring({"kind": "paint", "paint": "teal"}, 20.0), areas=())), 0.5)
        height = 0.96
        wet = 10 * pi * height * (3 * 4 + height**2) / 6 / 1000 / 0.55
        self.assertAlmostEqual(one.ml, wet, places=9)
        self.assertAlmostEqual(one.mix, wet * 1.25 * 1.5 + 0.2, places=9)
        self.assertEqual((one.dots, one.drops, one.rows), (10, -(-round(one.mix * 20 * 1e6) // 1_000_000), (0,)))

    def test_top_dots_are_of_their_own_shade(self) -> None:
        row = ring({"kind": "paint", "paint": "teal"}, 20.0, trims=patterns.numbered((top(2.0),)))
        found = amounts(solve_piece(with_areas(row, areas=())))
        self.assertGreater(len(found), 1)
        self.assertEqual(sum(one.dots for one in found), 20)

    def test_what_a_stone_drinks(self) -> None:
        piece = samples.five_rows()
        found = coats(solve_piece(piece))
        self.assertGreater(found.base, 2 * found.finish)
        plain = coats(solve_piece(with_areas(areas=())))
        self.assertAlmostEqual(plain.finish, 50.0**2 * pi * 1e-4, delta=0.002)

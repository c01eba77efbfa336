"""What lies closer than the gap that counts."""

import numpy as np

from fernring.core.advice.crowd import PETALS, RINGS, SWEPT, crowded
from fernring.core.document.piece import Piece
from fernring.core.document.row import Row, states_gap
from fernring.core.plan import plan
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase

LINES = {"kind": "on lines"}


def piece(*rows: object, **more: object) -> Piece:
    given = patterns.piece("petals").model_dump(mode="json")
    return patterns.read({**given, **more, "rows": list(rows)})


class CrowdTest(FernTestCase):
    def test_close_pairs_are_those_of_a_plain_search(self) -> None:
        rows = [patterns.row(f"r{k}", 3.0, distance=patterns.at(18 + 3.1 * k), start=LINES) for k in range(4)]
        solved = solve_piece(piece(*rows, safe_gap=0.3))
        dots, found = solved.dots, crowded(solved)
        plain = set()
        for i in range(len(dots)):
            for j in range(i + 1, len(dots)):
                gap = 0.4 if dots.row[i] == dots.row[j] else 0.3
                clear = np.hypot(dots.x[i] - dots.x[j], dots.y[i] - dots.y[j]) - dots.radius[i] - dots.radius[j]
                if clear < gap - 1e-6:
                    plain.add((i, j))
        ours = {(min(i, j), max(i, j)) for i, j in zip(found.i.tolist(), found.j.tolist(), strict=True)}
        self.assertEqual(ours, plain)
        self.assertGreater(len(plain), 10)

    def test_contact_within_a_petal_is_meant_and_between_petals_is_not(self) -> None:
        far = solve_piece(
            piece(patterns.row("a", 6.8, distance=patterns.at(32), trims=[patterns.walk(1.5, load="each")]))
        )
        self.assertEqual(len(crowded(far).i), 0)
        near = solve_piece(
            piece(patterns.row("a", 6.8, distance=patterns.at(19), trims=[patterns.walk(1.5, load="each")]))
        )
        self.assertEqual(set(crowded(near).sort.tolist()), {PETALS})

    def test_swipes_count_by_their_outline_but_not_against_their_own_head(self) -> None:
        alone = solve_piece(piece(patterns.row("a", 3.0, distance=patterns.at(18), trims=[patterns.swipe(8)])))
        self.assertEqual(len(crowded(alone).i), 0)
        met = solve_piece(
            piece(
                patterns.row("a", 3.0, distance=patterns.at(18), trims=[patterns.swipe(12)]),
                patterns.row("b", 2.0, distance=patterns.at(28), start={"kind": "on lines"}),
            )
        )
        self.assertEqual(set(crowded(met).sort.tolist()), {SWEPT})

    def test_a_ring_that_does_not_close(self) -> None:
        found = crowded(solve_piece(piece(patterns.row("a", 6.8, distance=patterns.at(12)))))
        self.assertEqual(set(found.sort.tolist()), {RINGS})
        self.assertLess(float(found.clear.min()), 0)

    def test_stacked_dots_meet_only_their_own_level(self) -> None:
        wide = patterns.top(5.0)
        rows = [patterns.row("a", 5.7, distance=patterns.at(26), trims=[wide])]
        self.assertEqual(len(crowded(solve_piece(piece(*rows))).i), 0)

    def test_which_rows_state_their_gap_to_others(self) -> None:
        def row(**more: object) -> Row:
            return Row.model_validate(patterns.row("a", 3.0, **more))

        self.assertTrue(states_gap(row()))
        self.assertFalse(states_gap(row(distance=patterns.at(20))))
        self.assertFalse(states_gap(row(fit="distance")))
        self.assertTrue(states_gap(row(track={"kind": "gaps"})))
        self.assertTrue(states_gap(row(track={"kind": "inset"})))

    def test_remedies_for_swipes_shorten_them(self) -> None:
        met = plan(
            piece(
                patterns.row("a", 3.0, distance=patterns.at(18), trims=[patterns.swipe(12)]),
                patterns.row("b", 2.0, distance=patterns.at(28), start={"kind": "on lines"}),
            )
        )
        offered = self.remedies(met, "swipe without room")
        self.assertRegex(offered[0].label, r"Pull to \{[\d.]+\} on row 1")

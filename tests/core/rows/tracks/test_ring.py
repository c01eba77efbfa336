"""Round the centre."""

from fernring.core.plan import plan
from fernring.core.rows.tracks.ring import footprints
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import piece, row


class RingTrackTest(FernTestCase):
    def test_why_nothing_was_placed(self) -> None:
        walk = {"distance": {"kind": "walk", "walk": 0.5}}
        for rule, why in (
            (row("a", 11.0, fit="count", **walk), r"not even one dot of \{11\} fits with a gap of \{0.4\}|^$"),
            (row("a", 2.0, gap=9.0, fit="size", **walk), r"no dot of at least \{0.2\} fits with a gap of \{9\}"),
            (row("a", 13.2, count={"kind": "absolute", "repeats": 24}), r"would pass the border at \{42\}"),
        ):
            self.assertRegex(solve_piece(piece(rule)).rows[0].noroom, why)

    def test_a_circle_off_the_blank_is_the_reason(self) -> None:
        gone = piece(row("a", 2.0, distance={"kind": "guide", "circle": "step-9"}),
                     guides={"steps": {"first": 20.0, "step": 10.0}})  # fmt: skip
        self.assertEqual(solve_piece(gone).rows[0].noroom, "its guide circle lies off the blank")
        wide = {"kind": "walk", "walk": 90.0}
        self.assertNotIn("guide circle", solve_piece(piece(row("a", 2.0, distance=wide, fit="size"))).rows[0].noroom)

    def test_distances_from_the_edge(self) -> None:
        once = {"kind": "absolute", "repeats": 1}
        for inward, walk in ((10.0, 35), (90.0, 0)):
            one = row("a", 2.0, count=once, distance={"kind": "edge", "inward": inward})
            self.assert_mm(solve_piece(piece(one)).rows[0].walk, walk)

    def test_a_place_is_as_wide_as_what_lies_along_the_row(self) -> None:
        leaf = patterns.piece("small shapes").rows[2]
        self.assertEqual(footprints(leaf), (5,))
        self.assertEqual(footprints(patterns.piece("small shapes").rows[1]), (3,))

    def test_beyond_the_widest_circle_of_a_ball(self) -> None:
        given = patterns.piece("petals on a ball").model_dump(mode="json")
        far = patterns.row("far", 2.0, distance={"kind": "walk", "walk": 80.0})
        found = solve_piece(patterns.read({**given, "rows": [far]})).rows[0]
        self.assertRegex(found.noroom, r"\{80\} lies beyond the widest circle at \{70.6858\}")

    def test_a_row_that_carries_on_may_pass_the_largest_whole_ring(self) -> None:
        found = plan(patterns.piece("carried into the corners")).solved
        self.assertTrue(any(placed.left_out for placed in found.rows))
        self.assertGreater(max(placed.walk for placed in found.rows), found.context.limit)

"""The plan as JSON columns."""

import orjson
from hypothesis import given, settings

from fernring.core.document.piece import Piece
from fernring.core.guides.lines import drawn_spokes
from fernring.core.plan import plan
from fernring.formats.plan_json import plan_bytes
from tests import samples
from tests.assertions import FernTestCase


class PlanJsonTest(FernTestCase):
    @settings(max_examples=25, deadline=None)
    @given(samples.pieces())
    def test_the_same_piece_gives_the_same_bytes(self, sample: Piece) -> None:
        again = Piece.model_validate_json(sample.model_dump_json())
        self.assertEqual(plan_bytes(plan(sample)), plan_bytes(plan(again)))

    def test_columns_have_one_length_and_say_the_truth(self) -> None:
        found = plan(samples.five_rows())
        value = orjson.loads(plan_bytes(found))
        columns = value["dots"]
        self.assertEqual({len(column) for column in columns.values()}, {len(found.dots)})
        self.assertNotIn("z", columns)
        for k in (0, 7, len(found.dots) - 1):
            self.assert_mm(columns["x"][k], float(found.dots.x[k]), 6e-5)
            self.assert_mm(columns["r"][k], float(found.dots.radius[k]), 6e-5)

    def test_rows_carry_their_solved_numbers(self) -> None:
        value = orjson.loads(plan_bytes(plan(samples.five_rows())))
        self.assertEqual([r["mark"] for r in value["rows"]], ["C", "1", "2", "3", "4"])
        self.assertIsNone(value["rows"][0]["clear"])
        near = value["rows"][2]["near"]
        self.assertAlmostEqual(near["clear"], 0.4, places=9)
        self.assertEqual(value["dots"]["row"][near["dot"]], 2)
        self.assertLess(value["dots"]["row"][near["other"]], 2)

    def test_a_row_without_room_has_no_dots(self) -> None:
        sample = samples.piece(samples.centre(), *(samples.row(f"r{k}", 13.2) for k in range(6)))
        value = orjson.loads(plan_bytes(plan(sample)))
        last = value["rows"][-1]
        self.assertEqual((last["places"], last["start"], last["near"]), (0, None, None))
        self.assertIn("would pass the border", last["noroom"])

    def test_spokes_as_chosen(self) -> None:
        def spokes(drawn: str, segments: int = 12) -> list[float]:
            return drawn_spokes(samples.piece(guides={"spokes": drawn}, segments=segments, turn=5))

        self.assertEqual(spokes("all"), [5 + 30 * k for k in range(12)])
        self.assertEqual(spokes("every second"), [5 + 60 * k for k in range(6)])
        self.assertEqual(spokes("first cross"), [5, 95, 185, 275])
        self.assertEqual(spokes("none"), [])

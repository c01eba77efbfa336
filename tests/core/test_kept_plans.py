"""Documents kept from earlier versions: they open, and plan to the dots they planned to then."""

from typing import Any

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.document.reading import read_document, read_piece
from fernring.core.document.upgrades import VERSION
from fernring.core.plan import plan
from tests import kept
from tests.assertions import FernTestCase

EARLIER = [document for version in range(1, VERSION) for document in kept.documents(version)]


class KeptTest(FernTestCase):
    def test_every_one_opens_and_stays_what_it_was_when_written_again(self) -> None:
        self.assertGreaterEqual(len(EARLIER), 60)
        for value in EARLIER:
            with self.subTest(value.get("name", value["format"])):
                found = read_document(value)
                self.assertEqual(found.version, VERSION)
                self.assertEqual(read_document(value), found)
                self.assertEqual(read_document(found.model_dump(mode="json")), found)

    def test_every_plan_is_what_it_was(self) -> None:
        """Within 1e-6 mm for each dot, against figures of the code that planned them first."""
        pieces = [value for value in EARLIER if value["format"] == "fernring.piece"]
        figures = kept.plans()
        self.assertEqual({value["name"] for value in pieces}, set(figures))
        for value in pieces:
            with self.subTest(value["name"]):
                dots = plan(read_piece(value), verdicts=False).dots
                wanted, found = figures[value["name"]], kept.figures(dots)
                self.assertEqual(found[0], wanted[0])
                np.testing.assert_allclose(found[1:], wanted[1:], rtol=0, atol=1e-6 * max(1.0, len(dots) ** 0.5))


class UpgradeTest(FernTestCase):
    def old(self, **more: Any) -> dict[str, Any]:
        sample = next(value for value in EARLIER if value["name"] == "pattern trims on trims")
        return {**sample, **more}

    def row(self, **more: Any) -> dict[str, Any]:
        return {**self.old()["rows"][1], **more}

    def upgraded(self, **more: Any) -> Piece:
        return read_piece(self.old(**more))

    def test_ids_come_from_the_place(self) -> None:
        row = self.upgraded().rows[1]
        self.assertEqual([member.id for member in row.pattern], ["dot-1"])
        self.assertEqual([trim.id for trim in row.all_trims], ["trim-1", "trim-1-1"])

    def test_a_load_that_was_half_told_is_told_in_full(self) -> None:
        """Version 1 took 7 dots and a ratio of 0.9 where a practice row left them out."""
        tools = [{"id": "a", "name": "A", "tip": 1, "dots": [1.0], "load": {}}, {"id": "b", "name": "B", "tip": 1,
                 "dots": [1.5], "load": None}]  # fmt: skip
        found = self.upgraded(tools=tools).tools
        self.assertEqual([tool.load and (tool.load.ratio, tool.load.dots) for tool in found], [(0.9, 7), None])
        self.assertEqual([tool.sizes for tool in found], ["measured", "measured"])

    def test_a_tool_the_piece_did_not_hold_makes_the_size_free(self) -> None:
        row = self.row(pattern=[{"diameter": 3.0, "tool": "lost"}], trims=[])
        self.assertEqual(self.upgraded(rows=[self.old()["rows"][0], row]).rows[1].pattern[0].tool, None)

    def test_silhouettes_and_paths_become_several_lines(self) -> None:
        disc = {"id": "d", "area": {"kind": "disc", "x": 5.0, "y": 0.0, "diameter": 4.0}}
        kept = self.upgraded(bare=[disc]).model_dump(mode="json")["bare"][0]
        self.assertEqual((kept["id"], kept["area"]), ("d", disc["area"]))
        area = {"id": "m", "area": {"kind": "shape", "x": [0, 9, 0], "y": [0, 0, 9]}}
        path = self.row(track={"kind": "path", "x": [0, 5], "y": [1, 6], "closed": False, "every": 2}, trims=[])
        found = self.upgraded(bare=[area, area], rows=[self.old()["rows"][0], path]).model_dump(mode="json")
        self.assertEqual([one["id"] for one in found["bare"]], ["m", "bare-1"])
        self.assertEqual(found["bare"][0]["area"]["lines"], [{"x": [0, 9, 0], "y": [0, 0, 9]}])
        track = found["rows"][1]["track"]
        self.assertEqual((track["lines"], track["every"]), ([{"x": [0, 5], "y": [1, 6], "closed": False}], 2))

    def test_accepted_verdicts_and_their_reasons_survive(self) -> None:
        ident = self.old()["rows"][1]["id"]
        keys = {
            f"no tool:{ident}:0": f"no tool:{ident}:dot-1",
            f"no tool:{ident}:trim 1": f"no tool:{ident}:trim-1-1",
            f"load too small:{ident}:0": f"load too small:{ident}:trim-1",
            f"touching:{ident}:centre": f"touching:{ident}:centre",
            "motif cut:moon": "bare area cut:moon",
            "no tool:gone:0": "no tool:gone:0",
        }
        accepted = [{"key": key, "reason": f"why {k}"} for k, key in enumerate(keys)]
        found = self.upgraded(accepted=accepted).accepted
        self.assertEqual([one.key for one in found], list(keys.values()))
        self.assertEqual([one.reason for one in found], [f"why {k}" for k in range(len(keys))])

    def test_an_accepted_verdict_of_version_1_is_still_that_verdict(self) -> None:
        """A free size in the pattern, accepted by its number then, stays accepted by its id."""
        row = self.row(pattern=[{"diameter": 2.2}], trims=[])
        key = f"no tool:{row['id']}:0"
        found = plan(self.upgraded(rows=[self.old()["rows"][0], row], accepted=[{"key": key, "reason": "filed down"}]))
        self.assertEqual(self.verdict(found, "no tool").accepted, "filed down")

    def test_what_is_no_document_is_left_for_the_models_to_judge(self) -> None:
        for rows in (None, [None], [{}], [{"pattern": "x", "trims": [3]}], [{"trims": [{"trims": [{"trims": 5}]}]}]):
            with self.subTest(rows), self.assertRaisesRegex(Exception, "Rows|Row"):
                self.upgraded(rows=rows, accepted=[{"key": "no tool:x:0"}, 3], bare=[1, {"area": 2}])

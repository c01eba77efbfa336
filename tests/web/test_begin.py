"""Routes that answer what new things begin with."""

from fernring.core.document.kit import Kit
from fernring.core.document.row import Row
from fernring.core.document.shelf import Shelf
from fernring.core.plan import plan
from tests import patterns, samples
from tests.patterns import at, centre, row
from tests.web.client import WebTestCase


class BeginTest(WebTestCase):
    def test_a_new_piece_needs_a_kit_and_a_shelf(self) -> None:
        self.assertIsNone(self.client.get("/api/begin/piece").json())
        ids = self.client.get("/api/studio").json()
        stock = {"kit": Kit(tools=samples.tools()), "shelf": Shelf(paints=(samples.PALE,))}
        for name, document in stock.items():
            state = self.client.get(f"/api/documents/{ids[name]}").json()
            answer = self.save(state, document.model_dump(mode="json"))
            self.assertEqual(answer.status_code, 200, answer.text)
        found = self.client.get("/api/begin/piece").json()
        self.assertEqual((len(found["tools"]), [paint["name"] for paint in found["paints"]]), (14, ["Pale"]))

    def test_a_row_on_another_track_comes_back_with_whole_fields(self) -> None:
        sample = self.with_rows(centre(), row("a", 2.0, distance=at(20)))
        found = self.client.post("/api/begin/track", json={"piece": sample, "row": 1, "kind": "spiral"}).json()
        self.assertEqual(set(found), {"track", "fit", "start"})
        again = Row.model_validate({**sample["rows"][1], **found})
        self.assertEqual(again.track.kind, "spiral")
        self.refused(
            self.client.post("/api/begin/track", json={"piece": sample, "row": 1, "kind": "zigzag"}),
            422, "fit", "no track “zigzag”; there are centre, ring", "kind",
        )  # fmt: skip

    def test_a_row_of_another_kind_is_added_and_has_room(self) -> None:
        sample = self.json(patterns.piece("petals", blank=patterns.SQUARE))
        for kind, wanted in (("fan", {"at": "corners"}), ("inset", {}), ("gaps", {})):
            made = self.client.post("/api/begin/row", json={"piece": sample, "kind": kind}).json()
            self.assertEqual({**made["track"], **wanted, "kind": kind}, made["track"])
            found = plan(patterns.read({**sample, "rows": [*sample["rows"], made]}))
            self.assertGreater(found.solved.rows[-1].n, 2)
            self.assertNotIn("serious", [verdict.severity for verdict in found.verdicts])
        centre_kind = {"piece": sample, "kind": "centre"}
        self.refused(self.client.post("/api/begin/row", json=centre_kind), 422, "fit", "No row begins", "kind")
        lone = {"piece": self.with_rows(centre(50.0)), "kind": "gaps"}
        self.refused(self.client.post("/api/begin/row", json=lone), 422, "fit", "fits: there are no gaps", "rows")

    def test_a_trim_on_a_trim(self) -> None:
        sample = self.json(patterns.piece("petals"))
        asked = {"piece": sample, "row": 1, "kind": "top", "path": [0]}
        (change,) = self.client.post("/api/begin/trim", json=asked).json()
        self.assertEqual(change["path"], ["rows", 1, "trims", 0, "trims", 0])
        self.assertLess(change["value"]["sizes"][0]["diameter"], 1.5)
        self.refused(
            self.client.post("/api/begin/trim", json={**asked, "row": 9}), 422, "fit", "no row at place 9", "row"
        )

    def test_blanks(self) -> None:
        blank = self.json()["blank"]
        oval = self.client.post("/api/begin/outline", json={"blank": blank, "kind": "oval"}).json()
        self.assertEqual((oval["outline"]["kind"], oval["outline"]["length"], oval["border"]), ("oval", 90, 3))
        dome = self.client.post("/api/begin/relief", json={"blank": blank, "kind": "dome"}).json()
        self.assertEqual(dome["relief"], {"kind": "dome", "rise": 12.6})
        wide = {**blank, "outline": {"kind": "round", "diameter": 300.0}}
        self.assertEqual(self.client.post("/api/begin/border", json=wide).json()["border"], 10)

    def test_a_count_as_the_rule_it_means(self) -> None:
        for repeats, rule in ((24, ("per_segment", 2, 1)), (6, ("per_segment", 1, 2)), (17, ("absolute", 17, None))):
            found = self.client.post("/api/begin/count", json={"repeats": repeats, "segments": 12}).json()["count"]
            self.assertEqual((found["kind"], found["repeats"], found.get("segments")), rule)

    def test_every_answer_can_be_planned(self) -> None:
        sample = self.with_rows(centre(), row("a", 3.0, distance=at(24)))
        sample["rows"][1]["pattern"][0]["form"] = "leaf"
        for kind in ("ring", "centre", "spiral", "inset", "line", "arc", "gaps", "fan"):
            fields = self.client.post("/api/begin/track", json={"piece": sample, "row": 1, "kind": kind}).json()
            again = {**sample, "rows": [sample["rows"][0], {**sample["rows"][1], **fields}]}
            self.assertEqual(self.client.post("/api/plan", json=again).status_code, 200, kind)
        self.assertGreater(len(plan(patterns.read(sample)).dots), 5)

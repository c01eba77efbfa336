"""Routes that compute: plan, compose, fits, slack, next row."""

from fernring.core.document.reading import read_piece
from fernring.core.plan import plan
from tests import samples
from tests.web.client import WebTestCase


class PlanRouteTest(WebTestCase):
    def test_the_plan_is_the_core_s(self) -> None:
        answer = self.client.post("/api/plan", json=self.json())
        self.assertEqual(answer.status_code, 200)
        self.assertEqual(answer.json()["totals"]["dots"], plan(samples.five_rows()).totals.dots)
        self.assertEqual([v["code"] for v in answer.json()["verdicts"]], ["space left"])

    def test_without_verdicts(self) -> None:
        self.assertEqual(self.client.post("/api/plan?verdicts=no", json=self.json()).json()["verdicts"], [])

    def test_values_out_of_bounds(self) -> None:
        blank = {**self.json()["blank"], "border": -1}
        answer = self.client.post("/api/plan", json=self.json(blank=blank))
        self.refused(answer, 422, "value", r"Blank border must be at least 0.*given: -1", "blank.border")

    def test_bodies_that_are_no_json(self) -> None:
        headers = {"content-type": "application/json"}
        for body in (b"", b"{", b"[" * 5000, b'{"a": NaN}', b"\xff\xfe"):
            answer = self.client.post("/api/plan", content=body, headers=headers)
            self.assertEqual(answer.status_code, 422, body[:20])
            self.assertGreater(len(answer.json()["message"]), 10)

    def test_too_many_dots(self) -> None:
        count = {"kind": "absolute", "repeats": 2000}
        rows = [samples.row(f"r{k}", 0.8, gap=0.0, count=count) for k in range(40)]
        sample = samples.piece(*rows, diameter=1000)
        self.refused(
            self.client.post("/api/plan", json=self.json(sample)), 422, "plan", "at most 60000 dots", "rows.30.count"
        )


class ComposeRouteTest(WebTestCase):
    def test_a_design_for_every_pattern(self) -> None:
        patterns = self.client.get("/api/patterns").json()
        self.assertGreaterEqual(len(patterns), 15)
        for pattern in patterns[::4]:
            request = {"piece": self.json(), "pattern": pattern["id"]}
            composed = read_piece(self.client.post("/api/compose", json=request).json())
            drawn = self.client.post("/api/compose/sketch", json=request).json()
            self.assertEqual(drawn["count"], int(plan(composed).solved.dots.painted.sum()))
        self.assertEqual(composed.rows, ())  # the last one is empty

    def test_reasons_why_not(self) -> None:
        wide = {**self.json()["blank"], "border": 44.9}
        for more, pattern, words in (
            ({"blank": wide}, "corona", "smallest dot of the kit"),
            ({"tools": [], "rows": []}, "corona", "tool"),
            ({}, "none-such", "There is no starting pattern"),
        ):
            answer = self.client.post("/api/compose", json={"piece": self.json(**more), "pattern": pattern})
            self.refused(answer, 422, "compose", words)


class AdviceRouteTest(WebTestCase):
    def test_what_fits_and_choosing_it(self) -> None:
        table = self.client.post("/api/fits", json={"piece": self.json(), "row": 2}).json()
        chosen = next(line for line in table if not line["current"])
        changes = {"piece": self.json(), "changes": chosen["changes"]}
        after = self.client.post("/api/changed", json=changes).json()
        self.assertEqual(plan(read_piece(after)).solved.rows[2].repeats, chosen["repeats"])

    def test_spreading_the_slack(self) -> None:
        answer = self.client.post("/api/slack", json=self.json()).json()
        self.assertGreater(answer["added"], 0)
        self.assert_mm(plan(read_piece(answer["piece"])).totals.left, answer["left"], 1e-9)
        empty = self.client.post("/api/slack", json=self.json(rows=[]))
        self.refused(empty, 422, "fit", "no nested row", "rows")

    def test_a_ramp_over_the_rows(self) -> None:
        piece = self.json()
        first, second = (paint["id"] for paint in piece["paints"][:2])
        piece["ramps"] = [{"id": "r", "name": "Run", "stops": [first, second], "steps": 3}]
        found = self.client.post("/api/graded", json={"piece": piece, "ramp": "r", "back": True}).json()
        steps = [row["shades"][0]["step"] for row in found["rows"]]
        self.assertEqual(steps, list(range(len(steps), 0, -1)))
        row = {**found["rows"][-1], "id": "new", "shades": [{"kind": "paint", "paint": first}]}
        body = {"before": found, "after": {**found, "rows": [*found["rows"], row]}}
        more = self.client.post("/api/graded/follow", json=body).json()
        self.assertEqual(len({row["shades"][0].get("step") for row in more["rows"]}), len(more["rows"]))
        answer = self.client.post("/api/graded", json={"piece": piece, "ramp": "none"})
        self.refused(answer, 422, "fit", "no such ramp", "ramp")

    def test_the_next_row(self) -> None:
        row = self.client.post("/api/next-row", json=self.json()).json()
        self.assertNotIn(row["id"], [r["id"] for r in self.json()["rows"]])

    def test_a_row_below(self) -> None:
        row = self.client.post("/api/row-below", json={"piece": self.json(), "row": 1}).json()
        self.assertNotIn(row["id"], [r["id"] for r in self.json()["rows"]])
        past = self.client.post("/api/row-below", json={"piece": self.json(), "row": 150})
        self.refused(past, 422, "fit", "no row at place 150", "row")

    def test_changes_out_of_bounds(self) -> None:
        changes = {"piece": self.json(), "changes": [{"path": ["segments"], "value": 1000}]}
        self.refused(self.client.post("/api/changed", json=changes), 422, "document", "at most 64", "segments")
        odd = {"piece": self.json(), "changes": [{"path": ["name", "first"], "value": 1}]}
        self.refused(self.client.post("/api/changed", json=odd), 422, "document", "no such place")

    def test_files_are_checked(self) -> None:
        self.assertEqual(self.client.post("/api/check", json=self.json()).json()["name"], "Sample")
        later = self.client.post("/api/check", json=self.json(version=7))
        self.refused(later, 422, "document", "format version 7", "version")

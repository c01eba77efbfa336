"""The steps of a document over the wire."""

from typing import Any

import numpy as np

from tests import patterns
from tests.web.client import WebTestCase
from tests.work_cases import QUICK, worked

REPORT = {"body": "medium", "medium": "none", "minutes": 20.0, "expected": 60.0, "dry": True}


class WorkTest(WebTestCase):
    def ask(self, piece: object, **more: object) -> Any:
        answer = self.client.post("/api/work", json={"piece": piece, **more})
        self.assertEqual(answer.status_code, 200, answer.text)
        return answer.json()

    def test_steps_count_the_dots_of_the_same_documents_plan(self) -> None:
        trims = [patterns.top(2.0), patterns.swipe(5.0, shades=patterns.shades("teal"))]
        piece = worked(patterns.centre(8.9), patterns.row("a", 4.6, trims=trims), **QUICK).model_dump(mode="json")
        found, planned = self.ask(piece), self.client.post("/api/plan", json=piece).json()
        steps = found["steps"]
        dots = sorted(dot for step in steps for dot in step["dots"])
        self.assertEqual(dots, list(range(len(planned["dots"]["x"]))))
        for step in steps:
            shades = {planned["dots"]["shade"][dot] for dot in step["dots"]}
            self.assertLessEqual(shades, {step["shade"]})
            self.assertEqual(step["loads"], len(step["reloads"]))
            low, mean, high = step["minutes"][1], step["minutes"][0], step["minutes"][2]
            self.assertTrue(0 < low < mean < high)
        ids = [step["id"] for step in steps]
        self.assertEqual(len(ids), len(set(ids)))
        top = next(step for step in steps if step["kind"] == "top dots")
        self.assertEqual((top["row"], top["after"][-1]["state"] in ("top", None)), ("a", True))
        self.assertIn("top", [one["state"] for one in top["after"]])
        self.assertEqual(
            {step["trim"] for step in steps if step["row"] == "a"},
            {None, *(one["id"] for one in piece["rows"][1]["trims"])},
        )
        begins = [step["begin"] for step in steps]
        self.assertEqual(begins, sorted(begins))
        self.assertAlmostEqual(found["hand_minutes"], float(np.sum([step["minutes"][0] for step in steps])), delta=0.1)

    def test_reports_of_drying_count(self) -> None:
        piece = worked(patterns.row("a", 6.0, trims=[patterns.top(2.0)]), **QUICK).model_dump(mode="json")
        self.assertLess(self.ask(piece, reports=[REPORT] * 3)["minutes"], self.ask(piece)["minutes"])

    def test_the_card_is_a_pdf_in_the_readers_unit(self) -> None:
        piece = worked(patterns.centre(8.9), **QUICK).model_dump(mode="json")
        answer = self.client.post("/api/print/work-card", json={"piece": piece, "units": "inch", "paper": "Letter"})
        self.assertEqual((answer.status_code, answer.content[:5]), (200, b"%PDF-"))
        self.assertIn("steps.pdf", answer.headers["content-disposition"])

    def test_bad_choices_and_reports_are_refused_with_a_sentence(self) -> None:
        piece = worked(patterns.centre(8.9)).model_dump(mode="json")
        for body, field in (
            ({"piece": {**piece, "work": {"warmth": 90.0}}}, "piece.work.warmth"),
            ({"piece": {**piece, "work": {"coats": 9}}}, "piece.work.coats"),
            ({"piece": piece, "reports": [{**REPORT, "minutes": -1.0}]}, "reports.0.minutes"),
            ({"piece": piece, "reports": [REPORT] * 501}, "reports"),
        ):
            answer = self.client.post("/api/work", json=body)
            self.assertEqual((answer.status_code, answer.json()["field"]), (422, field), answer.text)

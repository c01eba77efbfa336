"""Routes about the blank."""

from tests import samples
from tests.blanks import bare
from tests.web.client import WebTestCase


class BlankRouteTest(WebTestCase):
    def test_a_report_tells_centres_border_relief_and_rings(self) -> None:
        piece = bare("domed oval", rows=(samples.row("r", 3.0, distance={"kind": "walk", "walk": 30}),))
        found = self.client.post("/api/blank", json=self.json(piece)).json()
        self.assertEqual([one["kind"] for one in found["centres"]], ["middle", "centroid", "inscribed", "enclosing"])
        self.assertAlmostEqual(found["rise"], 20, places=6)
        self.assertGreater(found["tape"], 120)
        self.assertGreater(found["rings"][0]["flat"], found["rings"][0]["fit"])
        self.assertTrue(found["markers"][0]["suits"])

    def test_a_measure_that_cannot_be_is_refused(self) -> None:
        blank = {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "taped dome", "tape": 80}}
        answer = self.client.post("/api/blank", json=self.json(blank=blank))
        self.assertEqual(answer.status_code, 422)
        self.assertRegex(answer.json()["message"], r"measures between \{90\}")
        self.assertEqual(answer.json()["field"], "blank.relief.tape")

    def test_an_outline_from_a_file(self) -> None:
        text = '<svg xmlns="http://www.w3.org/2000/svg" width="10cm" height="10cm" viewBox="0 0 100 100">{}</svg>'
        good = self.client.post("/api/outline/svg", json={"text": text.format('<circle cx="50" cy="50" r="40"/>')})
        self.assertEqual(good.status_code, 200, good.text)
        self.assertAlmostEqual(max(good.json()["x"]), 40, places=2)
        self.assertLess(len(good.json()["x"]), 250)
        crossed = '<polygon points="10,10 90,90 90,10 10,90"/>'
        bad = self.client.post("/api/outline/svg", json={"text": text.format(crossed)})
        self.assertRegex(bad.json()["message"], "crosses itself near x 50.0, y 50.0 mm")

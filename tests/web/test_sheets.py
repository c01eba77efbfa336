"""Practice sheets through the API: made, printed, read, kept, taken back."""

from typing import Any

import pypdfium2

from fernring.core.practice.sheet import PracticeSheet
from fernring.standins.camera.sheets import sheet_shot
from tests.outside.vision.shots import MIDDLE, STEADY, stone
from tests.web.client import WebTestCase, token
from tests.web.test_practice import BALL

ROD = {"id": "rod", "name": "Rod", "kind": "rod", "tip": 6.0, "dots": [6.8]}
PIN = {"id": "pin", "name": "Pin", "kind": "needle", "dots": [0.8]}
KIT = {"format": "fernring.kit", "version": 2, "tools": [BALL, ROD, PIN]}
DAY = "2026-11-20"


class SheetRouteTest(WebTestCase):
    def made(self, *tools: str, **more: Any) -> dict[str, Any]:
        answer = self.client.post("/api/practice/sheets", json={"kit": KIT, "tools": tools, "day": DAY, **more})
        self.assertEqual(answer.status_code, 201, answer.text)
        value: dict[str, Any] = answer.json()
        return value

    def sent(self, path: str, data: bytes) -> tuple[int, Any]:
        answer = self.client.post(
            f"/api/photo/{path}", content=data, headers={"content-type": "application/octet-stream"}
        )
        return answer.status_code, answer.json()

    def reading(self, number: int, *dots: dict[str, Any]) -> dict[str, Any]:
        return {"id": token(), "sheet": number, "day": DAY, "dots": dots}

    def test_numbered_listed_and_printed_true_to_size(self) -> None:
        first, second = self.made("ball"), self.made("rod", "ball", surface="wood")
        self.assertEqual((first["number"], second["number"]), (1, 2))
        self.assertEqual([one["number"] for one in self.client.get("/api/practice/sheets").json()], [2, 1])
        answer = self.client.get("/api/practice/sheets/2/pdf")
        self.assertEqual(answer.headers["content-type"], "application/pdf")
        (page,) = pypdfium2.PdfDocument(answer.content)
        self.assertEqual([round(side * 25.4 / 72, 1) for side in page.get_size()], [210.0, 297.0])

    def test_what_cannot_be_made_is_said(self) -> None:
        for tools, words in ((["none"], "of the kit"), (["ball", "ball"], "each once"), (["pin"], "sets no dots")):
            answer = self.client.post("/api/practice/sheets", json={"kit": KIT, "tools": tools, "day": DAY})
            self.assertEqual(answer.status_code, 422)
            self.assertIn(words, answer.json()["message"])
        self.assertEqual(self.client.get("/api/practice/sheets/9/pdf").status_code, 404)

    def test_a_photograph_is_read_kept_and_taken_back(self) -> None:
        made = self.made("ball", "rod")
        shot = sheet_shot(PracticeSheet.model_validate(made | {"tools": tuple(made["tools"])}), 3, STEADY, MIDDLE)
        status, found = self.sent("sheet", shot.jpeg)
        self.assertEqual(status, 200, found)
        self.assertEqual(found["sheet"]["number"], made["number"])
        self.assertEqual(len(found["seen"]), len(shot.true))
        dots = [
            {name: one[name] for name in ("block", "target", "x", "y", "diameter", "length")} for one in found["seen"]
        ]
        told = self.reading(made["number"], *dots)
        steady = self.client.post("/api/practice/readings/steadiness", json=told).json()
        self.assertEqual({one["technique"] for one in steady}, {"row", "ring", "walk"})
        self.assertTrue(all(0.1 < one["place"] < 0.35 for one in steady))
        for _ in range(2):
            self.assertEqual(self.client.post("/api/practice/readings", json=told).status_code, 201)
        kept = self.client.get("/api/measurements").json()
        self.assertEqual(
            [(one["tool"], one["how"]) for one in kept], [("ball", "photographed"), ("rod", "photographed")]
        )
        self.assertEqual(self.client.get("/api/practice/steadiness").json(), steady)
        walk = next(one for one in steady if one["technique"] == "walk")
        self.assertAlmostEqual(walk["load"][0], STEADY.ratio, delta=0.03)
        for back, left in ((True, 0), (False, 2)):
            path = f"/api/practice/readings/{told['id']}/taken-back"
            self.assertEqual(self.client.post(path, json={"back": back}).status_code, 204)
            self.assertEqual(len(self.client.get("/api/measurements").json()), left)
            self.assertEqual(len(self.client.get("/api/practice/readings").json()), left // 2)

    def test_a_reading_that_cannot_be_kept(self) -> None:
        dot = {"block": 0, "target": 0, "x": 30, "y": 50, "diameter": 2.5}
        self.assertEqual(self.client.post("/api/practice/readings", json=self.reading(5, dot)).status_code, 404)
        made = self.made("ball")
        told = self.reading(made["number"], dot)
        self.client.post("/api/practice/readings", json=told)
        other = {**told, "dots": [{**dot, "diameter": 3.0}]}
        self.assertEqual(self.client.post("/api/practice/readings", json=other).status_code, 409)
        path = f"/api/practice/readings/{token()}/taken-back"
        self.assertEqual(self.client.post(path, json={"back": True}).status_code, 404)

    def test_a_sheet_of_another_artist(self) -> None:
        from tests.outside.vision.shots import sheet

        status, answer = self.sent("sheet", sheet().jpeg)
        self.assertEqual(status, 404)
        self.assertIn("no practice sheet 1203", answer["message"])
        status, answer = self.sent("sheet", stone(1001).jpeg)
        self.assertEqual((status, answer["code"]), (422, "picture"))

    def test_a_stone_is_traced(self) -> None:
        shot = stone(1001)
        status, found = self.sent(f'stone?asked={{"widest": {shot.body.widest:.1f}, "rise": 25}}', shot.jpeg)
        self.assertEqual(status, 200, found)
        self.assertAlmostEqual(max(found["x"]) - min(found["x"]), 2 * shot.body.radius.mean(), delta=25)
        for asked, words in (
            ('{"widest": 500}', "at most 80"), ("{", "not valid JSON"),
            ('{"targets": [[0, 0], [1, 0], [1, 2], [0, 1]]}', "at most 1"),
        ):  # fmt: skip
            status, answer = self.sent(f"stone?asked={asked}", shot.jpeg)
            self.assertEqual(status, 422)
            self.assertIn(words, answer["message"])

    def test_the_bench_camera_takes_both(self) -> None:
        made = self.made("ball")
        for path in ("stone?seed=3", f"sheet?number={made['number']}&seed=4"):
            answer = self.client.get(f"/api/bench-camera/{path}")
            self.assertEqual((answer.status_code, answer.headers["content-type"]), (200, "image/jpeg"))
            self.assertTrue(answer.content.startswith(b"\xff\xd8"))
        self.assertEqual(self.client.get("/api/bench-camera/sheet?number=77").status_code, 404)

"""Measured dots through the API."""

from typing import Any

from tests.web.client import WebTestCase, token

BALL = {"id": "ball", "name": "Ball", "kind": "ball stylus", "tip": 2.0, "dots": [2.5]}
KIT = {"format": "fernring.kit", "version": 2, "tools": [BALL]}


class PracticeRouteTest(WebTestCase):
    def told(self, *diameters: float, **more: Any) -> dict[str, Any]:
        return {"id": token(), "tool": "ball", "diameters": diameters, "day": "2026-11-20", **more}

    def foretold(self, **more: Any) -> dict[str, Any]:
        body = {"kit": KIT, "wanted": [{"tool": "ball", **more}]}
        (found,) = self.client.post("/api/predictions", json=body).json()
        value: dict[str, Any] = found
        return value

    def test_measured_dots_are_kept_and_change_what_is_foretold(self) -> None:
        before = self.foretold()
        self.assertEqual((before["of_tool"], before["offered"]), (0, True))
        one = self.told(3.1, 3.2, 3.0)
        for _ in range(2):
            self.assertEqual(self.client.post("/api/measurements", json=one).status_code, 201)
        (kept,) = self.client.get("/api/measurements").json()
        self.assertEqual((kept["diameters"], kept["how"]), ([3.1, 3.2, 3.0], "typed"))
        after = self.foretold()
        self.assertEqual((after["of_tool"], after["of_all"]), (3, 3))
        self.assertGreater(after["diameter"], before["diameter"])
        self.assertLess(after["high"] - after["low"], before["high"] - before["low"])

    def test_taken_back_and_brought_again(self) -> None:
        one = self.told(3.1)
        self.client.post("/api/measurements", json=one)
        for back, left in ((True, 0), (False, 1)):
            self.client.post(f"/api/measurements/{one['id']}/taken-back", json={"back": back})
            self.assertEqual(len(self.client.get("/api/measurements").json()), left)
        answer = self.client.post(f"/api/measurements/{token()}/taken-back", json={"back": True})
        self.refused(answer, 404, "not found", "no such measurement", "id")

    def test_what_cannot_be(self) -> None:
        one = self.told(3.1)
        self.client.post("/api/measurements", json=one)
        answer = self.client.post("/api/measurements", json={**one, "diameters": [4.0]})
        self.refused(answer, 409, "taken", "under this id", "id")
        for more, field in (
            ({"diameters": []}, "diameters"),
            ({"diameters": [99]}, "diameters.0"),
            ({"load": "x"}, "load"),
        ):
            self.refused(self.client.post("/api/measurements", json=self.told(3.0, **more)), 422, "value", ".", field)
        body = {"kit": KIT, "wanted": [{"tool": "rod"}]}
        self.refused(self.client.post("/api/predictions", json=body), 422, "fit", "no such tool", "tool")

    def test_which_of_my_tools_is_that(self) -> None:
        (one,) = self.client.post("/api/kit/sizes", json={"kit": KIT, "text": "use a 3/32 inch dotter"}).json()
        self.assertEqual((one["written"], one["tool"], one["size"]), ("3/32 inch", "ball", 2.3812))
        self.assertIn("Ball,ball stylus,2,2.5", self.client.post("/api/kit/csv", json={"kit": KIT}).text)

    def test_a_load_by_a_practice_walk(self) -> None:
        found = self.client.post("/api/kit/walk", json={"diameters": [4.0, 3.6, 3.24]}).json()
        self.assertEqual((found["load"]["dots"], round(found["load"]["ratio"], 6), found["smallest"]), (3, 0.9, 3.24))
        answer = self.client.post("/api/kit/walk", json={"diameters": [2.0, 3.0]})
        self.refused(answer, 422, "fit", "grow", "diameters")

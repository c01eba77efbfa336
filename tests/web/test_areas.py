"""Routes for areas."""

from typing import Any

from tests.web.client import WebTestCase


class AreasTest(WebTestCase):
    def blank(self) -> dict[str, Any]:
        return {**self.json()["blank"], "outline": {"kind": "oval", "length": 140.0, "width": 90.0}}

    def test_a_word_as_large_as_fits_and_again_after_it_was_changed(self) -> None:
        body = {"blank": self.blank(), "text": "Luna", "font": "narrow"}
        word = self.client.post("/api/region/word", json=body).json()
        self.assertEqual((word["kind"], word["text"], word["font"], word["turn"]), ("word", "Luna", "narrow", 0.0))
        smaller = {**word, "height": word["height"] / 2, "x": 30.0}
        again = self.client.post("/api/region/largest", json={"blank": self.blank(), "word": smaller}).json()
        self.assertAlmostEqual(again["height"], word["height"], delta=0.02)

    def test_ends_begin_at_the_circle_of_the_guides_or_the_largest(self) -> None:
        piece = self.json(blank=self.blank())
        found = self.client.post("/api/begin/ends", json={"piece": piece}).json()
        self.assertEqual(found, {"kind": "ends", "beyond": 90.0, "only": None})
        piece["guides"]["boundary"] = 84.0
        self.assertEqual(self.client.post("/api/begin/ends", json={"piece": piece}).json()["beyond"], 84.0)
        refused = self.client.post("/api/begin/ends", json={"piece": self.json()})
        self.refused(refused, 422, "fit", "no ends or corners beyond a circle", None)

    def test_what_cannot_be_written(self) -> None:
        for text, code, words, field in (
            ("日本", "value", "have no “日本”", ""),
            ("a" * 200, "value", "at most 60 characters", "text"),
            (" ", "value", "as expected", "text"),
        ):
            answer = self.client.post("/api/region/word", json={"blank": self.blank(), "text": text})
            self.refused(answer, 422, code, words, field)

    def test_what_comes_off_and_the_back(self) -> None:
        area = {"id": "m", "name": "M", "area": {"kind": "disc", "diameter": 20.0}, "rows": "mask"}
        piece = self.json(bare=[area])
        off = self.client.post("/api/begin/comes-off", json={"piece": piece, "area": "m"}).json()
        self.assertEqual(off["bare"][0]["shows"], "what comes off")
        self.refused(
            self.client.post("/api/begin/comes-off", json={"piece": piece, "area": "n"}), 422, "fit", "no mask", "area"
        )
        back = self.client.post("/api/begin/back", json={"piece": piece}).json()
        self.assertEqual((back["rows"], back["bare"]), ([], []))

    def test_a_row_about_an_area(self) -> None:
        area = {"id": "h", "name": "Heart", "area": {"kind": "form", "form": "heart", "across": 40.0, "down": 38.0}}
        piece = self.json(bare=[area], rows=[])
        for kind, where in (("fill", "round"), ("edge", ""), ("strokes", ""), ("line", "")):
            body = {"piece": piece, "kind": kind, "area": "h", "where": where}
            row = self.client.post("/api/begin/row", json=body).json()
            self.assertEqual((row["track"]["kind"], row["track"]["areas"]), (kind, ["h"]))
        body = {"piece": piece, "kind": "ring", "area": "h"}
        self.refused(self.client.post("/api/begin/row", json=body), 422, "fit", "about no area", "area")

    def test_areas_that_cannot_be(self) -> None:
        disc = {"kind": "disc", "diameter": 20.0}
        one = {"id": "a", "name": "A", "area": disc}
        for more, words in (
            ({"under": ["b"]}, "A lies under the area “b”, which the piece does not have"),
            ({"under": ["a"]}, "A lies under itself"),
            ({"base": {"paints": ["gone"]}}, "[Tt]he base of A uses the paint “gone”"),
        ):
            answer = self.client.post("/api/plan", json=self.json(bare=[{**one, **more}]))
            self.refused(answer, 422, "value", words, None)

"""Routes for paint."""

from typing import Any

from tests.web.client import WebTestCase

PAINTS = [
    {"id": "white", "name": "White", "colour": "#f5f0e3"},
    {"id": "blue", "name": "Blue", "colour": "#2f6fb3"},
    {"id": "gold", "name": "Gold", "colour": "#c8963e", "finish": "metallic"},
]


class RecipesRouteTest(WebTestCase):
    def test_whole_drops_and_what_they_look_like(self) -> None:
        found = self.client.post("/api/recipes", json={"paints": PAINTS, "aims": ["#2f6fb3", "#8fb0d0"]}).json()
        self.assertEqual([one["aim"] for one in found], ["#2f6fb3", "#8fb0d0"])
        self.assertEqual(found[0]["drops"], [{"paint": "blue", "drops": 1}])
        self.assertEqual({one["paint"] for one in found[1]["drops"]}, {"white", "blue"})
        self.assertRegex(found[1]["colour"], "^#[0-9a-f]{6}$")
        self.assertFalse(found[1]["calibrated"])

    def test_with_swabs_it_is_calibrated(self) -> None:
        swabs = [{"white": 1.0, "colour": "#7fa3cc"}, {"white": 4.0, "colour": "#b4c7da"}]
        paints = [PAINTS[0], {**PAINTS[1], "swabs": swabs}]
        (found,) = self.client.post("/api/recipes", json={"paints": paints, "aims": ["#7fa3cc"]}).json()
        self.assertTrue(found["calibrated"])
        self.assertLess(found["error"], 2.0)
        self.assertEqual({one["drops"] for one in found["drops"]}, {1}, "one part with one, as the swab says")

    def test_what_cannot_be(self) -> None:
        for body, code, words, field in (
            ({"paints": [], "aims": ["#ffffff"]}, "value", "needs at least 1", "paints"),
            ({"paints": PAINTS[2:], "aims": ["#ffffff"]}, "fit", "that can be mixed", "paints"),
            ({"paints": PAINTS, "aims": ["blue"]}, "value", "as expected", "aims.0"),
            ({"paints": PAINTS, "aims": ["#ffffff"], "most_drops": 0}, "value", "at least 1", "most_drops"),
            ({"paints": [{**PAINTS[0], "swabs": [{"white": 0, "colour": "#ffffff"}]}], "aims": ["#ffffff"]},
             "value", "more than 0", "paints.0.swabs.0.white"),
            ({"paints": [{**PAINTS[0], "left": -1.0}], "aims": ["#ffffff"]}, "value", "at least 0", "paints.0.left"),
        ):  # fmt: skip
            self.refused(self.client.post("/api/recipes", json=body), 422, code, words, field)


class SeenRouteTest(WebTestCase):
    def test_colours_as_they_are_seen(self) -> None:
        body = {"colours": ["#a8323a", "#ffffff"], "way": "grey"}
        red, white = self.client.post("/api/seen", json=body).json()
        self.assertEqual((red[1:3], white), (red[3:5], "#ffffff"))
        self.refused(
            self.client.post("/api/seen", json={**body, "way": "x-ray"}), 422, "value", "must be one of", "way"
        )

    def test_each_wet_by_how_much_it_dries_darker(self) -> None:
        body = {"colours": ["#a8323a", "#a8323a"], "way": "wet", "darker": [0.0, 0.4]}
        dry, wet = self.client.post("/api/seen", json=body).json()
        self.assertEqual(dry, "#a8323a")
        self.assertGreater(int(wet[1:3], 16), int(dry[1:3], 16))
        self.refused(
            self.client.post("/api/seen", json={**body, "darker": [0.1]}), 422, "value", "2 colours and 1 shares"
        )


class AmountsRouteTest(WebTestCase):
    def amounts(self, piece: dict[str, Any], margin: float) -> dict[str, Any]:
        value: dict[str, Any] = self.client.post("/api/amounts", json={"piece": piece, "margin": margin}).json()
        return value

    def test_every_shade_with_its_margin(self) -> None:
        piece = self.json()
        plain, more = (self.amounts(piece, margin) for margin in (0.0, 1.0))
        self.assertEqual(
            sum(pot["dots"] for pot in plain["pots"]),
            self.client.post("/api/plan", json=piece).json()["totals"]["dots"],
        )
        for one, other in zip(plain["pots"], more["pots"], strict=True):
            self.assertAlmostEqual(other["mix"] - 0.2, 2 * (one["mix"] - 0.2), places=3)
        self.refused(
            self.client.post("/api/amounts", json={"piece": piece, "margin": 3.0}), 422, "value", "at most 2", "margin"
        )

    def test_recipes_are_of_the_shelf_that_is_sent(self) -> None:
        piece = self.json()
        shade = {"kind": "ramp", "ramp": "r", "step": 2}
        first, second = (paint["id"] for paint in piece["paints"][:2])
        piece["ramps"] = [{"id": "r", "name": "Run", "stops": [first, second], "steps": 3}]
        piece["rows"][1]["shades"] = [shade]
        aim = next(pot["colour"] for pot in self.amounts(piece, 0.2)["pots"] if pot["recipe"])
        mixed = {
            "id": "pot-1", "name": "Run 2", "colour": aim, "parts": [{"paint": "same", "drops": 2}],
            "day": "2026-11-20", "ml": 0.3, "uses": [{"day": "2026-11-21", "ml": 0.1, "piece": "Moth"}],
        }  # fmt: skip
        shelf = {
            "format": "fernring.shelf", "version": 2, "mixed": [mixed],
            "paints": [{"id": "same", "name": "Same", "colour": aim, "price": 10.0, "left": 0.01}],
        }  # fmt: skip
        answer = self.client.post("/api/amounts", json={"piece": piece, "margin": 0.2, "shelf": shelf}).json()
        (pot,) = [one for one in answer["pots"] if one["recipe"]]
        self.assertEqual([one["paint"] for one in pot["pots"]], ["same"])
        self.assertEqual(pot["leftover"], {"pot": "pot-1", "ml": 0.2, "error": 0.0})
        self.assertIn("same", [one["paint"] for one in answer["short"]])
        self.assertGreater(answer["price"], 0)
        wrong = {**shelf, "mixed": [{**mixed, "day": "yesterday"}]}
        body = {"piece": piece, "margin": 0.2, "shelf": wrong}
        self.refused(self.client.post("/api/amounts", json=body), 422, "value", "as expected", "shelf.mixed.0.day")


class HarmonyRouteTest(WebTestCase):
    def shelf(self, *colours: str) -> dict[str, Any]:
        paints = [{"id": f"p{k}", "name": f"P{k}", "colour": colour} for k, colour in enumerate(colours)]
        return {"format": "fernring.shelf", "version": 2, "paints": paints}

    def test_the_map_of_a_piece(self) -> None:
        answer = self.client.post("/api/colours", json={"piece": self.json(), "shelf": self.shelf("#2f6fb3")}).json()
        self.assertAlmostEqual(sum(one["share"] for one in answer["shades"]), 1, places=3)
        self.assertEqual(len(answer["bands"]), len(answer["map"]) + 1)
        self.assertEqual({len(line) for line in answer["map"]}, {len(answer["shades"])})
        self.assertEqual(sorted(one["row"] for one in answer["rows"]), list(range(len(self.json()["rows"]))))
        self.assertIsNone(answer["rows"][-1]["from_next"])
        for one in answer["advice"]:
            for remedy in one["remedies"]:
                body = {"piece": self.json(), "changes": remedy["changes"]}
                self.assertEqual(self.client.post("/api/changed", json=body).status_code, 200, remedy["label"])

    def test_palettes_for_a_piece(self) -> None:
        shelf = self.shelf("#f5f3ec", "#e3b23c", "#b0303a", "#2f62b8", "#1f8f8a")
        found = self.client.post("/api/palettes", json={"piece": self.json(), "shelf": shelf, "keep": ["p3"]}).json()
        self.assertEqual(len(found), 6)
        shades = self.client.post("/api/plan", json=self.json()).json()["shades"]
        for one in found:
            self.assertIn("P3", [paint["name"] for paint in one["paints"]])
            self.assertEqual(len(one["shades"]), len(shades))
            self.assertEqual(self.client.post("/api/plan", json=one["piece"]).status_code, 200)
        body = {"piece": self.json(), "shelf": shelf, "aims": ["#b0303a"]}
        (one,) = self.client.post("/api/palettes", json=body).json()
        self.assertEqual(one["name"], "From the picture")
        self.refused(
            self.client.post("/api/palettes", json={**body, "keep": ["p0"] * 9}), 422, "value", "at most 8", "keep"
        )

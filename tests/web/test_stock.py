"""Routes of the kit and the shelf by themselves."""

from tests import samples
from tests.web.client import WebTestCase


class StockTest(WebTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.shelf = {"format": "fernring.shelf", "version": 2, "paints": [samples.PALE.model_dump(mode="json")]}

    def test_a_palette_is_added_and_the_shelf_goes_out_as_a_table(self) -> None:
        body = {"stock": self.shelf, "file": "name;hex\nHeron;#6f7f8f\n"}
        found = self.client.post("/api/stock/add", json=body).json()
        self.assertEqual((found["added"], found["stock"]["paints"][1]["name"]), (1, "Heron"))
        for way, text, name in (
            ("csv", "Heron,#6f7f8f", "shelf.csv"),
            ("palette", "111 127 143\tHeron", "shelf.gpl"),
            ("hex", "#6f7f8f Heron", "shelf.txt"),
        ):
            answer = self.client.post("/api/stock/palette", json={"shelf": found["stock"], "way": way})
            self.assertIn(text, answer.text)
            self.assertIn(name, answer.headers["content-disposition"])

    def test_which_pieces_use_what(self) -> None:
        self.assertEqual(self.client.get("/api/stock/uses").json(), [])
        state = self.begin()
        (found,) = self.client.get("/api/stock/uses").json()
        self.assertEqual((found["piece"], found["name"]), (state["id"], self.json()["name"]))
        self.assertEqual(found["paints"], [paint["id"] for paint in self.json()["paints"]])
        self.assertEqual(found["tools"], [tool["id"] for tool in self.json()["tools"]])

    def test_a_palette_is_no_kit(self) -> None:
        kit = {"format": "fernring.kit", "version": 2, "tools": []}
        answer = self.client.post("/api/stock/add", json={"stock": kit, "file": "#6f7f8f Heron\n"})
        self.refused(answer, 422, "document", "columns “name” and “dots”", "file")
        answer = self.client.post("/api/stock/add", json={"stock": kit, "file": "name,dots\nHeron,2.5 3\n"}).json()
        self.assertEqual((answer["added"], answer["stock"]["tools"][0]["dots"]), (1, [2.5, 3.0]))
        answer = self.client.post("/api/stock/add", json={"stock": self.shelf, "file": "grey\n"})
        self.refused(answer, 422, "document", "line 1: “grey” is no colour", "file")

"""The list of pieces: summaries and small pictures instead of documents, copies, and what bodies may hold."""

import sqlite3

from fernring.web.app import create_app
from fernring.web.config import Config
from tests.web.client import WebTestCase

PNG = b"\x89PNG\r\n\x1a\n" + bytes(100)


class BenchTest(WebTestCase):
    def test_the_list_says_what_each_piece_is_without_its_document(self) -> None:
        state = self.begin()
        (listed,) = self.client.get("/api/pieces").json()
        self.assertEqual((listed["id"], listed["head"], listed["name"]), (state["id"], state["head"], "Sample"))
        self.assertNotIn('rows":', self.client.get("/api/pieces").text.replace(" ", ""))
        self.assertLess(len(self.client.get("/api/pieces").content), 1500)

    def test_a_small_picture_is_made_once_and_is_that_of_the_edit(self) -> None:
        state = self.begin()
        first = self.client.get(f"/api/pictures/4/{state['head']}")
        saved = self.save(state, self.json(name="Bare", rows=[])).json()
        second = self.client.get(f"/api/pictures/4/{saved['head']}")
        self.assertNotEqual(first.content, second.content)
        self.assertEqual(self.client.get(f"/api/pictures/4/{state['head']}").content, first.content)
        with sqlite3.connect(self.studio) as db:
            self.assertEqual(db.execute("SELECT count(*) FROM sketch WHERE picture IS NOT NULL").fetchone()[0], 2)
            db.execute("DELETE FROM sketch")
        self.assertEqual(self.client.get(f"/api/pictures/4/{state['head']}").content, first.content)
        self.assertEqual(self.client.get("/api/pieces").json()[0]["name"], "Bare")

    def test_a_picture_of_what_is_not_there(self) -> None:
        self.refused(self.client.get(f"/api/pictures/4/{'0' * 32}"), 404, "not found", "no such state of a piece")

    def test_a_copy_has_a_name_of_its_own_and_goes_its_own_way(self) -> None:
        state = self.begin()
        copied = self.client.post(f"/api/pieces/{state['id']}/copy").json()
        self.assertEqual(copied["document"]["name"], "Sample, copy")
        self.assertNotEqual(copied["id"], state["id"])
        self.save(copied, self.json(name="Else"))
        names = sorted(one["name"] for one in self.client.get("/api/pieces").json())
        self.assertEqual(names, ["Else", "Sample"])

    def test_pictures_by_their_bytes(self) -> None:
        headers = {"content-type": "image/png"}
        answer = self.client.post("/api/blobs", content=PNG, headers=headers)
        self.assertEqual(answer.status_code, 201)
        found = self.client.get(f"/api/blobs/{answer.json()['hash']}")
        self.assertEqual((found.content, found.headers["content-type"]), (PNG, "image/png"))
        wrong = self.client.post("/api/blobs", content=PNG, headers={"content-type": "text/html"})
        self.refused(wrong, 422, "document", "is one of image/png, image/jpeg, image/webp; this is “text/html”")

    def test_how_much_a_body_may_hold_depends_on_where_it_goes(self) -> None:
        large = bytes(5_000_000)
        self.assertEqual(
            self.client.post("/api/blobs", content=large, headers={"content-type": "image/png"}).status_code, 201
        )
        self.refused(self.client.post("/api/plan", content=large), 413, "too large", "4,000,000")
        self.refused(
            self.client.post("/api/blobs", content=bytes(12_000_001), headers={"content-type": "image/png"}),
            413, "too large", "12,000,000",
        )  # fmt: skip

    def test_an_older_studio_gets_its_summaries_when_it_is_listed(self) -> None:
        self.begin()
        with sqlite3.connect(self.studio) as db:
            db.execute("DELETE FROM sketch")
        create_app(Config(self.studio, page=None))
        (listed,) = self.client.get("/api/pieces").json()
        self.assertEqual(listed["name"], "Sample")


class RegionRouteTest(WebTestCase):
    def test_a_silhouette_with_a_hole_is_put_on_the_centre(self) -> None:
        path = "M0 0H30V20H0Z M10 5V15H20V5Z"
        size = 'width="100mm" height="100mm" viewBox="0 0 100 100"'
        text = f'<svg xmlns="http://www.w3.org/2000/svg" {size}><path d="{path}"/></svg>'
        found = self.client.post("/api/region/svg", json={"text": text}).json()
        self.assertEqual(len(found["lines"]), 2)
        self.assertEqual((min(found["lines"][0]["x"]), max(found["lines"][0]["y"])), (-15, 10))
        self.refused(
            self.client.post("/api/region/svg", json={"text": "<svg/>"}), 422, "document", "must be a length in mm"
        )

"""The whole studio as a file, over the API."""

import sqlite3

from starlette.testclient import TestClient

from fernring.store import copies
from tests.web.client import WebTestCase

KIND = {"content-type": "application/vnd.sqlite3"}


class CopiesTest(WebTestCase):
    def test_a_copy_is_taken_and_brought_back(self) -> None:
        state = self.begin()
        answer = self.client.post("/api/studio/copy")
        self.assertRegex(answer.headers["content-disposition"], r'filename="studio, \d{4}-\d\d-\d\d\.sqlite"')
        copy = self.folder / "kept.sqlite"
        copy.write_bytes(answer.content)
        copies.check(copy)
        self.save(state, self.json(name="Changed since"), studio=state["studio"])
        back = self.client.post("/api/studio/bring-back", content=copy.read_bytes(), headers=KIND).json()
        self.assertEqual(back["missing"], 0)
        self.assertEqual([one["name"] for one in self.client.get("/api/pieces").json()], ["Sample"])
        with sqlite3.connect(self.folder / back["kept"]) as db:
            self.assertEqual(
                db.execute("SELECT name FROM document WHERE kind = 'piece'").fetchall(), [("Changed since",)]
            )
        db.close()
        late = self.save(state, self.json(name="Unsent until now"), studio=state["studio"])
        self.refused(late, 409, "earlier epoch", "before the studio was restored", "studio")
        self.assertEqual([one for one in self.folder.iterdir() if one.name.startswith(".")], [])

    def test_what_is_no_copy_changes_nothing(self) -> None:
        self.begin()
        answer = self.client.post("/api/studio/bring-back", content=b"no studio", headers=KIND)
        self.refused(answer, 422, "copy", "damaged and was left alone")
        self.assertEqual([one["name"] for one in self.client.get("/api/pieces").json()], ["Sample"])
        self.assertEqual({one.name.split("-")[0] for one in self.folder.iterdir()}, {"studio.sqlite"})

    def test_another_machine_gets_none_and_brings_none(self) -> None:
        away = TestClient(self.app, base_url="http://127.0.0.1:8437", client=("192.168.0.9", 5000))
        for path in ("copy", "bring-back"):
            self.refused(away.post(f"/api/studio/{path}"), 401, "unpaired", "not paired")

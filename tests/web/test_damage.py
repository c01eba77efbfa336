"""Damage is told where it is, and the rest goes on: a damaged state, a file that is gone, keys that stand twice."""

import sqlite3
import zlib
from typing import Any

from tests.web.client import WebTestCase

GONE = {"not JSON": zlib.compress(b"{"), "not compressed": b"nothing of ours", "not ours": zlib.compress(b'{"a": 1}')}


class DamagedPieceTest(WebTestCase):
    def damage(self, state: dict[str, Any], body: bytes) -> None:
        db = sqlite3.connect(self.studio)
        db.execute("UPDATE edit SET body = ? WHERE id = ?", (body, state["head"]))
        db.commit()
        db.close()

    def listed(self, ident: str) -> dict[str, Any]:
        found: list[dict[str, Any]] = self.client.get("/api/pieces").json()
        return next(one for one in found if one["id"] == ident)

    def test_it_does_not_close_the_bench_and_is_taken_back(self) -> None:
        for what, body in GONE.items():
            with self.subTest(what):
                good, state = self.begin(), self.begin()
                saved = self.save(state, self.json(name="Damaged later")).json()
                self.damage(saved, body)
                path = f"/api/documents/{state['id']}"
                self.refused(self.client.get(path), 422, "damaged", "This state")
                listed = self.listed(state["id"])
                self.assertEqual((listed["name"], listed["head"]), ("Damaged later", saved["head"]))
                self.assertIn("This state", listed["damaged"])
                self.assertEqual(self.listed(good["id"])["name"], "Sample")
                kept = self.client.get(f"/api/pieces/{state['id']}/raw")
                self.assertEqual(kept.content, body if what == "not compressed" else zlib.decompress(body))
                mended = self.client.post(f"/api/pieces/{state['id']}/mend").json()
                self.assertEqual((mended["head"], mended["document"]["name"]), (state["head"], "Sample"))
                self.assertNotIn("damaged", self.listed(state["id"]))
                self.assertEqual(self.save(mended, self.json(name="On")).json()["undo"], "Change")

    def test_one_without_any_state_that_can_be_read(self) -> None:
        state = self.begin()
        self.damage(state, b"nothing")
        answer = self.client.post(f"/api/pieces/{state['id']}/mend")
        self.refused(answer, 404, "not found", "No earlier state of this piece can be read")
        self.assertEqual(self.client.get(f"/api/pieces/{state['id']}/raw").content, b"nothing")
        self.refused(self.client.get("/api/pieces/none/raw"), 404, "not found", "no document")


class GoneFileTest(WebTestCase):
    def test_nothing_is_pretended(self) -> None:
        state = self.begin()
        for part in self.folder.glob("studio.sqlite*"):
            part.unlink()
        self.refused(self.save(state, self.json(name="Lost")), 507, "store", "is gone: it was moved or deleted")
        self.refused(self.client.get("/api/pieces"), 507, "store", "is gone")
        self.assertEqual(list(self.folder.iterdir()), [])


class TwiceTest(WebTestCase):
    def test_a_key_that_stands_twice_is_refused(self) -> None:
        text = '{"format": "fernring.piece", "name": "One", "version": 2, "name": "Other"}'
        for path in ("/api/check", "/api/plan"):
            answer = self.client.post(path, content=text, headers={"content-type": "application/json"})
            self.refused(answer, 422, "document", "The key “name” stands twice in one object.")


class NamesTest(WebTestCase):
    def test_downloads_carry_the_name_of_the_piece_in_every_script(self) -> None:
        for name, plain, whole in (
            ("Tide", 'filename="Tide.csv"', "Tide"),
            ("Été à l’étang", 'filename="Ete a l', "%C3%89t%C3%A9%20%C3%A0%20l%E2%80%99%C3%A9tang"),
            ("星の石", 'filename="piece', "%E6%98%9F%E3%81%AE%E7%9F%B3"),
            ("../a:b|c", 'filename="a b c', "a%20b%20c"),
            ('say "hello"', 'filename="say hello', "say%20hello"),
        ):
            answer = self.client.post("/api/files/csv", json={"piece": self.json(name=name)})
            header = answer.headers["content-disposition"]
            with self.subTest(name):
                self.assertIn(plain.removesuffix('.csv"'), header)
                self.assertIn(f"filename*=UTF-8''{whole}%2C%20rows.csv", header)

    def test_the_written_pattern_as_well(self) -> None:
        for kind in ("html", "pdf"):
            answer = self.client.post("/api/print/booklet", json={"piece": self.json(name="Tide"), "format": kind})
            self.assertIn(f'filename="Tide, pattern.{kind}"', answer.headers["content-disposition"])


class OpenApiTest(WebTestCase):
    def test_it_was_made_when_the_program_was_built(self) -> None:
        found = self.client.get("/openapi.json").json()
        self.assertIn("/api/plan", found["paths"])
        self.assertEqual(found["info"]["title"], "Fern Ring")

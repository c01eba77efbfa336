"""Routes that keep things: documents, edits, undo, branches, revisions, the Bench, settings."""

import sqlite3

from fernring.web.app import create_app
from fernring.web.config import Config
from tests.web.client import WebTestCase, token


class EditsTest(WebTestCase):
    def test_an_edit_is_there_after_a_restart(self) -> None:
        state = self.begin()
        saved = self.save(state, self.json(name="Renamed")).json()
        self.assertEqual((saved["undo"], saved["redo"]), ("Change", None))
        create_app(Config(self.studio, page=None))
        again = self.client.get(f"/api/documents/{state['id']}").json()
        self.assertEqual((again["document"]["name"], again["head"]), ("Renamed", saved["head"]))

    def test_undo_and_redo(self) -> None:
        state = self.begin()
        saved = self.save(state, self.json(name="Renamed")).json()
        step = {"branch": saved["branch"], "based_on": saved["head"]}
        back = self.client.post(f"/api/documents/{state['id']}/undo", json=step).json()
        self.assertEqual((back["document"]["name"], back["undo"], back["redo"]), ("Sample", None, "Change"))
        step = {"branch": back["branch"], "based_on": back["head"]}
        again = self.client.post(f"/api/documents/{state['id']}/redo", json=step).json()
        self.assertEqual(again["document"]["name"], "Renamed")

    def test_two_tabs_saving_the_same_piece(self) -> None:
        state = self.begin()
        self.save(state, self.json(name="One"))
        other = self.save(state, self.json(name="Other")).json()
        self.assertEqual(len(other["branches"]), 2)
        self.assertNotEqual(other["branch"], other["main"])
        path = f"/api/documents/{state['id']}"
        self.assertEqual(self.client.get(path).json()["document"]["name"], "One")
        self.assertEqual(self.client.get(path, params={"branch": other["branch"]}).json()["document"]["name"], "Other")
        both = self.client.post(f"{path}/branches/{other['branch']}/separate").json()
        self.assertEqual(both["document"]["name"], "Other")
        self.assertEqual(len(self.client.get("/api/pieces").json()), 2)

    def test_a_change_for_another_studio_or_an_earlier_epoch_is_refused(self) -> None:
        state = self.begin()
        here = state["studio"]
        for made_for, code in (
            ({**here, "id": "0" * 32}, "other studio"),
            ({**here, "epoch": here["epoch"] + 1}, "earlier epoch"),
        ):
            answer = self.save(state, self.json(name="Lost"), studio=made_for)
            self.refused(answer, 409, code, "This change was made", "studio")
        self.assertEqual(self.save(state, self.json(name="Mine"), studio=here).status_code, 200)
        self.assertEqual(self.client.get("/api/studio").json()["studio"], here)

    def test_an_edit_known_from_another_document_is_refused_for_good(self) -> None:
        one, other = self.begin(), self.begin()
        self.save(one, self.json(), ident="a" * 32)
        self.refused(self.save(other, self.json(), ident="a" * 32), 409, "taken", "Another document", "id")

    def test_choosing_a_branch(self) -> None:
        state = self.begin()
        self.save(state, self.json(name="One"))
        other = self.save(state, self.json(name="Other")).json()
        path = f"/api/documents/{state['id']}/branches/{other['branch']}/choose"
        self.assertEqual(self.client.post(path).json()["branches"], [other["branch"]])
        self.assertEqual(self.client.get("/api/pieces").json()[0]["name"], "Other")

    def test_the_main_branch_cannot_be_made_a_piece(self) -> None:
        state = self.begin()
        answer = self.client.post(f"/api/documents/{state['id']}/branches/{state['branch']}/separate")
        self.refused(answer, 422, "document", "Only a side branch")

    def test_a_kit_cannot_be_saved_as_a_piece(self) -> None:
        state = self.begin()
        answer = self.save(state, {"format": "fernring.kit", "version": 1, "tools": []})
        self.refused(answer, 422, "document", "is a piece")

    def test_documents_that_are_not_there(self) -> None:
        self.refused(self.client.get("/api/documents/gone"), 404, "not found", "no document “gone”")
        self.assertEqual(self.client.get("/api/documents/..%2fetc").status_code, 404)
        state = self.begin()
        self.refused(self.save(state, self.json(), based_on=token()), 404, "not found", "not in the ledger")

    def test_a_full_disk_is_said_and_the_piece_stays(self) -> None:
        state = self.begin()
        database = self.app.app.state.database  # type: ignore[attr-defined]
        connect = database._connect

        def full() -> sqlite3.Connection:
            connection: sqlite3.Connection = connect()
            pages = connection.execute("PRAGMA page_count").fetchone()[0]
            connection.execute(f"PRAGMA max_page_count = {pages}")
            return connection

        database._connect = full
        long = self.json(notes="".join(chr(256 + k * 7919 % 1000) for k in range(9000)))
        answers = [self.save(state, long) for _ in range(4)]
        self.refused(answers[-1], 507, "store", "disk .* is full")
        database._connect = connect
        self.assertIn("name", self.client.get(f"/api/documents/{state['id']}").json()["document"])


class RevisionsTest(WebTestCase):
    def test_cut_looked_at_and_brought_back(self) -> None:
        state = self.begin()
        path = f"/api/documents/{state['id']}/revisions"
        cut = self.client.post(path, json={"edit": state["head"], "reason": "asked"}).json()
        self.save(state, self.json(name="Later"))
        self.assertEqual([r["id"] for r in self.client.get(path).json()], [cut["id"]])
        old = self.client.get(f"{path}/{cut['id']}").json()
        self.assertEqual(old["name"], "Sample")

    def test_of_what_is_not_there(self) -> None:
        state = self.begin()
        path = f"/api/documents/{state['id']}/revisions"
        self.refused(self.client.get(f"{path}/99"), 404, "not found", "no revision 99")
        self.refused(self.client.post(path, json={"edit": token(), "reason": "asked"}), 404, "not found", "ledger")


class BenchTest(WebTestCase):
    def test_delete_and_bring_back(self) -> None:
        state = self.begin()
        path = f"/api/pieces/{state['id']}"
        self.assertEqual(self.client.delete(path).status_code, 204)
        self.assertEqual(self.client.get("/api/pieces").json(), [])
        self.refused(self.client.get(f"/api/documents/{state['id']}"), 404, "not found", "no document")
        self.assertEqual(self.client.post(f"{path}/restore").status_code, 204)
        self.assertEqual(len(self.client.get("/api/pieces").json()), 1)

    def test_settings(self) -> None:
        first = self.client.get("/api/studio").json()
        self.assertEqual((first["units"], first["scheme"]), ("mm", "auto"))
        self.client.put("/api/studio", json={"units": "inch", "scheme": "dark"})
        self.assertEqual(self.client.get("/api/studio").json()["units"], "inch")
        self.refused(
            self.client.put("/api/studio", json={"units": "ell", "scheme": "dark"}),
            422,
            "value",
            "must be one of",
            "units",
        )

    def test_kit_and_shelf_have_a_ledger_too(self) -> None:
        studio = self.client.get("/api/studio").json()
        for ident in (studio["kit"], studio["shelf"]):
            state = self.client.get(f"/api/documents/{ident}").json()
            self.assertEqual(self.save(state, state["document"]).json()["undo"], "Change")


class FilesTest(WebTestCase):
    def test_every_kind_of_file(self) -> None:
        for kind, start in (
            ("svg", b"<svg"),
            ("png", b"\x89PNG"),
            ("csv", b"row,"),
            ("json", b"{"),
        ):
            answer = self.client.post(f"/api/files/{kind}", json={"piece": self.json()})
            self.assertEqual(answer.status_code, 200, kind)
            self.assertTrue(answer.content.startswith(start), kind)
            self.assertIn("attachment", answer.headers["content-disposition"])

    def test_a_file_opens_in_another_studio_without_loss(self) -> None:
        text = self.client.post("/api/files/json", json={"piece": self.json()}).json()
        self.assertEqual(self.client.post("/api/check", json=text).json(), self.json())

"""The logbook over the wire: told once however often, timers of all pieces, the lead, and news to open pages."""

from typing import Any
from unittest import mock

from fernring.store import happenings
from tests.web.client import WebTestCase, token

DONE = {"kind": "done", "step": "dots/a", "words": "Row 1", "kind_of_step": "dots", "usual": 3.0,
        "dries": [{"state": "touch", "minutes": 40.0, "usual": 40.0, "frees": ["Row 2"]}],
        "next": {"stage": "painting", "sitting": 1, "sittings": 2, "left": 9, "wait": 40.0}}  # fmt: skip


class LogbookTest(WebTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.piece = self.begin()["id"]
        self.page = token()

    def event(self, what: dict[str, Any], **more: Any) -> dict[str, Any]:
        return {"id": token(), "page": self.page, "what": what, **more}

    def tell(self, *events: dict[str, Any], piece: str = "", **more: Any) -> Any:
        return self.client.post(f"/api/documents/{piece or self.piece}/logbook", json={"events": events, **more})

    def lead(self) -> Any:
        return self.tell(self.event({"kind": "lead"})).json()

    def book(self) -> Any:
        return self.client.get(f"/api/documents/{self.piece}/logbook").json()

    def test_told_twice_it_is_kept_once(self) -> None:
        self.lead()
        event = self.event(DONE, ago=600.0)
        for _ in range(3):
            answer = self.tell(event)
            self.assertEqual(answer.status_code, 200, answer.text)
        book = self.book()
        self.assertEqual(book["number"], answer.json()["number"])
        self.assertEqual([one["step"] for one in book["done"]], ["dots/a"])
        self.assertAlmostEqual(book["now"] - book["done"][0]["at"], 600, delta=5)
        self.assertAlmostEqual(book["timers"][0]["due"] - book["now"], 1800, delta=5)

    def test_timers_of_all_pieces_but_deleted_ones(self) -> None:
        self.lead()
        self.tell(self.event(DONE))
        other = self.begin()["id"]
        self.tell(self.event({"kind": "lead"}), self.event(DONE), piece=other)
        pieces = {one["piece"] for one in self.client.get("/api/table/timers").json()["pieces"]}
        self.assertEqual(pieces, {self.piece, other})
        self.client.delete(f"/api/pieces/{other}")
        found = self.client.get("/api/table/timers").json()["pieces"]
        self.assertEqual([(one["piece"], one["timers"][0]["frees"]) for one in found], [(self.piece, ["Row 2"])])
        self.refused(self.tell(self.event(DONE), piece=other), 404, "not found", "no piece")
        self.refused(self.client.get(f"/api/documents/{other}/logbook"), 404, "not found", "no piece")

    def test_the_bench_says_where_a_piece_is(self) -> None:
        def listed() -> Any:
            return next(one for one in self.client.get("/api/pieces").json() if one["id"] == self.piece)

        self.assertIsNone(listed()["at_work"])
        self.lead()
        self.tell(self.event({"kind": "sit"}, ago=300.0), self.event(DONE))
        work = listed()["at_work"]
        self.assertEqual((work["progress"]["stage"], work["progress"]["left"], work["resting"]), ("painting", 9, False))
        self.assertAlmostEqual(work["drying"] - self.book()["now"], 2400, delta=5)
        self.assertAlmostEqual(work["minutes"], 5.0, delta=0.1)

    def test_only_a_page_that_has_led_marks_steps(self) -> None:
        self.refused(self.tell(self.event(DONE)), 422, "document", "take the lead first", "events")
        self.assertEqual(self.lead()["lead"], {"page": self.page, "name": "the studio's machine"})
        first, self.page = self.page, token()
        self.lead()
        self.page = first  # it was away when it lost the lead, and had marked a step before
        self.assertEqual(self.tell(self.event(DONE)).status_code, 200)
        self.page = token()
        correction = self.event({"kind": "corrected", "sitting": 1, "minutes": 12.0})
        self.assertEqual(self.tell(correction).json()["sittings"][0]["minutes"], 12.0)

    def test_bad_events_are_refused_and_nothing_of_them_is_kept(self) -> None:
        self.lead()
        before = self.book()["number"]
        for event, field in (
            (self.event(DONE, ago=-1.0), "events.0.ago"),
            (self.event(DONE, ago=1e9), "events.0.ago"),
            (self.event(DONE, ago="1.0"), "events.0.ago"),
            (self.event({**DONE, "step": 5}), "events.0.what.step"),
            (self.event({**DONE, "words": 5}), "events.0.what.words"),
            (self.event({**DONE, "usual": "3"}), "events.0.what.usual"),
            (self.event({**DONE, "usual": 20_001}), "events.0.what.usual"),
            (self.event({**DONE, "next": {**DONE["next"], "left": "9"}}), "events.0.what.next.left"),
            (self.event({**DONE, "dries": [DONE["dries"][0]] * 5}), "events.0.what.dries"),
            (self.event({"kind": "corrected", "sitting": 1, "minutes": 1441.0}), "events.0.what.minutes"),
            (self.event({"kind": "corrected", "sitting": 0, "minutes": 1.0}), "events.0.what.sitting"),
            (self.event({**DONE, "step": ""}), "events.0.what.step"),
            (self.event({"kind": "fly"}), "events.0.what"),
            (self.event({"kind": "happened", "what": "rain", "step": "a"}), "events.0.what.what"),
            ({**self.event(DONE), "id": "x"}, "events.0.id"),
        ):
            answer = self.tell(event)
            self.assertEqual(answer.status_code, 422, answer.text)
            self.assertTrue(answer.json()["field"].startswith(field), answer.json())
        self.refused(self.tell(), 422, "value", "at least 1", "events")
        taken = self.event({"kind": "sit"})
        self.tell(taken)
        other = self.begin()["id"]
        self.tell(self.event({"kind": "lead"}), piece=other)
        self.refused(self.tell(taken, piece=other), 409, "taken", "Another piece's logbook")
        studio = {"id": token(), "epoch": 1}
        self.assertEqual(self.tell(self.event(DONE), studio=studio).status_code, 409)
        self.assertEqual(self.book()["number"], before + 1)

    def test_open_pages_hear_what_changed(self) -> None:
        with self.client.websocket_connect("/api/news", headers={"host": "127.0.0.1:8437"}) as stream:
            self.lead()
            self.assertEqual(stream.receive_json(), {"piece": self.piece, "part": "logbook"})
            state = self.client.get(f"/api/documents/{self.piece}").json()
            self.save(state, self.json(name="Other"))
            self.assertEqual(stream.receive_json(), {"piece": self.piece, "part": "document"})

    def test_a_logbook_that_is_full_says_so(self) -> None:
        self.lead()
        with mock.patch.object(happenings, "MOST", 3):
            for _ in range(2):
                self.assertEqual(self.tell(self.event({"kind": "sit"})).status_code, 200)
            self.refused(self.tell(self.event({"kind": "sit"})), 409, "taken", "holds 3 entries", "events")

    def test_what_all_pieces_teach(self) -> None:
        for _ in range(2):
            self.lead()
            dry = self.event({"kind": "dry", "step": "dots/a", "state": "touch"})
            self.tell(self.event({"kind": "sit"}, ago=900.0), self.event(DONE, ago=720.0), dry)
            self.assertEqual(self.book()["taught"], 1)
            self.piece = self.begin()["id"]
        taught = self.client.get("/api/table/taught").json()
        self.assertEqual([(one["expected"], one["dry"]) for one in taught["reports"]], [(40.0, True)] * 2)
        self.assertAlmostEqual(taught["reports"][0]["minutes"], 12.0, delta=0.1)
        self.assertEqual([(one["kind"], one["expected"]) for one in taught["paces"]], [("dots", 3.0)] * 2)
        answer = self.client.post("/api/work", json={"piece": self.json(), **taught})
        self.assertEqual(answer.status_code, 200, answer.text)

    def test_new_pieces_begin_with_the_studios_choices(self) -> None:
        sets = [one["stock"] for one in self.client.get("/api/begin/starters").json()]
        work = {"coats": 1, "petals": "one by one", "moves": [{"step": "a", "before": "b"}]}
        self.assertEqual(self.client.put("/api/studio/schools", json=work).status_code, 204)
        for stock in sets:
            kind = stock["format"].removeprefix("fernring.")
            state = self.client.get(f"/api/documents/{kind}").json()
            if not state["document"].get("tools") and not state["document"].get("paints"):
                self.save(state, stock)
        begun = self.client.get("/api/begin/piece").json()["work"]
        self.assertEqual((begun["coats"], begun["petals"], begun["moves"]), (1, "one by one", []))
        self.assertEqual(self.client.put("/api/studio/schools", json={"coats": 9}).status_code, 422)

    def test_what_happens_at_the_table(self) -> None:
        found = self.client.get("/api/table/mishaps").json()
        self.assertEqual(len(found), 14)
        self.assertEqual({"id", "name", "wet", "dry", "tools", "waits", "asks", "repairs"}, set(found[0]))


class PaintedRouteTest(WebTestCase):
    def changed(self, document: dict[str, Any], changes: list[dict[str, Any]]) -> dict[str, Any]:
        for change in changes:
            node: Any = document
            for step in change["path"][:-1]:
                node = node[step]
            if isinstance(node, list) and change["path"][-1] == len(node):
                node.append(change["value"])
            else:
                node[change["path"][-1]] = change["value"]
        return document

    def test_begun_found_and_mended(self) -> None:
        piece = self.json()
        row = piece["rows"][2]["id"]
        begun = self.client.post("/api/painted/begun", json={"piece": piece, "begun": [{"row": row}]}).json()
        piece = self.changed(piece, begun)
        self.assertEqual(len(piece["rows"][2]["painted"]["parts"]), 1)
        body = {"piece": piece, "row": 2, "dots": [0], "found": {"diameter": 4.4}}
        piece = self.changed(piece, self.client.post("/api/painted/found", json=body).json())
        self.assertEqual(piece["rows"][2]["painted"]["parts"][0]["measured"], [0])
        for kind in ("cover", "accent", "hair line"):
            body = {"piece": piece, "row": 2, "dot": 0, "kind": kind}
            piece = self.changed(piece, self.client.post("/api/painted/repair", json=body).json())
        self.assertEqual([one["id"] for one in piece["work"]["repairs"]], ["repair-1", "repair-2", "repair-3"])
        kinds = [step["kind"] for step in self.client.post("/api/work", json={"piece": piece}).json()["steps"]]
        for kind in ("cover", "again", "accent", "hair line"):
            self.assertEqual(kinds.count(kind), 1, kind)
        self.assertLess(kinds.index("cover"), kinds.index("again"))
        made = self.client.post("/api/pieces", json={"piece": piece}).json()
        copy = self.client.post(f"/api/pieces/{made['id']}/copy").json()
        self.assertEqual({row["painted"] for row in copy["document"]["rows"] if row["painted"] is None}, {None})
        self.assertIsNone(copy["document"]["rows"][2]["painted"])

    def test_bad_asks(self) -> None:
        piece = self.json()
        ask = {"piece": piece, "row": 2, "dots": [0], "found": {"diameter": 4.4}}
        self.refused(self.client.post("/api/painted/found", json=ask), 422, "fit", "was not begun", "row")
        for more, field in (
            ({"dots": []}, "dots"),
            ({"found": {"diameter": 0.0}}, "found"),
            ({"found": {"right": 1e4}}, "found"),
        ):
            answer = self.client.post("/api/painted/found", json={**ask, **more})
            self.assertEqual((answer.status_code, answer.json()["field"].split(".")[0]), (422, field))
        bad = {"piece": piece, "row": 2, "dot": 5000, "kind": "accent"}
        self.refused(self.client.post("/api/painted/repair", json=bad), 422, "fit", "there is no number", "dot")

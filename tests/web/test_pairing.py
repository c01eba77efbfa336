"""Other devices: nothing is answered unpaired, a code lets one in, and what it may then do."""

import re
from base64 import b64encode
from hashlib import sha256
from typing import Any
from unittest import mock

import cv2
import numpy as np
from starlette.testclient import TestClient
from starlette.websockets import WebSocketDisconnect

from fernring.store import devices
from fernring.web import door, pairing_page
from fernring.web.app import create_app
from fernring.web.config import Config
from fernring.web.qr import qr_path, qr_text
from tests.web.client import WebTestCase

LAN = "http://studio.test:8437"
HTML = {"accept": "text/html"}


class PairingTest(WebTestCase):
    def setUp(self) -> None:
        super().setUp()
        hosts = ("127.0.0.1", "localhost", "studio.test")
        self.app = create_app(Config(self.studio, page=None, hosts=hosts, lan="studio.test"))
        self.client = TestClient(self.app, base_url="http://127.0.0.1:8437")
        self.tablet = self.device()

    def device(self) -> TestClient:
        return TestClient(self.app, base_url=LAN)

    def code(self) -> str:
        answer = self.client.post("/api/devices/code")
        self.assertEqual(answer.status_code, 200, answer.text)
        return str(answer.json()["code"])

    def pair(self, code: str, device: TestClient | None = None) -> Any:
        return (device or self.tablet).post("/api/pair", json={"code": code, "name": "Tablet"})

    def listed(self) -> Any:
        return self.client.get("/api/devices").json()["devices"]

    def test_unpaired_nothing_is_answered_but_how_to_pair(self) -> None:
        for path in ("/api/pieces", "/api/alive", "/openapi.json", "/ring.svg", "/assets/index.js", "/nothing"):
            self.refused(self.tablet.get(path), 401, "unpaired", "not paired")
        self.refused(self.tablet.post("/api/plan", json=self.json()), 401, "unpaired", "not paired")
        for path in ("/", "/piece/x/table", "/api/pieces"):
            answer = self.tablet.get(path, headers=HTML)
            self.assertEqual((answer.status_code, answer.text), (401, pairing_page.PAGE))
            self.assertEqual(answer.headers["content-security-policy"], pairing_page.POLICY)
        with (
            self.assertRaises(WebSocketDisconnect),
            self.tablet.websocket_connect("/api/news", headers={"host": "studio.test"}),
        ):
            pass

    def test_the_page_is_whole_in_itself(self) -> None:
        """Its script and style are allowed by their hashes, and it names no other file or host."""
        for tag in ("script", "style"):
            inside = re.search(f"<{tag}>(.*?)</{tag}>", pairing_page.PAGE, re.S)
            assert inside
            digest = sha256(inside[1].encode()).digest()
            self.assertIn(b64encode(digest).decode(), pairing_page.POLICY)
        self.assertNotRegex(pairing_page.PAGE, r"(src|href)=|https?:")
        self.assertNotIn("unsafe", pairing_page.POLICY)

    def test_a_code_lets_one_device_in_once(self) -> None:
        code = self.code()
        self.assertEqual(len(code), 8)
        answer = self.pair(code.lower())
        self.assertEqual(answer.status_code, 204, answer.text)
        cookie = answer.headers["set-cookie"]
        for word in ("HttpOnly", "SameSite=strict", "Path=/"):
            self.assertIn(word, cookie)
        self.assertEqual(self.tablet.get("/api/pieces").status_code, 200)
        self.refused(self.pair(code, self.device()), 403, "pairing", "no code that is valid")
        (one,) = self.listed()
        self.assertEqual(one["name"], "Tablet")
        secret = self.tablet.cookies[door.COOKIE]
        self.assertEqual(len(bytes.fromhex(secret)), 32)
        kept = b"".join(part.read_bytes() for part in self.folder.iterdir())
        self.assertNotIn(secret.encode(), kept)
        self.assertIn(sha256(secret.encode()).digest(), kept)

    def test_a_code_that_is_guessed_is_used_up(self) -> None:
        code = self.code()
        for left in (4, 3, 2, 1):
            self.refused(self.pair("WRONGONE"), 403, "pairing", f"{left} tries are left")
        self.refused(self.pair("WRONGONE"), 403, "pairing", "wrong too often")
        self.refused(self.pair(code), 403, "pairing", "no code that is valid")
        self.assertEqual(self.listed(), [])

    def test_a_code_grows_old_and_a_new_one_takes_its_place(self) -> None:
        first, second = self.code(), self.code()
        self.refused(self.pair(first), 403, "pairing", "not the code")
        with mock.patch.object(door, "monotonic", lambda: 1e12):
            self.refused(self.pair(second), 403, "pairing", "no code that is valid")

    def test_a_device_that_is_revoked_is_out_and_its_streams_end(self) -> None:
        self.pair(self.code())
        ident = self.listed()[0]["id"]
        headers = {"host": "studio.test:8437", "cookie": f"{door.COOKIE}={self.tablet.cookies[door.COOKIE]}"}
        with TestClient(self.app) as client, client.websocket_connect("/api/news", headers=headers) as stream:
            self.assertEqual(self.client.delete(f"/api/devices/{ident}").status_code, 204)
            with self.assertRaises(WebSocketDisconnect) as gone:
                stream.receive_json()
            self.assertEqual(gone.exception.code, 4403)
        self.refused(self.tablet.get("/api/pieces"), 401, "unpaired", "not paired")
        self.refused(self.client.delete(f"/api/devices/{ident}"), 404, "not found", "no such device")

    def test_what_a_paired_device_may_not_do(self) -> None:
        piece = self.begin()["id"]
        self.pair(self.code())
        ask = self.tablet.request
        for method, path in (
            ("POST", "/api/studio/copy"), ("POST", "/api/studio/bring-back"), ("POST", "/api/studio/everything"),
            ("POST", "/api/studio/bring-in"), ("POST", "/api/devices/code"), ("DELETE", "/api/devices/1"),
            ("DELETE", f"/api/pieces/{piece}"), ("POST", f"/api/pieces/{piece}/restore"),
        ):  # fmt: skip
            self.refused(ask(method, path), 403, "away", "own machine only")
        found = self.tablet.get("/api/devices").json()
        self.assertEqual((found["here"], found["devices"]), (False, []))
        led = {"id": "1" * 32, "page": "2" * 32, "what": {"kind": "lead"}}
        book = self.tablet.post(f"/api/documents/{piece}/logbook", json={"events": [led]}).json()
        self.assertEqual(book["lead"]["name"], "Tablet")

    def test_origin_is_checked_for_streams_and_for_pairing(self) -> None:
        foreign = {"host": "127.0.0.1:8437", "origin": "http://evil.example"}
        with self.assertRaises(WebSocketDisconnect), self.client.websocket_connect("/api/news", headers=foreign):
            pass
        own = {"host": "127.0.0.1:8437", "origin": "http://127.0.0.1:8437"}
        with self.client.websocket_connect("/api/news", headers=own):
            pass
        answer = self.tablet.post(
            "/api/pair", json={"code": self.code(), "name": "T"}, headers={"origin": "http://evil.example"}
        )
        self.refused(answer, 403, "origin", "another site")

    def test_no_more_devices_than_fit_a_list(self) -> None:
        with self.app.door._database.writing() as db:
            for k in range(devices.MOST):
                devices.add(db, f"D{k}", sha256(str(k).encode()).digest())
        self.refused(self.pair(self.code()), 409, "taken", "at most 40 devices", "name")

    def test_only_the_names_it_was_started_with(self) -> None:
        self.refused(TestClient(self.app, base_url="http://other.test").get("/"), 400, "host", "this machine only")


class QrTest(WebTestCase):
    def picture(self, rows: np.ndarray) -> str:
        large = np.kron(np.where(rows, 0, 255), np.ones((8, 8))).astype(np.uint8)
        return str(cv2.QRCodeDetector().detectAndDecode(large)[0])

    def test_the_code_reads_back(self) -> None:
        """Source: OpenCV's detector."""
        for text in ("http://192.168.1.20:8437/#ABCD2346", "http://studio.test:8437/#WXYZ9876"):
            path, wide = qr_path(text)
            rows = np.zeros((wide, wide), bool)
            for x, y in re.findall(r"M(\d+) (\d+)", path):
                rows[int(y), int(x)] = True
            self.assertEqual(self.picture(rows), text)
            halves = {"█": (0, 0), "▀": (0, 1), "▄": (1, 0), " ": (1, 1)}
            lines = [[halves[letter] for letter in line] for line in qr_text(text).splitlines()]
            shown = np.array([[cell[k] for cell in line] for line in lines for k in (0, 1)], bool)
            self.assertEqual(self.picture(np.pad(shown, 4)), text)

"""Everything of a studio as open files, over the API."""

import io
import zipfile
from base64 import b64decode

import orjson
from starlette.testclient import TestClient

from fernring.web.app import create_app
from fernring.web.config import Config
from tests import samples
from tests.web.client import WebTestCase

KIND = {"content-type": "application/octet-stream"}


class EverythingTest(WebTestCase):
    def whole(self) -> bytes:
        """The ZIP in the last line; the others tell of each file as it is done."""
        answer = self.client.post("/api/studio/everything")
        *told, last = [orjson.loads(line) for line in answer.content.splitlines()]
        self.assertEqual([one["done"] for one in told], list(range(1, told[0]["of"] + 1)))
        return b64decode(last["zip"])

    def test_out_of_one_studio_and_into_another(self) -> None:
        state = self.begin()
        kit = {"format": "fernring.kit", "version": 2, "tools": [samples.tools()[0].model_dump(mode="json")]}
        empty = self.client.get("/api/documents/kit").json()
        self.assertEqual(self.save(empty, kit).status_code, 200)
        picture = self.client.post("/api/blobs", content=b"\x89PNG", headers={"content-type": "image/png"}).json()[
            "hash"
        ]
        data = self.whole()
        names = zipfile.ZipFile(io.BytesIO(data)).namelist()
        ident = state["id"]
        self.assertEqual(
            names, [f"pieces/Sample {ident}.json", f"pieces/Sample {ident}.csv", "kit.json", "shelf.json",
                    f"pictures/{picture}.png"]
        )  # fmt: skip
        other = TestClient(
            create_app(Config(self.folder / "other.sqlite", page=None)), base_url="http://127.0.0.1:8437"
        )
        found = other.post("/api/studio/bring-in", content=data, headers=KIND).json()
        self.assertEqual(found, {"pieces": 1, "kit": True, "shelf": False})
        self.assertEqual([one["name"] for one in other.get("/api/pieces").json()], ["Sample"])
        self.assertEqual(len(other.get("/api/documents/kit").json()["document"]["tools"]), 1)
        again = self.client.post("/api/studio/bring-in", content=data, headers=KIND).json()
        self.assertEqual(again, {"pieces": 1, "kit": False, "shelf": False}, "a kit in use stays as it is")
        self.assertEqual(len(self.client.get("/api/pieces").json()), 2)

    def test_one_bad_file_and_nothing_comes_in(self) -> None:
        out = io.BytesIO()
        with zipfile.ZipFile(out, "w") as archive:
            archive.writestr("good.json", zipfile.ZipFile(io.BytesIO(self.whole())).read("kit.json"))
            archive.writestr("bad.json", b'{"format": "fernring.piece", "version": 2}')
        answer = self.client.post("/api/studio/bring-in", content=out.getvalue(), headers=KIND)
        self.refused(answer, 422, "document", "^bad json: ", "file")
        self.assertEqual(self.client.get("/api/pieces").json(), [])

    def test_another_machine_brings_nothing_in(self) -> None:
        away = TestClient(self.app, base_url="http://127.0.0.1:8437", client=("192.168.0.9", 5000))
        self.refused(away.post("/api/studio/bring-in", content=self.whole()), 401, "unpaired", "not paired")

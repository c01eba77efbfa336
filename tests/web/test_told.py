"""A ZIP told of line by line: what cannot be made is said, since the answer has begun by then."""

import json
from base64 import b64decode
from io import BytesIO
from typing import Any
from unittest import TestCase
from zipfile import ZipFile

from fastapi import FastAPI
from starlette.testclient import TestClient

from fernring.core.errors import CalledOffError, FernError, SpentError
from fernring.formats.zipped import Part
from fernring.web.told import told_zip


def lines(*files: Part) -> list[dict[str, Any]]:
    app = FastAPI()
    app.get("/")(lambda: told_zip(list(files)))
    return [json.loads(line) for line in TestClient(app).get("/").text.splitlines()]


def failing(error: FernError) -> Part:
    def make() -> bytes:
        raise error

    return "second.txt", make


FIRST: Part = "first.txt", lambda: b"one"
DONE = {"done": 1, "of": 2, "name": "first.txt"}


class ToldTest(TestCase):
    def test_each_file_and_the_whole(self) -> None:
        *told, last = lines(FIRST, ("none.txt", lambda: None))
        self.assertEqual(told, [DONE, {"done": 2, "of": 2, "name": "none.txt"}])
        archive = ZipFile(BytesIO(b64decode(last["zip"])))
        self.assertEqual([(name, archive.read(name)) for name in archive.namelist()], [("first.txt", b"one")])

    def test_what_cannot_be_made_is_the_last_that_is_said(self) -> None:
        problem = {"code": SpentError.code, "field": "rows.2", "message": "Too much."}
        self.assertEqual(lines(FIRST, failing(SpentError("Too much.", "rows.2"))), [DONE, {"problem": problem}])

    def test_what_was_called_off_ends_without_a_word(self) -> None:
        self.assertEqual(lines(FIRST, failing(CalledOffError("Called off."))), [DONE])

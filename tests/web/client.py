"""The API under test: the guarded application on a studio file of its own, without a network."""

import shutil
import tempfile
from pathlib import Path
from typing import Any
from uuid import uuid4

from starlette.testclient import TestClient

from fernring.core.document.piece import Piece
from fernring.web.app import create_app
from fernring.web.config import Config
from tests import patterns, samples
from tests.assertions import FernTestCase


def token() -> str:
    return uuid4().hex


class WebTestCase(FernTestCase):
    def setUp(self) -> None:
        self.folder = Path(tempfile.mkdtemp())
        self.addCleanup(shutil.rmtree, self.folder)
        self.studio = self.folder / "studio.sqlite"
        self.app = create_app(Config(self.studio, page=None))
        self.client = TestClient(self.app, base_url="http://127.0.0.1:8437")

    def json(self, sample: Piece | None = None, **more: Any) -> dict[str, Any]:
        return {**(sample or samples.five_rows()).model_dump(mode="json"), **more}

    def with_rows(self, *rows: dict[str, Any], **more: Any) -> dict[str, Any]:
        """The sample piece of patterns with these rows instead."""
        numbered = [{**row, "trims": patterns.numbered(row.get("trims", ()))} for row in rows]
        return self.json(patterns.piece("petals"), rows=numbered, **more)

    def begin(self) -> dict[str, Any]:
        """A piece on the Bench; answers its state."""
        answer = self.client.post("/api/pieces", json={"piece": self.json()})
        self.assertEqual(answer.status_code, 201, answer.text)
        state: dict[str, Any] = answer.json()
        return state

    def save(
        self, state: dict[str, Any], document: dict[str, Any], based_on: str = "", ident: str = "", **more: Any
    ) -> Any:
        edit = {
            **more,
            "id": ident or token(),
            "branch": state["branch"],
            "based_on": based_on or state["head"],
            "label": "Change",
            "document": document,
        }
        return self.client.post(f"/api/documents/{state['id']}/edits", json=edit)

    def refused(self, answer: Any, status: int, code: str, words: str, field: str | None = None) -> None:
        """The answer is a Problem in the one shape, with a sentence that says so."""
        self.assertEqual(answer.status_code, status, answer.text)
        problem = answer.json()
        self.assertEqual(set(problem), {"code", "field", "message"})
        self.assertEqual(problem["code"], code, problem)
        self.assertRegex(problem["message"], words)
        if field is not None:
            self.assertEqual(problem["field"], field)

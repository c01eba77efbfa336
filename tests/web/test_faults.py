"""A fault of the program: it is answered in the one shape, logged, and shows nothing of the inside."""

from unittest.mock import patch

from starlette.testclient import TestClient

from tests.web.client import WebTestCase


class FaultTest(WebTestCase):
    def test_it_is_answered_and_logged(self) -> None:
        quiet = TestClient(self.app, base_url="http://127.0.0.1:8437", raise_server_exceptions=False)
        with (
            patch("fernring.web.planning.plan", side_effect=ZeroDivisionError("inside")),
            self.assertLogs("fernring", "ERROR") as logged,
        ):
            answer = quiet.post("/api/plan", json=self.json())
        self.refused(answer, 500, "fault", "a fault of its own; nothing was changed")
        self.assertNotIn("inside", answer.text)
        self.assertIn("Content-Security-Policy", answer.headers)
        self.assertIn("POST /api/plan failed", logged.output[0])
        self.assertIn("ZeroDivisionError: inside", logged.output[0])

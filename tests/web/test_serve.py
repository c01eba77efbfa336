"""How the server is set up, whatever stands in the environment."""

import os
from unittest.mock import patch

from starlette.types import Receive, Scope, Send

from fernring.web.serve import configured
from tests.assertions import FernTestCase


class ServeTest(FernTestCase):
    def test_no_header_makes_another_client_of_who_asks(self) -> None:
        with patch.dict(os.environ, {"FORWARDED_ALLOW_IPS": "*", "UVICORN_PROXY_HEADERS": "1"}):
            config = configured(_nothing)
            config.load()
        self.assertFalse(config.proxy_headers)
        self.assertIs(config.loaded_app, _nothing, "nothing stands before the application")


async def _nothing(scope: Scope, receive: Receive, send: Send) -> None:
    """An application that answers nobody."""

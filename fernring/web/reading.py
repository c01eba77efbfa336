"""Request bodies parsed by orjson: quick, and bounded in depth."""

from collections.abc import Callable, Coroutine
from typing import Any

import orjson
from fastapi import Request, Response
from fastapi.routing import APIRoute


class QuickRequest(Request):
    async def json(self) -> Any:
        if not hasattr(self, "_json"):
            self._json = orjson.loads(await self.body())
        return self._json


class QuickRoute(APIRoute):
    """A route whose body is read by orjson (its JSONDecodeError is json's own)."""

    def get_route_handler(self) -> Callable[[Request], Coroutine[Any, Any, Response]]:
        handler = super().get_route_handler()

        async def quick(request: Request) -> Response:
            return await handler(QuickRequest(request.scope, request.receive))

        return quick

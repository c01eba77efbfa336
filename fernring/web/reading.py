"""Request bodies: parsed by orjson, quick and bounded in depth; documents of earlier versions upgraded on arrival."""

from collections.abc import Callable, Coroutine
from typing import Annotated, Any

import orjson
from fastapi import Request, Response
from fastapi.routing import APIRoute
from pydantic import BeforeValidator, Field

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.document.shelf import Shelf
from ..core.document.upgrades import upgraded

PieceBody = Annotated[Piece, BeforeValidator(upgraded)]
DocumentBody = Annotated[
    Annotated[Piece | Kit | Shelf, Field(discriminator="format")],
    BeforeValidator(upgraded),
]


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

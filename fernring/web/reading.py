"""Request bodies: parsed by orjson, quick and bounded in depth; documents of earlier versions upgraded on arrival."""

from collections.abc import Callable, Coroutine
from contextlib import suppress
from typing import Annotated, Any

import orjson
from fastapi import Request, Response
from fastapi.routing import APIRoute
from pydantic import BeforeValidator, Field

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.document.shelf import Shelf
from ..core.document.upgrades import upgraded
from ..formats.json_text import parsed

PieceBody = Annotated[Piece, BeforeValidator(upgraded)]
KitBody = Annotated[Kit, BeforeValidator(upgraded)]
ShelfBody = Annotated[Shelf, BeforeValidator(upgraded)]
DocumentBody = Annotated[
    Annotated[Piece | Kit | Shelf, Field(discriminator="format")],
    BeforeValidator(upgraded),
]


class QuickRequest(Request):
    async def json(self) -> Any:
        if not hasattr(self, "_json"):
            body = await self.body()
            self._json = parsed(body) if body else None
        return self._json


class QuickRoute(APIRoute):
    """A route whose body is read by us (orjson's JSONDecodeError is json's own)."""

    def get_route_handler(self) -> Callable[[Request], Coroutine[Any, Any, Response]]:
        handler = super().get_route_handler()

        async def quick(request: Request) -> Response:
            ours = QuickRequest(request.scope, request.receive)
            with suppress(orjson.JSONDecodeError):  # FastAPI meets it again, and says so in the one shape
                await ours.json()
            return await handler(ours)

        return quick

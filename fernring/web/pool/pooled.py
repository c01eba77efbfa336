"""The middleware that hands calculations to the pool. Plain ASGI, between the guard and the application."""

import asyncio
from collections import OrderedDict
from pathlib import Path

from starlette.datastructures import Headers
from starlette.exceptions import HTTPException
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from ..errors import error_response
from .lane import Job, Lane

EDITING = ("/api/plan", "/api/blank")
HEAVY = (
    "/api/fits", "/api/remedies", "/api/slack", "/api/next-row", "/api/row-below", "/api/begin/row", "/api/compose",
    "/api/files/", "/api/print/", "/api/pictures/", "/api/studio/everything",
    "/api/path/", "/api/region/", "/api/outline/", "/api/work", "/api/painted/", "/api/recipes", "/api/amounts",
    "/api/colours", "/api/palettes", "/api/graded", "/api/nearest-tools",
)  # fmt: skip
PICTURES = "/api/pictures/"
GALLERY = "/api/compose/sketch"  # many at once: whichever lane is free takes the next
SLOW_S = 1.0
BEHIND = 3  # niceness: beside a busy core a third of it is left, so that what is heavy goes on
MOST_ASKERS = 200
CLOSING = "closing", "The studio is closing; what was asked was not calculated."
STATUS = {"too many": 503, "replaced": 409, "too long": 503, "fault": 500}


class Pooled:
    """Two lanes, each with a worker of its own: one for pages that are being edited, which keep their last plans
    there, and one for everything else, at lower priority. A page whose plans take long goes to the other lane.
    """

    def __init__(self, app: ASGIApp, studio: Path) -> None:
        self.app = app
        self.editing, self.heavy = Lane(studio, 0), Lane(studio, BEHIND)
        self.editing.beside, self.heavy.beside = self.heavy, self.editing
        self.slow: OrderedDict[str, bool] = OrderedDict()

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] == "lifespan":
            await self.app(scope, self._opening(receive), send)
        elif scope["type"] == "http" and scope["path"].startswith(EDITING + HEAVY):
            await self._calculate(scope, receive, send)
        else:
            await self.app(scope, receive, send)

    def _opening(self, receive: Receive) -> Receive:
        """The lanes open and close with the application."""

        async def told() -> Message:
            message = await receive()
            if message["type"] == "lifespan.startup":
                self.editing.open()
                self.heavy.open()
            elif message["type"] == "lifespan.shutdown":
                await asyncio.gather(self.editing.close(), self.heavy.close())
            return message

        return told

    async def _calculate(self, scope: Scope, receive: Receive, send: Send) -> None:
        asker = Headers(scope=scope).get("fern-asker")
        lane = self._lane(scope["path"], asker)
        first = asker is not None or scope["path"].startswith(PICTURES)
        if not lane.stands or (first and not lane.begun):
            return await self.app(scope, receive, send)  # the first page does not wait for the first worker
        try:
            body = await _whole(receive)
        except HTTPException as error:
            return await error_response(error.status_code, "too large", f"{error.detail}.")(scope, receive, send)
        if body is None:
            return
        job = Job(_plain(scope), body, asker, shared=scope["path"] == GALLERY)
        lane.take(job)
        gone = asyncio.create_task(_gone(receive))
        gone.add_done_callback(lambda _: lane.call_off(job))
        try:
            await _passed_on(job, scope, receive, send)
        except asyncio.CancelledError:  # the server ends
            await error_response(503, *CLOSING)(scope, receive, send)
        finally:
            gone.cancel()
            if asker is not None:
                self._note(asker, job.seconds > SLOW_S)

    def _lane(self, path: str, asker: str | None) -> Lane:
        if path == GALLERY:
            return min(self.editing, self.heavy, key=lambda lane: lane.load)
        known = asker is not None and not self.slow.get(asker, False)
        return self.editing if path.startswith(EDITING) and known else self.heavy

    def _note(self, asker: str, slow: bool) -> None:
        self.slow[asker] = slow
        self.slow.move_to_end(asker)
        if len(self.slow) > MOST_ASKERS:
            self.slow.popitem(last=False)


async def _passed_on(job: Job, scope: Scope, receive: Receive, send: Send) -> None:
    """The worker's answer as it comes; a sentence where there is none."""
    begun = False
    while (message := await job.said.get()) is not None:
        begun = True
        await send(message)
    if job.failed and not begun:
        code, words = job.failed
        await error_response(STATUS[code], code, words)(scope, receive, send)


async def _whole(receive: Receive) -> bytes | None:
    """The body of the request; None when the client is gone before its end."""
    parts = []
    while True:
        message = await receive()
        if message["type"] != "http.request":
            return None
        parts.append(message.get("body", b""))
        if not message.get("more_body"):
            return b"".join(parts)


async def _gone(receive: Receive) -> None:
    """Returns when the client goes away."""
    while (await receive())["type"] != "http.disconnect":
        pass


def _plain(scope: Scope) -> Scope:
    """What the worker needs of a scope, as plain values."""
    names = ("type", "asgi", "http_version", "method", "scheme", "path", "raw_path", "query_string", "root_path")
    known = {"client": scope.get("client"), "fern.device": scope.get("fern.device")}
    return {**{name: scope[name] for name in names if name in scope}, **known, "headers": list(scope["headers"])}

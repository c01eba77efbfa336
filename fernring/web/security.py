"""Who may ask, how much they may send, and what a page may load. Plain ASGI, around everything."""

import logging
from urllib.parse import urlsplit

from starlette.concurrency import run_in_threadpool
from starlette.datastructures import Headers, MutableHeaders
from starlette.exceptions import HTTPException
from starlette.requests import cookie_parser
from starlette.responses import HTMLResponse, Response
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from . import pairing_page
from .config import Config
from .door import COOKIE, Door
from .errors import error_response

LOG = logging.getLogger("fernring")
POLICY = "; ".join(
    (
        "default-src 'none'",
        "script-src 'self'",
        "style-src 'self' 'unsafe-inline'",
        "font-src 'self'",
        "img-src 'self' blob: data:",
        "media-src 'self'",
        "connect-src 'self'",
        "manifest-src 'self'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'",
    )
)
HEADERS = {
    "Content-Security-Policy": POLICY,
    "X-Content-Type-Options": "nosniff",
    "Referrer-Policy": "no-referrer",
    "Cross-Origin-Opener-Policy": "same-origin",
    "Cross-Origin-Resource-Policy": "same-origin",
}
SAFE = {"GET", "HEAD", "OPTIONS"}
KEPT_FOR_EVER = ("/assets/", "/api/pictures/", "/api/blobs/")  # named by what they hold, so they never change


HERE = ("127.0.0.1", "localhost")
LOOPBACK = ("127.0.0.1", "::1", "testclient")
PAIR = "/api/pair"
UNPAIRED = 401, "unpaired", "This device is not paired with the studio."


def device_of(scope: Scope) -> int | None:
    """The paired device that asks, None for a page on this machine."""
    found: int | None = scope.get("fern.device")
    return found


class Guard:
    """Checks Host and Origin and who asks, bounds the body, puts the security headers on every answer, and logs what
    went wrong.
    """

    def __init__(self, app: ASGIApp, config: Config, door: Door) -> None:
        self.app = app
        self.config = config
        self.door = door

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] == "websocket":
            return await self._stream(scope, receive, send)
        if scope["type"] != "http":
            return await self.app(scope, receive, send)
        headers = Headers(scope=scope)
        sender = _with_headers(send, scope["path"])
        most = self._most_body(scope["path"])
        guarded = scope["method"] not in SAFE or scope["path"].startswith("/api/")
        refusal = self._refusal(guarded, headers, most)
        if refusal:
            return await error_response(*refusal)(scope, receive, sender)
        if not await self._known(scope, headers):
            return await self._at_the_door(scope, headers)(scope, receive, sender)
        try:
            await self.app(scope, _bounded(receive, most), sender)
        except Exception:  # by now it has been answered
            LOG.exception("%s %s failed", scope["method"], scope["path"])

    async def _stream(self, scope: Scope, receive: Receive, send: Send) -> None:
        """A stream is opened by our own pages only, and from paired devices."""
        headers = Headers(scope=scope)
        own = _netloc(headers.get("origin", "")) == headers.get("host") or "origin" not in headers
        if not own or self._refusal(True, headers, 0) or not await self._known(scope, headers):
            return await send({"type": "websocket.close", "code": 4403})
        await self.app(scope, receive, send)

    async def _known(self, scope: Scope, headers: Headers) -> bool:
        """Whether the one who asks sits at this machine, or holds the secret of a paired device."""
        client = scope.get("client")
        if client and client[0] in LOOPBACK and _hostname(f"//{headers.get('host', '')}") in HERE:
            scope["fern.device"] = None
            return True
        secret = cookie_parser(headers.get("cookie", "")).get(COOKIE)
        scope["fern.device"] = device = await run_in_threadpool(self.door.device, secret)
        return device is not None or (scope["type"] == "http" and (scope["method"], scope["path"]) == ("POST", PAIR))

    def _at_the_door(self, scope: Scope, headers: Headers) -> Response:
        """What a device is told that is not paired: how to be, or nothing."""
        if scope["method"] == "GET" and "text/html" in headers.get("accept", ""):
            return HTMLResponse(pairing_page.PAGE, 401, {"Content-Security-Policy": pairing_page.POLICY})
        return error_response(*UNPAIRED)

    def _most_body(self, path: str) -> int:
        """How many bytes a request to this route may hold."""
        return next((most for start, most in self.config.most_bodies if path.startswith(start)), self.config.most_body)

    def _refusal(self, guarded: bool, headers: Headers, most: int) -> tuple[int, str, str, str] | None:
        """(status, code, message, field) of what is wrong with the request, or None; `guarded`: not for other sites."""
        host = _hostname(f"//{headers.get('host', '')}")
        if host not in self.config.hosts:
            return 400, "host", "This studio answers on this machine only, under its own address.", "Host"
        origin = headers.get("origin")
        foreign = origin is not None and _netloc(origin) != headers.get("host")
        if guarded and (foreign or headers.get("sec-fetch-site") in {"cross-site", "same-site"}):
            return 403, "origin", "A page of another site may not use this studio.", "Origin"
        length = headers.get("content-length", "0")
        if not length.isdigit() or int(length) > most:
            return 413, "too large", f"A request here holds at most {most:,} bytes.", "body"
        return None


def _netloc(url: str) -> str | None:
    try:
        return urlsplit(url).netloc
    except ValueError:
        return None


def _hostname(url: str) -> str | None:
    try:
        return urlsplit(url).hostname
    except ValueError:
        return None


def _bounded(receive: Receive, most: int) -> Receive:
    """The request's body, ended with an error once it grows past the bound."""
    seen = 0

    async def bounded() -> Message:
        nonlocal seen
        message = await receive()
        seen += len(message.get("body", b""))
        if seen > most:
            raise HTTPException(413, f"A request here holds at most {most:,} bytes")
        return message

    return bounded


def _with_headers(send: Send, path: str) -> Send:
    async def sender(message: Message) -> None:
        if message["type"] == "http.response.start":
            headers = MutableHeaders(scope=message)
            for name, value in HEADERS.items():
                headers.setdefault(name, value)
            lasting = message["status"] == 200 and path.startswith(KEPT_FOR_EVER)
            headers["Cache-Control"] = "private, max-age=31536000, immutable" if lasting else "no-store"
        await send(message)

    return sender

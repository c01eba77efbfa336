"""What changed, told to every open page at once: over a WebSocket, of which a browser may hold many."""

import asyncio
from collections.abc import Mapping
from contextlib import suppress
from threading import Lock
from typing import Any

from fastapi import APIRouter, Request, WebSocket, WebSocketDisconnect

from .security import device_of

router = APIRouter(prefix="/api")
MOST_LISTENERS = 200
MOST_WAITING = 100  # messages for one page that does not read
GONE, FULL = 4403, 4429  # why a stream was closed: the device is paired no more; too many are open
Message = Mapping[str, Any]


class Listener:
    """One open page."""

    def __init__(self, device: int | None) -> None:
        self.device = device
        self.queue: asyncio.Queue[Message | None] = asyncio.Queue(MOST_WAITING)

    def put(self, message: Message | None) -> None:
        """For a page that reads no more, None ends it; it comes back and asks for everything."""
        if self.queue.full():
            while not self.queue.empty():
                self.queue.get_nowait()
            message = None
        self.queue.put_nowait(message)


class News:
    """Owned by the application. `tell` may be called from any thread."""

    def __init__(self) -> None:
        self._lock = Lock()
        self._listeners: dict[Listener, asyncio.AbstractEventLoop] = {}

    def add(self, listener: Listener) -> bool:
        """Whether there was room for one more; called where its queue is read."""
        with self._lock:
            if len(self._listeners) >= MOST_LISTENERS:
                return False
            self._listeners[listener] = asyncio.get_running_loop()
            return True

    def remove(self, listener: Listener) -> None:
        with self._lock:
            self._listeners.pop(listener, None)

    def tell(self, message: Message) -> None:
        self._each(message, list(self._listeners))

    def close(self, device: int) -> None:
        """End the streams of a device."""
        self._each(None, [one for one in list(self._listeners) if one.device == device])

    def _each(self, message: Message | None, listeners: list[Listener]) -> None:
        for listener in listeners:
            loop = self._listeners.get(listener)
            if loop is not None:
                with suppress(RuntimeError):  # its loop ended in this very moment, and the stream with it
                    loop.call_soon_threadsafe(listener.put, message)


def news(request: Request) -> News:
    found: News = request.app.state.news
    return found


def tell(request: Request, piece: str, part: str) -> None:
    """Something of a piece changed: its document, or its logbook."""
    news(request).tell({"piece": piece, "part": part})


@router.websocket("/news")
async def listen(socket: WebSocket) -> None:
    """Messages `{piece, part}`; the page asks for what it shows of it."""
    hub: News = socket.app.state.news
    listener = Listener(device_of(socket.scope))
    await socket.accept()
    if not hub.add(listener):
        return await socket.close(FULL)
    reading = asyncio.create_task(_until_gone(socket))
    try:
        while not reading.done():
            waiting = asyncio.create_task(listener.queue.get())
            await asyncio.wait((reading, waiting), return_when=asyncio.FIRST_COMPLETED)
            if not waiting.done():
                waiting.cancel()
                break
            message = waiting.result()
            if message is None:
                await socket.close(GONE)
                break
            with suppress(WebSocketDisconnect):  # gone in this very moment; `reading` ends too
                await socket.send_json(dict(message))
    finally:
        reading.cancel()
        hub.remove(listener)


async def _until_gone(socket: WebSocket) -> None:
    """Ends when the page is gone; what it says is not listened to."""
    with suppress(WebSocketDisconnect, RuntimeError):
        while True:
            await socket.receive_bytes()

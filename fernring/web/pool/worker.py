"""One worker: python -m fernring.web.pool.worker FD STUDIO NICE. It answers requests one after the other.

It is asked over a socket it inherits. A thread listens while a calculation goes on: for the word that nobody waits for
it any more, at which its budget ends it, and for the end of the server, at which the worker ends as well, even where
the server was killed.
"""

import asyncio
import contextlib
import logging
import os
import signal
import socket
import sys
from pathlib import Path
from queue import SimpleQueue
from threading import Thread
from typing import Any

from starlette.types import Message, Scope

from ...core.budget import can_be_called_off
from ...store.database import Database
from ..app import api
from . import frames

LOG = logging.getLogger("fernring.worker")


class Line:
    """The socket to the server, and the numbers of requests that were called off."""

    def __init__(self, line: socket.socket) -> None:
        self.line = line
        self.asked: SimpleQueue[tuple[int, Scope, bytes]] = SimpleQueue()
        self.stopped = -1

    def listen(self) -> None:
        """Until the server is gone; then this process is."""
        try:
            while (message := frames.receive(self.line)) is not None:
                kind, *rest = message
                if kind == frames.ASK:
                    self.asked.put((rest[0], rest[1], rest[2]))
                else:
                    self.stopped = max(self.stopped, rest[0])
        finally:  # a server that was killed may leave an error instead of an end
            os._exit(0)

    def say(self, *message: Any) -> None:
        try:
            self.line.sendall(frames.packed(*message))
        except OSError:  # the server is gone
            os._exit(0)


async def answer(app: Any, line: Line, number: int, scope: Scope, body: bytes) -> None:
    """Run the request through the application; what it sends goes to the server as it comes."""
    asked = [{"type": "http.request", "body": body, "more_body": False}]

    async def receive() -> Message:
        if asked:
            return asked.pop()
        await asyncio.Event().wait()
        raise AssertionError  # nothing sets it: whoever waits here is ended with the request

    async def send(message: Message) -> None:
        line.say(frames.ANSWER, number, message)

    can_be_called_off(lambda: line.stopped >= number)
    try:
        await app(scope, receive, send)
    except Exception:  # by now it has been answered
        LOG.exception("%s %s failed", scope["method"], scope["path"])


def main(fd: int, studio: Path, nice: int) -> None:
    logging.basicConfig(format="%(asctime)s %(levelname)s %(name)s: %(message)s")
    signal.signal(signal.SIGINT, signal.SIG_IGN)  # the server says when to end
    with contextlib.suppress(OSError):
        os.nice(nice)
    line = Line(socket.socket(fileno=fd))
    Thread(target=line.listen, daemon=True).start()
    app = api(Database(studio))
    line.say(frames.READY)
    with asyncio.Runner() as runner:
        while True:
            number, scope, body = line.asked.get()
            runner.run(answer(app, line, number, scope, body))
            line.say(frames.DONE, number)


if __name__ == "__main__":
    main(int(sys.argv[1]), Path(sys.argv[2]), int(sys.argv[3]))

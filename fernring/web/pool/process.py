"""A worker as the server sees it: started, asked, watched over, ended."""

import asyncio
import contextlib
import os
import socket
import sys
from asyncio.subprocess import Process
from collections.abc import AsyncIterator
from pathlib import Path
from typing import Any

from starlette.types import Message, Scope

from . import frames

PAGE_BYTES = os.sysconf("SC_PAGE_SIZE")


class GoneError(Exception):
    """The worker ended in the middle of its work."""


class WorkerProcess:
    """One process and the line to it."""

    def __init__(self, process: Process, reader: asyncio.StreamReader, writer: asyncio.StreamWriter) -> None:
        self.process, self.reader, self.writer = process, reader, writer

    @classmethod
    async def started(cls, studio: Path, nice: int) -> "WorkerProcess":
        """A new worker that is ready to be asked."""
        here, there = socket.socketpair()
        command = [sys.executable, "-m", "fernring.web.pool.worker", str(there.fileno()), str(studio), str(nice)]
        process = await asyncio.create_subprocess_exec(
            *command, pass_fds=[there.fileno()], stdin=asyncio.subprocess.DEVNULL
        )
        there.close()
        reader, writer = await asyncio.open_connection(sock=here)
        worker = cls(process, reader, writer)
        try:
            await worker._next()
        except BaseException:  # called off while it starts as well
            await worker.end()
            raise
        return worker

    async def answers(self, number: int, scope: Scope, body: bytes) -> AsyncIterator[Message]:
        """What the application sends for this request. Raises GoneError when the worker ends meanwhile."""
        self.writer.write(frames.packed(frames.ASK, number, scope, body))
        while True:
            kind, of, *rest = await self._next()
            if kind == frames.DONE and of == number:
                return
            if kind == frames.ANSWER and of == number:
                yield rest[0]

    def stop(self, number: int) -> None:
        """Nobody waits for this request any more."""
        self.writer.write(frames.packed(frames.STOP, number))

    async def end(self) -> None:
        """At once, whatever it does."""
        with contextlib.suppress(ProcessLookupError):
            self.process.kill()
        self.writer.close()
        await self.process.wait()

    @property
    def bytes_held(self) -> int:
        """Memory of the process now; 0 where the system does not say."""
        try:
            fields = Path(f"/proc/{self.process.pid}/statm").read_text(encoding="ascii").split()
        except OSError:
            return 0
        return int(fields[1]) * PAGE_BYTES

    async def _next(self) -> tuple[Any, ...]:
        try:
            return await frames.read(self.reader)
        except (asyncio.IncompleteReadError, ConnectionError) as error:
            raise GoneError from error

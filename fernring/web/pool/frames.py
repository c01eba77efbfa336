"""Messages between the server and its workers: each a length and a pickled tuple. Both ends are ours."""

import asyncio
import pickle
import socket
import struct
from typing import Any

LENGTH = struct.Struct(">I")
ASK, STOP, ANSWER, DONE, READY = "ask", "stop", "answer", "done", "ready"


def packed(*message: Any) -> bytes:
    body = pickle.dumps(message, protocol=pickle.HIGHEST_PROTOCOL)
    return LENGTH.pack(len(body)) + body


async def read(stream: asyncio.StreamReader) -> tuple[Any, ...]:
    """The next message. Raises asyncio.IncompleteReadError when the other end is gone."""
    (length,) = LENGTH.unpack(await stream.readexactly(LENGTH.size))
    message: tuple[Any, ...] = pickle.loads(await stream.readexactly(length))
    return message


def receive(line: socket.socket) -> tuple[Any, ...] | None:
    """The next message, waited for; None when the other end is gone."""
    head = _exactly(line, LENGTH.size)
    body = _exactly(line, LENGTH.unpack(head)[0]) if head else None
    if body is None:
        return None
    message: tuple[Any, ...] = pickle.loads(body)
    return message


def _exactly(line: socket.socket, count: int) -> bytes | None:
    parts = bytearray()
    while len(parts) < count:
        part = line.recv(count - len(parts))
        if not part:
            return None
        parts += part
    return bytes(parts)

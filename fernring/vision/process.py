"""A module run in a process of its own, which ends with whoever asked."""

import asyncio
import sys
from asyncio import StreamReader, StreamWriter
from collections.abc import Callable, Sequence
from contextlib import suppress

MOST_AT_ONCE = 2
LONGEST_LINE = 2**24  # bytes
_places = asyncio.Semaphore(MOST_AT_ONCE)


async def answered(
    module: str, words: Sequence[str], given: bytes, seconds: float, heard: Callable[[bytes], bool] | None = None
) -> bytes:
    """What the module writes to its standard output, without the lines that `heard` takes as they come. Raises
    TimeoutError."""
    pipe = asyncio.subprocess.PIPE
    async with _places:
        process = await asyncio.create_subprocess_exec(
            sys.executable, "-m", module, *words, stdin=pipe, stdout=pipe, stderr=asyncio.subprocess.DEVNULL,
            limit=LONGEST_LINE,
        )  # fmt: skip
        assert process.stdin and process.stdout
        try:
            async with asyncio.timeout(seconds):
                async with asyncio.TaskGroup() as both:
                    said = both.create_task(_said(process.stdout, heard))
                    both.create_task(_fed(process.stdin, given))
                await process.wait()
        finally:
            if process.returncode is None:
                process.kill()
                await process.wait()
    return said.result()


async def _said(from_it: StreamReader, heard: Callable[[bytes], bool] | None) -> bytes:
    if heard is None:
        return await from_it.read()
    kept = b""
    while line := await from_it.readline():
        if not heard(line):
            kept += line
    return kept


async def _fed(to_it: StreamWriter, given: bytes) -> None:
    with suppress(BrokenPipeError, ConnectionResetError):  # it ended before it read all, and says why
        to_it.write(given)
        await to_it.drain()
        to_it.close()

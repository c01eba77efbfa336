"""A module run in a process of its own, which ends with whoever asked."""

import asyncio
import sys
from collections.abc import Sequence

MOST_AT_ONCE = 2
_places = asyncio.Semaphore(MOST_AT_ONCE)


async def answered(module: str, words: Sequence[str], given: bytes, seconds: float) -> bytes:
    """What the module writes to its standard output. Raises TimeoutError."""
    pipe = asyncio.subprocess.PIPE
    async with _places:
        process = await asyncio.create_subprocess_exec(
            sys.executable, "-m", module, *words, stdin=pipe, stdout=pipe, stderr=asyncio.subprocess.DEVNULL
        )
        try:
            said, _ = await asyncio.wait_for(process.communicate(given), seconds)
        finally:
            if process.returncode is None:
                process.kill()
                await process.wait()
    return said

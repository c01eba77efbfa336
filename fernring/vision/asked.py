"""Tasks on pictures, handed to a process of their own and called off with whoever asked."""

import asyncio
import json
import sys
from typing import Any

from .limits import MOST_BYTES, SECONDS, PictureError

SIDE_COLOURS, SIDE_PLACE = 256, 1600  # pixels of the longer side that are enough for a task
MOST_AT_ONCE = 2
_places = asyncio.Semaphore(MOST_AT_ONCE)


async def main_colours(data: bytes, count: int) -> list[str]:
    """At most `count` colours that tell a picture. Raises PictureError."""
    found: list[str] = await _asked({"task": "main colours", "longest": SIDE_COLOURS, "count": count}, data)
    return found


async def colour_beside_white(data: bytes, at: tuple[float, float], white: tuple[float, float]) -> str:
    """The colour at a place, by the white at another; both as shares of width and height. Raises PictureError."""
    found: str = await _asked({"task": "beside white", "longest": SIDE_PLACE, "at": at, "white": white}, data)
    return found


async def _asked(task: dict[str, Any], data: bytes) -> Any:
    if len(data) > MOST_BYTES:
        raise PictureError(f"A picture may have {MOST_BYTES // 2**20} MB; this one has {len(data) / 2**20:.0f} MB.")
    pipe = asyncio.subprocess.PIPE
    async with _places:
        process = await asyncio.create_subprocess_exec(
            sys.executable, "-m", "fernring.vision.worker", stdin=pipe, stdout=pipe, stderr=asyncio.subprocess.DEVNULL
        )
        try:
            said, _ = await asyncio.wait_for(process.communicate(json.dumps(task).encode() + b"\n" + data), SECONDS)
        except TimeoutError as error:
            raise PictureError(f"Reading this picture took longer than {SECONDS} s.") from error
        finally:
            if process.returncode is None:
                process.kill()
                await process.wait()
    try:
        answer = json.loads(said)
    except ValueError as error:
        raise PictureError(
            "This picture could not be read: it takes more time or memory than a picture may."
        ) from error
    if "refused" in answer:
        raise PictureError(answer["refused"])
    return answer["found"]

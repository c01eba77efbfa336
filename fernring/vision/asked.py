"""Tasks on pictures, handed to a process of their own and called off with whoever asked."""

import base64
import json
from typing import Any

from ..core.practice.sheet import PracticeSheet
from .limits import MOST_BYTES, SECONDS, PictureError
from .process import answered
from .sheet_asked import SheetFound
from .stages import Tell, silent
from .stone_asked import StoneAsked, StoneFound

STAGE = b'{"stage"'
# Pixels of the longer side that are enough for a task.
SIDE_COLOURS, SIDE_PLACE, SIDE_DRAWING, SIDE_SHOWN = 256, 1600, 3000, 2400


async def main_colours(data: bytes, count: int) -> list[str]:
    """At most `count` colours that tell a picture. Raises PictureError."""
    found: list[str] = await _asked({"task": "main colours", "longest": SIDE_COLOURS, "count": count}, data)
    return found


async def colour_beside_white(data: bytes, at: tuple[float, float], white: tuple[float, float]) -> str:
    """The colour at a place, by the white at another; both as shares of width and height. Raises PictureError."""
    found: str = await _asked({"task": "beside white", "longest": SIDE_PLACE, "at": at, "white": white}, data)
    return found


async def stone_outline(data: bytes, asked: StoneAsked, tell: Tell = silent) -> StoneFound:
    """The outline of a stone beside the scale card. Raises PictureError."""
    found = await _asked({"task": "stone", "longest": None, "stone": asked.model_dump(mode="json")}, data, tell)
    return StoneFound.model_validate(found)


async def drawing_lines(data: bytes) -> tuple[list[tuple[list[float], list[float]]], bool]:
    """The closed lines of a drawing (x and y of each in mm), and whether a card told their size. Raises
    PictureError."""
    found = await _asked({"task": "drawing", "longest": SIDE_DRAWING}, data)
    return [(x, y) for x, y in found["lines"]], found["scaled"]


async def sheet_number(data: bytes, tell: Tell = silent) -> int:
    """The number on a practice sheet. Raises PictureError."""
    found: int = await _asked({"task": "sheet number", "longest": None}, data, tell)
    return found


async def sheet_dots(data: bytes, sheet: PracticeSheet, tell: Tell = silent) -> SheetFound:
    """Everything painted on a practice sheet. Raises PictureError."""
    found = await _asked({"task": "sheet", "longest": None, "sheet": sheet.model_dump_json()}, data, tell)
    return SheetFound.model_validate(found)


async def shown(data: bytes) -> bytes:
    """The picture as a JPEG, upright, no larger than a screen. Raises PictureError."""
    found: str = await _asked({"task": "shown", "longest": SIDE_SHOWN}, data)
    return base64.b64decode(found)


async def _asked(task: dict[str, Any], data: bytes, tell: Tell = silent) -> Any:
    if len(data) > MOST_BYTES:
        raise PictureError(f"A picture may have {MOST_BYTES // 2**20} MB; this one has {len(data) / 2**20:.0f} MB.")
    try:
        given = json.dumps(task).encode() + b"\n" + data
        said = await answered("fernring.vision.worker", (), given, SECONDS, lambda line: _stage(line, tell))
        answer = json.loads(said)
    except TimeoutError as error:
        raise PictureError(f"Reading this picture took longer than {SECONDS} s.") from error
    except ValueError as error:
        raise PictureError(
            "This picture could not be read: it takes more time or memory than a picture may."
        ) from error
    if "refused" in answer:
        raise PictureError(answer["refused"])
    return answer["found"]


def _stage(line: bytes, tell: Tell) -> bool:
    """Whether a line tells what is being done; that is passed on."""
    if not line.startswith(STAGE):
        return False
    tell(json.loads(line)["stage"])
    return True

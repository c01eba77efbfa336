"""What was read off a painted practice sheet, and the measurements in it."""

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from ..document.numbers import FIRST, Frozen, is_dot
from ..document.shelf import Day
from .measurement import MOST_DIAMETERS, EventId, Measurement
from .sheet import Block, PracticeSheet, Technique, blocks

MOST_DOTS = 600
OnSheet = Annotated[float, Field(ge=0, le=300, allow_inf_nan=False)]
Wide = Annotated[float, Field(ge=0.1, le=60, allow_inf_nan=False)]
RELOADED: tuple[Technique, ...] = ("row", "ring")  # each dot of these has a fresh load


class ReadDot(Frozen):
    """A dot (x and y in mm from the sheet's top left, its diameter in mm) and the target it was meant for; of a swipe
    the diameter is its width, and `length` how long it is."""

    block: Annotated[int, Field(ge=0, le=40)]
    target: Annotated[int, Field(ge=0, le=40)]
    x: OnSheet
    y: OnSheet
    diameter: Wide
    length: Wide | None = None


class Reading(Frozen):
    """All dots of one sheet that the artist let stand."""

    id: EventId
    sheet: Annotated[int, Field(ge=1, le=9_999)]
    day: Day
    dots: Annotated[tuple[ReadDot, ...], FIRST, Field(min_length=1, max_length=MOST_DOTS)]


def measured(sheet: PracticeSheet, reading: Reading, ids: Sequence[str]) -> list[Measurement]:
    """The dots of each tool that had a fresh load, as measurements; `ids` names one for each tool of the sheet. What is
    smaller or larger than any dot is none."""
    every = blocks(sheet)
    found = []
    for k, tool in enumerate(sheet.tools):
        own = [dot.diameter for dot in _of(reading, every) if _is(every, dot, k) and is_dot(dot.diameter)]
        if own:
            found.append(
                Measurement(
                    id=ids[k], tool=tool.tool, body=sheet.body, surface=sheet.surface, day=reading.day,
                    diameters=tuple(own[:MOST_DIAMETERS]), how="photographed", note=f"practice sheet {sheet.number}",
                )
            )  # fmt: skip
    return found


def _is(every: Sequence[Block], dot: ReadDot, tool: int) -> bool:
    block = every[dot.block]
    return block.tool == tool and block.technique in RELOADED


def _of(reading: Reading, every: Sequence[Block]) -> list[ReadDot]:
    """Its dots that are meant for targets which the sheet has."""
    return [dot for dot in reading.dots if dot.block < len(every) and dot.target < len(every[dot.block].places)]


def by_block(sheet: PracticeSheet, reading: Reading) -> list[tuple[Block, list[ReadDot]]]:
    """The dots of each block, in the order of their targets."""
    every = blocks(sheet)
    dots = sorted(_of(reading, every), key=lambda dot: (dot.block, dot.target))
    return [(block, [dot for dot in dots if dot.block == k]) for k, block in enumerate(every)]

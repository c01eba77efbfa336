"""A practice sheet: what is to be dotted on it, with which tool, and where."""

from collections.abc import Sequence
from dataclasses import dataclass
from math import cos, pi, sin
from typing import Annotated, Literal

from pydantic import Field

from ..document.blank import Material
from ..document.kit import Tool
from ..document.numbers import FIRST, DotDiameter, Frozen, Ident, Name
from ..document.shelf import Body, Day
from ..errors import FitError
from ..marks import MOST_SHEETS, SHEET

Technique = Literal["row", "ring", "walk", "swipe"]
TECHNIQUES: dict[Technique, str] = {
    "row": "a row, each dot with a fresh load",
    "ring": "a ring",
    "walk": "one load, until it is out",
    "swipe": "swipes, pulled to the end of their lines",
}
MOST_TOOLS, WIDEST = 4, 14.0
LEFT, RIGHT, TOP, LOW = 26.0, SHEET[0] - 26.0, 44.0, SHEET[1] - 26.0
IN_ROW, IN_RING, IN_WALK, SWIPES = 14, 12, 10, 4
BETWEEN = 1.6  # mm of paper between neighbours, so that a hand that wanders still sets them apart
SWIPE_LONG = 14.0
SMALL = 2.8  # mm, height of the small print


class Practised(Frozen):
    """A tool of the kit as it was when the sheet was made: `dot` is what it was thought to make (mm)."""

    tool: Ident
    name: Name
    dot: DotDiameter


class PracticeSheet(Frozen):
    """`number` stands on the sheet; `tools` from the top down, all with one paint."""

    number: Annotated[int, Field(strict=True, ge=1, le=MOST_SHEETS)]
    tools: Annotated[tuple[Practised, ...], FIRST, Field(min_length=1, max_length=MOST_TOOLS)]
    body: Body = "medium"
    surface: Material = "canvas"
    day: Day


@dataclass(frozen=True)
class Block:
    """Targets of one technique with one tool: `places` (x, y) in mm from the sheet's top left, in the order in which
    they are dotted; of a swipe also where it ends."""

    tool: int
    technique: Technique
    dot: float
    places: tuple[tuple[float, float], ...]
    ends: tuple[tuple[float, float], ...] = ()


@dataclass(frozen=True)
class Label:
    """Words printed on a sheet, from (x, y) on the base line rightward, so high (mm)."""

    x: float
    y: float
    text: str
    size: float


def practised(tools: Sequence[Tool]) -> tuple[Practised, ...]:
    """Raises FitError for none, too many, tools that set no dots, or whose dots find no room."""
    if not 1 <= len(tools) <= MOST_TOOLS:
        raise FitError(f"A practice sheet holds between 1 and {MOST_TOOLS} tools (chosen: {len(tools)}).", "tools")
    for tool in tools:
        if tool.pulls:
            raise FitError(f"{tool.name} sets no dots: it pulls them.", "tools")
        if tool.dots[0] > WIDEST:
            raise FitError(
                f"A practice sheet has room for dots up to {WIDEST:g} mm; {tool.name} makes {tool.dots[0]:g}.", "tools"
            )
    return tuple(Practised(tool=tool.id, name=tool.name, dot=tool.dots[0]) for tool in tools)


def blocks(sheet: PracticeSheet) -> list[Block]:
    """All targets of a sheet: a band for each tool, with a row over a ring on the left, a walk and swipes on the
    right."""
    high = (LOW - TOP) / len(sheet.tools)
    return [block for k, one in enumerate(sheet.tools) for block in _band(k, one.dot, TOP + k * high, min(high, 62.0))]


def labels(sheet: PracticeSheet) -> list[Label]:
    """All words of a sheet but those of its frame."""
    paint = f"{sheet.body} paint on {sheet.surface}. Print at full size; dot on the crosses; let it dry."
    found = [
        Label(LEFT, 27.0, f"Practice sheet {sheet.number}", 5.0),
        Label(LEFT, 32.5, paint, SMALL),
        Label(LEFT, 36.5, "Photograph all of it from straight above, all the marks in the picture.", SMALL),
    ]
    for block in blocks(sheet):
        one, (x, y) = sheet.tools[block.tool], block.places[0]
        if block.technique == "row":
            found.append(Label(LEFT, y - block.dot / 2 - 4.5, f"{one.name}, {block.dot:g} mm", 3.2))
        elif block.technique != "ring":
            found.append(Label(x - block.dot / 2, y - block.dot / 2 - 1.8, TECHNIQUES[block.technique], 2.2))
    return found


def _band(tool: int, dot: float, top: float, high: float) -> list[Block]:
    pitch = dot + BETWEEN
    first = top + 8 + dot / 2
    count = max(3, min(IN_ROW, int((RIGHT - LEFT - dot) / pitch) + 1))
    row = tuple((LEFT + dot / 2 + k * pitch, first) for k in range(count))
    below = first + dot / 2 + 4
    room = top + high - 2 - below
    around = min(IN_RING, max(3, int(pi * max(room - dot, pitch) / pitch)))
    reach = max(pitch / (2 * sin(pi / around)), min(room / 2 - dot / 2, 14.0) if room > dot else 0.0)
    middle = (LEFT + reach + dot / 2, below + reach + dot / 2)
    turns = [2 * pi * k / around for k in range(around)]
    ring = tuple((middle[0] + reach * sin(turn), middle[1] - reach * cos(turn)) for turn in turns)
    start = middle[0] + reach + dot / 2 + 8
    in_walk = max(3, min(IN_WALK, int((RIGHT - start - dot) / pitch) + 1))
    line = below + dot / 2 + 2
    walk = tuple((start + dot / 2 + k * pitch, line) for k in range(in_walk))
    swipe_line = line + dot / 2 + 6 + dot / 2
    fits = int((RIGHT - start) / (SWIPE_LONG + dot + 3))
    swipes = tuple((start + dot / 2 + k * (SWIPE_LONG + dot + 3), swipe_line) for k in range(min(SWIPES, fits)))
    found = [Block(tool, "row", dot, row), Block(tool, "ring", dot, ring), Block(tool, "walk", dot, walk)]
    if swipes:
        found.append(Block(tool, "swipe", dot, swipes, tuple((x + SWIPE_LONG, y) for x, y in swipes)))
    return found

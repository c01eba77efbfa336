"""The shape of the steps' answer, for the OpenAPI document. The bytes come straight from orjson."""

from pydantic import BaseModel

from ..core.work.drying import State


class AfterAnswer(BaseModel):
    """Begin no sooner than `wait` minutes after that step's last dot; `state` is null where only the order counts."""

    step: str
    wait: float
    state: State | None


class WithinAnswer(BaseModel):
    """End no later than so many minutes after that step's first dot."""

    step: str
    minutes: float


class LeavesAnswer(BaseModel):
    """Minutes after a step until what it painted is dry for `state`, the `usual` ones before anything was learned of
    its paint (null for coats), and the ids of the steps that wait for that."""

    state: State
    minutes: float
    usual: float | None
    frees: list[str]


class PartAnswer(BaseModel):
    """A part of a long step in words, the place in the dots of its first, and how the piece is turned for it."""

    words: str
    first: int
    turntable: float | None


class StepAnswer(BaseModel):
    """`dots` and `marks` count those of the same document's plan, in the order in which they are painted; `shade`
    counts its shades. `begin` is the minute from the start of the work, `minutes` what is expected, and what a quick
    and a slow hand take. `turntable` is by how many degrees the piece is turned clockwise for the first
    place, `wait` what to wait for before it and `care` which tool and pot to change. `body` and `medium` are those of
    its paint, `usual` its minutes of the hand before anything was learned of that.
    """

    id: str
    kind: str
    row: str | None
    trim: str | None
    half: str
    dots: list[int]
    marks: list[int]
    tool: str | None
    shade: int | None
    loads: int
    reloads: list[int]
    sitting: int
    begin: float
    minutes: tuple[float, float, float]
    after: list[AfterAnswer]
    within: list[WithinAnswer]
    turntable: float | None
    hand: str
    wait: str
    care: str
    stage: str
    usual: float
    body: str | None
    medium: str | None
    leaves: list[LeavesAnswer]
    parts: list[PartAnswer]
    words: str
    cautions: list[str]


class WorkAnswer(BaseModel):
    """`refused` says which of the artist's moves cannot be, and why."""

    steps: list[StepAnswer]
    minutes: float
    hand_minutes: float
    tool_changes: int
    pot_changes: int
    refused: list[str]

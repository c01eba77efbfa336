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


class StepAnswer(BaseModel):
    """`dots` and `marks` count those of the same document's plan, in the order in which they are painted; `shade`
    counts its shades. `begin` is the minute from the start of the work, `minutes` what is expected, and what a quick
    and a slow hand take. `turntable` is by how many degrees the piece is turned clockwise for the first
    place, `care` what to do before the step.
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
    care: str
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

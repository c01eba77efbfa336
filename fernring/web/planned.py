"""The shape of a plan's answer, for the OpenAPI document. The bytes come straight from orjson."""

from typing import Literal

from pydantic import BaseModel

from ..core.document.changes import Change


class NearAnswer(BaseModel):
    clear: float
    dot: int
    other: int


class RowAnswer(BaseModel):
    """Walks and sizes in mm, `start` in degrees; `clear` is null for one dot alone."""

    id: str
    mark: str
    repeats: int
    places: int
    first: int
    diameters: list[float]
    walk: float
    inner: float
    outer: float
    clear: float | None
    noroom: str
    start: float | None
    near: NearAnswer | None


class ShadeAnswer(BaseModel):
    name: str
    colour: str
    finish: Literal["matte", "gloss", "metallic"]


class DotColumns(BaseModel):
    x: list[float]
    y: list[float]
    z: list[float] | None = None
    r: list[float]
    row: list[int]
    place: list[int]
    level: list[int]
    shade: list[int]
    hand: list[int]


class CircleAnswer(BaseModel):
    id: str
    reach: float


class RemedyAnswer(BaseModel):
    label: str
    action: Literal["spread slack", "add row"] | None
    changes: list[Change]


class VerdictAnswer(BaseModel):
    """Lengths in `text` stand in braces, in mm: {1.25}."""

    code: str
    key: str
    severity: Literal["serious", "warning", "note"]
    text: str
    rows: list[int]
    dots: list[int]
    remedies: list[RemedyAnswer]
    accepted: str | None


class TotalsAnswer(BaseModel):
    dots: int
    rows: int
    edge: float
    left: float
    symmetry: int
    sizes: list[tuple[float, int]]
    shades: list[int]


class PlanAnswer(BaseModel):
    rim: float
    limit: float
    rows: list[RowAnswer]
    shades: list[ShadeAnswer]
    ramps: dict[str, list[str]]
    dots: DotColumns
    spokes: list[float]
    circles: list[CircleAnswer]
    verdicts: list[VerdictAnswer]
    totals: TotalsAnswer

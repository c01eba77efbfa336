"""The shape of a plan's answer, for the OpenAPI document. The bytes come straight from orjson."""

from typing import Literal

from pydantic import BaseModel

from ..core.document.shelf import Finish


class NearAnswer(BaseModel):
    clear: float
    dot: int
    other: int


class RowAnswer(BaseModel):
    """Walks and sizes in mm, `start` in degrees; `clear` is null for one dot alone.

    Lengths in words stand in braces, in mm: `begins` says where the dots begin, `made` names its tools, `lies` by which
    rule the row lies where it does, `trims` each trim as they stand on the sheet.
    """

    id: str
    mark: str
    repeats: int
    places: int
    painted: int
    left_out: int
    depth: float | None
    first: int
    diameters: list[float]
    walk: float
    inner: float
    outer: float
    clear: float | None
    noroom: str
    remainder: float | None
    made: str
    begins: str
    lies: str
    trims: list[str]
    start: float | None
    near: NearAnswer | None


class ShadeAnswer(BaseModel):
    name: str
    colour: str
    finish: Finish


class DotColumns(BaseModel):
    """Lengths in mm. `place` is where along its row a dot stands, `member` which of the pattern it is, `tool` the place
    of its tool among the piece's tools (-1 for none). On a flat blank `z` is zero, `walk` the distance in plan, and the
    normals (`nx`, `ny`, `nz`) point straight up: there they are left out."""

    x: list[float]
    y: list[float]
    z: list[float] | None = None
    r: list[float]
    row: list[int]
    place: list[int]
    member: list[int]
    tool: list[int]
    level: list[int]
    shade: list[int]
    hand: list[int]
    trim: list[int]
    below: list[int]
    walk: list[float] | None = None
    nx: list[float] | None = None
    ny: list[float] | None = None
    nz: list[float] | None = None


class LineAnswer(BaseModel):
    x: list[float]
    y: list[float]


class BlankAnswer(BaseModel):
    """Lengths in `words` stand in braces, in mm. `section` is the surface seen from the side, (across, height).

    `span` is half the side of a square that holds the blank from every side it is shown; `middle` the height about
    which a ball or egg is turned; `half` the walk from pole to widest circle of each half; `lie` the degrees by which
    the outline is turned.
    """

    words: str
    round: bool
    span: float
    outline: LineAnswer
    clear: list[LineAnswer]
    section: LineAnswer | None
    relief: str
    lie: float
    closed: bool
    middle: float
    half: list[float]


class MarksAnswer(BaseModel):
    """Discs that fill swipes and shapes from head to tip, one mark after the other; `start` says where those of each
    begin, with one end added.

    `level` is that of the dot it was pulled from; a `pulled` mark is that dot itself, which is no dome then;
    a `glued` one is a crystal.
    """

    x: list[float]
    y: list[float]
    z: list[float]
    r: list[float]
    start: list[int]
    level: list[int]
    glued: list[bool]
    pulled: list[bool]
    row: list[int]
    shade: list[int]
    dot: list[int]
    back: list[bool]


class GuideAnswer(BaseModel):
    kind: str
    label: str
    closed: bool
    x: list[float]
    y: list[float]
    z: list[float]


class ZoneAnswer(BaseModel):
    """An area with a base colour of its own, by the even-odd rule: colours in even steps from the first of the `ends`
    to the second, or from the one outward as far as the other."""

    lines: list[LineAnswer]
    colours: list[str]
    ends: LineAnswer
    outward: bool


class CoverAnswer(BaseModel):
    """What is seen over the dots, by the even-odd rule: where a mask was taken off, and what is not of this piece."""

    lines: list[LineAnswer]
    colour: str


class BareAnswer(BaseModel):
    """An area by its name and the closed lines that bound it."""

    id: str
    name: str
    lines: list[LineAnswer]


class CircleAnswer(BaseModel):
    """A guide circle that a row can sit on, those drawn in steps included; its walk in mm."""

    id: str
    walk: float


class VerdictAnswer(BaseModel):
    """Lengths in `text` stand in braces, in mm: {1.25}."""

    code: str
    key: str
    severity: Literal["serious", "warning", "note"]
    text: str
    rows: list[int]
    dots: list[int]
    accepted: str | None


class TotalsAnswer(BaseModel):
    dots: int
    rows: int
    edge: float
    left: float
    symmetry: int
    sizes: list[tuple[float, int]]
    shades: list[int]
    marks: int
    swept: float


class UsedAnswer(BaseModel):
    """Ids that the piece cannot do without."""

    tools: list[str]
    paints: list[str]
    ramps: list[str]


class SeenColumns(BaseModel):
    """Dots of the plan as they lie about a motif's centre (mm)."""

    dot: list[int]
    x: list[float]
    y: list[float]
    walk: list[float]


class SpotAnswer(BaseModel):
    """As seen from above, from the centre of the piece (mm)."""

    x: float
    y: float


class MotifAnswer(BaseModel):
    """Where a motif stands; how far the border lies from its first place, how far it is painted there (mm), and its
    dots."""

    id: str
    places: list[SpotAnswer]
    limit: float
    outer: float
    seen: SeenColumns


class PlanAnswer(BaseModel):
    """The whole plan. `slack` says whether there is some that can be spread."""

    rim: float
    limit: float
    blank: BlankAnswer
    rows: list[RowAnswer]
    shades: list[ShadeAnswer]
    ramps: dict[str, list[str]]
    used: UsedAnswer
    zones: list[ZoneAnswer]
    covers: list[CoverAnswer]
    dots: DotColumns
    marks: MarksAnswer
    guides: list[GuideAnswer]
    bare: list[BareAnswer]
    motifs: list[MotifAnswer]
    circles: list[CircleAnswer]
    verdicts: list[VerdictAnswer]
    slack: bool
    totals: TotalsAnswer


class Summary(BaseModel):
    """What is said of a piece in a list: its name and measures in words, lengths in braces, and how it is drawn.

    `span` is half the side of the square it is drawn in (mm), None when its measures contradict each other.
    """

    name: str
    words: str
    material: str
    segments: int
    base: str
    poles: Literal["hanger", "sides"] | None
    span: float | None


class SketchDots(BaseModel):
    """As much of the dots as a small picture shows; see DotColumns."""

    x: list[float]
    y: list[float]
    z: list[float] | None = None
    r: list[float]
    level: list[int]
    shade: list[int]
    nx: list[float] | None = None
    ny: list[float] | None = None
    nz: list[float] | None = None


class SketchAnswer(BaseModel):
    """A piece in small. `count` is its number of dots."""

    blank: BlankAnswer
    shades: list[ShadeAnswer]
    zones: list[ZoneAnswer]
    covers: list[CoverAnswer]
    dots: SketchDots
    marks: MarksAnswer
    count: int

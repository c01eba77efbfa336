"""Routes about the kit in use: dots that were measured, the dot that is foretold, sizes that instructions ask for."""

from typing import Annotated

from fastapi import APIRouter, Request, Response
from fastapi import Path as PathValue
from pydantic import Field

from ..core.document.blank import Material
from ..core.document.changes import Change
from ..core.document.kit import Load, Loaded, SizeRange
from ..core.document.numbers import FIRST, DotDiameter, Ident
from ..core.document.piece import MAX_ROWS
from ..core.document.shelf import Body
from ..core.practice.asked_sizes import MOST_TEXT, nearest
from ..core.practice.load import walked
from ..core.practice.measurement import Measurement
from ..core.practice.prediction import Hand, Wanted
from ..core.proposals.measured_anew import measured_anew
from ..core.proposals.offered_sizes import offered_sizes
from ..formats.kit_csv import kit_csv
from ..store import measurements
from .answer import Answer, Asked
from .errors import CONFLICT, RESPONSES
from .exports import file_answer
from .ledger import studio
from .reading import KitBody, PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["practice"], route_class=QuickRoute, responses=RESPONSES)

MOST_WANTED = 400
PathStep = Ident | Annotated[int, Field(strict=True, ge=0, lt=64)]
MeasurementId = Annotated[str, PathValue(pattern=r"^[0-9a-f]{32}$")]


class WantedRequest(Asked):
    tool: Ident
    body: Body = "medium"
    surface: Material = "cast stone"
    load: Loaded = "usual"


class PredictionsRequest(Asked):
    """A kit, and for which of its tools with what paint, on what, the dot is asked."""

    kit: KitBody
    wanted: Annotated[tuple[WantedRequest, ...], FIRST, Field(min_length=1, max_length=MOST_WANTED)]


class PredictionAnswer(Answer):
    """The dot to be expected (mm), the range that one new dot in 20 misses, how many measured dots of this tool and of
    just this combination it rests on, and whether it is good enough to be offered as a size. `doubted` are measured
    dots of the tool (mm) that do not fit the others: kept, and counted little."""

    diameter: float
    low: float
    high: float
    of_tool: int
    of_all: int
    offered: bool
    doubted: tuple[float, ...]


class TakenBack(Asked):
    back: Annotated[bool, Field(strict=True)]


class SizesRequest(Asked):
    """A kit, and a text that names sizes."""

    kit: KitBody
    text: Annotated[str, Field(strict=True, max_length=MOST_TEXT)]


class MatchAnswer(Answer):
    """A size as it is written and in mm, and the tool and dot of the kit nearest to it; `off` is by how much that is
    larger, as a share."""

    written: str
    size: float
    tool: str
    dot: float
    off: float


class AnewRequest(Asked):
    """A piece, and the kit as it is today."""

    piece: PieceBody
    kit: KitBody


class AnewAnswer(Answer):
    """A tool that makes a `new` size where the piece counts on `old` (mm); the rows it changes, by their place in the
    document, and the changes to make."""

    tool: str
    name: str
    old: float
    new: SizeRange
    rows: tuple[int, ...]
    changes: tuple[Change, ...]


class OfferedRequest(AnewRequest):
    """Which dot of which row, and how much the tool shall carry: a `member` of the pattern, or what stands `at` this
    path within the row, such as a size of a trim."""

    row: Annotated[int, Field(strict=True, ge=0, lt=MAX_ROWS)]
    member: Annotated[int, Field(strict=True, ge=0, lt=12)] = 0
    at: Annotated[tuple[PathStep, ...], FIRST, Field(max_length=12)] = ()
    load: Loaded = "usual"


class OfferedAnswer(Answer):
    """The dot that a tool will make there with its range, what that rests on, and the changes by which the row takes
    it."""

    tool: str
    name: str
    size: SizeRange
    changes: tuple[Change, ...]


class WalkRequest(Asked):
    """The dots of one load in the order in which they were set (mm)."""

    diameters: Annotated[tuple[DotDiameter, ...], FIRST, Field(min_length=1, max_length=60)]


class WalkAnswer(Answer):
    """The load as the kit keeps it, and the first and smallest dot of the run fitted through all of them (mm)."""

    load: Load
    first: float
    smallest: float


class KitRequest(Asked):
    kit: KitBody


@router.get("/measurements")
def get_measurements(request: Request) -> list[Measurement]:
    """All that were measured and not taken back, the oldest first."""
    with studio(request).reading() as db:
        return [Measurement.model_validate_json(body) for body in measurements.read(db)]


@router.post("/measurements", status_code=201, responses=CONFLICT)
def post_measurement(request: Request, told: Measurement) -> None:
    """Keep a measurement; told twice it is kept once."""
    with studio(request).writing() as db:
        measurements.add(db, told.id, told.model_dump_json())


@router.post("/measurements/{ident}/taken-back", status_code=204)
def post_taken_back(request: Request, ident: MeasurementId, asked: TakenBack) -> None:
    """Take a measurement back, or bring it again."""
    with studio(request).writing() as db:
        measurements.take_back(db, ident, asked.back)


@router.post("/predictions")
def post_predictions(request: Request, asked: PredictionsRequest) -> list[PredictionAnswer]:
    """The dots that tools will make, by all that was measured."""
    hand = Hand(asked.kit.tools, get_measurements(request))
    found = [hand.predicted(Wanted(one.tool, one.body, one.surface, one.load)) for one in asked.wanted]
    return [
        PredictionAnswer(
            **{**vars(one), **{name: round(getattr(one, name), 3) for name in ("diameter", "low", "high")}}
        )
        for one in found
    ]


@router.post("/kit/anew")
def post_anew(request: Request, asked: AnewRequest) -> list[AnewAnswer]:
    """What measured dots say of a planned piece: sizes that it may take over, and which rows that changes."""
    hand = Hand(asked.kit.tools, get_measurements(request))
    return [AnewAnswer(**vars(one)) for one in measured_anew(asked.piece, hand)]


@router.post("/kit/offered")
def post_offered(request: Request, asked: OfferedRequest) -> list[OfferedAnswer]:
    """Sizes for a dot of a row: what every tool of the kit will make there, the smallest first."""
    hand = Hand(asked.kit.tools, get_measurements(request))
    at = asked.at or ("pattern", asked.member)
    found = offered_sizes(asked.piece, asked.kit.tools, hand, asked.row, at, asked.load)
    return [OfferedAnswer(**vars(one)) for one in found]


@router.post("/kit/sizes")
def post_sizes(asked: SizesRequest) -> list[MatchAnswer]:
    """Which of my tools is that? The nearest for every size of a text."""
    return [
        MatchAnswer(written=one.written, size=round(one.size, 4), tool=one.tool, dot=one.dot, off=round(one.off, 4))
        for one in nearest(asked.kit.tools, asked.text)
    ]


@router.post("/kit/walk")
def post_walk(asked: WalkRequest) -> WalkAnswer:
    """What one load gives, by a practice walk."""
    found = walked(asked.diameters)
    return WalkAnswer(load=found.load, first=round(found.first, 3), smallest=round(found.smallest, 3))


@router.post("/kit/csv", response_model=None, responses={200: {"content": {"text/csv": {}}}})
def post_kit_csv(asked: KitRequest) -> Response:
    """The tools of a kit as a table."""
    return file_answer(kit_csv(asked.kit).encode(), "text/csv; charset=utf-8", "kit", ".csv")

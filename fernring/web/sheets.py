"""Routes about practice sheets: made, printed, what was read off them kept, and how steady the hand is by them."""

from hashlib import sha256
from typing import Annotated

from fastapi import APIRouter, Request, Response
from fastapi import Path as PathValue
from pydantic import Field

from ..core.document.blank import Material
from ..core.document.numbers import FIRST, Ident
from ..core.document.shelf import Body, Day
from ..core.errors import FitError
from ..core.marks import MOST_SHEETS
from ..core.practice.reading import Reading, measured
from ..core.practice.sheet import MOST_TOOLS, PracticeSheet, Technique, blocks, practised
from ..core.practice.steadiness import ONE_IN, Steady, load_of, steadiness
from ..formats.pdf import drawing_pdf
from ..formats.sheets.practice import practice_sheet
from ..store import measurements, practice_sheets
from .answer import Answer, Asked
from .errors import CONFLICT, RESPONSES
from .exports import file_answer
from .ledger import studio
from .reading import KitBody, QuickRoute

router = APIRouter(prefix="/api/practice", tags=["practice"], route_class=QuickRoute, responses=RESPONSES)

Number = Annotated[int, PathValue(ge=1, le=MOST_SHEETS)]
ReadingId = Annotated[str, PathValue(pattern=r"^[0-9a-f]{32}$")]


class SheetRequest(Asked):
    """Which tools of a kit, with what paint, on what."""

    kit: KitBody
    tools: Annotated[tuple[Ident, ...], FIRST, Field(min_length=1, max_length=MOST_TOOLS)]
    body: Body = "medium"
    surface: Material = "canvas"
    day: Day


class BlockAnswer(Answer):
    """Targets of one technique with one tool of a sheet (mm), in the order in which they are dotted."""

    tool: int
    technique: Technique
    dot: float
    places: tuple[tuple[float, float], ...]
    ends: tuple[tuple[float, float], ...]


class SteadyAnswer(Answer):
    """How steady the hand was (see core.practice.steadiness): `gap` is the one at which one pair in `one_in` touches,
    `at` what share touches at gaps of the piece's usual sizes; `load` is by a walk: ratio and dots."""

    tool: Ident
    technique: Technique
    day: Day
    sheet: int
    count: int
    place: float
    bias: tuple[float, float]
    size: float
    dot: float
    gap: float
    one_in: int
    at: tuple[tuple[float, float], ...]
    load: tuple[float, int] | None


class TakenBack(Asked):
    back: Annotated[bool, Field(strict=True)]


USUAL_GAPS = (0.2, 0.35, 0.5)


@router.post("/sheets", status_code=201, responses=CONFLICT)
def post_sheet(request: Request, asked: SheetRequest) -> PracticeSheet:
    """A new practice sheet, with the next number."""
    known = {tool.id: tool for tool in asked.kit.tools}
    if any(tool not in known for tool in asked.tools) or len(set(asked.tools)) < len(asked.tools):
        raise FitError("Choose tools of the kit, each once.", "tools")
    tools = practised([known[tool] for tool in asked.tools])
    with studio(request).writing() as db:
        number = practice_sheets.next_number(db)
        sheet = PracticeSheet(number=number, tools=tools, body=asked.body, surface=asked.surface, day=asked.day)
        practice_sheets.add_sheet(db, number, sheet.model_dump_json())
    return sheet


@router.get("/sheets")
def get_sheets(request: Request) -> list[PracticeSheet]:
    """All practice sheets, the newest first."""
    with studio(request).reading() as db:
        return [PracticeSheet.model_validate_json(body) for body in practice_sheets.sheets(db)]


@router.get("/sheets/{number}/pdf", response_model=None, responses={200: {"content": {"application/pdf": {}}}})
def get_sheet_pdf(request: Request, number: Number) -> Response:
    """A practice sheet to print at full size."""
    with studio(request).reading() as db:
        sheet = PracticeSheet.model_validate_json(practice_sheets.sheet(db, number))
    drawn = drawing_pdf(practice_sheet(sheet), f"Practice sheet {number}")
    return file_answer(drawn, "application/pdf", f"practice sheet {number}", ".pdf")


@router.get("/readings")
def get_readings(request: Request) -> list[Reading]:
    """What was read off sheets and not taken back, the oldest first."""
    with studio(request).reading() as db:
        return [Reading.model_validate_json(body) for body in practice_sheets.readings(db)]


@router.post("/readings", status_code=201, responses=CONFLICT)
def post_reading(request: Request, told: Reading) -> None:
    """Keep what was read off a sheet, and its dots as measurements of their tools; told twice it is kept once."""
    with studio(request).writing() as db:
        if practice_sheets.add_reading(db, told.id, told.sheet, told.model_dump_json()):
            sheet = PracticeSheet.model_validate_json(practice_sheets.sheet(db, told.sheet))
            for one in measured(sheet, told, _ids(told, sheet)):
                measurements.add(db, one.id, one.model_dump_json())


@router.post("/readings/{ident}/taken-back", status_code=204)
def post_reading_taken_back(request: Request, ident: ReadingId, asked: TakenBack) -> None:
    """Take a reading back with its measurements, or bring them again."""
    with studio(request).writing() as db:
        told = Reading.model_validate_json(practice_sheets.take_back(db, ident, asked.back))
        sheet = PracticeSheet.model_validate_json(practice_sheets.sheet(db, told.sheet))
        for one in measured(sheet, told, _ids(told, sheet)):
            measurements.take_back(db, one.id, asked.back)


@router.post("/readings/steadiness")
def post_steadiness(request: Request, told: Reading) -> list[SteadyAnswer]:
    """How steady the hand was on one sheet, before it is kept."""
    with studio(request).reading() as db:
        sheet = PracticeSheet.model_validate_json(practice_sheets.sheet(db, told.sheet))
    return _answers(sheet, told)


@router.get("/steadiness")
def get_steadiness(request: Request) -> list[SteadyAnswer]:
    """How steady the hand was, by technique and tool, on every sheet that was read; the oldest first."""
    with studio(request).reading() as db:
        known = {one.number: one for one in map(PracticeSheet.model_validate_json, practice_sheets.sheets(db))}
        told = [Reading.model_validate_json(body) for body in practice_sheets.readings(db)]
    return [one for reading in told for one in _answers(known[reading.sheet], reading)]


def blocks_of(sheet: PracticeSheet) -> list[BlockAnswer]:
    """The targets of a sheet, as answered."""
    return [BlockAnswer(**vars(block)) for block in blocks(sheet)]


def _answers(sheet: PracticeSheet, told: Reading) -> list[SteadyAnswer]:
    return [_answer(sheet, told, one) for one in steadiness(sheet, told)]


def _answer(sheet: PracticeSheet, told: Reading, one: Steady) -> SteadyAnswer:
    tool = next(k for k, known in enumerate(sheet.tools) if known.tool == one.tool)
    return SteadyAnswer(
        **vars(one), gap=round(one.safe_gap, 3), one_in=ONE_IN,
        at=tuple((gap, round(one.touching(gap), 5)) for gap in USUAL_GAPS),
        load=load_of(sheet, told, tool) if one.technique == "walk" else None,
    )  # fmt: skip


def _ids(told: Reading, sheet: PracticeSheet) -> list[str]:
    """An id for the measurement of each tool that is the same each time."""
    return [sha256(f"{told.id} {tool.tool}".encode()).hexdigest()[:32] for tool in sheet.tools]

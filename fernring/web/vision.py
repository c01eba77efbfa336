"""Routes about pictures: the colour of a paint beside white paper, and the main colours of a picture.

A picture is read where it came from and not kept.
"""

import asyncio
from collections.abc import Coroutine
from typing import Annotated, TypeVar

from fastapi import APIRouter, Query, Request, Response
from pydantic import ValidationError

from ..core.document.numbers import Colour
from ..core.document.region import Line, ShapeRegion
from ..core.document.sentences import first_sentence
from ..core.errors import CalledOffError, DocumentError
from ..core.marks import SHEET
from ..core.practice.sheet import PracticeSheet
from ..store import practice_sheets
from ..vision.asked import (
    colour_beside_white,
    drawing_lines,
    main_colours,
    sheet_dots,
    sheet_number,
    shown,
    stone_outline,
)
from ..vision.limits import MOST_BYTES, PictureError
from ..vision.sheet_asked import SeenDot
from ..vision.stone_asked import StoneAsked, StoneFound
from .answer import Answer
from .errors import RESPONSES
from .ledger import studio
from .sheets import BlockAnswer, blocks_of
from .stages import Stages

router = APIRouter(prefix="/api/photo", tags=["pictures"], responses=RESPONSES)

Found = TypeVar("Found")
Question = Annotated[str, Query(max_length=30_000)]
Token = Annotated[str, Query(pattern=r"^[0-9a-f]{32}$")]
Share = Annotated[float, Query(ge=0, le=1, allow_inf_nan=False)]
BINARY = {"requestBody": {"required": True, "content": {"application/octet-stream": {"schema": {"type": "string"}}}}}


class SheetAnswer(Answer):
    """A sheet, how large its paper is (mm) and its targets, and what was found on it; the rest is as in SheetFound."""

    sheet: PracticeSheet
    size: tuple[float, float] = SHEET
    blocks: list[BlockAnswer]
    seen: tuple[SeenDot, ...]
    plane: tuple[float, ...]
    paint: str
    marks: int


class StageAnswer(Answer):
    """In words, empty where nothing is known of it."""

    stage: str


@router.post("/colour", openapi_extra=BINARY)
async def post_colour(request: Request, x: Share, y: Share, white_x: Share, white_y: Share) -> Colour:
    """The colour at a place of a picture (JPEG, PNG, WebP or HEIC), by white paper at another in the same light."""
    data = await _picture(request)
    return await while_asked(request, colour_beside_white(data, (x, y), (white_x, white_y)))


@router.post("/shown", openapi_extra=BINARY, response_model=None, responses={200: {"content": {"image/jpeg": {}}}})
async def post_shown(request: Request) -> Response:
    """A picture as a JPEG, for a browser that does not show its kind."""
    data = await _picture(request)
    return Response(await while_asked(request, shown(data)), media_type="image/jpeg")


@router.post("/palette", openapi_extra=BINARY)
async def post_photo_palette(request: Request, count: Annotated[int, Query(ge=1, le=12)] = 6) -> list[Colour]:
    """The main colours of a picture, those with most of it first."""
    data = await _picture(request)
    return await while_asked(request, main_colours(data, count))


@router.post("/stone", openapi_extra=BINARY)
async def post_stone(request: Request, asked: Question, reading: Token | None = None) -> StoneFound:
    """The outline of a stone in a picture, beside the scale card. `asked` is a StoneAsked as JSON, `reading` a token by
    which its stages are asked meanwhile."""
    try:
        wanted = StoneAsked.model_validate_json(asked)
    except ValidationError as error:
        field, sentence = first_sentence(error.errors(), asked)
        raise DocumentError(sentence, field) from error
    data = await _picture(request)
    return await while_asked(request, stone_outline(data, wanted, _stages(request).teller(reading)))


@router.post("/drawing", openapi_extra=BINARY)
async def post_drawing(request: Request) -> ShapeRegion:
    """A drawing, dark on light, as a shape with holes; as large as drawn where the scale card lies beside it."""
    data = await _picture(request)
    lines, _ = await while_asked(request, drawing_lines(data))
    return ShapeRegion(lines=tuple(Line(x=tuple(x), y=tuple(y)) for x, y in lines), rule="even-odd")


@router.post("/sheet", openapi_extra=BINARY)
async def post_photo_sheet(request: Request, reading: Token | None = None) -> SheetAnswer:
    """Everything painted on a practice sheet of this studio, by a picture of it; `reading` as for a stone."""
    data, tell = await _picture(request), _stages(request).teller(reading)
    number = await while_asked(request, sheet_number(data, tell))
    with studio(request).reading() as db:
        sheet = PracticeSheet.model_validate_json(practice_sheets.sheet(db, number))
    found = await while_asked(request, sheet_dots(data, sheet, tell))
    return SheetAnswer(sheet=sheet, blocks=blocks_of(sheet), **vars(found))


@router.get("/stage")
def get_stage(request: Request, reading: Token) -> StageAnswer:
    """What is being done for the reading with this token."""
    return StageAnswer(stage=_stages(request).now(reading))


def _stages(request: Request) -> Stages:
    stages: Stages = request.app.state.stages
    return stages


async def _picture(request: Request) -> bytes:
    data = bytearray()
    async for part in request.stream():
        data += part
        if len(data) > MOST_BYTES:
            raise PictureError(f"A picture may have {MOST_BYTES // 2**20} MB; this one is larger.")
    return bytes(data)


async def while_asked(request: Request, work: Coroutine[None, None, Found]) -> Found:
    """What the work answers; it ends when its asker goes away."""
    job, gone = asyncio.ensure_future(work), asyncio.ensure_future(_gone(request))
    try:
        await asyncio.wait((job, gone), return_when=asyncio.FIRST_COMPLETED)
        if not job.done():
            raise CalledOffError("Nobody waits for this picture any more.")
        return job.result()
    finally:
        gone.cancel()
        job.cancel()


async def _gone(request: Request) -> None:
    while (await request.receive())["type"] != "http.disconnect":
        pass

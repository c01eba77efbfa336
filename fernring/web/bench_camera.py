"""Routes of the simulated camera on the bench, for a studio where no camera is at hand."""

from typing import Annotated, Any

from fastapi import APIRouter, Query, Request
from starlette.responses import Response

from ..core.errors import SpentError
from ..core.marks import MOST_SHEETS
from ..store import practice_sheets
from ..vision.process import answered
from .errors import RESPONSES
from .ledger import studio
from .vision import while_asked

router = APIRouter(prefix="/api/bench-camera", tags=["pictures"], responses=RESPONSES)

SECONDS = 30.0
Seed = Annotated[int, Query(ge=0, le=10**6)]
SheetNumber = Annotated[int, Query(ge=1, le=MOST_SHEETS)]
JPEG: dict[int | str, dict[str, Any]] = {
    200: {"content": {"image/jpeg": {"schema": {"type": "string", "format": "binary"}}}}
}


@router.get("/stone", response_class=Response, responses=JPEG)
async def get_stone_picture(request: Request, seed: Seed = 0) -> Response:
    """A photograph of a made-up stone beside the scale card; the same seed gives the same one."""
    return await _picture(request, "stone", seed, b"")


@router.get("/sheet", response_class=Response, responses=JPEG)
async def get_sheet_picture(request: Request, number: SheetNumber, seed: Seed = 0) -> Response:
    """A photograph of a practice sheet of this studio, painted by a made-up hand."""
    with studio(request).reading() as db:
        sheet = practice_sheets.sheet(db, number)
    return await _picture(request, "sheet", seed, sheet.encode())


async def _picture(request: Request, what: str, seed: int, given: bytes) -> Response:
    try:
        taken = await while_asked(request, answered("fernring.standins.camera", (what, str(seed)), given, SECONDS))
    except TimeoutError as error:
        raise SpentError("The camera on the bench took too long; take another picture.") from error
    return Response(taken, media_type="image/jpeg")

"""The steps of a document as it stands; nothing is saved."""

from typing import Annotated

from fastapi import APIRouter, Response
from pydantic import Field

from ..core.document.numbers import FIRST, Frozen
from ..core.document.shelf import Body, Medium
from ..core.work.drying import Report
from ..core.work.pace import Pace
from ..core.work.work import work
from ..formats.work_json import work_bytes
from .answer import Asked
from .errors import RESPONSES
from .reading import PieceBody, QuickRoute
from .worked import WorkAnswer

router = APIRouter(prefix="/api", tags=["work"], route_class=QuickRoute, responses=RESPONSES)
MOST_REPORTS = 500
Waited = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.1, le=20000)]


class DryingReport(Frozen):
    """What was found of a dot of such paint: minutes since it was painted, what was expected, whether it was dry."""

    body: Body
    medium: Medium
    minutes: Waited
    expected: Waited
    dry: bool


class PaceReport(Frozen):
    """How long a step of such a kind was expected to take, and took (minutes)."""

    kind: Annotated[str, Field(strict=True, max_length=40)]
    expected: Waited
    took: Waited


class WorkRequest(Asked):
    """A document with its choices, and what its artist found about drying and about the hand."""

    piece: PieceBody
    reports: Annotated[tuple[DryingReport, ...], FIRST, Field(max_length=MOST_REPORTS)] = ()
    paces: Annotated[tuple[PaceReport, ...], FIRST, Field(max_length=MOST_REPORTS)] = ()


@router.post("/work", response_model=None, responses={200: {"model": WorkAnswer}})
def post_work(request: WorkRequest) -> Response:
    """The steps of a document from bare blank to finished piece, in an order of the hand."""
    reports = [Report(**vars(one)) for one in request.reports]
    paces = [Pace(**vars(one)) for one in request.paces]
    return Response(work_bytes(work(request.piece, reports, paces)), media_type="application/json")

"""Routes that propose and save nothing: what fits, a next row, spread slack, remedies."""

from typing import Annotated

from fastapi import APIRouter, Request
from pydantic import Field

from ..core.advice.verdict import Action
from ..core.document.changes import Change
from ..core.document.motif import Width
from ..core.document.numbers import Ident
from ..core.document.piece import Piece
from ..core.document.row import Row
from ..core.proposals.fits import what_fits
from ..core.proposals.fits_trim import trim_fits
from ..core.proposals.graded import By, followed, graded
from ..core.proposals.motif import with_motif
from ..core.proposals.nearest_tools import with_nearest
from ..core.proposals.next_row import next_row
from ..core.proposals.remedies import remedies
from ..core.proposals.resize import resized
from ..core.proposals.row_below import row_below
from ..core.proposals.slack import spread_slack
from .answer import Answer, Asked
from .errors import RESPONSES
from .known import KnownPlans
from .reading import KitBody, PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["proposals"], route_class=QuickRoute, responses=RESPONSES)


class RowRequest(Asked):
    piece: PieceBody
    row: Annotated[int, Field(strict=True, ge=0, le=199)]


class AlternativeAnswer(Answer):
    """One line of “what fits here?”; lengths in mm."""

    repeats: int
    member: int
    diameter: float
    tool: str
    tool_name: str
    walk: float
    clear: float | None
    left: float
    lost: int
    current: bool
    meets: bool
    changes: list[Change]


class TrimRequest(RowRequest):
    """`trim` counts the row's trims as they stand on the sheet, from 0."""

    trim: Annotated[int, Field(strict=True, ge=0, le=199)]


class TrimAlternativeAnswer(Answer):
    """One line of “what fits here?” for a trim: dots it gives, and what would be found fault with."""

    label: str
    diameter: float
    tool_name: str
    dots: int
    troubles: int
    current: bool
    changes: list[Change]


class ResizeRequest(Asked, Width):
    """A motif by its id, and how wide it may be at most (mm)."""

    piece: PieceBody
    motif: Ident


class SpreadAnswer(Answer):
    """The piece with wider gaps, what was added to each, and what was left over (mm)."""

    piece: Piece
    added: float
    left: float


class RemediesRequest(Asked):
    """A piece, and the key of one of its verdicts."""

    piece: PieceBody
    key: Annotated[str, Field(strict=True, max_length=400)]


class RemedyAnswer(Answer):
    """What puts a verdict right: changes, or an action that is calculated when it is taken."""

    label: str
    action: Action | None
    changes: list[Change]


@router.post("/fits")
def post_fits(request: RowRequest) -> list[AlternativeAnswer]:
    """What fits here? Alternatives for one row."""
    found = what_fits(request.piece, request.row)
    return [AlternativeAnswer(**{**vars(alternative), "changes": list(alternative.changes)}) for alternative in found]


@router.post("/fits/trim")
def post_fits_trim(request: TrimRequest) -> list[TrimAlternativeAnswer]:
    """What fits here? Alternatives for one trim."""
    found = trim_fits(request.piece, request.row, request.trim)
    return [TrimAlternativeAnswer(**{**vars(one), "changes": list(one.changes)}) for one in found]


@router.post("/remedies")
def post_remedies(request: Request, asked: RemediesRequest) -> list[RemedyAnswer]:
    """What was tried and puts this verdict right, without bringing one as bad."""
    plans: KnownPlans = request.app.state.known
    found = remedies(asked.piece, asked.key, plans.like(asked.piece))
    return [RemedyAnswer(label=one.label, action=one.action, changes=list(one.changes)) for one in found]


class NearestRequest(Asked):
    """A piece, and the kit that it shall be made with."""

    piece: PieceBody
    kit: KitBody


class NearestAnswer(Answer):
    """A size of the piece (mm), the rows that set it, the tool and dot of the kit that come nearest, and by how much
    that is larger, as a share."""

    size: float
    rows: tuple[int, ...]
    tool: str
    name: str
    dot: float
    off: float


class WithMineAnswer(Answer):
    """What the kit has instead of the piece's sizes, and the changes by which the piece takes these. `lost` counts what
    is wrong then and was not before, `found` says the first of it; with none the design still closes."""

    sizes: tuple[NearestAnswer, ...]
    changes: tuple[Change, ...]
    lost: int
    found: tuple[str, ...]


@router.post("/nearest-tools")
def post_nearest_tools(request: Request, asked: NearestRequest) -> WithMineAnswer:
    """Somebody's design with the tools of this kit: the nearest for each size, and whether it still closes."""
    plans: KnownPlans = request.app.state.known
    mine = with_nearest(asked.piece, asked.kit.tools, plans.like(asked.piece))
    sizes = tuple(NearestAnswer(**vars(one), off=round(one.off, 4)) for one in mine.sizes)
    return WithMineAnswer(**{**vars(mine), "sizes": sizes})


@router.post("/slack")
def post_slack(piece: PieceBody) -> SpreadAnswer:
    """Spread the slack over the nested rows."""
    spread = spread_slack(piece)
    return SpreadAnswer(piece=spread.piece, added=spread.added, left=spread.left)


class GradedRequest(Asked):
    """A piece, one of its ramps, and how it is laid over the rows: a step for each or by distance; `back` begins at the
    edge."""

    piece: PieceBody
    ramp: Ident
    by: By = "rows"
    back: Annotated[bool, Field(strict=True)] = False


@router.post("/graded")
def post_graded(request: Request, asked: GradedRequest) -> Piece:
    """The piece with a ramp laid over its rows."""
    plans: KnownPlans = request.app.state.known
    return graded(asked.piece, asked.ramp, asked.by, asked.back, plans.like(asked.piece))


class FollowRequest(Asked):
    """A piece before and after rows were added."""

    before: PieceBody
    after: PieceBody


@router.post("/graded/follow")
def post_graded_follow(request: Request, asked: FollowRequest) -> Piece:
    """The piece after, with the steps of a ramp that was laid over its rows spread over the new ones too."""
    plans: KnownPlans = request.app.state.known
    return followed(asked.before, asked.after, plans.like(asked.before))


@router.post("/motif")
def post_motif(piece: PieceBody) -> Piece:
    """The piece with one more motif, where most room is left."""
    return with_motif(piece)


@router.post("/motif/size")
def post_motif_size(request: ResizeRequest) -> Piece:
    """The piece with a motif refitted to another size."""
    return resized(request.piece, request.motif, request.across)


@router.post("/next-row")
def post_next_row(piece: PieceBody) -> Row:
    """One more row that fits."""
    return next_row(piece)


@router.post("/row-below")
def post_row_below(request: RowRequest) -> Row:
    """One more row that fits below another."""
    return row_below(request.piece, request.row)

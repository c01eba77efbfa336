"""Routes that propose and save nothing: what fits, a next row, spread slack, first designs, what new things begin
with.
"""

from typing import Annotated, Any

from fastapi import APIRouter, Request
from pydantic import Field

from ..core.advice.verdict import Action
from ..core.document.blank import Blank
from ..core.document.changes import Change
from ..core.document.count import Count
from ..core.document.kit import Kit
from ..core.document.numbers import Ident, Repeats, Segments
from ..core.document.piece import Piece
from ..core.document.row import Row
from ..core.document.shelf import Shelf
from ..core.errors import ComposeError
from ..core.proposals import begun
from ..core.proposals.fits import what_fits
from ..core.proposals.fits_trim import trim_fits
from ..core.proposals.next_row import next_row
from ..core.proposals.other_row import other_row
from ..core.proposals.remedies import remedies
from ..core.proposals.row_below import row_below
from ..core.proposals.slack import spread_slack
from ..core.proposals.starting.compose import compose
from ..core.proposals.starting.recipe import recipes
from ..core.rows.counts import as_count
from ..formats.piece_json import parse_document
from ..store import ledger, pieces
from .answer import Answer, Asked
from .errors import RESPONSES
from .known import KnownPlans
from .ledger import studio
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["proposals"], route_class=QuickRoute, responses=RESPONSES)


class Pattern(Answer):
    id: str
    name: str
    about: str


class ComposeRequest(Asked):
    """A piece without rows, and the starting pattern to fill it with."""

    piece: PieceBody
    pattern: Ident


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


class TrackRequest(RowRequest):
    """A row to be put on another kind of track."""

    kind: Ident


class NewRowRequest(Asked):
    """A row on this kind of track is to be added."""

    piece: PieceBody
    kind: Ident


class NewTrimRequest(RowRequest):
    """A kind of trim to be added to a row, or to the trim at this path of places."""

    kind: Ident
    path: Annotated[tuple[Annotated[int, Field(strict=True, ge=0, le=11)], ...], Field(max_length=3)] = ()


class OutlineRequest(Asked):
    """Another kind of outline for a blank of about the same size."""

    blank: Blank
    kind: Ident


class ReliefRequest(Asked):
    blank: Blank
    kind: Annotated[str, Field(strict=True, pattern=r"^[a-z ]{1,20}$")]


class CountRequest(Asked):
    repeats: Repeats
    segments: Segments


class CountAnswer(Answer):
    count: Count


@router.get("/patterns")
def get_patterns() -> list[Pattern]:
    """The starting patterns."""
    return [Pattern(id=recipe.id, name=recipe.name, about=recipe.about) for recipe in recipes()]


@router.post("/compose")
def post_compose(request: ComposeRequest) -> Piece:
    """A complete first design for the blank, its rows calculated from the starting pattern."""
    recipe = next((recipe for recipe in recipes() if recipe.id == request.pattern), None)
    if recipe is None:
        names = ", ".join(recipe.id for recipe in recipes())
        raise ComposeError(f"There is no starting pattern “{request.pattern}”; there are {names}.", "pattern")
    return compose(request.piece.model_copy(update={"rows": (), "ramps": ()}), recipe)


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


@router.post("/slack")
def post_slack(piece: PieceBody) -> SpreadAnswer:
    """Spread the slack over the nested rows."""
    spread = spread_slack(piece)
    return SpreadAnswer(piece=spread.piece, added=spread.added, left=spread.left)


@router.post("/next-row")
def post_next_row(piece: PieceBody) -> Row:
    """One more row that fits."""
    return next_row(piece)


@router.post("/row-below")
def post_row_below(request: RowRequest) -> Row:
    """One more row that fits below another."""
    return row_below(request.piece, request.row)


@router.get("/begin/piece")
def get_begin_piece(request: Request) -> Piece | None:
    """A new piece before its rows are composed, with today's kit and shelf; null while one of them is empty."""
    with studio(request).reading() as db:
        bodies = [ledger.state(db, pieces.singleton(db, kind) or "").body for kind in ("kit", "shelf")]
    kit, shelf = (parse_document(body) for body in bodies)
    if not isinstance(kit, Kit) or not isinstance(shelf, Shelf) or not kit.tools or not shelf.paints:
        return None
    return begun.piece(kit.tools, shelf.paints)


@router.post("/begin/track")
def post_begin_track(request: TrackRequest) -> dict[str, Any]:
    """What changes in a row that is put on another kind of track."""
    return begun.track(request.piece, request.row, request.kind)


@router.post("/begin/row")
def post_begin_row(request: NewRowRequest) -> Row:
    """A row on another kind of track, to add at the end."""
    return other_row(request.piece, request.kind)


@router.post("/begin/trim")
def post_begin_trim(request: NewTrimRequest) -> list[Change]:
    """A new trim that suits the dots it sits on."""
    return [begun.trim(request.piece, request.row, request.kind, request.path)]


@router.post("/begin/outline")
def post_begin_outline(request: OutlineRequest) -> Blank:
    """The blank with another kind of outline, about as large as before."""
    return begun.outline(request.blank, request.kind)


@router.post("/begin/border")
def post_begin_border(blank: Blank) -> Blank:
    """The blank with a border in keeping with its size."""
    return begun.bordered(blank)


@router.post("/begin/relief")
def post_begin_relief(request: ReliefRequest) -> Blank:
    """The blank with another kind of relief, in proportion to its size."""
    return begun.relief(request.blank, request.kind)


@router.post("/begin/count")
def post_begin_count(request: CountRequest) -> CountAnswer:
    """A typed count as the rule it means."""
    return CountAnswer(count=as_count(request.repeats, request.segments))

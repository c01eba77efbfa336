"""Routes that compute and save nothing: plan, compose, what fits, spread the slack, next row."""

from typing import Annotated, Any, Literal

from fastapi import APIRouter, Response
from pydantic import BaseModel, ConfigDict, Field

from ..core.advice.fits import what_fits
from ..core.advice.fits_trim import trim_fits
from ..core.advice.next_row import next_row
from ..core.advice.slack import spread_slack
from ..core.document.changes import Change, changed
from ..core.document.numbers import Frozen, Ident
from ..core.document.piece import Piece
from ..core.document.reading import read_piece
from ..core.document.row import Row
from ..core.errors import ComposeError
from ..core.plan import plan
from ..core.starting.compose import compose
from ..core.starting.recipe import recipes
from ..formats.plan_json import plan_bytes
from .errors import RESPONSES
from .planned import PlanAnswer
from .reading import QuickRoute

router = APIRouter(prefix="/api", tags=["reckoning"], route_class=QuickRoute, responses=RESPONSES)


class Answer(BaseModel):
    model_config = ConfigDict(extra="forbid")


class Pattern(Answer):
    id: str
    name: str
    about: str


class ComposeRequest(Frozen):
    """A piece without rows, and the starting pattern to fill it with."""

    piece: Piece
    pattern: Ident


class RowRequest(Frozen):
    piece: Piece
    row: Annotated[int, Field(strict=True, ge=0, le=199)]


class ChangesRequest(Frozen):
    piece: Piece
    changes: Annotated[tuple[Change, ...], Field(max_length=200)]


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


@router.post("/plan", response_model=None, responses={200: {"model": PlanAnswer}})
def post_plan(piece: Piece, verdicts: Literal["yes", "no"] = "yes") -> Response:
    """The plan of a document, without saving it."""
    return Response(plan_bytes(plan(piece, verdicts == "yes")), media_type="application/json")


@router.get("/patterns")
def get_patterns() -> list[Pattern]:
    """The starting patterns."""
    return [Pattern(id=recipe.id, name=recipe.name, about=recipe.about) for recipe in recipes()]


@router.post("/compose")
def post_compose(request: ComposeRequest) -> Piece:
    """A complete first design for the blank, its rows reckoned from the starting pattern."""
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


@router.post("/slack")
def post_slack(piece: Piece) -> SpreadAnswer:
    """Spread the slack over the nested rows."""
    spread = spread_slack(piece)
    return SpreadAnswer(piece=spread.piece, added=spread.added, left=spread.left)


@router.post("/next-row")
def post_next_row(piece: Piece) -> Row:
    """One more row that fits."""
    return next_row(piece)


@router.post("/changed")
def post_changed(request: ChangesRequest) -> Piece:
    """The document with changes made, checked against every bound."""
    return changed(request.piece, request.changes)


@router.post("/check", response_model=None, responses={200: {"model": Piece}})
def post_check(document: dict[str, Any]) -> Piece:
    """A document from a file, brought up to the present format."""
    return read_piece(document)

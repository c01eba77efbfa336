"""Routes that answer what new things begin with, and save nothing: blanks, first designs, rows, trims."""

from functools import cache
from typing import Annotated, Any, Literal

import orjson
from fastapi import APIRouter, Request, Response
from pydantic import Field

from ..core.document.blank import Blank
from ..core.document.changes import Change
from ..core.document.count import Count
from ..core.document.kit import Kit
from ..core.document.numbers import Ident, Repeats, Segments
from ..core.document.piece import Piece
from ..core.document.row import Row
from ..core.document.shelf import Paint, Shade, Shelf
from ..core.document.work import Work
from ..core.errors import ComposeError
from ..core.proposals import begun
from ..core.proposals.everyday import everyday_blanks
from ..core.proposals.other_row import other_row
from ..core.proposals.shading import shades
from ..core.proposals.starters import starters
from ..core.proposals.starting.compose import composed
from ..core.proposals.starting.recipe import recipes
from ..core.rows.counts import as_count
from ..core.solved import Solved, solve_piece
from ..core.words.blank import size
from ..formats.piece_json import parse_document
from ..formats.plan_json import sketch_bytes
from ..store import ledger, pieces, settings
from .answer import Answer, Asked
from .errors import RESPONSES
from .ledger import studio
from .planned import SketchAnswer
from .proposing import RowRequest
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["begin"], route_class=QuickRoute, responses=RESPONSES)


class Pattern(Answer):
    id: str
    name: str
    about: str


class ComposeRequest(Asked):
    """A piece without rows, and the starting pattern to fill it with."""

    piece: PieceBody
    pattern: Ident


class EverydayAnswer(Answer):
    """A kind of blank by its everyday name; lengths in `words` stand in braces, in mm."""

    id: str
    name: str
    blank: Blank
    words: str
    picture: SketchAnswer


class TrackRequest(RowRequest):
    """A row to be put on another kind of track."""

    kind: Ident


class StarterAnswer(Answer):
    """A set to begin with, and the kit or shelf that it makes."""

    id: str
    name: str
    about: str
    stock: Kit | Shelf


class NewRowRequest(Asked):
    """A row on this kind of track is to be added, about an area or not; of a fill `where` there."""

    piece: PieceBody
    kind: Ident
    area: Ident | None = None
    where: Literal["", "inside", "round"] = ""


class ShadesRequest(RowRequest):
    """By which way a row is shaded."""

    way: Ident


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
    return _composed(request).piece


def _composed(request: ComposeRequest) -> Solved:
    recipe = next((recipe for recipe in recipes() if recipe.id == request.pattern), None)
    if recipe is None:
        names = ", ".join(recipe.id for recipe in recipes())
        raise ComposeError(f"There is no starting pattern “{request.pattern}”; there are {names}.", "pattern")
    return composed(request.piece.model_copy(update={"rows": (), "ramps": ()}), recipe)


@router.post("/compose/sketch", response_model=None, responses={200: {"model": SketchAnswer}})
def post_compose_sketch(request: ComposeRequest) -> Response:
    """The same design as a small picture."""
    return Response(sketch_bytes(_composed(request)), media_type="application/json")


@router.get("/begin/starters")
def get_begin_starters() -> list[StarterAnswer]:
    """Sets to begin with where the kit or the shelf is empty."""
    return [StarterAnswer(**vars(one)) for one in starters()]


@router.get("/begin/blanks")
def get_begin_blanks() -> list[EverydayAnswer]:
    """Blanks by their everyday names, each with a picture of it."""
    return _everyday()


@cache
def _everyday() -> list[EverydayAnswer]:
    return [
        EverydayAnswer(id=one.id, name=one.name, blank=one.blank, words=size(one.blank), picture=_bare(one.blank))
        for one in everyday_blanks()
    ]


def _bare(blank: Blank) -> SketchAnswer:
    """A blank without a design, as a small picture."""
    paint = Paint(id="base", name=blank.base.name, colour=blank.base.colour)
    piece = Piece(name=blank.base.name, blank=blank, paints=(paint,))
    return SketchAnswer.model_validate(orjson.loads(sketch_bytes(solve_piece(piece))))


@router.get("/begin/piece")
def get_begin_piece(request: Request) -> Piece | None:
    """A new piece before its rows are composed, with today's kit and shelf; null while one of them is empty."""
    with studio(request).reading() as db:
        bodies = [ledger.state(db, pieces.singleton(db, kind) or "").body for kind in ("kit", "shelf")]
        schools = settings.read(db).get("schools")
    kit, shelf = (parse_document(body) for body in bodies)
    if not isinstance(kit, Kit) or not isinstance(shelf, Shelf) or not kit.tools or not shelf.paints:
        return None
    return begun.piece(kit.tools, shelf.paints, Work.model_validate_json(schools) if schools else Work())


@router.post("/begin/track")
def post_begin_track(request: TrackRequest) -> dict[str, Any]:
    """What changes in a row that is put on another kind of track."""
    return begun.track(request.piece, request.row, request.kind)


@router.post("/begin/row")
def post_begin_row(request: NewRowRequest) -> Row:
    """A row on another kind of track, to add at the end."""
    return other_row(request.piece, request.kind, request.area, request.where)


@router.post("/begin/shades")
def post_begin_shades(request: ShadesRequest) -> list[Shade]:
    """The shades of a row in one step."""
    return list(shades(request.piece, request.row, request.way))


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

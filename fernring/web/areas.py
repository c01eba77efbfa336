"""Routes for areas: figures, words as large as they may be, and the pieces that come of a mask or of a back."""

from typing import Annotated

from fastapi import APIRouter
from pydantic import Field, model_validator

from ..core.document.blank import Blank
from ..core.document.numbers import Ident, Tick, readable
from ..core.document.piece import Piece
from ..core.document.region import MOST_LETTERS, EndsRegion, Font, Form, FormRegion, WordRegion, require_letters
from ..core.proposals import begun
from ..core.proposals.back import back_of
from ..core.proposals.words import largest_word, new_word, what_comes_off
from .answer import Asked
from .errors import RESPONSES
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["areas"], route_class=QuickRoute, responses=RESPONSES)


class FigureRequest(Asked):
    """A figure to be put on this blank."""

    blank: Blank
    form: Form


class NewWordRequest(Asked):
    """A word to be put on this blank."""

    blank: Blank
    text: Annotated[str, Field(strict=True, min_length=1, max_length=MOST_LETTERS, pattern=r"\S"), readable]
    font: Font = "round"

    @model_validator(mode="after")
    def _written(self) -> "NewWordRequest":
        require_letters(self.text, self.font)
        return self


class LargestRequest(Asked):
    """A word of this blank to be made as large as fits; a straight one may be turned unless it stays `level`."""

    blank: Blank
    word: WordRegion
    level: Tick = True


class MaskRequest(Asked):
    """A piece and the id of a mask of it."""

    piece: PieceBody
    area: Ident


class WholeRequest(Asked):
    piece: PieceBody


@router.post("/begin/figure")
def post_begin_figure(request: FigureRequest) -> FormRegion:
    """A figure in the middle of the blank, in its own proportion."""
    return begun.figure(request.blank, request.form)


@router.post("/begin/ends")
def post_begin_ends(request: WholeRequest) -> EndsRegion:
    """The ends of an oval, the corners of a square, beyond a circle about the centre."""
    return begun.ends_of(request.piece)


@router.post("/region/word")
def post_region_word(request: NewWordRequest) -> WordRegion:
    """A straight word as large as fits inside the border."""
    return new_word(request.blank, request.text, request.font)


@router.post("/region/largest")
def post_region_largest(request: LargestRequest) -> WordRegion:
    """The same word as large as fits: straight, round its circle or along the edge."""
    return largest_word(request.blank, request.word, request.level)


@router.post("/begin/comes-off")
def post_begin_comes_off(request: MaskRequest) -> Piece:
    """The piece that comes off with a mask: the same dots, those on it."""
    return what_comes_off(request.piece, request.area)


@router.post("/begin/back")
def post_begin_back(request: WholeRequest) -> Piece:
    """A piece for the plain back of the blank."""
    return back_of(request.piece)

"""Routes about colours that hold together: the map of a piece's colours with advice, and palettes for it."""

from typing import Annotated

from fastapi import APIRouter, Request
from pydantic import Field

from ..core.document.numbers import FIRST, Colour, Ident
from ..core.document.piece import Piece
from ..core.document.work import Mixed
from ..core.harmony.advice import advice
from ..core.harmony.ideas import MOST_KEPT, ideas, told
from ..core.harmony.report import colour_report
from ..core.paint.pots import at_hand, mixing
from .answer import Answer, Asked
from .errors import RESPONSES
from .known import KnownPlans
from .planned import VerdictAnswer
from .proposing import RemedyAnswer
from .reading import PieceBody, QuickRoute, ShelfBody

router = APIRouter(prefix="/api", tags=["colour"], route_class=QuickRoute, responses=RESPONSES)

MOST_AIMS = 12


class ColoursRequest(Mixed, Asked):
    """A piece, the shelf its shades are mixed from, and the share that is mixed beyond the need."""

    piece: PieceBody
    shelf: ShelfBody | None = None


class ShareAnswer(Answer):
    """One of the plan's shades by its place, its share of all paint that is seen, and the sector of hue it lies in."""

    shade: int
    name: str
    colour: Colour
    share: float
    hue: int | None


class RowColourAnswer(Answer):
    """A row by its place: mean walk (mm), the shade that most of it is in, value (L*), and how far it stands apart from
    the base and from the next row outward (CIEDE2000; null for the last)."""

    row: int
    walk: float
    shade: int
    value: float
    from_base: float
    from_next: float | None


class AdviceAnswer(VerdictAnswer):
    remedies: list[RemedyAnswer]


class ColoursAnswer(Answer):
    """Shares by shade; `map[k]` the area (mm²) of every one of them between walk distances `bands[k]` and
    `bands[k + 1]`; rows from the centre outward; shares of the coloured area in twelve sectors of hue from 0 degrees,
    and of what has no hue; and what may be better."""

    shades: list[ShareAnswer]
    bands: list[float]
    map: list[list[float]]
    rows: list[RowColourAnswer]
    hues: list[float]
    grey: float
    advice: list[AdviceAnswer]


class PalettesRequest(Asked):
    """A piece, the shelf, ids of paints that have to be in it, and main colours of a picture instead of rules."""

    piece: PieceBody
    shelf: ShelfBody
    keep: Annotated[tuple[Ident, ...], FIRST, Field(max_length=MOST_KEPT)] = ()
    aims: Annotated[tuple[Colour, ...], FIRST, Field(max_length=MOST_AIMS)] = ()


class IdeaPaintAnswer(Answer):
    """The paint that takes the place of the piece's paint `of`."""

    of: Ident
    name: str
    colour: Colour
    mixed: bool


class IdeaAnswer(Answer):
    """A palette by its name: its paints, the piece in it, its shades' colours in the order of the plan's, and the least
    that rows side by side, and rows and base, stand apart (CIEDE2000)."""

    name: str
    about: str
    paints: list[IdeaPaintAnswer]
    piece: Piece
    shades: list[Colour]
    between: float
    from_base: float


@router.post("/colours")
def post_colours(request: Request, asked: ColoursRequest) -> ColoursAnswer:
    """How the colours of a piece hold together."""
    known: KnownPlans = request.app.state.known
    mixed = mixing(asked.piece, asked.margin, asked.shelf, known.like(asked.piece))
    report = colour_report(mixed.solved)
    shades = mixed.solved.palette.shades
    return ColoursAnswer(
        shades=[
            ShareAnswer(
                shade=k,
                name=one.name,
                colour=one.colour,
                share=round(float(report.shares[k]), 5),
                hue=report.sectors[k],
            )
            for k, one in enumerate(shades)
        ],
        bands=report.bands.round(3).tolist(),
        map=report.map.round(3).tolist(),
        rows=[RowColourAnswer(**vars(one)) for one in report.rows],
        hues=report.hues.round(5).tolist(),
        grey=round(report.grey, 5),
        advice=[
            AdviceAnswer(
                **{name: value for name, value in vars(one).items() if name != "ways"},
                remedies=[
                    RemedyAnswer(label=each.label, action=each.action, changes=list(each.changes))
                    for way in one.ways
                    for each in way
                ],
            )
            for one in advice(report, mixed)
        ],
    )


@router.post("/palettes")
def post_palettes(request: Request, asked: PalettesRequest) -> list[IdeaAnswer]:
    """Palettes of the paints at hand and mixes of two of them that would suit the piece, the best first."""
    known: KnownPlans = request.app.state.known
    paints = at_hand(asked.piece, asked.shelf)
    found = ideas(asked.piece, paints, asked.keep, asked.aims, known.like(asked.piece))
    return [
        IdeaAnswer(
            name=name,
            about=about,
            paints=[
                IdeaPaintAnswer(of=of, name=paint.name, colour=paint.colour, mixed=bool(paint.parts))
                for of, paint in one.paints
            ],
            piece=one.piece,
            shades=list(one.colours),
            between=round(one.between, 2),
            from_base=round(one.from_base, 2),
        )
        for one, (name, about) in zip(found, told(found), strict=True)
    ]

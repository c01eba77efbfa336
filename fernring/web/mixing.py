"""Routes for paint: recipes in whole drops, and how much of every shade a piece takes."""

from typing import Annotated, Literal, Self

from fastapi import APIRouter, Request
from pydantic import Field, model_validator

from ..core.colour.palette import Colouring
from ..core.colour.seen import as_seen
from ..core.document.numbers import FIRST, Colour, Ident
from ..core.document.shelf import Paint
from ..core.document.work import Mixed
from ..core.paint.pots import Ladder, Pot, mixing
from ..core.paint.recipes import MOST_DROPS, MOST_POTS, Recipe, recipes
from .answer import Answer, Asked
from .errors import RESPONSES
from .known import KnownPlans
from .reading import PieceBody, QuickRoute, ShelfBody

router = APIRouter(prefix="/api", tags=["paint"], route_class=QuickRoute, responses=RESPONSES)

MOST_AIMS, MOST_SEEN = 60, 1000


class RecipesRequest(Asked):
    """Paints at hand, colours that are wanted, and the most drops of one mix."""

    paints: Annotated[tuple[Paint, ...], FIRST, Field(min_length=1, max_length=MOST_POTS)]
    aims: Annotated[tuple[Colour, ...], FIRST, Field(min_length=1, max_length=MOST_AIMS)]
    most_drops: Annotated[int, Field(strict=True, ge=1, le=MOST_DROPS)] = MOST_DROPS


class DropsAnswer(Answer):
    paint: Ident
    drops: int


class RecipeAnswer(Answer):
    """Drops, most first; the colour predicted, its error (CIEDE2000), whether it comes near enough to the aim, and
    whether it rests on swabs of mixes or on an estimate."""

    aim: Colour
    drops: list[DropsAnswer]
    colour: Colour
    error: float
    reached: bool
    calibrated: bool


class AmountsRequest(Mixed, Asked):
    """A piece, the share that is mixed beyond the need, and the shelf of which recipes are made; without one they are
    of the piece's own paints."""

    piece: PieceBody
    shelf: ShelfBody | None = None


class LeftoverAnswer(Answer):
    """A pot of before that does for a shade: its id, ml left, and how far its colour is from it (CIEDE2000)."""

    pot: Ident
    ml: float
    error: float


class PotAnswer(Answer):
    """One of the plan's shades by its place: dots and marks, wet ml on the piece, ml and drops to mix or pour, the rows
    that use it; for a shade that is mixed the recipe, its drops for what a pot of before does not give, `mixed` ml of
    those, that pot, and where the aim is out of reach the colour of one more paint that would close the gap."""

    shade: int
    name: str
    colour: Colour
    dots: int
    marks: int
    ml: float
    mix: float
    drops: int
    rows: list[int]
    recipe: RecipeAnswer | None
    pots: list[DropsAnswer]
    mixed: float
    leftover: LeftoverAnswer | None
    gap: Colour | None


class RungAnswer(Answer):
    """For one shade: drops of the light and of the coloured paint that are added, drops that are put aside, and the
    share of colour that the pot then has."""

    shade: int
    light: int
    colour: int
    aside: float
    share: float


class LadderAnswer(Answer):
    ramp: Ident
    light: Ident
    colour: Ident
    rungs: list[RungAnswer]


class ShortAnswer(Answer):
    """A paint, ml needed and left, and the row in which it runs out, if it does before the last dot."""

    paint: Ident
    needed: float
    left: float
    row: int | None


class AmountsAnswer(Answer):
    """All pots, ladders for ramps between two paints, ml of the base coats and of one coat of finish, paints of which
    less is left than is needed, and what all paint of a known price costs."""

    pots: list[PotAnswer]
    ladders: list[LadderAnswer]
    base: float
    finish: float
    short: list[ShortAnswer]
    price: float | None


Darker = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=0.5)]


class SeenRequest(Asked):
    """Colours, how they are seen, and how much of its light each loses while it dries; none for what is usual."""

    colours: Annotated[tuple[Colour, ...], FIRST, Field(min_length=1, max_length=MOST_SEEN)]
    way: Literal[
        "painted", "wet", "matte", "gloss", "warm", "cool", "grey", "red-blind", "green-blind", "blue-blind", "far"
    ]
    darker: Annotated[tuple[Darker, ...], FIRST, Field(max_length=MOST_SEEN)] = ()

    @model_validator(mode="after")
    def _as_many(self) -> Self:
        if self.darker and len(self.darker) != len(self.colours):
            raise ValueError(f"there are {len(self.colours)} colours and {len(self.darker)} shares of drying darker")
        return self


@router.post("/seen")
def post_seen(request: SeenRequest) -> list[Colour]:
    """The colours as they are seen so, in the same order."""
    return as_seen(request.colours, request.way, request.darker)


@router.post("/recipes")
def post_recipes(request: RecipesRequest) -> list[RecipeAnswer]:
    """A mix of at most three of the paints for every wanted colour."""
    return [_recipe(one) for one in recipes(request.paints, request.aims, request.most_drops)]


@router.post("/amounts")
def post_amounts(request: Request, asked: AmountsRequest) -> AmountsAnswer:
    """How much of every shade to mix, and how."""
    known: KnownPlans = request.app.state.known
    found = mixing(asked.piece, asked.margin, asked.shelf, known.like(asked.piece))
    shades = found.solved.palette.shades
    return AmountsAnswer(
        pots=[_pot(one, shades[one.amount.shade]) for one in found.pots],
        ladders=[
            LadderAnswer(ramp=one.ramp, light=one.light, colour=one.colour, rungs=_rungs(one)) for one in found.ladders
        ],
        base=found.coats.base,
        finish=found.coats.finish,
        short=[ShortAnswer(**vars(one)) for one in found.short],
        price=found.price,
    )


def _recipe(one: Recipe) -> RecipeAnswer:
    return RecipeAnswer(
        aim=one.aim,
        drops=[DropsAnswer(paint=paint, drops=drops) for paint, drops in one.drops],
        colour=one.colour,
        error=round(one.error, 3),
        reached=one.reached,
        calibrated=one.calibrated,
    )


def _pot(one: Pot, shade: Colouring) -> PotAnswer:
    amount, before = one.amount, one.leftover
    return PotAnswer(
        shade=amount.shade,
        name=shade.name,
        colour=shade.colour,
        dots=amount.dots,
        marks=amount.marks,
        ml=round(amount.ml, 4),
        mix=round(amount.mix, 4),
        drops=amount.drops,
        rows=list(amount.rows),
        recipe=_recipe(one.recipe) if one.recipe else None,
        pots=[DropsAnswer(paint=paint, drops=drops) for paint, drops in one.drops],
        mixed=round(one.mixed, 4),
        leftover=LeftoverAnswer(pot=before.pot, ml=round(before.ml, 3), error=round(before.error, 3))
        if before
        else None,
        gap=one.gap,
    )


def _rungs(one: Ladder) -> list[RungAnswer]:
    return [
        RungAnswer(shade=shade, light=rung.light, colour=rung.colour, aside=rung.aside, share=round(rung.share, 4))
        for shade, rung in zip(one.shades, one.rungs, strict=True)
    ]

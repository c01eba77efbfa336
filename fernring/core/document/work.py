"""How a piece is painted: the choices between one school and another, the hand, the room, and how it is finished."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import Fact, chosen, named
from .numbers import FIRST, Coordinate, DotDiameter, Frozen, Ident, Tick

_real = Field(strict=True, allow_inf_nan=False)
Minutes = Annotated[float, _real, Field(ge=0, le=600)]
StepId = Annotated[str, Field(strict=True, min_length=1, max_length=900)]
MOST_MOVES, MOST_REPAIRS = 200, 200
Coats = Annotated[int, Field(strict=True, ge=0, le=6)]


class Hand(Frozen):
    """Where the hand rests while it paints: a disc of this radius whose middle lies so far from the place painted,
    straight towards the wrist (mm).
    """

    side: Annotated[Literal["right", "left"], chosen("Hand", right="right", left="left")] = "right"
    radius: Annotated[float, _real, Field(ge=5, le=80), named("Radius of the resting hand", "length")] = 30.0
    reach: Annotated[float, _real, Field(ge=20, le=200), named("From the place to the hand", "length")] = 70.0


class Move(Frozen):
    """A step that the artist does before another one; both by their ids."""

    step: StepId
    before: StepId


class Repair(Frozen):
    """A place that is mended: `row` is the id of its row, `where` says it in words, `x` and `y` lie in plan (mm). What
    is set there is so wide, with this tool (an id) in the shade of this name.
    """

    id: Ident
    kind: Literal["cover", "accent", "hair line"]
    row: Ident
    where: Annotated[str, Field(strict=True, min_length=1, max_length=200)]
    x: Coordinate
    y: Coordinate
    half: Literal["front", "back"] = "front"
    diameter: DotDiameter
    tool: Ident | None = None
    shade: Annotated[str, Field(strict=True, max_length=200)] = ""


class Costs(Frozen):
    """What a change, and a step that leaves the hand no dry place, cost beside the minutes of work and of waiting
    (minutes)."""

    tool: Annotated[Minutes, named("For a change of tool", "number")] = 1.5
    pot: Annotated[Minutes, named("For a change of pot", "number")] = 3.0
    hand: Annotated[Minutes, named("For a hand over wet paint", "number")] = 1.0


class Mixed(Frozen):
    """How paint is mixed: so much, as a share, beyond the need."""

    margin: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=0, le=2), named("Margin", "share", wide=110)
    ] = 0.2


class Work(Frozen):
    """`base_coats` None stands for as many as the material takes. `order` says which rows go first where nothing binds
    them, `sitting` after how many minutes the hand stops for the day. `warmth` is the room's (degrees Celsius).
    `moves` are what the artist does in another order, where that can be; one whose steps are gone waits for them to
    come back. `repairs` are places to be mended; those of a row that is gone are left.
    """

    base_coats: Annotated[Coats | None, named("Base coats", "count", none="as the material takes")] = None
    sides: Annotated[Tick, named("coat the sides as well")] = False
    underbase: Annotated[Tick, named("a light underbase under bright colours")] = False
    seal_base: Annotated[Tick, named("seal the base, so that mistakes wipe off")] = False
    petals: Annotated[
        Literal["side by side", "one by one"],
        Fact(
            "Petals",
            "choice",
            {"side by side": "all left sides, then all right", "one by one": "petal by petal"},
        ),
    ] = "side by side"
    order: Annotated[
        Literal["outward", "boundary last", "few changes"],
        Fact(
            "Order",
            "choice",
            {
                "outward": "from the centre outward",
                "boundary last": "outward, boundary rows as well",
                "few changes": "few changes of tool and pot",
            },
        ),
    ] = "outward"
    sitting: Annotated[Annotated[float, _real, Field(ge=10, le=600)], named("Longest sitting, minutes", "number")] = (
        120.0
    )
    swirl: Annotated[Tick, named("swirl the centre dot flat where something goes on it")] = True
    erase: Annotated[
        Literal["at the end", "after the first rows"],
        Fact("Guides off", "choice", {name: name for name in ("at the end", "after the first rows")}),
    ] = "at the end"
    coat: Annotated[
        Literal["brushed varnish", "sprayed varnish", "poured", "resin", "baked", "none"],
        Fact(
            "Finish",
            "choice",
            {
                "brushed varnish": "varnish by brush",
                "sprayed varnish": "varnish from a can",
                "poured": "a poured top coat",
                "resin": "resin",
                "baked": "baked in the oven",
                "none": "nothing",
            },
        ),
    ] = "brushed varnish"
    coats: Annotated[Coats, named("Coats", "count")] = 2
    overlay: Annotated[
        Literal["none", "pearl", "glitter", "chrome"],
        chosen("Over the dots", none="nothing", pearl="pearl", glitter="glitter", chrome="chrome"),
    ] = "none"
    selective: Annotated[Tick, named("gloss on the dots, the field matte")] = False
    use: Annotated[
        Literal["to look at", "to be used"],
        chosen("The piece is", to_look_at="to look at", to_be_used="to be used every day"),
    ] = "to look at"
    backing: Annotated[
        Literal["none", "felt", "cork", "feet", "hanger"],
        chosen("Back", none="nothing", felt="felt", cork="cork", feet="feet", hanger="a hanger"),
    ] = "none"
    warmth: Annotated[float, _real, Field(ge=5, le=40), named("Warmth of the room, °C", "number")] = 20.0
    hand: Hand = Hand()
    costs: Costs = Costs()
    moves: Annotated[tuple[Move, ...], FIRST, Field(max_length=MOST_MOVES)] = ()
    repairs: Annotated[tuple[Repair, ...], FIRST, Field(max_length=MOST_REPAIRS)] = ()


class Corrected(Frozen):
    """How many minutes a sitting really took; None takes the correction back."""

    sitting: Annotated[int, Field(strict=True, ge=1, le=5_000)]
    minutes: Annotated[
        Annotated[float, _real, Field(ge=0, le=1_440)] | None, named("Minutes at the table", "number", none="as told")
    ]

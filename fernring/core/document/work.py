"""How a piece is painted: the choices between one school and another, the hand, the room, and how it is finished."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import Fact, chosen, named
from .numbers import FIRST, Frozen, Tick

_real = Field(strict=True, allow_inf_nan=False)
Minutes = Annotated[float, _real, Field(ge=0, le=600)]
StepId = Annotated[str, Field(strict=True, min_length=1, max_length=900)]
MOST_MOVES = 200
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


class Costs(Frozen):
    """What a change costs beside the minutes of work and of waiting (minutes)."""

    tool: Annotated[Minutes, named("For a change of tool", "number")] = 1.5
    pot: Annotated[Minutes, named("For a change of pot", "number")] = 3.0


class Work(Frozen):
    """`base_coats` None stands for as many as the material takes. `warmth` is the room's (degrees Celsius). `moves` are
    what the artist does in another order, where that can be; one whose steps are gone waits for them to come back.
    """

    base_coats: Annotated[Coats | None, named("Base coats", "count", none="as the material takes")] = None
    seal_base: Annotated[Tick, named("seal the base, so that mistakes wipe off")] = False
    petals: Annotated[
        Literal["side by side", "one by one"],
        Fact(
            "Petals",
            "choice",
            {"side by side": "all left sides, then all right", "one by one": "petal by petal"},
        ),
    ] = "side by side"
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
    backing: Annotated[
        Literal["none", "felt", "cork", "feet", "hanger"],
        chosen("Back", none="nothing", felt="felt", cork="cork", feet="feet", hanger="a hanger"),
    ] = "none"
    warmth: Annotated[float, _real, Field(ge=5, le=40), named("Warmth of the room, °C", "number")] = 20.0
    hand: Hand = Hand()
    costs: Costs = Costs()
    moves: Annotated[tuple[Move, ...], FIRST, Field(max_length=MOST_MOVES)] = ()

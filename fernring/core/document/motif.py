"""A motif: rows with a centre of their own, set at one or more places of the blank."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import Fact, named
from .numbers import FIRST, Coordinate, Degrees, Frozen, Ident, Name, Segments, Tick, Walk

MOST_MOTIFS, MOST_SPOTS = 12, 24


class Spot(Frozen):
    """A place as seen from above, in mm from the centre of the piece; the motif there turned, or its mirror image."""

    x: Annotated[Coordinate, named("Right of the centre", wide=112)] = 0.0
    y: Annotated[Coordinate, named("Below the centre", wide=112)] = 0.0
    turn: Annotated[Degrees, named("Turned by", wide=84)] = 0.0
    mirrored: Annotated[Tick, named("mirrored")] = False


class AtSpots(Frozen):
    """At places given one by one."""

    kind: Literal["given"] = "given"
    spots: Annotated[tuple[Spot, ...], FIRST, Field(min_length=1, max_length=MOST_SPOTS)] = (Spot(),)


class AroundCentre(Frozen):
    """So many round the centre of the piece at one walk distance, the first at an angle from the first spoke."""

    kind: Literal["around"] = "around"
    count: Annotated[int, Field(strict=True, ge=1, le=MOST_SPOTS), named("How many", "count", wide=84)] = 4
    walk: Annotated[Walk, named("From the centre", wide=104)]
    first: Annotated[Degrees, named("First at", wide=84)] = 0.0


class Width(Frozen):
    """How wide a motif may be at most (mm)."""

    across: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=1, le=1000), named("As wide as", "length", wide=84)
    ]


class Motif(Frozen):
    """Rows that name it stand round its own centre: their distances are from there, and they are placed alike at all
    its places. Angle zero points away from the centre of the piece; `turn` is the angle of its first spoke.
    """

    id: Ident
    name: Annotated[Name, named("Name of the motif", wide=150)] = "Motif"
    segments: Annotated[Segments, named("Its segments", wide=84)] = 6
    turn: Annotated[Degrees, named("Turn of its first spoke", wide=118)] = 0.0
    places: Annotated[
        AtSpots | AroundCentre,
        Field(discriminator="kind"),
        Fact("Stands", "variant", {"given": "at places of its own", "around": "round the centre"}, wide=160),
    ] = AtSpots()

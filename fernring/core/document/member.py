"""A member of a row's pattern, and the group of dots that may stand at each place."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import Fact, chosen, named
from .numbers import DotDiameter, Frozen, Ident
from .shelf import Shade

Form = Annotated[
    Literal["dot", "blank", "oval", "leaf", "stroke", "diamond", "bow", "wave", "curl", "crystal", "line"],
    chosen(
        "is",
        dot="a dot",
        blank="left out",
        oval="an oval",
        leaf="a leaf",
        stroke="a stroke",
        diamond="a diamond",
        bow="a little arc",
        wave="a wave",
        curl="a curl",
        crystal="a glued crystal",
        line="a line throughout",
    ),
]


class Member(Frozen):
    """One mark of the pattern. `tool` None means a free size that no tool was named for.

    A "blank" is a place left out. Ovals, leaves, strokes and diamonds are `diameter` wide and `length` long, pointing
    outward, or along the row when `lies` says so, and from there turned clockwise by `slant`. Little arcs, waves and
    curls are lines of the pen or brush, as wide as `diameter`. A "line" runs on through all places of its row. `shade`
    None lets the row's shades take turns. In an area that is filled there may be so many of it at the `most`, or as
    many as take this `share` of the paint.
    """

    id: Ident
    diameter: Annotated[DotDiameter, named("size", wide=86)]
    tool: Ident | None = None
    form: Form = "dot"
    length: Annotated[float, Field(strict=True, ge=0.2, le=120), named("length", "length", wide=86)] | None = None
    lies: Annotated[Literal["outward", "along"], chosen("points", outward="outward", along="along the row")] = "outward"
    slant: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=-90, le=90), named("slant", "degrees", wide=78)
    ] = 0.0
    shade: Shade | None = None
    most: Annotated[int, Field(strict=True, ge=1, le=12_000), named("at most", "count", wide=86)] | None = None
    share: (
        Annotated[
            float,
            Field(strict=True, allow_inf_nan=False, gt=0, le=100),
            named("of the paint", "per cent", wide=118),
        ]
        | None
    ) = None

    @property
    def shaped(self) -> bool:
        """Whether it is painted, but is no dot."""
        return self.form not in ("dot", "blank")

    @property
    def extent(self) -> float:
        """Length of a shape (mm); twice its width unless stated."""
        return self.diameter if self.form in ("crystal", "line") else self.length or 2 * self.diameter

    @property
    def furthest(self) -> float:
        """How far it reaches from its middle (mm)."""
        return max(self.extent, self.diameter) / 2 if self.shaped else self.diameter / 2


class Group(Frozen):
    """Several dots at every place: a line outward, a pair beside each other, a triangle, diamond, box or fan.

    `count` counts for lines and fans; each next dot of a line is smaller by `falls`.
    """

    kind: Annotated[
        Literal["line", "pair", "triangle", "diamond", "box", "fan"],
        Fact(
            "At each place",
            "choice",
            {
                "line": "a line outward",
                "pair": "a pair",
                "triangle": "a triangle",
                "diamond": "a diamond",
                "box": "a box",
                "fan": "a fan",
            },
            none="one dot",
            wide=124,
        ),
    ]
    count: Annotated[
        int,
        Field(strict=True, ge=2, le=12),
        named("Dots each", "count", when={"kind": ["line", "fan"]}, wide=88),
    ] = 3
    falls: Annotated[
        float, Field(strict=True, ge=0, le=0.6), named("Smaller by", "share", when={"kind": ["line"]}, wide=88)
    ] = 0.0

"""Areas of the blank: a disc, a band, a figure, a word, closed lines, its own outline, its ends. Lengths in mm."""

from typing import Annotated, Literal, get_args

from pydantic import Field, model_validator

from ..lettering.fonts import fonts, fonts_with, missing
from .facts import Fact, chosen, named
from .numbers import (
    FIRST,
    Coordinate,
    Degrees,
    Frozen,
    Gap,
    Ident,
    Length,
    Name,
    Tick,
    Walk,
    readable,
    require_pairs,
)

MOST_LINES, MOST_POINTS = 40, 1000
MOST_LETTERS = 60
Form = Literal[
    "heart",
    "leaf",
    "star",
    "moon",
    "drop",
    "flower",
    "fish",
    "bird",
    "ghost",
    "fruit",
    "feather",
    "ribbon loop",
    "wing",
]
Font = Literal["round", "script", "pen", "serif", "narrow", "plain"]
Size = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=1, le=1000)]


class Line(Frozen):
    """A closed line by its corners, the last joined to the first."""

    x: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=3, max_length=MOST_POINTS)]
    y: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=3, max_length=MOST_POINTS)]

    @model_validator(mode="after")
    def _as_many(self) -> "Line":
        require_pairs("a closed line", self.x, self.y)
        return self


class DiscRegion(Frozen):
    """A round area about a point."""

    kind: Literal["disc"] = "disc"
    x: Annotated[Coordinate, named("Right of the centre")] = 0.0
    y: Annotated[Coordinate, named("Below the centre")] = 0.0
    diameter: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.2, le=1000), named("Across", "length")]


class BandRegion(Frozen):
    """A ring between two walk distances."""

    kind: Literal["band"] = "band"
    inner: Annotated[Walk, named("From")]
    outer: Annotated[Walk, named("To")]


class Stands(Frozen):
    """Where a figure stands: about a point, turned clockwise, perhaps mirrored; so many `times`, turned about the
    blank's centre.
    """

    x: Annotated[Coordinate, named("Right of the centre")] = 0.0
    y: Annotated[Coordinate, named("Below the centre")] = 0.0
    turn: Annotated[Degrees, named("Turn")] = 0.0
    mirrored: Annotated[Tick, named("mirrored")] = False
    times: Annotated[int, Field(strict=True, ge=1, le=64), named("Times round", "count")] = 1


class ShapeRegion(Stands):
    """A silhouette: what lies inside its closed lines, `size` per cent as large, from where it was drawn.

    Where lines overlap or lie in one another, "even-odd" takes what is enclosed an odd number of times, so that an
    inner line is a hole; "non-zero" counts the way each line runs round.
    """

    kind: Literal["shape"] = "shape"
    lines: Annotated[tuple[Line, ...], FIRST, Field(min_length=1, max_length=MOST_LINES)]
    rule: Literal["even-odd", "non-zero"] = "even-odd"
    size: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=1, le=2000), named("Size", "per cent")] = 100.0

    @model_validator(mode="after")
    def _not_too_fine(self) -> "ShapeRegion":
        points = sum(len(line.x) for line in self.lines)
        if points > 2 * MOST_POINTS:
            raise ValueError(f"a silhouette has at most {2 * MOST_POINTS} corners in all; this one has {points}")
        return self


class FormRegion(Stands):
    """A figure by a formula, so wide and high; `points` are those of a star, petals of a flower."""

    kind: Literal["form"] = "form"
    form: Annotated[Form, chosen("Figure", **{name.replace(" ", "_"): name for name in get_args(Form)})]
    across: Annotated[Size, named("Across", "length")]
    down: Annotated[Size, named("Down", "length")]
    points: Annotated[
        int,
        Field(strict=True, ge=3, le=24),
        named("Points or petals", "count", when={"form": ["star", "flower"]}),
    ] = 5


def require_letters(text: str, font: str) -> None:
    """Raises ValueError for letters that the font has not."""
    lacking = missing(text, font)
    if lacking:
        other = [f"“{one.name}”" for one in fonts_with(text)]
        have = f"; more of them are in {' and '.join(other[:2])}" if other else "; no letters here have them"
        raise ValueError(f"the letters “{fonts()[font].name}” have no “{lacking[:12]}”{have}")


class WordRegion(Stands):
    """A line of text as an area: capitals of this `height`, letters `spacing` mm further apart than the font has it.

    Straight, the middle of all of it stands at its point. Round a circle of this `radius` about its point it stands
    above, heads outward, or below, heads inward; along the edge likewise, its foot line so far inside that.
    """

    kind: Literal["word"] = "word"
    text: Annotated[
        str, Field(strict=True, min_length=1, max_length=MOST_LETTERS, pattern=r"\S"), readable, named("Words", "text")
    ]
    font: Annotated[Font, chosen("Letters", **{key: font.name for key, font in fonts().items()})] = "round"
    height: Annotated[Size, named("Height of capitals", "length")] = 12.0
    spacing: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=-10, le=40), named("Letters further apart", "length")
    ] = 0.0
    runs: Annotated[
        Literal["straight", "over a circle", "under a circle", "along the edge", "along the edge, heads inward"],
        Fact(
            "Runs",
            "choice",
            {
                "straight": "straight",
                "over a circle": "over a circle",
                "under a circle": "under a circle",
                "along the edge": "along the edge",
                "along the edge, heads inward": "along the edge, heads inward",
            },
        ),
    ] = "straight"
    radius: Annotated[
        float,
        Field(strict=True, allow_inf_nan=False, ge=1, le=1000),
        named("Radius of its foot line", "length", when={"runs": ["over a circle", "under a circle"]}),
    ] = 30.0
    inward: Annotated[
        float,
        Field(strict=True, allow_inf_nan=False, ge=0, le=500),
        named("Foot line inside the edge", "length", when={"runs": ["along the edge", "along the edge, heads inward"]}),
    ] = 12.0

    @model_validator(mode="after")
    def _written(self) -> "WordRegion":
        require_letters(self.text, self.font)
        return self


class OutlineRegion(Frozen):
    """All of the blank that lies so far inside its edge."""

    kind: Literal["outline"] = "outline"
    inward: Annotated[Length, named("Inside the edge")] = 0.0


class EndsRegion(Frozen):
    """What of the blank lies beyond a circle about its centre: the two ends of an oval, the corners of a square. `only`
    one of them, counted clockwise from straight up.
    """

    kind: Literal["ends"] = "ends"
    beyond: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=1, le=1000), named("Beyond a circle", "length")]
    only: Annotated[
        Annotated[int, Field(strict=True, ge=1, le=12)] | None, named("Only number", "count", none="all of them")
    ] = None


Region = Annotated[
    DiscRegion | BandRegion | ShapeRegion | FormRegion | WordRegion | OutlineRegion | EndsRegion,
    Field(discriminator="kind"),
]


class AreaBase(Frozen):
    """A base colour of an area's own, in so many coats: one paint, or a blend of several along a direction or from its
    middle outward.
    """

    paints: Annotated[tuple[Ident, ...], FIRST, Field(min_length=1, max_length=5)]
    blend: Annotated[Literal["along", "outward"], chosen("Blends", along="along a direction", outward="outward")] = (
        "along"
    )
    way: Annotated[Degrees, named("In the direction", when={"blend": ["along"]})] = 180.0
    coats: Annotated[int, Field(strict=True, ge=1, le=6), named("Coats", "count")] = 2


class BareArea(Frozen):
    """An area that rows pass under as if they went on beyond, or stop short of evenly on both sides; or they go on over
    it, and it is only there to be filled and dotted round; or a peel-off mask lies on it, and what comes off with
    that is a piece of its own.

    With `whole` no dot may reach over its edge; without, dots whose middle lies outside stay, and a mask cuts them.
    `gap` is kept to it. It lies `under` other areas, which leave of it what they do not cover. `shows` is what of a
    mask this piece is: what stays round it, or what comes off. `base` is what it is painted with below the dots.
    """

    id: Ident
    name: Annotated[Name, named("Name of the area")] = "Bare area"
    area: Region
    rows: Annotated[
        Literal["pass under", "stop evenly", "go on", "mask"],
        chosen(
            "Rows",
            pass_under="rows pass under it",
            stop_evenly="rows stop evenly beside it",
            go_on="rows go on over it",
            mask="a peel-off mask lies on it",
        ),
    ] = "pass under"
    whole: Annotated[Tick, named("whole dots only")] = True
    gap: Annotated[Gap, named("Gap to it")] = 0.3
    under: Annotated[tuple[Ident, ...], FIRST, Field(max_length=20), named("Lies under", "areas", none="none")] = ()
    shows: Annotated[
        Literal["what stays", "what comes off"],
        Fact(
            "This piece is",
            "choice",
            {"what stays": "what stays", "what comes off": "what comes off"},
            when={"rows": ["mask"]},
        ),
    ] = "what stays"
    base: AreaBase | None = None

    @property
    def bare(self) -> bool:
        """Whether rows leave it free."""
        return self.rows in ("pass under", "stop evenly")

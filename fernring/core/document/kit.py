"""The kit: tools by their measured sizes, whatever number or colour their maker gave them."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .blank import Material
from .facts import Fact, chosen, named
from .numbers import FIRST, DotDiameter, Frozen, Ident, Label, Name, require_different
from .shelf import Body

KINDS = (
    "rod", "dowel", "ball stylus", "silicone point", "silicone chisel", "scribing point", "needle", "brush",
    "paint pen", "household",
)  # fmt: skip
PULLS = {"needle": True}
MOST_TOOLS = 120
MOST_RANGES = 24
Loaded = Literal["light", "usual", "full"]


class Load(Frozen):
    """What one load was measured to give in a walk: `dots` of them, each `ratio` times as wide as the one before.

    From a practice row: ratio = (last/first)^(1/(dots - 1)).
    """

    ratio: Annotated[float, Field(strict=True, ge=0.5, le=1)]
    dots: Annotated[int, Field(strict=True, ge=2, le=60), named("Dots from one load", "count")]


class SizeRange(Frozen):
    """A dot that was foretold when a piece chose it: one new dot in 20 lies outside `low` to `high` (mm).

    What it rests on: this paint on this surface with so much on the tool, and so many measured dots of the tool, of
    which `alike` were set just so.
    """

    diameter: DotDiameter
    low: Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0)]
    high: Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0, le=1_000)]
    body: Body
    surface: Material
    load: Loaded
    measured: Annotated[int, Field(strict=True, ge=0)]
    alike: Annotated[int, Field(strict=True, ge=0)]

    @model_validator(mode="after")
    def _holds_its_dot(self) -> "SizeRange":
        if not self.low <= self.diameter <= self.high or self.low == self.high:
            raise ValueError(f"a dot of {self.diameter:g} mm is not between {self.low:g} and {self.high:g} mm")
        return self


class Tool(Frozen):
    """`tip` is the diameter of the tool, None when nobody measured it; `dots` are diameters of dots it makes (mm).

    Tools with the same `handle` are the ends of one. `sizes` tells dots that were measured from those that are only
    typical of such a tool. `load` is a practice row, None when none was made. In a piece `ranges` are sizes that were
    foretold and chosen; the plan uses their numbers as they stand.
    """

    id: Ident
    name: Annotated[Name, named("Name")]
    kind: Annotated[
        Literal[
            "rod",
            "dowel",
            "ball stylus",
            "silicone point",
            "silicone chisel",
            "scribing point",
            "needle",
            "brush",
            "paint pen",
            "household",
        ],
        Fact("Kind", "choice", {kind: kind for kind in KINDS}),
    ] = "ball stylus"
    tip: Annotated[DotDiameter | None, named("Tip", "length", none="not measured")] = None
    dots: Annotated[tuple[DotDiameter, ...], FIRST, Field(min_length=1, max_length=12), named("Dots", "length")]
    sizes: Annotated[
        Literal["measured", "typical"], chosen("Sizes", measured="measured", typical="typical of its kind")
    ] = "measured"
    handle: Annotated[Label, named("Handle, if it has two ends")] = ""
    note: Annotated[Label, named("Note")] = ""
    wear: Annotated[
        Literal["unknown", "hardly", "slowly", "quickly"],
        chosen("Wears", unknown="not known", hardly="hardly", slowly="slowly", quickly="quickly: measure it often"),
    ] = "unknown"
    load: Load | None = None
    ranges: Annotated[tuple[SizeRange, ...], Field(max_length=MOST_RANGES)] = ()

    @property
    def made(self) -> tuple[float, ...]:
        """Every dot it is known to make (mm): as the kit has them, then as they were foretold."""
        return (*self.dots, *(one.diameter for one in self.ranges))

    def range_of(self, diameter: float) -> SizeRange | None:
        """What was foretold of a dot of this size, None when nothing was."""
        return next((one for one in self.ranges if one.diameter == diameter), None)

    @property
    def pulls(self) -> bool:
        """Whether it draws tails out of wet dots and sets none."""
        return PULLS.get(self.kind, False)


class Kit(Frozen):
    format: Literal["fernring.kit"] = "fernring.kit"
    version: Literal[2] = 2
    tools: Annotated[tuple[Tool, ...], FIRST, Field(max_length=MOST_TOOLS)] = ()

    @model_validator(mode="after")
    def _ids_differ(self) -> "Kit":
        require_different("tools", [tool.id for tool in self.tools])
        return self

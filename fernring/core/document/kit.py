"""The kit: tools by their measured sizes, whatever number or colour their maker gave them."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .facts import Fact, chosen, named
from .numbers import FIRST, DotDiameter, Frozen, Ident, Label, Name, require_different

KINDS = (
    "rod", "dowel", "ball stylus", "silicone point", "silicone chisel", "scribing point", "needle", "brush",
    "paint pen", "household",
)  # fmt: skip
PULLS = {"needle": True}
MOST_TOOLS = 120


class Load(Frozen):
    """What one load was measured to give in a walk: `dots` of them, each `ratio` times as wide as the one before.

    From a practice row: ratio = (last/first)^(1/(dots - 1)).
    """

    ratio: Annotated[float, Field(strict=True, ge=0.5, le=1)]
    dots: Annotated[int, Field(strict=True, ge=2, le=60), named("Dots from one load", "count")]


class Tool(Frozen):
    """`tip` is the diameter of the tool, None when nobody measured it; `dots` are diameters of dots it makes (mm).

    Tools with the same `handle` are the ends of one. `sizes` tells dots that were measured from those that are only
    typical of such a tool. `load` is a practice row, None when none was made.
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

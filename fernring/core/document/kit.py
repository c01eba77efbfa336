"""The kit: tools by their measured sizes, whatever number or colour their maker gave them."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .numbers import DotDiameter, Frozen, Ident, Label, Name

ToolKind = Literal["rod", "dowel", "ball stylus", "silicone point", "needle", "brush", "paint pen", "household"]


class Load(Frozen):
    """What one load gives in a walk: `dots` of them, each `ratio` times as wide as the one before.

    From a practice row: ratio = (last/first)^(1/(dots - 1)).
    """

    ratio: Annotated[float, Field(strict=True, ge=0.5, le=1)] = 0.9
    dots: Annotated[int, Field(strict=True, ge=2, le=60)] = 7


class Tool(Frozen):
    """`tip` is the diameter of the tool, `dots` the diameters measured of dots it made (mm), `load` a practice row."""

    id: Ident
    name: Name
    kind: ToolKind = "ball stylus"
    tip: DotDiameter
    dots: Annotated[tuple[DotDiameter, ...], Field(min_length=1, max_length=12)]
    note: Label = ""
    load: Load | None = None


class Kit(Frozen):
    format: Literal["fernring.kit"] = "fernring.kit"
    version: Literal[1] = 1
    tools: Annotated[tuple[Tool, ...], Field(max_length=120)] = ()

    @model_validator(mode="after")
    def _ids_differ(self) -> "Kit":
        require_different("tools", [tool.id for tool in self.tools])
        return self


def require_different(what: str, ids: list[str]) -> None:
    """Raises ValueError when an id stands twice."""
    for i, ident in enumerate(ids):
        if ident in ids[:i]:
            raise ValueError(f"two {what} have the same id “{ident}”")

"""The kit: tools by their measured sizes, whatever number or colour their maker gave them."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .numbers import DotDiameter, Frozen, Ident, Label, Name

ToolKind = Literal["rod", "dowel", "ball stylus", "silicone point", "needle", "brush", "paint pen", "household"]


class Tool(Frozen):
    """`tip` is the diameter of the tool, `dots` the diameters measured of dots it made (mm)."""

    id: Ident
    name: Name
    kind: ToolKind = "ball stylus"
    tip: DotDiameter
    dots: Annotated[tuple[DotDiameter, ...], Field(min_length=1, max_length=12)]
    note: Label = ""


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

"""The piece: one self-contained, versioned document that plans the same on any machine."""

import re
from collections.abc import Iterator
from typing import Annotated, Literal

from pydantic import Field, model_validator

from ..rows.tracks.gaps import GapsTrack
from ..rows.trims import trim_kind
from .blank import Blank
from .distance import OnGuide
from .facts import named
from .guides import Guides
from .kit import MOST_TOOLS, Tool
from .motif import MOST_MOTIFS, Motif
from .numbers import FIRST, Degrees, Frozen, Gap, Label, Name, Notes, Seed, Segments, require_different
from .region import BareArea
from .row import Row
from .shelf import MOST_PAINTS, BaseShade, Paint, PaintShade, Ramp, RampShade, Shade
from .work import Work

MAX_ROWS, MOST_RAMPS, MOST_BARE = 200, 40, 20
STEPPED = re.compile(r"step-[1-9][0-9]{0,2}")


def shades_named(row: Row) -> Iterator[Shade]:
    """Every shade a row asks for: its own, its members' and its trims'."""
    yield from row.shades
    yield from (member.shade for member in row.pattern if member.shade)
    yield from (shade for trim in row.all_trims for shade in trim.named_shades)


def tools_named(row: Row) -> Iterator[str]:
    """Ids of the tools a row asks for: its members' and its trims'."""
    yield from (member.tool for member in row.pattern if member.tool)
    yield from (size.tool for trim in row.all_trims for _, size in trim_kind(trim).sizes(trim) if size.tool)


def used(piece: "Piece") -> dict[str, list[str]]:
    """Ids of the tools, paints and ramps that the piece cannot do without."""
    shades = [shade for row in piece.rows for shade in shades_named(row)]
    ramps = {shade.ramp for shade in shades if isinstance(shade, RampShade)}
    stops = {stop for ramp in piece.ramps for stop in ramp.stops}
    zones = {paint for area in piece.bare if area.base for paint in area.base.paints}
    paints = stops | zones | {shade.paint for shade in shades if isinstance(shade, PaintShade)}
    tools = {ident for row in piece.rows for ident in tools_named(row)}
    return {"tools": sorted(tools), "paints": sorted(paints), "ramps": sorted(ramps)}


class Accepted(Frozen):
    """A verdict the artist accepts, by its key, and why."""

    key: Annotated[str, Field(strict=True, min_length=1, max_length=200)]
    reason: Label


class Piece(Frozen):
    """Blank, guides, rows and colours, with copies of every tool and paint chosen for the piece.

    `turn` is the angle of the first spoke (degrees clockwise from twelve o'clock). `safe_gap` is the
    clear distance wanted between dots for which no row states a gap (mm). `most_base` is the share of the painted
    area, per cent, that may show the base coat.
    """

    format: Literal["fernring.piece"] = "fernring.piece"
    version: Literal[2] = 2
    name: Annotated[Name, named("Name")]
    notes: Notes = ""
    seed: Seed = 1
    blank: Blank
    segments: Annotated[Segments, named("Segments")] = 12
    turn: Annotated[Degrees, named("Turn of the first spoke")] = 0.0
    safe_gap: Annotated[Gap, named("Safe gap")] = 0.3
    guides: Guides = Guides()
    tools: Annotated[tuple[Tool, ...], FIRST, Field(max_length=MOST_TOOLS)] = ()
    paints: Annotated[tuple[Paint, ...], FIRST, Field(min_length=1, max_length=MOST_PAINTS)]
    ramps: Annotated[tuple[Ramp, ...], FIRST, Field(max_length=MOST_RAMPS)] = ()
    rows: Annotated[tuple[Row, ...], FIRST, Field(max_length=MAX_ROWS)] = ()
    motifs: Annotated[tuple[Motif, ...], FIRST, Field(max_length=MOST_MOTIFS)] = ()
    bare: Annotated[tuple[BareArea, ...], FIRST, Field(max_length=MOST_BARE)] = ()
    most_base: Annotated[
        Annotated[float, Field(strict=True, gt=0, le=100)] | None,
        named("Base may show on at most", "per cent", wide=178),
    ] = None
    work: Work = Work()
    accepted: Annotated[tuple[Accepted, ...], FIRST, Field(max_length=400)] = ()

    @model_validator(mode="after")
    def _names_resolve(self) -> "Piece":
        require_different("rows", [row.id for row in self.rows])
        require_different("tools", [tool.id for tool in self.tools])
        require_different("paints", [paint.id for paint in self.paints])
        require_different("ramps", [ramp.id for ramp in self.ramps])
        require_different("motifs", [motif.id for motif in self.motifs])
        require_different("bare areas", [area.id for area in self.bare])
        require_different("guide circles", [circle.id for circle in self.guides.circles])
        for ramp in self.ramps:
            for stop in ramp.stops:
                self._require_paint(f"ramp “{ramp.name}”", stop)
        for ident in self.guides.at_rows:
            self._require_row("a guide circle follows the row", ident)
        for area in self.bare:
            for ident in area.under:
                self._require_area(f"{area.name} lies under", ident)
                if ident == area.id:
                    raise ValueError(f"{area.name} lies under itself")
            for paint in area.base.paints if area.base else ():
                self._require_paint(f"the base of {area.name}", paint)
        for number, row in enumerate(self.rows, 1):
            for shade in shades_named(row):
                self._require_shade(f"row {number}", shade)
            for tool in tools_named(row):
                self._require_tool(f"row {number}", tool)
            for ident in row.track.rows if isinstance(row.track, GapsTrack) else ():
                self._require_row(f"row {number} fills the gaps of", ident)
            for ident in row.track.about:
                self._require_area(f"row {number} names", ident)
            self._require_guide(f"row {number}", row)
            if row.motif is not None and all(motif.id != row.motif for motif in self.motifs):
                raise ValueError(f"row {number} belongs to the motif “{row.motif}”, which the piece does not have")
        return self

    def motif_of(self, row: Row) -> Motif | None:
        """The motif that the row belongs to."""
        return next((motif for motif in self.motifs if motif.id == row.motif), None)

    def segments_of(self, row: Row) -> int:
        """Into how many segments the row's own centre is divided."""
        motif = self.motif_of(row)
        return motif.segments if motif else self.segments

    def _require_row(self, who: str, ident: str) -> None:
        if all(row.id != ident for row in self.rows):
            raise ValueError(f"{who} “{ident}”, which the piece does not have")

    def _require_area(self, who: str, ident: str) -> None:
        if all(area.id != ident for area in self.bare):
            raise ValueError(f"{who} the area “{ident}”, which the piece does not have")

    def _require_tool(self, who: str, ident: str) -> None:
        if all(tool.id != ident for tool in self.tools):
            raise ValueError(f"{who} uses the tool “{ident}”, which is not among the piece's tools")

    def _require_paint(self, who: str, ident: str) -> None:
        if all(paint.id != ident for paint in self.paints):
            raise ValueError(f"{who} uses the paint “{ident}”, which is not among the piece's paints")

    def _require_shade(self, who: str, shade: Shade) -> None:
        if isinstance(shade, PaintShade):
            return self._require_paint(who, shade.paint)
        if isinstance(shade, BaseShade):
            return None
        ramp = next((ramp for ramp in self.ramps if ramp.id == shade.ramp), None)
        if ramp is None:
            raise ValueError(f"{who} uses the ramp “{shade.ramp}”, which the piece does not have")
        if shade.step > ramp.steps:
            raise ValueError(f"{who} asks for step {shade.step} of the ramp “{ramp.name}”, which has {ramp.steps}")

    def _require_guide(self, who: str, row: Row) -> None:
        if not isinstance(row.distance, OnGuide):
            return
        stepped = self.guides.steps is not None and STEPPED.fullmatch(row.distance.circle)
        if not stepped and all(c.id != row.distance.circle for c in self.guides.circles):
            raise ValueError(f"{who} sits on the guide circle “{row.distance.circle}”, which is not drawn")

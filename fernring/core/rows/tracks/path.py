"""Paths of the artist's own, from a file."""

from math import pi
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field, model_validator

from ...document.facts import named
from ...document.numbers import FIRST, Coordinate, Frozen, Tick, require_pairs
from ...geometry.turn import turned_places
from ...ground.ground import Ground
from ..context import Context
from ..placed import PlacedRow, unplaced
from .along import places_along
from .kind import TrackKind, TrackRule
from .placing import Places, row_on

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row

MOST_PATH_POINTS, MOST_PATHS = 1000, 40


class PathLine(Frozen):
    """One line by its points (mm from the centre); closed when its last joins the first."""

    x: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=2, max_length=MOST_PATH_POINTS)]
    y: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=2, max_length=MOST_PATH_POINTS)]
    closed: Annotated[bool, Field(strict=True)] = False

    @model_validator(mode="after")
    def _as_many(self) -> "PathLine":
        require_pairs("a path", self.x, self.y)
        return self


class PathTrack(TrackRule):
    """One or more lines of its own, drawn in every `every`-th segment (zero: once)."""

    kind: Literal["path"] = "path"
    lines: Annotated[tuple[PathLine, ...], FIRST, Field(min_length=1, max_length=MOST_PATHS)]
    every: Annotated[int, Field(strict=True, ge=0, le=64), named("Every … segments", "count", wide=88)] = 0
    mirrored: Annotated[Tick, named("mirrored")] = False

    @model_validator(mode="after")
    def _not_too_fine(self) -> "PathTrack":
        points = sum(len(line.x) for line in self.lines)
        if points > 2 * MOST_PATH_POINTS:
            raise ValueError(f"a path has at most {2 * MOST_PATH_POINTS} points in all; this one has {points}")
        return self


def solve_path(row: "Row", index: int, context: Context) -> PlacedRow:
    """Dots evenly along every line as it is, or turned into every segment asked for."""
    track = row.track
    assert isinstance(track, PathTrack)
    found: list[Places] = []
    for line in track.lines:
        plan = np.stack(turned_places(np.asarray(line.x), np.asarray(line.y), context.turn_rad), axis=1)
        places = places_along(row, context, plan, line.closed, *_copies(track, context))
        if isinstance(places, str):
            return unplaced(row, index, places)
        found.append(places)
    return row_on(row, index, context, _joined(found))


def _copies(track: PathTrack, context: Context) -> tuple[int, float, float | None]:
    """How often the path is drawn, by how much it is turned each time (rad), and what it is mirrored about."""
    count = 1 if track.every == 0 else max(1, context.segments // track.every)
    step = 2 * pi / context.segments * max(track.every, 1)
    return count, step, context.turn_rad if track.mirrored else None


def _joined(parts: list[Places]) -> Places:
    x, y, out, member = (np.concatenate([getattr(p, name) for p in parts]) for name in ("x", "y", "out_rad", "member"))
    return Places(x, y, out, member, parts[0].repeats, min(part.clear for part in parts))


def _sentence(_: "Row", __: PlacedRow, ___: "Piece") -> str:
    return "Along the line drawn for it."


def _begin(_: float, __: float, ___: Ground) -> dict[str, Any]:
    """The lines come from a file."""
    return {"fit": "count"}


PATH = TrackKind(
    model=PathTrack,
    name="a path from a file",
    word="on a path",
    solve=solve_path,
    sentence=_sentence,
    begin=_begin,
    drawn=True,
    repeats="line",
    from_file=True,
)

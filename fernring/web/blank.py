"""Routes about the blank: its report in figures, and outlines from files."""

from typing import Annotated

import numpy as np
from fastapi import APIRouter
from pydantic import Field

from ..core.advice.blank_report import report
from ..core.document.outline import MOST_POINTS, Odd, Spoked
from ..core.document.region import MOST_POINTS as MOST_SHAPE_POINTS
from ..core.document.region import ShapeRegion
from ..core.dots.table import Array
from ..core.errors import DocumentError
from ..core.geometry.outline import inset, polygon
from ..core.geometry.outline.spokes import spokes_needed
from ..core.ground.outlines import ROUGHNESS, bare_corners
from ..core.guides.markers import markers, surface_kind
from ..core.rows.tracks.path import MOST_PATH_POINTS, PathTrack
from ..core.solved import solve_piece
from ..formats.outline_svg import outline_points, path_lines, shape_lines, shape_rule
from .answer import Answer, Asked
from .errors import RESPONSES
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["blank"], route_class=QuickRoute, responses=RESPONSES)


class CentreAnswer(Answer):
    """A candidate, mm from the middle of length and width; `whole` is the reach of the largest whole ring."""

    kind: str
    x: float
    y: float
    whole: float
    furthest: float


class BorderAnswer(Answer):
    even: float
    even_parts: int
    percent: float
    copy_narrow: float
    copy_wide: float


class RingAnswer(Answer):
    """Dots that are there, that fit in truth, and that a flat calculation would have promised."""

    mark: str
    walk: float
    reach: float
    dots: int
    fit: int
    flat: int


class MarkerAnswer(Answer):
    name: str
    why: str
    off: str
    suits: bool
    stays: bool


class BlankReport(Answer):
    """Lengths in mm, area in mm²."""

    centre: CentreAnswer
    centres: list[CentreAnswer]
    border: BorderAnswer
    perimeter: float
    area: float
    rise: float | None
    tape: float | None
    rings: list[RingAnswer]
    surface: str
    markers: list[MarkerAnswer]
    spokes: int | None = None  # that would tell an outline by ruler to half a millimetre


class SvgOutline(Asked):
    """The text of an SVG file with one closed line."""

    text: Annotated[str, Field(strict=True, min_length=1, max_length=2_000_000)]


@router.post("/blank")
def post_blank(piece: PieceBody) -> BlankReport:
    """The blank of a piece in figures. A refusal says which of its measures cannot be."""
    solved = solve_piece(piece)
    found = report(piece, solved.ground, solved.halves, solved.rows, solved.marks)
    return BlankReport(
        centre=CentreAnswer(**vars(found.centre)),
        centres=[CentreAnswer(**vars(one)) for one in found.centres],
        border=BorderAnswer(**vars(found.border)),
        perimeter=found.perimeter,
        area=found.area,
        rise=found.rise,
        tape=found.tape,
        rings=[RingAnswer(**vars(ring)) for ring in found.rings],
        surface=surface_kind(piece.blank),
        markers=[MarkerAnswer(**vars(marker)) for marker in markers(piece.blank)],
        spokes=spokes_needed(piece.blank.outline.distances) if isinstance(piece.blank.outline, Spoked) else None,
    )


@router.post("/path/svg")
def post_path_svg(given: SvgOutline) -> PathTrack:
    """Lines for a row from an SVG file, the middle of them all put on the centre, simplified to 0.02 mm."""
    lines = path_lines(given.text.encode())
    thinned = [(inset.thinned(np.array(points), ROUGHNESS, closed), closed) for points, closed in lines]
    _require_few("A path", "points", [points for points, _ in thinned], MOST_PATH_POINTS)
    middle = _middle([points for points, _ in thinned])
    found = []
    for points, closed in thinned:
        x, y = np.round(points - middle, 3).T.tolist()
        found.append({"x": x, "y": y, "closed": closed})
    return PathTrack.model_validate({"lines": found})


@router.post("/region/svg")
def post_region_svg(given: SvgOutline) -> ShapeRegion:
    """A shape from an SVG file, its middle put on the centre, simplified to 0.02 mm; inner lines are holes."""
    lines = [inset.thinned(np.array(points), ROUGHNESS, True) for points in shape_lines(given.text.encode())]
    _require_few("A silhouette", "corners", lines, MOST_SHAPE_POINTS)
    middle = _middle(lines)
    found = []
    for line in lines:
        x, y = np.round(line - middle, 3).T.tolist()
        found.append({"x": x, "y": y})
    return ShapeRegion.model_validate({"lines": found, "rule": shape_rule(given.text.encode())})


def _middle(lines: list[Array]) -> Array:
    """The middle of the length and width of all lines together."""
    every = np.concatenate(lines)
    return np.asarray((every.min(axis=0) + every.max(axis=0)) / 2)


def _require_few(what: str, points: str, lines: list[Array], most: int) -> None:
    """Raises DocumentError for a line with more points than are kept."""
    longest = max(len(line) for line in lines)
    if longest > most:
        raise DocumentError(f"{what} keeps at most {most} {points} a line; this one needs {longest}.", "file")


@router.post("/outline/svg")
def post_outline_svg(given: SvgOutline) -> Odd:
    """An odd outline from an SVG file, simplified to 0.02 mm."""
    points = polygon.clockwise(np.array(outline_points(given.text.encode())))
    crossing = inset.crossing(points)
    if crossing is not None:
        raise DocumentError(f"The outline crosses itself near x {crossing[0]:.1f}, y {crossing[1]:.1f} mm.", "file")
    corners = inset.simplified(points, ROUGHNESS)
    if len(corners) > MOST_POINTS:
        raise DocumentError(f"An outline keeps at most {MOST_POINTS} points; this one needs {len(corners)}.", "file")
    x, y = np.round(polygon.centred(corners), 3).T.tolist()
    found = Odd.model_validate({"x": x, "y": y})
    bare_corners(found)
    return found

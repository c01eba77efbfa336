"""A simulated cutter: takes DXF or SVG as a real one would, refuses what it could not cut, and says what it would do.

Every line must be closed, and no two may meet; writing is not cut. Speeds are those of a small drag-knife machine
(common practice, no source).
"""

import itertools
from dataclasses import dataclass
from io import BytesIO, TextIOWrapper
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..core.errors import DocumentError, FernError
from ..formats.svg_lines import FURTHEST_MM, svg_lines

Array = NDArray[np.float64]
CUT_MM_S, TRAVEL_MM_S, LIFT_S = 20.0, 100.0, 0.4
BORDER = 5.0
JOINED = 0.01  # ends nearer than this are one point (mm)
FINE = 128
MOST_PATHS, MOST_POINTS = 5_000, 200_000
UNITS_MM = {1: 25.4, 2: 304.8, 4: 1.0, 5: 10.0, 6: 1000.0}


class CutterError(FernError):
    """The cutter will not take the file; the sentence says what and where."""

    code = "cutter"


@dataclass(frozen=True)
class Job:
    """The paths in the order they are cut, each of shape (n, 2) with its last point joining its first.

    Lengths in mm; y runs down from the sheet's top left corner. `seconds` is cutting, travelling and lifting.
    """

    paths: tuple[Array, ...]
    width: float
    height: float
    length: float
    seconds: float


def cut(data: bytes, kind: str) -> Job:
    """What the cutter would do with a DXF or SVG file. Raises CutterError."""
    paths = _from_dxf(data) if kind == "dxf" else _from_svg(data)
    if not paths:
        raise CutterError("There is nothing to cut in this file: it holds no line.")
    if len(paths) > MOST_PATHS or sum(map(len, paths)) > MOST_POINTS:
        raise CutterError(f"The cutter takes at most {MOST_PATHS} lines of {MOST_POINTS} points together.")
    if not all(np.isfinite(path).all() and float(np.abs(path).max()) <= FURTHEST_MM for path in paths):
        raise CutterError(f"A line of this file runs more than {FURTHEST_MM:,} mm away.")
    _refuse_meeting(paths)
    low = np.min([path.min(axis=0) for path in paths], axis=0) - BORDER
    high = np.max([path.max(axis=0) for path in paths], axis=0) + BORDER
    ordered = _in_turn([path - low for path in paths])
    length = sum(_length(path) for path in ordered)
    ends = [np.zeros(2), *(path[0] for path in ordered)]
    travel = sum(float(np.hypot(*(b - a))) for a, b in itertools.pairwise(ends))
    seconds = length / CUT_MM_S + travel / TRAVEL_MM_S + LIFT_S * len(ordered)
    width, height = (high - low).tolist()
    return Job(tuple(ordered), width, height, length, seconds)


def _from_dxf(data: bytes) -> list[Array]:
    from ezdxf.filemanagement import read
    from ezdxf.lldxf.const import DXFError

    try:
        document = read(TextIOWrapper(BytesIO(data), "utf-8", errors="strict"))
    except (DXFError, UnicodeDecodeError, ValueError, KeyError, IndexError) as error:
        raise CutterError("This is no DXF file the cutter can read.") from error
    unit = int(document.header.get("$INSUNITS", 0))
    if unit not in UNITS_MM:
        raise CutterError(f"The file does not say in which unit it is drawn ($INSUNITS is {unit}).")
    found = [_entity(entity) for entity in document.modelspace() if entity.dxftype() not in ("TEXT", "MTEXT", "POINT")]
    return [np.asarray(path * [UNITS_MM[unit], -UNITS_MM[unit]]) for path in found]


def _entity(entity: Any) -> Array:
    kind = entity.dxftype()
    if kind == "CIRCLE":
        centre, radius = entity.dxf.center, entity.dxf.radius
        return _circle(centre.x, centre.y, radius)
    if kind == "LWPOLYLINE":
        points = np.array([(x, y) for x, y, *_ in entity.get_points("xy")])
        return _closed(points, bool(entity.closed), -1)
    if kind == "LINE":
        raise _open(entity.dxf.start.x, -entity.dxf.start.y)
    raise CutterError(f"The cutter knows circles and polylines; the file also holds {kind}.")


def _from_svg(data: bytes) -> list[Array]:
    try:
        lines = svg_lines(data, MOST_POINTS)
    except DocumentError as error:
        raise CutterError("This is no SVG file the cutter can read.") from error
    return [_closed(np.array(line.points), line.closed, 1) for line in lines]


def _closed(points: Array, closed: bool, down: int) -> Array:
    """The line without doubled points. Raises CutterError where it stays open."""
    apart = np.hypot(*np.diff(points, axis=0, append=points[:1]).T)
    if not closed and len(points) > 1 and apart[-1] > JOINED:
        raise _open(float(points[0, 0]), down * float(points[0, 1]))
    kept = points[apart > JOINED / 10]
    if len(kept) < 3:
        raise _open(float(points[0, 0]), down * float(points[0, 1]))
    return np.asarray(kept)


def _open(x: float, y: float) -> CutterError:
    return CutterError(f"A line is open: it begins at {x:.1f}, {y:.1f} mm and does not come back there.")


def _circle(x: float, y: float, radius: float) -> Array:
    turn = np.arange(FINE) * 2 * np.pi / FINE
    return np.stack((x + radius * np.cos(turn), y + radius * np.sin(turn)), axis=1)


def _refuse_meeting(paths: list[Array]) -> None:
    """Raises CutterError at the first place where a line meets itself or another."""
    import shapely

    rings = [shapely.LinearRing(path) for path in paths]
    for ring in rings:
        if not ring.is_simple:
            x, y = shapely.get_coordinates(ring)[0].tolist()
            raise CutterError(f"A line crosses itself; it begins at {x:.1f}, {y:.1f} mm.")
    one, other = shapely.STRtree(rings).query(rings, predicate="intersects")
    for a, b in zip(one.tolist(), other.tolist(), strict=True):
        if a < b:
            place = shapely.get_coordinates(rings[a].intersection(rings[b]))[0].tolist()
            raise CutterError(f"Two lines overlap at {place[0]:.1f}, {place[1]:.1f} mm; each would be cut twice there.")


def _in_turn(paths: list[Array]) -> list[Array]:
    """Small ones first, so that nothing comes loose before its inside is cut; among equals always the nearest next."""
    left = sorted(paths, key=lambda path: float(np.ptp(path, axis=0).max()))
    largest = left.pop()
    at, ordered = np.zeros(2), []
    while left:
        near = min(range(len(left)), key=lambda k: float(np.hypot(*(left[k][0] - at))))
        ordered.append(left.pop(near))
        at = ordered[-1][0]
    return [*ordered, largest]


def _length(path: Array) -> float:
    return float(np.hypot(*(np.roll(path, -1, axis=0) - path).T).sum())

"""The drawn lines of an SVG file as points in millimetres: the one place where SVG is read.

XML goes through defusedxml first (no document types, no entities), the geometry through svgelements.
"""

from dataclasses import dataclass
from io import BytesIO
from itertools import pairwise
from math import hypot, isfinite
from typing import Any
from xml.etree.ElementTree import Element

from ..core.errors import DocumentError
from .svg_counts import local_name, require_few, too_many

FLATNESS = 0.01
MM_A_PX = 25.4 / 96
LEAST_A_CURVE, MOST_A_CURVE = 8, 400
FURTHEST_MM = 20_000
CONTROLS = ("control", "control1", "control2")
# What svgelements raises on numbers and structures that it cannot make sense of.
FOREIGN = (ArithmeticError, AttributeError, IndexError, KeyError, RecursionError, TypeError, ValueError)

Point = tuple[float, float]


@dataclass(frozen=True)
class SvgLine:
    """Points (mm) with no point twice in succession; `closed` when the file closes the line itself."""

    points: tuple[Point, ...]
    closed: bool


def parsed(data: bytes) -> Element:
    """The outermost element. Raises DocumentError with a sentence for anything but plain SVG."""
    from defusedxml import DefusedXmlException
    from defusedxml.ElementTree import fromstring

    try:
        root: Element = fromstring(data, forbid_dtd=True)
    except DefusedXmlException as error:
        raise DocumentError(
            "This SVG file defines entities or a document type; save it as plain SVG.", "file"
        ) from error
    except (SyntaxError, ValueError) as error:
        raise DocumentError(f"This file is not readable SVG: {error}.", "file") from error
    if local_name(root) != "svg":
        raise DocumentError(f"This is not an SVG file: its outermost element is “{local_name(root)[:40]}”.", "file")
    return root


def svg_lines(data: bytes, most_points: int) -> list[SvgLine]:
    """Every drawn line, curves cut into chords; writing is left out.

    Raises DocumentError past the bounds on points, elements and size, before any curve is measured where that shows.
    """
    require_few(parsed(data), most_points)
    try:
        return _drawn(data, most_points)
    except FOREIGN as error:
        raise DocumentError("This SVG file holds a line that cannot be drawn.", "file") from error


def _drawn(data: bytes, most_points: int) -> list[SvgLine]:
    import svgelements

    found: list[SvgLine] = []
    total = 0
    for element in svgelements.SVG.parse(BytesIO(data), ppi=96).elements():
        if not isinstance(element, svgelements.Shape) or isinstance(element, svgelements.Text):
            continue
        for subpath in svgelements.Path(element).as_subpaths():
            line = _flattened(svgelements.Path(subpath))
            total += len(line.points)
            if total > most_points:
                raise too_many(most_points)
            _require_near(line)
            if len(line.points) > 1:
                found.append(line)
    return found


def _require_near(line: SvgLine) -> None:
    """Raises DocumentError for places that are none, or so far away that no sheet is meant."""
    for place in line.points:
        if not all(isfinite(one) and abs(one) <= FURTHEST_MM for one in place):
            raise DocumentError(
                f"A line of this SVG file runs more than {FURTHEST_MM:,} mm away from its corner.", "file"
            )


def _flattened(path: Any) -> SvgLine:
    """Curves cut into chords; a curve gets as many as keep it within FLATNESS, judged by its length."""
    import svgelements

    points: list[Point] = []
    closed = False
    for segment in path:
        if isinstance(segment, svgelements.Move) or segment.end is None:
            continue
        if not points and segment.start is not None:
            points.append((segment.start.x * MM_A_PX, segment.start.y * MM_A_PX))
        closed = isinstance(segment, svgelements.Close)
        pieces = _pieces(segment)
        for k in range(1, pieces + 1):
            point = segment.point(k / pieces)
            place = (point.x * MM_A_PX, point.y * MM_A_PX)
            if not points or place != points[-1]:
                points.append(place)
    return SvgLine(tuple(points), closed)


def _pieces(segment: Any) -> int:
    """How many chords a segment is cut into: by the length of its control polygon, which no curve exceeds."""
    import svgelements

    if isinstance(segment, svgelements.Line | svgelements.Close):
        return 1
    if isinstance(segment, svgelements.Arc):
        length = max(segment.rx, segment.ry) * abs(segment.sweep)
    else:
        corners = [segment.start, *(getattr(segment, name) for name in CONTROLS if hasattr(segment, name)), segment.end]
        length = sum(hypot(b.x - a.x, b.y - a.y) for a, b in pairwise(corners))
    return min(MOST_A_CURVE, max(LEAST_A_CURVE, int(length * MM_A_PX / (8 * FLATNESS) ** 0.5)))

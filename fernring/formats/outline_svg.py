"""A closed outline from an SVG file in real units.

XML goes through defusedxml first (no document types, no entities), the geometry through svgelements.
"""

import re
from io import BytesIO
from math import hypot
from typing import Any
from xml.etree.ElementTree import Element

from ..core.errors import DocumentError

MOST_BYTES = 2_000_000
MOST_POINTS = 20_000
CLOSES_WITHIN = 0.05
FLATNESS = 0.01
MM_A_PX = 25.4 / 96
SHAPES = {"path", "polygon", "polyline", "circle", "ellipse", "rect", "line"}
UNIT = re.compile(r"^\s*[\d.]+(?:e[+-]?\d+)?\s*(mm|cm|in|pt|pc|q)\s*$", re.IGNORECASE)


def outline_points(data: bytes) -> list[tuple[float, float]]:
    """Corners of the one closed line in the file (mm). Raises DocumentError with a sentence."""
    points = _one_line(data)
    gap = _ends_apart(points)
    if gap > CLOSES_WITHIN:
        raise DocumentError(f"The outline is open: its ends are {gap:.2f} mm apart. Close it.", "file")
    corners = points[:-1]
    if len(corners) < 3:
        raise DocumentError("The outline has no area: it has fewer than three corners.", "file")
    return corners


def path_points(data: bytes) -> tuple[list[tuple[float, float]], bool]:
    """Points of the one line in the file (mm), and whether it is closed. Raises DocumentError with a sentence."""
    points = _one_line(data)
    closed = _ends_apart(points) <= CLOSES_WITHIN and len(points) > 3
    return (points[:-1] if closed else points), closed


def _ends_apart(points: list[tuple[float, float]]) -> float:
    return hypot(points[0][0] - points[-1][0], points[0][1] - points[-1][1])


def _one_line(data: bytes) -> list[tuple[float, float]]:
    if len(data) > MOST_BYTES:
        raise DocumentError(f"An outline file holds at most {MOST_BYTES:,} bytes; this one has {len(data):,}.", "file")
    _require_plain(_parsed(data))
    lines = _lines(data)
    if not lines:
        raise DocumentError("There is no line in this SVG file.", "file")
    if len(lines) > 1:
        raise DocumentError(
            f"An outline or path is one line without holes; this file has {len(lines)} lines. Keep only the outer one.",
            "file",
        )
    return lines[0]


def _parsed(data: bytes) -> Element:
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
    if _name(root) != "svg":
        raise DocumentError(f"This is not an SVG file: its outermost element is “{_name(root)[:40]}”.", "file")
    return root


def _name(element: Element) -> str:
    return str(element.tag).rsplit("}", 1)[-1]


def _require_plain(root: Element) -> None:
    for side in ("width", "height"):
        given = root.get(side, "")
        if not UNIT.match(given):
            raise DocumentError(
                f"The file's {side} must be a length in mm, cm or in, so that its real size is known "
                f"(given: “{given[:40]}”).",
                "file",
            )
    for element in root.iter():
        if _name(element).lower() in {"script", "foreignobject", "image", "use", "style"}:
            raise DocumentError(
                f"An outline file holds lines only; this one has a “{_name(element)}” element. Save it as plain SVG.",
                "file",
            )
        for key, value in element.attrib.items():
            if key.lower().startswith("on") or (key.endswith("href") and not value.startswith("#")):
                raise DocumentError("This SVG file runs scripts or asks for other files; save it as plain SVG.", "file")


def _lines(data: bytes) -> list[list[tuple[float, float]]]:
    """Every drawn line as points in mm."""
    import svgelements

    found: list[list[tuple[float, float]]] = []
    total = 0
    for element in svgelements.SVG.parse(BytesIO(data), ppi=96).elements():
        if not isinstance(element, svgelements.Shape):
            continue
        for subpath in svgelements.Path(element).as_subpaths():
            points = _flattened(svgelements.Path(subpath))
            total += len(points)
            if total > MOST_POINTS:
                raise DocumentError(f"An outline holds at most {MOST_POINTS:,} points; this file has more.", "file")
            if len(points) > 1:
                found.append(points)
    return found


def _flattened(path: Any) -> list[tuple[float, float]]:
    """Curves cut into chords; a curve gets as many as keep it within FLATNESS, judged by its length."""
    import svgelements

    points: list[tuple[float, float]] = []
    for segment in path:
        if isinstance(segment, svgelements.Move) or segment.end is None:
            continue
        if not points and segment.start is not None:
            points.append((segment.start.x * MM_A_PX, segment.start.y * MM_A_PX))
        straight = isinstance(segment, svgelements.Line | svgelements.Close)
        pieces = 1 if straight else min(400, max(8, int(segment.length(error=1e-3) * MM_A_PX / (8 * FLATNESS) ** 0.5)))
        for k in range(1, pieces + 1):
            point = segment.point(k / pieces)
            place = (point.x * MM_A_PX, point.y * MM_A_PX)
            if not points or place != points[-1]:
                points.append(place)
    return points

"""Outlines, shapes and paths from an SVG file in real units."""

import re
from math import hypot
from typing import Literal

from ..core.errors import DocumentError
from .svg_counts import local_name, require_few
from .svg_lines import Point, SvgLine, parsed, svg_lines

MOST_BYTES = 2_000_000
MOST_POINTS = 20_000
MOST_MM = 1_000
CLOSES_WITHIN = 0.05
EVEN_ODD = re.compile(r"fill-rule\s*[:=]\s*[\"']?\s*evenodd", re.IGNORECASE)
UNIT = re.compile(r"^\s*[\d.]+(?:e[+-]?\d+)?\s*(mm|cm|in|pt|pc|q)\s*$", re.IGNORECASE)


def outline_points(data: bytes) -> list[Point]:
    """Corners of the one closed line in the file (mm). Raises DocumentError with a sentence."""
    lines = _lines(data)
    if len(lines) > 1:
        raise DocumentError(
            f"An outline is one line without holes; this file has {len(lines)} lines. Keep only the outer one.", "file"
        )
    return _corners(lines[0])


def shape_lines(data: bytes) -> list[list[Point]]:
    """Corners of every closed line in the file (mm). Raises DocumentError with a sentence."""
    return [_corners(line) for line in _lines(data)]


def shape_rule(data: bytes) -> Literal["even-odd", "non-zero"]:
    """How the file says what lies inside. Source: SVG 1.1, 11.3: `fill-rule` is nonzero where nothing is said."""
    return "even-odd" if EVEN_ODD.search(data.decode("utf-8", "replace")) else "non-zero"


def path_lines(data: bytes) -> list[tuple[list[Point], bool]]:
    """Points of every line in the file (mm), and whether it is closed. Raises DocumentError with a sentence."""
    found = []
    for line in _lines(data):
        closed = _ends_apart(line) <= CLOSES_WITHIN and len(line.points) > 3
        points = list(line.points)
        found.append((points[:-1] if closed else points, closed))
    return found


def _corners(line: SvgLine) -> list[Point]:
    gap = _ends_apart(line)
    if gap > CLOSES_WITHIN:
        raise DocumentError(f"The outline is open: its ends are {gap:.2f} mm apart. Close it.", "file")
    if len(line.points) < 4:
        raise DocumentError("The outline has no area: it has fewer than three corners.", "file")
    return list(line.points[:-1])


def _ends_apart(line: SvgLine) -> float:
    (x1, y1), (x2, y2) = line.points[0], line.points[-1]
    return hypot(x1 - x2, y1 - y2)


def _lines(data: bytes) -> list[SvgLine]:
    if len(data) > MOST_BYTES:
        raise DocumentError(f"An outline file holds at most {MOST_BYTES:,} bytes; this one has {len(data):,}.", "file")
    _require_plain(data)
    lines = svg_lines(data, MOST_POINTS)
    if not lines:
        raise DocumentError("There is no line in this SVG file.", "file")
    for side in (0, 1):
        every = [place[side] for line in lines for place in line.points]
        across = max(every) - min(every)
        if across > MOST_MM:
            raise DocumentError(
                f"A drawing may be {MOST_MM:,} mm across at most; this one is {across:,.0f} mm.", "file"
            )
    return lines


def _require_plain(data: bytes) -> None:
    root = parsed(data)
    require_few(root, MOST_POINTS)
    for side in ("width", "height"):
        given = root.get(side, "")
        if not UNIT.match(given):
            raise DocumentError(
                f"The file's {side} must be a length in mm, cm or in, so that its real size is known "
                f"(given: “{given[:40]}”).",
                "file",
            )
    for element in root.iter():
        name = local_name(element)
        if name.lower() in {"script", "foreignobject", "image", "use", "style"}:
            raise DocumentError(
                f"An outline file holds lines only; this one has a “{name}” element. Save it as plain SVG.", "file"
            )
        for key, value in element.attrib.items():
            if key.lower().startswith("on") or (key.endswith("href") and not value.startswith("#")):
                raise DocumentError("This SVG file runs scripts or asks for other files; save it as plain SVG.", "file")

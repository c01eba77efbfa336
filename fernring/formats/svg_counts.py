"""How much there is in an SVG file at the least, counted before anything in it is calculated."""

import re
from xml.etree.ElementTree import Element

from ..core.errors import DocumentError

MOST_ELEMENTS, MOST_DEPTH = 5_000, 100
COMMANDS = re.compile(r"([MLHVCSQTAZmlhvcsqtaz])([^MLHVCSQTAZmlhvcsqtaz]*)")
NUMBER = re.compile(r"[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?")
# Numbers that one segment takes, and points that it gives at the least.
SEGMENTS = {
    "m": (2, 1), "l": (2, 1), "h": (1, 1), "v": (1, 1), "t": (2, 8),
    "c": (6, 8), "s": (4, 8), "q": (4, 8), "a": (7, 8),
}  # fmt: skip
SHAPES = {"circle": 32, "ellipse": 32, "rect": 4, "line": 2}


def require_few(root: Element, most_points: int) -> None:
    """Raises DocumentError past the bounds on elements, on how deep they nest, and on points."""
    level, seen, points = [root], 0, 0
    for _ in range(MOST_DEPTH + 1):
        seen += len(level)
        if seen > MOST_ELEMENTS:
            raise DocumentError(f"An SVG file holds at most {MOST_ELEMENTS:,} elements; this one has more.", "file")
        for element in level:
            points += fewest_points(element)
            if points > most_points:
                raise too_many(most_points)
        level = [child for element in level for child in element]
        if not level:
            return
    raise DocumentError(f"Elements of an SVG file nest at most {MOST_DEPTH} deep; these nest deeper.", "file")


def too_many(most_points: int) -> DocumentError:
    return DocumentError(f"An SVG file holds at most {most_points:,} points; this one has more.", "file")


def local_name(element: Element) -> str:
    """The element's name without its namespace."""
    return str(element.tag).rsplit("}", 1)[-1]


def fewest_points(element: Element) -> int:
    """Points that an element is drawn with at the least."""
    name = local_name(element)
    if name == "path":
        return sum(_segments(command.lower(), given) for command, given in COMMANDS.findall(element.get("d", "")))
    if name in ("polygon", "polyline"):
        return len(NUMBER.findall(element.get("points", ""))) // 2
    return SHAPES.get(name, 0)


def _segments(command: str, given: str) -> int:
    """Points of a run of segments of one kind. Flags of arcs may be written without a space, so these may be fewer."""
    if command == "z":
        return 0
    takes, gives = SEGMENTS[command]
    return len(NUMBER.findall(given)) // takes * gives

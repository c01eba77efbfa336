"""The one list of drawing primitives, in millimetres: x right, y down. Every output draws these."""

from collections.abc import Iterable
from dataclasses import dataclass, field, replace
from typing import Literal

import numpy as np

from ..core.geometry.surface import Array

Stroke = Literal["fine", "plain", "bold", "dashed"]
Anchor = Literal["start", "middle", "end"]
WIDTH_MM: dict[Stroke, float] = {"fine": 0.1, "plain": 0.2, "bold": 0.45, "dashed": 0.2}


@dataclass(frozen=True)
class Circle:
    x: float
    y: float
    radius: float
    stroke: Stroke = "plain"


@dataclass(frozen=True)
class Line:
    x1: float
    y1: float
    x2: float
    y2: float
    stroke: Stroke = "plain"


@dataclass(frozen=True)
class Path:
    """A line through points, shape (n, 2); closed when its last joins the first."""

    points: Array
    stroke: Stroke = "plain"
    closed: bool = False


@dataclass(frozen=True)
class Area:
    """A region inside a closed line and outside others in it, filled with one colour."""

    points: Array
    colour: str
    holes: tuple[Array, ...] = ()


@dataclass(frozen=True)
class Text:
    """`size` is the height of the type in mm; the anchor is on the base line."""

    x: float
    y: float
    text: str
    size: float = 3.0
    anchor: Anchor = "start"
    bold: bool = False


@dataclass(frozen=True)
class Outlines:
    """Many dots as thin circles, each with its own radius."""

    x: Array
    y: Array
    radius: Array


@dataclass(frozen=True)
class Discs:
    """Many discs of one colour."""

    x: Array
    y: Array
    radius: Array
    colour: str


Primitive = Circle | Line | Path | Area | Text | Outlines | Discs


@dataclass(frozen=True)
class Drawing:
    """Primitives within a width and height; (left, top) is the corner of what is seen."""

    left: float
    top: float
    width: float
    height: float
    primitives: tuple[Primitive, ...] = field(default_factory=tuple)
    ground: str | None = None


def box(left: float, top: float, right: float, low: float, stroke: Stroke = "bold") -> Path:
    """A rectangle by its sides."""
    return Path(np.array([[left, top], [right, top], [right, low], [left, low]]), stroke, True)


def crosses(x: Array, y: Array, arm: float = 0.8) -> list[Line]:
    """A small upright cross at each point."""
    return [
        line
        for px, py in zip(np.asarray(x).tolist(), np.asarray(y).tolist(), strict=True)
        for line in (Line(px - arm, py, px + arm, py, "fine"), Line(px, py - arm, px, py + arm, "fine"))
    ]


def mirrored(drawing: Drawing) -> Drawing:
    """The mirror image, left for right; writing stays readable and starts from its mirrored place."""
    shapes = tuple(_mirrored(shape) for shape in drawing.primitives)
    return replace(drawing, left=-(drawing.left + drawing.width), primitives=shapes)


def _mirrored(shape: Primitive) -> Primitive:
    if isinstance(shape, Line):
        return replace(shape, x1=-shape.x1, x2=-shape.x2)
    if isinstance(shape, Area):
        holes = tuple(hole * [-1.0, 1.0] for hole in shape.holes)
        return replace(shape, points=shape.points * [-1.0, 1.0], holes=holes)
    if isinstance(shape, Path):
        return replace(shape, points=shape.points * [-1.0, 1.0])
    if isinstance(shape, Text):
        other: dict[str, Anchor] = {"start": "end", "middle": "middle", "end": "start"}
        return replace(shape, x=-shape.x, anchor=other[shape.anchor])
    return replace(shape, x=-shape.x)  # type: ignore[arg-type]


PEN = 1.0  # no line is wider than this (mm)


def within(primitives: Iterable[Primitive], left: float, top: float, right: float, low: float) -> list[Primitive]:
    """What may be seen in a window: a page carries only its own part of a large drawing."""
    found: list[Primitive] = []
    for shape in primitives:
        if isinstance(shape, Outlines | Discs):
            far = shape.radius + PEN
            seen = (shape.x + far > left) & (shape.x - far < right) & (shape.y + far > top) & (shape.y - far < low)
            if seen.any():
                found.append(replace(shape, x=shape.x[seen], y=shape.y[seen], radius=shape.radius[seen]))
        elif _meets(shape, left, top, right, low):
            found.append(shape)
    return found


def _meets(shape: Circle | Line | Path | Area | Text, left: float, top: float, right: float, low: float) -> bool:
    """Whether a shape's box meets the window; writing is always kept, its width not being known here."""
    if isinstance(shape, Text):
        return True
    if isinstance(shape, Circle):
        edges = (shape.x - shape.radius, shape.y - shape.radius, shape.x + shape.radius, shape.y + shape.radius)
    elif isinstance(shape, Line):
        edges = (min(shape.x1, shape.x2), min(shape.y1, shape.y2), max(shape.x1, shape.x2), max(shape.y1, shape.y2))
    else:
        edges = (*shape.points.min(axis=0).tolist(), *shape.points.max(axis=0).tolist())
    return edges[2] + PEN > left and edges[0] - PEN < right and edges[3] + PEN > top and edges[1] - PEN < low

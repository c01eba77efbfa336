"""SVG in real millimetres: the view box counts millimetres and width and height say so."""

from collections.abc import Iterator
from xml.sax.saxutils import escape, quoteattr

from ..core.geometry.surface import Array
from .drawing import WIDTH_MM, Area, Circle, Discs, Drawing, Line, Outlines, Path, Primitive, Text


def svg(drawing: Drawing, title: str) -> str:
    """The drawing as one self-contained SVG file."""
    size = f'width="{drawing.width:g}mm" height="{drawing.height:g}mm"'
    box = f'viewBox="{drawing.left:g} {drawing.top:g} {drawing.width:g} {drawing.height:g}"'
    ground = ""
    if drawing.ground:
        ground = (
            f'<rect x="{drawing.left:g}" y="{drawing.top:g}" width="100%" height="100%" fill="{drawing.ground}"/>\n'
        )
    body = "\n".join(line for shape in drawing.primitives for line in _shape(shape))
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" {size} {box} fill="none" stroke="#000">\n'
        f"<title>{escape(title)}</title>\n{ground}{body}\n</svg>\n"
    )


def _shape(shape: Primitive) -> Iterator[str]:
    if isinstance(shape, Circle):
        yield f'<circle cx="{shape.x:.8g}" cy="{shape.y:.8g}" r="{shape.radius:.10g}"{_stroke(shape)}/>'
    elif isinstance(shape, Line):
        ends = f'x1="{shape.x1:.8g}" y1="{shape.y1:.8g}" x2="{shape.x2:.8g}" y2="{shape.y2:.8g}"'
        yield f"<line {ends}{_stroke(shape)}/>"
    elif isinstance(shape, Path):
        yield f'<path d="{_data(shape.points, shape.closed)}"{_stroke(shape)}/>'
    elif isinstance(shape, Area):
        lines = "".join(_data(line, True) for line in (shape.points, *shape.holes))
        yield f'<path d="{lines}" fill="{shape.colour}" fill-rule="evenodd" stroke="none"/>'
    elif isinstance(shape, Text):
        weight = ' font-weight="600"' if shape.bold else ""
        yield (
            f'<text x="{shape.x:g}" y="{shape.y:g}" font-size="{shape.size:g}" font-family="Figtree, sans-serif" '
            f'text-anchor={quoteattr(shape.anchor)} fill="#000" stroke="none"{weight}>{escape(shape.text)}</text>'
        )
    elif isinstance(shape, Outlines):
        yield '<g stroke-width="0.12" fill="#fff">' + "".join(_circles(shape)) + "</g>"
    else:
        yield f'<g stroke="none" fill="{shape.colour}">' + "".join(_circles(shape)) + "</g>"


def _circles(dots: Outlines | Discs) -> Iterator[str]:
    for x, y, r in zip(dots.x.tolist(), dots.y.tolist(), dots.radius.tolist(), strict=True):
        yield f'<circle cx="{x:.7g}" cy="{y:.7g}" r="{r:.7g}"/>'


def _data(points: Array, closed: bool) -> str:
    return "M" + "L".join(f"{x:.7g} {y:.7g}" for x, y in points.tolist()) + ("Z" if closed else "")


def _stroke(shape: Circle | Line | Path) -> str:
    dash = ' stroke-dasharray="2 1.5"' if shape.stroke == "dashed" else ""
    return f' stroke-width="{WIDTH_MM[shape.stroke]:g}"{dash}'

"""PDF through reportlab, true to size: one user unit is 1/72 in (ISO 32000-1), 72/25.4 units a millimetre."""

from collections.abc import Iterable, Sequence
from io import BytesIO

import numpy as np
from reportlab.pdfgen.canvas import Canvas
from reportlab.pdfgen.pathobject import PDFPathObject

from .drawing import WIDTH_MM, Area, Circle, Discs, Drawing, Line, Outlines, Path, Primitive, Stroke, Text, within
from .fonts import BOLD, REGULAR
from .pages import Stamp, furniture, spread
from .paper import MARGIN, Layout, Tile, Tiling
from .sheets.sheet import Sheet
from .typeset import draw_runs, font_runs, runs_width

UNITS = 72 / 25.4
PEN_MM = 0.12


def sheets_pdf(sheets: Sequence[Sheet], stamp: Stamp, layout: Layout) -> bytes:
    """The sheets one after the other, each on as many pages as it needs."""
    out = BytesIO()
    canvas = _canvas(out, stamp.piece.name)
    for sheet in sheets:
        tiling = spread(sheet.drawing, layout)
        for number, tile in enumerate(tiling.tiles, 1):
            canvas.setPageSize((tiling.width * tiling.scale_x * UNITS, tiling.height * tiling.scale_y * UNITS))
            canvas.saveState()
            canvas.scale(tiling.scale_x, tiling.scale_y)
            _window(canvas, tiling, tile, sheet.drawing)
            _draw(canvas, tiling.height, furniture(sheet, stamp, tiling, tile, number))
            canvas.restoreState()
            canvas.showPage()
    canvas.save()
    return out.getvalue()


def drawing_pdf(drawing: Drawing, title: str) -> bytes:
    """One drawing on a page as large as it is."""
    out = BytesIO()
    canvas = _canvas(out, title)
    canvas.setPageSize((drawing.width * UNITS, drawing.height * UNITS))
    _to_millimetres(canvas, drawing.height)
    canvas.translate(-drawing.left, -drawing.top)
    draw_shapes(canvas, drawing.primitives)
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def _canvas(out: BytesIO, title: str) -> Canvas:
    canvas = Canvas(out, pageCompression=1, invariant=1)
    canvas.setTitle(title)
    canvas.setCreator("Fern Ring")
    canvas.setViewerPreference("PrintScaling", "None")
    return canvas


def _window(canvas: Canvas, tiling: Tiling, tile: Tile, drawing: Drawing) -> None:
    """The part of the drawing this page shows, clipped; afterwards the page's own coordinates hold again."""
    canvas.saveState()
    _to_millimetres(canvas, tiling.height)
    path = canvas.beginPath()
    path.rect(MARGIN, MARGIN, tiling.window_width, tiling.window_height)
    canvas.clipPath(path, stroke=0, fill=0)
    canvas.translate(MARGIN - tile.left, MARGIN - tile.top)
    right, low = tile.left + tiling.window_width, tile.top + tiling.window_height
    draw_shapes(canvas, within(drawing.primitives, tile.left, tile.top, right, low))
    canvas.restoreState()


def _to_millimetres(canvas: Canvas, height: float) -> None:
    """From here on x right and y down, in millimetres."""
    canvas.transform(UNITS, 0, 0, -UNITS, 0, height * UNITS)


def _draw(canvas: Canvas, height: float, primitives: Iterable[Primitive]) -> None:
    canvas.saveState()
    _to_millimetres(canvas, height)
    draw_shapes(canvas, primitives)
    canvas.restoreState()


def draw_shapes(canvas: Canvas, primitives: Iterable[Primitive]) -> None:
    """The primitives, where x runs right and y down in the canvas's own units."""
    for shape in primitives:
        if isinstance(shape, Outlines):
            _outlines(canvas, shape)
        elif isinstance(shape, Discs):
            canvas.setStrokeColor(shape.colour)
            _caps(canvas, shape.x, shape.y, 2 * shape.radius)
        elif isinstance(shape, Text):
            _text(canvas, shape)
        elif isinstance(shape, Area):
            canvas.setFillColor(shape.colour)
            _filled(canvas, shape)
        else:
            _stroked(canvas, shape)


def _filled(canvas: Canvas, shape: Area) -> None:
    """By the even-odd rule, so that holes are left out."""
    path = canvas.beginPath()
    for line in (shape.points, *shape.holes):
        _add(path, line, True)
    canvas.drawPath(path, stroke=0, fill=1, fillMode=0)


def _through(canvas: Canvas, points: np.ndarray, closed: bool) -> PDFPathObject:
    path = canvas.beginPath()
    _add(path, points, closed)
    return path


def _add(path: PDFPathObject, points: np.ndarray, closed: bool) -> None:
    for k, (x, y) in enumerate(points.tolist()):
        (path.lineTo if k else path.moveTo)(x, y)
    if closed:
        path.close()


def _stroked(canvas: Canvas, shape: Circle | Line | Path) -> None:
    _pen(canvas, shape.stroke)
    if isinstance(shape, Circle):
        canvas.circle(shape.x, shape.y, shape.radius)
    elif isinstance(shape, Path):
        canvas.drawPath(_through(canvas, shape.points, shape.closed))
    else:
        canvas.line(shape.x1, shape.y1, shape.x2, shape.y2)


def _pen(canvas: Canvas, stroke: Stroke) -> None:
    canvas.setStrokeColorRGB(0, 0, 0)
    canvas.setLineCap(0)
    canvas.setLineWidth(WIDTH_MM[stroke])
    canvas.setDash(*((2, 1.5) if stroke == "dashed" else ()))


def _text(canvas: Canvas, shape: Text) -> None:
    parts = font_runs(shape.text, BOLD if shape.bold else REGULAR)
    long = runs_width(parts, shape.size)
    canvas.saveState()
    canvas.translate(shape.x - {"start": 0, "middle": long / 2, "end": long}[shape.anchor], shape.y)
    canvas.scale(1, -1)
    canvas.setFillColorRGB(0, 0, 0)
    draw_runs(canvas, 0, 0, parts, shape.size)
    canvas.restoreState()


def _outlines(canvas: Canvas, dots: Outlines) -> None:
    """Thin circles, exact: a black round-capped point with a white one inside it.

    The rim's middle lies on the dot's own radius. White covers what lies below, so guides are drawn after.
    """
    canvas.setStrokeColorRGB(0, 0, 0)
    _caps(canvas, dots.x, dots.y, 2 * dots.radius + PEN_MM)
    canvas.setStrokeColorRGB(1, 1, 1)
    _caps(canvas, dots.x, dots.y, 2 * dots.radius - PEN_MM)


def _caps(canvas: Canvas, x: np.ndarray, y: np.ndarray, diameter: np.ndarray) -> None:
    """Discs as lines of no length with round caps, one path for each diameter: exact circles, few bytes."""
    canvas.setLineCap(1)
    canvas.setDash()
    rounded = np.round(diameter, 4)
    for size in np.unique(rounded):
        chosen = rounded == size
        points = np.round(np.stack((x[chosen], y[chosen], x[chosen], y[chosen]), axis=1), 3)
        path = " ".join(["%.7g %.7g m %.7g %.7g l"] * len(points)) % tuple(points.ravel().tolist())
        canvas._code.append(f"{size:.4f} w {path} S")  # type: ignore[attr-defined]

"""PNG through Pillow: the painted piece as a picture."""

from io import BytesIO

from PIL import Image, ImageColor, ImageDraw, PngImagePlugin

from ..core.errors import FitError
from .drawing import Area, Discs, Drawing

LEAST_PIXELS, MOST_PIXELS = 200, 4000
FINER = 2


def png(drawing: Drawing, pixels: int) -> bytes:
    """The drawing, its longer side so many pixels, its resolution written into the file. Raises FitError out of
    bounds.
    """
    if not LEAST_PIXELS <= pixels <= MOST_PIXELS:
        raise FitError(f"A picture is {LEAST_PIXELS} to {MOST_PIXELS} pixels long (given {pixels}).", "pixels")
    finest = pixels / max(drawing.width, drawing.height)
    scale = FINER * finest
    size = (max(1, round(drawing.width * scale)), max(1, round(drawing.height * scale)))
    image = Image.new("RGB", size, ImageColor.getrgb(drawing.ground or "#e9e7e1"))
    draw = ImageDraw.Draw(image)
    for shape in drawing.primitives:
        if isinstance(shape, Discs):
            _discs(draw, shape, drawing, scale)
        elif isinstance(shape, Area):
            _area(image, draw, shape, drawing, scale)
    wide, high = (max(1, round(side * finest)) for side in (drawing.width, drawing.height))
    small = image.resize((wide, high), Image.Resampling.LANCZOS)
    out = BytesIO()
    dots_per_inch = finest * 25.4
    small.save(out, "PNG", dpi=(dots_per_inch, dots_per_inch), pnginfo=PngImagePlugin.PngInfo())
    return out.getvalue()


def _area(image: Image.Image, draw: ImageDraw.ImageDraw, shape: Area, drawing: Drawing, scale: float) -> None:
    points, *holes = (
        [tuple(point) for point in ((line - [drawing.left, drawing.top]) * scale).tolist()]
        for line in (shape.points, *shape.holes)
    )
    if not holes:
        draw.polygon(points, fill=shape.colour)
        return
    mask = Image.new("1", image.size)
    cut = ImageDraw.Draw(mask)
    cut.polygon(points, fill=1)
    for hole in holes:
        cut.polygon(hole, fill=0)
    image.paste(shape.colour, mask=mask)


def _discs(draw: ImageDraw.ImageDraw, shape: Discs, drawing: Drawing, scale: float) -> None:
    for x, y, r in zip(shape.x.tolist(), shape.y.tolist(), shape.radius.tolist(), strict=True):
        cx, cy, radius = (x - drawing.left) * scale, (y - drawing.top) * scale, r * scale
        draw.ellipse((cx - radius, cy - radius, cx + radius, cy + radius), fill=shape.colour)

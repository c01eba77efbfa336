"""The whole print room in one ZIP: every sheet as PDF and SVG, cutter files as DXF, the written pattern."""

from collections.abc import Callable, Iterator
from io import BytesIO
from zipfile import ZIP_DEFLATED, ZipFile

from ..core.laid import Laid
from .dxf import sheet_dxf
from .pages import Stamp
from .paper import Layout, tiled
from .pdf import sheets_pdf
from .sheets.all import kinds_for
from .sheets.sheet import Choice
from .svg import svg

Part = tuple[str, Callable[[], bytes]]


def parts(laid: Laid, choice: Choice, layout: Layout, stamp: Stamp) -> list[Part]:
    """Every file of the bundle by its name, each made when asked for; what cannot be printed is refused at once."""
    found: list[Part] = []
    for kind in kinds_for(laid):
        sheet = kind.make(laid, choice)
        box = sheet.drawing
        tiled(box.left, box.top, box.width, box.height, layout)
        found.append((f"{kind.id}.pdf", lambda sheet=sheet: sheets_pdf([sheet], stamp, layout)))  # type: ignore[misc]
        drawing = sheet.cut_drawing if sheet.cuts else sheet.drawing
        found.append((f"{kind.id}.svg", lambda d=drawing, s=sheet: svg(d, s.title).encode()))  # type: ignore[misc]
        if sheet.cuts:
            found.append((f"{kind.id}.dxf", lambda sheet=sheet: sheet_dxf(sheet)))  # type: ignore[misc]
    return found


def bundled(files: list[Part]) -> Iterator[tuple[str, bytes | None]]:
    """The name of each file as it is done; at last ("", the ZIP)."""
    out = BytesIO()
    with ZipFile(out, "w", ZIP_DEFLATED) as archive:
        for name, make in files:
            archive.writestr(name, make())
            yield name, None
    yield "", out.getvalue()

"""DXF through ezdxf: the lines a cutter follows, in millimetres and at true size.

$INSUNITS 4 is the millimetre (DXF reference, HEADER section). A DXF's y runs up, so it is turned over on the way.
"""

from io import StringIO

from .drawing import Circle
from .sheets.sheet import Sheet

LAYER = "CUT"
MILLIMETRES = 4


def sheet_dxf(sheet: Sheet) -> bytes:
    """The cuts of a sheet: closed polylines and circles on one layer."""
    from ezdxf.filemanagement import new

    document = new("R2000", units=MILLIMETRES)
    document.header["$MEASUREMENT"] = 1
    document.header["$LASTSAVEDBY"] = "Fern Ring"
    document.layers.add(LAYER)
    space = document.modelspace()
    for cut in sheet.cuts:
        if isinstance(cut, Circle):
            space.add_circle((cut.x, -cut.y), cut.radius, {"layer": LAYER})
        else:
            points = [(x, -y) for x, y in cut.points.tolist()]
            space.add_lwpolyline(points, close=True, dxfattribs={"layer": LAYER})
    out = StringIO()
    document.write(out)
    return out.getvalue().encode()

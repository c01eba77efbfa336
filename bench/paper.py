"""PDF of 20,000 dots beside one drawn circle after another, and the whole bundle of the largest demo piece."""

import json
from io import BytesIO
from pathlib import Path

from reportlab.pdfgen.canvas import Canvas

from fernring.core.document.reading import read_piece
from fernring.core.solved import Solved, solve_piece
from fernring.formats.bundle import parts, written_parts
from fernring.formats.pages import Stamp
from fernring.formats.paper import Layout
from fernring.formats.pdf import UNITS, sheets_pdf
from fernring.formats.sheets.guide import guide
from fernring.formats.sheets.placement import placement
from fernring.formats.sheets.sheet import Choice
from fernring.formats.zipped import zipped
from tests.samples import large

from .timing import figure, medians, share

DOTS = 20_000
PIECES = Path(__file__).resolve().parent.parent / "fernring" / "demo" / "pieces"


def run() -> bool:
    piece = large(40, DOTS, nested=False)
    small = piece.model_copy(update={"rows": tuple(r.model_copy(update={"distance": r.distance.model_copy(
        update={"walk": r.distance.walk / 6})}) for r in piece.rows)})  # fmt: skip
    outline = small.blank.outline.model_copy(update={"diameter": 175.0})
    solved = solve_piece(small.model_copy(update={"blank": small.blank.model_copy(update={"outline": outline})}))
    choice, stamp = Choice(spokes=False, circles=False), Stamp(solved.piece, "", "")
    ways = {
        "guide": lambda: sheets_pdf([guide(solved, choice)], stamp, Layout()),
        "placement": lambda: sheets_pdf([placement(solved, choice)], stamp, Layout()),
        "circles": lambda: one_by_one(solved),
    }
    times = medians(ways, 3)
    plain = len(ways["circles"]())
    good = True
    for name in ("guide", "placement"):
        good &= share(f"{name}: time for {len(solved.dots):,} dots", times[name], times["circles"], 0.25)
        good &= share(f"{name}: bytes of the file", len(ways[name]()), plain, 1 / 3)
    return good & _bundle()


def _bundle() -> bool:
    solved = solve_piece(read_piece(json.loads((PIECES / "05-perihelion.json").read_text(encoding="utf-8"))))

    def made() -> None:
        stamp = Stamp(solved.piece, "", "")
        for _ in zipped(parts(solved, Choice(), Layout(), stamp) + written_parts(solved, "A4", stamp, "mm")):
            pass

    seconds = medians({"bundle": made}, 3)["bundle"] / 1000
    return figure(f"everything for a canvas of {len(solved.dots):,} dots in one ZIP", seconds, "s", 5)


def one_by_one(solved: Solved) -> bytes:
    out = BytesIO()
    canvas = Canvas(out, pageCompression=1)
    canvas.setLineWidth(0.12 * UNITS)
    dots = solved.dots
    for x, y, r in zip(dots.x.tolist(), dots.y.tolist(), dots.radius.tolist(), strict=True):
        canvas.circle((105 + x) * UNITS, (150 - y) * UNITS, r * UNITS)
    canvas.save()
    return out.getvalue()

"""PDF of 20,000 dots beside one drawn circle after another."""

from io import BytesIO

from reportlab.pdfgen.canvas import Canvas

from fernring.core.laid import Laid
from fernring.core.plan import lay
from fernring.formats.guide import GuideChoice
from fernring.formats.pdf import UNITS, guide_pdf
from tests.samples import large

from .timing import medians, share

DOTS = 20_000


def run() -> bool:
    piece = large(40, DOTS, nested=False)
    small = piece.model_copy(update={"rows": tuple(r.model_copy(update={"distance": r.distance.model_copy(
        update={"walk": r.distance.walk / 6})}) for r in piece.rows)})  # fmt: skip
    outline = small.blank.outline.model_copy(update={"diameter": 175.0})
    laid = lay(small.model_copy(update={"blank": small.blank.model_copy(update={"outline": outline})}))
    choice = GuideChoice(spokes=False, circles=False)
    times = medians({"ours": lambda: guide_pdf(laid, choice, ""), "circles": lambda: one_by_one(laid)}, 3)
    good = share(f"time for {len(laid.dots):,} dots", times["ours"], times["circles"], 0.25)
    sizes = len(guide_pdf(laid, choice, "")), len(one_by_one(laid))
    return good & share("bytes of the file", sizes[0], sizes[1], 1 / 3)


def one_by_one(laid: Laid) -> bytes:
    out = BytesIO()
    canvas = Canvas(out, pageCompression=1)
    canvas.setLineWidth(0.12 * UNITS)
    dots = laid.dots
    for x, y, r in zip(dots.x.tolist(), dots.y.tolist(), dots.radius.tolist(), strict=True):
        canvas.circle((105 + x) * UNITS, (150 - y) * UNITS, r * UNITS)
    canvas.save()
    return out.getvalue()

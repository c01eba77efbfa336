"""Routes of the print room: sheets as PDF, SVG and DXF, their pages as pictures, everything in one file, the cutter."""

from base64 import b64encode
from datetime import date
from typing import Annotated, Literal

import numpy as np
from fastapi import APIRouter, Response
from pydantic import Field

from ..core.document.facts import chosen, named
from ..core.document.numbers import Ident, Label, Tick
from ..core.solved import Solved, solve_piece
from ..core.words.lengths import Units, mm
from ..core.work.work import work
from ..formats.pages import Stamp, spread
from ..formats.paper import MOST_AT_ALL, MOST_PAGES, Layout, Paper, Way, place
from ..formats.sheets.all import is_corrected, kinds_for, sheet
from ..formats.sheets.bars import ACROSS, ALONG
from ..formats.sheets.sheet import Choice, Sheet
from ..formats.svg import svg
from ..formats.written.booklet import booklet
from ..formats.written.html import booklet_html
from ..formats.written.work_card import work_card
from .answer import Answer, Asked
from .errors import RESPONSES
from .exports import file_answer
from .reading import PieceBody, QuickRoute, ShelfBody
from .told import MEDIA, told_zip

# what only some routes need is imported there: writing PDFs takes long to load, and the server is to answer at once
router = APIRouter(prefix="/api/print", tags=["print room"], route_class=QuickRoute, responses=RESPONSES)

LEAST, MOST = 0.9, 1.1
ACROSS_FACT = named(f"Across, of {mm(ACROSS)}", "length")
ALONG_FACT = named(f"Along, of {mm(ALONG)}", "length")


class Printer(Asked):
    """What the test bars measured (mm); a printer is corrected by at most a tenth."""

    across: Annotated[float, Field(strict=True, ge=ACROSS / MOST, le=ACROSS / LEAST), ACROSS_FACT] = ACROSS
    along: Annotated[float, Field(strict=True, ge=ALONG / MOST, le=ALONG / LEAST), ALONG_FACT] = ALONG


class SheetsRequest(Asked):
    piece: PieceBody


class PrintRequest(Asked):
    """A kind of sheet, what it shows, the paper, and what the printer does to lengths. `shelf` and `extra`, the share
    mixed beyond the need, are for the mixing card."""

    piece: PieceBody
    kind: Ident = "guide"
    dots: Annotated[
        Literal["outlines", "centres", "none"],
        chosen("Dots", outlines="as outlines", centres="as centres", none="left out"),
    ] = "outlines"
    spokes: Annotated[Tick, named("Spokes")] = True
    circles: Annotated[Tick, named("Guide circles")] = True
    border: Annotated[Tick, named("Border")] = True
    rows: Annotated[tuple[Annotated[int, Field(strict=True, ge=0, le=199)], ...], Field(max_length=200)] | None = None
    margin: Annotated[float, Field(strict=True, ge=0, le=40), named("Smaller all round by", "length")] = 2.0
    count: Annotated[int, Field(strict=True, ge=1, le=48), named("How many", "count")] = 1
    paper: Annotated[Paper, chosen("Paper", A4="A4", A3="A3", Letter="US Letter")] = "A4"
    way: Annotated[Way, chosen("Way round", fewest="fewest pages", upright="upright", across="across")] = "fewest"
    overlap: Annotated[float, Field(strict=True, ge=0, le=400), named("Overlap", "length")] = 10.0
    most_pages: Annotated[int, Field(strict=True, ge=1, le=MOST_AT_ALL)] = MOST_PAGES
    printer: Printer = Printer()
    revision: Label = ""
    units: Units = "mm"
    shelf: ShelfBody | None = None
    extra: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=2), named("Margin", "share")] = 0.2

    def choice(self) -> Choice:
        names = ("spokes", "circles", "border", "dots", "rows", "margin", "count", "units", "shelf", "extra")
        return Choice(**{name: getattr(self, name) for name in names})

    def layout(self) -> Layout:
        """The test bars are printed uncorrected, or measuring them again would undo the correction."""
        across, along = ACROSS / self.printer.across, ALONG / self.printer.along
        if not is_corrected(self.kind):
            across, along = 1.0, 1.0
        return Layout(self.paper, self.way, self.overlap, self.most_pages, across, along)

    def stamp(self) -> Stamp:
        return Stamp(self.piece, self.revision, _today(), self.units)

    def sheet(self, solved: Solved) -> Sheet:
        return sheet(solved, self.kind, self.choice())


class PageRequest(PrintRequest):
    number: Annotated[int, Field(strict=True, ge=1, le=MOST_AT_ALL)] = 1
    pixels: Annotated[int, Field(strict=True, ge=200, le=2400)] = 1200


class BundleRequest(PrintRequest):
    """As a print; every kind of sheet is in it."""


class CutterRequest(PrintRequest):
    format: Literal["dxf", "svg"] = "dxf"


class WorkCardRequest(Asked):
    piece: PieceBody
    paper: Paper = "A4"
    units: Units = "mm"


class BookletRequest(Asked):
    piece: PieceBody
    format: Literal["html", "pdf"] = "html"
    paper: Paper = "A4"
    units: Units = "mm"
    revision: Label = ""


class CutterFile(Asked):
    format: Literal["dxf", "svg"]
    text: Annotated[str, Field(strict=True, min_length=1, max_length=4_000_000)]


class KindAnswer(Answer):
    """A kind of sheet, and which fields of a print it asks for."""

    id: str
    title: str
    what: str
    cutter: bool
    asks: list[str]


class PageAnswer(Answer):
    """One page of the PDF itself as a picture (a PNG in base64), and how many there are. Paper in mm."""

    pages: int
    place: str
    paper: Paper
    width: float
    height: float
    overlap: float
    image: str


class CutAnswer(Answer):
    """What the cutter would do: its paths in order as points, the sheet (mm), the way (mm) and the time (s)."""

    width: float
    height: float
    length: float
    seconds: float
    paths: list[list[list[float]]]


@router.post("/sheets")
def post_sheets(request: SheetsRequest) -> list[KindAnswer]:
    """Every kind of sheet that suits the piece's blank."""
    solved = solve_piece(request.piece)
    made = [(kind, kind.make(solved, Choice(margin=0.0))) for kind in kinds_for(solved)]
    return [
        KindAnswer(id=kind.id, title=one.title, what=one.what, cutter=bool(one.cuts), asks=list(kind.asks))
        for kind, one in made
    ]


@router.post("/page")
def post_sheet_page(request: PageRequest) -> PageAnswer:
    """One page as it will come out of the printer, rendered from the PDF."""
    from ..formats.page_png import page_png

    one = request.sheet(solve_piece(request.piece))
    tiling = spread(one.drawing, request.layout())
    number = min(request.number, len(tiling.tiles))
    tile = tiling.tiles[number - 1]
    return PageAnswer(
        pages=len(tiling.tiles),
        place=place(tile.column, tile.line),
        paper=request.paper,
        width=tiling.width * tiling.scale_x,
        height=tiling.height * tiling.scale_y,
        overlap=tiling.overlap,
        image=b64encode(page_png(_pdf(request, one), number, request.pixels)).decode(),
    )


@router.post("/pdf", response_model=None, responses={200: {"content": {"application/pdf": {}}}})
def post_sheet_pdf(request: PrintRequest) -> Response:
    """The sheet as PDF, on as many pages as it needs."""
    return file_answer(
        _pdf(request, request.sheet(solve_piece(request.piece))),
        "application/pdf",
        request.piece.name,
        f", {request.kind}.pdf",
    )


@router.post("/svg", response_model=None, responses={200: {"content": {"image/svg+xml": {}}}})
def post_sheet_svg(request: PrintRequest) -> Response:
    """The sheet as one SVG in real millimetres; of a sheet for the cutter, what it cuts."""
    return file_answer(
        _svg(request.sheet(solve_piece(request.piece))), "image/svg+xml", request.piece.name, f", {request.kind}.svg"
    )


@router.post("/dxf", response_model=None, responses={200: {"content": {"image/vnd.dxf": {}}}})
def post_sheet_dxf(request: PrintRequest) -> Response:
    """The cuts of the sheet as DXF in millimetres."""
    from ..formats.dxf import sheet_dxf

    return file_answer(
        sheet_dxf(request.sheet(solve_piece(request.piece))),
        "image/vnd.dxf",
        request.piece.name,
        f", {request.kind}.dxf",
    )


@router.post("/cutter")
def post_cutter(request: CutterRequest) -> CutAnswer:
    """What the simulated cutter makes of the sheet's file."""
    from ..formats.dxf import sheet_dxf

    one = request.sheet(solve_piece(request.piece))
    return _cut(sheet_dxf(one) if request.format == "dxf" else _svg(one), request.format)


@router.post("/cutter/file")
def post_cutter_file(request: CutterFile) -> CutAnswer:
    """What the simulated cutter makes of any DXF or SVG file."""
    return _cut(request.text.encode(), request.format)


@router.post("/booklet", response_model=None, responses={200: {"content": {"application/octet-stream": {}}}})
def post_booklet(request: BookletRequest) -> Response:
    """The written pattern as a booklet, PDF or one self-contained HTML page."""
    book = booklet(solve_piece(request.piece), request.units, request.revision, _today())
    if request.format == "html":
        return file_answer(
            booklet_html(book).encode(), "text/html; charset=utf-8", request.piece.name, ", pattern.html"
        )
    from ..formats.written.pdf import booklet_pdf

    return file_answer(booklet_pdf(book, request.paper), "application/pdf", request.piece.name, ", pattern.pdf")


@router.post("/work-card", response_model=None, responses={200: {"content": {"application/octet-stream": {}}}})
def post_work_card(request: WorkCardRequest) -> Response:
    """The steps of a piece on paper."""
    from ..formats.written.work_card_pdf import work_card_pdf

    card = work_card(work(request.piece), request.units, _today())
    return file_answer(work_card_pdf(card, request.paper), "application/pdf", request.piece.name, ", steps.pdf")


@router.post("/bundle", response_model=None, responses={200: {"content": {MEDIA: {}}}})
def post_bundle(request: BundleRequest) -> Response:
    """Everything in one ZIP: a line of JSON for each file as it is done, and at last the ZIP in base64."""
    from ..formats.bundle import parts, written_parts

    solved, stamp = solve_piece(request.piece), request.stamp()
    files = parts(solved, request.choice(), request.layout(), stamp)
    files += written_parts(solved, request.paper, stamp, request.units)
    return told_zip(files)


def _today() -> str:
    return f"{date.today():%-d %B %Y}"


def _pdf(request: PrintRequest, one: Sheet) -> bytes:
    from ..formats.pdf import sheets_pdf

    return sheets_pdf([one], request.stamp(), request.layout())


def _svg(one: Sheet) -> bytes:
    return svg(one.in_svg, one.title).encode()


def _cut(data: bytes, kind: str) -> CutAnswer:
    from ..standins.cutter import cut

    job = cut(data, kind)
    paths = [np.round(path, 3).tolist() for path in job.paths]
    return CutAnswer(width=job.width, height=job.height, length=job.length, seconds=job.seconds, paths=paths)

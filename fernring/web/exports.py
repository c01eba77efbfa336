"""Routes that give files: the printed guide, and the piece as SVG, PNG, CSV and JSON."""

from datetime import date
from typing import Annotated, Literal

from fastapi import APIRouter, Response
from pydantic import Field

from ..core.document.numbers import Frozen
from ..core.document.piece import Piece
from ..core.plan import lay
from ..formats.guide import GuideChoice, guide_drawing, place
from ..formats.paper import Paper, tiled
from ..formats.picture import picture
from ..formats.piece_json import document_bytes
from ..formats.rows_csv import rows_csv
from ..formats.svg import svg
from .errors import RESPONSES
from .reading import QuickRoute
from .reckoning import Answer

router = APIRouter(prefix="/api/files", tags=["files"], route_class=QuickRoute, responses=RESPONSES)


class GuideRequest(Frozen):
    piece: Piece
    paper: Paper = "A4"
    spokes: Annotated[bool, Field(strict=True)] = True
    circles: Annotated[bool, Field(strict=True)] = True
    border: Annotated[bool, Field(strict=True)] = True
    dots: Literal["outlines", "centres", "none"] = "outlines"

    def choice(self) -> GuideChoice:
        return GuideChoice(self.paper, self.spokes, self.circles, self.border, self.dots)


class PictureRequest(Frozen):
    piece: Piece
    pixels: Annotated[int, Field(strict=True, ge=200, le=4000)] = 1600


class PageAnswer(Answer):
    """A page's window on the guide (mm, the blank's centre at the origin) and its place, A1 first."""

    left: float
    top: float
    place: str


class GuidePreview(Answer):
    """The guide as SVG and the pages it will be printed on."""

    svg: str
    paper_width: float
    paper_height: float
    window_width: float
    window_height: float
    pages: list[PageAnswer]


@router.post("/guide", response_model=None, responses={200: {"content": {"application/pdf": {}}}})
def post_guide(request: GuideRequest) -> Response:
    """The full-size guide as PDF."""
    from ..formats.pdf import guide_pdf

    data = guide_pdf(lay(request.piece), request.choice(), f"{date.today():%-d %B %Y}")
    return _file(data, "application/pdf", "guide.pdf")


@router.post("/guide/preview")
def post_guide_preview(request: GuideRequest) -> GuidePreview:
    """What the guide will show, and on how many pages."""
    guide = guide_drawing(lay(request.piece), request.choice())
    tiling = tiled(guide.left, guide.top, guide.width, guide.height, request.paper)
    return GuidePreview(
        svg=svg(guide, f"Guide of {request.piece.name}"),
        paper_width=tiling.width,
        paper_height=tiling.height,
        window_width=tiling.window_width,
        window_height=tiling.window_height,
        pages=[PageAnswer(left=t.left, top=t.top, place=place(t.column, t.line)) for t in tiling.tiles],
    )


@router.post("/svg", response_model=None, responses={200: {"content": {"image/svg+xml": {}}}})
def post_svg(request: PictureRequest) -> Response:
    """The painted piece in real millimetres."""
    text = svg(picture(lay(request.piece)), request.piece.name)
    return _file(text.encode(), "image/svg+xml", "piece.svg")


@router.post("/png", response_model=None, responses={200: {"content": {"image/png": {}}}})
def post_png(request: PictureRequest) -> Response:
    """The painted piece as a picture."""
    from ..formats.png import png

    return _file(png(picture(lay(request.piece)), request.pixels), "image/png", "piece.png")


@router.post("/csv", response_model=None, responses={200: {"content": {"text/csv": {}}}})
def post_csv(request: PictureRequest) -> Response:
    """The rows as a table."""
    return _file(rows_csv(lay(request.piece)).encode(), "text/csv; charset=utf-8", "rows.csv")


@router.post("/json", response_model=None, responses={200: {"content": {"application/json": {}}}})
def post_json(request: PictureRequest) -> Response:
    """The piece as a file that any studio opens."""
    return _file(document_bytes(request.piece), "application/json", "piece.json")


def _file(data: bytes, media_type: str, name: str) -> Response:
    return Response(data, media_type=media_type, headers={"Content-Disposition": f'attachment; filename="{name}"'})

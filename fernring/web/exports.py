"""Routes that give the piece as a file: SVG, PNG, CSV and JSON."""

from typing import Annotated

from fastapi import APIRouter, Response
from pydantic import Field

from ..core.solved import solve_piece
from ..formats.picture import picture
from ..formats.piece_json import document_bytes
from ..formats.rows_csv import rows_csv
from ..formats.svg import svg
from .answer import Asked
from .errors import RESPONSES
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api/files", tags=["files"], route_class=QuickRoute, responses=RESPONSES)


class PictureRequest(Asked):
    piece: PieceBody
    pixels: Annotated[int, Field(strict=True, ge=200, le=4000)] = 1600


@router.post("/svg", response_model=None, responses={200: {"content": {"image/svg+xml": {}}}})
def post_svg(request: PictureRequest) -> Response:
    """The painted piece in real millimetres."""
    text = svg(picture(solve_piece(request.piece)), request.piece.name)
    return file_answer(text.encode(), "image/svg+xml", "piece.svg")


@router.post("/png", response_model=None, responses={200: {"content": {"image/png": {}}}})
def post_png(request: PictureRequest) -> Response:
    """The painted piece as a picture."""
    from ..formats.png import png

    return file_answer(png(picture(solve_piece(request.piece)), request.pixels), "image/png", "piece.png")


@router.post("/csv", response_model=None, responses={200: {"content": {"text/csv": {}}}})
def post_csv(request: PictureRequest) -> Response:
    """The rows as a table."""
    return file_answer(rows_csv(solve_piece(request.piece)).encode(), "text/csv; charset=utf-8", "rows.csv")


@router.post("/json", response_model=None, responses={200: {"content": {"application/json": {}}}})
def post_json(request: PictureRequest) -> Response:
    """The piece as a file that any studio opens."""
    return file_answer(document_bytes(request.piece), "application/json", "piece.json")


def file_answer(data: bytes, media_type: str, name: str) -> Response:
    """Bytes to be kept as a file; the page gives it a name of its own."""
    return Response(data, media_type=media_type, headers={"Content-Disposition": f'attachment; filename="{name}"'})

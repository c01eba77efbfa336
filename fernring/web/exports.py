"""Routes that give the piece as a file: SVG, PNG, CSV and JSON."""

import re
import unicodedata
from typing import Annotated
from urllib.parse import quote

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


NOT_IN_NAMES = re.compile(r'[\x00-\x1f\x7f\\/:*?"<>|%;]+')  # in names of files on one system or another
LONGEST_NAME = 80


class PictureRequest(Asked):
    piece: PieceBody
    pixels: Annotated[int, Field(strict=True, ge=200, le=4000)] = 1600


@router.post("/svg", response_model=None, responses={200: {"content": {"image/svg+xml": {}}}})
def post_svg(request: PictureRequest) -> Response:
    """The painted piece in real millimetres."""
    text = svg(picture(solve_piece(request.piece)), request.piece.name)
    return file_answer(text.encode(), "image/svg+xml", request.piece.name, ".svg")


@router.post("/png", response_model=None, responses={200: {"content": {"image/png": {}}}})
def post_png(request: PictureRequest) -> Response:
    """The painted piece as a picture."""
    from ..formats.png import png

    data = png(picture(solve_piece(request.piece)), request.pixels)
    return file_answer(data, "image/png", request.piece.name, ".png")


@router.post("/csv", response_model=None, responses={200: {"content": {"text/csv": {}}}})
def post_csv(request: PictureRequest) -> Response:
    """The rows as a table."""
    text = rows_csv(solve_piece(request.piece))
    return file_answer(text.encode(), "text/csv; charset=utf-8", request.piece.name, ", rows.csv")


@router.post("/json", response_model=None, responses={200: {"content": {"application/json": {}}}})
def post_json(request: PictureRequest) -> Response:
    """The piece as a file that any studio opens."""
    return file_answer(document_bytes(request.piece), "application/json", request.piece.name, ".json")


def file_answer(data: bytes, media_type: str, name: str, tail: str) -> Response:
    """Bytes to be kept as a file of this name, letters of every script included; `tail` ends it, as in ", rows.csv"."""
    return Response(data, media_type=media_type, headers={"Content-Disposition": disposition(name, tail)})


def disposition(name: str, tail: str) -> str:
    """The header that names a download: in ASCII for all, and in full for those who read it. Source: RFC 6266, 5987."""
    whole = _usable(name)
    plain = _usable(unicodedata.normalize("NFKD", whole).encode("ascii", "ignore").decode())
    return f"attachment; filename=\"{plain}{tail}\"; filename*=UTF-8''{quote(whole + tail, safe='')}"


def _usable(name: str) -> str:
    """The name without what files may not be called on one system or another."""
    return " ".join(NOT_IN_NAMES.sub(" ", name).split())[:LONGEST_NAME].strip(". ") or "piece"

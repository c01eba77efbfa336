"""Documents as JSON files, and back."""

import orjson

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.document.reading import read_document
from ..core.document.shelf import Shelf
from ..core.errors import DocumentError
from .json_text import parsed

MOST_BYTES = 4_000_000


def document_bytes(document: Piece | Kit | Shelf) -> bytes:
    """Indented JSON: the same document gives the same bytes."""
    return orjson.dumps(document.model_dump(mode="json"), option=orjson.OPT_INDENT_2 | orjson.OPT_APPEND_NEWLINE)


def parse_document(data: bytes) -> Piece | Kit | Shelf:
    """A document from a file's bytes. Raises DocumentError with a sentence."""
    if len(data) > MOST_BYTES:
        raise DocumentError(f"A document file holds at most {MOST_BYTES:,} bytes; this one has {len(data):,}.")
    try:
        value = parsed(data)
    except orjson.JSONDecodeError as error:
        raise DocumentError(f"This file is not readable JSON: {error.msg}, line {error.lineno}.") from error
    return read_document(value)

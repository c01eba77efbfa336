"""Documents from untrusted values: format and version first, then upgrades, then the models' own bounds."""

from typing import Any

from pydantic import ValidationError

from ..errors import DocumentError
from .kit import Kit
from .piece import Piece
from .sentences import first_sentence, shown
from .shelf import Shelf
from .upgrades import VERSION, upgraded

Document = Piece | Kit | Shelf
DOCUMENTS: dict[str, type[Document]] = {
    "fernring.piece": Piece,
    "fernring.kit": Kit,
    "fernring.shelf": Shelf,
}


def read_document(value: Any) -> Document:
    """A piece, kit or shelf from parsed JSON of this or any earlier version. Raises DocumentError with a sentence."""
    if not isinstance(value, dict):
        raise DocumentError("A Fern Ring document is a JSON object; this file holds something else.")
    kind = value.get("format")
    model = DOCUMENTS.get(kind) if isinstance(kind, str) else None
    if model is None:
        raise DocumentError(f"This is not a Fern Ring document: its format is {shown(kind)}.", "format")
    version = value.get("version")
    if isinstance(version, int) and version > VERSION:
        raise DocumentError(
            f"This document has format version {version}; this studio reads up to {VERSION}. "
            "Open it with a newer Fern Ring.",
            "version",
        )
    present = upgraded(value)
    try:
        return model.model_validate(present)
    except ValidationError as error:
        field, sentence = first_sentence(error.errors(), present)
        raise DocumentError(sentence, field) from error


def read_piece(value: Any) -> Piece:
    """A piece from parsed JSON. Raises DocumentError when it is none."""
    document = read_document(value)
    if not isinstance(document, Piece):
        raise DocumentError(f"This is a {document.format.split('.')[1]}, not a piece.", "format")
    return document

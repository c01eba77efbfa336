"""Documents from untrusted values: format and version first, then the models' own bounds."""

from typing import Any

from pydantic import ValidationError

from ..errors import DocumentError
from .kit import Kit
from .piece import Piece
from .sentences import first_sentence
from .shelf import Shelf

DOCUMENTS: dict[str, type[Piece] | type[Kit] | type[Shelf]] = {
    "fernring.piece": Piece,
    "fernring.kit": Kit,
    "fernring.shelf": Shelf,
}
VERSION = 1


def read_document(value: Any) -> Piece | Kit | Shelf:
    """A piece, kit or shelf from parsed JSON. Raises DocumentError with a sentence."""
    if not isinstance(value, dict):
        raise DocumentError("A Fern Ring document is a JSON object; this file holds something else.")
    kind = value.get("format")
    model = DOCUMENTS.get(kind) if isinstance(kind, str) else None
    if model is None:
        raise DocumentError(f"This is not a Fern Ring document: its format is {kind!r}."[:200], "format")
    version = value.get("version")
    if isinstance(version, int) and version > VERSION:
        raise DocumentError(
            f"This document has format version {version}; this studio reads up to {VERSION}. "
            "Open it with a newer Fern Ring.",
            "version",
        )
    try:
        return model.model_validate(value)
    except ValidationError as error:
        field, sentence = first_sentence(error.errors(), value)
        raise DocumentError(sentence, field) from error


def read_piece(value: Any) -> Piece:
    """A piece from parsed JSON. Raises DocumentError when it is none."""
    document = read_document(value)
    if not isinstance(document, Piece):
        raise DocumentError(f"This is a {document.format.split('.')[1]}, not a piece.", "format")
    return document

"""Rows with other shades, as changes to the document."""

from collections.abc import Callable
from typing import Any

from ..document.changes import Change, change
from ..document.piece import Piece

Said = dict[str, Any]
"""A shade as it stands in the document."""


def reshaded(piece: Piece, index: int, other: Callable[[Said], Said]) -> Change | None:
    """The row of this place with every shade of it that `other` changes; None where it changes none, or where the row
    is on the piece already."""
    row = piece.rows[index]
    if row.painted is not None:
        return None
    before = row.model_dump(mode="json")
    after = _walked(before, other)
    return None if after == before else change("rows", index, after)


def trim_reshaded(piece: Piece, index: int, trim: str, shades: list[Said]) -> Change | None:
    """The row with other shades on the trim of this id."""
    row = piece.rows[index]
    if row.painted is not None:
        return None
    return change("rows", index, _trimmed(row.model_dump(mode="json"), trim, shades))


def _walked(node: Any, other: Callable[[Said], Said]) -> Any:
    if isinstance(node, list):
        return [_walked(one, other) for one in node]
    if not isinstance(node, dict):
        return node
    if node.get("kind") in ("paint", "ramp") and node.keys() & {"paint", "ramp"}:
        return other(node)
    return {key: _walked(value, other) for key, value in node.items()}


def _trimmed(node: Any, trim: str, shades: list[Said]) -> Any:
    if isinstance(node, list):
        return [_trimmed(one, trim, shades) for one in node]
    if not isinstance(node, dict):
        return node
    if node.get("id") == trim and "shades" in node:
        return {**node, "shades": shades}
    return {key: _trimmed(value, trim, shades) for key, value in node.items()}

"""Changes as data: values set at paths of a document. Remedies and alternatives are made of these."""

from collections.abc import Iterable
from typing import Any

from ..errors import DocumentError
from .numbers import Frozen
from .piece import Piece
from .reading import read_piece


class Change(Frozen):
    """Set `value` at `path`; a path step is a field name or a list place. A place one past the end appends."""

    path: tuple[str | int, ...]
    value: Any


def change(*path_and_value: Any) -> Change:
    """change("rows", 2, "gap", 0.4): the last argument is the value."""
    return Change(path=tuple(path_and_value[:-1]), value=path_and_value[-1])


def changed(piece: Piece, changes: Iterable[Change]) -> Piece:
    """A new piece with the changes made. Raises DocumentError when the result is out of bounds."""
    document: Any = piece.model_dump(mode="json")
    for change in changes:
        try:
            document = _set(document, change.path, change.value)
        except (TypeError, AttributeError, IndexError) as error:
            field = ".".join(map(str, change.path))
            raise DocumentError(f"The document has no such place as {field[:80]}.", field[:80]) from error
    return read_piece(document)


def _set(node: Any, path: tuple[str | int, ...], value: Any) -> Any:
    if not path:
        return value
    step, rest = path[0], path[1:]
    if isinstance(node, list):
        if not isinstance(step, int) or not 0 <= step <= len(node):
            raise IndexError(step)
        inner = _set(node[step] if step < len(node) else None, rest, value)
        return [*node[:step], inner, *node[step + 1 :]]
    return {**node, step: _set(node.get(step), rest, value)}

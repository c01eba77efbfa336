"""Tools or paints from another kit or shelf, added to this one."""

from collections.abc import Iterable
from typing import TypeVar

from ..errors import DocumentError
from .kit import MOST_TOOLS, Kit, Tool
from .shelf import MOST_PAINTS, Paint, Shelf

Item = TypeVar("Item", Tool, Paint)


def added(ours: Kit | Shelf, theirs: Kit | Shelf) -> tuple[Kit | Shelf, int]:
    """Ours with what theirs has beyond it, and how much that is.

    An item that differs from one of ours in nothing but its id is left out; an id that is taken is made anew. Raises
    DocumentError when theirs is of the other kind, or when it becomes too much.
    """
    if isinstance(ours, Kit) and isinstance(theirs, Kit):
        tools = _joined(ours.tools, theirs.tools, MOST_TOOLS, "tools")
        return ours.model_copy(update={"tools": tools}), len(tools) - len(ours.tools)
    if isinstance(ours, Shelf) and isinstance(theirs, Shelf):
        paints = _joined(ours.paints, theirs.paints, MOST_PAINTS, "paints")
        return ours.model_copy(update={"paints": paints}), len(paints) - len(ours.paints)
    kinds = [stock.format.removeprefix("fernring.") for stock in (theirs, ours)]
    raise DocumentError(f"This file holds a {kinds[0]}; a {kinds[1]} is wanted here.", "file")


def _joined(ours: tuple[Item, ...], theirs: tuple[Item, ...], most: int, of: str) -> tuple[Item, ...]:
    known = [one.model_copy(update={"id": ""}) for one in ours]
    taken = {one.id for one in ours} | {one.id for one in theirs}
    fresh = list(ours)
    for one in theirs:
        if one.model_copy(update={"id": ""}) in known:
            continue
        ident = one.id
        if any(ident == other.id for other in fresh):
            ident = _free(one.id, taken)
            taken.add(ident)
        fresh.append(one.model_copy(update={"id": ident}))
    if len(fresh) > most:
        raise DocumentError(f"At most {most} {of} fit here; with this file it would be {len(fresh)}.", of)
    return tuple(fresh)


def _free(ident: str, taken: Iterable[str]) -> str:
    return next(name for k in range(2, 1000) if (name := f"{ident[:30]}-{k}") not in taken)

"""Sets to begin with where the kit or the shelf is empty. Their sizes are typical, not measured."""

from functools import cache

from pydantic import BaseModel

from ..document.kit import Kit, Tool
from ..document.shelf import Paint, Shelf
from ..tables import table


class Starter(BaseModel):
    """A set by its name, and the kit or shelf that it makes."""

    id: str
    name: str
    about: str
    stock: Kit | Shelf


@cache
def starters() -> tuple[Starter, ...]:
    """Kits first, then shelves."""
    sets = table("starter_sets.json")
    kits = [(one, Kit(tools=tuple(Tool(**tool, sizes="typical") for tool in one["tools"]))) for one in sets["kits"]]
    shelves = [(one, Shelf(paints=tuple(Paint(**paint) for paint in one["paints"]))) for one in sets["shelves"]]
    return tuple(
        Starter(id=one["id"], name=one["name"], about=one["about"], stock=stock) for one, stock in (*kits, *shelves)
    )

"""What goes wrong at the table, and what people do about it. The sentences stand in tables/mishaps.json."""

from typing import Literal, NamedTuple, get_args

from ..tables import table
from ..work.drying import State

MishapId = Literal[
    "touched", "too big", "too small", "off centre", "smudged", "peak", "string", "bubble", "ran together", "ran out",
    "wrong colour", "swipe too short", "guide lost", "hand in wet paint",
]  # fmt: skip
Asks = Literal["size", "place", ""]


class Mishap(NamedTuple):
    """One thing that happens: its name, what to do while the paint is wet and when it is dry, with which tools, what to
    wait for, what of the dot is to be measured, and which repairs are offered.
    """

    id: str
    name: str
    wet: str
    dry: str
    tools: str
    waits: State | None
    asks: Asks
    repairs: tuple[str, ...]


def mishaps() -> list[Mishap]:
    """All of them, in the order in which they are offered."""
    facts = table("mishaps.json")["mishaps"]
    return [
        Mishap(id=ident, **{**facts[ident], "repairs": tuple(facts[ident]["repairs"])}) for ident in get_args(MishapId)
    ]

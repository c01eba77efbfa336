"""A verdict: one finding about the plan, in plain words, with its places and remedies."""

from dataclasses import dataclass
from typing import Literal

from ..document.changes import Change

Severity = Literal["serious", "warning", "note"]
Action = Literal["spread slack", "add row"]

MOST_PLACES = 300


@dataclass(frozen=True)
class Remedy:
    """Changes to the document that may put the finding right, or an action that has to be calculated."""

    label: str
    changes: tuple[Change, ...] = ()
    action: Action | None = None


Ways = tuple[tuple[Remedy, ...], ...]


def each(*remedies: Remedy) -> Ways:
    """Every one of these a way of its own."""
    return tuple((remedy,) for remedy in remedies)


@dataclass(frozen=True)
class Verdict:
    """`key` stays the same while the finding does, so that it can be accepted. `rows` and `dots` are indices.

    `ways` are ideas that nobody tried yet: of each way, from the change that is felt least on, the first that helps is
    offered (proposals/remedies.py).
    """

    code: str
    key: str
    severity: Severity
    text: str
    rows: tuple[int, ...] = ()
    dots: tuple[int, ...] = ()
    ways: Ways = ()
    accepted: str | None = None

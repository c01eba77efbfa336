"""A verdict: one finding about the plan, in plain words, with its places and remedies.

Lengths inside a sentence are written `{1.25}`, in millimetres, so that each reader can be shown the unit
they chose; `plain` puts them in millimetres.
"""

import re
from dataclasses import dataclass
from typing import Any, Literal

from ..document.changes import Change

Severity = Literal["serious", "warning", "note"]
Action = Literal["spread slack", "add row"]

MOST_PLACES = 300


@dataclass(frozen=True)
class Remedy:
    """Changes to the document that put the finding right, or an action that has to be reckoned."""

    label: str
    changes: tuple[Change, ...] = ()
    action: Action | None = None


@dataclass(frozen=True)
class Verdict:
    """`key` stays the same while the finding does, so that it can be accepted. `rows` and `dots` are indices."""

    code: str
    key: str
    severity: Severity
    text: str
    rows: tuple[int, ...] = ()
    dots: tuple[int, ...] = ()
    remedies: tuple[Remedy, ...] = ()
    accepted: str | None = None


def mm(length: float) -> str:
    """A length for a sentence."""
    return f"{{{round(length, 4) + 0.0:g}}}"


def plain(text: str) -> str:
    """The sentence with its lengths in millimetres, to a hundredth."""
    return re.sub(r"\{(-?[\d.e-]+)\}", lambda match: f"{round(float(match[1]), 2):g} mm", text)


def change(*path_and_value: Any) -> Change:
    """change("rows", 2, "gap", 0.4): the last argument is the value."""
    return Change(path=tuple(path_and_value[:-1]), value=path_and_value[-1])

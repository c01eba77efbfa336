"""Documents of earlier versions brought up to the present one: one module for each step, pure functions on JSON.

A step takes a document of its version and answers the next one. It never fails on a document that its version took:
what it does not know it leaves alone, for the models to judge.
"""

from collections.abc import Callable
from typing import Any

from . import from_1

Document = dict[str, Any]
STEPS: tuple[Callable[[Document], Document], ...] = (from_1.upgraded,)
VERSION = 1 + len(STEPS)


def upgraded(value: Any) -> Any:
    """The document in the present version; anything that is none, or of an unknown version, as it is."""
    version = value.get("version") if isinstance(value, dict) else None
    if not isinstance(version, int) or isinstance(version, bool) or not 1 <= version < VERSION:
        return value
    for step in STEPS[version - 1 :]:
        value = step(value)
    return value

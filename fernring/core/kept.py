"""Results kept for the next who asks: so many of a kind, the latest; what is kept cannot be changed any more."""

from collections import OrderedDict
from collections.abc import Callable, Hashable
from contextlib import suppress
from dataclasses import fields, is_dataclass
from functools import wraps
from typing import Any, Generic, ParamSpec, TypeVar

import numpy as np

from .budget import metered, pay_once

Asked = ParamSpec("Asked")
Result = TypeVar("Result")


class Kept(Generic[Result]):
    """The last `most` results by what was asked, with what each cost to make. Whoever defines one owns what it keeps.

    Each step on the dictionary is whole in itself, so that threads may ask at once: at worst two make the same result.
    """

    def __init__(self, most: int) -> None:
        self.most = most
        self._found: OrderedDict[Hashable, tuple[Result, int]] = OrderedDict()

    def of(self, key: Hashable, make: Callable[[], Result]) -> Result:
        """What was kept for this key, else what `make` gives now."""
        found = self._found.get(key)
        if found is None:
            value, cost = metered(make)
            found = frozen(value), cost
        pay_once((id(self), key), found[1])
        self._found[key] = found
        with suppress(KeyError):
            self._found.move_to_end(key)
            while len(self._found) > self.most:
                self._found.popitem(last=False)
        return found[0]

    def forget(self) -> None:
        self._found.clear()


def kept(most: int) -> Callable[[Callable[Asked, Result]], Callable[Asked, Result]]:
    """Decorator: a function of hashable arguments keeps its last `most` results."""

    def keeping(function: Callable[Asked, Result]) -> Callable[Asked, Result]:
        results = Kept[Result](most)

        @wraps(function)
        def asked(*given: Asked.args, **named: Asked.kwargs) -> Result:
            return results.of((given, tuple(sorted(named.items()))), lambda: function(*given, **named))

        asked.kept = results  # type: ignore[attr-defined]
        return asked

    return keeping


def frozen(value: Result) -> Result:
    """The value itself, with every array in it (also inside tuples, lists, dicts and dataclasses) closed to writing."""
    _freeze(value)
    return value


def _freeze(value: Any) -> None:
    if isinstance(value, np.ndarray):
        value.flags.writeable = False
    elif isinstance(value, tuple | list):
        for part in value:
            _freeze(part)
    elif isinstance(value, dict):
        for part in value.values():
            _freeze(part)
    elif is_dataclass(value) and not isinstance(value, type):
        for field in fields(value):
            _freeze(getattr(value, field.name))

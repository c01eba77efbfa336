"""Results kept for the next who asks: so many of a kind, the latest; what is kept cannot be changed any more."""

from collections import OrderedDict
from collections.abc import Callable, Hashable
from dataclasses import fields, is_dataclass
from threading import Lock
from typing import Any, Generic, ParamSpec, TypeVar

import numpy as np

Asked = ParamSpec("Asked")
Result = TypeVar("Result")


class Kept(Generic[Asked, Result]):
    """A function of hashable arguments that keeps its last `most` results. Whoever defines it owns what it keeps."""

    def __init__(self, most: int, function: Callable[Asked, Result]) -> None:
        self.most = most
        self.function = function
        self._found: OrderedDict[Hashable, Result] = OrderedDict()
        self._lock = Lock()

    def __call__(self, *asked: Asked.args, **named: Asked.kwargs) -> Result:
        key = (asked, tuple(sorted(named.items())))
        with self._lock:
            if key in self._found:
                self._found.move_to_end(key)
                return self._found[key]
        found = frozen(self.function(*asked, **named))
        with self._lock:
            self._found[key] = found
            while len(self._found) > self.most:
                self._found.popitem(last=False)
        return found

    def forget(self) -> None:
        with self._lock:
            self._found.clear()


def kept(most: int) -> Callable[[Callable[Asked, Result]], Kept[Asked, Result]]:
    """Decorator: the function keeps its last `most` results."""
    return lambda function: Kept(most, function)


def frozen(value: Result) -> Result:
    """The value itself, with every array in it (also inside tuples, lists and dataclasses) closed to writing."""
    _freeze(value)
    return value


def _freeze(value: Any) -> None:
    if isinstance(value, np.ndarray):
        value.flags.writeable = False
    elif isinstance(value, tuple | list):
        for part in value:
            _freeze(part)
    elif is_dataclass(value) and not isinstance(value, type):
        for field in fields(value):
            _freeze(getattr(value, field.name))
